import { SPACE_WORDS, valueOf, wordProfile, type OutputSettings } from '@able-frame/core';
import type { Picture } from '../../database/schemas.ts';

/** Which colours a picture has now. */
export function wordColourNow({ facts }: Picture): string {
  const profile = valueOf(facts.profile);
  if (profile) return wordProfile(profile);
  // Files without a profile: what they must be taken for follows from their channels.
  const components = valueOf(facts.components);
  return components === 1 ? 'Grey' : components === 4 ? 'Printing inks' : 'untagged';
}

/** What will become of them. */
export function wordColourNext(
  { facts }: Picture,
  { space, neutral, bitDepth }: Pick<OutputSettings, 'space' | 'neutral' | 'bitDepth'>,
): string {
  const depth = bitDepth === 16 ? ', 16 bits' : '';
  if (neutral && space !== 'grey') return `neutral grey in ${SPACE_WORDS[space]}${depth}`;
  const profile = valueOf(facts.profile);
  if (profile?.space === space) return `kept${depth}`;
  const isTaken = !profile && valueOf(facts.components) === 3 && space === 'srgb';
  return `${isTaken ? 'taken as' : 'to'} ${SPACE_WORDS[space]}${depth}`;
}

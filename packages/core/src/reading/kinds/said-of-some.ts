import { NO_BEFORE } from '../marks/overlay-words.ts';
import { SPEC } from '../common/kind-words.ts';
import type { Group } from '../common/group.ts';

/** Demands that stand among what is said of all kinds of file and name some of them: "No text in icon and header." */

/** What a denial ends with: the kinds it is meant for. */
const MEANT_FOR =
  /\b(?:in|on|over|across) (?:the |your )?(?<kinds>[a-z]+(?: [a-z]+)?(?:(?:, | and | or |, and |, or )(?:in |on )?(?:the |your )?[a-z]+(?: [a-z]+)?){0,3})(?=[.!]?$|, (?:i|we) )/i;

/** "Plans without frames", "the front cover must not show prices": the kind that a denial begins with. */
const OF_ITSELF =
  /^(?:the |your )?(?<kinds>[a-z]+(?: [a-z]+)?) (?:without|(?:must|may|should|can|do|does|is|are|shall) ?(?:not|n['’]t)|cannot)\b/i;

/** A kind as the head of its line or paragraph calls it: "Header ....... 1440 x 480". */
const CALLED = /^\W*(?:the |your )?(?<name>[A-Za-z]+(?: [A-Za-z]+)?)(?=\s*[:(.–—-]|\s{2,}|,? \d)/;

/** What pictures of every kind are called. */
const GENERIC = /^(?:images?|pictures?|photos?|photographs?|files?|works?)$/i;

/** "Plans", "interior pictures": the word that tells the kind. */
const bareOf = (name: string) =>
  name
    .toLowerCase()
    .replace(/ (?:images?|pictures?|photos?|photographs?|files?|versions?)$/, '')
    .replace(/s$/, '');

/** The kinds that a demand names, by their places among the groups; none where it names others, or all of them. */
function namedBy(text: string, called: readonly (readonly string[])[]): number[] {
  if (SPEC.test(text)) return [];
  const behind = NO_BEFORE.test(text) ? MEANT_FOR.exec(text) : null;
  const listed = (behind ?? OF_ITSELF.exec(text))?.groups?.['kinds'] ?? '';
  const those = listed.split(/,? (?:and|or) |, /i).map(name => {
    const bare = bareOf(name.replace(/^(?:in |on )?(?:the |your )?/i, ''));
    return called.findIndex(names => names.includes(bare));
  });
  return those.includes(-1) || those.length === called.length ? [] : those;
}

/**
 * Gives such a demand to the kinds that it names alone.
 * @param groups what is said of all kinds comes first
 */
export function withDemandsOfSome(groups: Group[]): Group[] {
  const [common, ...kinds] = groups;
  if (!common || common.label !== undefined || kinds.length < 2) return groups;
  const called = kinds.map(({ label, segments }) =>
    [label, CALLED.exec(segments[0]?.text ?? '')?.groups?.['name']].flatMap(name =>
      name === undefined || GENERIC.test(name) ? [] : bareOf(name),
    ),
  );
  const meantFor = common.segments.map(({ text }) => namedBy(text, called));
  return [
    { ...common, segments: common.segments.filter((_, i) => !meantFor[i]?.length) },
    ...kinds.map((kind, k) => ({
      ...kind,
      segments: [...kind.segments, ...common.segments.filter((_, i) => meantFor[i]?.includes(k))],
    })),
  ];
}

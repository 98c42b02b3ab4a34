import type { FileFormat } from '../inspect/facts.ts';
import type { Finding, Found } from '../proof/findings.ts';
import { wordCount, wordShare, wordSize, wordTimes } from './numbers.ts';
import { wordAsked } from './word-rule.ts';

export const FORMAT_WORDS: Readonly<Record<FileFormat, string>> = {
  jpeg: 'JPEG',
  png: 'PNG',
  gif: 'GIF',
  tiff: 'TIFF',
  webp: 'WebP',
  heic: 'HEIC',
  pdf: 'PDF',
  video: 'video',
  'camera-raw': 'camera raw',
  text: 'plain text',
  unknown: 'unknown',
};

const SPACE_WORDS = {
  srgb: 'sRGB',
  'adobe-rgb': 'Adobe RGB',
  'display-p3': 'Display P3',
  prophoto: 'ProPhoto RGB',
  other: 'another space',
} as const;

/** The name of a colour space, from the numbers of its profile; the profile's own name where they are unknown. */
export function wordProfile(profile: { space: keyof typeof SPACE_WORDS; description: string }): string {
  if (profile.space !== 'other') return SPACE_WORDS[profile.space];
  return profile.description || 'an unnamed profile';
}

/** What was measured, in a few words. */
export function wordFound(found: Found): string {
  switch (found.kind) {
    case 'size':
    case 'decoded':
      return wordSize(found.widthPx, found.heightPx);
    case 'bytes':
      return `${wordCount(found.bytes)} bytes`;
    case 'format':
      return FORMAT_WORDS[found.format];
    case 'bits':
      return `${found.bits} bits`;
    case 'scan':
      return found.scan;
    case 'ppi':
      return found.x === found.y ? `${found.x} ppi` : `${found.x} by ${found.y} ppi`;
    case 'profile':
      return found.profile.space === 'srgb'
        ? 'sRGB by its numbers'
        : `${wordProfile(found.profile)}${found.profile.space === 'other' ? ', not sRGB by its numbers' : ''}`;
    case 'components':
      return found.components === 1 ? 'a greyscale file' : `${found.components} colour channels`;
    case 'absent':
      return 'none';
    case 'text':
      return `“${found.text}”`;
    case 'name':
      return found.name;
    case 'orientation':
      return found.orientation === 1 ? 'upright' : `a note to turn it (${found.orientation})`;
    case 'whole':
      return 'whole';
    case 'trailing':
      return `${wordCount(found.bytes)} bytes after the end`;
    case 'enlarged':
      return found.scale > 1 ? `enlarged ${wordTimes(found.scale)}` : `reduced to ${wordShare(found.scale)}`;
    case 'unreadable':
      return `could not be read: ${found.why}`;
  }
}

export const VERDICT_WORDS = { met: 'Met', broken: 'Broken', unreadable: 'Could not be read' } as const;

/** Where in the file a fact was read: "SOF0 at byte 158". */
export function wordPlace(finding: Finding): string {
  if (finding.at) return `${finding.at.structure} at byte ${wordCount(finding.at.offset)}`;
  if (finding.asked.kind === 'bytes') return 'length of the file';
  if (finding.asked.kind === 'name') return 'name of the file';
  if (finding.asked.kind === 'second-decoder') return 'full decode by the browser';
  if (finding.asked.kind === 'enlarging') return 'plan';
  return finding.found.kind === 'absent' ? 'looked through every part' : 'whole file';
}

/** A broken or unread rule as one sentence with what to do. */
export function wordFault(finding: Finding): string {
  const asked = `Asked: ${wordAsked(finding.asked)}. Found: ${wordFound(finding.found)}.`;
  return `${asked} ${REMEDIES[finding.asked.kind]}`;
}

const REMEDIES: Readonly<Record<Finding['asked']['kind'], string>> = {
  box: 'Make the file again from the original.',
  'exact-size': 'Make the file again from the original.',
  side: 'Make the file again from the original.',
  ratio: 'Make the file again from the original.',
  enlarging: 'Send a larger original.',
  bytes: 'Make the file again; if it still weighs too much, ask the organiser for a smaller size in pixels.',
  'file-format': 'Make the file again in the format that is asked.',
  'jpeg-scan': 'Make the file again; it is written in the order that is asked.',
  'bit-depth': 'Make the file again with the depth that is asked.',
  ppi: 'Make the file again; the note is written while it is saved.',
  'colour-space': 'Make the file again; colours are converted while it is made.',
  metadata: 'Make the file again; such notes are left out while it is saved.',
  name: 'Rename the file to the name that is asked.',
  'file-is-whole': 'Make the file again; do not send this one.',
  'stands-upright': 'Make the file again; the pixels are turned while it is made.',
  'second-decoder': 'Make the file again; do not send this one.',
};

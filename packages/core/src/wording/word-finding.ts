import type { Finding, Found } from '../proof/findings.ts';
import { printedLength } from '../plan/print-size.ts';
import { wordCount, wordShare, wordSize, wordTimes } from './numbers.ts';
import { FORMAT_WORDS } from './word-format.ts';
import { SPACE_WORDS as OUTPUT_SPACE_WORDS, wordAsked } from './word-rule.ts';

const SPACE_WORDS = { ...OUTPUT_SPACE_WORDS, other: 'another space' } as const;

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
    case 'printed':
      return wordPrinted(found);
    case 'bytes':
      return `${wordCount(found.bytes)} bytes`;
    case 'format':
      return FORMAT_WORDS[found.format];
    case 'bits':
      return `${found.bits} bits`;
    case 'scan':
      return found.scan;
    case 'quality':
      return `quality ${found.quality}${found.chroma ? `, colour ${found.chroma}` : ''}`;
    case 'hue':
      return found.hue === 0 ? 'no hue in any pixel' : `channels differ by up to ${found.hue} of 255`;
    case 'not-added':
      return 'none added';
    case 'ppi':
      return found.x === found.y ? `${found.x} ppi` : `${found.x} by ${found.y} ppi`;
    case 'profile':
      return found.profile.space === 'other'
        ? `${wordProfile(found.profile)}${found.profile.dataSpace === 'GRAY' ? '' : ', not known by its numbers'}`
        : `${wordProfile(found.profile)} by its numbers`;
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

function wordPrinted(found: Extract<Found, { kind: 'printed' }>): string {
  const [width, height] = [found.widthPx, found.heightPx].map(px =>
    printedLength(px, found.unit, found.ppi).toFixed(1),
  );
  return `${wordSize(found.widthPx, found.heightPx)} at ${found.ppi} ppi: ${width} × ${height} ${found.unit}`;
}

export const VERDICT_WORDS = {
  met: 'Met',
  broken: 'Broken',
  unreadable: 'Could not be read',
  yours: 'Yours to declare',
} as const;

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
  megapixels: 'Make the file again from the original.',
  percentage: 'Make the file again from the original.',
  'print-size': 'Make the file again from the original.',
  orientation: 'Choose a picture of the other orientation, or ask the organiser.',
  canvas: 'Make the file again without canvas.',
  quality: 'Make the file again; ask the organiser for more bytes if none of this quality fits.',
  monochrome: 'Make the file again as neutral grey, or choose another picture.',
  'section-monochrome': 'Make the file again as neutral grey, or choose another section.',
  overlay: 'Make the file again without it.',
  enlarging: 'Send a larger original.',
  bytes: 'Make the file again; if it still weighs too much, ask the organiser for a smaller size in pixels.',
  'file-format': 'Make the file again in the format that is asked.',
  'jpeg-scan': 'Make the file again; it is written in the order that is asked.',
  'bit-depth': 'Make the file again with the depth that is asked.',
  ppi: 'Make the file again; the note is written while it is saved.',
  'colour-space': 'Make the file again; colours are converted while it is made.',
  metadata: 'Make the file again; such notes are written or left out while it is saved.',
  name: 'Rename the file to the name that is asked.',
  'file-is-whole': 'Make the file again; do not send this one.',
  'stands-upright': 'Make the file again; the pixels are turned while it is made.',
  'second-decoder': 'Make the file again; do not send this one.',
};

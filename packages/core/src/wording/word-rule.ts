import type { NamePart, NamePattern } from '../rules/name-pattern.ts';
import type { Rule } from '../rules/rule-sheet.ts';
import type { Asked } from '../proof/findings.ts';
import { wordCount, wordSize } from './numbers.ts';

const FORMAT_NAMES = { jpeg: 'JPEG' } as const;
const SIDES = {
  width: 'width',
  height: 'height',
  'long-edge': 'long edge',
  'short-edge': 'short edge',
} as const;

/** A rule in a few words, as a table heading or a line of a card: "exactly 2400 × 1600". */
export function wordRule(rule: Rule): string {
  switch (rule.kind) {
    case 'box':
      return `within ${wordSize(rule.widthPx, rule.heightPx)}${rule.eitherWay ? ', either way round' : ''}`;
    case 'exact-size':
      return `exactly ${wordSize(rule.widthPx, rule.heightPx)}${rule.eitherWay ? ', either way round' : ''}`;
    case 'side':
      return `${SIDES[rule.side]} ${wordRange(rule.minPx, rule.maxPx, n => `${n} px`)}`;
    case 'ratio':
      return `ratio ${rule.ratios.map(r => `${r.width} : ${r.height}`).join(' or ')}${rule.eitherWay ? ', either way round' : ''}`;
    case 'enlarging':
      return rule.allowed ? 'may be enlarged' : 'never enlarged';
    case 'bytes':
      return wordRange(rule.minBytes, rule.maxBytes, n => `${wordCount(n)} bytes`);
    case 'file-format':
      return rule.formats.map(format => FORMAT_NAMES[format]).join(' or ');
    case 'jpeg-scan':
      return `${rule.scan} JPEG`;
    case 'bit-depth':
      return `${rule.bits} bits`;
    case 'ppi':
      return `${rule.ppi} ppi`;
    case 'colour-space':
      return rule.profile === 'embedded' ? 'sRGB, profile in the file' : 'sRGB';
    case 'metadata':
      return rule.field === 'location' ? 'no location in the file' : 'no author name in the file';
  }
}

/** What a finding held the file to. */
export function wordAsked(asked: Asked): string {
  switch (asked.kind) {
    case 'name':
      return asked.expected === undefined
        ? `named by ${wordNamePattern(asked.pattern, asked.detailLabels)}`
        : `called ${asked.expected}`;
    case 'file-is-whole':
      return 'whole, with nothing after its end';
    case 'stands-upright':
      return 'upright without a turning note';
    case 'second-decoder':
      return 'opens in a second program at the same size';
    default:
      return wordRule(asked);
  }
}

/** One sentence a beginner can read about what a rule is for. */
export function explainRule(kind: Asked['kind']): string {
  return EXPLANATIONS[kind];
}

const EXPLANATIONS: Readonly<Record<Asked['kind'], string>> = {
  box: 'A limit, not a required size: the picture keeps its own shape and must fit inside.',
  'exact-size': 'Every file has just these pixels; what does not fit the shape is cut away, never squashed.',
  side: 'One side is limited and the other follows, so the picture keeps its shape.',
  ratio: 'The shape of the picture, whatever its size: width against height.',
  enlarging: 'Making more pixels than the camera took gives a soft picture.',
  bytes: 'The weight of the file. KB and MB are read in thousands, the stricter way for an upper limit.',
  'file-format': 'The kind of file, told from its own first bytes and not from its name.',
  'jpeg-scan': 'The order in which the picture is stored; some players can show only one of the two.',
  'bit-depth': 'How finely each colour is stored. A JPEG always has 8 bits.',
  ppi: 'A note inside the file for printers. It does not change the pixels.',
  'colour-space': 'The colours are stored so that every screen and projector shows them alike.',
  metadata: 'Notes inside the file that a viewer does not see, but an organiser can read.',
  name: 'What the file is called, letter by letter.',
  'file-is-whole': 'A file cut short opens half grey; bytes after the end are somebody else’s.',
  'stands-upright':
    'Some projectors ignore the note that says “turn me”, so the pixels themselves stand upright.',
  'second-decoder': 'A program that did not make the file opens all of it.',
};

/** A name pattern in words: "section code, member number, running number with 2 digits, title". */
export function wordNamePattern(
  pattern: NamePattern,
  detailLabels: Readonly<Record<string, string>>,
): string {
  return pattern.parts
    .filter(part => part.kind !== 'text' || /[A-Za-z0-9]/.test(part.text))
    .map(part => wordNamePart(part, detailLabels))
    .join(', ');
}

export function wordNamePart(part: NamePart, detailLabels: Readonly<Record<string, string>>): string {
  switch (part.kind) {
    case 'text':
      return `“${part.text}”`;
    case 'title':
      return 'title';
    case 'section-code':
      return 'section';
    case 'detail':
      return (detailLabels[part.detail] ?? part.detail).toLowerCase();
    case 'number':
      return 'number';
  }
}

function wordRange(min: number | undefined, max: number | undefined, word: (n: number) => string): string {
  if (min !== undefined && min === max) return `exactly ${word(min)}`;
  if (min !== undefined && max !== undefined) return `from ${word(min)} to ${word(max)}`;
  if (max !== undefined) return `at most ${word(max)}`;
  return min === undefined ? 'free' : `at least ${word(min)}`;
}

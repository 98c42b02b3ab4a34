import type { NamePart, NamePattern } from '../rules/name-pattern.ts';
import type { Bound, Rule, RuleOf } from '../rules/rule.ts';
import type { Asked } from '../proof/findings.ts';
import { FORMAT_WORDS } from './word-format.ts';
import { wordCount, wordSize } from './numbers.ts';

export const SIDE_WORDS = {
  width: 'width',
  height: 'height',
  'long-edge': 'long edge',
  'short-edge': 'short edge',
} as const;

export const SPACE_WORDS = {
  srgb: 'sRGB',
  'adobe-rgb': 'Adobe RGB',
  'display-p3': 'Display P3',
  prophoto: 'ProPhoto RGB',
  grey: 'greyscale',
} as const;

export const OVERLAY_WORDS = { border: 'border', caption: 'caption', 'text-mark': 'text mark' } as const;

/**
 * A weight in the organiser's own words where these are a figure alone ("at most 1.5 MB"); a range, or words with a
 * bound of their own ("over 300 KB but under 2 MB"), is said as it was taken.
 */
export function wordWeight(rule: RuleOf<'bytes'>): string {
  const isFigure = rule.minBytes === undefined && /^\d[\d.,]* ?[a-z]+$/i.test(rule.written ?? '');
  return isFigure ? `at most ${rule.written ?? ''}` : wordRule(rule);
}

/** A rule in a few words, as a table heading or a line of a card: "exactly 2400 × 1600". */
export function wordRule(rule: Rule): string {
  switch (rule.kind) {
    case 'box':
      return `within ${wordSize(rule.widthPx, rule.heightPx)}${eitherWay(rule)}`;
    case 'exact-size':
      return `exactly ${wordSize(rule.widthPx, rule.heightPx)}${eitherWay(rule)}`;
    case 'side':
      return `${SIDE_WORDS[rule.side]} ${wordRange(rule.minPx, rule.maxPx, n => `${n} px`)}`;
    case 'ratio':
      return `ratio ${rule.ratios.map(r => `${r.width} : ${r.height}`).join(' or ')}${eitherWay(rule)}`;
    case 'megapixels':
      return wordRange(rule.min, rule.max, n => `${n} megapixels`);
    case 'percentage':
      return `${rule.percent} % of the original`;
    case 'print-size':
      return wordPrintSize(rule);
    case 'orientation':
      return rule.allowed.join(' or ');
    case 'enlarging':
      return rule.allowed ? 'may be enlarged' : 'never enlarged';
    case 'canvas':
      return rule.allowed
        ? `plain canvas may be added${rule.colour ? `, in ${rule.colour}` : ''}`
        : 'no canvas added';
    case 'bytes':
      return wordRange(rule.minBytes, rule.maxBytes, n => `${wordCount(n)} bytes`);
    case 'file-format':
      return rule.formats.map(format => FORMAT_WORDS[format]).join(' or ');
    case 'jpeg-scan':
      return `${rule.scan} JPEG`;
    case 'bit-depth':
      return `${rule.bits} bits`;
    case 'ppi':
      return `${boundWords(rule.bound)}${rule.ppi} ppi`;
    case 'quality':
      return wordQuality(rule);
    case 'colour-space':
      return wordColour(rule);
    case 'monochrome':
      return 'monochrome: no hue anywhere';
    case 'metadata':
      return wordMetadata(rule);
    case 'overlay':
      return rule.allowed
        ? `a ${OVERLAY_WORDS[rule.overlay]} is allowed`
        : `no ${OVERLAY_WORDS[rule.overlay]}`;
  }
}

const eitherWay = (rule: { eitherWay: boolean }) => (rule.eitherWay ? ', either way round' : '');

const boundWords = (bound: Bound) =>
  bound === 'exactly' ? '' : bound === 'at-least' ? 'at least ' : 'at most ';

function wordPrintSize(rule: RuleOf<'print-size'>): string {
  const sides =
    rule.longEdge !== undefined
      ? `long edge ${rule.longEdge}`
      : rule.width !== undefined && rule.height !== undefined
        ? `${rule.width} × ${rule.height}`
        : rule.width !== undefined
          ? `${rule.width} wide`
          : `${rule.height ?? '?'} high`;
  return `prints at ${boundWords(rule.bound)}${sides} ${rule.unit}, ${rule.ppi} ppi${eitherWay(rule)}`;
}

function wordQuality(rule: RuleOf<'quality'>): string {
  const parts = [
    ...(rule.least === undefined ? [] : [`quality at least ${rule.least} of 100`]),
    ...(rule.fullChroma ? ['colour at full resolution'] : []),
  ];
  return parts.join(', ') || 'any quality';
}

function wordColour({ space, profile }: RuleOf<'colour-space'>): string {
  const ending = { embedded: ', profile in the file', absent: ', no profile in the file', either: '' };
  return `${SPACE_WORDS[space]}${ending[profile]}`;
}

const FIELD_WORDS = {
  location: 'location',
  author: 'author’s name',
  copyright: 'copyright note',
  camera: 'camera data',
  everything: 'notes at all',
} as const;

function wordMetadata({ field, demand }: RuleOf<'metadata'>): string {
  return `${demand === 'absent' ? 'no ' : ''}${FIELD_WORDS[field]} in the file`;
}

/** What kinds of rule are called where one is chosen. */
export const KIND_WORDS: Readonly<Record<Rule['kind'], string>> = {
  box: 'a box to fit in',
  'exact-size': 'an exact size',
  side: 'a limited side',
  ratio: 'a ratio',
  megapixels: 'megapixels',
  percentage: 'a share of the original size',
  'print-size': 'a size on paper',
  orientation: 'lying, upright or square',
  enlarging: 'enlarging',
  canvas: 'plain canvas',
  bytes: 'a weight',
  'file-format': 'the kind of file',
  'jpeg-scan': 'baseline or progressive',
  'bit-depth': 'bits',
  ppi: 'pixels per inch',
  quality: 'a least quality',
  'colour-space': 'colours and profile',
  monochrome: 'monochrome',
  metadata: 'notes in the file',
  overlay: 'border, caption or text mark',
};

export const GROUP_WORDS = {
  pixels: 'Pixels',
  file: 'File',
  colour: 'Colour',
  metadata: 'Metadata',
  overlay: 'Overlay',
} as const;

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
    case 'section-monochrome':
      return 'monochrome, as its section asks';
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
  megapixels: 'Width times height, in millions of pixels.',
  percentage: 'Width and height as a share of the original’s; the shape stays.',
  'print-size': 'The size on paper. It needs so many pixels, and a note of how closely they are printed.',
  orientation: 'Whether the picture lies, stands upright or is square.',
  canvas: 'Plain colour round a picture that is kept whole, to reach a shape that is asked.',
  quality: 'How much a JPEG may leave out. It is read back from the tables inside the file.',
  monochrome: 'A colour file may be sent, but red, green and blue are alike in every pixel.',
  'section-monochrome': 'This section takes pictures without any hue.',
  overlay: 'Something drawn over or round the picture. What the picture itself shows is yours to declare.',
  enlarging: 'Making more pixels than the camera took gives a soft picture.',
  bytes: 'The weight of the file. KB and MB are read in thousands, the stricter way for an upper limit.',
  'file-format': 'The kind of file, told from its own first bytes and not from its name.',
  'jpeg-scan': 'The order in which the picture is stored; some players can show only one of the two.',
  'bit-depth': 'How finely each colour is stored. A JPEG always has 8 bits; TIFF and PNG can have 16.',
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
    case 'deliverable':
      return 'kind of file';
    case 'date':
      return part.of === 'taken' ? 'date taken' : 'closing date';
  }
}

function wordRange(min: number | undefined, max: number | undefined, word: (n: number) => string): string {
  if (min !== undefined && min === max) return `exactly ${word(min)}`;
  if (min !== undefined && max !== undefined) return `from ${word(min)} to ${word(max)}`;
  if (max !== undefined) return `at most ${word(max)}`;
  return min === undefined ? 'free' : `at least ${word(min)}`;
}

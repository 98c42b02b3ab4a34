import type { RuleKind } from '@able-frame/core';

/** The fields by which a person puts a rule right, as data. Every one explains itself. */
export type RuleField =
  | { type: 'number'; key: string; label: string; hint: string; isOptional?: true; allowsFraction?: true }
  | { type: 'weight'; key: string; label: string; hint: string }
  | { type: 'choice'; key: string; label: string; hint: string; options: Readonly<Record<string, string>> }
  | { type: 'several'; key: string; options: Readonly<Record<string, string>> }
  | { type: 'yes-no'; key: string; label: string }
  | { type: 'ratios'; label: string; hint: string }
  | { type: 'colour'; key: string; label: string; hint: string }
  | { type: 'detail'; key: string; label: string; hint: string };

const px = (key: string, label: string, hint: string): RuleField => ({ type: 'number', key, label, hint });
const upTo = (key: string, label: string, hint: string): RuleField => ({
  type: 'number',
  key,
  label,
  hint,
  isOptional: true,
});
const EITHER_WAY: RuleField = { type: 'yes-no', key: 'eitherWay', label: 'either way round' };
const BOUND: RuleField = {
  type: 'choice',
  key: 'bound',
  label: 'How strictly',
  hint: 'Whether just this is asked, or more or less will do.',
  options: { exactly: 'exactly', 'at-least': 'at least', 'at-most': 'at most' },
};
const ALLOWED: RuleField = { type: 'yes-no', key: 'allowed', label: 'allowed' };

export const RULE_FIELDS: Readonly<Record<RuleKind, readonly RuleField[]>> = {
  box: [
    px('widthPx', 'Width, px', 'The most pixels from left to right.'),
    px('heightPx', 'Height, px', 'The most pixels from top to bottom; upright pictures are limited by it.'),
    EITHER_WAY,
  ],
  'exact-size': [
    px('widthPx', 'Width, px', 'Every file is just so wide.'),
    px('heightPx', 'Height, px', 'Every file is just so high.'),
    EITHER_WAY,
  ],
  side: [
    {
      type: 'choice',
      key: 'side',
      label: 'Side',
      hint: 'The long edge is the longer of the two, whichever way the picture stands.',
      options: { width: 'width', height: 'height', 'long-edge': 'long edge', 'short-edge': 'short edge' },
    },
    upTo('minPx', 'At least, px', 'Empty: no least.'),
    upTo('maxPx', 'At most, px', 'Empty: no greatest. The same number in both fields means exactly.'),
  ],
  ratio: [
    {
      type: 'ratios',
      label: 'Ratios',
      hint: 'Width to height, as 3:2. Several with commas: any of them will do.',
    },
    {
      type: 'number',
      key: 'tolerance',
      label: 'Tolerance',
      hint: 'Greatest difference as a share: 0.005 is half a part in a hundred.',
      allowsFraction: true,
    },
    EITHER_WAY,
  ],
  megapixels: [
    {
      type: 'number',
      key: 'min',
      label: 'At least, megapixels',
      hint: 'Millions of pixels.',
      isOptional: true,
      allowsFraction: true,
    },
    {
      type: 'number',
      key: 'max',
      label: 'At most, megapixels',
      hint: 'Empty: no greatest.',
      isOptional: true,
      allowsFraction: true,
    },
  ],
  percentage: [
    {
      type: 'number',
      key: 'percent',
      label: 'Per cent',
      hint: 'Of the original’s width and height: 50 halves both.',
      allowsFraction: true,
    },
  ],
  'print-size': [
    {
      type: 'number',
      key: 'width',
      label: 'Width on paper',
      hint: 'Empty: free.',
      isOptional: true,
      allowsFraction: true,
    },
    {
      type: 'number',
      key: 'height',
      label: 'Height on paper',
      hint: 'Empty: free.',
      isOptional: true,
      allowsFraction: true,
    },
    {
      type: 'number',
      key: 'longEdge',
      label: 'Or the long edge',
      hint: 'Instead of width and height.',
      isOptional: true,
      allowsFraction: true,
    },
    {
      type: 'choice',
      key: 'unit',
      label: 'In',
      hint: 'The unit the organiser uses.',
      options: { mm: 'millimetres', cm: 'centimetres', in: 'inches' },
    },
    px('ppi', 'Pixels per inch', 'How closely it is printed; with the size it gives the pixels.'),
    BOUND,
    EITHER_WAY,
  ],
  orientation: [
    { type: 'several', key: 'allowed', options: { lying: 'lying', upright: 'upright', square: 'square' } },
  ],
  enlarging: [ALLOWED],
  canvas: [
    ALLOWED,
    { type: 'colour', key: 'colour', label: 'Colour', hint: 'As #ffffff, where one is asked. Empty: any.' },
  ],
  bytes: [
    {
      type: 'weight',
      key: 'minBytes',
      label: 'At least',
      hint: 'Empty: no least. “20 KB” is taken as 20,000 bytes.',
    },
    {
      type: 'weight',
      key: 'maxBytes',
      label: 'At most',
      hint: '“2 MB” is taken as 2,000,000 bytes, the stricter way.',
    },
  ],
  'file-format': [
    { type: 'several', key: 'formats', options: { jpeg: 'JPEG', png: 'PNG', tiff: 'TIFF', webp: 'WebP' } },
  ],
  'jpeg-scan': [
    {
      type: 'choice',
      key: 'scan',
      label: 'Scan',
      hint: 'Baseline is drawn line by line, progressive first coarse and then fine.',
      options: { baseline: 'baseline', progressive: 'progressive' },
    },
  ],
  'bit-depth': [
    {
      type: 'choice',
      key: 'bits',
      label: 'Bits',
      hint: '16 need TIFF or PNG.',
      options: { '8': '8', '16': '16' },
    },
  ],
  ppi: [px('ppi', 'ppi', 'A note for printers; no pixel changes.'), BOUND],
  quality: [
    upTo('least', 'Least quality', 'From 1 to 100. Other programs’ scales of 10 or 12 differ.'),
    { type: 'yes-no', key: 'fullChroma', label: 'colour at full resolution (4:4:4)' },
  ],
  'colour-space': [
    {
      type: 'choice',
      key: 'space',
      label: 'Colours',
      hint: 'sRGB suits screens; the others need programs that look at the profile.',
      options: {
        srgb: 'sRGB',
        'adobe-rgb': 'Adobe RGB',
        'display-p3': 'Display P3',
        prophoto: 'ProPhoto RGB',
        grey: 'greyscale',
      },
    },
    {
      type: 'choice',
      key: 'profile',
      label: 'Profile',
      hint: 'The note in the file that says which colours its numbers mean.',
      options: { embedded: 'in the file', absent: 'not in the file', either: 'in the file or not' },
    },
  ],
  monochrome: [],
  metadata: [
    {
      type: 'choice',
      key: 'field',
      label: 'About',
      hint: 'Notes that travel inside the file.',
      options: {
        location: 'the place',
        author: 'the author',
        copyright: 'copyright',
        camera: 'the camera’s data',
        everything: 'everything',
      },
    },
    {
      type: 'choice',
      key: 'demand',
      label: 'Has to be',
      hint: 'Whether the note must be there or must not.',
      options: { absent: 'left out', present: 'in the file' },
    },
    {
      type: 'detail',
      key: 'detail',
      label: 'Filled from',
      hint: 'A detail you give, or what the original says.',
    },
  ],
  overlay: [
    {
      type: 'choice',
      key: 'overlay',
      label: 'What',
      hint: 'Something drawn over or round the picture.',
      options: { border: 'border', caption: 'caption', 'text-mark': 'text mark' },
    },
    ALLOWED,
  ],
};

/** “3:2, 4:3” as ratios; undefined when it is not written so. */
export function parseRatios(written: string): { width: number; height: number }[] | undefined {
  const pairs = written.split(/[,;]|\bor\b/).map(part => /^\s*([\d.]+)\s*[:x×/]\s*([\d.]+)\s*$/.exec(part));
  const ratios = pairs.flatMap(m => (m ? [{ width: Number(m[1]), height: Number(m[2]) }] : []));
  return ratios.length && ratios.length === pairs.length ? ratios : undefined;
}

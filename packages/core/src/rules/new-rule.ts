import type { Rule, RuleKind, RuleOf } from './rule.ts';

/** What a rule begins with when a person adds it by hand. */
const BEGINNINGS: { readonly [K in RuleKind]: Omit<RuleOf<K>, 'id' | 'level' | 'quote'> } = {
  box: { kind: 'box', widthPx: 1920, heightPx: 1080, eitherWay: false },
  'exact-size': { kind: 'exact-size', widthPx: 1920, heightPx: 1080, eitherWay: false },
  side: { kind: 'side', side: 'long-edge', maxPx: 2000 },
  ratio: { kind: 'ratio', ratios: [{ width: 3, height: 2 }], eitherWay: true, tolerance: 0.005 },
  megapixels: { kind: 'megapixels', min: 12 },
  percentage: { kind: 'percentage', percent: 50 },
  'print-size': {
    kind: 'print-size',
    width: 30,
    height: 20,
    unit: 'cm',
    ppi: 300,
    bound: 'exactly',
    eitherWay: true,
  },
  orientation: { kind: 'orientation', allowed: ['lying'] },
  enlarging: { kind: 'enlarging', allowed: false },
  canvas: { kind: 'canvas', allowed: true },
  bytes: { kind: 'bytes', maxBytes: 2_000_000, written: '2 MB' },
  'file-format': { kind: 'file-format', formats: ['jpeg'] },
  'jpeg-scan': { kind: 'jpeg-scan', scan: 'baseline' },
  'bit-depth': { kind: 'bit-depth', bits: 8 },
  ppi: { kind: 'ppi', ppi: 300, bound: 'exactly' },
  quality: { kind: 'quality', least: 90, fullChroma: false },
  'colour-space': { kind: 'colour-space', space: 'srgb', profile: 'embedded' },
  monochrome: { kind: 'monochrome' },
  metadata: { kind: 'metadata', field: 'author', demand: 'absent' },
  overlay: { kind: 'overlay', overlay: 'text-mark', allowed: false },
};

/** A rule of a kind with sensible beginnings. */
export function newRule(kind: RuleKind, id: string): Rule {
  return { ...BEGINNINGS[kind], id, level: 'must' } as Rule;
}

import type { Rule, RuleKind } from '@able-frame/core';

/** Kinds that can be added by hand, with the values they begin with. */
export const NEW_RULES: readonly { kind: RuleKind; label: string; make: (id: string) => Rule }[] = [
  {
    kind: 'box',
    label: 'a box to fit in',
    make: id => ({ id, level: 'must', kind: 'box', widthPx: 1920, heightPx: 1080, eitherWay: false }),
  },
  {
    kind: 'exact-size',
    label: 'an exact size',
    make: id => ({ id, level: 'must', kind: 'exact-size', widthPx: 1920, heightPx: 1080, eitherWay: false }),
  },
  {
    kind: 'side',
    label: 'a limited side',
    make: id => ({ id, level: 'must', kind: 'side', side: 'long-edge', maxPx: 2000 }),
  },
  {
    kind: 'bytes',
    label: 'a weight',
    make: id => ({ id, level: 'must', kind: 'bytes', maxBytes: 2_000_000 }),
  },
  { kind: 'ppi', label: 'pixels per inch', make: id => ({ id, level: 'must', kind: 'ppi', ppi: 300 }) },
  {
    kind: 'colour-space',
    label: 'sRGB with its profile',
    make: id => ({ id, level: 'must', kind: 'colour-space', space: 'srgb', profile: 'embedded' }),
  },
  {
    kind: 'file-format',
    label: 'JPEG',
    make: id => ({ id, level: 'must', kind: 'file-format', formats: ['jpeg'] }),
  },
  {
    kind: 'jpeg-scan',
    label: 'a baseline JPEG',
    make: id => ({ id, level: 'must', kind: 'jpeg-scan', scan: 'baseline' }),
  },
  {
    kind: 'metadata',
    label: 'no author name in the file',
    make: id => ({ id, level: 'must', kind: 'metadata', field: 'author', demand: 'absent' }),
  },
];

/** An id that no rule of the list has yet. */
export function freeRuleId(rules: readonly Rule[], kind: RuleKind): string {
  for (let i = 1; ; i++) {
    const id = `${kind}-by-hand-${i}`;
    if (!rules.some(rule => rule.id === id)) return id;
  }
}

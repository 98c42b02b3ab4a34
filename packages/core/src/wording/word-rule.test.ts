import { expect, it } from 'vitest';
import { wordWeight } from './word-rule.ts';

const BASE = { id: 'weight', level: 'must', kind: 'bytes' } as const;

it.each([
  ['a figure alone', { maxBytes: 1_500_000, written: '1.5 MB' }, 'at most 1.5 MB'],
  [
    'a range',
    { minBytes: 300_000, maxBytes: 2_000_000, written: 'over 300 KB but under 2 MB' },
    'from 300,000 bytes to 2,000,000 bytes',
  ],
  [
    'a least weight, which is no greatest one',
    { minBytes: 500_000, written: '500 KB' },
    'at least 500,000 bytes',
  ],
  [
    'a figure with its unit behind a bound',
    { maxBytes: 2_000_000, written: 'under 2 MB' },
    'at most 2,000,000 bytes',
  ],
])('words %s', (_, weight, said) => {
  expect(wordWeight({ ...BASE, ...weight })).toBe(said);
});

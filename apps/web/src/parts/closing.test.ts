import { expect, it } from 'vitest';
import { wordClosing } from './closing.ts';

const now = new Date(2026, 10, 23, 18, 0);

it.each([
  ['2027-02-14T23:59', 'closes Sunday 14 February 2027, 23:59 · in 83 days'],
  ['2026-12-01T12:00', 'closes Tuesday 1 December, 12:00 · in 8 days'],
  ['2026-11-24T01:00', 'closes Tuesday 24 November, 01:00 · tomorrow'],
  ['2026-11-23T20:00', 'closes Monday 23 November, 20:00 · today'],
  ['2026-11-23T17:59', 'closed Monday 23 November, 17:59'],
])('%s → %s', (at, words) => {
  expect(wordClosing({ at }, now)).toBe(words);
});

it('says nothing where no date is given', () => {
  expect(wordClosing(undefined, now)).toBeUndefined();
});

import fc from 'fast-check';
import { expect, it } from 'vitest';
import { segmentText } from './segments.ts';

const sentences = (text: string) => segmentText(text).map(s => s.text);

it('cuts at sentences and lines, not at decimals, abbreviations and times', () => {
  expect(sentences('Files of max. 2.5 MB. Send them by 5 p.m. on Monday.\nNo borders!')).toEqual([
    'Files of max. 2.5 MB.',
    'Send them by 5 p.m. on Monday.',
    'No borders!',
  ]);
});

it('begins sentences with small letters where the text does', () => {
  expect(sentences('jpegs please. max. 2 mb each. no borders. send them by friday.')).toEqual([
    'jpegs please.',
    'max. 2 mb each.',
    'no borders.',
    'send them by friday.',
  ]);
});

it('keeps a short answer with its question', () => {
  expect(sentences('Can I add a border? No.\nHow many?\nA: Six.')).toEqual([
    'Can I add a border? No.',
    'How many?\nA: Six.',
  ]);
});

it('gives every sentence its true place', () => {
  const text = fc
    .array(
      fc.constantFrom('Send JPEG.', ' ', '\n', '1. ', 'max. 2 MB', '? ', 'A: no', 'x'.repeat(700), ';', '\t'),
    )
    .map(parts => parts.join(''));
  fc.assert(
    fc.property(text, whole => {
      for (const { text: own, start } of segmentText(whole))
        expect(whole.slice(start, start + own.length)).toBe(own);
    }),
    { numRuns: 500 },
  );
});

import { sentencesOf } from '@able-frame/core';
import { expect, it } from 'vitest';
import { markText, unclaimedAmong } from './mark-text.ts';

const text = 'Welcome.\nJPEG, at most 2 Mb.\n';
const claim = (field: string, start: number, end: number) => ({ field, deliverable: 0, start, end });
const lines = [
  { id: 'format', claims: [claim('formats', 9, 13)] },
  { id: 'bytes', claims: [claim('bytesMax', 23, 27)] },
];
const questions = [{ field: 'bytesMax', text: 'unit', start: 23, end: 27 }];

it('cuts a text into runs that put together are the text', () => {
  const runs = markText(text, sentencesOf(text), lines, questions);
  expect(runs.map(r => r.text).join('')).toBe(text);
  expect(runs.find(r => r.text === 'JPEG')?.lines).toEqual(['format']);
  expect(runs.find(r => r.text === '2 Mb')).toMatchObject({ lines: ['bytes'], isDoubtful: true });
});

it('tells sentences apart that nobody claimed, in one line as well', () => {
  const letter =
    'Welcome back.\nJPEG, please. The tea that we serve in the small room\ncosts 1.50 a cup. Bring a friend.';
  const at = letter.indexOf('JPEG');
  const read = [{ id: 'format', claims: [claim('formats', at, at + 4)] }];
  const runs = markText(letter, sentencesOf(letter), read, []);
  expect(runs.map(r => r.text).join('')).toBe(letter);
  expect(runs.filter(r => !r.isClaimed).map(r => r.text)).toEqual([
    'Welcome back.',
    'The tea that we serve in the small room\ncosts 1.50 a cup.',
    'Bring a friend.',
  ]);
  expect(runs.find(r => r.text === ', please.')?.isClaimed).toBe(true);
  expect(unclaimedAmong(sentencesOf(letter), read)).toHaveLength(3);
});

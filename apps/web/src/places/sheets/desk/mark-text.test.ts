import { expect, it } from 'vitest';
import { markText } from './mark-text.ts';

const text = 'Welcome.\nJPEG, at most 2 Mb.\n';
const claim = (field: string, start: number, end: number) => ({ field, deliverable: 0, start, end });
const lines = [
  { id: 'format', claims: [claim('formats', 9, 13)] },
  { id: 'bytes', claims: [claim('bytesMax', 23, 27)] },
];
const questions = [{ field: 'bytesMax', text: 'unit', start: 23, end: 27 }];

it('cuts a text into runs that put together are the text', () => {
  const runs = markText(text, lines, questions);
  expect(runs.map(r => r.text).join('')).toBe(text);
  expect(runs.find(r => r.text === 'JPEG')?.lines).toEqual(['format']);
  expect(runs.find(r => r.text === '2 Mb')).toMatchObject({ lines: ['bytes'], isDoubtful: true });
});

it('tells lines apart that nobody claimed', () => {
  const runs = markText(text, lines, []);
  expect(runs.find(r => r.text.startsWith('Welcome'))?.isClaimed).toBe(false);
  expect(runs.find(r => r.text.includes('at most'))?.isClaimed).toBe(true);
});

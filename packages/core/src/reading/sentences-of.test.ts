import { describe, expect, it } from 'vitest';
import { sentenceAround, sentencesOf } from './sentences-of.ts';

const quote = (text: string, words: string) =>
  sentenceAround(text, { start: text.indexOf(words), end: text.indexOf(words) + words.length });

it('finds the sentences of a text, wrapped ones whole', () => {
  const text =
    '> The longest side of a picture in this class must\n> not exceed 2400 pixels. JPEG!\n> - sRGB';
  expect(sentencesOf(text).map(({ start, end }) => text.slice(start, end))).toEqual([
    'The longest side of a picture in this class must\n> not exceed 2400 pixels.',
    'JPEG!',
    '- sRGB',
  ]);
});

describe('the sentence round some words', () => {
  it.each([
    ['5.3  No more than 1400 pixels wide.', '1400 pixels', 'No more than 1400 pixels wide.'],
    ['Files: max. 2.5 MB each. No borders.', '2.5 MB', 'Files: max. 2.5 MB each.'],
    ['JPEG. It shan’t be larger than 2 MB, please.', '2 MB', 'It shan’t be larger than 2 MB, please.'],
    [
      '> The longest side of a picture in this class must\n> not exceed 2400 pixels. Thanks',
      '2400 pixels',
      'The longest side of a picture in this class must not exceed 2400 pixels.',
    ],
    ['☐ sRGB\n☐ JPEG', 'JPEG', 'JPEG'],
  ])('in %j', (text, words, sentence) => {
    expect(quote(text, words)).toBe(sentence);
  });

  it('reaches over two sentences where the words do', () => {
    expect(quote('JPEG. Only in sRGB. Thanks.', 'JPEG. Only')).toBe('JPEG. Only in sRGB.');
  });
});

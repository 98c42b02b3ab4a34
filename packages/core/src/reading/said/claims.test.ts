import { expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** The words of a text that gave each field: what a person sees underlined. */
function claimed(text: string): Record<string, string[]> {
  const words: Record<string, string[]> = {};
  for (const { field, start, end } of readRules(text).claims)
    (words[field] ??= []).push(text.slice(start, end));
  return words;
}

it('holds the sentence that limits every section, apart from the list of them', () => {
  expect(claimed('Categories: Birds, Fish and Plants. The limit per category is four.')['sections']).toEqual([
    'Categories: Birds, Fish and Plants.',
    'The limit per category is four.',
  ]);
});

it('holds the list alone where it gives the limit itself', () => {
  expect(claimed('Categories (up to 3 images each): Birds, Fish, Plants.')['sections']).toEqual([
    'Categories (up to 3 images each): Birds, Fish, Plants.',
  ]);
});

it('holds the sentence that tells a name of somebody', () => {
  const text = 'JPEG. For example member 12 would send Low Tide as 12_Low Tide.jpg';
  expect(claimed(text)['naming.parts']).toEqual([
    'For example member 12 would send Low Tide as 12_Low Tide.jpg',
  ]);
});

it('holds the figures of each kind of file, where one sentence speaks of two', () => {
  const text =
    'The large file must have 3000 pixels on the long side, the small file 800 pixels. The large file must not exceed 10 MB, the small one 500 KB.';
  expect(claimed(text)).toMatchObject({
    longEdge: ['3000 pixels', '800 pixels'],
    bytesMax: ['10 MB', '500 KB'],
  });
});

it('holds the words that take a rule over from another kind of file', () => {
  const text =
    'Photograph: JPG, 240 x 320 pixels, 30 to 80 KB.\nSignature: 280 x 80 pixels, 10 to 30 KB, same format as the photograph.';
  expect(claimed(text)['formats']).toEqual(['JPG', 'same format as the photograph']);
});

it('holds the hour that the next sentence gives beside the day', () => {
  const { closes } = claimed('The form closes on 2 May 2027. It is switched off at 18:00.');
  expect(closes).toEqual(['2 May 2027', '18:00']);
});

it('holds words, and no space beside them', () => {
  const words = claimed('JPEG. If your software asks for a resolution, 72 is as good as any.');
  expect(words['ppi']).toEqual(['If your software asks for a resolution, 72']);
});

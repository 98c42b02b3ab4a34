import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

const MAIN = 'Please send JPEG files, 2000 pixels on the longest side, up to 5 MB each.';
const exactly = (span: object | null | undefined) => ({ exact: undefined, ...span }).exact;
const sizesOf = (text: string) =>
  readRules(text).deliverables.map(d => [exactly(d.longEdge), exactly(d.width), d.bytesMax]);
const BOTH = [
  [2000, undefined, 5_000_000],
  [undefined, 400, 80_000],
];

describe('one more kind of file', () => {
  it.each([
    'And a thumbnail: JPEG, 400 x 300 pixels, at most 80 KB.',
    'Also wanted: a contact sheet, PNG, 400 x 300 pixels, at most 80 KB.',
    'In addition, a portrait of yourself is needed. It must be 400 x 300 pixels, JPEG, at most 80 KB.',
    'Besides the pictures themselves we ask for a poster (JPEG, 400 x 300 pixels, at most 80 KB).',
    'Please add an overview. 400 x 300 pixels. JPEG. Keep it under 80 KB.',
    'With every entry comes a banner. 400 x 300 pixels, PNG, at most 80 KB.',
    'The portrait is separate: JPEG, 400 x 300 pixels, at most 80 KB.',
    'Layout plan: a further JPEG, 400 x 300 pixels, at most 80 KB.',
  ])('%s', added => {
    for (const gap of ['\n\n', '\n', ' ']) expect(sizesOf(`${MAIN}${gap}${added}`)).toEqual(BOTH);
  });

  it('is none where a sentence goes on about the same pictures, or adds a paper', () => {
    for (const behind of [
      'Also a landscape picture must be under 5 MB.',
      'And a statement: PDF, at most 1 MB.',
    ])
      expect(sizesOf(`${MAIN}\n${behind}`)).toEqual([BOTH[0]]);
  });
});

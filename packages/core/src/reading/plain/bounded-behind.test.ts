import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

const sizeOf = (text: string) => {
  const [file] = readRules(text).deliverables;
  return file?.longEdge ?? [file?.width ?? null, file?.height ?? null];
};
const EDGE = 'The pictures should have 1920 pixels on the longest side.';
const BOX = 'Your image is 1920 x 1200 pixels.';

describe('a size that the next sentence bounds', () => {
  it.each([
    'This is the maximum.',
    'Nothing bigger, please.',
    'Anything larger is refused.',
    'Smaller is fine.',
    'Larger pictures are accepted, smaller ones are not.',
    'You may go below that, but never above.',
    'Please do not send anything smaller.',
    'They may be larger.',
    'This must not be exceeded.',
    'Smaller files will be returned.',
  ])('%s', behind => {
    const key = /bigger|Anything larger|Smaller is|maximum|above|exceeded/.test(behind) ? 'max' : 'min';
    for (const gap of [' ', '\n', '\n- ']) expect(sizeOf(`${EDGE}${gap}${behind}`)).toEqual({ [key]: 1920 });
    expect(sizeOf(`${BOX} ${behind}`)).toEqual([{ [key]: 1920 }, { [key]: 1200 }]);
  });

  it('stays as it is where the next sentence speaks of something else, or has a figure of its own', () => {
    for (const behind of [
      'Larger prints are on show.',
      'That is the size of the screen.',
      'Smaller than 5 MB is fine.',
    ])
      expect(sizeOf(`${EDGE} ${behind}`)).toEqual({ exact: 1920 });
    expect(sizeOf('At most 1920 pixels on the longest side. Larger is fine in print.')).toEqual({
      max: 1920,
    });
  });
});

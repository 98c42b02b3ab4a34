import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

const LAYOUTS: readonly ((head: string, things: readonly string[]) => string)[] = [
  (head, things) => `${head}:\n${things.map(thing => `- ${thing}`).join('\n')}`,
  (head, things) => `${head.toUpperCase()}\n${things.join('\n')}`,
  (head, things) => `${head}: ${things.join('; ')}.`,
  (head, things) => `${head} – ${things.join(', ')}.`,
  (head, things) => `Format${' '.repeat(28)}JPEG\n${head.padEnd(34)}${things.join(', ')}`,
];

const overlaysOf = (text: string) => {
  const file = readRules(text).deliverables[0];
  return [file?.watermark ?? null, file?.border ?? null];
};

describe('lists of what is turned down, and of what is not', () => {
  it.each([
    ['Not accepted', 'forbidden'],
    ['Excluded are', 'forbidden'],
    ['Please no', 'forbidden'],
    ['Never', 'forbidden'],
    ['What to leave out', 'forbidden'],
    ['Reasons for rejection', 'forbidden'],
    ['We refuse pictures with', 'forbidden'],
    ['Allowed are', 'allowed'],
    ['We have nothing against', 'allowed'],
  ])('are understood under "%s"', (head, verdict) => {
    for (const layout of LAYOUTS) {
      const text = `JPEG, sRGB, 2400 px on the long side.\n\n${layout(head, ['frames', 'collages', 'date stamps'])}\n\nThree pictures each.`;
      expect(overlaysOf(text), text).toEqual([verdict, verdict]);
    }
  });

  it('give no format and no colour space', () => {
    const read = readRules('Format: JPEG.\n\nNot accepted:\n- TIFF\n- PNG\n- CMYK');
    expect([read.deliverables[0]?.formats, read.deliverables[0]?.colourSpace]).toEqual([['jpeg'], null]);
  });

  it('leave to the sentence what it says otherwise', () => {
    expect(overlaysOf('JPEG.\n\nAllowed: a thin border, but no text.')).toEqual(['forbidden', 'allowed']);
    expect(overlaysOf('JPEG.\n\nNot allowed:\n- borders wider than 3 pixels\n- logos')).toEqual([
      'forbidden',
      'allowed',
    ]);
  });
});

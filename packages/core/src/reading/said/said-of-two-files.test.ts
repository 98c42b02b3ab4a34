import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** Two files of one picture, each with demands of its own, in the ways in which organisers tell them apart. */

interface File {
  format: string;
  size: string;
  colour: string;
  weight: string;
}

const SMALL: File = { format: 'JPEG', size: 'long edge 1600 px', colour: 'sRGB', weight: 'up to 2 MB' };
const LARGE: File = {
  format: 'TIFF',
  size: 'at least 5000 px on the long side',
  colour: 'Adobe RGB',
  weight: 'not over 80 MB',
};
const all = ({ format, size, colour, weight }: File) => [format, size, colour, weight].join(', ');

const WAYS: readonly ((first: string, second: string) => string)[] = [
  (a, b) =>
    `We need two files of every work: one for the ${a} (${all(SMALL)}) and one for the ${b} (${all(LARGE)}).`,
  (a, b) => `1. A file for the ${a}: ${all(SMALL)}\n2. A file for the ${b}: ${all(LARGE)}`,
  (a, b) =>
    `The file for the ${a} is a JPEG in sRGB, ${SMALL.size}, ${SMALL.weight}. The file for the ${b} is a TIFF in Adobe RGB, ${LARGE.size}, ${LARGE.weight}.`,
  (a, b) => `* the ${a} file – ${all(SMALL)}\n* the ${b} file – ${all(LARGE)}`,
  (a, b) =>
    `Digital files for the ${a}\nPlease submit JPEGs in sRGB. The files should have ${SMALL.size} and be ${SMALL.weight}.\n\nDigital files for the ${b}\nPlease submit TIFFs in Adobe RGB. The files should have ${LARGE.size} and be ${LARGE.weight}.`,
  (a, b) =>
    [
      'Format: A JPEG / B TIFF',
      `Size: A ${SMALL.size} / B ${LARGE.size}`,
      `Weight: A ${SMALL.weight} / B ${LARGE.weight}`,
      'Colour: A sRGB / B Adobe RGB',
    ]
      .join('\n')
      .replace(/\bA (?=J|l|u|s)/g, `${a} `)
      .replace(/\bB /g, `${b} `),
  (a, b) =>
    `File | Format | Size | Colour | Weight\n${a} | ${Object.values(SMALL).join(' | ')}\n${b} | ${Object.values(LARGE).join(' | ')}`,
];

describe('two files of one picture', () => {
  it.each([
    ['website', 'book'],
    ['screen', 'wall'],
    ['catalogue', 'archive'],
    ['jury', 'printer'],
  ])('are told apart for the %s and the %s', (first, second) => {
    for (const way of WAYS) {
      const text = `Up to three works.\n\n${way(first, second)}\n\nEntries close on 12 March 2027.`;
      const read = readRules(text).deliverables.map(d => [d.formats, d.longEdge, d.colourSpace, d.bytesMax]);
      expect(read, text).toEqual([
        [['jpeg'], { exact: 1600 }, 'sRGB', 2_000_000],
        [['tiff'], { min: 5000 }, 'AdobeRGB', 80_000_000],
      ]);
    }
  });

  it('gives what is said of the photograph alone to the photograph', () => {
    const table =
      'Document    Size          Format\nPhotograph  350 x 450 px  JPEG\nSignature   350 x 110 px  JPEG\n\nNo date may be printed on the photograph.';
    expect(readRules(table).deliverables.map(d => d.watermark)).toEqual(['forbidden', null]);
  });
});

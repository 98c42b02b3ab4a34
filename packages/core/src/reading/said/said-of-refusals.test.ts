import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** What a file is refused for, and what is turned down in lists, in the layouts in which organisers write them. */

const facts = (text: string) => {
  const { deliverables, naming, maxFiles } = readRules(text);
  const [file] = deliverables;
  return {
    longEdge: file?.longEdge ?? null,
    bytesMax: file?.bytesMax ?? null,
    bytesMin: file?.bytesMin ?? null,
    formats: file?.formats ?? null,
    colourSpace: file?.colourSpace ?? null,
    border: file?.border ?? null,
    watermark: file?.watermark ?? null,
    location: file?.metadata.location ?? null,
    spaces: naming.spaces,
    maxFiles,
  };
};

const LAYOUTS: readonly ((head: string, items: readonly string[]) => string)[] = [
  (head, items) => `${head}\n${items.map(item => `• ${item}`).join('\n')}`,
  (head, items) => `${head}:\n${items.map((item, i) => `${i + 1}. ${item}`).join('\n')}`,
  (head, items) => `${head}\n${items.map(i => i.slice(0, 1).toUpperCase() + i.slice(1)).join('\n')}`,
  (head, items) => `${head}: ${items.join('; ')}.`,
];

const NOTHING = facts('');
/** What most of the lists come to. */
const ASKED = {
  ...NOTHING,
  longEdge: { min: 1600 },
  bytesMax: 5_000_000,
  formats: ['jpeg'],
  colourSpace: 'sRGB',
  border: 'forbidden',
  watermark: 'forbidden',
  location: 'remove',
};

describe.each(LAYOUTS.map((layout, i) => [i, layout] as const))('in layout %i', (_, layout) => {
  it.each([
    'A file will be rejected if',
    'Your picture is refused when',
    'We have to turn a picture down if',
    'A picture cannot be shown if',
    'Your upload fails if',
  ])('%s', head => {
    const items = [
      'it is larger than 5 MB',
      'the longest side is shorter than 1600 pixels',
      'the format is not JPEG',
      'it isn’t in sRGB',
      'there is a border round it',
      'a watermark is visible',
      'it contains GPS data',
      'the file name has spaces',
      'it has been shown before',
    ];
    expect(facts(layout(head, items))).toEqual({
      ...ASKED,
      spaces: 'forbidden',
    });
  });

  it.each(['Not accepted', 'What we cannot use', 'We turn down', 'Excluded are'])('%s', head => {
    const items = [
      'files of more than 5 MB',
      'images with less than 1600 px on the longest side',
      'formats other than JPEG',
      'pictures that are not in sRGB',
      'frames of any kind',
      'pictures with watermarks',
      'files with location data',
      'more than 4 pictures per person',
      'collages',
    ];
    expect(facts(layout(head, items))).toEqual({
      ...ASKED,
      maxFiles: 4,
    });
  });

  it.each(['Please do not', 'DON’T', 'Members may not', 'Things not to do'])('%s', head => {
    const items = [
      'send files of more than 5 MB',
      'go below 1600 px on the longest side',
      'add a border',
      'sign the picture',
      'use spaces in the file name',
      'enter more than 4',
      'convert to Adobe RGB',
    ];
    expect(facts(layout(head, items))).toEqual({
      ...NOTHING,
      longEdge: { min: 1600 },
      bytesMax: 5_000_000,
      border: 'forbidden',
      watermark: 'forbidden',
      spaces: 'forbidden',
      maxFiles: 4,
    });
  });
});

it('reads the clauses of a sentence, and what goes on about the same thing', () => {
  expect(
    facts('A file is refused if it is under 50 KB or over 4 MB, or if its name has spaces.'),
  ).toMatchObject({ bytesMin: 50_000, bytesMax: 4_000_000, spaces: 'forbidden' });
});

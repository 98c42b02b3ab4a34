import { expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

it.each<[what: string, table: string, sections: [string | null, string, number | null][]]>([
  [
    'columns of names, codes and limits, and one of something else',
    `Section            Code   Images   Colour mode
Colour             C      4        RGB
Monochrome         M      4        RGB (not greyscale)
Nature             N      4        RGB`,
    [
      ['C', 'Colour', 4],
      ['M', 'Monochrome', 4],
      ['N', 'Nature', 4],
    ],
  ],
  [
    'a section told by its letter, with a subject beside it',
    `| Class | Subject | Maximum |
|---|---|---|
| A | Colour prints | 4 |
| B | Mono prints | 4 |
| C | Under 16s | 2 |`,
    [
      ['A', 'Colour prints', 4],
      ['B', 'Mono prints', 4],
      ['C', 'Under 16s', 2],
    ],
  ],
  [
    'a sum below, which is no section',
    `Category            Max. photos
Street life         3
The sea (S)         2
Total               5`,
    [
      [null, 'Street life', 3],
      ['S', 'The sea', 2],
    ],
  ],
  [
    'a row of items that are counted',
    `Classes
1. Flowers   2. Vegetables   3. Visitors with wings   4. Sheds

One photograph per person in each class.`,
    [
      ['1', 'Flowers', 1],
      ['2', 'Vegetables', 1],
      ['3', 'Visitors with wings', 1],
      ['4', 'Sheds', 1],
    ],
  ],
  [
    'a numbered rule whose list has semicolons',
    '2.3 The categories are: Mammals; Birds; Insects and Spiders; Habitats.',
    [
      [null, 'Mammals', null],
      [null, 'Birds', null],
      [null, 'Insects and Spiders', null],
      [null, 'Habitats', null],
    ],
  ],
  [
    'names told apart by their colour',
    `Sections
A. Open (monochrome)      max. 4 images
B. Open (colour)          max. 4 images
C. Water (colour or mono) max. 4 images`,
    [
      ['A', 'Open (monochrome)', 4],
      ['B', 'Open (colour)', 4],
      ['C', 'Water', 4],
    ],
  ],
  [
    'age groups',
    'Age groups: Cubs (C), Scouts (S)',
    [
      ['C', 'Cubs', null],
      ['S', 'Scouts', null],
    ],
  ],
  [
    'a table of files, which names no section',
    `Category        Format   Width
Photograph      JPEG     400 px
Signature       JPEG     300 px`,
    [],
  ],
])('%s', (_, table, sections) => {
  expect(readRules(table).sections.map(({ code, label, limit }) => [code, label, limit])).toEqual(sections);
});

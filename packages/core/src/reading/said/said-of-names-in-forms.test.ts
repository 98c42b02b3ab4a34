import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** Names of files described in many forms, each with the same parts and an example. */

interface Name {
  parts: string[];
  words: string[];
  /** The mark between its parts, and what it is called. */
  mark: readonly [mark: string, name: string];
  example: string;
}

const and = (words: readonly string[]) => `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

const FORMS: readonly ((name: Name) => string)[] = [
  ({ words, example }) => `File names: ${words.join(', ')}, for example ${example}.`,
  ({ words, mark, example }) =>
    `Please give each file a name consisting of the ${and(words)}, with a ${mark[1]} between them: ${example}`,
  ({ words, mark, example }) =>
    `How to name your files: first the ${words.join(`, then a ${mark[1]}, then the `)}. So ${example} would be right.`,
  ({ words, example }) =>
    `Every file must carry the ${and(words)} in its name, in this order (e.g. ${example}).`,
  ({ words, example }) => `Call your files something like ${example}, that is the ${words.join(', ')}.`,
  ({ words, example }) => `Naming of files: ${words.map(word => `[${word}]`).join('')}, thus ${example}.`,
  ({ words, mark, example }) =>
    `The file name must show the ${and(words)} in that order, separated by ${mark[1]}s. For example: ${example}`,
];

const NAMES: readonly Name[] = [
  {
    parts: ['title', 'entry number'],
    words: ['title', 'entry form number'],
    mark: ['_', 'underscore'],
    example: 'The Old Pier_5521.jpg',
  },
  {
    parts: ['club code', 'sequence', 'title'],
    words: ['three-letter club code', 'running number', 'title of the picture'],
    mark: ['-', 'hyphen'],
    example: 'MRL-01-Low Tide at Dawn.jpg',
  },
  {
    parts: ['surname', 'title', 'year'],
    words: ['family name', 'image title', 'year'],
    mark: ['_', 'underscore'],
    example: 'Oakes_Evening Mist_2027.jpg',
  },
  {
    parts: ['section code', 'student number', 'sequence'],
    words: ['section letter', 'student number', 'two-digit number'],
    mark: ['_', 'underscore'],
    example: 'N_2201187_03.jpg',
  },
];

describe('parts of a name', () => {
  it.each(NAMES)('are read in every form: $example', name => {
    const wanted = name.parts.flatMap((part, i) => (i ? [`text:${name.mark[0]}`, part] : [part]));
    for (const form of FORMS) {
      const { naming } = readRules(`JPEG, at most 2 MB.\n\n${form(name)}`);
      expect({ parts: naming.parts, example: naming.example }, form(name)).toEqual({
        parts: wanted,
        example: name.example,
      });
    }
  });

  it.each([
    [
      'Name your images as follows: LastName_Title_YYYY.jpg',
      ['surname', 'text:_', 'title', 'text:_', 'year'],
    ],
    ['Filename format: Species-YYYY-MM-DD-Initials.jpg', ['species', 'text:-', 'date', 'text:-', 'initials']],
    [
      'The file name is the title, followed by the membership number in square brackets: Breaking Wave [0231].jpg',
      ['title', 'text: [', 'member number', 'text:]'],
    ],
    ['Name: site, date, running number, e.g. SAL_20270612_01.jpg', null],
  ])('%s', (text, parts) => {
    expect(readRules(text).naming.parts).toEqual(parts);
  });
});

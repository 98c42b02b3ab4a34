import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

const sectionsOf = (text: string) => readRules(text).sections.map(s => [s.label, s.limit]);

describe('sections with a heading each', () => {
  it('have the limit of the line below', () => {
    const text =
      'Three sections are open to all:\n\nSTREET\nUp to 4 works.\n\nStill Life\nUp to 2 works.\n\nRivers\nUp to 3 works.';
    expect(sectionsOf(text)).toEqual([
      ['STREET', 4],
      ['Still Life', 2],
      ['Rivers', 3],
    ]);
    expect(readRules(text).maxFiles).toBeNull();
  });

  it('are none where only one heading has a number below it', () => {
    expect(sectionsOf('What to send\nUp to 4 works.\n\nHow to send it\nBy mail.')).toEqual([]);
  });
});

describe('names of sections', () => {
  it.each([
    [
      'Sections: Town, Sea and Shore and Rivers, up to two images in each.',
      ['Town', 'Sea and Shore', 'Rivers'],
    ],
    ['Sections: Weather (max. 2), Sea and Shore (max. 3).', ['Weather', 'Sea and Shore']],
    [
      'Sections\n1. Open Monochrome\n2. Black and White\nFour works per section.',
      ['Open Monochrome', 'Black and White'],
    ],
    [
      'You may enter 6 images in all: up to four in The Human Form, up to two in Plants.',
      ['The Human Form', 'Plants'],
    ],
    ['Each club enters 8 images: 2 Portraits and 6 The Human Form.', ['Portraits', 'The Human Form']],
  ])('%s', (text, labels) => {
    expect(sectionsOf(text).map(([label]) => label)).toEqual(labels);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alignExample, wordsFor } from './align-example.ts';

const surname = fc.stringMatching(/^[A-Z][a-z]{2,8}$/);
const word = fc.stringMatching(/^[A-Z][a-z]{1,7}$/);
const number = fc.stringMatching(/^\d{3,4}$/);
const mark = fc.constantFrom('_', '-', ' - ', '__');

describe('alignExample', () => {
  it('finds the marks again that a name was joined with', () => {
    fc.assert(
      fc.property(surname, word, number, mark, (name, title, member, joint) => {
        const example = [member, name, title].join(joint);
        expect(alignExample(`${example}.jpg`, ['member number', 'surname', 'title'])).toEqual([
          'member number',
          `text:${joint}`,
          'surname',
          `text:${joint}`,
          'title',
        ]);
      }),
    );
  });

  it('gives back parts that make the example again, or nothing', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^[A-Za-z\d _-]{1,30}$/),
        fc.array(fc.constantFrom('title', 'sequence', 'surname', 'section code'), {
          minLength: 2,
          maxLength: 4,
        }),
        (stem, parts) => {
          const aligned = alignExample(`${stem}.jpg`, parts);
          if (aligned) expect(aligned.filter(part => !part.startsWith('text:'))).toEqual(parts);
        },
      ),
    );
  });

  it.each<[string, string[], string[]]>([
    [
      'HolmJR_B.jpg',
      ['surname', 'initials', 'section code'],
      ['surname', 'initials', 'text:_', 'section code'],
    ],
    [
      'A117_03.jpg',
      ['section code', 'club number', 'sequence'],
      ['section code', 'club number', 'text:_', 'sequence'],
    ],
    ['Old Gate (118).jpg', ['title', 'member number'], ['title', 'text: (', 'member number', 'text:)']],
    ['Red Kite by Sam Holt.jpg', ['title', 'author'], ['title', 'text: by ', 'author']],
    [
      '2JH Morning.jpg',
      ['section code', 'initials', 'title'],
      ['section code', 'initials', 'text: ', 'title'],
    ],
  ])('%s', (example, parts, aligned) => {
    expect(alignExample(example, parts)).toEqual(aligned);
  });

  it('says nothing where an example has another shape', () => {
    expect(alignExample('Sunset.jpg', ['member number', 'title'])).toBeUndefined();
    expect(alignExample(`${'A_'.repeat(60)}1.jpg`, ['title', 'sequence'])).toBeUndefined();
  });

  it('tells which words of an example stand for a part', () => {
    const parts = ['member number', 'sequence', 'title'];
    expect(wordsFor('sequence', '117_2_Quiet Water.jpg', parts)).toBe('2');
    expect(wordsFor('member number', '117_2_Quiet Water.jpg', parts)).toBe('117');
    expect(wordsFor('year', '117_2_Quiet Water.jpg', parts)).toBeUndefined();
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inPlainWording } from './plain-wording.ts';
import { readRules } from './read-rules.ts';

describe('the plain wording of a text', () => {
  it.each([
    ['Files shall not exceed 2 MB.', 'Files must not exceed 2 MB.'],
    ['FILES SHALL BE JPEG', 'FILES MUST BE JPEG'],
    ['It mustn’t be larger.', 'It must not be larger.'],
    ["Can't be opened", 'Cannot be opened'],
    ['☐ Square, 600 px', '• Square, 600 px'],
    ['> > JPEG only\n> sRGB', '> JPEG only\nsRGB'],
    ['## Size\n**Format:** JPEG', 'Size\nFormat: JPEG'],
    ['§ 3.1 Format: JPEG', '3.1. Format: JPEG'],
    ['at 300 pixels per inch', 'at 300 ppi'],
    ['the longer edge', 'the longest side'],
    ['not later than 4 May', 'no later than 4 May'],
  ])('%j is %j', (given, plain) => {
    expect(inPlainWording(given).text).toBe(plain);
  });

  it('keeps names of files to the letter', () => {
    const text = 'for example Don’t_Look_Shall We.jpg';
    expect(inPlainWording(text).text).toBe(text);
  });

  it('leads back to the words as given', () => {
    const given = 'It shan’t be larger. The filename is the title.';
    const { text, given: place } = inPlainWording(given);
    const words = (plain: string) =>
      given.slice(...place(text.indexOf(plain), text.indexOf(plain) + plain.length));
    expect(words('must not')).toBe('shan’t');
    // A word is never half another.
    expect(words('not')).toBe('shan’t');
    expect(words('larger')).toBe('larger');
    expect(words('file name')).toBe('filename');
    expect(words('title.')).toBe('title.');
  });

  it('leads to places inside the text, in their order, whatever it holds', () => {
    const piece = fc.oneof(
      fc.constantFrom(
        'shall ',
        'don’t ',
        '**',
        '> ',
        '☐',
        '§ 4 ',
        '\n',
        '\u200b',
        'filename',
        ' 2 megabytes',
        'a.jpg ',
      ),
      fc.string({ maxLength: 6 }),
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 40 }), pieces => {
        const given = pieces.join('');
        const { text, given: place } = inPlainWording(given);
        const before = [0, 0];
        for (let at = 0; at <= text.length; at++) {
          const [start, end] = [place(at, text.length)[0], place(0, at)[1]];
          expect(start).toBeGreaterThanOrEqual(before[0] ?? 0);
          expect(end).toBeGreaterThanOrEqual(before[1] ?? 0);
          expect(Math.max(start, end)).toBeLessThanOrEqual(given.length);
          [before[0], before[1]] = [start, end];
        }
      }),
    );
  });
});

describe('what a reading tells of its text', () => {
  const given = [
    '**Photographs** shall be JPEG.',
    '> They mustn’t be greater than 2 megabytes.',
    'Categories: A Single photographs (4), B Photos of birds (2)',
  ].join('\n');
  const reading = readRules(given);

  it('names the very words that gave a rule', () => {
    const claim = reading.claims.find(c => c.field === 'bytesMax');
    expect(given.slice(claim?.start, claim?.end)).toBe('2 megabytes');
  });

  it('calls sections as the organiser does', () => {
    expect(reading.sections.map(s => s.label)).toEqual(['Single photographs', 'Photos of birds']);
  });
});

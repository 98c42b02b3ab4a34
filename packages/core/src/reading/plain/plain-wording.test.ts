import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inPlainWording } from './plain-wording.ts';
import { readRules } from '../read-rules.ts';

describe('the plain wording of a text', () => {
  it.each([
    ['Files shall not exceed 2 MB.', 'Files must not exceed 2 MB.'],
    ['FILES SHALL BE JPEG', 'FILES MUST BE JPEG'],
    ['It mustn’t be larger.', 'It must not be larger.'],
    ["Can't be opened", 'Cannot be opened'],
    ['☐ Square, 600 px', '• Square, 600 px'],
    ['> > JPEG only\n> sRGB', 'JPEG only\nsRGB'],
    ['Files\n\n> JPEG\n> sRGB\n\nBy mail.\nTwo each.', 'Files\n\n• JPEG\n• sRGB\n\nBy mail.\nTwo each.'],
    [`a 4${' '.repeat(900)}of them`, `a 4${' '.repeat(80)}of them`],
    ['## Size\n**Format:** JPEG', 'Size\nFormat: JPEG'],
    ['§ 3.1 Format: JPEG', '3.1. Format: JPEG'],
    ['at 300 pixels per inch', 'at 300 ppi'],
    ['the longer edge', 'the longest side'],
    ['not later than 4 May', 'no later than 4 May'],
    ['the greater dimension', 'the longest side'],
    ['sRGB IEC61966-2.1, embedded', 'sRGB, embedded'],
    ['Adobe RGB 1998', 'Adobe RGB'],
    ['Files are to be JPEG and are not to be cropped.', 'Files must be JPEG and must not be cropped.'],
    ['Entrants are required to send', 'Entrants must send'],
    ['It is not permitted to add borders', 'It is not permitted to add borders'],
    ['Four works for each section', 'Four works per section'],
    ['12 for one section, 3 for each further one', '12 for one section, 3 for each further one'],
    ['as many as 5 pictures', 'up to 5 images'],
    ['4 (four) images', '4 images'],
    ['1 920 x 1 080 pix', '1920 x 1080 pixels'],
    ['2.5 Mo, 400 Ko', '2.5 MB, 400 KB'],
    ['31 January at 23h59', '31 January at 23:59'],
    ['Art. 4 - Format', '4. Format'],
    ['Format | JPEG\nSize\t2 MB', 'Format: JPEG\nSize: 2 MB'],
    ['Section | Limit\nOpen | 4\nSea | 4', 'Section | Limit\nOpen | 4\nSea | 4'],
    ['Side | Proof | Final\nLong | 1500 | 5000', 'Side | Proof | Final\nLong | 1500 | 5000'],
    ['Format - JPEG\nDeadline\n12 May 2027', 'Format: JPEG\nDeadline: 12 May 2027'],
    ['Last day for uploads\n17 January 2027', 'Last day for uploads: 17 January 2027'],
    ['NO BORDERS OR NAMES ON THE IMAGES, PLEASE', 'No borders or names on the images, please'],
    ['SEND JPEG FILES OF 2 MB BY 1 MAY 2027 TO US', 'Send JPEG files of 2 MB by 1 May 2027 to us'],
    ['FOUR WORKS IN EACH OF THE SECTIONS LAND AND SEA', 'FOUR WORKS IN EACH OF THE SECTIONS LAND AND SEA'],
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

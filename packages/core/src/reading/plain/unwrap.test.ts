import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { columnBreaks, doubledBreaks, wrappedBreaks } from './unwrap.ts';

/** A text with its wrapped lines joined. */
function unwrapped(text: string, breaksOf = wrappedBreaks): string {
  const breaks = new Set(breaksOf(text));
  return [...text].map((letter, i) => (breaks.has(i) ? ' ' : letter)).join('');
}

/** Breaks a paragraph at a column, as mail programs do. */
function wrapAt(column: number, paragraph: string): string {
  const lines = [''];
  for (const word of paragraph.split(' ')) {
    const line = lines.at(-1) ?? '';
    if (line && line.length + 1 + word.length > column) lines.push(word);
    else lines[lines.length - 1] = line ? `${line} ${word}` : word;
  }
  return lines.join('\n');
}

describe('wrapped lines', () => {
  it.each([
    [
      'a line that goes on in small letters',
      'The longest side of a picture in this class must not|exceed 2400 pixels',
    ],
    [
      'a line that ends in the middle of a phrase',
      'Pictures for the first round have to be with us by|Friday',
    ],
    [
      'a number with its unit behind the break',
      'Pictures for the first round should be smaller than 2|MB each',
    ],
    ['a limit before the break', 'JPEGs for Friday: max 1600 wide, max|1200 high, max 2 MB, sRGB.'],
    [
      'a day of the week before its date',
      'Morning all, round 4 images by THURSDAY|18 FEB 2027 please, 9 pm.',
    ],
    ['a plus before the last part', 'Name: your initials + 2 digit number +|title all in capitals'],
    ['a year behind the break', 'Submissions for the spring show are open until 1 October|2027.'],
    [
      'a row that ends in the middle of a list',
      'Metadata ....... creator, copyright and caption filled in; GPS|removed',
    ],
    [
      'a list that goes on behind a comma',
      'Not more than two pictures in each of the categories Forest,|Bog and Stone.',
    ],
    [
      'a name between wide spaces',
      'membership number, for example  Autumn Mist_0147.jpg  (spaces within the|title are permitted).',
    ],
    [
      'a counted list',
      'Each club submits fifteen images: five Open (O), five Monochrome (M) and five|Nature (N).',
    ],
    ['letters before names', 'Sections: A – Free (colour), B – Free (monochrome), C – Landscape, D|– Woman'],
    ['a weekday', 'Please get your images to me no later than 6.30pm on Monday|28th September 2026.'],
    ['a broken name', 'The title follows the number of the club, for example  12_Low|Tide.jpg  (or so).'],
    [
      'a number that ends what was begun',
      'One author can enter four photographs with a longer side of exactly|2.400 px',
    ],
    [
      'a day with its month behind the break',
      'Send everything to Nell before 18:00 on Friday 8|January 2027',
    ],
  ])('joins %s', (_, text) => {
    expect(unwrapped(text.replace('|', '\n'))).toBe(text.replace('|', ' '));
  });

  it.each([
    ['items of a list', 'The pictures that we show on the screen must be\n- JPEG\n- in sRGB'],
    ['counted lines', '1 Members may enter as many as four pictures a year\n2 Files are JPEG'],
    ['lines of names with values', 'size: at most 1600 pixels on the longer of the two sides\nformat: jpeg'],
    [
      'rows of a table',
      'Longest edge of the picture        2048 px max        -\nshort edge         -         3000',
    ],
    ['short lines', 'JPEG only\nin sRGB please'],
    [
      'an indented list under a phrase',
      'Ten pictures altogether, spread as you like over any of\n   Birds\n   Mammals',
    ],
  ])('leaves %s alone', (_, text) => {
    expect(unwrapped(text)).toBe(text);
  });

  it('gives back any paragraph that was broken at a column', () => {
    const word = fc.constantFrom(
      'the',
      'picture',
      'JPEG',
      'sRGB',
      'of',
      'Longest',
      'side',
      'pixels',
      'allowed',
      'must',
    );
    const paragraph = fc.array(word, { minLength: 40, maxLength: 90 }).map(words => words.join(' '));
    fc.assert(
      fc.property(paragraph, fc.integer({ min: 60, max: 90 }), (whole, column) => {
        const wrapped = wrapAt(column, whole);
        // A text in which no line goes on in small letters does not show that it is broken at a column.
        fc.pre(/[a-z,]\n[a-z]/.test(wrapped));
        expect(unwrapped(wrapped)).toBe(whole);
      }),
    );
  });
});

describe('lines of a narrow column', () => {
  const RULES =
    'Each member may send up to four pictures. They must be JPEG files, not larger than 2 MB. Nothing may be written on them.';

  it.each([24, 28, 32, 36, 40])('are joined where a text was broken at %i letters', column => {
    expect(unwrapped(wrapAt(column, RULES), columnBreaks)).toBe(RULES);
  });

  it('are joined beside a heading that sticks out and a list in small letters', () => {
    const list = 'dates\njudging 3 May\nresults 5 May';
    const text = `THE AUTUMN COMPETITION OF THE CAMERA CLUB\n\n${wrapAt(30, RULES)}\n\n${list}`;
    expect(unwrapped(text, columnBreaks)).toBe(
      `THE AUTUMN COMPETITION OF THE CAMERA CLUB\n\n${RULES}\n\n${list}`,
    );
  });

  it.each([
    ['short lines in small letters', 'three each\njpg, srgb\nnot over 2 mb\nby friday\nno names on them'],
    [
      'rows with dots',
      'file weight ........ up to 6 MB\ncolour ............. sRGB\nedges .............. none',
    ],
    [
      'rules with letters and numbers',
      'B1. Four pictures of each member\nB2. JPEG files of up to 3 MB\nB3. no lettering at all please',
    ],
  ])('are not seen in %s', (_, text) => {
    expect(unwrapped(text, columnBreaks)).toBe(text);
  });
});

describe('a list with an empty line behind every line', () => {
  const closed = (text: string) =>
    doubledBreaks(text).reduceRight((rest, [from, to]) => rest.slice(0, from) + rest.slice(to), text);

  it('is closed up; two empty lines together leave one', () => {
    expect(closed('PHOTO\n\nJPEG\n\n200 x 230 px\n\n\nSIGNATURE\n\nJPEG\n\n140 x 60 px\n')).toBe(
      'PHOTO\nJPEG\n200 x 230 px\n\nSIGNATURE\nJPEG\n140 x 60 px\n',
    );
  });

  it.each([
    [
      'paragraphs',
      Array.from(
        { length: 8 },
        () => 'Every picture has to be a JPEG file that is not larger than two megabytes.',
      ).join('\n\n'),
    ],
    ['few lines', 'JPEG\n\nsRGB\n\n2 MB'],
    ['a text that has lines together', 'PHOTO\nJPEG\n\nSIGNATURE\n\nPNG\n\n2 MB\n\n3 MB\n\n4 MB'],
  ])('is not seen in %s', (_, text) => {
    expect(closed(text)).toBe(text);
  });
});

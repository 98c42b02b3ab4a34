import { describe, expect, it } from 'vitest';
import { segmentText } from '../common/segments.ts';
import { splitBeside, splitNamed } from './split-named.ts';

const labelsOf = (groups: ReturnType<typeof splitNamed>) =>
  groups?.map(({ label, segments }) => [label, segments.map(s => s.text)]);
const namedIn = (text: string) => labelsOf(splitNamed(segmentText(text)));
const besideIn = (text: string) => labelsOf(splitBeside(segmentText(text)));

describe('kinds of file under any names', () => {
  it('gives a name the sentences that go on about it, and leaves to all what is said of both', () => {
    expect(
      namedIn(
        'Covers are upright. The page is 2551 x 3307 pixels. Inside pictures have 1800 pixels on their short side. Both: JPEG.',
      ),
    ).toEqual([
      [undefined, ['Both: JPEG.']],
      ['cover', ['Covers are upright.', 'The page is 2551 x 3307 pixels.']],
      ['inside', ['Inside pictures have 1800 pixels on their short side.']],
    ]);
  });

  it('cuts a sentence where the next name comes', () => {
    expect(
      namedIn(
        'Send it twice: once as JPEG of 1500 pixels on the long side for the jury, once as TIFF of 5000 pixels on the long side for the printer.',
      ),
    ).toEqual([
      [undefined, ['Send it twice']],
      ['screen', ['once as JPEG of 1500 pixels on the long side for the jury']],
      ['printer', ['once as TIFF of 5000 pixels on the long side for the printer.']],
    ]);
  });

  it.each([
    [
      'Slides must be 1920 x 1080 px. Handouts need 1200 px on the long side, under 300 KB.',
      'slide, handout',
    ],
    [
      'On the website your picture appears at 1200 x 800 px. In the book it is printed at 24 x 16 cm, 300 ppi.',
      'website, print',
    ],
    [
      'The first picture must be 1920 x 1080 px. All the others may be 1200 px on the long side.',
      'first picture, other',
    ],
  ])('tells the kinds of: %s', (text, kinds) => {
    expect(
      namedIn(text)
        ?.slice(1)
        .map(([label]) => label)
        .join(', '),
    ).toBe(kinds);
  });

  it.each([
    'Landscape pictures must be 1400 pixels wide. Portrait pictures must be 1050 pixels high.',
    'Members send JPEGs of 1400 x 1050 pixels. Clubs send JPEGs of 1600 x 1200 pixels.',
    'The exhibition is in May. The catalogue has 48 pages. Files are JPEGs of 1600 pixels on the long side.',
    'The card measures 148 x 105 mm, and boards are 400 x 500 mm.',
  ])('finds no two kinds in: %s', text => {
    expect(namedIn(text)).toBeUndefined();
  });
});

describe('one thing beside the pictures', () => {
  it('takes a contact sheet with its own size out of what is said of them', () => {
    expect(
      besideIn('Ten JPEGs, 2400 px on the long edge. A contact sheet of all, JPEG, 3000 px wide, is added.'),
    ).toEqual([
      [undefined, []],
      ['main', ['Ten JPEGs, 2400 px on the long edge.']],
      ['contact sheet', ['A contact sheet of all, JPEG, 3000 px wide, is added.']],
    ]);
  });

  it.each([
    'JPEG, 1920 px on the long side. If the picture is a portrait then 1200 px high, please.',
    'The size of a photo on the banner is 50 x 50 cm. At 150 dpi that is 2953 x 2953 pixels.',
  ])('finds none in: %s', text => {
    expect(besideIn(text)).toBeUndefined();
  });
});

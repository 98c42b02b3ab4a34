import { describe, expect, it } from 'vitest';
import { segmentText } from '../common/segments.ts';
import { splitDescribed } from './split-described.ts';

const kindsIn = (text: string) =>
  splitDescribed(segmentText(text))?.map(({ label, segments }) => [label, segments.map(s => s.text)]);

describe('kinds of file told by a noun with a description', () => {
  it('cuts a sentence where the next noun has a description of its own', () => {
    expect(kindsIn('Send a team photo (2400 pixels wide) and single portraits (600 x 800 pixels).')).toEqual([
      [undefined, ['Send ']],
      ['team photo', ['a team photo (2400 pixels wide) and ']],
      ['single portraits', ['single portraits (600 x 800 pixels).']],
    ]);
  });

  it('goes on about a file with "it", and leaves to all what is said of both', () => {
    expect(
      kindsIn(
        'The master is a TIFF at 600 ppi. It has 16 bits per channel. The access copy is a JPEG of 2400 pixels on the long side. Both in sRGB.',
      ),
    ).toEqual([
      [undefined, ['Both in sRGB.']],
      ['master', ['The master is a TIFF at 600 ppi.', 'It has 16 bits per channel.']],
      ['access copy', ['The access copy is a JPEG of 2400 pixels on the long side.']],
    ]);
  });

  it.each([
    'Our projector shows 1920 x 1200 pixels and the monitor 1400 x 1050 pixels.',
    'The images are 1600 pixels wide. The pictures are 1600 pixels wide.',
    'Send a JPEG of 1600 x 1200 pixels, not above 2 MB, in sRGB.',
    'The banner is 1600 x 400 pixels.',
  ])('finds no two kinds in: %s', text => {
    expect(kindsIn(text)).toBeUndefined();
  });
});

import { describe, expect, it } from 'vitest';
import { segmentText } from '../common/segments.ts';
import { splitDeliverables } from './split-deliverables.ts';
import { turnRefusals } from '../standing/turn-refusals.ts';

/** The kinds of file that a text is about, each with its sentences; what is meant for all stands under "". */
const kindsIn = (text: string) =>
  Object.fromEntries(
    splitDeliverables(text, segmentText(text)).map(g => [g.label ?? '', g.segments.map(s => s.text)]),
  );

describe('splitDeliverables', () => {
  it('keeps for all kinds what a sentence says before it names them', () => {
    const text =
      'In sRGB please send the cover picture as a TIFF of 4000 x 3000 px, and the back picture as a JPEG of 1500 x 1000 px.';
    expect(kindsIn(text)).toEqual({
      '': ['In sRGB please send '],
      'cover picture': ['the cover picture as a TIFF of 4000 x 3000 px, and '],
      'back picture': ['the back picture as a JPEG of 1500 x 1000 px.'],
    });
  });

  it('leaves a text about one kind whole, even where it contradicts itself', () => {
    for (const text of [
      'JPEG, sRGB, 1400 x 1050 pixels, 2 MB.\nImages must fit within 1400 by 1000 pixels.',
      'JPEG up to 5 MB, PNG up to 10 MB, 2000 px on the longest side.',
      'Landscape: 1920 x 1080 px. Portrait: 1080 x 1920 px. JPEG.',
      'At least 1600 x 1200 px, JPEG, but 2400 x 1800 px is better.',
    ])
      expect(Object.keys(kindsIn(text)), text).toEqual(['']);
  });

  it.each<[string, string, string[]]>([
    ['lines with heads', 'Icon: 1024 x 1024 px, PNG\nBanner: 1920 x 480 px, JPEG', ['thumbnail', 'banner']],
    [
      'items',
      '(a) a portfolio of 10 photographs as JPEG files, 2500 px;\n(b) a portrait of yourself, JPEG, 600 x 800 pixels',
      ['portfolio', 'portrait'],
    ],
    [
      'questions',
      'Q. What size should my photograph be?\nA. 350 x 450 pixels, JPG.\n\nQ. And the signature?\nA. 280 x 80 pixels, JPG.',
      ['portrait', 'signature'],
    ],
    [
      'headings',
      'Profile photo\nJPG, 500 x 500 px, 2 MB\n\nProduct images\nJPG, 1000 x 800 px, 5 MB\n\nTrouble?\nRing us.',
      ['portrait', 'product images'],
    ],
    [
      'rows of a table',
      'Document | Format | Size | Weight\nPhotograph | JPG | 160 x 200 px | 40 KB\nSignature | JPG | 160 x 60 px | 20 KB',
      ['portrait', 'signature'],
    ],
    [
      'nothing but their figures',
      'Record shots are JPEGs of 3000 pixels on the longest side in sRGB. Publication shots are 16-bit TIFFs in ProPhoto RGB of 8000 pixels on the longest side.',
      ['record shot', 'publication shot'],
    ],
    [
      'one sentence',
      'Send a JPEG of 1600 pixels for the jury and a 16-bit TIFF of 6000 pixels for the wall.',
      ['jury', 'wall'],
    ],
  ])('tells kinds apart by %s', (_, text, kinds) => {
    expect(Object.keys(kindsIn(text)).filter(Boolean)).toEqual(kinds);
  });

  it('keeps what is said of all kinds apart', () => {
    const kinds = kindsIn(
      'Master files\nTIFF, 16-bit, 6000 px.\n\nReference files\nJPEG, 8-bit, 1500 px.\n\nBoth sets must keep their EXIF data.',
    );
    expect(kinds['']).toContain('Both sets must keep their EXIF data.');
    expect(kinds['large']).toEqual(['Master files', 'TIFF, 16-bit, 6000 px.']);
  });
});

describe('turnRefusals', () => {
  const turned = (text: string) => turnRefusals(segmentText(text));

  it('turns what is refused into what is asked, each word in its place', () => {
    const text =
      'Your file will be refused if\n* it is less than 50 KB or more than 4 MB\n* it is not a JPEG';
    const segments = turned(text);
    for (const segment of segments)
      expect(segment.text).toHaveLength(text.split('\n')[segment.line]?.length ?? 0);
    expect(segments.map(s => s.text.replace(/ +/g, ' '))).toEqual([
      'Your file will be refused if',
      '* it is at least 50 KB or up to 4 MB',
      '* it a JPEG',
    ]);
  });

  it('takes no rule from what only happened', () => {
    const [, first, second] = turned(
      'Why pictures were turned down\n1. It was only 640 pixels wide.\n2. It had a frame - frames are not allowed.',
    );
    expect(first?.text.trim()).toBe('');
    expect(second?.text).toContain('frames are not allowed');
  });

  it('leaves other sentences as they are', () => {
    const text = 'Files may not be larger than 2 MB. No file is refused without a word.';
    expect(turned(text)).toEqual(segmentText(text));
  });
});

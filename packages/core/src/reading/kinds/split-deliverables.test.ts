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
      'a word and a full stop',
      'Stills. Three from the film, JPEG, at least 1920 px wide.\nPoster. PNG, 1080 x 1527 px.',
      ['stills', 'poster'],
    ],
    [
      'where they are shown',
      'For the printed guide we need one picture, 55 x 75 mm at 300 dpi, JPEG. The website takes up to six, JPEG, 1400 px on the long side.',
      ['printed guide', 'website'],
    ],
    [
      'a name up to a comma',
      '1) Hut from outside, 3:2, 150 mm wide at 300 dpi\n2) Common room, any format, 70 mm wide at 300 dpi',
      ['hut from outside', 'common room'],
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
    [
      'clauses under a number',
      'A.1 Lot 1, objects\nA.1.1 Format: TIFF\nA.1.2 Size: 6000 px on the short side\nA.2 Lot 2, events\nA.2.1 Format: JPEG\nA.2.2 Size: 3000 px on the long side',
      ['lot 1, objects', 'lot 2, events'],
    ],
    [
      'a line beside those that head one each',
      'Months: landscape, 4000 x 3000 pixels\nCover: upright, 3000 x 4000 pixels\nBack page (small pictures): 1500 pixels on the long side\nJPEG, one file up to 20 MB.',
      ['months', 'cover', 'back page'],
    ],
    [
      'headings of one usual word',
      '1. Group photo\n   - at least 3000 px wide\n   - JPG\n2. Single portraits\n   - 800 x 1000 px\n   - PNG',
      ['group photo', 'single portraits'],
    ],
    [
      'headings, two of which differ in weight alone',
      'Single stamps\n600 dpi, JPG, up to 1 MB.\n\nBlocks\n300 dpi, JPG, up to 3 MB.\n\nCovers\n300 dpi, JPG, up to 2 MB.',
      ['single stamps', 'blocks', 'covers'],
    ],
    [
      'brackets with a count before them',
      "We'd like six scenes (JPEG, 3000 px long side, 4 MB), one portrait of the director (JPEG, 2000 px high) and the poster motif (TIFF, 594 x 841 mm at 150 dpi).",
      ['scene', 'portrait', 'poster motif'],
    ],
    [
      'brackets with what each is for behind them',
      'Send 3000 px (long side, JPEG, 6 MB) for the print and 1000 px (long side, JPEG, 400 KB) for the screen.',
      ['print', 'screen'],
    ],
    [
      'one picture of many',
      'One of them must be marked as the lead image. It must be at least 4000 pixels wide.\nAll other images must be at least 2500 pixels on the long side.',
      ['lead image', 'other images'],
    ],
    [
      'what else is the same',
      'Prints: a JPEG of each, 2000 px on the longest side, 2.5 MB.\nDigital section: the same, but 1600 x 1200 px at most.',
      ['main', 'digital section'],
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

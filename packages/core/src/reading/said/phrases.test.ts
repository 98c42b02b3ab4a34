import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';
import type { ReadDeliverable } from '../common/reading.ts';

/** One phrase each, in the words of many organisers, and what it says. The same phrases are the reader's specification. */

const fileOf = (text: string): Partial<ReadDeliverable> => readRules(text).deliverables[0] ?? {};

describe('sizes', () => {
  it.each<[string, Partial<ReadDeliverable>]>([
    ['Images 1400 x 1050 pixels.', { width: { exact: 1400 }, height: { exact: 1050 } }],
    ['Images no larger than 1400 x 1050 pixels.', { width: { max: 1400 }, height: { max: 1050 } }],
    ['1400 pixels wide by 1050 pixels high maximum', { width: { max: 1400 }, height: { max: 1050 } }],
    ['They must fit within 1.400 × 1.050 px.', { width: { max: 1400 }, height: { max: 1050 } }],
    ['max. 1 920 x 1 080 px', { width: { max: 1920 }, height: { max: 1080 } }],
    ['1050 high x 1400 wide, no more', { width: { exact: 1400 }, height: { exact: 1050 } }],
    ['at least 3000 x 2000 pixels', { width: { min: 3000 }, height: { min: 2000 } }],
    [
      'The width must not exceed 1920 pixels and the height must not exceed 1200 pixels.',
      { width: { max: 1920 }, height: { max: 1200 } },
    ],
    ['Width between 1200 and 2560 pixels.', { width: { min: 1200, max: 2560 } }],
    ['2400 px on the longest side', { longEdge: { exact: 2400 } }],
    ['The longest edge must not be longer than 2400 px.', { longEdge: { max: 2400 } }],
    ['Longest edge: 2048 px max', { longEdge: { max: 2048 } }],
    ['not more than 1600 pixels in either direction', { longEdge: { max: 1600 } }],
    ['Between 1500 and 3000 pixels on the long edge.', { longEdge: { min: 1500, max: 3000 } }],
    ['shortest side 3000 px min', { shortEdge: { min: 3000 } }],
    ['a height of exactly 500 pixels', { height: { exact: 500 } }],
    ['210 x 297 mm at 300 dpi', { width: { exact: 2480 }, height: { exact: 3508 }, ppi: { exact: 300 } }],
    [
      '1920 x 1080 px (upright 1080 x 1920 px)',
      { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: true },
    ],
    ['A square image, 800 x 800 px', { ratio: [1, 1], width: { exact: 800 } }],
    [
      'aspect ratio 3:2 or 4:3, JPEG',
      {
        ratio: [
          [3, 2],
          [4, 3],
        ],
      },
    ],
  ])('%s', (text, said) => {
    expect(fileOf(text)).toMatchObject(said);
  });

  it.each([
    'The projector was bought in 1998 and has 1024 lamps.',
    'Winners are shown at 900 px in the catalogue.',
    'Last year the limit was 1400 x 1050 pixels.',
    'Mounts must not exceed 50 x 40 cm.',
    'Ring 01632 960147, room 1400.',
  ])('says nothing: %s', text => {
    expect(readRules(text).deliverables).toEqual([]);
  });
});

describe('weights', () => {
  it.each<[string, Partial<ReadDeliverable>]>([
    ['JPEG, 2 MB max', { bytesMax: 2_000_000 }],
    ['no bigger than 2,5 MB', { bytesMax: 2_500_000 }],
    ['under 400kb', { bytesMax: 400_000 }],
    ['not more than 512 KiB', { bytesMax: 524_288 }],
    ['between 20kb - 50kb', { bytesMin: 20_000, bytesMax: 50_000 }],
    ['no less than 50 KB and no more than 2 MB', { bytesMin: 50_000, bytesMax: 2_000_000 }],
    ['at most 5 megabytes', { bytesMax: 5_000_000 }],
    ['Files bigger than 2 MB will be deleted.', { bytesMax: 2_000_000 }],
    ['500 KB or less', { bytesMax: 500_000 }],
  ])('%s', (text, said) => {
    expect(fileOf(text)).toMatchObject(said);
  });

  it('tells the weight of the package from that of a file', () => {
    expect(readRules('JPEG files, 3 MB each. The zip must be under 40 MB.')).toMatchObject({
      packageBytesMax: 40_000_000,
      deliverables: [{ bytesMax: 3_000_000 }],
    });
  });

  it('doubts megabits, and two limits that differ', () => {
    expect(readRules('JPEG under 2 Mb').questions.map(q => q.field)).toEqual(['bytesMax']);
    const two = readRules('JPEG, up to 3 MB. Files must not exceed 2 MB.');
    expect(two.deliverables[0]?.bytesMax).toBe(2_000_000);
    expect(two.questions.map(q => q.field)).toEqual(['bytesMax']);
  });
});

describe('kind and colour', () => {
  it.each<[string, Partial<ReadDeliverable>]>([
    ['JPG or PNG, sRGB', { formats: ['jpeg', 'png'], colourSpace: 'sRGB' }],
    ['TIFF, not JPEG', { formats: ['tiff'] }],
    ['The profile must be embedded. JPEG.', { profileEmbedded: true }],
    ['Do not embed a colour profile. JPEG.', { profileEmbedded: false }],
    ['16-bit TIFF in Adobe RGB (1998)', { bitDepth: 16, colourSpace: 'AdobeRGB', formats: ['tiff'] }],
    ['24-bit colour JPEG', { bitDepth: 8 }],
    ['a baseline JPEG', { jpegScan: 'baseline' }],
    ['JPEG, not progressive', { jpegScan: 'baseline' }],
    ['JPEG at quality 10 out of 12', { quality: '10/12' }],
    ['JPEG, 90% quality', { quality: '90%' }],
    ['Convert your JPEG from Adobe RGB to sRGB.', { colourSpace: 'sRGB' }],
    ['JPEG, resolution 300 ppi', { ppi: { exact: 300 } }],
    ['JPEG, at least 240 dpi', { ppi: { min: 240 } }],
  ])('%s', (text, said) => {
    expect(fileOf(text)).toMatchObject(said);
  });

  it('tells advice from obligation', () => {
    expect(readRules('JPEG. We recommend sRGB.').advice).toEqual(['colourSpace']);
    expect(readRules('JPEG. Files should be in sRGB.').advice).toEqual([]);
  });
});

describe('what is forbidden, allowed or hidden', () => {
  it.each<[string, Partial<ReadDeliverable>]>([
    ['JPEG. No borders, no watermarks.', { border: 'forbidden', watermark: 'forbidden' }],
    ['JPEG. A thin keyline border is allowed.', { border: 'allowed' }],
    ['JPEG. No image may carry a signature or other mark.', { watermark: 'forbidden' }],
    [
      'JPEG. GPS co-ordinates must be removed.',
      { metadata: { location: 'remove', author: null, strip: null } },
    ],
    ['JPEG. All metadata must be removed.', { metadata: { location: null, author: null, strip: true } }],
    [
      'JPEG. The EXIF data must be left intact.',
      { metadata: { location: null, author: null, strip: false } },
    ],
    [
      'JPEG. The author and copyright fields must be blank.',
      { metadata: { location: null, author: 'forbidden', strip: null } },
    ],
    [
      'JPEG. The creator field is mandatory.',
      { metadata: { location: null, author: 'required', strip: null } },
    ],
    ['All images must be monochrome. JPEG.', { monochrome: true }],
  ])('%s', (text, said) => {
    expect(fileOf(text)).toMatchObject(said);
  });
});

describe('the deadline', () => {
  it.each([
    ['Entries close on 15 January 2027.', '2027-01-15'],
    ['Closing date: 15 January 2027, 23:59 UTC', '2027-01-15T23:59Z'],
    ['Deadline is 28.02.2027.', '2027-02-28'],
    ['Entries close at midnight on Sunday 10 January 2027.', '2027-01-10T23:59'],
    ['Closing date: noon on Saturday, March 13, 2027 (GMT).', '2027-03-13T12:00Z'],
    ['Last day of entry 15 September 2027 at 23:59 CET.', '2027-09-15T23:59+01:00'],
    ['Entries must be submitted by 2027-05-09 18:00 UTC.', '2027-05-09T18:00Z'],
    ['Everything must be in our hands by 1700 hours on 2 October 2027.', '2027-10-02T17:00'],
    ['Send your files by 8.30pm on Wed 3 Feb 2027.', '2027-02-03T20:30'],
    ['Deadline: 14/03/2027.', '2027-03-14'],
    ['The exhibition runs from 20 March 2027.', null],
    ['Judging: 23 January 2027', null],
    ['Send them by 31st August.', null],
    ['Deadline: 04/12/2026.', null],
    ['Deadline: 31 February 2027.', null],
  ])('%s → %s', (text, closes) => {
    expect(readRules(text).closes).toBe(closes);
  });

  it('doubts a date without a year, and one that can be read two ways', () => {
    for (const text of ['Send them by 31st August.', 'Deadline: 04/12/2026.'])
      expect(readRules(text).questions.map(q => q.field)).toEqual(['closes']);
  });
});

describe('entries and sections', () => {
  it.each([
    ['Members may enter up to three images in each round.', 3],
    ['Max 4 per member.', 4],
    ['Four works maximum per artist.', 4],
    ['A maximum of four (4) images may be entered by each photographer.', 4],
    ['Email ONE picture.', 1],
    ['Please upload 10 to 15 images of recent work.', 15],
    ['How many pictures can I enter? Six.', 6],
    ['The judge selected 12 images last year.', null],
    ['Entry fee for 4 images: 12 crowns.', null],
  ])('%s → %s', (text, most) => {
    expect(readRules(text).maxFiles).toBe(most);
  });

  it.each([
    [
      'Sections\nOpen Colour (OC) – up to 4 images\nNature (NT) – up to 3 images',
      [
        ['OC', 'Open Colour', 4],
        ['NT', 'Nature', 3],
      ],
    ],
    [
      '  A  Colour        6\n  B  Monochrome    5',
      [
        ['A', 'Colour', 6],
        ['B', 'Monochrome', 5],
      ],
    ],
    [
      'Birds (not more than 4)\nMammals (not more than 3)',
      [
        [null, 'Birds', 4],
        [null, 'Mammals', 3],
      ],
    ],
    [
      'There are two sections, Open (OP) and Creative (CR), up to four images in each section.',
      [
        ['OP', 'Open', 4],
        ['CR', 'Creative', 4],
      ],
    ],
  ])('%s', (text, rows) => {
    expect(readRules(text).sections.map(s => [s.code, s.label, s.limit])).toEqual(rows);
  });
});

describe('names', () => {
  it.each<[string, string[]]>([
    [
      'Name the file with the title, then an underscore, then your membership number, for example Autumn Mist_0147.jpg',
      ['title', 'text:_', 'member number'],
    ],
    [
      'Naming: the section letter, then your three-figure club number, then an underscore, then the sequence number, e.g. A117_03.jpg',
      ['section code', 'club number', 'text:_', 'sequence'],
    ],
    ['File names: Surname_Firstname_Title.tif', ['surname', 'text:_', 'first name', 'text:_', 'title']],
    ['File names: surname-title, all in lower case.', ['surname', 'text:-', 'title']],
  ])('%s', (text, parts) => {
    expect(readRules(text).naming.parts).toEqual(parts);
  });

  it.each([
    ['File name: title_number.jpg, no spaces.', 'forbidden'],
    ['Call the file Low Tide_12.jpg', 'allowed'],
    ['File names may contain only letters, digits and hyphens.', 'forbidden'],
  ])('%s: spaces %s', (text, spaces) => {
    expect(readRules(text).naming.spaces).toBe(spaces);
  });
});

describe('demands on how the picture is made', () => {
  it.each<[string, Partial<ReadDeliverable>]>([
    ['JPEG files of at least 12 megapixels.', { megapixels: { min: 12 } }],
    ['JPEG, not more than 24 MP.', { megapixels: { max: 24 } }],
    ['JPEG between 8 and 24 megapixels.', { megapixels: { min: 8, max: 24 } }],
    ['JPEG files from a camera of 24 megapixels.', { megapixels: null }],
    ['JPEG only. Do not upscale small images.', { enlarging: false }],
    ['JPEG only. Images must not be enlarged.', { enlarging: false }],
    ['JPEG only. Small images will not be enlarged.', { enlarging: null }],
    ['JPEG only. We do not enlarge small images.', { enlarging: null }],
    ['JPEG. White bars may be added to reach the shape.', { canvas: { allowed: true, colour: '#ffffff' } }],
    ['JPEG. No borders. Do not add padding round the image.', { canvas: { allowed: false } }],
    ['JPEG, landscape format only.', { orientation: ['lying'] }],
    ['JPEG. Images must be in portrait format.', { orientation: ['upright'] }],
    [
      'JPEG, 30 x 20 cm at 300 ppi.',
      { print: { width: 30, height: 20, unit: 'cm', ppi: 300, isLeast: false } },
    ],
    [
      'JPEG, 8 x 10 inches at 240 dpi or more.',
      { print: { width: 8, height: 10, unit: 'in', ppi: 240, isLeast: true } },
    ],
  ])('%s', (text, wanted) => {
    expect(fileOf(text)).toMatchObject(wanted);
  });
});

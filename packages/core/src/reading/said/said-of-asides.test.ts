import { describe, expect, it } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';
import { saidBy, type Said } from '../../testing/said-by.ts';

/**
 * Sentences in which something beside a rule could be taken for one, or hides one. Each with all that it says and
 * nothing more.
 */

describe('a size beside other words', () => {
  readsAs([
    ['1600 wide max and 1200 high max', { width: { max: 1600 }, height: { max: 1200 } }],
    ['1920 px horizontally and 1080 px vertically at most', { width: { max: 1920 }, height: { max: 1080 } }],
    [
      'Height 1920 pixels, width 1080 pixels: the screens are upright.',
      { width: { exact: 1080 }, height: { exact: 1920 } },
    ],
    ['Square image, 413 × 413 pixels', { width: { exact: 413 }, height: { exact: 413 }, ratio: [1, 1] }],
    ['3.3  Maximum width: 1920 pixels', { width: { max: 1920 } }],
    [
      'The pages are 105 x 148 mm; send JPEGs with at least 1240 pixels in width.',
      { width: { min: 1240 }, formats: ['jpeg'] },
    ],
    [
      'We project 2048 x 1080 pixels. Your picture must not go beyond either.',
      { width: { max: 2048 }, height: { max: 1080 } },
    ],
    ['JPEG, aspect ratio from 2:1 to 3:1', { formats: ['jpeg'] }],
    [
      'One landscape photo per person, JPEG',
      { formats: ['jpeg'], eitherWay: false, orientation: ['lying'], maxFiles: 1 },
    ],
    [
      'JPEG, 1080 px high at most. The rule for the height is the same for vertical images.',
      { formats: ['jpeg'], height: { max: 1080 }, eitherWay: false },
    ],
  ]);
});

describe('a weight beside other words', () => {
  readsAs([
    [
      'JPEG straight from the camera is fine, between 2 and 10 megabytes.',
      { formats: ['jpeg'], bytesMin: 2_000_000, bytesMax: 10_000_000 },
    ],
    ['If a file is more than 2.5 meg I’ll have to send it back.', { bytesMax: 2_500_000 }],
    ['One parcel per photographer of no more than 500 MB.', { packageBytesMax: 500_000_000 }],
    ['35 MB is the limit for the upload.', { packageBytesMax: 35_000_000 }],
    ['The hard limit of the upload page is 8 MB.', { bytesMax: 8_000_000 }],
    ['Zips over 50 MB are rejected.', { packageBytesMax: 50_000_000 }],
    ['Everything else stays the same: jpeg, not above 3 MB.', { formats: ['jpeg'], bytesMax: 3_000_000 }],
  ]);
});

describe('a number that counts no entries', () => {
  readsAs([
    ['Calendars will be 8 each.', {}],
    ['The 2028 diary will have 53 pictures.', {}],
    [
      'JPEG. Wanted: 12 upright photographs.',
      { formats: ['jpeg'], eitherWay: false, orientation: ['upright'] },
    ],
    ['All pictures must be monochrome; a single overall tone is fine.', { monochrome: true }],
    ['10 pictures per club. One author, two images at most.', { maxFiles: 10 }],
    ['You can have 4 in.', { maxFiles: 4 }],
    ['How many? Between five and ten for a story.', { maxFiles: 10 }],
    [
      'Four PNGs at 512 x 512 px each',
      { maxFiles: 4, formats: ['png'], width: { exact: 512 }, height: { exact: 512 } },
    ],
  ]);
});

describe('sections beside other lists', () => {
  it.each<[string, Said['sections'] | undefined]>([
    [
      'Each club sends twenty images: 10 Colour, 6 Mono and 4 Creative.',
      [
        [null, 'Colour', 10],
        [null, 'Mono', 6],
        [null, 'Creative', 4],
      ],
    ],
    ['Entry fee: 15 for one, 20 for two or three sections.', undefined],
    [
      'Sections (four images each):\nPID Colour: Open (PC)\nPID Nature: Birds (NB)',
      [
        ['PC', 'PID Colour: Open', 4],
        ['NB', 'PID Nature: Birds', 4],
      ],
    ],
    [
      '12 images\n   Open           6\n   Monochrome     3\n   Natural History 3',
      [
        [null, 'Open', 6],
        [null, 'Monochrome', 3],
        [null, 'Natural History', 3],
      ],
    ],
    [
      'Ten in all, spread over\n   Birds (no more than 4)\n   Mammals (no more than 4)',
      [
        [null, 'Birds', 4],
        [null, 'Mammals', 4],
      ],
    ],
  ])('%j', (text, sections) => {
    expect(saidBy(text).sections).toEqual(sections);
  });
});

describe('a day that closes the entry, or does not', () => {
  readsAs([
    ['The link works until 18 September 2026, 22:00.', { closes: '2026-09-18T22:00' }],
    ['Deadline for the 2027 report: 30 November 2027.', { closes: '2027-11-30' }],
    ['Send them within 20. November 2026.', { closes: '2026-11-20' }],
    ['Let Howard have them by the end of the August meeting (19th August).', { questions: ['closes'] }],
    ['The next evening is on 14 January 2027, so let me have yours by the 10th.', { closes: '2027-01-10' }],
    ['Bring them to the vestry by Advent Sunday.', { questions: ['closes'] }],
  ]);

  it('is none in the name of a file', () => {
    expect(
      saidBy('File name: day, initials, number (2027-03-18_HB_004.jpg). There is no closing date.').closes,
    ).toBe(undefined);
  });
});

describe('what lies on a picture or in its file', () => {
  readsAs([
    ['Titles are read from the entry form and must not appear on the images.', { watermark: 'forbidden' }],
    ['We print the captions beside the pictures, so leave them clean.', { watermark: 'forbidden' }],
    ['Signature: no.', { watermark: 'forbidden' }],
    ['Magazine no. 24: call for photographs "Borders"', {}],
    [
      'Images with borders will be accepted; images with writing will not.',
      { border: 'allowed', watermark: 'forbidden' },
    ],
    [
      'Leave the EXIF in. Do not leave the place in: remove all GPS data.',
      { strip: false, location: 'remove' },
    ],
    ['Do you keep my metadata? No, so please don’t rely on it.', {}],
    ['TIFF, 16 bits, without a profile', { formats: ['tiff'], bitDepth: 16, profileEmbedded: false }],
    ['Please include the colour profile.', { profileEmbedded: true }],
    ['Bits: 8 or 16', {}],
    ['Use sRGB or Adobe RGB; we recommend Adobe RGB.', { colourSpace: 'AdobeRGB', advice: ['colourSpace'] }],
    [
      'sRGB, since the server refuses greyscale files, at quality 10 or above',
      { colourSpace: 'sRGB', quality: '10' },
    ],
  ]);
});

describe('a name that is told in passing', () => {
  it.each<[string, Said['name']]>([
    [
      'File names take the form "Number_Title", Number being the membership number.',
      { parts: ['member number', 'text:_', 'title'] },
    ],
    [
      'Naming is 2 digits for the order you want, space, title. So 01 Low Cloud.jpg',
      {
        example: '01 Low Cloud.jpg',
        parts: ['sequence', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    ],
    [
      'Name it: Artist Name - Title.jpg',
      {
        example: 'Artist Name - Title.jpg',
        parts: ['author', 'text: - ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    ],
    [
      'Filename = Club initials + C or M + two-digit number + underscore + title. Example: MBC07_Fishwife.jpg',
      {
        example: 'MBC07_Fishwife.jpg',
        parts: ['club code', 'section code', 'sequence', 'text:_', 'title'],
        extension: 'jpg',
      },
    ],
    ['Tell us a title of not more than 40 letters.', { maxLength: 40 }],
  ])('%s', (text, name) => {
    expect(saidBy(text).name).toEqual(name);
  });
});

describe('what came in last time, and what was asked before', () => {
  readsAs([
    [
      '118 pictures came in, of which 9 had to be resized because they were larger than 1600 x 1200, and 4 had the wrong names.',
      {},
    ],
    ['File size - there were some of 12 MB!', {}],
    ['JPEGs only; one club sent PNGs again.', { formats: ['jpeg'] }],
    ['File size: up to 5 MB (was 2 MB).', { bytesMax: 5000000 }],
    ['Proposals over 80 MB in all cannot be received by our system.', { packageBytesMax: 80000000 }],
    ['We have room for 16 pictures. Bring yours on a stick or mail them: at most two each.', { maxFiles: 2 }],
    [
      'Images of previous work: 6 to 10, JPEG, minimum 1600 pixels on the shortest side.',
      { shortEdge: { min: 1600 }, formats: ['jpeg'] },
    ],
  ]);
});

describe('pictures that others show, and what failed', () => {
  readsAs([
    ["Entrants agree that images of up to 800 pixels may be shown on the exhibition's site.", {}],
    ['41 of 100 refused images were in CMYK. Please convert to RGB first.', {}],
    ['Last time one was so big (23mb!!) that the upload page just laughed at it.', {}],
  ]);
});

import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** Sentences as calls for entries have them, with all that each says and nothing more. */

describe('numbers and sections', () => {
  readsAs([
    ['One or two each (we only need 15 in all).', { maxFiles: 2 }],
    [
      'There are three themes: Sea, Sky and Stone. In each theme, a member may enter a maximum of four (4) images.',
      {
        sections: [
          [null, 'Sea', 4],
          [null, 'Sky', 4],
          [null, 'Stone', 4],
        ],
      },
    ],
    ['Up to 3 pictures each. Marks: three judges, up to 20 each.', { maxFiles: 3 }],
    ['You get three goes each.', { maxFiles: 3 }],
    ['Up to 3 pix each, 1600 pix wide.', { maxFiles: 3, width: { exact: 1600 } }],
    [
      'The almanac needs 13 photographs (twelve months and the cover). Not more than four per boat.',
      { maxFiles: 4 },
    ],
    [
      'Each club enters twelve images:\n- 6 Open Colour\n- 4 Monochrome\n- 2 Natural History',
      {
        maxFiles: 12,
        sections: [
          [null, 'Open Colour', 6],
          [null, 'Monochrome', 4],
          [null, 'Natural History', 2],
        ],
      },
    ],
    // They do not add up: no sections of a team.
    ['Each club enters twelve images:\n2 Judges from outside\n1 Chairman', { maxFiles: 12 }],
    ['1 ENTRY. Four images per member per competition.', { maxFiles: 4 }],
    ['You may enter six works; 10 for the first and 5 for each further one.', { maxFiles: 6 }],
    ['B1. Up to four pictures per member.\nC1. Up to two prints per member, on card.', { maxFiles: 4 }],
    [
      'Ten images from each club please, five of them colour and five mono.',
      {
        maxFiles: 10,
        sections: [
          [null, 'colour', 5],
          [null, 'mono', 5],
        ],
      },
    ],
    [
      'You may send nine pictures altogether: up to three each in Flight, At Home and In the Town.',
      {
        maxFiles: 9,
        sections: [
          [null, 'Flight', 3],
          [null, 'At Home', 3],
          [null, 'In the Town', 3],
        ],
      },
    ],
    [
      'Your team:\n   6 Colour (code C)\n   4 Monochrome (code M)\nthat is ten images.',
      {
        maxFiles: 10,
        sections: [
          ['C', 'Colour', 6],
          ['M', 'Monochrome', 4],
        ],
      },
    ],
    [
      'Up to 4 photos in category A (black and white) and up to 4 photos in category B (color).',
      {
        sections: [
          ['A', 'black and white', 4],
          ['B', 'color', 4],
        ],
      },
    ],
    [
      'There are two classes: Children up to 12, Adults. Two photos each.',
      {
        sections: [
          [null, 'Children up to 12', 2],
          [null, 'Adults', 2],
        ],
      },
    ],
    [
      'A - Landscape\nB - Portrait\n4 photos in each theme',
      {
        sections: [
          ['A', 'Landscape', 4],
          ['B', 'Portrait', 4],
        ],
      },
    ],
    [
      'Enter up to five pictures in the categories Street and Night.',
      {
        maxFiles: 5,
        sections: [
          [null, 'Street', null],
          [null, 'Night', null],
        ],
      },
    ],
  ]);
});

describe('what is let be, and what is not', () => {
  readsAs([
    ['Images with visible names score zero.', { watermark: 'forbidden' }],
    ['This is a monochrome-only competition. JPEG.', { formats: ['jpeg'], monochrome: true }],
    ['Please do not include a border wider than 3 pixels.', { border: 'allowed' }],
    ['Signatures are forbidden.', { watermark: 'forbidden' }],
    ['The position must stay in the file as well, for we map from it.', { location: 'keep' }],
    ['Files out of software that loses the camera data are of no use.', { strip: false }],
    ['EXIF cannot be removed.', { strip: false }],
    ['Text on the cover is not allowed.', { watermark: 'forbidden' }],
    ['dont put a frame on, the projector has one of its own', { border: 'forbidden' }],
    ['Borders are permitted provided they do not take the image over the size.', { border: 'allowed' }],
    ['B6. Borders, if used, must be no wider than 3 pixels.', { border: 'allowed' }],
    ['You may\n- add a narrow border\n\nYou need not\n- set 300 ppi', { border: 'allowed' }],
    [
      'Borders? We add a white border ourselves, so please send the file without one.',
      { border: 'forbidden' },
    ],
    ["4.6 Members' names shall not appear on or within the DPI.", { watermark: 'forbidden' }],
    ['On the photo no sign, no name, no edge', { border: 'forbidden', watermark: 'forbidden' }],
    ['The copyright field must not be empty.', { author: 'required' }],
    [
      "The author's name may appear neither on the picture nor in the metadata.",
      { watermark: 'forbidden', author: 'forbidden' },
    ],
    ['Exposure data have to remain, position data have to be removed.', { location: 'remove', strip: false }],
    ['Anything that is not a JPEG is turned away.', { formats: ['jpeg'] }],
    ['What I do not need: TIFFs, zip files, pictures of your cat.', {}],
    ['sRGB JPEGs. Greyscale files do not play.', { formats: ['jpeg'], colourSpace: 'sRGB' }],
  ]);
});

describe('sizes, weights and days', () => {
  readsAs([
    [
      'Images must fit a screen of 1920 pixels by 1080 pixels.',
      { width: { max: 1920 }, height: { max: 1080 } },
    ],
    [
      '1600 x 1200 pixels at most (the same for upright images).',
      { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
    ],
    [
      'ProPhoto RGB or Adobe RGB, the latter preferred.',
      { colourSpace: 'AdobeRGB', advice: ['colourSpace'] },
    ],
    [
      'What makes our life easier: Adobe RGB rather than sRGB, 16 bits.',
      { colourSpace: 'AdobeRGB', bitDepth: 16, advice: ['bitDepth', 'colourSpace'] },
    ],
    ['The competition is open for entries until 17 August 2027.', { closes: '2027-08-17' }],
    ['No entries can be accepted after the 26th of August 2027, 8 pm.', { closes: '2027-08-26T20:00' }],
    ['Delivery: 15 September 2027', { closes: '2027-09-15' }],
    [
      'Entries are due by 7.30pm on the Thursday before. For the opening competition this is 24 September 2026.',
      { closes: '2026-09-24T19:30' },
    ],
    [
      'Images must not be wider than 1920 pixels or higher than 1080 pixels. This also applies to upright images.',
      { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
    ],
    [
      'JPEG, up to 2 MB. Class X certificate: PDF, 50 KB to 300 KB.',
      { formats: ['jpeg'], bytesMax: 2_000_000 },
    ],
    ['JPEG, up to 2 MB. A 6 MB picture takes about 40 seconds.', { formats: ['jpeg'], bytesMax: 2_000_000 }],
    ['Files of under 3 MB are recommended.', { bytesMax: 3_000_000, advice: ['bytesMax'] }],
    ['If possible, use JPEG.', { formats: ['jpeg'], advice: ['formats'] }],
    ['Our advice is to use sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
    [
      'Pictures are 1400 px across at the very most, 1050 down.',
      { width: { max: 1400 }, height: { max: 1050 } },
    ],
    ['1920 x 1200 pixels, neither side more.', { width: { max: 1920 }, height: { max: 1200 } }],
    [
      'Between 600px x 600px and 1200px x 1200px.',
      { width: { min: 600, max: 1200 }, height: { min: 600, max: 1200 } },
    ],
    [
      'JPEG at maximum quality, Adobe RGB (1998), 300 dpi.',
      { formats: ['jpeg'], colourSpace: 'AdobeRGB', ppi: { exact: 300 } },
    ],
    ['At most 300K each.', { bytesMax: 300_000 }],
    ['Entries close on the last day of February 2027, at noon.', { closes: '2027-02-28T12:00' }],
    ['Closing date: 31 January 2027, 23h59.', { closes: '2027-01-31T23:59' }],
    ['- 1600 pixels wide max. 1200 pixels high max.', { width: { max: 1600 }, height: { max: 1200 } }],
    ['The greatest permitted width is 1600 pixels.', { width: { max: 1600 } }],
    ['It has to be at least 6,000 pixels long.', { longEdge: { min: 6000 } }],
    ['Files should weigh around 2 MB; 5 MB is the limit.', { bytesMax: 5_000_000 }],
    ['JPEG, up to 4 MB. The exhibition is in the hut (1.086 m).', { formats: ['jpeg'], bytesMax: 4_000_000 }],
    ['16 bits are welcome if you have them.', { bitDepth: 16, advice: ['bitDepth'] }],
    ['6 CLOSING DATE\nMidday, 15 November 2027.', { closes: '2027-11-15T12:00' }],
    ['Closing is the 31.01.2027, the jury day is the 13.02.2027 from 10:00.', { closes: '2027-01-31' }],
    ['Late entries (after 12 March 2027) go into the waste basket.', { closes: '2027-03-12' }],
    [
      'JPEG | 2 MB max | by 10 January 2027\nEntries are to be received by 12 January 2027.',
      { formats: ['jpeg'], bytesMax: 2_000_000, closes: '2027-01-10', questions: ['closes'] },
    ],
    ['Send it to Ottilie by Tuesday, 8 pm.', { questions: ['closes'] }],
  ]);
});

describe('names of files', () => {
  readsAs([
    ['Titles: 30 characters, Latin alphabet.', { name: { maxLength: 30 } }],
    [
      'The file is named: hands_NAME_number (hands_MOREL_1.jpg).',
      {
        name: {
          example: 'hands_MOREL_1.jpg',
          parts: ['text:hands_', 'author', 'text:_', 'sequence'],
          extension: 'jpg',
        },
      },
    ],
    [
      "Files are named with the author's surname and the figure number (Lindqvist_Fig03.tif).",
      {
        name: {
          example: 'Lindqvist_Fig03.tif',
          parts: ['surname', 'text:_Fig', 'sequence'],
          extension: 'tif',
        },
      },
    ],
    ['Names: author and copyright fields empty, please.', { author: 'forbidden' }],
  ]);
});

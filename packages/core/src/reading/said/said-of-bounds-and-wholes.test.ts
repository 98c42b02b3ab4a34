import { readsAs } from '../../testing/reads-as.ts';

/** Bounds that stand apart from their size, what all files together may weigh, days told by their number, and names, each read whole. */

readsAs([
  [
    'The pages are 303 x 216 mm at 300 dpi (3579 x 2551 pixels). JPEG, RGB. We cannot use anything smaller.',
    { width: { min: 3579 }, height: { min: 2551 }, ppi: { exact: 300 }, formats: ['jpeg'] },
  ],
  [
    '2400 pixels on the long side. JPEG, sRGB. Nothing larger, please.',
    { longEdge: { max: 2400 }, formats: ['jpeg'], colourSpace: 'sRGB' },
  ],
  [
    '2400 pixels on the long side. JPEG. Larger is fine, smaller is not.',
    { longEdge: { min: 2400 }, formats: ['jpeg'] },
  ],
  [
    'Make the width 1400 px or the height 1050 px. Nothing may be larger than that.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  [
    'The image must be exactly 1600 px wide and/or exactly 1200 px high, and neither may be exceeded.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  [
    'Images must be 1600 pixels wide and/or 1200 pixels high.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  [
    'Either exactly 1600 px wide or exactly 1200 px high, the other side as it falls.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  ['A print file, 300 ppi at A3.', { width: { exact: 3508 }, height: { exact: 4961 }, ppi: { exact: 300 } }],
  ['We need 300 dpi in A4.', { width: { exact: 2480 }, height: { exact: 3508 }, ppi: { exact: 300 } }],
  [
    'Inside pictures can be any shape but should have 1800 pixels on their short side.',
    { shortEdge: { exact: 1800 } },
  ],
  ['A picture with a logo or date burnt into it is of no use to us.', { watermark: 'forbidden' }],
  ['Pictures with a watermark are no use to us.', { watermark: 'forbidden' }],
  [
    'I’m at the printer’s on Tuesday 9 February 2027 so everything by Monday night, the 8th.',
    { closes: '2027-02-08' },
  ],
  ['We meet on 9 February 2027; send everything by Sunday evening, the 7th.', { closes: '2027-02-07' }],
  ['We hang on Tuesday 9 February 2027. Files by the evening before, the 8th.', { closes: '2027-02-08' }],
  [
    'Sections:\n1. Colour (PID-C)\n2. Monochrome (PID-M)\nA maximum of four images per section.',
    {
      sections: [
        ['PID-C', 'Colour', 4],
        ['PID-M', 'Monochrome', 4],
      ],
    },
  ],
  [
    'Sections\nColour (PSA-1), max. 4 images\nNature (PSA-2), max. 4 images',
    {
      sections: [
        ['PSA-1', 'Colour', 4],
        ['PSA-2', 'Nature', 4],
      ],
    },
  ],
  [
    'We need one picture of each of 142 species. Send up to 40 JPEG files.',
    { maxFiles: 40, formats: ['jpeg'] },
  ],
  [
    'Classes\n71  A view of the parish\n72  Hands at work\n75  Under 16s: My favourite place',
    {
      sections: [
        ['71', 'A view of the parish', null],
        ['72', 'Hands at work', null],
        ['75', 'Under 16s: My favourite place', null],
      ],
    },
  ],
  [
    'The file should be called by the child’s initials, age and title, so for example TB_11_Puddles.jpg.',
    { name: { example: 'TB_11_Puddles.jpg', extension: 'jpg' } },
  ],
  [
    'File name: initials, age, title, e.g. TB_11_Puddles.jpg',
    { name: { example: 'TB_11_Puddles.jpg', extension: 'jpg' } },
  ],
  ['We crop every picture to 16:9 and show them as a film.', {}],
  ['All pictures are cropped to a square by the program.', {}],
  ['Any size over 800 pixels wide.', { width: { min: 800 } }],
  ['Any size above 1200 pixels on the long side will do.', { longEdge: { min: 1200 } }],
  [
    'Two sections: Birds (B) and All Other Wildlife (W). Four images each.',
    {
      sections: [
        ['B', 'Birds', 4],
        ['W', 'All Other Wildlife', 4],
      ],
    },
  ],
  [
    'Sections: Birds (B), All Other Mammals (M).',
    {
      sections: [
        ['B', 'Birds', null],
        ['M', 'All Other Mammals', null],
      ],
    },
  ],
  ['It copes badly with anything bigger than about 4 MB.', { bytesMax: 4_000_000 }],
  [
    'The complete application (photographs, text, CV) must not be larger than 20 MB.',
    { packageBytesMax: 20_000_000 },
  ],
  [
    '* Class D1 Open, Class D2 Monochrome, Class D3 Creative',
    {
      sections: [
        ['D1', 'Open', null],
        ['D2', 'Monochrome', null],
        ['D3', 'Creative', null],
      ],
    },
  ],
  [
    'At the final print size, 240 to 360 ppi; print sizes: 40 x 40 cm for squares, 30 x 45 cm for everything else.',
    { ppi: { min: 240, max: 360 } },
  ],
  ['300 ppi. We print at 30 x 30 cm (square pictures) and 30 x 40 cm (all others).', { ppi: { exact: 300 } }],
  ['300 ppi at print size: 20 x 30 cm or 30 x 45 cm, as you like.', { ppi: { exact: 300 } }],
  [
    'Please don’t send them straight from your phone, at 8 or 9 MB they clog my mailbox - anything up to 2 MB is fine.',
    { bytesMax: 2_000_000 },
  ],
  ['At 12 MB they block my inbox, so up to 2 MB please.', { bytesMax: 2_000_000 }],
  [
    'Reproductions of the works: TIFF, CMYK or RGB, 300 dpi at 18 cm for the longer side.',
    { formats: ['tiff'], ppi: { exact: 300 }, longEdge: { exact: 2126 } },
  ],
  [
    'Name them with your full name and NOW or THEN, e.g. Amira Holt NOW.jpg.',
    {
      name: {
        parts: ['author', 'text: ', 'deliverable'],
        example: 'Amira Holt NOW.jpg',
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  ['Candidates submit 10 (Licentiate), 15 (Associate) or 20 (Fellow) images.', { maxFiles: 20 }],
  ['Send 10 (bronze) or 15 (silver) pictures.', { maxFiles: 15 }],
  ['Don’t strip the date: we sort by it.', { strip: false }],
  ['Do not remove the time of exposure, we sort by it.', { strip: false }],
  ['The horse is shown from the left side, standing square.', {}],
  ['Title: max 35 chars.', { name: { maxLength: 35 } }],
  ['C. Titles: 40 chars max.', { name: { maxLength: 40 } }],
  [
    'You may attach up to five photographs. Each file must be smaller than 4 MB and the five together must not exceed 15 MB.',
    { bytesMax: 4_000_000, packageBytesMax: 15_000_000, maxFiles: 5 },
  ],
  [
    '2 MB per picture; the six of them must stay under 10 MB.',
    { bytesMax: 2_000_000, packageBytesMax: 10_000_000 },
  ],
  [
    'Six pictures, in any mix of the galleries Land, Water and Sky.',
    {
      sections: [
        [null, 'Land', null],
        [null, 'Water', null],
        [null, 'Sky', null],
      ],
      maxFiles: 6,
    },
  ],
  [
    'How many pictures: 6, in any mix of the galleries Land and Water',
    {
      sections: [
        [null, 'Land', null],
        [null, 'Water', null],
      ],
      maxFiles: 6,
    },
  ],
  [
    'The screen takes 1920 x 1200. Fill it if you can; smaller pictures get a black surround.',
    { width: { max: 1920 }, height: { max: 1200 } },
  ],
  [
    'The screen is 1920 x 1080 pixels. Smaller pictures are shown with a black border.',
    { width: { max: 1920 }, height: { max: 1080 } },
  ],
  [
    'Our projector shows 1920 x 1080 pixels; fill that as far as you can, smaller ones get black bars.',
    { width: { max: 1920 }, height: { max: 1080 } },
  ],
  [
    'Minimum 300 dpi, minimum 15 x 20 cm (1772 x 2362 pixels).',
    { ppi: { min: 300 }, width: { min: 1772 }, height: { min: 2362 } },
  ],
  ['At least 15 x 10 cm (1772 x 1181 px).', { width: { min: 1772 }, height: { min: 1181 } }],
  ['Not larger than 15 x 10 cm (1772 x 1181 px).', { width: { max: 1772 }, height: { max: 1181 } }],
  ['Camera date and time must be right and stay in the file.', { strip: false }],
  ['Text is set by us - so none in the photograph.', { watermark: 'forbidden' }],
  ['We add the text ourselves, so none on the picture please.', { watermark: 'forbidden' }],
  ['10 MB/file maximum, 1 MB/file minimum', { bytesMin: 1_000_000, bytesMax: 10_000_000 }],
  ['Do not type your name on either.', { watermark: 'forbidden' }],
  ['Do not sign the front.', { watermark: 'forbidden' }],
  ['PDF or JPEG up to 10 MB.', { bytesMax: 10_000_000, formats: ['jpeg'] }],
  ['Up to 10 entries; 20 per entry, 60 for four.', { maxFiles: 10 }],
  ['8 per entry, 20 for three.', {}],
  [
    'We meet on Tuesday 16 February 2027. E-mail them to Rowan by the Sunday before, the 14th.',
    { closes: '2027-02-14' },
  ],
  [
    'File names: section, number, surname, year of birth, e.g. B2_Ostrow_2008.jpg.',
    {
      name: {
        example: 'B2_Ostrow_2008.jpg',
        parts: ['section code', 'sequence', 'text:_', 'surname', 'text:_', 'year'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Name: your number in the draw, then a letter for the order: 12a.jpg, 12b.jpg up to 12h.jpg',
    { name: { example: '12a.jpg', extension: 'jpg' } },
  ],
]);

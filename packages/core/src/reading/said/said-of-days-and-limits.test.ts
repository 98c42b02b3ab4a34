import { readsAs } from '../../testing/reads-as.ts';

/** Days, hours, limits and names as calls and club cards tell them, each read whole: what is said, and nothing else. */

readsAs([
  [
    'File format: TIFF. Low-resolution proofs (JPEG, 1000 px) may be sent at any time for comment.',
    { formats: ['tiff'] },
  ],
  ['Files are TIFF. Proofs as JPEG may be sent at any time for comment.', { formats: ['tiff'] }],
  ['TIFF only. Low-res JPEGs can be sent beforehand for a first opinion.', { formats: ['tiff'] }],
  [
    'Prefix the name with your badge number: 17-whatever.jpg',
    { name: { parts: ['member number', 'text:-', 'title'], example: '17-whatever.jpg', extension: 'jpg' } },
  ],
  [
    'Prefix the title with your membership number: 0147_Frost.jpg',
    { name: { parts: ['member number', 'text:_', 'title'], example: '0147_Frost.jpg', extension: 'jpg' } },
  ],
  [
    'Send them through the link you got on the walk; it stops working at midnight on Sunday 9 May 2027.',
    { closes: '2027-05-09T23:59' },
  ],
  ['The folder stays open until 9 May 2027.', { closes: '2027-05-09' }],
  [
    'Keep each file under 8 MB and the mail as a whole under 20 MB.',
    { bytesMax: 8_000_000, packageBytesMax: 20_000_000 },
  ],
  [
    'The set must reach the secretary by noon on the second Saturday in March, which in 2027 is the 13th.',
    { closes: '2027-03-13T12:00' },
  ],
  ['Entries close on the second Saturday in March, which in 2027 is the 13th.', { closes: '2027-03-13' }],
  ['Hand in by the first Saturday in March, i.e. the 6th in 2027.', { closes: '2027-03-06' }],
  ['Send up to six to Wilma by e-mail.', { maxFiles: 6 }],
  ['You can send as many as four to the secretary.', { maxFiles: 4 }],
  ['Save as JPEG; quality 80% does nicely.', { formats: ['jpeg'], quality: '80%', advice: ['quality'] }],
  [
    'All camera information must stay in the file, including GPS if there is any.',
    { strip: false, location: 'keep' },
  ],
  ['One picture each; two if you must.', { maxFiles: 2 }],
  [
    'We need square files, 1500 px or larger each way.',
    { ratio: [1, 1], width: { min: 1500 }, height: { min: 1500 } },
  ],
  ['Square, 1500 px or more each way.', { ratio: [1, 1], width: { min: 1500 }, height: { min: 1500 } }],
  [
    'Names: your initials, hyphen, digit: e.g. FW-2.tif.',
    { name: { parts: ['initials', 'text:-', 'sequence'], example: 'FW-2.tif', extension: 'tif' } },
  ],
  [
    '1400 x 1050. Smaller pictures are fine, bigger ones aren’t.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  [
    'JPEG, 2 MB.\nThe upload link stops working on 9 May 2027 at 20:00.',
    { formats: ['jpeg'], bytesMax: 2_000_000, closes: '2027-05-09T20:00' },
  ],
  ['JPEG, 2 MB.\nThe hall is booked until 9 May 2027.', { formats: ['jpeg'], bytesMax: 2_000_000 }],
  ['JPEG, 2 MB.\nThe calendar appears before 9 May 2027.', { formats: ['jpeg'], bytesMax: 2_000_000 }],
  ['Entries close on the second Saturday in March (in 2027 this is the 13th).', { closes: '2027-03-13' }],
  ['Entries close on the second Saturday of March 2027.', { closes: '2027-03-13' }],
  ['Closing date: last Friday of January, 2027', { closes: '2027-01-29' }],
  [
    'OLD: 1400 x 1050, 1 MB.\nNEW: 1920 x 1200 (maximum width x maximum height), 2.5 MB.',
    { width: { max: 1920 }, height: { max: 1200 }, bytesMax: 2_500_000 },
  ],
  [
    'Before: max. 1600 px long edge, max. 2 MB\nNow: max. 1920 px long edge, max. 3 MB',
    { longEdge: { max: 1920 }, bytesMax: 3_000_000 },
  ],
  ['Old rule - three pictures, 2 MB.\nNew rule - four pictures, 3 MB.', { bytesMax: 3_000_000, maxFiles: 4 }],
  ['2025: 1600 px on the long side.\n2026: 1920 px on the long side.', { longEdge: { exact: 1920 } }],
  [
    'What was 1600 px on the long side becomes 1920 px. 2 MB stays the limit.',
    { longEdge: { exact: 1920 }, bytesMax: 2_000_000 },
  ],
  ['The limit for files rises to 3 MB (so far 2 MB).', { bytesMax: 3_000_000 }],
  [
    'Sections: A. Plants, B. Animals, C. Weather. Up to four pictures in A and B, up to two in C.',
    {
      sections: [
        ['A', 'Plants', 4],
        ['B', 'Animals', 4],
        ['C', 'Weather', 2],
      ],
    },
  ],
  [
    'Sections: A. Plants, B. Animals. Four images may be entered in A and two in B.',
    {
      sections: [
        ['A', 'Plants', 4],
        ['B', 'Animals', 2],
      ],
    },
  ],
  [
    'Sections: A. Plants, B. Animals, C. Weather. Up to three pictures in each of A, B and C.',
    {
      sections: [
        ['A', 'Plants', 3],
        ['B', 'Animals', 3],
        ['C', 'Weather', 3],
      ],
    },
  ],
  [
    'Up to 8 in the Story category and up to 3 in the Single category.',
    {
      sections: [
        [null, 'Story', 8],
        [null, 'Single', 3],
      ],
    },
  ],
  [
    'How many can I upload?\nUp to 8 in the Story category and up to 3 in the Single category.',
    {
      sections: [
        [null, 'Story', 8],
        [null, 'Single', 3],
      ],
    },
  ],
  ['NIGHT IN MONOCHROME, a slide show with cello\nJPEG.', { monochrome: true, formats: ['jpeg'] }],
  ['The day: always the 25th.', { questions: ['closes'] }],
  ['Closing day is always the 25th.', { questions: ['closes'] }],
  ['Images must be with the secretary a week before the competition.', { questions: ['closes'] }],
  ['One tile for each resident.', { maxFiles: 1 }],
  ['Photograph with name and date printed at the bottom.', { watermark: 'allowed' }],
  [
    'We publish portfolios of eight pictures. Submit eight to twelve so that we have a choice.',
    { maxFiles: 12 },
  ],
  ['From six to ten pictures should be submitted; we show four.', { maxFiles: 10 }],
  ['I need them by eight o’clock on the evening of 22 January 2027.', { closes: '2027-01-22T20:00' }],
  ['Text that explains the product is allowed.', { watermark: 'allowed' }],
  [
    'The file name is made of your initials and a letter from a to d (HTb.jpg).',
    { name: { parts: ['initials', 'sequence'], example: 'HTb.jpg', extension: 'jpg' } },
  ],
  [
    'You may enter four pictures in each of the two sections, Open and Nature, but you needn’t fill them.',
    {
      sections: [
        [null, 'Open', 4],
        [null, 'Nature', 4],
      ],
    },
  ],
  [
    'What I’d do beyond that: convert to sRGB; leave the resolution at whatever it is.',
    { colourSpace: 'sRGB', advice: ['colourSpace'] },
  ],
  ['Give the picture a thin white border if its edges are black.', { border: 'allowed' }],
  [
    'So your picture should have about 2835 x 2126 pixels or more.',
    { width: { min: 2835 }, height: { min: 2126 } },
  ],
  ['Closing day is 17 February 2027. The door shuts at 8 pm.', { closes: '2027-02-17T20:00' }],
  [
    'There are two parts, four images in each:\nA  Open\nB  Nature',
    {
      sections: [
        ['A', 'Open', 4],
        ['B', 'Nature', 4],
      ],
    },
  ],
  [
    'Format: JPEG straight from the camera or phone, at least 1 MB.',
    { formats: ['jpeg'], bytesMin: 1_000_000 },
  ],
  [
    'File name: surname, underscore and a letter for the order (Holt_a.jpg, Holt_b.jpg).',
    { name: { parts: ['surname', 'text:_', 'sequence'], example: 'Holt_a.jpg', extension: 'jpg' } },
  ],
  [
    'File names: the entry number you are given, underscore, 1-4.',
    { name: { parts: ['entry number', 'text:_', 'sequence'] } },
  ],
  ['The folder may weigh up to 150 MB.', { packageBytesMax: 150_000_000 }],
  [
    'JPEGs, greyscale if they are black and white and Adobe RGB if they are not.',
    { colourSpace: 'AdobeRGB', formats: ['jpeg'] },
  ],
  [
    'Name the file with your starting number from the club list, e.g. 57a.jpg and 57b.jpg.',
    { name: { parts: ['entry number', 'sequence'], example: '57a.jpg', extension: 'jpg' } },
  ],
  [
    'JPEG, 2 MB.\nFor the spring series: 9 May 2027.',
    { formats: ['jpeg'], bytesMax: 2_000_000, closes: '2027-05-09' },
  ],
  ['Silver Circle, monochrome round of March\nJPEG.', { monochrome: true, formats: ['jpeg'] }],
]);

import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** Wishes, contradictions, sizes on paper, and figures that ask nothing. Each sentence with all that it says and nothing more. */

readsAs([
  ['sRGB is preferred.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  ["We'd like you to use sRGB if possible.", { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  ['Ideally 300 ppi. JPEG.', { formats: ['jpeg'], ppi: { exact: 300 }, advice: ['ppi'] }],
  [
    'JPEG (sRGB recommended), at most 2 MB',
    { formats: ['jpeg'], colourSpace: 'sRGB', bytesMax: 2000000, advice: ['colourSpace'] },
  ],
  ['Please aim for about 2 MB; 5 MB is the limit.', { bytesMax: 5000000 }],
  [
    'Preferably at least 3000 pixels on the longest side, but not less than 2000.',
    { longEdge: { min: 2000 } },
  ],
  ['Should be JPEG.', { formats: ['jpeg'] }],
  [
    'It is best to send files of 2400 pixels on the long side.',
    { longEdge: { exact: 2400 }, advice: ['longEdge'] },
  ],
  ['We suggest a quality of 80 %. JPEG.', { formats: ['jpeg'], quality: '80%', advice: ['quality'] }],
  ['A resolution of 72 dpi is enough. JPEG', { formats: ['jpeg'], ppi: { exact: 72 }, advice: ['ppi'] }],
  ['JPEG files of at most 1 Mb', { formats: ['jpeg'], bytesMax: 1000000, questions: ['bytesMax'] }],
  [
    'Maximum size 1600 x 1200. Later: maximum size 1600 x 1080.',
    { width: { max: 1600 }, height: { max: 1080 }, questions: ['height'] },
  ],
  ['Deadline 3 April.', { questions: ['closes'] }],
  ['Files up to 2 MB. No file may exceed 3 MB.', { bytesMax: 2000000, questions: ['bytesMax'] }],
  ['Four images each. You may enter three images.', { maxFiles: 3, questions: ['maxFiles'] }],
  ['Fee: 5 per image, 12 for three images.', {}],
  ['Our address: 14 Mill Lane, 2nd floor, room 12. Tel. 01632 960 111.', {}],
  ['The first prize is 500, the second 250. 12 works will be shown.', {}],
  ["Last year's limit of 1 MB no longer applies; this year it is 3 MB.", { bytesMax: 3000000 }],
  ['The projector has 1920 x 1080 pixels.', {}],
  ['Members meet at 7.30 pm in room 3.', {}],
  ['Images taken with an 8 megapixel phone are fine.', {}],
  ['The catalogue shows pictures 900 pixels wide.', {}],
  ['Mounts must not exceed 50 x 40 cm.', {}],
  ['The head must take up 70 % of the height of the photo.', {}],
  ['In 2026 we had 312 entries.', {}],
  ['Photos must not be older than six months.', {}],
  ['Prints up to A3 can be handed in too.', {}],
  ['Captions: at most 100 words.', {}],
  ['Your CV must be a PDF of no more than 2 MB.', {}],
  [
    'Pixels 1920 x 1080 (landscape) or 1080 x 1920 (portrait)',
    { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: true },
  ],
  [
    '1920 px x 1080 px; the figures may be swapped for portrait pictures',
    { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: true },
  ],
  [
    'Max 1920 wide by 1200 high, also for upright pictures. JPEG',
    { width: { max: 1920 }, height: { max: 1200 }, eitherWay: false, formats: ['jpeg'] },
  ],
  [
    'Landscape pictures 1400 px wide, portrait pictures 1050 px high.',
    { width: { exact: 1400 }, height: { exact: 1050 }, eitherWay: false },
  ],
  ['20 x 30 cm at 300 dpi', { width: { exact: 2362 }, height: { exact: 3543 }, ppi: { exact: 300 } }],
  ['8 x 10 inches at 300 dpi', { width: { exact: 2400 }, height: { exact: 3000 }, ppi: { exact: 300 } }],
  ['Long side 40 cm at 240 ppi', { longEdge: { exact: 3780 }, ppi: { exact: 240 } }],
  [
    'A4 at 300 dpi, portrait',
    {
      width: { exact: 2480 },
      height: { exact: 3508 },
      ppi: { exact: 300 },
      orientation: ['upright'],
      eitherWay: false,
    },
  ],
  ['Print width 15 cm at at least 300 ppi', { width: { min: 1772 }, ppi: { min: 300 } }],
  ['Pictures must be black and white.', { monochrome: true }],
  ['Only mono images are eligible.', { monochrome: true }],
  [
    'A JPEG of up to 2 MB, please; zip several files and keep the zip under 20 MB.',
    { formats: ['jpeg'], bytesMax: 2000000, packageBytesMax: 20000000 },
  ],
  ['Send no more than 10 MB per email.', { packageBytesMax: 10000000 }],
  [
    'Images: 1080 x 1080 pixels. Format: JPG. File size: max. 500 KB.',
    { width: { exact: 1080 }, height: { exact: 1080 }, formats: ['jpeg'], bytesMax: 500000 },
  ],
  ['Longest side max. 2000 px, min. 1500 px', { longEdge: { min: 1500, max: 2000 } }],
  ['min 1000px / max 3000px (long side)', { longEdge: { min: 1000, max: 3000 } }],
  ['Image width must be 1200 pixels, height is free.', { width: { exact: 1200 } }],
  ['Between 2 and 10 megabytes', { bytesMin: 2000000, bytesMax: 10000000 }],
  ['From 100 KB up to a maximum of 300 KB', { bytesMin: 100000, bytesMax: 300000 }],
  [
    'Files: .jpg, sRGB, max 3 MB, 2500px max on longest edge, 5 per artist',
    {
      formats: ['jpeg'],
      colourSpace: 'sRGB',
      bytesMax: 3000000,
      longEdge: { max: 2500 },
      maxFiles: 5,
      name: { extension: 'jpg' },
    },
  ],
  [
    'The author and copyright fields in the metadata must be filled in - we have been bitten before and now send back whatever comes without them.',
    { author: 'required' },
  ],
  ['Creator and copyright must be filled in.', { author: 'required' }],
  ['Of 80 failed uploads last season, 55 were CMYK files.', {}],
  ['Of 480 uploads 31 failed: 22 were larger than 6 MB.', {}],
  ['There are 13 pages and we have 40 pictures of the tower.', {}],
  ['Marks are out of 10 from each of two judges.', {}],
  ['The organisers may show accepted images at up to 1200 pixels on their pages.', {}],
  ['One teaser picture please: JPEG, 16:9.', { maxFiles: 1, formats: ['jpeg'], ratio: [16, 9] }],
  ['Take out the GPS position where a nest is shown.', {}],
  ['Largest permitted dimensions 1400 x 1050 pixels.', { width: { max: 1400 }, height: { max: 1050 } }],
  ['Photographs taken on the reserve between 1 March 2026 and 28 February 2027.', {}],
  ['Every entry consists of two files of the same picture.', {}],
  ['Two sections, all monochrome.', { monochrome: true }],
  [
    'Images are 1400 pixels wide and 1050 high at most. Images in portrait format keep to the height of 1050 pixels as well.',
    { width: { max: 1400 }, height: { max: 1050 }, eitherWay: false },
  ],
]);

describe('what is wished, what does not matter and what is not taken', () => {
  readsAs([
    [
      'JPEG. What would be nice: sRGB, about 2 MB.',
      { bytesMax: 2000000, formats: ['jpeg'], colourSpace: 'sRGB', advice: ['bytesMax', 'colourSpace'] },
    ],
    ['JPEG. What does not matter: the dpi, whether there is a border.', { formats: ['jpeg'] }],
    [
      'JPEG. What we cannot take: TIFF, HEIC or anything above 5 MB.',
      { bytesMax: 5000000, formats: ['jpeg'] },
    ],
  ]);
});

describe('choices and what is more than enough', () => {
  readsAs([
    [
      'JPEG. sRGB is the best choice of colour space.',
      { formats: ['jpeg'], colourSpace: 'sRGB', advice: ['colourSpace'] },
    ],
    [
      'JPEG. Quality 9 (of 12) is more than good enough.',
      { formats: ['jpeg'], quality: '9/12', advice: ['quality'] },
    ],
    [
      'We suggest that you keep each file below 3 MB, although our page takes up to 8 MB and only stops what is heavier.',
      { bytesMax: 8000000 },
    ],
  ]);
});

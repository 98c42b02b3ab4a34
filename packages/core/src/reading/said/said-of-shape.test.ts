import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** Ratios, which way round, and sizes on paper. Each sentence with all that it says and nothing more. */

readsAs([
  [
    'minimum resolution 2000 x 3000 px (portrait)',
    { width: { min: 2000 }, height: { min: 3000 }, orientation: ['upright'], eitherWay: false },
  ],
  [
    'Your photograph has to be exactly 35 x 45 mm at 600 dpi.',
    { width: { exact: 827 }, height: { exact: 1063 }, ppi: { exact: 600 } },
  ],
  [
    'For a print of 30 x 40 cm we need 300 dpi.',
    { width: { exact: 3543 }, height: { exact: 4724 }, ppi: { exact: 300 } },
  ],
  [
    'A4 at 300 dpi, upright.',
    {
      width: { exact: 2480 },
      height: { exact: 3508 },
      ppi: { exact: 300 },
      orientation: ['upright'],
      eitherWay: false,
    },
  ],
  [
    'Resolution must be at least 300 ppi at 24 x 30 cm.',
    { width: { min: 2835 }, height: { min: 3543 }, ppi: { min: 300 } },
  ],
  ['Aspect ratio 16:9.', { ratio: [16, 9] }],
  ['Crop to a 5:4 ratio, either landscape or portrait.', { ratio: [5, 4], eitherWay: true }],
  [
    'Ratio of sides 2:3 or 3:4.',
    {
      ratio: [
        [2, 3],
        [3, 4],
      ],
    },
  ],
  ['All images must be square.', { ratio: [1, 1] }],
  [
    'The picture must be a perfect square of 1200 pixels.',
    { ratio: [1, 1], width: { exact: 1200 }, height: { exact: 1200 } },
  ],
  [
    '1600 x 1200 pixels for landscape pictures, 1200 x 1600 for portraits.',
    { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: true },
  ],
  ['A portrait-format image may be no higher than 1050 pixels.', { height: { max: 1050 }, eitherWay: false }],
  [
    'Resize to 1024px x 768px (landscape) or 768px x 1024px (portrait).',
    { width: { exact: 1024 }, height: { exact: 768 }, eitherWay: true },
  ],
  [
    'A horizontal picture should be 1920 pixels wide, a vertical one 1080 pixels high.',
    { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: false },
  ],
  ['All pictures upright please, 4:5.', { orientation: ['upright'], eitherWay: false, ratio: [4, 5] }],
  [
    'Format: portrait, 1200 x 1600 px',
    { width: { exact: 1200 }, height: { exact: 1600 }, orientation: ['upright'], eitherWay: false },
  ],
  [
    '1080 x 1920 px, upright, for our display columns.',
    { width: { exact: 1080 }, height: { exact: 1920 }, orientation: ['upright'], eitherWay: false },
  ],
  [
    'Maximum 2000 x 2000 pixels whichever way up.',
    { width: { max: 2000 }, height: { max: 2000 }, eitherWay: true },
  ],
  [
    'Print size 40 x 30 cm, 300 ppi (4724 x 3543 pixels).',
    { width: { exact: 4724 }, height: { exact: 3543 }, ppi: { exact: 300 } },
  ],
  ['6 x 4 inches at 300 dpi.', { width: { exact: 1800 }, height: { exact: 1200 }, ppi: { exact: 300 } }],
  [
    'Supply at 254 mm x 203 mm, 300ppi.',
    { width: { exact: 3000 }, height: { exact: 2398 }, ppi: { exact: 300 } },
  ],
  [
    'The image should be sized at 8.5 x 11 in. and 300 ppi.',
    { width: { exact: 2550 }, height: { exact: 3300 }, ppi: { exact: 300 } },
  ],
  ['At least 15 cm wide at 300 dpi.', { width: { min: 1772 }, ppi: { exact: 300 } }],
  [
    'Files at 200 ppi or more for the final print size of 30 x 30 cm.',
    { width: { min: 2362 }, height: { min: 2362 }, ppi: { min: 200 } },
  ],
  ['The ratio of width to height has to be 7:9.', { ratio: [7, 9] }],
  ['35:45 portrait ratio', { ratio: [35, 45], orientation: ['upright'], eitherWay: false }],
  ['Please crop to 3:2.', { ratio: [3, 2] }],
  ['in 4:3 format, 2048 x 1536 pixels', { ratio: [4, 3], width: { exact: 2048 }, height: { exact: 1536 } }],
  [
    'Cropped to a square please, 1000 px.',
    { ratio: [1, 1], width: { exact: 1000 }, height: { exact: 1000 } },
  ],
  [
    'Please provide photos with 300 dpi and 20 x 25 cm.',
    { width: { exact: 2362 }, height: { exact: 2953 }, ppi: { exact: 300 } },
  ],
  [
    'Format 13 x 18 cm at 300 dpi (landscape or portrait).',
    { width: { exact: 2126 }, height: { exact: 1535 }, ppi: { exact: 300 }, eitherWay: true },
  ],
  [
    'The cover is 21 x 28 cm plus 3 mm bleed on every side (21.6 x 28.6 cm), 300 dpi.',
    { width: { exact: 2551 }, height: { exact: 3378 }, ppi: { exact: 300 } },
  ],
  ['2400 x 2400 px, square', { width: { exact: 2400 }, height: { exact: 2400 }, ratio: [1, 1] }],
  ['a square image not smaller than 1200 px', { ratio: [1, 1], width: { min: 1200 }, height: { min: 1200 } }],
  ['Wide format (16:9) please.', { ratio: [16, 9] }],
  ['Aspect ratio: 4 to 3', { ratio: [4, 3] }],
  [
    '1050 x 1400 for portrait-format pictures, 1400 x 1050 for the others.',
    { width: { exact: 1400 }, height: { exact: 1050 }, eitherWay: true },
  ],
  [
    'The projector can only show 1050 pixels in height, also for portrait pictures.',
    { height: { max: 1050 }, eitherWay: false },
  ],
  [
    'Pictures are to be no wider than 1920 px and no higher than 1080 px, whether upright or not.',
    { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
  ],
  [
    'The photo must be 2 inches by 2 inches at 300 dpi.',
    { width: { exact: 600 }, height: { exact: 600 }, ppi: { exact: 300 } },
  ],
  [
    'passport size, 35 x 45 mm, 300 dpi',
    { width: { exact: 413 }, height: { exact: 531 }, ppi: { exact: 300 } },
  ],
  [
    'Two sizes are possible: 1920 x 1080 (landscape) and 1080 x 1920 (portrait).',
    { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: true },
  ],
  [
    'Image ratio 3:2 or 4:3 only',
    {
      ratio: [
        [3, 2],
        [4, 3],
      ],
    },
  ],
  ['Crop your photo square.', { ratio: [1, 1] }],
  [
    'Landscape orientation, 16:9, 3840 x 2160 px.',
    {
      width: { exact: 3840 },
      height: { exact: 2160 },
      ratio: [16, 9],
      orientation: ['lying'],
      eitherWay: false,
    },
  ],
  [
    'The format is square (1:1), minimum 2000 x 2000 px.',
    { ratio: [1, 1], width: { min: 2000 }, height: { min: 2000 } },
  ],
  [
    'Send the picture upright (portrait format), 2:3.',
    { ratio: [2, 3], orientation: ['upright'], eitherWay: false },
  ],
  [
    'Landscapes 1600 wide, portraits 1200 high.',
    { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: false },
  ],
]);

describe('one way round for everything, and a size that turns', () => {
  readsAs([
    [
      '1 photo (no montages) as JPG, between 1 MB and 6 MB, in landscape format.',
      {
        eitherWay: false,
        bytesMax: 6000000,
        bytesMin: 1000000,
        formats: ['jpeg'],
        orientation: ['lying'],
        maxFiles: 1,
      },
    ],
    [
      'The card measures 148 x 105 mm or, upright, 105 x 148 mm, and the printer wants 154 x 111 mm at 350 dpi (2122 x 1530 pixels).',
      {
        width: { exact: 2122 },
        height: { exact: 1530 },
        eitherWay: true,
        ppi: { exact: 350 },
      },
    ],
  ]);
});

describe('squares of a map, and a shape behind a label', () => {
  readsAs([
    ['Naming: survey square, hedge number and view. JPEG.', { formats: ['jpeg'] }],
    [
      'Technically: landscape format; JPG; not smaller than 2000 x 1500.',
      {
        width: { min: 2000 },
        height: { min: 1500 },
        eitherWay: false,
        formats: ['jpeg'],
        orientation: ['lying'],
      },
    ],
    [
      '1600 x 1200 or, for uprights, 1200 x 1600 pixels at most.',
      { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
    ],
    [
      'JPEG files. We can only use pictures in landscape format because the frames hang that way.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'JPEG files. The calendar is in landscape format; portrait pictures cannot be used.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'JPEG files. Wide format please, no uprights.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'Size 2400 px by 1600 px at most (rotate the figures for a vertical picture).',
      { width: { max: 2400 }, height: { max: 1600 }, eitherWay: true },
    ],
    [
      'JPEG files. The frame in the foyer hangs upright, so only tall pictures can be shown.',
      { eitherWay: false, formats: ['jpeg'] },
    ],
    [
      'JPEG files. Photos must be landscape as they run across two pages.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'JPEG files. Please hold your phone sideways: we need wide pictures.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'JPEG files. The banner needs a wide picture, no upright ones please.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'JPEG files. Vertical photographs cannot be considered.',
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      "JPEG files. Portraits (upright pictures) don't work on our screen.",
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'At most 1600 wide and 1200 high - also when the picture is upright.',
      { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
    ],
    [
      'No more than 1600 pixels across or 1200 pixels down. Note that uprights are limited by the 1200.',
      { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
    ],
    [
      'Size: 1600 by 1200 pixels, or the reverse.',
      { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: true },
    ],
    [
      '2000 x 1500 pixels is the limit; it may be turned for tall pictures.',
      { width: { max: 2000 }, height: { max: 1500 }, eitherWay: true },
    ],
    [
      'Pictures of exactly 1080 x 1920 pixels, upright that is, as PNG.',
      {
        width: { exact: 1080 },
        height: { exact: 1920 },
        eitherWay: false,
        formats: ['png'],
        orientation: ['upright'],
      },
    ],
    [
      'JPEG, 2126 x 1535 pixels at least. Landscape or upright.',
      { width: { min: 2126 }, height: { min: 1535 }, eitherWay: true, formats: ['jpeg'] },
    ],
    [
      'JPEG, 2126 x 1535 pixels at least, landscape or portrait.',
      { width: { min: 2126 }, height: { min: 1535 }, eitherWay: true, formats: ['jpeg'] },
    ],
    [
      "+ landscape pictures (upright ones don't fit the page)\n+ JPEG",
      { eitherWay: false, formats: ['jpeg'], orientation: ['lying'] },
    ],
    [
      'Max 1400 px horizontally and 1050 px vertically. Portrait format images: still 1050 px vertically.',
      { width: { max: 1400 }, height: { max: 1050 }, eitherWay: false },
    ],
    ['JPEG. Our card is A6, upright.', { eitherWay: false, formats: ['jpeg'], orientation: ['upright'] }],
    [
      'JPEG. A picture for our 2027 card (A6, folded, upright: 105 x 148 mm).',
      { eitherWay: false, formats: ['jpeg'], orientation: ['upright'] },
    ],
  ]);
});

import { readsAs } from '../../testing/reads-as.ts';

/** What organisers say of sizes, weights, depths and spaces in less usual words. */

readsAs([
  ['1600 wide or 1200 high being the most that is allowed.', { width: { max: 1600 }, height: { max: 1200 } }],
  [
    'Images: 1600 wide or 1200 high being the most we can show.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  ['2000 pixels on the long side being the limit.', { longEdge: { max: 2000 } }],
  ['2000 pixels on the long side being the least.', { longEdge: { min: 2000 } }],
  [
    'The most our screen can take is 1920 across and 1080 down.',
    { width: { max: 1920 }, height: { max: 1080 } },
  ],
  ['Beyond 2000 pixels on the long side the form refuses.', { longEdge: { max: 2000 } }],
  ['The server turns away everything past 3 MB.', { bytesMax: 3_000_000 }],
  [
    'Cover: 148 mm × 210 mm trim; please add 3 mm on each side; 350 ppi.',
    { width: { exact: 2122 }, height: { exact: 2976 }, ppi: { exact: 350 } },
  ],
  [
    '210 x 297 mm at 300 dpi, plus 3 mm bleed all round.',
    { width: { exact: 2551 }, height: { exact: 3579 }, ppi: { exact: 300 } },
  ],
  [
    '210 x 297 mm at 300 dpi. Add 3 mm bleed on all four sides.',
    { width: { exact: 2551 }, height: { exact: 3579 }, ppi: { exact: 300 } },
  ],
  [
    'A4 at 300 dpi with 3 mm extra on every edge.',
    { width: { exact: 2551 }, height: { exact: 3579 }, ppi: { exact: 300 } },
  ],
  [
    'For landscape pictures the width must be 1920 pixels; for portrait pictures the height must be 1080 pixels. Nothing may exceed these values.',
    { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
  ],
  ['JPEG at a quality no lower than 10 (of 12).', { quality: '10/12', formats: ['jpeg'] }],
  [
    'You might like to:\n- convert to sRGB\n- use quality 10\n- leave out borders',
    { colourSpace: 'sRGB', quality: '10', border: 'forbidden', advice: ['border', 'colourSpace', 'quality'] },
  ],
  [
    'You may want to:\n- convert to sRGB\n- sharpen a little',
    { colourSpace: 'sRGB', advice: ['colourSpace'] },
  ],
  [
    'Things you could do:\n- convert to sRGB\n- sharpen a little',
    { colourSpace: 'sRGB', advice: ['colourSpace'] },
  ],
  [
    'Optional, but we like it:\n* sRGB\n* no borders',
    { colourSpace: 'sRGB', border: 'forbidden', advice: ['border', 'colourSpace'] },
  ],
  [
    'We would be glad of:\n* sRGB\n* no borders',
    { colourSpace: 'sRGB', border: 'forbidden', advice: ['border', 'colourSpace'] },
  ],
  [
    'Landscape pictures: set the width to 1920. Portrait pictures: set the height to 1080. Nothing larger, please.',
    { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
  ],
  ['We can’t take files of 5 MB and over.', { bytesMax: 5_000_000 }],
  ['Files of 5 MB or more come back.', { bytesMax: 5_000_000 }],
  ['5 MB and above won’t upload.', { bytesMax: 5_000_000 }],
  ['Files of 500 KB and under are no use for printing.', { bytesMin: 500_000 }],
  ['Nothing of 500 KB or less, please.', { bytesMin: 500_000 }],
  ['500 KB and below is too small for us.', { bytesMin: 500_000 }],
  ['We cannot use pictures of 3000 pixels and more on the long side.', { longEdge: { max: 3000 } }],
  ['Pictures of 2000 pixels and more on the long side are welcome.', { longEdge: { min: 2000 } }],
  ['We only look at pictures of 2000 pixels and over on the long side.', { longEdge: { min: 2000 } }],
  [
    '1920 pixels (horizontal) and 1080 pixels (vertical) must not be exceeded.',
    { width: { max: 1920 }, height: { max: 1080 } },
  ],
  ['The long side has to reach 3000 pixels.', { longEdge: { min: 3000 } }],
  [
    'Square images with sides of at least 1000 pixels.',
    { width: { min: 1000 }, height: { min: 1000 }, ratio: [1, 1] },
  ],
  ['The file may take up no more than 2 MB of disk space.', { bytesMax: 2_000_000 }],
  ['Mode: RGB/8', { bitDepth: 8 }],
  [
    'JPEG, sRGB, three each, 14 May 2027.',
    { closes: '2027-05-14', formats: ['jpeg'], colourSpace: 'sRGB', maxFiles: 3 },
  ],
  ['JPEG as the camera wrote it, EXIF and all.', { strip: false, formats: ['jpeg'] }],
  [
    'Landscape images: 1920 pixels maximum horizontally. Portrait images: 1080 pixels maximum vertically.',
    { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
  ],
  [
    '6 x 4 inches at 300 dpi, please, landscape or portrait.',
    { width: { exact: 1800 }, height: { exact: 1200 }, ppi: { exact: 300 }, eitherWay: true },
  ],
  ['8 or 16 bit? 16 is better.', { bitDepth: 16, advice: ['bitDepth'] }],
  ['8 or 16 bit? 8.', { bitDepth: 8 }],
  ['8 or 16 bit? 16, please.', { bitDepth: 16 }],
  ['2400 pixels on the long side, more does no harm.', { longEdge: { min: 2400 } }],
  ['2400 pixels on the long side; bigger is better.', { longEdge: { min: 2400 } }],
  ['For all of them: JPEG, at most 3 MB.', { bytesMax: 3_000_000, formats: ['jpeg'] }],
  [
    'Pixels: width between 150 and 200, height between 200 and 250.',
    { width: { min: 150, max: 200 }, height: { min: 200, max: 250 } },
  ],
  [
    'Dimensions in pixels: width 150 to 200, height 200 to 250.',
    { width: { min: 150, max: 200 }, height: { min: 200, max: 250 } },
  ],
  [
    'Width: 150-200, height: 200-250 (pixels).',
    { width: { min: 150, max: 200 }, height: { min: 200, max: 250 } },
  ],
  ['3000 px on the longest edge, not less; 4500 px is the most.', { longEdge: { min: 3000, max: 4500 } }],
  ['No less than 3000 px on the longest edge; 4500 px is the most.', { longEdge: { min: 3000, max: 4500 } }],
  [
    'All the rest is guidance. sRGB is safest. Save at quality 10 or more.',
    { colourSpace: 'sRGB', quality: '10', advice: ['colourSpace', 'quality'] },
  ],
  [
    'The following is only guidance. Use sRGB. Save at quality 10 or more.',
    { colourSpace: 'sRGB', quality: '10', advice: ['colourSpace', 'quality'] },
  ],
  [
    'Mr Oakes needs them on a stick or by mail (mails up to 20 MB), in JPEG.',
    { packageBytesMax: 20_000_000, formats: ['jpeg'] },
  ],
]);

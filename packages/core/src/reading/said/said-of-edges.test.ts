import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** The long and the short edge. Each sentence with all that it says and nothing more. */

readsAs([
  ['Nothing over 2000 pixels on the long side, thank you.', { longEdge: { max: 2000 } }],
  ['The longest side is to be 1500 pixels, no more and no less.', { longEdge: { exact: 1500 } }],
  ['Please make the long side 1800px.', { longEdge: { exact: 1800 } }],
  ['Pictures must have 2500 pixels or more on their longest side.', { longEdge: { min: 2500 } }],
  ['Longest dimension: no fewer than 2400 px.', { longEdge: { min: 2400 } }],
  ['Each image should be sized to 1024 pixels on the longest edge.', { longEdge: { exact: 1024 } }],
  ['Keep the long edge to 1600 pixels or thereabouts.', { longEdge: { max: 1600 } }],
  ['Long side: min 2000 px, max 4000 px.', { longEdge: { min: 2000, max: 4000 } }],
  ['The picture should measure no less than 1800 px on its shortest edge.', { shortEdge: { min: 1800 } }],
  ['Shortest side 1080 px minimum.', { shortEdge: { min: 1080 } }],
  [
    'Images should have a longest side of between 1,600 and 2,000 pixels.',
    { longEdge: { min: 1600, max: 2000 } },
  ],
  ['Reduce the image so its longest side is 1280 pixels.', { longEdge: { exact: 1280 } }],
  ['No image may be less than 1600 pixels on the longest side.', { longEdge: { min: 1600 } }],
  ['Image size 20 cm on the longest side at 300 ppi.', { longEdge: { exact: 2362 }, ppi: { exact: 300 } }],
  [
    'Longest side at most 2048 px, shortest at least 800 px.',
    { longEdge: { max: 2048 }, shortEdge: { min: 800 } },
  ],
  ['The file needs to be 5,000 pixels or larger on the longest edge.', { longEdge: { min: 5000 } }],
  [
    'Pictures of under 1000 pixels are too small for us, so please send at least 1500 on the long edge.',
    { longEdge: { min: 1500 } },
  ],
  ['Set the longest edge at 2000 pixels.', { longEdge: { exact: 2000 } }],
  [
    'Images with fewer than 2000 pixels along the longest edge will not be accepted.',
    { longEdge: { min: 2000 } },
  ],
  ['Your longest side? 2000 pixels.', { longEdge: { exact: 2000 } }],
  ['Image size: longest side 2 000 pixels', { longEdge: { exact: 2000 } }],
  ['Min 1920 on the long edge, max 4096.', { longEdge: { min: 1920, max: 4096 } }],
  [
    'Longest edge must not exceed 1920 pixels; shortest edge must not exceed 1200 pixels.',
    { longEdge: { max: 1920 }, shortEdge: { max: 1200 } },
  ],
  [
    'The picture needs to be at least 2400 pixels wide if it is landscape, or 2400 pixels high if it is portrait.',
    { longEdge: { min: 2400 } },
  ],
  [
    'Please size your picture to exactly 1400 pixels on the longer side, e.g. 1400 x 933.',
    { longEdge: { exact: 1400 } },
  ],
  ['The longer dimension must lie in the range 2000-3000 pixels.', { longEdge: { min: 2000, max: 3000 } }],
  [
    'Images whose longest side measures less than 1800 pixels cannot be printed.',
    { longEdge: { min: 1800 } },
  ],
  ['Do send us large files: 4000 pixels on the long edge is the minimum.', { longEdge: { min: 4000 } }],
  ['Shortest side at least 20 cm at 300 ppi.', { shortEdge: { min: 2362 }, ppi: { exact: 300 } }],
  [
    'Your camera probably makes 6000 x 4000 pixel images; we need 3000 on the long edge.',
    { longEdge: { exact: 3000 } },
  ],
  [
    'We print them at 20 cm, but please send 3000 pixels or more on the long side.',
    { longEdge: { min: 3000 } },
  ],
  ['No larger than 1600 pixels in any direction.', { longEdge: { max: 1600 } }],
  ['Width and height each at least 900 pixels.', { shortEdge: { min: 900 } }],
  ['Max. dimension of longest side: 2560 pixels', { longEdge: { max: 2560 } }],
  ['up to 3000 px (longest side)', { longEdge: { max: 3000 } }],
  [
    'For technical reasons files need exactly 1772 pixels on the shorter side.',
    { shortEdge: { exact: 1772 } },
  ],
  ['Pictures with a long edge of more than 5000 pixels time out.', { longEdge: { max: 5000 } }],
  ['Minimum of 2000 px along the short edge.', { shortEdge: { min: 2000 } }],
  ['We can use everything from 1500 px (long side) upwards.', { longEdge: { min: 1500 } }],
  ['Long edge 2400 px (short edge follows)', { longEdge: { exact: 2400 } }],
  ['We recommend 3000 px on the long edge; less than 1600 px cannot be used.', { longEdge: { min: 1600 } }],
  ['File should be 2,000-4,000 pixels on the longest side.', { longEdge: { min: 2000, max: 4000 } }],
  ['Each image shall have its longer side equal to 2000 pixels.', { longEdge: { exact: 2000 } }],
  ['The shorter side should not fall below 1200 pixels.', { shortEdge: { min: 1200 } }],
  ['Resize, so that the longest edge becomes 1500 px.', { longEdge: { exact: 1500 } }],
  ['Neither width nor height may exceed 2000 pixels.', { longEdge: { max: 2000 } }],
  ['Image size is limited to 2000 pixels for the longer side.', { longEdge: { max: 2000 } }],
  [
    'The upper limit for the long edge is 5000 pixels, the lower limit 2500.',
    { longEdge: { max: 5000, min: 2500 } },
  ],
  ['Minimum 10 inches on the long edge at 300 dpi.', { longEdge: { min: 3000 }, ppi: { exact: 300 } }],
  ['Image specifications: 1500px longest side, 72dpi', { longEdge: { exact: 1500 }, ppi: { exact: 72 } }],
  [
    'The picture should have around 2000 pixels on the long side, more does no harm.',
    { longEdge: { exact: 2000 } },
  ],
  [
    'Only pictures with 3000 pixels or more (long edge) can be considered for the cover.',
    { longEdge: { min: 3000 } },
  ],
  [
    'image dimensions must be between 500 and 5000 pixels on each side',
    { shortEdge: { min: 500 }, longEdge: { max: 5000 } },
  ],
  [
    'Minimum: 1000 pixels on the shortest side; maximum: 6000 pixels on the longest side.',
    { shortEdge: { min: 1000 }, longEdge: { max: 6000 } },
  ],
  ['Long side: exactly 1800 pixels. Short side: whatever it turns out to be.', { longEdge: { exact: 1800 } }],
  ['Long edge from 2000 px, no upper limit.', { longEdge: { min: 2000 } }],
  ['Maximum size (long edge): 2500 pixels', { longEdge: { max: 2500 } }],
  ['Size (pixels, long edge): 2500', { longEdge: { exact: 2500 } }],
  ['Max. side length: 2048 px', { longEdge: { max: 2048 } }],
  [
    'Each side must have between 1000 and 3000 pixels.',
    { shortEdge: { min: 1000 }, longEdge: { max: 3000 } },
  ],
  ['The short edge shouldn’t be under 1000 pixels.', { shortEdge: { min: 1000 } }],
  ['At 300 ppi and 30 cm on the longest side.', { longEdge: { exact: 3543 }, ppi: { exact: 300 } }],
  ['Resize to 2000px on the longest edge, 300ppi.', { longEdge: { exact: 2000 }, ppi: { exact: 300 } }],
  [
    'We are asking for a longest edge of 1500 pixels this year; last year it was 1200.',
    { longEdge: { exact: 1500 } },
  ],
]);

describe('kinds that one sentence names', () => {
  readsAs([
    [
      'Please give me the cover picture as a TIFF, 300 x 210 mm at 350 dpi, and the back picture as a JPEG of at least 1500 pixels on the short side.',
      { width: { exact: 4134 }, height: { exact: 2894 }, formats: ['tiff'], ppi: { exact: 350 } },
    ],
  ]);
});

describe('what a person says in passing', () => {
  readsAs([
    ['JPEG. A border is a matter of taste.', { formats: ['jpeg'], border: 'allowed' }],
    ["JPEG. Borders are at the member's discretion.", { formats: ['jpeg'], border: 'allowed' }],
    [
      'JPEG. It is not permitted to put watermark, signature or margin.',
      { formats: ['jpeg'], border: 'forbidden', watermark: 'forbidden' },
    ],
    ['JPEG. 300 dpi? Put it in if it makes you happy.', { formats: ['jpeg'] }],
    [
      "JPEG. I like sRGB, so I'd go with that.",
      { formats: ['jpeg'], colourSpace: 'sRGB', advice: ['colourSpace'] },
    ],
    [
      'One, square, between 400 and 1000 pixels, JPG or PNG',
      {
        width: { min: 400, max: 1000 },
        height: { min: 400, max: 1000 },
        ratio: [1, 1],
        formats: ['jpeg', 'png'],
      },
    ],
    ['On a stick, or mail (her box takes 20 MB at once)', { packageBytesMax: 20000000 }],
    ['Limit of reception: 30 of June of 2027, 24h00.', { closes: '2027-06-30T23:59' }],
    [
      'Filename = Title_Firstname Surname.jpg',
      {
        name: {
          example: 'Title_Firstname Surname.jpg',
          parts: ['title', 'text:_', 'first name', 'text: ', 'surname'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Year first in the file name, then what it shows: 1987 Bath Abbey.jpg.',
      {
        name: {
          example: '1987 Bath Abbey.jpg',
          parts: ['year', 'text: ', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
  ]);
});

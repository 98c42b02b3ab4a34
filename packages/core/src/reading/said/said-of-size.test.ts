import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** Sizes, shapes and which way round a picture may stand. Each sentence with all that it says and nothing more. */

describe('sizes', () => {
  readsAs([
    [
      'Images should be 1600 pixels wide and 1200 pixels high.',
      { width: { exact: 1600 }, height: { exact: 1200 } },
    ],
    ['Please resize so that neither side is bigger than 1920 pixels.', { longEdge: { max: 1920 } }],
    [
      'Your picture must be resized to fit a box of 1600 by 1200 pixels.',
      { width: { max: 1600 }, height: { max: 1200 } },
    ],
    [
      'Picture dimensions: width 1400px max, height 1050px max',
      { width: { max: 1400 }, height: { max: 1050 } },
    ],
    ['Max width = 1920, max height = 1080 (pixels).', { width: { max: 1920 }, height: { max: 1080 } }],
    [
      'Horizontal dimension: not exceeding 1600 pixels. Vertical dimension: not exceeding 1200 pixels.',
      { width: { max: 1600 }, height: { max: 1200 } },
    ],
    ['Size: 1024px (W) x 768px (H) maximum.', { width: { max: 1024 }, height: { max: 768 } }],
    [
      'Images must be exactly 1920px x 1080px; anything else is refused.',
      { width: { exact: 1920 }, height: { exact: 1080 } },
    ],
    ['The longest side of the picture must measure 3000 pixels.', { longEdge: { exact: 3000 } }],
    ['Long side 2500 pixels minimum', { longEdge: { min: 2500 } }],
    ['Please scale your photos down to 2000 px on the long side.', { longEdge: { exact: 2000 } }],
    ['minimum 2000 px for the long side', { longEdge: { min: 2000 } }],
    ['with a minimum of 3000 pixels at the longest dimension', { longEdge: { min: 3000 } }],
    ['Photographs submitted must have a maximum long edge of 1800 pixels.', { longEdge: { max: 1800 } }],
    ['We need pictures of not less than 3,600 pixels along the longer side.', { longEdge: { min: 3600 } }],
    ['The short side must be no smaller than 1200 px.', { shortEdge: { min: 1200 } }],
    ['The shorter edge has to have at least 1500 pixels.', { shortEdge: { min: 1500 } }],
    ['Minimum size 1200 x 800 px', { width: { min: 1200 }, height: { min: 800 } }],
    ['Pictures smaller than 2000 pixels on the long edge cannot be used.', { longEdge: { min: 2000 } }],
    [
      'Images with a longest edge over 4000 px will be rejected by the upload form.',
      { longEdge: { max: 4000 } },
    ],
    ['Any picture more than 1200 pixels tall will be turned away.', { height: { max: 1200 } }],
    [
      'The width may be anything up to 1920 px; the height may be anything up to 1080 px.',
      { width: { max: 1920 }, height: { max: 1080 } },
    ],
    ['Width: 1920 px. Height: 1080 px.', { width: { exact: 1920 }, height: { exact: 1080 } }],
    [
      '1920 pixels on the horizontal or 1200 pixels on the vertical, whichever is reached first',
      { width: { max: 1920 }, height: { max: 1200 } },
    ],
    [
      'The digital file must measure 2000 pixels along its longest edge (not more, not less).',
      { longEdge: { exact: 2000 } },
    ],
    ['Files must be 3840 pixels (long edge).', { longEdge: { exact: 3840 } }],
    ['Longest edge between 1500px and 2500px.', { longEdge: { min: 1500, max: 2500 } }],
    ['The long edge should lie between 2000 and 4000 pixels.', { longEdge: { min: 2000, max: 4000 } }],
    ['Resolution: 1920 x 1080 pixels', { width: { exact: 1920 }, height: { exact: 1080 } }],
    ['Full HD (1920 x 1080 pixels), no larger.', { width: { max: 1920 }, height: { max: 1080 } }],
    [
      'Images need to be 1400px along the top and no more than 1050px down the side.',
      { width: { exact: 1400 }, height: { max: 1050 } },
    ],
    ['At least 2400 pixels across.', { width: { min: 2400 } }],
    [
      'The picture may not be wider than 1400 pixels or taller than 1050 pixels.',
      { width: { max: 1400 }, height: { max: 1050 } },
    ],
    ['No side longer than 2048 px.', { longEdge: { max: 2048 } }],
    ['No dimension may exceed 5000 pixels.', { longEdge: { max: 5000 } }],
    ['Both sides at least 600 px.', { shortEdge: { min: 600 } }],
    ['Each side must be at least 1000 pixels.', { shortEdge: { min: 1000 } }],
    ['Neither dimension may be less than 800 pixels.', { shortEdge: { min: 800 } }],
    ['The smaller dimension must be 1080 pixels or more.', { shortEdge: { min: 1080 } }],
    [
      'Images are to be sized at 1080 px square.',
      { width: { exact: 1080 }, height: { exact: 1080 }, ratio: [1, 1] },
    ],
    ['A square picture of 600 pixels.', { width: { exact: 600 }, height: { exact: 600 }, ratio: [1, 1] }],
    [
      '413 x 531 pixels (35 x 45 mm at 300 dpi)',
      { width: { exact: 413 }, height: { exact: 531 }, ppi: { exact: 300 } },
    ],
    [
      '35 mm wide by 45 mm high at 600 dpi',
      { width: { exact: 827 }, height: { exact: 1063 }, ppi: { exact: 600 } },
    ],
    ['20 x 30 cm, 300 ppi', { width: { exact: 2362 }, height: { exact: 3543 }, ppi: { exact: 300 } }],
    [
      'A4 (210 x 297 mm) at 300 ppi',
      { width: { exact: 2480 }, height: { exact: 3508 }, ppi: { exact: 300 } },
    ],
    ['A print file 40 cm on the long side at 240 ppi', { longEdge: { exact: 3780 }, ppi: { exact: 240 } }],
    [
      'Photo size: 2 x 2 inches at 300 dpi',
      { width: { exact: 600 }, height: { exact: 600 }, ppi: { exact: 300 } },
    ],
    [
      'Portrait-format pictures are limited to the same 1080 pixels in height. Landscape ones may be 1920 pixels wide.',
      { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
    ],
    [
      '1600 × 1200 px for landscape, 1200 × 1600 px for portrait',
      { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: true },
    ],
    [
      'Images should be 2048 pixels on the longest side (2048 px wide for landscape; 2048 px high for upright).',
      { longEdge: { exact: 2048 } },
    ],
    [
      'Landscape images: 1920 pixels wide. Portrait images: 1080 pixels high.',
      { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: false },
    ],
    [
      'The maximum dimensions are 1600 (horizontal) and 1200 (vertical) pixels.',
      { width: { max: 1600 }, height: { max: 1200 } },
    ],
    ['max. horizontal 1920 px, max. vertical 1080 px', { width: { max: 1920 }, height: { max: 1080 } }],
    [
      'Bigger than 1400 x 1050 pixels and I will have to shrink it.',
      { width: { max: 1400 }, height: { max: 1050 } },
    ],
    [
      'We ask for a minimum of 2,000 and a maximum of 6,000 pixels on the long edge.',
      { longEdge: { min: 2000, max: 6000 } },
    ],
    ['at 1920 px long edge', { longEdge: { exact: 1920 } }],
    ['at least 1080 px short edge', { shortEdge: { min: 1080 } }],
    ['1200px (min) to 3000px (max) on the longest side', { longEdge: { min: 1200, max: 3000 } }],
    ['min 1200 px / max 3000 px long side', { longEdge: { min: 1200, max: 3000 } }],
    ['Image width 800–1600 pixels', { width: { min: 800, max: 1600 } }],
    ['Height: from 600 up to 1200 pixels', { height: { min: 600, max: 1200 } }],
    ['Dimensions: 240 (width) x 320 (height) pixels', { width: { exact: 240 }, height: { exact: 320 } }],
    [
      'dimensions 160 to 212 pixels wide and 200 to 260 pixels high',
      { width: { min: 160, max: 212 }, height: { min: 200, max: 260 } },
    ],
    [
      'Minimum 350 x 450, maximum 1000 x 1200 pixels',
      { width: { min: 350, max: 1000 }, height: { min: 450, max: 1200 } },
    ],
    [
      'The photograph should be between 600 x 600 and 1200 x 1200 pixels.',
      { width: { min: 600, max: 1200 }, height: { min: 600, max: 1200 } },
    ],
    ['The picture should be 600 pixels high with the width in proportion.', { height: { exact: 600 } }],
    ['Crop to 16:9 and save at 3840 pixels wide.', { ratio: [16, 9], width: { exact: 3840 } }],
    [
      '2:3 or 3:2 aspect ratio',
      {
        ratio: [
          [2, 3],
          [3, 2],
        ],
      },
    ],
    ['The image ratio must be 4 to 5.', { ratio: [4, 5] }],
    ['an aspect ratio of 1.91:1', { ratio: [1.91, 1] }],
    ['square format only (1:1)', { ratio: [1, 1] }],
    ['The picture must be exactly square.', { ratio: [1, 1] }],
    [
      'Vertical pictures only, 1080 × 1920 px.',
      { width: { exact: 1080 }, height: { exact: 1920 }, eitherWay: false, orientation: ['upright'] },
    ],
    [
      'Images must be landscape, 3000 px wide.',
      { width: { exact: 3000 }, eitherWay: false, orientation: ['lying'] },
    ],
    ['Both landscape and portrait are welcome, longest side 2000 px.', { longEdge: { exact: 2000 } }],
    [
      'The same maximum of 1080 px high applies to vertical images. Width up to 1920 px.',
      { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
    ],
    [
      'Max 1600 x 1200 (or 1200 x 1600 for uprights)',
      { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
    ],
    [
      'Not bigger than 1400 pixels wide and 1050 pixels deep, no matter whether landscape or portrait.',
      { width: { max: 1400 }, height: { max: 1050 }, eitherWay: false },
    ],
    [
      'Ideally 3000 px on the long edge, JPEG',
      { formats: ['jpeg'], longEdge: { exact: 3000 }, advice: ['longEdge'] },
    ],
    [
      'Images should be a maximum of 1920 pixels on the longest side with a file size not exceeding 3MB.',
      { longEdge: { max: 1920 }, bytesMax: 3000000 },
    ],
    ['Maximum image dimensions are 1400px by 1050px.', { width: { max: 1400 }, height: { max: 1050 } }],
    [
      'The image size must not be greater than 1400 x 1050 pixels (W x H).',
      { width: { max: 1400 }, height: { max: 1050 } },
    ],
    [
      'For landscape images set the width to 1920 px; for portrait images set the height to 1080 px.',
      { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: false },
    ],
    [
      'Landscape images max 1920 wide, portrait images max 1200 high (pixels).',
      { width: { max: 1920 }, height: { max: 1200 }, eitherWay: false },
    ],
    [
      'Images in portrait orientation must be no more than 1200 pixels high; landscape images no more than 1600 pixels wide.',
      { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
    ],
    [
      'The maximum size of the long side is 2000 px, and the file should not be above 2,5 MB.',
      { longEdge: { max: 2000 }, bytesMax: 2500000 },
    ],
    [
      'Send the picture at its full resolution, in any case not smaller than 3000 px on the long edge.',
      { longEdge: { min: 3000 } },
    ],
    [
      'Photos need to be big enough to print: 3000 pixels on the longest side or more.',
      { longEdge: { min: 3000 } },
    ],
    ['We can only use pictures that are 1500 pixels wide or more.', { width: { min: 1500 } }],
    ['Your picture must be bigger than 1000 x 1000 pixels.', { width: { min: 1000 }, height: { min: 1000 } }],
    ['Do not send pictures smaller than 1600 pixels on the longest side.', { longEdge: { min: 1600 } }],
    [
      'Files should have 2500 pixels on their longest edge and a resolution of 300 dpi.',
      { longEdge: { exact: 2500 }, ppi: { exact: 300 } },
    ],
    [
      'Long edge = 2500 px, 300 dpi, sRGB, JPEG',
      { longEdge: { exact: 2500 }, ppi: { exact: 300 }, colourSpace: 'sRGB', formats: ['jpeg'] },
    ],
    ['Width x height: 600 x 400 px', { width: { exact: 600 }, height: { exact: 400 } }],
    [
      'Pixel dimensions 1024 x 768 or 768 x 1024',
      { width: { exact: 1024 }, height: { exact: 768 }, eitherWay: true },
    ],
    [
      'Images must be 1080 pixels tall, any width up to 1920.',
      { height: { exact: 1080 }, width: { max: 1920 } },
    ],
    ['Scale the picture to a height of 1080 pixels.', { height: { exact: 1080 } }],
    [
      'Your photo (3:4, at least 900 x 1200 px)',
      { ratio: [3, 4], width: { min: 900 }, height: { min: 1200 } },
    ],
    [
      'The photograph should be 45 mm high and 35 mm wide, scanned at 300 dpi.',
      { width: { exact: 413 }, height: { exact: 531 }, ppi: { exact: 300 } },
    ],
    [
      'Print size 30 x 40 cm at 200 dpi',
      { width: { exact: 2362 }, height: { exact: 3150 }, ppi: { exact: 200 } },
    ],
    [
      'Please supply a file of 60 cm on the longest side at 150 ppi.',
      { longEdge: { exact: 3543 }, ppi: { exact: 150 } },
    ],
    ['Size 10x15 cm, 300 dpi', { width: { exact: 1181 }, height: { exact: 1772 }, ppi: { exact: 300 } }],
    [
      'Files of at least 20 x 30 cm at 300 dpi',
      { width: { min: 2362 }, height: { min: 3543 }, ppi: { exact: 300 } },
    ],
    [
      'The image must be a square of 1080 pixels.',
      { width: { exact: 1080 }, height: { exact: 1080 }, ratio: [1, 1] },
    ],
    ['cropped square, 800 pixels minimum', { ratio: [1, 1], width: { min: 800 }, height: { min: 800 } }],
    ['format 16:9', { ratio: [16, 9] }],
    ['All images in 3:2 format', { ratio: [3, 2] }],
    ['Longest edge 3000–5000 px', { longEdge: { min: 3000, max: 5000 } }],
    ['longest edge: min. 3000 px, max. 5000 px', { longEdge: { min: 3000, max: 5000 } }],
    ['Long edge minimum 3000 px; maximum 5000 px.', { longEdge: { min: 3000, max: 5000 } }],
    [
      'The longer side must be at least 1920 pixels but no more than 3840 pixels.',
      { longEdge: { min: 1920, max: 3840 } },
    ],
    [
      'No bigger than 1920x1080, please, 2MB at the most.',
      { width: { max: 1920 }, height: { max: 1080 }, bytesMax: 2000000 },
    ],
    [
      'jpgs 1920 on the long side max 3mb',
      { formats: ['jpeg'], longEdge: { exact: 1920 }, bytesMax: 3000000 },
    ],
    ['Resize to 2048 (longest side) and save for web.', { longEdge: { exact: 2048 } }],
    ['Set the longest side to 1600 pixels.', { longEdge: { exact: 1600 } }],
    [
      'The size must be between 640x480 and 1920x1080 pixels.',
      { width: { min: 640, max: 1920 }, height: { min: 480, max: 1080 } },
    ],
    [
      'Minimum resolution: 1200 x 900 pixels. Maximum resolution: 4000 x 3000 pixels.',
      { width: { min: 1200, max: 4000 }, height: { min: 900, max: 3000 } },
    ],
  ]);
});

describe('sides with a least and a greatest, or named in brackets', () => {
  readsAs([
    [
      'JPEG, not smaller than 1200 pixels and not larger than 2400 pixels on the longest side.',
      { longEdge: { min: 1200, max: 2400 }, formats: ['jpeg'] },
    ],
    [
      'Each must be a JPEG, RGB, no smaller than 2000 pixels and no larger than 3500 pixels along its longest side.',
      { longEdge: { min: 2000, max: 3500 }, formats: ['jpeg'] },
    ],
    [
      'Photograph: size 4.5 cm (height) x 3.5 cm (width), scanned at 200 dpi, JPG.',
      { width: { exact: 276 }, height: { exact: 354 }, formats: ['jpeg'], ppi: { exact: 200 } },
    ],
    [
      'The picture is 45 mm (H) by 35 mm (W) at 300 dpi, JPG.',
      { width: { exact: 413 }, height: { exact: 531 }, formats: ['jpeg'], ppi: { exact: 300 } },
    ],
    [
      'The width is either 80 mm (single column) or 168 mm (full width), at 300 ppi.',
      { ppi: { exact: 300 } },
    ],
  ]);
});

describe('a frame that a picture fits inside', () => {
  readsAs([
    [
      'They want 1920 x 1200 (fit inside it), JPEG quality 10.',
      { width: { max: 1920 }, height: { max: 1200 }, formats: ['jpeg'], quality: '10' },
    ],
  ]);
});

describe('length for width', () => {
  readsAs([
    [
      'Landscape format only, at least 5000 pixels in length and 2500 pixels in height.',
      { width: { min: 5000 }, height: { min: 2500 }, eitherWay: false, orientation: ['lying'] },
    ],
  ]);
});

describe('a least size told by its density, or by where it begins', () => {
  readsAs([
    [
      'Your photo needs a resolution of at least 300 dpi at A3 (so 4961 x 3508 pixels).',
      { width: { min: 4961 }, height: { min: 3508 }, ppi: { min: 300 } },
    ],
    ['JPEG; any size from 2000 px (long side)', { longEdge: { min: 2000 }, formats: ['jpeg'] }],
  ]);
});

describe('from left to right', () => {
  readsAs([
    ['At least 3,000 pixels from left to right, or they look soft on the wall.', { width: { min: 3000 } }],
  ]);
});

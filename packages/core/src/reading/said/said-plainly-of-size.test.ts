import { readsAs } from '../../testing/reads-as.ts';

/** Sizes, shapes and weights, as organisers plainly write them. Each sentence with all that it says and nothing more. */

readsAs([
  ['The longest edge must be 3,000 pixels or longer.', { longEdge: { min: 3000 } }],
  ['The long side has to be 2400 px or larger.', { longEdge: { min: 2400 } }],
  ['The width should be 3000 pixels or wider.', { width: { min: 3000 } }],
  ['The short edge must be 1800 pixels or above.', { shortEdge: { min: 1800 } }],
  ['Long edge: 2000 px and up.', { longEdge: { min: 2000 } }],
  ['Long edge of 2500 px upwards.', { longEdge: { min: 2500 } }],
  ['Height 1200 pixels or taller.', { height: { min: 1200 } }],
  ['Long edge 3000 px or greater.', { longEdge: { min: 3000 } }],
  ['Longest side: 2400 px or more, 6000 px or fewer.', { longEdge: { min: 2400 } }],
  ['The longest edge may be 2400 px or shorter.', { longEdge: { max: 2400 } }],
  ['Width 1600 px or narrower.', { width: { max: 1600 } }],
  ['Files of 5 MB or lighter.', { bytesMax: 5000000 }],
  ['Files of 2 MB or heavier.', { bytesMin: 2000000 }],
  [
    'JPEG. The image must be 1920 pixels wide or 1200 pixels high, whichever comes first.',
    { width: { max: 1920 }, height: { max: 1200 }, formats: ['jpeg'] },
  ],
  [
    'Landscape pictures 1920 px wide, portrait pictures 1200 px high.',
    { width: { exact: 1920 }, height: { exact: 1200 }, eitherWay: false },
  ],
  ['Pictures 1920 px wide and 1200 px high at the most.', { width: { max: 1920 }, height: { max: 1200 } }],
  [
    'The horizontal side must be no longer than 1920 px and the vertical side no longer than 1200 px.',
    { width: { max: 1920 }, height: { max: 1200 } },
  ],
  [
    'Maximum dimensions: 1920 pixels (horizontal), 1200 pixels (vertical).',
    { width: { max: 1920 }, height: { max: 1200 } },
  ],
  [
    'Maximum dimensions 1920 x 1200 in either orientation.',
    { width: { max: 1920 }, height: { max: 1200 }, eitherWay: true },
  ],
  [
    'Images may not exceed 1920 pixels horizontally nor 1200 pixels vertically.',
    { width: { max: 1920 }, height: { max: 1200 } },
  ],
  ['Resize to fit a box of 1920 by 1200 pixels.', { width: { max: 1920 }, height: { max: 1200 } }],
  ['Resize your image to 1920 x 1200.', { width: { exact: 1920 }, height: { exact: 1200 } }],
  ['1920 x 1200 is the largest size our projector shows.', { width: { max: 1920 }, height: { max: 1200 } }],
  [
    "Our projector has 1920 x 1200 pixels; please don't go beyond that.",
    { width: { max: 1920 }, height: { max: 1200 } },
  ],
  ['Nothing over 1920 pixels across or 1200 pixels down.', { width: { max: 1920 }, height: { max: 1200 } }],
  ['No wider than 1920, no taller than 1200.', { width: { max: 1920 }, height: { max: 1200 } }],
  ['No side longer than 2000 px.', { longEdge: { max: 2000 } }],
  ['Neither side may be longer than 2000 pixels.', { longEdge: { max: 2000 } }],
  ['2000 pixels max on any side.', { longEdge: { max: 2000 } }],
  ['The larger dimension is to be 2000 pixels.', { longEdge: { exact: 2000 } }],
  ['The bigger side should measure at least 2000 pixels.', { longEdge: { min: 2000 } }],
  ['The longest side has to measure between 2000 and 3000 pixels.', { longEdge: { min: 2000, max: 3000 } }],
  ['The long edge is limited to 2000 px.', { longEdge: { max: 2000 } }],
  ['Long edge not under 2000 px.', { longEdge: { min: 2000 } }],
  ['Images with fewer than 2000 pixels on the long side cannot be accepted.', { longEdge: { min: 2000 } }],
  [
    'Images that are smaller than 2000 pixels on the long side will be rejected.',
    { longEdge: { min: 2000 } },
  ],
  ['We need 2000 pixels or more on the longest side.', { longEdge: { min: 2000 } }],
  ['Please size pictures to 2000 pixels (longest side).', { longEdge: { exact: 2000 } }],
  ['Files should be sized at 2000px along the longest side.', { longEdge: { exact: 2000 } }],
  ['Size them to 2000 pixels at the long edge.', { longEdge: { exact: 2000 } }],
  ['Width: 2000 px. Height: any.', { width: { exact: 2000 } }],
  ['Exactly 2000 pixels wide; the height is up to you.', { width: { exact: 2000 } }],
  ['2000 pixels wide, height in proportion.', { width: { exact: 2000 } }],
  [
    'Upright pictures: 1200 pixels high; landscape pictures: 1920 pixels wide.',
    { width: { exact: 1920 }, height: { exact: 1200 }, eitherWay: false },
  ],
  [
    'For upright pictures the height must not exceed 1200 pixels either.',
    { height: { max: 1200 }, eitherWay: false },
  ],
  ['Square pictures of 1080 x 1080 pixels.', { width: { exact: 1080 }, height: { exact: 1080 } }],
  ['Square, 1080 pixels each side.', { width: { exact: 1080 }, height: { exact: 1080 }, ratio: [1, 1] }],
  ['The crop must be square.', { ratio: [1, 1] }],
  ['The aspect ratio should be 3:2.', { ratio: [3, 2] }],
  [
    'Aspect ratio 3:2 or 2:3.',
    {
      ratio: [
        [3, 2],
        [2, 3],
      ],
    },
  ],
  [
    'Formats 3:2, 4:3 and 1:1 are possible.',
    {
      ratio: [
        [3, 2],
        [4, 3],
        [1, 1],
      ],
    },
  ],
  ['Ratio of width to height 4:3.', { ratio: [4, 3] }],
  ['Use the 16:9 format.', { ratio: [16, 9] }],
  ['JPEG. Up to 2 MB each.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. Every file under 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. 2 MB a picture.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. 2 MB apiece at most.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. File size: below 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. Keep to 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. Stay within 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ["JPEG. Files over 2 MB don't get through.", { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. Our mailbox takes 10 MB per mail.', { formats: ['jpeg'], packageBytesMax: 10000000 }],
  ['JPEG. Files must not weigh over 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. The heaviest file we accept is 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. A single file may have 2 MB.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. File size 1-2 MB.', { bytesMax: 2000000, bytesMin: 1000000, formats: ['jpeg'] }],
  ['JPEG. Somewhere around 2 MB per file.', { bytesMax: 2000000, formats: ['jpeg'] }],
  ['JPEG. 500 KB or less.', { bytesMax: 500000, formats: ['jpeg'] }],
  ['JPEG. At least 500 KB and at the most 2 MB.', { bytesMax: 2000000, bytesMin: 500000, formats: ['jpeg'] }],
  ['JPEG. No smaller than 500 KB.', { bytesMin: 500000, formats: ['jpeg'] }],
  ['JPEG. Large files (2 MB and up) are needed for the book.', { bytesMin: 2000000, formats: ['jpeg'] }],
  ['The file size must lie between 500 KB and 2 MB.', { bytesMax: 2000000, bytesMin: 500000 }],
  ['Nothing bigger than 2 MB please.', { bytesMax: 2000000 }],
  ['Files that exceed 2 MB cannot be uploaded.', { bytesMax: 2000000 }],
  ['The upload stops at 2 MB.', { bytesMax: 2000000 }],
  ['Maximum size for upload 2MB.', { bytesMax: 2000000 }],
  ['All files together no more than 20 MB.', { packageBytesMax: 20000000 }],
  ['20 MB for everything.', { packageBytesMax: 20000000 }],
  ['The mail must stay under 20 MB.', { packageBytesMax: 20000000 }],
  ['Send the zip (max 50 MB) by link.', { packageBytesMax: 50000000 }],
  [
    'Images must be no more than 1920 x 1200 pixels. For upright images the limit of 1200 pixels in height also applies.',
    { width: { max: 1920 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels. Portrait images may be no higher than 1200 pixels.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels. Verticals must be within the same limits.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels, regardless of orientation.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels for landscape, 1200 x 1600 pixels for portrait.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
  ],
  [
    'Max. 1600 x 1200 pixels; portrait images can be 1200 x 1600.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
  ],
  [
    'Max. 1600 x 1200 pixels (or the reverse for portrait images).',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
  ],
  [
    'Max. 1600 x 1200 pixels. Portrait images: max. 1200 pixels high.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels. An upright picture is therefore at most 1200 pixels high.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels. Upright pictures are not to be turned on their side.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels. Please do not rotate portrait images.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Max. 1600 x 1200 pixels. The projector shows portrait images at 1200 pixels in height at most.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'The width may be up to 1600 pixels and the height up to 1200 pixels, both for landscape and for portrait images.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    '1600 pixels wide for landscape images or 1200 pixels high for portrait images.',
    { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: false },
  ],
  [
    'Landscape: 1600 pixels wide. Portrait: 1200 pixels high.',
    { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: false },
  ],
  [
    'The long side of a landscape image must be 1600 pixels, the long side of a portrait image 1200 pixels.',
    { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: false },
  ],
  [
    'Horizontal images: max. width 1600 px. Vertical images: max. height 1200 px.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Up to 1600 px wide if horizontal and up to 1200 px high if vertical.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Only landscape pictures, 3000 x 2000 pixels.',
    { width: { exact: 3000 }, height: { exact: 2000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'Landscape format only, at least 3000 pixels wide.',
    { width: { min: 3000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'Pictures must be in landscape format and at least 3000 pixels wide.',
    { width: { min: 3000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'Please send landscape pictures (3000 x 2000 pixels).',
    { width: { exact: 3000 }, height: { exact: 2000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    '3000 x 2000 pixels, landscape orientation.',
    { width: { exact: 3000 }, height: { exact: 2000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    '3000 x 2000 pixels, landscape or portrait.',
    { width: { exact: 3000 }, height: { exact: 2000 }, eitherWay: true },
  ],
  [
    'The picture has to be wider than it is high, 3000 pixels at least.',
    { width: { min: 3000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'All pictures must be horizontal, at least 3000 x 2000 pixels.',
    { width: { min: 3000 }, height: { min: 2000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'We can only use horizontal pictures of at least 3000 x 2000 pixels.',
    { width: { min: 3000 }, height: { min: 2000 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'Portrait orientation, 1080 x 1920 pixels.',
    { width: { exact: 1080 }, height: { exact: 1920 }, eitherWay: false, orientation: ['upright'] },
  ],
  [
    'Pictures must be upright, 1080 x 1920 pixels.',
    { width: { exact: 1080 }, height: { exact: 1920 }, eitherWay: false, orientation: ['upright'] },
  ],
  [
    'Upright format (1080 x 1920 pixels).',
    { width: { exact: 1080 }, height: { exact: 1920 }, eitherWay: false, orientation: ['upright'] },
  ],
  ['Panoramas: 6000 x 2000 pixels.', { width: { exact: 6000 }, height: { exact: 2000 } }],
  [
    'The picture may stand upright or lie: 2400 x 1600 or 1600 x 2400 pixels.',
    { width: { exact: 2400 }, height: { exact: 1600 }, eitherWay: true },
  ],
  [
    'Your image can be landscape (max 1600 x 1200) or portrait (max 1200 x 1600).',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
  ],
  [
    'Landscape images should be 1920 x 1280 pixels, portrait images 1280 x 1920 pixels.',
    { width: { exact: 1920 }, height: { exact: 1280 }, eitherWay: true },
  ],
  [
    'Size: 1600 x 1200 px max (portrait: 1200 px max height)',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Size 1600 (width) x 1200 (height), also for portrait pictures.',
    { width: { exact: 1600 }, height: { exact: 1200 }, eitherWay: false },
  ],
  [
    'Neither the width of 1600 px nor the height of 1200 px may be exceeded, whatever the format of the picture.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'These limits apply to both orientations: 1600 px wide, 1200 px high.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    '1600 px x 1200 px or less in both orientations.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
]);

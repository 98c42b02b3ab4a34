import { readsAs } from '../../testing/reads-as.ts';

/** Width and height. Each sentence with all that it says and nothing more. */

readsAs([
  ['Max file dimensions: 1920px wide and/or 1200px high.', { width: { max: 1920 }, height: { max: 1200 } }],
  [
    'Resize your image to a maximum width of 1400 and a maximum height of 1050.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  ['We need a width of at least 1200 pixels; the height does not matter.', { width: { min: 1200 } }],
  ['Size: at least 1000 by 1000 pixels.', { width: { min: 1000 }, height: { min: 1000 } }],
  ['Size in pixels: 300 (W) by 400 (H).', { width: { exact: 300 }, height: { exact: 400 } }],
  [
    'The horizontal side may have a maximum of 1600 pixels, the vertical side a maximum of 1200 pixels.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  [
    'The image must fill the whole screen: 3840 x 2160 pixels.',
    { width: { exact: 3840 }, height: { exact: 2160 } },
  ],
  [
    'Images that are wider than 1400 pixels or higher than 1050 pixels will be reduced by us, badly.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  [
    'Your photo must be between 600 and 1200 pixels in width and between 800 and 1600 pixels in height.',
    { width: { min: 600, max: 1200 }, height: { min: 800, max: 1600 } },
  ],
  [
    'Width: 480-960 px; height: 640-1280 px',
    { width: { min: 480, max: 960 }, height: { min: 640, max: 1280 } },
  ],
  ['Dimensions (pixels): 1080 wide x 1350 high', { width: { exact: 1080 }, height: { exact: 1350 } }],
  ['1080 by 1350 pixels exactly, please!', { width: { exact: 1080 }, height: { exact: 1350 } }],
  [
    'We show everything at 1920x1080, so that is the most we can use.',
    { width: { max: 1920 }, height: { max: 1080 } },
  ],
  ['Your file must not be smaller than 1500 x 1500 pixels.', { width: { min: 1500 }, height: { min: 1500 } }],
  [
    'Make sure the width does not exceed 1920 pixels and the height does not exceed 1080 pixels.',
    { width: { max: 1920 }, height: { max: 1080 } },
  ],
  [
    'The maximum permitted size is 1600 pixels horizontally and 1200 pixels vertically.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  ['File dimensions should not be more than 1920 x 1080.', { width: { max: 1920 }, height: { max: 1080 } }],
  ['Pixel dimensions: 413 × 531', { width: { exact: 413 }, height: { exact: 531 } }],
  [
    'Images are not to exceed 1400 pixels across or 1050 pixels down.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  [
    'The image has to fit into a square of 1600 x 1600 pixels.',
    { width: { max: 1600 }, height: { max: 1600 } },
  ],
  [
    'We ask for 1400 pixels for the width and 1050 for the height as a maximum.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  ['Maximum pixel size 2500 x 2500.', { width: { max: 2500 }, height: { max: 2500 } }],
  ['Width must be 1200 px, height is free.', { width: { exact: 1200 } }],
  ['It should be 3000px tall.', { height: { exact: 3000 } }],
  [
    'The picture should be 800 pixels wide and 600 pixels in height or larger.',
    { width: { min: 800 }, height: { min: 600 } },
  ],
  ['Photos are printed up to 60 cm wide, so 4000 pixels across is the minimum.', { width: { min: 4000 } }],
  [
    'The projector frame is 1600 pixels across and 1200 down; your picture has to fit inside it.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  ['Scale the image so that it fits 1400 x 1050.', { width: { max: 1400 }, height: { max: 1050 } }],
  ['Image width max. 1.920 px, image height max. 1.080 px', { width: { max: 1920 }, height: { max: 1080 } }],
  [
    'The photograph should have 600 x 600 to 1200 x 1200 pixels.',
    { width: { min: 600, max: 1200 }, height: { min: 600, max: 1200 } },
  ],
  [
    'Minimum dimensions: 600 x 600. Maximum dimensions: 1200 x 1200.',
    { width: { min: 600, max: 1200 }, height: { min: 600, max: 1200 } },
  ],
  ['Not wider than 1920, not taller than 1080 pixels.', { width: { max: 1920 }, height: { max: 1080 } }],
  ['Images can be any size up to 1920 x 1200 pixels.', { width: { max: 1920 }, height: { max: 1200 } }],
  [
    'The picture must be 1080 pixels in both directions.',
    { width: { exact: 1080 }, height: { exact: 1080 } },
  ],
  [
    'The screen is 4K (3840 x 2160) so send that size exactly.',
    { width: { exact: 3840 }, height: { exact: 2160 } },
  ],
  ['(1400 px by 1050 px max)', { width: { max: 1400 }, height: { max: 1050 } }],
  ['Dimension: 3.5 cm x 4.5 cm (413 px x 531 px)', { width: { exact: 413 }, height: { exact: 531 } }],
  ['Your scan must be 1200 pixels wide or more, in colour.', { width: { min: 1200 } }],
  ['Images: 1920 px (W) by 1080 px (H), no exceptions.', { width: { exact: 1920 }, height: { exact: 1080 } }],
  [
    'Digital images must be resized to 1600 pixels maximum horizontal and 1200 pixels maximum vertical.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  ['Horizontally up to 1920, vertically up to 1200 pixels.', { width: { max: 1920 }, height: { max: 1200 } }],
  ['Images of 1400x1050 or less', { width: { max: 1400 }, height: { max: 1050 } }],
  ['Larger than 1400 x 1050? Then it will not open.', { width: { max: 1400 }, height: { max: 1050 } }],
  ['Height: 1080 px, width: free', { height: { exact: 1080 } }],
  ['The image must have a height of 1080 pixels, its width may vary.', { height: { exact: 1080 } }],
  ['Photo dimension (width x height): 160 x 212 pixels', { width: { exact: 160 }, height: { exact: 212 } }],
  ['Signature dimensions (h x w) 60 x 140 px', { width: { exact: 140 }, height: { exact: 60 } }],
  ['between 1920 and 2560 pixels wide', { width: { min: 1920, max: 2560 } }],
  [
    'The minimum width is 800 pixels and the minimum height 600 pixels.',
    { width: { min: 800 }, height: { min: 600 } },
  ],
  ['Image: 600 pixels (width) and 750 pixels (height)', { width: { exact: 600 }, height: { exact: 750 } }],
  ['A width greater than 1920 pixels is not possible.', { width: { max: 1920 } }],
  ['All photos must be exactly 1,000 pixels high.', { height: { exact: 1000 } }],
  ['Images to be no larger than 1920 wide x 1200 high', { width: { max: 1920 }, height: { max: 1200 } }],
  [
    'Size must not go over 1400 pixels in width or 1050 pixels in height.',
    { width: { max: 1400 }, height: { max: 1050 } },
  ],
  ['You need 2480 pixels in width for a full page.', { width: { exact: 2480 } }],
  [
    'We need at least 1920 pixels across for a landscape picture and at least 1080 pixels down for a portrait one.',
    { width: { min: 1920 }, height: { min: 1080 } },
  ],
  ['Please keep your image within 1600px × 1200px.', { width: { max: 1600 }, height: { max: 1200 } }],
  [
    'An image of 1600 × 1200 pixels fills the screen; it must not be larger.',
    { width: { max: 1600 }, height: { max: 1200 } },
  ],
  ['All images 1080 x 1080.', { width: { exact: 1080 }, height: { exact: 1080 } }],
  [
    'The largest size the system accepts is 8000 x 8000 pixels.',
    { width: { max: 8000 }, height: { max: 8000 } },
  ],
  ['The smallest size we can print is 2400 x 1800 pixels.', { width: { min: 2400 }, height: { min: 1800 } }],
  ['Make your image no taller than 1200 pixels.', { height: { max: 1200 } }],
  ['1400 pixels (maximum) by 1050 pixels (maximum)', { width: { max: 1400 }, height: { max: 1050 } }],
  ['Send us 4000-pixel-wide files.', { width: { exact: 4000 } }],
]);

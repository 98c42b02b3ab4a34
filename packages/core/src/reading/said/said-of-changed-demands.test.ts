import { readsAs } from '../../testing/reads-as.ts';

/** Demands that replace others, that are wished for, or that hold from one figure on. */

readsAs([
  [
    'The projector now takes 1920 x 1200 (until now 1400 x 1050). Please make your images that size at most.',
    { width: { max: 1920 }, height: { max: 1200 } },
  ],
  ['File size: no longer limited to 1 MB, but please not above 5 MB.', { bytesMax: 5_000_000 }],
  ['The limit of 2 MB has gone; files may now be up to 5 MB.', { bytesMax: 5_000_000 }],
  ['The number of entries goes down from four to three.', { maxFiles: 3 }],
  ['The number of images per member goes up from three to five.', { maxFiles: 5 }],
  ['Images: 1920 x 1080 max. (no longer 1400 x 1050).', { width: { max: 1920 }, height: { max: 1080 } }],
  ['Pictures will be disqualified for: names on the picture, late arrival.', { watermark: 'forbidden' }],
  ['Your pictures may be shown cropped to a square. JPEG only.', { formats: ['jpeg'] }],
  ['JPEG only. On the phone the site crops pictures to a square.', { formats: ['jpeg'] }],
  ['We show JPEG files, and the preview is cut to a square.', { formats: ['jpeg'] }],
  ['Under 2400 pixels on the long side we have to refuse files.', { longEdge: { min: 2400 } }],
  ['Below 1200 pixels on the short side nothing can be printed.', { shortEdge: { min: 1200 } }],
  ['Photograph the work square on, without its frame, and save a JPEG.', { formats: ['jpeg'] }],
  ['Please photograph your picture unframed. JPEG only.', { formats: ['jpeg'] }],
  ['Next delivery date: 15 May 2027', { closes: '2027-05-15' }],
  ['Send no more than five pictures at a time.', { maxFiles: 5 }],
  [
    'Inside: greyscale, 120 mm wide at 300 dpi, TIFF.',
    { colourSpace: 'gray', width: { exact: 1417 }, ppi: { exact: 300 }, formats: ['tiff'] },
  ],
  [
    'Two JPEGs per person, 1920 x 1080 max, under 2MB, to the usual address by 7pm on 3 Feb 2027, ta.',
    {
      bytesMax: 2_000_000,
      formats: ['jpeg'],
      width: { max: 1920 },
      height: { max: 1080 },
      maxFiles: 2,
      closes: '2027-02-03T19:00',
    },
  ],
  [
    'What I would do on top of that: keep the file below 3 MB. The form refuses anything over 8 MB.',
    { bytesMax: 8_000_000 },
  ],
  ['What I would do: convert to sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  ['What we would do: save at quality 9 or thereabouts.', { quality: '9', advice: ['quality'] }],
  ['If I were you I would convert to sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  [
    'If your program asks for a resolution, put 96 and forget about it.',
    { ppi: { exact: 96 }, advice: ['ppi'] },
  ],
  [
    'Width 240 px, height 320 px (preferred).',
    { width: { exact: 240 }, height: { exact: 320 }, advice: ['height', 'width'] },
  ],
  ['Frames wider than 3 pixels lead to disqualification.', { border: 'allowed' }],
  ['The photographs must arrive by mail within the hours 24 of 31/05/2027.', { closes: '2027-05-31T23:59' }],
  ['Entries until 31/05/2027, hours 24.', { closes: '2027-05-31T23:59' }],
  [
    'Which image formats can I use? JPG and PNG. We do not support HEIC, WEBP or RAW.',
    { formats: ['jpeg', 'png'] },
  ],
  ['JPEG only; we do not support PNG, WEBP or GIF.', { formats: ['jpeg'] }],
  [
    'It does not matter much what quality you choose, though we find that 85 is a good compromise.',
    { quality: '85', advice: ['quality'] },
  ],
  ['A file of 2 MB or so uploads quickly; more than 7 MB is refused.', { bytesMax: 7_000_000 }],
  [
    'The pixel dimensions must not exceed 1920 (horizontally) by 1080 (vertically). Where a picture is upright it is the 1080 that counts.',
    { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
  ],
  [
    'Wide pictures: 1920 x 1080 pixels. Tall pictures: 1080 x 1920 pixels.',
    { width: { exact: 1920 }, height: { exact: 1080 }, eitherWay: true },
  ],
  ['No sigs or borders.', { border: 'forbidden', watermark: 'forbidden' }],
  [
    'Each of the seven clubs enters eighteen pictures. Names have the club number (2 figures) and the title.',
    { maxFiles: 18 },
  ],
  ['JPEG in RGB. A CMYK file shows up with false colours.', { formats: ['jpeg'] }],
  [
    'No picture may be wider than 1600 pixels or taller than 1200 pixels; tall pictures are not exempt.',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Not more than 10 MB. Sensible: a file of 4 or 5 MB (that is what quality 11 gives you).',
    { bytesMax: 10_000_000 },
  ],
  ['Sideways format please. JPEG.', { eitherWay: false, orientation: ['lying'], formats: ['jpeg'] }],
  [
    'Please send newsletter pictures at 300 dpi and 9 cm wide, as JPEG, quality 8 to 10, greyscale, thanks.',
    { formats: ['jpeg'], quality: '8-10', colourSpace: 'gray', width: { exact: 1063 }, ppi: { exact: 300 } },
  ],
  [
    'A JPEG, 1400 pixels at most across and 1050 at most down.',
    { width: { max: 1400 }, height: { max: 1050 }, formats: ['jpeg'] },
  ],
  [
    'Limits: 1920 px horizontally; 1280 px vertically; 3 MB.',
    { width: { max: 1920 }, height: { max: 1280 }, bytesMax: 3_000_000 },
  ],
  ['What I ask as a favour is this. Save in sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  [
    'Your picture fills it: 300 x 220 mm and another 3 mm all round for trimming, at 300 pixels per inch.',
    { width: { exact: 3614 }, height: { exact: 2669 }, ppi: { exact: 300 } },
  ],
]);

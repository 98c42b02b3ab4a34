import { readsAs } from '../../testing/reads-as.ts';

/** Sentences of club cards, salons, forms and kits, each read whole: what is said of it, and nothing else. */

readsAs([
  [
    'sRGB JPEG, longest side exactly 1920.',
    { longEdge: { exact: 1920 }, colourSpace: 'sRGB', formats: ['jpeg'] },
  ],
  [
    'A double page measures 420 x 280 mm. We need the picture at that size and at 300 ppi, plus 3 mm bleed all round.',
    { width: { exact: 5031 }, height: { exact: 3378 }, ppi: { exact: 300 } },
  ],
  ['Pictures as PNG. Error: your picture is in Adobe RGB.', { formats: ['png'] }],
  ['A JPEG of each work (six works at most per artist).', { formats: ['jpeg'], maxFiles: 6 }],
  ['Greyscale files print wrongly: leave the file in sRGB.', { colourSpace: 'sRGB' }],
  [
    'The author’s name must be deleted from the metadata. So must the GPS position.',
    { author: 'forbidden', location: 'remove' },
  ],
  ['If your software asks for a resolution, 72 is as good as any.', { ppi: { exact: 72 }, advice: ['ppi'] }],
  ['If you have to type a resolution, 300 is fine.', { ppi: { exact: 300 }, advice: ['ppi'] }],
  ['One web preview and one wall print for every work (max. six works per artist).', { maxFiles: 6 }],
  ['League. Members submit two images per round, six rounds in all.', { maxFiles: 2 }],
  ['2560 px on the longest side (no more, no less).', { longEdge: { exact: 2560 } }],
  [
    'Longest side not less than 4500 pixels, please, the lab prints at 50 x 75 and anything smaller looks soft.',
    { longEdge: { min: 4500 } },
  ],
  [
    'I drive to the lab on the 19th of February 2027 so nothing after the evening of the 18th.',
    { closes: '2027-02-18' },
  ],
  ['A thin grey edge line is welcome on dark pictures.', { border: 'allowed' }],
  ['On a stick at the meeting on 21 January, or by mail until 25 January 2027.', { closes: '2027-01-25' }],
  ['the width is minimally 1200 pixels', { width: { min: 1200 } }],
  [
    'Name the files with your registration number and the word photo, sign or thumb (e.g. 88102_sign.jpg).',
    {
      name: {
        parts: ['student number', 'text:_', 'deliverable'],
        example: '88102_sign.jpg',
        extension: 'jpg',
      },
    },
  ],
  [
    'Files carry the barcode of the sheet as their name: ERR004417.tif.',
    { name: { parts: ['catalogue number'], example: 'ERR004417.tif', extension: 'tif' } },
  ],
  ['No subtitles in the stills.', { watermark: 'forbidden' }],
  [
    'Send all of it within ten days of the notification, and not later than 10 April 2027.',
    { closes: '2027-04-10' },
  ],
  [
    'Photographs are saved as JPEG at 300 dpi. They are 160 mm wide at most.',
    { formats: ['jpeg'], ppi: { exact: 300 }, width: { max: 1890 } },
  ],
  [
    'JPEG, at most 20 x 30 cm at 300 dpi.',
    { formats: ['jpeg'], ppi: { exact: 300 }, width: { max: 2362 }, height: { max: 3543 } },
  ],
  [
    'JPEG at 300 dpi, 20 x 30 cm maximum.',
    { formats: ['jpeg'], ppi: { exact: 300 }, width: { max: 2362 }, height: { max: 3543 } },
  ],
  ['No marks by which the author may be recognised.', { watermark: 'forbidden' }],
  ['How big? 1920 pixels on the long side, please, never more.', { longEdge: { max: 1920 } }],
  ['May I sign my picture? On the back of a print, yes. On a file, no.', { watermark: 'forbidden' }],
  ['The link will be deactivated on 31.01.2027 at 16:00 hrs.', { closes: '2027-01-31T16:00' }],
  ['About 2500 pixels on the long side, but anything from 1800 up is usable.', { longEdge: { min: 1800 } }],
  [
    'We need the date and position in the metadata; do not send pictures by messenger, it strips them.',
    { location: 'keep', strip: false },
  ],
  ['We publish twelve photographs an issue, all in black and white.', { monochrome: true }],
  ['Reading window for issue 9: 1 February to 31 March 2027.', { closes: '2027-03-31' }],
  ['Send three to five as greyscale TIFFs.', { maxFiles: 5, colourSpace: 'gray', formats: ['tiff'] }],
  ['Anything from black and white to blue-toned, so long as it is a single colour.', { monochrome: true }],
  [
    'Dimensions 150 px (width) x 180 px (height) at least and 300 px x 360 px at most.',
    { width: { min: 150, max: 300 }, height: { min: 180, max: 360 } },
  ],
  ['Name and date must be legible on the photograph.', { watermark: 'allowed' }],
  ['Nothing painted in, no arrows.', { watermark: 'forbidden' }],
  [
    'At least 1.500 px on the shorter side. By uploading you grant us the right to show the pictures (max. 1.200 px) on our pages for three years.',
    { shortEdge: { min: 1500 } },
  ],
  [
    'I have named them with my number and their title (017 Rust.jpg).',
    {
      name: {
        parts: ['member number', 'text: ', 'title'],
        example: '017 Rust.jpg',
        extension: 'jpg',
        spaces: 'allowed',
      },
    },
  ],
  [
    'Pack the twelve images (no folders inside) and send the archive, 20 MB or less, by mail.',
    { packageBytesMax: 20_000_000 },
  ],
  ['The selection starts on 10 January 2027, what arrives later is too late.', { closes: '2027-01-10' }],
  [
    'JPEG at 300 dpi; the width is 85 mm (one column) or 175 mm (two columns).',
    { formats: ['jpeg'], ppi: { exact: 300 } },
  ],
  [
    'File names: lot number and view, such as 0045-main.jpg, 0045-detail.jpg, 0045-back.jpg.',
    {
      name: { parts: ['entry number', 'text:-', 'deliverable'], example: '0045-main.jpg', extension: 'jpg' },
    },
  ],
  ['JPEG, compression 90 %.', { formats: ['jpeg'], quality: '90%' }],
  [
    'All the rest is taste. Mine: 1920 pixels on the long side, because that’s what our screen has.',
    { longEdge: { exact: 1920 }, advice: ['longEdge'] },
  ],
  ['By Palm Sunday, please.', { questions: ['closes'] }],
  [
    'Leave quiet space in the upper third for title and author, but do not set any type.',
    { watermark: 'forbidden' },
  ],
]);

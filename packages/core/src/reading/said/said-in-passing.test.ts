import { readsAs } from '../../testing/reads-as.ts';

/** What is told in passing beside a demand, or of other things, and demands that lead with what becomes of a file. Each sentence with all that it says and nothing more. */

readsAs([
  ['Please make sure that the EXIF survives your editing.', { strip: false }],
  ['EXIF has to be in the file or the picture won’t be mapped.', { strip: false }],
  ['Switch location off before you take the picture, or remove it afterwards.', { location: 'remove' }],
  ['Neither the file nor the picture may name its author.', { author: 'forbidden', watermark: 'forbidden' }],
  ['Adobe RGB and ProPhoto RGB have to be converted into sRGB.', { colourSpace: 'sRGB' }],
  ['Do not use any other colour space than sRGB.', { colourSpace: 'sRGB' }],
  [
    'Every name begins with SALON_, followed by your surname, an underscore and a number: SALON_Lund_1.jpg.',
    {
      name: {
        parts: ['text:SALON_', 'surname', 'text:_', 'sequence'],
        example: 'SALON_Lund_1.jpg',
        extension: 'jpg',
      },
    },
  ],
  ['No more than 25 characters in the title.', { name: { maxLength: 25 } }],
  ['A 4 GB memory stick is enough for a season.', {}],
  ['Some cameras write 72 dpi into the file, others 300; it makes no difference.', {}],
  ['Raw files of 50 MB and more fill a disk in no time.', {}],
  ['The video may last 3 minutes and have up to 200 MB.', {}],
  ['We can print pictures of up to 1.2 m in width.', {}],
  ['The site takes about 20 seconds for a picture of 5 MB.', {}],
  ['The limit is 3 MB, not 2 MB as in the printed programme.', { bytesMax: 3_000_000 }],
  ['Files of up to 2 MB, please; the biggest we ever got had 48 MB.', { bytesMax: 2_000_000 }],
  ['You may enter five works, of which the jury chooses one or two.', { maxFiles: 5 }],
  ['1600 pixels on the long edge, the same as in 2025.', { longEdge: { exact: 1600 } }],
  ['Files by 10 April 2027, fees (8.00 each) by 17 April 2027.', { closes: '2027-04-10' }],
  [
    'JPEG of up to 5 MB (a typical picture of 20 megapixels at quality 10).',
    { formats: ['jpeg'], bytesMax: 5_000_000 },
  ],
  ['TIFF. From your TIFF we make the JPEG for the website.', { formats: ['tiff'] }],
  [
    'JPEG, 2000 px long edge; we’ll ask the winners for TIFFs later.',
    { formats: ['jpeg'], longEdge: { exact: 2000 } },
  ],
  ['1080 x 1080 px (shown at 540 x 540).', { width: { exact: 1080 }, height: { exact: 1080 } }],
  [
    'Upload 1200 x 800 pixels; on phones it is shown at 600 x 400.',
    { width: { exact: 1200 }, height: { exact: 800 } },
  ],
]);

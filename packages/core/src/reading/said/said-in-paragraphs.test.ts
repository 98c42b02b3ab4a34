import { readsAs } from '../../testing/reads-as.ts';

/** Sentences that belong together: what one says bears on the next. Each paragraph with all that it says and nothing more. */

readsAs([
  [
    'Images: 1920 pixels wide and 1200 pixels high at most. Portrait images must also stay within the 1200 pixels.',
    { width: { max: 1920 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Maximum 1600 x 1200 pixels (landscape) or 1200 x 1600 pixels (portrait).',
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: true },
  ],
  [
    'The picture may be at most 1400 pixels wide and 1050 pixels high. Upright pictures may be turned, i.e. 1050 wide and 1400 high.',
    { width: { max: 1400 }, height: { max: 1050 }, eitherWay: true },
  ],
  [
    'Resolution of the projector: 1920 x 1080. Images must not exceed this, whether they are landscape or portrait.',
    { width: { max: 1920 }, height: { max: 1080 }, eitherWay: false },
  ],
  [
    'Width max. 1920 px, height max. 1200 px. The height limit is the same for verticals.',
    { width: { max: 1920 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Pictures must be 3000 x 2000 pixels. Vertical pictures: 2000 x 3000 pixels.',
    { width: { exact: 3000 }, height: { exact: 2000 }, eitherWay: true },
  ],
  [
    "Fit your picture into 1600 x 1200 pixels. Don't rotate upright pictures, just make them 1200 pixels high.",
    { width: { max: 1600 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'We need landscape-format pictures of at least 2400 x 1600 pixels.',
    { width: { min: 2400 }, height: { min: 1600 }, eitherWay: false, orientation: ['lying'] },
  ],
  [
    'JPEG, 1200 x 1600 pixels, upright.',
    {
      width: { exact: 1200 },
      height: { exact: 1600 },
      eitherWay: false,
      formats: ['jpeg'],
      orientation: ['upright'],
    },
  ],
  [
    'Images in portrait orientation: no higher than 1200 pixels. Images in landscape orientation: no wider than 1920 pixels.',
    { width: { max: 1920 }, height: { max: 1200 }, eitherWay: false },
  ],
  [
    'Send JPEGs. We advise you to use sRGB and a quality of 10 out of 12, but we will not refuse anything else. The limit for a file is 5 MB.',
    {
      bytesMax: 5000000,
      formats: ['jpeg'],
      colourSpace: 'sRGB',
      quality: '10/12',
      advice: ['colourSpace', 'quality'],
    },
  ],
  [
    'JPEG only. For best results use Adobe RGB. Files of 5 to 10 MB are ideal; files over 20 MB cannot be handled.',
    { bytesMax: 20000000, formats: ['jpeg'], colourSpace: 'AdobeRGB', advice: ['colourSpace'] },
  ],
  [
    'The file must be a JPEG. It should preferably have 3000 pixels on the long side, and must have at least 2000.',
    { longEdge: { min: 2000 }, formats: ['jpeg'] },
  ],
  [
    'JPEGs, please, with sRGB if your program offers it. No more than 3 MB, though smaller files of about 1 MB make life easier for us.',
    { bytesMax: 3000000, formats: ['jpeg'], colourSpace: 'sRGB', advice: ['colourSpace'] },
  ],
  [
    "We'd recommend, but don't require, sRGB. Borders: we'd rather not have any.",
    { colourSpace: 'sRGB', border: 'forbidden', advice: ['border', 'colourSpace'] },
  ],
  [
    'Entries: JPEG, max. 2 MB. Hint: an sRGB file looks the same on every screen. Second hint: quality 90% is enough.',
    {
      bytesMax: 2000000,
      formats: ['jpeg'],
      colourSpace: 'sRGB',
      quality: '90%',
      advice: ['colourSpace', 'quality'],
    },
  ],
  [
    'The title of the picture must not be written on it. A border is possible if it is no wider than 10 pixels.',
    { border: 'allowed', watermark: 'forbidden' },
  ],
  [
    'No name, no date, no frame: we want the picture and nothing else.',
    { border: 'forbidden', watermark: 'forbidden' },
  ],
  [
    'Pictures with a watermark cannot be printed, so please send them without. White borders will be cut off by us.',
    { border: 'forbidden', watermark: 'forbidden' },
  ],
  [
    'You can put a fine line around the picture, but please no text, logo or signature.',
    { border: 'allowed', watermark: 'forbidden' },
  ],
  [
    'Judging is anonymous: your name may be neither on the picture nor in the name of the file.',
    { watermark: 'forbidden' },
  ],
  [
    'Please do not sign your pictures and do not frame them.',
    { border: 'forbidden', watermark: 'forbidden' },
  ],
  [
    'Camera dates in the corner of the picture are not welcome. Neither are coloured borders.',
    { border: 'forbidden', watermark: 'forbidden' },
  ],
  [
    'The file must contain its EXIF data, but the position where the picture was taken must be deleted from it.',
    { location: 'remove', strip: false },
  ],
  [
    'Before you upload, remove author, copyright and GPS from the metadata, but leave the rest as it is.',
    { location: 'remove', author: 'forbidden' },
  ],
  [
    'Our system reads title, creator and copyright from the IPTC header, so these must be filled in.',
    { author: 'required' },
  ],
  [
    'Files with metadata that reveal the author will be excluded. The best thing is to delete all metadata.',
    { author: 'forbidden', strip: true, advice: ['metadata.strip'] },
  ],
  ['EXIF and IPTC data may remain in the file.', {}],
  [
    'Entries close on 12 March 2027 at 6 pm. Prints must be delivered by 19 March 2027. Results on 2 April 2027.',
    { closes: '2027-03-12T18:00' },
  ],
  [
    'The closing date is 12 March 2027. Selected artists must send their print files by 30 April 2027.',
    { closes: '2027-03-12' },
  ],
  [
    'Round 1: entries by 5 October 2026; Round 2: entries by 9 November 2026; Round 3: entries by 7 December 2026.',
    { closes: '2026-10-05', questions: ['closes'] },
  ],
  ['Payment is due by 1 March 2027 and pictures by 12 March 2027.', { closes: '2027-03-12' }],
  [
    'The club meets on 4 March 2027. Pictures for that evening are to be handed in one week earlier, by 25 February 2027 at 9 pm.',
    { closes: '2027-02-25T21:00' },
  ],
  [
    'Early entries (before 1 February 2027) pay 20, later ones 25. Nothing can be entered after 28 February 2027, 24:00.',
    { closes: '2027-02-28T23:59' },
  ],
  [
    'Members may enter three images per competition; a further two may be handed in for the reserve list.',
    { maxFiles: 3 },
  ],
  ['Up to three prints and up to three digital images can be entered by each member.', { maxFiles: 3 }],
  ['You can send us as few as one and as many as eight pictures.', { maxFiles: 8 }],
  ['Every picture you send costs 2.00, and you can send up to 10.', { maxFiles: 10 }],
  [
    'The jury selects 40 pictures out of all that are sent in. Each author can be represented by two at most.',
    {},
  ],
  ['We have space for 25 pictures. Please offer us no more than four.', { maxFiles: 4 }],
  ["If you'd like a border make it a thin white one.", { border: 'allowed' }],
  ['EXIF information must be included; location information must not.', { location: 'remove', strip: false }],
  [
    'Names of photographers must not be in the metadata or on the image.',
    { watermark: 'forbidden', author: 'forbidden' },
  ],
  [
    'JPEG. Should, if you can: sRGB; quality 90%.',
    { formats: ['jpeg'], colourSpace: 'sRGB', quality: '90%', advice: ['colourSpace', 'quality'] },
  ],
  ['If it still does not appear, it is probably larger than 5 MB.', {}],
  ['30 April 2027: end of entries', { closes: '2027-04-30' }],
  [
    'What do we recommend? A long side of 2400 pixels, sRGB, and quality 10 (of 12).',
    {
      longEdge: { exact: 2400 },
      colourSpace: 'sRGB',
      quality: '10/12',
      advice: ['colourSpace', 'longEdge', 'quality'],
    },
  ],
  [
    'EXIF: must be kept. Location: must be removed. Author: must be removed.',
    { location: 'remove', author: 'forbidden', strip: false },
  ],
  ['A picture may have one tone, but only one.', {}],
  [
    'Work for the jury: up to 8 JPEG files, 1800 pixels on the long side.',
    { longEdge: { exact: 1800 }, formats: ['jpeg'], maxFiles: 8 },
  ],
  [
    'The following points are recommendations. Use the sRGB colour space. Save with a quality of 85%.',
    { colourSpace: 'sRGB', quality: '85%', advice: ['colourSpace', 'quality'] },
  ],
  ['The exhibition is open from 20 November to 18 December 2027.', {}],
  [
    'One prize of £100 in each. Three categories: People, Nature, Festival Moments.',
    {
      sections: [
        [null, 'People', null],
        [null, 'Nature', null],
        [null, 'Festival Moments', null],
      ],
    },
  ],
  ['We print 200 calendars at £6 each.', {}],
  [
    'Borders up to 20 pixels in black or white are allowed. Text is not allowed.',
    { border: 'allowed', watermark: 'forbidden' },
  ],
  [
    'Send up to 15 images of your work. Add one photo of yourself in portrait format (600 x 800 pixels).',
    {
      width: { exact: 600 },
      height: { exact: 800 },
      eitherWay: false,
      orientation: ['upright'],
      maxFiles: 15,
    },
  ],
  ['Any border must be within the maximum dimensions.', { border: 'allowed' }],
  ['Use the upload link; it takes 100 MB in one go.', { packageBytesMax: 100000000 }],
  ["JPEG. A thin frame doesn't bother me.", { formats: ['jpeg'], border: 'allowed' }],
  ['Send date: 15.04.2027. Jury: 24.04.2027.', { closes: '2027-04-15' }],
  ['Three competitions are held each season. Members may enter two images in each.', { maxFiles: 2 }],
  ['There are five evenings. Bring up to three images to each.', { maxFiles: 3 }],
  [
    'Copyright and photographer belong in the metadata; GPS does not.',
    { location: 'remove', author: 'required' },
  ],
]);

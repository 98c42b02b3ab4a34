import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** What may lie over the picture or round it. Each sentence with all that it says and nothing more. */

readsAs([
  ['Please no frames.', { border: 'forbidden' }],
  ['Images must be without borders and without text.', { border: 'forbidden', watermark: 'forbidden' }],
  ['A border is not permitted.', { border: 'forbidden' }],
  ['Borders may be used but count towards the size.', { border: 'allowed' }],
  ['Do not add your name or a logo to the image.', { watermark: 'forbidden' }],
  ['Watermarked pictures will be deleted.', { watermark: 'forbidden' }],
  ['The pictures must not carry any signs of authorship.', { watermark: 'forbidden' }],
  ['No date imprints.', { watermark: 'forbidden' }],
  ['Your name should not appear anywhere on the image.', { watermark: 'forbidden' }],
  ['Please remove any copyright marks from your pictures.', { watermark: 'forbidden' }],
  ['Signed pictures will not be shown to the judge.', { watermark: 'forbidden' }],
  ['A small watermark in the corner is acceptable.', { watermark: 'allowed' }],
  ['No text or graphics may be overlaid on the photo.', { watermark: 'forbidden' }],
  ['Images with visible names are disqualified.', { watermark: 'forbidden' }],
  ['Thin white keylines are OK.', { border: 'allowed' }],
  ['Borders of any kind lead to disqualification.', { border: 'forbidden' }],
  ['Neither borders nor captions are wanted.', { border: 'forbidden', watermark: 'forbidden' }],
  ['The picture must be free from any writing.', { watermark: 'forbidden' }],
  ['Do not frame your pictures digitally.', { border: 'forbidden' }],
  ['No added borders, logos, or watermarks of any sort.', { border: 'forbidden', watermark: 'forbidden' }],
  ['The author must not be recognisable from the picture.', { watermark: 'forbidden' }],
  [
    'There should be nothing on the picture except the picture: no title, no name, no frame.',
    { border: 'forbidden', watermark: 'forbidden' },
  ],
  ['Black borders disappear on our screen, so leave them off.', { border: 'forbidden' }],
  ['Do not put a border around your image.', { border: 'forbidden' }],
  ['A fine white line round the picture is allowed, but nothing wider.', { border: 'allowed' }],
  ['Borders: none.', { border: 'forbidden' }],
  ['Watermarks: no', { watermark: 'forbidden' }],
  ['Border and watermark free', { border: 'forbidden', watermark: 'forbidden' }],
  ['We accept no images with watermarks.', { watermark: 'forbidden' }],
  ['Images bearing a watermark, a date or a signature are not shown.', { watermark: 'forbidden' }],
  ['Anonymous: your name may not be seen on the picture or in the file name.', { watermark: 'forbidden' }],
  ['Images must not be signed.', { watermark: 'forbidden' }],
  ['The photographer must not be identifiable from the image file in any way.', { watermark: 'forbidden' }],
  ['If you like you can put a thin border round the picture.', { border: 'allowed' }],
  ['Frames and passe-partouts drawn in software are not wanted.', { border: 'forbidden' }],
  ['Keep the image free of logos.', { watermark: 'forbidden' }],
  ['Your logo belongs on your website and not on the photo.', { watermark: 'forbidden' }],
  ['Remove the date stamp if your camera prints one.', { watermark: 'forbidden' }],
  ['No visible watermark please; an invisible one does no harm.', { watermark: 'forbidden' }],
  ['Pictures showing the name of the author are taken out of the competition.', { watermark: 'forbidden' }],
  ['no text or captions inside the image area', { watermark: 'forbidden' }],
  ['Text on the image: not permitted', { watermark: 'forbidden' }],
  ['Borders are at your own discretion.', { border: 'allowed' }],
  ['Borders? No thanks.', { border: 'forbidden' }],
  ['Unframed pictures only.', { border: 'forbidden' }],
  ['Pictures are to be shown without frame.', { border: 'forbidden' }],
  ['Pictures should have no frame and no signature.', { border: 'forbidden', watermark: 'forbidden' }],
  ['Borders and keylines of up to 3 pixels may be added.', { border: 'allowed' }],
  ['A single-pixel white border is permitted within the stated size.', { border: 'allowed' }],
  ['A white border may not be added.', { border: 'forbidden' }],
  ['No watermarking.', { watermark: 'forbidden' }],
  ['Watermarks or any other text on the pictures lead to rejection.', { watermark: 'forbidden' }],
  ['Nothing may be written on the image.', { watermark: 'forbidden' }],
  ['Your image must not show who took it.', { watermark: 'forbidden' }],
  ['We do not show images with a visible copyright.', { watermark: 'forbidden' }],
  ['Copyright signs on the picture are not allowed.', { watermark: 'forbidden' }],
  ['Author names must not be visible.', { watermark: 'forbidden' }],
  ['The judge must not be able to see whose picture it is, so no names on it.', { watermark: 'forbidden' }],
  ['Please do not sign the images.', { watermark: 'forbidden' }],
  ['Images that have dates printed on them are refused.', { watermark: 'forbidden' }],
  ['Keep text off the image.', { watermark: 'forbidden' }],
  ['Clean images, please: no text, logo or date.', { watermark: 'forbidden' }],
  ['You may put your signature in the lower right corner.', { watermark: 'allowed' }],
  ['A discreet signature on the picture is permitted.', { watermark: 'allowed' }],
  ['Discreet logos are tolerated.', { watermark: 'allowed' }],
  ['No digital frames.', { border: 'forbidden' }],
  ['Pictures with white, black or coloured borders will be disqualified.', { border: 'forbidden' }],
  ['Photos with added borders can not be used.', { border: 'forbidden' }],
  ['Strictly no borders/frames/watermarks.', { border: 'forbidden', watermark: 'forbidden' }],
  ['No retouching, no frames, no lettering.', { border: 'forbidden', watermark: 'forbidden' }],
  ['No signs, texts or logos on the photo.', { watermark: 'forbidden' }],
  ['Photographs with a date on them are excluded.', { watermark: 'forbidden' }],
  ['Images must be submitted without signature or caption on the image.', { watermark: 'forbidden' }],
  ['It is forbidden to put a watermark on the image.', { watermark: 'forbidden' }],
  ['Names, logos and dates must be removed from the image.', { watermark: 'forbidden' }],
  ['The images may not be framed or bordered.', { border: 'forbidden' }],
  ['Pictures must go right to the edge: no borders.', { border: 'forbidden' }],
  [
    'Added borders count as part of the image and are best avoided.',
    { border: 'forbidden', advice: ['border'] },
  ],
  ['We would rather not have borders.', { border: 'forbidden', advice: ['border'] }],
  ['You can add a border if you wish.', { border: 'allowed' }],
  ['Watermarks are allowed as long as they are small.', { watermark: 'allowed' }],
  ['Logo or watermark: not allowed', { watermark: 'forbidden' }],
  ['Please do not mark your images in any way.', { watermark: 'forbidden' }],
  ['The photos must not contain any text or watermark.', { watermark: 'forbidden' }],
  ['no frames/borders/text', { border: 'forbidden', watermark: 'forbidden' }],
  ['Leave out any frame, drop shadow or lettering.', { border: 'forbidden', watermark: 'forbidden' }],
  ['Nothing that tells the judge who you are may be seen in the picture.', { watermark: 'forbidden' }],
  [
    'The images are judged anonymously: no names please, neither on the picture nor in the file name.',
    { watermark: 'forbidden' },
  ],
]);

describe('a list that one denial is meant for', () => {
  readsAs([
    [
      'JPEG. No frame, border or signature is permitted.',
      { formats: ['jpeg'], border: 'forbidden', watermark: 'forbidden' },
    ],
    [
      'JPEG. Neither frames nor captions are allowed.',
      { formats: ['jpeg'], border: 'forbidden', watermark: 'forbidden' },
    ],
    [
      'JPEG. No text, but a thin border is permitted.',
      { formats: ['jpeg'], border: 'allowed', watermark: 'forbidden' },
    ],
    [
      'JPEG. Titles go into the e-mail and not onto the picture.',
      { formats: ['jpeg'], watermark: 'forbidden' },
    ],
    [
      'JPEG. A black line of 2 pixels round the picture is welcome.',
      { formats: ['jpeg'], border: 'allowed' },
    ],
    [
      'JPEG. No file above 1.2 MB, please: the frames have little memory.',
      { bytesMax: 1200000, formats: ['jpeg'] },
    ],
  ]);
});

describe('frames that are no border, and borders by another name', () => {
  readsAs([
    ['They must be landscape, otherwise the frame cuts off heads.', {}],
    ['Please do not add a black surround yourselves.', { border: 'forbidden', canvas: { allowed: false } }],
    [
      'No borders except a keyline of one pixel where a picture has a white background.',
      { border: 'allowed' },
    ],
  ]);
});

describe('words for what was named before', () => {
  readsAs([
    [
      'Put your name and the name of the street in the file name. Please do not put either on the picture.',
      { watermark: 'forbidden' },
    ],
    ["Please don't write it on the picture.", { watermark: 'forbidden' }],
    [
      'It is not permitted to sign the images or to add borders wider than 3 pixels.',
      { border: 'allowed', watermark: 'forbidden' },
    ],
  ]);
});

describe('nothing that tells who you are, and prints without a frame', () => {
  readsAs([
    ['Authors who pass the first round send the prints unframed, minimum 40 x 50 cm.', {}],
    [
      "Nothing about you should be visible in the photograph, in the file name or in the file's properties.",
      { watermark: 'forbidden', author: 'forbidden' },
    ],
  ]);
});

describe('what is withdrawn or put aside', () => {
  readsAs([
    ["Images bearing a watermark or the member's name will be withdrawn.", { watermark: 'forbidden' }],
    [
      'Pictures with borders, signatures or dates are put aside.',
      { border: 'forbidden', watermark: 'forbidden' },
    ],
    ["Borders are at the author's choice.", { border: 'allowed' }],
    ['Cropping is allowed to half of the original frame.', {}],
  ]);
});

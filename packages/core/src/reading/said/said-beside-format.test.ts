import { describe } from 'vitest';
import { readsBesideJpeg } from '../../testing/reads-as.ts';

/** One demand beside the format, in words of many organisers, with all that it says and nothing more. */

describe('sizes', () => {
  readsBesideJpeg([
    ['Square crops only.', { ratio: [1, 1] }],
    [
      'Dimensions are limited to 1600 px (w) and 1200 px (h).',
      { width: { max: 1600 }, height: { max: 1200 } },
    ],
    ['1200 pixels is the longest any side should be.', { longEdge: { max: 1200 } }],
    ['Unless the long side has 3000 pixels we cannot print it.', { longEdge: { min: 3000 } }],
    ['2400 px on the long side would be perfect.', { longEdge: { exact: 2400 }, advice: ['longEdge'] }],
    [
      "You'd do well to send at least 2000 px on the long side.",
      { longEdge: { min: 2000 }, advice: ['longEdge'] },
    ],
    ['Recommended: 3000 px on the longest side. Maximum: 4000 px.', { longEdge: { max: 4000 } }],
    [
      'The projector shows 1920 x 1080 pixels. Your picture must not be larger than that.',
      { width: { max: 1920 }, height: { max: 1080 } },
    ],
    [
      'Pictures bigger than 1600 px (long side) make the laptop stumble, so reduce them to 1600 px.',
      { longEdge: { max: 1600 } },
    ],
    [
      'If the long side has fewer than 1600 px, the picture will not be printed.',
      { longEdge: { min: 1600 } },
    ],
    ['The bigger of the two dimensions is limited to 1600 px.', { longEdge: { max: 1600 } }],
    ['Please take 2400 pixels on the long edge as the limit instead.', { longEdge: { max: 2400 } }],
    ['1500 pixels is the longest I can take.', { longEdge: { max: 1500 } }],
    ['Image dimension: 300 (width) x 80 (height) pixels.', { width: { exact: 300 }, height: { exact: 80 } }],
    ['1600 x 1200 is the box.', { width: { max: 1600 }, height: { max: 1200 } }],
    [
      'A full page needs 3170 x 3858 pixels, and we ask that every picture is at least that big.',
      { width: { min: 3170 }, height: { min: 3858 } },
    ],
    [
      'A page has 3000 x 2000 pixels; no picture may be smaller than that.',
      { width: { min: 3000 }, height: { min: 2000 } },
    ],
    ['Ask a grown-up to make it 1600 pixels along the longest side.', { longEdge: { exact: 1600 } }],
    ['Square please, 800 x 800 px.', { width: { exact: 800 }, height: { exact: 800 }, ratio: [1, 1] }],
    ['Long edge 3000 px+', { longEdge: { min: 3000 } }],
    ['Width 2000+ pixels', { width: { min: 2000 } }],
  ]);
});

describe('weights, formats and colours', () => {
  readsBesideJpeg([
    [
      'Files should weigh something between half a megabyte and 3 MB.',
      { bytesMax: 3000000, bytesMin: 500000 },
    ],
    ['Use the highest quality setting (12).', { quality: '12' }],
    ['Should the file come to more than 1.5 MB, lower the quality.', { bytesMax: 1500000 }],
    ['200 KB < file size < 2 MB', { bytesMax: 2000000, bytesMin: 200000 }],
    ['The combined size of the files must not be over 40 MB.', { packageBytesMax: 40000000 }],
    ['Quality setting: 10.', { quality: '10' }],
    ['Ideally 2 MB, and in no case more than 5 MB.', { bytesMax: 5000000 }],
    ['New: files may now have 4 MB (it was 2 MB before).', { bytesMax: 4000000 }],
    ['Q: Adobe RGB or sRGB? A: sRGB.', { colourSpace: 'sRGB' }],
    ['Files without a profile will be sent back.', { profileEmbedded: true }],
    ['This round is mono, so no colour.', { monochrome: true }],
    ['The e-mail with the pictures must not be larger than 5 MB.', { packageBytesMax: 5000000 }],
    ['We need sRGB files, not Adobe RGB ones.', { colourSpace: 'sRGB' }],
    ['Colour: sRGB or it will look wrong.', { colourSpace: 'sRGB' }],
    ['Files are refused from 2 MB upwards.', { bytesMax: 2000000 }],
    ['4 MB is the largest the form will take.', { bytesMax: 4000000 }],
    ['Both pictures must be really monochrome.', { monochrome: true }],
    ['Nice to have: under 2 MB. The uploader copes with up to 8 MB.', { bytesMax: 8000000 }],
    ['Ideally under 1 MB. The form swallows files of up to 5 MB.', { bytesMax: 5000000 }],
    ['Scans of darkroom prints only; toned or untoned, but one tone.', { monochrome: true }],
  ]);
});

describe('closing days', () => {
  readsBesideJpeg([
    ["Don't leave it later than 14 February 2027.", { closes: '2027-02-14' }],
    ['30 April 2027, 17.00 hrs: last chance to upload.', { closes: '2027-04-30T17:00' }],
    ['Anything that comes in after 9 May 2027 will have to wait.', { closes: '2027-05-09' }],
    ['The competition is open to entries until Sunday 9 May 2027.', { closes: '2027-05-09' }],
    ['Entries by 12 noon on Thursday.', { questions: ['closes'] }],
    ['To be delivered at the latest three days before the lecture.', { questions: ['closes'] }],
    ['09.05.2027 Closing / 20.05.2027 Judging / 01.06.2027 Opening', { closes: '2027-05-09' }],
    ['What comes in after Sunday 9 May 2027 is not judged.', { closes: '2027-05-09' }],
    ['Send-in date: 9 May 2027', { closes: '2027-05-09' }],
    ['Entry deadline 15 March 2027; payment deadline 1 April 2027.', { closes: '2027-03-15' }],
    [
      'Digital entries: 15 March 2027. Print entries: 22 March 2027. Judging: 3 April 2027.',
      { closes: '2027-03-15' },
    ],
    ['Online entry closes 15 March 2027, prints must arrive by 22 March 2027.', { closes: '2027-03-15' }],
    ['Submission 01.02.2027–15.03.2027, jury 20.03.2027, opening 01.05.2027.', { closes: '2027-03-15' }],
    [
      'The hand-in for the November round (theme: fog, evening 21 November 2027) is 7 November 2027.',
      { closes: '2027-11-07' },
    ],
    ['The folder will be locked on 7 November 2027.', { closes: '2027-11-07' }],
    ['31 March 2027 is your last chance.', { closes: '2027-03-31' }],
    ['The competition closes at the end of March 2027.', { closes: '2027-03-31' }],
    ['- until the meeting on 12 November 2026', { closes: '2026-11-12' }],
    ['Send them before the meeting on 12 November 2026.', { closes: '2026-11-12' }],
    ["Copy deadline is Tuesday noon for Thursday's paper.", { questions: ['closes'] }],
    [
      "Friday 16th October 2026 is the end of it. Midnight, since you'll ask.",
      { closes: '2026-10-16T23:59' },
    ],
    ['Friday 16th October 2026 is the end of it.', { closes: '2026-10-16' }],
    ['Last orders Sunday 22 November 2026, 9pm, then I zip and send.', { closes: '2026-11-22T21:00' }],
    ['The contest runs from 1-31 July 2027.', { closes: '2027-07-31' }],
    ['Runs 1-31 July 2027. Vouchers of 100, 50 and 25.', { closes: '2027-07-31' }],
    ['The photographs must be sent within and not beyond the 31/05/2027.', { closes: '2027-05-31' }],
    ['The photographs must be sent not beyond 31/05/2027.', { closes: '2027-05-31' }],
    [
      'One proposal each. Vote at the AGM on 6 March 2027, so by 27 February.',
      { closes: '2027-02-27', maxFiles: 1 },
    ],
    ['The meeting is on 6 March 2027, so send them by 27 February.', { closes: '2027-02-27' }],
    ['Window: 1-14 September 2027.', { closes: '2027-09-14' }],
    ['Entry window: 1 to 14 September 2027.', { closes: '2027-09-14' }],
    [
      'I need them earlier this time: Tuesday 23 March 2027 instead of the 30th. By noon please.',
      { closes: '2027-03-23T12:00' },
    ],
    ['This time I need them by Tuesday 23 March 2027 instead of the 30th.', { closes: '2027-03-23' }],
    ["Monday at the latest, the printer won't wait!", { questions: ['closes'] }],
  ]);
});

describe('numbers and sections', () => {
  readsBesideJpeg([
    [
      'There are two categories, Open and Nature, with three entries allowed in each.',
      {
        sections: [
          [null, 'Open', 3],
          [null, 'Nature', 3],
        ],
      },
    ],
    ['Entrants choose eight of their photographs and upload them.', { maxFiles: 8 }],
    [
      'Open Colour (OC) and Open Mono (OM), 4 images each.',
      {
        sections: [
          ['OC', 'Open Colour', 4],
          ['OM', 'Open Mono', 4],
        ],
      },
    ],
    [
      'Six images in all, in the sections Nature and Travel.',
      {
        maxFiles: 6,
        sections: [
          [null, 'Nature', null],
          [null, 'Travel', null],
        ],
      },
    ],
    [
      'Four pictures in one mail, and the mail must stay under 12 MB.',
      { packageBytesMax: 12000000, maxFiles: 4 },
    ],
    ['For each club 8 images, 2 per author at most.', { maxFiles: 8 }],
    ['Four entries may be made by any one person.', { maxFiles: 4 }],
    ['Please limit yourself to four.', { maxFiles: 4 }],
    ['Select four pictures and upload them.', { maxFiles: 4 }],
    ['You each get three entries.', { maxFiles: 3 }],
    ['The limit remains at three pictures.', { maxFiles: 3 }],
    ['Please be content with three pictures.', { maxFiles: 3 }],
    ['Each person can bring along two.', { maxFiles: 2 }],
    ['Up to fifty files can be uploaded.', { maxFiles: 50 }],
    ['One banner per member and month.', { maxFiles: 1 }],
    ['Two pictures per member and round.', { maxFiles: 2 }],
    ['Please email one headshot each to the stage manager.', { maxFiles: 1 }],
    [
      'You may send one photo for each of: Habitat; Portrait; Pollinator.',
      {
        sections: [
          [null, 'Habitat', 1],
          [null, 'Portrait', 1],
          [null, 'Pollinator', 1],
        ],
      },
    ],
    [
      'You may send two photos for each of: Habitat, Flower.',
      {
        sections: [
          [null, 'Habitat', 2],
          [null, 'Flower', 2],
        ],
      },
    ],
    ['One or two pairs each.', { maxFiles: 2 }],
    [
      'Each member may enter a maximum of six DPIs, split in any way between Open and Nature.',
      {
        maxFiles: 6,
        sections: [
          [null, 'Open', null],
          [null, 'Nature', null],
        ],
      },
    ],
    [
      'Six images per member in all, to be divided as you like between Street and Nature.',
      {
        maxFiles: 6,
        sections: [
          [null, 'Street', null],
          [null, 'Nature', null],
        ],
      },
    ],
    [
      'Class 1: Bee\nClass 2: Hive\nEnter each class once or twice.',
      {
        sections: [
          ['1', 'Bee', 2],
          ['2', 'Hive', 2],
        ],
      },
    ],
    ['Three related images (a "triptych") are entered as ONE file. One entry per member.', { maxFiles: 1 }],
    ['Fifteen images exactly.', { maxFiles: 15 }],
    ['Exactly fifteen images.', { maxFiles: 15 }],
  ]);
});

describe('notes in the file', () => {
  readsBesideJpeg([
    ['The metadata must not name the author.', { author: 'forbidden' }],
    ['Leave EXIF in, apart from GPS.', { location: 'remove', strip: false }],
    ['Fill in the author field (IPTC), and clear the GPS data.', { location: 'remove', author: 'required' }],
    ["Q: Should I delete the metadata? A: Please don't.", { strip: false }],
    [
      'Metadata stay in, except for the GPS data, which you must delete.',
      { location: 'remove', strip: false },
    ],
    ['IPTC creator: your name. GPS: remove.', { location: 'remove', author: 'required' }],
    ['Make sure your name is not stored inside the file.', { author: 'forbidden' }],
    ['Only geotagged pictures can be accepted.', { location: 'keep' }],
    ["Neither the metadata nor the file name may contain the author's name.", { author: 'forbidden' }],
    ['Keep all metadata and add your name as creator.', { author: 'required', strip: false }],
    ['Please resist the temptation to delete the EXIF data.', { strip: false }],
    ['Files stripped of their EXIF data are disqualified.', { strip: false }],
    ['Make sure that the file holds no location.', { location: 'remove' }],
    ['Copyright information must be embedded in the file.', { author: 'required' }],
    ['We need to see the exposure data, so do not use an export that drops them.', { strip: false }],
    ['Do not tamper with the EXIF.', { strip: false }],
    ['Location: remove from metadata', { location: 'remove' }],
    ['The place where the picture was taken must not be recorded in the file.', { location: 'remove' }],
    ['Neither name nor GPS position may be in the metadata.', { location: 'remove', author: 'forbidden' }],
    [
      'Do not include the name of the practice in the file names or anywhere in the images. Metadata identifying the practice must be removed.',
      { watermark: 'forbidden', author: 'forbidden' },
    ],
    ['Metadata that reveals the author must be removed.', { author: 'forbidden' }],
    ['Full EXIF data incl. time.', { strip: false }],
    ['Do not remove the date and time from the file.', { strip: false }],
    [
      'Any image that identifies you (name in the picture, in the file name or in the metadata) fails the whole panel.',
      { watermark: 'forbidden', author: 'forbidden' },
    ],
  ]);
});

describe('what lies over the picture', () => {
  readsBesideJpeg([
    ['If you want a border you may have one.', { border: 'allowed' }],
    ['Texts, logos and signatures have no business on the picture.', { watermark: 'forbidden' }],
    ['Watermarked pictures go straight in the bin.', { watermark: 'forbidden' }],
    ['We have nothing against a small watermark.', { watermark: 'allowed' }],
    ['Your logo may be in the bottom right corner but no phone numbers please.', { watermark: 'allowed' }],
    ['A small logo in a corner is fine, but no address or phone number.', { watermark: 'allowed' }],
    ['Text such as object names may be placed in a lower corner.', { watermark: 'allowed' }],
    ['Your name may be placed in a corner of the picture.', { watermark: 'allowed' }],
    [
      'Should you add a border? We would rather you did not, but nobody will be turned away for it.',
      { border: 'forbidden', advice: ['border'] },
    ],
    ['Any border must be part of the 2048 pixels.', { border: 'allowed' }],
    ['Please state the width of field in the entry form, not on the image.', { watermark: 'forbidden' }],
    ['Give the title on the form and not on the picture.', { watermark: 'forbidden' }],
    ['Borders, if any, are included in the maximum size.', { border: 'allowed' }],
    ['No drawings on the image.', { watermark: 'forbidden' }],
    ['No arrows or circles on the image.', { watermark: 'forbidden' }],
    ['A 1-pixel grey line round the picture is allowed, nothing more.', { border: 'allowed' }],
  ]);
});

import { describe } from 'vitest';
import { readsAs } from '../testing/reads-as.ts';
import type { Said } from '../testing/said-by.ts';

/** One demand beside the format, in words of many organisers, with all that it says and nothing more. */
const saidOfJpegs = (rows: readonly (readonly [text: string, said: Said])[]) =>
  readsAs(rows.map(([text, said]) => [`JPEG. ${text}`, { formats: ['jpeg'], ...said }]));

describe('sizes', () => {
  saidOfJpegs([
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
  ]);
});

describe('weights, formats and colours', () => {
  saidOfJpegs([
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
  ]);
});

describe('closing days', () => {
  saidOfJpegs([
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
  ]);
});

describe('numbers and sections', () => {
  saidOfJpegs([
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
  ]);
});

describe('notes in the file', () => {
  saidOfJpegs([
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
  ]);
});

describe('what lies over the picture', () => {
  saidOfJpegs([
    ['If you want a border you may have one.', { border: 'allowed' }],
    ['Texts, logos and signatures have no business on the picture.', { watermark: 'forbidden' }],
    ['Watermarked pictures go straight in the bin.', { watermark: 'forbidden' }],
    ['We have nothing against a small watermark.', { watermark: 'allowed' }],
  ]);
});

import { readsAs } from '../../testing/reads-as.ts';

/** Notes in a file, parts of its name and sections, said in turns of phrase that are seldom used. */

readsAs([
  [
    'Use 01.jpg, 02.jpg and so on, in the order in which we should see them.',
    { name: { example: '01.jpg', parts: ['sequence'], extension: 'jpg' } },
  ],
  ['Please don’t strip the data your camera writes: we need the date.', { strip: false }],
  [
    'Leave the exposure data in the file. The position however should be taken out.',
    { strip: false, location: 'remove' },
  ],
  ['Drone data (date, time, position, height) must not be removed.', { strip: false, location: 'keep' }],
  ['Position and time must remain in the data.', { strip: false, location: 'keep' }],
  ['Date and time must remain in the data.', { strip: false }],
  ['JPG, up to 3 MB each, with GPS position.', { location: 'keep', formats: ['jpeg'], bytesMax: 3_000_000 }],
  ['All pictures with GPS position, please.', { location: 'keep' }],
  ['The GPS tag must be present as well: no tag, no record.', { location: 'keep' }],
  ['No GPS position, no entry.', { location: 'keep' }],
  [
    'Sections: A. Open Colour - B. Open Monochrome - C. Nature - D. Sea\nIn every section a maximum of 4 images.',
    {
      sections: [
        ['A', 'Open Colour', 4],
        ['B', 'Open Monochrome', 4],
        ['C', 'Nature', 4],
        ['D', 'Sea', 4],
      ],
    },
  ],
  [
    'File name: club code, section letter, two-digit number, title - e.g. WYC07-Old Slipway.jpg is wrong, WY-C-07-Old Slipway.jpg is right.',
    {
      name: {
        parts: ['club code', 'text:-', 'section code', 'text:-', 'sequence', 'text:-', 'title'],
        example: 'WY-C-07-Old Slipway.jpg',
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Metadata: camera data to be kept; location and author to be removed',
    { strip: false, location: 'remove', author: 'forbidden' },
  ],
  [
    'Entries: 12 per person, of which at most 5 in "Bog" and 5 in "Heather"',
    {
      sections: [
        [null, 'Bog', 5],
        [null, 'Heather', 5],
      ],
      maxFiles: 12,
    },
  ],
  [
    'Please number the images 01 to 10 in the order in which you would like them shown; then the title, then the author’s name: 01-Slack Tide-Ivy Renn.jpg',
    {
      name: {
        parts: ['sequence', 'text:-', 'title', 'text:-', 'author'],
        example: '01-Slack Tide-Ivy Renn.jpg',
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  ['The position we also need.', { location: 'keep' }],
  [
    'CLASSES\nI   Free colour - 4 works\nII  Free monochrome - 4 works\nIII Water - 3 works',
    {
      sections: [
        ['I', 'Free colour', 4],
        ['II', 'Free monochrome', 4],
        ['III', 'Water', 3],
      ],
    },
  ],
  [
    'Sections:\n Open colour ...... 8\n Open mono ........ 6\n Natural history .. 4',
    {
      sections: [
        [null, 'Open colour', 8],
        [null, 'Open mono', 6],
        [null, 'Natural history', 4],
      ],
    },
  ],
  [
    'We want file names of the kind 4_Cobblers Bench_Hale.jpg, where 4 is the rank you give the image, then its title, then your surname.',
    {
      name: {
        parts: ['sequence', 'text:_', 'title', 'text:_', 'surname'],
        example: '4_Cobblers Bench_Hale.jpg',
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
]);

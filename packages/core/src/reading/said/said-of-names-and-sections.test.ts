import { readsAs } from '../../testing/reads-as.ts';

/** How files are called and which sections there are, in many words. Each sentence with all that it says and nothing more. */

readsAs([
  [
    'Name your files Title_YourName.jpg',
    { name: { example: 'Title_YourName.jpg', parts: ['title', 'text:_', 'author'], extension: 'jpg' } },
  ],
  [
    'File name: title, hyphen, membership number (e.g. Silent Pool-0412.jpg).',
    {
      name: {
        example: 'Silent Pool-0412.jpg',
        parts: ['title', 'text:-', 'member number'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Files are named with the section code, an underscore, your surname, an underscore and a running number, e.g. NA_Thorne_02.jpg',
    {
      name: {
        example: 'NA_Thorne_02.jpg',
        parts: ['section code', 'text:_', 'surname', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  ['Please call each image by its title only.', { name: { parts: ['title'] } }],
  [
    'Begin each file name with your three-digit member number, followed by the title: 118 Hay Meadow.jpg',
    {
      name: {
        example: '118 Hay Meadow.jpg',
        parts: ['member number', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Use the pattern Surname-Firstname-01.jpg',
    {
      name: {
        example: 'Surname-Firstname-01.jpg',
        parts: ['surname', 'text:-', 'first name', 'text:-', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'The file must be called after your candidate number, such as 4471203.jpg',
    { name: { example: '4471203.jpg', parts: ['student number'], extension: 'jpg' } },
  ],
  [
    'File name: number (01, 02, 03) plus title, joined by an underscore: 01_Barn Owl.jpg',
    {
      name: {
        example: '01_Barn Owl.jpg',
        parts: ['sequence', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Label every file with class letter and entry number, for example C0231.jpg',
    { name: { example: 'C0231.jpg', parts: ['section code', 'entry number'], extension: 'jpg' } },
  ],
  [
    'Name: species, hyphen, month, hyphen, year (Kestrel-May-2027.jpg)',
    {
      name: {
        example: 'Kestrel-May-2027.jpg',
        parts: ['species', 'text:-', 'month', 'text:-', 'year'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Rename your picture: initials first, then the title, no spaces (RKWinterLight.jpg).',
    {
      name: {
        example: 'RKWinterLight.jpg',
        parts: ['initials', 'title'],
        spaces: 'forbidden',
        extension: 'jpg',
      },
    },
  ],
  ['Files to be titled "Title by Author".', { name: { parts: ['title', 'text: by ', 'author'] } }],
  [
    'Filenames should be in the format CLUBCODE_NUMBER_TITLE.jpg with no spaces.',
    {
      name: {
        example: 'CLUBCODE_NUMBER_TITLE.jpg',
        parts: ['club code', 'text:_', 'sequence', 'text:_', 'title'],
        spaces: 'forbidden',
        extension: 'jpg',
      },
    },
  ],
  [
    "The file name is made up of your club's number, a dash and the image number: 31-07.jpg",
    { name: { example: '31-07.jpg', parts: ['club number', 'text:-', 'sequence'], extension: 'jpg' } },
  ],
  [
    'Give each file the title of the picture followed by your name in brackets, e.g. Low Sun (Mary Ott).jpg',
    {
      name: {
        example: 'Low Sun (Mary Ott).jpg',
        parts: ['title', 'text: (', 'author', 'text:)'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  ['File names may be up to 30 characters long.', { name: { maxLength: 30 } }],
  ['No spaces or special characters in file names, please.', { name: { spaces: 'forbidden' } }],
  ['Titles are limited to 35 characters including spaces.', { name: { spaces: 'allowed', maxLength: 35 } }],
  ['File extension must be .jpg', { name: { extension: 'jpg' }, formats: ['jpeg'] }],
  [
    'Example of a file name: 2027_Harrow_Spring.jpg (year, surname, title)',
    {
      name: {
        example: '2027_Harrow_Spring.jpg',
        parts: ['year', 'text:_', 'surname', 'text:_', 'title'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Name it like so: Okoro_Ada_3.jpg (surname, first name, number).',
    {
      name: {
        example: 'Okoro_Ada_3.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Your file name should contain the title of the photo and your full name.',
    { name: { parts: ['title', 'author'] } },
  ],
  [
    'The naming convention is MemberID_ImageTitle.jpg.',
    {
      name: {
        example: 'MemberID_ImageTitle.jpg',
        parts: ['member number', 'text:_', 'title'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Save it as surname.firstname.jpg',
    {
      name: {
        example: 'surname.firstname.jpg',
        parts: ['surname', 'text:.', 'first name'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Files: 01_Title.jpg, 02_Title.jpg and so on.',
    { name: { example: '01_Title.jpg', parts: ['sequence', 'text:_', 'title'], extension: 'jpg' } },
  ],
  [
    'Put your entry number at the start of the file name and the title after it, with a space: 204 Old Iron.jpg',
    {
      name: {
        example: '204 Old Iron.jpg',
        parts: ['entry number', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Title your file with the catalogue number, e.g. 1187.tif',
    { name: { example: '1187.tif', parts: ['catalogue number'], extension: 'tif' } },
  ],
  [
    'Sections: Open, Nature, Mono. Three images in each.',
    {
      sections: [
        [null, 'Open', 3],
        [null, 'Nature', 3],
        [null, 'Mono', 3],
      ],
    },
  ],
  [
    'Two sections - Colour and Mono - and up to four images in each.',
    {
      sections: [
        [null, 'Colour', 4],
        [null, 'Mono', 4],
      ],
    },
  ],
  [
    'A. Open\nB. Nature\nC. Travel\nA maximum of four images may be entered in each section.',
    {
      sections: [
        ['A', 'Open', 4],
        ['B', 'Nature', 4],
        ['C', 'Travel', 4],
      ],
    },
  ],
  [
    'Section A (Colour): 3 images\nSection B (Mono): 2 images',
    {
      sections: [
        ['A', 'Colour', 3],
        ['B', 'Mono', 2],
      ],
    },
  ],
  [
    'Open (max. 4 images)\nPortrait (max. 4 images)\nStreet (max. 2 images)',
    {
      sections: [
        [null, 'Open', 4],
        [null, 'Portrait', 4],
        [null, 'Street', 2],
      ],
    },
  ],
  [
    'PID Colour (PC) 4 images\nPID Mono (PM) 4 images\nNature (N) 4 images',
    {
      sections: [
        ['PC', 'PID Colour', 4],
        ['PM', 'PID Mono', 4],
        ['N', 'Nature', 4],
      ],
    },
  ],
  [
    'The categories are: 1. Wildlife; 2. Landscape; 3. People. Up to three pictures per category.',
    {
      sections: [
        ['1', 'Wildlife', 3],
        ['2', 'Landscape', 3],
        ['3', 'People', 3],
      ],
    },
  ],
  [
    'There will be classes for Novices, Intermediates and Experts; members may enter two images in their own class.',
    {
      sections: [
        [null, 'Novices', 2],
        [null, 'Intermediates', 2],
        [null, 'Experts', 2],
      ],
    },
  ],
  [
    'Categories\n• Sea (up to 3 photos)\n• Shore (up to 3 photos)\n• Sky (up to 3 photos)',
    {
      sections: [
        [null, 'Sea', 3],
        [null, 'Shore', 3],
        [null, 'Sky', 3],
      ],
    },
  ],
  [
    'Entries are invited in Colour (C), Mono (M) and Natural History (NH); four per section.',
    {
      sections: [
        ['C', 'Colour', 4],
        ['M', 'Mono', 4],
        ['NH', 'Natural History', 4],
      ],
    },
  ],
  [
    'Each club enters 4 Open, 4 Mono and 2 Nature images, ten in all.',
    {
      sections: [
        [null, 'Open', 4],
        [null, 'Mono', 4],
        [null, 'Nature', 2],
      ],
      maxFiles: 10,
    },
  ],
  [
    'Section | Limit\nOpen | 4\nNature | 4',
    {
      sections: [
        [null, 'Open', 4],
        [null, 'Nature', 4],
      ],
    },
  ],
  [
    'CLASSES: 1 Prints; 2 Digital; 3 Juniors',
    {
      sections: [
        ['1', 'Prints', null],
        ['2', 'Digital', null],
        ['3', 'Juniors', null],
      ],
    },
  ],
  [
    'The salon has the sections Open Colour, Open Monochrome and Night. You can enter four images per section.',
    {
      sections: [
        [null, 'Open Colour', 4],
        [null, 'Open Monochrome', 4],
        [null, 'Night', 4],
      ],
    },
  ],
]);

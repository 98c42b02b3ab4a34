import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** How files are to be called. Each sentence with all that it says and nothing more. */

describe('names of files', () => {
  readsAs([
    ['All images must be in .jpg format', { formats: ['jpeg'], name: { extension: 'jpg' } }],
    ['Images in JPEG (.jpg) format', { formats: ['jpeg'], name: { extension: 'jpg' } }],
    [
      'File names must be in the form Surname_Title.jpg.',
      { name: { example: 'Surname_Title.jpg', parts: ['surname', 'text:_', 'title'], extension: 'jpg' } },
    ],
    [
      'Name each file: Title by Firstname Surname.jpg',
      {
        name: {
          example: 'Title by Firstname Surname.jpg',
          parts: ['title', 'text: by ', 'first name', 'text: ', 'surname'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Name your files 01_Title_Name.jpg, 02_Title_Name.jpg and so on.',
      {
        name: {
          example: '01_Title_Name.jpg',
          parts: ['sequence', 'text:_', 'title', 'text:_', 'author'],
          extension: 'jpg',
        },
      },
    ],
    [
      'The file should be named with your membership number, a hyphen and the title, e.g. 0214-Low Tide.jpg.',
      {
        name: {
          example: '0214-Low Tide.jpg',
          parts: ['member number', 'text:-', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Files are to be named as follows: membership number, underscore, sequence number, underscore, title (e.g. 214_1_Low-Tide.jpg).',
      {
        name: {
          example: '214_1_Low-Tide.jpg',
          parts: ['member number', 'text:_', 'sequence', 'text:_', 'title'],
          extension: 'jpg',
        },
      },
    ],
    ['File name = image title.', { name: { parts: ['title'] } }],
    ['The file name should be the title of the picture.', { name: { parts: ['title'] } }],
    ['Please call the file by its title.', { name: { parts: ['title'] } }],
    ['Give each file the title of your picture as its name.', { name: { parts: ['title'] } }],
    [
      'Save the file as your application number, e.g. 1048823.jpg',
      { name: { example: '1048823.jpg', parts: ['entry number'], extension: 'jpg' } },
    ],
    [
      'Rename the file to your student number, e.g. s20417.jpg',
      { name: { example: 's20417.jpg', parts: ['student number'], extension: 'jpg' } },
    ],
    [
      'File naming: [member number]_[section]_[title].jpg',
      {
        name: {
          example: '[member number]_[section]_[title].jpg',
          parts: ['member number', 'text:_', 'section code', 'text:_', 'title'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Naming convention: clubcode-number-title, all lower case',
      { name: { parts: ['club code', 'text:-', 'sequence', 'text:-', 'title'] } },
    ],
    ['Please name the files Title - Author.', { name: { parts: ['title', 'text: - ', 'author'] } }],
    [
      'Label the file with your surname and initials followed by the section letter: HolmJR_B.jpg',
      {
        name: {
          example: 'HolmJR_B.jpg',
          parts: ['surname', 'initials', 'text:_', 'section code'],
          extension: 'jpg',
        },
      },
    ],
    [
      'The name of the file: section code, then the entry number, e.g. NT0312.jpg',
      { name: { example: 'NT0312.jpg', parts: ['section code', 'entry number'], extension: 'jpg' } },
    ],
    ['File names must not contain spaces or special characters.', { name: { spaces: 'forbidden' } }],
    ['Do not use spaces, accents or symbols in file names.', { name: { spaces: 'forbidden' } }],
    ['File names: max. 30 characters.', { name: { maxLength: 30 } }],
    ['The file name may be up to 40 characters long.', { name: { maxLength: 40 } }],
    ['Titles of no more than 35 characters.', { name: { maxLength: 35 } }],
    [
      'Only the letters a-z, digits and hyphens may be used in file names.',
      { name: { spaces: 'forbidden' } },
    ],
    [
      'Spaces in the file name are fine. File name: title.',
      { name: { spaces: 'allowed', parts: ['title'] } },
    ],
    ['Use underscores instead of spaces in the file name.', { name: { spaces: 'forbidden' } }],
    ['Filename – your club number, then the title.', { name: { parts: ['club number', 'title'] } }],
    [
      'Save as Surname-01.jpg, Surname-02.jpg etc.',
      { name: { example: 'Surname-01.jpg', parts: ['surname', 'text:-', 'sequence'], extension: 'jpg' } },
    ],
    [
      'Title your files lastname_firstname_01.tif through lastname_firstname_10.tif',
      {
        name: {
          example: 'lastname_firstname_01.tif',
          parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
          extension: 'tif',
        },
      },
    ],
    [
      'Every file must be named with the two-letter section code followed by a full stop and the title, like OC.Evening.jpg',
      { name: { example: 'OC.Evening.jpg', parts: ['section code', 'text:.', 'title'], extension: 'jpg' } },
    ],
    [
      'The file must be named: year, month, title, e.g. 2027-03-Lighthouse.jpg',
      {
        name: {
          example: '2027-03-Lighthouse.jpg',
          parts: ['year', 'text:-', 'month', 'text:-', 'title'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Start the file name with the number of the section (1, 2 or 3), then your initials, then the title: 2JH Morning.jpg',
      {
        name: {
          example: '2JH Morning.jpg',
          parts: ['section code', 'initials', 'text: ', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'File names consist of the species and the photographer’s surname, e.g. Lapwing_Orrel.jpg',
      { name: { example: 'Lapwing_Orrel.jpg', parts: ['species', 'text:_', 'surname'], extension: 'jpg' } },
    ],
    ['Put your name and the title in the file name.', { name: { parts: ['author', 'title'] } }],
    [
      'The file name must contain your name, the title and the number of the picture.',
      { name: { parts: ['author', 'title', 'sequence'] } },
    ],
    [
      'The filename must be Title_Name.jpg',
      { name: { example: 'Title_Name.jpg', parts: ['title', 'text:_', 'author'], extension: 'jpg' } },
    ],
    [
      'File names should include the image title and your name, eg "Red Kite by Sam Holt.jpg"',
      {
        name: {
          example: 'Red Kite by Sam Holt.jpg',
          parts: ['title', 'text: by ', 'author'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Name your files like so: membership number_title (for example 1187_Blue Hour.jpg)',
      {
        name: {
          example: '1187_Blue Hour.jpg',
          parts: ['member number', 'text:_', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Label your images with your initials and a number, e.g. AB1.jpg, AB2.jpg.',
      { name: { example: 'AB1.jpg', parts: ['initials', 'sequence'], extension: 'jpg' } },
    ],
    [
      'Use your surname as the file name, followed by 1, 2 or 3 (Harker1.jpg).',
      { name: { example: 'Harker1.jpg', parts: ['surname', 'sequence'], extension: 'jpg' } },
    ],
    [
      'Image files must be titled: SURNAME-FIRSTNAME-TITLE.jpg',
      {
        name: {
          example: 'SURNAME-FIRSTNAME-TITLE.jpg',
          parts: ['surname', 'text:-', 'first name', 'text:-', 'title'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Rename the files before sending: section letter, member number, image number, e.g. A-1042-3.jpg',
      {
        name: {
          example: 'A-1042-3.jpg',
          parts: ['section code', 'text:-', 'member number', 'text:-', 'sequence'],
          extension: 'jpg',
        },
      },
    ],
    ['The title alone is the file name. No numbers.', { name: { parts: ['title'] } }],
    [
      'Each file is to be given the name of the picture, e.g. Ploughing Match.jpg',
      { name: { example: 'Ploughing Match.jpg', parts: ['title'], spaces: 'allowed', extension: 'jpg' } },
    ],
    [
      'File name: first name, surname, title; separated by hyphens.',
      { name: { parts: ['first name', 'text:-', 'surname', 'text:-', 'title'] } },
    ],
    [
      'Separate the parts of the file name (surname, title) by an underscore.',
      { name: { parts: ['surname', 'text:_', 'title'] } },
    ],
    [
      'File names may contain letters, numbers, hyphens and underscores only.',
      { name: { spaces: 'forbidden' } },
    ],
    ['File names without spaces, please.', { name: { spaces: 'forbidden' } }],
    ['Spaces are permitted in file names.', { name: { spaces: 'allowed' } }],
    ['Please keep file names under 50 characters.', { name: { maxLength: 50 } }],
    ['Title: max 25 characters', { name: { maxLength: 25 } }],
    ['The title must not be longer than 40 characters.', { name: { maxLength: 40 } }],
    ['Titles (max. 35 letters) in English.', { name: { maxLength: 35 } }],
    [
      'Name files as: 001-Title.jpg where 001 is your entry number',
      { name: { example: '001-Title.jpg', parts: ['entry number', 'text:-', 'title'], extension: 'jpg' } },
    ],
    [
      'Name your file LastnameFirstname_Title_1.jpg.',
      {
        name: {
          example: 'LastnameFirstname_Title_1.jpg',
          parts: ['surname', 'first name', 'text:_', 'title', 'text:_', 'sequence'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Naming: title-of-picture_your-name.jpg',
      {
        name: {
          example: 'title-of-picture_your-name.jpg',
          parts: ['title', 'text:_', 'author'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Please call your picture surname_initial_01.jpg',
      {
        name: {
          example: 'surname_initial_01.jpg',
          parts: ['surname', 'text:_', 'initials', 'text:_', 'sequence'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Files must be named with the author\'s name first, then the title, e.g. "Ida Marsh - Harbour Wall.jpg".',
      {
        name: {
          example: 'Ida Marsh - Harbour Wall.jpg',
          parts: ['author', 'text: - ', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Filename example: Smith_John_Forest.jpg',
      { name: { example: 'Smith_John_Forest.jpg', extension: 'jpg' } },
    ],
    [
      'Use the naming format Section_Surname_Title, e.g. Nature_Okafor_Damselfly.jpg',
      {
        name: {
          example: 'Nature_Okafor_Damselfly.jpg',
          parts: ['section code', 'text:_', 'surname', 'text:_', 'title'],
          extension: 'jpg',
        },
      },
    ],
  ]);
});

describe('letters that count, spaces round a mark, and parts that are not known', () => {
  readsAs([
    [
      'Save the file under your competition number followed by A, B or C, e.g. 117A.jpg, 117B.jpg',
      { name: { example: '117A.jpg', parts: ['entry number', 'sequence'], extension: 'jpg' } },
    ],
    [
      "Rename the pictures with your PIN and the picture's number, for instance 4471-2.jpg",
      { name: { example: '4471-2.jpg', parts: ['member number', 'text:-', 'sequence'], extension: 'jpg' } },
    ],
    [
      'We would like files labelled with your last name, then the title and the print size, like Penn_Evening Tide_A3.tif',
      { name: { example: 'Penn_Evening Tide_A3.tif', spaces: 'allowed', extension: 'tif' } },
    ],
    [
      'In the file name give the title of your image, then a dash, then your name: Evening Tide - Ros Penn.jpg',
      {
        name: {
          example: 'Evening Tide - Ros Penn.jpg',
          parts: ['title', 'text: - ', 'author'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Files must be named as: number of author - number of image - title (123-1-Evening Tide.jpg)',
      {
        name: {
          example: '123-1-Evening Tide.jpg',
          parts: ['member number', 'text:-', 'sequence', 'text:-', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Please title the jpgs "your name - picture title"',
      { formats: ['jpeg'], name: { parts: ['author', 'text: - ', 'title'] } },
    ],
    [
      'Each image filename should be exactly the same as the title on the form.',
      { name: { parts: ['title'] } },
    ],
    [
      'name convention XXXX_YY_title where XXXX is your membership number and YY is the number of the image',
      { name: { parts: ['member number', 'text:_', 'sequence', 'text:_', 'title'] } },
    ],
    ['Each file must carry the title of the photograph as its name.', { name: { parts: ['title'] } }],
    [
      'Files must be renamed to the title of the image as it is to appear in the catalogue.',
      { name: { parts: ['title'] } },
    ],
    [
      'Filename: Section letter (P, M or N), member no., image no. e.g. P-114-2.jpg',
      {
        name: {
          example: 'P-114-2.jpg',
          parts: ['section code', 'text:-', 'member number', 'text:-', 'sequence'],
          extension: 'jpg',
        },
      },
    ],
    [
      "Label your image files as 'number.firstname.lastname.title' (e.g. 1.Ada.Okoro.Winter Walk.jpg)",
      {
        name: {
          example: '1.Ada.Okoro.Winter Walk.jpg',
          parts: ['sequence', 'text:.', 'first name', 'text:.', 'surname', 'text:.', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    ['No special naming is needed, but please no IMG_0001.jpg!', {}],
    [
      'Images to be named using their title followed by your club membership number in brackets - Winter Walk (221).jpg',
      {
        name: {
          example: 'Winter Walk (221).jpg',
          parts: ['title', 'text: (', 'member number', 'text:)'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
  ]);
});

describe('parts set apart by commas', () => {
  readsAs([
    [
      'Call the file "your name, place, year", e.g. Ted Rook, Garsdale, 2026.jpg',
      { name: { example: 'Ted Rook, Garsdale, 2026.jpg', spaces: 'allowed', extension: 'jpg' } },
    ],
  ]);
});

describe('names whose words lead nowhere', () => {
  readsAs([
    [
      'Name each file with class, title and your name, in that order, separated by a space, a dash and a space, e.g. Nature - Stoat - Will Parr.jpg.',
      {
        name: {
          example: 'Nature - Stoat - Will Parr.jpg',
          parts: ['section code', 'text: - ', 'title', 'text: - ', 'author'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'NAME club number + running number + title, e.g. 7-03-Red Barn.jpg',
      {
        name: {
          example: '7-03-Red Barn.jpg',
          parts: ['club number', 'text:-', 'sequence', 'text:-', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
  ]);
});

describe('numbers within a section, and the title of a file', () => {
  readsAs([
    [
      'Each name: section, number within the section, club number, title. Example: N4_061_Dipper.jpg',
      {
        name: {
          example: 'N4_061_Dipper.jpg',
          parts: ['section code', 'sequence', 'text:_', 'club number', 'text:_', 'title'],
          extension: 'jpg',
        },
      },
    ],
    [
      'The title of the file will be the number of inscription and the number of the photo (example: 35-2.jpg).',
      { name: { example: '35-2.jpg', parts: ['entry number', 'text:-', 'sequence'], extension: 'jpg' } },
    ],
  ]);
});

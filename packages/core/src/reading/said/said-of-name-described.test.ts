import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** Parts of a name that are described, or shown in part. Each sentence with all that it says and nothing more. */

describe('a name that is described, or shown in part', () => {
  readsAs([
    [
      'Each file name starts with the entry number given on your form, then a hyphen, then the title.',
      { name: { parts: ['entry number', 'text:-', 'title'] } },
    ],
    [
      'Name the print file title_print.tif and the web file title_web.jpg.',
      { name: { example: 'title_print.tif', parts: ['title', 'text:_', 'deliverable'] } },
    ],
    ['We need the title and nothing else as the file name.', { name: { parts: ['title'] } }],
    [
      'File name = your surname + number of the picture, no spaces, e.g. Okafor3.jpg',
      {
        name: {
          example: 'Okafor3.jpg',
          parts: ['surname', 'sequence'],
          spaces: 'forbidden',
          extension: 'jpg',
        },
      },
    ],
    [
      'The name of the file is the section code, the running number and the title, separated by underscores.',
      { name: { parts: ['section code', 'text:_', 'sequence', 'text:_', 'title'] } },
    ],
    ['Identify every file with your name and the title.', { name: { parts: ['author', 'title'] } }],
    [
      'number-initials-title.jpg (example: 04-BH-Wet Street.jpg)',
      {
        name: {
          example: 'number-initials-title.jpg',
          parts: ['sequence', 'text:-', 'initials', 'text:-', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Please name files [section]-[member no]-[title].jpg',
      {
        name: {
          example: '[section]-[member no]-[title].jpg',
          parts: ['section code', 'text:-', 'member number', 'text:-', 'title'],
          extension: 'jpg',
        },
      },
    ],
    [
      'The file name starts with the order number (01, 02 …), followed by the title.',
      { name: { parts: ['sequence', 'title'] } },
    ],
    ['Give each picture a title and use it as its file name.', { name: { parts: ['title'] } }],
    ['The title of the work is to be used as the file name.', { name: { parts: ['title'] } }],
    ['File names must match the titles on the entry form.', { name: { parts: ['title'] } }],
    [
      'Use the format YEAR_SURNAME_TITLE.',
      { name: { parts: ['year', 'text:_', 'surname', 'text:_', 'title'] } },
    ],
    [
      'Name each file with the section (C/M), underscore, your initials, underscore, title.',
      { name: { parts: ['section code', 'text:_', 'initials', 'text:_', 'title'] } },
    ],
    ['Please include the title and your name in the filename.', { name: { parts: ['title', 'author'] } }],
    ['The filename is to be the title.', { name: { parts: ['title'] } }],
    [
      'Save the file as your name, e.g. rita_moon.jpg.',
      { name: { example: 'rita_moon.jpg', extension: 'jpg' } },
    ],
    [
      'File name: student number followed by a lower-case letter (a, b, c), e.g. 882140a.jpg',
      { name: { example: '882140a.jpg', extension: 'jpg' } },
    ],
    [
      'JPEG file names: <entry number>_<title>.jpg',
      {
        formats: ['jpeg'],
        name: {
          example: '<entry number>_<title>.jpg',
          parts: ['entry number', 'text:_', 'title'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Format your filenames: title-species-location.jpg',
      { name: { example: 'title-species-location.jpg', extension: 'jpg' } },
    ],
    ['Files must be named "Photographer name_Title".', { name: { parts: ['author', 'text:_', 'title'] } }],
    [
      'Name the images Round2_Surname_Title.jpg.',
      { name: { example: 'Round2_Surname_Title.jpg', extension: 'jpg' } },
    ],
    [
      'Files should be saved as: section letter, author number, image number with no gaps - e.g. B04217.jpg',
      {
        name: {
          example: 'B04217.jpg',
          parts: ['section code', 'member number', 'sequence'],
          spaces: 'forbidden',
          extension: 'jpg',
        },
      },
    ],
    ['Use "surname_firstname" as the file name.', { name: { parts: ['surname', 'text:_', 'first name'] } }],
    [
      'Filename: [club]_[section]_[sequence 01-10].jpg',
      { name: { parts: ['club code', 'text:_', 'section code', 'text:_', 'sequence'], extension: 'jpg' } },
    ],
    [
      'Each picture is to be given a name made up of the entry number, an underscore and the title.',
      { name: { parts: ['entry number', 'text:_', 'title'] } },
    ],
    ['Image name: number of the member / title', { name: { parts: ['member number', 'title'] } }],
    [
      'The image file names should start with the section code (NA, TR or OP) and a hyphen, followed by the title of the image.',
      { name: { parts: ['section code', 'text:-', 'title'] } },
    ],
    [
      'Include your surname in the file name: tarn-surname.jpg',
      { name: { example: 'tarn-surname.jpg', extension: 'jpg' } },
    ],
    [
      'The images are named with your surname, followed by a hyphen and a number (Hope-1, Hope-2, …).',
      { name: { example: 'Hope-1', parts: ['surname', 'text:-', 'sequence'] } },
    ],
    ['Save your picture as Name_Town.jpg.', { name: { example: 'Name_Town.jpg', extension: 'jpg' } }],
    [
      'Use underscores instead of spaces: Edge_of_Town_Lena_Fry.jpg (title, first name, surname).',
      {
        name: {
          example: 'Edge_of_Town_Lena_Fry.jpg',
          parts: ['title', 'text:_', 'first name', 'text:_', 'surname'],
          spaces: 'forbidden',
          extension: 'jpg',
        },
      },
    ],
    ['Please put title and name in the file name.', { name: { parts: ['title', 'author'] } }],
  ]);
});

describe('names in other words', () => {
  readsAs([
    [
      'Files need to be called TITLE_BY_NAME.jpg',
      { name: { example: 'TITLE_BY_NAME.jpg', parts: ['title', 'text:_BY_', 'author'], extension: 'jpg' } },
    ],
    [
      'Please identify files as follows: [Section][Number] [Title].jpg',
      {
        name: {
          example: '[Section][Number] [Title].jpg',
          parts: ['section code', 'sequence', 'text: ', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Use your roll number followed by P for the photograph and S for the signature, e.g. 1187P.jpg and 1187S.jpg.',
      { name: { example: '1187P.jpg', parts: ['student number', 'deliverable'], extension: 'jpg' } },
    ],
    [
      'Filename format: YYYY-MM-DD_species_initials.jpg',
      {
        name: {
          example: 'YYYY-MM-DD_species_initials.jpg',
          parts: ['date', 'text:_', 'species', 'text:_', 'initials'],
          extension: 'jpg',
        },
      },
    ],
    [
      'Filename = student number + _cat or _wall (e.g. 21034_cat.tif).',
      {
        name: {
          example: '21034_cat.tif',
          parts: ['student number', 'text:_', 'deliverable'],
          extension: 'tif',
        },
      },
    ],
    [
      'Filenames will follow the pattern NN_Title_Author, NN being the order, e.g. 05_Rush Hour_Tom Idle.jpg',
      {
        name: {
          example: '05_Rush Hour_Tom Idle.jpg',
          parts: ['sequence', 'text:_', 'title', 'text:_', 'author'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Name them TIDE-surname-double and TIDE-surname-single.',
      { name: { parts: ['text:TIDE-', 'surname', 'text:-', 'deliverable'] } },
    ],
    [
      'File name: centre number_candidate number_image number, e.g. 20417_0093_01.jpg.',
      { name: { example: '20417_0093_01.jpg', extension: 'jpg' } },
    ],
    ['Title as the file name, nothing else.', { name: { parts: ['title'] } }],
    [
      'File name: species code and count number, e.g. DUNLI_0412.jpg',
      { name: { example: 'DUNLI_0412.jpg', extension: 'jpg' } },
    ],
  ]);
});

describe('a first word that is spelled out', () => {
  readsAs([
    [
      'Name them R3, then your number, then the title, underscores, like R3_044_Harbour Wall.jpg.',
      {
        name: {
          example: 'R3_044_Harbour Wall.jpg',
          parts: ['text:R3_', 'member number', 'text:_', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Label your files with club number, place in the running order and title (e.g. 31-05-Cold Frame.jpg).',
      {
        name: {
          example: '31-05-Cold Frame.jpg',
          parts: ['club number', 'text:-', 'sequence', 'text:-', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'The files must be named with the number, the name and the surname of the author: 1_Rita_Moura.jpg, 2_Rita_Moura.jpg',
      {
        name: {
          example: '1_Rita_Moura.jpg',
          parts: ['sequence', 'text:_', 'first name', 'text:_', 'surname'],
          extension: 'jpg',
        },
      },
    ],
  ]);
});

describe('a name without its ending, or with a place', () => {
  readsAs([
    [
      'The image file shall be named: Membership Number - Title of Image, e.g. 112 - Frosted Reeds.',
      {
        name: {
          example: '112 - Frosted Reeds',
          parts: ['member number', 'text: - ', 'title'],
          spaces: 'allowed',
        },
      },
    ],
    [
      'File names consist of the year, the place and a number, joined by hyphens: 1932-Staithe-01.',
      { name: { example: '1932-Staithe-01' } },
    ],
    [
      'Rename each one with your surname and the name of the place (Whitlock_Mill Bridge.jpg).',
      { name: { example: 'Whitlock_Mill Bridge.jpg', spaces: 'allowed', extension: 'jpg' } },
    ],
    [
      "Name the file with the age group letter, the group number and the child's first name: C_14_Amy.jpg",
      {
        name: {
          example: 'C_14_Amy.jpg',
          parts: ['section code', 'text:_', 'club number', 'text:_', 'first name'],
          extension: 'jpg',
        },
      },
    ],
    ['Umlauts, blanks and special signs are forbidden in file names.', { name: { spaces: 'forbidden' } }],
  ]);
});

describe('names of readers, and titles with a dash behind', () => {
  readsAs([
    [
      'photo name = reader number + short title, e.g. R5521_Sluice at Dawn.jpg',
      {
        name: {
          example: 'R5521_Sluice at Dawn.jpg',
          parts: ['member number', 'text:_', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Numbered 01 to 12 and then the title and the author like 01 Kite Over Marsh - Helen Roe.jpg.',
      {
        name: {
          example: '01 Kite Over Marsh - Helen Roe.jpg',
          parts: ['sequence', 'text: ', 'title', 'text: - ', 'author'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Called by your payroll number, e.g. 448102.jpg',
      { name: { example: '448102.jpg', parts: ['member number'], extension: 'jpg' } },
    ],
    [
      'File name: your number, your order, title, for instance 056_1_Old Oak.jpg',
      {
        name: {
          example: '056_1_Old Oak.jpg',
          parts: ['member number', 'text:_', 'sequence', 'text:_', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
  ]);
});

describe('names that are refused, and dates', () => {
  readsAs([
    [
      'Files are refused if their name has spaces or is longer than 20 characters.',
      { name: { spaces: 'forbidden', maxLength: 20 } },
    ],
    [
      'Name it with the date it was taken, year first, like 2026-10-03.jpg.',
      { name: { example: '2026-10-03.jpg', parts: ['date'], extension: 'jpg' } },
    ],
    [
      'Use your driver number as the file name, nothing else (example: 2217.jpg).',
      { name: { example: '2217.jpg', parts: ['member number'], extension: 'jpg' } },
    ],
  ]);
});

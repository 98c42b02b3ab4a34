import { readsAs } from '../testing/reads-as.ts';

/** Names of files, as organisers plainly write of them. Each sentence with all that it says and nothing more. */

readsAs([
  [
    'Name your files Surname_Title.jpg.',
    { name: { example: 'Surname_Title.jpg', parts: ['surname', 'text:_', 'title'], extension: 'jpg' } },
  ],
  ['Name each file with your surname and the title.', { name: { parts: ['surname', 'title'] } }],
  [
    'Name each file with your surname followed by the title, e.g. Smith Low Tide.jpg',
    {
      name: {
        example: 'Smith Low Tide.jpg',
        parts: ['surname', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Files must be named: surname, first name, number (Smith_Anna_1.jpg).',
    {
      name: {
        example: 'Smith_Anna_1.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'File names: member number_title, for example 123_Low Tide.jpg',
    {
      name: {
        example: '123_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'File name format: Title_MemberNumber.jpg',
    {
      name: {
        example: 'Title_MemberNumber.jpg',
        parts: ['title', 'text:_', 'member number'],
        extension: 'jpg',
      },
    },
  ],
  [
    'The file name is to be made up of your membership number and the title, separated by a hyphen: 123-Low Tide.jpg',
    {
      name: {
        example: '123-Low Tide.jpg',
        parts: ['member number', 'text:-', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Please name files as follows: 123_Low Tide.jpg (membership number, title).',
    {
      name: {
        example: '123_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  ['Please use the title of the picture as the file name.', { name: { parts: ['title'] } }],
  ['The file name is the title.', { name: { parts: ['title'] } }],
  ['The file name should be the title of your image and nothing else.', { name: { parts: ['title'] } }],
  [
    'Use your surname and a running number, like Smith_1.jpg, Smith_2.jpg.',
    { name: { example: 'Smith_1.jpg', parts: ['surname', 'text:_', 'sequence'], extension: 'jpg' } },
  ],
  [
    'Rename your files to Surname-Firstname-1.jpg',
    {
      name: {
        example: 'Surname-Firstname-1.jpg',
        parts: ['surname', 'text:-', 'first name', 'text:-', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  ['Rename the file to your name before you send it.', { name: { parts: ['author'] } }],
  [
    'The file name starts with the section code, then your entry number: OC_0123.jpg',
    { name: { example: 'OC_0123.jpg', parts: ['section code', 'text:_', 'entry number'], extension: 'jpg' } },
  ],
  [
    'The name of the file must begin with the section letter, followed by your surname and the title: A_Smith_Low Tide.jpg',
    {
      name: {
        example: 'A_Smith_Low Tide.jpg',
        parts: ['section code', 'text:_', 'surname', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Files are called Surname_Firstname_Number.jpg.',
    {
      name: {
        example: 'Surname_Firstname_Number.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Label your files with your surname, initial and title: Smith_A_Low Tide.jpg',
    {
      name: {
        example: 'Smith_A_Low Tide.jpg',
        parts: ['surname', 'text:_', 'initials', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  ['Label them Title_Surname.', { name: { parts: ['title', 'text:_', 'surname'] } }],
  [
    'Save the file as Title_Surname.jpg.',
    { name: { example: 'Title_Surname.jpg', parts: ['title', 'text:_', 'surname'], extension: 'jpg' } },
  ],
  [
    'Save as surname-title.jpg.',
    { name: { example: 'surname-title.jpg', parts: ['surname', 'text:-', 'title'], extension: 'jpg' } },
  ],
  [
    'Each file is to be saved under the name "Title by Firstname Surname.jpg".',
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
    'Naming convention: [surname]_[title].jpg',
    { name: { example: '[surname]_[title].jpg', parts: ['surname', 'text:_', 'title'], extension: 'jpg' } },
  ],
  [
    'Naming convention: <surname>_<firstname>_<number>.jpg',
    {
      name: {
        example: '<surname>_<firstname>_<number>.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Naming: {member number} {title}.jpg',
    {
      name: {
        example: '{member number} {title}.jpg',
        parts: ['member number', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Filename: YourName_Title.jpg',
    { name: { example: 'YourName_Title.jpg', parts: ['author', 'text:_', 'title'], extension: 'jpg' } },
  ],
  [
    'Format of the name: SURNAME_Name_01.jpg',
    {
      name: {
        example: 'SURNAME_Name_01.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  ['Do not use spaces or special characters in the file name.', { name: { spaces: 'forbidden' } }],
  ['File names must not contain spaces, accents or symbols.', { name: { spaces: 'forbidden' } }],
  ['Only letters, numbers and underscores are allowed in file names.', { name: { spaces: 'forbidden' } }],
  ['File names may have at most 40 characters.', { name: { maxLength: 40 } }],
  [
    'The file name may not be longer than 30 characters, including the extension.',
    { name: { maxLength: 30 } },
  ],
  ['Titles must not exceed 35 characters.', { name: { maxLength: 35 } }],
  ['Titles of up to 30 letters.', { name: { maxLength: 30 } }],
  ['Keep titles short (25 characters at most).', { name: { maxLength: 25 } }],
  ['Your name must not appear in the file name.', {}],
  ['No names in file names please.', {}],
  ['The file name must not give away the author.', {}],
  ['File names: no spaces.', { name: { spaces: 'forbidden' } }],
  [
    'Name the files by the order in which they should be shown: 1 Title.jpg, 2 Title.jpg',
    {
      name: {
        example: '1 Title.jpg',
        parts: ['sequence', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'The first two digits are your running order, then the title: 01 Low Tide.jpg',
    {
      name: {
        example: '01 Low Tide.jpg',
        parts: ['sequence', 'text: ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Name: club code, underscore, number of the picture (two digits), e.g. HX_07.jpg',
    { name: { example: 'HX_07.jpg', parts: ['club code', 'text:_', 'sequence'], extension: 'jpg' } },
  ],
  [
    "Name: the club's three-letter code and the picture's number, such as HXM07.jpg",
    { name: { example: 'HXM07.jpg', parts: ['club code', 'sequence'], extension: 'jpg' } },
  ],
  [
    'Each file carries the club number, the section letter and a sequence number: 117A03.jpg',
    { name: { example: '117A03.jpg', parts: ['club number', 'section code', 'sequence'], extension: 'jpg' } },
  ],
  [
    'Name the files APPLICATIONNUMBER_photo.jpg and APPLICATIONNUMBER_sign.jpg.',
    {
      name: {
        example: 'APPLICATIONNUMBER_photo.jpg',
        parts: ['entry number', 'text:_', 'deliverable'],
        extension: 'jpg',
      },
    },
  ],
  ['Use your roll number as the file name.', { name: { parts: ['student number'] } }],
  [
    'Name files 123_Low.jpg (member number, title). Spaces in the title are fine.',
    {
      name: {
        example: '123_Low.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'File names: member number, underscore, title. Spaces may be used.',
    { name: { parts: ['member number', 'text:_', 'title'], spaces: 'allowed' } },
  ],
  [
    'File names: member number, underscore, title. Put an underscore instead of spaces.',
    { name: { parts: ['member number', 'text:_', 'title'], spaces: 'forbidden' } },
  ],
  [
    'File names: member number, underscore, title. Replace spaces by underscores.',
    { name: { parts: ['member number', 'text:_', 'title'], spaces: 'forbidden' } },
  ],
  [
    'File names: member number, section letter and title. Separate the parts with underscores.',
    { name: { parts: ['member number', 'text:_', 'section code', 'text:_', 'title'] } },
  ],
  [
    'File names: member number, section letter and title. The parts are joined by hyphens.',
    { name: { parts: ['member number', 'text:-', 'section code', 'text:-', 'title'] } },
  ],
  [
    'File names: member number, section letter and title. Use underscores between them.',
    { name: { parts: ['member number', 'text:_', 'section code', 'text:_', 'title'] } },
  ],
  [
    'File names: member number, section letter and title, with underscores between.',
    { name: { parts: ['member number', 'text:_', 'section code', 'text:_', 'title'] } },
  ],
  [
    'File names: member number, section letter and title, divided by a dash.',
    { name: { parts: ['member number', 'text:-', 'section code', 'text:-', 'title'] } },
  ],
  [
    'File names consist of member number, section letter and title. All in capitals.',
    { name: { parts: ['member number', 'section code', 'title'] } },
  ],
  [
    'File names consist of member number and title. Use only the letters a-z, the digits 0-9 and hyphens.',
    { name: { parts: ['member number', 'title'], spaces: 'forbidden' } },
  ],
  [
    'File names consist of member number and title. Not more than 40 characters, please.',
    { name: { parts: ['member number', 'title'], maxLength: 40 } },
  ],
  [
    'File names consist of member number and title, no more than 40 characters in all.',
    { name: { parts: ['member number', 'title'], maxLength: 40 } },
  ],
  [
    'File names consist of member number and title, 40 characters at most.',
    { name: { parts: ['member number', 'title'], maxLength: 40 } },
  ],
  [
    'Name your files as in the example: 12_Low Tide.jpg. 12 is your member number.',
    {
      name: {
        example: '12_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'The file name has the form 12_Low Tide.jpg, where 12 is the membership number.',
    {
      name: {
        example: '12_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'The file name has the form 12_Low Tide.jpg, where 12 stands for the membership number and "Low Tide" for the title.',
    {
      name: {
        example: '12_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'File name: 12_Low Tide.jpg (12 = membership number, Low Tide = title).',
    {
      name: {
        example: '12_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'If your number is 12 and the picture is called Low Tide, the file is 12_Low Tide.jpg.',
    {
      name: {
        example: '12_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'For example, member 12 would send Low Tide as 12_Low Tide.jpg.',
    {
      name: {
        example: '12_Low Tide.jpg',
        parts: ['member number', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    "So Anna Smith's first picture would be Smith_Anna_1.jpg.",
    {
      name: {
        example: 'Smith_Anna_1.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'For instance, Jo Marsh would call her pictures Marsh_1.jpg and Marsh_2.jpg.',
    { name: { example: 'Marsh_1.jpg', parts: ['surname', 'text:_', 'sequence'], extension: 'jpg' } },
  ],
  [
    'The files must be called Title by Author, for example Low Tide by Anna Smith.jpg.',
    {
      name: {
        example: 'Low Tide by Anna Smith.jpg',
        parts: ['title', 'text: by ', 'author'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Files should be named Anna Smith - Low Tide.jpg (name, dash, title).',
    {
      name: {
        example: 'Anna Smith - Low Tide.jpg',
        parts: ['author', 'text: - ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Files: Name - Title.jpg',
    {
      name: {
        example: 'Name - Title.jpg',
        parts: ['author', 'text: - ', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Name the files "Section_Title_Name.jpg".',
    {
      name: {
        example: 'Section_Title_Name.jpg',
        parts: ['section code', 'text:_', 'title', 'text:_', 'author'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Name the files with section, title and your name: Nature_Low Tide_Anna Smith.jpg.',
    {
      name: {
        example: 'Nature_Low Tide_Anna Smith.jpg',
        parts: ['section code', 'text:_', 'title', 'text:_', 'author'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Name: surname-month-year, e.g. Smith-03-2027.jpg',
    {
      name: {
        example: 'Smith-03-2027.jpg',
        parts: ['surname', 'text:-', 'month', 'text:-', 'year'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Name: year_surname_title (2027_Smith_Low Tide.jpg).',
    {
      name: {
        example: '2027_Smith_Low Tide.jpg',
        parts: ['year', 'text:_', 'surname', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'Begin with the year: 2027_Smith_Low Tide.jpg (year, surname, title).',
    {
      name: {
        example: '2027_Smith_Low Tide.jpg',
        parts: ['year', 'text:_', 'surname', 'text:_', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  [
    'The file names should read 1_Smith.jpg, 2_Smith.jpg (order and surname).',
    { name: { example: '1_Smith.jpg', parts: ['sequence', 'text:_', 'surname'], extension: 'jpg' } },
  ],
  [
    "The files are named with your club's code, your initials and a number: HX_AS_1.jpg",
    {
      name: {
        example: 'HX_AS_1.jpg',
        parts: ['club code', 'text:_', 'initials', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Names of files: surname and number, without spaces, as in Smith3.jpg.',
    {
      name: { example: 'Smith3.jpg', parts: ['surname', 'sequence'], spaces: 'forbidden', extension: 'jpg' },
    },
  ],
  [
    'Please keep to this pattern: Surname_Firstname_Country_Number.jpg',
    {
      name: {
        example: 'Surname_Firstname_Country_Number.jpg',
        parts: ['surname', 'text:_', 'first name', 'text:_', 'country', 'text:_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Send files as SURNAME_Title.jpg',
    { name: { example: 'SURNAME_Title.jpg', parts: ['surname', 'text:_', 'title'], extension: 'jpg' } },
  ],
]);

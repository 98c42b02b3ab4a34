import { readsNamesAs } from '../../testing/reads-names-as.ts';

/** Names of files, as organisers plainly write of them. Each sentence with all that it says and nothing more. */

readsNamesAs([
  [
    'Naming: {member number} {title}.jpg',
    '[member number] [title]',
    '{member number} {title}.jpg',
    'allowed',
  ],
  [
    'File names: member number, section letter and title. Separate the parts with underscores.',
    '[member number]_[section code]_[title]',
  ],
  [
    'File names: member number, section letter and title. The parts are joined by hyphens.',
    '[member number]-[section code]-[title]',
  ],
  [
    'File names: member number, section letter and title. Use underscores between them.',
    '[member number]_[section code]_[title]',
  ],
  [
    'Name your files as in the example: 12_Low Tide.jpg. 12 is your member number.',
    '[member number]_[title]',
    '12_Low Tide.jpg',
    'allowed',
  ],
  [
    'If your number is 12 and the picture is called Low Tide, the file is 12_Low Tide.jpg.',
    '[member number]_[title]',
    '12_Low Tide.jpg',
    'allowed',
  ],
  [
    'For example, member 12 would send Low Tide as 12_Low Tide.jpg.',
    '[member number]_[title]',
    '12_Low Tide.jpg',
    'allowed',
  ],
  [
    "So Anna Smith's first picture would be Smith_Anna_1.jpg.",
    '[surname]_[first name]_[sequence]',
    'Smith_Anna_1.jpg',
  ],
  [
    'For instance, Jo Marsh would call her pictures Marsh_1.jpg and Marsh_2.jpg.',
    '[surname]_[sequence]',
    'Marsh_1.jpg',
  ],
  ['Files: Name - Title.jpg', '[author] - [title]', 'Name - Title.jpg', 'allowed'],
  [
    'Images should be titled as follows: 1_Low Tide_045.jpg where 1 is the order of preference and 045 your membership number.',
    '[sequence]_[title]_[member number]',
    '1_Low Tide_045.jpg',
    'allowed',
  ],
  [
    'The section (CL or MN), a space, the title, a space and your number in brackets: CL Low Tide (45).jpg',
    '[section code] [title] ([member number])',
    'CL Low Tide (45).jpg',
    'allowed',
  ],
  ['Each photo is named after the species: Turdus merula.jpg', '[species]', 'Turdus merula.jpg', 'allowed'],
  [
    'For example: "Low Tide" by Anna Smith would be named Low Tide_Anna Smith.jpg',
    '[title]_[author]',
    'Low Tide_Anna Smith.jpg',
    'allowed',
  ],
  [
    'e.g. 045_01_Low Tide.jpg for the first image of member 045',
    '[member number]_[sequence]_[title]',
    '045_01_Low Tide.jpg',
    'allowed',
  ],
  [
    "For example member 045's second image would be 045_02_Low Tide.jpg",
    '[member number]_[sequence]_[title]',
    '045_02_Low Tide.jpg',
    'allowed',
  ],
  [
    'If your name is Anna Smith and your picture is called Low Tide the file name is Smith_Low Tide.jpg.',
    '[surname]_[title]',
    'Smith_Low Tide.jpg',
    'allowed',
  ],
  [
    'Example: 023C04.jpg (club 023, section C, image 4)',
    '[club number][section code][sequence]',
    '023C04.jpg',
  ],
  ['Name them by title, e.g. Winter_Quay.jpg.', '[title]', 'Winter_Quay.jpg'],
  ['The file name is the title of the work, for example Winter_Quay.jpg.', '[title]', 'Winter_Quay.jpg'],
  [
    'Files are named club number, underscore, P for PDI or T for print, two-digit number, underscore, title: 33_P04_Evening Ferry.jpg',
    '[club number]_[section code][sequence]_[title]',
    '33_P04_Evening Ferry.jpg',
    'allowed',
  ],
  ['Files named Number_Title (number = your league number)', '[member number]_[title]'],
  [
    "Name: The section's first letter, then your number, then the title, for instance L-63-Morning.jpg",
    '[section code]-[member number]-[title]',
    'L-63-Morning.jpg',
  ],
  [
    'Name the file with your studio number and your surname (e.g. 17 Albers.jpg).',
    '[entry number] [surname]',
    '17 Albers.jpg',
    'allowed',
  ],
  ['Only the title in the file name, please.', '[title]'],
  [
    'M or C for monochrome or colour, then the title, then your number, with hyphens: M-Rook Hill-204.jpg',
    '[section code]-[title]-[member number]',
    'M-Rook Hill-204.jpg',
    'allowed',
  ],
]);

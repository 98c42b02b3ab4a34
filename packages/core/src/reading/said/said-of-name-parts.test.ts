import { describe, expect, it } from 'vitest';
import { saidBy } from '../../testing/said-by.ts';

/** Parts of a name that an example shows. Each sentence with all that it says and nothing more. */

/** "title “_” initials": parts in their order, and in quotes what stands between them. */
const partsOf = (written: string) =>
  [...written.matchAll(/“(?<text>[^”]*)”|(?<part>[a-z]+(?: (?:name|number|code))?)/g)].map(({ groups }) =>
    groups?.['text'] === undefined ? (groups?.['part'] ?? '') : `text:${groups['text']}`,
  );

describe('a name that is shown', () => {
  it.each<[string, string, string]>([
    ['Name your files as follows: Surname_Title.jpg', 'Surname_Title.jpg', 'surname “_” title'],
    ['Please name the image with the title only, e.g. Frozen Pond.jpg', 'Frozen Pond.jpg', 'title'],
    [
      'File naming: member number-title (example: 214-Harbour.jpg)',
      '214-Harbour.jpg',
      'member number “-” title',
    ],
    [
      'Rename each file to LASTNAME_FIRSTNAME_01.jpg, LASTNAME_FIRSTNAME_02.jpg and so on.',
      'LASTNAME_FIRSTNAME_01.jpg',
      'surname “_” first name “_” sequence',
    ],
    [
      'The filename should consist of your first name, your surname and a number, separated by underscores (Jo_Bell_1.jpg).',
      'Jo_Bell_1.jpg',
      'first name “_” surname “_” sequence',
    ],
    [
      'Files are to be named "number title", e.g. "3 Old Barn.jpg", the number being the order of showing.',
      '3 Old Barn.jpg',
      'sequence “ ” title',
    ],
    [
      'Name: section letter, member number, title - for instance B_088_Still Life.jpg',
      'B_088_Still Life.jpg',
      'section code “_” member number “_” title',
    ],
    [
      'The file name must be the title of the picture followed by your initials in brackets: Low Tide (RJ).jpg',
      'Low Tide (RJ).jpg',
      'title “ (” initials “)”',
    ],
    ['Use your candidate number as the file name (e.g. 40771.jpg).', '40771.jpg', 'student number'],
    ['Filename format: [Surname]_[Title].jpg', '[Surname]_[Title].jpg', 'surname “_” title'],
    ['Files: clubcode-01.jpg to clubcode-12.jpg.', 'clubcode-01.jpg', 'club code “-” sequence'],
    [
      'Put the author and the title in the file name like so: Rosa Lind - Dawn.jpg',
      'Rosa Lind - Dawn.jpg',
      'author “ - ” title',
    ],
    [
      'Please label each picture: Name, Title, Number (e.g. Smit_Canal_2.jpg).',
      'Smit_Canal_2.jpg',
      'author “_” title “_” sequence',
    ],
    [
      'Each image is named with section (A, B or C), number and title: A_2_Quay.jpg',
      'A_2_Quay.jpg',
      'section code “_” sequence “_” title',
    ],
    [
      'Use the Latin name of the species and the year, e.g. Aeshna_cyanea_2026.jpg.',
      'Aeshna_cyanea_2026.jpg',
      'species “_” year',
    ],
    ['Files should be titled Month_Surname.jpg', 'Month_Surname.jpg', 'month “_” surname'],
    ['Name each file with the catalogue number (e.g. 0042.jpg).', '0042.jpg', 'catalogue number'],
    [
      'Naming convention: {ClubNo}_{Seq}_{Title}.jpg',
      '{ClubNo}_{Seq}_{Title}.jpg',
      'club number “_” sequence “_” title',
    ],
    [
      'Title of picture_author, with no other punctuation: Misty Lane_P Holt.jpg',
      'Misty Lane_P Holt.jpg',
      'title “_” author',
    ],
    ['Name each file: yourname-title.jpg', 'yourname-title.jpg', 'author “-” title'],
    [
      'Image files are named like this: Title_Membership number.jpg',
      'Title_Membership number.jpg',
      'title “_” member number',
    ],
    [
      'We want Initials_Number_Title, for example KL_2_Harbour lights.jpg.',
      'KL_2_Harbour lights.jpg',
      'initials “_” sequence “_” title',
    ],
    ['Name your pictures 1.jpg, 2.jpg, 3.jpg in the order you want them shown.', '1.jpg', 'sequence'],
    [
      'Use this pattern: club code (two letters), dash, number 01-15, dash, title. Example: QB-09-Low Sun.jpg',
      'QB-09-Low Sun.jpg',
      'club code “-” sequence “-” title',
    ],
    [
      'Filenames: surname first, then first name, then the number of the photo. Dunn_Eva_3.jpg is right, photo3.jpg is not.',
      'Dunn_Eva_3.jpg',
      'surname “_” first name “_” sequence',
    ],
    ['Save each picture under its title, e.g. "The Long Wait.jpg".', 'The Long Wait.jpg', 'title'],
    [
      'The title is the file name. Use capitals at the start of words: Morning On The Mere.jpg',
      'Morning On The Mere.jpg',
      'title',
    ],
    [
      'Give the file your registration number as its name (e.g. VB2027-00417.jpg).',
      'VB2027-00417.jpg',
      'student number',
    ],
    [
      'Please put your membership number after the title (Sea Fret 118.jpg).',
      'Sea Fret 118.jpg',
      'title “ ” member number',
    ],
    [
      'Files should be called class letter + member number + sequence, no separators, e.g. B0472.jpg',
      'B0472.jpg',
      'section code member number sequence',
    ],
    [
      'Name files with your last name, an underscore and the number from the entry form (Tarn_1.jpg, Tarn_2.jpg).',
      'Tarn_1.jpg',
      'surname “_” sequence',
    ],
    ['Filename: 2027_surname_title.jpg', '2027_surname_title.jpg', 'year “_” surname “_” title'],
    [
      '"Firstname Lastname - Title.jpg" is how we would like the files to be named.',
      'Firstname Lastname - Title.jpg',
      'first name “ ” surname “ - ” title',
    ],
    [
      'Your files: LastName_FirstName_Image1.jpg',
      'LastName_FirstName_Image1.jpg',
      'surname “_” first name “_Image” sequence',
    ],
    [
      'Title your file with the month and your surname, like July_Brandt.jpg.',
      'July_Brandt.jpg',
      'month “_” surname',
    ],
    [
      'Each filename begins with your three-digit member number followed by a space and the title: 047 Last Bus.jpg',
      '047 Last Bus.jpg',
      'member number “ ” title',
    ],
    [
      'Files should be named with the title of the picture only: Winter Light.jpg',
      'Winter Light.jpg',
      'title',
    ],
    ['Name format: FirstnameSurname_Title.jpg', 'FirstnameSurname_Title.jpg', 'first name surname “_” title'],
    [
      'Rename your file: surname, initials, title (SmithAB Gate.jpg).',
      'SmithAB Gate.jpg',
      'surname initials “ ” title',
    ],
    ['Filename = entry no. + title, like 311_Salt Pans.jpg', '311_Salt Pans.jpg', 'entry number “_” title'],
    [
      'We sort by file name, so begin with the section letter, then your entry number: C-311.jpg',
      'C-311.jpg',
      'section code “-” entry number',
    ],
    [
      'Use your full name and the number of the picture as file name: Mara Lund 2.jpg',
      'Mara Lund 2.jpg',
      'author “ ” sequence',
    ],
    ['name_of_artist-title.jpg', 'name_of_artist-title.jpg', 'author “-” title'],
    ['Label files Lastname_1.jpg, Lastname_2.jpg, etc.', 'Lastname_1.jpg', 'surname “_” sequence'],
    [
      'Filename must be in lower case with hyphens: surname-title.jpg',
      'surname-title.jpg',
      'surname “-” title',
    ],
    ['Save as title_surname.jpg (example: dusk_meyer.jpg).', 'title_surname.jpg', 'title “_” surname'],
    [
      'The file name has three parts, separated by spaces: club number, sequence, title. 044 12 Cold Snap.jpg',
      '044 12 Cold Snap.jpg',
      'club number “ ” sequence “ ” title',
    ],
    [
      'Photo file: RollNo_photo.jpg; signature file: RollNo_sign.jpg',
      'RollNo_photo.jpg',
      'student number “_” deliverable',
    ],
    [
      'Name of the image file: section_title_surname firstname.jpg',
      'section_title_surname firstname.jpg',
      'section code “_” title “_” surname “ ” first name',
    ],
    [
      'The name of each file must be the title followed by a comma and the member number: Old Salt, 221.jpg',
      'Old Salt, 221.jpg',
      'title “, ” member number',
    ],
    [
      'File naming: Surname Firstname - Title.jpg',
      'Surname Firstname - Title.jpg',
      'surname “ ” first name “ - ” title',
    ],
    [
      'Naming: 01_Lee_Anna_Quarry.jpg (number, surname, first name, title)',
      '01_Lee_Anna_Quarry.jpg',
      'sequence “_” surname “_” first name “_” title',
    ],
    [
      'File name e.g. "21_Evening Tide.jpg" - 21 being your membership number.',
      '21_Evening Tide.jpg',
      'member number “_” title',
    ],
    [
      'Files to be called [club number][section code][sequence], e.g. 31C05.jpg.',
      '31C05.jpg',
      'club number section code sequence',
    ],
    [
      'Example of a correct file name: 1187_A_02.jpg (member number, section, sequence)',
      '1187_A_02.jpg',
      'member number “_” section code “_” sequence',
    ],
    [
      'The filename should be as follows:\nYourName_ImageTitle.jpg',
      'YourName_ImageTitle.jpg',
      'author “_” title',
    ],
    [
      'Number the files in the order in which they are to be viewed (1_Name.jpg, 2_Name.jpg …).',
      '1_Name.jpg',
      'sequence “_” author',
    ],
    [
      'Use your surname and the word "portrait": Moss_portrait.jpg',
      'Moss_portrait.jpg',
      'surname “_portrait”',
    ],
    [
      'Name the file with your last name and the first word of the title, e.g. ortiz-harbour.jpg',
      'ortiz-harbour.jpg',
      'surname “-” title',
    ],
    [
      'Please rename files before uploading: entry number, hyphen, image number. For example 307-2.jpg',
      '307-2.jpg',
      'entry number “-” sequence',
    ],
    [
      'File names consist of the month, the year and the title: 11-2026-Fog.jpg.',
      '11-2026-Fog.jpg',
      'month “-” year “-” title',
    ],
    ['File name: TITLE (spaces allowed), e.g. COLD MORNING.jpg', 'COLD MORNING.jpg', 'title'],
    [
      'Call the file by its title, then your initials: Two Herons_DK.jpg',
      'Two Herons_DK.jpg',
      'title “_” initials',
    ],
    [
      'The naming of the files is: year-surname-number (2027-Abel-1.jpg).',
      '2027-Abel-1.jpg',
      'year “-” surname “-” sequence',
    ],
    [
      'Filenames as usual: membership number first, then a full stop, then the title: 58.Deep Snow.jpg',
      '58.Deep Snow.jpg',
      'member number “.” title',
    ],
    [
      'Images must be named using the format FirstName_LastName_Title_Year.jpg.',
      'FirstName_LastName_Title_Year.jpg',
      'first name “_” surname “_” title “_” year',
    ],
    ['Name your file "YourName.jpg".', 'YourName.jpg', 'author'],
    [
      'The file is called after your application number, e.g. A-2027-118.jpg.',
      'A-2027-118.jpg',
      'entry number',
    ],
    [
      'Title the files with your name and a number (Kim Vale 1.jpg, Kim Vale 2.jpg).',
      'Kim Vale 1.jpg',
      'author “ ” sequence',
    ],
    [
      'For the file name combine the month with your initials: nov-hb.jpg',
      'nov-hb.jpg',
      'month “-” initials',
    ],
    [
      'example: "Ruben_Tjaden-Winter.jpg" (first name, surname, title)',
      'Ruben_Tjaden-Winter.jpg',
      'first name “_” surname “-” title',
    ],
    ['Save pictures as entrynumber-title.jpg', 'entrynumber-title.jpg', 'entry number “-” title'],
    [
      'Number your pictures 01, 02, 03 followed by the title, e.g. 02 Quarry Face.jpg.',
      '02 Quarry Face.jpg',
      'sequence “ ” title',
    ],
    ['Name: Surname-FirstName-Title.jpg', 'Surname-FirstName-Title.jpg', 'surname “-” first name “-” title'],
    [
      'All files must bear the title of the picture and the member’s number, e.g. Grey Day 107.jpg',
      'Grey Day 107.jpg',
      'title “ ” member number',
    ],
    [
      'File names: club code (3 letters) + sequence (2 digits), e.g. ABC01.jpg',
      'ABC01.jpg',
      'club code sequence',
    ],
    ['Please give your file the name of the species (e.g. Common Blue.jpg).', 'Common Blue.jpg', 'species'],
    [
      'File naming convention: Category_LastName_FirstName_Title.jpg',
      'Category_LastName_FirstName_Title.jpg',
      'section code “_” surname “_” first name “_” title',
    ],
    ['Your student number must be the name of the file (20261188.jpg).', '20261188.jpg', 'student number'],
    [
      'The file should be named by title and author as in “Old Mill by Tess Marlow.jpg”.',
      'Old Mill by Tess Marlow.jpg',
      'title “ by ” author',
    ],
    [
      'Files are named as follows: Entry number_Image number.jpg, e.g. 118_3.jpg',
      'Entry number_Image number.jpg',
      'entry number “_” sequence',
    ],
    ['File name: your initials and the number of the photo, e.g. tm03.jpg.', 'tm03.jpg', 'initials sequence'],
    [
      'Name your file SURNAME Initial Title, e.g. HART B Low Road.jpg',
      'HART B Low Road.jpg',
      'surname “ ” initials “ ” title',
    ],
  ])('%s', (text, example, parts) => {
    expect(saidBy(text)).toEqual({
      name: {
        example,
        parts: partsOf(parts),
        extension: /\.(\w+)$/.exec(example)?.[1],
        ...(example.includes(' ') ? { spaces: 'allowed' } : {}),
      },
    });
  });
});

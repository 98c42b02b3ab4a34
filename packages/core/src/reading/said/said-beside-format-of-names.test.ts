import { describe } from 'vitest';
import { readsBesideJpeg } from '../../testing/reads-as.ts';

describe('names of files', () => {
  readsBesideJpeg([
    [
      'Titles: 35 characters at most including spaces; no full stops or slashes.',
      { name: { spaces: 'allowed', maxLength: 35 } },
    ],
    ['Spaces in file names are all right.', { name: { spaces: 'allowed' } }],
    ['File name: title only, no name.', { name: { parts: ['title'] } }],
    [
      'File name: your student or staff number only, e.g. 2201934.jpg.',
      { name: { example: '2201934.jpg', parts: ['student number'], extension: 'jpg' } },
    ],
    [
      'Your name goes in the file name after the species, as in Grey heron_A Marsh.jpg.',
      {
        name: {
          example: 'Grey heron_A Marsh.jpg',
          parts: ['species', 'text:_', 'author'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    [
      'Your surname goes after the title in the file name, as in Dusk_Marsh.jpg.',
      { name: { example: 'Dusk_Marsh.jpg', parts: ['title', 'text:_', 'surname'], extension: 'jpg' } },
    ],
    [
      'Put the title before your surname: Dusk_Marsh.jpg.',
      { name: { example: 'Dusk_Marsh.jpg', parts: ['title', 'text:_', 'surname'], extension: 'jpg' } },
    ],
    [
      'File naming convention: ProjectName_01.jpg, ProjectName_02.jpg',
      { name: { example: 'ProjectName_01.jpg', parts: ['title', 'text:_', 'sequence'], extension: 'jpg' } },
    ],
    [
      'File name = club name (Chess.jpg, Gardening.jpg).',
      { name: { example: 'Chess.jpg', parts: ['club code'], extension: 'jpg' } },
    ],
    [
      'File: class number - your name - A or B, like 2-Tomas Vey-A.jpg.',
      { name: { example: '2-Tomas Vey-A.jpg', spaces: 'allowed', extension: 'jpg' } },
    ],
    [
      'Name = our number (062), dash, title. So "062-Title.jpg".',
      { name: { example: '062-Title.jpg', parts: ['club number', 'text:-', 'title'], extension: 'jpg' } },
    ],
    [
      'Photos are uploaded in the system with a title of max. 35 characters. It is not necessary to rename the files.',
      { name: { maxLength: 35 } },
    ],
    [
      'Call it by your first name, your age and a title: Zoe 9 My Dog.jpg',
      { name: { example: 'Zoe 9 My Dog.jpg', spaces: 'allowed', extension: 'jpg' } },
    ],
    ['Title in the file name, not your name: it is judged blind.', { name: { parts: ['title'] } }],
    [
      "Images shall be named in the form CCC-NN-Title, where CCC is the club's three-letter code and NN the running order.",
      { name: { parts: ['club code', 'text:-', 'sequence', 'text:-', 'title'] } },
    ],
    [
      'Name them MMM_NN, where MMM is your member number and NN the number of the image.',
      { name: { parts: ['member number', 'text:_', 'sequence'] } },
    ],
    [
      'Call each file by number, name and title like this: 2_Mirela Kost_Silent Pool.jpg.',
      {
        name: {
          example: '2_Mirela Kost_Silent Pool.jpg',
          parts: ['sequence', 'text:_', 'author', 'text:_', 'title'],
          spaces: 'allowed',
          extension: 'jpg',
        },
      },
    ],
    ['No title may be longer than 40 characters.', { name: { maxLength: 40 } }],
    ['File names may not have more than 25 characters.', { name: { maxLength: 25 } }],
    [
      'File naming: catalogue number, underscore, use (wall, screen, press). Example: W0217_screen.jpg',
      {
        name: {
          example: 'W0217_screen.jpg',
          parts: ['catalogue number', 'text:_', 'deliverable'],
          extension: 'jpg',
        },
      },
    ],
    ['Files named 01 to 15 in panel order. Nothing else in the name.', { name: { parts: ['sequence'] } }],
    ['Name the files 01 to 10.', { name: { parts: ['sequence'] } }],
    [
      'Name both alike: student number, underscore, three-digit picture number.',
      { name: { parts: ['student number', 'text:_', 'sequence'] } },
    ],
  ]);
});

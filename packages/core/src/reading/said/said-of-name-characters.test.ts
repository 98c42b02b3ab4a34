import { readsAs } from '../../testing/reads-as.ts';

/** What a name may hold, how long it may be, and sentences about names that ask nothing. Each sentence with all that it says and nothing more. */

readsAs([
  [
    'The file must be saved as a high quality JPEG (.jpg).',
    { formats: ['jpeg'], name: { extension: 'jpg' } },
  ],
  ['File names may contain letters, digits and underscores only.', { name: { spaces: 'forbidden' } }],
  ['Titles must not be longer than 30 characters.', { name: { maxLength: 30 } }],
  [
    'The title may have at most 25 characters including spaces.',
    { name: { maxLength: 25, spaces: 'allowed' } },
  ],
  ['Do not use special characters or spaces in the file name.', { name: { spaces: 'forbidden' } }],
  ['Your name must not be part of the file name.', {}],
  ['jpeg format with a .jpg extension', { formats: ['jpeg'], name: { extension: 'jpg' } }],
  ['In the file name use only letters, numbers, hyphens and underscores.', { name: { spaces: 'forbidden' } }],
  ['File names are limited to 40 characters and may not contain punctuation.', { name: { maxLength: 40 } }],
  [
    'The file name (without .jpg) may have up to 50 characters.',
    { name: { maxLength: 50, extension: 'jpg' } },
  ],
  ['Spaces in file names are fine.', { name: { spaces: 'allowed' } }],
  ['No blanks or umlauts in the file name, please.', { name: { spaces: 'forbidden' } }],
  ['Do not include your own name in the file name; it is added by the system.', {}],
  ['Do not use the characters / \\\\ : * ? in file names.', {}],
  [
    'File names: no spaces, no special characters, max 20 characters.',
    { name: { spaces: 'forbidden', maxLength: 20 } },
  ],
  [
    'The title must not exceed 40 characters, spaces included.',
    { name: { maxLength: 40, spaces: 'allowed' } },
  ],
  ['Title: 30 characters at most', { name: { maxLength: 30 } }],
  ['Keep titles short (25 characters).', { name: { maxLength: 25 } }],
  ['Don’t use spaces in the file name, use hyphens.', { name: { spaces: 'forbidden' } }],
  ['File names should be all lower case and contain no spaces.', { name: { spaces: 'forbidden' } }],
  ['File names must be no longer than 30 characters including the extension.', { name: { maxLength: 30 } }],
  ['Title (max. 50 characters)', { name: { maxLength: 50 } }],
  [
    'The image title must be limited to 35 characters and must not contain the author’s name.',
    { name: { maxLength: 35 } },
  ],
  ['Please give every image a meaningful title.', {}],
  ['Letters a-z, digits and hyphens only in file names.', { name: { spaces: 'forbidden' } }],
  ['Please make sure the title is in the file name.', {}],
  ['File names: 8 characters, no spaces', { name: { spaces: 'forbidden' } }],
  ['File names may have up to 64 characters.', { name: { maxLength: 64 } }],
  ['Please avoid spaces and special signs in file names.', { name: { spaces: 'forbidden' } }],
  ['No commas or spaces in the name of the file!', { name: { spaces: 'forbidden' } }],
  ['Titles of more than 30 characters are cut off.', { name: { maxLength: 30 } }],
  ['The title of an image can be 35 characters long at most.', { name: { maxLength: 35 } }],
  ['Title: up to 45 letters', { name: { maxLength: 45 } }],
  ['No names of authors in the file names.', {}],
  ['The title may contain letters, digits and spaces only.', { name: { spaces: 'allowed' } }],
  ['File name, max. 50 characters, no umlauts', { name: { maxLength: 50 } }],
  ['Keep the original file name from the camera.', {}],
]);

import { readsAs } from '../../testing/reads-as.ts';

/** Sections in tables, names with words of their own and formats told by what is wrong with others. */

readsAs([
  ['TIFFs clog our server; JPEG is what we ask for.', { formats: ['jpeg'] }],
  ['The file type has to be PNG because a JPEG has no transparency.', { formats: ['png'] }],
  ['TIFF it must be; we’ve had enough of squashed JPEGs.', { formats: ['tiff'] }],
  ['TIFF. Eight bits per channel are not enough, we need sixteen.', { formats: ['tiff'], bitDepth: 16 }],
  ['TIFF. Bring 16-bit files down to 8 bits per channel before sending.', { formats: ['tiff'], bitDepth: 8 }],
  [
    'Uncompressed baseline TIFF for photographs. JPEG only where the original is a JPEG.',
    { formats: ['tiff'] },
  ],
  [
    'Class A: my dog asleep. Class B: my dog wet. Class C: my dog and me.',
    {
      sections: [
        ['A', 'my dog asleep', null],
        ['B', 'my dog wet', null],
        ['C', 'my dog and me', null],
      ],
    },
  ],
  [
    '| Section | Code | Max. images | Remarks |\n|---|---|---|---|\n| Open colour | OC | 4 | |\n| Open monochrome | OM | 4 | greyscale or toned |\n| People | PE | 4 | |',
    {
      sections: [
        ['OC', 'Open colour', 4],
        ['OM', 'Open monochrome', 4],
        ['PE', 'People', 4],
      ],
    },
  ],
  [
    'Section        Limit per club   Limit per author\nColour         10               2\nMonochrome     10               2\nExperimental    5               1',
    {
      sections: [
        [null, 'Colour', 10],
        [null, 'Monochrome', 10],
        [null, 'Experimental', 5],
      ],
    },
  ],
  [
    'Plates: TIFF, 240 x 300 mm plus 3 mm of bleed on each side, at 350 dpi.',
    { formats: ['tiff'], ppi: { exact: 350 }, width: { exact: 3390 }, height: { exact: 4217 } },
  ],
  [
    'The file’s name should be the picture’s title and nothing more (Dusk.jpg).',
    { name: { example: 'Dusk.jpg', parts: ['title'], extension: 'jpg' } },
  ],
  [
    'The files should look like this: 5_Dusk_by_Reed.jpg (number, title, surname).',
    {
      name: {
        example: '5_Dusk_by_Reed.jpg',
        parts: ['sequence', 'text:_', 'title', 'text:_by_', 'surname'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Your student number, the word portfolio and a number, e.g. S20419_portfolio_3.jpg',
    {
      name: {
        example: 'S20419_portfolio_3.jpg',
        parts: ['student number', 'text:_portfolio_', 'sequence'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Please call the files after your article: first word of the title, then fig and a number, like Heathland_fig1.tif.',
    { name: { example: 'Heathland_fig1.tif', parts: ['title', 'text:_fig', 'sequence'], extension: 'tif' } },
  ],
  [
    'In the name we need the month as a number and your surname: 06_Sorrell.jpg.',
    { name: { example: '06_Sorrell.jpg', parts: ['month', 'text:_', 'surname'], extension: 'jpg' } },
  ],
  [
    'Save it as your student number, nothing else (for instance 20418873.jpg).',
    { name: { example: '20418873.jpg', parts: ['student number'], extension: 'jpg' } },
  ],
  [
    'Name it with your stand number and the name of the cheese: 27-Harrow Blue.jpg.',
    {
      name: {
        example: '27-Harrow Blue.jpg',
        parts: ['entry number', 'text:-', 'title'],
        spaces: 'allowed',
        extension: 'jpg',
      },
    },
  ],
  ['File names: underscores where you’d put a space.', { name: { spaces: 'forbidden' } }],
  ['File names may run to 30 characters.', { name: { maxLength: 30 } }],
  [
    'Name of the picture file: section code, number, title (LS_1_Fjord.jpg).',
    {
      name: {
        example: 'LS_1_Fjord.jpg',
        parts: ['section code', 'text:_', 'sequence', 'text:_', 'title'],
        extension: 'jpg',
      },
    },
  ],
  [
    'Name of each file not to exceed 30 characters and not to contain spaces.',
    { name: { maxLength: 30, spaces: 'forbidden' } },
  ],
]);

import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** How many pictures one person or one club may send. Each sentence with all that it says and nothing more. */

readsAs([
  ['Members may submit up to four images per round.', { maxFiles: 4 }],
  ['A maximum of 3 entries per person is allowed.', { maxFiles: 3 }],
  ['Only one picture per member.', { maxFiles: 1 }],
  ['Each photographer sends a portfolio of between 8 and 12 images.', { maxFiles: 12 }],
  ['Number of photos: max. 5', { maxFiles: 5 }],
  ['We will look at no more than ten pictures by each applicant.', { maxFiles: 10 }],
  ['Submit 5-10 images.', { maxFiles: 10 }],
  ['Three prints and three digital images may be entered.', { maxFiles: 3 }],
  ['You may enter one, two or three pictures.', { maxFiles: 3 }],
  ['Please do not send more than 4 photographs.', { maxFiles: 4 }],
  ['Limit: two per household', { maxFiles: 2 }],
  ['Every club enters a panel of ten pictures.', { maxFiles: 10 }],
  ['Twelve images are needed from every club.', { maxFiles: 12 }],
  ['Your entry consists of 6 images.', { maxFiles: 6 }],
  ['The entry limit is four works.', { maxFiles: 4 }],
  ['max 8 photos p.p.', { maxFiles: 8 }],
  ['Entrants are restricted to two photographs each.', { maxFiles: 2 }],
  ['There is a limit of 3 images per author.', { maxFiles: 3 }],
  ['Pick your three favourites and email them.', { maxFiles: 3 }],
  ['One entry each, please.', { maxFiles: 1 }],
  ['Up to 15 images can be uploaded.', { maxFiles: 15 }],
  ['How many images can I submit? Up to 3.', { maxFiles: 3 }],
  ['Entries: 4 per member, 2 per section', { maxFiles: 4 }],
  ['We invite every member to show five pictures.', { maxFiles: 5 }],
  ['Send us your 6 best shots.', { maxFiles: 6 }],
  ['You are welcome to send two or three pictures.', { maxFiles: 3 }],
  ['not more than two pictures from each member', { maxFiles: 2 }],
  ['Entry is limited to three works by each artist.', { maxFiles: 3 }],
  ['Each participant may take part with a maximum of four photographs.', { maxFiles: 4 }],
  ['Max. number of images: 10', { maxFiles: 10 }],
  ['How many? Four.', { maxFiles: 4 }],
  ['No. of entries: up to 3 per photographer', { maxFiles: 3 }],
  ['A series must have six to ten images.', { maxFiles: 10 }],
  ['The portfolio should contain 15 images.', { maxFiles: 15 }],
  ['at least 5, at most 8 photographs', { maxFiles: 8 }],
  ['You may send one picture only.', { maxFiles: 1 }],
  ['One photo per child, please.', { maxFiles: 1 }],
  ['Teams of four photographers enter eight pictures, two from each.', { maxFiles: 8 }],
  ['Ten images per club, no more than two of any one member.', { maxFiles: 10 }],
  ['Each club may enter 15 PDIs with a maximum of 3 per author.', { maxFiles: 15 }],
  ['Entrants may submit three images per section, twelve in all.', { maxFiles: 12 }],
  ['If you send more than four images, only the first four will be judged.', { maxFiles: 4 }],
  ['We will only consider the first 5 photos.', { maxFiles: 5 }],
  ['Please send no fewer than 10 and no more than 20 images.', { maxFiles: 20 }],
  ['Up to three entries (a series counts as one).', { maxFiles: 3 }],
  ['two images max, thanks', { maxFiles: 2 }],
  ['max of 3 each', { maxFiles: 3 }],
  ['3 pics each', { maxFiles: 3 }],
  ['4 images, together not more than 8 MB', { packageBytesMax: 8000000, maxFiles: 4 }],
  ['Members can put in three pictures per competition.', { maxFiles: 3 }],
  ['Three images may be submitted by each member.', { maxFiles: 3 }],
  ['A total of eight photographs may be entered.', { maxFiles: 8 }],
  ['A max of 4 images pp', { maxFiles: 4 }],
  ['Please restrict yourself to 5 photos.', { maxFiles: 5 }],
  ['Pictures per person: 3', { maxFiles: 3 }],
  ['Entries per author: max. 4', { maxFiles: 4 }],
  ['Maximum entries 4', { maxFiles: 4 }],
  ['Each author can participate with 1 to 4 photos.', { maxFiles: 4 }],
  ['We only need one picture from you.', { maxFiles: 1 }],
  ['Send one image per email, up to three in all.', { maxFiles: 3 }],
  ['Your set of four images will be judged together.', { maxFiles: 4 }],
  ['Six pictures make up a panel.', { maxFiles: 6 }],
  ['Attach no more than three photographs to your mail.', { maxFiles: 3 }],
  ['You may upload further photos until you have reached the limit of 12.', { maxFiles: 12 }],
  ['You get three goes: that is, three images each.', { maxFiles: 3 }],
  ['The maximum number of images is twelve (12).', { maxFiles: 12 }],
  ['Individuals may enter two images, clubs ten.', { maxFiles: 2 }],
  ['25 images per club; no author may supply more than 3.', { maxFiles: 25 }],
  ['an entry is one picture; two entries per person', { maxFiles: 2 }],
  ['Choose up to 3 images from the last two years.', { maxFiles: 3 }],
  ['No photographer may have more than four pictures in the exhibition.', { maxFiles: 4 }],
  ['Application: 8 images of recent work, plus a CV.', { maxFiles: 8 }],
  ['up to two images by each photographer', { maxFiles: 2 }],
  ['Please choose three images.', { maxFiles: 3 }],
  ['Entrants are allowed five images.', { maxFiles: 5 }],
  ['Submissions are limited to 6 images per applicant.', { maxFiles: 6 }],
  ['A body of work of 8 to 20 images', { maxFiles: 20 }],
  ['You can submit a maximum of three (3) entries.', { maxFiles: 3 }],
  ['We want to see between five and eight photographs.', { maxFiles: 8 }],
  ['Please send a selection of no more than 12 photographs.', { maxFiles: 12 }],
  ['Your four images should work as a group.', { maxFiles: 4 }],
  ['Each member is allowed 3 entries in total across all sections.', { maxFiles: 3 }],
  ['A member may hand in three prints and four projected images.', { maxFiles: 4 }],
  ['Quantity: 5 photos', { maxFiles: 5 }],
  ['Photos: 3 max', { maxFiles: 3 }],
  ['Entries: maximum two', { maxFiles: 2 }],
  ['Max 2 photos/person', { maxFiles: 2 }],
  ['Everyone may bring two pictures on a stick.', { maxFiles: 2 }],
  ['Just one photo each this time.', { maxFiles: 1 }],
  ['The club sends in a set of 20 images from at least 8 members.', { maxFiles: 20 }],
  ['More than four pictures will not be looked at.', { maxFiles: 4 }],
  ['We cannot take more than 3 pictures per person.', { maxFiles: 3 }],
  ['Nobody may enter more than three pictures.', { maxFiles: 3 }],
  ['6 rounds a year, 3 images a round', { maxFiles: 3 }],
  ['Send your three best autumn pictures.', { maxFiles: 3 }],
  ['Every photographer can take part with up to 6 images.', { maxFiles: 6 }],
  ['Number of entries per person: 2', { maxFiles: 2 }],
  ['We will take two images from everybody.', { maxFiles: 2 }],
  ['A maximum of ten works will be accepted from each artist.', { maxFiles: 10 }],
  ['You are allowed to submit 1-3 photographs.', { maxFiles: 3 }],
  ['Please email me one or two of your favourite shots.', { maxFiles: 2 }],
  ['Maximum number of submissions per photographer: five', { maxFiles: 5 }],
  ['Each entry must comprise exactly four photographs.', { maxFiles: 4 }],
  ['Entry is free and limited to one photograph.', { maxFiles: 1 }],
  ['The set must not contain more than eight images.', { maxFiles: 8 }],
  ['A portfolio consists of at least 12 and at most 20 photographs.', { maxFiles: 20 }],
  ['All members are asked to bring 2 images.', { maxFiles: 2 }],
  ['Two images a head.', { maxFiles: 2 }],
  ['Entries limited to four per author.', { maxFiles: 4 }],
  ['Bring along three prints.', { maxFiles: 3 }],
  ['up to four files can be uploaded at once, twelve in total', { maxFiles: 12 }],
  ['one JPEG per entrant', { maxFiles: 1, formats: ['jpeg'] }],
  ['Do send in more than one picture, but not more than five.', { maxFiles: 5 }],
  ['No more than one image from any member.', { maxFiles: 1 }],
  ['You may enter either a single image or a series of up to six.', { maxFiles: 6 }],
  ['Six images are the minimum, ten the maximum.', { maxFiles: 10 }],
  ['3 images, JPEG', { maxFiles: 3, formats: ['jpeg'] }],
  ['Pictures: two, please.', { maxFiles: 2 }],
  ['Eight images per club.', { maxFiles: 8 }],
  ['Each club is asked for 20 images.', { maxFiles: 20 }],
  ['The number of works is limited to five per author.', { maxFiles: 5 }],
  ['Between three and five images are required.', { maxFiles: 5 }],
  ['We look forward to seeing up to six of your pictures.', { maxFiles: 6 }],
  ['Entrants submit two images.', { maxFiles: 2 }],
  ['A single entry per person.', { maxFiles: 1 }],
  ['Not more than 3 photos per participant will be accepted.', { maxFiles: 3 }],
  ['There is no entry fee; the maximum is four pictures.', { maxFiles: 4 }],
  ['Please limit your submission to eight photographs.', { maxFiles: 8 }],
  ['Your submission may include up to 15 images.', { maxFiles: 15 }],
  ['Submit a coherent series of 5 to 8 photographs.', { maxFiles: 8 }],
  ['Every child may send two drawings or photographs.', { maxFiles: 2 }],
  ['3 images per member, please.', { maxFiles: 3 }],
  ['Quota: 4 PDIs per member.', { maxFiles: 4 }],
]);

describe('stills, and lists that count in words', () => {
  readsAs([
    ['As agreed every one of us brings 6 stills for the show.', { maxFiles: 6 }],
    ['c) 60 words about your work', {}],
    [
      'Each club submits ten pictures: five colour, three monochrome and two of natural history.',
      {
        maxFiles: 10,
        sections: [
          [null, 'colour', 5],
          [null, 'monochrome', 3],
          [null, 'natural history', 2],
        ],
      },
    ],
  ]);
});

describe('numbers that are asked of you', () => {
  readsAs([
    ['You will be asked to upload a PDF portfolio and, separately, ten single images.', { maxFiles: 10 }],
    ['One exhibit per class. 12 images from us.', { maxFiles: 12 }],
  ]);
});

describe('entries beside what one author may have of them', () => {
  readsAs([
    [
      'What is a club entry? Sixteen pictures: eight in Section A (Wild Birds) and eight in Section B (Other Wildlife). No photographer may have more than three pictures in the whole entry.',
      {
        maxFiles: 16,
        sections: [
          ['A', 'Wild Birds', 8],
          ['B', 'Other Wildlife', 8],
        ],
      },
    ],
    ['We look for series of 8 to 12 images. One series per author.', { maxFiles: 12 }],
  ]);
});

describe('what each person may send outweighs what is needed', () => {
  readsAs([
    [
      'Thirteen photographs are needed (twelve months and a cover). Six per person is plenty.',
      { maxFiles: 6 },
    ],
    ['Each club can present 15 photographs, 3 maximum by author.', { maxFiles: 15 }],
  ]);
});

describe('each evening, here goes, and the first six', () => {
  readsAs([
    ['Up to three images may be submitted by each member for each digital evening.', { maxFiles: 3 }],
    [
      'You know the drill but here goes: three images, jpegs, sRGB.',
      { formats: ['jpeg'], colourSpace: 'sRGB', maxFiles: 3 },
    ],
    ['Pictures placed in the first six of any competition are not eligible.', {}],
  ]);
});

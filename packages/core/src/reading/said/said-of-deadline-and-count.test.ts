import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** The day and hour by which entries must be in. How many entries there may be, and in which sections. Each sentence with all that it says and nothing more. */

describe('deadlines', () => {
  readsAs([
    ['The closing date for entries is Friday 3 September 2027.', { closes: '2027-09-03' }],
    ['Closing date for receipt of entries: 3 September 2027 at 6 pm', { closes: '2027-09-03T18:00' }],
    ['Deadline: midnight, 31 May 2027', { closes: '2027-05-31T23:59' }],
    ['The deadline for entries is 23:59 (UTC) on 1 July 2027.', { closes: '2027-07-01T23:59Z' }],
    ['Submissions close at 17.00 on 4th April 2027', { closes: '2027-04-04T17:00' }],
    ['Entries must reach us not later than 12 noon on 6 June 2027.', { closes: '2027-06-06T12:00' }],
    ['Please upload by 8pm, Tuesday 12 January 2027.', { closes: '2027-01-12T20:00' }],
    ['You have until 30 June 2027 to send your pictures.', { closes: '2027-06-30' }],
    ['Entries accepted until 1 March 2027, 20:00 CET.', { closes: '2027-03-01T20:00+01:00' }],
    ['Entry closes: Sun 14 Feb 2027 @ 21:00', { closes: '2027-02-14T21:00' }],
    ['Entries open 1 March 2027 and close 30 April 2027.', { closes: '2027-04-30' }],
    ['Submission window: 1 March – 30 April 2027', { closes: '2027-04-30' }],
    ['Submissions are open from 1 March to 15 April 2027 (23:59 GMT).', { closes: '2027-04-15T23:59Z' }],
    [
      'Registration opens on 5 May 2027. Last date for submitting the form: 25 May 2027, 5 PM.',
      { closes: '2027-05-25T17:00' },
    ],
    ['Final date for uploads 2027-08-31', { closes: '2027-08-31' }],
    ['Hand-in: 12 October 2027', { closes: '2027-10-12' }],
    ['Entries due: November 5, 2027', { closes: '2027-11-05' }],
    ['Entries must be in by 10pm on the 5th of November 2027.', { closes: '2027-11-05T22:00' }],
    ['All work to be submitted before 5 November 2027.', { closes: '2027-11-05' }],
    ['Cut-off is 9 p.m. on 5 November 2027', { closes: '2027-11-05T21:00' }],
    ['Get them to me by 5/11/27.', { questions: ['closes'] }],
    ['The portal closes on 20.11.2027 at 18:00.', { closes: '2027-11-20T18:00' }],
    ['Closing date 20 November', { questions: ['closes'] }],
    ['Deadline is the last Friday in March.', { questions: ['closes'] }],
    ['Late entries (after 15 March 2027) cannot be accepted.', { closes: '2027-03-15' }],
    ['No entries will be accepted after 18:00 on 15 March 2027.', { closes: '2027-03-15T18:00' }],
    ['Entries received after 15 March 2027 will not be considered.', { closes: '2027-03-15' }],
    ['Judging takes place on 12 May 2027; entries close on 1 May 2027.', { closes: '2027-05-01' }],
    ['Results: 1 June 2027. Exhibition: 3–30 July 2027.', {}],
    ['Pictures must have been taken after 1 January 2026.', {}],
    ['The exhibition opens on 4 April 2027 at 2 pm.', {}],
    ['Applications open 1 September 2026.', {}],
    ['The 24 hour clock starts. Deadline 24:00 on 5 May 2027.', { closes: '2027-05-05T23:59' }],
    ['Deadline extended to 20 May 2027!', { closes: '2027-05-20' }],
    [
      'Entries must be submitted no later than 11.59pm on Sunday 28 February 2027.',
      { closes: '2027-02-28T23:59' },
    ],
    ['Last date for receipt of images: 14 May 2027', { closes: '2027-05-14' }],
    ['The final deadline is 5pm GMT on 30 November 2027.', { closes: '2027-11-30T17:00Z' }],
    ['Deadline: 2027/03/15', { closes: '2027-03-15' }],
    ['Deadline: 15.3.27', { closes: '2027-03-15' }],
    ['Deadline: March 15th, 2027 at 11:59 PM', { closes: '2027-03-15T23:59' }],
    ['All photos must be in by noon, 15th March 2027', { closes: '2027-03-15T12:00' }],
    ['Submission deadline is Monday, 15 March 2027, 24:00 (CET)', { closes: '2027-03-15T23:59+01:00' }],
    ['Submissions must be made before 18h00 on 15 March 2027.', { closes: '2027-03-15T18:00' }],
    ['You can enter until Monday 15 March 2027 at 8 pm.', { closes: '2027-03-15T20:00' }],
    ['We will accept your pictures up to and including 15 March 2027.', { closes: '2027-03-15' }],
    ['Entries from 1 February 2027 to 15 March 2027.', { closes: '2027-03-15' }],
    [
      'Upload opens: 1 February 2027. Upload closes: 15 March 2027, 22:00 UTC.',
      { closes: '2027-03-15T22:00Z' },
    ],
    ['The competition closes at midnight (UK time) on 15 March 2027.', { closes: '2027-03-15T23:59' }],
    ['Please let me have your pictures by Sunday 14th March 2027.', { closes: '2027-03-14' }],
    ['I need your files on or before 14 March 2027.', { closes: '2027-03-14' }],
    ['The last day to upload is 14 March 2027.', { closes: '2027-03-14' }],
    ['Hand in your work by 14 March 2027, 4 p.m.', { closes: '2027-03-14T16:00' }],
    ['Closing date 14 March 2027; notification by 1 April 2027.', { closes: '2027-03-14' }],
    ['Selection meeting: 20 March 2027. Images wanted by: 14 March 2027.', { closes: '2027-03-14' }],
    ['The exhibition will be open from 1 to 30 April 2027.', {}],
    ['Prize giving on 4 May 2027 at 7 pm.', {}],
    ['These rules apply from 1 January 2027.', {}],
    ['Photographs taken between 1 January 2025 and 31 December 2026 may be entered.', {}],
    ['Work must have been completed after 1 March 2025.', {}],
    ['Accepted artists are informed by 14 March 2027.', {}],
    ['Collect your prints by 14 March 2027.', {}],
    ['Entries close one week before the meeting.', { questions: ['closes'] }],
    ['Closing date: 30th June', { questions: ['closes'] }],
  ]);
});

describe('how many, and into which sections', () => {
  readsAs([
    ['You may enter up to four images.', { maxFiles: 4 }],
    ['Each member may submit a maximum of 3 photographs.', { maxFiles: 3 }],
    ['Maximum number of images: 6', { maxFiles: 6 }],
    ['Limit: 5 entries per person', { maxFiles: 5 }],
    ['Entrants can submit between one and ten images.', { maxFiles: 10 }],
    ['Send us between 3 and 8 photographs.', { maxFiles: 8 }],
    ['A portfolio of 12 images is required.', { maxFiles: 12 }],
    ['Up to 3 entries per photographer', { maxFiles: 3 }],
    ['Three images each, please.', { maxFiles: 3 }],
    ['No more than two photos a head.', { maxFiles: 2 }],
    ['You can enter as many as six pictures.', { maxFiles: 6 }],
    ['One entry per person.', { maxFiles: 1 }],
    ['One photograph only.', { maxFiles: 1 }],
    ['Only one image may be submitted.', { maxFiles: 1 }],
    ['An entrant may submit not more than five works.', { maxFiles: 5 }],
    ['Every member can bring along 2 images.', { maxFiles: 2 }],
    ['3 per person max', { maxFiles: 3 }],
    ['Entry is limited to two images per member.', { maxFiles: 2 }],
    ['Your submission must consist of exactly eight images.', { maxFiles: 8 }],
    ['a series of five to ten photographs', { maxFiles: 10 }],
    ['Number of pictures: up to four', { maxFiles: 4 }],
    ['Send in your three favourite shots.', { maxFiles: 3 }],
    ['Please send one picture.', { maxFiles: 1 }],
    ['Four images in total, across all sections.', { maxFiles: 4 }],
    ['Up to 4 images per section, 12 in total.', { maxFiles: 12 }],
    ['A club may submit 20 prints, with no more than 2 from any one author.', { maxFiles: 20 }],
    ['There is no limit to the number of entries.', {}],
    ['Winners receive three free prints.', {}],
    ['We will pick 12 pictures for the calendar.', {}],
    ['The fee is 5 crowns for up to three images.', {}],
    ['Last year 340 images were entered by 90 members.', {}],
    ['The judges will choose ten images for the wall.', {}],
    [
      'Sections: A – Open Colour; B – Open Mono; C – Nature. Max. 4 images per section.',
      {
        sections: [
          ['A', 'Open Colour', 4],
          ['B', 'Open Mono', 4],
          ['C', 'Nature', 4],
        ],
      },
    ],
    [
      'There are three classes: Colour, Monochrome and Nature. Two images may be entered in each class.',
      {
        sections: [
          [null, 'Colour', 2],
          [null, 'Monochrome', 2],
          [null, 'Nature', 2],
        ],
      },
    ],
    [
      'SECTION A: COLOUR (max 4)\nSECTION B: MONOCHROME (max 4)',
      {
        sections: [
          ['A', 'COLOUR', 4],
          ['B', 'MONOCHROME', 4],
        ],
      },
    ],
    [
      'Section 1 – Open Colour (4 images)\nSection 2 – Open Monochrome (4 images)',
      {
        sections: [
          ['1', 'Open Colour', 4],
          ['2', 'Open Monochrome', 4],
        ],
      },
    ],
    [
      'PSA: Portraits, up to 3\nLND: Landscape, up to 3',
      {
        sections: [
          ['PSA', 'Portraits', 3],
          ['LND', 'Landscape', 3],
        ],
      },
    ],
    [
      'Open (max 3), Nature (max 2) and Set subject (max 1)',
      {
        sections: [
          [null, 'Open', 3],
          [null, 'Nature', 2],
          [null, 'Set subject', 1],
        ],
      },
    ],
    [
      'The competition has four sections: Open Colour, Open Monochrome, Nature and Travel.',
      {
        sections: [
          [null, 'Open Colour', null],
          [null, 'Open Monochrome', null],
          [null, 'Nature', null],
          [null, 'Travel', null],
        ],
      },
    ],
    [
      'You may enter three images in Open and two in Nature.',
      {
        sections: [
          [null, 'Open', 3],
          [null, 'Nature', 2],
        ],
      },
    ],
    [
      'Colour section: 3 images. Mono section: 2 images.',
      {
        sections: [
          [null, 'Colour', 3],
          [null, 'Mono', 2],
        ],
      },
    ],
    [
      '- Street & People (SP): 4\n- Sea (SE): 4\n- Sky (SK): 4',
      {
        sections: [
          ['SP', 'Street & People', 4],
          ['SE', 'Sea', 4],
          ['SK', 'Sky', 4],
        ],
      },
    ],
    [
      'Class | Title | Limit\nA | Birds | 3\nB | Insects | 2',
      {
        sections: [
          ['A', 'Birds', 3],
          ['B', 'Insects', 2],
        ],
      },
    ],
    ['Four photos per person', { maxFiles: 4 }],
    ['Entrants may submit up to five (5) photographs each.', { maxFiles: 5 }],
    ['Each photographer can enter a total of 10 pictures.', { maxFiles: 10 }],
    ['maximum 3 images', { maxFiles: 3 }],
    ['Max number of entries per person: 4', { maxFiles: 4 }],
    ['Each person can submit 2 images only.', { maxFiles: 2 }],
    ['The number of images is limited to four per author.', { maxFiles: 4 }],
    ['No entrant may submit more than six images.', { maxFiles: 6 }],
    ['You may only enter once, with one photograph.', { maxFiles: 1 }],
    ['A maximum of ten works in total can be submitted.', { maxFiles: 10 }],
    ['We invite every member to send two pictures.', { maxFiles: 2 }],
    ['Upload 3 to 5 images', { maxFiles: 5 }],
    ['Entry: 1–4 photos', { maxFiles: 4 }],
    ['2 pics each', { maxFiles: 2 }],
    ['Just the one picture each, please!', { maxFiles: 1 }],
    ['Not more than 3 images may be entered per person.', { maxFiles: 3 }],
    ['You are allowed five images.', { maxFiles: 5 }],
    ['Authors may present up to 4 works.', { maxFiles: 4 }],
    ['Please choose your best three pictures and send them in.', { maxFiles: 3 }],
    ['a panel of six prints', { maxFiles: 6 }],
    ['Clubs enter a team of 8 images.', { maxFiles: 8 }],
    ['It takes three images to make a triptych.', {}],
    ['We received 400 images.', {}],
    ['Three judges will look at all images.', {}],
    ['The first ten images will be shown twice.', {}],
    ['5 crowns per image, 4 images 16 crowns', {}],
    ['Each image is shown for 10 seconds.', {}],
    [
      'Sections: Open (up to 4), Nature (up to 4)',
      {
        sections: [
          [null, 'Open', 4],
          [null, 'Nature', 4],
        ],
      },
    ],
    [
      'Section 1: Open Colour – max. 4 images\nSection 2: Open Mono – max. 4 images\nSection 3: Nature – max. 4 images',
      {
        sections: [
          ['1', 'Open Colour', 4],
          ['2', 'Open Mono', 4],
          ['3', 'Nature', 4],
        ],
      },
    ],
    [
      'The sections are:\nA. Open Colour\nB. Open Monochrome\nC. Travel\nUp to four entries per section.',
      {
        sections: [
          ['A', 'Open Colour', 4],
          ['B', 'Open Monochrome', 4],
          ['C', 'Travel', 4],
        ],
      },
    ],
    [
      'Categories: Portrait, Landscape, Street and Abstract. One photo per category.',
      {
        sections: [
          [null, 'Portrait', 1],
          [null, 'Landscape', 1],
          [null, 'Street', 1],
          [null, 'Abstract', 1],
        ],
      },
    ],
    [
      'Members may enter two images in the Open class and one in the Set Subject class.',
      {
        sections: [
          [null, 'Open', 2],
          [null, 'Set Subject', 1],
        ],
      },
    ],
    [
      'CLASSES\nClass 1  Landscape  3 entries\nClass 2  Wildlife  3 entries',
      {
        sections: [
          ['1', 'Landscape', 3],
          ['2', 'Wildlife', 3],
        ],
      },
    ],
    [
      'OC = Open Colour, OM = Open Monochrome, ND = Nature. Four images per section.',
      {
        sections: [
          ['OC', 'Open Colour', 4],
          ['OM', 'Open Monochrome', 4],
          ['ND', 'Nature', 4],
        ],
      },
    ],
    [
      'Colour (C): 3 images\nMonochrome (M): 3 images',
      {
        sections: [
          ['C', 'Colour', 3],
          ['M', 'Monochrome', 3],
        ],
      },
    ],
    [
      'Open Colour - 4\nOpen Mono - 4\nNature - 4\nTravel - 4',
      {
        sections: [
          [null, 'Open Colour', 4],
          [null, 'Open Mono', 4],
          [null, 'Nature', 4],
          [null, 'Travel', 4],
        ],
      },
    ],
    [
      'Three sections (Colour, Mono and Nature), four images each.',
      {
        sections: [
          [null, 'Colour', 4],
          [null, 'Mono', 4],
          [null, 'Nature', 4],
        ],
      },
    ],
    ['Avoid special characters (é, ü, &, #) in file names.', {}],
  ]);
});

import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';

/** Deadlines, and days that are none. Each sentence with all that it says and nothing more. */

readsAs([
  ['Entries close on 3 March 2027.', { closes: '2027-03-03' }],
  ['The closing date for receipt of entries is 15th March 2027.', { closes: '2027-03-15' }],
  ['Submissions must be in by 5pm on Friday 9 April 2027.', { closes: '2027-04-09T17:00' }],
  ['Deadline: Sunday, 2 May 2027 at midnight', { closes: '2027-05-02T23:59' }],
  ['All files need to be with us no later than 30 June 2027.', { closes: '2027-06-30' }],
  ['You have until 12 noon on 4 July 2027 to upload.', { closes: '2027-07-04T12:00' }],
  ['We must have your pictures by 1/10/2027.', { questions: ['closes'] }],
  ['Please upload before 23:59 (CET) on 31 December 2026.', { closes: '2026-12-31T23:59+01:00' }],
  ['The gallery accepts work from 1 February to 28 February 2027.', { closes: '2027-02-28' }],
  ['Submission period: 1 - 31 March 2027', { closes: '2027-03-31' }],
  ['Submission period: 01.03.2027 – 31.03.2027', { closes: '2027-03-31' }],
  ['Last day of entry: 17.05.2027.', { closes: '2027-05-17' }],
  ['Deadline 2027-04-30.', { closes: '2027-04-30' }],
  ['Deadline: 30 April 2027, 18:00 UTC+2', { closes: '2027-04-30T18:00+02:00' }],
  ['Closing date 12th September.', { questions: ['closes'] }],
  ['Images to be received on or before 14 Feb 2027.', { closes: '2027-02-14' }],
  ['Please get your entries to me by the end of 20 January 2027.', { closes: '2027-01-20' }],
  [
    'The competition closes at 20.00 on 8 October 2027 and judging is on 15 October 2027.',
    { closes: '2027-10-08T20:00' },
  ],
  ['Entry deadline Wed 3rd Feb 2027 9pm', { closes: '2027-02-03T21:00' }],
  ['Digital entries by Tuesday, January 12, 2027 at 8:00 PM', { closes: '2027-01-12T20:00' }],
  ['Hand in your memory stick at the meeting on 4 November 2026.', { closes: '2026-11-04' }],
  ['Hand-in date: 4 November 2026', { closes: '2026-11-04' }],
  ['Entries open 1 May 2027; entries close 31 May 2027.', { closes: '2027-05-31' }],
  ['The exhibition runs from 4 to 20 June 2027.', {}],
  ['Results will be announced by 30 June 2027.', {}],
  ['Judging takes place on 5 and 6 June 2027.', {}],
  [
    'This edition: closing 9 August 2027 (23:59 BST), notification 1 September 2027.',
    { closes: '2027-08-09T23:59+01:00' },
  ],
  ['Cut-off is 11:30 pm, 28 February 2027.', { closes: '2027-02-28T23:30' }],
  ['Works must reach the secretary not later than the first of June 2027.', { closes: '2027-06-01' }],
  ['Please email them to me by Friday.', { questions: ['closes'] }],
  ['Closes midnight on the last Sunday of January.', { questions: ['closes'] }],
  ['You can submit until 6 pm on the day before the meeting.', { questions: ['closes'] }],
  ['Late entries (after 10 May 2027) cannot be considered.', { closes: '2027-05-10' }],
  ['Upload window: 1 April, 00:01 to 30 April 2027, 23:59 UTC', { closes: '2027-04-30T23:59Z' }],
  ['The call is open until 15 September 2027.', { closes: '2027-09-15' }],
  ['Round 1 entries by 25 September 2026.', { closes: '2026-09-25' }],
  ['Applications are accepted up to and including 7 March 2027.', { closes: '2027-03-07' }],
  ['closing time: 5:30pm, 19 Nov 2026', { closes: '2026-11-19T17:30' }],
  [
    "Don't leave it until the last minute: 22 March 2027, 10 pm is when the form goes offline.",
    { closes: '2027-03-22T22:00' },
  ],
  ['DEADLINE - 28TH FEBRUARY 2027 - NO EXTENSIONS', { closes: '2027-02-28' }],
  ['Last submissions: 28 March 2027, 24:00', { closes: '2027-03-28T23:59' }],
  ['Get them to me before the end of Sunday 7 March 2027, thanks.', { closes: '2027-03-07' }],
  ['The final date for entries is 1st December 2026.', { closes: '2026-12-01' }],
  ['Entries to Pia by 10th January 2027 please', { closes: '2027-01-10' }],
  ['Closing date for entries: Saturday 6th February, 2027 - 5pm sharp', { closes: '2027-02-06T17:00' }],
  ['We close on 14.5.2027 at 12:00 noon.', { closes: '2027-05-14T12:00' }],
  ['Entries will be accepted until 23:59:59 on 31 January 2027 (GMT).', { closes: '2027-01-31T23:59Z' }],
  ['Please submit by midnight (UTC) on 10 March 2027.', { closes: '2027-03-10T23:59Z' }],
  ['Images for the March meeting must be uploaded by 26 February 2027.', { closes: '2027-02-26' }],
  ['Deadline for digital images is 7.30pm, 11 November 2026.', { closes: '2026-11-11T19:30' }],
  ['Bring your prints on 3 November; digital files by 27 October 2026.', { closes: '2026-10-27' }],
  [
    'The portal opens on 2 January 2027 and shuts on 2 February 2027 at 22:00.',
    { closes: '2027-02-02T22:00' },
  ],
  ['Apply before 15/06/2027.', { closes: '2027-06-15' }],
  ['Deadline: 05.06.2027', { closes: '2027-06-05' }],
  ['Deadline: 5/6/27', { questions: ['closes'] }],
  ['Closing: 25 Sept. 2027', { closes: '2027-09-25' }],
  ['Entries close Friday 3rd of September 2027, 18:00 hrs', { closes: '2027-09-03T18:00' }],
  ['Entry forms and images no later than April 9th 2027.', { closes: '2027-04-09' }],
  ['Your image must have arrived by 20 March 2027.', { closes: '2027-03-20' }],
  ['Received after 20 March 2027? Then it goes into the next edition.', { closes: '2027-03-20' }],
  ['12/11/2026 is the last day.', { questions: ['closes'] }],
  ['The deadline was extended from 1 March to 15 March 2027.', { closes: '2027-03-15' }],
  ['New deadline: 15 March 2027 (was 1 March).', { closes: '2027-03-15' }],
  ['Publication: 1 June 2027. Copy deadline: 1 May 2027.', { closes: '2027-05-01' }],
  ['Selection takes place on 12 May 2027, and accepted artists hear from us by 20 May 2027.', {}],
  ['Work must be delivered by hand on 4 June 2027 between 10 and 12.', {}],
  ['Selected prints have to arrive by 4 June 2027.', {}],
  ['Membership must be paid by 1 October 2026.', {}],
  ['Photos must have been taken after 1 January 2026.', {}],
  ['Photographs taken between 1 May 2026 and 30 April 2027 are eligible.', {}],
  ['Rules valid from 1 September 2026.', {}],
  ['The evening begins at 7.45pm on 2 March 2027.', {}],
  ['Registration closes: 09 March 2027, 05:00 PM', { closes: '2027-03-09T17:00' }],
  [
    'Submission deadline (all categories): 31 August 2027 – 11.59 pm (CEST)',
    { closes: '2027-08-31T23:59+02:00' },
  ],
  ['Uploading ends at 8 in the evening on 5 April 2027.', { closes: '2027-04-05T20:00' }],
  ['Deadline: end of May 2027.', { closes: '2027-05-31' }],
  ['Send everything by mid-January, please.', { questions: ['closes'] }],
  ['Deadline Thursday week.', {}],
  ['The last day to upload is the 31st of January 2027.', { closes: '2027-01-31' }],
  [
    'We need your files in our hands at 9 am on 3 May 2027 at the very latest.',
    { closes: '2027-05-03T09:00' },
  ],
  ['The deadline for entries is the 28th of February, 2027.', { closes: '2027-02-28' }],
  ['Enter by: Mon 1 Mar 2027', { closes: '2027-03-01' }],
  ['ENTRIES CLOSE: 6 PM, 31/10/2026', { closes: '2026-10-31T18:00' }],
  ['Entry closes at 6 o’clock in the evening of 31 October 2026.', { closes: '2026-10-31T18:00' }],
  ['To be considered, images must reach us before 1 April 2027.', { closes: '2027-04-01' }],
  ['Images are due on April 1, 2027.', { closes: '2027-04-01' }],
  ['Due: Friday, 12 March 2027, 17h', { closes: '2027-03-12T17:00' }],
  ['Deadline: 12 March 2027 (17.00 h CET)', { closes: '2027-03-12T17:00+01:00' }],
  ['Deadline is midday 12 March 2027.', { closes: '2027-03-12T12:00' }],
  ['Submissions received later than 12 March 2027 are not considered.', { closes: '2027-03-12' }],
  ['We will accept submissions through 12 March 2027.', { closes: '2027-03-12' }],
  ['You can hand in pictures up until 12 March 2027 (9 pm).', { closes: '2027-03-12T21:00' }],
  ['Closing date: 12-Mar-2027', { closes: '2027-03-12' }],
  ['Closing date: 12-03-2027', { questions: ['closes'] }],
  ['Closing date: 2027/03/12', { closes: '2027-03-12' }],
  ['Closing date: March 2027', { questions: ['closes'] }],
  ['You have time until Sunday evening, 14 March 2027, 22:00.', { closes: '2027-03-14T22:00' }],
  ['The submission form is online from 1 to 28 February 2027.', { closes: '2027-02-28' }],
  ['Submissions: 1 Feb 2027 – 28 Feb 2027 (midnight)', { closes: '2027-02-28T23:59' }],
  ['Open: 4 January 2027. Close: 1 March 2027.', { closes: '2027-03-01' }],
  ['Opens 4 January, closes 1 March 2027, results 1 April 2027.', { closes: '2027-03-01' }],
  [
    'Calendar: entries by 2 May 2027; jury 8 May 2027; results 15 May 2027; exhibition from 3 June 2027',
    { closes: '2027-05-02' },
  ],
  ['Please upload your entries between 1 and 14 November 2026.', { closes: '2026-11-14' }],
  ['Send in before Christmas Eve (24 December 2026) please.', { closes: '2026-12-24' }],
  ['The shutter closes on 30 September 2027.', { closes: '2027-09-30' }],
  ['Latest date for arrival: 30 September 2027', { closes: '2027-09-30' }],
  ['Final call! 30 September 2027 is the cut-off.', { closes: '2027-09-30' }],
  ['Files by email to the editor, please, by 30 September 2027 at the latest.', { closes: '2027-09-30' }],
  ['Round 3: 14 January 2027 (hand in by 31 December 2026)', { closes: '2026-12-31' }],
  ['The AGM is on 9 June 2027.', {}],
  ['Copyright 2026. All rights reserved. Last updated 3 May 2026.', {}],
  ['Winners are invited to the opening on 9 June 2027 at 18:00.', {}],
  ['Refunds are possible until 1 May 2027.', {}],
  [
    'Early entry (until 31 January 2027): 10; regular entry (until 28 February 2027): 15.',
    { closes: '2027-02-28' },
  ],
  ['Deadline 1 March 2027, with late fee until 15 March 2027.', { closes: '2027-03-01' }],
  ['Questions will be answered until 5 March 2027.', {}],
  ['Print entries: 3 March 2027. Digital entries: 24 February 2027.', { closes: '2027-02-24' }],
  ['I need these by next Thursday.', { questions: ['closes'] }],
  ['Applications for 2027 close on 31st January.', { questions: ['closes'] }],
  ['Entries end 15 May 2027 at 18.00.', { closes: '2027-05-15T18:00' }],
  ['You have until the 15th of May 2027.', { closes: '2027-05-15' }],
  ['Please send your file by 15-05-2027.', { closes: '2027-05-15' }],
  ['Final submission date is Saturday May 15, 2027.', { closes: '2027-05-15' }],
  ['Submission closes on 15 May 2027 at 11.59pm GMT+1', { closes: '2027-05-15T23:59+01:00' }],
  ['We will stop taking entries at 10pm on 15 May 2027.', { closes: '2027-05-15T22:00' }],
  ['Uploads are possible until 15 May 2027, 20:00 (CEST).', { closes: '2027-05-15T20:00+02:00' }],
  ['Get your pics in by 15 May 2027!!', { closes: '2027-05-15' }],
  ['Pictures arriving after noon on 15 May 2027 will not be looked at.', { closes: '2027-05-15T12:00' }],
  ['In by 15 May 2027 please.', { closes: '2027-05-15' }],
  [
    'Entry via the form, which goes live on 1 May 2027 and is taken down on 15 May 2027.',
    { closes: '2027-05-15' },
  ],
  ['Entries shall be received by the Secretary by 15 May 2027.', { closes: '2027-05-15' }],
  ['To be in time for printing we must have all files by 15 May 2027.', { closes: '2027-05-15' }],
  ['DATES: entries by 15/05/2027 - selection 22/05/2027 - show 05/06/2027', { closes: '2027-05-15' }],
  ['Closing date for entries - 15th May (2027)', { closes: '2027-05-15' }],
  ['Closing date (firm): Sat. 15.05.27', { closes: '2027-05-15' }],
  ['Deadline 23.59 UTC 15 May 2027', { closes: '2027-05-15T23:59Z' }],
  ['Deadline: 15 May 2027, 12 a.m.', { closes: '2027-05-15T00:00' }],
  ['Deadline: 15 May 2027 (12:00 midday)', { closes: '2027-05-15T12:00' }],
  ['Deadline: 15 May 2027, 6pm local time', { closes: '2027-05-15T18:00' }],
  ['Deadline: 15 May 2027 / 18h00', { closes: '2027-05-15T18:00' }],
  ['The editorial deadline for issue 14 is 15 May 2027.', { closes: '2027-05-15' }],
  ['Pictures for issue 14 by 15 May 2027, for issue 15 by 15 August 2027.', { closes: '2027-05-15' }],
  ['The closing date of 15 May 2027 is for files; prints follow by 1 June 2027.', { closes: '2027-05-15' }],
  ['The exhibition opens on Saturday 15 May 2027 with a glass of wine.', {}],
  ['Feedback will be sent by 15 May 2027.', {}],
  ['Payment has to be made by 15 May 2027.', {}],
  ['Work must be collected by 15 May 2027.', {}],
  ['Open to those born after 15 May 2001.', {}],
  ['Accepted works to be delivered 15 May 2027, 10 to 4.', {}],
  ['Updated 15 May 2026.', {}],
  ['Entries for the spring round close on the last day of March.', { questions: ['closes'] }],
  ['Deadline 31/02/2027', { questions: ['closes'] }],
  ['The deadline is two weeks before each meeting.', { questions: ['closes'] }],
  ['Submit your images before the evening of the competition.', { questions: ['closes'] }],
  ['Please upload by 8pm the Thursday before.', { questions: ['closes'] }],
  ['Last entry 4 April 2027.', { closes: '2027-04-04' }],
  ['Entries must be in my hands by 4 April 2027.', { closes: '2027-04-04' }],
  ['Entries accepted up to 4 April 2027, 20h.', { closes: '2027-04-04T20:00' }],
  ['4 April 2027: deadline for submissions', { closes: '2027-04-04' }],
  ['4 April 2027, 20:00 – end of upload', { closes: '2027-04-04T20:00' }],
  ['Deadline for applications April 4th, 2027 (23:59 CEST)', { closes: '2027-04-04T23:59+02:00' }],
  ['Submissions open: 4 January 2027\nSubmissions close: 4 April 2027', { closes: '2027-04-04' }],
  ['The last possible moment is 4 April 2027 at 8 pm.', { closes: '2027-04-04T20:00' }],
  ['Images uploaded later than 4 April 2027 will not be shown.', { closes: '2027-04-04' }],
  ['Please let me have them before 4 April 2027.', { closes: '2027-04-04' }],
  ['Your pictures should be with Ann by 4 April 2027 at 6 p.m.', { closes: '2027-04-04T18:00' }],
  ['Judging day: 4 April 2027. Entries by 20 March 2027.', { closes: '2027-03-20' }],
  ['Festival dates: 4-6 April 2027.', {}],
  ['The winners will be published on 4 April 2027.', {}],
  ['Prints are collected on 4 April 2027.', {}],
  ['Entry closing date is 4th April, midnight.', { questions: ['closes'] }],
  ['Deadline: first Monday of the month', { questions: ['closes'] }],
  ['Entries close at 9 pm the night before.', { questions: ['closes'] }],
  ['Deadline: 4.4.27', { closes: '2027-04-04' }],
  ['By 4 April 2027 (postmark)', { closes: '2027-04-04' }],
  ['Submission deadline 04 Apr 2027 5:00pm EST', { closes: '2027-04-04T17:00-05:00' }],
  ['Entries closing on 04/04/2027 at 17.00 hours', { closes: '2027-04-04T17:00' }],
]);

describe('more ways to say when it closes', () => {
  readsAs([
    [
      'Deadline: 3 March 2027, 18:00 CET - 20 pictures at most.',
      { closes: '2027-03-03T18:00+01:00', maxFiles: 20 },
    ],
    ['Deadline: 3 March 2027, 18:00 GMT -03:30', { closes: '2027-03-03T18:00-03:30' }],
    ['Deadline: March 3rd, 2027 at 11:59 p.m. EST.', { closes: '2027-03-03T23:59-05:00' }],
    ['Deadline 2027-03-03 23:59 UTC+1', { closes: '2027-03-03T23:59+01:00' }],
    ['Entries until 20 April 2027 at 12.00 noon UTC', { closes: '2027-04-20T12:00Z' }],
    ['The competition runs from 1 March 2027 to 31 May 2027.', { closes: '2027-05-31' }],
    ['The link expires on 19 December 2026 at 22:00.', { closes: '2026-12-19T22:00' }],
    ['Nothing sent later than 9 pm on 8 May 2027 will be judged.', { closes: '2027-05-08T21:00' }],
    ['Early bird until 1 March 2027, final deadline 1 April 2027.', { closes: '2027-04-01' }],
    ['Late entries are accepted until 3 April 2027 for an extra fee of 10.', {}],
  ]);
});

describe('a day that another sentence or a span gives', () => {
  readsAs([
    [
      'Images by 9.00 pm on the Sunday before. For the December competition this means Sunday 6 December 2026.',
      { closes: '2026-12-06T21:00' },
    ],
    [
      "I want your pictures by teatime on Monday 7 December 2026 (call it 5 o'clock).",
      { closes: '2026-12-07T17:00' },
    ],
    [
      'The link is open from 1 to 20 March 2027 and closes at 8 pm on the last day.',
      { closes: '2027-03-20T20:00' },
    ],
    [
      'The term of reception finishes the 15 of April of 2027 at 20:00 hours.',
      { closes: '2027-04-15T20:00' },
    ],
  ]);
});

describe('the day of a round, and days beside it', () => {
  readsAs([
    ['First round ends Sunday 7 March 2027 at midnight.', { closes: '2027-03-07T23:59' }],
    ['Bring them on a stick on 2 Feb or mail them to Walter before then.', { questions: ['closes'] }],
    ['I need them by next Friday, the 19th, say teatime.', { questions: ['closes'] }],
    [
      'Bookings for the assessment on 8 May 2027 close on 26 February 2027; files must be uploaded by 9 April 2027.',
      { closes: '2027-04-09' },
    ],
    ['We need them two weeks before the opening, which is to say by 8 May 2027.', { closes: '2027-05-08' }],
  ]);
});

describe('days without a month or a year', () => {
  readsAs([
    [
      'Don\'t forget the deadline for "Textures" is this coming Thursday (14/1) at 9pm.',
      { questions: ['closes'] },
    ],
    ['Until the Wednesday after the walk.', { questions: ['closes'] }],
  ]);
});

describe('a day that is that of the evening itself', () => {
  readsAs([
    [
      'Send to the host club at least four days before the evening. First evening: 19 January 2027.',
      { questions: ['closes'] },
    ],
    [
      'Please collect everything in one folder and upload it as a zip by 12 February 2027.',
      { closes: '2027-02-12' },
    ],
  ]);
});

describe('the first Monday of a month', () => {
  readsAs([['WHEN first Monday of the month, 20:00', { questions: ['closes'] }]]);
});

describe('files that are sent for judging', () => {
  readsAs([
    ['Everyone sends files for judging by 26 March 2027.', { closes: '2027-03-26' }],
    ['The form can be submitted up to 6 p.m. on 12 March 2027.', { closes: '2027-03-12T18:00' }],
  ]);
});

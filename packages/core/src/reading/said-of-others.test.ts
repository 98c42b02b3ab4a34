import { describe, expect, it } from 'vitest';
import { saidBy } from '../testing/said-by.ts';

/** Sentences about other people's pictures, days and numbers, which ask nothing of the files that are sent. */
describe('what is said of other things', () => {
  it.each([
    'The whole collection on our server has now passed 40 GB.',
    'We scale everything to 1920 x 1080 for the show, you need not.',
    "We'll let you know by 7 March 2027 whether your picture was chosen.",
    'The exhibition can be seen until 30 September 2027.',
    'The organiser may publish the pictures on the web at up to 800 pixels.',
    '10 MB of web space were donated by our sponsor.',
    'Payment of 20 EUR for up to four images by bank transfer.',
    'Accepted entries are on view from 3 to 28 May 2027.',
    'Registration for the workshop closes on 12 April 2027.',
    'EXIF viewers are available for free.',
    'Bring your laptop with at least 8 GB of memory.',
    'Our scanner makes 4800 dpi.',
    'Does the file have to be 16 bit? No.',
    'Do I need Adobe RGB? No, any space will do.',
    'Must I remove the EXIF data? No, we do that.',
    "The beamer's resolution is 1400 x 1050.",
    'On the web they appear with 600 pixels on the long side.',
    'Uploading 5 MB takes a while on our line.',
    'A memory stick of 4 GB is enough.',
    'My mailbox was full with 2 GB of pictures.',
    'Results on 3 March 2027, exhibition until 30 April 2027.',
    'Tickets are on sale until 3 March 2027.',
    'Two pictures of the same subject may not be placed next to each other.',
    'The border of the county is not a limit for subjects.',
    'Quality counts more than quantity: 10 good pictures are better than 20 poor ones.',
    'The TV in the foyer is 1920 x 1080.',
    'A picture of 2 MB has about 3000 x 2000 pixels.',
    'No more than 2 awards per author.',
    'We will print one image from each entrant.',
    'Payment deadline: 1 April 2027.',
    'Birthdays until 1 April 2010 count as youth.',
    'Closing ceremony: 1 April 2027.',
    'Please reply to the invitation by 1 April 2027.',
    'Applications for membership by 1 April 2027.',
    'Order your tickets before 1 April 2027.',
    'Nominations for the committee close on 1 April 2027.',
    "Don't cut off feet at the border of the picture.",
    'It makes no difference whether the EXIF data are in or not.',
  ])('%s', text => {
    expect(saidBy(`JPEG. ${text}`)).toEqual({ formats: ['jpeg'] });
  });
});

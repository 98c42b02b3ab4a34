import { expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** Words that few organisers use: they are read as the ones that most of them do. */

const KEPT = { metadata: { strip: false } };
const NO_PLACE = { metadata: { location: 'remove' } };
const NAMED = { metadata: { author: 'required' } };
const NAMELESS = { metadata: { author: 'forbidden' } };
const BARE = { border: 'forbidden' };
const UNMARKED = { watermark: 'forbidden' };
const BOX = { width: { max: 1600 }, height: { max: 1200 } };

it.each([
  ['The shooting data have to survive the export.', KEPT],
  ['Pictures whose shooting data have been wiped are not judged.', KEPT],
  ['EXIF data yes, GPS data no.', { metadata: { strip: false, location: 'remove' } }],
  ['The EXIF data stay in the file, with the exception of the GPS position.', NO_PLACE],
  ['We will not accept files that still carry a GPS position.', NO_PLACE],
  ['Files have to be clean of EXIF, IPTC and XMP.', { metadata: { strip: true } }],
  ['Pictures with an empty creator field go back to the sender.', NAMED],
  ['Do not send files with empty copyright fields.', NAMED],
  ['The metadata must say who took the picture.', NAMED],
  ['Exposure data stay, the author’s name goes.', NAMELESS],
  ['The GPS position and the author’s name, however, have to be deleted.', { ...NAMELESS, ...NO_PLACE }],
  ['Your name is to be kept out of the metadata.', NAMELESS],
  ['Files that contain no EXIF data are rejected.', KEPT],
  ['We cannot accept files with the metadata removed.', KEPT],
  ['We do not accept pictures that have no GPS data.', { metadata: { location: 'keep' } }],
  ['Copyright information is not allowed on the picture.', { metadata: { author: null } }],
])('in the notes of a file: %s', (text, facts) => {
  const [file] = readRules(text).deliverables;
  expect({ ...file?.metadata }).toMatchObject(facts.metadata);
});

it.each([
  ['Please do not put a line round your picture.', BARE],
  ['No white space round the picture.', BARE],
  ['Crop away any white edges left by scanning.', BARE],
  ['A digital mount may not be used.', BARE],
  ['A fine line round the picture is in order.', { border: 'allowed' }],
  ['Sign the back of your print, not the picture.', UNMARKED],
  ['Get rid of all overprints.', UNMARKED],
  ['Copyright information is not allowed on the picture.', UNMARKED],
  ['Author details must not be visible on the image.', UNMARKED],
  ['A border is fine. A signature is not.', { border: 'allowed', watermark: 'forbidden' }],
  ['You may sign your picture discreetly.', { watermark: 'allowed' }],
  ['Only pictures in black and white will be let in.', { monochrome: true }],
  ['It must not stick out of a box of 1600 x 1200 pixels.', BOX],
  ['Pictures wider than 1600 or higher than 1200 get cut off.', BOX],
  ['Horizontally you have 1600 pixels, vertically 1200.', BOX],
  ['Fill one side of 1600 * 1200 pixels and not go beyond the other.', BOX],
  ['Whichever side is longer must not go beyond 1920 pixels.', { longEdge: { max: 1920 } }],
  ['Upwards of 1920 pixels on the large side.', { longEdge: { min: 1920 } }],
  ['Make the shorter edge 1080 pixels long.', { shortEdge: { exact: 1080 } }],
  ['1200 pixels on the longest side - not 1200 high, not 4000.', { longEdge: { exact: 1200 }, height: null }],
  ['Format 3 by 2, nothing else.', { ratio: [3, 2] }],
  ['The screen is 16:9 and the pictures must be as well.', { ratio: [16, 9] }],
  ['Between half a megabyte and two megabytes.', { bytesMin: 500_000, bytesMax: 2_000_000 }],
  ['Not in excess of 2 MB.', { bytesMax: 2_000_000 }],
  ['Include the sRGB profile.', { profileEmbedded: true }],
])('of a file: %s', (text, facts) => {
  expect(readRules(text).deliverables[0]).toMatchObject(facts);
});

it.each([
  ['Taken together your files must not exceed 20 MB.', { packageBytesMax: 20_000_000 }],
  ['E-mails of more than 20 MB do not reach us.', { packageBytesMax: 20_000_000 }],
  ['After 5 March 2027 nothing more can be uploaded.', { closes: '2027-03-05' }],
  ['Tuesday 6 October 2026 by midnight.', { closes: '2026-10-06T23:59' }],
  ['Friday the 13th of August 2027, that’s my last word.', { closes: '2027-08-13' }],
  ['You are asked not to send more than three pics each.', { maxFiles: 3 }],
])('of an entry: %s', (text, facts) => {
  expect(readRules(text)).toMatchObject(facts);
});

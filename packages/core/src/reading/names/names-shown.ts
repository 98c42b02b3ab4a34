import { namesIn, trimExample, withoutNames } from '../common/name-examples.ts';
import type { Segment } from '../common/segments.ts';

/** What a text shows of names, beside the one that is looked at. */

/** Every name of a file that is shown. */
export const namesShown = (about: readonly Segment[]) =>
  about.flatMap(s => namesIn(s.text)).map(m => trimExample(m[0]));

/** "GALLERY_TITLE": a word for whoever sends it. */
const WHOSE = /^(?:gallery|company|studio|school|brand|client|agency|business|shop|hotel|farm)$/i;

/** Whether the text names something by a word that stands in small letters in a name of a file: "SLAM", "the Slam". */
const isNamedBy = (all: readonly Segment[], word: string) => {
  const named = new RegExp(
    `\\b(?:${word.toUpperCase()}|(?<=[\\w,] ["“'‘]?)${word[0]?.toUpperCase()}${word.slice(1)})\\b`,
  );
  return all.some(s => named.test(withoutNames(s.text)));
};

/** "Outbound_Surname_01.jpg" in the guidelines of OUTBOUND: a word in capitals, or one that the text itself uses. */
export const ownWordsOf = (all: readonly Segment[]) => (word: string) =>
  (/^[A-Z]{3,}$/.test(word) && !WHOSE.test(word)) ||
  (/^[a-z]{4,20}$/.test(word) && isNamedBy(all, word)) ||
  (/^[A-Z][A-Za-z]{2,20}$/.test(word) &&
    all.some(s => new RegExp(`(?<![_-])\\b${word}\\b(?![_-])`, 'i').test(withoutNames(s.text))));

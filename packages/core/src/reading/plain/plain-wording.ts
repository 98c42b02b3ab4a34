import { namesIn, trimExample } from '../common/name-examples.ts';
import { answeredQuestions, checksAsked } from './answered-questions.ts';
import { amissClauses, ensuredClauses, shouldAsIf } from './checked-clauses.ts';
import { SIZE_BOUND_WORDING } from './size-bound-wording.ts';
import { SIZE_WORDING } from './size-wording.ts';
import { boundedBehind } from './bounded-behind.ts';
import { COMMON_WORDS } from './common-words.ts';
import { COUNT_WORDING } from './count-wording.ts';
import { DENIAL_WORDING } from './denial-wording.ts';
import { deniedItems } from './denied-items.ts';
import { FILE_WORDING } from './file-wording.ts';
import { AUTHOR_WORDING } from './author-wording.ts';
import { METADATA_WORDING } from './metadata-wording.ts';
import { REFUSED_NOTES } from './refused-notes.ts';
import { SHAPE_WORDING } from './shape-wording.ts';
import { NAME_WORDING } from './name-wording.ts';
import { DEVICES, OF_DEVICES, OVERLAY_WORDING } from './overlay-wording.ts';
import { LAYOUT, pairedCells, quoteMarks } from './plain-layout.ts';
import { OF_APPLICANTS, ONE_IMAGE, WORDING } from './plain-words.ts';
import { listedKinds } from './listed-kinds.ts';
import { refusedBounds } from './refused-bounds.ts';
import { refusedClauses, refusedItems } from './refused-clauses.ts';
import { replacedRules } from './replaced-rules.ts';
import { editsOf, reword, type Edit, type Reworded, type Stretch } from './reword.ts';
import { shoutedWords } from './shouted.ts';
import { columnBreaks, doubledBreaks, wrappedBreaks } from './unwrap.ts';

/**
 * One wording for what organisers write in many: marks of lists, contractions, "shall" and "has to be". The readers
 * meet the plain wording alone; its places lead back to the text as given.
 */
export interface Worded extends Reworded {
  /** Words of the plain wording as they were written, looked for between two places. */
  asWritten: (words: string, from?: number, to?: number) => string;
}

/** A space for the line break at a place, with the indent of the line behind it. */
function joined(text: string, at: number): Edit {
  const indent = /^[ \t]*/.exec(text.slice(at + 1))?.[0].length ?? 0;
  return { from: text[at - 1] === '\r' ? at - 1 : at, to: at + 1 + indent, plain: ' ' };
}

/** Turns of phrase that are put in other words; a text that has more of them is none of rules, and would only grow. */
const MOST_REWORDED = 200;

/** What is put right one after the other; each pass sees the text of the one before. */
const PASSES: readonly ((text: string) => Edit[])[] = [
  // A list may stand in a quoted mail.
  quoteMarks,
  quoteMarks,
  replacedRules,
  text => columnBreaks(text).map(at => joined(text, at)),
  // Before the line "Borders" over another one is taken for the name of a property.
  deniedItems,
  text => editsOf(text, LAYOUT, []),
  pairedCells,
  shoutedWords,
  text => doubledBreaks(text).map(([from, to]) => ({ from, to, plain: '' })),
  text => (OF_DEVICES.test(text) ? editsOf(text, DEVICES, namesShown(text)) : []),
  text => editsOf(text, COMMON_WORDS, namesShown(text)),
  text => editsOf(text, DENIAL_WORDING, namesShown(text)).slice(0, MOST_REWORDED),
  refusedBounds,
  listedKinds,
  answeredQuestions,
  checksAsked,
  refusedItems,
  text => wrappedBreaks(text).map(at => joined(text, at)),
  refusedClauses,
  shouldAsIf,
  amissClauses,
  ensuredClauses,
  boundedBehind,
  text =>
    editsOf(
      text,
      [
        ...COUNT_WORDING,
        ...METADATA_WORDING,
        ...REFUSED_NOTES,
        ...AUTHOR_WORDING,
        ...OVERLAY_WORDING,
        ...SIZE_WORDING,
        ...SIZE_BOUND_WORDING,
        ...SHAPE_WORDING,
        ...FILE_WORDING,
        ...NAME_WORDING,
      ],
      namesShown(text),
    ).slice(0, MOST_REWORDED),
  text => editsOf(text, OF_APPLICANTS.test(text) ? WORDING : [...WORDING, ONE_IMAGE], namesShown(text)),
];

/** Puts a text into the plain wording; see `Worded` for the way back. */
export function inPlainWording(given: string): Worded {
  let worded = given;
  const back: Worded['given'][] = [];
  for (const pass of PASSES) {
    const step = reword(worded, pass(worded));
    worded = step.text;
    back.unshift(step.given);
  }
  const place: Worded['given'] = (start, end) =>
    back.reduce<Stretch>((stretch, given) => given(...stretch), [start, end]);
  const folded = worded.toLowerCase();
  return {
    text: worded,
    given: place,
    asWritten: (words, from = 0, to = folded.length) => {
      const exact = worded.slice(0, to).indexOf(words, from);
      const at = exact < 0 ? folded.slice(0, to).indexOf(words.toLowerCase(), from) : exact;
      const written = at < 0 ? words : given.slice(...place(at, at + words.length));
      return words === words.toLowerCase() ? written.toLowerCase() : written;
    },
  };
}

/** Names of files, which are kept to the letter. */
function namesShown(text: string): Stretch[] {
  return namesIn(text).map(match => {
    const to = match.index + match[0].length;
    return [to - trimExample(match[0]).length, to];
  });
}

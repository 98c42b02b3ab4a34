import { BETWEEN, capital, meant, stopBetween } from './clause-meaning.ts';
import { ITEM_MARK } from '../common/kind-words.ts';
import type { Edit } from './reword.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * What a file is refused for, each clause made the demand that it means: "A file is rejected if it is larger than 5 MB
 * or the format is not JPEG" becomes "it must not be larger than 5 MB" and "the format must be JPEG".
 */

const REFUSAL = oneOf`
  refus\w* | reject\w* | returned | turn(?:ed|s)? (?:[\w ]{1,20} )?(?:down|away|back) | disqualif\w* | fails?(?: the \w+)? | sent back | send back | discard\w* | exclude[ds]?
  invalid | not (?:be )?(?:accept(?:ed)?|valid|opened|shown?|judged|considered|see|eligible|uploaded|printed|open|load|upload)
  can(?:not| not|['’]t) (?:be )?(?:accept(?:ed)?|shown?|used?|print(?:ed)?|open(?:ed)?|take|consider(?:ed)?|process(?:ed)?|judged?)
`;
/** "A file will be rejected if". */
const HEAD = new RegExp(
  `\\b${REFUSAL}\\b(?! (?:or|and) )[^.;:\\n]{0,36}?\\b(?:if|when|where|whenever)\\b(?: (?:any of the following (?:is true|applies)|one of these))?[ ]?[:…]?`,
  'i',
);
const LONGEST_ITEM = 120;

/** The clauses of lists below such words; looked at before the lines of a text are joined. */
export const refusedItems = (text: string): Edit[] => clausesOf(text).filter(({ isItem }) => isItem);

/** The clauses behind such words on their line. */
export const refusedClauses = (text: string): Edit[] => clausesOf(text).filter(({ isItem }) => !isItem);

interface Clause extends Edit {
  isItem: boolean;
}

function clausesOf(text: string): Clause[] {
  const edits: Clause[] = [];
  let start = 0;
  let isListed = false;
  let isMarked: boolean | undefined;
  for (const line of text.split('\n')) {
    const own = line.trim();
    const from = start + line.length - line.trimStart().length;
    start += line.length + 1;
    const mark = ITEM_MARK.exec(own)?.[0] ?? '';
    const head = HEAD.exec(own);
    if (own === '') isListed &&= isMarked === undefined;
    else if (head) {
      const end = head.index + head[0].length;
      isListed = end === own.length;
      isMarked = undefined;
      if (!isListed) edits.push(...behind(own, end, from).map(edit => ({ ...edit, isItem: false })));
    } else if (isListed && own.length <= LONGEST_ITEM && (isMarked ?? mark !== '') === (mark !== '')) {
      isMarked = mark !== '';
      const item = meant(own.slice(mark.length), from + mark.length);
      if (!item.length) continue;
      const stop = { from: from + own.length, to: from + own.length, plain: /[.;,]$/.test(own) ? '' : '.' };
      edits.push(...[...item, stop].map(edit => ({ ...edit, isItem: true })));
    } else isListed = false;
  }
  return edits;
}

/** The clauses of the rest of a sentence, each a sentence of its own where one of them is a demand. */
function behind(line: string, end: number, from: number): Edit[] {
  const length = /\.(?=\s|$)/.exec(line.slice(end))?.index ?? line.length - end;
  const rest = line.slice(end, end + length);
  const lead = /^\s*/.exec(rest)?.[0].length ?? 0;
  const before = line.slice(0, end);
  const last = Math.max(before.lastIndexOf('. '), before.lastIndexOf('; '));
  const opening = last < 0 ? 0 : last + 2;
  const edits: Edit[] = [];
  let parting: Edit[] = [];
  let at = lead;
  let subject: string | undefined;
  for (const mark of [...rest.matchAll(BETWEEN), undefined]) {
    const own = meant(rest.slice(at, mark?.index), from + end + at, subject);
    const [first, ...others] = own;
    if (first && edits.length) edits.push(...parting, { ...first, plain: capital(first.plain) }, ...others);
    // The words in front of the first clause are about all of them, and belong to it.
    else if (first) edits.push({ ...first, from: from + opening, plain: capital(first.plain) }, ...others);
    if (first) {
      subject = /^.*?(?= must )/.exec(first.plain)?.[0] ?? subject;
    } else if (subject !== undefined && COMPARES.test(rest.slice(at))) {
      // "It is under 50 KB or over 4 MB".
      edits.push({ from: from + end + at, to: from + end + at, plain: 'not ' });
    }
    if (!mark) break;
    at = mark.index + mark[0].length;
    parting = stopBetween(from + end + mark.index, from + end + at);
  }
  return edits;
}

const COMPARES =
  /^(?:(?:less|fewer|smaller|lower|narrower|shorter|more|larger|bigger|higher|wider|taller|longer) than|under|below|over|above)\b/i;

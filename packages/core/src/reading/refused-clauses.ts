import { ITEM_MARK } from './kind-words.ts';
import type { Edit } from './reword.ts';
import { oneOf } from './word-lists.ts';

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
const SUBJECT =
  '(?:it|they|there|(?:the|your|its|their|an?|any|one) [\\w’ -]{2,32}?|(?:files?|images?|pictures?|photos?|entries|borders?|frames?|watermarks?|text|names?|gps data|location data))';
/** What a clause says of a file, and the demand that it means. */
const MEANS: readonly (readonly [clause: RegExp, demand: string])[] = [
  ['there (?:is|are) (?:an? |any |some )?(?=\\w)', 'there must be no '],
  [
    `(${SUBJECT}) (?:is|are)(?: not|n['’]t) (?=(?:an? |in |of |saved |sized |at least |square\\b|exactly |jpe?g|png|tiff?|s?rgb|adobe|\\d|the )[^,;]*)`,
    '$1 must be ',
  ],
  [`(${SUBJECT}) (?:is|are) (?:still )?(?!not\\b|n['’]t|unclear|missing)(?=\\w)`, '$1 must not be '],
  [
    `(${SUBJECT}) (?:has|have) been (?=(?:added|enlarged|put|placed|printed|written|upscaled|included|embedded|framed|signed)\\b)`,
    '$1 must not be ',
  ],
  [`(${SUBJECT}) (?:has|have) (?:got )?(?!not\\b|been\\b|no\\b)(?=\\w)`, '$1 must not have '],
  ...[
    'contain',
    'carr(?:ie|y)',
    'show',
    'bear',
    'use',
    'exceed',
    'weigh',
    'include',
    'reveal',
    'display',
  ].map(verb => [`(${SUBJECT}) (${verb})s? (?=\\w)`, '$1 must not $2 '] as const),
].map(([clause, demand]) => [new RegExp(`^(?:if |when |where )?${clause}`, 'i'), demand]);
/** What parts one clause from the next. */
const BETWEEN = /(?:[,;]|,? (?:or|and)\b)(?: (?:or|and))?(?: (?:if|when|where))? (?=[a-z])/gi;
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
  // The words in front of the first clause are about all of them.
  let parting: Edit = { from: from + opening, to: from + end + lead, plain: '' };
  let at = lead;
  let subject: string | undefined;
  for (const mark of [...rest.matchAll(BETWEEN), undefined]) {
    const own = meant(rest.slice(at, mark?.index), from + end + at, subject);
    const [first, ...others] = own;
    if (first) {
      edits.push(
        parting,
        { ...first, plain: first.plain.slice(0, 1).toUpperCase() + first.plain.slice(1) },
        ...others,
      );
      subject = /^.*?(?= must )/.exec(first.plain)?.[0] ?? subject;
    } else if (subject !== undefined && COMPARES.test(rest.slice(at))) {
      // "It is under 50 KB or over 4 MB".
      edits.push({ from: from + end + at, to: from + end + at, plain: 'not ' });
    }
    if (!mark) break;
    at = mark.index + mark[0].length;
    parting = { from: from + end + mark.index, to: from + end + at, plain: '. ' };
  }
  return edits;
}

const COMPARES =
  /^(?:(?:less|fewer|smaller|lower|narrower|shorter|more|larger|bigger|higher|wider|taller|longer) than|under|below|over|above)\b/i;
/** A clause that goes on about what the one before spoke of: "or is longer than 20 characters". */
const GOES_ON = /^(?:is|are|has|have|contains?|shows?|exceeds?|weighs?) /i;

/** @param subject what the clause before spoke of */
function meant(clause: string, at: number, subject?: string): Edit[] {
  const isOpen = subject !== undefined && GOES_ON.test(clause);
  const whole = isOpen ? `${subject} ${clause}` : clause;
  for (const [words, demand] of MEANS) {
    const match = words.exec(whole);
    if (!match) continue;
    const plain = demand
      .replace(/\$(\d)/g, (_, n: string) => (match[Number(n)] ?? '').replace(/^carrie$/i, 'carry'))
      .replace(/^(?:its|their) name(?= must)/i, 'the file name');
    const to = at + match[0].length - (whole.length - clause.length);
    // "It is under 50 KB or over 4 MB", "under 900 pixels wide or under 1200 pixels high".
    const others = [
      ...clause.matchAll(
        /\bor (?=(?:(?:less|fewer|smaller|more|larger|bigger) than|under|below|over|above)\b)/gi,
      ),
    ];
    return [
      { from: at, to, plain },
      ...others.map(({ index }) => ({ from: at + index, to: at + index + 3, plain: 'or not ' })),
    ];
  }
  return [];
}

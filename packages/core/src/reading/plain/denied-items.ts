import { ITEM_MARK } from '../common/kind-words.ts';
import type { Edit } from './reword.ts';
import { DENIAL, DENIES } from '../standing/ruled-items.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * Lists of what is turned down, each item made a denial that stands by itself: "Not accepted: files over 5 MB" becomes
 * "no files over 5 MB", and "Please don't: add a border" becomes "do not add a border".
 */

/** What an item tells somebody to do. */
const DO = oneOf`
  add | alter | apply | attach | bring | change | combine | compress | convert | copy | crop | draw | edit | embed | enlarge | enter | exceed
  export | fill | forget | frame | give | go | have | include | leave | mail | make | mark | mention | merge | move | name | offer | order | over\w+ | paste
  post | print | provide | put | re-?name | re-?size | rely | remove | replace | rotate | save | scale(?! bars?) | send | share | sharpen | show | sign | stamp
  stretch | strip | submit | supply | tell | turn | type | up-?load | use | wait | write | zip
`;
const TO_DO = new RegExp(`^${DO}\\b`, 'i');
/** What denies already, or says of a file how it is. */
const STANDS =
  /^(?:no|not|never|nothing|none|neither|do not|don['’]t|without|if|when|where|because|they|it|this|that|these|we|you|i)\b|^(?:(?:the|your|this|an?) [\w -]{2,24}|it|they|files?|images?|pictures?|photos?|size|format|name|title) (?:is|are|has|have|exceeds?|contains?|shows?|was|were|does|do)\b/i;
/** Marks of any kind in front of an item. */
const BULLET = /^[^\p{L}\d\s]{1,3}\s+/u;
/** "Please do not", "Members may not", "Never": what somebody does stands below. */
const OF_DOING =
  /\b(?:not|don['’]?ts?|never|avoid|cannot|no)\b(?! (?:allowed|accepted|permitted|wanted|acceptable|welcome|possible|be)\b)/i;
/** "5 When" behind "4 What must not be in it". */
const NEXT_HEAD = /^\d{1,2} [A-Z]/;
/** "Photo with a name" over "will be rejected.": the end of what the line before began. */
const ENDS_A_SENTENCE = /^(?:will|are|is|gets?) [^:]*\.$/;
const LONGEST_HEAD = 60;
const LONGEST_ITEM = 100;

const BEHIND = new RegExp(`^(?<head>\\W*${DENIAL}(?:\\s*:\\s|\\s[–—-]\\s))(?<items>\\S.*)$`, 'i');

/** Puts the denial in front of every item of such a list. */
export function deniedItems(text: string): Edit[] {
  const edits: Edit[] = [];
  let start = 0;
  let head: 'alone' | 'open' | undefined;
  let isMarked = false;
  let isToDo = false;
  for (const line of text.split('\n')) {
    const own = line.trim();
    const from = start + line.length - line.trimStart().length;
    start += line.length + 1;
    // "## What must not be in them"
    const title = /^#{1,4} (?<title>.*)$/.exec(own)?.groups?.['title'];
    const mark = (ITEM_MARK.exec(own) ?? BULLET.exec(own))?.[0] ?? '';
    // One empty line may follow the heading itself.
    if (own === '') head = head === 'alone' ? 'alone' : undefined;
    else if (
      own.length < LONGEST_HEAD &&
      (mark === '' || title) &&
      DENIES.test(title ?? own) &&
      !ENDS_A_SENTENCE.test(own)
    ) {
      head = 'alone';
      isToDo = OF_DOING.test(own);
    } else if (
      head &&
      title === undefined &&
      !(mark === '' && NEXT_HEAD.test(own)) &&
      own.length <= LONGEST_ITEM &&
      (head === 'alone' || isMarked === (mark !== ''))
    ) {
      isMarked = mark !== '';
      head = 'open';
      edits.push(...sentencesOf(own.slice(mark.length), from + mark.length, isToDo));
    } else {
      head = undefined;
      edits.push(...behindHead(own, from));
    }
  }
  return edits;
}

/** "A name on the picture. Anything stuck round it." */
const sentencesOf = (items: string, from: number, isToDo: boolean) =>
  startsAfter(/\. (?=[A-Z])/g, items).flatMap(([at, item]) => denied(item, from + at, isToDo));

/** The pieces between marks, each with its place. */
function startsAfter(mark: RegExp, text: string): [number, string][] {
  const starts = [0, ...[...text.matchAll(mark)].map(m => m.index + m[0].length)];
  return starts.map((at, i) => [at, text.slice(at, starts[i + 1])]);
}

/** "Not accepted: watermarks; files over 5 MB". */
function behindHead(line: string, from: number): Edit[] {
  const { head, items } = BEHIND.exec(line)?.groups ?? {};
  if (head === undefined || items === undefined) return [];
  const mark = items.includes(';') ? /;\s+(?:and |or |nor )?/g : /,\s+(?:and |or |nor )?|\s(?:and|or|nor)\s/g;
  return startsAfter(mark, items).flatMap(([at, item]) =>
    denied(item, from + head.length + at, OF_DOING.test(head)),
  );
}

function denied(item: string, at: number, isToDo: boolean): Edit[] {
  if (STANDS.test(item)) return [];
  const [first = ''] = /^\S+/.exec(item) ?? [];
  return [
    { from: at, to: at + first.length, plain: `${isToDo && TO_DO.test(item) ? 'do not' : 'no'} ${first}` },
  ];
}

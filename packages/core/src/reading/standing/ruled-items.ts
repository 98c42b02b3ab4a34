import { ITEM_MARK } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf } from '../common/word-lists.ts';

/** Lists under words that hold for every item: "What we do not want", "Must not"; "You may"; "You need not". */

/** What a list of things that are turned down is headed by. */
export const DENIAL = oneOf`
  (?:strictly )?(?:forbidden|prohibited|excluded|banned|rejected|unacceptable|unwanted)(?: (?:are|is))?
  (?:(?:what is|these are|the following (?:things )?(?:is|are)) )?not (?:allowed|permitted|wanted|accepted|acceptable|welcome|possible)(?: are)?
  (?:please )?(?:avoid|leave (?:out|off|away)|do(?: not|n['’]t)(?: (?:add|put|use|include|send))?) | don['’]?ts | (?:please )?(?:no|never) | out of the question
  (?:and |but )?(?:(?:you|it|they|(?:(?:the|your|a) )?(?:pictures?|images?|files?|photos?)) )?(?:must|may|should)(?: not|n['’]t)(?: (?:have|contain|show|carry|bear|include|be))?
  (?:(?:what|things) )?(?:we|i|you|(?:the )?(?:jury|members|entrants|authors)) (?:do(?: not|n['’]t)|cannot|can['’]t|must not|may not|should not|will not)(?: (?:want|need|like|accept|show|take|use|do|add))?
  (?:what|things) not to (?:do|send) | (?:we|i) (?:have to |must |will )?(?:refuse|reject|turn down|send back)
  (?:(?:these|the following|such things) )?(?:will not be (?:shown|accepted|judged|printed)|(?:are|will be|get) (?:refused|rejected|sent back|turned down))
  what (?:gets|is|will be) (?:rejected|refused|sent back|turned down) | grounds for (?:refusal|rejection)
  (?:we |i )?(?:refuse|reject)(?: (?:all )?(?:pictures|images|photos|files|works|entries))?(?: with)? | what to (?:leave out|avoid)
  (?:these(?: things)?|the following|what) (?:will )?leads? to (?:rejection|refusal|disqualification|exclusion) | reasons for (?:being )?(?:rejection|refusal|disqualification|exclusion|rejected|refused|disqualified|excluded) | (?:(?:pictures|images|photos|photographs|entries|files) )?(?:will be|are|get) (?:disqualified|refused|rejected|excluded|marked down) for
`;
/** "The things that must not be on the picture:". */
const DENIED_ON_PICTURE =
  '(?!.*\\b(?:frames?|borders?|water-?marks?|names?|text|logos?|signatures?|dates?)\\b[^:]*$).*\\b(?:not|never|no)\\b[^.\\d]*\\b(?:(?:picture|image|photo(?:graph)?|print)s?|works|(?:in|on|round) (?:it|them)):?';
export const DENIES = new RegExp(`^${DENIED_ON_PICTURE}$|^\\W*${DENIAL}\\s*[:.…]*$`, 'i');
const PERMISSION = oneOf`
  (?:you|entrants|authors|members|they) (?:may|can|are (?:free|allowed) to)(?: also)?(?: (?:use|add|have|include))?
  (?:what is |these are |the following (?:is|are) )?(?:allowed|permitted|accepted|acceptable|tolerated)(?: are)? | these are (?:fine|ok(?:ay)?|all right)
  we (?:have nothing against|do not mind)
`;
const PERMITS = new RegExp(`^\\W*${PERMISSION}\\s*[:.…]*$`, 'i');
const FREES =
  /^\W*(?:what )?(?:you|entrants|authors|members) (?:need not|do(?: not|n['’]t) (?:need|have) to)(?: (?:do|care about|worry about))?\s*[:.…]*$/i;
const LONGEST_HEAD = 60;
const LONGEST_ITEM = 100;

/** What a line says of the items below it: they are denied, or permitted, or nobody has to heed them. */
export type Ruled = 'denied' | 'permitted' | 'free';

/** For each segment, what a line of its own says of it where it is an item of the list below that. */
export function ruledItems(segments: readonly Segment[]): (Ruled | undefined)[] {
  const heads: [Ruled, RegExp][] = [
    ['denied', DENIES],
    ['permitted', PERMITS],
    ['free', FREES],
  ];
  const below = heads.map(([ruled, head]) => itemsUnder(segments, head).map(is => (is ? ruled : undefined)));
  const lists = [...below, itemsBehind(segments)];
  return segments.map((_, i) => lists.map(list => list[i]).find(ruled => ruled !== undefined));
}

const BEHIND = '(?:\\s*:\\s|\\s[–—-]\\s|\\s{3,})(?=\\s*\\S)';
const HEADED: readonly (readonly [ruled: Ruled, head: RegExp, unless: RegExp])[] = [
  [
    'denied',
    new RegExp(`^\\W*${DENIAL}${BEHIND}`, 'i'),
    /\b(?:but|except|other than|allowed|permitted|fine|accepted as)\b(?!.*:)/i,
  ],
  ['permitted', new RegExp(`^\\W*${PERMISSION}${BEHIND}`, 'i'), /\b(?:no|not|never|without|none)\b/i],
];

/** "Excluded are: watermarks; date stamps.": what a head says of the things behind it on its line. */
function itemsBehind(segments: readonly Segment[]): (Ruled | undefined)[] {
  let open: Ruled | undefined;
  return segments.map((segment, i) => {
    const before = segments[i - 1];
    if (before?.line !== segment.line || !before.text.endsWith(';')) open = undefined;
    const own = HEADED.find(
      ([, head, unless]) => head.test(segment.text) && !unless.test(segment.text.replace(head, '')),
    );
    if (own) [open] = own;
    return open;
  });
}

function itemsUnder(segments: readonly Segment[], words: RegExp): boolean[] {
  let head: Segment | undefined;
  let isMarked = false;
  return segments.map((segment, i) => {
    const before = segments[i - 1];
    const step = before ? segment.line - before.line : 0;
    if (head && step > 0) {
      const isFirst = before === head;
      const hasMark = ITEM_MARK.test(segment.text);
      if (isFirst) isMarked = hasMark;
      const goesOn = step === 1 || (isFirst && step === 2) || (isMarked && hasMark);
      if (!goesOn || hasMark !== isMarked || segment.text.length > LONGEST_ITEM) head = undefined;
    }
    if (head) return before !== undefined;
    const stands = !before || step > 0;
    const isAlone = stands && (segments[i + 1]?.line ?? segment.line) > segment.line;
    if (
      isAlone &&
      segment.text.length < LONGEST_HEAD &&
      !ITEM_MARK.test(segment.text) &&
      words.test(segment.text)
    )
      head = segment;
    return false;
  });
}

import { ITEM_MARK } from './kind-words.ts';
import type { Segment } from './segments.ts';
import { oneOf } from './word-lists.ts';

/** Lists under words that hold for every item: "What we do not want", "Must not"; "You may"; "You need not". */

const DENIES = new RegExp(
  `^(?!.*\\b(?:frames?|borders?|water-?marks?|names?|text|logos?|signatures?|dates?)\\b[^:]*$).*\\b(?:not|never|no)\\b[^.\\d]*\\b(?:(?:picture|image|photo(?:graph)?|print)s?|works|(?:in|on|round) (?:it|them)):?$|^\\W*${oneOf`
    (?:strictly )?(?:forbidden|prohibited) | not (?:allowed|permitted|wanted|accepted|welcome|possible)
    (?:please )?(?:avoid|leave (?:out|off|away)|do(?: not|n['’]t)(?: (?:add|put|use|include|send))?) | don['’]ts
    unwanted
    (?:and |but )?(?:(?:you|it|they|(?:(?:the|your|a) )?(?:pictures?|images?|files?|photos?)) )?(?:must|may|should)(?: not|n['’]t)(?: (?:have|contain|show|carry|bear|include|be))?
    (?:what|things) (?:we|i|you|the jury) (?:do(?: not|n['’]t)|cannot|can['’]t|must not|may not|should not) (?:want|need|like|accept|show|take|use|do|add)
  `}\\s*[:.…]*$`,
  'i',
);
const PERMITS =
  /^\W*(?:you|entrants|authors|members|they) (?:may|can|are (?:free|allowed) to)(?: also)?\s*[:.…]*$|^\W*(?:what is )?(?:allowed|permitted)\s*[:.…]*$/i;
const FREES =
  /^\W*(?:you|entrants|authors|members) (?:need not|do(?: not|n['’]t) (?:need|have) to)\s*[:.…]*$/i;
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
  const lists = heads.map(([ruled, head]) => itemsUnder(segments, head).map(is => (is ? ruled : undefined)));
  return segments.map((_, i) => lists.map(list => list[i]).find(ruled => ruled !== undefined));
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

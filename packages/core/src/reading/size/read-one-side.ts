import { boundOf, type Bound } from '../common/bounds.ts';
import { PIXELS, readPixels } from '../common/quantities.ts';
import type { Span } from '../common/reading.ts';
import {
  EDGE_JUST_BEFORE,
  HIGH,
  sideAfter,
  sideAfterRange,
  sideAside,
  sideBefore,
  sideOnPaper,
  UNIT,
  WIDE,
  type Side,
  type SideSaid,
} from './side-words.ts';
import { oneOf, patterns } from '../common/word-lists.ts';

/** Numbers of pixels that stand for one side each. */

const SINGLE = new RegExp(
  `(?<![\\d.,:×x]|\\d\\/|(?<!\\d{3}|px|pixels)-)(?<n>${PIXELS})(?:\\s*(?<unit>${UNIT})\\b)?`,
  'gi',
);
/** Units that make a number something else than pixels. */
const OTHER_UNIT = new RegExp(
  `^\\s*[x×]\\s*[\\d.,]+\\s*(?:mm|cm)\\b|^\\s*(?:-\\s*)?${oneOf`
    k\b | m\b(?! ?(?:wide|across)) | kb | mb | gb | kib | mib | meg | kilo | % | ppi | dpi | bits?\b | mm | cm | inch
    in\b(?=\s*(?:[x×,.;)]|by\b|$)) | " | mega | points? | crowns? | people | members | images? | pictures
    photos? | pm | am | hours | seconds? | minutes? | days? | per\b | /(?!\s*(?:max|min|height|width|long|short|\d)) | th\b | st\b | nd\b
    rd\b | :\d
  `}`,
  'i',
);

/** "80 (height) pixels". */
const SIDE_AND_UNIT = new RegExp(`^ ?\\((?:width|height|w|h)\\)(?: ?${UNIT}\\b|\\W*$)`, 'i');

/** Reads the numbers of a sentence that are part of no pair. */
export function readSingles(
  text: string,
  taken: [number, number][],
  {
    hasPixels,
    isOther,
    looser,
    add,
  }: {
    hasPixels: boolean;
    /** Whether a number belongs to something else than the files. */
    isOther: (at: number) => boolean;
    looser: (bound: Bound) => Bound;
    add: (field: Side, span: Span, from: number, to: number) => void;
  },
): void {
  // Asked once a sentence: some hold hundreds of numbers.
  const isSquare = IS_SQUARE.test(text);
  const isSquareRange = isSquare || /\bsquare\b.*\ba side\b/i.test(text);
  let last: { side: SideSaid; end: number; bound: Bound } | undefined;
  for (const match of text.matchAll(SINGLE)) {
    const { n = '', unit } = match.groups ?? {};
    const end = match.index + match[0].length;
    if (taken.some(([from, to]) => match.index < to && end > from)) continue;
    const after = text.slice(end);
    const value = readPixels(n);
    if (isOther(match.index)) continue;
    if (
      value < leastOf(unit, text, after) ||
      OTHER_UNIT.test(after) ||
      /\brgb ?\(?$/i.test(text.slice(0, match.index))
    )
      continue;
    const before = text.slice(0, match.index);
    const between = last ? text.slice(last.end, match.index) : undefined;
    const isSecondOfRange =
      between !== undefined &&
      // "no wider than 1920 and no taller than 1200" are two sides and no range.
      (sideBefore(between) ?? last?.side) === last?.side &&
      /^\s*(?:px|pixels?)?\s*(?:and|to|-|–|—|up to|nor|but|or)\s*(?:at most |(?:not? |nor )?(?:more|longer|larger|wider|higher|bigger|taller) than |a maximum of |up to )?$/i.test(
        between,
      );
    const isOtherBound = between !== undefined && OTHER_BOUND.test(between);
    const named = NAMED_IN_TURN.test(after) ? NAMED_JUST_BEFORE.exec(before)?.groups?.['side'] : undefined;
    const side =
      (named === undefined ? undefined : sideBefore(named)) ??
      sideAfter(after) ??
      sideAfterRange(after) ??
      (isSecondOfRange || isOtherBound ? last?.side : undefined) ??
      sideBefore(before) ??
      sideOnPaper(before) ??
      sideAside(after) ??
      (IS_BOUND.test(after) ? last?.side : undefined);
    const ofRange = isSquareRange ? endOfRange(before, after) : undefined;
    if (!side && ((unit && isSquare) || ofRange)) {
      const span = toSpan(value, ofRange ?? looser(boundOf(before, after)));
      add('width', span, match.index, end);
      add('height', span, match.index, end);
      continue;
    }
    const isBare = !unit && !hasPixels && !sideAfter(after) && !isSecondOfRange && !isOtherBound;
    // "Max. 1000 px" and no word of a side: no side may be longer.
    if (!side && unit && !taken.length && IS_ALONE.test(text)) {
      add('longEdge', { max: value }, match.index, end);
      continue;
    }
    if (!side || (isBare && !(value >= 400 && EDGE_JUST_BEFORE.test(before)))) continue;
    const bound = isSecondOfRange ? 'max' : boundOfSide(before, after, between, last?.bound, looser);
    const isBothSides = 'exact' in toSpan(value, bound) && BOTH_WAYS.test(after);
    const fields: Side[] =
      side !== 'any'
        ? [side]
        : isBothSides || IS_ONE_TO_ONE.test(text)
          ? ['width', 'height']
          : [bound === 'min' ? 'shortEdge' : 'longEdge'];
    for (const field of fields) add(field, toSpan(value, bound), match.index, end);
    last = { side, end, bound };
  }
}

const OF_EDGES =
  /\b(?:borders?|frames?|edges?|margins?|strips?|lines?|key ?lines?|strokes?|bleed|bars?|letters?)\b/i;

/** "Pixels: 280 wide, 80 high". */
const OF_PIXELS = /\bpixels\s*:/i;

/** Fewer pixels are those of a border, save where nothing but a side is named: a signature "40 px high". */
function leastOf(unit: string | undefined, text: string, after: string): number {
  if ((unit || OF_PIXELS.test(text)) && /^ ?(?:high|wide|tall)\b/i.test(after) && !OF_EDGES.test(text))
    return 30;
  // "Height 50 to 100 pixels."
  if (/^ ?(?:to|and|-|–) ?\d{2,4} ?(?:px|pixels)\b/i.test(after) && !OF_EDGES.test(text)) return 50;
  return unit || SIDE_AND_UNIT.test(after) ? 50 : 100;
}

/** "Width 200 px height 230 px": each side stands in front of its number. */
const NAMED_JUST_BEFORE = /\b(?<side>width|height):? $/i;
const NAMED_IN_TURN = /^\s*(?:px|pixels?)?,? (?:width|height):? \d/i;

/** "1080 pixels in both directions": a square. */
const BOTH_WAYS =
  /\bboth (?:directions|dimensions|ways)\b|^\s*(?:px|pixels?)? (?:along|on) (?:each|every|both) (?:side|edge)s?\b|^\s*(?:px|pixels?)? each (?:way|side)\b/i;

/** The bound of one side, which may be said for the side before or behind it as well. */
function boundOfSide(
  before: string,
  after: string,
  between: string | undefined,
  boundBefore: Bound | undefined,
  looser: (bound: Bound) => Bound,
): Bound {
  const own = looser(boundOf(before, after));
  // "1400 wide or 1050 high at the most": the word stands behind the second of them.
  const bound = own === 'unsaid' ? (boundBehindNext(after) ?? own) : own;
  const isFirstOfRange =
    (/^\s*(?:px|pixels?)?\s*(?:and|to|-|–|—)\s*\d/i.test(after) &&
      (/\b(?:between|from)\s*$/i.test(before) || /^\s*(?:px|pixels?)?\s*(?:to|-|–|—)\s*\d/i.test(after))) ||
    (/\bfrom\s*$/i.test(before) && /^\s*(?:px|pixels?)?\s*(?:and )?up to\s*\d/i.test(after));
  if (isFirstOfRange) return 'min';
  // "at least 480 pixels wide and 600 tall": one word for both.
  const isJoined = between !== undefined && (bound === 'unsaid' ? JOINED : COMPARED).test(between);
  return isJoined ? (boundBefore ?? bound) : bound;
}

const IS_ALONE = new RegExp(
  `^(?!.*(?:\\b(?:wide|width|high|height|tall|side|edge|dimension|across|long|short|square|between|borders?|keylines?|frames?)\\b|\\d\\s*[x×]\\s*\\d|\\bpx.*\\bpx\\b)).*\\b(?:max(?:imum|\\.)?|up to|at most|no(?:t)? more than)(?: of)? (?:${PIXELS})\\s*${UNIT}\\b`,
  'is',
);

/** "Square, between 500 and 1500 px a side". */
function endOfRange(before: string, after: string): Bound | undefined {
  if (/\b(?:between|from)\s*$/i.test(before) && /^\s*(?:px|pixels?)?\s*(?:and|to|-|–)\s*\d/i.test(after))
    return 'min';
  return /\b(?:between|from)\s+[\d.,]+\s*(?:px|pixels?)?\s*(?:and|to|-|–)\s*$/i.test(before)
    ? 'max'
    : undefined;
}

const IS_ONE_TO_ONE = /(?<![\d:])1 ?: ?1(?![\d:])/;

/** "1080 px square", "a square picture of 600 pixels": one number for both sides. */
const IS_SQUARE = patterns`
  (?<![\d:])1 ?: ?1(?![\d:]) | \bsquare\b,?(?:[^.;\d]|\b(?:min|max)\.){0,24}\d+ ?(?:px|pixels?)\b
  \bsquare,? between \d+ and \d+ ?(?:px|pixels)\b | \bpx square\b | \bpixels square\b
  \bsquare\b[^.;]{0,40}\b(?:of|measuring|at|size)\b[^.;]{0,20}\d | \d ?(?:px|pixels?)\b[^.;]{0,12}\bsquare\b
`;

/** "3000 px are enough, 2000 px are the minimum". */
const IS_BOUND =
  /^\s*(?:is|are) the (?:(?:absolute|lower|upper) )?(?:min(?:imum)?|max(?:imum)?|least|most|limit)\b/i;

/** "min. 3000 px, max. 5000 px": the other bound of the side spoken of. */
const OTHER_BOUND =
  /^\s*(?:px|pixels?)?(?: (?:on|along|for) the (?:long|short)(?:est|er)? (?:side|edge))?\s*[,;/]?\s*(?:and |but )?(?:an? |the )?(?:(?:lower|upper) limit(?: is)?|max(?:imum)?|min(?:imum)?|at most|at least|(?:no|not) (?:more|less|larger|smaller) than|up to)\.?(?: of)?:?\s*$/i;

const NEXT_SIDE = new RegExp(
  `^\\s*(?:${UNIT})?\\s*(?:${WIDE}|${HIGH}|(?:on|along|for|in) the (?:width|height|horizontal|vertical)(?: (?:side|axis))?)?\\s*(?:,|and|or|by|x|×)?\\s*(?:(?:${WIDE}|${HIGH})\\s*)?(?:${PIXELS})\\s*`,
  'i',
);

function boundBehindNext(after: string): Bound | undefined {
  const next = NEXT_SIDE.exec(after);
  const bound = next ? boundOf('', after.slice(next[0].length)) : 'unsaid';
  return bound === 'unsaid' ? undefined : bound;
}

const SIDE_NAMED =
  '\\s*(?:px|pixels?)?\\s*\\(?(?:(?:in |on the )?(?:wide|width|length|high|height|tall|deep|across|horizontal(?:ly)?|vertical(?:ly)?)(?: axis| side| dimension| edge| direction)?|(?:on|along|for|at) (?:the|its) (?:long|short)(?:er|est)? (?:side|edge|one))?\\)?(?: (?:if|for|when)(?: [a-z]+){1,3})?\\s*';
/** What may stand between two sides that one limit is meant for. */
const JOINED = new RegExp(
  `^${SIDE_NAMED}(?:at (?:the )?(?:very )?most\\s*)?(?:,\\s*(?:and|or|nor)|,|and\\/or|and|or|nor|by|x|×)(?: (?:its|the|in(?: the)?) (?:width|height|(?:shorter|longer|other|vertical|horizontal|upright)(?: side| edge| dimension| one)?)(?: (?:to|at))?)?\\s*$`,
  'i',
);
/** "not wider than 1400 pixels or taller than 1050": the denial is meant for both. */
const COMPARED = new RegExp(
  `^${SIDE_NAMED}(?:,|and|or|nor)\\s*(?:wider|higher|taller|larger|bigger|longer|deeper|more|narrower|smaller|shorter|lower|less)(?: than)?\\s*$`,
  'i',
);

export function toSpan(value: number, bound: Bound): Span {
  if (bound === 'max') return { max: value };
  if (bound === 'min') return { min: value };
  return { exact: value };
}

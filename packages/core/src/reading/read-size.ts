import { boundOf, isAdvisedAt, type Bound } from './bounds.ts';
import { HEIGHT_FIRST } from './read-shape.ts';
import { isElsewhere } from './elsewhere.ts';
import { PIXELS, readPixels } from './quantities.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';
import type { Span } from './reading.ts';

type Side = 'width' | 'height' | 'longEdge' | 'shortEdge';
type SideSaid = Side | 'any';

/** Sentences whose pixels are somebody else's: the catalogue's, last year's, a telly's, a mount's. */
const NOT_OURS =
  /\b(?:catalogue(?! (?:file|image|version|picture|copy)s?\b)|reproduc\w*|reduced size|last (?:year|season|time|month|round)|previous(?:ly)?|in (?:the )?past|until now|up to now|hitherto|proposed|(?:i|we) had one\b|used to be|formerly|no longer (?:be |accept\w*|in force|valid|used|appl\w+)|(?:our|the) (?:club['’]s )?(?:digital )?(?:projector|screen|monitor|website|server|software|camera|tv|telly) (?:has|is|shows|displays|runs|resizes)|native resolution|(?:projectors?|screens?|monitors?|tv|telly|cameras?|sensors?) (?:of|with) \d|(?:in|until) (?:19|20)\d\d\b[^.;]{0,30}\b(?:was|were|asked|used|had|stood)\b|still (?:asked|used|had)|head (?:height|size|must|should)|face (?:should|must)|banner|caption|bio(?:graphy)?\b)/i;
const UNIT = '(?:px|pixels?|pix)';
const WIDE = '(?:wide|width|across|horizontal(?:ly)?|in width|\\(w\\)|w\\b)';
const HIGH = '(?:high|height|tall|deep|vertical(?:ly)?|in height|\\(h\\)|h\\b)';
const PAIR = new RegExp(
  `(?<![\\d.,:/-])(?<a>${PIXELS})\\s*(?<unitA>${UNIT})?\\s*(?<sideA>${WIDE}|${HIGH})?\\s*(?<join>[x×✕*]|by)\\s*(?<b>${PIXELS})(?!\\s*(?:mm|cm|in\\b|inch|ppi|dpi|kb|mb|"))\\s*(?<unitB>${UNIT})?\\s*(?<sideB>${WIDE}|${HIGH})?`,
  'gi',
);
const SINGLE = new RegExp(
  `(?<![\\d.,:/×x]|(?<!\\d{3}|px|pixels)-)(?<n>${PIXELS})(?:\\s*(?<unit>${UNIT})\\b)?`,
  'gi',
);
const LONG =
  /\b(?:in )?width or height\b|\blongest\b(?=\s*(?:$|[,;|)]))|the long(?:er|est)\b(?! than| side| edge| dim)|(?:long(?:est|er)?|larg(?:est|er)|great(?:est|er)|big(?:gest|ger)?)[ -](?:side|edge|dimension|axis|length)|(?:in|on) (?:its|the) longest (?:direction|dimension|side|way|edge)/i;
/** Whatever holds for every side holds for the longest where it is a greatest size, for the shortest where it is a least. */
const ANY =
  /\b(?:(?:wider? (?:or|nor|and)|width (?:nor|and)) (?:high|higher|height|tall|taller|deep|deeper)|high(?:er)? (?:or|nor) wider?)\b|\b(?:either|any|no|neither|both|each|every|all)(?: of (?:the|its))?(?: (?:two|four))? (?:directions?|dimensions?|edges?|sides?|ways?)\b/i;
const SHORT =
  /the short(?:er|est)\b(?! than| side| edge| dim)|(?:short(?:est|er)?|small(?:est|er)|narrow(?:est|er))[ -](?:side|edge|dimension|axis|length)/i;
const WIDTH = /\b(?:wide|wider|width|across|broad|horizontal(?:ly)?|along the (?:top|bottom))\b/i;
const HEIGHT =
  /\b(?:high|higher|height|tall|taller|deep|deeper|vertical(?:ly)?|upright|(?:down|up) the side|top to bottom)\b/i;
const SIDES: readonly (readonly [SideSaid, RegExp])[] = [
  ['longEdge', LONG],
  ['any', ANY],
  ['shortEdge', SHORT],
  ['width', WIDTH],
  ['height', HEIGHT],
];
/** Units that make a number something else than pixels. */
const OTHER_UNIT =
  /^\s*(?:-\s*)?(?:k\b|kb|mb|gb|kib|mib|meg|kilo|%|ppi|dpi|bits?\b|mm|cm|inch|in\b(?=\s*(?:[x×,.;)]|by\b|$))|"|mega|points?|crowns?|people|members|images?|pictures|photos?|pm|am|hours|seconds?|minutes?|days?|per\b|\/(?!\s*(?:max|min))|th\b|st\b|nd\b|rd\b|:\d)/i;
/** A size that only illustrates another demand. */
const EXAMPLE_OF =
  /\b(?:for example|e\.g\.|such as|for instance|prints? (?:needs?|takes?|comes? to))[\s,]*$/i;
const REFUSED_ABOVE =
  /(?:(?:anything|files?|images?|pictures?|ones|entries) (?:that (?:is|are) )?(?:larger|bigger|wider|higher|over|above)|larger (?:files|images|pictures|ones)?\s*(?:will|are|is)|no upscaling beyond)/i;

const TAKEN_UP =
  /\b(?:those|these|this|that)(?: same| very| exact)? (?:pixels|size|dimensions|measurements|figures)\b/i;
/** "1920 across or 1200 down, whichever is reached first". */
const WHICHEVER = /\bwhichever\b[^.;]{0,20}\b(?:first|sooner|smaller|reached|less)\b/i;
const REFUSED_BELOW =
  /\b(?:anything|files?|images?|pictures?|ones)(?: that (?:is|are))? (?:smaller|below|under)\b[^.;]{0,50}\b(?:cannot|will not|won['’]t|refused|rejected|not be|is no use)\b/i;

/**
 * Reads sizes in pixels from one sentence.
 * @param next the sentence after it, which may say that anything larger is refused
 */
export function readSize(segment: Segment, next: Segment | undefined): Found[] {
  const { text } = segment;
  const found: Found[] = [];
  const taken: [number, number][] = [];
  const hasPixels = new RegExp(`${UNIT}\\b`, 'i').test(text);
  const add = (field: Side, span: Span, from: number, to: number) =>
    found.push({
      field,
      value: span,
      start: segment.start + from,
      end: segment.start + to,
      advice: isAdvisedAt(text, from),
    });
  // "The screen is 1080 wide, 1920 high. Send exactly those pixels."
  const isTakenUp = next !== undefined && TAKEN_UP.test(next.text);
  const isOther = (at: number) => !isTakenUp && isElsewhere(NOT_OURS, text, at);
  const looser = (bound: Bound): Bound =>
    bound === 'unsaid' && REFUSED_BELOW.test(text)
      ? 'min'
      : bound === 'unsaid' &&
          (WHICHEVER.test(text) || REFUSED_ABOVE.test(text) || (next && REFUSED_ABOVE.test(next.text)))
        ? 'max'
        : bound;

  for (const match of text.matchAll(PAIR)) {
    const { a = '', b = '', sideA, sideB, unitA, unitB } = match.groups ?? {};
    const [first, second] = [readPixels(a), readPixels(b)];
    // "Square images therefore cannot be larger than 1080 x 1080" explains another limit.
    if (
      first === second &&
      /^\W*(?:square (?:images?|pictures?|photos?)|an? square (?:should|must|may|can|is|will))\b/i.test(text)
    )
      continue;
    if (isOther(match.index)) continue;
    if (Math.min(first, second) < 40 || EXAMPLE_OF.test(text.slice(0, match.index))) continue;
    if (!hasPixels && !sideA && !unitA && !unitB && Math.min(first, second) < 100) continue;
    const end = match.index + match[0].length;
    const bound =
      pairRange(text, match.index, end) ?? looser(boundOf(text.slice(0, match.index), text.slice(end)));
    // "1600 (h) x 1200 (v)" is across and down.
    const isAcrossDown = /^\(h\)$/i.test(sideA ?? '') && /^\s*(?:px|pixels?)?\s*\(v\)/i.test(text.slice(end));
    const isTurned =
      !isAcrossDown &&
      (HEIGHT_FIRST.test(text.slice(end)) ||
        new RegExp(`^${HIGH}$`, 'i').test(sideA ?? '') ||
        new RegExp(`^${WIDE}$`, 'i').test(sideB ?? ''));
    const [width, height] = isTurned ? [second, first] : [first, second];
    add('width', toSpan(width, bound), match.index, end);
    add('height', toSpan(height, bound), match.index, end);
    taken.push([match.index, end]);
  }
  readSingles(text, taken, { hasPixels, isOther, looser, add });
  return joinEitherWay(text, mergeRanges(found));
}

/** "between 400 × 500 and 1600 × 2000": the first pair is the least, the second the greatest. */
function pairRange(text: string, from: number, to: number): Bound | undefined {
  if (
    /\b(?:between|from)\s*$/i.test(text.slice(0, from)) &&
    /^\s*(?:and|to|-|–)\s*\d+\s*[x×]/i.test(text.slice(to))
  )
    return 'min';
  return /\b(?:between|from)\s+\d+\s*[x×]\s*\d+\s*(?:px|pixels)?\s*(?:and|to|-|–)\s*$/i.test(
    text.slice(0, from),
  )
    ? 'max'
    : undefined;
}

const SAME_SIDE = new RegExp(
  `^(?:the |an? |our )?(?:absolute )?(?:min(?:imum)?|max(?:imum)?|at least|no (?:more|less) than|not (?:more|less) than|smallest|largest|lower limit|upper limit)\\b[^.;\\d]{0,40}?(?<n>${PIXELS})\\s*${UNIT}\\b`,
  'i',
);

/** "We recommend 2560 px on the long edge. The minimum is 1600 px": a bound that means the side spoken of just before. */
export function readSameSide({ text, start }: Segment, before: readonly Found[]): Found[] {
  const [first] = before;
  const match = SAME_SIDE.exec(text);
  if (!first || !match || before.some(f => f.field !== first.field)) return [];
  const n = match.groups?.['n'] ?? '';
  const at = match[0].lastIndexOf(n);
  const isMin = /^(?:\w+ ){0,2}?(?:min|at least|no less|not less|smallest|lower)/i.test(match[0]);
  const value = toSpan(readPixels(n), isMin ? 'min' : 'max');
  return [
    {
      field: first.field,
      value,
      start: start + match.index + at,
      end: start + match.index + at + n.length,
      advice: false,
    },
  ];
}

function readSingles(
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
  let last: { side: SideSaid; end: number; bound: Bound } | undefined;
  for (const match of text.matchAll(SINGLE)) {
    const { n = '', unit } = match.groups ?? {};
    const end = match.index + match[0].length;
    if (taken.some(([from, to]) => match.index < to && end > from)) continue;
    const after = text.slice(end);
    const value = readPixels(n);
    if (isOther(match.index)) continue;
    if (value < (unit ? 50 : 100) || OTHER_UNIT.test(after) || /\brgb ?\(?$/i.test(text.slice(0, match.index))) continue;
    const before = text.slice(0, match.index);
    const between = last ? text.slice(last.end, match.index) : undefined;
    const isSecondOfRange =
      between !== undefined &&
      // "no wider than 1920 and no taller than 1200" are two sides and no range.
      (sideBefore(between) ?? last?.side) === last?.side &&
      /^\s*(?:px|pixels?)?\s*(?:and|to|-|–|—|up to|nor|but|or)\s*(?:at most |(?:not? |nor )?(?:more|longer|larger|wider|higher|bigger|taller) than |a maximum of |up to )?$/i.test(
        between,
      );
    const side =
      sideAfter(after) ??
      sideAfterRange(after) ??
      (isSecondOfRange || (between !== undefined && OTHER_BOUND.test(between)) ? last?.side : undefined) ??
      sideBefore(before) ??
      sideOnPaper(before);
    if (!side && unit && IS_SQUARE.test(text)) {
      const span = toSpan(value, looser(boundOf(before, after)));
      add('width', span, match.index, end);
      add('height', span, match.index, end);
      continue;
    }
    const isBare = !unit && !hasPixels && !sideAfter(after) && !isSecondOfRange;
    if (!side || (isBare && !(value >= 400 && EDGE_JUST_BEFORE.test(before)))) continue;
    let bound = looser(boundOf(before, after));
    // "at least 480 pixels wide and 600 tall": one word for both.
    // "1400 wide or 1050 high at the most": the word stands behind the second of them.
    if (bound === 'unsaid') bound = boundBehindNext(after) ?? bound;
    if (last && between !== undefined && (bound === 'unsaid' ? JOINED : COMPARED).test(between))
      bound = last.bound;
    if (isSecondOfRange) bound = 'max';
    else if (
      /^\s*(?:px|pixels?)?\s*(?:and|to|-|–|—)\s*\d/i.test(after) &&
      (/\b(?:between|from)\s*$/i.test(before) || /^\s*(?:px|pixels?)?\s*(?:to|-|–|—)\s*\d/i.test(after))
    )
      bound = 'min';
    else if (/\bfrom\s*$/i.test(before) && /^\s*(?:px|pixels?)?\s*(?:and )?up to\s*\d/i.test(after))
      bound = 'min';
    const field = side === 'any' ? (bound === 'min' ? 'shortEdge' : 'longEdge') : side;
    add(field, toSpan(value, bound), match.index, end);
    last = { side, end, bound };
  }
}

/** "1080 px square", "a square picture of 600 pixels": one number for both sides. */
const IS_SQUARE =
  /\bsquare\b,?[^.;\d]{0,12}\d+ ?(?:px|pixels?)\b|\bpx square\b|\bpixels square\b|\bsquare\b[^.;]{0,40}\b(?:of|measuring|at|size)\b[^.;]{0,20}\d|\d ?(?:px|pixels?)\b[^.;]{0,12}\bsquare\b/i;

/** "min. 3000 px, max. 5000 px": the other bound of the side spoken of. */
const OTHER_BOUND =
  /^\s*(?:px|pixels?)?\s*[,;/]?\s*(?:and |but )?(?:an? |the )?(?:max(?:imum)?|min(?:imum)?|at most|at least|(?:no|not) (?:more|less|larger|smaller) than|up to)\.?(?: of)?:?\s*$/i;

const NEXT_SIDE = new RegExp(
  `^\\s*(?:${UNIT})?\\s*(?:${WIDE}|${HIGH})?\\s*(?:and|or|by|x|×)\\s*(?:${PIXELS})\\s*`,
  'i',
);

function boundBehindNext(after: string): Bound | undefined {
  const next = NEXT_SIDE.exec(after);
  const bound = next ? boundOf('', after.slice(next[0].length)) : 'unsaid';
  return bound === 'unsaid' ? undefined : bound;
}

const SIDE_NAMED =
  '\\s*(?:px|pixels?)?\\s*\\(?(?:(?:in |on the )?(?:wide|width|high|height|tall|deep|across|horizontal(?:ly)?|vertical(?:ly)?)(?: axis| side| dimension| edge| direction)?)?\\)?\\s*';
/** What may stand between two sides that one limit is meant for. */
const JOINED = new RegExp(`^${SIDE_NAMED}(?:,|and\\/or|and|or|nor|by|x|×)\\s*$`, 'i');
/** "not wider than 1400 pixels or taller than 1050": the denial is meant for both. */
const COMPARED = new RegExp(
  `^${SIDE_NAMED}(?:,|and|or|nor)\\s*(?:wider|higher|taller|larger|bigger|longer|deeper|more|narrower|smaller|shorter|lower|less)(?: than)?\\s*$`,
  'i',
);

/** The side that is named first behind a number, before another demand begins. */
function sideAfter(after: string): SideSaid | undefined {
  const near = after
    .slice(0, 48)
    .replace(
      /[,;.]\s.*$|\d.*$|\b(?:and|with|nor|but)\b.*$|\bor\b(?! (?:height\b|\w+ (?:side|edge))).*$/s,
      '',
    );
  const places = SIDES.map(([side, words]) => [side, near.search(words)] as const).filter(
    ([, at]) => at >= 0,
  );
  return places.sort((a, b) => a[1] - b[1])[0]?.[0];
}

/** "1500 and 3000 pixels on the long edge": the side stands behind the second number and is meant for both. */
function sideAfterRange(after: string): SideSaid | undefined {
  const second =
    /^\s*(?:px\b|pixels?\b)?\s*(?:\((?:min|max)\w*\)|min\w*|max\w*)?\s*(?:and|to|-|–|—|\/|,)\s*(?:up to |(?:and )?(?:a |the )?(?:max(?:imum)?|at most|no more than|not more than)\.?(?: of)? ?)?\d[\d.,]*\s*(?:px\b|pixels?\b)?\s*(?:\(?max\w*\)?)?/i.exec(
      after,
    );
  return second ? sideAfter(after.slice(second[0].length)) : undefined;
}

/** "Longest side 1500": nothing but pixels can be meant. */
const EDGE_JUST_BEFORE =
  /\b(?:long|short)(?:est|er)? (?:side|edge|dimension)(?: (?:of|is|to|at|max\.?|min\.?|maximum|minimum|up to|must be|should be))*\s*[:=]?\s*$/i;

/** "180 mm wide at 300 dpi (2126 pixels)": the pixels of the side that was given on paper. */
function sideOnPaper(before: string): SideSaid | undefined {
  const side =
    /\d\s*(?:mm|cm|in(?:ch(?:es)?)?)\s+(?<side>wide|high|tall|across)\b[^.;]{0,24}\(\s*(?:that is |= ?)?$/i.exec(
      before,
    )?.groups?.['side'];
  if (side === undefined) return undefined;
  return /wide|across/i.test(side) ? 'width' : 'height';
}

function sideBefore(before: string): SideSaid | undefined {
  const near = before.slice(-90).replace(/^.*\d/s, '').replace(/^.*;/s, '');
  const places = SIDES.map(([side, words]) => [side, lastIndex(near, words)] as const).filter(
    ([, at]) => at >= 0,
  );
  return places.sort((a, b) => b[1] - a[1])[0]?.[0];
}

function lastIndex(text: string, words: RegExp): number {
  let at = -1;
  for (const match of text.matchAll(new RegExp(words, 'gi'))) at = match.index + match[0].length;
  return at;
}

export function toSpan(value: number, bound: Bound): Span {
  if (bound === 'max') return { max: value };
  if (bound === 'min') return { min: value };
  return { exact: value };
}

/** "3000 wide for landscape, 3000 high for portrait" is the long edge, said twice. */
function joinEitherWay(text: string, found: Found[]): Found[] {
  const [width, height, longEdge] = ['width', 'height', 'longEdge'].map(field =>
    found.filter(f => f.field === field),
  );
  const isBoth =
    /\b(?:landscape|horizontal|lying)/i.test(text) && /\b(?:portrait|vertical|upright)/i.test(text);
  if (!isBoth || width?.length !== 1 || height?.length !== 1) return found;
  const [w, h] = [width[0], height[0]];
  if (!w || !h || JSON.stringify(w.value) !== JSON.stringify(h.value)) return found;
  const rest = found.filter(f => f !== w && f !== h);
  if (longEdge?.length) return rest;
  const [start, end] = [Math.min(w.start, h.start), Math.max(w.end, h.end)];
  return [...rest, { ...w, field: 'longEdge', start, end }];
}

/** A least and a greatest value of the same side in one sentence are one range. */
function mergeRanges(found: Found[]): Found[] {
  const merged: Found[] = [];
  for (const item of found) {
    const span = item.value as Span;
    const other = merged.find(
      m =>
        m.field === item.field &&
        !('exact' in (m.value as Span)) &&
        !('exact' in span) &&
        Object.keys(m.value as Span)[0] !== Object.keys(span)[0],
    );
    if (other)
      Object.assign(other, {
        value: { ...(other.value as Span), ...span },
        end: Math.max(other.end, item.end),
      });
    else merged.push({ ...item });
  }
  return merged;
}

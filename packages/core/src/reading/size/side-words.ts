import { patterns } from '../common/word-lists.ts';
/** Words for the sides of a picture, and which side a number beside them belongs to. */

export type Side = 'width' | 'height' | 'longEdge' | 'shortEdge';
/** "No side longer than": whichever side it is. */
export type SideSaid = Side | 'any';

export const UNIT = '(?:px|pixels?|pix)';
export const WIDE = '(?:wide|width|across|horizontal(?:ly)?|in width|in length|\\(w\\)|w\\b)';
export const HIGH = '(?:high|height|tall|deep|vertical(?:ly)?|in height|\\(h\\)|h\\b)';
const LONG = patterns`
  ^\s*long\b(?! (?:side|edge|dimension)|[^.;]{0,24}\bhigh)
  \b(?:in )?width or height\b | \bside length\b | \(long\)
  \blongest\b(?=\s*(?:$|[,;|)])| (?:at (?:least|most)|min|max|no |not |up to))
  the long(?:er|est)\b(?! than| side| edge| dim)
  (?:long(?:est|er)?|larg(?:est|er)|great(?:est|er)|big(?:gest|ger)?)[ -](?:side|edge|dimension|axis|length)
  (?:along|on) (?:at least )?one (?:side|edge)\b | \bat (?:its|their|the) longest(?= *(?:[.,;)]|$))
  (?:in|on) (?:its|the) longest (?:direction|dimension|side|way|edge)
`;
/** Whatever holds for every side holds for the longest where it is a greatest size, for the shortest where it is a least. */
const ANY =
  /\b(?:(?:wider? (?:or|nor|and)|width (?:nor|and)) (?:high|higher|height|tall|taller|deep|deeper)|high(?:er)? (?:or|nor) wider?)\b|\b(?:either|any|no|neither|both|each|every|all)(?: of (?:the|its))?(?: (?:two|four))? (?:directions?|dimensions?|edges?|sides?|ways?)\b/i;
const SHORT = patterns`
  \bshortest\b(?= (?:at (?:least|most)|min|max|no |not |up to))
  the short(?:er|est)\b(?! than| side| edge| dim)
  (?:short(?:est|er)?|small(?:est|er)|narrow(?:est|er))[ -](?:side|edge|dimension|axis|length)
`;
const WIDTH =
  /\b(?:wide|wider|narrower|width|in length|across|broad|(?:from )?left to right|horizontal(?:ly)?|along the (?:top|bottom))\b|\(w\)/i;
const HEIGHT =
  /\b(?:high|higher|height|tall|taller|deep|deeper|vertical(?:ly)?|upright|(?:down|up) the side|top to bottom)\b|\(h\)/i;
const SIDES: readonly (readonly [SideSaid, RegExp])[] = [
  ['longEdge', LONG],
  ['any', ANY],
  ['shortEdge', SHORT],
  ['width', WIDTH],
  ['height', HEIGHT],
];

/** "1800 px, long side", "2048 px max (any side)": named behind a comma or in brackets, where nothing nearer names one. */
export function sideAside(after: string): SideSaid | undefined {
  const edge =
    /^\s*(?:max(?:imum)?\.?|min(?:imum)?\.?)?\s*[,(]\s*(?:on |along )?(?:the )?(?<edge>long|short|any|either|each|both)(?:est|er)? (?:side|edge|dimension)s?\b/i.exec(
      after,
    )?.groups?.['edge'];
  if (edge === undefined) return undefined;
  return /long/i.test(edge) ? 'longEdge' : /short/i.test(edge) ? 'shortEdge' : 'any';
}

/** "2000 pixels wide or high, whichever is the longer". */
const WHICHEVER =
  /^\s*(?:px|pixels?)?\s*(?:wide|across|high|tall) or (?:wide|high|tall|deep),? whichever is (?:the )?(?:long|larg|great|bigg)er\b/i;

/** The side that is named first behind a number, before another demand begins. */
export function sideAfter(after: string): SideSaid | undefined {
  // "1050 pixels down": what is scaled "down to 1050" has its number behind.
  if (/^\s*down\b(?! to)/i.test(after)) return 'height';
  if (WHICHEVER.test(after)) return 'longEdge';
  const near = after
    .slice(0, 48)
    .replace(/\b(max|min)\.(?=\s)/gi, '$1 ')
    // "(short edge follows)" gives no number to that edge.
    .replace(
      /\([^()\d]*\b(?:follows?|results?|proportion\w*|accordingly|free|any|var(?:y|ies))\b[^()]*\)?/i,
      '',
    )
    .replace(
      /[,;.:]\s.*$|\s[/|]\s.*$|\d.*$|\b(?:and|with|nor|but)\b.*$|\bor\b(?! (?:so\b|height\b|more\b|less\b|larger\b|smaller\b|bigger\b|above\b|\w+ (?:side|edge))).*$/s,
      '',
    );
  const places = SIDES.map(([side, words]) => [side, near.search(words)] as const).filter(
    ([, at]) => at >= 0,
  );
  return places.sort((a, b) => a[1] - b[1])[0]?.[0];
}

const SECOND_OF_RANGE =
  /^\s*(?:px\b|pixels?\b)?\s*(?:\((?:min|max)\w*\)|min\w*|max\w*)?\s*(?:and|to|but|nor|-|–|—|\/|,)\s*(?:up to |(?:(?:and|but|nor) )?(?:a |the )?(?:max(?:imum)?|at most|(?:no |not )?(?:more|larger|bigger|longer|greater|wider|higher|taller) than)\.?(?: of)? ?)?\d[\d.,]*\s*(?:px\b|pixels?\b)?\s*(?:\(?max\w*\)?)?/i;

/** "1500 and 3000 pixels on the long edge": the side stands behind the second number and is meant for both. */
export function sideAfterRange(after: string): SideSaid | undefined {
  const second = SECOND_OF_RANGE.exec(after);
  return second ? sideAfter(after.slice(second[0].length)) : undefined;
}

/** "Longest side 1500": nothing but pixels can be meant. */
export const EDGE_JUST_BEFORE = patterns`
  \b(?:(?:long|short|larg|small|great)(?:est|er)? (?:side|edge|dimension)|width|height)(?: (?:may have|has|needs|of|is|to|at|max\.?|min\.?|maximum|minimum|up to|must be|should be|be|exactly|precisely|at least|at most|no more than|not more than|not exceed(?:ing)?|must not exceed|may not exceed))*\s*[:=]?\s*$
  \b(?:width|height)(?: [a-z]+){1,4} (?:up to|at most|no more than|at least)\s*$
  \b(?:wider|taller|higher|narrower|broader|longer|deeper) than $
`;

/** "180 mm wide at 300 dpi (2126 pixels)": the pixels of the side that was given on paper. */
export function sideOnPaper(before: string): SideSaid | undefined {
  const side =
    /\d\s*(?:mm|cm|in(?:ch(?:es)?)?)\s+(?<side>wide|high|tall|across)\b[^.;]{0,24}\(\s*(?:that is |= ?)?$/i.exec(
      before.slice(-70),
    )?.groups?.['side'];
  if (side === undefined) return undefined;
  return /wide|across/i.test(side) ? 'width' : 'height';
}

export function sideBefore(before: string): SideSaid | undefined {
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

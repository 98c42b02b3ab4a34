import type { Edit } from './reword.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * Two and more bounds that one sentence turns down: "Photographs of less than 50 KB, or of more than 5 MB, are refused"
 * becomes "photographs must be at least 50 KB and at most 5 MB".
 */

const FILES =
  '(?:files?|pictures?|images?|photos?|photographs?|works?|scans?|uploads?|jpe?gs?|anything|everything|those|ones|any)';
const MORE =
  '(?:more|larger|bigger|heavier|greater|wider|higher|taller|longer) than|over|above|beyond|exceeding';
const LESS = '(?:less|fewer|smaller|lighter|narrower|shorter|lower) than|under|below';
const SIDE = '(?:long|short)(?:est|er)? (?:side|edge)|width|height';
const UNIT = '(?:px|pixels?|[km]b|megs?|(?:mega|kilo)bytes?)';
/** "Of more than 5 MB", "that are wider than 1400 pixels", "with a long side of less than 1500 pixels". */
const BOUND = `(?:(?:that|which) (?:are|is|weighs?|have|has|measures?) |of |with |weighing |measuring |having )*(?:(?:an?|the|its|their) )?(?:(?<side>${SIDE}) (?:is |of )?)?(?:(?<more>${MORE})|(?<less>${LESS})) (?<n>\\d[\\d.,]*)(?<unit> ?${UNIT}\\b)?(?: (?:wide|high|tall|(?:on|along|in) (?:the |its )?(?:${SIDE})))?`;
const unnamed = (pattern: string) => pattern.replace(/\?<\w+>/g, '?:');
const ANOTHER = `,? (?:and|or|nor) (?:(?:any |those |other )?${FILES} )?`;
const REFUSED = oneOf`
  refused | rejected | returned | deleted | discarded | ignored | disqualified | excluded | sent back | turned (?:down|away)
  left out | thrown away | not (?:be )?(?:accepted|shown|processed|judged|considered|printed|opened|looked at)
`;
const REFUSE =
  'refuses?|rejects?|returns?|deletes?|ignores?|turns? (?:down|away)|do(?:es)? not accept|cannot accept';
/** All of it: what is spoken of, its bounds, and that it is turned down, in front of them or behind. */
const SENTENCE = new RegExp(
  `(?<=^|[.;:!] |\\n)(?<lead>(?:we|i|the \\w+) (?:${REFUSE}) )?(?<files>(?:(?:all|any|the|your) )?${FILES} )(?<bounds>${unnamed(BOUND)}(?:${ANOTHER}${unnamed(BOUND)})+)(?<verdict>,? (?:are|is|will be|will|get|cannot be|can not be) (?:${REFUSED})\\b)?`,
  'gim',
);
const EACH = new RegExp(`(?<another>${ANOTHER})?${BOUND}`, 'gi');

/** Where a number of pixels stands that are wide, or high. */
function sideOf(compared: string): string {
  if (/^(?:wider|narrower)/i.test(compared)) return ' wide';
  return /^(?:higher|taller|lower|shorter)/i.test(compared) ? ' high' : '';
}

/** What such sentences come to, at the places of their words. */
export function refusedBounds(text: string): Edit[] {
  return [...text.matchAll(SENTENCE)].flatMap(({ index, groups }) => {
    const { lead = '', files = '', bounds = '', verdict = '' } = groups ?? {};
    // One of both says that they are turned down.
    if ((lead === '') === (verdict === '')) return [];
    const start = index + lead.length + files.length;
    const told = [...bounds.matchAll(EACH)];
    // Without a word between them a second number needs its unit.
    const unit = told.map(m => m.groups?.['unit']).find(Boolean) ?? '';
    const edits = told.flatMap(({ index: at, 0: words, groups: bound }, i): Edit[] => {
      const { side = '', more = '', less = '', n = '' } = bound ?? {};
      const from = start + at;
      const to = from + words.indexOf(n, words.search(/\d/));
      const have = side ? `have a ${side} of ` : 'be ';
      const plain = `${i ? ' and ' : 'must '}${i && !side ? '' : have}${more ? 'at most' : 'at least'} `;
      const end = to + n.length;
      const own = bound?.['unit'] ?? '';
      const behind = `${own === '' ? unit : ''}${sideOf(more + less)}`;
      const place = end + own.length;
      return [{ from, to, plain }, ...(behind ? [{ from: place, to: place, plain: behind }] : [])];
    });
    const dropped = [
      { from: index, to: index + lead.length, plain: '' },
      { from: start + bounds.length, to: start + bounds.length + verdict.length, plain: '' },
    ];
    return [...edits, ...dropped.filter(edit => edit.to > edit.from)];
  });
}

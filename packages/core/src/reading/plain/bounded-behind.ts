import { ITEM_MARK } from '../common/kind-words.ts';
import type { Edit } from './reword.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * A size that the next sentence makes a limit: "1920 pixels on the longest side. Nothing bigger, please." becomes "at
 * most 1920 pixels …", and "… Larger is fine" makes it "at least 1920 pixels".
 */

const ONES = '(?:ones?|pictures?|images?|photos?|photographs?|files?|works?|entries|sizes?)';
const IT = '(?:it|this|that|these|those|them)';
const FINE = '(?:fine|all right|ok(?:ay)?|accepted|acceptable|welcome|possible|allowed|permitted|no problem)';
const REFUSED = oneOf`
  refused | returned | rejected | sent back | turned down | thrown out | not (?:be )?\w+ed | not (?:be )?shown | not possible | not wanted | no use
`;
/** What it means that sizes on this side of the figure are fine, and that those on the other are not. */
const bound = (within: string, beyond: string, ends: string, go: string) =>
  new RegExp(
    `^${oneOf`
      (?:(?:that|this|it) is|(?:these|those|both) are) (?:the |our |an? )?(?:absolute )?(?:${ends})\b.*
      (?:but |and )?(?:please,? )?(?:no|nothing|none|never|not) (?:${beyond})(?:,? please)?(?: in (?:either|any) (?:direction|dimension|way))?
      (?:nothing|no \w+|neither) (?:may|must|should|can) be (?:${beyond})(?: than (?:that|this|these|those))?
      anything (?:${beyond}) (?:is|will be|gets|comes) ${REFUSED}.*
      (?:please )?(?:do not|don['’]t|never) (?:send|upload|submit|make) (?:us |me )?(?:anything|${IT}|${ONES}) (?:any )?(?:${beyond})
      (?:please )?(?:do not|don['’]t|never) (?:send|upload|submit) (?:us |me )?(?:any )?(?:${beyond}) ${ONES}
      if (?:yours|your ${ONES}|${IT}|they) (?:is|are) (?:${beyond}),? (?:we|i) (?:cannot|can['’]t) .*
      (?:please )?(?:do not|don['’]t|never) go (?:${go}) ${IT}.*
      (?:we|i) (?:cannot|can[’']t) (?:show|use|project|print|take|accept) (?:anything (?:${beyond})|(?:${beyond}) ${ONES}).*
      (?:${beyond}) ?${ONES}? (?:(?:is|are|will|can|may|must|cannot|can['’]t)(?: be)?) ?(?:not )?(?:be )?${REFUSED}.*
      (?:${beyond}) ?${ONES}? (?:cannot|can['’]t|will not|won['’]t|must not) be .*
      (?:${within}) ?${ONES}? (?:is|are) (?:also |always |just as )?${FINE}(?: too| as well)?(?:[,;] (?:but )?(?:${beyond}) ?${ONES}? (?:is|are)(?: not|n['’]t))?
      (?:${beyond}) ?${ONES}? (?:is|are)(?: not|n['’]t) ${FINE}[,;] (?:but )?(?:${within}) ?${ONES}? (?:is|are)
      you (?:may|can) (?:send|use|upload|go|have) (?:${within}),? (?:but )?(?:not|never) (?:${beyond})
      (?:it|they|this|${ONES}|(?:the|your) ${ONES}) (?:may|can) (?:also )?be (?:${within})(?:,? (?:too|as well|but (?:they must |it must |must |may )?not (?:be )?(?:${beyond})))?
      you (?:may|can) (?:also )?(?:send|upload|submit) (?:${within}) ${ONES}(?: too| as well)?
    `}[.!;]?$`,
    'i',
  );
const AT_MOST = bound(
  'smaller|less',
  'larger|bigger|wider|more',
  'maximum|limit|upper limit|most|largest|biggest|max|box|frame',
  'over|above|beyond',
);
const AT_LEAST = bound(
  'larger|bigger|more',
  'smaller|less',
  'minimum|lower limit|least|smallest|min',
  'under|below',
);
/** Words for a figure that must not be passed. */
const NOT_PASSED =
  /^(?:please )?(?:(?:do not|don['’]t|never) exceed (?:it|this|that|these)|(?:it|this|that|they|these) (?:must|may|should) not be exceeded|you may go below (?:it|this|that),? but (?:never|not) above(?: it)?)[.!;]?$/i;

const SIZE =
  /(?<!\d[.,]|\d ?|[x×] ?)\d{3,5} ?(?:px|pixels)? ?(?:wide|across) ?(?:x|×|by|\/|and|,) ?\d{3,5} ?(?:px|pixels)? ?(?:high|tall|down)\b|(?<!\d[.,]|\d ?|[x×] ?)(?:\d{1,2},\d{3}|\d{3,5})(?: ?(?:px|pixels?))?(?: ?(?:x|×|by) ?(?:\d{1,2},\d{3}|\d{3,5}))? ?(?:px|pixels?)(?![\w-])|(?<!\d[.,]|\d ?|[x×:/-] ?)\b\d{3,5} ?(?:x|×|by) ?\d{3,5}(?![\w-]| ?(?:mm|cm|in)\b)/gi;
/** A figure with a bound of its own, and one among several. */
const BOUNDED =
  /\b(?:max(?:imum)?|min(?:imum)?|at (?:most|least)|up to|(?:no|not) (?:more|less|larger|smaller|bigger|wider|higher)|exceed\w*|exactly|between|from|under|over|below|above|within|fit|least|most|down to|or (?:more|less|larger|smaller|bigger))\b|\d ?[km]b\b/i;

/** "The width is 1400 (landscape) or the height is 1050 (portrait)." */
const WIDTH_AND_HEIGHT =
  /\bwidth(?: (?:is|must be|should be|to|of))? \d{3,5}(?: ?(?:px|pixels))?(?: ?\([a-z ]+\))?,? (?:or|and) (?:the )?height(?: (?:is|must be|should be|to|of))? \d{3,5}\b/i;

/** The bound that is put in front of such a size. */
export function boundedBehind(text: string): Edit[] {
  const sentences = [...text.matchAll(/[^\n]+?(?:[.!?;](?=\s)|(?=\n)|$)/g)].map(m => ({
    at: m.index,
    said: m[0],
  }));
  return sentences.flatMap(({ at, said }, i): Edit[] => {
    // "2400 pixels on the long side. JPEG, sRGB. Nothing larger, please."
    const after = sentences[i + 1];
    const isBetween =
      after !== undefined &&
      after.said.length < 48 &&
      /^[^\d\n]*\b(?:jpe?g|tiff?|png|s?rgb)\b[^\d\n]*$/i.test(after.said);
    const next = isBetween ? sentences[i + 2] : after;
    if (!next || next.said.length > 100 || BOUNDED.test(said)) return [];
    const behind = next.said.trim().replace(ITEM_MARK, '');
    const isMost = AT_MOST.test(behind) || NOT_PASSED.test(behind);
    const isLeast = AT_LEAST.test(behind);
    if (isMost && !isLeast && WIDTH_AND_HEIGHT.test(said))
      return [...said.matchAll(/\b(?:width|height)(?: (?:is|must be|should be|to|of))? (?=\d)/gi)].map(m => {
        const from = at + m.index + m[0].length;
        return { from, to: from, plain: 'at most ' };
      });
    const [size, other] = [...said.matchAll(SIZE)];
    if (!size || other || isMost === isLeast) return [];
    const from = at + size.index;
    return [{ from, to: from, plain: isMost ? 'at most ' : 'at least ' }];
  });
}

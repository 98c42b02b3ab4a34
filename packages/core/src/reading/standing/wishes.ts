import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, patterns, phrases } from '../common/word-lists.ts';

/** What stands under a heading of wishes, or behind one on its line: advice, whatever its own words are. */

/** What wishes are headed by. */
const HEAD = oneOf`
  (?:(?:first|second|third|another|one more) )?(?:hint|tip)s?(?: and (?:tricks|hints))?
  what (?:we|i)(?: would|['’]d) (?:also )?do(?: myself| ourselves)?(?: (?:on top|over and above|beyond) (?:of )?(?:that|this|it))? | what you (?:should|may|could) do if[^.:;]{0,30} | should,? if (?:you can|possible) | please try | hopefully | better
  sensible | (?:what )?(?:we|i) (?:would |do )?(?:suggest|recommend|advise|prefer)[^.:;–\d]{0,30} | (?:what )?(?:(?:we|i) )?would like | (?:we|i)['’]d like
  [a-z]+ by [a-z ]{3,20},? but (?:required|demanded|asked) by (?:nobody|no one|none)
  (?:required|demanded|asked) by (?:nobody|no one|none),? but [a-z ]{3,24}
  what (?:we|i) (?:hope|wish) for | what (?:we|i) hope (?:that )?you(?:['’]ll| will) do
  what would (?:be (?:nice|good|ideal)|help)(?: us)? | (?:nice|good)(?: to have)? | acceptable
  (?:strongly |highly )?(?:recommended|preferred|suggested|desirable|desired|advisable|advised|welcome|helpful|useful)
  you (?:do not|don['’]t) have to,? but[^.:;\d]{0,40} | might | (?:i|we) (?:do not|don['’]t) insist on,? but[^.:;\d]{0,30} | requested(?: \([^()]*\))? | preferabl[ye] | maybes? | preferences? | ideal(?:ly)? | optional(?:ly)? | advice | wishes | wish list
  (?:our |some |my |a few )?(?:suggestions?|advice|recommendations?|tips?|wishes|hints)
  if (?:you can|(?:at all )?possible) | what (?:makes|would make) (?:our|my) (?:life|lives|work) easier | what helps(?: us)?
  you (?:might|may|could)(?: (?:also|well))? (?:like|want|wish|care) to | (?:some )?things (?:that )?you (?:could|might|may) (?:do|try|like to do)
  optional(?:ly)?,? but[^.:;\d]{0,30} | (?:what )?(?:we|i) (?:would|['’]d) be (?:glad|happy|pleased|grateful) (?:of|about|for|to see)
  [a-z]+,? but not (?:required|necessary|compulsory|obligatory|mandatory|a must)
  not (?:required|necessary|compulsory|obligatory|mandatory|a must),? but [a-z]+(?: to have)?
`;
/** "Would like: …", "Ideally – …", "Optional     …". */
const WISHED = new RegExp(`^(?:[-*•–·]\\s*)?${HEAD}(?:\\s*:|\\s[–—-]\\s|\\s{3,}(?=\\S))`, 'i');

/** "What do we recommend? A long side of 2400 pixels." */
const ASKED = /^(?:Q[.:] ?)?what (?:do|would|can) (?:we|you) (?:recommend|suggest|advise)\b[^?]*\?/i;

const DEMAND =
  '(?:required|requirements?|compulsory|mandatory|obligatory|must(?: have)?|necessary|min(?:imum)?|max(?:imum)?|(?:upper )?limit|essential)';
/** "Recommended: … Required: …" on one line. */
const DEMANDED = new RegExp(`^${DEMAND}\\s*:`, 'i');

/** "The rest is friendly advice": what follows is none of it a rule. */
const REST = phrases`
  (?:the rest|everything else|all else|what follows|(?:the following|these)(?: points| tips)?) (?:is|are) (?:only |just |merely )?(?:an? )?(?:\w+ )?(?:advice|guidance|hints?|tips?|suggestions?|recommendations?|optional)
  (?:the rest|everything else|all else) (?:is|are) (?:up|left) to you
  (?:the rest|everything else|all else),? (?:we|i) (?:merely |only |just )?(?:advise|suggest|recommend)
  some (?:\w+ )?(?:advice|tips|hints)(?:, (?:which you may ignore|since you ask|if you like)|(?=[.:]))
  now (?:for )?some (?:\w+ )?(?:advice|tips|hints)\b
  what (?:i|we) ask (?:for )?as a favour(?: is this)?
  none of (?:it|this|these|them) is (?:compulsory|obligatory|required|a rule)
`;

/** "What we hope for. sRGB with the profile in the file." */
const HOPED = /^what (?:we|i) (?:(?:would )?(?:like|love)|hope for|wish for)\.$/i;

/** What is allowed is no wish. */
export const isLeftToAll = ({ field, value }: Found) => field === 'eitherWay' || value === 'allowed';

/** A line of its own over a list of wishes; "sRGB recommended" is a wish itself. */
const WISHES_BELOW = patterns`
  ^${HEAD}:?$
  ^(?=.{4,50}$)(?!if you would like\b)(?!.*\b(?:s?rgb|jpe?gs?|tiffs?|png|ppi|dpi|borders?|profiles?)\b)[^\d:.;,]*\b${oneOf`
    recommend(?:ed|ations?)? | suggest(?:ed|ions?)? | would like | nice to have | things? (?:that|which) helps? | (?<!\b(?:one|two|three|few) )wishes | preferences?
    should,? if (?:you can|(?:at all )?possible) | what you (?:may|might) (?:like|want|wish) to do
  `}\b[^\d.;,]*:?$
`;
const DEMANDS_BELOW = new RegExp(`^(?:what is )?${DEMAND}:?$`, 'i');
const A_MUST =
  /\b(?:must|stops? at|refuse[sd]?|not accepted|up to|no more|nothing (?:over|above)|says no|is the most|not accept|anything over|limit|closes?|deadline|by \d)\b/i;

/** "The page takes up to 7 MB and not a byte more" is no wish, whatever line it stands on. */
const A_LIMIT =
  /\b(?:must|refuse[sd]?|not accepted|(?:page|form|site|system|uploader|portal|server) (?:(?:will )?(?:takes?|accepts?|allows?|copes? with|manages?)|says no)|not a byte more|hard limit|limit (?:on|of) the (?:page|form|site|system|portal|server))\b/i;

/** "Below 3 MB (the upper limit is 7 MB)": a part of a wish that is none. */
export function isHardPart({ text, start }: Segment, found: Found): boolean {
  const at = found.start - start;
  const from = Math.max(...[...text.slice(0, at).matchAll(PARTS)].map(m => m.index + 1), 0);
  const length = text.slice(at).search(PARTS);
  const part = text.slice(from, length < 0 ? undefined : at + length);
  return part.length < text.length - 3 && A_MUST.test(part);
}

const PARTS = /[();]/g;

/** "Would like: sRGB; 300 dpi": all that stands behind such words on their line is a wish. */
export function wishedAmong(segments: readonly Segment[]): ReadonlySet<Segment> {
  const wished = new Set<Segment>();
  let line = -1;
  let isRest = false;
  for (const [i, segment] of segments.entries()) {
    if (WISHED.test(segment.text) || ASKED.test(segment.text)) line = segment.line;
    else if (DEMANDED.test(segment.text)) line = -1;
    const before = segments[i - 1];
    if (before && before.line < segment.line && WISHES_BELOW.test(before.text)) isRest = true;
    else if (before && (REST.test(before.text) || HOPED.test(before.text))) isRest = true;
    else if (DEMANDS_BELOW.test(segment.text) || DEMANDED.test(segment.text)) isRest = false;
    // The rest ends with its paragraph, and admits nothing that must be.
    else if (before && segment.line - before.line >= 2) isRest = REST.test(segments[i - 2]?.text ?? '');
    const isBehind = segment.line === line && (WISHED.test(segment.text) || !A_LIMIT.test(segment.text));
    if (isBehind || (isRest && !A_MUST.test(segment.text.replace(/\([^()]*\)/g, '')))) wished.add(segment);
  }
  return wished;
}

/** "Welcome but not required – sRGB" with blanks for its head: what that denies is not what stands behind it. */
export function withoutHead(segment: Segment): Segment {
  const head = WISHED.exec(segment.text)?.[0] ?? '';
  return /\bnot\b/i.test(head)
    ? { ...segment, text: ' '.repeat(head.length) + segment.text.slice(head.length) }
    : segment;
}

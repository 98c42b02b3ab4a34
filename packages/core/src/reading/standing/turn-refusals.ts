import { ITEM_MARK } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * Lists of what is refused say every demand the other way round: "refused if it is less than 50 KB" asks for at least
 * 50 KB. The words that turn are replaced by their opposites of the same length, so places in the text stay true.
 */

const HEAD = new RegExp(
  `\\b${oneOf`
    refus\w* | reject\w* | returned | turned (?:down|away) | disqualif\w*
    not (?:be )?(?:accepted|valid|opened) | fails? | sent back | rejection | refusal | discard\w*
  `}\\b[^.;:)]{0,40}?(?:\\b(?:if|when|where|because|are|which|that)\\b[^.;:]{0,14})?[:?]?\\s*$`,
  'i',
);
/** "Files are refused if they are larger than 2 MB or not in sRGB." */
const WITHIN =
  /\b(?:refused|rejected|returned|turned (?:down|away)|thrown out|disqualified|not (?:be )?accepted|discarded|sent back)\b(?:[^.;:]{0,12}\b(?:if|when|where)\b|(?<=\b(?:get|have|see|find) (?:an? |your |any )?(?:image|entry|file|work)s? [\w ]{3,12})\s*:)/i;

const OPPOSITES: readonly (readonly [RegExp, string])[] = [
  [/\b(?:one|any) of (?:its|the|their) (?:sides|edges) (?=is|are)/gi, 'any side'],
  [/\b(?:less|fewer|smaller|lower|narrower|shorter|lighter) than\b/gi, 'at least'],
  [/\b(?:more|larger|bigger|higher|greater|wider|taller|longer|heavier) than\b/gi, 'up to'],
  [/\b(?:exceeds?|exceeding)\b/gi, 'up to'],
  [/\b(?:under|below)\b/gi, 'min.'],
  [/\b(?:over|above)\b/gi, 'max.'],
  [/\b(?:is|are) not\b|\bnot\b/gi, ''],
  [
    /\b(?:has|have|carr(?:y|ies)|shows?|contains?|bears?) (?=(?:an? |any |your )?(?:visible )?\w*(?:space|border|frame|water|logo|text|date|name|sign|writ|letter|caption))/gi,
    'no',
  ],
  [
    /(?:[,:]|\b(?:and|or)) (?:an?|any) (?=\w*(?:border|frame|water|logo|text|date|name|sign|writ|letter|caption))/gi,
    ',no ',
  ],
];
/** Sides that "at least" would not tell: "narrower than 600 pixels". */
const SIDED: readonly (readonly [RegExp, string])[] = [
  [/\bnarrower than\b/gi, 'min. width'],
  [/\bwider than\b/gi, 'max. width'],
  [/\bshorter than\b/gi, 'min height'],
  [/\b(?:taller|higher) than\b/gi, 'max height'],
];

/** "Why pictures were turned down": what is told of some pictures asks nothing of others. */
const TOLD = /\b(?:were|was|had)\b/i;
/** "The most common reasons are:" leads on to the list. */
const REASONS = /\breasons?\b[^.;]{0,30}:$/i;
/** What holds for any picture, and was not only so once. */
const IS_SO = /\b(?:is|are|has|have|contains?|shows?|exceeds?|carr(?:y|ies))\b/i;
/** A clause that gives a rule of its own beside what was refused. */
const RULE = /\b(?:allowed|permitted|accepted|must|should|please)\b/i;

/** "• No files over 5 MB" is said as it is meant. */
const DENIES_ITSELF = /^(?:\S{1,3} )?(?:no|do not)\b/i;

/** The sentences of a text, with what is refused turned into what is asked. */
export function turnRefusals(segments: readonly Segment[]): Segment[] {
  let isListed = false;
  let isTold = false;
  return segments.map((segment, i) => {
    const { text } = segment;
    const before = segments[i - 1];
    const isItem = ITEM_MARK.test(text) || /^(?:it|they|the file|the picture|the image)\b/i.test(text);
    if (HEAD.test(text) && text.length < 120) {
      isListed = true;
      isTold = TOLD.test(text);
      return segment;
    }
    if (isListed && DENIES_ITSELF.test(text)) return segment;
    if (isListed && RULE.test(text))
      return {
        ...segment,
        text: text.replace(/^[^-–—.;]*\b(?:was|were)\b[^-–—.;]*/i, told => ' '.repeat(told.length)),
      };
    if (isListed && REASONS.test(text)) return segment;
    if (isListed && isTold && !IS_SO.test(text) && (isItem || before?.line === segment.line))
      return { ...segment, text: ' '.repeat(text.length) };
    if (isListed && isItem && (before?.line ?? segment.line) < segment.line)
      return { ...segment, text: turned(text, 0) };
    isListed &&= isItem;
    const within = WITHIN.exec(text);
    if (!within) return segment;
    return { ...segment, text: turned(text, within.index + within[0].length) };
  });
}

function turned(text: string, from: number): string {
  let rest = text.slice(from);
  const sided = /\bof (?:its|the|their) (?:sides|edges)\b/i.test(rest) ? [] : SIDED;
  for (const [words, opposite] of [...sided, ...OPPOSITES])
    rest = rest.replace(words, found => opposite.slice(0, found.length).padEnd(found.length));
  return `${' '.repeat(from)}${rest}`.slice(0, text.length);
}

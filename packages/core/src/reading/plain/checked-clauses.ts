import { BETWEEN, capital, meant, stopBetween, SUBJECT } from './clause-meaning.ts';
import type { Edit } from './reword.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * What is to be put right, or made sure of, before a file is sent: "If it is larger than 5 MB, please compress it" becomes
 * "It must not be larger than 5 MB. Please compress it", and every clause of what is to be checked a sentence.
 */

/** What is to be done with a file that is not as it should be. */
const REMEDY =
  '(?:please )?(?:compress|reduce|re-?size|scale|convert|save|remove|delete|take (?:it|them|the \\w+) (?:off|out)|crop|replace|shrink|change|make|lower|choose|pick|export|down-?size)\\b';
/** What can be put right; "if the picture is upright" cannot. */
const AMISS = oneOf`
  (?:is|are|be|has|have)(?: not|n['’]t)? (?:(?:still |got )?(?:more|less|fewer|larger|bigger|smaller|longer|shorter|wider|narrower|higher|taller|heavier|lower) than|over|under|above|below)
  (?:is|are)(?: not|n['’]t) (?:an? |in |saved |of )?(?:jpe?gs?|png|tiffs?|s?rgb|adobe) | (?:be|is) (?:framed|signed|bordered) | exceeds? | weighs? (?:more|less)
  (?:there (?:is|are)|(?:has|have|contains?|carries|carry|shows?|bears?)) (?:still )?(?:an? |any |some )?(?:\w+ )?(?:borders?|frames?|water-?marks?|signatures?|text|names?|dates?|stamps?|logos?|captions?|gps|location|spaces?|accents?|umlauts?)
  (?:is|are|stands?|appears?) (?:still )?in the (?:metadata|exif|iptc) | (?:fields?|profile|exif|iptc|metadata|data) (?:is|are) (?:missing|empty|blank)
`;
const IS_AMISS = new RegExp(`\\b${AMISS}\\b`, 'i');
/** Where a sentence begins. */
const BEGIN = '(?<begin>^[ \\t]{0,8}(?:[-•*] |\\d{1,2}[.)] )?|[.!?;:] {1,3})';
/** "If it is larger than 5 MB, please compress it". */
const IF_AMISS = new RegExp(`${BEGIN}(?:if|when) (?<clause>[^,.;:\\n]{4,70}), (?=${REMEDY})`, 'gim');
/** "If a file is bigger than 3 MB my mail programme chokes." */
const IF_HARM = new RegExp(
  `${BEGIN}(?:if|when) (?<clause>[^,.;:\\n]{4,50} \\d[\\d.,]* ?(?:[km]b|megs?|(?:mega|kilo)bytes?|px|pixels)),? (?=(?:my|our|the) [\\w -]{2,24}? (?:gets?|bounces?|chokes?|refuses?|rejects?|complains?|crash(?:es)?|falls?|dies|stops?|gives up|freezes?|sulks?|cannot|can['’]t|will not|won['’]t)\\b)`,
  'gim',
);
/** "If your picture has more than 1920 pixels on the long side, the form will not take it." */
const IF_REFUSED = new RegExp(
  `${BEGIN}(?:if|when) (?<clause>[^,.;:\\n]{4,90}), (?=(?:it|they|the (?:file|picture|image|form|page|site|system|upload|uploader|server)|we|i|you|your (?:file|picture|image|upload|entry)) [^.;\\n]{0,24}?(?:(?:will not|won['’]t|cannot|can['’]t|do(?:es)? not|don['’]t) (?:be )?(?:take|accept|upload|open|show|judge|use|go|work|count|shown|accepted|taken|judged|used|get)|refused?|reject(?:ed)?|returned|sen[dt]s? (?:it|them|back|the \\w+ back)|fails?|stops?|error|deleted?|disqualif\\w+)\\b)`,
  'gim',
);
/** "Compress it if it is larger than 5 MB". */
const AMISS_BEHIND = new RegExp(
  `${BEGIN}(?<remedy>${REMEDY}[^,.;:\\n]{2,40}?),? (?:if|when) (?<clause>[^,.;:\\n]{4,70})(?=[.;!\\n]|$)`,
  'gim',
);
const SHOULD_BE = new RegExp(
  `${BEGIN}should (?<who>it|they|there|(?:the|your) [\\w ]{2,24}?) (?<verb>be|have|exceed|contain)(?= [^,.;:\\n]{3,60}, )`,
  'gim',
);

/** "Should the file be larger than 5 MB, …" with "if". */
export const shouldAsIf = (text: string): Edit[] =>
  [...text.matchAll(SHOULD_BE)].map(({ index, 0: whole, groups }) => {
    const { begin = '', who = '', verb = '' } = groups ?? {};
    const isMany = /^they$|(?:data|files|images|pictures)$/i.test(who);
    const told =
      { be: isMany ? 'are' : 'is', have: isMany ? 'have' : 'has' }[verb.toLowerCase()] ?? `${verb}s`;
    return { from: index + begin.length, to: index + whole.length, plain: `If ${who} ${told}` };
  });

/** Clauses that say what is amiss, each made the demand that it means. */
export const amissClauses = (text: string): Edit[] =>
  [IF_AMISS, IF_HARM, IF_REFUSED, AMISS_BEHIND].flatMap(pattern =>
    [...text.matchAll(pattern)].flatMap(({ index, groups }) => {
      const { begin = '', remedy = '', clause = '' } = groups ?? {};
      const from = index + begin.length + remedy.length;
      const at = text.indexOf(clause, from);
      const [first, ...others] = IS_AMISS.test(clause) ? meant(clause, at) : [];
      if (!first) return [];
      const demand = { ...first, plain: capital(first.plain) };
      if (remedy) return [...stopBetween(from, at), demand, ...others];
      // "…, please compress it" is a sentence of its own.
      const end = at + clause.length;
      const next = text.indexOf(' ', end) + 1;
      return [{ ...demand, from }, ...others, ...stopBetween(end, next), capitalAt(text, next)];
    }),
  );

/** "Please make sure that it is a JPEG, it has no border and the file name has no spaces." */
const ENSURED = new RegExp(
  `\\b(?:make sure|check|ensure|verify|be sure|see to it)(?: once more| again)?,? that (?<first>[^.;:\\n]{6,220})|\\b(?:only (?:accepted|valid|shown|eligible) (?:if|when)|(?:only|ready|valid|accepted) (?:if|when)|we only (?:accept|show|take|print|use) [^.;:\\n]{2,20}? (?:if|when)) (?<second>[^.;:\\n]{6,220})`,
  'gi',
);
const A_CLAUSE = new RegExp(
  `^(?:that )?${SUBJECT} (?:is|are|has|have|contains?|carries|carry|does|do|must|measures?|weighs?|uses?|shows?)\\b`,
  'i',
);

/** The clauses of such a sentence, each a sentence of its own. */
export const ensuredClauses = (text: string): Edit[] =>
  [...text.matchAll(ENSURED)].flatMap(({ index, 0: whole, groups }) => {
    const clauses = groups?.['first'] ?? groups?.['second'] ?? '';
    const at = index + whole.length - clauses.length;
    if (!A_CLAUSE.test(clauses)) return [];
    return [...clauses.matchAll(BETWEEN)].flatMap(mark => {
      const behind = clauses.slice(mark.index + mark[0].length);
      if (!A_CLAUSE.test(behind)) return [];
      const from = at + mark.index;
      const to = from + mark[0].length + (/^that /i.exec(behind)?.[0].length ?? 0);
      return [...stopBetween(from, to), capitalAt(text, to)];
    });
  });

const capitalAt = (text: string, at: number): Edit => ({
  from: at,
  to: at + 1,
  plain: capital(text.slice(at, at + 1)),
});

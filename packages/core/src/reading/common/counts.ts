import { COUNT, readCount } from './quantities.ts';
import { THINGS } from './things.ts';

/** A number of entries as a sentence names it, of a range the greater. */
export interface Count {
  value: number;
  /** Where it is written, from the first figure of a range to the last word of what is counted. */
  from: number;
  to: number;
  /** What is counted; nothing for a number that stands alone: "up to three". */
  things: string;
}

/** Who sends entries. */
export const PERSON =
  '(?:members?|persons?|authors?|entrants?|photographers?|artists?|households?|famil(?:y|ies)|child(?:ren)?|pupils?|applicants?|participants?|competitors?|exhibitors?|contributors?|candidates?|makers?|clubs?|teams?|societ(?:y|ies)|individuals?|people|donors?|readers?|ringers?|guests?|visitors?|residents?|tenants?|employees?|colleagues?|neighbou?rs?)';

/** Words that may stand between a number and what it counts. */
const BETWEEN = `(?:of (?:your|the|their|his|her)(?: own)? )?(?:(?!(?:${COUNT}|${PERSON}|of|in|to|for|per|each|and|or|from|by|the|is|are|was|were|at|on|with|a|an|enter|send|as|marks?|points?|words?|pixels?|px|bits?|[kmg]b|[cm]m)\\b)[a-z][a-z-]+ ){0,3}?`;
const JOINT =
  '(?:to|-|–|and|or|,|,? and (?:at most|up to)|, at most|(?:but|and) (?:at most|no more than|not more than|up to))';
const RANGE = `(?:(?:between |from |at least )?(?:${COUNT})(?:, (?:${COUNT}))?\\s*${JOINT}\\s*)?`;
const COUNTED = new RegExp(
  `(?<![\\d.,:/×x£€$-]|\\b(?:class|section|category|group|round) )\\b${RANGE}(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${BETWEEN}(?<things>${THINGS}|favou?rites?|(?:banner|head ?shot|poster|postcard|cover|selfie|portrait|pairs|tile|card|badge|stamp|flag|go)(?= (?:(?:per|for each|for every|from each) ${PERSON}|each))|(?<=\\bone )selfie|[a-z]+s(?= (?:per|from each|by each|from every) ${PERSON})|best(?! \\w+s\\b)|(?<=(?:one|1|single) (?:square |[a-z]+-format )?)(?:jpe?g|png))\\b(?!-| (?:competition|section|round|class|category)s?\\b)`,
  'gi',
);
/** Units and other things that no entry is counted in. */
const OTHER_UNIT =
  "(?!\\s*(?:[x×%°]|by \\d{3,4}\\b|px|pixels?|[km]b|megs?|mega|kilo|[cm]m|ppi|dpi|bits?|p\\.?m|a\\.?m|o['’]clock|noon|hours?|days?|weeks?|months?|minutes?|years?|points?|characters|letters|digits|figures|parts|sections|classes|categories|themes|pages?|frames|spaces|places|slots|boards|gb)\\b)";
const BARE = new RegExp(
  `(?<![\\d.,:/×x£€$-])\\b(?:(?:${COUNT})\\s*(?:to|-|–|or|(?<=between (?:${COUNT})\\s*)and)\\s*)?(?<n>(?!single\\b)(?:${COUNT}))\\b(?![\\d.,:/%]*\\d|\\.\\w)${OTHER_UNIT}(?:\\s*\\(\\d+\\))?`,
  'gi',
);

/** The numbers of entries that a sentence names: those beside what is counted first, then the bare ones. */
export function countsIn(text: string): Count[] {
  const counted = [...text.matchAll(COUNTED)].map(countOf);
  const bare = [...text.matchAll(BARE)]
    .map(countOf)
    .filter(b => !counted.some(c => b.from < c.to && b.to > c.from));
  // A "dpi" is a digital projected image where there are few of them.
  return [...counted, ...bare].filter(
    ({ value, things }) => value >= 1 && value <= (/^dpi$/i.test(things) ? 40 : 200),
  );
}

function countOf({ index = 0, 0: written, groups }: RegExpMatchArray): Count {
  const things = groups?.['things'] ?? '';
  return { value: readCount(groups?.['n'] ?? ''), from: index, to: index + written.length, things };
}

import { COUNT, readCount } from '../common/quantities.ts';
import { SECTION } from '../common/section-nouns.ts';
import { NOT_SECTION } from './section-words.ts';
import { THINGS } from '../common/things.ts';

/** One section of a list, taken apart from both ends: mark, code, name, code in brackets, limit. */
export interface SectionItem {
  code: string | null;
  /** A code in front that another one in brackets outranks. */
  outranked?: string;
  label: string;
  limit: number | null;
  /** Whether "section", "class" or the like stands before its code. */
  isCalled: boolean;
  /** What stands behind its name in brackets and is no code: "(colour or mono)". */
  aside: string;
}

const BULLET = /^(?:[-+*•–·▪]|and\b|the\b)\s*/;
const CALLED = new RegExp(`^${SECTION}\\s+(?=(?:[A-Z]{1,3}\\d?|\\d{1,3}|[a-h])(?:\\W|$))`, 'i');
const CODE_BEFORE =
  /^(?:\((?<bracketed>[A-Za-z]{1,3}\d?|\d{1,3})\)\s*|(?<marked>[A-Z]{1,4}\d?|\d{1,3}|[a-h])\s*[).:](?=\s|[A-Z])\s*|(?<dashed>[A-Z]{1,4}\d?|\d{1,3})\s*[=–—-]\s+|(?<apart>[A-Z]{1,4}(?:-[A-Z]{1,2})?\d?)\s{2,}|(?<spaced>\d{1,3}|[A-Z]\d)\s+(?=[A-Z])|(?<lone>[A-H]|(?<initial>[A-Z])(?=\s+\k<initial>[a-z]))\s+(?=[A-Z][a-z]))/;
/** Behind the word "section" a code needs no mark. */
const CODE_CALLED = /^(?<code>[A-Z]{1,3}|\d{1,3}|[IVX]{1,4})(?:\s*[:.(=–—-]\s*|,\s+|\s+)/;
const LIMIT_BEHIND = new RegExp(
  `(?:\\s*[:–—,(]\\s*|\\s+-\\s*|-\\s+|\\s{2,}|\\s*\\.{2,}\\s*|(?<=\\))\\s+(?=\\d{1,2}$)|\\s+(?=(?:up to|max|limit|not more|no more|at most)\\b|(?:${COUNT})\\s+(?:${THINGS})))(?:limit(?:ed to)? |with |up to |max(?:imum)?\\.?(?: of)? ?|not more than |no more than |at most |between (?:${COUNT}) and |(?:${COUNT})\\s*(?:to|-|–)\\s*)*(?<n>${COUNT})(?:\\s+(?:${THINGS}|series|sets?|panels?))?(?: each| max(?:imum)?| at (?:the )?most| per (?:member|author|entrant|person|exhibitor|club|team))?(?:(?<=${THINGS})(?:,| which| that) [a-z ]+(?=\\)))?\\)?$`,
  'i',
);
const BRACKET_BEHIND = /\s*[([](?<inner>[^()[\]]{1,40})\)?\]?$/;
const A_CODE =
  /^(?:(?:code|section|class) )?(?<code>[A-Z][A-Z\d]{0,4}|[A-Z]{2,4}-[A-Z\d]{1,2}|[A-Z]{2,4} [A-Z][a-z]+|\d{1,2})$/;
const A_LABEL = /^["“]?[A-Z][\p{L}\d&/,:’'"“” –-]{1,44}$/u;
/** Behind "Class 64" a name may be longer: "Children's class (under 12): My favourite creature". */
const A_CALLED_LABEL = /^["“]?[A-Z][\p{L}\d&/,:’'"“”() –-]{1,64}$/u;
/** "Class A: my dog asleep": behind a capital and a colon a name may begin with a small letter. */
const A_SMALL_LABEL = /^[a-z][\p{L}’' -]{3,44}$/u;
/** Figures in a name are ages; a colon stands in it only behind the word "class". */
const FIGURE = /\d(?<!\b(?:under|over|up to)[- ]\d{1,2})/i;
/** A sentence is no name. */
const A_SENTENCE =
  /\b(?:eur(?:os?)?|usd|gbp|chf|crowns?|pounds?|dollars?|francs?|you|we|i|is|are|can|may|must|should|will|be|send|put|read|submit|enter|fee|postage|tel|sent)\b|(?<!-)\b(?:of|in|to|for|from|by|at|per|up|each|and)$/i;

/** "Under 16s: My favourite place", "Juniors: Pets": a class with those who may enter it in front. */
const OF_AGE_GROUP =
  /^(?:(?:Under|Over) \d{1,2}s?|Juniors?|Adults?|Seniors?|Children|Youths?|Beginners?|Novices?|Open|Members|Schools?)(?: \([^()]+\))?: [A-Z]/;
const OF_AGE = /\b(?:people|youths?|juniors?|young\w*|child(?:ren)?|teen\w*|adults?|seniors?|ages?|years)\b/i;

/** A limit at the end; one within an aside belongs to that: "(3 images joined in one file)". */
function limitBehind(text: string): RegExpExecArray | undefined {
  const limited = LIMIT_BEHIND.exec(text);
  const isWithin = limited && /\([^()]*\w[^()]*$/.test(text.slice(0, limited.index));
  // "Young people (12 to 17)".
  const isAge =
    limited &&
    OF_AGE.test(text) &&
    /^\s*(?:\(\d+ (?:to|-|–) \d+\)|(?:up to|under) (?:[89]|1\d|2\d))$/.test(limited[0]);
  if (isAge) return undefined;
  return limited && !isWithin ? limited : undefined;
}

/** Other ways of writing a code, a name and a limit. */
const WRITTEN: readonly RegExp[] = [
  // "OC is Open Colour".
  /^["“']?(?<code>[A-Z]{1,3})["”']? (?:for|is|means|stands for) (?:the )?(?<label>[A-Z].*)$/,
  // "A (Open Colour)".
  /^(?<code>[A-Z]{1,3}\d?|\d{1,2}) ?\((?<label>[A-Z][a-z][^()]+)\)$/,
  // "1 Open monochrome   code MO".
  /^(?:\d{1,2}[.)]?\s+)?(?<label>[A-Z][^\d]*?)\s{2,}code:? (?<code>[A-Z]{1,4})$/,
  // "Nature         B".
  /^(?<label>[A-Z][^\d]*?)\s{3,}(?<code>[A-Z]{1,3}\d?)$/,
  // 'A "The market"'.
  /^(?<code>[A-Z]\d?):? [“"](?<label>[^”"]{3,40})[”"]$/,
  // "Open colour      5   (letter O)".
  /^(?<label>[A-Z][^\d]*?)\s{2,}(?<limit>\d{1,3})\s+\((?:letter|code|section|class) (?<code>[A-Z]{1,3}\d?)\)$/,
  // "Colour   C   6": name, code and limit in columns.
  /^(?<label>[A-Z][^\d]*?)\s{2,}(?<code>[A-Z]{1,4}\d?)\s{2,}(?<limit>\d{1,3})$/,
];

/** An item as "A) Open Colour: 6", whichever way it is written. */
function inUsualForm(rest: string): string {
  const { code, label = '', limit } = WRITTEN.map(form => form.exec(rest)?.groups).find(Boolean) ?? {};
  return code === undefined ? rest : `${code}) ${label}${limit === undefined ? '' : `: ${limit}`}`;
}

/** "Open (colour or monochrome), code OP: 4 images". */
const CODE_SAID =
  /^(?:\d{1,2}[).]\s+)?([A-Z][^\d:]{2,50}?),? (?:with )?(?:the )?code:? ([A-Z]{1,4})\b(?=\s*[:–—(-]|\s+\d|$)/;

/** "Open (colour) - PIDC - 4 works". */
const CODE_WITHIN = /^(\D{4,60}?) [-–—] ([A-Z]{2,5}) [-–—] ((?:up to |max\.? )?\d{1,2}\b.{0,40})$/;

/** Characters of the longest line that can be a section with its limit. */
const LONGEST = 200;

/** "Panel: one panel of six images": how many a series holds. */
const OF_SEVERAL = new RegExp(
  `(?<=\\b(?:series|sets?|panels?|portfolios?)) of (?:${COUNT})(?: (?:to|-|–) (?:${COUNT}))? [a-z]+(?=\\)?$)`,
  'i',
);

/** Takes a section's line or piece of a list apart; undefined where it is none. */
export function sectionItem(written: string): SectionItem | undefined {
  if (written.length > LONGEST) return undefined;
  let rest = written
    .replace(/\s*\n[\s\S]*$/, '')
    .trim()
    .replace(/[.;,]$/, '');
  for (let again = true; again;) {
    const bare = rest.replace(BULLET, '');
    again = bare !== rest;
    rest = bare;
  }
  rest = inUsualForm(rest);
  const called = CALLED.exec(rest);
  rest = rest.slice(called?.[0].length ?? 0);
  // "Class 74   (under 12s) My pet".
  if (called) rest = rest.replace(/^(\S{1,4}\s+)\((?:under|over|up to) [^()]*\)\s+/i, '$1');
  rest = rest.replace(CODE_SAID, '$2) $1');
  // "A. Open (colour) - PIDC - 4 works": a second code within, which counts where there is no other.
  rest = rest.replace(CODE_WITHIN, (_, label: string, own: string, limit: string) =>
    CODE_BEFORE.test(rest) ? `${label}: ${limit}` : `${own}) ${label}: ${limit}`,
  );
  // "PDI – max 4" is a name with its limit.
  const isBareName = /^[A-Z]{2,4} [–—-] (?:max|up to|\d)/.test(rest);
  const before = called ? CODE_CALLED.exec(rest) : isBareName ? null : CODE_BEFORE.exec(rest);
  const groups = before?.groups ?? {};
  let code =
    groups['code'] ??
    groups['bracketed'] ??
    groups['marked'] ??
    groups['dashed'] ??
    groups['apart'] ??
    groups['spaced'] ??
    groups['lone'] ??
    null;
  const opensBracket = before?.[0].includes('(') && called;
  rest = rest.slice(before?.[0].length ?? 0);
  // "Section 1 is Landscape".
  if (called) rest = rest.replace(/^(?:is|=) (?:for |called )?(?:the )?/, '');
  if (opensBracket) rest = rest.replace(/\)/, '');
  // "Series - maximum 2 (each of 3 to 6 photographs)".
  rest = rest.replace(/(?<=\d)\s*\((?:each|with|of) [^()]*\)$/i, '');
  // "Series - 1 series of 4 to 6 photographs".
  rest = rest.replace(OF_SEVERAL, '');
  // "Max. 1 per author (5 to 8 pictures)".
  rest = rest.replace(/(?<=\d[^()]{0,24})\s*\(\d+ (?:to|-|–) \d+ [a-z]+\)$/i, '');
  // "8 prints per club (monochrome or colour)".
  rest = rest.replace(/(?<=\d [^()]{3,40})\s*\([^()\d]*\)$/, '');
  const limited = limitBehind(rest);
  if (limited && limited.index > 1) rest = rest.slice(0, limited.index);
  else if (limited) return undefined;
  let aside = '';
  let outranked: string | undefined;
  let isCodedBehind = false;
  for (let bracket = BRACKET_BEHIND.exec(rest); bracket; bracket = BRACKET_BEHIND.exec(rest)) {
    const inner = bracket.groups?.['inner'] ?? '';
    const own = A_CODE.exec(inner)?.groups?.['code'];
    // "Section A: Open Colour (PID Colour)" has its code in front.
    if (own !== undefined && !/^\d/.test(own) && !(code !== null && own.includes(' '))) {
      outranked = code !== null && /^[A-Z]/.test(code) ? code : undefined;
      code = own;
      isCodedBehind = true;
    } else aside = inner;
    rest = rest.slice(0, bracket.index);
  }
  const label = rest
    .trim()
    // "News            single pictures": what a further column says of it.
    .replace(/(?<=^[A-Z][A-Za-z ]{2,40}?\S)\s{3,}[a-z][^\d]*$/, '')
    .replace(/[\s:–—,-]+$/, '')
    .replace(/\s(?:section|class|category)$/i, '')
    .replace(/^[“"](.*)[”"]$/, '$1')
    // "D. Theme: Bridges".
    .replace(code === null ? /$^/ : /^Theme: (?=[A-Z])/, '');
  if (
    !((called ? A_CALLED_LABEL : A_LABEL).test(label) || (called && isSmall(written.trim(), label))) ||
    NOT_SECTION.test(label) ||
    label.split(/\s+/).length > 8
  )
    return undefined;
  if (
    FIGURE.test(label) ||
    A_SENTENCE.test(label) ||
    (label.includes(':') && !called && !isCodedBehind && !OF_AGE_GROUP.test(label))
  )
    return undefined;
  // "6 Colour (code C)": the number in front counts.
  const limit = limited?.groups?.['n'] ?? (isCodedBehind ? groups['spaced'] : undefined);
  return {
    code,
    ...(outranked === undefined ? {} : { outranked }),
    label,
    limit: limit === undefined ? null : readCount(limit),
    isCalled: called !== null,
    aside,
  };
}

const isSmall = (text: string, label: string) => A_SMALL_LABEL.test(label) && /^\w+ [A-Z]: [a-z]/.test(text);

/** A sequence that counts: A, B, C or 1, 2, 3 or 41, 42. */
export function isInOrder(codes: readonly (string | null)[]): boolean {
  const [first] = codes;
  if (!first) return false;
  const isNext = (code: string | null, i: number) =>
    /^\d+$/.test(first)
      ? Number(code) === Number(first) + i
      : code?.length === 1 && code.charCodeAt(0) === first.charCodeAt(0) + i;
  return codes.every(isNext);
}

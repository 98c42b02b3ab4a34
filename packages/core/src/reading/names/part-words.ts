import { BARE_WORDS, PART_PHRASES } from './name-vocabulary.ts';
import { everywhere, oneOf, patterns, phrases } from '../common/word-lists.ts';

/** The parts of a file's name that a sentence speaks of. */

/** A part of a name that is spoken of, with its place. */
export interface PartSaid {
  part: string;
  at: number;
  end: number;
}

/** Ways of telling a part beside those of the vocabulary. */
const TOLD: readonly (readonly [part: string, words: RegExp])[] = [
  [
    'deliverable',
    /(?:\b|·)[A-Z] for (?:the )?(?:master|plate|print|paper|screen|web|photo|jury|view|large|small|cover|detail|original|judging|archive)[a-z]* (?:or|and) ·?[A-Z] for [a-z]+/g,
  ],
  // The letters of two sections: "A or B", "A for aviation or C for ceramics".
  [
    'section code',
    /\b[A-Z](?:, [A-Z])+ or [A-Z]\b(?= (?:followed by|and|then|\+))|(?<!\bA, |\bmember [A-Z, ]{0,9})\b[A-Z] or [A-Z]\b(?=\s*[,+](?! (?:joined|separated|divided)\b))|\b[A-Z] or [A-Z](?= in front of (?:the|your)\b)|(?<=\bnumber,? (?:and|plus|then|with|an under-?score and) )[A-Z] or [A-Z](?=[ .,;:(]|$)|\b[A-Z] or [A-Z] for [a-z]+ or [a-z]+|\b[A-Z] for [A-Za-z]+ (?:or|and) [A-Z] for [A-Za-z]+/g,
  ],
  // "CO1 to CO4, MO1 to MO3, each followed by the title".
  ['section code', /\b([A-Z]{1,3})(?=0*1 (?:to|-|–) \1\d{1,2}(?:,|,? and) [A-Z]{1,3}0*1 (?:to|-|–))/g],
  ['sequence', /(?<=\b[A-Z]{1,3})0*1 (?:to|-|–) [A-Z]{1,3}\d{1,2}(?=(?:,|,? and) [A-Z]{1,3}0*1 (?:to|-|–))/g],
  ['member number', /\b(?:your|my) number\b/gi],
  ['club number', /\bour (?:club )?number\b/gi],
  [
    'section code',
    /\b(?:set|sections?|group)['’]?s? code\b|\bthe letter [A-Z](?:, [A-Z])* or [A-Z]\b|\b(?:section|class|category)['’]s (?:first|initial) letter\b|\bfirst letter of (?:the|your) (?:section|class|category)\b|\b(?:section|class|category)(?= first\b)(?! first name)|\b(?:league|division)(?= \([A-Z] or [A-Z]\))/gi,
  ],
  // "The competition number" is that of the evening.
  [
    'entry number',
    /\byour competition number\b|\bthe (?:\w+ )?number (?:that )?(?:we|i|the (?:form|system|site|office)) (?:gave|give|gives|sent|allotted|assigned?)\b[^.;,:]{0,20}/gi,
  ],
  ['date', /\bdate (?:(?:on which )?(?:it|the image) was taken|of (?:the )?(?:image|exposure|capture))\b/gi],
  ['club code', /\bthe (?:club|society|team)\b(?=\s*[:,.;(]|$)/gi],
  [
    'sequence',
    everywhere(phrases`
      (?:\d|two|three|four)[- ](?:digit|figure)s? number | order of (?:preference|projection|showing) | place in (?:your|the) order | (?:place|position) in (?:the|your) (?:series|set|sequence|panel)
      number of (?:the|your|each) (?:entry|image|picture)(?= \(0?1\b) | entry order | number (?:with)?in (?:the|its|each|that) (?:section|class|category) | 0?1 to \d{1,2}
      (?<!number of (?:\w+ )?|number (?:\(|(?:in|with) )|(?:month|year|day|round) (?:in|with) )(?:\d|two|three|four) (?:figures|digits)(?! for (?:the|your) (?:member|club|entry|student|section)) | numbered? (?:from )?(?:0?1|one)
      a number | (?<=\b(?:plus|and|then) |\+ )number(?= ?(?:\(|[,.;:]|$)) | follow(?:ing|-up)? number | preference | priority | position | (?<=\byour )order | order in which (?:you|they|it|the (?:images|pictures))\b[^,;).]{0,30}
      (?<=(?:followed by|then|and|with) )(?:1, 2(?:,| or| and) 3|A, B(?:,| or|, or| and) C)\b
      (?<=(?:followed by|under-?score,?|hyphen,?|dash,?) )1 ?[-–] ?\d{1,2} | (?<=\bput(?:ting)? )1, 2(?: or|,| and) 3 | starting (?:with|at|from) 0*1 | (?<=\b(?:under-?score|hyphen|dash|space|surname|title|name|number),? )1(?:, 2)? or [23]
      a letter (?:(?:for|per) (?:each|every)|per) (?:image|picture|photo|file|entry|work)
      number (?:(?:your|the|all) (?:pictures|images|files|photos|slides)|them|each(?: one)?)
    `),
  ],
  [
    'title',
    /\bwhat (?:it|the (?:image|picture)) shows\b|\b(?:whatever|what) (?:the|your|each) (?:image|picture) is called\b/gi,
  ],
  [
    'deliverable',
    /\buse \((?:[a-z]+, )+[a-z]+\)|\bthe words? [“"']?\w+[”"']?(?:, [“"']?\w+[”"']?){0,3},? or [“"']?\w+\b(?![^.;]*\bnot (?:allowed|permitted|accepted|used))|[“"]\w+[”"] or [“"]\w+[”"]|\bbefore ?\/ ?after\b|·[a-z]+ or ·[a-z]+/gi,
  ],
  // "Your full name and NOW or THEN".
  [
    'deliverable',
    /(?<=\b(?:and|then|plus|by|,) )(?!JPE?G|TIFF?|PNG)[A-Z]{3,12} or (?!JPE?G|TIFF?|PNG)[A-Z]{3,12}\b/g,
  ],
  ['author', /\b(?:the )?(?:author|photographer)(?:['’]s)?\b/gi],
];

/** Characters in front of a word that say what it is. */
const FARTHEST = 80;

/** Words that are no part where this stands before them and this behind. */
const NOT_A_PART: readonly { part: string; before?: RegExp; after?: RegExp }[] = [
  { part: 'title', before: /\bwithin the\s*$|\bspaces? in (?:the|your)\s*$|\bthe spaces?[^.;]{0,12}$/i },
  // "Title it", "title each picture": what to do, not what to write.
  {
    part: 'title',
    after: /^ (?:(?:them|it)\b|(?:each|every|your|the|all) (?:file|image|picture|photo|jpe?g))/i,
  },
  { part: 'title', after: /^ of (?:the|each|your) file\b/i },
  { part: 'month', before: /\b(?:folder|box|page) (?:for|of) the\s*$/i },
  { part: 'entry number', after: /^ \(0?1\b/ },
  { part: 'section code', after: /^ (?:only|limit|may|title)/i },
  { part: 'initials', after: /^ (?:letter(?!s)|date)/i },
  { part: 'year', after: /^ (?:group|of entry to)/i },
  // "The date it was taken, year first".
  { part: 'year', before: /\bdate\b[^.;]{0,40}$/i, after: /^ first/i },
  { part: 'sequence', after: /^ (?:on|given)\b/i },
  // "The month as a number".
  { part: 'sequence', before: /\b(?:month|year|date) as (?:an? )?$/i },
  { part: 'author', before: /\bof (?:the )?(?:first )?$/i },
  { part: 'author', after: /^ ?code\b/i },
  { part: 'author', before: /\b(?:file|no|not|same|any) ?-?$/i },
  // "Name: …" and "Name ....." head a line.
  { part: 'author', before: /^\W*$/, after: /^(?: ?[:=.…]| [-–] |\s{2,}| [a-z]+ [a-z]+(?: \+|,))/ },
  { part: 'author', after: /^(?:['’]s)? (?:fields?|surname|last|first|family|given|initials)/i },
  // "Name of the data: …"
  { part: 'author', after: /^ of (?:the |each |your )?(?:data|files?|images?|pictures?)\b/i },
  // "The club number gets added by me."
  ...['club number', 'club code', 'section code'].map(part => ({
    part,
    after: /^ (?:gets|is|are|will be) added\b/i,
  })),
];

/** What may stand between two parts of a name that follow each other: marks and small words. */
const JOINT = new RegExp(
  `^${oneOf`
    [\s,;+&/()[\]<>{}“”"'‘’→·–—-] | -> | \.(?=\S|$)
    \b(?:and|then|plus|followed (?:by|with)|by|an?|the|your|its|their|at|first|second|third|last|end|finally|lastly|next|under-?scores?|hyphens?|dash(?:es)?|spaces?|comma|dot|\d+)\b
  `}*$`,
  'i',
);

/** "Match number", "site code": parts of an organiser's own. */
const OTHER_PART = everywhere(patterns`
  \b(?!(?:the|and|then|each|any|them|this|that|its|with|for|from|your|our|file|files|phone|telephone|large|small|maximum|total|same|own|figure|digit|letter)\b)[a-z]{3,} (?:number|code|ID)\b(?! of)
  \bgrid (?:square|reference)\b
  \b(?:site|place|location|village|station|route|plot|farm|house|street|tower|boat)(?=, (?:date|year|month|day|running|number|species|subject|title|name|your|the)\b)
  \b(?<=(?:then|and|,) (?:the )?)(?:place|location|site|village|town|school|dimensions|(?:print |paper )?size)\b
  (?<=(?:\bthen|\band|,|:|\bwith) (?:the |your )?)(?:department|faculty|subject|county|region|parish|street|building)(?=,? (?:then|and|a |the |your |followed)\b|, | _)
  \b(?!(?:your|whose|image|picture|photo|file|it)['’]s\b)[a-z]{3,}['’]s (?:number|code)\b(?! of)
  (?<=\b(?:of|with|by|from|states|gives|has|is) the )round(?=,| and\b| then\b) | (?<!\b(?:on|in|from|at) )\byour (?:form|house|stall|plot|pitch|desk|stand|farm|shop|village|boat|garden)\b(?=,| and\b| then\b) | \byear group\b | \botherwise (?!just\b)(?:the |your |an? )?[a-z]+ | \b(?:your|their) age\b | \b(?:animal|pet|dog|cat|horse|bird|plant|boat|building|house|product|dish|child|village|school|object)['’]s name\b | \b(?:street|place|village|farm|house|site|town|building|boat|ship|road|family|event|show|country)(?<!\bfamily) name\b | \bname of (?:the|your) (?!(?:files?|images?|pictures?|photos?|photographs?|photographer|author|artist|maker|member|entrant|club|section|works?|species|plant|bird|animal|insect|society|team|print|entry)\b)[a-z]+\b
`);

/** "Initials, age and title": a noun by itself between two parts is one more. */
const IS_OTHER =
  /^,\s*(?:(?:then|the|your|an?|their) )*(?!(?:fig|img|pic|then|and|the|your|all|both|each|under-?scores?|hyphens?|dash(?:es)?|spaces?|comma|dot|please|separated|joined|divided|optionally|lower|upper|in|by|with|without)\b)(?<word>[a-z]{3,})(?:,|,? and|,? then)\s+(?:(?:then|the|your|an?|and|their) )*$/i;

/** "And the word “portrait”": a word that every name has. */
const FIXED_WORD =
  /\bthe word ["“'](\w+)["”'](?! or)|\bthe word ([a-z]\w+)(?!(?:, \w+)+,? or )(?=,? (?:and|then|plus|followed)\b|,)/gi;

/** "“Fifty_” plus your surname": a word in quotes that leads up to a part. */
const QUOTED_LEAD =
  /["“']([A-Za-z\d]{2,}[· -]?)["”'](?=,? (?:plus|and|then|followed by|with|\+) (?:the |your |an? )?)/g;
/** "Every name begins with SALON_, followed by your surname". */
const BEGINS_WITH = /\b(?:begins?|starts?) with ([A-Za-z\d]{2,}·)(?=,? (?:followed by|then|plus|and) )/gi;
/** Characters from the word to the part that it leads up to. */
const LEADS_UP = 24;

/** "Followed by a lower-case letter" tells files apart in a way of its own. */
const LETTER =
  /\b(?:an?|the) (?:lower|upper|small|capital)[- ]?(?:case )?letter\b|\b(?:and|plus|then) a letter\b(?! (?:per|for (?:each|every))\b)/i;

/** The parts that a text speaks of, each once, in their order. */
export function partsNamed(text: string): PartSaid[] {
  // Underscores count as letters to a pattern's word ends; a dot of the same length does not.
  const described = text.replace(/_/g, '·');
  if (LETTER.test(described)) return [];
  const hits: PartSaid[] = [];
  for (const [part, words] of [...PART_PHRASES, ...TOLD])
    for (const match of described.matchAll(words)) {
      const hit = { part, at: match.index, end: match.index + match[0].length };
      if (!hits.some(h => isOver(h, hit)) && isPart(hit, described)) hits.push(hit);
    }
  addJoined(hits, described);
  for (const hit of hits) hit.part = besideName(hit, hits, described);
  for (const match of described.matchAll(FIXED_WORD))
    hits.push({
      part: `text:${match[1] ?? match[2] ?? ''}`,
      at: match.index,
      end: match.index + match[0].length,
    });
  for (const match of [...described.matchAll(QUOTED_LEAD), ...described.matchAll(BEGINS_WITH)]) {
    const end = match.index + match[0].length;
    const leadsUp = hits.some(h => h.at >= end && h.at - end <= LEADS_UP && !h.part.startsWith('text:'));
    if (leadsUp && !hits.some(h => isOver(h, { at: match.index, end })))
      hits.push({ part: `text:${(match[1] ?? '').replace('·', '_')}`, at: match.index, end });
  }
  // A part that none of these words is for: without it the name would be wrong.
  if (hits.length > 1 && hasOther(hits, described)) return [];
  hits.sort((a, b) => a.at - b.at);
  const isOther = (from: number | undefined, to: number) => {
    const word = IS_OTHER.exec(described.slice(from, to))?.groups?.['word'];
    // "The title, then fig and a number: Heathland_fig1.tif" has it as a fixed word.
    return word !== undefined && !new RegExp(`·${word}|${word}[·\\d]`, 'i').test(described);
  };
  if (hits.some((hit, i) => i > 0 && isOther(hits[i - 1]?.end, hit.at))) return [];
  return hits.filter((h, i) => hits.findIndex(o => o.part === h.part) === i);
}

/** Whether a description has a part that none of these words is for. */
export function hasOtherPart(text: string): boolean {
  return hasOther(partsNamed(text), text.replace(/_/g, '·'));
}

const hasOther = (hits: readonly Place[], text: string) =>
  placesOf(OTHER_PART, text).some(place => !hits.some(h => isOver(h, place)));

type Place = Pick<PartSaid, 'at' | 'end'>;

const placesOf = (words: RegExp, text: string): Place[] =>
  [...text.matchAll(words)].map(m => ({ at: m.index, end: m.index + m[0].length }));

const isOver = (a: Place, b: Place) => a.at < b.end && b.at < a.end;

function isPart({ part, at, end }: PartSaid, text: string): boolean {
  return !NOT_A_PART.some(
    not =>
      not.part === part &&
      (not.before?.test(text.slice(Math.max(0, at - FARTHEST), at)) ?? true) &&
      (not.after?.test(text.slice(end)) ?? true),
  );
}

const BARE = new RegExp(`\\b(?:${Object.keys(BARE_WORDS).join('|')})\\b`, 'gi');

/** "Section, number and title": words that name a part because they stand among parts. */
function addJoined(hits: PartSaid[], text: string): void {
  const taken = [...hits, ...placesOf(OTHER_PART, text)];
  const bare = [...text.matchAll(BARE)]
    .map(m => ({ part: BARE_WORDS[m[0].toLowerCase()] ?? '', at: m.index, end: m.index + m[0].length }))
    .filter(word => !taken.some(h => isOver(h, word)) && isPart(word, text) && !isExplained(word, text));
  hits.push(...bare.filter(word => bare.some(other => /^·$/.test(between(word, other, text)))));
  // One of them may stand between two others, so that they are looked through until none is added.
  for (let added = true; added;) {
    const joined = bare.find(
      word => !hits.includes(word) && hits.some(h => JOINT.test(between(h, word, text))),
    );
    added = joined !== undefined;
    if (joined) hits.push(joined);
  }
}

/** "Number_Title, Number being the membership number": the words behind say what is meant. */
function isExplained({ at, end }: Place, text: string): boolean {
  return new RegExp(`\\b${text.slice(at, end)} (?:being|is|=|means) (?:the|your)\\b`, 'i').test(
    text.slice(end),
  );
}

/** Beside a surname a name is the first name, and beside a first name it is the surname. */
function besideName(hit: PartSaid, hits: readonly PartSaid[], text: string): string {
  if (hit.part !== 'author' || !/^(?:author['’]s )?name\b/i.test(text.slice(hit.at, hit.end)))
    return hit.part;
  const has = (part: string) => hits.some(h => h.part === part);
  return has('surname') ? 'first name' : has('first name') ? 'surname' : hit.part;
}

/** What stands between two places, without asides in brackets. */
const between = (a: Place, b: Place, text: string) =>
  (a.at < b.at ? text.slice(a.end, b.at) : text.slice(b.end, a.at)).replace(/\([^()]{1,40}\)/g, ' ');

/** Fixed words that touch are one. */
export function joinTexts(parts: readonly string[]): string[] {
  const joined: string[] = [];
  for (const part of parts) {
    const before = joined.at(-1);
    if (part.startsWith('text:') && before?.startsWith('text:'))
      joined[joined.length - 1] = before + part.slice(5);
    else joined.push(part);
  }
  return joined;
}

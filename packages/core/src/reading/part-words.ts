/** Words that stand for the parts of a file's name. */

const PART_WORDS: readonly (readonly [string, RegExp])[] = [
  [
    'section code',
    /\b(?:section|class|category|theme)(?:['’]s)? ?(?:code|letters?|initials?|abbreviation|number|prefix)\b|\b(?:class|category)\b(?=\s*(?:,|then\b|and\b|followed|[-+]))|\b(?:code|letters?) (?:of|for) the section\b|\b[A-Z] or [A-Z]\b(?=\s*[,+])|\b[A-Z] for [a-z]+ (?:or|and) [A-Z] for [a-z]+|\bsection\b(?! (?:only|limit|may|title))/gi,
  ],
  [
    'member number',
    /\b(?:(?:author|photographer|entrant|maker)['’]s )?(?:member(?:ship)?(?:['’]s)?(?: (?:\w+|\d)[- ](?:figure|digit))?|staff|personnel|entrant(?:['’]s)?|author|login|id|photographer|exhibitor(?:['’]s)?)(?: id)?[ -]?(?:number|no\b\.?|num\b|id\b)|\bmember(?:ship)?[ -]?(?:id|code)\b/gi,
  ],
  ['member number', /\byour number\b/gi],
  ['author', /\b(?:member|author|artist|photographer|maker) name\b/gi],
  ['member number', /\b(?:author|member|photographer|maker|entrant)['’]s club (?:number|no\b\.?)/gi],
  ['member number', /\bnumber of (?:the|your) (?:member|membership)\b/gi],
  ['club code', /\b(?:club|society|team)(?:['’]s)? name\b|\bthe (?:club|society|team)\b(?=\s*[:,.;(]|$)/gi],
  ['club number', /\bclub(?:['’]s)? (?:number|no\b\.?)/gi],
  [
    'club code',
    /(?<=[\[<{])club(?=[\]>}])|\b(?:club|team|society)(?:['’]s)? ?(?:\w+-(?:letter|figure|digit|character) )?(?:code|letters?|initials|abbreviation)/gi,
  ],
  ['student number', /\b(?:student|candidate|roll|registration) (?:number|no\b\.?|id)/gi],
  [
    'entry number',
    /\b(?:entry|submission|application|competitor(?:['’]s)?|competition|ticket) (?:number|no\b\.?|id|reference|code)/gi,
  ],
  ['catalogue number', /\bcatalogue (?:number|no\b\.?)/gi],
  ['initials', /\b(?:your |the author['’]s |photographer['’]s )?initials?\b(?! (?:letter|date))/gi],
  [
    'first name',
    /\b(?:first|given|christian|fore)[ -]?names?\b|(?<=\bsurname(?: and|,) )name\b(?: of the author)?|(?<=\bsurname-)name\b/gi,
  ],
  ['surname', /\b(?:surnames?|last[ -]?names?|family[ -]?names?)\b/gi],
  [
    'sequence',
    /\b(?:(?:\d|two|three|four)[- ](?:digit|figure)s? (?:running |sequence |image )?number|(?:running|ordinal|progressive|playing|showing) (?:number|order|no\b\.?)|sequence(?: number)?|sequential number|serial number|(?:image|picture|photo|pic|print|pdi|dpi|slide|plate|work|figure|sample) (?:number|no\b\.?|nr)|order (?:number|of (?:preference|projection|showing))|two-?digit number|consecutive number|\b0?1 to \d{1,2}\b|(?<!number of (?:\w+ )?|number \()(?:\d|two|three|four) (?:figures|digits)|numbered? (?:from )?(?:0?1\b|one\b)|a number|number of the (?:image|picture|photo|print|work|file)|preference|(?<=(?:followed by|then|and|with) )1, 2(?:,| or| and) 3|starting (?:with|at|from) 0*1|position(?: number)?)\b|\bnumber (?:(?:your|the|all) (?:pictures|images|files|photos|slides)|them|each(?: one)?)\b|(?<=[,+&] (?:then |a |the |and )?)number(?=\s*(?:[,+&(.;=)]|->|→)| and| followed| \d|$)|(?<=-)(?:number|no|nr)(?=-|\b)|(?<=\bthen (?:a |the )?)number(?= then| and|\s*$)|(?<=\band (?:a |the )?)number(?=\s*(?:[,.;(]|$))|(?<=["“'])number(?= title)|(?<=name: )number(?= \(| plus| and)|(?<=\()number(?=,)/gi,
  ],
  ['deliverable', /\bthe words? [“"']?\w+[”"']? or [“"']?\w+\b/gi],
  ['species', /\bspecies\b|\b(?:common|latin|scientific) name\b/gi],
  ['country', /\bcountry(?: code)?\b/gi],
  ['month', /\bmonth\b/gi],
  ['year', /\byear\b(?! group| of (?:birth|entry to))/gi],
  [
    'author',
    /(?<!\bof the (?:first )?)\b(?:the )?(?:author|photographer)(?:['’]s)?(?: name)?\b(?!(?:['’]s)? (?:fields?|surname|last|first|family|given|initials))|\b(?:member|maker|entrant|artist|owner)['’]s name\b|\byour[ -]?(?:full )?name\b|(?<=-)name-of-(?:artist|author|photographer)\b|(?<=:\s)name(?=\s*,)|(?<=\btitle and )name(?= in)|^name(?= and (?:the )?title)|(?<=\btitle by )name|(?:(?<=,\s(?:then |the |and )?)|(?<=\band )|(?<=\bthen ))name(?=\s*(?:,|and\b|then\b|[(.:+]|$))/gi,
  ],
  [
    'title',
    /\b(?:titles?(?! (?:(?:them|it)\b|(?:each|every|your|the|all) (?:file|image|picture|photo)))|name of (?:the|your) (?:image|picture|photo(?:graph)?|work)|(?:image|picture) name(?!\s*:))\b/gi,
  ],
];

/** "Match number", "site code": parts of an organiser's own. */
const OTHER_PART =
  /\b(?!(?:the|and|then|each|any|this|that|its|with|for|from|your|our|file|files|phone|telephone|page|large|small|maximum|total|same|own|figure|digit|letter)\b)[a-z]{3,} (?:number|code)\b(?! of)|\b(?<=(?:then|and|,) (?:the )?)(?:place|location|site|date|village|town|school|dimensions)\b/gi;

/** "And the word “portrait”": a word that every name has. */
const FIXED_WORD = /\bthe word ["“'](\w+)["”'](?! or)/gi;

/** "The club number gets added by me." */
const ADDED = /^ (?:gets|is|are|will be) added\b/i;

/** A part of a name that is spoken of, with its place. */
export interface PartSaid {
  part: string;
  at: number;
  end: number;
}

/** The parts that a text speaks of, each once, in their order. */
export function partsNamed(text: string): PartSaid[] {
  // Underscores count as letters to a pattern's word ends; hyphens of the same length do not.
  const described = text.replace(/_/g, '-');
  const hits: PartSaid[] = [];
  for (const [part, words] of PART_WORDS)
    for (const match of described.matchAll(words)) {
      const [at, end] = [match.index, match.index + match[0].length];
      if (hits.some(h => at < h.end && end > h.at)) continue;
      if (
        part === 'title' &&
        /\bwithin the\s*$|\bspaces? in (?:the|your)\s*$|\bthe spaces?[^.;]{0,12}$/i.test(
          described.slice(0, at),
        )
      )
        continue;
      hits.push({ part, at, end });
    }
  // "Followed by a lower-case letter" tells files apart in a way of its own.
  if (
    /\b(?:an?|the) (?:lower|upper|small|capital)[- ]?(?:case )?letter\b|\b(?:and|plus|then) a letter\b/i.test(
      described,
    )
  )
    return [];
  for (const match of described.matchAll(FIXED_WORD))
    hits.push({ part: `text:${match[1] ?? ''}`, at: match.index, end: match.index + match[0].length });
  // A part that none of these words is for: without it the name would be wrong.
  const unknown = [...described.matchAll(OTHER_PART)].some(
    m => !hits.some(h => m.index < h.end && m.index + m[0].length > h.at),
  );
  if (unknown && hits.length > 1) return [];
  hits.sort((a, b) => a.at - b.at);
  const own = hits.filter(h => !ADDED.test(described.slice(h.end)));
  return own.filter((h, i) => own.findIndex(o => o.part === h.part) === i);
}

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

import type { Found } from './found.ts';
import { ITEM_MARK } from './kind-words.ts';
import { COUNT, readCount } from './quantities.ts';
import type { Segment } from './segments.ts';
import { THINGS } from './things.ts';

/** How many entries there may be in all, in the many ways it is said. */

const IN_ALL = new RegExp(
  `^(?:panel|entry|team)\\s*:\\s*(?<panel>${COUNT}) ${THINGS}\\b|^(?:[A-Za-z]+\\s*[:–-]\\s*)?(?:up to |max\\.? )?(?<each>${COUNT}) (?:${THINGS} )?per (?:member|person|author|entrant),? (?:and |with )?(?:up to |max\\.? )?(?:${COUNT}) (?:${THINGS} )?per section\\b|\\b(?:altogether|in total|in all|overall),? (?:no more than |not more than |up to |at most |a maximum of |max\\.? )(?<most>${COUNT})\\b(?!\\s*(?:px|pixels|mb|kb))|^[^A-Za-z]*(?:between )?(?:${COUNT}) ?(?:and|to|-|–) ?(?<k>${COUNT}) ${THINGS} per (?:entry|submission|application)\\b|\\b(?<n>${COUNT})\\s*(?:${THINGS})?\\s*(?:(?:from|for|per|by) (?:the|each|a|your) (?:club|society|member|team|person) )?(?:in total|in all|altogether|overall|all told)\\b|\\b(?:(?:a|the) (?:overall )?total of|total (?:of|number(?: of \\w+)?)[^.;\\d]{0,20})\\s*(?<m>${COUNT})\\b(?!\\s*(?:mb|kb))`,
  'i',
);
const TOTALS: readonly RegExp[] = [
  new RegExp(
    `\\b(?:panel|set|series|portfolios?|selection|body|batch(?:es)?|group) of (?:up to |exactly |between |no more than |at most )?(?:(?:${COUNT})\\s*(?:to|-|–|and|or)\\s*)?(?<n>${COUNT})(?:\\s*\\(\\d+\\))?(?:\\s+${THINGS}|\\s*[.,;]|\\s*$)`,
    'i',
  ),
  new RegExp(
    `\\b(?:series|set|panel|portfolio) of (?:up to|at most|no more than) (?<n>${COUNT})\\b(?!\\s*(?:px|pixels|mb|kb))`,
    'i',
  ),
  new RegExp(
    `^(?<n>${COUNT})\\s+${THINGS} (?:make|are (?:needed|required|expected|wanted|asked) (?:from|of|for))\\b`,
    'i',
  ),
  // Beside prints, the files count.
  new RegExp(
    `\\bprints?\\b[^.;]*\\b(?<n>${COUNT})\\s+(?:projected |digital )+(?:images|pictures|entries|files)`,
    'i',
  ),
  new RegExp(
    `\\bjust (?<n>one|two|three)\\b(?! (?:things?|more|of|words?|rules?|minutes?|days?|weeks?))`,
    'i',
  ),
  new RegExp(`^${THINGS}\\s*\\((?<n>${COUNT}) each`, 'i'),
  new RegExp(`^(?:in (?:short|brief)|summary):\\s*(?<n>${COUNT})\\s+${THINGS}`, 'i'),
  new RegExp(
    `\\bat least (?:${COUNT}) (?:and|but) (?:up to|at most|no more than|not more than) (?<n>${COUNT})\\b(?!\\s*(?:px|pixels|mb|kb|cm|mm))`,
    'i',
  ),
  new RegExp(
    `\\b(?<n>${COUNT})\\s+${THINGS}\\s*\\((?:max|no more|not more|up to|at most)[^()]*\\b(?:per|by|from)\\b[^()]*\\)`,
    'i',
  ),
  // "Work images – between 3 and 10, longest edge 1800 px"
  new RegExp(
    `^(?:[A-Za-z]{3,12} )?${THINGS}\\s*(?:\\([^()]*\\))?\\s*[:–,-]\\s*(?:between |from )?(?:${COUNT}) ?(?:and|to|-|–) ?(?<n>${COUNT})\\s*(?=[,.;]|$)`,
    'i',
  ),
  new RegExp(
    `\\b(?:invite|ask)s? (?:every|each|all) \\w+ to (?:show|send|enter|submit|bring|upload) (?:up to |at most )?(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\b(?:series|portfolio|panel|set|selection|body of work) (?:must|should|may|can|has to|have to|will|is to) (?:have|contain|include|consist of|comprise|hold) (?:between |up to |at most |a maximum of )?(?:(?:${COUNT}) ?(?:to|-|–|and) ?)?(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\bonly (?:\\w+ ){0,2}the first (?<n>${COUNT})\\b(?!\\s*(?:px|pixels|mb|kb|days?|weeks?|hours?|rounds?|entrants|people))`,
    'i',
  ),
  new RegExp(
    `^(?<n>${COUNT})\\s+${THINGS} (?:may|can) be (?:submitted|entered|sent|uploaded|handed in)(?! (?:in|for|per|to) (?:each|every|any))`,
    'i',
  ),
  new RegExp(
    `^max(?:imum)?\\.? (?:number of )?${THINGS}\\s*[:=]?\\s*(?<n>${COUNT})\\b(?!\\s*(?:px|pixels|mb|kb))`,
    'i',
  ),
  new RegExp(
    `^${THINGS} per (?:author|person|member|entrant|photographer)\\s*[:=–-]\\s*(?:max\\.? |up to )?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(`\\bonly need (?<n>${COUNT})\\s+${THINGS} from (?:you|each|every)`, 'i'),
  new RegExp(`\\b(?:reached )?the limit of (?<n>${COUNT})\\b(?!\\s*(?:px|pixels|mb|kb|cm|mm))`, 'i'),
  new RegExp(`^application\\s*:\\s*(?<n>${COUNT})\\s+${THINGS}`, 'i'),
  new RegExp(
    `\\b(?:(?<!\\b(?:judges?|jury|we|committee|panel) (?:will |may |can )?)(?:choose|pick|submit|send|enter|bring|include)|want to see|would like to see|your)\\b (?:us |me |in )?(?:(?!more\\b|one of)[a-z]+ ){0,4}?(?:(?:${COUNT}) ?(?:to|-|–|and|or) ?)?(?<n>${COUNT})\\s+${THINGS}(?! (?:from|of|per|in|for|to) (?:earlier|previous|last|each|every|the same|any))`,
    'i',
  ),
  new RegExp(
    `^(?:a )?(?:body of work|series|portfolio|quantity|number) (?:of |: ?)(?:(?:${COUNT}) ?(?:to|-|–) ?)?(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(`^quantity\\s*:\\s*(?<n>${COUNT})\\s+${THINGS}`, 'i'),
  new RegExp(`^more than (?<n>${COUNT})\\s+${THINGS} (?:will|cannot|can['’]t|are|won['’]t)\\b`, 'i'),
  new RegExp(
    `\\b(?:nobody|no one|no member|no entrant) (?:may|can|is allowed to) (?:enter|submit|send|show|hand in) more than (?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(`\\b(?<n>${COUNT})\\s+${THINGS} (?:a|per|each) round\\b`, 'i'),
  new RegExp(
    `^(?!(?:additional|further|extra|more)\\b)(?:[a-z]+ )?${THINGS} \\((?:up to|max(?:imum)?\\.?) (?<n>${COUNT})\\)$`,
    'i',
  ),
  new RegExp(`^(?:up to|max(?:imum)?\\.?|at most) (?<n>${COUNT})[.!]?$`, 'i'),
  new RegExp(
    `\\b(?:need|want|require)\\b[^;]{0,120}\\band (?:(?:${COUNT}) ?(?:to|-|–|or) ?)?(?<n>${COUNT}) ${THINGS}\\b`,
    'i',
  ),
  new RegExp(
    `\\b(?:jpe?g|png|px|pixels|kb|mb)\\b.*,\\s*(?:up to|max(?:imum)?\\.?|at most) (?<n>${COUNT})\\.?$`,
    'i',
  ),
  new RegExp(
    `^(?:between )?(?:${COUNT}) ?(?:and|to|-|–) ?(?<n>${COUNT})\\s+${THINGS} (?:must|should|may|can|are to|have to) be (?:submitted|entered|sent|uploaded|supplied)`,
    'i',
  ),
  new RegExp(`\\bsend (?:me |us )(?<n>${COUNT}) each\\b`, 'i'),
  new RegExp(
    `\\b(?:take|accept|want|need) (?:up to )?(?<n>${COUNT})\\s+${THINGS} (?:from|by) (?:everybody|everyone|each|every|any|you)`,
    'i',
  ),
  new RegExp(
    `\\b(?:series|portfolio|panel|set|selection|entry|submission) (?:must|may|should|can) ?not (?:contain|have|include|consist of|comprise|hold) more than (?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(`\\b(?<n>${COUNT})\\s+${THINGS} of each (?:club|team|member|society)`, 'i'),
  new RegExp(`\\bmore than one ${THINGS}, but (?:not more than|no more than|at most) (?<n>${COUNT})\\b`, 'i'),
  new RegExp(`\\bminimum, (?<n>${COUNT}) (?:are |is )?the maximum\\b`, 'i'),
  new RegExp(`^(?<n>${COUNT})\\s+${THINGS}, (?:jpe?g|tiff?|png)\\b`, 'i'),
  new RegExp(
    `^(?<n>one|a single|two|three|\\d{1,2}) jpe?gs? (?:per|from each|by each) (?:entrant|member|person|author|photographer|child)`,
    'i',
  ),
  new RegExp(
    `^(?!additional|further|extra|more).*\\b${THINGS} \\((?:not more than|no more than|up to|max(?:imum)?\\.?|at most) (?<n>${COUNT})\\)`,
    'i',
  ),
  new RegExp(`\\b(?<n>${COUNT}) of your (?:own |recent )?(?:photos|pictures|images|photographs)\\b`, 'i'),
  new RegExp(`^how many\\s*:\\s*(?:up to |max\\.? )?(?<n>${COUNT})\\b`, 'i'),
  new RegExp(`\\((?<n>${COUNT}) (?:per|for each) (?:family|person|household|child|member|entrant)\\b`, 'i'),
  new RegExp(`^(?:just |only )?(?<n>one|1|two|three) ${THINGS} \\((?:jpe?g|png|tiff?)`, 'i'),
  new RegExp(
    `^between (?:${COUNT}) and (?<n>${COUNT})\\s+${THINGS} (?:are|is) (?:required|needed|asked|expected)`,
    'i',
  ),
  new RegExp(`\\bthe (?:maximum|limit) is (?<n>${COUNT})\\s+${THINGS}\\b`, 'i'),
  new RegExp(`^(?:no\\.?|nr\\.?) of ${THINGS}\\s*[:=]\\s*(?:up to |max\\.? )?(?<n>${COUNT})\\b`, 'i'),
  new RegExp(`\\binvited to (?:submit|send|enter|show) (?:up to )?(?<n>${COUNT})\\s+${THINGS}`, 'i'),
  new RegExp(
    `\\btake (?:just )?(?<n>one|1) ${THINGS}\\b[^.;]{0,40}\\b(?:and|then) (?:e-?mail|send|upload)`,
    'i',
  ),
  new RegExp(`^(?:between )?(?:${COUNT}) ?(?:and|to|-|–) ?(?<n>${COUNT})\\s+${THINGS}\\.?$`, 'i'),
  new RegExp(
    `\\b(?:send|e-?mail|submit|enter|upload)\\b (?:us |me )?(?<n>${COUNT}) (?:[a-z]+ )?${THINGS} per (?:person|member|entrant|child|family|household)\\b`,
    'i',
  ),
  new RegExp(
    `\\b(?:each|every)\\b [^.;]{3,30}\\b(?:can|may) (?:send|enter|submit|hand in|upload|put in) (?:up to |no more than |at most )?(?<n>${COUNT})\\s*[.;,!]`,
    'i',
  ),
  new RegExp(`\\b(?:enters|submits|sends) (?<n>one|two|three|four|five|six)\\s+${THINGS}\\b`, 'i'),
  new RegExp(`^(?:just|only) (?:the )?(?<n>${COUNT})[.!]*$`, 'i'),
  new RegExp(`\\b(?<n>${COUNT}) of (?:your|the) (?:best|favourite|favorite|strongest|latest)\\b`, 'i'),
  new RegExp(
    `\\b(?:images?|photos?|photographs?|pictures?) of (?:up to |at most )?(?<n>${COUNT}) (?:works?|pieces?|paintings?|sculptures?)\\b`,
    'i',
  ),
  new RegExp(
    `^${THINGS} (?:per|for each|from each) (?!section|class|categor|page|issue)[a-z]+\\b[^.;\\d]{0,16}(?:(?:${COUNT}) ?(?:to|-|–) ?)?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(
    `\\b(?:consists?|made up|comprises?|composed) (?:of )?(?:up to |exactly )?(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\byour (?:(?:best|favourite|favorite|fave|strongest|top) (?<n>${COUNT})\\b(?!\\s*(?:mb|kb|px|%))|(?<m>${COUNT}) (?:very )?(?:best|favou?rites?|strongest|top|finest)\\b)`,
    'i',
  ),
  new RegExp(
    `\\bhow many\\b[^?]{0,50}\\?\\s*(?:A[:.]\\s*)?[^.;\\d]{0,30}?\\b(?<n>${COUNT})\\b(?!\\s*(?:mb|kb|px|%))`,
    'i',
  ),
  new RegExp(
    `\\bhow many ${THINGS}\\b[^?]{0,40}\\?\\s*(?:A[:.]\\s*)?(?:up to |a maximum of |max\\.? )?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(
    `\\bnumber of ${THINGS}\\b[^.;\\d]{0,20}?(?:(?:${COUNT})\\s*(?:to|-|–)\\s*)?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(
    `\\b(?:upload|send|submit|enter|supply|provide)\\b[^.;\\d]{0,30}\\b(?:${COUNT})\\s*(?:to|-|–|or)\\s*(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\b(?:members?|entrants?|authors?|photographers?|artists?|each|every(?:one|body)?|you|clubs?|contributors?|candidates?)\\b[^.;]{0,40}\\b(?:may|can|might|could|is|are|sends?|submits?|enters?|suppl(?:y|ies)|provides?|uploads?|contributes?|posts?|makes?|needs?|brings?|hands? in|allowed|invited)\\b[^.;]{0,30}?\\b(?:up to |as many as |a max(?:imum)? of |not more than |no more than |at most |only |just |exactly |a total of )?(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\b(?:up to|max(?:imum)?\\.?(?: of)?|no more than|not more than|at most|as many as|limit(?:ed)?(?: of| to| is)?|limit yourself to|restrict yourself to|only|a total of|not exceed(?:ing)?)\\s+(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}\\b(?!\\s*(?:in|per|for) (?:each|any|every|the) section)`,
    'i',
  ),
  new RegExp(
    `\\b(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}\\s+(?:max(?:imum)?\\b|in (?:total|all)|altogether|per (?!page\\b|order\\b|issue\\b|minute\\b|inch|file\\b|e-?mail\\b|upload\\b|section\\b|categor|prints?\\b|works?\\b|pieces?\\b|pictures?\\b|images?\\b|photos?\\b|photographs?\\b)[a-z]+|each\\b|from each|a member|a head|only\\b|at most|or fewer)`,
    'i',
  ),
  new RegExp(
    `\\b(?:max(?:imum)?\\.?(?: of)?|up to|limit(?: of|:)?|no(?:t)? more than|as many as|at most)\\s+(?<n>${COUNT})\\s+(?:per|each|a|from (?:each|any|every)(?:one|body)?)\\s*(?:member|author|artist|entrant|person|photographer|club|household)?`,
    'i',
  ),
  new RegExp(
    `^(?<n>${COUNT})\\s+(?:per|each per|for each)\\s+(?!section|class|categor|page|issue|file|image|picture|work|print|month|year|e-?mail)[a-z]+`,
    'i',
  ),
  new RegExp(
    `\\b(?:you|members|entrants|authors|photographers)\\s+(?:may|can)\\s+(?:send|enter|submit|offer|put in|hand in|upload|bring)\\s+(?:as many as |up to |a max(?:imum)? of |no more than |only )?(?<n>${COUNT})\\b(?!\\s*(?:mb|kb|%|px))`,
    'i',
  ),
  new RegExp(
    `\\b(?:send|e-?mail|mail|enter|submit|upload|attach)\\s+(?:us |me )?(?:just |only |exactly )?(?<n>one|1|a single)\\s+(?:square )?(?:${THINGS}|jpe?g\\b)`,
    'i',
  ),
  new RegExp(
    `\\b(?:send|submit|enter|offer|upload)\\b[^.;\\d]{0,20}\\b(?:no more than|not more than|up to|at most) (?<n>${COUNT})\\s*(?:[,.;(]|by\\b|$)`,
    'i',
  ),
  new RegExp(
    `^(?:please )?(?:upload|send|submit|enter)(?: us| me| in)? (?<n>${COUNT})\\s+${THINGS}(?! (?:of|for|from|per) (?:each|every))`,
    'i',
  ),
  new RegExp(
    `\\bmore than one\\b[^?]{0,24}\\?\\s*(?:A[:.]\\s*)?yes,? (?:up to |as many as |at most |a maximum of |no more than )?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(`\\bentr(?:y|ies)\\b[^.;\\d]{0,30}\\blimited to (?<n>${COUNT})\\b`, 'i'),
  new RegExp(
    `\\b(?:send|submit|upload|supply|enter|provide)s?\\b[^;]{0,120}\\band (?<n>${COUNT}) ${THINGS}\\b`,
    'i',
  ),
  new RegExp(`\\b(?:can|may) (?:send|enter|submit|hand)(?: in)? up to (?<n>${COUNT})\\s*[.;,!]`, 'i'),
  new RegExp(`\\b(?:not|never) (?:send|enter|submit) more than (?:the )?(?<n>${COUNT}) ${THINGS}`, 'i'),
  new RegExp(
    `^(?:[A-Za-z]{3,12}\\s*[:–-]\\s*)?(?:(?:${COUNT})\\s*(?:to|-|–)\\s*)(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `^(?:what to send|entry|entries|submit|how many|number|limit)\\s*[:=–-]\\s*(?:up to |max(?:imum)?\\.? (?:of )?)?(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `^(?:number of )?${THINGS}\\s*[:=]\\s*(?:up to |max(?:imum)?\\.? (?:of )?)?(?<n>${COUNT})\\b(?!\\s*(?:px|pixels|x|×|mb|kb|bit|dpi|ppi|:|-|–|zip|archive|e-?mail|upload))`,
    'i',
  ),
  new RegExp(`^(?<n>${COUNT})\\s+${THINGS}(?:[.,]?$|,? (?:together|in total)\\b)`, 'i'),
  new RegExp(`^(?<n>${COUNT})\\s+${THINGS}\\b[^.;\\d]{0,30}[,;:] (?:each|every one|all)\\b`, 'i'),
  new RegExp(
    `^(?<n>${COUNT}) (?:each|apiece|max(?:imum)?|at (?:the )?most|only|in all)(?:[.,!]|\\s*$| (?:from|for|per) (?:each|every|any|member|person|month|round|competition))`,
    'i',
  ),
];
const NOT_TOTAL =
  /\b(?:exhibition (?:will )?(?:consists?|contains?|comprises?|shows?)|in each of the (?:\w+ )?(?:sections|classes|categories|groups)|(?:for|of) every (?:work|picture|image)|(?:of|for) each (?:work|piece|picture)|\bpay\b|costs?\b|per work|per entry|for each work|fees?|crowns|discount|prizes?|awards?|medals?|selected|shown|printed in|per page|an? issue|groups? of|catalogue|last (?:year|time|season)|previous|no author|each (?:image|picture|photo\w*|work|file) is|scored?|so far|of the (?:images|pictures)|months|already|per (?:section|class|category)|(?:in|for) (?:each|any(?: one)?|every)(?: (?:section|class|category)|\s*[.,;]|$)|each section|every section|(?:one|a|any) section only)\b/i;

/** A club's panel may hold only so many of one person. */
const OF_ONE =
  /^\s*(?:may (?:be|come) |can be |are )?(?:by|from|of) (?:the same|any one|any single|one|a single)\b/i;
const OF_MONEY =
  /\b(?:pay|costs?|fees?|crowns|discount|prizes?|awards?|medals?|last (?:year|time|season))\b/i;

/** "One file per photograph", "two images from earlier rounds". */
const OF_OTHERS =
  /^ (?:at a time|at once|in the \w+(?: \w+)? (?:section|class|category)|(?:from|of|in) (?:an? )?(?:earlier|previous|last|past)\b|(?:per|for each|of each|for every) (?:photo|picture|image|work|file|print|piece|page|issue|section|class|categor))/i;
/** "Three per species": as many again of the next one. */
const PER_OTHER =
  /\bper (?:species|insect|animal|plant|hedge|find|object|sighting|site|room|building|place|day|week)\b/i;
const A_DAY =
  /^(?:(?:st|nd|rd|th)?(?: of)?,? (?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b|[./]\d)/i;

/** A list's item without its dash or dot. */
function withoutMark({ text, start, line }: Segment): Segment {
  const bare = text.replace(/^(?:[□✓]|\[ ?\]|[A-Z]\d{1,2}[.)])\s*/, '').replace(ITEM_MARK, '');
  return { text: bare, start: start + text.length - bare.length, line };
}

/** How many entries one person, or one club, may send in all. */
export function readTotal(segments: readonly Segment[], sectionFound: readonly Found[]): Found[] {
  const found: Found[] = [];
  let isOfClub = false;
  for (const whole of segments) {
    const segment = withoutMark(whole);
    const { text } = segment;
    if (
      sectionFound.some(
        f =>
          segment.start < f.end &&
          segment.start + text.length > f.start &&
          text.length < 120 &&
          segment.start >= f.start - 1,
      )
    )
      continue;
    const inAll = IN_ALL.exec(text);
    if ((NOT_TOTAL.test(text) || /\bin each\W*$/i.test(text)) && !(inAll && !OF_MONEY.test(text))) continue;
    // A club's panel has a limit for each of its members as well.
    const isOfOne =
      /\b(?:by|from|of) any (?:one )?(?:member|author|photographer|person)\b/i.test(text) ||
      (isOfClub && /\bper (?:author|photographer|member)\b/i.test(text));
    if (isOfOne && found.length) continue;
    for (const words of inAll ? [IN_ALL, ...TOTALS] : TOTALS) {
      const match = words.exec(text);
      const n = Object.values(match?.groups ?? {}).find(written => written !== undefined);
      if (!match || n === undefined) continue;
      const value = readCount(n);
      if (PER_OTHER.test(text.slice(match.index, match.index + match[0].length + 12))) continue;
      if (OF_OTHERS.test(text.slice(match.index + match[0].length))) continue;
      // "Digital entries: 24 February" is a day.
      if (A_DAY.test(text.slice(match.index + match[0].lastIndexOf(n) + n.length))) continue;
      if (!(value >= 1 && value <= 200)) continue;
      if (OF_ONE.test(text.slice(match.index + match[0].length)) && !/\bconsists? of\b/i.test(match[0]))
        continue;
      // "Three images in Open and two in Nature": the number is a section's.
      const [from, to] = [segment.start + match.index, segment.start + match.index + match[0].length];
      if (sectionFound.some(f => f.end - f.start < 60 && from < f.end && to > f.start)) continue;
      isOfClub ||= /\bclubs?\b/i.test(match[0]);
      found.push({
        field: 'maxFiles',
        value,
        start: from,
        end: to,
        advice: false,
      });
      break;
    }
  }
  return found;
}

import { phrases } from './word-lists.ts';
/** Words that name a kind of file that an organiser asks for, and words that make a line a specification. */

const LABELS: readonly (readonly [string, RegExp])[] = [
  ['signature', /\bsignatures?\b/i],
  ['thumb impression', /\bthumb[- ]?(?:impression|print)s?\b|\b(?:left|right) thumb\b|\bfinger-?prints?\b/i],
  [
    'thumbnail',
    /\b(?:thumbnails?|(?<!\b(?:left|right) )thumb(?! (?:impression|print))|preview image|icon)\b/i,
  ],
  [
    'document',
    phrases`
      id (?:card|document) | (?:hand-?written )?declaration | identity card | driving licen[cs]e
      (?:cop(?:y|ies)|scans?) of (?:your |the )?(?:passport|identity card|id) | (?:identity )?document scan | certificate | passport page | proof of (?:address|identity)
    `,
  ],
  [
    'portfolio',
    /\b(?:portfolio|work samples?|body of work|(?:images?|pictures?|photographs?|documentation) of (?:your|the|each|every) (?:works?|pieces?))\b/i,
  ],
  [
    'print',
    phrases`
      prints?(?:ing)?(?: files?| versions?| copy| images?)? | high[- ]res(?:olution)?(?: files?| versions?)?
      reproduction files? | book files? | catalogue (?:files?|images?|pictures?) | plates?
    `,
  ],
  [
    'small',
    /\b(?:small(?:er)?|web|low[- ]res(?:olution)?|gallery)(?: (?:version|file|copy|image|one|size|jpe?g))s?\b/i,
  ],
  ['large', /\b(?:large(?:r)?|full[- ]size|big|master)(?: (?:version|file|copy|image|one|size|jpe?g))s?\b/i],
  ['cover', /\bcover photo(?:graph)?s?\b/i],
  [
    'portrait',
    /\b(?:photographs?|photo|portraits?|head ?shots?|passport[- ]style (?:photo|picture)|applicant(?:['’]s)? (?:photo|picture))\b/i,
  ],
  [
    'screen',
    phrases`
      main images? | selection (?:files?|images?) | screen (?:files?|versions?|images?)
      projection (?:files?|images?) | projected (?:files?|images?) | digital (?:files?|images?|entries)
      jury (?:files?|images?) | judging (?:files?|copy|images?) | entry (?:files?|images?)
      upload (?:files?|images?)
    `,
  ],
];

/** The kind of file that a text names first in the order of certainty; undefined where it names none. */
export function labelOf(text: string): string | undefined {
  return LABELS.find(([, words]) => words.test(text))?.[0];
}

/** "Photo & signature" names two kinds of file and heads neither. */
export function onlyLabelOf(text: string): string | undefined {
  const labels = LABELS.filter(([, words]) => words.test(text));
  return labels.length > 1 && /&|\band\b|\+/.test(text) ? undefined : labels[0]?.[0];
}

/** What makes a line a specification: a number with a unit of files, or a format. */
export const SPEC =
  /\d\s*(?:px|pixels?|kb|mb|kib|mib|k\b|megs?|ppi|dpi|bits?\b|mm|cm)|\d\s*[x×]\s*\d|\b(?:jpe?g|png|tiff?)\b/i;
export const A_FORMAT = /\b(?:jpe?g|png|tiff?|webp)s?\b/i;
export const A_MEASURE =
  /\d\s*(?:px|pixels?|kb|mb|kib|mib|megs?)|\d\s*[x×]\s*\d|\d{3,4} by \d{3,4}\b|\b(?:long|short)(?:est|er)? (?:side|edge):? \d{3,5}\b/i;

/** "The short version: …" heads a text and no file. */
export const OF_TEXT =
  /^(?:(?:strongly|highly|not) )?(?:required|recommended|acceptable|accepted|optional|forbidden|allowed|permitted|must|should|mandatory|preferred|minimum|maximum)$|\b(?:(?<!\bfor (?:the |our )?)(?:front|back) page|small print|at a glance|the essentials|on one page|(?:more|to be) (?:exact(?:ly)?|precise(?:ly)?)|(?:short|long|quick|full) (?:version|story|guide)|summary|in (?:short|brief|full|detail)|(?:the |more |further )?details)\b/i;

/** What a kind of file is told by: "Scanned prints: scan at 300 ppi" names none. */
export const OF_A_FILE = new RegExp(
  `${A_FORMAT.source}|${A_MEASURE.source}|\\d\\s*-?(?:mm|cm|bits?\\b)`,
  'i',
);

/** Words that head a line about one property of a file, and name no kind of file. */
export const PROPERTY = phrases`
  size | width | height | format | edge | side | resolution | weight | limit | dimensions? | type | name
  names | naming | colou?r | profile | quality | pixels? | bytes | mode | depth | ratio | density | ppi | dpi
  max(?:imum)? | min(?:imum)? | data | files? | section | closing | dead-?line | note | example | technical
  rules?
`;

/** Whether a heading is about one property of a file. A profile picture shows a person; it is no colour profile. */
export function isOfProperty(head: string): boolean {
  return PROPERTY.test(
    head
      .replace(/ files?$/i, '')
      .replace(/-(?:type|size|format)\b/i, '')
      .replace(/\bprofile (?=picture|photo|image)/i, '')
      .replace(/\bside (?=panels?|doors?|walls?|views?)/i, '')
      .replace(
        /\bcolou?r (?=prints|slides|negatives|originals|film|photos|photographs|pictures|images|scans)/i,
        '',
      ),
  );
}

/** The mark of a list's item at the beginning of a line: a dash, a number, a letter. */
export const ITEM_MARK =
  /^(?:[-+*•–·✓✔✗✘]|\[[ xX]?\]|\d{1,2}\.\d{1,2}(?= (?!(?:[mk]i?b|meg\w*|kilo\w*|px|pixels?|[mc]?m|in|inch\w*)\b)[a-z]+ [a-z])|\(?(?:[\da-z]{1,2}|[ivx]{1,4})(?:\.\d+)?[.)])\s*/i;

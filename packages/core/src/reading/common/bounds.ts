import { oneOf } from './word-lists.ts';
/** Which end of a range a number is, told from the words round it. */
export type Bound = 'min' | 'max' | 'exact' | 'unsaid';

const MORE =
  '(?:more|(?<!\\bthe )larger|bigger|wider|higher|taller|(?<!\\bthe )longer|greater|heavier|deeper|over|above|beyond|exceed(?:s|ing|ed)?|(?:sur)?pass(?:es)?|in excess)';
const LESS = '(?:less|(?<!\\bthe )smaller|fewer|narrower|lower|(?<!\\bthe )shorter|under|below)';
const NOT = '(?:no|not|never|cannot|nor|neither|nothing|none)';

/** Scanned in order of place; the last one before a number counts. Denials come first, since they turn a word round. */
const BEFORE = new RegExp(
  [
    `(?<max1>\\b${NOT}\\b(?: [\\w'’-]+){0,9}? ${MORE}\\b(?: (?:or|nor|and) ${MORE}\\b)*)`,
    `(?<min1>\\b${NOT}\\b(?: [\\w'’-]+){0,9}? ${LESS}\\b)`,
    `(?<max2>\\b(?:max(?:imum|imal|\\b\\.?)|(?<!-)up to|as (?:many|much|large|big) as|within|(?<!\\b(?:for|on|from) the )inside(?!:| (?:pages?|cover|front|back|pictures?|images?|photos?|photographs?|plates?)\\b)|under|below|at (?:the )?(?:very )?most|limit(?:ed|s)?|fitting(?= +$)|fit(?:s|ting|ted)? (?:(?:your|the|each|every|it|them)(?: [a-z]+)? )?(?:in|into|inside|within|an?)\\b|fits?(?= *$)|may (?:be|measure|have|go to|reach|weigh)(?= *$)|${LESS} than|keep (?:\\w+ ){0,4}to|cap(?:ped)?|ceiling|(?:can|will) only (?:show|display|take)(?= *$))\\b|≤|<|\\b(?:largest|biggest|greatest) (?:(?:permitted |allowed |possible |permissible )?(?:file(?: size)?|size|weight|width|height|dimensions|measurements)|(?:permitted|allowed|possible|permissible) (?:side|edge))\\b)`,
    `(?<min2>\\b(?:min(?:imum|imal|\\b\\.?)|at least|${MORE} than|starting (?:at|from)|(?:any (?:size|length|width|weight)|anything) from|lower limit|unless (?:the|its|your|their)[^.;\\d]{3,30}(?:has|have|is|are|measures?)(?= *$))\\b|≥|>(?=[^a-z]*$)|\\b(?:smallest|least) (?:permitted |allowed |possible |permissible )?(?:file(?: size)?|size|weight|width|height)\\b)`,
    `(?<exact>\\b(?:exact(?:ly)?|precisely)\\b)`,
  ].join('|'),
  'gi',
);
const SIDE_WORDS =
  '(?:px\\b|pixels?\\b|(?:on|along|in) the (?:vertical|horizontal)\\b|\\([whv]\\)|\\(w(?:idth)? ?[x×] ?h(?:eight)?\\)|ppi\\b|dpi\\b|in (?:size|width|height|length|pixels)|wide|high|tall|across|down|deep|horizontally|vertically|for the (?:width|height)|(?:on|along|at|for|in)? ?(?:the |its )?(?:(?:long|short)(?:est|er)?|vertical|horizontal|upright) (?:side|edge|dimension|axis)|per (?:file|image|picture|photo(?:graph)?|entry)|each(?: side| way)?|in size|files?)';
const MAX_AFTER = new RegExp(
  `^[\\s,()]*(?:${SIDE_WORDS}[\\s,()]*){0,3}(?:both )?(?:max(?:imum)? (?:horizontal|vertical)|(?:as (?:an?|the) (?:absolute )?)?max(?:imum)?\\b(?!\\.? quality)(?!\\.?(?: (?!(?:and|by|but|or|with)\\b)\\w+){0,2}(?: of| is|:)?\\s*\\d)|at (?:the )?(?:very )?(?:most|max(?:imum)?)\\b(?! (?:about )?\\d)|or (?:(?:a (?:bit|little)|slightly|somewhat) )?(?:less|smaller|under|below|fewer|lower|shorter|narrower|lighter)\\b|(?:(?:is|are) )?the (?:absolute |upper |hard )?(?:limit|max(?:imum)?|most|ceiling|box(?=[,.;]|$| to fit))|(?:is|are) the (?:longest|largest|biggest) (?:(?:that )?(?:any|an?|either) (?:side|edge)|(?:that )?(?:we|i|it|the (?:site|projector|form|printer|page)) (?:can|will|could) (?:take|show|use|handle|print))|as (?:the|your|an?) (?:upper |absolute )?limit|being (?:the|our|your) (?:upper |absolute )?(?:most|limit|max(?:imum)?|ceiling)|limit\\b|tops\\b|ceiling\\b|and (?:no more(?! than)|not (?:a|one) (?:single )?(?:byte|pixel|kilobyte) more)|,? never (?:more|larger|bigger|longer)(?! than)|,? not (?:a|one) (?:single )?(?:byte|pixel|kilobyte) more|but no (?:more|larger|bigger)(?! than)|no (?:more|larger|bigger)(?:[.;)]|,(?! no less| no smaller| nor less))|,? ?whichever (?:is|comes)|at the outside|or (?:whatever|what|something that) fits)`,
  'i',
);
const MIN_AFTER = new RegExp(
  `^\\s*[<≤]|^\\s*(?:px|pixels?)?\\+(?!\\s*\\d)|^[\\s,()]*(?:${SIDE_WORDS}[\\s,()]*){0,3}(?:(?:as (?:an?|the) (?:absolute )?)?min(?:imum)?\\b(?!\\.?(?: (?!(?:and|by|but|or|with)\\b)\\w+){0,2}(?: of| is|:)?\\s*\\d)|or (?:(?:a (?:bit|little)|slightly|somewhat) )?(?:more|larger|above|over|bigger|higher|greater|better|wider|taller|longer|heavier)\\b(?! than)|at (?:the )?(?:very )?least\\b(?! (?:about )?\\d)|(?:(?:is|are|being) )?the (?:absolute |lower )?(?:least|min(?:imum)?)|upwards|no (?:upper limit|maximum)\\b|and (?:up(?! to)|above|over)\\b)`,
  'i',
);

const MAX_BETWEEN = new RegExp(
  `^\\s*(?:${SIDE_WORDS}\\s*){1,3}max(?:imum|\\.)?,? \\d[\\d.,]*\\s*(?:${SIDE_WORDS}\\s*){1,3}max(?:imum|\\.)?(?!\\.?\\s*\\d)`,
  'i',
);

/**
 * Reads the bound of the number that stands between `before` and `rest`. Only words since the number before it
 * count, so a bound of another number in the same sentence does not rub off.
 */
export function boundOf(before: string, rest: string): Bound {
  const after = withoutDensity(rest);
  // "1600 pixels wide max. 1200 pixels high max.": each has its own.
  if (MAX_BETWEEN.test(after)) return 'max';
  // "Files are refused from 2 MB upwards."
  if (/\b(?:refused|rejected|returned|bounce) from $/i.test(before)) return 'max';
  if (MIN_AFTER.test(after)) return 'min';
  if (MAX_AFTER.test(after)) return 'max';
  const near = before
    .slice(Math.max(0, before.length - 110))
    .replace(/^.*\d(?![^\d]*\))/s, '')
    // "Of no importance as long as it stays under 2 MB".
    .replace(
      /\b(?:of no (?:importance|matter|consequence)|no (?:matter|problem)|makes? no difference)\b/gi,
      ' ',
    )
    // "Four pictures (not more), as JPEGs, 2000 px".
    .replace(/\([^()\d]*\)(?=\s*[,;])/g, ' ')
    // "At maximum quality, Adobe RGB, 300 ppi".
    .replace(/\b(?:max(?:imum)?|min(?:imum)?)\.?[ -]quality\s*(?:[,;)]|(?:jpe?g|tiff?|png)s?\b)/gi, ' ')
    // "No more than six, as TIFFs at": that bound is the six's.
    .replace(COUNTED, ' ')
    // "50 KB max, 300 x 400", "3 max. jpg/1920px": that limit belongs to the number before it.
    .replace(
      /^\s*[a-z]{0,7}\.?(?: each| per (?:file|image|picture|photo|piece|work))?\s*\(?(?:(?:max|min)(?:imum)?\.?|at (?:the )?(?:very )?(?:most|least)|or (?:less|more))\)?\s*[,;/|]/i,
      ' ',
    )
    .replace(/\d/.test(before) ? LIMIT_OF_LAST : '', '');
  let bound: Bound = 'unsaid';
  // "Turns away files of more than 8 MB".
  if (REFUSED_BEFORE.test(near)) return OVER.test(near) ? 'max' : 'min';
  // "Scale pictures with a side of more than 2500 pixels down to that size."
  if (SCALED.test(near) && OVER.test(near)) return 'max';
  // "Files bigger than 2 MB will be deleted" is a limit from above.
  if (OVER.test(near) && REFUSED_AFTER.test(after)) return 'max';
  // "Under 1 MB they are no use to me."
  if (
    /\b(?:under|below) $/i.test(before) &&
    /^,? (?:they|it|these)(?: are| is|['’](?:re|s)) (?:of )?no use\b/i.test(after)
  )
    return 'min';
  // "Small ones (less than 2000 pixels on the long side) cannot be used."
  if (BRACKETED_UNDER.test(before) && REFUSED_BEHIND_BRACKET.test(after)) return 'min';
  // "Files larger than 5 MB or smaller than 500 KB will be rejected": one subject with two limits.
  const subject = before.slice(Math.max(0, before.length - FARTHEST)).replace(ALTERNATIVE_BEFORE, '');
  const said = after.slice(0, FARTHEST).replace(ALTERNATIVE_AFTER, '');
  if (SUBJECT_OVER.test(subject) && VERB_AFTER.test(said) && !WANTED_AFTER.test(said)) return 'max';
  if (SUBJECT_UNDER.test(subject) && VERB_AFTER.test(said) && !WANTED_AFTER.test(said)) return 'min';
  // "If the long side has fewer than 1600 px, the picture will not be printed."
  const condition = IF_THAT.exec(subject);
  if (condition && NOT_TAKEN.test(after.slice(0, FARTHEST)))
    return condition.groups?.['more'] ? 'max' : 'min';
  // "May not be smaller than 480 x 640 pixels or larger than 960 x 1280": the denial holds for both.
  const second = SECOND_DENIED.exec(before);
  if (second && ALTERNATIVE.test(near)) return second.groups?.['more'] ? 'max' : 'min';
  // "Make it smaller only if its longest side has more than 4000 pixels."
  if (ONLY_IF_MORE.test(near)) return 'max';
  for (const match of near.matchAll(BEFORE)) {
    const { max1, max2, min1, min2 } = match.groups ?? {};
    bound = (max1 ?? max2) ? 'max' : (min1 ?? min2) ? 'min' : 'exact';
  }
  return bound;
}

const ONLY_IF_MORE = new RegExp(`\\bonly (?:if|when)\\b[^.;\\d]*\\b${MORE}(?: than)?\\D{0,6}$`, 'i');

/** How far from a number its subject and its verb are looked for; a clause is seldom longer. */
const FARTHEST = 200;
const LIMIT_OF_LAST = /^\s*[a-z]{0,7}\s*\(?(?:max|min)\.\)?\s+(?=[a-z])/i;
const COUNTED =
  /^.*\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)\b(?! (?:of|sides|dimensions|edges))/is;
const OVER = new RegExp(`\\b(?:${MORE}(?: than)?)\\b\\D*$`, 'i');
const REFUSED_BEFORE = new RegExp(
  `\\b(?:turns? (?:away|down)|refuses?|rejects?|bounces?|deletes?|returns?|blocks?|throws? out|cannot (?:take|accept|open|handle)|do(?:es)? not (?:take|accept))\\b[^.;]{0,30}\\b(?:${MORE}|${LESS})(?: than)?\\D{0,6}$`,
  'i',
);
const SCALED =
  /\b(?:scale|reduce|resize|shrink|downsize)(?: down)? (?:all |any |the |your )?(?:images?|pictures?|files?|photos?|photographs?|anything|everything|those|ones)\b(?!\s+(?:down )?(?:to|so|until)\b)[^.;\d]*$/i;
const REFUSED_AFTER = new RegExp(
  `^[^.;]{0,40}?\\b(?:will|can|are|is|get|may)(?:not)?\\b[^.;]{0,30}\\b${oneOf`
    refused | rejected | deleted | returned | not | bounced? | disqualified | ignored | discarded
    be (?:opened|accepted|read) | sent back | fail | resized
  `}\\b`,
  'i',
);

const IF_THAT = new RegExp(
  `\\b(?:if|when|where) (?:the|its|your|a|any) [^.;\\d]{3,24}(?:has|have|is|are|measures?) (?:(?<more>${MORE})|${LESS})(?: than)? $`,
  'i',
);
const NOT_TAKEN =
  /^\s*(?:px|pixels?)?(?:,| the| it)[^.;]{0,40}\b(?:not be|cannot be|is|are|be) (?:\w+ )?(?:refused|rejected|returned|printed|shown|used|accepted|sent back|judged|deleted)\b|^\s*(?:px|pixels?)?, (?:then )?(?:please )?(?:find|choose|pick|send|use|take|look for) (?:us )?(?:another|a different|a (?:larg|bigg|small)er) (?:one|picture|image|photo|file)\b/i;

const SECOND_DENIED = new RegExp(
  `\\b${NOT}\\b(?: [\\w'’-]+){0,4}? (?:${MORE}|${LESS}) than\\b[^.;:]{0,40}\\b(?:or|nor) (?:(?<more>${MORE})|${LESS}) than $`,
  'i',
);
const ALTERNATIVE = new RegExp(`\\b(?:or|nor) (?:${MORE}|${LESS}) than $`, 'i');
const BRACKETED_UNDER = new RegExp(`\\((?:i\\.?e\\.?,? |those |that is,? )?${LESS}(?: than)? $`, 'i');
const REFUSED_BEHIND_BRACKET =
  /^[^.;,()]{0,40}\)\s*(?:will not|cannot|can['’]t|(?:will be|are|is) (?:not|refused|rejected|returned|deleted|sent back|(?:of )?no use|useless))\b/i;

/** "Anything heavier than", "a file of more than", "pictures smaller than", at the beginning of a clause: what is spoken of. */
const NAMED =
  '(?:^|[.;:,(]\\s*|\\b(?:and|but|that|since|because|so) )(?:(?:any(?:thing|one)?|an?|all|the|every|pictures?|images?|files?|zips?|archives?|(?:file )?sizes?|photo(?:graph)?s?|uploads?|entries|works?|scans?|jpe?gs?|ones?|e-?mails?|attachments?) ){1,3}';
const WHICH =
  '(?:(?:that|which) (?:is|are) |with |of |whose (?:\\w+ ){1,2}?(?:is|are|measures?|has|goes|reaches|extends) )?(?:an? )?(?:(?:long|short)(?:est|er)? (?:side|edge) |width |height |size )?(?:of )?';
const ALTERNATIVE_BEFORE = new RegExp(
  `\\b(?:${MORE}|${LESS})(?: than)? [\\d.,]+\\s*(?:px|pixels?|[km]i?b)? ?(?:or|and) (?=(?:${MORE}|${LESS})(?: than)? $)`,
  'i',
);
const ALTERNATIVE_AFTER = new RegExp(
  `^\\s*(?:px|pixels?)?(?: in (?:width|height))?\\s*(?:or|and) (?:(?:${MORE}|${LESS})(?: than)? )?[\\d.,]+(?:\\s*(?:px|pixels?|[km]i?b)\\b)?(?: in (?:width|height))?`,
  'i',
);
// "Bigger than 2 MB and it bounces" needs no noun; "smaller than 3 MB and we will ask" is no demand.
const SUBJECT_OVER = new RegExp(`(?:${NAMED}|^)${WHICH}${MORE}(?: than)?(?: the)? $`, 'i');
const SUBJECT_UNDER = new RegExp(`${NAMED}${WHICH}${LESS}(?: than)?(?: the)? $`, 'i');
/** What is said of it: any verb makes the number a limit on the other side, unless such files are wanted. */
const VERB_AFTER =
  /^(?!\s*(?:or|otherwise|else)\b)[^.;:\d]{0,50}?(?:\b(?:will|can|cannot|are|is|get|gets|may|must|should|has|have|do(?:es)? not|and (?:i|we|it)|(?:comes?|go(?:es)?) (?:straight )?back|bounces?|fails?|times? out|makes?|breaks?|upsets?|crash(?:es)?|chokes?|jams?|loses?|(?:runs?|falls?|drops?|hangs?) (?:off|out|over)|overflows?|spoils?|vanish(?:es)?|disappears?|slows?|clogs?|blocks?|stops?|sticks?)\b)/i;
const WANTED_AFTER =
  /^[^.;:\d]{0,50}?\b(?:(?:is|are|will be) (?:(?!not\b)\w+ )?(?:welcome|wanted|recommended|suggested|advised|fine|accept\w*|allowed|permitted|preferred|needed|required|best|ok(?:ay)?|good|ideal|enough|plenty|expected|asked|nice|kind|appreciated|easier|handy|helpful|a help|safe|friendly|comfortable|convenient|easy|quick)|(?:may|can|should|must) be (?:sent|used|submitted|entered|uploaded|supplied))\b/i;

/** "3543 × 2362 pixels (150 ppi) is the minimum": the aside parts the number from its bound. */
export const withoutDensity = (text: string) =>
  text.replace(/\(\d+ ?(?:ppi|dpi)\)|\bor (?:the other way (?:round|about)|vice versa)/gi, aside =>
    ' '.repeat(aside.length),
  );

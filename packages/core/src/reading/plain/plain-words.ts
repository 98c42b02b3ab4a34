import { PERSON } from '../common/counts.ts';
import { NUMBER_WORDS } from '../common/quantities.ts';
import type { Rule } from './reword.ts';

/** Numbers in words. */
const SPELT = Object.keys(NUMBER_WORDS).join('|');

/** One picture is an image, save where a photograph of the applicant stands beside a signature. */
export const ONE_IMAGE: Rule = [
  /\b([Ee]ach|[Ee]very|per|any|[Oo]ne|an?|the) (?:photograph|photo|picture)\b(?! of)/g,
  '$1 image',
];
export const OF_APPLICANTS =
  /\bthumb[- ]?(?:impression|print)\b|\bphoto(?:graph)? (?:and|&) (?:(?:the|your|an?) )?(?:\w+ )?signature\b|\bsignature\b[^.;\n]{0,50}\d ?(?:px|pixels|kb|[x×*] ?\d)/i;

/** Words that organisers have many of, each with the one that the readers know. */
export const WORDING: readonly Rule[] = [
  // "3 000 pixels wide and high": before its figures are put together.
  [
    /\b(\d{1,2}[ .,]\d{3}|\d{3,5}) ?(?:px|pixels)? (?:wide|in width) and (?:high|tall|in height)\b/gi,
    '$1 x $1 pixels',
  ],
  // "1,400 × 1.050"; three digits behind the mark of a megabyte may be its decimals.
  [/(?<![\d.,:/-])(\d{1,2})[.,’'](\d{3})(?![\d.,:/-]?\d|\s*(?:MB|megs?\b|megabytes?|[:∶]|to 1\b))/g, '$1$2'],
  // "1 920 x 1 080 px", "from 2 500 to 5 000 pixels".
  [
    /(?<![\d.,:/-] ?|\b(?:sections?|class(?:es)?|rounds?|rules?|category|groups?|images?|files?|numbers?|pictures?) )([1-9]\d?) (\d{3})(?=(?:px|pix|pixels?|\s*[x×]\s?\d)\b|\s+(?:px|pix|pixels?|by|wide|high)\b)/gi,
    '$1$2',
  ],
  [/(?<=(?:[a-z\d,.)]|[KM]B) )&(?= [a-z\d])/g, 'and'],
  [/\bcan(?:['’]t| not)\b/gi, 'cannot'],
  // "Images cannot have borders" forbids them; "we cannot show" tells why.
  [
    /(?<!\b(?:we|i|it|that|which|page|form|site|system|projector|software|screen|printer|lab|server|they|who|and|but|or)) cannot (?=(?:be (?:larger|bigger|more|wider|higher|taller|longer|heavier|over|identif\w+)|exceed|have|carry|bear|contain|include|hold|appear|reveal|name|give away|identify)\b)/gi,
    ' must not ',
  ],
  [
    /\bat the (?:very )?(most|least)(?= (?:\d|(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve)\b))/gi,
    'at $1',
  ],
  // "15 by 10 cm".
  [/(?<=\d ?(?:mm|cm|inch(?:es)?)?) by (?=\d[\d.,]* ?(?:mm|cm|inch|in\b|"))/gi, ' x '],
  [/\bwon['’]t\b/gi, 'will not'],
  [/\bshan['’]t\b/gi, 'must not'],
  [/\b(must|should|may|can) never(?= [a-z])/gi, '$1 not'],
  [
    /\b(?:out of the question|unacceptable|not acceptable|not tolerated|not admitted|taboo)(?=[ ]*(?:[.;,!:]|$|for |in |on ))/gim,
    'not allowed',
  ],
  [/\b(do|does|did|is|are|was|were|has|have|must|should|would|could|need)n['’]t\b/gi, '$1 not'],
  [/\b(that|it|there)['’]s\b(?= (?:the|all|as|not|no|a)\b)/gi, '$1 is'],
  // Typed in haste.
  [/\b(do|does|did|is|are|must|should|would|could)nt\b/gi, '$1 not'],
  [/\bcant\b/gi, 'cannot'],
  [/\bshall\b/gi, 'must'],
  // "The size of each DPI": projected images, where no resolution is meant.
  [/\b(?:DPI|PDI)s\b/g, 'images'],
  [
    /\b([Ee]ach|[Ee]very|[Aa]ny|[Nn]o|[Aa]n?|[Tt]he) (?:DPI|PDI)\b(?=[,.;]| (?:must|shall|may|can|should|is|which|that|has|competition|file))/g,
    '$1 image',
  ],
  [/\bur\b(?= [a-z])/g, 'your'],
  [/\bb4\b/g, 'before'],
  // "The bigger of the two dimensions".
  [/\b(?:bigger|larger|longer|greater) of (?:the|its) two (?:dimensions|sides|edges)\b/gi, 'longest side'],
  [/\b(?:smaller|shorter|lesser) of (?:the|its) two (?:dimensions|sides|edges)\b/gi, 'shortest side'],
  // "Same as last month: longest edge 1400 pixels".
  [
    /^(?:the )?same (?:rules )?as (?:last (?:time|month|year|season|round)|before|always|usual)\s*[:–-]\s*/gim,
    '',
  ],
  // "3 photos/section".
  [
    /\b(\d{1,3} [a-z]+)\/(?=(?:section|theme|class|category|author|person|participant|member|club)\b)/gi,
    '$1 per ',
  ],
  // "Within the hours 24 of 31/05/2027", "31 May, hours 24".
  [
    /\b(within|by|until|before) (?:the )?(?:hours? )?(\d{1,2})(?:[.:]00)?(?: hours?)? of (?=\d{1,2}[./ ])(?<=\bhours?\b.*)/gi,
    '$1 $2:00 on ',
  ],
  [/(?<=\d{4}),? hours? (\d{1,2})(?:[.:]00)?(?=[.;,]|$)/gim, ', $1:00'],
  [/\b(?:h|hrs?|hours|ore)\.? ?(?=(?:[01]?\d|2[0-4])[.:][0-5]\d(?![\d:]|\.\d))/gi, ''],
  [/\bno\. ?(?=\d)/gi, 'number '],
  [/\bnos?\. of\b/gi, 'number of'],
  [/\bw\/o\b/gi, 'without'],
  [/\bw\/(?= ?[a-z])/gi, 'with'],
  [/\b(?:pls|plz)\b(?:\.(?= [a-z]{2}))?/g, 'please'],
  // "Forest, Bog & Stone."
  [/(?<=, [A-Z][a-z]+ )&(?= [A-Z][a-z]+(?:[.;)]|$))/gm, 'and'],
  [/(?<=[a-z\d)])!+(?=[ \t]*$|[ \t]+[A-Z])/gm, '.'],
  // "4 (four) images".
  [new RegExp(`\\b(\\d{1,2}) \\((?:${SPELT})\\)(?= [a-z])`, 'gi'), '$1'],
  [new RegExp(`\\b(${SPELT}) \\(\\d{1,2}\\)(?= [a-z])`, 'gi'), '$1'],
  [/\bkindly\b/gi, 'please'],
  [
    /\bwe (?:should|would) like (?=[a-z][^.;\n]{2,30}\bbut (?:can|will) (?:cope|take|accept|live|manage|work)\b)/gi,
    'we prefer ',
  ],
  // "Jean asked whether a signature is all right. It is not."
  [
    /\b(?:asked?|wonder(?:s|ed)?) (?:whether|if) ([^.;?\n]{3,40}) (is|are) (?:all right|allowed|permitted|ok(?:ay)?|fine|accepted)\. (?:it|they|that) (?:is|are) not\b/gi,
    ': $1 $2 not allowed',
  ],
  [
    /\banything (?:up to|under|below) (\d[\d.,]{0,6} ?[km]b) (?:is|will be) (?:ok(?:ay)?|fine|all right|good|accepted|no problem)\b/gi,
    'at most $1',
  ],
  // "A scale bar may be placed in the picture. Your name may not."
  [
    /(?<=\b(?:may|can) be ((?:placed|put|shown|seen|added|printed|written)(?: (?:in|on|to|under|within) (?:the|your) [a-z]{3,12})?)\. )([A-Z][a-z’']{1,12}(?: [a-z’']{1,14}){0,3}) (?:may|can) not(?=\.|$)/gm,
    '$2 must not be $1',
  ],
  [
    /\btake out (?:the|your|any|all) ((?:gps|location|exif|position|camera|author)(?: data| details| information| coordinates)?|coordinates|metadata)\b/gi,
    'remove the $1',
  ],
  [
    /\btake (?:the|your|any|all) ((?:gps|location|exif|position|camera|author)(?: data| details| information| coordinates)?|coordinates|metadata) out\b/gi,
    'remove the $1',
  ],
  [
    /\bkeep (?:(?:the|your|any|all) )?((?:gps|location|exif|position|camera|author)(?: data| details| information| coordinates)?|coordinates|metadata) out (?:of|from) (?=them|it\b|the|your)/gi,
    'remove the $1 from ',
  ],
  // "The observer's name is to be left out of the metadata."
  [
    /(?<=\b(?:be|is|are|stays?) )(?:left|kept) out (?:of|from) (?=(?:the|its|their|your|any|all) (?:metadata|exif|iptc|file|picture|image)\b)/gi,
    'removed from ',
  ],
  // "1200 pixels on the longest side - not 1200 high, not 4000, longest".
  [
    /(?<=\d[^.;]{0,60})(?:,| [-–—]| \()? ?(?<!\b(?:is|are|but|do|does|must|should|may|can) ?)\bnot \d{3,5}(?: ?(?:px|pixels))?(?: (?:high|wide|tall|across|down|on the (?:short|long)(?:er|est)? (?:side|edge)))?\)?(?=[,.;]| [-–—]|$)/gi,
    '',
  ],
  // "1920 pixels (horizontal) by 1080 pixels (vertical)".
  [/(?<=\d ?(?:px|pixels?)? ?)\(horizontal(?:ly)?\)(?= (?:by|x|×|and)\b)/gi, 'wide'],
  [/(?<=\b(?:by|x|×|and) \d{3,5} ?(?:px|pixels?)? ?)\(vertical(?:ly)?\)/gi, 'high'],
  [/(?<![\d.,])(\d{3,5}) ?\+ ?(px|pixels?)\b/gi, 'at least $1 $2'],
  // "1600 px (w) and 1200 px (h)".
  [/(?<=\d ?(?:px|pixels)? )\(w\)(?= (?:and|by|x|×)\b)/gi, 'wide'],
  [/(?<=\b(?:and|by|x|×) \d{3,4} ?(?:px|pixels)? )\(h\)/gi, 'high'],
  [/\bhalf a (?:megabyte|meg|mb)\b/gi, '0.5 MB'],
  [/\b(\d) and a half (?=MB|mega|megs?\b)/gi, '$1.5 '],
  // "Width 1920 or height 1080".
  [
    /\bwidth (?:of |is |must be )?(?:exactly )?(\d{3,4}) ?(?:px|pixels)? or (?:a )?height (?:of )?(?:exactly )?(\d{3,4}) ?(?:px|pixels)?/gi,
    '$1 pixels wide or $2 pixels high, whichever is reached first',
  ],
  [
    /\b(?:no|not) (?:wider|broader) (?:and|or|nor) (?:no |not )?(?:higher|taller) than (?=\d)/gi,
    'longest side at most ',
  ],
  // "Neither width nor height exceeds 1400 and 1050 pixels respectively."
  [
    /\bneither (?:the )?width nor (?:the )?height (?:may |must |should )?(?:exceeds?|(?:is|be) (?:more|larger|greater) than) (\d{3,5})(?: ?(?:px|pixels))? (?:and|or) (\d{3,5}) ?(?:px|pixels)(?:,? respectively)?/gi,
    'width at most $1 pixels, height at most $2 pixels',
  ],
  // "Without accent nor space".
  [/\bnor\b(?<=\bwithout [a-z]{1,20}(?: [a-z]{1,20})? nor)/gi, 'or'],
  [/\bhorizontal (?=(?:format|orientation|shape)\b[^.;\n\d]*(?:[.;\n]|$))/gi, 'landscape '],
  [/\bvertical (?=(?:format|orientation|shape)\b[^.;\n\d]*(?:[.;\n]|$))/gi, 'portrait '],
  [/\blying (?=(?:format|images?|pictures?|photos?|photographs?)\b)/gi, 'landscape '],
  [/\bstanding (?=(?:format|images?|pictures?|photos?|photographs?)\b)/gi, 'portrait '],
  [/\bmakers?(?=(?:['’]s?)? (?:name|must|may|can|will|is|are)\b|['’]s)/gi, 'author'],
  // The standard that defines the space; its number is no number of pixels.
  [/\bsRGB,? (?:IEC ?61966[-–]2[.-]1\b|\(IEC ?61966[-–]2[.-]1\))/gi, 'sRGB'],
  [/\bAdobe[ -]?RGB[ -]?(?:\(1998\)|1998\b)/gi, 'Adobe RGB'],
  [
    /(?<=\bprofiles?:? (?:s?rgb (?:iec[\d.-]+ )?|adobe rgb )?(?:(?:must|should|is|are|to) )?(?:be )?)(?:included|attached|incorporated)\b/gi,
    'embedded',
  ],
  [/\b(?:(?:is|are|will be) (?:required|obliged)|is|are) to be\b/gi, 'must be'],
  [/\b(?:(?:is|are|will be) (?:required|obliged)|(?<=s )are) to (?!be\b)(?=[a-z])/gi, 'must '],
  [/(?<!\bit )\b(?:is|are) not (?:(?:allowed|permitted) )?to (?=[a-z])/gi, 'must not '],
  [/\bblack(?:[- ]and[- ]| ?& ?)white\b|\bb ?[&/] ?w\b/gi, 'monochrome'],
  [/(?<!\b(?:not|do|does|will|may|might) )\b(?:has|have|needs?) to be\b/gi, 'must be'],
  [/\bnot later than\b|\bon or before\b/gi, 'no later than'],
  [/\bnot more than\b/gi, 'no more than'],
  [/\b(?:no|not) less than\b|\bnot (?:under|below)(?= \d)/gi, 'at least'],
  [/\bnot be (?:under|below)(?= \d)/gi, 'be at least'],
  [/\b(?:pixels|px|dots) ?(?:per |\/ ?)in(?:ch)?\b/gi, 'ppi'],
  [/(?<=\d ?)ppp\b/g, ' ppi'],
  [/\b(?:for|in place of) (?:the )?gaps\b/gi, 'instead of spaces'],
  // "No pictures that are not in sRGB."
  [
    /(?<=\bno (?:files|images|pictures|photos|photographs|anything)) (?:(?:that|which) (?:is|are) )?not (?:in )?(?=s?rgb|adobe rgb)/gi,
    ' other than ',
  ],
  // "Its name has no spaces."
  [
    /\bits name(?= (?:has|have|must|shall|may|should|contains?|is no (?:longer|more)|holds?)(?:n['’]t)?\b)/gi,
    'the file name',
  ],
  [
    /\b(?:remove|delete|take out) (?:the|any|all|your) spaces (?:from|in) (?=(?:the|your) (?:file ?-?names?|names? of the files?)\b)/gi,
    'no spaces in ',
  ],
  // "If you only have a TIFF, please convert it."
  [
    /\bif (?:you (?:only )?have|(?:your|the) (?:file|image|picture|photo) is|it is) (?:an? )?(?:tiff?|png|raw|heic|psd|webp)s?(?: files?)?, (?=(?:please )?(?:convert|save|export|turn)\b)/gi,
    'if it is anything else, ',
  ],
  // "Closing date for the 2027 season: 15 October".
  [
    /\b(closing (?:date|day)|dead-?line|last day) (?:for|of) (?:the )?(20\d\d) [a-z]{4,14}(?: is|:) (\d{1,2}(?:st|nd|rd|th)? (?:of )?[A-Z][a-z]{2,8})\b(?!,? ?\d{4})/gi,
    '$1: $3 $2',
  ],
  // "After 5 March 2027 nothing more can be uploaded."
  [
    /\bafter ((?:\w+day,? )?(?:the )?\d{1,2}(?:st|nd|rd|th)? (?:of )?[A-Z][a-z]{2,8},?(?: \d{4})?),? (?:nothing|no (?:entries|images|pictures|files|works?))(?: more| else| further)? (?:can|may|will) be (?:uploaded|sent|entered|submitted|accepted|handed in|taken)\b/gi,
    'no entries after $1',
  ],
  // "The time for sending in runs from 1 February to 5 March."
  [
    /\bthe (?:time|period|window) for (?:sending|handing|uploading|entering)(?: in)?(?: (?:pictures|entries|files))? (?:runs|is|lasts) from\b/gi,
    'entries are accepted from',
  ],
  // "Entries in 5 March 2027, judging 13 March".
  [/\bentries in(?=:? (?:by )?(?:\w+day,? )?\d{1,2}(?:st|nd|rd|th)? [A-Z][a-z]{2,8})/g, 'entries close'],
  // "1920 across and 1200 down".
  [/\b(\d{3,4}) across and (\d{3,4}) down\b(?! to)/gi, '$1 pixels across and $2 pixels down'],
  // "1800 pixels from side to side and 2500 from top to bottom".
  [/(?<=\d ?(?:px|pixels)? )from side to side\b/gi, 'wide'],
  [/(?<=\b\d{3,5})(?: ?(?:px|pixels))? from top to bottom\b/gi, ' pixels high'],
  [/\bwidest (?=side|edge)/gi, 'longest '],
  [/\bgreatest (?=(?:(?:horizontal|vertical) )?(?:size|width|height|weight)\b)/gi, 'maximum '],
  [/\bhalf a dozen\b/gi, '6'],
  [/\ba dozen\b/gi, '12'],
  [/\ba couple of\b/gi, '2'],
  // "The title follows the club's number."
  [
    /\b(the (?:title|surname|first name|number|name)(?: of the (?:image|picture|photograph|work))?) follows (the [a-z’' -]{3,40})(?=[.,;:(])/gi,
    '$2, then $1',
  ],
  [/\bname of (?:(?:the|each|every|your) )?file\b|\bfile-?name\b/gi, 'file name'],
  [/\b(?:file naming(?: convention)?|naming convention)\b/gi, 'file name'],
  [/\bfilenames\b|\bnames of (?:(?:the|your) )?files\b/gi, 'file names'],
  [/\b(?:last|family) names?\b/gi, 'surname'],
  [/\b(?:photographs|photos|pictures)\b(?<=[a-z])/g, 'images'],
  [/\b(?:participant|contestant|contributor)(s?)\b/gi, 'entrant$1'],
  [
    /\b(?:(?:long|longer|longest) (?:edge|dimension|axis)|(?:greater|greatest|large|larger|largest|big|bigger|biggest) (?:edge|dimension|axis|side(?! (?:panel|door|wall|view)s?\b)))\b/gi,
    'longest side',
  ],
  [
    /\b(?:(?:short|shorter|shortest) (?:edge|dimension|axis)|(?:small|smaller|smallest) (?:side|edge|dimension))\b/gi,
    'shortest side',
  ],
  [/\b(?:up to )?a (?:maximum|max\.?) of\b/gi, 'up to'],
  [/\b(?:(?:must|may|can|should) not|cannot) (?:exceed|be (?:greater|more) than)\b/gi, 'must not exceed'],
  [/\ba (?:minimum|min\.?) of\b/gi, 'at least'],
  // "1600 pix"; "three pix each" are pictures.
  [/(?<=\d{3} ?)pix\b/gi, 'pixels'],
  // "23h59", "18h".
  [/\b([01]?\d|2[0-3])h([0-5]\d)\b/g, '$1:$2'],
  // "Four works for each section", "3 prints a head".
  [/(?<=[a-z\d)] )for (?:each|every) (?=[a-z])(?!(?:of|one|further|additional|extra|lot)\b)/gi, 'per '],
  [
    new RegExp(
      `\\b(?<=(?:images?|entries|entry|works?|prints?|files?|frames?|shots?|pieces?|pictures?|photographs?|photos?) )(?:an?|to (?:each|every)) (?=(?:${PERSON}|head|section|category|class|title|theme|round|school|species|subject|sighting|building|site)\\b)`,
      'gi',
    ),
    'per ',
  ],
  [new RegExp(`\\bas many as (?=\\d|(?:${SPELT})\\b)`, 'gi'), 'up to '],
  [/(?<=\d ?)(?:megabytes?|mbytes?|megs?|mbs)\b|(?<=\d ?)Mo\b/gi, 'MB'],
  [/(?<=\d ?)(?:kilobytes?|kbytes?|kbs)\b|(?<=\d ?)Ko\b/gi, 'KB'],
  // "At most 300K", "up to 4M".
  [/(?<=\b\d{2,4}) ?K\b(?![-’'])/g, ' KB'],
  [
    /(?<=\b(?:up to|at most|max(?:imum)?\.?(?: of)?|under|below|over|than|exceed(?:ing)?|limit(?: of| is)?|within) \d{1,3}(?:\.\d)?) ?M\b|(?<=\d)M(?= (?:at most|max|or less|or under|each|per))/g,
    ' MB',
  ],
  // "Between 500 KB and two megabytes".
  ...Object.entries(NUMBER_WORDS).map(([word, n]): Rule => [
    new RegExp(
      `(?<=(?:\\d ?[km]i?b|half a mega-?byte|\\d mega-?bytes?) (?:and|to|or) )${word}(?= ?(?:[km]b|mega-?bytes?|kilo-?bytes?|megs?)\\b)`,
      'gi',
    ),
    `${n}`,
  ]),
  [/\bsize of (?:the|each|every|your) file\b/gi, 'file size'],
  // "Megabytes: no more than 5".
  [
    /^([ \t•*–-]{0,12})(?:(?:size|weight) in )?(mega|kilo)bytes(?:[ \t]*:[ \t]*|[ \t]{2,40})((?:[a-z]+\.? ){0,4})(\d[\d.,]{0,8})(?=[ \t]*$)/gim,
    '$1file size: $3$4 $2bytes',
  ],
];

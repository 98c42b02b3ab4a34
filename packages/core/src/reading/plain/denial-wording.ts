import { NOTES, PLACE } from './note-words.ts';
import { rule, type Rule } from './reword.ts';

/** Ways of turning something down, of letting it be, and of asking for it by two denials, each as most organisers say it. */

const OVERLAY =
  '(?:(?:white |black |thin |narrow |fine |discreet |small |large |plain )*(?:borders?|frames?|key ?lines?|signatures?|watermarks?|logos?|captions?|date stamps?))';
const NOTE = `(?:${NOTES}|${PLACE})`;
const NAME = "(?:(?:your|the (?:author|photographer|maker|creator)['’]s) names?)";
const FORMAT = '(?:jpe?gs?|tiffs?|pngs?|heic|raw)(?: files?)?';
const ANY = '(?:(?:any|all|the|your|an?|every) )*';
const FILES = '(?:files?|pictures?|images?|photos?|photographs?|entry|entries|works?|submissions?)';
/** A number of pixels or bytes, with the side it is of. */
const MEASURE =
  '\\d[\\d.,]* ?(?:px|pixels|[km]b|megs?|(?:mega|kilo)bytes?)\\b(?: (?:wide|high|tall|across)\\b| (?:on|along|in) (?:the |its )?[a-z]+(?: (?:side|edge))?)?';
/** What such a question is answered with where there is nothing against it. */
const FINE =
  " {0,2}(?:(?:that|this|it|which)(?:['’]s| is) )?(?:also |all |perfectly |absolutely |quite )*(?:fine|no problem|not a problem|ok\\b|okay|welcome|great|perfect|yes|good|all right|no worries|never mind|does not matter|don['’]t worry)";
const PAGE = '(?:page|form|site|system|portal|upload|server|program)';
const FAILS =
  '(?:gives an error|shows an error|reports an error|throws an error|refuses(?: (?:it|the file))?|fails|stops|says no)\\b';
/** The verb of a demand, at the beginning of its sentence or clause. */
const DEMAND = '(?<=^(?:[-*•–·] |\\d{1,2}[.)] )?|[.;:!,] |\\bplease |\\band )';
/** That files are turned down, behind what is said of them. */
const NOT_TAKEN =
  "(?: (?:is|are|will be|get|gets) (?:not (?:accepted|taken|shown|opened)|refused|rejected|returned|sent back|turned away|too (?:large|big|heavy))| (?:comes?|goes|go) back| (?:will not|won['’]t|cannot|does not|do not) (?:upload|go through|be (?:accepted|opened|taken)))";
const NO_USE =
  '(?: (?:is|are|would be) (?:of )?(?:no use|too (?:small|little|light|poor)|useless|not (?:enough|accepted)|refused|rejected))';
const CANNOT_TAKE =
  "(?:we|i|the \\w+) (?:cannot|can['’]t|can ?not|do(?:es)? not|don['’]t|will not|won['’]t) (?:take|use|accept|open|print|show)";
export const DENIAL_WORDING: readonly Rule[] = [
  // "We can't take files of 5 MB and over", "files of 5 MB or more come back", "5 MB and above won't upload".
  rule(
    `\\b${CANNOT_TAKE} (?:any )?${FILES} of (${MEASURE}),? (?:and|or) (?:over|above|more|larger|bigger)\\b`,
    'files must be at most $1',
  ),
  rule(
    `(?:(?<=^|[.;:] |\\n)|\\b(?:${FILES}|anything) of )(${MEASURE}),? (?:and|or) (?:over|above|more|larger|bigger)(?=${NOT_TAKEN}\\b)`,
    'files must be at most $1, more',
  ),
  // "500 KB and below is too small for us", "nothing of 500 KB or less".
  rule(
    `(?:(?<=^|[.;:] |\\n)|\\b(?:${FILES}|anything) of )(${MEASURE}),? (?:and|or) (?:under|below|less|smaller|fewer)(?=${NO_USE}\\b)`,
    'files must be at least $1, less',
  ),
  rule(`\\bnothing of (${MEASURE}) or (?:less|below|under|smaller)\\b`, 'at least $1'),
  rule(`\\bnothing of (${MEASURE}) or (?:more|above|over|larger|bigger)\\b`, 'at most $1'),
  // "With more than 2000 pixels on the long side the page gives an error."
  rule(`\\bwith more than (${MEASURE}) (?:the |our )?${PAGE} ${FAILS}`, 'at most $1'),
  rule(`\\bwith (?:less|fewer) than (${MEASURE}) (?:the |our )?${PAGE} ${FAILS}`, 'at least $1'),
  // "What is not allowed? Captions and frames."
  [/\bwhat (?:is|are) not (allowed|permitted|accepted|wanted)\?\s*(?:A[.:] ?)?/gi, 'not $1: '],
  [/\bwhat (?:will|do|would) (?:you|we) not (accept|take|show|want)\?\s*(?:A[.:] ?)?/gi, 'we do not $1: '],
  // "A small signature is no reason to refuse a picture", "borders are neither asked for nor turned down".
  rule(
    `\\b(${OVERLAY})(?: (?:in|on|at) the (?:corner|edge|picture))? (is|are) no reason to (?:refuse|reject|return|turn down|disqualify)[^.;]*`,
    '$1 on the picture $2 allowed',
  ),
  rule(
    `\\b(${OVERLAY}) (is|are) neither (?:asked for|required|wanted|demanded|needed|expected) nor (?:turned down|forbidden|refused|prohibited|banned)`,
    '$1 $2 allowed',
  ),
  rule(`\\b(${OVERLAY})( (?:of )?up to \\d[^.;]{0,16})? go through\\b`, '$1$2 are allowed'),
  [/\bmay or may not (?=(?:add|have|carry|show|put|use|include)\b)/gi, 'may '],
  rule(`\\b(${OVERLAY}) ha(?:ve|s) no business (?=(?:on|in|round) )`, '$1 must not be '),
  rule(
    '\\bwhatever is (written|printed|typed) on the (picture|photo|image) will cost you[^.;]*',
    'nothing may be $1 on the $2',
  ),
  // "Neither picture nor metadata may show your name."
  rule(
    `\\bneither (?:the )?(picture|image|photo)s? nor (?:the )?(metadata|exif|file name)(?: data)? (?:may|must|should|can) (?:show|contain|bear|carry|give|have|hold) ${NAME}`,
    'your name must not be on the $1 and your name must not be in the $2',
  ),
  // "Originally the closing date was 7 March; it has been put back by a week to 14 March."
  rule(
    '\\b(?:originally|at first),? the (closing date|deadline) was [^.;]{4,24}[;.,] (?:it|this) (?:has been|was|is) (?:put back|moved|extended|postponed|brought forward)[^.;]{0,20}? to ',
    'the $1 is ',
  ),
  rule(
    '\\b(?:up to|until|till) the (?:very )?last (?:minute|second|moment) of (?=the \\d|\\d|\\w+day)',
    'until midnight on ',
  ),
  // "If it is not a JPEG or is over 2 MB it will not upload."
  rule(
    `\\bif (?:it|the file|your file|a file) is(?: not|n['’]t) (an? )(${FORMAT})(?=(?: or\\b|,)[^.;]*\\b(?:refus|reject|return|(?:will|does|can) ?not|won['’]t)|,? it (?:will not|won['’]t|does not|is (?:refused|rejected)))`,
    'it must be $1$2; if it is none',
  ),
  rule(
    `\\b(?:do not|don['’]t) (?:like|love|care for|recommend) (${OVERLAY}),? but (?:we |i )?(?:do )?(?:allow|accept|tolerate|permit) them`,
    '$1 are allowed',
  ),
  // "Must not be older than 3 months and must show the name of the candidate": the denial ends at the second verb.
  [
    /\b(must|should|may)(?: not|n['’]t) (be [^.;,]{4,40}),? and (must|should) (?=(?:show|bear|carry|have|be)\b)/gi,
    '$1 not $2; it $3 ',
  ],
  // "Borders, names, logos" over "None."
  [
    /^(\W{0,3}(?:borders?|frames?|names?|logos?|watermarks?|signatures?|text)(?:(?:, | and | or )(?:borders?|frames?|names?|logos?|watermarks?|signatures?|text))*):?\n\s*none\b(?! of)/gim,
    'No $1',
  ],
  // "We can't use photos without both."
  [
    /\b(?:we|i) (?:cannot|can not|can['’]t) (?:use|accept|print|judge|take) (?:a )?(?:photos?|files?|pictures?|images?|anything|records?) without (both|them|it|these)\b/gi,
    '$1 must be there',
  ],
  // "EXIF has to be in the file or the picture will not be mapped."
  [
    /\b((?:must|has to|have to|needs? to) be (?:in|part of) the (?:file|metadata|exif)),? or (?:else )?(?:the|your|it|they|we)\b[^.;]*(?:\b(?:not|cannot|out|back)|n['’]t)\b[^.;]*/gi,
    '$1',
  ],
  rule(
    '\\bneither (?:the )?file nor (?:the )?picture (?:may|must|should|can) (?:name|show|tell|reveal) (?:its|the) (?:author|photographer|maker)',
    'your name must not be on the picture and your name must not be in the metadata',
  ),
  // "Where its width is above 1400 pixels or its height above 1050 pixels".
  rule(
    '\\b(or|and) (?:its|the|their) (width|height) (?=(?:above|below|over|under|more than|less than) \\d)',
    '$1 its $2 is ',
  ),
  // "If the file has less than 2 MB it has been compressed too much and we return it."
  rule(
    `\\bif (?:the|your|a) (?:file|picture|image) (?:has|is|weighs) (?:less|smaller|lighter) than (\\d[\\d.,]* ?[km]b)\\b[^.;]{0,60}\\b(?:return|refuse|reject|cannot (?:use|accept|print)|send it back)\\b`,
    'at least $1',
  ),
  rule(
    '\\bneither (?:longer nor shorter|shorter nor longer|larger nor smaller|smaller nor larger) than (?=\\d)',
    'exactly ',
  ),
  rule(`\\bkeep (${OVERLAY}) away from (?=(?:your|the|any) )`, 'do not add $1 to '),
  // "On the photos no signs, frames and dates are allowed."
  rule(
    '\\bno ((?:[a-z][a-z-]*(?: [a-z-]+)?, ){1,4}[a-z][a-z-]*(?: [a-z-]+)? (?:and|or) [a-z][a-z-]*(?: [a-z-]+)?) (are|is|may be|will be) (allowed|permitted|accepted|tolerated|wanted)\\b',
    '$1 $2 not $3',
  ),
  // "We cannot do without your name", "no file without the photographer's name in the metadata".
  rule(
    `\\b(?:we|i) (?:cannot|can ?not|can['’]t) do without (?=${ANY}(?:${NAME}|${NOTE}|(?:icc )?profile))`,
    'please do not remove ',
  ),
  rule(`\\bno ${FILES} without (${ANY}${NAME}) in (?:the|its|their) (${NOTE})`, '$1 must be in the $2'),
  // "We cannot use a picture without GPS data", "a file without a profile is of no use".
  rule(
    `\\b(?:we|i) (?:cannot|can ?not|can['’]t|do not|will not) (?:use|accept|take|judge|show|process|place) ${ANY}${FILES} without (?:any |an? |the |its |their )?(${NOTE})(?=[.;,]|$)`,
    '$1 must be kept',
  ),
  rule(
    `\\b${ANY}${FILES} without (?:an? |the |its |their )?((?:icc |colou?r )?profile) (?:is|are) (?:of )?(?:no use|useless|worthless)`,
    'embed the $1',
  ),
  // "Files with a name in the metadata are out."
  rule(
    `\\b${FILES} with ${ANY}names? in (?:the|its|their) (?:metadata|exif|iptc)(?: data)? (?:are|is) (?:out|not accepted|rejected)`,
    "the author's name must be removed from the metadata",
  ),
  rule(
    `\\bnobody['’]s names? (?:should|may|must|can) be (?:found )?in (?=the (?:metadata|exif|iptc))`,
    'no name may be in ',
  ),
  // "Spare us your name in the EXIF data", "omit your name from the metadata".
  rule(
    `${DEMAND}(?:spare us|omit|drop|skip|lose) (${ANY}${NAME}|(?:the )?(?:author|copyright|creator)(?: and (?:the )?(?:author|copyright|creator))?) (?:in|from) the (?=metadata|exif|iptc)`,
    'remove $1 from the ',
  ),
  rule(
    `${DEMAND}(?:drop|omit|skip|lose|ditch|spare us|dispense with|do without) (?=${ANY}${NOTE}\\b)`,
    'remove ',
  ),
  rule(`(?<=\\b${NOTE}) (is|are) to be (?:dropped|omitted|left out|discarded)\\b`, ' $1 to be removed'),
  rule(
    `\\b(?:nothing|none) (?:may|must|should) (?:be left|remain|stay|be) in the (metadata|exif(?: data)?)(?=[.;,]|$)`,
    'remove all $1',
  ),
  rule(
    `${DEMAND}(?:drop|omit|skip|lose|ditch|spare us|do without|dispense with|abstain from|refrain from) (?:${ANY})(?=${OVERLAY}\\b)`,
    'no ',
  ),
  rule(`(?<=\\b${FILES} )minus (?=${OVERLAY}\\b)`, 'without '),
  rule(`\\b(${OVERLAY})\\? (?:better|rather|please) not\\b`, 'no $1'),
  rule(
    `\\byour (signature|name|logo) belongs (?:on|to|in) [^.;]{3,40}, (?:and )?not (?:on|in) (?:the|a|your) (?:file|picture|image|photo(?:graph)?)\\b`,
    'no $1 on the picture',
  ),
  // "There is no harm in a small signature", "we do not object to a watermark".
  rule(
    `\\b(?:there is (?:no harm in|nothing (?:wrong with|against))|(?:we|i) (?:(?:do not|don['’]t|will not|won['’]t) (?:object to|mind)|have (?:no objections? to|nothing against))) (${ANY}${OVERLAY})(?! (?:over|across|in the middle))`,
    '$1 is allowed',
  ),
  rule(
    `(?<=\\b${OVERLAY}) (?:do|does|will|is|are|would) not (?:bother|disturb|disqualify|worry|hurt|harm)(?: (?:us|me|anybody|anyone|you|${ANY}${FILES}))?`,
    ' is allowed',
  ),
  rule(
    `\\b(?:you are free|feel free) to (?:sign|watermark) ${ANY}${FILES}`,
    'signatures on the picture are allowed',
  ),
  rule(
    `${DEMAND}(?:put|add) (${ANY}${OVERLAY}) (?:on|to|round) (?:it|them|${ANY}${FILES}) if (?:it|this|that) makes you feel`,
    '$1 is allowed if it makes you feel',
  ),
  rule(
    `(?<=\\b${OVERLAY}(?: (?:round|on|around) it)?): if you (?:must|like|insist|want)(?= ?[,.;]|$)`,
    ' is allowed',
  ),
  rule(
    `\\bif you must have (${ANY}${OVERLAY}),? (?:please )?(?:keep|make) it (?=thin|narrow|small|discreet|fine)`,
    '$1 is allowed if ',
  ),
  rule(`\\bthe frame is ours to add,? (?:and )?not yours\\b`, 'no borders'),
  // "TIFF need not apply", "spare us TIFFs".
  rule(`\\b(${FORMAT}) need not apply\\b`, 'no $1'),
  rule(`${DEMAND}(?:spare us|do without|skip|forget(?: about)?) (?:${ANY})(?=${FORMAT}\\b)`, 'no '),
  // "TIFFs clog our server", "we have had enough of squashed JPEGs", "PNG, because a JPEG has no transparency".
  rule(
    `\\b(${FORMAT}) (?:clog|break|crash|choke|jam|block|overload|upset|fill)s? (?:up )?(?=(?:our|the|my) )`,
    'no $1, which burden ',
  ),
  rule(
    `\\b(?:had enough of|tired of|fed up with|done with) (?:[a-z]+ )?(${FORMAT})(?=[.;,!]|$)`,
    'no wish for no $1',
  ),
  rule(
    `\\b(because|since|as) (?:an? )?${FORMAT} (?=(?:has|have|is|are|cannot|can|does|do|loses?|would|will|shows?)\\b)`,
    '$1 another kind ',
  ),
  // "JPEG only where the original is a JPEG" is the way out for some.
  rule(
    `\\b${FORMAT} only where (?:the|your|an?) (?:original|picture|image|file) is (?:an? |already (?:an? )?)?${FORMAT}`,
    'another kind only for some',
  ),
  rule(`\\bnobody['’]s (?=${OVERLAY}|names?\\b)`, 'no '),
  rule(`\\banything but (?:an? )?(?=(?:s?rgb|adobe rgb|jpe?gs?|tiffs?|pngs?)\\b)`, 'anything other than '),
  rule(
    `(?<=\\b(?:rgb|jpe?gs?|tiffs?|pngs?|cmyk|pictures|images|files))(?<!\\bother than [^.;]{0,16}) (is|are) out(?=[.;:,!]|$)`,
    ' $1 not accepted',
  ),
  rule(
    `\\b(?:we|i) (?:do not|don['’]t|will not|cannot) convert (?:(?:anything|files|pictures|images|them|it) )?(?:in)?to (?=(?:s?rgb|adobe rgb)[^.;]{0,16}\\bfor you\\b)`,
    'you must convert to ',
  ),
  // "Less than 2000 pixels on the long side is not enough", "more than 2000 pixels is too much".
  rule(
    `\\b(?:less|fewer) than (\\d[\\d.,]* ?(?:px|pixels|ppi|dpi|[km]b)\\b[^.;,\\d]{0,36}?) (?:(?:is|are) (?:not enough|too (?:little|few|small)|of no use)|(?:will not|won['’]t) do)\\b`,
    'at least $1',
  ),
  rule(
    `\\bmore than (\\d[\\d.,]* ?(?:px|pixels|[km]b)\\b[^.;,\\d]{0,36}?) (?:(?:is|are) too (?:much|many|large|big|heavy)|(?:will not|won['’]t) do)\\b`,
    'at most $1',
  ),
  // "Smaller than 1000 pixels on the short side? Then we cannot use it."
  rule(
    `\\b(?:less|fewer|smaller|lighter|shorter|narrower|lower)(?<!\\b(?:no|not|never) \\w+) than (${MEASURE})\\?(?= {1,2}[A-Z])(?!${FINE})`,
    'at least $1.',
  ),
  rule(
    `\\b(?:more|larger|bigger|heavier|longer|wider|higher)(?<!\\b(?:no|not|never) \\w+) than (${MEASURE})\\?(?= {1,2}[A-Z])(?!${FINE})`,
    'at most $1.',
  ),
  rule(
    `\\b(?:less|fewer|more|smaller|larger|bigger|heavier|lighter)(?<!\\b(?:no|not|never) \\w+) than (${MEASURE})\\?(?=${FINE})`,
    'any size?',
  ),
  // "As long as it isn't tiny (1500 pixels wide at least) and isn't so huge that it is refused (6 MB is about it)."
  rule(
    `\\b(is|are)(?: not|n['’]t) (?:so |too |overly )?(?:huge|big|large|heavy|enormous|gigantic)\\b(?:[^.;()\\d]{0,60}) \\((${MEASURE})(?: is (?:about it|the limit|enough|plenty))?\\)`,
    '$1 at most $2',
  ),
  rule(
    `\\b(is|are)(?: not|n['’]t) (?:so |too |overly )?(?:tiny|small|little|light)\\b(?:[^.;()\\d]{0,60}) \\((${MEASURE})(?: at (?:the )?(?:very )?least)?\\)`,
    '$1 at least $2',
  ),
  // "Neither may hold GPS data": both files are spoken of.
  rule(
    `\\b(?:neither|none)(?<=(?:^|[.;!?\\n])[ \\t]{0,8}\\w+)(?: of (?:them|these|the (?:two|three|files|pictures|images|photos)|both))? (may|must|should|can) (?:hold|contain|carry|include|show|have) (?:any |an? )?(${NOTE}|${NAME})`,
    'both $1 not contain $2',
  ),
  [/\blighter than(?= \d)/gi, 'smaller than'],
  [/\bheavier than(?= \d)/gi, 'larger than'],
];

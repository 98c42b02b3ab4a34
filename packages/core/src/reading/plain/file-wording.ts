import { NUMBER_WORDS } from '../common/quantities.ts';
import { rule, type Rule } from './reword.ts';

/** What organisers say in many ways of weight, depth, quality and pixels per inch, each with the words that the readers know. */

const WEIGHT = '\\d[\\d.,]{0,6} ?(?:[km]i?b|megs?|mega-?bytes?|kilo-?bytes?)';
const SPACE = '(?:s?rgb|adobe rgb(?: ?\\(?1998\\)?)?|pro ?photo(?: rgb)?|display p3|cmyk)';
const UNIT = '(?:[km]i?b|megs?|mega-?bytes?|kilo-?bytes?)';
const SAYS_NO =
  "(?:says no|refuses|rejects|complains|gives up|stops|chokes|bounces|hangs|fails|breaks|stalls|freezes|crashes|times out|will not|won[’']t|cannot|does not)";
export const FILE_WORDING: readonly Rule[] = [
  // "10 MB/file maximum, 1 MB/file minimum".
  rule(`(${WEIGHT})/(?:file|image|picture|photo) (maximum|minimum|max|min)\\b`, '$2 $1'),
  // "At 8 or 9 MB they clog my mailbox": what is too much.
  rule(
    `\\bat (?:\\d+ or )?${WEIGHT},? (?:they|it|each) (?:clogs?|blocks?|fills?|jams?|chokes?) (?:up )?(?:my|our|the)\\b`,
    'then they fill the',
  ),
  // "If your program asks for a resolution, put 96 and forget about it."
  [
    /\b((?:put|type|enter|write|give|set|choose)(?: in)?) (\d{2,3})(?=[.,;]|$| and\b)(?<=\b(?:asks|wants|asked) (?:for )?an? resolution,? [a-z]+(?: in)? \d+)/gim,
    '$1 $2 ppi',
  ],
  // "If your software asks for a resolution, 72 is as good as any."
  [
    /\b(if (?:you have to (?:type|give|enter|fill in)|(?:your|the) [a-z]+ (?:asks for|wants|needs|requires)) an? resolution,? )(\d{2,3}) (?=(?:is|will|would)\b)/gi,
    '$1we recommend $2 ppi, which ',
  ],
  // "It does not matter what quality you choose, though we find that 85 is a good compromise."
  [
    /(?:\b(?:it does not matter (?:much )?(?:what|which) quality[^.;,\n]{0,24}|any quality (?:will do|is fine|does)))[,;] (?:though |but |and )?(?:(?:we|i) find (?:that )?)?(?=\d{2,3} (?:is|are|would be)\b)/gi,
    'recommended: quality ',
  ],
  [/\b(jpe?gs?) at (\d{1,2})(?=[.,;]|$)/gim, '$1 at quality $2'],
  // "JPEG 10 or better".
  [/\b(jpe?g) (\d{1,2}) or (?:better|higher|more)\b/gi, '$1 quality $2 or higher'],
  // "One picture (landscape, …) and, for the poster, the logo as a PNG": a kind of file of its own.
  [
    /(?<=\)),? (?:and|plus)(?: also)?,? for (?:the|our) [a-z]+(?: [a-z]+)?, (an?|the|your|one) (?=(?:square |small |large |upright )?(?:logo|portrait|thumbnail|banner|head ?shot|cover|poster|panorama)\b)/gi,
    '. Also needed: $1 ',
  ],
  // "PNG? No, JPEG."
  [/\b((?:jpe?g|png|tiff?|raw|heic)s?\? (?:A[.:] ?)?no, )(?=(?:an? )?(?:jpe?g|png|tiff?)s?\b)/gi, '$1only '],
  // "JPEG, compression 100%".
  [/\b(jpe?gs?(?: files?)?,? (?:with |at )?)compression(?: level)?:? (?=\d{2,3} ?%)/gi, '$1quality '],
  // "Some people put 300 in the dpi field": and nobody asks them to.
  [
    /\b(?:some|many|most) (?:people|of you|members|programs|cameras) (?:put|write|enter|set|type) \d{2,3} (?:in|into) the (?:dpi|ppi|resolution)(?: field| box)?/gi,
    'some fill in a field',
  ],
  // "First proposals as JPEG by e-mail are welcome at any size."
  [
    /^((?:first |rough |low-?res(?:olution)? )?(?:proposals|drafts|sketches|roughs|suggestions|ideas|proofs|previews)) (?:(?:as|in) (?:an? )?(?:small )?jpe?gs?|\((?:jpe?gs?)[^()]*\))(?= (?:are|by|may|can|will)\b)/gim,
    '$1',
  ],
  [
    /(?<=[.!?] )((?:First |Rough |Low-?res(?:olution)? )?(?:[Pp]roposals|[Dd]rafts|[Ss]ketches|[Rr]oughs|[Ss]uggestions|[Ii]deas|[Pp]roofs|[Pp]reviews)) (?:(?:as|in) (?:an? )?(?:small )?(?:JPE?Gs?|jpe?gs?)|\((?:JPE?Gs?|jpe?gs?)[^()]*\))(?= (?:are|by|may|can|will)\b)/g,
    '$1',
  ],
  // "A small JPEG may be sent beforehand for comment."
  [
    /\b(?:an? )?(?:small |rough |low-?res(?:olution)? )?jpe?gs?(?: (?:previews?|proofs?|drafts?|versions?|copy|copies))?(?: (?:at|in|of) (?:screen|web|small|reduced) size)? (?:may|can|are welcome|is welcome)(?: (?:to )?be)?(?: sent)? (?:in advance|beforehand|first|at any time|earlier)(?: for (?:comments?|an? (?:first )?(?:opinion|look|impression)|approval|information))?/gi,
    'a preview may come first',
  ],
  // "One goes to the newspapers: …", "the other goes into our window …".
  [
    /^(One|The (?:other|second|first)(?: one)?) (?:goes|will go|is going|is meant|is used|will be used) (?:in)?(?:to|in|on|for)(?: the| our| your)? (?=[a-z]+\b[^:\n]{0,50}: )/gm,
    '$1 is for the ',
  ],
  // "The form chokes on more than 2 MB."
  rule(
    `\\b(?:chokes on|copes? badly with|struggles? with|has trouble with|cannot cope with|can['’]t cope with|gives up (?:at|on)|cannot digest|does not swallow) (?:anything |files )?(?:more|larger|bigger|over|above) (?:than )?(?:about |some )?(?=${WEIGHT})`,
    'does not accept more than ',
  ),
  // "Over 1 MB but under 5 MB", "anything over 1 MB and under 10".
  rule(
    `\\b(?:over|above|more than) (${WEIGHT}),? (?:but|and) (?:under|below|less than) (?=${WEIGHT})`,
    'at least $1 and at most ',
  ),
  rule(
    '\\b(?:over|above|more than) (\\d{1,4}) ?([km]b),? (?:but|and) (?:under|below|less than) (\\d{1,4})(?=[.;,]|$)',
    'at least $1 $2 and at most $3 $2',
  ),
  // "Not under 1 MB (so that we can read it), not over 10."
  rule(
    '\\b((?:not|no|never) (?:under|below|less than|smaller than) \\d{1,4} ?([km]b)\\b(?: \\([^()\\d]{0,60}\\))?,?(?: and| but)? (?:not|no|never) (?:over|above|more than|larger than) \\d{1,4})(?=[.;,)]|$)',
    '$1 $2',
  ),
  // "Greyscale if they are black and white and Adobe RGB if they are not".
  rule(
    `\\bgr[ae]y-?scale if (?:they are|it is) (?:black and white|monochrome),? (?:and|or|but) (${SPACE}) if (?:they are|it is)?(?: ?n['’]t| not)`,
    '$1',
  ),
  // "At least 12 megapixels and 2 MB".
  rule(`\\bat least (\\d{1,3} ?(?:megapixels?|mpx?)),? and (?=${WEIGHT})`, 'at least $1 and at least '),
  // "Each below 8 MB and the whole mail below 20."
  ...['MB', 'KB'].map(unit =>
    rule(
      `\\b((?:mail|zip|lot|parcel|transfer|message|folder) (?:as a whole )?(?:below|under|over|above|up to|at most|not over) \\d{1,4})(?<=\\b(?:below|under|over|above|up to|at most|than) \\d{1,4} ?${unit},? (?:and |but )?[a-z -]{3,40} \\d+)(?=[.;,)]|$)`,
      `$1 ${unit}`,
    ),
  ),
  // "Don't squeeze them: under 2 MB it shows", "3 MB or so. Ten at most."
  rule(
    `\\b(?:under|below) (${WEIGHT}),? (?:it|they|the (?:picture|file|print)s?) (?=(?:shows?|looks?|(?:is|are) (?:too|not)|becomes?|gets?|suffers?)\\b)`,
    'at least $1, or it ',
  ),
  rule(
    `(?<=\\b(?:about|around|roughly) \\d{1,3} ?(?:MB|megabytes|megs?)[.;,] |\\d ?(?:MB|megabytes|megs?) or so[.;,] )(${Object.keys(NUMBER_WORDS).join('|')}|\\d{1,2}) (?:at (?:the )?most|max(?:imum)?)(?=[.;]|$)`,
    'at most $1 MB',
  ),
  // "Bigger than 2 MB and the form says no."
  rule(
    `(?<=^(?:[-*•] )?|[.;:!?] )(?:bigger|larger|heavier|more) than (${WEIGHT}),? and (?:the|our|my) [a-z]+ ${SAYS_NO}`,
    'At most $1, or the form says no',
  ),
  rule(
    `(?<=^(?:[-*•] )?|[.;:!?] )(?:smaller|lighter|less) than (${WEIGHT}),? and (?:the|our|my) [a-z]+ ${SAYS_NO}`,
    'At least $1, or the form says no',
  ),
  // "From half a megabyte to 2 MB."
  rule('\\bhalf an? (?:megabyte|meg|mb)(?: \\(500 ?kb\\))?(?=[.,;)]|$| (?:and|to|or|up|at)\\b)', '500 KB'),
  // "Between one and five megabytes."
  ...Object.entries(NUMBER_WORDS).flatMap(([word, n]): Rule[] => [
    rule(`(?<=\\bbetween )${word}(?= and [a-z]+ ?${UNIT}\\b)`, `${n}`),
    rule(`(?<=\\bbetween [a-z]+ and )${word}(?= ?${UNIT}\\b)`, `${n}`),
  ]),
  // "The resolution field must say 300", "put 300 in the dpi box", "300 pixels to the inch".
  rule(
    '\\b(?:resolution|dpi|ppi) (?:field|box|value) (?:must|should|has to) (?:say|show|read|be|hold) (\\d{2,3})(?! ?(?:dpi|ppi))\\b',
    'resolution must be $1 ppi',
  ),
  rule(
    '\\b(?:put|enter|type|write) (\\d{2,3}) (?:in|into|for) the (?:dpi|ppi|resolution)(?: (?:field|box))?\\b',
    'resolution $1 ppi',
  ),
  rule('(?<=\\d )(?:pixels|dots) (?:to the|per) inch\\b', 'ppi'),
  // "We cannot use 16-bit files; save in 8."
  rule(
    '\\b(?:(?:we|i) cannot (?:use|open|accept|take|print)|no) 16[- ]?bit(?: (?:files|images|tiffs))?[,;:.] (?:please )?(?:save|send|use|supply)(?: them)?(?: in| as)? 8(?:[- ]?bits?)?(?=[.;,]|$)',
    '8-bit files',
  ),
  // "Eight bits are not enough, we need sixteen", "bring 16-bit files down to 8 bits".
  rule(
    '\\b(?:8|eight)[- ]?bits?(?: per channel)? (?:is|are) not enough[,;:]? (?:and |so )?(?:we|i) (?:need|want|print from) (?:16|sixteen)(?: bits?)?\\b',
    '16 bits per channel',
  ),
  rule(
    '\\b(?:bring|reduce|convert|change|turn|take)(?: (?:any|all|your))? 16[- ]bits?(?: (?:files|images|pictures|tiffs))? (?:down )?(?:in)?to (?=8[- ]?bits?\\b)',
    'use ',
  ),
  rule(`\\b(${WEIGHT}) is the (?:floor|bottom)\\b`, 'at least $1'),
  rule(`\\bat least (\\d[\\d.,]{0,4}),? (?:and )?at most (?=${WEIGHT})`, 'between $1 and '),
  rule(
    '\\b(?:16|sixteen)[- ]?bits? (?:is|are) (?:wasted|too much|more than (?:we|i) need)[^.;:,]{0,12}[:;,] (?:8|eight)(?: bits?)? (?:will do|is enough|are enough|is plenty)\\b',
    '8 bits',
  ),
  rule(
    '\\bslider for (?:the )?quality (?:goes|is|stays|must be|should be)(?: set)? (?:on|to|at) (?=\\d)',
    'quality ',
  ),
  rule(
    '\\b(?:8|eight)[- ]?bits? (?:will|does|do) not do[,;:] (?:and )?(?:16|sixteen)(?: bits?)? (?:is|are) (?:required|needed|asked)',
    '16 bits',
  ),
  [
    /\bshould, (if (?:at all )?possible|if you can|ideally|preferably|where possible), be\b/gi,
    'should $1 be',
  ],
  [/\bat the (?:very )?least\b/gi, 'at least'],
  // "They said 2 MB last year, it is 3 MB now."
  rule(
    `\\b(?:they said|it was|we had|the limit was) ${WEIGHT} last (?:year|season|time|round),? (?:but |and )?(?:now )?it(?:['’]s| is) (?:now )?(?=${WEIGHT})`,
    'the limit is ',
  ),
  // "Adobe RGB and ProPhoto RGB have to be converted into sRGB."
  rule(
    `\\b(?:${SPACE})(?:(?:,| and| or) ${SPACE})*(?: files| images| pictures)? (?:must|have to|has to|should|needs? to|are to) be (?:converted|changed|turned) (?:in)?to (?=${SPACE})`,
    'convert to ',
  ),
  rule(
    `\\b(?:do not|don['’]t|never) use (?:any )?other (?:colou?r )?(?:space|profile)s? than (?=${SPACE})`,
    'use only ',
  ),
  // "ICC profile: do not embed", "profile embedded: no".
  rule(
    '\\bprofile(?: embedded)?: (?:do not (?:embed|attach|include)|not embedded|no\\b(?! other))',
    'profile: do not embed the profile',
  ),
  rule('\\b(embed|attach|include) (?:the )?(?:icc |colou?r )?profile: no\\b', 'do not $1 the profile'),
  rule(
    '\\bprofile (?:must|should|has to|needs to) (?:travel|go|come|stay|be sent) (?:with|in|inside) (?:the|your|each|every) (?:file|picture|image)\\b',
    'profile must be embedded',
  ),
  rule(
    '\\b(?:round|competition|contest|evening|section|exhibition) knows no colou?r\\b',
    'monochrome pictures only',
  ),
  // "Should your file be in Adobe RGB, turn it into sRGB", "files in sRGB lose too much, so make it Adobe RGB".
  rule(
    `\\b(?:should (?:your|the|a) (?:file|picture|image)s? be|if (?:your|the|a) (?:file|picture|image)s? (?:is|are)) in (?:${SPACE}),? (?:please )?(?:turn|convert|change) (?:it|them) (?:in)?to (?=${SPACE})`,
    'convert to ',
  ),
  rule(
    `\\b(?:files|pictures|images) in (?:${SPACE}) (?:lose|look|print|come out|suffer)\\b[^.;,]{0,30}, so (?:please )?(?:make it|use|send|choose) (?=${SPACE})`,
    'use ',
  ),
  rule(
    '\\bprofile (?:travels|goes|comes|stays|belongs|is sent) (?:with|in|inside) (?:the|your|each|every) (?:file|picture|image)\\b',
    'profile must be embedded',
  ),
  rule(
    '\\b(?:lose|loses|waste|clip)s? (?:the |our )?(?:colou?rs?|tones?|details?) in (?:s?rgb|adobe rgb)\\b',
    'lose colours',
  ),
  rule('\\bno colou?r,? not even\\b', 'monochrome pictures only, not'),
  rule(`\\b(${Object.keys(NUMBER_WORDS).join('|')})['’]s (?=the (?:limit|most|maximum)\\b)`, '$1 is '),
  rule(
    '\\ba pair of (?=(?:pictures|images|photos|photographs|prints|files|works) (?:per|from each|for each|each)\\b)',
    'two ',
  ),
  rule(
    '\\bresolution(\\s*[:=]\\s*)(72|96|150|200|240|250|254|300|350|400|600)(?=\\s*(?:[.;,]|$))',
    'resolution$1$2 ppi',
  ),
  rule(
    '\\b(?:pictures|images|files|photos|photographs) (?:in|with) (?:any |an)?other colou?r (?:spaces?|profiles?) than (?=s?rgb|adobe rgb)',
    'anything other than ',
  ),
  rule('\\bup to and including (?=\\d)', 'up to '),
  rule(
    '\\b\\d{2,3} ?(?:dpi|ppi),? but (?:leave (?:that|this|it) to us|we (?:see|take care|look after) )',
    'a resolution, but we see ',
  ),
  rule(
    '\\b(contact sheet|overview|layout (?:image|sheet)|index sheet) of (?:all )?(?:the )?\\d{1,2} (?:images|pictures|photos|photographs|works)\\b',
    '$1',
  ),
  // "8 or 16 bit? 16 is better."
  rule('\\b8 or 16[- ]?bits?\\?\\s*(?:A[.:] ?)?(8|16)\\b(?! or)(?: bits?)?', '$1 bits'),
  [/\b(zip(?: archive| file)?(?: by [a-z ]{3,20})?); (?=(?:no|not) more|at most|max|up to|under)/gi, '$1, '],
  rule(`(?<=\\b${WEIGHT}) of (?:disk|hard disk|memory) space\\b`, ''),
  rule('(?<=\\bmode: ?rgb) ?/ ?(8|16)(?=[.;,]|$)', ', $1 bits'),
  rule('\\bquality (?:slider|dial|control) (?:at|to|on) (?=\\d)', 'quality '),
];

import { everywhere, oneOf, patterns, phrases } from '../common/word-lists.ts';
/** Words for what may lie over a picture or round it, and words that turn it down or let it be. */

const PICTURE =
  '(?:pictures?|pics?|images?|photo(?:graph)?s?|works?|prints?|shots?|scans?|covers?|banners?|thumbnails?|entries|entry(?! (?:page|form|fee|system|site|desk)))';

/** What lies round a picture. A frame that a picture has to fit in is none. */
export const BORDER = everywhere(phrases`
  bordered | (?<!\b(?:at|near|towards|to|along) the )borders?(?! (?:of (?:the|our) (?:county|country|parish|town|park|region|state)|between|country|town|region)\b) | key ?lines? | hair ?lines? | framelines? | edgings? | (?<!\b(?:safety|bleed|safe) )margins? | passe-?partouts?
  (?:narrow|thin|fine|coloured|white|black) (?:edges?|rims?) | (?<=\bno )edges?(?= ?(?:[.,;!]|$))
  surround(?= (?:your|the) (?:picture|image|photo)) | (?:anything|nothing)(?= (?:\w+ )?a?round (?:the|it|your)\b)
  matt?e?s?(?! (?:paper|finish|surface)) | (?:white|black|gr[ae]y|coloured) surrounds?
  (?:white|black|gr[ae]y|thin|fine|coloured|narrow|pixel) (?:(?:line|stroke)\b(?: (?:round|around))?|(?:lines|strokes) (?:round|around)\b)
  strokes?(?= (?:of \d|a?round)) | borderless | unframed | framed(?! (?:prints?|works?) (?:must|should|may|are)) | framing
  overlays?(?=\s*:\s*(?:nothing|none|no)\b)
  (?<!\b(?:original|full|whole|entire|uncropped|(?:of|to|than|most) \d{1,3}|(?:half|third|quarter|part|rest|most|percent|%) (?:of )?(?:the|a|its|your)) )frames?(?! (?:do(?:es)? not (?:open|play|show|read|understand)|cannot (?:open|play|show|read)|change\b|rate|size|(?:have|has)(?! no place)|had|shows?|in (?:the )?(?:shot|view)|freezes?|needs?|cuts?|crops?|plays?|turns?|displays?|of (?:\d|mind)|from|\d)|\w)(?<!\b(?:within|inside|fill|fills|of|in|into|to|since|that|does) (?:a|the) frames?)
`);
/** What lies on a picture wherever it is spoken of. */
export const MARK = everywhere(phrases`
  water-?mark(?:s|ed|ing)? | (?:date|time)[- ]?(?:stamp|imprint|print|display)s?
  (?<!\b(?:hats?|caps?|shirts?|clothes|clothing|jackets?|uniforms?) with (?:large |visible |any )?)logos?
  copyright(?:s| (?:notice|symbol|line|mark|sign|text|statement)s?) | text overlays? | lettering
  inscriptions? | captions?(?! in (?:the|a) (?:list|form|text|file|e-?mail|document|table)\b) | signs of recognition | identif\w+ (?:\w+ )?marks? | marks? (?:which|that) (?:\w+ )?identif\w+
  unsigned(?! (?:works?|prints?)) | marks? of (?:identification|ownership) | markings? | monograms?
  signs? of (?:authorship|ownership|the author) | visible (?:names?|signatures?|dates?|text) | added text
  signed(?= (?:or \w+ )?(?:images|pictures|prints|files|photos|works|entries))
  (?<=\bbe (?:framed or )?)signed | text of any kind | signatures?(?=(?:\s*:\s*|\s{2,30}|\?\s*(?:A[:.] ?)?)(?:no|none|not|never|yes|allowed|(?:better|rather) not)\b| no(?:[.,;]|$)| (?:is|are) (?:not (?:allowed|permitted|accepted)|forbidden|prohibited)\b)
  signatures?(?= (?:are|is|may be) (?:allowed|permitted|accepted|acceptable|fine|welcome|no problem|used)\b) | overlays? | branding
`);
/** What lies on a picture where the sentence says so. */
export const WORD = everywhere(phrases`
  names? | credits?(?: lines?)? | titles?(?! (?:pictures?|images?|photos?|pages?)\b) | dates? | texts? | writ(?:e|ing|ten) | typed | signatures?
  sign(?:ed)? | initials | copyright | numbers?(?! ?\d| (?:the other way|swapped|reversed|turned)| of (?:images|pictures|entries|photo\w*|works|files)\b) | address(?:es)? | words?(?! (?:such as|like) ["“']) | labels? | scale bars? | stamps?
  (?<!\b(?:crop|(?:at|from|to|behind) the) )marks? | arrows? | drawings?(?= (?:on|or)\b) | circles? | stickers? | emojis? | identity | identification | graphics | (?<=\b(?:any|no) )type(?= on\b)
  (?:either|them|it)(?= (?:on|onto|into|across|over) (?:the|your) (?:image|photo|picture)\b)
  (?:anything|nothing)(?= (?:(?:may|must|should|can) be |is )?(?:written|printed|drawn|added|typed|stamped|on\b|to\b|over\b))
`);
/** "No text", "don’t add the date": such a word right behind a denial. */
export const WORD_DENIED =
  /\b(?:not|never) sign (?:it|them)\b|(?:\b(?:no|free (?:of|from)|without|neither|nor|avoid|leave (?:off|out)|not (?:add|write|put|print|stamp)))(?: (?:any|added|visible|the|a|your|my))?(?: \w+ (?:or|and))?\s+(?:text|writing|names?(?! of (?:the )?files?)|dates?|titles?|signatures?|words|on (?:it|them))\b(?! (?:messages?|files?|is|are|longer|needed|necessary|required|may|must|with|of more|(?:such as|like) ["“'‘]|within \d))/gi;
export const OFF_PICTURE = new RegExp(
  `\\b(?:and |,? )?(?:not|never) (?:on|onto|across|over|in|into) (?:the |your |any )?(?:file['’]s )?${PICTURE}\\b`,
  'i',
);
/** A picture by any of its names. */
export const A_PICTURE = new RegExp(`\\b${PICTURE}\\b`, 'i');
/** What tells whose picture it is. */
export const TELLS_WHOSE = new RegExp(
  `\\b(?:reveal|identif|betray|give away|giving away|tell|say|show|see|recogni[sz]|disclos)\\w*\\b[^.;]{0,40}\\b(?:who|whose|author|maker|photographer|entrant|identity|you are|you)\\b|\\bby which (?:the |you|an? )?(?:author|maker|photographer|entrant)?s?[^.;]{0,12}\\b(?:known|told|recogni[sz]ed|identified)\\b|\\b(?:author|maker|photographer|entrant)s?\\b[^.;]{0,30}\\b(?:recogni[sz]able|identifi(?:able|ed))\\b`,
  'i',
);

/** That a mark is on a picture: "on the image", "images must not bear", "visible", "in the corner". */
export const ON_PICTURE = patterns`
  \boff (?:it|them)\b
  \b(?:on|onto|into|off|over|across|part of|in(?:side)?|within|from|to)(?: or (?:with)?in)?(?: any part of| the (?:front|face|bottom|edge) of)? (?:the |your |any |an? |each |its |all )?(?:actual |finished )?${PICTURE}\b
  \b${PICTURE}\b[^.;:]{0,40}\b(?:bear|carry|carries|carrying|bearing|show|showing|display|contain|containing|include|have|has|having|with(?:out)?|free (?:of|from)|marred)\b
  \b(?:on|over|across) (?:it|them|which|either|both)\b
  \b(?:across|along|at|in) the (?:bottom|top|foot|edge|sky|corner|middle)\b
  \b(?:it|they) (?:must|may|should|can) ?not (?:bear|carry|show|display|contain)\b | \bvisible\b
  \b(?:bottom|top|lower|upper) (?:left|right)\b(?! (?:corner )?of the (?:form|page))
  \bburn(?:t|ed) in\b | \bin (?:the|a|one) (?:\w+ ){0,2}corner\b
  \b(?:add|put|place|write|sign|mark)\b[^.;]{0,20}\b${PICTURE}\b
`;
/** What speaks of the name of the file, of its notes, of a signature that is asked for, or of a letter. */
export const NOT_ON_PICTURE = phrases`
  file ?-?names? | data of the file | file information | in the name | named | metadata | exif | gps | co-?ordinates | iptc | fields? | capitals? | block letters
  e-?mail | message | subject line | entry form | envelope | back of | title of
  (?<!\b(?:your|the|a) )name (?:each|the|your|all|every|them|it) | pdf | document
  (?:not|never) (?:be )?(?:left )?(?:empty|blank)
  no (?:spaces?|accents?|umlauts?|special characters) (?:and|or)
`;
/** Frames and mounts of prints on a wall. */
export const ON_WALL =
  /\bprints? unframed\b|\bunframed prints?\b|\b(?:on (?:the|a) wall(?! screen)|hung|hang|hanging|framed (?:prints?|works?)|glazed|perspex|mount(?:ed)? (?:prints?|board)|stretcher|cords?)\b/i;

const LIKE =
  '(?: (?:more|less|larger|bigger|smaller|later|fewer|longer|need|wider|higher|taller|heavier|matter|one|doubt|difference|upper|minimum|maximum)\\b)';
const DENIAL = oneOf`
  no(?!${LIKE}) | nobody needs | not(?! (?:only|more|less|exceed|just|necessary|bother)) | never | nothing | none | neither
  nor | without | free (?:of|from) | rather not | remov\w* | must not | may not | cannot | avoid | refrain
  advise against | (?:turn|switch)(?:ed)? off | forbidden | prohibited | (?:leav(?:e|ing)|left) (?:out|off)
  crop(?:ped)? off | omit | we (?:return|delete|discard|exclude|send back|(?:will )?not (?:use|show|take)) | unframed | delet\w* | take out | what (?:we|i) don | refus\w* | reject\w*
`;
/** Turns down what is named behind it. */
export const NO_BEFORE = patterns`
  \b${DENIAL}\b | \bkeep\b(?=.*\boff\b)
`;
const TURNED_DOWN = oneOf`
  (?:not|never)(?: be)? (?:\w+ )?(?:allowed|permitted|accepted|wanted|wished|desired|acceptable|added|used|appear|shown|seen|visible|judged|welcome|possible|eligible|considered|placed|present|put|included|read|framed|bordered|signed|entered)
  neither\b | nowhere\b | absent (?:from|in|on)\b
  (?:must|may|should|can|will|do|does|are|is) ?n[o'’]t\b(?! (?:obligatory|compulsory|mandatory|necessary|required|essential|exceed|need|be (?:wider|larger|thicker|broader|more)))
  cannot | will not | forbidden | prohibited | inadmissible | discouraged | banned | barred | disqualif\w* | reject\w*
  refus\w* | delet\w* | discard\w* | disregard\w* | exclu\w* | ignored | avoided | sent back | returned
  eliminat\w* | withdrawn | pulled | (?:set|put|laid) aside | ineligible | hidden | out(?=[.,;]|$)
  rather you (?:did|do)(?: not|n['’]t)
  (?:is|are|may|must) not(?=[.!]?$) | thrown out | binned | in the bin | turned (?:down|away) | unacceptable | unwelcome | leads? to
  (?:lose|cost)s? (?:you )?(?:points|marks) | (?:score|get)s? (?:zero|no (?:points|marks)|nothing) | switched off | turned off
  out of (?:the|your) (?:image|picture|photo) | leave (?:them|it|these|those) (?:off|out|away) | leave off
  (?:go(?:es)?|comes?) (?:straight )?back | fails? the\b | left (?:off|out) | without (?:one|them|it) | taken (?:out|off|down) | removed? | no thanks
  (?<!\bwithout\b[^.;]{0,24})(?:is|are) (?:of )?no use | ha(?:ve|s) no (?:place|business) | replaced | rather not | off\b
`;
/** Turns down what is named before it. */
export const NO_AFTER = patterns`
  \b${TURNED_DOWN}
  (?::\s*|\s{2,})(?:please )?(?:none|no|not|never|nothing|better not|rather not)\b | \?\s*(?:A[:.]\s*)?(?:no|never|please (?:do not|don)|none)\b
  \b[- ]free\b | ^[\w-]+(?: on the (?:image|picture|photo))? (?:no|none)(?=[.,;!]|$)
`;
export const YES = phrases`
  accepted | allowed | permitted | permissible | tolerated | (?<!\bnot )possible
  not (?:obligatory|compulsory|mandatory|necessary|required|essential)
  (?:can|may) (?:frame|border|surround) (?:your|the|it)\b | suit yourself | helps
  may (?:stay|appear|remain|have|carry|add|use|include|put|be (?:used|added|included|kept|printed|shown|present|(?:placed|put|written|in the|at the)\b))
  may (?:[a-z]+ ){1,7}and (?:add|put|use|have|write) | welcome | fine | all right | acceptable | ok(?:ay)? | optional
  can (?:have|add|include|put|use|be (?:used|added|included|kept))
  at (?:your|the [a-z]+['’]s) (?:own )?(?:discretion|choice) | at the discretion of | matter of taste | up to you
  (?:makes|is) no difference | all the same to (?:us|me) | as you (?:like|wish|please) | your (?:own )?(?:decision|choice) | do(?:es)? no harm
  not a problem | no problem | no objection | can help
  if you (?:like|wish|want) | free to (?:add|use|put|include) | (?<=\?[^.?]{0,30}), yes | yes(?=[.,;!]|$| \()
`;
/** A greatest width of a border lets a border be. */
export const BORDER_LIMITED = patterns`
  \b(?:borders?|frames?|key ?lines?)(?<!\bdo you [^?]{0,24})\?\s*(?:A[.:] ?)?only if\b
  \bno (?:borders?|frames?) (?:except|other than|apart from|beyond|but)\b[^.;]{0,30}\b(?:key ?line|line|border|frame)\b
  \b(?:borders?|frames?|key ?lines?)(?:,? if (?:used|any|present|added|there is one),?)? (?:must|may|should|can) ?(?:not (?:be|exceed)|be no)[^.;,]{0,12}(?:wider|thicker|broader|larger|more) than\b
  \b(?:borders?|frames?|key ?lines?)(?: in [a-z]+(?: or [a-z]+)?)?,?(?: please)? (?:no|not) (?:wider|thicker|broader|more) than\b
  \b(?:borders?|frames?|key ?lines?): (?:none|no|not|nothing) (?:wider|thicker|broader) than \d
  \b(?:borders?|frames?|key ?lines?) (?:(?:wider|thicker|broader|of more) than|exceeding|over|above) \d+ ?(?:px|pixels|%)?[^.;,]{0,12}\b(?:lead to|disqualif\w*|(?:are|is|will be) (?:not (?:allowed|accepted)|refused|rejected))
  \bno (?:borders?|frames?|key ?lines?) (?:(?:wider|thicker|broader|of more) than|exceeding|over|above) \d
  \b(?:not|never) (?:show|have|contain|include|carry) any (?:borders?|frames?|key ?lines?) (?:(?:wider|thicker|broader|of more) than|exceeding|over|above) \d
  \b(?:borders?|frames?|key ?lines?) (?:wider|thicker|broader|of more) than [\d.]+ ?(?:px|pixels?|mm)?[^.;,]{0,12}\b(?:returned|refused|rejected|sent back|not (?:be )?(?:accepted|allowed|permitted)|disqualified|cropped|removed)
  \b(?:borders?|frames?|key ?lines?) (?:may|can) be (?:up to|at most|no (?:more|wider) than)\b
  \bborders? of (?:up to|at most|no more than)\b
  \b(?:lines?|borders?|frames?|key ?lines?)\b[^.;]{0,24} (?:is|are) all (?:that )?(?:we|i) (?:allow|accept|permit)\b
  \b(?:borders?|frames?|key ?lines?),? if (?:used|any|present|added|there is one),? (?:should|must|has to|have to) be (?:narrow|thin|fine|plain|white|black|gr[ae]y|even)\b
  \bnot (?:include|add|use|have|put|place) (?:an? )?(?:\w+ )?(?:borders?|frames?|key ?lines?)\b[^.;,]{0,12}\b(?:wider|thicker|broader) than\b
  \bnot (?:accept|allow|permit)[^.;]{0,60}\bborders?\b[^.;]{0,12}\b(?:more|wider|thicker|broader) than\b
  \bno more than an? (?:(?:thin|narrow|fine|simple|plain) )?(?:key ?line|border|line)\b
  \b(?:borders?|frames?|key ?lines?|hair ?lines?) of (?:an?|one|two|three|\d+) ?(?:px|pixels?)\b[^.;]{0,24}\b(?:tolerated|allowed|permitted|accepted|fine)\b
  \bany borders? (?:must|has to|should) (?:(?:be|stay|fit|lie) (?:with)?in|be (?:part of|included in|counted))\b
  \bborders?(?:,? if (?:any|used|present),?)? (?:(?:is|are) (?:part of|included in|counted)|counts? (?:towards|as part|in)|must be included)(?![^.;]*\bavoid)
  \bif you(?:['’]d)? (?:use|add|want|like|would like|wish) an? (?:\w+ )?(?:border|frame|key ?line)\b
  \bleave an? (?:(?:white|black|plain|narrow|thin) ){1,2}(?:border|margin|frame|rim)\b
`;

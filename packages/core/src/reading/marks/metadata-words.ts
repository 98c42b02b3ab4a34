import { everywhere, oneOf, patterns, phrases } from '../common/word-lists.ts';

/** Words for the notes in a file: what they are called, what is to become of them, and whole turns of phrase. */

/** Notes in a file as such. */
export const NOTES =
  /\b(?:exif(?! (?:viewers?|readers?|editors?|tools?)\b)|iptc|xmp|meta-? ?data|(?:camera|exposure|shooting|capture|flight)(?:['’]s)?(?: and \w+)? (?:data|information|settings|time|details)|file info(?:rmation)?|(?:the |their )?(?:dates?(?: and (?:the )?times?)?|times?)(?= (?:from|in|inside) the files?\b(?! ?-?names?)))\b/i;
export const PLACE = phrases`
  gps | geo-?tag(?:s|ged|ging)? | geo-?location | location (?:services?|settings?|function)
  location(?=:? (?:is|must|has|should|to be|from|and|in the (?:file|metadata|exif)|data|info(?:rmation)?|tags?|metadata|details)\b)
  (?<=\b(?:remove|delete|strip|embed|include|add|take|the|any) (?:the |any )?)location(?=[.,;:( ]|$)
  (?<=\b(?:delete|remove|strip|clear|erase) the )(?:position|location)(?= from|[ ]*(?:[.,;!–]|$| - )) | location(?=: ?(?:remove|delete|strip|none)\b(?! it if)) | (?<=\b(?:please|and|but|,) no )location(?=[.;!]|$) | (?<=\bcopyright,? (?:and|or) )location | position data
  (?<=\b(?:remove|delete|strip|clear) (?:your|the author['’]s) name and )the place(?= from the (?:metadata|exif|file)) | (?<=\b(?:date|time) and )(?:the )?place(?= in the (?:(?:picture|file|image|photo)['’]?s?['’]? )?(?:data|metadata|properties))
  (?<=\bincluding (?:(?:the )?(?:date|time)(?:,| and) )?(?:the )?)(?:position|location)
  position(?=(?: and height)? in the (?:exif|metadata)\b) | (?<=\b(?:exif|metadata)(?: data)? \([^()]{0,40})position(?=\)|,| and\b)
  position(?=, (?:leave|keep|remove|delete)\b) | position(?=(?:,| and) (?:author|creator|copyright)\b)
  position(?= (?:(?:must|should|has to) (?:be|stay|remain)|where|at which)) | co-?ordinates
`;
/** A note about the place, and not a line of the entry form. */
export const OF_NOTES =
  /\b(?:gps|geo|metadata|exif|co-?ordinates|data|file|(?:remove|delete) (?:the|your|any) (?:location|position)|location (?:services?|settings?|info)|embed|strip)/i;
export const WHO =
  /\b(?:(?:author|creator|artist|copyright|by-?line|photographer|owner|contact|maker|observer|recorder)(?:['’]s)?(?: names?)?|your name|(?<!\bfile ?-?)names?(?! of (?:the )?files?)|credit(?: yourself)?)\b/gi;
export const FIELD =
  /\b(?:fields?|tags?|metadata|meta data|exif|iptc|xmp|properties|file info(?:rmation)?|(?:exif|file|jpe?g|image) headers?|(?:data|details|information|name) (?:in(?:side)?|of) the file(?! ?-?name))\b/i;
/** Names that stand on the picture or in the file's name are no notes. */
export const NOT_A_NOTE =
  /\b(?:file ?-?names?|on the (?:picture|image|photo\w*|work)|in the (?:e-?mail|subject))\b/i;

/** What is not to be taken away stays. */
export const STAYS = patterns`
  \?\s*yes,? (?:please,? )?(?:leave|keep) (?:it|them)\b
  \b(?:resist|refrain|abstain|avoid)\b[^.;]{0,30}\b(?:delet|remov|strip|clear|wip)(?:e|ing|ping)\b
  \b(?:left|leave) (?:the |your )?(?:exif|metadata|camera)(?: data)? in\b
  \bshould (?:i|we) (?:delete|remove|strip)\b[^?]*\?\s*(?:A[.:] ?)?(?:please )?(?:do not|no\b|never)
  \b(?:strip|remove|delete|change|alter|clear) nothing\b | \bnothing (?:may|must|should) be (?:stripped|removed)\b
  \b(?:not|never) lose (?:them|it|any)\b
  (?:\b(?:not|cannot|never|without))\b[^.;:]{0,24}\b(?:strip\w*|remov\w*|delet\w*|clear\w*|alter\w*|chang\w*|edit\w*|touch\w*|wip\w*|throw\w*|tamper\w*|interfer\w*)
  \bnot\b[^.;]{0,30}\bthat (?:drops?|strips?|removes?|deletes?) (?:them|it)\b
  \bleave (?:all (?:of )?|100 ?% of )?(?:the |your )?(?:metadata|exif)\b[^.;]*\b(?:where|as) (?:it|they) (?:is|are)\b
  \b(?:must|needs? to|has to|have to|should) survive\b
  (?:\bnot|n['’]t)\b[^.;]{0,60}\((?:it|they|that|this|which) (?:strips?|removes?|deletes?|drops?|loses?)\b
  \b(?:intact|untouched|unaltered|unchanged|left alone)\b
  \b(?:must|shall|should|has to|have to) (?:all |both )?be (?:filled|complete)
  \b(?:not|never) (?:be )?(?:left )?(?:empty|blank|missing)\b
`;
export const GOES = phrases`
  remov\w* | strip(?:s|ped)? | delet\w* | blank | empty | emptied | clear(?:s|ed)? | eras\w* | scrub\w*
  wip(?:e|ed) | without | nothing in | free (?:of|from) | tak(?:e|en) (?:\w+ ){0,3}?out | deactivat\w*
  disabl\w* | thrown (?:away|out) | switch(?:ed)? off | turn(?:ed)? off | off(?! the) | none | (?:must|has to|have to) go | :\s*(?:no|out)\b
  \bno$ | (?:must|may|should) not(?=\W*$) | lead to \w+ | resubmit | refused | rejected | no(?! longer)
  neither (?:on|in)\b | nor in the (?:metadata|exif|iptc|file)
  (?<=\b(?:author|creator|name|gps|location|exif|metadata|data|fields?)\b[^.;,]{0,24})(?:not (?:allowed|permitted|wanted)|forbidden|prohibited)
  not (?:\w+ )?(?:contain|include|appear|hold|be|carry|embed|add|show|found|in|leave)
  (?:never|not) (?:\w+ ){1,4}with\b | not (?:\w+ )?(?:contain|include|embed|add|show|enter|put|write|fill in)
`;
export const KEEPS = phrases`
  keep | (?<=^[-*•– ]{0,4})(?:full|complete)(?= (?:exif|metadata)) | with (?:its|their|all|full|complete|all of (?:its|their))(?= (?:exif|metadata|camera)) | put | kept
  leave | left in | stays? | remains? | retain\w* | preserv\w* | includ\w* | contain | hold | carr(?:y|ies|ied)
  show | present | needs? (?:an?|the|your)\b | readable | available | complete[d]? | fill(?:ed)?
  named | name you | writ(?:e|ten) | typed
  (?:is|are) (?:our |the |your )?(?:evidence|proof)\b | (?:is|are) a must | mandatory | compulsory | obligatory | essential | enter(?:ed)? | provided | required | needed | need it | embed(?:ded)?
  add(?:ed)? | record(?:ed)? | stated | noted | give | given | credit | set | yes
  (?:must|has to|have to|should|to)(?: still)? be (?:in|there|geo-?tagged) | are part of | go(?:es)? in(?:to)?
  in (?:the )?(?:metadata|iptc|exif|creator|artist|copyright)
`;
/** What is left to everybody asks nothing. */
export const IS_FREE = patterns`
  ^\W*(?:and )?whether (?:the |your )?(?:metadata|exif)\b
  \b(?:phones?|cameras?) (?:store|record|write|save)s? (?:the |its |their )?(?:direction|orientation|rotation)\b
  \bdo you (?:keep|preserve|store|read|use)\b[^?]*\? | \byou may\b[^.;]*\bor\b
  \b(?:may(?! not)|can|need not)\b[^.;]{0,10}\b(?:be (?:present|kept|retained|left|removed|stripped|deleted)|stay|remain)\b
`;
/** "We strip all metadata from what you upload" says what the organiser does. */
export const THEIR_OWN =
  /\b(?:we|our (?:site|system|software)|the (?:site|system|software)) (?:will |automatically |always )*(?:strip|remove|delete|clear)s?\b|\b(?:is|are|will be|gets?) (?:automatically )?(?:removed|stripped|deleted|cleared)(?: automatically)? (?:on|during|after|at|when you|by (?:us|our|the)) ?(?:upload|site|system|software)?/i;
/** "Files without EXIF are refused", "If the creator is empty we cannot use the file": two denials ask for it. */
export const MISSED = patterns`
  \b(?:without|lacking|missing|lacks?|(?:have|has|with) (?:no|an empty)|(?:is|are) (?:empty|blank|missing))\b[^.;]{0,90}\b(?:refused?|rejected|not|cannot|returned|disqualified|excluded|sent back|(?:will be|are) (?:deleted|discarded)|worthless|useless|(?:of )?no use)\b
  \b(?:cannot|not|never)\b[^.;]{0,30}\bwithout (?:\w+ )?(?:metadata|exif)\b | ^\W*(?:metadata: )?no (?:metadata|exif)(?: data)?, no (?!iptc|exif|xmp|gps|metadata)[a-z]+\W*$
  \b(?:removes?|strips?|deletes?|loses?|drops?|throws? away) (?:the |all |your )?(?:exif|metadata|camera)\b[^.;]{0,12}\b(?:that|which) (?:we|i|the jury) (?:needs?|wants?|checks?|reads?|uses?|looks? at)\b
  \b(?:not|never|avoid)\b[^.;]*\b(?:since|because|as|for) (?:it|that|this|they) (?:removes?|strips?|deletes?|loses?)\b
  \b(?:los(?:e|es|t|ing)|drop(?:s|ped|ping)?|stripp(?:ed|ing))\b[^.;]{0,60}\b(?:of no use|useless|worthless|refused|rejected|disqualified|excluded|returned|sent back|not (?:be )?(?:accepted|used))\b
  \b(?:whose|with)\b[^.;]{0,24}\b(?:removed|stripped|deleted)\b[^.;]{0,24}\b(?:refused|rejected|not|cannot|returned|disqualified|excluded|sent back)\b
`;
/** "Files with the author's name in the metadata cannot be accepted." */
export const NAMED = new RegExp(
  `\\b${oneOf`
    with | whose metadata (?:name|show|tell)s? | that (?:contain|carry|show|name|have|reveal|identify|betray)s?
    whose (?:exif|iptc|xmp|metadata|properties) (?:give|show|tell|name|reveal|contain|betray)s?
  `} (?:the|your|an?)\\b[^.;]{0,50}\\b(?:refused|rejected|returned|disqualified|excluded|sent back|cannot be (?:accepted|judged|used)|(?:are|is|be) not accepted|not be (?:accepted|judged|used))\\b`,
  'i',
);
/** "Images with metadata will be refused." */
export const CARRIED =
  /\b(?:with|containing|that (?:contain|carry|have)) (?:any )?(?:exif|metadata)\b(?! (?:data )?(?:removed|stripped|deleted|missing))[^.;]{0,30}\b(?:refused|rejected|not accepted|returned)/i;
/** "Metadata must not give away who you are." */
export const TELLS_WHO =
  /\b(?:(?:not|never)\b[^.;]{0,20}\b(?:give away|reveal|show|tell|betray|identify)|\b(?:must|may|should) not name|\bnothing\b[^.;]{0,40}\bmetadata (?:may|must|should|can) (?:identify|name|reveal|show|tell)|(?:remove|delete)\b[^.;]{0,40}\b(?:that|which) (?:names?|gives? away|reveals?|shows?|tells?|betrays?|identif(?:y|ies))|\bmetadata (?:identifying|naming|revealing|showing|that (?:identif(?:y|ies)|names?|reveals?|shows?)))\b[^.;]{0,20}\b(?:who|you|author|identity|name|(?:practice|maker|photographer|club|firm|studio)\b[^.;]{0,12}\b(?:must|should|has to) (?:not|be (?:removed|deleted|stripped)))\b/i;
/** "Any image that identifies you (…) fails the whole panel." */
export const IDENTIFIES =
  /\b(?:images?|pictures?|files?|anything) that (?:identif(?:y|ies)|reveals?|names?) (?:you|the (?:author|photographer|maker))\b[^;]*\bmetadata\b[^;]*\b(?:fails?|disqualified|refused|rejected|excluded)\b/i;
/** "Neither the picture nor its metadata may show your name." */
export const NEITHER_SHOWS =
  /\bneither (?:the |your )?(?:(?:image|picture|photo(?:graph)?|file)s? nor (?:its|the|their) (?:metadata|exif|iptc)|(?:metadata|exif|iptc) nor (?:the |your )?(?:image|picture|photo(?:graph)?)s?)\b[^.;]{0,40}\b(?:names?|author|identity|who you are)\b/i;
/** "Neither the metadata nor the file name may contain the author's name." */
export const NEITHER_NAME =
  /\bneither (?:the |your )?(?:(?:metadata|exif|iptc)(?: data)? nor (?:the |your )?file ?-?names?|file ?-?names? nor (?:the |your )?(?:metadata|exif|iptc)(?: data)?)\b[^.;]{0,40}\b(?:names?|author|identity)\b/i;
/** "Make sure that your name is not stored inside the file." */
export const NOT_STORED =
  /\bname of (?:the )?(?:photographer|author|maker|artist)\b[^.;]{0,40}\bnot in the (?:metadata|exif|iptc)\b|\byour name (?:is|must) not (?:be )?(?:stored|saved|hidden|left) (?:inside|in) the (?:file|picture|image)\b(?!['’]?s? ?-?names?)|\byour (?:personal )?(?:details|identity)\s+(?:must|may|should) not (?:appear|be|stand|show)\b[^.;]{0,20}\bin (?:the|your) file\b(?! ?-?names?)/i;
/** "No name on the picture, none in the metadata." */
export const NONE_IN =
  /\bno names?\b[^.;]{0,60}\b(?:none|not|no(?:r any)? names?|nor) in (?:the |its |their )?(?:metadata|exif|iptc)\b/i;
/** "Keep the exposure data. Your name must not be there." */
export const NAME_NOT_THERE =
  /\b(?:your|the (?:author|photographer|maker)['’]s) names? (?:must|should|may) not (?:be|stand|appear) (?:there|in (?:it|them))\b|^\W*remove (?:your|the author['’]s) name from (?:it|them)\b/i;
/** "Make sure the file does not reveal where it was taken." */
export const TELLS_WHERE =
  /\b(?:file|files|metadata|exif|properties|information)\b[^.;]{0,24}\b(?:not|never)\b[^.;]{0,16}\b(?:give away|reveal|show|tell|betray|say|contain) where\b|\b(?:place|location) where\b[^.;]{0,40}\b(?:must|should|may) not be (?:recorded|stored|saved|found|kept)\b|\bfiles? (?:holds?|contains?|has|have|carr(?:y|ies)) no (?:gps|location|position)\b/i;
/** "Keep your name out of the picture but put it into the IPTC fields." */
export const PUT_IT =
  /\b(?:add|enter|put) your name as (?:the )?(?:creator|author)\b|\bcopyright (?:information|notice|details) must be (?:embedded|included|stored|entered) in (?:the|each|every) (?:file|image|picture|metadata)\b|\byour name\b[^.;]*\bput it\b[^.;]{0,24}\b(?:in|into|in to) (?:the |its )?(?:iptc|metadata|exif|copyright|author|creator)\b/i;
/** "Nothing about you should be visible in the file's properties." */
export const OF_YOU_IN_FILE =
  /\bnothing (?:about|(?:that|which) (?:names|identifies|tells|reveals|shows))\b[^.;]{0,16}\b(?:you|the (?:author|photographer|artist|maker))\b[^.;]*\b(?:file['’]s properties|metadata|exif|iptc)\b|\bnothing in the (?:metadata|exif|iptc|file)\b[^.;]{0,10}\b(?:name|identify|tell|reveal|show)s?\b[^.;]{0,16}\b(?:you|author|photographer|artist|maker)\b/i;
/** "(location data has leaked before)" tells why. */
export const REASON = /\([^()]*\b(?:has|have|had|was|were)\b[^()]*\)|\([^()]*\bno raw\b[^()]*\)/gi;

/** Where another note begins within a sentence. */
export const NEXT_NOTE = everywhere(patterns`
  ; | \bbut\b
  ,\s+(?:and )?(?=(?:please )?(?:delete|remove|strip|keep|leave|clear) (?:the |all |any |your )?(?:gps|exif|iptc|metadata|author|creator|copyright|location|camera|position|co-?ordinates|exposure)\b)
  \ and (?=(?:take|remove|delete|strip|clear) (?:out )?(?:the |your |all |any )?(?:gps|location|position|co-?ordinates|author|copyright|creator)\b)(?<=\b(?:keep|leave|left)\b[^.;]{3,60} and )
  ,? and (?=(?:keep|put|leave|fill|complete|enter|add) (?:in )?(?:the |your |[“\"][^”\"]+[”\"] )?(?:as )?(?:names?|gps|exif|iptc|metadata|author|creator|copyright|location|camera|position|co-?ordinates|exposure)\b)
  ,? and (?=(?:see|make sure|take care|check) that (?:the )?(?:author|creator|copyright|gps|location)\b)
  \bhowever\b | (?<=\b(?:metadata|exif)):\s+(?=the\b|we\b)
  \s+and (?=the (?:gps|location|exif|metadata|camera)\b[^,;]{0,30}\b(?:removed|deleted|kept|stripped|intact|must)\b)
  [,.]\s+(?:(?:and|while|yet) )?(?=(?:please )?(?:(?:the|all|your|any|delete|remove|strip|keep|leave) )*(?:gps|exif|iptc|metadata|author|creator|copyright|location|camera|position|co-?ordinates|exposure)\b[^,;]{0,60}\b(?:must|should|has|have|is|are|to be|removed|kept|blank|filled|in)\b)
`);

/** "Only geotagged pictures can be accepted." */
export const ONLY_TAGGED =
  /\b(?:switch|turn) (?:the )?(?:gps|location(?: services?)?) on\b|\b(?:gps|location)(?: services?)?(?: and (?:the )?(?:date|time))? (?:must|should|has to|have to) be (?:switched |turned )?on\b|\bonly geo-?tagged (?:images|pictures|photos|photographs|files)\b|\b(?:images|pictures|photos|photographs|files) (?:must|have to) be geo-?tagged\b/i;

/** "Leave the EXIF data in, apart from GPS." */
export const ALL_BUT_PLACE =
  /\b(?:metadata|exif)\b(?: data)? (?:must |should |may )?(?:stays?|remains?|be (?:kept|left))(?: in| there)?,? (?:apart from|except(?: for)?|but not|other than) (?:the )?(?:gps|location|position)\b|\b(?:leave|keep)\b[^.;]{0,20}\b(?:exif|metadata)\b[^.;]{0,20}\b(?:apart from|except(?: for)?|but not|other than) (?:the )?(?:gps|location|position)\b/i;

/** "Neither name nor GPS position may be in the metadata." */
export const NEITHER_BOTH =
  /\bneither (?:your |the |a )?(?:(?:author|photographer)['’]s )?names? nor (?:the |any |your )?(?:gps|location|position)\b[^.;]*\b(?:metadata|file|exif)\b/i;

/** "Creator and copyright must be complete." */
export const PAIR_ALONE =
  /\b(?:author|creator|artist|credit|copyright|by-?line|photographer)(?:(?:,|\/| and| or|, and) ?(?:the )?(?:author|creator|artist|credit|copyright|by-?line|caption|title))+\b/i;
/** "No author, no copyright line" behind a sentence about notes. */
export const NO_PAIR =
  /^\W*no (?:author|creator|artist|copyright)\b[^.;]{0,12}\bno (?:author|creator|artist|copyright)\b|^\W*(?:(?:author|name|creator)(?:,| and|\/) ?)?(?:author|name|copyright)\s*:\s*(?:no|none|(?:must be |has to be |to be |left )?(?:empty|blank|removed|deleted))\b/i;
/** "Fill in creator, species and locality" behind a sentence about notes. */
export const FILL_IN =
  /^\W*(?:please )?(?:fill in|complete|add|enter)\b[^.;]{0,20}\b(?:author|creator|artist|photographer|copyright)\b/i;
/** "Remove GPS data and your name." */
export const YOU_TOO =
  /\b(?:exif|metadata)\b[^.;]{0,70}\bbut (?:take|remove|delete|leave) (?:out )?your name\b|\b(?:remove|delete|strip|clear)\b[^.;:]{0,30}\b(?:gps|location|exif|metadata)\b[^.;:]{0,16}\band (?:your|the author['’]s) name\b|\b(?:remove|delete|strip|clear) your name (?:wherever|from) the file\b|\bgps\b[^.;:]{0,40}\bso (?:does|must|has) (?:your|the author['’]s) name\b/i;
/** "Copyright field: your name", "- Photographer's name in the IPTC credit field". */
export const LABELLED =
  /^copyright\s*:\s*(?:please )?(?:enter|fill in|add|give)\b|^(?:iptc |exif )?(?:creator|author|by-?line)\s*[:=]\s*(?:your|the)\b|^[^:]{3,30}field\s*[:=]\s*(?:your|the|full)\b|^(?:[-*•–·]\s*|[A-Z][a-z]+:\s*)(?!no\b)/i;

export const OF_WORDS = /\b(?:captions?|descriptions?|keywords?|titles?)\b/i;
export const OF_CAMERA =
  /\b(?:(?:dates?(?: and times?)?|times?) (?:from|in|inside) the|exif|meta-? ?data|camera|exposure|shooting|capture|flight|information)\b/i;
export const NOT_STRIPPED = /\b(?:do not|never) (?:strip|remove|delete) (?:them|it)\b/i;

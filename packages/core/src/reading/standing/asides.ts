import type { Segment } from '../common/segments.ts';
import { phrases } from '../common/word-lists.ts';

/**
 * Sentences that ask nothing of the files: what was asked once, what cameras and computers do, what a format is, when
 * lunch must be ordered. They are blanked with their length kept, so places in the text stay true.
 */

const ARTICLES =
  '(?:(?:my|our|your|the|a|an|each|every|most|many|some|all|old|older|new|modern|typical|normal|average|first|last|\\d+|remember that|note that)[ -])*';
/** What a text tells of beside the files. */
const OTHERS =
  '(?:(?:mobile |smart)?phones?|cameras?(?! (?:data|settings|clubs?))|computers?|laptops?|servers?|hard (?:disk|drive)s?|memory cards?|full-frame (?:pictures?|images?|cameras?)|hotel rooms?|hotels?|parking|lunch|dinner|meals?|coffee|subscriptions?|memberships?|catalogues?|newsletters?|certificates?|medals?|troph(?:y|ies)|books?|calendars?(?!:)|postage|insurance|jp(?:e?g|eg) from an?)';

/** Sentences about other things, unless they ask for something all the same. */
const ABOUT_OTHERS: readonly RegExp[] = [
  // "Most phones produce files of 3 to 5 MB."
  new RegExp(
    `^\\W*${ARTICLES}${OTHERS}\\b[^.;]{0,40}?\\b(?:is|are|was|were|ha[sd]|have|holds?|produces?|makes?|takes?|needs?|costs?|gives?|delivers?|can be|will be)\\b`,
    'i',
  ),
  // "JPEG is a lossy format", "TIFF files are too large for e-mail."
  /\b(?:jpe?g|tiff?|png|s?rgb|profile)s?(?: files?)? (?:is|are) (?:an? |the )?(?:too|very|\w+ (?:format|file type|standard|space)|colou?r space|format|standard)\b(?! (?:to use|(?:that )?we (?:use|need|want|ask|accept|take)|of choice|required|wanted))/i,
  /\b(?:jpe?g|tiff?|png)s?(?: files?)? (?:lose|loses|compress(?:es)?|throws? away|stores?|keeps?)\b/i,
  /^\W*what (?:is|are|does)\b[^?]{2,40}\?\s*(?:it|they|that|this)\b/i,
];
/** A sentence with any of these asks something, whatever it is about; so may one with a size that the next takes up. */
const ASKS = phrases`
  must | should | please | need(?:s|ed)? (?:to|us|your) | ha(?:s|ve) to | want | wanted | send | supply
  submit | upload(?: your)? | may not | cannot | not | no | up to | at most | at least | max(?:imum)?
  min(?:imum)? | only | than | under | within | limit(?:ed)? | refused? | reject\w* | now
  this (?:year|season|time) | but | so | instead | therefore | deadline | entries | closing date
  we (?:would|prefer|like|use) | prefer\w* | recommend\w* | choose | \d+ ?(?:mm|cm|px|pixels)
`;

/** Sentences about what was, or what some have done, unless they lead to what is asked now. */
const PAST: readonly RegExp[] = [
  // "In 2024 the limit was 2 MB", "The old rules allowed four images."
  /^\W*(?:in (?:19|20)\d\d\b|until (?:last|20)|(?:the|our) (?:old|former|previous|earlier)\b)[^.;]{0,40}\b(?:was|were|had|allowed|accepted|took|asked|used|could)\b/i,
  // "Last time one was so big that the page refused it."
  /^\W*last (?:time|week|month|year|season|round)\b[^.;]*\b(?:was|were|had|sent|came)\b/i,
  // "I had a TIFF of 180 MB last week."
  /^\W*(?:i|we|my (?:inbox|computer|machine)) (?:had|got|received|was sent|were sent|found)\b[^;]*\b(?:last (?:time|week|month|year|season|round)|yesterday|the other day)\b/i,
  // "The biggest we ever got had 48 MB."
  /^\W*the (?:biggest|largest|smallest|heaviest)\b[^.;]{0,24}\b(?:ever|got|received|was|were)\b[^.;]*\b(?:had|was|were|weighed)\b/i,
  // "One entrant sent TIFFs", "A few of you still send Adobe RGB."
  /^\W*(?:the (?:picture|image) that won|(?:one|two|three|some|a few|several|many|most|half|somebody|someone|nobody)(?: (?:of (?:you|them|us)|entrants?|members?|people|authors?|clubs?))?) (?:still )?(?:sent|send|sends|entered|used|had|was|were)\b/i,
];
/** What leads from then to now. */
const NOW =
  /\b(?:now|this (?:year|season|time)|but|so(?! (?:big|large|heavy|small|many|much|far|late|long))|instead|therefore|(?<!\bwho )must|should|please|since)\b|\d[^.;]*\bto \d/i;

/** Sentences that ask nothing of the files whatever words they have. */
const NEVER_OURS: readonly RegExp[] = [
  // "The gallery strips GPS data from every upload, so you need not do it yourself."
  /^\W*(?:the|our) (?:[a-z]+ ){1,2}(?:strips|removes|deletes|wipes|clears)\b(?![^.;]*\b(?:must|please|should)\b)/i,
  // "No title may contain the word 'untitled'."
  /\btitles? (?:may|must|can|should) (?:not )?(?:contain|include|be) (?:the )?(?:words?\b|["“'‘])/i,
  // "Pictures in class C and D must have their metadata intact."
  /^\W*(?:[Pp]ictures|[Ii]mages|[Ee]ntries|[Ww]orks|[Pp]hotos) (?:in|of|for) (?:the )?(?:(?:section|class|categor(?:y|ie)|classe)s? [A-Z]\b[^.;]{0,16}|[A-Z]\w+ (?:section|class|category)) (?:must|should|have to) [^.;]*\b(?:metadata|exif)\b/,
  // "On phones 200 px are cut on either side."
  /^(?!.*\b(?:than|beyond|over|above|exceed\w*)\b).*\d ?(?:px|pixels) (?:are|is|gets?|will be) (?:cut|cropped|lost|hidden|trimmed)\b/is,
  // "The scan then has about 3071 x 4252 pixels."
  /\b(?:has|have|gives?|makes?) (?:about|around|roughly|some) \d{3,5} ?[x×] ?\d{3,5}/i,
  // "Proofs will be sent as PDF (150 dpi) for checking by 30 July."
  /^\W*(?:(?:a|the) )?(?:proof|proofs) will be\b|^\W*(?:the )?proofs (?:are|come)\b/i,
  // "The 2024 poster was made from a 72 dpi file", "the card of 2019 had a grey line".
  /^\W*the (?:(?:19|20)\d\d [a-z]+|[a-z]+ of (?:19|20)\d\d) (?:was|were|had)\b/i,
  // "Some cameras write 72 dpi into the file", "raw files of 50 MB fill a disk".
  /^\W*(?:some|most|many) (?:cameras|phones|programs) (?:write|set|put|store)\b/i,
  /^\W*raw files? (?:of|are|have)\b(?!.*\b(?:must|should|may|please)\b)/i,
  // "The site takes about 20 seconds for a picture of 5 MB."
  /\btakes? (?:about |around |roughly )?[\w-]+ (?:seconds|minutes|hours) (?:for|to)\b(?!.*\b(?:must|should|please|so|send|need)\b)/i,
  // "Somebody's 11 MB panorama took all night."
  /^\W*(?:somebody|someone|one of you)['’]s \d/i,
  // "The printer wants 300 dpi, but leave that to us."
  /^(?!.*\b(?:no|not|never)\b)(?!.*n['’]t\b).*\bleave (?:that|this|it) to us\W*$/i,
  // "From your TIFF we make the JPEG for the website", "we will ask the winners for TIFFs later".
  /^\W*from your (?:tiff|file|picture|image)s? we (?:will )?(?:make|produce|cut)\b/i,
  /^\W*(?:we|i)(?:['’]ll| will| may) (?:later )?ask (?:only )?(?:the )?(?:winners?|finalists?)\b(?![^.;]*\d ?(?:ppi|dpi|px|pixels|cm|mm)\b)/i,
  // "16 bits cannot be had in a JPEG."
  /\b16[- ]?bits? (?:cannot|can not) (?:be )?\w+ (?:in|with|by) (?:an? )?jpe?g/i,
  // "I go on holiday on the 15th."
  /^\W*i (?:go|am|leave|shall be|will be) (?:on holiday|away|abroad)\b(?!.*\b(?:so|please|send|need|therefore)\b)/i,
  // "Last date for payment of the fee: 24 February."
  /^\W*(?:the )?(?:(?:last|final|closing) (?:date|day)|deadline) (?:for|of) (?:the )?(?:fees?|payments?|paying)\b/i,
  // "118 pictures came in, of which 9 had to be resized because they were larger than 1600 × 1200."
  /\b(?:came in|arrived|were (?:sent|received|entered)|of (?:which|these|them))\b[^.;]*\b(?:had|were|was)\b[^.;]*\b(?:because|since|as) (?:they|it) (?:was|were|had)\b/i,
  /\bthere (?:were|was) (?:some|one|two|several|a few) (?:of|with) \d[^.;!]*[.!]?$/i,
  // "Entrants agree that images of up to 800 pixels may be shown on our pages."
  /\b(?:agree|consent)s?\b[^.;]{0,60}\b(?:may|can|will) be (?:shown|published|used|reproduced|printed)\b/i,
  // "Accepted works may be printed in the catalogue (PDF, 300 dpi)."
  /^\W*(?:(?:\d{1,2}|[a-z])[.)] )?(?:the )?(?:accepted|selected|awarded|winning|chosen|best) (?:\w+ )?(?:works?|images?|pictures?|entries)\b[^.;]*\b(?:may|will|can|are) (?:also )?(?:be )?(?:printed|reproduced|published|included|shown)\b[^.;]*\bcatalogue\b/i,
  // "If you would rather send a JPEG, don't."
  /\bif you(?: would|['’]d) (?:rather|prefer)[^.;,]{3,60}, (?:please )?(?:do not|don['’]t)\W*$/i,
  // "A picture of 2 MB has about 3000 x 2000 pixels."
  /^\W*an? (?:picture|file|image|photo|jpe?g) of \d[^.;]* (?:has|gives|is|contains) (?:about|around|roughly|some) \d[^.;]*\W*$/i,
  // "Line drawings: 1200 dpi."
  /^\W*(?:line (?:drawings?|art|work)|drawings|combinations?|graphs?|charts?|diagrams?)(?:\s*:|\b[^.;:]{0,20}\b(?:must|should|need)\b)[^.;]*\d ?(?:dpi|ppi)\W*$/i,
  // "41 of 100 refused images were in CMYK."
  /^\W*\d+ (?:of|out of|in) (?:the )?\d+\b[^.;]*\b(?:were|was|had|are)\b/i,
  // "About 9 in 10 problems come from CMYK files."
  /^\W*(?:about|nearly|almost|roughly|some)? ?(?:\d+|one|two|nine|most) (?:of|out of|in) (?:the )?(?:\d+|ten|two|three) [a-z]+ (?:come|comes|came|stem|stems|result|are|is) /i,
  /^\W*in \d+ (?:of|out of) (?:the )?\d+ cases\b/i,
  // "Ten files of 15 MB take about 20 minutes", "It was only 640 pixels wide."
  /\d ?MB\b[^.;]*\btakes? (?:about |around |roughly )?[\w-]+ (?:seconds|minutes|hours)\b/i,
  /^\W*(?:\d{1,2}[.)] )?(?:it|that|one|mine|theirs) was only \d/i,
  /\b(?:is|are) often only \d/i,
  // "Marks: three judges, up to 20 each."
  /^\W*(?:\d{1,2}[.)]? +|[a-z][.)] )?(?:the )?mark(?:s|ing)\b[^.;]*\bjudges?\b/i,
  // "Each caption can be up to 200 characters long."
  /^\W*(?:(?:each|every|the|your) )?captions?\b[^.;]*\b(?:characters|words)\b/i,
  // "Category certificate (if applicable): PDF; 50 KB to 300 KB".
  /^\W*(?:(?:\d{1,2}|[a-z]{1,3})[.)] ?)?(?:\w+ ){0,3}(?:certificates?|mark ?sheets?|transcripts?|diplomas?)\b[^.;:]{0,40}: ?PDF\b(?![^.]*\bjpe?g)/i,
  // "If it does not appear, it is probably larger than 5 MB."
  /^\W*(?:if|when)\b[^.;]*\b(?:is|are|was|were) (?:probably|perhaps|likely|most likely)\b/i,
  // "Lunch is 9.50 and must be ordered by 20 March."
  new RegExp(
    `^\\W*${ARTICLES}(?:${OTHERS}|fees?|dues|tickets?|rooms?)\\b[^;]{0,60}\\b(?:due|posted|mailed|sent out|order(?:ed)?|booked|paid|reserved)\\b`,
    'i',
  ),
  /^\W*(?:the |our )?(?:gallery|reserve|office|shop|museum|library|hall|desk|darkroom) (?:is|are|will be) (?:open|closed)\b/i,
  // "The exhibition opens on 1 June and closes on 30 June", but not what closes for entries.
  /^\W*(?:the |our )?(?:\w+ )?exhibition (?:opens|runs|closes)\b(?![^.;]*\b(?:for|to) (?:entries|submissions|entrants|pictures|photographs|images)\b)/i,
  /^\W*what (?:does not|doesn['’]t) matter\s*:/i,
  // "How to resize: open the picture, type 1600 in the longer field."
  /^\W*how to (?:resize|reduce|save|export|convert|make)\b[^?]{0,40}:/i,
  /(?<!\d ?[KM]B[^.;]{0,20})\b(?:choose|use|try|at|with) a lower quality\b(?! than)|\bhalves the (?:size|weight)\b/i,
  // "Example: 6000 x 4000 pixels becomes 1600 x 1067", "so a square picture would be 1050 x 1050 pixels".
  /\d ?(?:px|pixels)?\b[^.;]{0,20}\bbecomes? \d/i,
  /^\W*so,? an? [^.;]{3,40}\bwould be \d/i,
  // "Images smaller than 1200 pixels will look small on the screen."
  /\bthere is no minimum\b[^.;]*\b(?:smaller|below|under)\b[^.;]*\b(?:look|appear|be shown)\b/i,
  // "The first photo is your cover and is cropped to 16:9."
  /^\W*the first (?:photo|picture|image|one) (?:is|becomes|will be) (?:used as )?(?:your|the) (?:cover|thumbnail|preview)\b(?![^.;]*\b(?:must|should|please)\b)/i,
  // "If we do not get one from you, we use the one from last year."
  /^\W*if we (?:do not|don['’]t) (?:get|receive|have) (?:one|any|it|yours)\b[^.;]*, we (?:will )?(?:use|take|show)\b/i,
  // "At 300 dpi this gives a print of 8 x 6 inches."
  /\b(?:this|that|which) (?:gives|makes|means|corresponds to|is enough for) (?:you )?an? (?:\w+ )?print\b/i,
  // "My laptop shows 1366 x 768 pixels."
  /^\W*(?:my|your|his|her|most|many) (?:laptops?|computers?|(?:mobile )?phones?|cameras?|tablets?|monitors?) (?:shows?|has|have|is|are|makes?|takes?|produces?)\b(?![^.;]*\b(?:must|should|please|so|but|need)\b)/i,
  /\bhow many (?:of you )?(?:are|will be) coming\b|\bif you (?:are coming|(?:want|need|would like) an? (?:lift|place|seat|meal|ticket))\b/i,
  // "Videos of up to two minutes and 200 MB can be sent by link."
  /^\W*(?:(?:short|the|each|your) )?(?:videos?(?! (?:wall|screen|panel)s?\b)|films?|audio-?visuals?|AV sequences?|sound files?)\b(?![^.;]*\b(?:pictures?|images?|photos?|jpe?gs?)\b)/i,
  /^(?![^]*\b(?:jpe?g|png|tiff?)s?\b)[^]*\b(?:mp4|mov files?|avi files?|mpeg-?4|h\.?264)\b/i,
  /^\W*(?:the )?(?:winners?|finalists?)\b[^.;]{0,30}\basked for\b(?![^.;]*\d ?(?:ppi|dpi|px|pixels|cm|mm)\b)/i,
];

/** What has been replaced, within a sentence that says by what: "raised from 1 MB to 2 MB", "3 MB instead of 2 MB". */
const REPLACED: readonly RegExp[] = [
  /\b(?=from )(?<=\b(?:goes? (?:up|down)|rises?|grows?|raised|increased|lowered|reduced|cut|changed?|changes|moved|extended|brought forward|put back)\b[^.;]{0,20})from [^.;,]{1,24}? (?=to (?:\w+day,? )?\d)/gi,
  /\b(?:the )?(?:former|old|previous|earlier) (?:limit|size|rule|maximum)s?(?: of)? \d[\d.,]*(?: ?[x×] ?\d[\d.,]*)?(?: ?(?:MB|KB|px|pixels)\b)?/gi,
  /\b(?:until (?:now|last (?:season|year|month|round))|up to now|in the past|formerly|previously) (?:it was|they were|the limit was|we (?:had|used)) \d[\d.,]*(?: ?[x×] ?\d[\d.,]*)?(?: ?(?:MB|KB|px|pixels)\b)?(?:,? (?:and|with) \d[\d.,]* ?[KM]B\b)?/gi,
  /\bno longer limited to \d[\d.,]* ?(?:[KM]B|px|pixels)\b|\b(?:the )?limit of \d[\d.,]* ?(?:[KM]B|px|pixels) (?:has (?:gone|been (?:dropped|lifted|removed))|is gone|no longer (?:applies|exists|holds))/gi,
  /\((?:(?:it )?was|(?:they )?were|formerly|previously|used to be|until now|so far|hitherto|up to now|before|no longer)(?=[^()]*\d)[^()]{1,30}\)|;[^.;]*\b(?:one|some|two|several|a few) (?:\w+ )?(?:sent|brought|used) [^.;]*again\b/gi,
  // "The place holds 4 GB altogether", "remove the GPS coordinates if the picture shows a nest".
  /\b(?:the|our|my|your) [a-z]+ holds \d+ ?[gt]b\b(?: altogether| in all| in total)?/gi,
  /\b(?:do )?(?:remove|delete|strip|hide) (?:the |any |all )?(?:gps|location|position|co-?ordinates)[a-z -]{0,24} (?:if|where|when) (?:the|your|an?) (?:picture|photo|image|file)\b(?![^.;]*\b(?:every|all)\b)[^.;]*/gi,
  /\b(?:do )?(?:remove|delete|strip|hide) (?:the |any |all )?(?:gps|location|position|co-?ordinates)[a-z -]{0,24} (?:of|for|from) (?:pictures? of )?(?:rare|protected|endangered|sensitive|threatened) [a-z]+/gi,
  // "We crop every picture to 16:9", "all pictures are cropped to a square by the program".
  /\bwe (?:will |then )?(?:crop|cut|trim) (?:every|all|each|the|your|them|it|these)[a-z ]{0,24} to (?:\d{1,2} ?[:x] ?\d{1,2}|(?:a )?squares?)\b(?!,? so\b)/gi,
  /\b(?:will be|are|is|gets?) (?:automatically )?(?:cropped|cut|trimmed) to an? square (?:by|in|on) (?:the|our|us)\b/gi,
  // "Your picture will be cropped to 16:9."
  /\b(?:will be|are|is|gets?) (?:automatically )?(?:cropped|cut|trimmed) to \d{1,2} ?[:x] ?\d{1,2}\b/gi,
  // "Five works, of which the jury chooses one or two"; "the same as in 2025"; "fees (8.00 each)".
  /, of which (?:the|our|we|an?|only)\b[^.;]*\b(?:chooses?|selects?|picks?|shows?|prints?|hangs?|chosen|shown)\b[^.;]*/gi,
  /\bas in (?:19|20)\d\d\b/gi,
  /\b(?:fees?|costs?) \(\d[^()]{0,20}\)/gi,
  // "(A typical picture of 20 megapixels at quality 10)", "shown at 540 x 540".
  /\((?:an?|the) (?:typical|usual|normal|average) [^()]*\)/gi,
  /\(shown at \d{2,4} ?[x×] ?\d{2,4}(?: ?(?:px|pixels))?\)|\bon (?:phones|tablets|mobiles) (?:it is|they are) shown at \d{2,4} ?[x×] ?\d{2,4}(?: ?(?:px|pixels))?/gi,
  /,? and the (?:(?:19|20)\d\d [a-z]+|[a-z]+ of (?:19|20)\d\d) (?:was|were|had)\b[^.;]*/gi,
  // "A 4 GB memory stick"; "the limit is 3 MB, not 2 MB as in the programme".
  /\b\d+ ?gb (?:memory |usb )?(?:sticks?|cards?|drives?)\b/gi,
  /(?<=\d ?(?:[km]b|px|pixels)), (?:and )?not \d[\d.,]* ?(?:[km]b|px|pixels)\b/gi,
  // "…, we had a 9 MB one at the AGM".
  /, (?:we|i|somebody|someone|one of you) (?:once |even )?(?:had|got|received|sent)(?: me| us| in)? an? \d[^.;,]*/gi,
  // "(the new projector is wider but lower than the old one)", "the directory shows it at 150 x 150".
  /\((?:the|our) (?:new |old )?(?:projector|screen|monitor|printer|page|wall)\b[^()\d]{3,80}\)/gi,
  /\b(?:the|our) [a-z]+ (?:shows?|displays?) (?:it|them|pictures|images) (?:at|in|with) \d{2,4} ?[x×] ?\d{2,4}(?: ?(?:px|pixels))?/gi,
  // "(That is what quality 11 gives you)."
  /\((?:that|this|it|which) is what [^()]{3,60}\b(?:gives?|makes?|produces?)(?: you)?\)/gi,
  // "The old mailbox is dead (2 GB full)."
  /\(\d[\d.]* ?[gm]b full\b[^()]*\)/gi,
  // "WYC07-Old Slipway.jpg is wrong", "not Low Sun.jpg but 044_Low Sun.jpg".
  /(?<=(?:[-–:,(]|e\.g\.|example) ?)[A-Z\d][^.;,:()]{1,40}\.(?:jpe?g|tiff?|png) (?:is|would be) wrong\b,?/gi,
  /\bnot [^.;,:()]{1,40}\.(?:jpe?g|tiff?|png),? but\b/gi,
  // "A folder named Surname_Title".
  /(?<=\b(?:folder|directory) )(?:(?:named|called) [\w-]+|with your (?:sur|last )?name(?: as its name| on it)?)/gi,
  // "Does the file have to be 16 bit? No."
  /^\W*(?:Q[.:] ?)?(?:(?:do|does|should|will|need)\b[^?]{3,60}\b(?:have to|must|need(?: to)?|necessary|required)\b[^?]{0,80}|must (?:i|we|it|they|the|my|our)\b(?! (?:put|add|write|sign|show))[^?]{3,100})\?\s*(?:A[.:] ?)?no\b(?!,? but)(?=\W|$)/gi,
  // "Roughs (JPEG, any size) by 18 January" come before the files.
  /\b(?:roughs?|sketch(?:es)?|drafts?|layouts?) \([^()]{1,40}\)/gi,
  /\b(?:instead of|rather than) (?:the )?\d[\d.,]*(?: ?(?:MB|KB|px|pixels)\b)?/gi,
  // "…, CMYK or RGB does not matter to us, …"
  /(?<=[,;(])[^.;,()]{0,30}\b(?:rgb|cmyk|colou?r space|profile|format|resolution|density)\b[^.;,()]{0,30}\b(?:do(?:es)? not matter|(?:is|are) (?:irrelevant|unimportant)|makes? no difference|(?:is|are) all the same)\b[^.;,()]*/gi,
];

/** What turns from other things to what is asked: "…, but send no more than 2 MB". */
const TURN = /[,;]? (?:but|so|therefore|however)\b/i;

const blank = (words: string) => ' '.repeat(words.length);

/** The sentences of a text, with those blanked that ask nothing of the files. */
export function blankAsides(segments: readonly Segment[]): Segment[] {
  return segments.map(segment => ({ ...segment, text: withoutAside(segment.text) }));
}

function withoutAside(sentence: string): string {
  if (isAside(sentence)) return blank(sentence);
  const turn = TURN.exec(sentence)?.index ?? 0;
  const lead = sentence.slice(0, turn);
  const rest = (isAside(lead) ? blank(lead) : lead) + sentence.slice(turn);
  return REPLACED.reduce((text, replaced) => text.replace(replaced, blank), rest);
}

function isAside(sentence: string): boolean {
  const isOne = (words: RegExp) => words.test(sentence);
  return (
    (ABOUT_OTHERS.some(isOne) && !ASKS.test(sentence)) ||
    (PAST.some(isOne) && !NOW.test(sentence)) ||
    NEVER_OURS.some(isOne)
  );
}

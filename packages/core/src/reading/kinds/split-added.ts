import type { Group } from '../common/group.ts';
import { A_FORMAT, A_MEASURE, ITEM_MARK, labelOf, SPEC } from '../common/kind-words.ts';
import { NOUN, UNTOLD } from '../common/picture-nouns.ts';
import type { Segment } from '../common/segments.ts';
import { aspectsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import { besides } from './split-sentences.ts';

/**
 * One more kind of file, which a sentence adds to what a text is about: "And a thumbnail: JPEG, 400 x 400 pixels",
 * "Please add a portrait. It should be …", "Layout plan: a further JPEG, 1920 × 1280 pixels".
 */

const ONE = '(?:an?|one|the) ';
const NEED = '(?:need|ask for|require|want|expect)';
const SEND = '(?:send|supply|upload|provide|include|add|attach|submit|enclose)';
const ADDED_BY = [
  ...[
    `(?:and|also|plus|then|finally|lastly|one more thing|last but not least)(?: also)?[,:]? ${ONE}`,
    `(?:also|further|additionally) (?:wanted|needed|required|asked for|necessary)(?: is| are)?[:,]? ${ONE}`,
    `(?:in addition|additionally|besides|furthermore)(?: to (?:this|these|that|it))?[,:]? ${ONE}`,
    `(?:in addition|additionally|besides|furthermore|together with|along with|beside)\\b[^.;:]{0,40}?\\b(?:${NEED}|${SEND})(?: us)? ${ONE}`,
    `(?:for [^,.;]{3,40}?,? )?(?:we|you|i)(?: (?:would|['’]d|will|shall|must))? (?:also|further|additionally) (?:${NEED}|${SEND}|like)(?: for| us| to| in| up)* ${ONE}`,
    `(?:for [^,.;]{3,40}?,? )?(?:we|you|i) (?:would|['’]d) also (?:like|need|want) (?:to have )?${ONE}`,
    `(?:we|you)(?: will|['’]ll| shall| are)? (?:also )?(?:be )?(?:also )?asked (?:for|to (?:add|send|upload|provide|supply)) ${ONE}`,
    `(?:please )?(?:also |then )?(?:add|include|attach|enclose) ${ONE}`,
    `(?:as a first step|to begin with|to start with|for a start|beforehand|for the (?:selection|jury)),? (?:please |just |only )*${SEND}(?: us| me| in)?(?: just| only)? ${ONE}`,
    `please also ${SEND}(?: us)? ${ONE}`,
    `(?:please )?do not forget ${ONE}`,
    `(?:there )?(?:must|should|has to) also be ${ONE}`,
    `(?:your|the|an|each|every) entry (?:is (?:only )?complete (?:only )?with|(?:also )?(?:includes|comprises|needs|has)) ${ONE}`,
    `(?:one|a) (?:more|further|second|third|additional) (?:file|image|picture|jpe?g|photo)(?: is|[,:]) ${ONE}`,
    `with (?:every|each|your|the) (?:entry|picture|work|image|set|application)s?,? (?:(?:must|should) come|comes|goes|we need|send) ${ONE}`,
  ].map(intro => `^(?:${intro})${NOUN}(?!\\?)`),
  // "A hanging plan (one JPEG of the whole layout, 1920 x 1080 pixels) is required."
  `^${ONE}${NOUN} (?:is|are) (?:also )?(?:required|needed|necessary|asked for|wanted|obligatory|compulsory)\\b`,
  // "A small JPEG of each, 1000 pixels on the long side, for our layout artist".
  `^(?:and |plus |also )?(?:an?|one) (?<as>(?:small(?:er)?|low-res(?:olution)?|reduced|light) (?:jpe?g|png|file|copy|version)) of (?:each|every one|it|them|all of them|the same|every picture|each picture)\\b`,
  // "A second, small version, 1500 pixels wide, goes on our page."
  `^(?:an?|one) (?:second|further|additional|extra),? (?<as>(?:small(?:er)?|reduced|light(?:er)?|larger|bigger) (?:copy|version|file|one))\\b`,
  `^(?:please )?(?:also )?(?:add|include|attach|enclose) (?:an?|one) (?<as>(?:small(?:er)?|reduced|light(?:er)?) (?:copy|version|file|one))\\b`,
  // "For our page send a second, smaller file: 800 px wide."
  `^for (?:the |our )[a-z ]{3,24}?,? (?:please )?(?:also )?(?:send|add|make|prepare|supply|upload)(?: us)? (?:an?|one) (?:second|further|additional|extra),? (?<as>(?:small(?:er)?|reduced|light(?:er)?|larger|bigger) (?:copy|version|file|one))\\b`,
  // "Send them small at first (1000 pixels high, 1 MB)."
  '^(?:please )?(?:send|submit|e-?mail|mail|upload) (?:them|it|these|yours) (?<as>small)(?: only)?(?:,? (?:at )?first| to begin with)\\b',
  '^(?:at first|first|to begin with|for the (?:choice|selection)),? (?:please )?(?:send|submit|upload|e-?mail) (?<as>small) (?:files|versions|copies|jpe?gs)\\b',
  '^an? (?<as>preview|small file|small version|small copy)\\b[^.;]{0,60}\\b(?:is enough|will do|suffices)\\b',
  // "For the web catalogue make a copy: JPEG, …"
  `^for (?:the |our )?(?<as>[a-z][^,.;:]{2,30}?),? (?:please )?(?:also )?(?:make|prepare|save|export|create|produce|supply|send|add) (?:an?|one) (?:(?:small(?:er)?|second|reduced|further|extra) )?(?:cop(?:y|ies)|version|jpe?g|file)\\b`,
  // "Also 1 landscape picture for the ticket page: 1200 x 628".
  `^(?:and|also|plus)[,:]? (?:an?|one|1) (?:[a-z]+ )?(?:picture|image|photo|file|jpe?g) for (?:the |our )?(?<as>[a-z]+(?: [a-z]+)?)(?= ?[:,(])`,
  // "In addition we need an image for the online index".
  `^(?:in addition|also|additionally|besides),? we (?:also )?${NEED} (?:an?|one) (?:image|picture|photo|file|jpe?g|version|copy) for (?:the |our )?(?<as>[a-z]+(?: [a-z]+)?)(?= ?[:,(.])`,
  // "One of them should be square (800 x 800) for the front page."
  `^one of (?:them|these|the (?:images|pictures|photos)) (?:should|must|has to) be [^.;]{3,60}? for (?:the |our )?(?<as>[a-z]+(?: [a-z]+)?)(?=[.,;]|$)`,
  // "Your portrait for the venue poster is optional."
  `^(?:the|an?|your) ${NOUN}(?: for [^.;]{3,30}?)? is (?:optional|voluntary|welcome)\\b`,
  // "The portrait is separate: JPEG, …"
  `^${ONE}${NOUN} (?:is|comes|goes) (?:separate(?:ly)?|extra|a file of its own)(?= ?[:,(.–-])`,
  // "Should your picture be chosen we shall need a larger file: JPEG, …"
  `^(?:should|if|once|when) (?:your|a|the|any of your) (?:picture|image|photo|photograph|work|entry|print|one)s? (?:be|is|are|has been|have been) (?:chosen|selected|accepted|short-?listed)(?: for [^.;,:]{3,30})?,? (?:we|i) (?:shall|will|would|['’]ll|must)? ?(?:then )?(?:need|ask for|ask you for|want) (?:an?|the) (?<as>larger|bigger|high-res(?:olution)?|print|full-size|better) (?:file|version|jpe?g|tiff?|copy)(?= ?[:,(.]| (?:of|with|at|as)\\b)`,
  // "Your profile picture must be square and at least 500 × 500 pixels."
  `^(?:your|the) (?<as>profile (?:picture|photo|image)|avatar) (?:must|should|has to|needs to) (?:be|have|measure)\\b`,
  // "Those who get through are asked for a second file, a TIFF at 300 ppi".
  `^(?:those|everyone|everybody|whoever|anyone|artists|authors|entrants|photographers) (?:(?:who|that) )?(?:gets?|goes?|is|are|makes?|comes?|passe?s?|has been|have been)\\b[^.,;]{0,30}?,? (?:(?:is|are|will be) asked (?:for|to (?:send|supply|upload|provide))|(?:then |will |must |then )*(?:sends?|supply|supplies|uploads?|needs?)) (?:an?|one|the) (?:[a-z]+ )?(?<as>print|file|version|tiff?|original)\\b`,
  // "For the website the same portrait should be 400 x 533 pixels."
  `^for (?:the |our )?(?<as>[a-z][a-z -]{2,24}?),? the same (?:picture|image|photo|photograph|portrait|file|work)s? (?:must|should|has to|have to|needs? to|is|are)\\b`,
  // "Digital section: the same, but 1600 x 1200 px".
  `^(?:the )?(?<as>[a-z]+(?: [a-z]+){0,2})(?::| (?:is|are)) (?:exactly |all )?the same,? (?:but|only|except|apart from)\\b`,
  // "Layout plan: a further JPEG, 1920 × 1280 pixels".
  `^(?<as>[A-Z][a-z]+(?: [a-z]+){0,2}): (?:an?|one) (?:further|additional|extra|second)\\b`,
].map(pattern => new RegExp(pattern, 'i'));

/** "And the portrait?" over what is said of it, up to the next question. */
const ASKED = new RegExp(
  `^(?:and|what about|how about|do you (?:also )?need|must i (?:also )?send)(?: also)? (?:an?|one|the|my|your) ${NOUN}(?: too| as well)?\\?`,
  'i',
);

/** A statement as a PDF is no picture. */
const A_PAPER = /^(?!.*\b(?:jpe?g|png|tiff?)\b).*\bpdf\b/i;

const isSaid = ({ text }: Segment) => A_FORMAT.test(text) || A_MEASURE.test(text);

/** @returns undefined where no sentence adds a kind of file, or nothing is said of what the text is about */
export function splitAdded(segments: readonly Segment[]): Group[] | undefined {
  for (const [at, segment] of segments.entries()) {
    const what = addedIn(segment);
    if (what === undefined || !segments.slice(0, at).some(s => SPEC.test(s.text))) continue;
    const noun = what.replace(/ of .*/, '');
    let end = at + 1;
    const isAsked = ASKED.test(segment.text);
    const isOfOther = (s: Segment | undefined) => !UNTOLD_NOUN.test(what) && OF_PICTURE.test(s?.text ?? '');
    const belongs = (i: number) =>
      !isOfOther(segments[i]) && (isAsked ? answers(segments[i]) : goesOn(segments[i], segments[i - 1]));
    while (belongs(end)) end += 1;
    const isCopy = /\bcopy\b/i.test(segment.text);
    const isOfIt = (s: Segment, i: number) =>
      (i >= at && i < end) ||
      s.text.toLowerCase().startsWith(`the ${noun}`) ||
      (isCopy && /^the copy\b/i.test(s.text));
    const own = segments.filter(isOfIt);
    if (!own.some(isSaid)) continue;
    return besides(
      segments.filter((s, i) => !isOfIt(s, i)),
      { label: labelOf(noun) ?? what, segments: own },
    );
  }
  return undefined;
}

/** "The picture is a JPEG": behind a logo that speaks of what the text is about. */
const OF_PICTURE =
  /^the (?:pictures?|images?|photos?|photographs?) (?:itself )?(?:is|are|must|should|has|have|may)\b/i;
const UNTOLD_NOUN = /\b(?:pictures?|images?|photos?|photographs?|portraits?|head ?shot|version|copy|file)\b/i;

/** What is said of a file behind it on its own line: "It must be …", "Format JPEG.", "Please use sRGB." */
function goesOn(segment: Segment | undefined, before: Segment | undefined): boolean {
  if (!segment || !before || segment.line !== before.line || FOR_ALL.test(segment.text)) return false;
  return aspectsOf(segment).size > 0;
}

const answers = (segment: Segment | undefined) =>
  segment !== undefined && !segment.text.includes('?') && !FOR_ALL.test(segment.text);

/** What a sentence asks for in addition; undefined for pictures of any kind, and for papers and fees. */
function addedIn({ text: written }: Segment): string | undefined {
  const text = written.replace(ITEM_MARK, '');
  for (const pattern of [...ADDED_BY, ASKED]) {
    const groups = pattern.exec(text)?.groups;
    const use = groups?.['as'];
    const what = (use ?? groups?.['what'])?.trim().toLowerCase();
    if (what !== undefined && (use !== undefined || !UNTOLD.test(what)) && !A_PAPER.test(text)) return what;
  }
  return undefined;
}

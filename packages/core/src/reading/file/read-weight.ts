import { isAdvisedAt } from '../common/advice.ts';
import { boundOf } from '../common/bounds.ts';
import { isElsewhere } from '../common/elsewhere.ts';
import { DECIMAL, readCount, readDecimal } from '../common/quantities.ts';
import type { Found } from '../common/found.ts';
import { isPackage } from './package-weight.ts';
import { remembered } from '../common/remembered.ts';
import type { Segment } from '../common/segments.ts';
import { phrases } from '../common/word-lists.ts';

const UNIT =
  '(?:kibibytes?|mebibytes?|kib|mib|kilobytes?|megabytes?|gigabytes?|kbytes?|mbytes?|kb|mb|gb|ko|mo|megas?|megs?|k|m(?! (?:above|below|high|long|wide|deep|tall|away|from|apart|in (?:width|height|length)|of (?:wall|cable|rope)|x|×)))(?![a-z²³])';
const WEIGHT = new RegExp(`(?<![\\d.,:]|\\d/)(?<n>${DECIMAL})\\s*-?(?<unit>${UNIT})`, 'gi');
const RANGE = new RegExp(
  `(?<![\\d.,:]|\\d/)(?<a>${DECIMAL})\\s*(?<unitA>${UNIT})?\\s*(?:-|–|—|and (?:at most|(?:not|no) more than|a maximum of)|(?:and )?up to(?: (?:a )?max(?:imum)?(?: of)?)?|to|and)\\s*(?<b>${DECIMAL})\\s*(?<unitB>${UNIT})`,
  'gi',
);
/** "Two megabytes", "half a megabyte", "a megabyte and a half". */
const SPOKEN =
  /\b(?<n>half an?|an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty)(?<more> and a half)?[ -](?<unit>mega-?bytes?|kilo-?bytes?|megs?|mb)(?<half> and a half)?\b/gi;
const HEADED = new RegExp(
  `\\b(?:(?:size|weight)s?\\s*(?:in |\\(in |\\()|max(?:imum)?\\.? \\(?)(?<unit>[km]b)\\)?\\s*:?\\s*(?:(?<a>${DECIMAL})\\s*(?:-|–|to)\\s*)?(?:up to |max(?:imum)?\\.? )?(?<b>${DECIMAL})(?!\\s*[km]?b)`,
  'i',
);
const PLAIN_BYTES = /(?<![\d.,])(\d{1,3}(?:[,. ]\d{3})+|\d{4,9})\s*bytes\b/gi;

/** Weights that belong to something else than a file that is handed in. */
const NOT_OURS = phrases`
  (?:do not|don['’]t|never) send (?:me|us) (?=\d) | no limit (?:to|on|for) | proposed(?! works?\b) | (?:i|we) had one\b | until now | up to now | hitherto
  (?:provider|mailbox|mail program)s? limits? | slow(?:s)? down | sent me | (?:do not|don['’]t|never|not)\b[^.;]{0,30}\be-?mail\b[^.;]{0,12}\b(?:our|the|its|your) (?:\w+ )?limit (?:there )?is | (?:somebody|someone|one of you|a member) (?:once )?(?:sent|mailed|entered)
  \d+ (?:of them )?(?:were|was)
  straight (?:out of|from) the camera(?!, \d[^.;]{0,30}\b(?:at (?:least|most)|max|min|or (?:less|more)))(?! (?:is|are) (?:fine|ok|accepted|welcome))
  last (?:year|season|time|month|round) | previous(?:ly)?(?! works?\b) | used to | inbox (?:fell|is)
  (?:e-?mail|attach)\b[^.;]{0,24}\bif (?:under|below|smaller|less|over|above|larger|more) | storage
  memory card | free space | \d+ of (?=\d+ ?gb) | uploading (?=\d) | sticks? (?:of|with) (?=\d) | (?:memory|usb) sticks?\b[^.;]{0,30}\bholds? | (?:box|mailbox|inbox) was full | ha(?:s|ve) (?:now )?(?:passed|reached|grown to) | (?:inbox|mailbox|account|(?:our|my) box) (?:only )?(?:holds|has)
  no longer (?:accept\w*|in force|valid|used|appl\w+)
`;
/** Weights of papers that go with the pictures, told from the words right beside the number. */
const OF_PAPERS =
  /(?<!(?:jpe?g|png|tiff?)s?\W{1,4}(?:or |and )?)\bpdfs?\b(?:(?!jpe?g|image|photo|picture|[.;]\s+[A-Z])[^;]){0,60}$|(?<!(?:jpe?g|png|tiff?)s?\W{1,4}(?:or |and )?)\b(?:pdfs?(?! or (?:an? )?(?:jpe?g|png|tiff?)\b)|biograph\w*|statement|cv|word document|videos?|audio(?: files)?|sound(?: files)?)\b(?!\) (?:must|may|should|can|has|have)\b)[^.;,\d]{0,30}$/i;
/** "Your biography, 60 words, as a document of at most 1 MB." */
const OF_WORDS = /\b(?:\d+ words\b|(?:word|text) (?:file|document)|\.docx?\b)/i;
const BARE_LIMIT =
  /\b(?:(?:nothing|never|not) (?:over|above|more than)|(?:keep|stay)(?: it| them)? (?:below|under)) (?<n>\d{1,3}(?:[.,]\d)?)(?=\s*(?:[.;!]|$))/i;
/** "1 MB or so". */
const OR_SO = /^ or (?:so|thereabouts)\b/i;
const ABOUT = /\b(?:approx\.?|approximately|about|around|roughly|circa|ca\.)\s*$/i;
/** "Files should weigh around 2 MB; 5 MB is the limit." */
const WEIGHS_ABOUT = /\bweigh (?:about|around|roughly) $/i;
const IF_MORE =
  /(?:\b(?:if|anyone|whoever|those)\b|^\W*should (?:the|a|your)\b)[^.;,]{0,40}\b(?:larger|bigger|more|greater|heavier|over|above|exceeds?|beyond)(?: than)?\s*$/i;

/** Files too large for the usual way, and the other way for them. */
const IS_OVER =
  /\b(?:files?|pictures?|images?|anything|entries|deliver(?:y|ies)|transfers?) (?:(?:that (?:is|are)|of) )?(?:larger|bigger|more|greater|heavier|over|above|beyond)(?: than)? $/i;
const BY_LINK =
  /^[:,;]? ?(?:(?:must|should|can|may|have to|has to|needs to|please|is|are|best|better|be|come|go|sent|use|uploaded|delivered|brought|handed) ){0,4}(?:(?:use|send|via|by|as|through|with|on|in|at|to) )(?:(?:an?|the|us a|your|our) )?(?:download |transfer |upload |memory |usb )?(?:link|transfer|service|we[- ]?transfer|cloud|stick|post|disc|file[- ]?transfer|counter|office|desk|hand)\b/i;

/** A weight with its place in the sentence. */
interface Weighed {
  /** undefined: what stands here is no demand, and no other reading of it is either. */
  field: 'bytesMin' | 'bytesMax' | 'packageBytesMax' | undefined;
  bytes: number;
  /** As written where its case leaves a doubt. */
  unit: string;
  from: number;
  to: number;
}

/** All weights that a sentence names: those with a unit, and those in bytes that are none of them once more. */
const weightsIn = remembered((text: string) => {
  const namesOthers = NOT_OURS.test(text);
  const isOther = (at: number) => namesOthers && isElsewhere(NOT_OURS, text, at);
  const ranges = rangesIn(text).filter(w => !isOther(w.from));
  const isTaken = (from: number, to: number) => ranges.some(r => from < r.to && to > r.from);
  const said = [
    ...ranges,
    ...headedIn(text),
    ...singlesIn(text).filter(w => !isTaken(w.from, w.to) && !isOther(w.from)),
    ...bareLimitIn(text),
    ...spokenIn(text),
  ];
  // "400 KB (400,000 bytes)" says one thing twice.
  const plain = plainIn(text).filter(w => !said.some(other => other.bytes === w.bytes));
  return { said, plain };
});

/**
 * Reads weights, in the strict reading: KB and MB in thousands, whatever the case of their letters.
 * @param before the sentence before it, which may say what "it" is
 */
export function readWeight({ text, start }: Segment, before?: Segment): Found[] {
  const { said, plain } = weightsIn(text);
  const isOfZip =
    /^(?:it|this|that|its|(?:the|our) (?:upload )?(?:page|form|portal|server|site))\b|\bthe most it can (?:be|weigh)\b|^(?:<=?|≤|max\.?|up to|under|below|at most|not over)? ?[\d.,]+ ?[kmg]b\W*$/i.test(
      text,
    ) &&
    before !== undefined &&
    /\bzip\b|\b(?<!\b(?:our|photo|picture|club) )archive\b/i.test(before.text);
  return [...said, ...plain].flatMap(({ field, bytes, unit, from, to }) => {
    if (field === undefined) return [];
    const doubt = doubtOf(unit);
    return [
      {
        field: isOfZip && field === 'bytesMax' ? ('packageBytesMax' as const) : field,
        value: bytes,
        start: start + from,
        end: start + to,
        advice:
          isAdvisedAt(text, from) || IS_ENOUGH.test(text.slice(to)) || WEIGHS_ABOUT.test(text.slice(0, from)),
        // Eight bits make a byte.
        ...(doubt ? { doubt, options: [bytes, Math.floor(bytes / 8)] } : {}),
      },
    ];
  });
}

/** "Is all that we need", "or thereabouts". */
const IS_ENOUGH = /^ (?:(?:is|are) all (?:that )?(?:we|you|the \w+) needs?|or thereabouts)\b/i;

/** What makes things easier is no demand. */
const EASIER =
  /^\W*(?:smaller|larger|bigger) files (?:\([^()]*\) )?(?:are|make|load|go) (?:\w+ )?(?:easier|better|faster|quicker|things)\b/i;

/** "From 300 KB to 3 MB". */
function rangesIn(text: string): Weighed[] {
  return [...text.matchAll(RANGE)].flatMap((match): Weighed[] => {
    const { a = '', b = '', unitA, unitB = '' } = match.groups ?? {};
    const [low, high] = [bytesOf(a, unitA ?? unitB), bytesOf(b, unitB)];
    if (low === undefined || high === undefined || low >= high) return [];
    const at = { from: match.index, to: match.index + match[0].length };
    // "2 to 3 MB is plenty" is no demand.
    if (
      EASIER.test(text) ||
      /^[^.;,]{0,12}\b(?:is|are) (?:about right|plenty|enough|ideal|best|fine|an? (?:good|reasonable|sensible|fine|usual|normal) (?:size|weight))\b/i.test(
        text.slice(at.to),
      )
    )
      return [{ field: undefined, bytes: high, unit: '', ...at }];
    // "Anything between 40 and 60 MB on a stick."
    if (OF_PAPERS.test(text.slice(0, at.from))) return [{ field: undefined, bytes: high, unit: '', ...at }];
    const isByLink =
      /\b(?:anything|files?) between $/i.test(text.slice(0, at.from)) && BY_LINK.test(text.slice(at.to));
    if (isByLink || isUsual(text.slice(0, at.from), text.slice(at.to)))
      return [{ field: undefined, bytes: high, unit: '', ...at }];
    // The doubt about a unit is raised once, with the greater number.
    return [
      { field: 'bytesMin', bytes: low, unit: '', ...at },
      { field: 'bytesMax', bytes: high, unit: unitB, ...at },
    ];
  });
}

/** "Which normally gives", "a good JPEG weighs"; "is what most people send": what files come to by themselves. */
const COMES_TO =
  /\bwhich (?:should |will |then |usually )*(?:comes?|amounts?|works? out|gives?|makes?|means) (?:(?:out )?(?:at|to) )?(?:files of )?(?:about |around |roughly )?$|\bthey (?:should|will|then|usually) (?:then )?(?:come (?:in|out) at|end up at|be|weigh) (?:about |around )?$|\b(?:normally|usually|typically|often|mostly)\b(?! (?:not|no) )[^.;]{0,18}$|^(?![^]*\b(?:must|should|may|can|has to|ha[sv]e to)\b)[^.;]*\b(?:jpe?gs?|files?|entries|pictures?|images?|photos?|ones?)\b[^.;]{0,40} (?:weighs?|(?:(?:should|will) )?comes? (?:(?:in|out) at|to)|turns? out at|runs? to|tends? to be|averages?) (?:about |around |roughly |some )?$/i;
const IS_USUAL =
  /^(?: each)?\s*(?:is|are) (?:what (?:most|many|nearly all)|(?:the )?(?:usual|typical|normal|average)\b)/i;

function isUsual(before: string, after: string): boolean {
  // "… as long as it comes out at 3 MB or less".
  if (
    /^ (?:or (?:less|under|smaller|below|more)|at (?:the )?(?:most|least)|m(?:ax|in)(?:imum)?)\b/i.test(after)
  )
    return false;
  return COMES_TO.test(before) || IS_USUAL.test(after);
}

const NAMES_A_FILE =
  /\b(?:files?|size|weigh|bytes|jpe?gs?|images?|pictures?|photos?|uploads?|mail|limit|max\w*)\b/i;

/** Whether the number with a unit that stands here asks nothing of a file. */
function isNoDemand(text: string, unit: string, from: number, to: number): boolean {
  const [before, after] = [text.slice(0, from), text.slice(to)];
  return (
    /^\W*no e-?mails?\b/i.test(text) ||
    // "Smaller files (1 to 2 MB) are easier to handle."
    EASIER.test(text) ||
    // A lone K or M has to stand among words about files; "M" is a section's letter as well.
    (/^[km]$/i.test(unit) &&
      !/\b(?:file|size|weigh|limit|max|under|bytes|no (?:more|larger|bigger)|up to|(?:less|more|larger|bigger) than|or (?:less|under|smaller))/i.test(
        text,
      )) ||
    // "The cottage (1,086 m)" is a height, "tripods of more than 1 m" are long.
    (/^m$/.test(unit) &&
      /\b(?:height|altitude|depth|distance|length|width|elevation)s? of (?:about |at most |up to |more than |less than )?$/i.test(
        before,
      )) ||
    (/^m$/.test(unit) && (/^\d{4}/.test(text.slice(from, to)) || !NAMES_A_FILE.test(text))) ||
    // "4K (3840 × 2160)" is a screen.
    (unit === 'K' && /^(?:\s*\(?\d{4}|\s+(?:screen|tv|monitor|display|projector|uhd))/i.test(after)) ||
    // "One per mail if they are above 10 MB."
    /\b(?:one|separate)\b[^.;]{0,16}\b(?:e-?mails?|mails?|messages?)\b[^.;]{0,12}\bif (?:they|it|the files?)\b[^.;]{0,16} (?:over|above|(?:more|larger|bigger|heavier) than) $/i.test(
      before,
    ) ||
    // "3 MB is fine, 10 MB is too much."
    (/^\s*(?:is|are) (?:an? (?:good|reasonable|sensible|fine|usual|normal) (?:weight|size)|fine\b|ok(?:ay)?\b|too (?:much|big|large|heavy))/i.test(
      after,
    ) &&
      // "Up to 2 MB is fine."
      !/\b(?:up to|at most|max(?:imum|\.)?) $/i.test(before)) ||
    /^\W*an? (?:typical|normal|average|usual)\b/i.test(text) ||
    // "A file of 2 MB or so uploads quickly."
    (/^(?: or so)? (?:uploads?|loads?|opens?|travels?|transfers?) (?:\w+ )?(?:quickly|quicker|fast(?:er)?|easily|in no time)\b/i.test(
      after,
    ) &&
      !/\b(?:up to|at most|under|below|(?:no|not) more than) $/i.test(before)) ||
    // "A quality of 85 % keeps most files under 2 MB."
    /\bkeeps (?:most|nearly all|almost all) (?:files?|pictures?|images?|jpe?gs?) (?:well |safely )?(?:under|below) $|\baim (?:for|at) (?:about |around )?$|\bneed not be (?:under|below|(?:less|smaller|lighter) than) $/i.test(
      before,
    ) ||
    /\bno need (?:for|of|to (?:send|have|save)) (?:files? )?(?:larger|bigger|more|heavier)(?: files?)? than $/i.test(
      before,
    ) ||
    /\b(?:gives?|makes?|produces?|comes? (?:to|out at)|results? in|ends? up at|usually|will be) (?:you )?(?:files? of )?(?:approx\.?|approximately|about|around|roughly|some)\s*$/i.test(
      before,
    ) ||
    // "About 2 MB each, 4 MB at most."
    ((ABOUT.test(before) || OR_SO.test(after)) && [...text.matchAll(WEIGHT)].length > 1) ||
    /^ (?:per|a|each|every) (?:hour|day|week|month|account)\b/i.test(after) ||
    /^ of (?:web ?|disk |server |cloud )?(?:space|storage|memory|traffic)\b/i.test(after) ||
    /^\s*(?:pixel|px|p\b|crowns|members|£|€)/i.test(after) ||
    isUsual(before, after) ||
    (OF_WORDS.test(text) && !/\b(?:jpe?g|image|photo|picture|tiff?)s?\b/i.test(text)) ||
    OF_PAPERS.test(before) ||
    /^\s*(?:pdf|video)/i.test(after)
  );
}

/** "Size in KB: 20-50": the unit stands over a column. */
function headedIn(text: string): Weighed[] {
  const match = HEADED.exec(text);
  const { unit = '', a, b = '' } = match?.groups ?? {};
  if (!match) return [];
  const at = { unit: '', from: match.index, to: match.index + match[0].length };
  const [low, high] = [a === undefined ? undefined : bytesOf(a, unit), bytesOf(b, unit)];
  return [
    ...(low === undefined ? [] : [{ field: 'bytesMin' as const, bytes: low, ...at }]),
    ...(high === undefined ? [] : [{ field: 'bytesMax' as const, bytes: high, ...at }]),
  ];
}

/** "No larger than 2 MB". */
function singlesIn(text: string): Weighed[] {
  return [...text.matchAll(WEIGHT)].flatMap((match): Weighed[] => {
    const { n = '', unit = '' } = match.groups ?? {};
    const [from, to] = [match.index, match.index + match[0].length];
    const bytes = bytesOf(n, unit);
    // "07KB.jpg" is the name of a file.
    const isName = /^[\w-]*\.(?:jpe?g|tiff?|png)\b/i.test(text.slice(to));
    if (bytes === undefined || isName || isNoDemand(text, unit, from, to)) return [];
    const [before, after] = [text.slice(0, from), text.slice(to)];
    const bound = boundOf(before, after);
    const isOfAll = isPackage(text, from, to);
    // "If the zip is larger than 50 MB, split it."
    const isTurned = bound === 'min' && IF_MORE.test(before);
    // "Files over 25 MB: use a link."
    if (IS_OVER.test(before) && BY_LINK.test(after)) return [];
    const isReduced =
      /\b(?:smaller|lower|go down|reduce|resize|compress|shrink|(?:send|sent) (?:it |them )?back|refused?|reject(?:ed)?|return(?:ed)?|bounces?)\b/i.test(
        after,
      );
    if (isTurned && !isReduced && !isOfAll) return [];
    const isLeast = bound === 'min' && !isTurned;
    // A gigabyte is seldom one picture's.
    const isLarge = /^g/i.test(unit) && !/\b(?:file size|(?:per|each) (?:file|image))\b/i.test(text);
    const field = isLeast ? 'bytesMin' : isOfAll || isLarge ? 'packageBytesMax' : 'bytesMax';
    return [{ field, bytes, unit, from, to }];
  });
}

/** "About 2 MB is OK but nothing over 3." */
function bareLimitIn(text: string): Weighed[] {
  const bare = BARE_LIMIT.exec(text);
  const unit = /\d\s*(?<unit>[km]i?b|megs?)\b/i.exec(text.slice(0, bare?.index ?? 0))?.groups?.['unit'];
  const bytes = bare && unit ? bytesOf(bare.groups?.['n'] ?? '', unit) : undefined;
  if (!bare || bytes === undefined) return [];
  return [{ field: 'bytesMax', bytes, unit: '', from: bare.index, to: bare.index + bare[0].length }];
}

/** "Half a megabyte". */
function spokenIn(text: string): Weighed[] {
  return [...text.matchAll(SPOKEN)].map(match => {
    const { n = '', unit = '', more, half } = match.groups ?? {};
    const [from, to] = [match.index, match.index + match[0].length];
    const whole = /half/i.test(n) ? 0.5 : /^an?$/i.test(n) ? 1 : readCount(n);
    const bytes = (whole + (more || half ? 0.5 : 0)) * factorOf(unit.toLowerCase());
    const isLeast = boundOf(text.slice(0, from), text.slice(to)) === 'min';
    const field = isLeast ? 'bytesMin' : isPackage(text, from, to) ? 'packageBytesMax' : 'bytesMax';
    return { field, bytes, unit, from, to };
  });
}

/** "400,000 bytes". */
function plainIn(text: string): Weighed[] {
  return [...text.matchAll(PLAIN_BYTES)].map(match => {
    const [from, to] = [match.index, match.index + match[0].length];
    const isLeast = boundOf(text.slice(0, from), text.slice(to)) === 'min';
    const bytes = Number((match[1] ?? '').replace(/\D/g, ''));
    return { field: isLeast ? 'bytesMin' : 'bytesMax', bytes, unit: 'bytes', from, to };
  });
}

function bytesOf(written: string, unit: string): number | undefined {
  const factor = factorOf(unit.toLowerCase());
  const value = Math.round(readDecimal(written) * factor);
  return value > 0 && Number.isSafeInteger(value) ? value : undefined;
}

function factorOf(unit: string): number {
  if (/^(?:kib|kibi)/.test(unit)) return 1024;
  if (/^(?:mib|mebi)/.test(unit)) return 1024 * 1024;
  if (/^g/.test(unit)) return 1_000_000_000;
  return unit.startsWith('m') ? 1_000_000 : 1000;
}

function doubtOf(unit: string): string | undefined {
  return unit === 'Mb' || unit === 'Kb'
    ? `unit written '${unit}' (could mean ${unit === 'Mb' ? 'mega' : 'kilo'}bits), read as bytes`
    : undefined;
}

import { isAdvice, isAdvisedAt } from '../common/advice.ts';
import { isElsewhere } from '../common/elsewhere.ts';
import { A_FORMAT } from '../common/kind-words.ts';
import type { Found } from '../common/found.ts';
import type { ReadColourSpace, ReadFormat } from '../common/reading.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, patterns, phrases } from '../common/word-lists.ts';

/** What kind of file: its format and its colour space. */

const FORMATS: readonly (readonly [ReadFormat, RegExp])[] = [
  ['jpeg', /(?<![.\w])jpe?gs?\b/gi],
  ['png', /(?<![.\w])pngs?\b/gi],
  ['tiff', /(?<![.\w])tiff?s?\b/gi],
  ['webp', /(?<![.\w])webp\b/gi],
];
/** A dotted ending that stands alone, not as the end of a file's name. */
const DOTTED: readonly (readonly [ReadFormat, RegExp])[] = [
  ['jpeg', /(?<=^|[\s("“'*])\.jpe?g\b/gi],
  ['png', /(?<=^|[\s("“'*])\.png\b/gi],
  ['tiff', /(?<=^|[\s("“'*])\.tiff?\b/gi],
];
const DENIED = new RegExp(
  `\\b${oneOf`
    (?:do not|no) need(?: for)? | ha(?:ve|s) no use for | do not send (?:me|us) | not? | nor | never | neither | without | except | rather than | instead of | do not (?:send|accept)
    refuses? | ha(?:ve|s) something against | (?:cannot|do not) (?:accept|open|use|take|read|process|handle|store|import|print|work with|deal with|cope with) | convert(?:ed)? from | (?:not|never) (?:be )?convert(?:ed)? (?:it |them )?(?:in)?to | as opposed to
    (?:not (?:accepted|allowed|permitted|needed|wanted|supported)|cannot (?:take|accept|open|use|read)|what (?:i|we) do not (?:need|want|take|accept))\s*:
  `}(?:\\s+(?:a|an|any|the|as|in|big|huge|large|\\d+ ?[mk]b|send|accept|use|supply|submit|upload|of|your|raw|or|heic|gif|bmp|psd|files?|,|png|tiff?s?|jpe?gs?|webp))*\\s*,?\\s*$`,
  'i',
);
const NOT_OURS = phrases`
  (?<!\b(?:file|version|copy) for (?:the|our) )catalogue(?! (?:file|image|version|picture|copy)s?\b|:) | reproduc\w*\b(?! (?:please |we )?(?:send|submit|supply|need|ask|require)|(?: of [a-z ]{3,30})?:) | last (?:year|season|time|month|round)
  previous(?:ly)?(?! works?\b) | used to | (?:of )?\d+ (?:failed|rejected) | logo\b.*\bsend
`;

/** Whether a place of a sentence speaks of somebody else's pictures; the sentence is looked through when first asked. */
function elsewhereIn(text: string): (at: number) => boolean {
  let namesOthers: boolean | undefined;
  return at => (namesOthers ??= NOT_OURS.test(text)) && isElsewhere(NOT_OURS, text, at);
}

/** "JPEG or TIFF? JPEG.": the answer alone, where question and answer both name what is asked about. */
function chosenOf(text: string, named: RegExp): string | undefined {
  const question = /^[^?]*\?/.exec(text)?.[0] ?? '';
  const answer = text.slice(question.length);
  return named.test(question) && named.test(answer) ? ' '.repeat(question.length) + answer : undefined;
}

/** "Can I upload a PNG? No." asks for none: only what follows the denial counts. */
function answered(segment: Segment): Segment {
  const chosen = chosenOf(segment.text, A_FORMAT);
  if (chosen !== undefined) return { ...segment, text: chosen };
  const asked = /^[^?]*\?\s*(?:A[.:]\s*)?(?:no|sorry|unfortunately)\b/i.exec(segment.text)?.[0];
  return asked ? { ...segment, text: segment.text.replace(asked, ' '.repeat(asked.length)) } : segment;
}

const FORMAT_ADVISED = patterns`
  \b(?:recommend|prefer|ideal|(?<!\b(?:your|each|one|every) )suggest)\w*\b[^.;,\d]{0,30}(?:jpe?g|png|tiff?|format)
  (?:jpe?g|png|tiff?)s?\b[^.;,(]{0,20}\b(?:preferred|recommended|ideally)
  (?:jpe?g|png|tiff?)s?(?: (?:rather than|instead of) (?:jpe?g|png|tiff?)s?)?,? if (?:(?:at all )?possible|you (?:possibly )?can)\b(?! (?:in|with|at|not|no|under|below|up|max\w*) )
  \b(?:ideally|preferably|(?:if|where(?:ver)?) possible|for best results),? (?:please )?(?:use|send|choose|save as) (?:an? )?(?:jpe?g|png|tiff?)
  (?:jpe?g|png|tiff?)s?\b (?:would be|looks?|gives?) (?:the )?best
  \b(?:our advice is|it is advisable) to use (?:jpe?g|png|tiff?)
  (?<!\d-?bit )(?:jpe?g|png|tiff?)s? (?:is|are) (?:best|better|the (?:best|safest) choice)
`;

export function readFormats(whole: Segment): Found[] {
  const segment = answered(whole);
  const { text } = segment;
  const isOther = elsewhereIn(text);
  // "Convert your TIFFs to JPEG before sending".
  const turned =
    /(?<!\b(?:not|never)(?: be)? )\bconvert\w*\b[^.;]*?\b(?:in)?to (?:an? )?(?=jpe?g|png|tiff?)/i.exec(text);
  // "Per TIFF a JPEG preview".
  const beside =
    /\b(?:for (?:each|every)|per|beside (?:the|each|every)|with (?:each|every)) (?:jpe?g|png|tiff?)(?: file)?,? (?=an? )/i.exec(
      text,
    );
  const from = [turned, beside].reduce((at, lead) => (lead ? lead.index + lead[0].length : at), 0);
  const hits: { format: ReadFormat; at: number; end: number }[] = [];
  for (const [format, words] of [...FORMATS, ...DOTTED])
    for (const match of text.matchAll(words)) {
      if (match.index < from || isDenied(text, match.index) || isOther(match.index)) continue;
      hits.push({ format, at: match.index, end: match.index + match[0].length });
    }
  if (!hits.length) return [];
  hits.sort((a, b) => a.at - b.at);
  const [first] = hits;
  const last = hits.at(-1);
  if (!first || !last) return [];
  // Only advice about the format itself makes it advice: "we suggest quality 10 for your JPEG" does not. Where another
  // is taken as well, the list is the rule.
  const advice = new Set(hits.map(h => h.format)).size === 1 && FORMAT_ADVISED.test(text);
  return [
    {
      field: 'formats',
      value: [...new Set(hits.map(h => h.format))],
      start: segment.start + first.at,
      end: segment.start + last.end,
      advice,
    },
  ];
}

/** "Anything that is not a JPEG is turned away", "no formats other than JPEG": two denials ask for it. */
const NOT_OTHERS =
  /\b(?:anything|everything|files?|whatever) (?:that|which) (?:is|are) not (?:an? )?$|\b(?:anything|everything|whatever) (?:but|other than|except) (?:an? )?$|\b(?:files?|those|ones|anything) (?:that|which) (?:is|are) neither (?:an? )?(?:jpe?g|png|tiff?)? ?(?:nor )?(?:an? )?$|\b(?:no|nothing|none|not)\b[^.;]{0,30}\b(?:except|but|other than) (?:for )?(?:an? )?$/i;

/** "TIFF, PNG and HEIC": a format with the others of its list. */
const FORMAT_AND_OTHERS =
  /^[\w.]+(?:(?:,? (?:and|or) |, ?| ?\/ ?)\.?(?:jpe?g|png|tiff?|heic|heif|raw|gif|bmp|webp|psd|pdf|dng)(?: files)?s?\b)*/i;

function isDenied(text: string, at: number): boolean {
  const before = text.slice(Math.max(0, at - 60), at);
  return (
    !NOT_OTHERS.test(before) &&
    !/\bprogressive $/i.test(before) &&
    // "TIFFs are not accepted: send JPEGs."
    !/:\s*(?:please )?(?:send|use|save as|convert (?:them )?to|submit|upload) (?:an? )?$/i.test(before) &&
    (DENIED.test(before) ||
      /\bnot supported:[^.;]*$/i.test(before) ||
      // "TIFF only if we ask for it later."
      /^\w+(?: files?)?,? (?:only|but only) (?:if|when|after) (?:we|it is|they are) (?:ask|request)/i.test(
        text.slice(at),
      ) ||
      // "A JPEG will not do for print."
      /^\w+(?: files?)? (?:(?:will|does|do) not|won['’]t|doesn['’]t) (?:do|suffice)\b/i.test(
        text.slice(at),
      ) ||
      // "JPEG leaves smudges."
      /^\w+ (?:leaves|causes|produces|ruins|destroys|spoils|loses|introduces)\b/i.test(text.slice(at)) ||
      /^(?!\w+: (?:any |all )?others?\b)[^.;,(]{0,24}\b(?:(?:is|are|will be|files? (?:is|are|will be)) (?:no longer|not(?! (?:larger|bigger|more|over|above|wider|higher|taller|longer|greater|heavier|less|smaller|under|below|exceeding))|refused|rejected|(?:returned|sent back|turned away|ignored)(?! (?:to you|after|when|once|on request|if|unless)))|(?:will|do|does) not (?:open|work|load|play|show|upload)|cannot be(?! (?:larger|bigger|more|wider|higher|longer|over)))\b/i.test(
        text.slice(at).replace(FORMAT_AND_OTHERS, ''),
      ))
  );
}

/** A space that is named only to warn of it. */
const LOOKS_WRONG = patterns`
  ^[^.;(,]{0,20}\b(?:turn|come) out (?:wrong|badly|odd)
  ^[^.;(,]{0,14} prints? (?:wrong(?:ly)?|badly|poorly|dull|green|too dark)\b
  ^ files? and [^.;,]{0,50}\b(?:cannot|will not|are not|must not)\b
  ^ (?:files?|images?|pictures?) with an? (?:\w+ )?(?:cast|tint)\b
  ^[^.;(,]{0,20}\b(?:will not|cannot be) (?:open|opened|display|load|work)\w*\b
  ^(?: (?:files?|images?|pictures?))? (?:do(?:es)? not|cannot|will not) (?:open|play|run|show|load|work|display)\b
  ^(?: mode)? will not do\b | ^,? (?:is |are )?not (?:required|needed|necessary|wanted)\b
  ^[^.;,]{0,10}\bonly (?:when|if|to|for)\b
  ^(?! or (?:it|they|else)\b)[^.;:(,]{0,40}\b(?:(?:will |may |can |tend to )?(?:look|come out)s? (?!(?:good|fine|best|right|great|correct|better|nice|the)\b)[a-z]+\b|(?:are|will be) (?:shown|displayed|projected) (?:with|in) (?:false|wrong)|(?:is|are) (?:shown|displayed) (?:wrong|bad|incorrect)(?:ly)?\b|(?:look|appear|show|display|come out|project)s?(?: up)? (?:green|wrong|dull|flat|odd|washed|muted|poor|bad|pale|strange)|(?:files? )?(?:will|may|are|is) (?:be )?(?:converted|changed?)\b|(?:will|can)(?: not|not) be (?:adjusted|converted|corrected|displayed|shown))\b
`;

/** "If your program can only save", "it is probably in": what somebody's file happens to have. */
const IS_THEIRS =
  /\bif (?:your|the) [a-z]+ (?:can|does|knows) only (?:do |save |write |make |use |give )?(?:in )?$|\b(?:is|are) (?:probably|perhaps|often|still) (?:in |an? )?$/i;

/** "sRGB is accepted as well": the space asked for is another one. */
const ALSO_TAKEN =
  /^(?: files?| images?)? (?:is|are) (?:fine|ok(?:ay)?|accepted|possible|allowed),? (?:but )?(?:s?rgb|adobe rgb|cmyk)\b[^.;]{0,12}\b(?:better|preferred|best)\b|^(?: files?| images?)? works? (?:too|as well|also)\b|^(?: files?| images?)? (?:is|are|will be) (?:(?:(?:perfectly|quite) )?(?:accepted|fine|ok(?:ay)?|allowed|acceptable|possible) but\b|(?:also|equally) (?:accepted|fine|ok(?:ay)?|allowed|acceptable|possible)|(?:accepted|fine|ok(?:ay)?|allowed|acceptable|possible) (?:as well|too|also))\b/i;

const SPACES: readonly (readonly [ReadColourSpace, RegExp])[] = [
  ['sRGB', /\bs[- ]?rgb\b/gi],
  ['AdobeRGB', /\badobe ?rgb(?: ?\(?1998\)?)?/gi],
  ['DisplayP3', /\b(?:display ?p3|dci-?p3)\b/gi],
  ['ProPhoto', /\bpro ?photo(?: ?rgb)?\b/gi],
  ['CMYK', /\bcmyk\b/gi],
  ['gray', /\bgr[ae]y ?-?scale\b|\bgr[ae]y gamma(?= ?\d)/gi],
];

/** "Adobe RGB, ProPhoto and CMYK": a space with the others of its list. */
const AND_OTHERS =
  /^(?:(?:,? (?:and|or) |, | ?\/ ?)(?:s?rgb|adobe rgb(?: ?\(?1998\)?)?|pro ?photo(?: rgb)?|cmyk|display p3|gr[ae]yscale))+/i;
const NOT_TAKEN =
  /^(?: files?| images?| profiles?)? (?:is|are|will be|must be|can be)? ?(?:not (?:be )?(?:accepted|allowed|permitted|supported|used|possible)|refused|rejected|returned|sent back)\b/i;

const A_SPACE = /rgb\b|\bcmyk\b|\bgr[ae]yscale\b/i;

/** "Files in any other space than sRGB look dull": what goes wrong otherwise is asked for. */
function isOtherwise(text: string, at: number, end: number): boolean {
  return (
    /\b(?:(?:that|which) (?:is|are) not|(?:images|files|pictures|work) not|(?:any|every|some) other (?:colou?r )?(?:space|profile|mode)s? than|(?:spaces?|profiles?|modes?|files|images|anything) other than)(?: (?:saved|made|converted|in|to|the)){0,3} $/i.test(
      text.slice(0, at),
    ) &&
    /^[^.;]{0,30}\b(?:looks?|appears?|shown|come out|wrong(?:ly)?|dull|refused|rejected|returned|sent back|not (?:be )?(?:accepted|allowed|permitted|used))\b/i.test(
      text.slice(end),
    )
  );
}

/** Whether a space that a sentence names is what it asks for, and no other that it warns of. */
function isAskedFor(text: string, space: ReadColourSpace, at: number, end: number): boolean {
  return (
    !isDenied(text, at) &&
    !IS_THEIRS.test(text.slice(0, at)) &&
    !ALSO_TAKEN.test(text.slice(end)) &&
    !(space === 'CMYK' && OR_RGB.test(text)) &&
    !ALL_THE_SAME.test(text.slice(end)) &&
    !(
      space === 'CMYK' &&
      /^ (?:is|will be|gets) (?:done|made|converted)\b[^.;]{0,12}\b(?:by us|here|by the printer)/i.test(
        text.slice(end),
      )
    ) &&
    !/^ conversion\b[^.;]{0,20}\b(?:our|we|us|printers?)\b/i.test(text.slice(end)) &&
    !/\b(?:leave|forget|avoid|ignore|skip) (?:the )?$/i.test(text.slice(0, at)) &&
    !NOT_TAKEN.test(text.slice(end).replace(AND_OTHERS, '')) &&
    !LOOKS_WRONG.test(
      text
        .slice(end)
        .replace(AND_OTHERS, '')
        .replace(/\s[-–—]\s.*$/s, ''),
    ) &&
    !/\b(?:we|the (?:site|page|gallery)) (?:show|display|publish|present)s? (?:every\w+|all [^.;]{1,24}?|(?:your )?(?:pictures|images)) in $/i.test(
      text.slice(0, at),
    ) &&
    !/\b(?:we|the printer) (?:will )?(?:takes?|treats?|prints?|shows?|reads?|opens?) (?:it|them|the files?) (?:for|as|in) $|\b(?:we|printers?|(?:print|copy) shop|lab|publishers?|designers?)\b(?! (?:\w+ )?(?:suggest|recommend|advise|prefer|ask))[^.;]{0,20}\b(?:convert\w*|conversion)\b[^.;]{0,30}\bto $|\b(?:we|our printers?|the printers?) (?:makes?|do(?:es)?|produces?|creates?) (?:the |any )?$|\b(?:our|the) printers? needs? (?:the |any )?$/i.test(
      text.slice(0, at),
    ) &&
    !/\b(?:any other|(?<!\b(?:are|is) |pictures |images |files |photos )not)\b(?:(?!\bbut\b)[^.;,]){0,24}$|\b(?:taken to be|assumed to be|(?:treated|printed|shown|opened|interpreted|read) as)\b[^.;]{0,12}$/i.test(
      text.slice(0, at),
    )
  );
}

export function readColourSpace(segment: Segment): Found[] {
  // "Adobe RGB or sRGB? sRGB."
  const text = chosenOf(segment.text, A_SPACE) ?? segment.text;
  const isOther = elsewhereIn(text);
  if (
    /^\W*error\b[^.:]{0,16}(?::| (?:means|says|shows) )|\b(?:failed|rejected|were) (?:uploads?|cmyk)|were cmyk|\b(?:usually|often|mostly|sometimes)\b[^.;]{0,30}\bcmyk|\bfiles? (?:is|are) (?:still )?(?:in )?cmyk|\bcmyk (?:files?|images?|pictures?|jpe?gs?) (?:\w+ )?(?:shows?|looks?|appears?|displays?|turns?|comes? out|will (?:show|look|appear|be shown))\b/i.test(
      text,
    )
  )
    return [];
  const hits = SPACES.flatMap(([space, words]) =>
    [...text.matchAll(words)]
      .filter(
        m =>
          !isOther(m.index) &&
          (isOtherwise(text, m.index, m.index + m[0].length) ||
            isAskedFor(text, space, m.index, m.index + m[0].length)),
      )
      .map(m => ({ space, at: m.index, end: m.index + m[0].length })),
  );
  // "Greyscale" among other words is often about the picture; only a file mode counts.
  const usable = hits.filter(
    h =>
      (h.space !== 'gray' ||
        !/\bgr[ae]y-?scale (?:figures|images|pictures|photographs|files|scans) (?:in|as)\b/i.test(text)) &&
      (h.space !== 'gray' ||
        !/\bgr[ae]y-?scale(?: \([^()]*\))? or rgb\b|(?<!adobe )\brgb or gr[ae]y-?scale\b/i.test(text)) &&
      (h.space !== 'gray' ||
        !/^(?: \([^()]*\))? or (?:in )?colou?r\b|^ (?:for|where|(?:images|scans|files|works?) (?:should|must|are|may))\b/i.test(
          text.slice(h.end),
        )) &&
      (h.space !== 'gray' ||
        /\b(?:srgb|cmyk) or gr[ae]y|\bgr[ae]yscale (?:jpe?g|tiff?|png)s?\b|(?:tiff?|jpe?g|png|dpi|ppi)s?, gr[ae]yscale(?=[,.;]|$)|^(?:[^:]{2,24}:\s*)?gr[ae]y ?-?scale,[^.;]{0,50}\b(?:tiff?|jpe?g|png)s?\b|\b(?:tiff?|jpe?g|png)s?\b[^.;:()]{0,40}, gr[ae]y ?-?scale(?=[,.;]|$)|\bgr[ae]yscale or srgb|\b(?:true|real|pure) gr[ae]y|\b(?:mode|files?|saved?|convert(?:ed)?|colou?r space|submitted|(?:8|16)[- ]bit|profile|in)\b/i.test(
          text,
        )),
  );
  usable.sort((a, b) => a.at - b.at);
  const [first] = usable;
  if (!first) return [];
  const others =
    (usable.some(h => h.space !== first.space) && !/\bconvert/i.test(text)) ||
    /\bor (?:the )?(?:(?:eci|apple|wide)\w*[- ]?rgb|gr[ae]y gamma)\b|\b(?:eci|apple|wide)\w*[- ]?(?:gamut )?rgb or\b/i.test(
      text,
    );
  // "ProPhoto RGB or Adobe RGB, the latter preferred".
  const isLatter =
    /\bthe latter (?:is |being )?(?:preferred|recommended|better)\b|\b(?:prefer|recommend|suggest|advise) the latter\b/i.test(
      text,
    );
  const preferred =
    (isLatter ? usable.at(-1) : undefined) ??
    usable.find(h => /\bconvert\w*\b[^.;]{0,30}\bto (?:the )?$/i.test(text.slice(0, h.at))) ??
    usable.find(
      h =>
        /\b(?:prefer\w*|ideally|recommend\w*|(?:would|['’]d) rather have)\b[^.;]{0,20}$/i.test(
          text.slice(0, h.at),
        ) ||
        /^(?:(?!rgb|cmyk|gr[ae]y)[^.;,]){0,20}\b(?:preferred|recommended|please if|(?:is|would be) (?:better|best)|for preference|is what we (?:recommend|prefer|would like))/i.test(
          text.slice(h.end),
        ),
    ) ??
    first;
  const advice =
    /^[^:]{0,30}\bif you can\s*:/i.test(text) ||
    (others && /\botherwise\b|\bis (?:fine|ok(?:ay)?)\b|\bif that['’]s what\b/i.test(text)) ||
    (isAdvice(text) &&
      /\b(?:recommend|prefer|ideal|suggest)\w*\b[^.;]{0,40}rgb|rgb\b[^.;]{0,40}\b(?:recommend|prefer|ideal|suggest)\w*/i.test(
        text,
      )) ||
    isAdvisedAt(text, preferred.at) ||
    (others && /\bor\b/i.test(text));
  return [
    {
      field: 'colourSpace',
      value: preferred.space,
      start: segment.start + preferred.at,
      end: segment.start + preferred.end,
      advice,
      ...(others ? { isChoice: true as const } : {}),
    },
  ];
}

/** "RGB or CMYK" leaves it open; "Adobe RGB or CMYK" prefers the first. */
const OR_RGB = /(?<!adobe |photo |s)\brgb(?: or |\/)cmyk\b|\bcmyk(?: or |\/)rgb\b/i;

/** "RGB or CMYK does not matter" asks for none. */
const ALL_THE_SAME =
  /^(?: or (?:s?rgb|cmyk|adobe rgb))?,? (?:(?:we|i) (?:do not|don['’]t) mind|(?:whichever|as) you (?:like|prefer|please)|whichever\b(?=,|;|[.]|$)|(?:is|are) all the same to\b|(?:makes|make) no difference|do(?:es)?(?: not|n['’]t) matter)/i;

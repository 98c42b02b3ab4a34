import { partsNamed, type PartSaid } from './part-words.ts';
import { alignExample } from './align-example.ts';
import { literalsOf, partsOfExample, saidBetween, writtenOut } from './name-literals.ts';
import { readCharacters, readExtension, type Claim } from './read-name-characters.ts';
import type { ReadNaming } from './reading.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

/** How files are to be called: an example, and its parts in order. */

const EXAMPLE =
  /(?<![\w/@])(?<name>(?:(?:[[<{][\w ’']{2,24}[\]>}][ _.+-]{0,3}){1,6}|(?:(?!e\.g|i\.e)[A-Z0-9][\w’']{0,20}\.(?!(?:jpe?g|tiff?|png)\b)(?=\w)){1,3}|[A-Z0-9])[\w’'#+-]*(?:[ ]?\(\w+\))?(?:[ ](?:[-–] )?[\w’'#+-]+(?:[ ]?\(\w+\))?){0,5}\.(?:jpe?g|tiff?|png))\b/i;
const EVERY_EXAMPLE = new RegExp(EXAMPLE, 'gi');
const ABOUT_NAMES =
  /\b(?:file ?-?names?|nam(?:e|ed|ing) (?:of )?(?:the |each |your |every |all )?(?:files?|images?|pictures?|photos?|jpe?gs?)|files? (?:must|should|shall|will|to|are to|is to)? ?be (?:named|called|titled|labelled)|(?:name|title|call|label|rename) (?:each|the|your|every|all|it|them) ?(?:of )?(?:the |your )?(?:files?|images?|pictures?|photos?|jpe?gs?)?|naming|^names?(?=\s*[:=]| without)|\bname(?=\s*=)|\bas its (?:file ?-?)?name\b|\bgiven a name\b|(?:image|picture|photo) names?(?=\s*:)|files? (?:is|are) (?:called|named) after|(?:named|called|titled|labelled) (?:as|with|by|using|in|like|thus|following|according)|rename files|spaces? in (?:the |a )?(?:file ?)?names?|must be (?:named|called|titled)|(?:identify|label) (?:each|every|all|the|your) (?:files?|pictures?|images?|photos?))\b/i;

export function readNaming(segments: readonly Segment[]): { naming: ReadNaming; found: Found[] } {
  const naming: ReadNaming = {
    example: null,
    parts: null,
    spaces: null,
    allowed: null,
    maxLength: null,
    extension: null,
  };
  const found: Found[] = [];
  const claim = (field: string, segment: Segment, from: number, to: number) =>
    found.push({
      field: `naming.${field}`,
      value: null,
      start: segment.start + from,
      end: segment.start + to,
      advice: false,
    });

  const about = segments.filter(
    (segment, i) =>
      ABOUT_NAMES.test(segment.text) ||
      /^(?:(?:\d+(?:\.\d+)*[.)]?|[A-Z][.)]|[-*•–·])\s+)?(?:(?:the|an?|each|every|your) )?(?:(?:image|picture|photo|file) )?titles?\b[\s\S]{0,60}\b(?:characters|letters)\b/i.test(
        segment.text,
      ) ||
      EXAMPLE.test(segment.text) ||
      /^keep (?:the |your )?titles? short\b/i.test(segment.text) ||
      isPattern(segment.text) ||
      isUnderNamingHead(segments, i) ||
      isBeforeExample(segments, i) ||
      isAfterthought(segments, i),
  );
  let hasSpacedExample = false;
  for (const segment of about) {
    const isFault = isEmailOrFault(segment.text);
    const shown = [...segment.text.matchAll(EVERY_EXAMPLE)].filter(
      m => !isFault || !/\b(?:IMG|DSC)/i.test(m[0]),
    );
    if (withComma(segment.text, naming, claim, segment)) continue;
    // A pattern in brackets is shown where no example is filled in.
    const match = shown.find(m => !/^[[<{]/.test(m[0])) ?? shown[0];
    if (!match) continue;
    const name = trimExample(match[0], match.index === 0);
    naming.example ??= name;
    hasSpacedExample ||= [...segment.text.matchAll(EVERY_EXAMPLE)].some(m =>
      trimExample(m[0].replace(/[[<{][^\]>}]*[\]>}]/g, 'X')).includes(' '),
    );
    if (naming.example === name)
      claim('example', segment, match.index + match[0].length - name.length, match.index + match[0].length);
  }
  readPlaceholder(about, naming, claim);
  readParts(about, segments, naming, claim);
  readCharacters(about, naming, claim);
  if (!naming.spaces && hasSpacedExample) naming.spaces = 'allowed';
  readExtension(segments, about, naming);
  return { naming, found };
}

/** "The title, a comma and your number: Old Salt, 221.jpg". */
function withComma(text: string, naming: ReadNaming, claim: Claim, segment: Segment): boolean {
  const match =
    /(?<=[:(“"] ?|\be\.g\. |\bexample )(?<name>[A-Z][\w’']*(?: [\w’']+){0,4}, [\w’' ]{1,24}\.(?:jpe?g|tiff?|png))\b/.exec(
      text,
    );
  const name = match?.groups?.['name'];
  if (!match || name === undefined || naming.example || !/\bcomma\b/i.test(text)) return false;
  naming.example = name;
  naming.spaces ??= 'allowed';
  claim('example', segment, match.index, match.index + match[0].length);
  return true;
}

/** "No spaces." right behind the sentence about names. */
function isAfterthought(segments: readonly Segment[], index: number): boolean {
  const { text } = segments[index] ?? { text: '' };
  if (text.length > 140 || !/\b(?:spaces?|characters?|letters|hyphens?|under-?scores?)\b/i.test(text))
    return false;
  return [1, 2].some(back => {
    const before = segments[index - back]?.text ?? '';
    return (
      ABOUT_NAMES.test(before) || EXAMPLE.test(before) || /\btitles?\b[^.]{0,30}\bcharacters\b/i.test(before)
    );
  });
}

/** "Club code, dash, number, dash, title. Example: QB-09-Low Sun.jpg" */
function isBeforeExample(segments: readonly Segment[], index: number): boolean {
  const next = segments[index + 1]?.text ?? '';
  return (
    /^(?:an )?(?:example\s*:|for example\b|e\.g\.)/i.test(next) &&
    EXAMPLE.test(next) &&
    partsNamed(segments[index]?.text ?? '').length >= 2
  );
}

/** "Use the format YEAR_SURNAME_TITLE." */
function isPattern(text: string): boolean {
  const written = /\b[A-Za-z]{4,}(?:_[A-Za-z]{4,}){1,4}\b(?!\.\w)/.exec(text)?.[0];
  return written !== undefined && partsOfExample(written) !== undefined;
}

function isEmailOrFault(text: string): boolean {
  return /\bnot\b[^.;]{0,20}(?:IMG|DSC)|\blike IMG_|\b(?:called|named) (?:IMG|DSC)/i.test(text);
}

function isUnderNamingHead(segments: readonly Segment[], index: number): boolean {
  for (let i = index - 1; i >= Math.max(0, index - 4); i--) {
    const text = segments[i]?.text ?? '';
    if (/^(?:§? ?\d+[.)]?\s*)?(?:(?:file ?-?)?nam(?:e|es|ing)\b[^.]{0,25}|titles?)[:.]?$/i.test(text))
      return true;
    if (text.length < 40 && /:$|^[A-Z][A-Z ]+\.?$/.test(text)) return false;
  }
  return false;
}

/** Words that lead up to an example and are no part of it. */
const LEAD =
  /^(?:sends?|gives?|makes?|call|calls|called|them|each|it|its|name|named|names|titled|file|files|filename|be|becomes?|as|is|are|e\.?g\.?|i\.?e\.?|ie|eg|example|instance|like|so|then|use|using|would|will|images?|pictures?|photos?|your|thus|jpeg|jpg|say)$/i;
/** Words that lead up to an example as well, but stand inside titles too. */
const SMALL = /^(?:for|the|a|an|to|with|and|or|of|from|in|on|at|title)$/i;

/** Takes off the words of the sentence that the pattern swallowed before the name itself begins. */
function trimExample(name: string, isSentenceStart = false): string {
  // "Title of Image" is one word of a name.
  const tied = name.replace(/\b(?:title|name) of (?:the )?(?:image|picture|photo|work|print)\b/gi, m =>
    m.replace(/ /g, TIE),
  );
  // "sequence - 3F07.jpg": the dash belongs to the sentence.
  const dashed = /^[a-z]+ [-–] (?<name>[A-Z\d][^ ]*)$/.exec(tied)?.groups?.['name'];
  if (dashed) return dashed.replaceAll(TIE, ' ');
  const words = tied.split(' ');
  const isLead = (word: string, i: number) =>
    LEAD.test(word) && (i > 0 || /^[a-z]/.test(word) || words.length > 2 || /[_-]/.test(words.at(-1) ?? ''));
  let start = 0;
  // "from club 117 is A117_03": whatever stands before the last such word is the sentence's.
  for (let i = 0; i < words.length - 1; i++) if (isLead(words[i] ?? '', i)) start = i + 1;
  // "The Old Ferry.jpg" begins with its article; the sentence's own one stands in front of other words.
  const isOfSentence = (word: string) =>
    SMALL.test(word) && (isSentenceStart || /^[a-z]/.test(word) || /^title$/i.test(word));
  while (
    start < words.length - 1 &&
    isOfSentence(words[start] ?? '') &&
    !/^(?:by|[-–])$/.test(words[start + 1] ?? '')
  )
    start += 1;
  // "the title and GHX-07-Morning on the Slip": parts that are joined begin the name, words before them do not.
  const joined = words.findIndex((word, i) => i >= start && /[A-Za-z\d][_-][A-Za-z\d]/.test(word));
  const isTitleFirst =
    joined > start && words.slice(start, joined).every(w => /^[A-Z\d]/.test(w) || SMALL.test(w));
  if (joined > start && !isTitleFirst) start = joined;
  return words.slice(start).join(' ').replaceAll(TIE, ' ');
}

const TIE = '\u00a0';

function readParts(
  about: readonly Segment[],
  all: readonly Segment[],
  naming: ReadNaming,
  claim: Claim,
): void {
  if (naming.parts) return;
  let previous: string | undefined;
  for (const segment of about) {
    const described = describedParts(segment.text);
    const [only] = described;
    if (only && described.length === 1) {
      const numbered = withNumber(only.part, segment.text, naming.example);
      if (numbered) {
        naming.parts = numbered;
        claim('parts', segment, only.at, only.end);
        return;
      }
      const joined = besideIt(only.part, segment.text, previous, naming.example);
      if (joined) naming.parts = joined;
      else if (isNamedAfter(segment.text, naming.example)) naming.parts = [only.part];
      previous = only.part;
      if (!naming.parts) continue;
      claim('parts', segment, only.at, only.end);
      // What stands in front of it may be said in the next sentence.
      if (joined) return;
      continue;
    }
    if (naming.parts) return;
    if (described.length < 2 || isJoinedToOther(described, segment.text)) continue;
    const words = inOrder(described, segment.text).map(d => d.part);
    const shown = naming.example ? partsOfExample(naming.example) : undefined;
    // An example that names its own parts, and more of them, is the fuller description.
    if (shown && shown.filter(part => !part.startsWith('text:')).length > words.length) {
      naming.parts = shown;
      return;
    }
    const parts =
      writtenOut(described, segment.text) ??
      saidBetween(described, segment.text) ??
      (naming.example ? alignExample(naming.example, words) : undefined) ??
      literalsOf(naming.example, words, withSeparator(segment, about));
    // Parts that the example's marks do not fit are not all of them.
    const isParted = /[A-Za-z\d][_-][A-Za-z\d]/.test(naming.example ?? '');
    if (isParted && !parts.some(part => part.startsWith('text:'))) return;
    naming.parts = parts;
    const [first] = described;
    const last = described.at(-1);
    claim('parts', segment, first?.at ?? 0, last?.end ?? 0);
    return;
  }
  const told = naming.example && !naming.parts ? toldApart(about) : undefined;
  if (told) naming.parts = told;
  const legend = naming.example && !naming.parts ? readLegend(naming.example, about) : undefined;
  if (legend) naming.parts = legend;
  const fromExample = naming.example && !naming.parts ? partsOfExample(naming.example) : undefined;
  if (fromExample) naming.parts = fromExample;
  naming.parts ??= naming.example ? (withFixedWord(naming.example, all) ?? null) : null;
}

/** "The title, prefixed by the member's number": the second of two stands first. */
function inOrder(described: readonly PartSaid[], text: string): readonly PartSaid[] {
  const [first, second] = described;
  const isTurned =
    described.length === 2 &&
    /\b(?:prefixed|preceded) (?:by|with)\b|^\s*(?:after|behind|following) the\b/i.test(
      text.slice(first?.end, second?.at),
    );
  return isTurned ? described.slice().reverse() : described;
}

/** "object_surname_year": a word joined to the parts that stands for none we know; without it the name would be wrong. */
function isJoinedToOther(described: readonly PartSaid[], text: string): boolean {
  return (
    /[A-Za-z]{3,}[_-]$/.test(text.slice(0, described[0]?.at)) ||
    /^[_-][A-Za-z]{3,}/.test(text.slice(described.at(-1)?.end)) ||
    described.slice(1).some((d, i) => /^[_-][A-Za-z]{3,}[_-]$/.test(text.slice(described[i]?.end, d.at)))
  );
}

/** A sentence with the next one, where that says what stands between the parts: "…; separated by hyphens". */
function withSeparator(segment: Segment, about: readonly Segment[]): string {
  const next = about[about.indexOf(segment) + 1];
  const isOfIt =
    next?.line === segment.line && /^(?:all )?(?:separated|joined|divided|linked|with)\b/i.test(next.text);
  return isOfIt ? `${segment.text} ${next.text}` : segment.text;
}

/** "Begin with your first name: Greta_1.jpg, Greta_2.jpg": examples that differ in their number alone. */
function withNumber(part: string, text: string, example: string | null): string[] | undefined {
  if (!example || part === 'sequence') return undefined;
  // "Put your last name at the beginning: Okoro_01.jpg".
  if (
    /^[A-Za-z]+[ _-]0*\d{1,2}\.\w+$/.test(example) &&
    /\b(?:begin\w*|start\w*|first|in front)\b/i.test(text)
  )
    return alignExample(example, [part, 'sequence']);
  const stems = [...text.matchAll(EVERY_EXAMPLE)].map(m => trimExample(m[0]).replace(/\.\w+$/, ''));
  const heads = new Set(stems.map(stem => stem.replace(/\d+$/, '')));
  const isRow = new Set(stems).size >= 2 && heads.size === 1 && stems.every(stem => /\d$/.test(stem));
  return isRow ? alignExample(example, [part, 'sequence']) : undefined;
}

/** "Put your membership number in front of it": a second part beside the one of the sentence before. */
function besideIt(
  part: string,
  text: string,
  previous: string | undefined,
  example: string | null,
): string[] | undefined {
  if (!previous || previous === part || !/\b(?:put|add|place|write|with|preceded|followed)\b/i.test(text))
    return undefined;
  const isBefore =
    /\b(?:in front of|before|ahead of|preceding) (?:it|that|this|the \w+)\b|\bpreceded by\b|\bfirst\b/i.test(
      text,
    );
  const isAfter =
    /\b(?:after|behind|following) (?:it|that|this|the \w+)\b|\bat the end\b|\bfollowed by\b/i.test(text);
  if (isBefore === isAfter) return undefined;
  const parts = isBefore ? [part, previous] : [previous, part];
  return literalsOf(example, parts, text);
}

/** "001-Title.jpg where 001 is your entry number": what the words of the example stand for. */
function readLegend(example: string, about: readonly Segment[]): string[] | undefined {
  const stem = example.replace(/\.[A-Za-z]+$/, '');
  return [/( - |_)/, /( - |[ _-])/]
    .map(marks => explained(stem.split(marks), about))
    .find(parts => parts !== undefined);
}

/** "Outbound_Surname_01.jpg" in the guidelines of OUTBOUND: a first word that is the organiser's own. */
function withFixedWord(example: string, all: readonly Segment[]): string[] | undefined {
  const match = /^(?<word>[A-Z][A-Za-z]{2,20})(?<mark> - |[_-])(?<rest>.+)$/.exec(example)?.groups;
  const [word = '', mark = '', rest = ''] = [match?.['word'], match?.['mark'], match?.['rest']];
  const isOwn = all.some(s => new RegExp(`(?<![_-])\\b${word}\\b(?![_-])`, 'i').test(s.text));
  const parts = word && isOwn ? partsOfExample(rest) : undefined;
  return parts && [`text:${word}${mark}`, ...parts];
}

/** "Surname_W.jpg and Surname_P.tif": examples that differ in one word, which tells the files of an entry apart. */
function toldApart(about: readonly Segment[]): string[] | undefined {
  const stems = about
    .flatMap(s => [...s.text.matchAll(EVERY_EXAMPLE)])
    .map(m =>
      trimExample(m[0])
        .replace(/\.\w+$/, '')
        .split(/( - |[_-])/),
    );
  const [first, second] = stems;
  if (!first || !second || first.length !== second.length || first.length < 3) return undefined;
  const different = first.flatMap((piece, i) => (piece === second[i] ? [] : [i]));
  const [only] = different;
  if (
    only === undefined ||
    different.length !== 1 ||
    !/^[A-Za-z]+$/.test((first[only] ?? '') + (second[only] ?? ''))
  )
    return undefined;
  const parts = first.map((piece, i) =>
    i === only ? 'deliverable' : i % 2 ? `text:${piece}` : partsOfExample(`${piece}_title`)?.[0],
  );
  return parts.every(part => part !== undefined) ? (parts as string[]) : undefined;
}

/** @param pieces words and the marks between them, in turn */
function explained(pieces: readonly string[], about: readonly Segment[]): string[] | undefined {
  let isSaid = false;
  const parts = pieces.map((piece, i) => {
    if (i % 2) return `text:${piece}`;
    const legend = new RegExp(
      `\\b${piece.replace(/[^\w]/g, '.')} (?:is|are|stands for|means|being|=) (?:the |your |an? )?(?<what>[^,.;]{3,40})`,
      'i',
    );
    const what = about.map(s => legend.exec(s.text)?.groups?.['what']).find(w => w !== undefined);
    const part = what === undefined ? undefined : partsNamed(what)[0]?.part;
    isSaid ||= part !== undefined;
    return part ?? partsOfExample(`x_${piece}`)?.at(-1) ?? partsOfExample(`${piece}_title`)?.[0];
  });
  // "21_Evening Tide, 21 being your member number": words that nothing explains are the title.
  const open = parts.flatMap((part, i) => (part === undefined ? [i] : []));
  const [only] = open;
  if (only !== undefined && open.length === 1 && / /.test(pieces[only] ?? '')) parts[only] = 'title';
  return isSaid && parts.every(part => part !== undefined) ? (parts as string[]) : undefined;
}

/** "Name your file with your student number": one part alone, which no separator of the example contradicts. */
function isNamedAfter(text: string, example: string | null): boolean {
  const isSaid =
    /\bgive (?:your|the|each|every) (?:file|image|picture|photo) the name of\b|\b(?:must|should|shall|has to) be the name of the (?:file|image|picture)\b|\b(?:name|call|title|save|rename) (?:your|the|each|every|all) (?:\w+ )?(?:files?|images?|pictures?|photos?)[^.;]{0,20}\b(?:with|after|by|as|using)\b|\bfile ?-?names? (?:is|are|must be|should be|shall be|would be|to be|is to be|are to be|must match|match) (?:simply |just |only )?(?:the|your)\b|\bfiles? (?:should|must|are to|shall|will) be (?:named|called) (?:with|after|by) (?:the|your)\b|\bfile ?-?names?(?:\s*[=:–-]\s*|\s{2,})(?:the |your )?(?:image |picture |photo |author(?:['’]s)? |student |staff |personnel |employee |registration |application |catalogue |club |member(?:ship)? |entry |candidate |roll )?(?:title|number|surname)s?\b|^names?\s*[=:]|\b(?:files?|images?|pictures?) (?:is|are|must be|should be) (?:to be )?given\b|\b(?:give|rename|change) (?:your|the|each|every|all|it|them)\b[^.;]{0,50}\b(?:(?:as|for) (?:its|the|a|their) (?:file ?-?)?names?|to your)\b|\b(?:your|the) [^.;,]{3,30} as (?:the|its|a) (?:file ?-?name|name of the file)\b|\bis (?:the )?(?:name of the file|file ?-?name)\b|\bfiles? (?:is|are) (?:called|named) after\b|\b(?:save|store|send) (?:your|the|each|every|all) (?:\w+ )?(?:files?|images?|pictures?|photos?)[^.;]{0,10}\bunder (?:its|the|their)\b|\buse (?:the|your) [^.;]{3,30} as (?:the |a |your )?(?:file ?-?name|name of the file)\b/i.test(
      text,
    );
  const stem = (example ?? '').replace(/\.\w+$/, '');
  const isNumber = /^(?:[A-Za-z]{1,4}-?)?\d+(?:[-/]\d+)*$/.test(stem) && /\bnumber\b/i.test(text);
  return isSaid && (isNumber || !/[_-]| - /.test(stem));
}

/** "Call them yourname_title": words that stand for parts, joined, without an ending. */
const PLACEHOLDER =
  /(?<![\w@./-])((?:[[<{(][A-Za-z ’']{2,24}[\]>})][ _+-]{0,3}){2,6}|[A-Za-z]{4,}(?:[_-](?:[A-Za-z]{3,}|\d{1,3}\b)){1,4}(?![\w@./-]|\.\w| [a-z]+\.(?:jpe?g|tiff?|png)))/g;

function readPlaceholder(about: readonly Segment[], naming: ReadNaming, claim: Claim): void {
  for (const segment of about)
    for (const match of segment.text.matchAll(PLACEHOLDER)) {
      const written = (match[1] ?? '').trim();
      // "membership number_title": the words before belong to the first part.
      const isCut = partsNamed(segment.text).some(p => p.at < match.index && p.end > match.index);
      const parts = naming.parts || isCut ? undefined : partsOfExample(written);
      if (!parts) continue;
      naming.parts = parts;
      claim('parts', segment, match.index, match.index + written.length);
    }
}

function describedParts(text: string): PartSaid[] {
  // What stands after "for example" is the example, not the description.
  const upto =
    /\b(?:for example|for instance|e\.g\.?|i\.e\.?|ie\b|eg\b|(?<=[-–—,;] )so (?:the|that)|example:|such as|thus:|like this|\b(?:must|may|should|do|can|is) ?not\b|don['’]t)/i.exec(
      text,
    )?.index ?? text.length;
  const lead = partsWithin(text, 0, upto);
  // "Example: Ruben_Tjaden-Winter.jpg (first name, surname, title)".
  const listed = /\.(?:jpe?g|tiff?|png)["”'’]?\s*\([^()]+\)/i.exec(text);
  if (listed && lead.length < 2) return partsWithin(text, listed.index, listed.index + listed[0].length);
  // "like this: 12-Smith-Evening.jpg where 12 is your member number, followed by …"
  return lead.length >= 2 ||
    !/^(?:like this|thus|such as)\s*:|\bwhere\b|\bstands? for\b|\bbeing\b/i.test(text.slice(upto))
    ? lead
    : partsWithin(text, upto, text.length);
}

function partsWithin(text: string, from: number, to: number): PartSaid[] {
  // The words that lead up to an example belong to the description.
  const described = text.slice(from, to).replace(EVERY_EXAMPLE, m => {
    const name = trimExample(m);
    return m.slice(0, m.length - name.length) + ' '.repeat(name.length);
  });
  return partsNamed(' '.repeat(from) + described);
}

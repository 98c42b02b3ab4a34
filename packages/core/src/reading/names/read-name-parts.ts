import { alignExample } from './align-example.ts';
import { fillExample } from './fill-example.ts';
import { namesIn, trimExample, withoutNames } from '../common/name-examples.ts';
import { inOrder, spelledBefore, withFixedLead, withLetter } from './name-order.ts';
import { namesShown, ownWordsOf } from './names-shown.ts';
import { literalsOf, partsOfExample, saidBetween, writtenOut } from './name-literals.ts';
import { hasOtherPart, partsNamed, type PartSaid } from './part-words.ts';
import { readLegend } from './name-legend.ts';
import { toldOfExample } from './told-of-example.ts';
import type { Claim } from './read-name-characters.ts';
import type { ReadNaming } from '../common/reading.ts';
import type { Segment } from '../common/segments.ts';
import { patterns } from '../common/word-lists.ts';

/** The parts of a file's name in their order, with what stands between them. */

/** Titles as such, and not the names of files. */
const OF_TITLES =
  /^\W*(?:file ?-?names?:\s*(?=(?:the )?titles? (?:may|must|should|can|longer|(?:of )?up to|at most)\b))?(?:the )?titles?\b(?! as\b)[^.;]{0,40}\b(?:characters|letters)\b|\bwith an? title of\b[^.;]{0,24}\bcharacters\b/i;

/** Reads the parts that a text describes, explains, or shows in an example. */
export function readParts(
  about: readonly Segment[],
  all: readonly Segment[],
  naming: ReadNaming,
  claim: Claim,
): void {
  if (naming.parts) return;
  const others = namesShown(about);
  const isOwnWord = ownWordsOf(all);
  /** "Surname_W.jpg and Surname_P.tif": what tells the files of an entry apart stands beside what is described. */
  const toldApart = (example: string | null, described: readonly string[]) => {
    const parts = example === null ? undefined : fillExample(example, { others, described, isOwnWord });
    return parts?.includes('deliverable') ? parts : undefined;
  };
  let previous: string | undefined;
  let partial: string[] = [];
  for (const segment of about) {
    // "Titles of 35 characters at most" speaks of no file.
    if (OF_TITLES.test(segment.text)) continue;
    const described = describedParts(segment.text);
    const [only] = described;
    if (only && described.length === 1) {
      partial = hasOtherPart(withoutNames(segment.text)) ? [] : [only.part];
      const numbered = withNumber(only.part, segment.text, naming.example);
      if (numbered) {
        naming.parts = numbered;
        claim('parts', segment, only.at, only.end);
        return;
      }
      const joined =
        spelledBefore(only, segment.text, naming.example) ??
        besideIt(only.part, segment.text, previous, naming.example);
      if (joined) naming.parts = joined;
      else if (
        !hasOtherPart(withoutNames(segment.text)) &&
        isNamedAfter(only.part, segment.text, naming.example)
      )
        naming.parts = [only.part];
      previous = only.part;
      if (!naming.parts) continue;
      claim('parts', segment, only.at, only.end);
      // What stands in front of it may be said in the next sentence.
      if (joined) return;
      continue;
    }
    if (naming.parts) return;
    if (described.length < 2 || isJoinedToOther(described, segment.text, naming.example)) continue;
    const words = inOrder(described, segment.text, naming.example);
    const shown = naming.example ? partsOfExample(naming.example) : undefined;
    // An example that names its own parts, and more of them, is the fuller description.
    if (shown && shown.filter(part => !part.startsWith('text:')).length > words.length) {
      naming.parts = shown;
      return;
    }
    const parts =
      ledAsShown(described, segment.text, naming.example) ??
      asShown(
        writtenOut(described, segment.text, naming.example) ?? saidBetween(described, segment.text),
        naming.example,
        words,
      ) ??
      withFixedLead(naming.example, words, segment.text) ??
      toldApart(naming.example, words) ??
      (naming.example ? alignExample(naming.example, words) : undefined) ??
      literalsOf(naming.example, words, withSeparator(segment, about));
    // Parts that the example's marks do not fit are not all of them.
    const isParted = /[A-Za-z\d](?:[_-]|\d? [A-Z]{2,4} )[A-Za-z\d]/.test(naming.example ?? '');
    const isShort = isParted && hasMoreMarks(naming.example ?? '', parts);
    if (isShort || (isParted && !parts.some(part => /^text:(?:[^A-Za-z\d]|.*[_ -]$)/.test(part)))) {
      partial = words;
      break;
    }
    naming.parts = withLetter(parts, segment.text, naming.example);
    const [first] = described;
    const last = described.at(-1);
    claim('parts', segment, first?.at ?? 0, last?.end ?? 0);
    return;
  }
  if (naming.parts || !naming.example) return;
  const { example } = naming;
  // "Site, date, running number: SAL_20270612_01.jpg": what stands for the site is no fixed word.
  const isFixed = about.some(s => hasOtherPart(withoutNames(s.text))) ? () => false : isOwnWord;
  const behind = about.flatMap(s => all[all.indexOf(s) + 1] ?? []);
  const [told] = about.flatMap(segment => {
    const parts = toldOfExample(example, segment.text);
    return parts ? [{ segment, parts }] : [];
  });
  naming.parts =
    readLegend(example, [...about, ...behind]) ??
    partsOfExample(example) ??
    told?.parts ??
    fillExample(example, { others, isOwnWord: isFixed, described: partial }) ??
    fillExample(example, { others, isOwnWord: isFixed, described: [] }) ??
    null;
  // The sentence as a whole says what the pieces are.
  if (told && naming.parts === told.parts) claim('parts', told.segment, 0, told.segment.text.length);
}

/** "The title, then a dash, then your name: Evening Tide - Ros Penn.jpg": the spaces round a mark are those of the example. */
function asShown(
  said: string[] | undefined,
  example: string | null,
  words: readonly string[],
): string[] | undefined {
  const shown = said && example !== null ? alignExample(example, words) : undefined;
  const isSame = shown?.length === said?.length && shown?.every((part, i) => bare(part) === bare(said?.[i]));
  const isBracketed = /^text:[)\]]$/.test(shown?.at(-1) ?? '') && shown?.length === (said?.length ?? 0) + 1;
  return isSame || isBracketed ? shown : said;
}

/** Parts in which a hyphen may stand. */
const MAY_BE_PARTED = /^(?:title|species|date|month|year|place|catalogue number|entry number)$/;

/** "2-Tomas Vey-A.jpg" has a mark more than its two parts, and none in which it may stand. */
function hasMoreMarks(example: string, parts: readonly string[]): boolean {
  const marks = parts.filter(part => part.startsWith('text:')).map(part => part.slice(5).trim());
  const [mark] = marks;
  if (mark !== '-' || !marks.every(other => other === mark) || parts.some(part => MAY_BE_PARTED.test(part)))
    return false;
  return example.split(mark).length - 1 > marks.length;
}

const bare = (part: string | undefined) => part?.replace(/^text:\s*|(?<=^text:.*)\s+$/g, '');

/** "object_surname_year": a word joined to the parts that stands for none we know; without it the name would be wrong. */
function isJoinedToOther(described: readonly PartSaid[], text: string, example: string | null): boolean {
  return (
    (/[A-Za-z]{2,}[_-](?:your |the )?(?:[a-z]+['’]s )?$/i.test(text.slice(0, described[0]?.at)) &&
      !ledAsShown(described, text, example)) ||
    /^[_-][A-Za-z]{3,}/.test(text.slice(described.at(-1)?.end)) ||
    described.slice(1).some((d, i) => /^[_-][A-Za-z\d]{2,}[_-]$/.test(text.slice(described[i]?.end, d.at)))
  );
}

/** "BH_surname_number, so BH_Castellan_01.jpg": the word joined to the first part is a fixed one. */
function ledAsShown(
  described: readonly PartSaid[],
  text: string,
  example: string | null,
): string[] | undefined {
  const lead = /\b[A-Z][A-Za-z]{1,9}\d{0,4}[_-]$/.exec(text.slice(0, described[0]?.at))?.[0];
  const isShown = lead !== undefined && example?.startsWith(lead);
  const words = described.map(({ part }) => part);
  return isShown ? withFixedLead(example, words, text) : undefined;
}

const OF_SEPARATOR = patterns`
  ^(?:all )?(?:separated?|join(?:ed)?|divided?|link(?:ed)?|with)\b
  ^(?:(?:the|these|all) )?(?:parts|these|they|elements|items)(?: (?:are|must be|should be|to be))? (?:separated|joined|divided|linked)\b
  ^use (?:an? )?(?:under-?scores?|hyphens?|dash(?:es)?|spaces?) (?:between|to (?:separate|join))\b
`;

/** A sentence with the next one, where that says what stands between the parts: "…; separated by hyphens". */
function withSeparator(segment: Segment, about: readonly Segment[]): string {
  const next = about[about.indexOf(segment) + 1];
  const isOfIt = next?.line === segment.line && OF_SEPARATOR.test(next.text);
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
  const stems = namesIn(text).map(m => trimExample(m[0]).replace(/\.\w+$/, ''));
  const heads = new Set(stems.map(stem => stem.replace(/(?<=\d)[a-d]$|\d+$/, '')));
  const isRow = new Set(stems).size >= 2 && heads.size === 1 && stems.every(stem => /\d[a-d]?$/.test(stem));
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

const NAMED_AFTER = patterns`
  \b(?:named|called|(?:name|call|number) (?:(?:the|your|all) )?(?:files?|images?|pictures?)) 0*1 to \d{1,2}\b(?!,? (?:and|then|plus|followed|with)\b)
  \b(?:files?|file ?-?names?) (?:must|should|is to|are to) (?:bear|be|carry|consist of|show)(?: only)? (?:the|your|its) (?:[a-z]+['’]s )?[a-z]+(?: only)?[.;,]
  \bgive (?:your|the|each|every) (?:file|image|picture|photo) (?:only |just )?the (?:name of\b|(?:[a-z’']+ )?title\b(?! (?:and (?!nothing)|then|plus|followed)\b|[_+])) | \btakes? (?:its|their) names? from (?:the|your)\b
  \b(?:must|should) be the (?:file name|name of the image)\b
  \b(?:name|call|title|save|rename) (?:your|the|each|every|all) (?:\w+ )?(?:files?|images?|pictures?|photos?)[^.;]{0,20}\b(?:with|after|by|as|using)\b
  \bfile ?-?names? (?:is|are|must be|should be|will be|would be|to be|is to be|are to be|must match|match) (?:simply |just |only )?(?:the|your)\b
  (?:\bbe |\bis |\bare |^\W*)(?:named|called) (?:just |simply |only )?(?:with|after|by) (?:the|your|its|their)\b
  \bfile ?-?names?(?:\s*[=:–-]\s*|\s{2,})(?:the |your )?(?:[a-z’']+ (?:or [a-z]+ )?)?(?:title|number|surname|initial|name(?=\W|$))s?\b(?! (?:and|then|plus|followed)\b|[_+])
  ^(?:the )?(?:common|latin|scientific|species) name in the file ?-?name\b
  \bonly the title in the file ?-?name\b | ^\W*(?:the )?title in the file ?-?name\b | ^\W*just the title\b | \btitle\b[^.;]{0,30}\bas (?:the |its )?file ?-?name\b | \btitles? from (?:the |your )?file ?-?names?\b | ^\W*titles? only in the file ?-?name\b
  \b(?:name|call) (?:them|it|each(?: one)?) (?:with|after|by) (?:the |your |its )?(?:[a-z’']+ )?titles?\b(?! (?:and|then|plus|followed)\b)
  \bfile ?-?names? (?:made (?:up )?of|consisting of|of) (?:only )?the title(?: only| alone)?(?=\s*(?:[.,;)]|$))
  ^names?\s*[=:] | \bfile ?-?name (?:should|must|has to) (?:be )?(?:exactly )?(?:the same as|match|equal)\b
  \b(?:files?|images?|pictures?) (?:is|are|must be|should be) (?:to be )?given\b
  \b(?:give|rename|change) (?:your|the|each|every|all|it|them)\b[^.;]{0,50}\b(?:(?:as|for) (?:its|the|a|their) (?:file ?-?)?names?|to your)\b
  \b(?:your|the) [^.;,]{3,30} as (?:the|its|a) (?:file ?-?name|name of the file)\b
  \b(?:carry|bear|have|take) the [^.;,]{3,30} as its name\b | \brenamed to (?:the|your|its)\b
  \bis (?:the |its )?(?:name of the file|file ?-?name)\b
  \bfile ?-?names? (?:(?:must |should )?consists?|is made up) of (?:only )?(?:the|your|its) [a-z’']+(?: [a-z]+)?(?: only| alone)?[.;,]
  ^(?:the )?(?:\w+ )?(?:title|number) as (?:the )?file ?-?name\b
  ^(?:just |simply |use )?the (?:\w+ )?title(?: only| alone| and nothing else)\W*$
  \bfile ?-?names? (?:gives?|shows?|has) (?:only |just )?the title\b | \b(?:image |picture )?files? (?:must|should|has to) (?:bear|carry|have) (?:only )?the title\b
  \b(?:name|call) it (?:with|after|by) (?:the|your|its)\b(?![^.:;]*\band (?:the|your|an?)\b)
  \bfiles? (?:is|are) (?:called|named) after\b
  \b(?:save|store|send) (?:your|the|each|every|all) (?:\w+ )?(?:files?|images?|pictures?|photos?)[^.;]{0,10}\bunder (?:its|the|their)\b
  \buse (?:the|your) [^.;]{3,30} as (?:the |a |your )?(?:file ?-?name|name of the file)\b
  \b(?:save|store) (?:it|them|each|(?:your|the) (?:file|picture|photo|photograph|image)s?) as (?:the|your|its) [^.;,]{3,30}\b(?:number|code|title|name)\b(?! (?:and (?!nothing)|then|plus|followed))
`;

/** "Name your file with your student number": one part alone, which no separator of the example contradicts. */
function isNamedAfter(part: string, text: string, example: string | null): boolean {
  const isSaid = NAMED_AFTER.test(text);
  const stem = (example ?? '').replace(/\.\w+$/, '');
  // "By the archive number with N at the end".
  if (/\bwith (?:an? |the letter )?[A-Z] (?:at the end|behind|in front|before)\b/.test(text)) return false;
  // "Kiln Cottage 1934" is more than a year.
  if (/^(?:year|month|date)$/.test(part) && /[a-z]{4}/i.test(stem)) return false;
  const isNumber = /^(?:[A-Za-z]{1,4}-?)?\d+(?:[-/]\d+)*$/.test(stem) && /\b(?:number|date)\b/i.test(text);
  return (
    isSaid &&
    (isNumber ||
      (part === 'title' &&
      !/\b(?:and|then|plus|followed|code|number|with (?:your|the))\b/i.test(
        text.replace(/^.*\btitle\b/is, ''),
      )
        ? !/\d/.test(stem)
        : !/[_-]| - /.test(stem)))
  );
}

function describedParts(whole: string): PartSaid[] {
  // "Your name and the title, in whatever order": no order that could be built.
  if (/\bin (?:whatever|any|whichever) order\b/i.test(whole)) return [];
  // "No title, file name = your initials": what stands before is said of something else.
  const before = /^.*[,;] (?=file ?-?name\s*[=:])/i.exec(whole)?.[0].length ?? 0;
  const text = ' '.repeat(before) + whole.slice(before);
  // What stands after "for example" is the example, not the description.
  const upto =
    /\b(?:for example|for instance|e\.g\.?|i\.e\.?|ie\b|eg\b|(?<=[-–—,;] )so (?:the|that)|example:|such as|as in|thus:|like this|\b(?:must|may|should|do|can|is) ?not\b|\b(?:remove|delete|omit|leave out|strip) (?:your|the|any|all)\b)/i.exec(
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
  const described = withoutNames(text.slice(from, to));
  return partsNamed(' '.repeat(from) + described);
}

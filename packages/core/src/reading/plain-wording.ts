import { namesIn, trimExample } from './name-examples.ts';
import { doubledBreaks, wrappedBreaks } from './unwrap.ts';

/**
 * One wording for what organisers write in many: marks of lists, contractions, "shall" and "has to be". The readers
 * meet the plain wording alone; its places lead back to the text as given.
 */
export interface Worded {
  text: string;
  /** Where a stretch of the plain wording stands in the text as given: whole words, for a word is never half another. */
  given: (start: number, end: number) => Stretch;
  /** Words of the plain wording as they were written, looked for between two places. */
  asWritten: (words: string, from?: number, to?: number) => string;
}

/** From a place of a text to another, counted in characters. */
type Stretch = readonly [start: number, end: number];

/** What is written, and its plain wording, in which `$1` and so on stand for groups. */
type Rule = readonly [written: RegExp, plain: string];

/** The mark of a quoted mail stands before every other one. */
const QUOTED: readonly Rule[] = [[/^[ \t]*>[ \t]?/gm, '']];

/** Marks of the program that a text was pasted from. */
const LAYOUT: readonly Rule[] = [
  [/\r\n?/g, '\n'],
  // Rows of dots lead the eye from a name to its value and say nothing.
  [/\.{4,}|(?<= )\.{3}(?= )/g, '   '],
  [/[\u200b-\u200d\u00ad\ufeff]/g, ''],
  [/[\u00a0\u2007\u2009\u202f]/g, ' '],
  // "**Format:** JPEG", "## Size".
  [/\*\*(?=\S)|(?<=\S)\*\*/g, ''],
  [/^#{1,6}[ \t]+/gm, ''],
  [/^([ \t]*)[☐☑☒✓✔✗✘►▶▪▫■□●○◦‣⁃∙➢➤→»][ \t]*/gm, '$1• '],
  // "Format = JPEG".
  [/^([ \t]*(?:• )?[A-Z][A-Za-z ]{2,20}) = (?=\S)/gm, '$1: '],
  [/^([ \t]*)§[ \t]*(\d+(?:\.\d+)*)[.)]?(?=[ \t])/gm, '$1$2.'],
];

const WORDING: readonly Rule[] = [
  // "1,400 × 1.050"; three digits behind the mark of a megabyte may be its decimals.
  [/(?<![\d.,:/-])(\d{1,2})[.,’'](\d{3})(?![\d.,:/-]?\d|\s*(?:MB|megs?\b|megabytes?|[:∶]|to 1\b))/g, '$1$2'],
  [/(?<=(?:[a-z\d,.)]|[KM]B) )&(?= [a-z\d])/g, 'and'],
  [/\bcan(?:['’]t| not)\b/gi, 'cannot'],
  [/\bwon['’]t\b/gi, 'will not'],
  [/\bshan['’]t\b/gi, 'must not'],
  [/\b(do|does|did|is|are|was|were|has|have|must|should|would|could|need)n['’]t\b/gi, '$1 not'],
  [/\bshall\b/gi, 'must'],
  // "The size of each DPI": projected images, where no resolution is meant.
  [/\b(?:DPI|PDI)s\b/g, 'images'],
  [
    /\b([Ee]ach|[Ee]very|[Aa]ny|[Nn]o|[Aa]n?|[Tt]he) (?:DPI|PDI)\b(?=[,.;]| (?:must|shall|may|can|should|is|which|that|has|competition|file))/g,
    '$1 image',
  ],
  [/\bno\. ?(?=\d)/gi, 'number '],
  [/\bblack(?:[- ]and[- ]| ?& ?)white\b|\bb ?[&/] ?w\b/gi, 'monochrome'],
  [/(?<!\b(?:not|do|does|will|may|might) )\b(?:has|have|needs?) to be\b/gi, 'must be'],
  [/\bnot later than\b|\bon or before\b/gi, 'no later than'],
  [/\bnot more than\b/gi, 'no more than'],
  [/\b(?:no|not) less than\b/gi, 'at least'],
  [/\b(pixels|dots) per inch\b/gi, 'ppi'],
  [/\bhalf a dozen\b/gi, '6'],
  [/\ba dozen\b/gi, '12'],
  [/\ba couple of\b/gi, '2'],
  [/\bname of (?:(?:the|each|every|your) )?file\b|\bfile-?name\b/gi, 'file name'],
  [/\bfilenames\b/gi, 'file names'],
  [/\b(?:last|family) names?\b/gi, 'surname'],
  [/\b(?:photographs|photos|pictures)\b(?<=[a-z])/g, 'images'],
  [/\b(each|every|per|any|one|an?|the) (?:photograph|photo|picture)\b(?! of)/g, '$1 image'],
  [/\b(?:participant|contestant|contributor)(s?)\b/gi, 'entrant$1'],
  [/\b(?:long|longer|longest) (?:edge|dimension|axis)\b/gi, 'longest side'],
  [/\b(?:short|shorter|shortest) (?:edge|dimension|axis)\b/gi, 'shortest side'],
  [/\b(?:up to )?a (?:maximum|max\.?) of\b/gi, 'up to'],
  [/\b(?:(?:must|may|can|should) not|cannot) (?:exceed|be (?:greater|more) than)\b/gi, 'must not exceed'],
  [/\ba (?:minimum|min\.?) of\b/gi, 'at least'],
  [/(?<=\d ?)(?:megabytes?|mbytes?|megs?)\b/gi, 'MB'],
  [/(?<=\d ?)(?:kilobytes?|kbytes?)\b/gi, 'KB'],
  [/\bsize of (?:the|each|every|your) file\b/gi, 'file size'],
];

/** What is put right one after the other; each pass sees the text of the one before. */
const PASSES: readonly ((text: string) => Edit[])[] = [
  text => editsOf(text, QUOTED, []),
  text => editsOf(text, LAYOUT, []),
  text => doubledBreaks(text).map(([from, to]) => ({ from, to, plain: '' })),
  text =>
    wrappedBreaks(text).map(at => {
      const indent = /^[ \t]*/.exec(text.slice(at + 1))?.[0].length ?? 0;
      return { from: at, to: at + 1 + indent, plain: ' ' };
    }),
  text => editsOf(text, WORDING, namesShown(text)),
];

/** Puts a text into the plain wording; see `Worded` for the way back. */
export function inPlainWording(given: string): Worded {
  let worded = given;
  const back: Worded['given'][] = [];
  for (const pass of PASSES) {
    const step = reword(worded, pass(worded));
    worded = step.text;
    back.unshift(step.given);
  }
  const place: Worded['given'] = (start, end) =>
    back.reduce<Stretch>((stretch, given) => given(...stretch), [start, end]);
  const folded = worded.toLowerCase();
  return {
    text: worded,
    given: place,
    asWritten: (words, from = 0, to = folded.length) => {
      const at = folded.slice(0, to).indexOf(words.toLowerCase(), from);
      const written = at < 0 ? words : given.slice(...place(at, at + words.length));
      return words === words.toLowerCase() ? written.toLowerCase() : written;
    },
  };
}

/** Names of files, which are kept to the letter. */
function namesShown(text: string): Stretch[] {
  return namesIn(text).map(match => {
    const to = match.index + match[0].length;
    return [to - trimExample(match[0]).length, to];
  });
}

interface Edit {
  from: number;
  to: number;
  plain: string;
}

/** What rules change, applied side by side; what is kept to the letter is left alone. */
function editsOf(text: string, rules: readonly Rule[], kept: readonly Stretch[]): Edit[] {
  return rules
    .flatMap(([written, plain]) =>
      [...text.matchAll(written)].map(match => ({
        from: match.index,
        to: match.index + match[0].length,
        plain: inSameLetters(
          match[0],
          plain.replace(/\$(\d)/g, (_, n: string) => match[Number(n)] ?? ''),
        ),
      })),
    )
    .filter(edit => !kept.some(([from, to]) => edit.from < to && edit.to > from));
}

/** Makes the edits; where two of them meet, the one that begins first counts. */
function reword(text: string, edits: readonly Edit[]): Pick<Worded, 'text' | 'given'> {
  let worded = '';
  let done = 0;
  const changes: Change[] = [];
  for (const { from, to, plain } of edits.slice().sort((a, b) => a.from - b.from)) {
    if (from < done) continue;
    worded += text.slice(done, from);
    changes.push({ at: worded.length, end: worded.length + plain.length, from, to });
    worded += plain;
    done = to;
  }
  worded += text.slice(done);
  return {
    text: worded,
    given: (start, end) => [placeOf(start, changes, 'start'), placeOf(end, changes, 'end')],
  };
}

/** Words of the plain wording, from `at` to `end`, and those as given that they stand for, from `from` to `to`. */
interface Change {
  at: number;
  end: number;
  from: number;
  to: number;
}

function placeOf(place: number, changes: readonly Change[], side: 'start' | 'end'): number {
  const isBefore = (change: Change) => (side === 'start' ? change.at <= place : change.at < place);
  let low = -1;
  for (let high = changes.length; high - low > 1;) {
    const middle = (low + high) >> 1;
    const change = changes[middle];
    if (change && isBefore(change)) low = middle;
    else high = middle;
  }
  const last = changes[low];
  if (!last) return place;
  if (place >= last.end) return last.to + place - last.end;
  return side === 'start' ? last.from : last.to;
}

/** "SHALL" → "MUST", "Don't" → "Do not". */
function inSameLetters(written: string, plain: string): string {
  if (/^[A-Z]{2}/.test(written)) return plain.toUpperCase();
  return /^[A-Z]/.test(written) ? plain.slice(0, 1).toUpperCase() + plain.slice(1) : plain;
}

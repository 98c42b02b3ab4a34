import { COUNT } from '../common/quantities.ts';
import { isInOrder, sectionItem, type SectionItem } from './section-item.ts';
import { itemsOf, nameOf, sectionsOf, smallNames, withoutKindCodes } from './section-names.ts';
import { SECTION, SECTIONS } from '../common/section-nouns.ts';
import { inOne, nearby, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** Sections in a list: one to a line, or in a row within one sentence. */

/** A heading over a list of sections. */
const HEAD = new RegExp(
  `\\bin each of(?: these)?:?$|^(?:[\\w.)§]{1,5}\\s+)?(?:[^.;:]{0,120} )?(?:the )?${SECTIONS}(?: and (?:codes|what [a-z ]{3,24}))?(?: are(?: the following| these)?)?(?:\\s*\\([^()]*\\))?\\s*[:.]?$`,
  'i',
);
/** A line about files or money is no section. */
const OF_FILES =
  /\d\s*-?(?:px|pixels|[km]b|ppi|dpi|bits?)\b|\b(?:pixels|jpe?g|tiff?|s?rgb|yes|no(?! more\b))\b|[£€$]|crowns|\bper (?:work|entry)\b/i;

interface Row {
  item: SectionItem;
  segment: Segment;
  index: number;
}

/** Sections that each have a line, or a short sentence, of their own. */
export function listInLines(segments: readonly Segment[]): ReadSections | undefined {
  const rows = segments.flatMap((segment, index): Row[] => {
    const isInColumn = /\S {2,}\d{1,2}$/.test(segments[index - 1]?.text ?? '');
    const text = segment.text
      .replace(/\|/g, '  ')
      .replace(INTRO_OF_LINE, '')
      // "6.1. Open colour (C)".
      .replace(/^\d{1,2}\.\d{1,2}\.?\s+(?=[A-Z])/, '')
      // "You can enter: Class 1 Colour prints;"
      .replace(LEAD_TO_CLASS, '')
      // "Open section: 4 images."
      .replace(/(?<=^[A-Z][A-Za-z ]{2,24}) (?:section|class|category)(?=: \d)/, '')
      // The longest name of a column leaves one space to its limit.
      .replace(isInColumn ? /(?<=[a-z]) (?=\d{1,2}$)/ : /$^/, '  ');
    const item = text.length <= 110 && !OF_FILES.test(text) ? sectionItem(text) : undefined;
    // Names in a row are a list of their own.
    return !item || (item.code === null && /,| \/ /.test(item.label)) ? [] : [{ item, segment, index }];
  });
  const items = withoutKindCodes(rows.map(row => row.item));
  rows.forEach((row, i) => (row.item = items[i] ?? row.item));
  const runs: Row[][] = [];
  for (const row of rows) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    if (run && last && row.index - last.index <= 2 && sortOf(row) === sortOf(last)) run.push(row);
    else runs.push([row]);
  }
  const found = runs.flatMap(run => splitBySort(run)).filter(run => run.length >= 2 && isList(run, segments));
  // "1. Organiser. … 3. Sections. A. Colour": the list right below its heading counts, not the headings.
  const first = found.find(([row]) => row && HEAD.test(segments[row.index - 1]?.text ?? '')) ?? found[0];
  if (!first) return undefined;
  return {
    sections: sectionsOf(
      first.map(({ item, segment }) =>
        !isOnOneLine(first) && isFromOne(first) && isOrdinal(item, segment) ? { ...item, code: null } : item,
      ),
    ),
    found: first.map(({ segment, item }) => ({
      field: 'sections',
      value: item.label,
      start: segment.start,
      end: segment.start + segment.text.length,
      advice: false,
    })),
  };
}

/** "Sections: A …", "2.3 The categories are: Mammals". */
const INTRO_OF_LINE = new RegExp(
  `^(?:(?:[-+*•–·]|\\(?\\d{1,2}(?:\\.\\d{1,2})*[.)]?)\\s+)?(?:the )?${SECTION}\\s*(?:\\([^()]*\\)\\s*)?(?:are\\s*)?[:*–-]\\s*`,
  'i',
);

const LEAD_TO_CLASS = new RegExp(`^[A-Z][a-z ]{3,30}:\\s+(?=${SECTION} (?:[A-Z]|\\d+)\\b)`, 'i');

/** "51. A view": numbers that begin elsewhere than at one are those of a show's classes. */
const isFromOne = ([first]: readonly Row[]) => Number(first?.item.code ?? 1) <= 1;

/** "1. General" counts its line; "1  General" and "Class 1" give a code. */
const isOrdinal = (item: SectionItem, { text }: Segment) =>
  !item.isCalled && /^\d+$/.test(item.code ?? '') && /^\W*\d+[.)]/.test(text);

/** Rows of one list have codes of one sort. */
const sortOf = ({ item, segment }: Row) =>
  (item.code === null ? '' : /^\d+$/.test(item.code) ? '1' : 'A') +
  // "• Sections: A – Colour; B – Monochrome": the mark is that of the line.
  (INTRO_OF_LINE.test(segment.text) ? '' : (/^[-+*•–·]/.exec(segment.text)?.[0] ?? ''));

/** Lines with a code or a limit, and bare names beside them, are two lists. */
function splitBySort(run: readonly Row[]): Row[][] {
  const isFull = ({ item }: Row) => item.code !== null || item.limit !== null || item.isCalled;
  const full = run.filter(isFull);
  return full.length >= 2 ? [full, run.slice()] : [run.slice()];
}

const OF_CLASSES = new RegExp(`\\b${SECTIONS}\\b|\\b(?:per|each|any one) (?:section|class|category)`, 'i');
const OF_SECTIONS = new RegExp(`\\b${SECTIONS}\\b|\\b(?:per|each|any one) ${SECTION}\\b`, 'i');

function isList(run: readonly Row[], segments: readonly Segment[]): boolean {
  const items = run.map(row => row.item);
  const labels = new Set(items.map(nameOf));
  if (labels.size !== items.length) return false;
  const head = segments
    .slice(Math.max(0, (run[0]?.index ?? 0) - 2), run[0]?.index)
    .some(s => HEAD.test(s.text));
  const first = run[0]?.segment.text ?? '';
  if (head || INTRO_OF_LINE.test(first))
    return (
      head ||
      items.every(item => item.code !== null || isMarked(item, run)) ||
      isOnOneLine(run) ||
      isColumn(run, first)
    );
  if (items.every(item => item.isCalled)) return true;
  const isCoded = items.every(item => item.code !== null && !/^\d$/.test(item.code));
  const isNumbered = items.every(item => item.code !== null) && isInOrder(items.map(item => item.code));
  if (items.every(item => item.limit !== null)) return true;
  // "4 photos in each theme": a word that tells little beside numbered lines.
  const words = isCoded ? OF_SECTIONS : OF_CLASSES;
  return (isCoded || isNumbered) && segments.some(s => words.test(s.text));
}

/** "SECTIONS:    Colour" with the others below it, line after line. */
const isColumn = (run: readonly Row[], first: string) =>
  /:\s{2,}\S/.test(first) &&
  run.every(
    ({ segment, item }, i) => segment.line === (run[0]?.segment.line ?? 0) + i && item.limit === null,
  );

const isOnOneLine = (run: readonly Row[]) => run.every(row => row.segment.line === run[0]?.segment.line);
const isMarked = (item: SectionItem, run: readonly Row[]) =>
  run.some(row => row.item === item && /^(?:[-+*•–·]|\(?[a-z\d]{1,2}[.)])/i.test(row.segment.text));

/** What a list is announced with, and what may stand between these words and its first name. */
const ANNOUNCED = new RegExp(
  `\\bin these groups\\b|\\b${SECTION}\\b(?: and codes)?(?:\\s*\\([^()]*\\)(?=\\s*[:–-]))?|\\b(?:in|to|for) (?:each|any|either) of(?: (?:these|the following))?(?: (?:subjects?|groups?|headings?))?(?=:? [A-Z])|\\b(?:split|divided|shared|spread)\\b[^.;:]{0,24} (?:between|among|across|over)(?= [A-Z][a-z]+(?: \\([A-Z]{1,3}\\))?(?:, [A-Z][a-z]+(?: \\([A-Z]{1,3}\\))?)*,?(?: and)? [A-Z])|\\beach (?:in|for)(?= [A-Z])|\\bper (?:section|class|category)\\b[^.;]{0,30}\\b(?:submitted|entered|sent) in(?= [A-Z])|\\b(?:invited|accepted|welcome|possible|entered|submitted|sent) in(?= [A-Z][\\w ]*\\([A-Z])`,
  'gi',
);
const LEADING_IN =
  /(?::|,| are(?: the following)?:?| are numbered| will be| \*|\s[-–]|\s*\(|\s)\s*(?:namely |choose |these are |i\.e\. |being )?/g;

/** Every place behind such words of a sentence where a list may begin, up to the end of its line. */
function beginningsOf(sentence: string, line: string): string[] {
  return [...sentence.matchAll(ANNOUNCED)].flatMap(word => {
    const rest = line.slice(word.index + word[0].length);
    const lead = /^[^.;]{0,60}/.exec(rest)?.[0] ?? '';
    return [...lead.matchAll(LEADING_IN)].map(mark => {
      const region = rest.slice(mark.index + mark[0].length);
      return mark[0].includes('(') ? withinBracket(region) : region;
    });
  });
}

/** "(Open, Nature (N) and Travel) with up to four": a list up to the bracket that closes it. */
function withinBracket(region: string): string {
  let depth = 1;
  for (const { 0: bracket, index } of region.matchAll(/[()]/g)) {
    depth += bracket === '(' ? 1 : -1;
    if (depth === 0) return region.slice(0, index);
  }
  return region;
}

/** What is said of all of them behind a list. */
const BEHIND = new RegExp(
  `(?:\\sand (?=send\\b|enter\\b|submit\\b|may\\b|can\\b)|[,;:]|\\s[-–—]|\\s*\\(|\\.\\s)\\s*(?:and )?(?:(?:with |each |a limit of |up to |max(?:imum)?\\.?(?: of)? |a maximum of |at most |no more than |not more than )*(?:${COUNT})\\s*(?:\\(\\d+\\)\\s*)?(?:${THINGS})?[^,;(]{0,60}\\b(?:each|every|(?:per|a|one|any|the same|in) ${SECTION}|any one)\\b.*|with (?:up to )?(?:${COUNT}) ${THINGS}\\W*|(?:(?:up to|max(?:imum)?\\.?(?: of)?|at most|no more than|not more than) )?(?:${COUNT}) ${THINGS} [^,;(]{0,40}\\b(?:in (?:all|total)|altogether|overall)\\b.*|(?:each|every|you|send|enter|submit|entrants|members|authors|and you|closing|deadline|by \\d|until|per (?:round|month|match|meeting)|an image|shared out|spread|divided|with (?:no more|at most|up to))\\b.*)$`,
  'is',
);

const ONE_SECTION = new RegExp(`\\b${SECTION}\\b`, 'i');

/** Sections that one sentence names in a row. */
export function listInSentence(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    const before = segments[i - 1];
    const parts = partsOfLine(segments, i);
    const line = parts.map(part => part.text).join(' ');
    const regions = [
      ...beginningsOf(segment.text, line),
      ...(before && HEAD.test(before.text) ? [line] : []),
      ...(IN_BRACKETS.exec(line)?.slice(1) ?? []),
    ];
    for (const region of regions) {
      const items = itemsOf(region.replace(BEHIND, ''));
      // What stands behind the first semicolon belongs to the list as well.
      const named = parts.filter(part => items?.some(item => part.text.includes(item.label)));
      if (items) return inOne(spanning(segment, named), sectionsOf(items));
    }
    const small = smallNames(segment.text);
    if (small) return inOne(segment, sectionsOf(small));
    // Without a word of sections each name needs a code or a limit.
    if (OF_FILES.test(segment.text)) continue;
    for (const bare of [segment.text.replace(/^[A-Za-z ]{3,20}:\s+/, ''), segment.text]) {
      const items = itemsOf(bare.replace(BEHIND, ''));
      const codes = items?.map(item => item.code?.toUpperCase() ?? null) ?? [];
      const isCoded = codes.every(code => code !== null && /^[A-Z]{2,}/.test(code)) || isInOrder(codes);
      const isTold =
        items?.every(item => item.limit !== null) ||
        IN_EACH.test(segment.text) ||
        (isCoded && IN_EACH_OF_THEM.test(segment.text)) ||
        (isCoded && ONE_SECTION.test(nearby(segments, i)));
      if (items && isTold) return inOne(segment, sectionsOf(items));
    }
  }
  return undefined;
}

/** "15 images (section A, Open: 8; section B, Monochrome: 7)". */
const IN_BRACKETS = /\(((?:section|class|category) [A-Z1-9]\b[^()]{3,200})\)/i;

/** "Plants, Animals, Landscapes: three pictures in each category". */
const IN_EACH = new RegExp(
  `(?::|\\s[-–—])\\s*(?:up to |at most |max(?:imum)?\\.? )?(?:${COUNT}) ${THINGS} (?:(?:in|for|per) (?:each|every) |per )${SECTION}\\b`,
  'i',
);

/** "Open Colour (OPC) and Nature (NAT): four images may be entered in each." */
const IN_EACH_OF_THEM = new RegExp(
  `(?::|,|\\s[-–—])\\s*[^.;:]{0,20}\\b(?:${COUNT}) ${THINGS}[^.;]{0,40}\\b(?<=,.*|(?:in|for|to) )each\\W*$`,
  'i',
);

/** A list with semicolons goes on in the next sentences of its line. */
function partsOfLine(segments: readonly Segment[], at: number): Segment[] {
  const first = segments[at];
  if (!first) return [];
  const parts = [first];
  for (const next of segments.slice(at + 1, at + MOST)) {
    if (next.line !== first.line || !parts.at(-1)?.text.endsWith(';')) break;
    parts.push(next);
  }
  return parts;
}

/** A sentence as far as the last of some parts of its line reaches. */
function spanning(segment: Segment, parts: readonly Segment[]): Segment {
  const last = parts.at(-1) ?? segment;
  return { ...segment, text: segment.text.padEnd(last.start + last.text.length - segment.start) };
}

/** Sentences that one list of sections may take. */
const MOST = 24;

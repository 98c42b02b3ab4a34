import { countsIn, type Count } from '../common/counts.ts';
import type { Found } from '../common/found.ts';
import { ITEM_MARK, labelOf } from '../common/kind-words.ts';
import { ENTERING, rankOf, type Ranked } from './rank-count.ts';
import type { ReadSection } from '../common/reading.ts';
import type { ReadSections } from '../sections/section-words.ts';
import type { Segment } from '../common/segments.ts';
import { cellsOf } from '../common/table-cells.ts';
import { THINGS } from '../common/things.ts';

/**
 * How many entries one person, or one club, may send in all. Every number of entries that a sentence names is a
 * candidate; the one that outweighs the others counts.
 */

/** A list's item without its dash, dot or number. */
function withoutMark({ text, start, line }: Segment): Segment {
  const bare = text
    .replace(
      /^(?:[□✓]|\[ ?\]|§\d+|[A-Z]\.?\d{1,2}[.)]?(?= )|\d{1,2}(?:\.\d{1,2})+[.)]?(?= )|\d{1,2}(?= {2}| [A-Z]{4,}\.))\s*/,
      '',
    )
    .replace(ITEM_MARK, '');
  return { text: bare, start: start + text.length - bare.length, line };
}

/** Of prints and files the files count; of "a single image or a series of six" the greater. */
function settled(
  ranked: readonly (Ranked & { count: Count })[],
  text: string,
): (Ranked & { count: Count })[] {
  const own = ranked.filter(r => !r.isOfOne);
  const files = own.filter(r => !/\bprints?$/i.test(r.count.things));
  const used = files.length ? files : own.length ? own : ranked.slice();
  const [first, second] = used;
  const isChoice =
    first &&
    second &&
    used.length === 2 &&
    /^[\s,]*or\b/i.test(text.slice(first.count.to, second.count.from));
  return isChoice ? [first.count.value > second.count.value ? first : second] : used;
}

/** "One picture in spring and one from now". */
const ONE_AND_ONE = new RegExp(
  `\\bone (?:[a-z-]+ )?(?:${THINGS}|portrait)\\b[^.;]{0,60}(?:,| and) one (?:from|of|for|in|as|with|taken|that|(?:[a-z-]+ )?${THINGS})\\b(?!.*\\bmore\\b)`,
  'i',
);

/** "Three competitions are held. Members may enter two images in each." */
const OCCASIONS = /\b(?:competitions|rounds|evenings|meetings|matches|months|contests|sessions)\b/i;
const ofEachRound = (text: string) => text.replace(/\b(in|for|to) each(?=\W*$)/i, '$1 each round');

/** Numbers of one sentence that are weighed; a real one has a few. */
const MOST_COUNTS = 24;

/** How many entries one person, or one club, may send in all. */
export function readTotal(
  segments: readonly Segment[],
  { sections, found: sectionFound }: ReadSections,
): Found[] {
  const every = segments.flatMap((whole, i) => {
    const bare = withoutMark(whole);
    const near = `${segments[i - 1]?.text ?? ''} ${bare.text}`;
    const segment =
      sections.length || !OCCASIONS.test(near) ? bare : { ...bare, text: ofEachRound(bare.text) };
    if (isRowOfKinds(segment) || isNumberedHead(whole, segments)) return [];
    const isRow = isOfSections(segment, sectionFound);
    const isSaid = ENTERING.test(segment.text) || /\b(?:divided|spread|split|shared)\b/i.test(segment.text);
    // "How many may I enter? Up to 10, in any of the classes Birds and Plants."
    const isAnswer = /\bhow many\b[^?]*\?\W{0,4}(?:A[.:] )?\D{0,16}\d/i.test(near);
    const ranked = countsIn(segment.text)
      .slice(0, MOST_COUNTS)
      .flatMap(count => {
        const isOfSection =
          (isBesideSection(segment, count, sectionFound) &&
            !((isAnswer || (isSaid && count.things !== '')) && sections.every(s => s.limit === null))) ||
          isForEach(segment.text, count, sections);
        // "Six images in all, in the sections Nature and Travel."
        const tail = segment.text.slice(count.to);
        const isOfAll =
          /^,? (?:in all|in total|altogether),? in the (?:sections|classes|categories)\b/i.test(tail) ||
          // "8 colour, 4 monochrome, 12 in all".
          (/^ (?:in all|in total|altogether)\b/i.test(tail) && count.value === sumOf(sections));
        const rank = isOfSection && !isOfAll ? undefined : rankOf(segment.text, count);
        // "Enter up to six, not more than three of them in any one category (…)".
        const isLimit = sections.some(s => s.limit === count.value || (s.limit === null && !isSaid));
        const isOfRow = isRow && isLimit && !isAnswer && !/^\W*how many\b/i.test(segment.text);
        return rank && (!isOfRow || rank.rank === 'all') ? [{ ...rank, count }] : [];
      });
    if (ONE_AND_ONE.test(segment.text) && ranked.length)
      for (const r of ranked) r.count = { ...r.count, value: 2 };
    // "Prints (up to 3 each) can be dropped off."
    if (/^\W*(?:(?:mounted|framed|paper|hung|exhibition) )?prints? \(/i.test(segment.text))
      for (const r of ranked) r.count = { ...r.count, things: r.count.things || 'prints' };
    return settled(ranked, segment.text).map(r => ({
      ...r,
      kind: kindOf(segment),
      found: foundAt(segment, r.count),
    }));
  });
  // "Up to four pictures … Up to two prints": files are counted, not what is brought on paper.
  const files = every.filter(r => r.count.things !== '' && !/\bprints?$/i.test(r.count.things));
  const all = files.some(r => !r.isBare && (!r.isOfOne || every.every(e => e.isOfOne)))
    ? every.filter(r => !/\bprints?$/i.test(r.count.things))
    : every;
  const bare = all.filter(r => r.isBare);
  const said = all.filter(r => !r.isBare);
  // What one author may have of a club's entry is no number of the entry.
  const isOfTeam = bare.some(r => !r.isOfOne) && said.every(r => r.isOfOne);
  const told = !said.length || isOfTeam ? bare : said;
  const of = (rank: Ranked['rank']) => told.filter(r => r.rank === rank);
  const clubs = of('club').filter(r => !r.isOfOne);
  const persons = told.filter(r => r.isPerPerson);
  const own = told.filter(r => !r.isOfOne);
  const used = [of('all'), clubs, persons, own, told].find(some => some.length) ?? all;
  return (sumOfKinds(used) ?? used).map(r => r.found);
}

/** "Website: 3 pictures …" and "Leaflet: 1 picture …" make four; undefined where the numbers are of no such kinds. */
function sumOfKinds<T extends { count: Count; kind: string | undefined; found: Found }>(
  counted: readonly T[],
): T[] | undefined {
  const kinds = new Set(counted.map(c => c.kind));
  if (kinds.size < 2 || kinds.size < counted.length || kinds.has(undefined)) return undefined;
  const value = counted.reduce((sum, { count }) => sum + count.value, 0);
  return counted.map(c => ({ ...c, found: { ...c.found, value } }));
}

/** The kind of file that a line's first words name: "Leaflet: …", "Cover photo (one per listing)". */
const kindOf = ({ text }: Segment) =>
  labelOf(/^\W*([A-Z][A-Za-z ]{2,24}):/.exec(text)?.[1] ?? '') ??
  /^([A-Z][A-Za-z ]{2,24}) \((?:up to )?(?:one|\d{1,2}) per [a-z]+\)$/.exec(text)?.[1];

const foundAt = ({ start }: Segment, { value, from, to }: Count): Found => ({
  field: 'maxFiles',
  value,
  start: start + from,
  end: start + to,
  advice: false,
});

const NUMBERED_HEAD = /^(\d{1,2}) [A-Z][\w ]{2,24}$/;

/** "2 Files" below "1 Sections" heads a chapter and counts none. */
function isNumberedHead({ text, start }: Segment, segments: readonly Segment[]): boolean {
  const numberOf = (line: string) => Number(NUMBERED_HEAD.exec(line)?.[1] ?? Number.NaN);
  const number = numberOf(text);
  if (Number.isNaN(number)) return false;
  return segments.some(
    s => numberOf(s.text) === (s.start < start ? number - 1 : number + 1) && s.start !== start,
  );
}

/** What sections take together. */
const sumOf = (sections: readonly ReadSection[]) =>
  sections.reduce((sum, { limit }) => sum + (limit ?? 0), 0);

/** "How many   3   1   4": a number for each column, which is none of all. */
function isRowOfKinds(segment: Segment): boolean {
  const [, ...values] = cellsOf(segment).map(cell => cell.text);
  return values.every(value => /^\d{1,3}$/.test(value)) && new Set(values).size > 1;
}

/** A row that gives a section its limit. */
function isOfSections({ text, start }: Segment, sections: readonly Found[]): boolean {
  return sections.some(
    f => start < f.end && start + text.length > f.start && text.length < 120 && start >= f.start - 1,
  );
}

/** "Choose Colour, Mono or Nature; two images each": the limit that every section has. */
function isForEach(text: string, { value, to }: Count, sections: readonly ReadSection[]): boolean {
  return (
    sections.length > 0 &&
    sections.every(s => s.limit === value) &&
    (/^\s*each\W*$/i.test(text.slice(to)) ||
      /^\W*each: /i.test(text) ||
      /\b(?:for|in|to) each (?:of (?:them|these)|you|one|members?|authors?|entrants?)\b/i.test(text))
  );
}

/** "Three images in Open and two in Nature": the number is a section's. */
function isBesideSection({ start }: Segment, { from, to }: Count, sections: readonly Found[]): boolean {
  return sections.some(f => f.end - f.start < 60 && start + from < f.end && start + to > f.start);
}

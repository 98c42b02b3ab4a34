import type { Found } from '../common/found.ts';
import { COUNT, readCount, withSmallNumbers } from '../common/quantities.ts';
import type { ReadSection } from '../common/reading.ts';
import { SECTION, SECTIONS } from '../common/section-nouns.ts';
import type { ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** Limits that a sentence gives sections which another one has listed: "four pictures in each of A and B and two in C". */

const ENTERED = '(?: (?:may|can|must|could|are to) be (?:entered|sent|submitted|uploaded|offered))?';
const OF = `(?:each of |either of |both )?(?:the )?(?:(?:${SECTION}|${SECTIONS}) )?`;

/** A word with what a pattern would take for its own signs. */
const plain = (word: string) => word.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

/** One or several of some names in a row: "A, B and C". */
const rowOf = (names: readonly string[]) => {
  const name = `(?:${names.map(plain).join('|')})(?![\\w-])(?: \\([A-Z\\d]{1,4}\\))?`;
  return `(?<who>${name}(?:(?:, (?:and |or )?| and | or | & |\\/)(?:in )?(?:the )?${name}){0,7})`;
};

/** The ways of giving a limit to sections that are named. */
const waysOf = (names: readonly string[]): RegExp[] => [
  // "Four pictures in each of A and B", "two to C".
  new RegExp(`\\b(?<n>${COUNT})(?: ${THINGS})?${ENTERED} (?:in|into|to|for) ${OF}${rowOf(names)}`, 'g'),
  // "In A and B you may enter four pictures each".
  new RegExp(
    `\\b[Ii]n ${OF}${rowOf(names)}(?:,? (?:[a-z]+ ){0,5}?(?:up to |at most |no more than )?|: (?:up to )?)(?<n>${COUNT})(?= ${THINGS}| each|[,.;)]|$)`,
    'g',
  ),
];

/** Sections with the limits that sentences give them by code or name; a limit that stands in their list stays. */
export function withLimitsByName(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.length < 2) return listed;
  const names = listed.sections.flatMap(({ code, label }) => (code === null ? [label] : [code, label]));
  const ways = waysOf(names);
  const limits = new Map<ReadSection, number>();
  const from: Found[] = [];
  for (const { text, start } of segments) {
    const told = ways.flatMap(way => [...withSmallNumbers(text).matchAll(way)]);
    for (const match of told) {
      // "Classes 41 to 43" counts nothing.
      if (names.includes(match.groups?.['n'] ?? '')) continue;
      const limit = readCount(match.groups?.['n'] ?? '');
      const inRow = namedIn(match.groups?.['who'] ?? '', listed.sections);
      // "Five pictures in the categories Street and Night" are five in all.
      const isOfEach = inRow.length < 2 || told.length > 1 || /\b(?:each|either)\b/.test(match[0]);
      const named = isOfEach ? inRow.filter(s => (s.limit ?? limits.get(s) ?? limit) === limit) : [];
      for (const section of named) limits.set(section, limit);
      const [at, end] = [start + match.index, start + match.index + match[0].length];
      if (named.length && !listed.found.some(f => f.start <= at && f.end >= end))
        from.push({ field: 'sections', value: match[0], start: at, end, advice: false });
    }
  }
  return {
    ...listed,
    sections: listed.sections.map(s => ({ ...s, limit: s.limit ?? limits.get(s) ?? null })),
    found: [...listed.found, ...from],
  };
}

/** The sections that a row of names is of. */
function namedIn(row: string, sections: readonly ReadSection[]): ReadSection[] {
  const words = row
    .split(/, (?:and |or )?| and | or | & |\//)
    .map(word => word.replace(/^(?:in )?(?:the )?| \([^()]*\)$/g, ''));
  return sections.filter(
    ({ code, label }) => words.includes(label) || (code !== null && words.includes(code)),
  );
}

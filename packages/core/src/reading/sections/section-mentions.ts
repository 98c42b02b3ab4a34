import { COUNT, readCount, withSmallNumbers } from '../common/quantities.ts';
import type { ReadSection } from '../common/reading.ts';
import { itemsOf, sectionsOf } from './section-names.ts';
import { SECTION, SECTIONS } from '../common/section-nouns.ts';
import { inOne, NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** Sections that a running sentence mentions one after the other, each told in the same way. */

const LABEL = "[A-Z][A-Za-z&’'-]{2,24}(?: (?:(?:&|of|the) )?[A-Z][A-Za-z&’'-]{1,24}){0,2}";
const CODE = '[A-Z]{1,3}\\d?|\\d{1,2}|[IVX]{1,4}';

/** Ways of mentioning one section; two or more of the same kind in one sentence are the sections of a text. */
const MENTIONS: readonly RegExp[] = [
  // "Birds (up to 4), Insects (up to 4)".
  new RegExp(
    `(?<label>${LABEL}) \\((?:up to|max(?:imum)?\\.?(?: of)?|at most|no more than|not more than|limit) (?<n>${COUNT})(?: ${THINGS})?\\)`,
    'g',
  ),
  // "Section N (Nature) and section W (Wildlife)", "Section 1 is Landscape".
  new RegExp(
    `\\b(?:[Ss]ection|[Cc]lass|[Cc]ategory|[Gg]roup) (?<code>${CODE})(?: \\(| is (?:called |for )?|: | = | (?=[A-Z][a-z]))(?:the )?["“]?(?<label>${LABEL})["”]?\\)?(?:,? \\((?:up to |max\\.? )?(?<n>${COUNT})(?: ${THINGS})?\\))?`,
    'g',
  ),
  // "Colour (C) 6, Mono (M) 4".
  new RegExp(
    `(?<label>${LABEL}) \\((?<code>[A-Z]{1,3}\\d?)\\)(?:,|:| [-–])? (?<n>${COUNT})(?=(?: ${THINGS})?(?:[,.;]| and |$))`,
    'g',
  ),
  // "An Open section (three images)", "the Print class with two works".
  new RegExp(
    `\\b(?:[Aa]n?|[Tt]he) (?<label>${LABEL}) (?:section|class|category) (?:\\(|with )(?:up to |max\\.? )?(?<n>${COUNT}) ${THINGS}`,
    'g',
  ),
  // "In the Open section you may enter four images, in the Wildlife section two".
  new RegExp(
    `\\b[Ii]n the (?<label>${LABEL}) (?:section|class|category)(?: [a-z]+){0,4}? (?:up to )?(?<n>${COUNT})\\b`,
    'g',
  ),
  // "Two sections, M (monochrome) and C (colour)".
  new RegExp(
    `(?<=\\b${SECTIONS}\\b[^.;]{0,80})(?<![A-Z] |\\()\\b(?<code>[A-Z]{1,3}) \\((?:the )?(?<label>[A-Za-z][a-z&’'-]{2,24}(?: [A-Za-z&’'-]{1,24}){0,2})\\)`,
    'g',
  ),
  // "Macro = M, Underwater = U".
  new RegExp(`(?<label>${LABEL}) = (?<code>[A-Z]{1,3})(?=[,.;]| and |$)`, 'g'),
  // "Either in the category Morning or in the category Evening".
  new RegExp(`\\b(?:in|for|to) the (?:section|class|category) ["“]?(?<label>${LABEL})`, 'g'),
];

/** "Mountains and Rivers are the two sections." */
const ARE_THE = new RegExp(
  `^\\W*(?<list>[A-Z][^:]{5,160}?)(?:(?::| [–—-]) (?:these|those|they))? are (?:the|our|this year['’]s) (?:\\w+ )?${SECTIONS}\\b`,
);

/** "Section limits: Nature 4, Open 4." */
const ROW = new RegExp(
  `^(?<head>[A-Z][a-z ]+: )?(?<row>${LABEL} \\d{1,2}(?:(?:,| and|;) ${LABEL} \\d{1,2})+)(?: \\([^()]*\\))?\\.?$`,
);

/** "Entries: Colour 4, Mono 2." */
const OF_ENTRIES = /^(?:entr(?:y|ies)|limits?|how many|numbers?|images|pictures)\b/i;

/** "No more than three in either Coast or Hills." */
const IN_EITHER = new RegExp(
  `\\b(?<n>${COUNT})(?: ${THINGS})? in either (?<a>${LABEL}) (?:or|and) (?<b>${LABEL})`,
);

/** "There is a Colour and a Mono section." */
const THERE_ARE = new RegExp(
  `\\b[Tt]here (?:is|are) an? (?<a>${LABEL}) and an? (?<b>${LABEL}) ${SECTION}\\b`,
);

/** Sections mentioned in a row; undefined where no sentence mentions two. */
export function readMentions(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    // "Young Watchers (under 16) 2".
    const text = withSmallNumbers(segment.text).replace(
      / \((?:under|over|up to|ages?|aged) [^()]{1,16}\)(?= \d)/gi,
      '',
    );
    const listed = ARE_THE.exec(text)?.groups?.['list'];
    const items = listed === undefined ? undefined : itemsOf(listed);
    if (items) return inOne(segment, sectionsOf(items));
    const { n, a, b } = IN_EITHER.exec(text)?.groups ?? {};
    if (a && b) return inOne(segment, [sectionOf({ label: a, n }), sectionOf({ label: b, n })]);
    const there = THERE_ARE.exec(text)?.groups;
    if (there)
      return inOne(
        segment,
        [there['a'], there['b']].map(label => sectionOf({ label })),
      );
    const { row, head = '' } = ROW.exec(text)?.groups ?? {};
    if (row && (new RegExp(`\\b${SECTION}\\b`, 'i').test(text) || OF_ENTRIES.test(head))) {
      const pairs = [...row.matchAll(new RegExp(`(?<label>${LABEL}) (?<n>\\d{1,2})`, 'g'))];
      return inOne(
        segment,
        pairs.map(pair => sectionOf(pair.groups ?? {})),
      );
    }
    for (const words of MENTIONS) {
      const hits = [...text.matchAll(words)].map(match => match.groups ?? {});
      const labels = new Set(hits.map(hit => hit['label']));
      if (
        hits.length < 2 ||
        labels.size < hits.length ||
        hits.some(hit => NOT_SECTION.test(hit['label'] ?? ''))
      )
        continue;
      return inOne(segment, hits.map(sectionOf));
    }
  }
  return undefined;
}

const sectionOf = ({ code, label = '', n }: Record<string, string | undefined>): ReadSection => ({
  code: code ?? null,
  label,
  limit: n === undefined ? null : readCount(n),
});

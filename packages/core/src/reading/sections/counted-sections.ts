import { COUNT, readCount, withSmallNumbers } from '../common/quantities.ts';
import { SECTION, SECTIONS } from '../common/section-nouns.ts';
import { inOne, NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** Sections in a sentence, each with its number or its code in front. */

const COUNTED = new RegExp(
  `\\b(?<n>${COUNT})\\s+(?:${THINGS}\\s+)?(?:(?:are|is|will be|may be) )?(?:for |in )?(?:the )?(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: (?:[A-Z][A-Za-z&’'-]{1,24}|section|class|category))?)\\s*\\((?:section |class |category |code )?(?<code>[A-Z]{1,4}\\d?)\\)`,
  'g',
);

/** "Five colour (C) and five monochrome (M)". */
const COUNTED_SMALL = new RegExp(
  `\\b(?<n>${COUNT})\\s+(?:${THINGS}\\s+)?(?:in )?(?<label>colou?r|mono(?:chrome)?|nature|open|travel|creative|street|portrait|landscape|wildlife)(?: ${THINGS})?\\s*\\((?<code>[A-Z]{1,3})\\)`,
  'g',
);

/** "Eight in Section A (Wild Birds)". */
const COUNTED_BY_CODE = new RegExp(
  `\\b(?<n>${COUNT})\\s+(?:${THINGS}\\s+)?(?:in|for) (?:(?:[Ss]ection|[Cc]lass|[Cc]ategory) (?<code>[A-Z]{1,3}|\\d{1,2})|(?<letter>[A-Z])) \\((?<label>[A-Za-z][A-Za-z&’', -]{2,40})\\)`,
  'g',
);

/** "The Open class (O)". */
const ITS_SORT = new RegExp(`\\s${SECTION}$`, 'i');

/** "8 Colour (section CL) and 8 Monochrome (section MN)". */
export function readCounted(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    const text = withSmallNumbers(segment.text);
    const hits = [COUNTED, COUNTED_BY_CODE, COUNTED_SMALL]
      .map(words => [...text.matchAll(words)])
      .reduce((most, found) => (found.length > most.length ? found : most));
    const [first, last] = [hits[0], hits.at(-1)];
    if (!first || !last || first === last) continue;
    const listed = inOne(
      segment,
      hits.map(({ groups }) => ({
        code: groups?.['code'] ?? groups?.['letter'] ?? null,
        label: (groups?.['label'] ?? '').replace(ITS_SORT, ''),
        limit: readCount(groups?.['n'] ?? ''),
      })),
    );
    const [start, end] = [segment.start + first.index, segment.start + last.index + last[0].length];
    return { ...listed, found: listed.found.map(f => ({ ...f, start, end })) };
  }
  return undefined;
}

/** What a section may be called in small letters. */
const SORT =
  '(?:set (?:subject|theme)|colou?r|mono(?:chrome)?|nature|open|travel|creative|black-white|themed|portraits?|landscapes?|wildlife|projected|digital|printed)';

const PLAIN_COUNTED = new RegExp(
  `(?<n>${COUNT})\\s+(?:of (?:(?:them|these|which) (?=${SORT}))?|(?:${THINGS} )?in (?!all\\b|total\\b|each\\b|any\\b)(?:the )?)?(?<label>(?:set (?:subject|theme)(?=[ ,.;]|$))|(?:(?<=\\bof )[a-z]{3,14} )?[A-Za-z][a-z]{2,14}(?:-[a-z]{3,14})?(?: (?:& )?(?!and\\b|${THINGS})[A-Z][a-z]{2,14}){0,2})(?=\\s*(?:(?<things>${THINGS})\\s*)?(?:,|\\+|&|and\\b|\\.|$))`,
  'gi',
);

const PLAIN_LIST = new RegExp(
  `\\b${THINGS}(?: \\w+){0,3}?\\s*(?::|\\(|,? made up of|,? namely)\\s*(?<list>(?:${COUNT})\\s+(?!per\\b|each\\b)[a-z]+(?: (?:& )?(?!and\\b)[A-Z][a-z]+){0,2}(?:(?:,| and)+ (?:${COUNT})\\s+(?!per\\b|each\\b)(?:of [a-z]+ )?[a-z]+(?: (?:& )?(?!and\\b)[A-Z][a-z]+){0,2})+)`,
  'i',
);
/** "2 colour and 2 mono images". */
const KINDS_LIST = new RegExp(
  `\\b(?<list>(?:${COUNT}) (?:of (?:them|these|which) )?(?:(?:${THINGS} )?in (?:the )?)?${SORT}(?: ${THINGS})?(?:(?:,| and| \\+| &)+ (?:${COUNT}) (?:(?:${THINGS} )?in (?:the )?)?${SORT}(?: ${THINGS})?){1,7})(?= ${THINGS}|[.;(]| \\(|$| (?:each|apiece|per|this|from)\\b)`,
  'i',
);
const ONLY_THINGS = new RegExp(`^${THINGS}$`, 'i');

/** "Categories: open (ten images) and nature (six images)". */
const BRACKETED = new RegExp(
  `\\b${SECTIONS}\\s*:\\s*(?<list>[a-z]{3,14} \\((?:${COUNT}) ${THINGS}\\)(?:(?:,| and)+ [a-z]{3,14} \\((?:${COUNT}) ${THINGS}\\)){1,7})`,
  'i',
);
const IN_BRACKETS = new RegExp(`(?<label>[a-z]{3,14}) \\((?<n>${COUNT}) ${THINGS}\\)`, 'gi');

/** "Three prints"; "three Portraits" are of a section. */
const isThings = (label: string) => ONLY_THINGS.test(label) && !/^[A-Z]/.test(label);

type Hit = Record<string, string> | undefined;

/** "Every club brings 12 images: 5 colour, 5 mono, 2 nature." */
export function readPlainCounted(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    const bracketed = BRACKETED.exec(segment.text)?.groups?.['list'];
    if (bracketed) {
      const named = [...bracketed.matchAll(IN_BRACKETS)].map(m => m.groups);
      return inOne(
        segment,
        named.map(h => ({ code: null, label: h?.['label'] ?? '', limit: readCount(h?.['n'] ?? '') })),
      );
    }
    const list = (PLAIN_LIST.exec(segment.text) ?? KINDS_LIST.exec(segment.text))?.groups?.['list'];
    const hits = list ? [...list.matchAll(PLAIN_COUNTED)].map(m => m.groups) : [];
    if (
      hits.length < 2 ||
      hits.some(h => NOT_SECTION.test(h?.['label'] ?? '') || isThings(h?.['label'] ?? ''))
    )
      continue;
    // "3 colour prints, 3 mono prints and 4 projected images": what is counted tells them apart.
    const things = new Set(hits.flatMap(h => h?.['things'] ?? []));
    const nameOf = (h: Hit) => [h?.['label'], things.size > 1 ? h?.['things'] : ''].join(' ').trim();
    const listed = inOne(
      segment,
      hits.map(h => ({ code: null, label: nameOf(h), limit: readCount(h?.['n'] ?? '') })),
    );
    const start = segment.start + segment.text.indexOf(list ?? '');
    return { ...listed, found: listed.found.map(f => ({ ...f, start, end: start + (list ?? '').length })) };
  }
  return undefined;
}

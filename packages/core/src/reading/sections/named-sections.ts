import { COUNT, readCount, withSmallNumbers } from '../common/quantities.ts';
import { eachOf, inOne, nearby, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** Sections whose names a sentence says in passing. */

const TAKING = new RegExp(
  `\\b(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?) (?:section|class|category) (?:takes |has |allows |holds )?(?:up to )?(?<n>${COUNT})\\b`,
  'g',
);

/** "The Portrait section takes two images, the Landscape section three." */
export function readTaking(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    const hits = [...segment.text.matchAll(TAKING)].map(m => m.groups);
    if (hits.length < 2) continue;
    return inOne(
      segment,
      hits.map(g => ({
        code: null,
        label: (g?.['label'] ?? '').replace(/^The /, ''),
        limit: readCount(g?.['n'] ?? ''),
      })),
    );
  }
  return undefined;
}

const ANNOUNCED =
  /\b(?:an?|the|one) (?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?) (?:section|class|category)\b/g;

const BOTH =
  /\bboth the (?<first>[A-Z][A-Za-z&’'-]{2,24}) and the (?<second>[A-Z][A-Za-z&’'-]{2,24}) (?:sections?|class(?:es)?|categor(?:y|ies))\b/;

const LIMIT_OF_BOTH = new RegExp(`\\b(${COUNT}) ${THINGS}`, 'i');

/** "We have an Open section and a Nature section; up to two images in each." */
export function readAnnounced(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    const both = BOTH.exec(segment.text)?.groups;
    const labels = both
      ? [both['first'] ?? '', both['second'] ?? '']
      : [...segment.text.matchAll(ANNOUNCED)].map(m => m.groups?.['label'] ?? '');
    if (new Set(labels).size < 2 || /\d/.test(segment.text)) continue;
    const each = eachOf(nearby(segments, i)) ?? (both && LIMIT_OF_BOTH.exec(segment.text)?.[1]);
    if (each === undefined) continue;
    return inOne(
      segment,
      labels.map(label => ({ code: null, label, limit: readCount(each) })),
    );
  }
  return undefined;
}

/** "two in the Themed section", "no more than three in Nature". */
const IN_SECTION = new RegExp(
  `\\b(?<n>${COUNT})\\s*(?:${THINGS}|of (?:them|these|those))?\\s*(?:(?:may|can|must) be (?:(?:entered|sent|submitted) )?)?(?:in|into|for|to) (?:the )?(?:(?:section|class|category) )?(?<label>set subject|(?!each|every|any|one|the|that|this|either|same)[a-z]{3,14}(?= (?:section|class|category)\\b)|[A-Z][A-Za-z&’'-]{2,24}(?: (?:(?:&|and) )?[A-Z][A-Za-z&’'-]{1,24}){0,2})(?<word> (?:section|class|category))?`,
  'g',
);
/** "G for General and N for Nature", "Section A is Open Colour". */
const LETTER_FOR =
  /(?<![\w])(?:[Ss]ection |[Cc]lass )?["“']?(?<code>[A-Z]{1,3})["”']? (?:for|is|means|=|stands for) ?(?:the )?(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?)/g;

const ENTERED = new RegExp(
  `\\b(?:enter|submit|send|entered|submitted)\\b|\\bof them in\\b|\\b(?:${COUNT}) ${THINGS} at most:|^\\W*(?:up to |max(?:imum)?\\.? |a maximum of |no more than )?(?:${COUNT}) ${THINGS} (?:in|for) (?:the )?[A-Z]`,
  'i',
);

const ANY_THINGS = new RegExp(`\\b${THINGS}`, 'i');

/** Every "two in the Themed section" of a text. */
function limitsIn(segments: readonly Segment[]) {
  return segments.flatMap(segment =>
    [...withSmallNumbers(segment.text).matchAll(IN_SECTION)].map(match => ({ segment, match })),
  );
}

/** The limit that a sentence gives a section of this name: "no more than three in Nature". */
export function limitOfSection(segments: readonly Segment[], label: string): number | undefined {
  const n = limitsIn(segments).find(({ match }) => match.groups?.['label'] === label)?.match.groups?.['n'];
  return n === undefined ? undefined : readCount(n);
}

/** Sections that are named in running sentences. */
export function readNamed(segments: readonly Segment[]): ReadSections | undefined {
  const limits = limitsIn(segments);
  const letters = segments.flatMap(segment => {
    const hits = [...segment.text.matchAll(LETTER_FOR)];
    const isAbout = /\b(?:sections?|class(?:es)?|categor(?:y|ies)|letters?|codes?)\b/i.test(
      nearby(segments, segments.indexOf(segment)),
    );
    return hits.length >= 2 && isAbout ? hits.map(match => ({ segment, match })) : [];
  });
  const [firstLetter] = letters;
  const each = firstLetter ? eachOf(nearby(segments, segments.indexOf(firstLetter.segment))) : undefined;
  const limitOf = (label: string) => {
    const own = limits.find(({ match }) => match.groups?.['label'] === label)?.match.groups?.['n'];
    const said = own ?? each;
    return said === undefined ? null : readCount(said);
  };
  // "Three images in Open and two in Nature" needs no word more.
  const isPaired = limits.some(
    ({ segment }, i) =>
      limits[i + 1]?.segment === segment && (ENTERED.test(segment.text) || ANY_THINGS.test(segment.text)),
  );
  const isSaid = isPaired || limits.some(({ match }) => match.groups?.['word']);
  const from = letters.length >= 2 ? letters : isSaid ? limits : [];
  const sections = from.map(({ match }) => ({
    code: match.groups?.['code'] ?? null,
    label: match.groups?.['label'] ?? '',
    limit: limitOf(match.groups?.['label'] ?? ''),
  }));
  const labels = new Set(sections.map(s => s.label));
  if (labels.size < 2 || labels.size !== sections.length) return undefined;
  return {
    sections,
    found: from.map(({ segment, match }, i) => ({
      field: 'sections',
      value: sections[i],
      start: segment.start + match.index,
      end: segment.start + match.index + match[0].length,
      advice: false,
    })),
  };
}

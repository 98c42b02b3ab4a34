import { readCounted, readPlainCounted } from './counted-sections.ts';
import { readHeaded } from './headed-sections.ts';
import { limitOfSection, readAnnounced, readNamed, readTaking } from './named-sections.ts';
import { readCount } from '../common/quantities.ts';
import { withLimitsByName } from './limits-by-name.ts';
import { listInLines, listInSentence } from './section-lists.ts';
import { readMentions } from './section-mentions.ts';
import { eachOf, type ReadSections } from './section-words.ts';
import { tableOfSections } from './section-table.ts';
import type { Segment } from '../common/segments.ts';
import { readTeam } from './team-sections.ts';
import { patterns } from '../common/word-lists.ts';

/** Sections with their codes and limits: in a list, or named in passing. */
export function readSections(segments: readonly Segment[]): ReadSections {
  const read =
    tableOfSections(segments) ??
    listInLines(segments) ??
    readHeaded(segments) ??
    readTeam(segments) ??
    readCounted(segments) ??
    readPlainCounted(segments) ??
    listInSentence(segments) ??
    readMentions(segments) ??
    readTaking(segments) ??
    readAnnounced(segments) ??
    readNamed(segments);
  return read
    ? withLetters(
        withEach(withLimitsByName(withOwn(withoutOrdinals(read), segments), segments), segments),
        segments,
      )
    : { sections: [], found: [] };
}

/** "1 Insects (IS), 2 Plants (PF), 3 Minerals (MI)": numbers that count the sections limit none. */
function withoutOrdinals(read: ReadSections): ReadSections {
  const { sections } = read;
  const areOrdinals = sections.length > 2 && sections.every(({ limit }, i) => limit === i + 1);
  return areOrdinals ? { ...read, sections: sections.map(s => ({ ...s, limit: null })) } : read;
}

const OF_EACH = patterns`
  \bin each\W*$ | \bin any(?: one)?(?: of (?:them|these)\b|\W*$) | \bfor any one\b | \bin the same one\b
  \beach with\b | ^\W*each: (?:max|up to|at most|no more|not more|\d|[a-z]+ (?:images|pictures|works|photo))
  \(?(?:\w+|\d+) (?:works?|images?|pictures?|photos?|photographs?|entries) (?:in |per |for )?each\b
  \b(?:each|every|per|any(?: one)?|same|in (?:one|a|a single)|every one|in one of) (?:of (?:the|these|those) (?:\w+ )?)?(?:sections?|class(?:es)?|categor(?:y|ies)|themes?|topics?|groups?)\b
  \b(?:in|for|to) (?:each|either|both|their own)\b | \beach (?:in|for) [A-Z]
  \beach of (?:them|these|which)\b | \beach\)
  \b(?:in|for) (?:one|any)(?:,| or) [^.;]{0,24}\b(?:sections|classes|categories|themes)\b
`;

/** Limits that another sentence gives some of the sections. */
function withOwn(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.every(s => s.limit !== null)) return listed;
  const own = (label: string) => limitOfSection(segments, label) ?? null;
  return { ...listed, sections: listed.sections.map(s => ({ ...s, limit: s.limit ?? own(s.label) })) };
}

/** "One prize of £100 in each" limits nothing. */
const OF_MONEY = /[£€$]|\b(?:prizes?|vouchers?|medals?|fees?|costs?) of\b/i;

/** A heading over what an entry costs. */
const OF_FEES = /^\W*(?:entry |participation )?(?:fees?|costs?|prices?)\W*$/i;

/** A limit that stands once for all sections of a list that gives none. */
function withEach(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  const last = listed.sections.at(-1)?.limit ?? null;
  // "Sea / Hills / Town / Sky (2 images each)": what stands behind the last is meant for each.
  if (last !== null && listed.sections.slice(0, -1).every(s => s.limit === null)) {
    const place = listed.found.at(-1);
    const behind = segments.find(s => s.start === place?.start)?.text ?? '';
    return /\beach\)?\W*$/i.test(behind)
      ? { ...listed, sections: listed.sections.map(s => ({ ...s, limit: last })) }
      : listed;
  }
  if (listed.sections.some(s => s.limit !== null)) return listed;
  for (const [i, { text, start }] of segments.entries()) {
    if (OF_FEES.test(segments[i - 1]?.text ?? '')) continue;
    const each = OF_EACH.test(text) && !OF_MONEY.test(text) ? eachOf(text) : undefined;
    if (each === undefined) continue;
    const isAmong = listed.found.some(f => f.start <= start && f.end >= start + text.length);
    return {
      ...listed,
      sections: listed.sections.map(s => ({ ...s, limit: readCount(each) })),
      limits: isAmong
        ? []
        : [{ field: 'sections', value: each, start, end: start + text.length, advice: false }],
    };
  }
  return listed;
}

/** "The section letter (C, M or N)" in what is said of names. */
const LETTERS =
  /\b(?:[Ss]ection|[Cc]lass|[Cc]ategory)(?: (?:letter|code|initial)s?)?\s*(?:\(|(?<=(?:letter|code|initial)s?\s*)(?:[,:–-] ?)?)(?<list>[A-Z]{1,2}(?:(?:,? (?:or|and) |, ?|\/)[A-Z]{1,2})+)(?=[),;.: ]|$)|\b(?:section|class|category) being (?<being>[A-Z](?:, [A-Z])*,? or [A-Z])\b|\bthe letter (?<row>[A-Z](?:, [A-Z])* or [A-Z])\b|(?<codes>[A-Z](?:,? or [A-Z])+) (?:for the (?:section|class|category)|in front of (?:the|your) (?:title|name|number))\b|\b(?<bare>[A-Z](?:, [A-Z])*,? or [A-Z])(?=\)?,? (?:then|followed|plus|and)\b|\), )/;

/** "C01 to C08 and M01 to M04": the letters of numbers that run. */
const RANGE = /\b(?<letter>[A-Z]{1,2})0*1 ?(?:to|-|–) ?\k<letter>\d{1,2}\b/g;

/** "O1 Title.jpg, N1 Title.jpg, C1 Title.jpg": the letters of names that are shown in a row. */
const SHOWN = /\b(?<letter>[A-Z]{1,2})_?0*1[ _-][^,;]{2,40}?\.(?:jpe?g|tiff?|png)\b/g;

const inRow = (segments: readonly Segment[], each: RegExp): string[] | undefined =>
  segments
    .map(s => [...s.text.matchAll(each)].map(m => m.groups?.['letter'] ?? ''))
    .find(row => row.length > 1);

/** Letters that begin the names of the sections, one for each, are their codes. */
function withLetters(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.some(s => s.code !== null)) return listed;
  const list = segments
    .map(s => LETTERS.exec(s.text)?.groups)
    .map(g => g?.['list'] ?? g?.['being'] ?? g?.['row'] ?? g?.['codes'] ?? g?.['bare'])
    .find(Boolean);
  const letters = list?.match(/[A-Z]+/g) ?? inRow(segments, RANGE) ?? inRow(segments, SHOWN) ?? [];
  const areInitials =
    letters.length === listed.sections.length &&
    listed.sections.every((s, i) =>
      s.label.split(' ').some(word => word.toUpperCase().startsWith(letters[i] ?? '?')),
    );
  if (!areInitials) return listed;
  return { ...listed, sections: listed.sections.map((s, i) => ({ ...s, code: letters[i] ?? null })) };
}

import { COUNT, readCount } from './quantities.ts';
import type { ReadSection } from './reading.ts';
import { readRunning } from './running-sections.ts';
import { eachOf, NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from './segments.ts';
import { THINGS } from './things.ts';

/** Sections with their codes and limits. */

const LIMIT_TAIL = new RegExp(
  `^[\\s:–—,-]*\\(?(?:limit(?:ed to)?|up to|max(?:imum)?\\.?(?: of)?|not more than|no more than|at most)?\\s*(${COUNT})\\s*(?:${THINGS})?(?: each| per (?:member|author|entrant|person)| max(?:imum)?)?\\)?[.,;]?$`,
  'i',
);
const CODED =
  /^(?:[-*•–·]\s*)?(?:\(?(?:\d{1,2}|[A-Za-z])[.)]\s+)?(?:section\s+)?(?<label>[A-Z][A-Za-z&/,’' –-]{1,38}?)\s*[([](?:code )?(?<code>[A-Z][A-Z0-9]{0,4})[)\]](?<tail>.*)$/;
const LEADING_CODE =
  /^(?:[-*•–·]\s*)?(?:(?:[Ss]ection|[Cc]lass|[Cc]ategory|SECTION|CLASS|CATEGORY)\s+)?(?:(?<number>\d{3}|\d{1,2}(?=\s{2,}[A-Z][A-Za-z&/’' -]+\s{2,}\d{1,2}$))\s{2,}|(?<plain>\d{1,2}) (?=[A-Z][A-Za-z&/’' -]+ [-–] \d)|(?<=(?:[Ss]ection|[Cc]lass|[Cc]ategory|SECTION|CLASS|CATEGORY)\s+)(?<classed>\d{1,3})[\s:.(–-]+|(?<letters>[A-Z]{1,3}\d?)\s*(?:[:.)=–—-]\s*|\s{2,}))(?<label>[A-Z][A-Za-z&/’' -]{2,38}?)\)?(?<tail>(?:\s{2,}|\s*[:(–—,-]\s*|\s+)(?:limit |up to |max(?:imum)?\.? (?:of )?|not more than |no more than |at most )?(?:\d{1,2}|one|two|three|four|five|six|eight|ten)\b.*|)$/;
const LIMITED = new RegExp(
  `^(?:[-*•–·]\\s*|\\d{1,2}[.)] )?(?<label>[A-Z][A-Za-z&/’'"“” -]{2,38}?)(?: \\((?:under|over) \\d+\\))?\\s*(?:\\(|[:–—-]\\s*|\\s{2,})(?<tail>(?:limit |up to |max(?:imum)?\\.? (?:of )?|not more than |no more than |at most )?(?:${COUNT})\\s*(?:${THINGS})?(?: each| max(?:imum)?)?\\)?)[.,;]?$`,
);
export function readSections(segments: readonly Segment[]): ReadSections {
  const listed = readListed(segments);
  if (listed.sections.length >= 2) return withEach(listed, segments);
  const numbered = readNumbered(segments);
  if (numbered) return withEach(numbered, segments);
  const classed = readClassed(segments);
  if (classed) return withEach(classed, segments);
  const bulleted = readBulleted(segments);
  if (bulleted) return withEach(bulleted, segments);
  return readRunning(segments) ?? { sections: [], found: [] };
}

/** "Class A Colour", "Class B Monochrome": rows that begin with the word and a letter. */
function readClassed(segments: readonly Segment[]): ReadSections | undefined {
  const rows = segments.flatMap(segment => {
    const row =
      /^(?:section|class|category) (?<code>[A-H]|\d)\s*[:.–-]?\s+(?<label>[A-Z][A-Za-z&’' -]{2,38})$/i.exec(
        segment.text,
      )?.groups;
    return row ? [{ segment, code: row['code'] ?? '', label: row['label'] ?? '' }] : [];
  });
  return rows.length < 2 ? undefined : inRows(rows);
}

/** Sections that each have a row of their own. */
function inRows(rows: readonly { segment: Segment; code: string | null; label: string }[]): ReadSections {
  return {
    sections: rows.map(({ code, label }) => ({ code, label, limit: null })),
    found: rows.map(({ segment, label }) => ({
      field: 'sections',
      value: label,
      start: segment.start,
      end: segment.start + segment.text.length,
      advice: false,
    })),
  };
}

/** "41  A county view", "42  Livestock": rows whose numbers follow each other, in a text that speaks of classes. */
function readNumbered(segments: readonly Segment[]): ReadSections | undefined {
  if (!segments.some(s => /\b(?:sections|classes|categories)\b/i.test(s.text))) return undefined;
  const rows = segments.flatMap(segment => {
    const row = /^(?<code>\d{1,3})\s{2,}(?<label>[A-Z][^.;:\d]{2,40})$/.exec(segment.text)?.groups;
    return row ? [{ segment, code: row['code'] ?? '', label: (row['label'] ?? '').trim() }] : [];
  });
  const isRow = rows.every(
    (row, i) => Number(row.code) === Number(rows[0]?.code) + i && !NOT_SECTION.test(row.label),
  );
  if (rows.length < 2 || !isRow) return undefined;
  return inRows(rows);
}

/** Names alone, one to a line, under a heading that says what they are. */
function readBulleted(segments: readonly Segment[]): ReadSections | undefined {
  const head = segments.findIndex(s =>
    /^(?:[\w.)]{1,4}\s+)?(?:[^.;:]{0,80} )?(?:the )?(?:sections|classes|categories)\s*:?$/i.test(s.text),
  );
  if (head < 0) return undefined;
  const names: { segment: Segment; label: string; code: string | null }[] = [];
  for (const segment of segments.slice(head + 1)) {
    const row =
      /^(?:[-+*•–·]|\(?[a-z\d]{1,2}[.)]|(?<code>\d{1,2}) )\s*(?<label>[A-Z][A-Za-z&’' -]{1,38}?)[.,;]?$/.exec(
        // An aside may follow on the next line.
        segment.text.replace(/\n[\s\S]*$/, ''),
      )?.groups;
    const label = row?.['label'];
    if (!label || NOT_SECTION.test(label)) break;
    names.push({ segment, label, code: row?.['code'] ?? null });
  }
  if (names.length < 2) return undefined;
  return inRows(names);
}

/** A limit that stands once for all sections of a list that gives none. */
function withEach(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.some(s => s.limit !== null)) return listed;
  const each = segments
    .filter(s =>
      /\bin each\W*$|\b(?:each|every|per|any(?: one)?) (?:of the (?:\w+ )?)?(?:sections?|class(?:es)?|categor(?:y|ies))\b/i.test(
        s.text,
      ),
    )
    .map(s => eachOf(s.text))
    .find(n => n !== undefined);
  if (each === undefined) return listed;
  return { ...listed, sections: listed.sections.map(s => ({ ...s, limit: readCount(each) })) };
}

function readListed(segments: readonly Segment[]): ReadSections {
  const rows: { section: ReadSection; segment: Segment; index: number }[] = [];
  segments.forEach((segment, index) => {
    // Bars between cells are gaps, and a list may go on behind its heading.
    const line = segment.text
      // The sentence may go on in the next line.
      .replace(/\n[\s\S]*$/, '')
      .replace(/\|/g, '  ')
      .trim()
      .replace(/^(?:the )?(?:sections|classes|categories)\s*(?:are\s*)?[:–-]\s*/i, '')
      .replace(/[.;]$/, '');
    if (line.length > 110) return;
    const match = CODED.exec(line) ?? LEADING_CODE.exec(line) ?? LIMITED.exec(line);
    if (!match?.groups) return;
    const { label = '', tail = '' } = match.groups;
    const code =
      match.groups['code'] ??
      match.groups['letters'] ??
      match.groups['number'] ??
      match.groups['classed'] ??
      match.groups['plain'];
    const name = label
      .trim()
      .replace(/^section\s+/i, '')
      .replace(/[\s:–—-]+$/, '')
      .replace(/\s(?:section|class|category)$/i, '');
    if (
      NOT_SECTION.test(name) ||
      /\d\s*-?(?:px|pixels|mb|kb|ppi|dpi|bits?)\b|\b(?:pixels|jpe?g|tiff?|s?rgb|yes|no)\b/i.test(line) ||
      /[£€$]|crowns/i.test(line)
    )
      return;
    const limit = LIMIT_TAIL.exec(tail.trim())?.[1];
    if (!code && !limit) return;
    if (code && tail.trim() && !limit && !/^[:–—,.;-]/.test(tail.trim())) return;
    rows.push({
      section: { code: code ?? null, label: name, limit: limit ? readCount(limit) : null },
      segment,
      index,
    });
  });
  // A list is a run of neighbours; one row alone is not a list.
  const run = rows.filter(
    (row, i) =>
      Math.abs((rows[i - 1]?.index ?? -9) - row.index) <= 2 ||
      Math.abs((rows[i + 1]?.index ?? -9) - row.index) <= 2,
  );
  // What stands in brackets behind every one is no code of any.
  const codes = run.map(r => r.section.code);
  const isShared = run.length > 1 && new Set(codes).size === 1;
  const sections = run.map(r => (isShared ? { ...r.section, code: null } : r.section));
  return {
    sections: run.length >= 2 ? sections : [],
    found: run.map(r => ({
      field: 'sections',
      value: r.section,
      start: r.segment.start,
      end: r.segment.start + r.segment.text.length,
      advice: false,
    })),
  };
}

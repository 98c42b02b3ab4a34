import { COUNT, readCount } from '../common/quantities.ts';
import type { ReadSection } from '../common/reading.ts';
import { sectionItem } from './section-item.ts';
import { SECTION } from '../common/section-nouns.ts';
import { NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { cellsOf, type Cell } from '../common/table-cells.ts';
import { THINGS } from '../common/things.ts';

/** Sections in a table, under a head that says which column holds names, codes and limits. */

const OF_NAME = new RegExp(`^(?:name of )?${SECTION}(?: (?:names?|titles?))?(?: \\([^()]*\\))?$`, 'i');
const OF_SUBJECT = /^(?:names?|titles?|subjects?|descriptions?|what(?: it is)?|for)$/i;
const OF_CODE = /^(?:(?:section |class |category )?(?:codes?|letters?|abbreviations?)|short|no\.?|number)$/i;
const OF_LIMIT = new RegExp(
  `^(?:(?:max(?:imum|\\.)?|number(?: of)?|how many|limit(?: of)?|most|allowed) ?)*(?:${THINGS})?(?: (?:per|each|allowed|max|\\().*)?$`,
  'i',
);
const A_LIMIT = new RegExp(
  `^(?:up to |max(?:imum)?\\.? )?(?<n>${COUNT})(?: (?:${THINGS}|max\\.?|each))*$`,
  'i',
);
const A_CODE = /^(?:[A-Z]{1,4}\d?|[a-z]|\d{1,3})$/;
const OF_ALL = /^(?:total|altogether|all\b|in all|sum)/i;

interface Columns {
  width: number;
  name: number;
  code: number;
  limit: number;
}

/** @returns undefined where no line heads columns of sections, with codes or limits beside them */
export function tableOfSections(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, head] of segments.entries()) {
    const columns = columnsOf(cellsOf(head));
    if (!columns) continue;
    const rows = rowsBelow(segments, i, columns);
    const sections = sectionsOf(rows, columns);
    if (sections.length < 2 || sections.length !== rows.length) continue;
    return {
      sections,
      found: rows.map((cells, k) => ({
        field: 'sections',
        value: sections[k],
        start: cells[0]?.start ?? head.start,
        end: endOf(cells),
        advice: false,
      })),
    };
  }
  return undefined;
}

const endOf = (cells: readonly Cell[]): number => {
  const last = cells.at(-1);
  return last ? last.start + last.text.length : 0;
};

function columnsOf(cells: readonly Cell[]): Columns | undefined {
  const at = (words: RegExp) => cells.findIndex(cell => words.test(cell.text));
  const [name, code, limit] = [at(OF_NAME), at(OF_CODE), at(OF_LIMIT)];
  const subject = at(OF_SUBJECT);
  if (cells.length < 2 || name < 0) return undefined;
  // "Section | Subject | Images": the section is told by its letter.
  if (subject >= 0 && code < 0) return { width: cells.length, name: subject, code: name, limit };
  return code < 0 && limit < 0 ? undefined : { width: cells.length, name, code, limit };
}

function rowsBelow(segments: readonly Segment[], head: number, columns: Columns): Cell[][] {
  const rows: Cell[][] = [];
  const last = Math.max(columns.name, columns.code, columns.limit);
  let line = segments[head]?.line ?? 0;
  for (const segment of segments.slice(head + 1)) {
    const cells = cellsOf(segment);
    // A line of dashes may stand between.
    // What stands behind the columns that count may be left empty.
    const isWhole = cells.length <= columns.width && cells.length > last;
    if (!isWhole || segment.line - line > 2 || OF_ALL.test(cells[0]?.text ?? '')) break;
    rows.push(cells);
    line = segment.line;
  }
  return rows;
}

function sectionsOf(rows: readonly Cell[][], { name, code, limit }: Columns): ReadSection[] {
  return rows.flatMap(cells => {
    const [called, coded, most] = [name, code, limit].map(column => cells[column]?.text ?? '');
    const item = sectionItem(called ?? '');
    const n = A_LIMIT.exec(most ?? '')?.groups?.['n'];
    if (!item || NOT_SECTION.test(item.label) || (code >= 0 && !A_CODE.test(coded ?? ''))) return [];
    return [
      {
        code: coded || item.code,
        label: item.label,
        limit: n === undefined ? item.limit : readCount(n),
      },
    ];
  });
}

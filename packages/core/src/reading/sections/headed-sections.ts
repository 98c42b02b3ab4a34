import { COUNT, readCount } from '../common/quantities.ts';
import { sectionItem } from './section-item.ts';
import { NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** Sections that each have a heading, with the limit in the line below it. */

const LIMIT_ALONE = new RegExp(
  `^(?:up to |at most |max(?:imum)?\\.?(?: of)? |a maximum of |no more than )?(?<n>${COUNT}) (?:${THINGS})(?: (?:each|maximum|at most|per (?:author|entrant|member|person)))?\\.?$`,
  'i',
);

/** "Landscape" over "Up to three entries.", "Street" over "Up to four entries."; undefined where fewer than two are. */
export function readHeaded(segments: readonly Segment[]): ReadSections | undefined {
  const hits = segments.flatMap((segment, i) => {
    const below = segments[i + 1];
    if (below?.line !== segment.line + 1) return [];
    const n = LIMIT_ALONE.exec(below.text)?.groups?.['n'];
    const item = isHeading(segment, segments[i - 1]) ? sectionItem(segment.text) : undefined;
    return n === undefined || !item || item.limit !== null
      ? []
      : [{ segment, below, section: { code: item.code, label: item.label, limit: readCount(n) } }];
  });
  if (new Set(hits.map(hit => hit.section.label)).size < 2) return undefined;
  return {
    sections: hits.map(hit => hit.section),
    found: hits.map(({ segment, below, section }) => ({
      field: 'sections',
      value: section.label,
      start: segment.start,
      end: below.start + below.text.length,
      advice: false,
    })),
  };
}

const isHeading = ({ text, line }: Segment, before: Segment | undefined) =>
  text.length <= 40 && !/\d|[.,;:!?]$/.test(text) && !NOT_SECTION.test(text) && before?.line !== line;

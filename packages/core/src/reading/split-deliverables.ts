import type { Group } from './group.ts';
import { OF_A_FILE, SPEC } from './kind-words.ts';
import type { Segment } from './segments.ts';
import { groupByHeadings, LATER } from './split-headings.ts';
import { splitBlocks } from './split-blocks.ts';
import { splitDescribed } from './split-described.ts';
import { splitLines } from './split-lines.ts';
import { splitByConflict } from './split-by-conflict.ts';
import { besides, splitSentences } from './split-sentences.ts';
import { splitSubjects } from './split-subjects.ts';
import { readTable } from './split-table.ts';
import { splitWithin } from './split-within.ts';

/**
 * Groups the sentences of a text by the kind of file they speak of. A text that asks for one kind gives one group
 * without a label.
 */
export function splitDeliverables(text: string, segments: readonly Segment[]): Group[] {
  const table = readTable(text);
  if (table) {
    const rest = segments.filter(s => s.start + s.text.length <= table.start || s.start >= table.end);
    return [{ label: undefined, segments: rest }, ...table.groups];
  }
  const lines = splitLines(segments);
  if (lines) return lines;
  const blocks = splitBlocks(segments);
  if (blocks) return blocks;
  const groups = groupByHeadings(segments);
  const labelled = groups.filter(g => g.label && g.segments.some(s => OF_A_FILE.test(s.text)) && !isPaper(g));
  const [later] = labelled;
  if (
    later &&
    labelled.length === 1 &&
    segments.some(s => LATER.test(s.text)) &&
    groups[0]?.segments.some(s => SPEC.test(s.text))
  )
    return besides(groups[0].segments, later);
  if (labelled.length >= 2) return [groups[0] ?? { label: undefined, segments: [] }, ...labelled];
  return (
    splitSubjects(segments) ??
    splitDescribed(segments) ??
    splitByConflict(segments.flatMap(splitWithin)) ??
    splitSentences(segments)
  );
}

/** A certificate as a PDF is no picture. */
function isPaper(group: Group): boolean {
  const text = group.segments.map(s => s.text).join(' ');
  return /\bpdf\b/i.test(text) && !/\b(?:jpe?g|png|tiff?)\b/i.test(text);
}

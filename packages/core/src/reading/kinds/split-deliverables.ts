import type { Group } from '../common/group.ts';
import { A_FORMAT, A_MEASURE, OF_A_FILE, onlyLabelOf, SPEC } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { groupByHeadings, LATER } from './split-headings.ts';
import { splitAdded } from './split-added.ts';
import { splitBlocks } from './split-blocks.ts';
import { splitClauses } from './split-clauses.ts';
import { splitDescribed } from './split-described.ts';
import { splitLines } from './split-lines.ts';
import { splitByConflict } from './split-by-conflict.ts';
import { besides, splitSentences } from './split-sentences.ts';
import { splitBeside, splitNamed } from './split-named.ts';
import { splitParagraphs } from './split-paragraphs.ts';
import { splitSubjects } from './split-subjects.ts';
import { splitTopics } from './split-topics.ts';
import { readTable } from './split-table.ts';
import { isBracketed, splitWithin } from './split-within.ts';

/**
 * Groups the sentences of a text by the kind of file they speak of. A text that asks for one kind gives one group
 * without a label.
 */
export function splitDeliverables(text: string, segments: readonly Segment[]): Group[] {
  const table = readTable(text);
  if (table) {
    const rest = segments.filter(s => s.start + s.text.length <= table.start || s.start >= table.end);
    const [first, ...others] = table.groups;
    // A table of one kind of file adds to what is said around it.
    if (first && !others.length) return [{ label: undefined, segments: [...rest, ...first.segments] }];
    return ofOnePaper([{ label: undefined, segments: rest }, ...table.groups]);
  }
  const lines = splitLines(segments);
  if (lines) return lines;
  const blocks = splitClauses(segments) ?? splitBlocks(segments);
  if (blocks) return blocks;
  const topics = splitTopics(segments);
  const groups = groupByHeadings(segments);
  const labelled = groups.filter(g => g.label && g.segments.some(s => OF_A_FILE.test(s.text)) && !isPaper(g));
  if (topics && !areAmong(topics, labelled)) return topics;
  const added = topics ? undefined : splitAdded(segments);
  if (added) return added;
  const [later] = labelled;
  if (
    later &&
    labelled.length === 1 &&
    segments.some(s => LATER.test(s.text)) &&
    groups[0]?.segments.some(s => SPEC.test(s.text))
  )
    return besides(groups[0].segments, later);
  // "Do you need a portrait of me? Yes, a square JPEG of 800 pixels" behind what is said of the works.
  if (
    later &&
    labelled.length === 1 &&
    OF_YOU.test(later.segments[0]?.text ?? '') &&
    isWhole(later) &&
    isWhole(groups[0])
  )
    return besides(groups[0]?.segments ?? [], later);
  // "Cover image" as a heading behind what is said of the pictures, each under the name of a property.
  const extra = labelled.at(-1);
  if (
    extra &&
    labelled.length === 1 &&
    EXTRA.test(extra.segments[0]?.text ?? '') &&
    isWhole(extra) &&
    isWhole(groups[0])
  )
    return besides(groups[0]?.segments ?? [], extra);
  if (labelled.length >= 2) return [groups[0] ?? { label: undefined, segments: [] }, ...labelled];
  const told =
    (segments.some(isBracketed) ? splitByConflict(segments.flatMap(splitWithin)) : undefined) ??
    splitSubjects(segments) ??
    splitDescribed(segments) ??
    namedRather(splitByConflict(segments.flatMap(splitWithin)), segments) ??
    splitParagraphs(segments);
  if (told) return told;
  const sentences = splitSentences(segments);
  return sentences.length > 1 ? sentences : (splitNamed(segments) ?? splitBeside(segments) ?? sentences);
}

/** Kinds that figures alone tell apart, under the names that the text has for them where it has any. */
const namedRather = (kinds: Group[] | undefined, segments: readonly Segment[]) =>
  kinds?.some(({ label }) => /^file(?: \d)?$/.test(label ?? '')) ? (splitNamed(segments) ?? kinds) : kinds;

/** "No date may be printed on the photograph": what is said below a table of one of an applicant's papers alone. */
function ofOnePaper([common, ...kinds]: [Group, ...Group[]]): Group[] {
  const papers = kinds.filter(kind => /^(?:portrait|signature|thumb impression)$/.test(kind.label ?? ''));
  const isOther = (kind: Group) => !papers.includes(kind) && kind.label !== 'document' && !isPaper(kind);
  if (papers.length < 2 || kinds.some(isOther)) return [common, ...kinds];
  const named = common.segments.map(({ text }) => onlyLabelOf(text));
  return [
    { ...common, segments: common.segments.filter((_, i) => !papers.some(p => p.label === named[i])) },
    ...kinds.map(kind => ({
      ...kind,
      segments: [...kind.segments, ...common.segments.filter((_, i) => named[i] === kind.label)],
    })),
  ];
}

/**
 * Whether headings tell the same kinds and one more: "Your left hand thumb impression" is none that sentences speak of.
 * @param kinds what is said of none of them comes first
 */
const areAmong = (kinds: readonly Group[], more: readonly Group[]) =>
  more.length >= kinds.length &&
  kinds.every(({ label }) => label === undefined || more.some(g => g.label === label));

/** What pictures may have beside them. */
const EXTRA =
  /^(?:the |your )?(?:cover|thumbnail|banner|header|hero|preview|logo|avatar|profile)(?: (?:image|picture|photo|file))?:?$/i;

/** A question about a picture of the person, which stands beside the works. */
const OF_YOU =
  /^[^?.]{0,40}\b(?:of (?:me|you|yourself|the (?:artist|author|photographer|applicant))|head ?shot)\b[^?.]{0,20}\?/i;

/** Whether a group says both a format and a measure. */
function isWhole(group: Group | undefined): boolean {
  const text = group?.segments.map(s => s.text).join(' ') ?? '';
  return A_FORMAT.test(text) && A_MEASURE.test(text);
}

/** A certificate as a PDF is no picture. */
function isPaper(group: Group): boolean {
  const text = group.segments.map(s => s.text).join(' ');
  return /\bpdf\b/i.test(text) && !/\b(?:jpe?g|png|tiff?)\b/i.test(text);
}

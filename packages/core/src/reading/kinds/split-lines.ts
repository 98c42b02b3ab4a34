import { A_FORMAT, ITEM_MARK, OF_TEXT, isOfProperty, labelOf } from '../common/kind-words.ts';
import {
  commaHead,
  FILES_OF,
  isOfShape,
  itemHead,
  itemLineHead,
  namedHead,
  paperHead,
  sentenceHead,
  subjectHead,
  useHead,
} from './line-heads.ts';
import { factsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import type { Segment } from '../common/segments.ts';
import type { Group } from '../common/group.ts';

/** Kinds of file that each have a line, or the item of a list, of their own. */

/** Groups of lines that each name a kind of file and say all of it; undefined where a text has none. */
export function splitLines(segments: readonly Segment[]): Group[] | undefined {
  return (
    byProperty(segments) ??
    byRepeated(segments) ??
    byNamedOrItems(segments) ??
    byHeads(
      segments,
      segments.map((_, i) => namedHead(lineOf(segments, i))),
    ) ??
    byHeads(
      segments,
      segments.map((_, i) => namedHead(lineOf(segments, i), true)),
    ) ??
    byHeads(
      segments,
      segments.map(segment => useHead(segment)),
    ) ??
    byHeads(
      segments,
      segments.map((segment, i) => sentenceHead(segment, segments[i + 1])),
    ) ??
    byHeads(
      segments,
      segments.map(segment => itemHead(segment)),
    ) ??
    byHeads(
      segments,
      segments.map(segment => itemHead(segment, { isByPurpose: true })),
    ) ??
    (segments.some(({ text }) => FOR_ALL.test(text) && A_FORMAT.test(text))
      ? byHeads(
          segments,
          segments.map(segment => itemHead(segment, { hasFormat: true })),
        )
      : undefined) ??
    byHeads(
      segments,
      segments.map(segment => itemHead(segment, { isBare: true })),
    ) ??
    byHeads(
      segments,
      segments.map(segment => namedHead(segment.text)),
    ) ??
    byHeads(
      segments,
      segments.map((segment, i) => subjectHead(segment, lineOf(segments, i))),
    ) ??
    byHeads(
      segments,
      segments.map((_, i) => paperHead(lineOf(segments, i))),
    ) ??
    byHeads(
      segments,
      segments.map((_, i) => itemLineHead(lineOf(segments, i))),
    ) ??
    byHeads(
      segments,
      segments.map((_, i) => commaHead(lineOf(segments, i))),
    ) ??
    byFormat(segments)
  );
}

/** "• 4 to 6 action shots: JPEG, …" above "• club crest: PNG, …": items with a count beside items with a name. */
function byNamedOrItems(segments: readonly Segment[]): Group[] | undefined {
  const heads = segments.map((segment, i) => ({
    named: namedHead(lineOf(segments, i)),
    item: itemHead(segment),
  }));
  const both = heads.map(h => h.named ?? h.item);
  const countOf = (of: readonly (string | undefined)[]) => of.filter(head => head !== undefined).length;
  const named = countOf(heads.map(h => h.named));
  const isMore = named > 0 && countOf(both) > named;
  const areItems = segments.every((s, i) => !both[i] || ITEM_MARK.test(s.text));
  return isMore && areItems ? byHeads(segments, both) : undefined;
}

/** The text of a line from its first sentence on; nothing for the sentences behind that. */
function lineOf(segments: readonly Segment[], at: number): string {
  const line = segments[at]?.line;
  if (segments[at - 1]?.line === line) return '';
  let end = at;
  while (segments[end]?.line === line) end += 1;
  return segments
    .slice(at, end)
    .map(s => s.text)
    .join(' ');
}

/** Under "Dimensions" and again under "File size": "Photo: 413 x 531 px" and "Signature: 413 x 150 px". */
function byRepeated(segments: readonly Segment[]): Group[] | undefined {
  const labels = segments.map((segment, i) =>
    segments[i - 1]?.line === segment.line
      ? undefined
      : labelOf(/^([A-Z][a-z]+(?: [a-z]+)?): \S/.exec(segment.text.replace(ITEM_MARK, ''))?.[1] ?? ''),
  );
  const kinds = [...new Set(labels.filter(label => label !== undefined))];
  const own = kinds.map(kind => segments.filter((_, i) => labels[i] === kind));
  const isEach = own.every(
    ([first, ...more]) =>
      more.length > 0 && A_FACT.test(first?.text ?? '') && more.some(s => A_FACT.test(s.text)),
  );
  if (kinds.length < 2 || !isEach) return undefined;
  return [
    { label: undefined, segments: segments.filter((_, i) => labels[i] === undefined) },
    ...kinds.map((kind, k) => ({ label: kind, segments: own[k] ?? [] })),
  ];
}

const A_FACT = new RegExp(`${A_FORMAT.source}|\\d\\s*(?:px|pixels?|[km]b|[mc]m)\\b`, 'i');

/** "Photograph dimensions: 200 x 230 pixels", "Signature file size: 10 to 20 KB": a property to a line, each of a kind. */
function byProperty(segments: readonly Segment[]): Group[] | undefined {
  const labels = segments.map(({ text }) => {
    const head = PROPERTY_OF.exec(text.replace(ITEM_MARK, ''))?.groups?.['kind'];
    return head === undefined ? undefined : labelOf(head);
  });
  const kinds = [...new Set(labels.filter(label => label !== undefined))];
  const isEach = kinds.every(kind => labels.filter(label => label === kind).length >= 2);
  if (kinds.length < 2 || !isEach) return undefined;
  return [
    { label: undefined, segments: segments.filter((_, i) => labels[i] === undefined) },
    ...kinds.map(kind => ({ label: kind, segments: segments.filter((_, i) => labels[i] === kind) })),
  ];
}

const PROPERTY_OF =
  /^(?:the )?(?<kind>[A-Za-z][A-Za-z’' ]{2,40}?) (?:dimensions?|(?:file |image )?size|format|file type|resolution|width|height|pixels)\s*(?::|\s[–-])\s+\S/i;

/** "Scans of paper pictures: TIFF, 600 ppi", "Pictures from cameras: the JPEG as it is": a format to a kind. */
function byFormat(segments: readonly Segment[]): Group[] | undefined {
  const told = segments.map((_, i) => {
    const line = lineOf(segments, i);
    const head = FORMAT_BEHIND.exec(line.replace(ITEM_MARK, ''))?.groups?.['head'];
    const formats = new Set(
      [...line.matchAll(new RegExp(A_FORMAT, 'gi'))].map(m => m[0].slice(0, 1).toLowerCase()),
    );
    const isKind =
      head !== undefined &&
      formats.size === 1 &&
      (!isOfProperty(head) || FILES_OF.test(head)) &&
      !OF_TEXT.test(head) &&
      !isOfShape(head);
    return isKind ? { head: head.toLowerCase(), format: [...formats].join() } : undefined;
  });
  const kinds = told.filter(kind => kind !== undefined);
  if (new Set(kinds.map(kind => kind.format)).size < kinds.length) return undefined;
  return byHeads(
    segments,
    told.map(kind => kind && (labelOf(kind.head) ?? kind.head)),
  );
}

const FORMAT_BEHIND =
  /^(?<head>(?!(?:What|Which|We|You|How|Please|If|Our)\b)[A-Z][a-z]+(?: [a-z]+){1,5}):\s+\S/;

/** A line of a list goes on in the sentences that stand on the same line; everything else is meant for all. */
function byHeads(segments: readonly Segment[], sure: readonly (string | undefined)[]): Group[] | undefined {
  const labels = sure.filter(head => head !== undefined);
  if (labels.length < 2 || new Set(labels).size !== labels.length) return undefined;
  const heads = withSiblings(segments, sure);
  const groups: Group[] = [{ label: undefined, segments: [] }];
  let line = -1;
  segments.forEach((segment, i) => {
    const label = heads[i];
    if (label) {
      groups.push({ label, segments: [withColon(segment)] });
      line = segment.line;
    } else {
      // "Both sRGB, without text." ends what is said of the last one.
      if (FOR_ALL.test(segment.text)) line = -1;
      (segment.line === line ? groups.at(-1) : groups[0])?.segments.push(segment);
    }
  });
  return areRepeated(groups.slice(1)) ? undefined : groups;
}

/** "Rooms            landscape, 3:2": a gap parts the name from what is said of it as a colon does. */
const withColon = (segment: Segment): Segment => ({
  ...segment,
  text: segment.text.replace(/^([A-Za-z][^:\d]{1,30}?\S) (?= {1,60}\S)/, '$1:'),
});

/** "Back page (small pictures): any shape, 1500 px …" right beside lines that head a kind each: one more of them. */
function withSiblings(
  segments: readonly Segment[],
  sure: readonly (string | undefined)[],
): readonly (string | undefined)[] {
  const heads = sure.slice();
  const lines = new Set(segments.flatMap(({ line }, i) => (heads[i] === undefined ? [] : [line])));
  const isListed = segments.some((s, i) => heads[i] !== undefined && ITEM_MARK.test(s.text));
  const order = [...segments.keys()];
  for (const i of [...order, ...order.slice().reverse()]) {
    const segment = segments[i];
    if (!segment || heads[i] !== undefined || segments[i - 1]?.line === segment.line) continue;
    if (!lines.has(segment.line - 1) && !lines.has(segment.line + 1)) continue;
    const own = segment.text.replace(ITEM_MARK, '');
    const head = (SIBLING.exec(own) ?? (isListed ? COMMA_SIBLING.exec(own) : null))?.groups?.['head'];
    if (head === undefined || (own !== segment.text) !== isListed) continue;
    if (!A_SIZE.test(own) && !(A_FORMAT.test(own) && IN_FULL.test(own))) continue;
    const isOfText = OF_TEXT.test(head) && !/^(?:details(?: of .*)?|(?:front|back) page)$/i.test(head);
    if (isOfProperty(head) || isOfShape(head) || isOfText || NO_FILE.test(head) || FOR_ALL.test(own))
      continue;
    const usual = labelOf(head);
    heads[i] = usual === undefined || heads.includes(usual) ? head.toLowerCase() : usual;
    lines.add(segment.line);
  }
  return new Set(heads.filter(Boolean)).size === heads.filter(Boolean).length ? heads : sure;
}

const SIBLING =
  /^(?<head>(?!(?:all|both|each|every|everything|please|note|upload|delivery|otherwise)\b)[A-Za-z][A-Za-z’' -]{2,40}?)(?: \([^()]*\))?(?::\s|\s[–-]\s|\s{2,})\s*\S/i;
/** "- you with the cake, any size from 1000 px upwards". */
const COMMA_SIBLING = /^(?<head>[a-z][a-z’' -]{2,40}?), [^.]*$/;
/** What lies on a picture or round it has a size of its own. */
const NO_FILE =
  /\b(?:borders?|frames?|margins?|bleed|mounts?|key ?lines?|water-?marks?|captions?|backgrounds?|paper)\b/i;
const A_SIZE = /\d\s*(?:px|pixels?|mm|cm)\b|\d\s*[x×]\s*\d/i;

/** "From the rules: …", "From the programme: …": what has the same size and format is one file, said twice. */
function areRepeated(groups: readonly Group[]): boolean {
  // An overall view and a detail are asked alike.
  if (groups.every(g => A_VIEW.test(g.label ?? ''))) return false;
  const [first, ...others] = groups.map(g => factsOf(g.segments));
  return (
    first !== undefined &&
    others.every(facts =>
      (['size', 'formats'] as const).every(
        aspect => facts.has(aspect) && facts.get(aspect) === first.get(aspect),
      ),
    )
  );
}

/** What stands for a size. */
const IN_FULL = /\d ?(?:dpi|ppi)\b|\b(?:(?:full|original|any) size|as large as)\b/i;

const A_VIEW = /\b(?:view|detail|back|front|side|close-?up|overall|total)\b/i;

import { joinWrapped, type Segment } from './segments.ts';

/** Sentences that speak of one kind of file, and of which. */
export interface Group {
  /** undefined: what is said concerns every kind of file. */
  label: string | undefined;
  segments: Segment[];
}

/** Words that name a kind of file, and what it is called here. */
const LABELS: readonly (readonly [string, RegExp])[] = [
  ['signature', /\bsignatures?\b/i],
  ['thumbnail', /\b(?:thumbnails?|thumb(?! (?:impression|print))|preview image|icon)\b/i],
  [
    'document',
    /\b(?:id (?:card|document)|(?:identity )?document scan|certificate|passport page|proof of (?:address|identity))\b/i,
  ],
  [
    'print',
    /\b(?:prints?(?:ing)?(?: files?| versions?| copy| images?)?|high[- ]res(?:olution)?(?: files?| versions?)?|reproduction files?|book files?|plates?)\b/i,
  ],
  [
    'small',
    /\b(?:small(?:er)?|web|low[- ]res(?:olution)?|gallery)(?: (?:version|file|copy|image|one|jpe?g))s?\b/i,
  ],
  ['large', /\b(?:large(?:r)?|full[- ]size|big|master)(?: (?:version|file|copy|image|one|jpe?g))s?\b/i],
  [
    'portrait',
    /\b(?:photographs?|photo|portraits?|head ?shots?|passport[- ]style (?:photo|picture)|applicant(?:['’]s)? (?:photo|picture))\b/i,
  ],
  [
    'screen',
    /\b(?:main images?|selection (?:files?|images?)|screen (?:files?|versions?|images?)|projection (?:files?|images?)|projected (?:files?|images?)|digital (?:files?|images?|entries)|jury (?:files?|images?)|judging (?:files?|copy|images?)|entry (?:files?|images?)|upload (?:files?|images?))\b/i,
  ],
];

function labelOf(text: string): string | undefined {
  return LABELS.find(([, words]) => words.test(text))?.[0];
}

/** "Photo & signature" names two kinds of file and heads neither. */
function onlyLabelOf(text: string): string | undefined {
  const labels = LABELS.filter(([, words]) => words.test(text));
  return labels.length > 1 && /&|\band\b|\+/.test(text) ? undefined : labels[0]?.[0];
}

/** What makes a line a specification: a number with a unit of files, or a format. */
const SPEC =
  /\d\s*(?:px|pixels?|kb|mb|kib|mib|k\b|megs?|ppi|dpi|bits?\b|mm|cm)|\d\s*[x×]\s*\d|\b(?:jpe?g|png|tiff?)\b/i;

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
  const named = readNamedLines(segments) ?? readHeadedLines(segments);
  if (named) return named;
  const groups: Group[] = [{ label: undefined, segments: [] }];
  let current = groups[0];
  let isSaidAtOnce = false;
  segments.forEach((segment, i) => {
    const heading = headingLabel(segment, segments[i + 1]);
    // A line that says all of a kind of file ends with its paragraph.
    const isNewParagraph = segment.line - (segments[i - 1]?.line ?? segment.line) >= 2;
    if (heading) {
      const known = groups.find(g => g.label === heading);
      current = known ?? { label: heading, segments: [] };
      if (!known) groups.push(current);
      isSaidAtOnce = SPEC.test(segment.text);
    } else if (current?.label && (isOtherHeading(segment) || (isSaidAtOnce && isNewParagraph)))
      current = groups[0];
    current?.segments.push(segment);
  });
  const labelled = groups.filter(g => g.label && g.segments.some(s => SPEC.test(s.text)) && !isPaper(g));
  const [later] = labelled;
  if (
    later &&
    labelled.length === 1 &&
    segments.some(s => LATER.test(s.text)) &&
    groups[0]?.segments.some(s => SPEC.test(s.text))
  )
    return [{ label: undefined, segments: [] }, { label: 'screen', segments: groups[0].segments }, later];
  if (labelled.length >= 2) return [groups[0] ?? { label: undefined, segments: [] }, ...labelled];
  return splitSentences(segments);
}

/** Words that head a line about one property of a file, and name no kind of file. */
const PROPERTY =
  /\b(?:size|width|height|format|edge|side|resolution|weight|limit|dimensions?|type|name|names|naming|colou?r|profile|quality|pixels?|bytes|mode|depth|ratio|density|ppi|dpi|max(?:imum)?|min(?:imum)?|data|files?|section|closing|dead-?line|note|example|technical|rules?)\b/i;
const A_FORMAT = /\b(?:jpe?g|png|tiff?|webp)\b/i;
const A_MEASURE = /\d\s*(?:px|pixels?|kb|mb|kib|mib|megs?)|\d\s*[x×]\s*\d/i;

/** "Logo: PNG, 512 × 512 px" and "Stall photo: JPG, 16:9": lines that each name a kind of file and say all of it. */
function readNamedLines(segments: readonly Segment[]): Group[] | undefined {
  const heads = segments.map(segment => {
    const own = segment.text.replace(/^(?:[-*•–·]|\(?[\da-z]{1,2}(?:\.\d+)?[.)])\s*/i, '');
    const head = /^([A-Z][^:–—.,;(\d]{2,30}?)\s*(?::\s|\s[–—-]\s|\()\s*\S/.exec(own)?.[1]?.trim();
    const isKind =
      head !== undefined &&
      head.split(/\s+/).length <= 3 &&
      !PROPERTY.test(head) &&
      A_FORMAT.test(own) &&
      A_MEASURE.test(own);
    return isKind ? (labelOf(head) ?? head.toLowerCase()) : undefined;
  });
  const labels = heads.filter(head => head !== undefined);
  if (labels.length < 2 || new Set(labels).size !== labels.length) return undefined;
  // A line of a list goes on in the sentences that stand on the same line.
  const groups: Group[] = [{ label: undefined, segments: [] }];
  let line = -1;
  segments.forEach((segment, i) => {
    const label = heads[i];
    if (label) {
      groups.push({ label, segments: [segment] });
      line = segment.line;
    } else (segment.line === line ? groups.at(-1) : groups[0])?.segments.push(segment);
  });
  return groups;
}

/** "1. Catalogue image. CMYK, TIFF …": lines that begin with a kind of file as a sentence of its own. */
function readHeadedLines(segments: readonly Segment[]): Group[] | undefined {
  const heads = segments.map((segment, i) => {
    const next = segments[i + 1];
    const head =
      /^(?:[-+*•–·]|\(?[\da-z]{1,2}[.)])\s*(?<kind>[A-Z][A-Za-z -]{2,24} (?:image|file|version|copy|photo|picture))\.$/.exec(
        segment.text,
      )?.groups?.['kind'];
    return head && next?.line === segment.line && SPEC.test(next.text) ? head : undefined;
  });
  if (heads.filter(head => head !== undefined).length < 2) return undefined;
  const groups: Group[] = [{ label: undefined, segments: [] }];
  let line = -1;
  segments.forEach((segment, i) => {
    const head = heads[i];
    if (head) {
      groups.push({ label: labelOf(head) ?? head.toLowerCase(), segments: [] });
      line = segment.line;
    } else (segment.line === line ? groups.at(-1) : groups[0])?.segments.push(segment);
  });
  return groups;
}

/** What only those whose work was chosen have to send. */
const LATER =
  /^(?:if|for|when|once|after)\b[^.:]{0,30}\b(?:short-?listed|selected|accepted|successful|finalists?)\b[^.]{0,20}$/i;

/** A certificate as a PDF is no picture. */
function isPaper(group: Group): boolean {
  const text = group.segments.map(s => s.text).join(' ');
  return /\bpdf\b/i.test(text) && !/\b(?:jpe?g|png|tiff?)\b/i.test(text);
}

/** A line of its own such as "Photograph image:" or "Thumbnail", or the head of "Print file: TIFF, 300 ppi". */
function headingLabel(segment: Segment, next: Segment | undefined): string | undefined {
  const own = segment.text.replace(/^(?:[-*•–·]|\(?[\da-z]{1,2}(?:\.\d+)?[.)])\s*/i, '');
  if (LATER.test(own) && next && next.line > segment.line) return 'print';
  const head = /^([^:–—.]{2,44})\s*[:–—]\s+\S/.exec(own)?.[1];
  if (
    head &&
    head.split(/\s+/).length <= 6 &&
    SPEC.test(own) &&
    !/\b(?:size|width|height|format|edge|side|resolution|weight|limit|dimensions?|type|name)\b/i.test(head)
  )
    return labelOf(head);
  const isLine = own.length <= 46 && !/[.;,]$/.test(own) && !SPEC.test(own) && own.split(/\s+/).length <= 6;
  return isLine && next && next.line > segment.line ? onlyLabelOf(own) : undefined;
}

function isOtherHeading(segment: Segment): boolean {
  const own = segment.text;
  return (own.length <= 50 && /\?$/.test(own)) || (/^[A-Z][A-Z &']{3,40}[:.]?$/.test(own) && !SPEC.test(own));
}

/** "The large version is …, the small one …": sentences and clauses that begin with a kind of file. */
function splitSentences(segments: readonly Segment[]): Group[] {
  const common: Group = { label: undefined, segments: [] };
  const groups: Group[] = [];
  for (const segment of segments) {
    const label = SPEC.test(segment.text)
      ? (leadingLabel(segment.text) ??
        (ADDED_FOR.test(segment.text) ? 'small' : ASKED_LATER.test(segment.text) ? 'print' : undefined))
      : undefined;
    if (!label) {
      common.segments.push(segment);
      continue;
    }
    const known = groups.find(g => g.label === label);
    if (known) known.segments.push(segment);
    else groups.push({ label, segments: [segment] });
  }
  const kinds = groups.filter(g =>
    g.segments.some(s => /\d\s*(?:px|pixels?|kb|mb|mm|cm)|\d\s*[x×]\s*\d/i.test(s.text)),
  );
  if (kinds.length >= 2 && kinds.some(g => g.label !== 'portrait')) return [common, ...kinds];
  const added = kinds.length ? undefined : readAdded(segments);
  if (added) return added;
  const [extra] = kinds;
  if (
    extra &&
    kinds.length === 1 &&
    extra.segments.some(s => ADDED.test(s.text)) &&
    common.segments.some(s => SPEC.test(s.text))
  )
    return [{ label: undefined, segments: [] }, { label: 'screen', segments: common.segments }, extra];
  return [{ label: undefined, segments: [...segments] }];
}

/** "For viewing we also need an access copy: a JPEG of 2000 pixels", "in addition we ask for a portrait (JPEG, …)". */
const ALSO_ASKED =
  /^(?:for [^,.;]{3,40}?,? )?(?:(?:we|you) (?:also|further|additionally) (?:need|ask|require|want|supply|send|upload|provide)|(?:in addition|additionally|besides|furthermore)\b[^.;]{0,40}?\b(?:need|ask|require|want|supply|send|upload|provide|include)|please also (?:send|supply|include|provide|upload))(?: for| us| to| in| up)?\s+(?:a |an |one )(?<what>[a-z][a-z -]{2,30}?)(?=\s*(?:[:,(.]| of | for | in | as | with ))/i;

/** One more kind of file that a later sentence asks for, and the sentences that go on about it. */
function readAdded(segments: readonly Segment[]): Group[] | undefined {
  const at = segments.findIndex(
    s => ALSO_ASKED.test(s.text) && (A_FORMAT.test(s.text) || A_MEASURE.test(s.text)),
  );
  const what = ALSO_ASKED.exec(segments[at]?.text ?? '')
    ?.groups?.['what']?.trim()
    .toLowerCase();
  if (at < 1 || !what || !segments.slice(0, at).some(s => SPEC.test(s.text))) return undefined;
  const isOfIt = (segment: Segment, i: number) =>
    i === at ||
    segment.text.toLowerCase().startsWith(`the ${what}`) ||
    (i === at + 1 && /^(?:it|this|that)\b/i.test(segment.text));
  return [
    { label: undefined, segments: [] },
    { label: 'screen', segments: segments.filter((s, i) => !isOfIt(s, i)) },
    { label: labelOf(what) ?? what, segments: segments.filter(isOfIt) },
  ];
}

/** "In addition a portrait …": one more kind of file beside the one that the text is about. */
const ADDED =
  /^(?:(?:if|when|once)\b[^.:]{0,60}\b(?:accepted|selected|chosen|short-?listed)|please also|in addition|additionally|also|plus|as well|you also need|we also need|and also)\b/i;

/** "If your work is accepted we will ask for print files: TIFF …" */
const ASKED_LATER =
  /^(?:if|when|once)\b[^.:]{0,60}\b(?:accepted|selected|chosen|short-?listed)\b[^.:]{0,60}\b(?:prints?|files?|versions?)\b/i;

/** "Please also send a JPEG for our website": a further file, told by what it is for. */
const ADDED_FOR =
  /^(?:please )?(?:also|in addition|additionally)\b[^:.]{0,70}\b(?:for|to) (?:our|the) (?:web ?site|web|screen|social media|newsletter|catalogue)\b/i;

function leadingLabel(text: string): string | undefined {
  const head =
    /^(?:(?:and|also|then|plus|secondly|firstly|finally|first|second|in addition|additionally|we also need|you also need),? )?(?:for |as )?(?:the|a|an|your|each|one|all)?\s*((?:\S+\s+){0,2}?\S+?)(?=\s+(?:is|are|must|should|has|have|may|of|in|at|with|for|shall|needs?|no)\b|[:,(–—-])/i.exec(
      text,
    )?.[1];
  if (!head || head.length > 40) return undefined;
  const label = labelOf(head);
  // "Photographs must be …" begins most texts that ask for one kind of file alone.
  return label === 'portrait' && /s$/i.test(head) ? undefined : label;
}

interface Table {
  groups: Group[];
  start: number;
  end: number;
}

interface Cell {
  text: string;
  start: number;
}

/** Columns set apart by tabs, bars or two and more spaces, with a kind of file at the head of each. */
function readTable(text: string): Table | undefined {
  const lines = joinWrapped(text);
  for (let i = 0; i < lines.length; i++) {
    const line = lines[i];
    if (!line) continue;
    const heads = headCells(cellsOf(line), lines[i + 1], lines[i + 2]);
    const labels = heads.map(h => labelOf(h.text) ?? h.text.toLowerCase());
    if (heads.length < 2 || new Set(labels).size !== heads.length || line.text.length > 160) continue;
    if (!heads.some(h => labelOf(h.text)) || heads.some(h => /\d/.test(h.text) || h.text.length > 40))
      continue;
    const groups: Group[] = labels.map(label => ({ label, segments: [] }));
    let end = line.start + line.text.length;
    let rows = 0;
    for (const row of lines.slice(i + 1)) {
      const cells = cellsOf(row);
      if (cells.length !== heads.length + 1) {
        if (/^[\s|:+-]*$/.test(row.text)) continue;
        break;
      }
      const [name, ...values] = cells;
      values.forEach((cell, k) => {
        if (/^(?:[-–—:]+|n\/?a|none|)$/i.test(cell.text)) return;
        const prefix = `${name?.text ?? ''}: `;
        groups[k]?.segments.push({ text: prefix + cell.text, start: cell.start - prefix.length, line: rows });
      });
      rows += 1;
      end = row.start + row.text.length;
    }
    if (rows >= 2) return { groups, start: line.start, end };
  }
  return undefined;
}

/** The cells of a head that stand over values: its first one may stand over the names of the rows. */
function headCells(cells: Cell[], ...below: ({ text: string; start: number } | undefined)[]): Cell[] {
  const isAsWide = below.some(
    row => row && cellsOf(row).length === cells.length && !/^[\s|:+-]*$/.test(row.text),
  );
  return isAsWide ? cells.slice(1) : cells;
}

function cellsOf(line: { text: string; start: number }): Cell[] {
  const cells: Cell[] = [];
  for (const match of line.text.matchAll(/[^\s|](?:(?!\s{2,}|\t|\||\s\|).)*/g))
    cells.push({ text: match[0].trim(), start: line.start + match.index });
  return cells;
}

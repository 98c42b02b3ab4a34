import { blankAsides } from './standing/asides.ts';
import { factsOf, type Facts } from './file-facts.ts';
import type { Found } from './common/found.ts';
import type { Group } from './common/group.ts';
import { mergeFound } from './merge-found.ts';
import { inPlainWording, type Worded } from './plain/plain-wording.ts';
import { readNaming } from './names/read-naming.ts';
import { joinTexts } from './names/part-words.ts';
import { readSections } from './sections/read-sections.ts';
import type { ReadSections } from './sections/section-words.ts';
import { readTotal } from './count/read-total.ts';
import { monochromeInHead } from './file/read-monochrome.ts';
import { readWeight } from './file/read-weight.ts';
import { noDeliverable, type Claim, type ReadDeliverable, type Reading } from './common/reading.ts';
import { segmentText, withoutMark, type Segment } from './common/segments.ts';
import { isFormatMore, takenOver } from './kinds/same-as.ts';
import { settleClosing } from './closing/settle-closing.ts';
import { solvePrint } from './size/solve-print.ts';
import { splitDeliverables } from './kinds/split-deliverables.ts';
import { withDemandsOfSome } from './kinds/said-of-some.ts';
import { withValuesByKind } from './kinds/values-by-kind.ts';
import { turnRefusals } from './standing/turn-refusals.ts';

/** Longest text that is read. A prospectus has some thousands of characters; more is something else. */
export const MAX_TEXT = 40_000;

/** Most sentences and lines that are read. The longest prospectus has some hundreds. */
const MAX_SENTENCES = 1000;

/** The text is too long to be an organiser's rules. */
export class TextTooLong extends Error {}

/**
 * Reads an organiser's text. Deterministic: the same text gives the same reading. What is not plainly said stays
 * null; what is said twice and differently, or can be meant in two ways, becomes a question.
 *
 * @throws TextTooLong with a sentence that says how long it may be, or how many sentences it may have
 */
export function readRules(text: string): Reading {
  if (text.length > MAX_TEXT)
    throw new TextTooLong(
      `The text has ${text.length} characters; up to ${MAX_TEXT} are read. Paste only the part about the files.`,
    );
  const worded = inPlainWording(text);
  const segments = blankAsides(turnRefusals(segmentText(worded.text)));
  if (segments.length > MAX_SENTENCES)
    throw new TextTooLong(
      `The text has ${segments.length} sentences and lines; up to ${MAX_SENTENCES} are read. Paste only the part about the files.`,
    );
  const reading: Reading = {
    deliverables: [],
    sections: [],
    naming: { example: null, parts: null, spaces: null, allowed: null, maxLength: null, extension: null },
    closes: null,
    packageBytesMax: null,
    maxFiles: null,
    advice: [],
    questions: [],
    claims: [],
  };
  const groups = withDemandsOfSome(withValuesByKind(splitDeliverables(worded.text, segments)));
  readSheetWide(segments, groups, reading);
  readFiles(groups, reading);
  readHead(segments, reading);
  // "The registration number followed by P, S or T" beside photograph, signature and thumb impression.
  const { parts } = reading.naming;
  if (parts && !reading.sections.length && reading.deliverables.length > 1)
    reading.naming.parts = parts.map(part => (part === 'section code' ? 'deliverable' : part));
  if (reading.deliverables.length < 2) reading.naming.parts = withWordAsShown(reading.naming);
  // The ending of an example is that of one kind of file; where several are taken, it is no rule.
  if ((reading.deliverables[0]?.formats?.length ?? 0) > 1) reading.naming.extension = null;
  return asGiven(reading, worded, text);
}

/** "COVER_yourname.tif" where there is one file alone: a word in capitals tells nothing apart, and is fixed. */
function withWordAsShown({ parts, example }: Reading['naming']): string[] | null {
  const word = /^[A-Z]{3,}(?=[_-])/.exec(example ?? '')?.[0];
  return word && parts?.[0] === 'deliverable' ? joinTexts([`text:${word}`, ...parts.slice(1)]) : parts;
}

/** A reading of the plain wording with the names and the places of the text as given. */
function asGiven(reading: Reading, { text, given, asWritten }: Worded, whole: string): Reading {
  let cursor = 0;
  for (const section of reading.sections) {
    // "Monochrome" behind "Open Monochrome": one name after the other.
    const placeIn = ({ start, end }: Claim, from: number) => {
      const at = text.slice(0, end).indexOf(section.label, Math.max(start, from));
      return at < 0 ? undefined : at;
    };
    const claims = reading.claims.filter(c => c.field === 'sections');
    const places = [cursor, 0].flatMap(from => claims.map(claim => placeIn(claim, from)));
    const at = places.find(place => place !== undefined);
    if (at === undefined) continue;
    cursor = at + section.label.length;
    section.label = asWritten(section.label, at, cursor).replace(/^["“](?<name>.*)["”]$/, '$<name>');
  }
  for (const file of reading.deliverables) if (file.label !== null) file.label = asWritten(file.label);
  for (const place of [...reading.claims, ...reading.questions]) {
    const [start, end] = given(place.start, place.end);
    // No line is drawn under the space behind a word.
    const words = whole.slice(start, end);
    const lead = words.length - words.trimStart().length;
    [place.start, place.end] = words.trim() ? [start + lead, start + words.trimEnd().length] : [start, end];
  }
  return reading;
}

/** What a competition has sections of. */
const OF_COMPETITION = /^(?:pdis?|dpis?|prints?|digital|projected|slides?)\b/i;

/** "Scene pictures (3)", "Poster motif (1)" over what is asked of each: kinds of file, and no sections. */
function withoutKindsOfFile(read: ReadSections, groups: readonly Group[]): ReadSections {
  const heads = groups.flatMap(g => (g.label === undefined ? [] : (g.segments[0]?.text.toLowerCase() ?? [])));
  const areKinds =
    heads.length > 1 &&
    read.sections.every(
      ({ label }) => !OF_COMPETITION.test(label) && heads.some(head => head.startsWith(label.toLowerCase())),
    );
  return areKinds ? { sections: [], found: [] } : read;
}

function readSheetWide(segments: readonly Segment[], groups: readonly Group[], reading: Reading): void {
  const read = withoutKindsOfFile(readSections(segments), groups);
  const { sections, found, limits = [] } = read;
  reading.sections = sections;
  if (sections.length) claimAll(reading.claims, [...found, ...limits], undefined);
  const unmarked = segments.map(withoutMark);
  const naming = readNaming(unmarked);
  reading.naming = naming.naming;
  claimAll(reading.claims, naming.found, undefined);
  // "Press image: one per artist" counts pictures of that kind; what is said beside the kinds counts entries.
  const beside = groups.length > 1 ? readTotal(commonOf(groups).map(withoutMark), read) : [];
  const total = beside.length ? beside : withoutKinds(readTotal(unmarked, read), groups);
  settle(reading, 'maxFiles', total, value => (reading.maxFiles = value as number));
  const weights = unmarked
    .flatMap((s, i) => readWeight(s, unmarked[i - 1]))
    .filter(f => f.field === 'packageBytesMax');
  settle(reading, 'packageBytesMax', weights, value => (reading.packageBytesMax = value as number));
  // "By" over a column: the day of the first kind is told by its cell.
  const cells = groups.find(g => g.label !== undefined)?.segments ?? [];
  const closing = settleClosing(unmarked, segments) ?? settleClosing(cells, cells);
  if (!closing) return;
  reading.closes = closing.closes;
  reading.questions.push(...closing.questions);
  claimAll(reading.claims, closing.from, undefined);
}

/** Kinds of file that only some are asked for in the end. */
const OF_LATER = /\b(?:if|once|when|chosen|selected|accepted|finalists?)\b/;

/**
 * Numbers of entries without those of the kinds of file: "one portrait; one signature" asks for each once, and
 * "Panel of four" over a column of a table only names it.
 */
function withoutKinds(total: Found[], groups: readonly Group[]): Found[] {
  const isIn = ({ start }: Found, some: readonly Group[]) =>
    some.some(g => g.segments.some(s => start >= s.start && start < s.start + s.text.length));
  // "Five pictures of your work" beside "one portrait": what shows the person is no entry.
  const ofPerson = groups.filter(g => /^(?:portrait|signature|document|thumbnail)$/.test(g.label ?? ''));
  const isOfPerson = (f: Found) => f.value === 1 && isIn(f, ofPerson);
  // "If chosen: 3" beside "first look: up to 10" counts what comes later.
  const [later, now] = [true, false].map(is => groups.filter(g => OF_LATER.test(g.label ?? '') === is));
  const isLater = (f: Found) => isIn(f, later ?? []) && !isIn(f, now ?? []);
  const grouped = total.filter(f => isIn(f, groups));
  const counted = grouped.every(isLater) ? grouped : grouped.filter(f => !isLater(f));
  const works = counted.filter(f => !isOfPerson(f));
  const several = works.filter(f => f.value !== 1);
  // "Six images of recent work; one image showing the technique": the works are what there are several of.
  const isBeside =
    several.length === 1 && works.length > 1 && groups.filter(g => g.label !== undefined).length > 2;
  const own = isBeside ? several : works.length ? works : counted;
  // "Project image: one image … Additional images: up to five" gives a number to each.
  if (groups.some(g => /\b(?:additional|further|extra)\b/.test(g.label ?? '')) && own.length > 1) return [];
  // "One portrait and one action picture" counts the kinds.
  const kinds = groups.filter(g => g.label !== undefined).length;
  const countsKinds = own.every(f => f.value === 1 || (f.value === kinds && kinds > 1));
  return groups.length > 2 && countsKinds ? [] : own;
}

function settle(reading: Reading, field: string, found: Found[], assign: (value: unknown) => void): void {
  const merged = mergeFound(field, found);
  if (!merged) return;
  assign(merged.value);
  reading.questions.push(...merged.questions);
  claimAll(
    reading.claims,
    merged.from.map(f => ({ ...f, field })),
    undefined,
  );
}

/** What the heading of a text asks of every file, where no sentence says it of any. */
function readHead(segments: readonly Segment[], { deliverables, sections, claims }: Reading): void {
  const isTold = sections.length > 0 || deliverables.some(file => file.monochrome !== null);
  const head = isTold ? undefined : monochromeInHead(segments);
  if (!head) return;
  deliverables.forEach((file, index) => {
    file.monochrome = true;
    claimAll(claims, [head], index);
  });
}

/** What is said of no kind of file in particular. */
const commonOf = (groups: readonly Group[]) =>
  groups.filter(g => g.label === undefined).flatMap(g => g.segments);

/** What may be asked of a print that no file is sent for: "Prints: mounted, no frames". */
const ON_PAPER: ReadonlySet<string> = new Set(['border', 'watermark', 'eitherWay', 'orientation']);

/** Which way round a picture is: "Portrait" among the sections asks it of none. */
const OF_WAY: ReadonlySet<string> = new Set(['eitherWay', 'orientation']);

function readFiles(groups: readonly Group[], reading: Reading): void {
  const common = commonOf(groups);
  const labelled = groups.filter(g => g.label !== undefined);
  const kinds: Group[] = labelled.length ? labelled : [{ label: undefined, segments: common }];
  const forAll = labelled.length ? factsOf(common) : undefined;
  const sharedByAll = forAll?.found ?? [];
  const sections = reading.claims.filter(c => c.field === 'sections');
  const told = kinds.map(({ label, segments }) => {
    const own = factsOf(label === undefined ? segments : segments.map(withoutHead));
    // "2. Monochrome" in a list of sections asks it of none but that.
    const isSection = (f: Found) =>
      (f.field === 'monochrome' || OF_WAY.has(f.field)) &&
      sections.some(c => f.start < c.end && f.end > c.start);
    return { label, segments, own: { ...own, found: own.found.filter(f => !isSection(f)) } };
  });
  const read = told.map(({ label, segments, own }, i) => {
    const first = told[i ? 0 : 1];
    const said = [...own.found, ...(first ? takenOver(segments, own.found, first.own.found) : [])];
    const shared = sharedByAll.filter(
      f => !said.some(o => o.field === f.field) || (f.field === 'formats' && isFormatMore(segments)),
    );
    return { label, own, found: [...shared, ...said] };
  });
  // "Prints: only on demand, 30 x 45 cm": what nothing is asked of is no file.
  const isOnPaper = ({ label, own }: (typeof read)[number]) =>
    /\bprints?\b/i.test(label ?? '') && own.found.every(f => ON_PAPER.has(f.field));
  const asked = labelled.length ? read.filter(kind => kind.found.length && !isOnPaper(kind)) : read;
  asked.forEach(({ label, own, found }, index) => {
    const deliverable = noDeliverable(label ?? null);
    // "Both are 160 mm wide": each has the pixels of its own ppi.
    const onPaper = own.physical || own.side ? own : (forAll ?? own);
    fill(deliverable, found, onPaper, index, asked.length > 1, reading);
    if (labelled.length || hasAnything(deliverable)) reading.deliverables.push(deliverable);
  });
}

/** "For the catalogue: TIFF": what a file is for is no word about somebody else's pictures there. */
const withoutHead = (segment: Segment): Segment => ({
  ...segment,
  text: segment.text
    .replace(/^(?:\S{1,3} )?(?:\w+ ){1,2}\w \([a-z -]+\):/i, head => ' '.repeat(head.length))
    .replace(/^(?:\S{1,3} )?portraits?:?$/i, head => ' '.repeat(head.length))
    .replace(
      /^(?:\S{1,3} )?(?:for )?(?:an? |the |our )?(?:web |online |printed )?(?:catalogue|banner|caption)s?\b/i,
      head => ' '.repeat(head.length),
    ),
});

function fill(
  deliverable: ReadDeliverable,
  found: Found[],
  { physical, side }: Pick<Facts, 'physical' | 'side'>,
  index: number,
  several: boolean,
  reading: Reading,
): void {
  const fields = [...new Set(found.map(f => f.field))];
  const merged = new Map(
    fields.map(field => [
      field,
      mergeFound(
        field,
        found.filter(f => f.field === field),
      ),
    ]),
  );
  for (const [field, result] of merged) {
    if (!result) continue;
    assign(deliverable, field, result.value);
    // One wish about the way round is listed once.
    const isListed = field === 'orientation' && merged.get('eitherWay')?.isAdvice;
    if (result.isAdvice && !isListed)
      reading.advice.push(several && deliverable.label ? `${deliverable.label}.${field}` : field);
    for (const question of result.questions)
      if (!reading.questions.some(q => q.field === question.field && q.start === question.start))
        reading.questions.push({ ...question, deliverable: index });
    claimAll(reading.claims, result.from, index);
  }
  const solved = solvePrint(deliverable, physical, side);
  if (solved) reading.claims.push({ ...solved, deliverable: index });
  tidy(deliverable);
}

function assign(deliverable: ReadDeliverable, field: string, value: unknown): void {
  const [outer, inner] = field.split('.');
  if (outer === 'metadata' && inner) (deliverable.metadata as Record<string, unknown>)[inner] = value;
  else (deliverable as unknown as Record<string, unknown>)[field] = value;
}

/** What two fields say together. */
function tidy(deliverable: ReadDeliverable): void {
  // "2048 on the longest side (2048 wide for landscape; 2048 high for upright)" says one thing twice.
  const longEdge = JSON.stringify(deliverable.longEdge);
  const isRepeated = [deliverable.width, deliverable.height].every(span => JSON.stringify(span) === longEdge);
  if (deliverable.longEdge && isRepeated) deliverable.width = deliverable.height = null;
  const { width, height } = deliverable;
  if (deliverable.eitherWay === null || !width || !height) return;
  const [w, h] = [width, height].map(span => ('exact' in span ? span.exact : (span.max ?? span.min ?? 0)));
  if (!deliverable.eitherWay || (w ?? 0) >= (h ?? 0)) return;
  [deliverable.width, deliverable.height] = [height, width];
  const { print } = deliverable;
  if (print?.width !== undefined && print.height !== undefined)
    deliverable.print = { ...print, width: print.height, height: print.width };
}

/** Which way round alone is no request for a file. */
function hasAnything(deliverable: ReadDeliverable): boolean {
  const silent: (keyof ReadDeliverable)[] = [
    'label',
    'eitherWay',
    'metadata',
    'megapixels',
    'orientation',
    'enlarging',
    'canvas',
  ];
  const said = (Object.keys(deliverable) as (keyof ReadDeliverable)[]).filter(key => !silent.includes(key));
  return (
    said.some(key => deliverable[key] !== null) ||
    Object.values(deliverable.metadata).some(value => value !== null)
  );
}

function claimAll(claims: Claim[], found: readonly Found[], deliverable: number | undefined): void {
  const known = new Set(claims.filter(c => c.deliverable === deliverable).map(c => `${c.field} ${c.start}`));
  for (const { field, start, end } of found) {
    const place = `${field} ${start}`;
    if (!known.has(place)) claims.push({ field, deliverable, start, end });
    known.add(place);
  }
}

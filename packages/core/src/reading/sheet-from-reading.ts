import type { LetterForm, NamePart, NamePattern } from '../rules/name-pattern.ts';
import {
  ruleSheetSchema,
  type Detail,
  type Rule,
  type RuleSheet,
  type Section,
} from '../rules/rule-sheet.ts';
import type { Claim, ReadDeliverable, Reading, ReadNaming, Span } from './reading.ts';

/** Who asks, as the person names it. */
export interface SheetTitle {
  id: string;
  title: string;
  organiser: string;
  /** ISO date of today, since core has no clock. */
  today: string;
}

/** A line of what was read, tied to the words that gave it. */
export interface DraftLine {
  /** Id of the rule, or a name of its own for what concerns the whole sheet. */
  id: string;
  claims: Claim[];
}

export interface SheetDraft {
  sheet: RuleSheet;
  lines: DraftLine[];
  /** What the text asks and the program cannot hold a file to yet, each as a sentence. */
  notHeld: { text: string; claims: Claim[] }[];
}

/** Makes a rule sheet from a reading: one for each kind of file that the text asks for. */
export function sheetsFromReading(reading: Reading, text: string, title: SheetTitle): SheetDraft[] {
  return reading.deliverables.map((deliverable, index) => draft(reading, deliverable, index, text, title));
}

function draft(
  reading: Reading,
  read: ReadDeliverable,
  index: number,
  text: string,
  title: SheetTitle,
): SheetDraft {
  const several = reading.deliverables.length > 1;
  const label = read.label ? read.label.charAt(0).toUpperCase() + read.label.slice(1) : 'Picture';
  const claimsOf = (...fields: string[]) =>
    reading.claims.filter(
      c => fields.includes(c.field) && (c.deliverable === undefined || c.deliverable === index),
    );
  const work: Work = {
    lines: [],
    notHeld: [],
    rules: [],
    claimsOf,
    text,
    isAdvice: field => reading.advice.some(a => a === field || a === `${read.label}.${field}`),
  };
  sizeRules(read, work);
  fileRules(read, work);
  metadataRules(read, work);
  const { pattern, details } = nameOf(reading.naming, reading.sections.length > 0, work);
  const declarations = declarationsOf(read);
  if (reading.packageBytesMax !== null)
    work.notHeld.push({
      text: `The whole package may weigh ${reading.packageBytesMax} bytes at most.`,
      claims: claimsOf('packageBytesMax'),
    });
  line(work, 'sections', 'sections');
  line(work, 'entries', 'maxFiles');
  line(work, 'closes', 'closes');
  line(work, 'declarations', 'border', 'watermark', 'monochrome');
  if (!work.rules.length)
    work.rules.push({ id: 'format', level: 'must', kind: 'file-format', formats: ['jpeg'] });
  const sheet: RuleSheet = ruleSheetSchema.parse({
    format: 'able-frame/rule-sheet',
    version: 1,
    id: several ? `${title.id}-${index + 1}` : title.id,
    title: several ? `${title.title}: ${label.toLowerCase()}` : title.title,
    organiser: title.organiser,
    summary: 'Read from the organiser’s text.',
    ...closing(reading.closes),
    checkedOn: title.today,
    details,
    sections: sectionsOf(reading),
    ...(reading.maxFiles === null ? {} : { maxEntries: reading.maxFiles }),
    deliverables: [{ id: 'file', label, rules: work.rules, name: pattern }],
    declarations,
  });
  return { sheet, lines: work.lines, notHeld: work.notHeld };
}

interface Work {
  rules: Rule[];
  lines: DraftLine[];
  notHeld: SheetDraft['notHeld'];
  claimsOf: (...fields: string[]) => Claim[];
  isAdvice: (field: string) => boolean;
  text: string;
}

function line(work: Work, id: string, ...fields: string[]): void {
  const claims = work.claimsOf(...fields);
  if (claims.length) work.lines.push({ id, claims });
}

/** A rule without what all rules have. */
type Bare<R> = R extends Rule ? Omit<R, 'id' | 'level' | 'quote'> : never;

function add(work: Work, id: string, fields: string[], rule: Bare<Rule>): void {
  const claims = work.claimsOf(...fields);
  const quote = claims[0] && sentenceAround(work.text, claims[0]);
  const level = fields.some(work.isAdvice) ? 'advice' : 'must';
  work.rules.push({ ...rule, id, level, ...(quote ? { quote } : {}) } as Rule);
  work.lines.push({ id, claims });
}

function refuse(work: Work, text: string, ...fields: string[]): void {
  work.notHeld.push({ text, claims: work.claimsOf(...fields) });
}

/** The organiser's own sentence round a claim. */
function sentenceAround(text: string, { start, end }: Claim): string {
  const before = text.slice(0, start);
  const from = Math.max(before.lastIndexOf('\n') + 1, before.search(/[^.!?]*$/));
  const rest = /^[^\n]*?(?:[.!?](?=\s|$)|\n|$)/.exec(text.slice(end))?.[0] ?? '';
  return text
    .slice(from, end + rest.length)
    .trim()
    .slice(0, 400);
}

const ends = (span: Span) =>
  'exact' in span
    ? { minPx: span.exact, maxPx: span.exact }
    : { ...(span.min ? { minPx: span.min } : {}), ...(span.max ? { maxPx: span.max } : {}) };
const exactOf = (span: Span | null) => (span && 'exact' in span ? span.exact : undefined);
const onlyMax = (span: Span | null) =>
  span && !('exact' in span) && span.min === undefined ? span.max : undefined;

function sizeRules(read: ReadDeliverable, work: Work): void {
  const { width, height } = read;
  const fields = ['width', 'height', 'eitherWay'];
  const eitherWay = read.eitherWay === true;
  const [exactW, exactH] = [exactOf(width), exactOf(height)];
  const [maxW, maxH] = [onlyMax(width), onlyMax(height)];
  if (exactW && exactH)
    add(work, 'size', fields, { kind: 'exact-size', widthPx: exactW, heightPx: exactH, eitherWay });
  else if (maxW && maxH) add(work, 'size', fields, { kind: 'box', widthPx: maxW, heightPx: maxH, eitherWay });
  else {
    if (width) add(work, 'width', ['width'], { kind: 'side', side: 'width', ...ends(width) });
    if (height) add(work, 'height', ['height'], { kind: 'side', side: 'height', ...ends(height) });
  }
  if (read.longEdge)
    add(work, 'long-edge', ['longEdge'], { kind: 'side', side: 'long-edge', ...ends(read.longEdge) });
  if (read.shortEdge)
    add(work, 'short-edge', ['shortEdge'], { kind: 'side', side: 'short-edge', ...ends(read.shortEdge) });
  if (!read.ratio) return;
  const pairs = (Array.isArray(read.ratio[0]) ? read.ratio : [read.ratio]) as [number, number][];
  const ratios = pairs.map(([w, h]) => ({ width: w, height: h }));
  // A ratio alone does not say which way round; only a text that fixes it does.
  add(work, 'ratio', ['ratio'], {
    kind: 'ratio',
    ratios,
    eitherWay: read.eitherWay !== false,
    tolerance: 0.005,
  });
}

function fileRules(read: ReadDeliverable, work: Work): void {
  if (read.bytesMax !== null || read.bytesMin !== null) {
    const written = work.claimsOf('bytesMax', 'bytesMin')[0];
    add(work, 'bytes', ['bytesMax', 'bytesMin'], {
      kind: 'bytes',
      ...(read.bytesMin === null ? {} : { minBytes: read.bytesMin }),
      ...(read.bytesMax === null ? {} : { maxBytes: read.bytesMax }),
      ...(written ? { written: work.text.slice(written.start, written.end).slice(0, 60) } : {}),
    });
  }
  if (read.formats?.includes('jpeg'))
    add(work, 'format', ['formats'], { kind: 'file-format', formats: ['jpeg'] });
  else if (read.formats)
    refuse(
      work,
      `Files of the kind ${read.formats.join(' or ').toUpperCase()} are asked; JPEG is made here.`,
      'formats',
    );
  if (read.jpegScan) add(work, 'scan', ['jpegScan'], { kind: 'jpeg-scan', scan: read.jpegScan });
  if (read.bitDepth === 8) add(work, 'bits', ['bitDepth'], { kind: 'bit-depth', bits: 8 });
  else if (read.bitDepth !== null) refuse(work, `${read.bitDepth} bits are asked; a JPEG has 8.`, 'bitDepth');
  const ppi = read.ppi && ('exact' in read.ppi ? read.ppi.exact : (read.ppi.min ?? read.ppi.max));
  if (ppi) add(work, 'ppi', ['ppi'], { kind: 'ppi', ppi });
  if (read.colourSpace === 'sRGB')
    add(work, 'colour', ['colourSpace', 'profileEmbedded'], {
      kind: 'colour-space',
      space: 'srgb',
      profile: read.profileEmbedded ? 'embedded' : 'either',
    });
  else if (read.colourSpace)
    refuse(work, `The colour space ${read.colourSpace} is asked; sRGB is made here.`, 'colourSpace');
  if (read.quality)
    refuse(
      work,
      `A quality of ${read.quality} is asked. Every file gets the highest quality that its weight allows.`,
      'quality',
    );
}

function metadataRules(read: ReadDeliverable, work: Work): void {
  const { location, author, strip } = read.metadata;
  if (location === 'remove' || strip === true)
    add(work, 'location', ['metadata.location', 'metadata.strip'], {
      kind: 'metadata',
      field: 'location',
      demand: 'absent',
    });
  if (author === 'forbidden' || strip === true)
    add(work, 'author', ['metadata.author', 'metadata.strip'], {
      kind: 'metadata',
      field: 'author',
      demand: 'absent',
    });
  if (author === 'required')
    refuse(
      work,
      'Author and copyright are to be filled in; files are made without metadata here.',
      'metadata.author',
    );
  if (strip === false)
    refuse(work, 'The camera’s data are to stay; files are made without metadata here.', 'metadata.strip');
}

function declarationsOf(read: ReadDeliverable): RuleSheet['declarations'] {
  return [
    ...(read.border === 'forbidden' ? [{ id: 'no-border', text: 'No picture has a border.' }] : []),
    ...(read.watermark === 'forbidden'
      ? [{ id: 'no-mark', text: 'No picture carries a name, a mark or lettering.' }]
      : []),
    ...(read.monochrome ? [{ id: 'monochrome', text: 'Every picture is monochrome.' }] : []),
  ];
}

function closing(closes: string | null): Pick<RuleSheet, 'closes'> {
  const match = closes && /^(\d{4}-\d{2}-\d{2})(?:T(\d{2}:\d{2}))?(.*)$/.exec(closes);
  if (!match) return {};
  const zone = match[3] === 'Z' ? 'UTC' : match[3] ? `UTC${match[3]}` : '';
  return { closes: { at: `${match[1]}T${match[2] ?? '23:59'}`, ...(zone ? { zone } : {}) } };
}

function sectionsOf(reading: Reading): Section[] {
  const used = new Set<string>();
  return reading.sections.map((section, i) => {
    let code = section.code ?? section.label.slice(0, 2).toUpperCase();
    if (used.has(code)) code = `${code}${i + 1}`;
    used.add(code);
    return { code, label: section.label, ...(section.limit === null ? {} : { limit: section.limit }) };
  });
}

/** Parts of a name that are details of the person, with their labels. */
const DETAILS: Readonly<Record<string, string>> = {
  surname: 'Surname',
  'first name': 'First name',
  initials: 'Initials',
  author: 'Name',
  'member number': 'Member number',
  'club number': 'Club number',
  'club code': 'Club code',
  'student number': 'Student number',
  'entry number': 'Entry number',
  'catalogue number': 'Catalogue number',
  year: 'Year',
  month: 'Month',
  species: 'Species',
};

function nameOf(
  naming: ReadNaming,
  hasSections: boolean,
  work: Work,
): { pattern: NamePattern; details: Detail[] } {
  const form = titleForm(naming);
  const details: Detail[] = [];
  const parts = (naming.parts ?? ['title']).map((part): NamePart => {
    if (part.startsWith('text:')) return { kind: 'text', text: part.slice(5) };
    if (part === 'section code' && hasSections) return { kind: 'section-code' };
    if (part === 'sequence')
      return {
        kind: 'number',
        start: 1,
        step: 1,
        digits: digitsOf(naming),
        within: hasSections ? 'section' : 'submission',
      };
    const label = DETAILS[part] ?? (part === 'section code' ? 'Section' : undefined);
    if (!label) return { kind: 'title', form };
    const id = part.replace(/ /g, '-');
    if (!details.some(d => d.id === id)) details.push({ id, label, shape: { kind: 'any' } });
    return { kind: 'detail', detail: id, form: form === 'upper' ? 'upper' : 'as-typed' };
  });
  line(work, 'name', 'naming.parts', 'naming.example', 'naming.spaces', 'naming.allowed', 'naming.maxLength');
  if (!naming.parts)
    refuse(
      work,
      naming.example
        ? `How a name like ${naming.example} is built was not understood; the title alone is used.`
        : 'No file names are described; the title alone is used.',
      'naming.example',
    );
  const extension = naming.extension === 'jpeg' ? 'jpeg' : 'jpg';
  const maxLength =
    naming.maxLength !== null && naming.maxLength >= 5 ? { maxLength: Math.min(200, naming.maxLength) } : {};
  return {
    pattern: { parts, spaces: naming.spaces ?? 'forbidden', characters: 'plain', extension, ...maxLength },
    details,
  };
}

function titleForm({ example, spaces }: ReadNaming): LetterForm {
  const stem = example?.replace(/\.\w+$/, '') ?? '';
  const letters = stem.replace(/[^A-Za-z]/g, '');
  if (letters.length > 5 && letters === letters.toUpperCase()) return 'upper';
  if (letters && letters === letters.toLowerCase()) return 'lower';
  if (spaces === 'allowed') return 'as-typed';
  return 'run-together';
}

/** As many digits as the example shows; two where it shows none. */
function digitsOf({ example }: ReadNaming): number {
  const runs = [...(example ?? '').matchAll(/(?<!\d)0\d{0,5}(?!\d)|(?<!\d)\d{1,3}(?!\d)/g)].map(
    m => m[0].length,
  );
  return runs.length === 1 ? (runs[0] ?? 2) : 2;
}

import type { NamePattern } from '../../rules/name-pattern.ts';
import type { OutputFormat } from '../../rules/rule.ts';
import { NOT_NAMED } from '../../rules/situations.ts';
import {
  ruleSheetSchema,
  type Deliverable,
  type Detail,
  type RuleSheet,
  type Section,
} from '../../rules/rule-sheet.ts';
import { wordsFor } from '../names/align-example.ts';
import { givenByTitle, nameFromReading } from './name-from-reading.ts';
import type { Claim, ReadDeliverable, Reading } from '../common/reading.ts';
import { sentencesOf } from '../sentences-of.ts';
import { NAME_DETAIL, rulesFromReading, type RuleWork } from './rules-from-reading.ts';

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
  /** `deliverable/rule`, or a word of its own for what concerns the whole sheet. */
  id: string;
  claims: Claim[];
}

export interface SheetDraft {
  sheet: RuleSheet;
  lines: DraftLine[];
  /** What the text asks and the program cannot hold a file to, each as a sentence. */
  notHeld: { text: string; claims: Claim[] }[];
}

/** The id under which a rule of a sheet is lit and pointed at. */
export function lineId(deliverableId: string, ruleId: string): string {
  return `${deliverableId}/${ruleId}`;
}

/**
 * Makes one rule sheet from a reading, with a deliverable for each kind of file that the text asks for.
 * @returns undefined when no file is asked for
 */
export function sheetFromReading(reading: Reading, text: string, title: SheetTitle): SheetDraft | undefined {
  if (!reading.deliverables.length) return undefined;
  const draft: Omit<SheetDraft, 'sheet'> = { lines: [], notHeld: [] };
  const claimsOf = (...fields: string[]) =>
    reading.claims.filter(c => fields.includes(c.field) && c.deliverable === undefined);
  const line = (id: string, ...fields: string[]) => {
    const claims = claimsOf(...fields);
    if (claims.length) draft.lines.push({ id, claims });
  };
  const { pattern, details } = nameFromReading(reading.naming, reading.sections.length > 0);
  const deliverables = reading.deliverables.map((read, index) =>
    deliverableFrom(read, index, reading, text, pattern, draft),
  );
  if (deliverables.some(d => d.rules.some(r => r.kind === 'metadata' && r.detail === NAME_DETAIL)))
    addDetail(details, { id: NAME_DETAIL, label: 'Name', shape: { kind: 'any' } });
  line('name', 'naming.parts', 'naming.example', 'naming.spaces', 'naming.allowed', 'naming.maxLength');
  if (!reading.naming.parts)
    draft.notHeld.push({
      text: reading.naming.example
        ? `How a name like ${reading.naming.example} is built was not understood; the title alone is used.`
        : 'No file names are described; the title alone is used.',
      claims: claimsOf('naming.example'),
    });
  const byTitle = givenByTitle(reading.naming);
  if (byTitle !== undefined)
    draft.notHeld.push({
      text: `The name has the ${byTitle} of each picture: give it where the title is asked for.`,
      claims: claimsOf('naming.parts'),
    });
  line('sections', 'sections');
  line('entries', 'maxFiles');
  line('total', 'packageBytesMax');
  line('closes', 'closes');
  const total = claimsOf('packageBytesMax')[0];
  const sheet = ruleSheetSchema.parse({
    format: 'able-frame/rule-sheet',
    version: 2,
    id: title.id,
    title: title.title,
    organiser: title.organiser,
    // Where sheets are chosen a title such as "Rules for Digital Competitions" alone would tell nothing.
    summary:
      title.organiser === NOT_NAMED
        ? 'Read from the organiser’s text.'
        : `Read from the text of ${title.organiser}.`,
    ...closing(reading.closes),
    checkedOn: title.today,
    details,
    sections: sectionsOf(reading),
    ...(reading.maxFiles === null ? {} : { maxEntries: reading.maxFiles }),
    ...(reading.packageBytesMax === null
      ? {}
      : {
          maxTotal: {
            bytes: reading.packageBytesMax,
            ...(total ? { written: text.slice(total.start, total.end).slice(0, 60) } : {}),
          },
        }),
    deliverables: withDifferentNames(deliverables),
    declarations: [],
  });
  return { sheet, ...draft };
}

function deliverableFrom(
  read: ReadDeliverable,
  index: number,
  reading: Reading,
  text: string,
  pattern: Omit<NamePattern, 'extension'>,
  draft: Omit<SheetDraft, 'sheet'>,
): Deliverable {
  const label = read.label ? read.label.charAt(0).toUpperCase() + read.label.slice(1) : 'Picture';
  const id = reading.deliverables.length > 1 ? `file-${index + 1}` : 'file';
  const work: RuleWork = {
    lines: [],
    notHeld: [],
    rules: [],
    claimsOf: (...fields) =>
      reading.claims.filter(
        c => fields.includes(c.field) && (c.deliverable === undefined || c.deliverable === index),
      ),
    isAdvice: field => reading.advice.some(a => a === field || a === `${read.label}.${field}`),
    text,
    sentences: sentencesOf(text),
  };
  rulesFromReading(read, work);
  if (!work.rules.length)
    work.rules.push({ id: 'format', level: 'must', kind: 'file-format', formats: ['jpeg'] });
  draft.lines.push(...work.lines.map(l => ({ ...l, id: lineId(id, l.id) })));
  draft.notHeld.push(...work.notHeld.filter(n => !draft.notHeld.some(other => other.text === n.text)));
  return {
    id,
    label,
    rules: work.rules,
    name: { ...pattern, extension: extensionFor(read, reading.naming.extension) },
  };
}

const EXTENSIONS: Readonly<Record<OutputFormat, NamePattern['extension']>> = {
  jpeg: 'jpg',
  png: 'png',
  tiff: 'tif',
  webp: 'webp',
};

function extensionFor({ formats }: ReadDeliverable, written: string | null): NamePattern['extension'] {
  const first = formats?.[0] ?? 'jpeg';
  if (written === 'jpeg' && first === 'jpeg') return 'jpeg';
  return EXTENSIONS[first];
}

/** Files of one picture must not be called the same: the kind of file is put behind where nothing else tells them apart. */
function withDifferentNames(deliverables: Deliverable[]): Deliverable[] {
  const isTold = (d: Deliverable) =>
    d.name.parts.some(part => part.kind === 'deliverable') ||
    deliverables.every(other => other === d || other.name.extension !== d.name.extension);
  return deliverables.map(d =>
    deliverables.length < 2 || isTold(d)
      ? d
      : {
          ...d,
          name: {
            ...d.name,
            parts: [...d.name.parts, { kind: 'text', text: '_' }, { kind: 'deliverable', form: 'lower' }],
          },
        },
  );
}

function addDetail(details: Detail[], detail: Detail): void {
  if (!details.some(d => d.id === detail.id)) details.push(detail);
}

function closing(closes: string | null): Pick<RuleSheet, 'closes'> {
  const match = closes && /^(\d{4}-\d{2}-\d{2})(?:T(\d{2}:\d{2}))?(.*)$/.exec(closes);
  if (!match) return {};
  const zone = match[3] === 'Z' ? 'UTC' : match[3] ? `UTC${match[3]}` : '';
  return { closes: { at: `${match[1]}T${match[2] ?? '23:59'}`, ...(zone ? { zone } : {}) } };
}

const MONOCHROME = /\b(?:mono(?:chrome)?|black[- ](?:and|&)[- ]white|b ?& ?w)\b/i;

function sectionsOf(reading: Reading): Section[] {
  const { example, parts } = reading.naming;
  const described = (parts ?? []).filter(part => !part.startsWith('text:'));
  const shown = wordsFor('section code', example ?? '', described);
  const used = new Set<string>();
  return reading.sections.map((section, i) => {
    let code = section.code ?? codeLike(shown, section.label);
    if (used.has(code)) code = `${code}${i + 1}`;
    used.add(code);
    return {
      code,
      label: section.label,
      ...(section.limit === null ? {} : { limit: section.limit }),
      ...(MONOCHROME.test(section.label) ? { picture: 'monochrome' as const } : {}),
    };
  });
}

/**
 * The code of a section that has none of its own: as many of its first letters, in the same case, as the organiser's
 * example of a name has for a section; two capitals where it shows none.
 */
function codeLike(shown: string | undefined, label: string): string {
  const letters = label.replace(/[^\p{L}\d]/gu, '');
  const length = shown !== undefined && /^[A-Za-z]{1,4}$/.test(shown) ? shown.length : 2;
  const code = letters.slice(0, length);
  return shown !== undefined && shown === shown.toLowerCase() ? code.toLowerCase() : code.toUpperCase();
}

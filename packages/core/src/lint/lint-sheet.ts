import { isWithin, sizeLimits, sizeRules, type SizeLimits } from '../plan/size-limits.ts';
import { FORMAT_OF_EXTENSION, type NamePart } from '../rules/name-pattern.ts';
import { mustsOf, type OutputFormat } from '../rules/rule.ts';
import type { Deliverable, DetailShape, RuleSheet } from '../rules/rule-sheet.ts';

/**
 * Faults of a rule sheet that can be found before any picture is there. `deliverable` and `rule` are ids.
 */
export type SheetFault =
  | {
      code: 'least-above-greatest';
      what: 'pixels' | 'bytes' | 'megapixels';
      least: number;
      greatest: number;
      deliverable: string;
      rule: string;
    }
  /** `rule`: one whose absence would let the others be met, where one alone is enough. */
  | { code: 'sizes-contradict'; deliverable: string; rule: string | undefined }
  | {
      code: 'no-whole-pixels';
      deliverable: string;
      rule: string;
      nearest: { widthPx: number; heightPx: number } | undefined;
    }
  | {
      code: 'ceiling-too-low';
      maxBytes: number;
      widthPx: number;
      heightPx: number;
      deliverable: string;
      rule: string;
    }
  | {
      code: 'floor-too-high';
      minBytes: number;
      widthPx: number;
      heightPx: number;
      deliverable: string;
      rule: string;
    }
  | { code: 'extension-of-another-format'; deliverable: string; extension: string; formats: OutputFormat[] }
  | { code: 'depth-without-format'; deliverable: string; rule: string; formats: OutputFormat[] }
  | { code: 'name-always-too-long'; deliverable: string; leastLength: number; maxLength: number }
  | { code: 'too-few-digits'; deliverable: string; part: number; digits: number; greatestNumber: number }
  | { code: 'names-repeat'; deliverable: string }
  | { code: 'section-without-code-in-name'; deliverable: string; sections: number }
  | { code: 'author-in-name'; deliverable: string; part: number; label: string }
  | { code: 'metadata-contradicts'; deliverable: string; rule: string; field: string }
  | { code: 'monochrome-in-colour-section'; section: string; label: string }
  | { code: 'section-not-there'; deliverable: string; section: string }
  | { code: 'closed'; at: string };

/**
 * Bytes a pixel below which no photograph worth showing fits. Eight demo pictures at 1600 px needed 0.008 to 0.047 at
 * quality 30, half of them more than 0.018.
 */
const LEAST_BYTES_PER_PIXEL = 0.018;
/** The same pictures at quality 100 with full chroma gave 0.32 to 0.86: more cannot be asked of a JPEG. */
const MOST_BYTES_PER_PIXEL = 0.9;

/**
 * Looks a rule sheet over.
 * @param now local date and time, `2026-11-23T18:00`, since core has no clock
 */
export function lintSheet(sheet: RuleSheet, now: string): SheetFault[] {
  const faults = sheet.deliverables.flatMap(deliverable => [
    ...lintRanges(deliverable),
    ...lintSizes(deliverable),
    ...lintBytes(deliverable),
    ...lintFormat(deliverable),
    ...lintMetadata(deliverable, sheet),
    ...lintName(deliverable, sheet),
    ...lintSections(deliverable, sheet),
  ]);
  if (sheet.closes && sheet.closes.at < now) faults.push({ code: 'closed', at: sheet.closes.at });
  return faults;
}

function lintRanges(deliverable: Deliverable): SheetFault[] {
  const base = { code: 'least-above-greatest', deliverable: deliverable.id } as const;
  return deliverable.rules.flatMap((rule): SheetFault[] => {
    const [what, least, greatest] =
      rule.kind === 'side'
        ? (['pixels', rule.minPx, rule.maxPx] as const)
        : rule.kind === 'bytes'
          ? (['bytes', rule.minBytes, rule.maxBytes] as const)
          : rule.kind === 'megapixels'
            ? (['megapixels', rule.min, rule.max] as const)
            : ([undefined] as const);
    if (!what || least === undefined || greatest === undefined || least <= greatest) return [];
    return [{ ...base, what, least, greatest, rule: rule.id }];
  });
}

function lintSizes(deliverable: Deliverable): SheetFault[] {
  if (lintRanges(deliverable).some(f => f.code === 'least-above-greatest' && f.what !== 'bytes')) return [];
  const alternatives = sizeLimits(deliverable);
  if (!alternatives.length) {
    const culprit = sizeRules(deliverable)
      .reverse()
      .find(rule => sizeLimits({ rules: deliverable.rules.filter(r => r.id !== rule.id) }).length);
    return [{ code: 'sizes-contradict', deliverable: deliverable.id, rule: culprit?.id }];
  }
  const [ratio] = mustsOf(deliverable, 'ratio');
  if (!ratio || alternatives.some(hasWholePixels)) return [];
  return [
    {
      code: 'no-whole-pixels',
      deliverable: deliverable.id,
      rule: ratio.id,
      nearest: nearestSize(alternatives[0]),
    },
  ];
}

/** Sides longer than this always have a whole-pixel partner for any tolerance of practice. */
const SEARCHED_PX = 4000;

function hasWholePixels(limits: SizeLimits): boolean {
  for (let w = limits.minWidthPx; w <= Math.min(limits.maxWidthPx, limits.minWidthPx + SEARCHED_PX); w++) {
    const least = Math.max(limits.minHeightPx, Math.ceil(w / limits.maxRatio));
    if (Number.isFinite(least) && isWithin(limits, w, least)) return true;
  }
  return false;
}

function nearestSize(limits: SizeLimits | undefined): { widthPx: number; heightPx: number } | undefined {
  if (!limits || !limits.namedRatio || !Number.isFinite(limits.maxWidthPx)) return undefined;
  const heightPx = Math.round(limits.maxWidthPx / limits.namedRatio);
  return {
    widthPx: limits.maxWidthPx,
    heightPx: Math.min(limits.maxHeightPx, Math.max(limits.minHeightPx, heightPx)),
  };
}

function lintBytes(deliverable: Deliverable): SheetFault[] {
  const [size] = mustsOf(deliverable, 'exact-size');
  const formats = mustsOf(deliverable, 'file-format')[0]?.formats ?? ['jpeg'];
  if (!size || !formats.includes('jpeg')) return [];
  const { widthPx, heightPx } = size;
  const pixels = widthPx * heightPx;
  return mustsOf(deliverable, 'bytes').flatMap(({ id, minBytes, maxBytes }) => {
    const at = { widthPx, heightPx, deliverable: deliverable.id, rule: id };
    const faults: SheetFault[] = [];
    if (maxBytes !== undefined && maxBytes < pixels * LEAST_BYTES_PER_PIXEL)
      faults.push({ code: 'ceiling-too-low', maxBytes, ...at });
    if (minBytes !== undefined && minBytes > pixels * MOST_BYTES_PER_PIXEL)
      faults.push({ code: 'floor-too-high', minBytes, ...at });
    return faults;
  });
}

function lintFormat(deliverable: Deliverable): SheetFault[] {
  const faults: SheetFault[] = [];
  const { extension } = deliverable.name;
  const formats = mustsOf(deliverable, 'file-format')[0]?.formats;
  if (formats && !formats.includes(FORMAT_OF_EXTENSION[extension]))
    faults.push({
      code: 'extension-of-another-format',
      deliverable: deliverable.id,
      extension,
      formats: [...formats],
    });
  const deep = mustsOf(deliverable, 'bit-depth').find(rule => rule.bits === 16);
  const possible = formats ?? [FORMAT_OF_EXTENSION[extension]];
  if (deep && !possible.some(format => format === 'tiff' || format === 'png'))
    faults.push({
      code: 'depth-without-format',
      deliverable: deliverable.id,
      rule: deep.id,
      formats: [...possible],
    });
  return faults;
}

function lintMetadata(deliverable: Deliverable, sheet: RuleSheet): SheetFault[] {
  const rules = mustsOf(deliverable, 'metadata');
  const absent = rules.filter(rule => rule.demand === 'absent');
  const faults: SheetFault[] = rules
    .filter(
      rule =>
        rule.demand === 'present' &&
        absent.some(other => other.field === rule.field || other.field === 'everything'),
    )
    .map(rule => ({
      code: 'metadata-contradicts',
      deliverable: deliverable.id,
      rule: rule.id,
      field: rule.field,
    }));
  if (!absent.some(rule => rule.field === 'author')) return faults;
  deliverable.name.parts.forEach((part, i) => {
    const label = part.kind === 'detail' && sheet.details.find(d => d.id === part.detail)?.label;
    if (label && /\b(?:sur)?name\b|\binitials\b|\bauthor\b/i.test(label))
      faults.push({ code: 'author-in-name', deliverable: deliverable.id, part: i, label });
  });
  return faults;
}

function lintSections(deliverable: Deliverable, sheet: RuleSheet): SheetFault[] {
  const codes = sheet.sections.map(section => section.code);
  const missing = (deliverable.sections ?? []).filter(code => !codes.includes(code));
  const faults: SheetFault[] = missing.map(section => ({
    code: 'section-not-there',
    deliverable: deliverable.id,
    section,
  }));
  if (!mustsOf(deliverable, 'monochrome').length) return faults;
  const colour = sheet.sections.filter(
    s => s.picture === 'colour' && (!deliverable.sections || deliverable.sections.includes(s.code)),
  );
  return [
    ...faults,
    ...colour.map((s): SheetFault => ({
      code: 'monochrome-in-colour-section',
      section: s.code,
      label: s.label,
    })),
  ];
}

function lintName(deliverable: Deliverable, sheet: RuleSheet): SheetFault[] {
  const { id, name } = deliverable;
  const faults: SheetFault[] = [];
  const leastLength =
    name.parts.reduce((sum, part) => sum + leastLengthOf(part, sheet), 0) + name.extension.length + 1;
  if (name.maxLength !== undefined && leastLength > name.maxLength)
    faults.push({ code: 'name-always-too-long', deliverable: id, leastLength, maxLength: name.maxLength });
  const most = sheet.maxEntries ?? Math.max(1, ...sheet.sections.map(s => s.limit ?? 1));
  name.parts.forEach((part, i) => {
    if (part.kind !== 'number') return;
    const greatestNumber = part.start + part.step * (most - 1);
    if (String(greatestNumber).length > part.digits)
      faults.push({ code: 'too-few-digits', deliverable: id, part: i, digits: part.digits, greatestNumber });
  });
  const numbers = name.parts.filter(part => part.kind === 'number');
  const tellsApart = name.parts.some(part => part.kind === 'title') || numbers.length > 0;
  if (!tellsApart && mostPictures(deliverable, sheet) !== 1)
    faults.push({ code: 'names-repeat', deliverable: id });
  const countsBySection = numbers.some(part => part.within === 'section');
  const hasOther = name.parts.some(part => part.kind === 'title' || part.kind === 'section-code');
  if (countsBySection && !hasOther && sheet.sections.length > 1)
    faults.push({
      code: 'section-without-code-in-name',
      deliverable: id,
      sections: sheet.sections.length,
    });
  return faults;
}

/** The most pictures that can need a deliverable; Infinity where nothing limits them. */
function mostPictures(deliverable: Deliverable, sheet: RuleSheet): number {
  const asked = sheet.sections.filter(s => !deliverable.sections || deliverable.sections.includes(s.code));
  const bySections = asked.length ? asked.reduce((sum, s) => sum + (s.limit ?? Infinity), 0) : Infinity;
  return Math.min(bySections, sheet.maxEntries ?? Infinity);
}

const DATE_LENGTHS = {
  'year-month-day': 10,
  'day-month-year': 10,
  'run-together': 8,
  'year-month': 7,
  year: 4,
} as const;

function leastLengthOf(part: NamePart, sheet: RuleSheet): number {
  switch (part.kind) {
    case 'text':
      return [...part.text].length;
    case 'number':
      return part.digits;
    case 'section-code':
      return sheet.sections.length ? Math.min(...sheet.sections.map(s => [...s.code].length)) : 0;
    case 'detail': {
      const shape = sheet.details.find(d => d.id === part.detail)?.shape;
      return shape ? leastDetailLength(shape) : 1;
    }
    case 'date':
      return DATE_LENGTHS[part.form];
    case 'deliverable':
    case 'title':
      return 1;
  }
}

function leastDetailLength(shape: DetailShape): number {
  switch (shape.kind) {
    case 'any':
      return 1;
    case 'letters-digits':
      return shape.letters + shape.digits;
    case 'one-of':
      return Math.min(...shape.options.map(option => [...option].length));
    default:
      return shape.count;
  }
}

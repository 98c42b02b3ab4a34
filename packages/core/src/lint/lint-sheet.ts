import { isWithin, sizeLimits, type SizeLimits } from '../plan/size-limits.ts';
import type { NamePart } from '../rules/name-pattern.ts';
import { rulesOf, type Deliverable, type RuleSheet } from '../rules/rule-sheet.ts';

/**
 * Faults of a rule sheet that can be found before any picture is there.
 */
export type SheetFault =
  | { code: 'least-above-greatest'; what: 'pixels' | 'bytes'; least: number; greatest: number }
  | { code: 'sizes-contradict' }
  | { code: 'no-whole-pixels'; nearest: { widthPx: number; heightPx: number } | undefined }
  | { code: 'ceiling-too-low'; maxBytes: number; widthPx: number; heightPx: number }
  | { code: 'floor-too-high'; minBytes: number; widthPx: number; heightPx: number }
  | { code: 'name-always-too-long'; leastLength: number; maxLength: number }
  | { code: 'too-few-digits'; digits: number; greatestNumber: number }
  | { code: 'names-repeat' }
  | { code: 'section-without-code-in-name'; sections: number }
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
    ...lintSizes(deliverable),
    ...lintBytes(deliverable),
    ...lintName(deliverable, sheet),
  ]);
  if (sheet.closes && sheet.closes.at < now) faults.push({ code: 'closed', at: sheet.closes.at });
  return faults;
}

function lintSizes(deliverable: Deliverable): SheetFault[] {
  const upsideDown = rulesOf(deliverable, 'side').find(rule => (rule.minPx ?? 0) > (rule.maxPx ?? Infinity));
  if (upsideDown)
    return [
      {
        code: 'least-above-greatest',
        what: 'pixels',
        least: upsideDown.minPx ?? 0,
        greatest: upsideDown.maxPx ?? 0,
      },
    ];
  const alternatives = sizeLimits(deliverable);
  if (!alternatives.length) return [{ code: 'sizes-contradict' }];
  if (!rulesOf(deliverable, 'ratio').length || alternatives.some(hasWholePixels)) return [];
  return [{ code: 'no-whole-pixels', nearest: nearestSize(alternatives[0]) }];
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
  return { widthPx: limits.maxWidthPx, heightPx: Math.round(limits.maxWidthPx / limits.namedRatio) };
}

function lintBytes(deliverable: Deliverable): SheetFault[] {
  const faults: SheetFault[] = [];
  const size = rulesOf(deliverable, 'exact-size')[0];
  for (const { minBytes, maxBytes } of rulesOf(deliverable, 'bytes')) {
    if (minBytes !== undefined && maxBytes !== undefined && minBytes > maxBytes)
      faults.push({ code: 'least-above-greatest', what: 'bytes', least: minBytes, greatest: maxBytes });
    if (!size) continue;
    const { widthPx, heightPx } = size;
    const pixels = widthPx * heightPx;
    if (maxBytes !== undefined && maxBytes < pixels * LEAST_BYTES_PER_PIXEL)
      faults.push({ code: 'ceiling-too-low', maxBytes, widthPx, heightPx });
    if (minBytes !== undefined && minBytes > pixels * MOST_BYTES_PER_PIXEL)
      faults.push({ code: 'floor-too-high', minBytes, widthPx, heightPx });
  }
  return faults;
}

function lintName({ name }: Deliverable, sheet: RuleSheet): SheetFault[] {
  const faults: SheetFault[] = [];
  const leastLength =
    name.parts.reduce((sum, part) => sum + leastLengthOf(part, sheet), 0) + name.extension.length + 1;
  if (name.maxLength !== undefined && leastLength > name.maxLength)
    faults.push({ code: 'name-always-too-long', leastLength, maxLength: name.maxLength });
  const most = sheet.maxEntries ?? Math.max(1, ...sheet.sections.map(s => s.limit ?? 1));
  for (const part of name.parts) {
    if (part.kind !== 'number') continue;
    const greatestNumber = part.start + part.step * (most - 1);
    if (String(greatestNumber).length > part.digits)
      faults.push({ code: 'too-few-digits', digits: part.digits, greatestNumber });
  }
  const numbers = name.parts.filter(part => part.kind === 'number');
  const tellsApart = name.parts.some(part => part.kind === 'title') || numbers.length > 0;
  if (!tellsApart && sheet.maxEntries !== 1) faults.push({ code: 'names-repeat' });
  const countsBySection = numbers.some(part => part.kind === 'number' && part.within === 'section');
  const hasOther = name.parts.some(part => part.kind === 'title' || part.kind === 'section-code');
  if (countsBySection && !hasOther && sheet.sections.length > 1)
    faults.push({ code: 'section-without-code-in-name', sections: sheet.sections.length });
  return faults;
}

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
      return shape && shape.kind !== 'any' ? shape.count : 1;
    }
    case 'title':
      return 1;
  }
}

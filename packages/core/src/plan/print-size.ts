import type { RuleOf } from '../rules/rule.ts';

const PER_INCH = { mm: 25.4, cm: 2.54, in: 1 } as const;

/** A printed length in whole pixels at a density. */
export function printedPx(length: number, unit: keyof typeof PER_INCH, ppi: number): number {
  return Math.max(1, Math.round((length / PER_INCH[unit]) * ppi));
}

/** A side in pixels as a length on paper. */
export function printedLength(px: number, unit: keyof typeof PER_INCH, ppi: number): number {
  return (px / ppi) * PER_INCH[unit];
}

/** The pixels that a print size comes to; a side that the organiser leaves free is undefined. */
export function printPixels(rule: RuleOf<'print-size'>): {
  widthPx: number | undefined;
  heightPx: number | undefined;
  longEdgePx: number | undefined;
} {
  const solve = (length: number | undefined) =>
    length === undefined ? undefined : printedPx(length, rule.unit, rule.ppi);
  return { widthPx: solve(rule.width), heightPx: solve(rule.height), longEdgePx: solve(rule.longEdge) };
}

import { mustsOf, type Bound, type Rule, type RuleOf } from '../rules/rule.ts';
import { printPixels } from './print-size.ts';
import type { PixelSize } from './pixel-size.ts';

/**
 * One shape of output that the size rules allow: a rectangle of widths and heights in pixels, and a span of
 * ratios (width / height). Rules that let width and height swap give several of these; a size is allowed when
 * it lies in any one of them.
 */
export interface SizeLimits {
  minWidthPx: number;
  maxWidthPx: number;
  minHeightPx: number;
  maxHeightPx: number;
  minRatio: number;
  maxRatio: number;
  /** Bounds of width × height. */
  minArea: number;
  maxArea: number;
  /** The ratio in the middle of a tolerance, to which a cut is made. */
  namedRatio?: number;
}

const ANY_LYING: SizeLimits = {
  minWidthPx: 1,
  maxWidthPx: Infinity,
  minHeightPx: 1,
  maxHeightPx: Infinity,
  minRatio: 1,
  maxRatio: Infinity,
  minArea: 1,
  maxArea: Infinity,
};
const ANY_UPRIGHT: SizeLimits = { ...ANY_LYING, minRatio: 0, maxRatio: 1 };

const SIZE_KINDS = [
  'box',
  'exact-size',
  'side',
  'ratio',
  'megapixels',
  'percentage',
  'print-size',
  'orientation',
] as const;
type SizeRule = RuleOf<(typeof SIZE_KINDS)[number]>;

interface Rules {
  rules: readonly Rule[];
}

/** The must rules of a deliverable that limit its pixels. */
export function sizeRules(deliverable: Rules): SizeRule[] {
  return SIZE_KINDS.flatMap<SizeRule>(kind => mustsOf(deliverable, kind));
}

/**
 * Turns the size rules of a deliverable into the alternatives that satisfy all of them.
 * Lying and upright shapes are kept apart, because only then is the long edge one and the same side.
 *
 * @param source upright size of the original, which a percentage is taken of; without it a percentage limits nothing
 * @returns an empty list when the rules contradict each other
 */
export function sizeLimits(deliverable: Rules, source?: PixelSize): SizeLimits[] {
  // Without a percentage the answer is the same for every picture of a submission.
  const known = solved.get(deliverable.rules);
  if (known) return known;
  const rules = sizeRules(deliverable);
  let alternatives = [ANY_LYING, ANY_UPRIGHT];
  for (const rule of rules)
    alternatives = alternatives
      .flatMap(limits => ruleAlternatives(rule, limits, source).map(own => meet(limits, own)))
      .filter(isPossible);
  if (!rules.some(rule => rule.kind === 'percentage')) solved.set(deliverable.rules, alternatives);
  return alternatives;
}

/** Answers by list of rules. A list is never changed in place, so an answer stays right as long as its list lives. */
const solved = new WeakMap<readonly Rule[], SizeLimits[]>();

function ruleAlternatives(
  rule: SizeRule,
  within: SizeLimits,
  source: PixelSize | undefined,
): Partial<SizeLimits>[] {
  switch (rule.kind) {
    case 'box': {
      const asWritten = { maxWidthPx: rule.widthPx, maxHeightPx: rule.heightPx };
      const turned = { maxWidthPx: rule.heightPx, maxHeightPx: rule.widthPx };
      return rule.eitherWay ? [asWritten, turned] : [asWritten];
    }
    case 'exact-size':
      return rule.eitherWay && rule.widthPx !== rule.heightPx
        ? [exactly(rule.widthPx, rule.heightPx), exactly(rule.heightPx, rule.widthPx)]
        : [exactly(rule.widthPx, rule.heightPx)];
    case 'ratio':
      return ratioAlternatives(rule);
    case 'side':
      return [sideLimit(rule.side, within, rule.minPx, rule.maxPx)];
    case 'megapixels':
      return [{ minArea: (rule.min ?? 0) * 1e6, maxArea: (rule.max ?? Infinity) * 1e6 }];
    case 'percentage': {
      if (!source) return [{}];
      return [exactly(percentPx(source.widthPx, rule.percent), percentPx(source.heightPx, rule.percent))];
    }
    case 'print-size':
      return printAlternatives(rule, within);
    case 'orientation':
      return orientationAlternatives(rule.allowed, within);
  }
}

/** A share of a side in whole pixels. */
export function percentPx(px: number, percent: number): number {
  return Math.max(1, Math.round((px * percent) / 100));
}

function ratioAlternatives(rule: RuleOf<'ratio'>): Partial<SizeLimits>[] {
  return rule.ratios.flatMap(({ width, height }) => {
    const named = width / height;
    const turned = rule.eitherWay && width !== height ? [named, 1 / named] : [named];
    return turned.map(ratio => ({
      minRatio: ratio * (1 - rule.tolerance),
      maxRatio: ratio * (1 + rule.tolerance),
      namedRatio: ratio,
    }));
  });
}

function sideLimit(
  side: RuleOf<'side'>['side'],
  within: SizeLimits,
  min = 1,
  max = Infinity,
): Partial<SizeLimits> {
  const isLying = within.minRatio >= 1;
  const onWidth = side === 'width' || side === (isLying ? 'long-edge' : 'short-edge');
  return onWidth ? { minWidthPx: min, maxWidthPx: max } : { minHeightPx: min, maxHeightPx: max };
}

function printAlternatives(rule: RuleOf<'print-size'>, within: SizeLimits): Partial<SizeLimits>[] {
  const { widthPx, heightPx, longEdgePx } = printPixels(rule);
  if (longEdgePx !== undefined) return [sideLimit('long-edge', within, ...ends(rule.bound, longEdgePx))];
  const box = (width: number | undefined, height: number | undefined): Partial<SizeLimits> => ({
    ...(width === undefined ? {} : sideLimit('width', within, ...ends(rule.bound, width))),
    ...(height === undefined ? {} : sideLimit('height', within, ...ends(rule.bound, height))),
  });
  const asWritten = box(widthPx, heightPx);
  return rule.eitherWay && widthPx !== heightPx ? [asWritten, box(heightPx, widthPx)] : [asWritten];
}

function ends(bound: Bound, px: number): [number | undefined, number | undefined] {
  return [bound === 'at-most' ? undefined : px, bound === 'at-least' ? undefined : px];
}

/** The nearest ratio to a square that no whole-pixel square of practice has. */
const NOT_SQUARE = 1 + 1e-6;

function orientationAlternatives(
  allowed: RuleOf<'orientation'>['allowed'],
  within: SizeLimits,
): Partial<SizeLimits>[] {
  const isLying = within.minRatio >= 1;
  const mayBeSquare = allowed.includes('square');
  const mayBeOblong = allowed.includes(isLying ? 'lying' : 'upright');
  if (mayBeOblong) {
    if (mayBeSquare) return [{}];
    return [isLying ? { minRatio: NOT_SQUARE } : { maxRatio: 1 / NOT_SQUARE }];
  }
  return mayBeSquare ? [{ minRatio: 1, maxRatio: 1 }] : [];
}

function exactly(widthPx: number, heightPx: number): Partial<SizeLimits> {
  return { minWidthPx: widthPx, maxWidthPx: widthPx, minHeightPx: heightPx, maxHeightPx: heightPx };
}

function meet(a: SizeLimits, b: Partial<SizeLimits>): SizeLimits {
  return {
    minWidthPx: Math.max(a.minWidthPx, b.minWidthPx ?? 1),
    maxWidthPx: Math.min(a.maxWidthPx, b.maxWidthPx ?? Infinity),
    minHeightPx: Math.max(a.minHeightPx, b.minHeightPx ?? 1),
    maxHeightPx: Math.min(a.maxHeightPx, b.maxHeightPx ?? Infinity),
    minRatio: Math.max(a.minRatio, b.minRatio ?? 0),
    maxRatio: Math.min(a.maxRatio, b.maxRatio ?? Infinity),
    minArea: Math.max(a.minArea, b.minArea ?? 1),
    maxArea: Math.min(a.maxArea, b.maxArea ?? Infinity),
    ...ratioOf(a, b),
  };
}

function ratioOf(a: SizeLimits, b: Partial<SizeLimits>): { namedRatio?: number } {
  const named = b.namedRatio ?? a.namedRatio;
  return named === undefined ? {} : { namedRatio: named };
}

function isPossible(limits: SizeLimits): boolean {
  const { minRatio, maxRatio } = reachableRatios(limits);
  return (
    limits.minWidthPx <= limits.maxWidthPx &&
    limits.minHeightPx <= limits.maxHeightPx &&
    minRatio <= maxRatio &&
    limits.minArea <= limits.maxArea &&
    limits.minWidthPx * limits.minHeightPx <= limits.maxArea &&
    limits.maxWidthPx * limits.maxHeightPx >= limits.minArea
  );
}

/** The ratios (width / height) that some size within the limits has. */
export function reachableRatios(limits: SizeLimits): { minRatio: number; maxRatio: number } {
  return {
    minRatio: Math.max(limits.minRatio, limits.minWidthPx / limits.maxHeightPx),
    maxRatio: Math.min(limits.maxRatio, limits.maxWidthPx / limits.minHeightPx),
  };
}

/** Whether a whole-pixel size lies within the limits. */
export function isWithin(limits: SizeLimits, widthPx: number, heightPx: number): boolean {
  const ratio = widthPx / heightPx;
  return (
    widthPx >= limits.minWidthPx &&
    widthPx <= limits.maxWidthPx &&
    heightPx >= limits.minHeightPx &&
    heightPx <= limits.maxHeightPx &&
    ratio >= limits.minRatio &&
    ratio <= limits.maxRatio &&
    widthPx * heightPx >= limits.minArea &&
    widthPx * heightPx <= limits.maxArea
  );
}

import { rulesOf, type Deliverable, type RuleOf } from '../rules/rule-sheet.ts';

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
};
const ANY_UPRIGHT: SizeLimits = { ...ANY_LYING, minRatio: 0, maxRatio: 1 };

type SizeRule = RuleOf<'box'> | RuleOf<'exact-size'> | RuleOf<'side'> | RuleOf<'ratio'>;

/** The must rules of a deliverable that limit its pixels. */
export function sizeRules(deliverable: Pick<Deliverable, 'rules'>): SizeRule[] {
  return [
    ...rulesOf(deliverable, 'box'),
    ...rulesOf(deliverable, 'exact-size'),
    ...rulesOf(deliverable, 'side'),
    ...rulesOf(deliverable, 'ratio'),
  ].filter(rule => rule.level === 'must');
}

/**
 * Turns the size rules of a deliverable into the alternatives that satisfy all of them.
 * Lying and upright shapes are kept apart, because only then is the long edge one and the same side.
 * @returns an empty list when the rules contradict each other
 */
export function sizeLimits(deliverable: Pick<Deliverable, 'rules'>): SizeLimits[] {
  let alternatives = [ANY_LYING, ANY_UPRIGHT];
  for (const rule of sizeRules(deliverable))
    alternatives = alternatives.flatMap(limits =>
      ruleAlternatives(rule, limits).map(own => meet(limits, own)),
    );
  return alternatives.filter(isPossible);
}

function ruleAlternatives(rule: SizeRule, within: SizeLimits): Partial<SizeLimits>[] {
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
      return rule.ratios.flatMap(({ width, height }) => {
        const named = width / height;
        const turned = rule.eitherWay && width !== height ? [named, 1 / named] : [named];
        return turned.map(ratio => ({
          minRatio: ratio * (1 - rule.tolerance),
          maxRatio: ratio * (1 + rule.tolerance),
          namedRatio: ratio,
        }));
      });
    case 'side': {
      const isLying = within.minRatio >= 1;
      const onWidth = rule.side === 'width' || rule.side === (isLying ? 'long-edge' : 'short-edge');
      const min = rule.minPx ?? 1;
      const max = rule.maxPx ?? Infinity;
      return [onWidth ? { minWidthPx: min, maxWidthPx: max } : { minHeightPx: min, maxHeightPx: max }];
    }
  }
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
    limits.minWidthPx <= limits.maxWidthPx && limits.minHeightPx <= limits.maxHeightPx && minRatio <= maxRatio
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
    ratio <= limits.maxRatio
  );
}

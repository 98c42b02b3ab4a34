/** One encode at one quality. */
export interface Weighed<T> {
  quality: number;
  result: T;
  sizeBytes: number;
}

export type Fit<T> =
  | { outcome: 'fits'; best: Weighed<T>; tries: number }
  | { outcome: 'too-heavy'; lightest: Weighed<T>; tries: number };

/**
 * Finds the highest quality whose result weighs no more than the ceiling. The answer is checked, not guessed:
 * the next quality up was encoded and was too heavy, or is above the top.
 *
 * Weight grows with quality, nearly exponentially near the top, so the next try is a secant on the logarithm of
 * the weight; it takes about half the encodes of halving the interval. Each try narrows a bracket, so a weight
 * that does not grow evenly costs tries but never a wrong answer.
 *
 * @param encode makes the final bytes at a whole quality from `lowest` to `highest`
 */
export function fitCeiling<T extends { length: number }>(
  encode: (quality: number) => T,
  maxBytes: number,
  { lowest = 1, highest = 100, first = 85 } = {},
): Fit<T> {
  let tries = 0;
  const weigh = (quality: number): Weighed<T> => {
    const result = encode(quality);
    tries += 1;
    return { quality, result, sizeBytes: result.length };
  };
  let fitting: Weighed<T> | undefined;
  let tooHeavy: Weighed<T> | undefined;
  let next = Math.min(highest, Math.max(lowest, first));
  for (;;) {
    const weighed = weigh(next);
    if (weighed.sizeBytes <= maxBytes) fitting = weighed;
    else tooHeavy = weighed;
    if (fitting && (fitting.quality === highest || tooHeavy?.quality === fitting.quality + 1))
      return { outcome: 'fits', best: fitting, tries };
    if (tooHeavy?.quality === lowest) return { outcome: 'too-heavy', lightest: tooHeavy, tries };
    next = nextQuality(fitting, tooHeavy, maxBytes, lowest, highest);
  }
}

/** Growth of the logarithm of the weight by one step of quality, measured on photographs between 70 and 95. */
const USUAL_SLOPE = 0.045;

function nextQuality<T>(
  fitting: Weighed<T> | undefined,
  tooHeavy: Weighed<T> | undefined,
  maxBytes: number,
  lowest: number,
  highest: number,
): number {
  const base = fitting ?? tooHeavy;
  if (!base) return highest;
  const slope =
    fitting && tooHeavy
      ? Math.log(tooHeavy.sizeBytes / fitting.sizeBytes) / (tooHeavy.quality - fitting.quality)
      : USUAL_SLOPE;
  const guess = base.quality + Math.floor(Math.log(maxBytes / base.sizeBytes) / Math.max(slope, 0.001));
  const above = (fitting?.quality ?? lowest - 1) + 1;
  const below = (tooHeavy?.quality ?? highest + 1) - 1;
  return Math.min(below, Math.max(above, guess));
}

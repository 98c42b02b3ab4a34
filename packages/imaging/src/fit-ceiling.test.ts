import fc from 'fast-check';
import { expect, it } from 'vitest';
import { fitCeiling } from './fit-ceiling.ts';

/** Weights that never fall as the quality rises: what an encoder gives. */
const curves = fc
  .array(fc.nat(4000), { minLength: 100, maxLength: 100 })
  .map(steps => steps.reduce<number[]>((sums, step) => [...sums, (sums.at(-1) ?? 500) + step], []));
const weighing = (curve: number[]) => (quality: number) => ({ length: curve[quality - 1] ?? NaN });

it('finds the highest quality that fits, and no step higher fits', () => {
  fc.assert(
    fc.property(curves, fc.integer({ min: 400, max: 400_000 }), (curve, ceiling) => {
      const fit = fitCeiling(weighing(curve), ceiling);
      const best = curve.filter(bytes => bytes <= ceiling).length;
      if (best === 0) expect(fit.outcome).toBe('too-heavy');
      else expect(fit).toMatchObject({ outcome: 'fits', best: { quality: best } });
    }),
    { numRuns: 2000 },
  );
});

it('never answers with a file above the ceiling, even when the weight does not grow evenly', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 9999 }), { minLength: 100, maxLength: 100 }),
      fc.integer({ min: 1, max: 9999 }),
      (curve, ceiling) => {
        const fit = fitCeiling(weighing(curve), ceiling);
        if (fit.outcome === 'fits') expect(fit.best.sizeBytes).toBeLessThanOrEqual(ceiling);
        expect(fit.tries).toBeLessThanOrEqual(100);
      },
    ),
    { numRuns: 2000 },
  );
});

it('needs few encodes on a curve like a photograph’s', () => {
  const photograph = Array.from({ length: 100 }, (_, i) =>
    Math.round(90_000 * Math.exp(i * 0.03 + (i > 90 ? (i - 90) * 0.06 : 0))),
  );
  for (const ceiling of [150_000, 400_000, 1_000_000, 2_000_000])
    expect(fitCeiling(weighing(photograph), ceiling).tries).toBeLessThanOrEqual(7);
});

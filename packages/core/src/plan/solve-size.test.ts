import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { box, exact, makeDeliverable, side } from '../testing/make-sheet.ts';
import { noFacts, present } from '../inspect/facts.ts';
import { proveFile } from '../proof/prove-file.ts';
import type { Rule } from '../rules/rule.ts';
import { sizeLimits } from './size-limits.ts';
import { solveSize, type PixelSize } from './solve-size.ts';

const solve = (rules: Rule[], source: PixelSize, mayEnlarge = false) =>
  solveSize(source, sizeLimits(makeDeliverable(rules)), mayEnlarge);
const size = (widthPx: number, heightPx: number): PixelSize => ({ widthPx, heightPx });

describe('solveSize', () => {
  it.each([
    ['a landscape is limited by the width', [box(1400, 1050)], size(6000, 4000), size(1400, 933)],
    [
      'an upright picture in a lying box is limited by the height',
      [box(1400, 1050)],
      size(4000, 6000),
      size(700, 1050),
    ],
    [
      'a box that may be turned gives an upright picture its long side',
      [box(2400, 1800, true)],
      size(4000, 6000),
      size(1600, 2400),
    ],
    ['a small picture stays as it is', [box(1400, 1050)], size(900, 600), size(900, 600)],
    [
      'a long edge is the height of an upright picture',
      [side('long-edge', undefined, 2400)],
      size(3000, 4500),
      size(1600, 2400),
    ],
    [
      'the tighter of two rules counts',
      [box(2000, 2000), side('long-edge', undefined, 1000)],
      size(3000, 2000),
      size(1000, 667),
    ],
    ['a square may lie either way', [box(1400, 1050)], size(3000, 3000), size(1050, 1050)],
  ])('%s', (_, rules, source, target) => {
    expect(solve(rules, source)).toMatchObject({ outcome: 'solved', method: 'whole', target, lostShare: 0 });
  });

  it('cuts an exact size from the middle and says how much is lost', () => {
    const plan = solve([exact(2400, 1600)], size(5200, 3900));
    expect(plan).toMatchObject({
      outcome: 'solved',
      method: 'trim',
      crop: { leftPx: 0, topPx: 216, widthPx: 5200, heightPx: 3467 },
    });
    if (plan.outcome === 'solved') expect(plan.lostShare).toBeCloseTo(1 - 3467 / 3900, 6);
  });

  it('takes the whole picture for an exact size of its own shape', () => {
    expect(solve([exact(2400, 1600)], size(6000, 4000))).toMatchObject({
      method: 'whole',
      target: size(2400, 1600),
    });
  });

  it('turns the frame and never the picture when both ways are allowed', () => {
    expect(solve([exact(2400, 1600, true)], size(4000, 6000))).toMatchObject({
      method: 'whole',
      target: size(1600, 2400),
    });
  });

  it('says on which side and by how much a picture is too small', () => {
    expect(solve([exact(2400, 1600)], size(3000, 1506))).toMatchObject({
      outcome: 'too-small',
      side: 'height',
      missingPx: 94,
    });
    expect(solve([exact(2400, 1600)], size(1920, 1280))).toMatchObject({
      outcome: 'too-small',
      side: 'width',
      missingPx: 480,
      enlargement: 1.25,
    });
  });

  it('enlarges only where that is allowed, and no further than needed', () => {
    expect(solve([side('long-edge', 2000, 3000)], size(1000, 500))).toMatchObject({
      outcome: 'too-small',
      needed: size(2000, 1000),
    });
    expect(solve([side('long-edge', 2000, 3000)], size(1000, 500), true)).toMatchObject({
      target: size(2000, 1000),
    });
  });

  it('trims a panorama that would be too low, and no more than needed', () => {
    const rules = [side('width', 1200, 2560), side('height', 900, 1440)];
    const plan = solve(rules, size(7800, 2600));
    expect(plan).toMatchObject({ method: 'trim', target: size(2560, 900) });
  });

  const ratio = (eitherWay: boolean, ...pairs: [number, number][]): Rule => ({
    id: 'ratio',
    level: 'must',
    kind: 'ratio',
    ratios: pairs.map(([width, height]) => ({ width, height })),
    eitherWay,
    tolerance: 0.005,
  });

  it('cuts to a named ratio exactly, and to the one that loses least', () => {
    expect(solve([ratio(false, [4, 5])], size(4000, 6000))).toMatchObject({
      method: 'trim',
      target: size(4000, 5000),
    });
    expect(solve([ratio(false, [3, 2], [4, 3])], size(4100, 3000))).toMatchObject({
      target: size(4000, 3000),
    });
    expect(solve([ratio(false, [1, 1]), box(800, 800)], size(6000, 4000))).toMatchObject({
      target: size(800, 800),
    });
    expect(solve([ratio(true, [3, 2]), box(1500, 1500)], size(4000, 6000))).toMatchObject({
      method: 'whole',
      target: size(1000, 1500),
    });
  });

  it('keeps a picture whole whose ratio is right but for rounding', () => {
    expect(solve([ratio(false, [3, 2])], size(6016, 4016))).toMatchObject({
      method: 'whole',
      target: size(6016, 4016),
    });
  });

  it('notices rules that contradict each other', () => {
    expect(solve([side('width', 3000), box(1400, 1050)], size(6000, 4000))).toEqual({
      outcome: 'contradiction',
    });
  });
});

const pixel = fc.integer({ min: 1, max: 9000 });
const must = { id: 'rule', level: 'must' } as const;

/** Any rule about size, with sides up to `most` pixels. */
function anySizeRule(most: number): fc.Arbitrary<Rule> {
  const px = fc.integer({ min: 1, max: most });
  const pair = fc.tuple(px, px).map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as const);
  const area = fc.integer({ min: 1, max: most * most });
  return fc.oneof(
    fc
      .tuple(fc.constantFrom([1, 1], [3, 2], [4, 3], [4, 5], [16, 9], [9, 16], [12, 5]), fc.boolean())
      .map(([[width = 1, height = 1], eitherWay]): Rule => ({
        ...must,
        kind: 'ratio',
        ratios: [{ width, height }],
        eitherWay,
        tolerance: 0.005,
      })),
    fc.tuple(px, px, fc.boolean()).map(([w, h, turn]) => box(w, h, turn)),
    fc.tuple(px, px, fc.boolean()).map(([w, h, turn]) => exact(w, h, turn)),
    fc
      .tuple(fc.constantFrom('width', 'height', 'long-edge', 'short-edge'), pair)
      .map(([which, [least, greatest]]) => side(which, least, greatest)),
    fc.tuple(area, area).map(([a, b]): Rule => ({
      ...must,
      kind: 'megapixels',
      min: Math.max(0.001, Math.min(a, b) / 1e6),
      max: Math.max(0.001, Math.max(a, b) / 1e6),
    })),
    fc.integer({ min: 1, max: 150 }).map((percent): Rule => ({ ...must, kind: 'percentage', percent })),
    fc
      .tuple(px, px, fc.constantFrom('exactly', 'at-least', 'at-most'), fc.boolean())
      .map(([w, h, bound, eitherWay]): Rule => ({
        ...must,
        kind: 'print-size',
        width: w / 100,
        height: h / 100,
        unit: 'in',
        ppi: 100,
        bound,
        eitherWay,
      }))
      .filter(rule => rule.kind !== 'print-size' || (rule.width ?? 0) >= 0.1),
    fc
      .subarray(['lying', 'upright', 'square'] as const, { minLength: 1 })
      .map((allowed): Rule => ({ ...must, kind: 'orientation', allowed })),
  );
}
const anySource = fc.record({ widthPx: pixel, heightPx: pixel });

/** Whether the proof, which shares no code with the solver, finds a size right. */
function isProvenSize(rules: Rule[], source: PixelSize, { widthPx, heightPx }: PixelSize): boolean {
  const at = { offset: 0, length: 1, structure: 'SOF0' };
  const facts = {
    ...noFacts('jpeg', 1),
    widthPx: present(widthPx, at),
    heightPx: present(heightPx, at),
    density: present({ x: 100, y: 100, unit: 'inch' as const }, at),
  };
  const findings = proveFile({
    deliverable: makeDeliverable(rules),
    facts,
    fileName: 'x.jpg',
    expectedName: undefined,
    sheet: { sections: [], details: [] },
    decode: { outcome: 'failed', why: 'not tried' },
    scale: 1,
    source,
    isOurs: true,
  });
  return findings.slice(0, rules.length).every(f => f.verdict === 'met');
}

describe('whatever the rules and the picture', () => {
  it('a solution lies within every rule, inside the picture, without squashing and without enlarging', () => {
    fc.assert(
      fc.property(fc.array(anySizeRule(9000), { minLength: 1, maxLength: 3 }), anySource, (rules, source) => {
        const plan = solveSize(source, sizeLimits(makeDeliverable(rules), source), false);
        if (plan.outcome !== 'solved') return;
        const { crop, target } = plan;
        expect(isProvenSize(rules, source, target)).toBe(true);
        expect(crop.leftPx).toBeGreaterThanOrEqual(0);
        expect(crop.topPx).toBeGreaterThanOrEqual(0);
        expect(crop.leftPx + crop.widthPx).toBeLessThanOrEqual(source.widthPx);
        expect(crop.topPx + crop.heightPx).toBeLessThanOrEqual(source.heightPx);
        expect(crop.widthPx).toBeGreaterThanOrEqual(target.widthPx);
        expect(crop.heightPx).toBeGreaterThanOrEqual(target.heightPx);
        // No squashing: one pixel more or less on a side of either rectangle explains any difference of the ratios.
        const [least, most] = [
          ((crop.widthPx - 1) / (crop.heightPx + 1)) * (target.heightPx - 1),
          ((crop.widthPx + 1) / Math.max(0.5, crop.heightPx - 1)) * (target.heightPx + 1),
        ];
        expect(target.widthPx).toBeGreaterThanOrEqual(Math.floor(least) - 1);
        expect(target.widthPx).toBeLessThanOrEqual(Math.ceil(most) + 1);
      }),
      { numRuns: 4000 },
    );
  });

  it('a refusal is true: of all the sizes inside that picture, none meets the rules', () => {
    const small = fc.integer({ min: 1, max: 30 });
    fc.assert(
      fc.property(
        fc.array(anySizeRule(30), { minLength: 1, maxLength: 3 }),
        fc.record({ widthPx: small, heightPx: small }),
        (rules, source) => {
          const plan = solveSize(source, sizeLimits(makeDeliverable(rules), source), false);
          if (plan.outcome === 'solved') return;
          for (let widthPx = 1; widthPx <= source.widthPx; widthPx++)
            for (let heightPx = 1; heightPx <= source.heightPx; heightPx++)
              expect([widthPx, heightPx, isProvenSize(rules, source, { widthPx, heightPx })]).toEqual([
                widthPx,
                heightPx,
                false,
              ]);
        },
      ),
      { numRuns: 1500 },
    );
  });

  it('a whole picture is as large as the rules let it be', () => {
    fc.assert(
      fc.property(pixel, pixel, anySource, (w, h, source) => {
        const plan = solve([box(w, h)], source);
        if (plan.outcome !== 'solved') throw new Error('a box alone can always be met');
        expect(plan.method).toBe('whole');
        const { widthPx, heightPx } = plan.target;
        const touches = widthPx === Math.min(w, source.widthPx) || heightPx === Math.min(h, source.heightPx);
        expect(touches).toBe(true);
      }),
      { numRuns: 2000 },
    );
  });

  it('a refusal for size is true: no cut of that picture could meet the rules', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 60 }),
        (w, h, sw, sh) => {
          const plan = solve([exact(w, h)], size(sw, sh));
          expect(plan.outcome === 'too-small').toBe(sw < w || sh < h);
        },
      ),
      { numRuns: 3000 },
    );
  });
});

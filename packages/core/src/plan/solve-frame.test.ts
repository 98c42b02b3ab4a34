import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Rule } from '../rules/rule.ts';
import { box, exact, makeDeliverable, side } from '../testing/make-sheet.ts';
import {
  isInside,
  largestCut,
  nearestCentre,
  PLAIN_FRAME,
  rotated,
  pictureSize,
  type Frame,
} from './frame.ts';
import { isWithin, sizeLimits } from './size-limits.ts';
import { solveFrame } from './solve-frame.ts';

const size = (widthPx: number, heightPx: number) => ({ widthPx, heightPx });
const solve = (rules: Rule[], source = size(6000, 4000), frame: Partial<Frame> = {}) =>
  solveFrame(source, { ...PLAIN_FRAME, ...frame }, sizeLimits(makeDeliverable(rules), source), false);

describe('a frame', () => {
  it('that was not moved is the middle of the picture', () => {
    const middle = solve([exact(2000, 2000)]);
    expect(middle.outcome === 'solved' && Math.abs(middle.cut.centreX)).toBeCloseTo(0);
    expect(middle).toMatchObject({
      method: 'trim',
      cut: { widthPx: 4000, heightPx: 4000 },
      target: size(2000, 2000),
    });
    expect(solve([box(1400, 1050)])).toMatchObject({ method: 'whole', target: size(1400, 933) });
  });

  it('stays inside however far it is moved, and keeps its size', () => {
    expect(solve([exact(2000, 2000)], undefined, { centreX: 0.5, centreY: -0.5 })).toMatchObject({
      cut: { centreX: 1000, widthPx: 4000, heightPx: 4000 },
    });
  });

  it('is refused when it would have to be enlarged', () => {
    expect(solve([exact(2000, 2000)], undefined, { size: 0.4 })).toMatchObject({ outcome: 'too-small' });
    expect(solve([exact(2000, 2000)], undefined, { size: 0.5 })).toMatchObject({
      outcome: 'solved',
      scale: 1,
    });
  });

  it('turns with the picture', () => {
    expect(solve([box(1000, 1000)], undefined, { turns: 1 })).toMatchObject({ target: size(667, 1000) });
  });

  it('may have any shape where the rules leave it free', () => {
    expect(solve([side('long-edge', 1, 1000)], undefined, { ratio: 2 })).toMatchObject({
      target: size(1000, 500),
    });
    expect(solve([exact(1500, 1000)], undefined, { ratio: 2 })).toMatchObject({ target: size(1500, 1000) });
  });
});

describe('a mount', () => {
  it('keeps everything and fills the rest with canvas, where the person wants it', () => {
    const mount = solve([exact(2400, 1600)], size(4000, 4000), { method: 'mount', canvasX: 0 });
    expect(mount).toMatchObject({
      method: 'mount',
      lostShare: 0,
      target: size(1600, 1600),
      canvas: { ...size(2400, 1600), leftPx: 0, topPx: 0, colour: '#ffffff' },
    });
  });

  it('never enlarges: a small picture stands small on its canvas', () => {
    expect(solve([exact(2400, 1600)], size(1000, 800), { method: 'mount' })).toMatchObject({
      scale: 1,
      target: size(1000, 800),
      canvas: { ...size(2400, 1600), leftPx: 700, topPx: 400 },
    });
  });
});

const px = fc.integer({ min: 20, max: 9000 });
const anyFrame: fc.Arbitrary<Frame> = fc.record({
  method: fc.constantFrom('whole', 'trim', 'mount'),
  turns: fc.constantFrom(0, 1, 2, 3),
  mirrored: fc.boolean(),
  levelDeg: fc.oneof(fc.constant(0), fc.double({ min: -45, max: 45, noNaN: true })),
  centreX: fc.double({ min: -0.5, max: 0.5, noNaN: true }),
  centreY: fc.double({ min: -0.5, max: 0.5, noNaN: true }),
  size: fc.double({ min: 0.05, max: 1, noNaN: true }),
  canvasX: fc.double({ min: 0, max: 1, noNaN: true }),
  canvasY: fc.double({ min: 0, max: 1, noNaN: true }),
  canvasColour: fc.constant('#808080'),
});
const anyRule: fc.Arbitrary<Rule> = fc.oneof(
  fc.tuple(px, px, fc.boolean()).map(([w, h, turn]) => box(w, h, turn)),
  fc.tuple(px, px).map(([w, h]) => exact(w, h)),
  fc.tuple(px, px).map(([a, b]) => side('long-edge', Math.min(a, b), Math.max(a, b))),
  fc.tuple(fc.constantFrom(1, 2, 3, 4), fc.constantFrom(1, 2, 3)).map(([width, height]): Rule => ({
    id: 'ratio',
    level: 'must',
    kind: 'ratio',
    ratios: [{ width, height }],
    eitherWay: true,
    tolerance: 0.005,
  })),
);

describe('whatever the frame, the picture and the rules', () => {
  it('the cut lies inside, the file within the rules, and the picture on its canvas', () => {
    fc.assert(
      fc.property(
        anyFrame,
        fc.record({ widthPx: px, heightPx: px }),
        fc.array(anyRule, { minLength: 1, maxLength: 2 }),
        (frame, source, rules) => {
          const limits = sizeLimits(makeDeliverable(rules), source);
          const solved = solveFrame(source, frame, limits, false);
          if (solved.outcome !== 'solved') return;
          const picture = pictureSize(source, frame);
          expect(isInside(picture, frame.levelDeg, solved.cut, 0.51)).toBe(true);
          const { widthPx, heightPx } = solved.canvas ?? solved.target;
          expect(limits.some(l => isWithin(l, widthPx, heightPx))).toBe(true);
          expect(solved.scale).toBeLessThanOrEqual(
            1.5 / Math.min(solved.cut.widthPx, solved.cut.heightPx) + 1,
          );
          if (!solved.canvas) return;
          expect(solved.canvas.leftPx).toBeGreaterThanOrEqual(0);
          expect(solved.canvas.topPx).toBeGreaterThanOrEqual(0);
          expect(solved.canvas.leftPx + solved.target.widthPx).toBeLessThanOrEqual(widthPx);
          expect(solved.canvas.topPx + solved.target.heightPx).toBeLessThanOrEqual(heightPx);
        },
      ),
      { numRuns: 3000 },
    );
  });

  it('the largest cut touches an edge, and nothing larger is inside', () => {
    fc.assert(
      fc.property(
        px,
        px,
        fc.double({ min: -45, max: 45, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (w, h, levelDeg, ratio) => {
          const cut = largestCut(size(w, h), levelDeg, ratio, { x: 0, y: 0 });
          expect(isInside(size(w, h), levelDeg, cut, 1e-6)).toBe(true);
          const more = { ...cut, widthPx: cut.widthPx * 1.001, heightPx: cut.heightPx * 1.001 };
          expect(isInside(size(w, h), levelDeg, more, 1e-6)).toBe(false);
        },
      ),
      { numRuns: 2000 },
    );
  });

  it('the nearest centre is the wanted one where that is inside', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -45, max: 45, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: -2000, max: 2000, noNaN: true }),
        fc.double({ min: -2000, max: 2000, noNaN: true }),
        (levelDeg, share, x, y) => {
          const picture = size(3000, 2000);
          const largest = largestCut(picture, levelDeg, 1.5, { x: 0, y: 0 });
          const cut = size(largest.widthPx * share, largest.heightPx * share);
          const centre = nearestCentre(picture, levelDeg, cut, { x, y });
          if (!centre) throw new Error('a smaller cut always has a place');
          expect(isInside(picture, levelDeg, { ...cut, centreX: centre.x, centreY: centre.y }, 1e-6)).toBe(
            true,
          );
          if (isInside(picture, levelDeg, { ...cut, centreX: x, centreY: y }, -1e-6))
            expect(Math.hypot(centre.x - x, centre.y - y)).toBeLessThan(1e-6);
        },
      ),
      { numRuns: 2000 },
    );
  });

  it('turning there and back ends where it began', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        (x, y, deg) => {
          const back = rotated(rotated({ x, y }, deg), -deg);
          expect(Math.hypot(back.x - x, back.y - y)).toBeLessThan(1e-6);
        },
      ),
    );
  });
});

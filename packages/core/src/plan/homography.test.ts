import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN_FRAME, pictureSize, type Frame } from './frame.ts';
import { frameRound } from './frame-round.ts';
import { fromCut } from './from-cut.ts';
import {
  compose,
  IDENTITY,
  inverse,
  mapped,
  rectangleOnto,
  shift,
  turn,
  type Point,
  type Quad,
} from './homography.ts';
import { solveFrame } from './solve-frame.ts';
import { sizeLimits } from './size-limits.ts';
import { cornerFault, densities, FIRST_CORNERS, fromSquared, squaredSize } from './square-up.ts';

const near = (a: Point, b: Point, within = 1e-6) => {
  expect(Math.abs(a.x - b.x)).toBeLessThan(within);
  expect(Math.abs(a.y - b.y)).toBeLessThan(within);
};

/** Corners that stray from those of a square by up to a third: always a quad that goes round once. */
const stray = fc.double({ min: -0.3, max: 0.3, noNaN: true });
const quads = fc.array(stray, { minLength: 8, maxLength: 8 }).map((d): Quad => [
  { x: d[0]!, y: d[1]! },
  { x: 1 + d[2]!, y: d[3]! },
  { x: 1 + d[4]!, y: 1 + d[5]! },
  { x: d[6]!, y: 1 + d[7]! },
]);

describe('a map of a rectangle onto four corners', () => {
  it('puts each corner where it belongs, and its inverse brings every point back', () => {
    fc.assert(
      fc.property(
        quads.filter(q => !cornerFault(q)),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (quad, width) => {
          const map = rectangleOnto(width, 2, quad);
          const corners = [
            { x: 0, y: 0 },
            { x: width, y: 0 },
            { x: width, y: 2 },
            { x: 0, y: 2 },
          ];
          corners.forEach((corner, i) => near(mapped(map, corner), quad[i]!));
          const inside = { x: width * 0.3, y: 1.2 };
          near(mapped(inverse(map), mapped(map, inside)), inside, 1e-5);
        },
      ),
    );
  });

  it('of a known quad: straight lines stay straight, and the middle goes to where the diagonals meet', () => {
    // A trapezium whose diagonals meet at two thirds of its height from the long side.
    const map = rectangleOnto(100, 100, [
      { x: 25, y: 0 },
      { x: 75, y: 0 },
      { x: 100, y: 90 },
      { x: 0, y: 90 },
    ]);
    near(mapped(map, { x: 50, y: 50 }), { x: 50, y: 30 });
  });

  it('of a turn: quarter turns are exact, and four of them change nothing', () => {
    expect(turn(90).map(v => v + 0)).toEqual([0, -1, 0, 1, 0, 0, 0, 0, 1]);
    expect(compose(turn(90), turn(180), turn(90))).toEqual(IDENTITY);
    near(mapped(compose(shift(3, 4), turn(90)), { x: 1, y: 0 }), { x: 3, y: 5 });
  });
});

describe('corners', () => {
  it('must go round once, clockwise, round something worth pulling true', () => {
    expect(cornerFault(FIRST_CORNERS)).toBeUndefined();
    const [a, b, c, d] = FIRST_CORNERS;
    expect(cornerFault([b, a, c, d])).toBe('crossed');
    expect(cornerFault([d, c, b, a])).toBe('crossed');
    expect(cornerFault([a, b, { x: 0.3, y: 0.3 }, d])).toBe('crossed');
    const tiny = FIRST_CORNERS.map(p => ({ x: 0.5 + p.x / 100, y: 0.5 + p.y / 100 }));
    expect(cornerFault(tiny as unknown as Quad)).toBe('too-small');
  });

  it('of the picture itself pull it nowhere', () => {
    const source = { widthPx: 3000, heightPx: 2000 };
    const corners: Quad = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 1 },
      { x: 0, y: 1 },
    ];
    expect(squaredSize(source, { corners, ratio: 1.5 })).toEqual(source);
    const map = fromSquared(source, { corners, ratio: 1.5 });
    near(mapped(map, { x: 700, y: 300 }), { x: 700, y: 300 });
    const { most, least } = densities(map, source);
    expect([most, least].map(v => v.toFixed(6))).toEqual(['1.000000', '1.000000']);
  });
});

const source = { widthPx: 4000, heightPx: 3000 };
const frames = fc.record({
  turns: fc.constantFrom(0, 1, 2, 3) as fc.Arbitrary<Frame['turns']>,
  mirrored: fc.boolean(),
  levelDeg: fc.double({ min: -20, max: 20, noNaN: true }),
  square: fc.option(
    fc.constant({
      corners: [
        { x: 0.2, y: 0.1 },
        { x: 0.8, y: 0.2 },
        { x: 0.85, y: 0.9 },
        { x: 0.15, y: 0.8 },
      ] as const,
      ratio: 1.25,
    }),
    { nil: undefined },
  ),
});

describe('a cut', () => {
  const square = sizeLimits(
    {
      rules: [{ id: 'a', level: 'must', kind: 'exact-size', widthPx: 600, heightPx: 400 }],
    } as never,
    source,
  );

  it('lies inside the source whatever was done to the picture', () => {
    fc.assert(
      fc.property(frames, some => {
        const solved = solveFrame(source, { ...PLAIN_FRAME, ...some }, square, false);
        if (solved.outcome !== 'solved') throw new Error(solved.outcome);
        const { cut, geometry } = solved;
        const map = fromCut(source, { geometry, crop: cropOf(solved.cut, geometry) });
        for (const x of [0, cut.widthPx])
          for (const y of [0, cut.heightPx]) {
            const at = mapped(map, { x, y });
            expect(at.x).toBeGreaterThan(-1e-6);
            expect(at.x).toBeLessThan(source.widthPx + 1e-6);
            expect(at.y).toBeGreaterThan(-1e-6);
            expect(at.y).toBeLessThan(source.heightPx + 1e-6);
          }
      }),
    );
  });

  it('round some marks holds all of them, near its middle', () => {
    const marks = { left: 0.42, top: 0.45, right: 0.58, bottom: 0.52 };
    fc.assert(
      fc.property(frames, some => {
        const frame = frameRound(source, { ...PLAIN_FRAME, ...some }, marks, 1.5);
        const solved = solveFrame(source, frame, square, true);
        if (solved.outcome !== 'solved') throw new Error(solved.outcome);
        const { cut, geometry } = solved;
        const back = inverse(fromCut(source, { geometry, crop: cropOf(cut, geometry) }));
        for (const x of [marks.left, marks.right])
          for (const y of [marks.top, marks.bottom]) {
            const at = mapped(back, { x: x * source.widthPx, y: y * source.heightPx });
            expect(at.x > 0 && at.x < cut.widthPx && at.y > 0 && at.y < cut.heightPx).toBe(true);
          }
        const middle = mapped(back, { x: 0.5 * source.widthPx, y: 0.485 * source.heightPx });
        expect(Math.abs(middle.x / cut.widthPx - 0.5)).toBeLessThan(0.15);
        expect(Math.abs(middle.y / cut.heightPx - 0.5)).toBeLessThan(0.15);
      }),
    );
  });
});

/** A cut measured from its picture's corner, as a job has it. */
function cropOf(
  cut: { centreX: number; centreY: number; widthPx: number; heightPx: number },
  geometry: Pick<Frame, 'square' | 'turns'>,
) {
  const picture = pictureSize(source, geometry);
  return {
    leftPx: picture.widthPx / 2 + cut.centreX - cut.widthPx / 2,
    topPx: picture.heightPx / 2 + cut.centreY - cut.heightPx / 2,
    widthPx: cut.widthPx,
    heightPx: cut.heightPx,
  };
}

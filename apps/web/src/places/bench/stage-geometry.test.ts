import fc from 'fast-check';
import { expect, it } from 'vitest';
import { fileBox, missedLevel, pictureBox, previewMatrix } from './stage-geometry.ts';

const source = { widthPx: 6000, heightPx: 4000 };
const preview = { widthPx: 1500, heightPx: 1000 };
const box = { left: 10, top: 20, width: 300, height: 200 };
const LEVEL = { turns: 0, mirrored: false, levelDeg: 0 } as const;

/** Where a point of the preview falls on the stage. */
function apply(matrix: string, x: number, y: number): [number, number] {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = matrix.slice(7, -1).split(',').map(Number);
  return [a * x + c * y + e, b * x + d * y + f];
}
const near = (point: [number, number], x: number, y: number) =>
  expect(Math.hypot(point[0] - x, point[1] - y)).toBeLessThan(0.01);

it('puts the corners of the whole picture on the corners of its box, whichever way it is turned', () => {
  const whole = { leftPx: 0, topPx: 0, widthPx: 6000, heightPx: 4000 };
  const plain = previewMatrix(source, preview, { geometry: LEVEL, crop: whole }, box);
  near(apply(plain, 0, 0), 10, 20);
  near(apply(plain, 1500, 1000), 310, 220);
  const mirrored = previewMatrix(
    source,
    preview,
    { geometry: { ...LEVEL, mirrored: true }, crop: whole },
    box,
  );
  near(apply(mirrored, 0, 0), 310, 20);
  const upright = { left: 0, top: 0, width: 200, height: 300 };
  const crop = { leftPx: 0, topPx: 0, widthPx: 4000, heightPx: 6000 };
  const turned = previewMatrix(source, preview, { geometry: { ...LEVEL, turns: 1 }, crop }, upright);
  // A quarter clockwise: the upper left corner goes to the upper right.
  near(apply(turned, 0, 0), 200, 0);
  near(apply(turned, 0, 1000), 0, 0);
});

it('puts the cut on its box, and keeps its centre whatever the level', () => {
  const crop = { leftPx: 1000, topPx: 500, widthPx: 3000, heightPx: 2000 };
  near(apply(previewMatrix(source, preview, { geometry: LEVEL, crop }, box), 250, 125), 10, 20);
  const middle = { leftPx: 1500, topPx: 1000, widthPx: 3000, heightPx: 2000 };
  fc.assert(
    fc.property(fc.double({ min: -45, max: 45, noNaN: true }), levelDeg => {
      const matrix = previewMatrix(source, preview, { geometry: { ...LEVEL, levelDeg }, crop: middle }, box);
      near(apply(matrix, 750, 500), 160, 120);
    }),
  );
});

it('fits a file into the stage in its true proportions, with the picture on its canvas', () => {
  const file = fileBox({ width: 800, height: 500 }, { widthPx: 2400, heightPx: 1600 }, 50);
  expect(file.width / file.height).toBeCloseTo(1.5);
  expect(file.height).toBeCloseTo(400);
  const canvas = { widthPx: 2400, heightPx: 1600, leftPx: 400, topPx: 0, colour: '#ffffff' };
  expect(pictureBox(file, { canvas, target: { widthPx: 1600, heightPx: 1600 } }).width).toBeCloseTo(400);
});

it.each([
  [10, 1, 5.71],
  [10, -1, -5.71],
  [1, 10, -5.71],
  [-10, 1, -5.71],
])('a line by %d to the right and %d down misses level by %d degrees', (x, y, deg) => {
  expect(missedLevel({ x: 0, y: 0 }, { x, y })).toBeCloseTo(deg, 1);
});

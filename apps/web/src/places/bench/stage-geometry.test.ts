import fc from 'fast-check';
import { expect, it } from 'vitest';
import { mapped, squaredSize, type Homography, type SquareUp } from '@able-frame/core';
import { cssMatrix, fileBox, missedLevel, pictureBox, previewMap } from './stage-geometry.ts';

const source = { widthPx: 6000, heightPx: 4000 };
const preview = { widthPx: 1500, heightPx: 1000 };
const box = { left: 10, top: 20, width: 300, height: 200 };
const LEVEL = { turns: 0, mirrored: false, levelDeg: 0 } as const;

const near = (point: { x: number; y: number }, x: number, y: number) =>
  expect(Math.hypot(point.x - x, point.y - y)).toBeLessThan(0.01);
/** Where a point of the preview falls on the stage. */
const apply = (map: Homography, x: number, y: number) => mapped(map, { x, y });

it('puts the corners of the whole picture on the corners of its box, whichever way it is turned', () => {
  const whole = { leftPx: 0, topPx: 0, widthPx: 6000, heightPx: 4000 };
  const plain = previewMap(source, preview, { geometry: LEVEL, crop: whole }, box);
  near(apply(plain, 0, 0), 10, 20);
  near(apply(plain, 1500, 1000), 310, 220);
  const mirrored = previewMap(source, preview, { geometry: { ...LEVEL, mirrored: true }, crop: whole }, box);
  near(apply(mirrored, 0, 0), 310, 20);
  const upright = { left: 0, top: 0, width: 200, height: 300 };
  const crop = { leftPx: 0, topPx: 0, widthPx: 4000, heightPx: 6000 };
  const turned = previewMap(source, preview, { geometry: { ...LEVEL, turns: 1 }, crop }, upright);
  // A quarter clockwise: the upper left corner goes to the upper right.
  near(apply(turned, 0, 0), 200, 0);
  near(apply(turned, 0, 1000), 0, 0);
});

it('puts the cut on its box, and keeps its centre whatever the level', () => {
  const crop = { leftPx: 1000, topPx: 500, widthPx: 3000, heightPx: 2000 };
  near(apply(previewMap(source, preview, { geometry: LEVEL, crop }, box), 250, 125), 10, 20);
  const middle = { leftPx: 1500, topPx: 1000, widthPx: 3000, heightPx: 2000 };
  fc.assert(
    fc.property(fc.double({ min: -45, max: 45, noNaN: true }), levelDeg => {
      const matrix = previewMap(source, preview, { geometry: { ...LEVEL, levelDeg }, crop: middle }, box);
      near(apply(matrix, 750, 500), 160, 120);
    }),
  );
});

it('puts the corners of a slanted artwork on the corners of its box', () => {
  const square: SquareUp = {
    corners: [
      { x: 0.2, y: 0.1 },
      { x: 0.9, y: 0.2 },
      { x: 0.8, y: 0.9 },
      { x: 0.1, y: 0.8 },
    ],
    ratio: 1.5,
  };
  const crop = { leftPx: 0, topPx: 0, ...squaredSize(source, square) };
  const map = previewMap(source, preview, { geometry: { ...LEVEL, square }, crop }, box);
  // The ratio in whole pixels is not quite that of the box.
  const [x, y] = [310, 20 + (300 * crop.heightPx) / crop.widthPx];
  near(apply(map, 300, 100), 10, 20);
  near(apply(map, 1350, 200), x, 20);
  near(apply(map, 1200, 900), x, y);
  near(apply(map, 150, 800), 10, y);
});

it('writes a map as a browser takes it: column by column, with a third direction that nothing leaves', () => {
  const numbers = cssMatrix([2, 3, 4, 5, 6, 7, 0.002, 0.004, 2]).slice(9, -1).split(',').map(Number);
  expect(numbers).toEqual([1, 2.5, 0, 0.001, 1.5, 3, 0, 0.002, 0, 0, 1, 0, 2, 3.5, 0, 1]);
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

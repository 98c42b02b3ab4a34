import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inkIn } from './ink-in.ts';
import { paperBehind, type Plane } from './paper-map.ts';

const plane = (width: number, height: number, at: (x: number, y: number) => number): Plane => ({
  data: Float32Array.from({ length: width * height }, (_, i) => at(i % width, Math.floor(i / width))),
  width,
  height,
});

describe('the paper behind some writing', () => {
  it('is the paper itself where nothing is written', () => {
    const even = paperBehind(
      plane(40, 30, () => 200),
      9,
    );
    expect([even.width, even.height]).toEqual([40, 30]);
    expect(even.data.every(v => Math.abs(v - 200) < 0.01)).toBe(true);
  });

  it('does not see strokes that are narrower than its window', () => {
    const written = plane(60, 40, (x, y) => (x > 20 && x < 25 && y > 5 && y < 35 ? 10 : 180));
    const paper = paperBehind(written, 13);
    expect(Math.min(...paper.data)).toBeGreaterThan(179);
  });

  it('sees what is broader than its window, such as a table beside the sheet', () => {
    const sheet = plane(60, 40, x => (x < 30 ? 200 : 40));
    const paper = paperBehind(sheet, 9);
    expect(paper.data[20 * 60 + 5]).toBeCloseTo(200, 0);
    expect(paper.data[20 * 60 + 54]).toBeCloseTo(40, 0);
  });

  it('is never darker than the darkest and never lighter than the lightest of what it was given', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 12 * 8, maxLength: 12 * 8 }),
        fc.integer({ min: 1, max: 30 }),
        (values, window) => {
          const paper = paperBehind({ data: Float32Array.from(values), width: 12, height: 8 }, window);
          expect(Math.min(...paper.data)).toBeGreaterThanOrEqual(Math.min(...values) - 0.01);
          expect(Math.max(...paper.data)).toBeLessThanOrEqual(Math.max(...values) + 0.01);
        },
      ),
    );
  });
});

describe('ink', () => {
  /** A light sheet with dark boxes on it. */
  const sheet = (
    ...boxes: readonly (readonly [x: number, y: number, w: number, h: number, level: number])[]
  ) => {
    const grey = new Uint8Array(300 * 200).fill(220);
    for (const [x, y, w, h, level] of boxes)
      for (let dy = 0; dy < h; dy++) grey.fill(level, (y + dy) * 300 + x, (y + dy) * 300 + x + w);
    return inkIn(grey, 300, 200);
  };

  it('is boxed to the pixel, all strokes together', () => {
    expect(sheet([100, 80, 6, 30, 20], [140, 90, 40, 5, 30])).toEqual({
      left: 100 / 300,
      top: 80 / 200,
      right: 180 / 300,
      bottom: 110 / 200,
    });
  });

  it('is told from ruled lines, dust and what reaches in from the edge', () => {
    const stroke = [120, 90, 30, 6, 20] as const;
    const box = sheet(stroke);
    expect(sheet(stroke, [20, 140, 260, 2, 60])).toEqual(box);
    expect(sheet(stroke, [40, 30, 1, 1, 90])).toEqual(box);
    expect(sheet(stroke, [0, 100, 14, 20, 10])).toEqual(box);
  });

  it('is not a single speck, and nothing at all on a picture without a pixel to spare', () => {
    expect(sheet([150, 100, 2, 2, 10])).toBeUndefined();
    expect(inkIn(new Uint8Array(4).fill(9), 2, 2)).toBeUndefined();
  });
});

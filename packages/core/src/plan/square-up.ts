import { mapped, rectangleOnto, type Homography, type Point, type Quad } from './homography.ts';
import type { PixelSize } from './pixel-size.ts';

/** A flat artwork that was photographed at a slant, and what it truly is. */
export interface SquareUp {
  /** Its corners as shares of the upright picture's width and height, 0 to 1. */
  corners: Quad;
  /** Its true width over its true height. */
  ratio: number;
}

/** Why four points are no corners of a flat artwork. */
export type CornerFault = 'crossed' | 'too-small';

/** Least area of the artwork as a share of the picture: below it, nothing worth pulling true is left. */
const LEAST_AREA = 0.001;

/** Whether the corners go round once, clockwise, without a corner that bends inwards. */
export function cornerFault(corners: Quad): CornerFault | undefined {
  let area = 0;
  for (const [i, corner] of corners.entries()) {
    const next = corners[(i + 1) % 4] ?? corner;
    const after = corners[(i + 2) % 4] ?? corner;
    area += (corner.x * next.y - next.x * corner.y) / 2;
    if (cross(corner, next, after) <= 0) return 'crossed';
  }
  return area < LEAST_AREA ? 'too-small' : undefined;
}

function cross(a: Point, b: Point, c: Point): number {
  return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
}

/** The corners in source pixels. */
export function cornersIn({ widthPx, heightPx }: PixelSize, corners: Quad): Quad {
  const at = ({ x, y }: Point): Point => ({ x: x * widthPx, y: y * heightPx });
  return [at(corners[0]), at(corners[1]), at(corners[2]), at(corners[3])];
}

/**
 * The size of the artwork once it is pulled true: its own ratio, and as many pixels as its sides have in the picture on
 * average, so that nothing is made up.
 */
export function squaredSize(source: PixelSize, { corners, ratio }: SquareUp): PixelSize {
  const { across, down } = meanSides(cornersIn(source, corners));
  const area = across * down;
  return {
    widthPx: Math.max(1, Math.round(Math.sqrt(area * ratio))),
    heightPx: Math.max(1, Math.round(Math.sqrt(area / ratio))),
  };
}

/** The map from the pixels of the squared picture to those of the upright source. */
export function fromSquared(source: PixelSize, square: SquareUp): Homography {
  const { widthPx, heightPx } = squaredSize(source, square);
  return rectangleOnto(widthPx, heightPx, cornersIn(source, square.corners));
}

/** Mean lengths of the upper and lower, and of the left and right sides. */
export function meanSides([a, b, c, d]: Quad): { across: number; down: number } {
  const length = (p: Point, q: Point) => Math.hypot(p.x - q.x, p.y - q.y);
  return { across: (length(a, b) + length(d, c)) / 2, down: (length(a, d) + length(b, c)) / 2 };
}

/** Corners that lie a tenth in from the picture's own: where marking begins. */
export const FIRST_CORNERS: Quad = [
  { x: 0.1, y: 0.1 },
  { x: 0.9, y: 0.1 },
  { x: 0.9, y: 0.9 },
  { x: 0.1, y: 0.9 },
];

/** The greatest and the least number of source pixels that stand for one pixel of the squared picture, along a side. */
export function densities(
  map: Homography,
  { widthPx, heightPx }: PixelSize,
): { most: number; least: number } {
  const lengths = [0, 1].flatMap(x =>
    [0, 1].flatMap(y => {
      const at = { x: x * (widthPx - 1), y: y * (heightPx - 1) };
      const here = mapped(map, at);
      return [
        { x: at.x + 1, y: at.y },
        { x: at.x, y: at.y + 1 },
      ].map(next => {
        const there = mapped(map, next);
        return Math.hypot(there.x - here.x, there.y - here.y);
      });
    }),
  );
  return { most: Math.max(...lengths), least: Math.min(...lengths) };
}

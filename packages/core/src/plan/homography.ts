/** A point, y down. */
export interface Point {
  x: number;
  y: number;
}

/**
 * A projective map of the plane, row by row: (x, y) goes to (m0 x + m1 y + m2, m3 x + m4 y + m5) over
 * (m6 x + m7 y + m8).
 */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

/** Four corners in the order they are met clockwise: upper left, upper right, lower right, lower left. */
export type Quad = readonly [Point, Point, Point, Point];

export const IDENTITY: Homography = [1, 0, 0, 0, 1, 0, 0, 0, 1];

export const shift = (x: number, y: number): Homography => [1, 0, x, 0, 1, y, 0, 0, 1];

export const stretch = (x: number, y: number): Homography => [x, 0, 0, 0, y, 0, 0, 0, 1];

/** A turn clockwise round the origin. */
export function turn(deg: number): Homography {
  const angle = (deg * Math.PI) / 180;
  // Quarter turns stay exact, so that whole pixels stay whole.
  const [cos, sin] = deg % 90 === 0 ? quarter(deg / 90) : [Math.cos(angle), Math.sin(angle)];
  return [cos, -sin, 0, sin, cos, 0, 0, 0, 1];
}

function quarter(turns: number): [number, number] {
  const exact: readonly [number, number][] = [
    [1, 0],
    [0, 1],
    [-1, 0],
    [0, -1],
  ];
  return exact[((turns % 4) + 4) % 4] ?? [1, 0];
}

/** The map that does the last one first, as matrices are written. */
export function compose(...maps: readonly Homography[]): Homography {
  return maps.reduce(product, IDENTITY);
}

function product(a: Homography, b: Homography): Homography {
  const at = (row: number, column: number) =>
    [0, 1, 2].reduce((sum, i) => sum + (a[row * 3 + i] ?? 0) * (b[i * 3 + column] ?? 0), 0);
  return [at(0, 0), at(0, 1), at(0, 2), at(1, 0), at(1, 1), at(1, 2), at(2, 0), at(2, 1), at(2, 2)];
}

export function mapped(m: Homography, { x, y }: Point): Point {
  const w = m[6] * x + m[7] * y + m[8];
  return { x: (m[0] * x + m[1] * y + m[2]) / w, y: (m[3] * x + m[4] * y + m[5]) / w };
}

/** The map back, up to a common factor, which changes nothing. */
export function inverse([a, b, c, d, e, f, g, h, i]: Homography): Homography {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

/**
 * The map of a rectangle with its upper left corner at the origin onto four corners.
 *
 * The closed form for the unit square: Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), 2.2.3.
 */
export function rectangleOnto(width: number, height: number, [p0, p1, p2, p3]: Quad): Homography {
  const sx = p0.x - p1.x + p2.x - p3.x;
  const sy = p0.y - p1.y + p2.y - p3.y;
  const [dx1, dx2] = [p1.x - p2.x, p3.x - p2.x];
  const [dy1, dy2] = [p1.y - p2.y, p3.y - p2.y];
  const det = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / det;
  const h = (dx1 * sy - sx * dy1) / det;
  const unit: Homography = [
    p1.x - p0.x + g * p1.x,
    p3.x - p0.x + h * p3.x,
    p0.x,
    p1.y - p0.y + g * p1.y,
    p3.y - p0.y + h * p3.y,
    p0.y,
    g,
    h,
    1,
  ];
  return product(unit, stretch(1 / width, 1 / height));
}

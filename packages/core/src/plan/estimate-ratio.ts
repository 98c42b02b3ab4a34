import type { Point, Quad } from './homography.ts';
import type { PixelSize } from './pixel-size.ts';
import { cornersIn, meanSides } from './square-up.ts';

/** What perspective tells about a flat artwork. */
export interface RatioEstimate {
  /** True width over true height. */
  ratio: number;
  /** One standard error as a share of the ratio: 0.01 is one part in a hundred. */
  uncertainty: number;
}

/** How well a person marks a corner, as a share of the picture's longer side. */
const MARKING_ERROR = 0.0007;
/** Focal lengths of usual cameras over the picture's diagonal: about 40 mm on a 24 × 36 mm picture, give or take half. */
const USUAL_LENS = { log: Math.log(0.93), spread: 0.4 };
/** How well a note in the file gives the lens. */
const NOTED_LENS_SPREAD = 0.03;
const DIAGONAL_35_MM = Math.hypot(24, 36);

/**
 * Estimates the true proportions of a flat rectangle from its four corners.
 *
 * The corners give the vanishing points of both pairs of sides. Where both pairs converge they also give the lens; where
 * they hardly do, the lens that the file notes, or else a usual one, takes its place, and the answer says how much it
 * would change with another lens. The middle of the picture is taken for the middle of the lens: a picture that was cut
 * on one side deceives it.
 *
 * After Zhang and He, Whiteboard Scanning and Image Enhancement, Digital Signal Processing 17 (2007), 3.2.
 *
 * @param source upright size
 * @param corners as shares of the picture; see cornerFault
 * @param focal35Mm focal length noted in the file, as it would be on a 24 × 36 mm picture
 */
export function estimateRatio(source: PixelSize, corners: Quad, focal35Mm?: number): RatioEstimate {
  const diagonal = Math.hypot(source.widthPx, source.heightPx);
  const long = Math.max(source.widthPx, source.heightPx);
  const marked = cornersIn(source, corners).map(({ x, y }) => ({
    x: (x - source.widthPx / 2) / diagonal,
    y: (y - source.heightPx / 2) / diagonal,
  })) as unknown as Quad;
  const step = (MARKING_ERROR * long) / diagonal;

  const lens = lensOf(marked, step, focal35Mm);
  const ratio = ratioAt(marked, lens.log);
  const byLens =
    Math.log(ratioAt(marked, lens.log + lens.spread) / ratioAt(marked, lens.log - lens.spread)) / 2;
  const byMarking = spreadOf(marked, step, quad => Math.log(ratioAt(quad, lens.log)));
  return { ratio, uncertainty: Math.hypot(byLens, byMarking) };
}

/** The lens as far as it is known: what the file notes or what is usual, weighed against what the corners say. */
function lensOf(corners: Quad, step: number, focal35Mm: number | undefined): { log: number; spread: number } {
  const known =
    focal35Mm === undefined
      ? USUAL_LENS
      : { log: Math.log(focal35Mm / DIAGONAL_35_MM), spread: NOTED_LENS_SPREAD };
  const seen = logLens(corners);
  if (seen === undefined) return known;
  const spread = spreadOf(corners, step, quad => logLens(quad) ?? NaN);
  // A corner marked a little otherwise would give no lens at all: then it says nothing.
  if (!Number.isFinite(spread)) return known;
  const [byKnown, bySeen] = [1 / known.spread ** 2, 1 / Math.max(spread, 1e-6) ** 2];
  return {
    log: (known.log * byKnown + seen * bySeen) / (byKnown + bySeen),
    spread: 1 / Math.sqrt(byKnown + bySeen),
  };
}

type Vector = readonly [number, number, number];

/** Directions of the upper and of the left side in the plane's own space, for a lens of unknown length. */
function sides(corners: Quad): { across: Vector; down: Vector } {
  const homogeneous = ({ x, y }: Point): Vector => [x, y, 1];
  const [m1, m2, m4, m3] = corners.map(homogeneous) as unknown as readonly [Vector, Vector, Vector, Vector];
  const k2 = dot(crossed(m1, m4), m3) / dot(crossed(m2, m4), m3);
  const k3 = dot(crossed(m1, m4), m2) / dot(crossed(m3, m4), m2);
  const less = (k: number, m: Vector): Vector => [k * m[0] - m1[0], k * m[1] - m1[1], k * m[2] - m1[2]];
  return { across: less(k2, m2), down: less(k3, m3) };
}

/** Logarithm of the focal length over the diagonal, where both pairs of sides converge. */
function logLens(corners: Quad): number | undefined {
  const { across, down } = sides(corners);
  const squared = -(across[0] * down[0] + across[1] * down[1]) / (across[2] * down[2]);
  return squared > 0 && Number.isFinite(squared) ? Math.log(squared) / 2 : undefined;
}

function ratioAt(corners: Quad, logFocal: number): number {
  const { across, down } = sides(corners);
  const focal = Math.exp(logFocal);
  const length = (n: Vector) => Math.hypot(n[0] / focal, n[1] / focal, n[2]);
  const ratio = length(across) / length(down);
  if (Number.isFinite(ratio) && ratio > 0) return ratio;
  const seen = meanSides(corners);
  return seen.across / seen.down;
}

/** How far a value strays when each coordinate of each corner is marked a little wrong. */
function spreadOf(corners: Quad, step: number, value: (corners: Quad) => number): number {
  const here = value(corners);
  let sum = 0;
  for (let i = 0; i < 4; i++)
    for (const axis of ['x', 'y'] as const) {
      const nudged = corners.map((c, at) => (at === i ? { ...c, [axis]: c[axis] + step } : c));
      sum += (value(nudged as unknown as Quad) - here) ** 2;
    }
  return Math.sqrt(sum);
}

const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const crossed = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

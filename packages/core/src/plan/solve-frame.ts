import {
  largestCut,
  nearestCentre,
  pictureSize,
  type CentredRect,
  type Frame,
  type Geometry,
} from './frame.ts';
import type { PixelSize } from './pixel-size.ts';
import { reachableRatios, type SizeLimits } from './size-limits.ts';
import { solveSize, type SizeSolution } from './solve-size.ts';

/** Plain canvas round a picture: its own size, and where the picture's upper left corner stands on it. */
export interface Canvas extends PixelSize {
  leftPx: number;
  topPx: number;
  /** `#rrggbb`, sRGB. */
  colour: string;
}

/** What a person's frame comes to under the rules. */
export type FrameSolution =
  | {
      outcome: 'solved';
      method: Frame['method'];
      geometry: Geometry;
      cut: CentredRect;
      /** The picture's own pixels in the file. */
      target: PixelSize;
      canvas: Canvas | undefined;
      lostShare: number;
      scale: number;
    }
  | Exclude<SizeSolution, { outcome: 'solved' }>;

/** Whole pixels of the cut differ from the asked ratio by at most this when it counts as the same. */
const SAME_RATIO = 1e-9;

/**
 * Solves a person's frame: the cut they see, moved and reduced as little as the rules and the picture's edges need.
 * @param source upright size
 * @param alternatives from sizeLimits
 */
export function solveFrame(
  source: PixelSize,
  frame: Frame,
  alternatives: readonly SizeLimits[],
  mayEnlarge: boolean,
): FrameSolution {
  if (!alternatives.length) return { outcome: 'contradiction' };
  return frame.method === 'mount'
    ? solveMount(source, frame, alternatives, mayEnlarge)
    : solveCut(source, frame, alternatives, mayEnlarge);
}

function geometryOf({ square, turns, mirrored, levelDeg }: Frame): Geometry {
  return { ...(square ? { square } : {}), turns, mirrored, levelDeg };
}

function solveCut(
  source: PixelSize,
  frame: Frame,
  alternatives: readonly SizeLimits[],
  mayEnlarge: boolean,
): FrameSolution {
  const picture = pictureSize(source, frame);
  const cut = cutFor(picture, frame, alternatives);
  const solved = solveSize(wholePixels(cut), alternatives, mayEnlarge);
  if (solved.outcome !== 'solved') return solved;
  // Where the rules do not want a sliver of the cut, it is given up on both sides alike; mere rounding takes nothing.
  const ratio = solved.target.widthPx / solved.target.heightPx;
  const exact = solved.method === 'whole' ? cut : withRatio(cut, ratio);
  const isWhole = frame.levelDeg === 0 && isAll(picture, exact);
  const made = frame.levelDeg === 0 ? onPixels(picture, exact, solved.target, mayEnlarge) : exact;
  return {
    outcome: 'solved',
    method: isWhole ? 'whole' : 'trim',
    geometry: geometryOf(frame),
    cut: made,
    target: solved.target,
    canvas: undefined,
    lostShare: Math.max(0, 1 - (exact.widthPx * exact.heightPx) / (picture.widthPx * picture.heightPx)),
    scale: solved.target.widthPx / made.widthPx,
  };
}

/** The cut that the person means: its ratio kept to the rules, its size to the picture, its centre inside. */
function cutFor(picture: PixelSize, frame: Frame, alternatives: readonly SizeLimits[]): CentredRect {
  const isWhole = frame.method === 'whole';
  const own = (isWhole ? undefined : frame.ratio) ?? picture.widthPx / picture.heightPx;
  const ratios = alternatives.map(limits => {
    const { minRatio, maxRatio } = reachableRatios(limits);
    const wanted = own >= minRatio && own <= maxRatio ? own : (limits.namedRatio ?? own);
    return Math.min(Math.max(wanted, minRatio), maxRatio);
  });
  const nearest = ratios.reduce((a, b) =>
    Math.abs(Math.log(b / own)) < Math.abs(Math.log(a / own)) - SAME_RATIO ? b : a,
  );
  const largest = largestCut(picture, frame.levelDeg, nearest, { x: 0, y: 0 });
  const share = isWhole ? 1 : Math.min(1, Math.max(0.001, frame.size));
  const cut = { widthPx: largest.widthPx * share, heightPx: largest.heightPx * share };
  const centre = nearestCentre(picture, frame.levelDeg, cut, {
    x: frame.centreX * picture.widthPx,
    y: frame.centreY * picture.heightPx,
  }) ?? { x: 0, y: 0 };
  return { centreX: centre.x, centreY: centre.y, ...cut };
}

function wholePixels({ widthPx, heightPx }: PixelSize): PixelSize {
  return { widthPx: Math.max(1, Math.round(widthPx)), heightPx: Math.max(1, Math.round(heightPx)) };
}

/** The largest rectangle of a ratio inside a cut, round the same centre. */
function withRatio(cut: CentredRect, ratio: number): CentredRect {
  return cut.widthPx / cut.heightPx > ratio
    ? { ...cut, widthPx: cut.heightPx * ratio }
    : { ...cut, heightPx: cut.widthPx / ratio };
}

function isAll(picture: PixelSize, cut: CentredRect): boolean {
  return picture.widthPx - cut.widthPx < 0.5 && picture.heightPx - cut.heightPx < 0.5;
}

/** A cut on whole source pixels, which needs no interpolation where nothing is scaled. */
function onPixels(picture: PixelSize, cut: CentredRect, target: PixelSize, mayEnlarge: boolean): CentredRect {
  const side = (length: number, all: number, least: number) =>
    Math.min(all, Math.max(1, mayEnlarge ? 1 : least, Math.round(length)));
  const widthPx = side(cut.widthPx, picture.widthPx, target.widthPx);
  const heightPx = side(cut.heightPx, picture.heightPx, target.heightPx);
  const place = (centre: number, length: number, all: number) => {
    const start = Math.round(all / 2 + centre - length / 2);
    return Math.min(all - length, Math.max(0, start)) + length / 2 - all / 2;
  };
  return {
    widthPx,
    heightPx,
    centreX: place(cut.centreX, widthPx, picture.widthPx),
    centreY: place(cut.centreY, heightPx, picture.heightPx),
  };
}

/** Keeps everything and adds canvas: the canvas meets the rules, and the picture stands on it as large as it can. */
function solveMount(
  source: PixelSize,
  frame: Frame,
  alternatives: readonly SizeLimits[],
  mayEnlarge: boolean,
): FrameSolution {
  const picture = pictureSize(source, frame);
  // A levelled picture has no straight edge of its own, so what is mounted is the largest upright cut of its shape.
  const kept = largestCut(picture, frame.levelDeg, picture.widthPx / picture.heightPx, { x: 0, y: 0 });
  const mounts = alternatives.flatMap(limits => {
    const canvas = solveSize(roundAbout(kept, limits), [limits], true);
    if (canvas.outcome !== 'solved') return [];
    const { widthPx, heightPx } = canvas.target;
    const fit = Math.min(widthPx / kept.widthPx, heightPx / kept.heightPx);
    const scale = mayEnlarge ? fit : Math.min(1, fit);
    const target = {
      widthPx: Math.min(widthPx, Math.max(1, Math.round(kept.widthPx * scale))),
      heightPx: Math.min(heightPx, Math.max(1, Math.round(kept.heightPx * scale))),
    };
    const share = (target.widthPx * target.heightPx) / (widthPx * heightPx);
    return [{ canvas: canvas.target, target, scale, share }];
  });
  // The canvas that shows most of itself covered, and of those the largest.
  const [best] = mounts.sort((a, b) => b.share - a.share || b.scale - a.scale);
  if (!best) return { outcome: 'contradiction' };
  const { canvas, target } = best;
  return {
    outcome: 'solved',
    method: 'mount',
    geometry: geometryOf(frame),
    cut: kept,
    target,
    canvas: {
      ...canvas,
      leftPx: Math.round((canvas.widthPx - target.widthPx) * frame.canvasX),
      topPx: Math.round((canvas.heightPx - target.heightPx) * frame.canvasY),
      colour: frame.canvasColour,
    },
    lostShare: Math.max(0, 1 - (kept.widthPx * kept.heightPx) / (picture.widthPx * picture.heightPx)),
    scale: best.scale,
  };
}

/** The smallest rectangle of an allowed ratio round a picture. */
function roundAbout({ widthPx, heightPx }: PixelSize, limits: SizeLimits): PixelSize {
  const { minRatio, maxRatio } = reachableRatios(limits);
  const own = widthPx / heightPx;
  const wanted = own >= minRatio && own <= maxRatio ? own : (limits.namedRatio ?? own);
  const ratio = Math.min(Math.max(wanted, minRatio), maxRatio);
  return own > ratio
    ? { widthPx: Math.round(widthPx), heightPx: Math.round(widthPx / ratio) }
    : { widthPx: Math.round(heightPx * ratio), heightPx: Math.round(heightPx) };
}

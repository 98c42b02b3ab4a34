import type { PixelRect, PixelSize } from './pixel-size.ts';
import { isWithin, reachableRatios, type SizeLimits } from './size-limits.ts';

export type { PixelRect, PixelSize } from './pixel-size.ts';

/** How a picture gets into the required shape. There is no method that squashes. */
export type SizeSolution =
  | {
      outcome: 'solved';
      method: 'whole' | 'trim';
      crop: PixelRect;
      target: PixelSize;
      /** Share of the source's area outside the cut, 0 to 1. */
      lostShare: number;
      /** Output pixels per source pixel. */
      scale: number;
    }
  | {
      outcome: 'too-small';
      /** How many times the picture would have to be enlarged. */
      enlargement: number;
      side: 'width' | 'height';
      missingPx: number;
      /** The least size of this shape that would be allowed. */
      needed: PixelSize;
    }
  | { outcome: 'contradiction' };

type Solved = Extract<SizeSolution, { outcome: 'solved' }>;
type TooSmall = Extract<SizeSolution, { outcome: 'too-small' }>;

/**
 * Finds the largest size that meets the limits: the whole picture where its shape allows that, otherwise a
 * centred cut that loses least. Never enlarges unless told it may, and then no further than needed.
 *
 * @param source upright size of the picture in pixels
 * @param alternatives from sizeLimits; a size must lie in one of them
 */
export function solveSize(
  source: PixelSize,
  alternatives: readonly SizeLimits[],
  mayEnlarge: boolean,
): SizeSolution {
  if (!alternatives.length) return { outcome: 'contradiction' };
  const tried = alternatives.map(
    limits => solveWhole(source, limits, mayEnlarge) ?? solveTrim(source, limits, mayEnlarge),
  );
  const solved = tried.filter((t): t is Solved => t.outcome === 'solved');
  if (solved.length) return solved.reduce((best, next) => (isBetter(next, best) ? next : best));
  const tooSmall = tried.filter((t): t is TooSmall => t.outcome === 'too-small');
  if (!tooSmall.length) return { outcome: 'contradiction' };
  return tooSmall.reduce((best, next) => (next.enlargement < best.enlargement ? next : best));
}

function isBetter(a: Solved, b: Solved): boolean {
  if (a.lostShare !== b.lostShare) return a.lostShare < b.lostShare;
  return a.target.widthPx * a.target.heightPx > b.target.widthPx * b.target.heightPx;
}

function solveWhole(source: PixelSize, limits: SizeLimits, mayEnlarge: boolean): Solved | undefined {
  const target = scaledInto(source, limits, mayEnlarge);
  if (!isWithin(limits, target.widthPx, target.heightPx)) return undefined;
  return solution('whole', source, { leftPx: 0, topPx: 0, ...source }, target);
}

function solveTrim(source: PixelSize, limits: SizeLimits, mayEnlarge: boolean): SizeSolution {
  const { minRatio, maxRatio } = reachableRatios(limits);
  const own = source.widthPx / source.heightPx;
  // A named ratio is cut to exactly, not to the edge of its tolerance.
  const wanted = own >= minRatio && own <= maxRatio ? own : (limits.namedRatio ?? own);
  const ratio = Math.min(Math.max(wanted, minRatio), maxRatio);
  const cut = largestOfRatio(source, ratio);
  const target = scaledInto(cut, limits, mayEnlarge);
  // Without enlarging no side can be longer than the picture has pixels.
  const most = mayEnlarge ? undefined : source;
  const settled = settle(target, limits, most) ?? searchSize(source, limits);
  if (!settled) return tooSmall(source, cut, limits);
  const exactCut = largestOfRatio(source, settled.widthPx / settled.heightPx);
  return solution('trim', source, centred(source, exactCut), settled);
}

/** Scales a (possibly fractional) size as large as the limits allow and rounds it to whole pixels. */
function scaledInto(size: PixelSize, limits: SizeLimits, mayEnlarge: boolean): PixelSize {
  const area = size.widthPx * size.heightPx;
  const byArea = Math.sqrt(limits.maxArea / area);
  const largest = Math.min(limits.maxWidthPx / size.widthPx, limits.maxHeightPx / size.heightPx, byArea);
  const needed = neededScale(size, limits);
  const wanted = mayEnlarge ? Math.max(1, needed) : 1;
  const scale = Math.min(largest, wanted);
  // An area is kept to by rounding to its inner side; a single side is met by plain rounding.
  const round =
    scale === byArea ? Math.floor : scale === Math.sqrt(limits.minArea / area) ? Math.ceil : Math.round;
  return {
    widthPx: Math.max(1, round(size.widthPx * scale)),
    heightPx: Math.max(1, round(size.heightPx * scale)),
  };
}

function neededScale(size: PixelSize, limits: SizeLimits): number {
  return Math.max(
    limits.minWidthPx / size.widthPx,
    limits.minHeightPx / size.heightPx,
    Math.sqrt(limits.minArea / (size.widthPx * size.heightPx)),
  );
}

/** Rounding can leave a size one pixel outside a bound or a ratio: the nearest allowed neighbour, if any. */
function settle(target: PixelSize, limits: SizeLimits, most: PixelSize | undefined): PixelSize | undefined {
  const steps = [0, -1, 1];
  for (const dw of steps)
    for (const dh of steps) {
      const size = { widthPx: target.widthPx + dw, heightPx: target.heightPx + dh };
      const isThere = size.widthPx > 0 && size.heightPx > 0;
      const isReachable = !most || (size.widthPx <= most.widthPx && size.heightPx <= most.heightPx);
      if (isThere && isReachable && isWithin(limits, size.widthPx, size.heightPx)) return size;
    }
  return undefined;
}

/**
 * Tries every width inside the source, the largest first. Only for rules so narrow that rounding misses them; the
 * general way has answered before.
 */
function searchSize(source: PixelSize, limits: SizeLimits): PixelSize | undefined {
  for (let w = Math.min(limits.maxWidthPx, source.widthPx); w >= limits.minWidthPx; w--) {
    const highest = Math.min(
      limits.maxHeightPx,
      source.heightPx,
      Math.floor(w / limits.minRatio),
      Math.floor(limits.maxArea / w),
    );
    const lowest = Math.max(
      limits.minHeightPx,
      Math.ceil(w / limits.maxRatio),
      Math.ceil(limits.minArea / w),
    );
    // Divisions leave the last bit open, so the answer is asked for by the same comparison as everywhere.
    for (const h of [highest, lowest])
      if (h >= 1 && h <= highest && isWithin(limits, w, h)) return { widthPx: w, heightPx: h };
  }
  return undefined;
}

function largestOfRatio(source: PixelSize, ratio: number): PixelSize {
  return source.widthPx / source.heightPx > ratio
    ? { widthPx: source.heightPx * ratio, heightPx: source.heightPx }
    : { widthPx: source.widthPx, heightPx: source.widthPx / ratio };
}

function centred(source: PixelSize, cut: PixelSize): PixelRect {
  const widthPx = Math.min(source.widthPx, Math.max(1, Math.round(cut.widthPx)));
  const heightPx = Math.min(source.heightPx, Math.max(1, Math.round(cut.heightPx)));
  return {
    leftPx: Math.floor((source.widthPx - widthPx) / 2),
    topPx: Math.floor((source.heightPx - heightPx) / 2),
    widthPx,
    heightPx,
  };
}

function solution(method: 'whole' | 'trim', source: PixelSize, crop: PixelRect, target: PixelSize): Solved {
  const kept = (crop.widthPx * crop.heightPx) / (source.widthPx * source.heightPx);
  return {
    outcome: 'solved',
    method,
    crop,
    target,
    lostShare: 1 - kept,
    scale: target.widthPx / crop.widthPx,
  };
}

function tooSmall(source: PixelSize, cut: PixelSize, limits: SizeLimits): TooSmall {
  const enlargement = neededScale(cut, limits);
  const needed = enlarged(cut, limits, enlargement);
  // The side of the *picture* that falls short, where one does; a cut can fall short though the picture does not.
  const shortWidth = needed.widthPx - source.widthPx;
  const shortHeight = needed.heightPx - source.heightPx;
  const isShort = shortWidth > 0 || shortHeight > 0;
  const ofPicture = shortWidth / needed.widthPx >= shortHeight / needed.heightPx;
  const ofCut = needed.widthPx / cut.widthPx >= needed.heightPx / cut.heightPx;
  const side = (isShort ? ofPicture : ofCut) ? 'width' : 'height';
  const missingOfSource = side === 'width' ? shortWidth : shortHeight;
  const missingOfCut = side === 'width' ? needed.widthPx - cut.widthPx : needed.heightPx - cut.heightPx;
  return {
    outcome: 'too-small',
    enlargement,
    side,
    missingPx: Math.max(1, Math.ceil(missingOfSource > 0 ? missingOfSource : missingOfCut)),
    needed,
  };
}

/** The least allowed size of a shape. Where one side is free, it follows the other. */
function enlarged(cut: PixelSize, limits: SizeLimits, times: number): PixelSize {
  return {
    widthPx: Math.max(limits.minWidthPx, Math.ceil(cut.widthPx * times - 0.5)),
    heightPx: Math.max(limits.minHeightPx, Math.ceil(cut.heightPx * times - 0.5)),
  };
}

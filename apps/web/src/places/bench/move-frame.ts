import {
  largestCut,
  pictureSize,
  type ConformJob,
  type Frame,
  type PixelSize,
  type SquareUp,
} from '@able-frame/core';

/** Least size of a cut that can be asked for; the rules usually stop long before. */
const LEAST_SIZE = 0.02;

/**
 * The frame as it was solved, so that a movement begins where the person sees the picture and not where an earlier
 * movement wanted to go beyond the edge.
 */
export function settledFrame(frame: Frame, job: ConformJob, source: PixelSize): Frame {
  if (job.canvas) return frame;
  const picture = pictureSize(source, frame);
  return {
    ...frame,
    centreX: (job.crop.leftPx + job.crop.widthPx / 2) / picture.widthPx - 0.5,
    centreY: (job.crop.topPx + job.crop.heightPx / 2) / picture.heightPx - 0.5,
  };
}

/** Moves the picture under its frame by some source pixels: to the right, and down. */
export function movedBy(frame: Frame, source: PixelSize, rightPx: number, downPx: number): Frame {
  const picture = pictureSize(source, frame);
  const within = (value: number) => Math.min(0.5, Math.max(-0.5, value));
  return {
    ...frame,
    method: 'trim',
    centreX: within(frame.centreX - rightPx / picture.widthPx),
    centreY: within(frame.centreY - downPx / picture.heightPx),
  };
}

/** Moves a mounted picture over its canvas by a share of the room that is left. */
export function mountedAt(frame: Frame, byX: number, byY: number): Frame {
  const within = (value: number) => Math.min(1, Math.max(0, value));
  return { ...frame, canvasX: within(frame.canvasX + byX), canvasY: within(frame.canvasY + byY) };
}

/** A cut of so many source pixels, whatever its shape: for sheets that leave the shape free. */
export function cutTo(frame: Frame, source: PixelSize, { widthPx, heightPx }: PixelSize): Frame {
  const ratio = widthPx / heightPx;
  const largest = largestCut(pictureSize(source, frame), frame.levelDeg, ratio, { x: 0, y: 0 });
  return { ...frame, method: 'trim', ratio, size: Math.min(1, widthPx / largest.widthPx) };
}

/** Makes the cut larger or smaller: a factor above 1 shows more of the picture. */
export function resizedBy(frame: Frame, factor: number): Frame {
  return { ...frame, method: 'trim', size: Math.min(1, Math.max(LEAST_SIZE, frame.size * factor)) };
}

export function turnedOnce(frame: Frame): Frame {
  // What is at the top goes to the right, and the cut's centre with it.
  const turns = ((frame.turns + 1) % 4) as Frame['turns'];
  return {
    ...frame,
    turns,
    centreX: -frame.centreY,
    centreY: frame.centreX,
    ratio: frame.ratio && 1 / frame.ratio,
  };
}

export function mirroredOnce(frame: Frame): Frame {
  return { ...frame, mirrored: !frame.mirrored, centreX: -frame.centreX, levelDeg: -frame.levelDeg };
}

/** Pulls an artwork true, or leaves it as it was taken; where the cut stood on the other picture means nothing then. */
export function squaredTo(
  frame: Frame,
  square: SquareUp | undefined,
  mayStayWhole: (frame: Frame) => boolean,
): Frame {
  const next = {
    ...frame,
    square,
    levelDeg: 0,
    centreX: 0,
    centreY: 0,
    size: 1,
    ratio: undefined,
  };
  return { ...next, method: frame.method === 'mount' ? 'mount' : mayStayWhole(next) ? 'whole' : 'trim' };
}

/** Tenths of a degree are as fine as anybody sees. */
export function levelledTo(frame: Frame, deg: number): Frame {
  // A picture that is kept whole cannot lie askew: its corners are cut off.
  const method = frame.method === 'whole' ? 'trim' : frame.method;
  return { ...frame, method, levelDeg: Math.round(Math.min(45, Math.max(-45, deg)) * 10) / 10 };
}

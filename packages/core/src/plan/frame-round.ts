import { largestCut, pictureSize, type Frame } from './frame.ts';
import { fromCut } from './from-cut.ts';
import { inverse, mapped } from './homography.ts';
import type { PixelSize } from './pixel-size.ts';

/** Where marks stand on a picture, as shares of the upright source's width and height. */
export interface InkBox {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/**
 * The frame that stands tightly round some marks, with the same margin on every side where the shape lets it.
 * @param ratio width over height that the cut has to have
 * @param marginShare margin as a share of the marks' longer side
 */
export function frameRound(
  source: PixelSize,
  frame: Frame,
  box: InkBox,
  ratio: number,
  marginShare = 0.08,
): Frame {
  const picture = pictureSize(source, frame);
  const all = { leftPx: 0, topPx: 0, ...picture };
  const toPicture = inverse(fromCut(source, { geometry: frame, crop: all }));
  const corners = [box.left, box.right].flatMap(x =>
    [box.top, box.bottom].map(y => mapped(toPicture, { x: x * source.widthPx, y: y * source.heightPx })),
  );
  const [left, right] = [Math.min(...corners.map(c => c.x)), Math.max(...corners.map(c => c.x))];
  const [top, bottom] = [Math.min(...corners.map(c => c.y)), Math.max(...corners.map(c => c.y))];
  const margin = marginShare * Math.max(right - left, bottom - top);
  const [wide, high] = [right - left + 2 * margin, bottom - top + 2 * margin];
  const height = Math.max(high, wide / ratio);
  // What the frame's size is a share of.
  const largest = largestCut(picture, frame.levelDeg, ratio, { x: 0, y: 0 }).heightPx;
  return {
    ...frame,
    method: 'trim',
    centreX: clamped((left + right) / 2 / picture.widthPx - 0.5),
    centreY: clamped((top + bottom) / 2 / picture.heightPx - 0.5),
    size: Math.min(1, height / largest),
  };
}

const clamped = (value: number) => Math.min(0.5, Math.max(-0.5, value));

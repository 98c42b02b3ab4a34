import {
  frameRound,
  pictureSize,
  reachableRatios,
  sizeLimits,
  type Deliverable,
  type Frame,
  type InkBox,
  type PixelSize,
} from '@able-frame/core';

/** The frame round some ink, in the shape that the rules ask, or in the ink's own where they leave it free. */
export function inkFrame(source: PixelSize, deliverable: Deliverable, frame: Frame, ink: InkBox): Frame {
  const { widthPx, heightPx } = pictureSize(source, { ...frame, square: undefined });
  const isTurned = frame.turns % 2 === 1;
  const [wide, high] = [ink.right - ink.left, ink.bottom - ink.top];
  const own = ((isTurned ? high : wide) * widthPx) / ((isTurned ? wide : high) * heightPx);
  const ratios = sizeLimits(deliverable, source).map(limits => {
    const { minRatio, maxRatio } = reachableRatios(limits);
    const wanted = own >= minRatio && own <= maxRatio ? own : (limits.namedRatio ?? own);
    return Math.min(Math.max(wanted, minRatio), maxRatio);
  });
  const [first = own, ...others] = ratios;
  const away = (ratio: number) => Math.abs(Math.log(ratio / own));
  const ratio = others.reduce((best, r) => (away(r) < away(best) ? r : best), first);
  return frameRound(source, { ...frame, ratio }, ink, ratio);
}

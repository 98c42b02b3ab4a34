import { useMemo, useState } from 'react';
import {
  cornerFault,
  estimateRatio,
  FIRST_CORNERS,
  valueOf,
  type CornerFault,
  type Frame,
  type PixelSize,
  type Point,
  type Quad,
  type RatioEstimate,
} from '@able-frame/core';
import type { Picture } from '../../../database/schemas.ts';

export type RatioFrom = 'estimate' | 'known';

/** The true size of an artwork as a person typed it; a pair of lengths in any one unit. */
export interface KnownSize {
  width: number | undefined;
  height: number | undefined;
}

/** Corners and proportions while they are being marked: nothing is done to the picture yet. */
export interface SquareDraft {
  corners: Quad;
  fault: CornerFault | undefined;
  estimate: RatioEstimate | undefined;
  ratioFrom: RatioFrom;
  known: KnownSize;
  /** Undefined until it can be pulled true. */
  ratio: number | undefined;
  setCorner: (index: number, to: Point) => void;
  setRatioFrom: (from: RatioFrom) => void;
  setKnown: (known: KnownSize) => void;
}

export function useSquareDraft(picture: Picture, source: PixelSize, frame: Frame): SquareDraft {
  const [corners, setCorners] = useState<Quad>(frame.square?.corners ?? FIRST_CORNERS);
  const [known, setKnown] = useState<KnownSize>({ width: undefined, height: undefined });
  const [ratioFrom, setRatioFrom] = useState<RatioFrom>('estimate');
  const fault = cornerFault(corners);
  const focal35Mm = valueOf(picture.facts.focal35Mm);
  const estimate = useMemo(
    () => (cornerFault(corners) ? undefined : estimateRatio(source, corners, focal35Mm)),
    [corners, source.widthPx, source.heightPx, focal35Mm], // eslint-disable-line react-hooks/exhaustive-deps
  );
  const knownRatio = known.width && known.height ? known.width / known.height : undefined;
  return {
    corners,
    fault,
    estimate,
    ratioFrom,
    known,
    ratio: fault ? undefined : ratioFrom === 'known' ? knownRatio : estimate?.ratio,
    setCorner: (index, to) =>
      setCorners(now => now.map((corner, i) => (i === index ? within(to) : corner)) as unknown as Quad),
    setRatioFrom,
    setKnown: size => {
      setKnown(size);
      setRatioFrom('known');
    },
  };
}

/** A corner may lie on the picture's edge and not beyond it. */
function within({ x, y }: Point): Point {
  const clamp = (v: number) => Math.min(1, Math.max(0, v));
  return { x: clamp(x), y: clamp(y) };
}

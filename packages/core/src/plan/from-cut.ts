import { pictureSize, type Geometry } from './frame.ts';
import { compose, IDENTITY, shift, stretch, turn, type Homography } from './homography.ts';
import type { PixelRect, PixelSize } from './pixel-size.ts';
import { fromSquared, squaredSize } from './square-up.ts';

/**
 * The map from a cut, measured in source pixels from its upper left corner, to the upright source: all of a picture's
 * geometry at once, so that pixels are taken once and a preview can be laid by the same numbers.
 */
export function fromCut(
  source: PixelSize,
  { geometry, crop }: { geometry: Geometry; crop: PixelRect },
): Homography {
  const { square, turns, mirrored, levelDeg } = geometry;
  const picture = pictureSize(source, geometry);
  const flat = square ? squaredSize(source, square) : source;
  return compose(
    square ? fromSquared(source, square) : IDENTITY,
    shift(flat.widthPx / 2, flat.heightPx / 2),
    turn(-90 * turns),
    mirrored ? stretch(-1, 1) : IDENTITY,
    turn(-levelDeg),
    shift(crop.leftPx - picture.widthPx / 2, crop.topPx - picture.heightPx / 2),
  );
}

import {
  compose,
  densities,
  mapped,
  shift,
  stretch,
  type Homography,
  type PixelSize,
} from '@able-frame/core';
import type { Image, ImageScope, Vips } from './engine.ts';

/** Pixels round the part that is looked at, so that the filters have something to reach into. */
const MARGIN_PX = 8;

/**
 * Takes a cut out of a picture by any projective map, in linear light.
 *
 * Like a level, a map has no filter against fine patterns of its own: the source is first reduced to about twice the
 * size that is wanted, then taken by the map at twice that size, and then reduced to it. Perspective crowds pixels on
 * the far side and spreads them on the near one; the middle of both is what the source is reduced to.
 *
 * @param linear 16 bits of linear light, the upright source
 * @param map from the cut, in pixels from its upper left corner, to the source
 * @param cut size of the cut
 */
export function warpAndResize(
  vips: Vips,
  scope: ImageScope,
  linear: Image,
  map: Homography,
  cut: PixelSize,
  target: PixelSize,
): Image {
  const step = Math.min(1, (2 * target.widthPx) / cut.widthPx);
  const out = {
    widthPx: Math.max(1, Math.round(cut.widthPx * step)),
    heightPx: Math.max(1, Math.round(cut.heightPx * step)),
  };
  const part = partUnder(scope, linear, map, cut);
  const { most, least } = densities(map, cut);
  const shrink = Math.max(1, Math.sqrt(most * least) / step);
  const size = {
    widthPx: Math.max(1, Math.round(part.image.width / shrink)),
    heightPx: Math.max(1, Math.round(part.image.height / shrink)),
  };
  const [stepX, stepY] = [size.widthPx / part.image.width, size.heightPx / part.image.height];
  const reduced = scope.keep(
    (shrink === 1
      ? part.image
      : scope.keep(part.image.resize(stepX, { vscale: stepY, kernel: 'lanczos3' }))
    ).copyMemory(),
  );

  // Pixels are at whole numbers for the engine and half way between them for geometry.
  const fromOut = compose(
    shift(-0.5, -0.5),
    stretch(stepX, stepY),
    shift(-part.left, -part.top),
    map,
    stretch(cut.widthPx / out.widthPx, cut.heightPx / out.heightPx),
    shift(0.5, 0.5),
  );
  const index = indexImage(vips, scope, out, fromOut);
  const bicubic = vips.Interpolate.newFromName('bicubic');
  const taken = scope.keep(reduced.mapim(index, { interpolate: bicubic, extend: 'copy' }));
  bicubic.delete();
  if (out.widthPx === target.widthPx && out.heightPx === target.heightPx) return taken;
  return scope.keep(
    taken.resize(target.widthPx / out.widthPx, {
      vscale: target.heightPx / out.heightPx,
      kernel: 'lanczos3',
    }),
  );
}

/** The upright part of the source that a cut lies on, and where it stands. */
function partUnder(
  scope: ImageScope,
  image: Image,
  map: Homography,
  { widthPx, heightPx }: PixelSize,
): { image: Image; left: number; top: number } {
  const corners = [0, widthPx].flatMap(x => [0, heightPx].map(y => mapped(map, { x, y })));
  const [xs, ys] = [corners.map(c => c.x), corners.map(c => c.y)];
  const left = Math.max(0, Math.floor(Math.min(...xs)) - MARGIN_PX);
  const top = Math.max(0, Math.floor(Math.min(...ys)) - MARGIN_PX);
  const right = Math.min(image.width, Math.ceil(Math.max(...xs)) + MARGIN_PX);
  const bottom = Math.min(image.height, Math.ceil(Math.max(...ys)) + MARGIN_PX);
  const part = image.crop(left, top, Math.max(1, right - left), Math.max(1, bottom - top));
  return { image: scope.keep(part), left, top };
}

/** For every pixel of the result where it comes from, in two bands. */
function indexImage(vips: Vips, scope: ImageScope, { widthPx, heightPx }: PixelSize, map: Homography): Image {
  const places = scope.keep(vips.Image.xyz(widthPx, heightPx));
  const homogeneous = scope.keep(places.bandjoin(1));
  const matrix = scope.keep(
    vips.Image.newFromArray([map.slice(0, 3), map.slice(3, 6), map.slice(6, 9)] as never),
  );
  const moved = scope.keep(scope.keep(homogeneous.cast('float')).recomb(matrix));
  return scope.keep(scope.keep(moved.extractBand(0, { n: 2 })).divide(scope.keep(moved.extractBand(2))));
}

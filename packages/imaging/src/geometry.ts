import type { Geometry, PixelRect, PixelSize } from '@able-frame/core';
import type { Image, ImageScope, Vips } from './engine.ts';

/** Quarter turns clockwise and then, where asked, left and right exchanged. No pixel changes its value. */
export function turnAndMirror(scope: ImageScope, image: Image, { turns, mirrored }: Geometry): Image {
  const turned = turns === 0 ? image : scope.keep(image.rot(ANGLES[turns]));
  return mirrored ? scope.keep(turned.flipHor()) : turned;
}

const ANGLES = { 1: 'd90', 2: 'd180', 3: 'd270' } as const;

/** Pixels round the part that is looked at, so that the filters have something to reach into. */
const MARGIN_PX = 8;

/**
 * Cuts an upright rectangle out of a picture that is turned by some degrees round its centre, in linear light.
 *
 * A rotation has no filter against fine patterns of its own, so the picture is first reduced to twice the size that is
 * wanted, then turned, and then reduced to it: what the turning blurs at the double size is finer than the result.
 *
 * @param linear 16 bits of linear light, the whole picture
 * @param crop from the upper left corner of the picture as it would stand level, with fractions
 */
export function levelAndResize(
  vips: Vips,
  scope: ImageScope,
  linear: Image,
  levelDeg: number,
  crop: PixelRect,
  target: PixelSize,
): Image {
  const angle = (levelDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const middle = { x: linear.width / 2, y: linear.height / 2 };
  const centre = {
    x: crop.leftPx + crop.widthPx / 2 - middle.x,
    y: crop.topPx + crop.heightPx / 2 - middle.y,
  };
  // The cut's centre in the picture's own directions.
  const own = {
    x: middle.x + cos * centre.x + sin * centre.y,
    y: middle.y - sin * centre.x + cos * centre.y,
  };
  const reach = {
    x: (Math.abs(cos) * crop.widthPx + Math.abs(sin) * crop.heightPx) / 2 + MARGIN_PX,
    y: (Math.abs(sin) * crop.widthPx + Math.abs(cos) * crop.heightPx) / 2 + MARGIN_PX,
  };
  const left = Math.max(0, Math.floor(own.x - reach.x));
  const top = Math.max(0, Math.floor(own.y - reach.y));
  const right = Math.min(linear.width, Math.ceil(own.x + reach.x));
  const bottom = Math.min(linear.height, Math.ceil(own.y + reach.y));
  const part = scope.keep(linear.crop(left, top, right - left, bottom - top));

  const scale = target.widthPx / crop.widthPx;
  const step = Math.min(1, 2 * scale);
  const size = {
    widthPx: Math.max(1, Math.round(part.width * step)),
    heightPx: Math.max(1, Math.round(part.height * step)),
  };
  const [stepX, stepY] = [size.widthPx / part.width, size.heightPx / part.height];
  const reduced = step === 1 ? part : scope.keep(part.resize(stepX, { vscale: stepY, kernel: 'lanczos3' }));

  const out = {
    widthPx: Math.max(1, Math.round(crop.widthPx * step)),
    heightPx: Math.max(1, Math.round(crop.heightPx * step)),
  };
  // Pixels are at whole numbers for the engine and half way between them for geometry.
  const from = { x: (own.x - left) * stepX - 0.5, y: (own.y - top) * stepY - 0.5 };
  const to = { x: out.widthPx / 2 - 0.5, y: out.heightPx / 2 - 0.5 };
  const bicubic = vips.Interpolate.newFromName('bicubic');
  const turned = scope.keep(
    reduced.affine([cos, -sin, sin, cos], {
      odx: to.x - (cos * from.x - sin * from.y),
      ody: to.y - (sin * from.x + cos * from.y),
      oarea: [0, 0, out.widthPx, out.heightPx],
      interpolate: bicubic,
      extend: 'copy',
    }),
  );
  bicubic.delete();
  return scope.keep(
    turned.resize(target.widthPx / turned.width, {
      vscale: target.heightPx / turned.height,
      kernel: 'lanczos3',
    }),
  );
}

import type { ConformJob, KnownSpace } from '@able-frame/core';
import type { Image, ImageScope, Vips } from './engine.ts';
import { encodedTable, linearTable } from './tone-curves.ts';

/**
 * Cuts and resizes in linear light with one Lanczos filter, then converts to 8-bit sRGB.
 *
 * The picture is made linear by its own tone curve, resized, and given that curve back, so that the costly
 * profile conversion sees only the small picture and no colour is clipped before the filter. Profiles whose
 * curve is not known are converted to 16-bit sRGB first, at full size.
 */
export function resampleToSrgb(
  vips: Vips,
  scope: ImageScope,
  upright: Image,
  space: KnownSpace | 'untagged',
  job: Pick<ConformJob, 'crop' | 'target'>,
): Image {
  const { crop, target } = job;
  const isGrey = upright.bands < 3;
  const needsEarlyConversion = (space === 'other' && !isGrey) || upright.bands > 3;
  const opened = needsEarlyConversion ? scope.keep(toSrgb(upright, 16)) : upright;
  const curveSpace = space === 'untagged' || needsEarlyConversion || isGrey ? 'srgb' : space;

  const cut = isWholeOf(opened, crop)
    ? opened
    : scope.keep(opened.crop(crop.leftPx, crop.topPx, crop.widthPx, crop.heightPx));
  const resized = resizeLinear(vips, scope, cut, curveSpace, target);

  if (needsEarlyConversion || space === 'untagged' || space === 'srgb')
    return scope.keep(scope.keep(asRgb(scope, resized)).colourspace('srgb'));
  return scope.keep(toSrgb(resized, 8));
}

function resizeLinear(
  vips: Vips,
  scope: ImageScope,
  cut: Image,
  curveSpace: KnownSpace,
  target: ConformJob['target'],
): Image {
  if (cut.width === target.widthPx && cut.height === target.heightPx) return cut;
  const levels = cut.format === 'ushort' ? 65536 : 256;
  const linear = scope.keep(cut.maplut(linearTable(vips, scope, curveSpace, levels)));
  const small = scope.keep(
    linear.resize(target.widthPx / cut.width, { vscale: target.heightPx / cut.height, kernel: 'lanczos3' }),
  );
  const encoded = scope.keep(small.maplut(encodedTable(vips, scope, curveSpace)));
  return scope.keep(encoded.copy({ interpretation: cut.bands < 3 ? 'grey16' : 'rgb16' }));
}

/** Relative colorimetric with black point compensation off: what the club's projector software does as well. */
function toSrgb(image: Image, depth: 8 | 16): Image {
  return image.iccTransform('srgb', { embedded: true, intent: 'relative', depth });
}

function asRgb(scope: ImageScope, image: Image): Image {
  const interpretation =
    image.format === 'ushort' ? (image.bands < 3 ? 'grey16' : 'rgb16') : image.bands < 3 ? 'b-w' : 'srgb';
  return scope.keep(image.copy({ interpretation }));
}

function isWholeOf(image: Image, crop: ConformJob['crop']): boolean {
  return (
    crop.leftPx === 0 && crop.topPx === 0 && crop.widthPx === image.width && crop.heightPx === image.height
  );
}

import { fromCut, type ConformJob, type KnownSpace, type OutputSettings } from '@able-frame/core';
import { profilePath } from './colour-profiles.ts';
import type { Image, ImageScope, Vips } from './engine.ts';
import { levelAndResize } from './geometry.ts';
import { whitenPaper } from './paper.ts';
import { encodedTable, linearTable } from './tone-curves.ts';
import { warpAndResize } from './warp.ts';

/**
 * Cuts and resizes in linear light with one Lanczos filter, then converts to the colours that are asked.
 *
 * The picture is made linear by its own tone curve, resized, and given that curve back, so that the costly
 * profile conversion sees only the small picture and no colour is clipped before the filter. Profiles whose
 * curve is not known are converted to 16-bit sRGB first, at full size.
 */
export function resample(
  vips: Vips,
  scope: ImageScope,
  upright: Image,
  space: KnownSpace | 'untagged',
  job: Cut & { output: ColourSettings },
): Image {
  const { output } = job;
  const isGrey = upright.bands < 3;
  const needsEarlyConversion = (space === 'other' && !isGrey) || upright.bands > 3;
  const opened = needsEarlyConversion ? scope.keep(convert(upright, 'srgb', 16)) : upright;
  const curveSpace = space === 'untagged' || needsEarlyConversion || isGrey ? 'srgb' : space;

  const isSrgb = needsEarlyConversion || space === 'untagged' || space === 'srgb';
  // Where nothing is converted afterwards, the curve rounds to the final levels itself.
  const isLast = isSrgb && output.space === 'srgb' && output.bitDepth === 8 && !output.neutral;
  const resized = resizeLinear(vips, scope, opened, curveSpace, job, isLast ? 8 : 16);
  return toOutput(vips, scope, resized, isSrgb, output);
}

type Cut = Pick<ConformJob, 'geometry' | 'crop' | 'target' | 'evenPaper'>;
type ColourSettings = Pick<OutputSettings, 'space' | 'bitDepth' | 'neutral'>;

function resizeLinear(
  vips: Vips,
  scope: ImageScope,
  picture: Image,
  curveSpace: KnownSpace,
  job: Cut,
  depth: 8 | 16,
): Image {
  const { geometry, crop, target, evenPaper } = job;
  const isUpright = geometry.levelDeg === 0 && !geometry.square;
  const cut = isUpright && !evenPaper ? cutOut(scope, picture, crop) : picture;
  if (isUpright && !evenPaper && cut.width === target.widthPx && cut.height === target.heightPx) return cut;
  const levels = cut.format === 'ushort' ? 65536 : 256;
  const stored = scope.keep(cut.maplut(linearTable(vips, scope, curveSpace, levels)));
  const linear = evenPaper ? whitenPaper(vips, scope, stored) : stored;
  const small = moveAndResize(vips, scope, linear, job);
  const encoded = scope.keep(small.maplut(encodedTable(vips, scope, curveSpace, depth)));
  return asRgb(scope, encoded);
}

/** The geometry that is left to do, and the one resize. @param linear the cut alone, where nothing but it is needed */
function moveAndResize(
  vips: Vips,
  scope: ImageScope,
  linear: Image,
  { geometry, crop, target, evenPaper }: Cut,
): Image {
  if (geometry.square) {
    const map = fromCut({ widthPx: linear.width, heightPx: linear.height }, { geometry, crop });
    return warpAndResize(vips, scope, linear, map, crop, target);
  }
  if (geometry.levelDeg !== 0) return levelAndResize(vips, scope, linear, geometry.levelDeg, crop, target);
  const cut = evenPaper ? cutOut(scope, linear, crop) : linear;
  return scope.keep(
    cut.resize(target.widthPx / cut.width, { vscale: target.heightPx / cut.height, kernel: 'lanczos3' }),
  );
}

function cutOut(scope: ImageScope, image: Image, crop: ConformJob['crop']): Image {
  return isWholeOf(image, crop)
    ? image
    : scope.keep(image.crop(crop.leftPx, crop.topPx, crop.widthPx, crop.heightPx));
}

/** Converts to the colours that are asked; the picture is in its own space, or in sRGB. */
export function toOutput(
  vips: Vips,
  scope: ImageScope,
  image: Image,
  isSrgb: boolean,
  { space, bitDepth, neutral }: ColourSettings,
): Image {
  const typed = asRgb(scope, image);
  if (space === 'grey') return scope.keep(convert(typed, profilePath(vips, 'grey'), bitDepth));
  if (!neutral) return inSpace(vips, scope, typed, isSrgb, space, bitDepth);
  // Grey with the sRGB curve, three times over, is the same grey in sRGB.
  const grey = scope.keep(convert(typed, profilePath(vips, 'grey'), 16));
  const three = thrice(scope, grey);
  if (space === 'srgb') return inSpace(vips, scope, three, true, space, bitDepth);
  const converted = inSpace(vips, scope, three, true, space, bitDepth);
  // Rounding in the conversion leaves a level of difference between the channels; one of them stands for all.
  return thrice(scope, scope.keep(converted.extractBand(1)));
}

function inSpace(
  vips: Vips,
  scope: ImageScope,
  image: Image,
  isSrgb: boolean,
  space: OutputSettings['space'],
  depth: 8 | 16,
): Image {
  if (space === 'srgb' && isSrgb) return scope.keep(image.colourspace(depth === 8 ? 'srgb' : 'rgb16'));
  return scope.keep(convert(image, profilePath(vips, space), depth));
}

function thrice(scope: ImageScope, band: Image): Image {
  const joined = scope.keep(band.bandjoin([band, band]));
  // The grey profile that the conversion left behind must not be taken for that of three channels.
  const three = scope.keep(joined.copy({ interpretation: band.format === 'ushort' ? 'rgb16' : 'srgb' }));
  three.remove('icc-profile-data');
  return three;
}

/**
 * Relative colorimetric with black point compensation off: what the club's projector software does as well.
 * A picture without a profile is taken for sRGB, or for usual printing inks where it has four channels.
 */
function convert(image: Image, profile: string, depth: 8 | 16): Image {
  const withoutProfile = image.bands > 3 ? 'cmyk' : 'srgb';
  return image.iccTransform(profile, {
    embedded: true,
    input_profile: withoutProfile,
    intent: 'relative',
    depth,
  });
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

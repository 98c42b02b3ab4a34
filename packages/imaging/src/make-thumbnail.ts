import { withScope, type Image, type ImageScope, type Vips } from './engine.ts';
import { likenessOf } from './likeness.ts';
import { openPixels, type Original } from './open-picture.ts';
import { whitenPaper } from './paper.ts';
import { encodedTable, linearTable } from './tone-curves.ts';

export interface Thumbnail {
  /** A small sRGB JPEG. */
  bytes: Uint8Array;
  widthPx: number;
  heightPx: number;
  /** Greatest difference between the channels of a pixel, 0 to 255. */
  hue: number;
  /** See likenessOf. */
  likeness: string;
}

/**
 * A small upright picture in sRGB for the ledger and the bench.
 * @param longEdgePx long edge in pixels
 * @param evenPaper whether paper in uneven light is made evenly white, as it will be in the file
 * @throws the engine's exception when the picture cannot be decoded
 */
export function makeThumbnail(
  vips: Vips,
  original: Original,
  longEdgePx: number,
  evenPaper = false,
): Thumbnail {
  return withScope(scope => {
    const small = smallSrgb(vips, scope, original, longEdgePx);
    // The pixels are gone through twice, and the decoder gives them once.
    const plain = scope.keep((evenPaper ? evened(vips, scope, small) : small).copyMemory());
    const jpeg = plain.writeToBuffer('.jpg', { Q: 82, subsample_mode: 'on', keep: 'none' });
    const pixels = plain.writeToMemory() as Uint8Array; // 8 bits, see below
    return {
      bytes: jpeg,
      widthPx: plain.width,
      heightPx: plain.height,
      hue: hueOf(pixels, plain.bands),
      likeness: likenessOf(pixels, plain.width, plain.height, plain.bands),
    };
  });
}

/** A small upright picture in sRGB, 8 bits a channel. The decoder reads at reduced size where the format can. */
export function smallSrgb(vips: Vips, scope: ImageScope, original: Original, longEdgePx: number): Image {
  const options = { height: longEdgePx, size: 'down', output_profile: 'srgb' } as const;
  const small = scope.keep(
    original instanceof Uint8Array
      ? vips.Image.thumbnailBuffer(original, longEdgePx, { ...options, fail_on: 'truncated' })
      : openPixels(vips, scope, original).thumbnailImage(longEdgePx, options),
  );
  const opaque = small.hasAlpha() ? scope.keep(small.flatten({ background: [255] })) : small;
  return opaque.format === 'uchar' ? opaque : scope.keep(opaque.colourspace('srgb'));
}

/** With its paper evened, in the same linear light in which the file is made. */
function evened(vips: Vips, scope: ImageScope, small: Image): Image {
  const pixels = scope.keep(small.copyMemory());
  const linear = scope.keep(pixels.maplut(linearTable(vips, scope, 'srgb', 256)));
  const white = whitenPaper(vips, scope, linear);
  const encoded = scope.keep(white.maplut(encodedTable(vips, scope, 'srgb', 8)));
  return scope.keep(encoded.copy({ interpretation: encoded.bands < 3 ? 'b-w' : 'srgb' }));
}

/** Reducing has evened out single noisy pixels, which nobody would call colour. */
function hueOf(pixels: Uint8Array, bands: number): number {
  if (bands < 3) return 0;
  let hue = 0;
  for (let i = 0; i + 2 < pixels.length; i += bands) {
    const [r = 0, g = 0, b = 0] = [pixels[i], pixels[i + 1], pixels[i + 2]];
    hue = Math.max(hue, Math.max(r, g, b) - Math.min(r, g, b));
  }
  return hue;
}

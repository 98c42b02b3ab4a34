import { withScope, type Vips } from './engine.ts';
import { likenessOf } from './likeness.ts';

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
 * A small upright picture in sRGB for the ledger. The decoder reads at reduced size where the format can.
 * @param longEdgePx long edge in pixels
 * @throws the engine's exception when the picture cannot be decoded
 */
export function makeThumbnail(vips: Vips, bytes: Uint8Array, longEdgePx: number): Thumbnail {
  return withScope(scope => {
    const small = scope.keep(
      vips.Image.thumbnailBuffer(bytes, longEdgePx, {
        height: longEdgePx,
        size: 'down',
        output_profile: 'srgb',
        fail_on: 'truncated',
      }),
    );
    const opaque = small.hasAlpha() ? scope.keep(small.flatten({ background: [255] })) : small;
    const eight = opaque.format === 'uchar' ? opaque : scope.keep(opaque.colourspace('srgb'));
    // The pixels are gone through twice, and the decoder gives them once.
    const plain = scope.keep(eight.copyMemory());
    const jpeg = plain.writeToBuffer('.jpg', { Q: 82, subsample_mode: 'on', keep: 'none' });
    const pixels = plain.writeToMemory() as Uint8Array; // 8 bits, see above
    return {
      bytes: jpeg,
      widthPx: plain.width,
      heightPx: plain.height,
      hue: hueOf(pixels, plain.bands),
      likeness: likenessOf(pixels, plain.width, plain.height, plain.bands),
    };
  });
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

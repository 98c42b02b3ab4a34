import { withScope, type Vips } from './engine.ts';

export interface Thumbnail {
  /** A small sRGB JPEG. */
  bytes: Uint8Array;
  widthPx: number;
  heightPx: number;
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
    const plain = opaque.format === 'uchar' ? opaque : scope.keep(opaque.colourspace('srgb'));
    const jpeg = plain.writeToBuffer('.jpg', { Q: 82, subsample_mode: 'on', keep: 'none' });
    return { bytes: jpeg, widthPx: plain.width, heightPx: plain.height };
  });
}

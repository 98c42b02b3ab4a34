import { recogniseFormat } from '@able-frame/core';
import { attachExif } from './attach-exif.ts';
import { decodeHeic, type DecodedPicture } from './decode-heic.ts';
import type { Image, ImageScope, Vips } from './engine.ts';

/** An original as the engine can open it: its bytes, or the pixels of a kind that the engine does not know. */
export type Original = Uint8Array | DecodedPicture;

/** Readies an original for the engine. @throws Error when it has to be decoded first and cannot be */
export async function readyOriginal(bytes: Uint8Array): Promise<Original> {
  return recogniseFormat(bytes) === 'heic' ? decodeHeic(bytes) : bytes;
}

/**
 * Opens a picture upright, without transparency. Damage of any kind is an error: by default the decoder
 * would fill what is missing with grey and say nothing.
 *
 * @param orientation EXIF orientation as measured, 1 to 8; pixels that were decoded before are upright
 * @param inAnyOrder whether the pixels will be asked for in another order than the file gives them
 * @throws the engine's exception when the picture is truncated or corrupt
 */
export function openPicture(
  vips: Vips,
  scope: ImageScope,
  original: Original,
  orientation: number,
  inAnyOrder = orientation > 1,
): Image {
  if (!(original instanceof Uint8Array)) return openPixels(vips, scope, original);
  const stored = scope.keep(
    vips.Image.newFromBuffer(original, '', {
      access: inAnyOrder ? 'random' : 'sequential',
      fail_on: 'warning',
    }),
  );
  const upright = orientation > 1 ? scope.keep(stored.autorot()) : stored;
  return upright.hasAlpha() ? scope.keep(upright.flatten({ background: [white(upright)] })) : upright;
}

/** Pixels that were decoded before, with their profile and the camera's notes. */
export function openPixels(vips: Vips, scope: ImageScope, picture: DecodedPicture): Image {
  const { rgba, widthPx, heightPx, profile, exif } = picture;
  const four = scope.keep(vips.Image.newFromMemory(rgba, widthPx, heightPx, 4, vips.BandFormat.uchar));
  const typed = scope.keep(four.copy({ interpretation: 'srgb' }));
  if (profile) typed.setBlob('icc-profile-data', profile as never);
  const opaque = scope.keep(typed.flatten({ background: [255] }));
  if (exif) attachExif(vips, scope, opaque, exif);
  return opaque;
}

function white(image: Image): number {
  return image.format === 'ushort' ? 65535 : 255;
}

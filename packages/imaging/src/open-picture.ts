import type { Image, ImageScope, Vips } from './engine.ts';

/**
 * Opens a picture upright, without transparency. Damage of any kind is an error: by default the decoder
 * would fill what is missing with grey and say nothing.
 *
 * @param orientation EXIF orientation as measured, 1 to 8
 * @param inAnyOrder whether the pixels will be asked for in another order than the file gives them
 * @throws the engine's exception when the picture is truncated or corrupt
 */
export function openPicture(
  vips: Vips,
  scope: ImageScope,
  bytes: Uint8Array,
  orientation: number,
  inAnyOrder = orientation > 1,
): Image {
  const stored = scope.keep(
    vips.Image.newFromBuffer(bytes, '', {
      access: inAnyOrder ? 'random' : 'sequential',
      fail_on: 'warning',
    }),
  );
  const upright = orientation > 1 ? scope.keep(stored.autorot()) : stored;
  return upright.hasAlpha() ? scope.keep(upright.flatten({ background: [white(upright)] })) : upright;
}

function white(image: Image): number {
  return image.format === 'ushort' ? 65535 : 255;
}

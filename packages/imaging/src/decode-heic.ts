// The decoder has no types of its own for what is used here, and every project that reads this file needs them.
// eslint-disable-next-line @typescript-eslint/triple-slash-reference
/// <reference path="./libheif.d.ts" />
import { heicBlocks, inspectFile, RECIPES, valueOf, writeProfile } from '@able-frame/core';

/** A picture that another decoder than the engine's has opened: 8 bits a channel, upright. */
export interface DecodedPicture {
  widthPx: number;
  heightPx: number;
  /** Red, green, blue and opacity of every pixel. */
  rgba: Uint8Array;
  /** The colour profile, where the file has one or names its colours. */
  profile: Uint8Array | undefined;
  /** EXIF from its TIFF header on. */
  exif: Uint8Array | undefined;
}

/**
 * Decodes a phone's HEIC picture, with the turns that the file itself asks for applied.
 *
 * The decoder comes in when the first such picture does. It is started anew for each: its memory grows to the largest
 * picture and would never be given back.
 *
 * @throws Error with half a sentence when the picture cannot be decoded
 */
export async function decodeHeic(bytes: Uint8Array): Promise<DecodedPicture> {
  const { default: start } = await import('libheif-js/libheif-wasm/libheif-bundle.mjs');
  const library = await start();
  const images = new library.HeifDecoder().decode(bytes);
  const image = images.find(i => i.is_primary()) ?? images[0];
  if (!image) throw new Error('no picture in the file can be decoded');
  const [widthPx, heightPx] = [image.get_width(), image.get_height()];
  const data = new Uint8ClampedArray(widthPx * heightPx * 4);
  const isFilled = await new Promise<boolean>(done =>
    image.display({ data, width: widthPx, height: heightPx }, filled => done(filled !== null)),
  );
  for (const each of images) each.free();
  if (!isFilled) throw new Error('the picture data are damaged');
  const { profile, exif } = heicBlocks(bytes);
  return {
    widthPx,
    heightPx,
    rgba: new Uint8Array(data.buffer),
    profile: profile ?? namedProfile(bytes),
    exif,
  };
}

/** A profile for the colours that a file names by numbers alone. */
function namedProfile(bytes: Uint8Array): Uint8Array | undefined {
  const space = valueOf(inspectFile(bytes).profile)?.space;
  return space === 'display-p3' ? writeProfile(RECIPES['display-p3']) : undefined;
}

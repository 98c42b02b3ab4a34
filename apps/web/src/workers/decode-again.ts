import { recogniseFormat, type SecondDecode } from '@able-frame/core';
import { decode as decodeTiff } from 'tiff';

/**
 * Decodes a whole file by code that had no part in making it: the browser's own decoders, and for TIFF, which browsers
 * do not know, a decoder written apart from the engine.
 */
export async function decodeAgain(blob: Blob, bytes: Uint8Array): Promise<SecondDecode> {
  try {
    return recogniseFormat(bytes) === 'tiff' ? decodeTiffAgain(bytes) : await decodeByBrowser(blob);
  } catch {
    return { outcome: 'failed', why: 'a second program cannot decode the picture' };
  }
}

async function decodeByBrowser(blob: Blob): Promise<SecondDecode> {
  // Numbers as they are stored: a conversion to the screen's colours could add a hue that the file does not have.
  const bitmap = await createImageBitmap(blob, {
    imageOrientation: 'none',
    colorSpaceConversion: 'none',
    premultiplyAlpha: 'none',
  });
  const { width: widthPx, height: heightPx } = bitmap;
  const context = new OffscreenCanvas(widthPx, heightPx).getContext('2d', { willReadFrequently: true });
  context?.drawImage(bitmap, 0, 0);
  bitmap.close();
  let hue: number | undefined;
  for (let top = 0; context && top < heightPx; top += STRIP_PX) {
    const strip = context.getImageData(0, top, widthPx, Math.min(STRIP_PX, heightPx - top));
    hue = Math.max(hue ?? 0, hueOf(strip.data, 4, 1));
  }
  return { outcome: 'decoded', widthPx, heightPx, hue };
}

/** Lines that are looked at together, so that a large picture is not copied whole. */
const STRIP_PX = 256;

function decodeTiffAgain(bytes: Uint8Array): SecondDecode {
  const [page] = decodeTiff(bytes, { pages: [0] });
  if (!page) return { outcome: 'failed', why: 'the file holds no picture' };
  const { width: widthPx, height: heightPx, samplesPerPixel, bitsPerSample } = page;
  // One level of 8 bits is 257 of 16.
  const hue = samplesPerPixel < 3 ? 0 : hueOf(page.data, samplesPerPixel, bitsPerSample === 16 ? 257 : 1);
  return { outcome: 'decoded', widthPx, heightPx, hue };
}

/** Greatest difference between the first three channels of any pixel, in levels of 8 bits. */
function hueOf(data: ArrayLike<number>, channels: number, perLevel: number): number {
  let hue = 0;
  for (let i = 0; i + 2 < data.length; i += channels) {
    const [r = 0, g = 0, b = 0] = [data[i], data[i + 1], data[i + 2]];
    const difference = (r > g ? (r > b ? r : b) : g > b ? g : b) - (r < g ? (r < b ? r : b) : g < b ? g : b);
    if (difference > hue) hue = difference;
  }
  return Math.round(hue / perLevel);
}

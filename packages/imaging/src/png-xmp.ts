import { crc32 } from '@able-frame/core';

const SIGNATURE_AND_HEADER = 8 + 25;
const KEYWORD = 'XML:com.adobe.xmp';

/**
 * Puts an XMP packet behind the header of a PNG, as ISO 16684-3 asks: an iTXt chunk without compression. The engine
 * writes it as compressed text, which many programs do not look into.
 * @throws Error when the bytes do not begin like a PNG
 */
export function writePngXmp(png: Uint8Array, packet: string): Uint8Array {
  if (png[0] !== 0x89 || png[1] !== 0x50 || png[12] !== 0x49)
    throw new Error('These bytes do not begin like a PNG.');
  // keyword, null, not compressed, method, empty language, empty translated keyword, text (11.3.4.5)
  const body = new TextEncoder().encode(`iTXt${KEYWORD}\0\0\0\0\0${packet}`);
  const out = new Uint8Array(png.length + body.length + 8);
  const view = new DataView(out.buffer);
  out.set(png.subarray(0, SIGNATURE_AND_HEADER));
  view.setUint32(SIGNATURE_AND_HEADER, body.length - 4);
  out.set(body, SIGNATURE_AND_HEADER + 4);
  view.setUint32(SIGNATURE_AND_HEADER + 4 + body.length, crc32(body));
  out.set(png.subarray(SIGNATURE_AND_HEADER), SIGNATURE_AND_HEADER + 8 + body.length);
  return out;
}

const JFIF_LENGTH = 18;

/**
 * Puts a JFIF header (ITU-T T.871, 10.1) behind the start mark. The engine writes none, and without it no program finds
 * a density.
 * @param ppi pixels per inch, 1 to 65535
 * @throws Error when the bytes do not begin like a JPEG, or hold a JFIF header already
 */
export function writeDensity(jpeg: Uint8Array, ppi: number): Uint8Array {
  if (jpeg[0] !== 0xff || jpeg[1] !== 0xd8) throw new Error('These bytes do not begin like a JPEG.');
  if (jpeg[2] === 0xff && jpeg[3] === 0xe0) throw new Error('This JPEG has a JFIF header already.');
  const out = new Uint8Array(jpeg.length + JFIF_LENGTH);
  const [high, low] = [ppi >> 8, ppi & 0xff];
  out.set([0xff, 0xd8]);
  // marker, length 16, "JFIF\0", version 1.01, unit 1 = per inch, x, y, no thumbnail
  out.set([0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 1, high, low, high, low, 0, 0], 2);
  out.set(jpeg.subarray(2), 2 + JFIF_LENGTH);
  return out;
}

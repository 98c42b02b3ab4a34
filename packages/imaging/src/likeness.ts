/**
 * A fingerprint of what a picture shows: whether each of 8 × 8 fields is lighter than its right neighbour. It stays
 * nearly the same when the picture is saved in another size, quality or format.
 */

const FIELDS = 8;

/** @returns 16 hexadecimal digits, 64 bits */
export function likenessOf(pixels: Uint8Array, width: number, height: number, bands: number): string {
  const grid = Array.from({ length: FIELDS }, (_, row) =>
    Array.from({ length: FIELDS + 1 }, (_, column) =>
      meanOf(pixels, width, bands, {
        left: Math.floor((column * width) / (FIELDS + 1)),
        right: Math.max(1, Math.floor(((column + 1) * width) / (FIELDS + 1))),
        top: Math.floor((row * height) / FIELDS),
        bottom: Math.max(1, Math.floor(((row + 1) * height) / FIELDS)),
      }),
    ),
  );
  return grid
    .map(row => {
      const bits = row.slice(0, FIELDS).reduce((sum, v, i) => sum * 2 + (v > (row[i + 1] ?? 0) ? 1 : 0), 0);
      return bits.toString(16).padStart(2, '0');
    })
    .join('');
}

function meanOf(
  pixels: Uint8Array,
  width: number,
  bands: number,
  { left, right, top, bottom }: { left: number; right: number; top: number; bottom: number },
): number {
  const colours = Math.min(3, bands);
  let sum = 0;
  for (let y = top; y < bottom; y++)
    for (let x = left; x < right; x++)
      for (let c = 0; c < colours; c++) sum += pixels[(y * width + x) * bands + c] ?? 0;
  return sum / Math.max(1, (right - left) * (bottom - top) * colours);
}

/**
 * Quality of a JPEG from its luminance quantisation table (ITU-T T.81, table K.1), on the scale of 1 to 100 that scales
 * that table. Encoders with tables of their own get the nearest step of the scale.
 */

/** Table K.1 in zigzag order, as DQT stores it. */
const LUMINANCE = [
  16, 11, 12, 14, 12, 10, 16, 14, 13, 14, 18, 17, 16, 19, 24, 40, 26, 24, 22, 22, 24, 49, 35, 37, 29, 40, 58,
  51, 61, 60, 57, 51, 56, 55, 64, 72, 92, 78, 64, 68, 87, 69, 55, 56, 80, 109, 81, 87, 95, 98, 103, 104, 103,
  62, 77, 113, 121, 112, 100, 120, 92, 101, 103, 99,
];

/** @param table the 64 values of the table that the first component uses, in zigzag order */
export function qualityOf(table: readonly number[]): number {
  let best = { quality: 1, distance: Infinity };
  for (let quality = 1; quality <= 100; quality++) {
    const distance = LUMINANCE.reduce(
      (sum, base, i) => sum + Math.abs(scaled(base, quality) - (table[i] ?? 0)),
      0,
    );
    if (distance < best.distance) best = { quality, distance };
  }
  return best.quality;
}

function scaled(base: number, quality: number): number {
  const percent = quality < 50 ? Math.floor(5000 / quality) : 200 - 2 * quality;
  return Math.min(255, Math.max(1, Math.floor((base * percent + 50) / 100)));
}

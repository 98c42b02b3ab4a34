import type { Image, ImageScope, Vips } from './engine.ts';
import { paperBehind } from './paper-map.ts';

/** Long edge at which the light on the paper is measured: it changes slowly. */
const MAP_PX = 256;
/** Broadest stroke that is not taken for paper, as a share of the long edge. */
const STROKE = 1 / 12;
/** Share of the paper's light, in linear light, from which on a pixel becomes white; pale lines go with the paper. */
const WHITE_FROM = 0.72;

/**
 * Makes paper in uneven or coloured light evenly white, and leaves what is written on it: every pixel is divided by the
 * paper behind it.
 * @param linear 16 bits of linear light, the whole picture
 */
export function whitenPaper(vips: Vips, scope: ImageScope, linear: Image): Image {
  const scale = Math.min(1, MAP_PX / Math.max(linear.width, linear.height));
  const small = scope.keep(linear.resize(scale, { kernel: 'linear' }));
  const pixels = small.writeToMemory() as unknown as Uint16Array;
  const values = new Uint16Array(pixels.buffer, pixels.byteOffset, small.width * small.height * small.bands);
  const { width, height, bands } = small;
  const paper = new Float32Array(values.length);
  for (let band = 0; band < bands; band++) {
    const data = Float32Array.from({ length: width * height }, (_, i) => values[i * bands + band] ?? 0);
    const behind = paperBehind({ data, width, height }, Math.round(STROKE * Math.max(width, height)));
    behind.data.forEach((value, i) => (paper[i * bands + band] = Math.max(1, value)));
  }
  const map = scope.keep(vips.Image.newFromMemory(paper, width, height, bands, vips.BandFormat.float));
  const spread = scope.keep(
    map.resize(linear.width / width, { vscale: linear.height / height, kernel: 'linear' }),
  );
  const share = scope.keep(linear.divide(spread));
  return scope.keep(scope.keep(share.linear(65535 / WHITE_FROM, 0)).cast('ushort'));
}

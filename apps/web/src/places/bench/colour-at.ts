import type { Point } from '@able-frame/core';
import type { Preview } from '../../workers/previews.ts';

/** Pixels of the preview on each side that are taken together: one alone may be grain. */
const REACH = 2;

/**
 * The colour of a picture at a point of its preview, as `#rrggbb`.
 * @returns undefined beside the picture
 */
export async function colourAt(preview: Preview, { x, y }: Point): Promise<string | undefined> {
  if (x < 0 || y < 0 || x >= preview.widthPx || y >= preview.heightPx) return undefined;
  const image = new Image();
  image.src = preview.url;
  await image.decode();
  const side = 2 * REACH + 1;
  const context = new OffscreenCanvas(side, side).getContext('2d', { willReadFrequently: true });
  if (!context) return undefined;
  context.drawImage(image, REACH - Math.floor(x), REACH - Math.floor(y));
  const { data } = context.getImageData(0, 0, side, side);
  const sums = [0, 0, 0, 0];
  // What lies beside the picture has no opacity and does not count.
  for (let i = 0; i < data.length; i += 4)
    if (data[i + 3])
      for (const c of [0, 1, 2, 3]) sums[c] = (sums[c] ?? 0) + (c === 3 ? 1 : (data[i + c] ?? 0));
  const mean = (c: number) => Math.round((sums[c] ?? 0) / Math.max(1, sums[3] ?? 1));
  return `#${[0, 1, 2].map(c => mean(c).toString(16).padStart(2, '0')).join('')}`;
}

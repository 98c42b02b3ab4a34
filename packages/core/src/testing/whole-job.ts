import type { ConformJob } from '../plan/plan-file.ts';
import type { OutputSettings } from '../plan/plan-output.ts';
import type { PixelSize } from '../plan/pixel-size.ts';

/** An sRGB JPEG of 8 bits under no limit, with nothing written beside its pixels, for tests and measurements. */
export const FREE_OUTPUT: OutputSettings = {
  format: 'jpeg',
  bitDepth: 8,
  space: 'srgb',
  embedProfile: true,
  scan: 'baseline',
  leastQuality: 1,
  fullChroma: false,
  neutral: false,
  ppi: undefined,
  maxBytes: undefined,
  minBytes: undefined,
  metadata: { author: undefined, copyright: undefined, camera: false, location: false },
};

/** All of an upright picture in another size. */
export function wholeJob(
  upright: PixelSize,
  target: PixelSize,
  output: Partial<OutputSettings> = {},
): ConformJob {
  return {
    geometry: { turns: 0, mirrored: false, levelDeg: 0 },
    crop: { leftPx: 0, topPx: 0, ...upright },
    target,
    canvas: undefined,
    output: { ...FREE_OUTPUT, ...output },
  };
}

import type { Image } from './engine.ts';
import { writeDensity } from './jpeg-density.ts';

export interface JpegSettings {
  /** 1 to 100. */
  quality: number;
  /** Whether colour is stored at full resolution (4:4:4) or at half in both directions (4:2:0). */
  fullChroma: boolean;
  /** Written into the JFIF header; 72 where nobody asks, since some viewers divide by it. */
  ppi: number;
  scan: 'baseline' | 'progressive';
}

/** The quality used where a sheet has no ceiling: beyond it only the weight grows. */
export const UNLIMITED_QUALITY = 95;

/**
 * Encodes an sRGB image as JPEG with the sRGB profile and a JFIF header, and without any other metadata.
 * The bytes are final: a ceiling is compared with exactly these.
 */
export function encodeJpeg(image: Image, settings: JpegSettings): Uint8Array {
  const bytes = image.writeToBuffer('.jpg', {
    Q: settings.quality,
    subsample_mode: settings.fullChroma ? 'off' : 'on',
    interlace: settings.scan === 'progressive',
    optimize_coding: true,
    keep: 'icc',
    profile: 'srgb',
  });
  return writeDensity(bytes, settings.ppi);
}

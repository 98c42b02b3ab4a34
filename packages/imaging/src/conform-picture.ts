import type { ConformJob, KnownSpace } from '@able-frame/core';
import { encodeJpeg, UNLIMITED_QUALITY } from './encode-jpeg.ts';
import { withScope, type Image, type Vips } from './engine.ts';
import { fitCeiling } from './fit-ceiling.ts';
import { openPicture } from './open-picture.ts';
import { resampleToSrgb } from './resample.ts';

export interface ConformInput {
  /** The original's bytes; never changed. */
  bytes: Uint8Array;
  /** EXIF orientation as measured, 1 to 8. */
  orientation: number;
  /** What the original's profile is by its numbers. */
  space: KnownSpace | 'untagged';
  job: ConformJob;
}

export type Stage = 'opening' | 'resizing' | 'weighing';

export interface MadeFile {
  bytes: Uint8Array;
  quality: number;
  fullChroma: boolean;
  /** How many times it was encoded to find the weight. */
  tries: number;
}

export type ConformResult =
  { outcome: 'made'; file: MadeFile } | { outcome: 'too-heavy'; leastBytes: number; maxBytes: number };

/** Colour at full resolution is worth its bytes only where the quality can be at least this. */
const FULL_CHROMA_FROM = 90;
const USUAL_PPI = 72;

/**
 * Makes one finished file from one original: upright, cut, resized in linear light, sRGB, and as good as the
 * ceiling allows.
 * @throws the engine's exception when the original cannot be decoded whole
 */
export function conformPicture(
  vips: Vips,
  input: ConformInput,
  onStage: (stage: Stage) => void,
): ConformResult {
  return withScope(scope => {
    onStage('opening');
    const upright = openPicture(vips, scope, input.bytes, input.orientation);
    onStage('resizing');
    const pipeline = resampleToSrgb(vips, scope, upright, input.space, input.job);
    // Nothing has been computed so far; this one pass decodes, cuts and resizes.
    const pixels = scope.keep(pipeline.copyMemory());
    onStage('weighing');
    return weigh(pixels, input.job);
  });
}

function weigh(pixels: Image, job: ConformJob): ConformResult {
  const ppi = job.ppi ?? USUAL_PPI;
  const { maxBytes, scan } = job;
  if (maxBytes === undefined) {
    const bytes = encodeJpeg(pixels, { quality: UNLIMITED_QUALITY, fullChroma: true, ppi, scan });
    return { outcome: 'made', file: { bytes, quality: UNLIMITED_QUALITY, fullChroma: true, tries: 1 } };
  }
  const encode = (fullChroma: boolean) => (quality: number) =>
    encodeJpeg(pixels, { quality, fullChroma, ppi, scan });
  const full = fitCeiling(encode(true), maxBytes, { lowest: FULL_CHROMA_FROM, first: FULL_CHROMA_FROM });
  if (full.outcome === 'fits') return made(full.best, true, full.tries);
  const half = fitCeiling(encode(false), maxBytes, { first: FULL_CHROMA_FROM - 2 });
  if (half.outcome === 'fits') return made(half.best, false, full.tries + half.tries);
  return { outcome: 'too-heavy', leastBytes: half.lightest.sizeBytes, maxBytes };
}

function made(
  best: { result: Uint8Array; quality: number },
  fullChroma: boolean,
  tries: number,
): ConformResult {
  return { outcome: 'made', file: { bytes: best.result, quality: best.quality, fullChroma, tries } };
}

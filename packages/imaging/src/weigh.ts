import type { OutputSettings } from '@able-frame/core';
import { encodePicture, type Encoding, type Notes } from './encode.ts';
import type { Image, Vips } from './engine.ts';
import { fitCeiling } from './fit-ceiling.ts';

export interface MadeFile {
  bytes: Uint8Array;
  /** 1 to 100; undefined for a format without loss. */
  quality: number | undefined;
  fullChroma: boolean;
  /** How many times it was encoded to find the weight. */
  tries: number;
}

export type Weighing =
  { outcome: 'made'; file: MadeFile } | { outcome: 'too-heavy'; leastBytes: number; maxBytes: number };

/** The quality used where a sheet has no ceiling: beyond it only the weight grows. */
export const UNLIMITED_QUALITY = 95;
/** Colour at full resolution is worth its bytes only where the quality can be at least this. */
const FULL_CHROMA_FROM = 90;

/** Encodes finished pixels as well as the weights allow. */
export function weigh(vips: Vips, pixels: Image, output: OutputSettings, notes: Notes): Weighing {
  const encode = (encoding: Encoding) => encodePicture(vips, pixels, output, notes, encoding);
  return output.format === 'png' || output.format === 'tiff'
    ? weighWithoutLoss(encode, output)
    : weighWithLoss(encode, output);
}

type Encode = (encoding: Encoding) => Uint8Array;

function weighWithoutLoss(encode: Encode, { maxBytes = Infinity }: OutputSettings): Weighing {
  let leastBytes = Infinity;
  for (const effort of [0, 1] as const) {
    const bytes = encode({ quality: 100, fullChroma: true, effort });
    leastBytes = Math.min(leastBytes, bytes.length);
    if (bytes.length <= maxBytes)
      return { outcome: 'made', file: { bytes, quality: undefined, fullChroma: true, tries: effort + 1 } };
  }
  return { outcome: 'too-heavy', leastBytes, maxBytes };
}

function weighWithLoss(encode: Encode, output: OutputSettings): Weighing {
  const { maxBytes, minBytes = 0, leastQuality } = output;
  const at = (fullChroma: boolean) => (quality: number) => encode({ quality, fullChroma, effort: 0 });
  if (maxBytes === undefined) {
    const quality = Math.max(UNLIMITED_QUALITY, leastQuality);
    const usual = at(true)(quality);
    if (usual.length >= minBytes) return made({ result: usual, quality }, true, 1);
    // A least weight is met, where it can be, by losing nothing.
    return made({ result: at(true)(100), quality: 100 }, true, 2);
  }
  const lowest = Math.max(output.fullChroma ? 1 : FULL_CHROMA_FROM, leastQuality);
  const full = fitCeiling(at(true), maxBytes, { lowest, first: Math.max(lowest, FULL_CHROMA_FROM) });
  if (full.outcome === 'fits') return made(full.best, true, full.tries);
  if (output.fullChroma) return { outcome: 'too-heavy', leastBytes: full.lightest.sizeBytes, maxBytes };
  const half = fitCeiling(at(false), maxBytes, { lowest: leastQuality, first: FULL_CHROMA_FROM - 2 });
  if (half.outcome === 'fits') return made(half.best, false, full.tries + half.tries);
  return { outcome: 'too-heavy', leastBytes: half.lightest.sizeBytes, maxBytes };
}

function made(best: { result: Uint8Array; quality: number }, fullChroma: boolean, tries: number): Weighing {
  return { outcome: 'made', file: { bytes: best.result, quality: best.quality, fullChroma, tries } };
}

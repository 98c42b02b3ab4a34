import { createHash } from 'node:crypto';
import sharp from 'sharp';
import type { ConformJob } from '@able-frame/core';
import { fitCeiling } from '../packages/imaging/src/fit-ceiling.ts';

/** Thrown to learn which quality the search wants next, since the yardstick encodes asynchronously. */
class Wanted extends Error {
  constructor(readonly quality: number) {
    super();
  }
}

/** The same work by sharp in Node: resize, convert, the same search with the same decisions, hash, second decode. */
export async function sharpWholePath(
  bytes: Buffer,
  job: ConformJob,
  inLinearLight: boolean,
): Promise<{ ms: number; sizeBytes: number; meanLevel: number }> {
  const start = performance.now();
  const source = sharp(bytes, { failOn: 'warning' });
  // sharp's linear-light pipeline turns pictures with a wide profile black; a power curve round the resize is right.
  if (inLinearLight) source.gamma(2.2);
  const { data, info } = await source
    .resize(job.target.widthPx, job.target.heightPx, {
      fit: 'fill',
      kernel: 'lanczos3',
      fastShrinkOnLoad: false,
    })
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const raw = { width: info.width, height: info.height, channels: 3 as const };
  const encode = (fullChroma: boolean) => (quality: number) =>
    sharp(data, { raw })
      .withIccProfile('srgb')
      .jpeg({ quality, chromaSubsampling: fullChroma ? '4:4:4' : '4:2:0', optimiseCoding: true })
      .toBuffer();
  const full = await search(encode(true), job.output.maxBytes ?? Infinity, { lowest: 90, first: 90 });
  const best = full ?? (await search(encode(false), job.output.maxBytes ?? Infinity, { first: 88 }));
  if (!best) throw new Error('the yardstick found no quality');
  createHash('sha256').update(best).digest();
  await sharp(best).raw().toBuffer();
  const ms = performance.now() - start;
  return { ms, sizeBytes: best.length, meanLevel: await meanLevelOf(best) };
}

/** Mean of all channels, by which a yardstick shows that it made the same picture. */
export async function meanLevelOf(jpeg: Uint8Array): Promise<number> {
  const { channels } = await sharp(jpeg).stats();
  return channels.reduce((sum, c) => sum + c.mean, 0) / channels.length;
}

async function search(
  encode: (quality: number) => Promise<Buffer>,
  maxBytes: number,
  options: { lowest?: number; first?: number },
): Promise<Buffer | undefined> {
  const known = new Map<number, Buffer>();
  for (;;) {
    try {
      const fit = fitCeiling(
        quality => {
          const made = known.get(quality);
          if (!made) throw new Wanted(quality);
          return made;
        },
        maxBytes,
        options,
      );
      return fit.outcome === 'fits' ? fit.best.result : undefined;
    } catch (error) {
      if (!(error instanceof Wanted)) throw error;
      known.set(error.quality, await encode(error.quality));
    }
  }
}

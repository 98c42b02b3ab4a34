import { inspectFile, type ConformJob } from '@able-frame/core';
import { WorkerPool } from '@able-frame/imaging';
import ImagingWorker from '@able-frame/imaging/worker?worker';
import { measure } from '../../apps/web/src/workers/measure.ts';

/** Does in a page what the application does with one picture: make, read back, decode a second time. */

declare global {
  interface Window {
    wholePath: (
      url: string,
      job: ConformJob,
    ) => Promise<{
      ms: number;
      sizeBytes: number;
      quality: number | undefined;
      tries: number;
      isWhole: boolean;
    }>;
    /** Milliseconds to the first preview that the bench shows. */
    preview: (url: string, longEdgePx: number) => Promise<number>;
    /** Milliseconds to a file, without its proof. */
    conform: (url: string, job: ConformJob) => Promise<{ ms: number; sizeBytes: number }>;
  }
}

const pool = new WorkerPool({ makeWorker: () => new ImagingWorker(), size: 1, jobLimitMs: 120_000 });

window.wholePath = async (url, job) => {
  const bytes = await fetched(url);
  const start = performance.now();
  const facts = inspectFile(bytes);
  const profile = facts.profile.state === 'present' ? facts.profile.value.space : 'untagged';
  const made = await pool.conform({ bytes, orientation: 1, space: profile, job }, () => undefined);
  if (made.outcome !== 'made') throw new Error('the picture could not be made');
  const measured = await measure(new Blob([made.file.bytes as BlobPart], { type: 'image/jpeg' }), true);
  return {
    ms: performance.now() - start,
    sizeBytes: made.file.bytes.length,
    quality: made.file.quality,
    tries: made.file.tries,
    isWhole: measured.decode?.outcome === 'decoded' && measured.facts.complete.state === 'present',
  };
};

window.preview = async (url, longEdgePx) => {
  const bytes = await fetched(url);
  const start = performance.now();
  await pool.thumbnail(bytes, longEdgePx);
  return performance.now() - start;
};

window.conform = async (url, job) => {
  const bytes = await fetched(url);
  const start = performance.now();
  const made = await pool.conform({ bytes, orientation: 1, space: 'adobe-rgb', job }, () => undefined);
  if (made.outcome !== 'made') throw new Error('the picture could not be made');
  return { ms: performance.now() - start, sizeBytes: made.file.bytes.length };
};

async function fetched(url: string): Promise<Uint8Array> {
  return new Uint8Array(await (await fetch(url)).arrayBuffer());
}

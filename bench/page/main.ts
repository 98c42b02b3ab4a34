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
  }
}

const pool = new WorkerPool({ makeWorker: () => new ImagingWorker(), size: 1, jobLimitMs: 120_000 });

window.wholePath = async (url, job) => {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
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

import { WorkerPool } from '@able-frame/imaging';
import ImagingWorker from '@able-frame/imaging/worker?worker';
import { engineStore } from '../store/engine-store.ts';

/** Two workers gain a third on two cores; each may hold 2 GiB, so more need a machine with many. */
const SIZE = (navigator.hardwareConcurrency || 2) >= 8 ? 3 : 2;
/** Far beyond the slowest picture measured (100 megapixels, 3 s); a job this old hangs. */
const JOB_LIMIT_MS = 180_000;

let pool: WorkerPool | undefined;

/** The pool of pixel workers, started when first needed. */
export function imagingPool(): WorkerPool {
  pool ??= new WorkerPool({
    makeWorker: () => new ImagingWorker({ name: 'imaging' }),
    size: SIZE,
    jobLimitMs: JOB_LIMIT_MS,
    onEngine: state => engineStore.setState({ engine: state }),
  });
  return pool;
}

export const PARALLEL_FILES = SIZE;

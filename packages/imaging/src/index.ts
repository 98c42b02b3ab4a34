/** The door for the page: the pool and the shapes of its answers. The worker itself is entered at /worker. */
export { WorkerPool, JobFailed, JobCancelled } from './worker-pool.ts';
export type { EngineState, PoolOptions, WorkerLike } from './worker-pool.ts';
export type { ConformInput, ConformResult, MadeFile, Stage } from './conform-picture.ts';
export type { Thumbnail } from './make-thumbnail.ts';

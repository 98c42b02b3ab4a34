/** The door for the page: the pool and the shapes of its answers. The worker itself is entered at /worker. */
export { WorkerPool, JobFailed, JobCancelled } from './worker-pool.ts';
export type { EngineState, PoolOptions, WorkerLike } from './worker-pool.ts';
export type { ConformInput, ConformResult, Stage } from './conform-picture.ts';
export type { MadeFile } from './weigh.ts';
export type { Thumbnail } from './make-thumbnail.ts';

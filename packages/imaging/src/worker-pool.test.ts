import { describe, expect, it, vi } from 'vitest';
import type { ConformInput } from './conform-picture.ts';
import type { Reply, Request } from './protocol.ts';
import { JobCancelled, JobFailed, WorkerPool, type WorkerLike } from './worker-pool.ts';

/** A worker that does what a test tells it to. */
class FakeWorker implements WorkerLike {
  static all: FakeWorker[] = [];
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  requests: Request[] = [];
  isTerminated = false;
  constructor() {
    FakeWorker.all.push(this);
  }
  postMessage(message: unknown): void {
    this.requests.push(message as Request);
  }
  terminate(): void {
    this.isTerminated = true;
  }
  say(reply: Reply): void {
    this.onmessage?.({ data: reply } as MessageEvent<Reply>);
  }
  finish(): void {
    const id = this.requests.at(-1)?.id ?? 0;
    this.say({ kind: 'conformed', id, result: { outcome: 'too-heavy', leastBytes: 2, maxBytes: 1 } });
  }
  die(): void {
    this.onerror?.({ message: 'out of memory' } as ErrorEvent);
  }
}

const input = () =>
  ({ bytes: new Uint8Array(4), orientation: 1, space: 'srgb', job: {} }) as unknown as ConformInput;
const quiet = () => undefined;

function pool(size: number, jobLimitMs = 60_000): WorkerPool {
  FakeWorker.all = [];
  return new WorkerPool({ makeWorker: () => new FakeWorker(), size, jobLimitMs });
}

const worker = (i: number): FakeWorker => {
  const found = FakeWorker.all[i];
  if (!found) throw new Error(`there is no worker ${i}`);
  return found;
};

describe('WorkerPool', () => {
  it('starts no more workers than it may and gives each the next job', async () => {
    const p = pool(2);
    const jobs = [p.conform(input(), quiet), p.conform(input(), quiet), p.conform(input(), quiet)];
    expect(FakeWorker.all).toHaveLength(2);
    worker(0).finish();
    await jobs[0];
    expect(worker(0).requests).toHaveLength(2);
    worker(0).finish();
    worker(1).finish();
    await Promise.all(jobs);
  });

  it('fails only the job of a worker that dies, and replaces it', async () => {
    const p = pool(1);
    const first = p.conform(input(), quiet);
    const second = p.conform(input(), quiet);
    worker(0).die();
    await expect(first).rejects.toThrow(JobFailed);
    expect(worker(0).isTerminated).toBe(true);
    worker(1).finish();
    await expect(second).resolves.toMatchObject({ outcome: 'too-heavy' });
  });

  it('ends a job that hangs', async () => {
    vi.useFakeTimers();
    try {
      const job = pool(1, 1000).conform(input(), quiet);
      const outcome = expect(job).rejects.toThrow('took too long');
      vi.advanceTimersByTime(1001);
      await outcome;
      expect(worker(0).isTerminated).toBe(true);
    } finally {
      vi.useRealTimers();
    }
  });

  it('cancels waiting and running jobs', async () => {
    const p = pool(1);
    const stop = new AbortController();
    const jobs = [p.conform(input(), quiet, stop.signal), p.conform(input(), quiet, stop.signal)];
    stop.abort();
    for (const job of jobs) await expect(job).rejects.toThrow(JobCancelled);
    const after = p.conform(input(), quiet);
    worker(1).finish();
    await after;
  });

  it('lets thumbnails go before files that wait', () => {
    const p = pool(1);
    void p.conform(input(), quiet);
    void p.conform(input(), quiet);
    void p.thumbnail(new Uint8Array(4), 320);
    worker(0).finish();
    expect(worker(0).requests.map(r => r.kind)).toEqual(['conform', 'thumbnail']);
  });

  it('reports stages, and failures as sentences', async () => {
    const stages: string[] = [];
    const job = pool(1).conform(input(), stage => stages.push(stage));
    worker(0).say({ kind: 'stage', id: 1, stage: 'weighing' });
    worker(0).say({ kind: 'failed', id: 1, why: 'the picture data are damaged' });
    await expect(job).rejects.toThrow('the picture data are damaged');
    expect(stages).toEqual(['weighing']);
  });
});

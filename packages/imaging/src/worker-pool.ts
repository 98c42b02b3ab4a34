import type { InkBox } from '@able-frame/core';
import type { ConformInput, ConformResult, Stage } from './conform-picture.ts';
import type { Thumbnail } from './make-thumbnail.ts';
import type { Reply, Request } from './protocol.ts';

/** The part of a Worker that the pool needs; tests give one of their own. */
export interface WorkerLike {
  postMessage(message: unknown, transfer?: Transferable[]): void;
  terminate(): void;
  onmessage: ((event: MessageEvent<Reply>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
}

export interface PoolOptions {
  makeWorker: () => WorkerLike;
  /** How many workers at most. */
  size: number;
  /** A job that takes longer is ended together with its worker, in milliseconds. */
  jobLimitMs: number;
  onEngine?: (state: EngineState) => void;
}

export type EngineState = { state: 'starting' } | { state: 'ready' } | { state: 'failed'; why: string };

/** A job that did not succeed, as a sentence without its full stop. */
export class JobFailed extends Error {}
/** The person stopped it. */
export class JobCancelled extends Error {}

type Answer = Extract<Reply, { kind: 'conformed' | 'thumbnail' | 'ink' }>;

interface Job {
  request: Request;
  transfer: Transferable[];
  urgent: boolean;
  onStage: (stage: Stage) => void;
  settle: (answer: Answer) => void;
  fail: (error: Error) => void;
  signal: AbortSignal | undefined;
}

interface Seat {
  worker: WorkerLike;
  job: Job | undefined;
  timer: ReturnType<typeof setTimeout> | undefined;
}

/**
 * Workers that run one job each. A worker that dies, hangs, or is cancelled is replaced by a new one; its job
 * fails with a reason and every other job goes on.
 */
export class WorkerPool {
  private readonly seats: Seat[] = [];
  private readonly queue: Job[] = [];
  private nextId = 1;
  private isEngineKnown = false;

  constructor(private readonly options: PoolOptions) {}

  /**
   * Makes one finished file.
   * @throws JobFailed when the original cannot be decoded, JobCancelled when the signal fires
   */
  async conform(
    input: ConformInput,
    onStage: (stage: Stage) => void,
    signal?: AbortSignal,
  ): Promise<ConformResult> {
    const id = this.nextId++;
    const request: Request = { kind: 'conform', id, input };
    const answer = await this.run(request, [input.bytes.buffer as ArrayBuffer], false, onStage, signal);
    if (answer.kind !== 'conformed') throw new JobFailed('the worker answered another question');
    return answer.result;
  }

  /**
   * Makes a small picture for the ledger or the bench. Waits in front of the files to be made.
   * @param evenPaper whether paper in uneven light is shown evenly white
   */
  async thumbnail(
    bytes: Uint8Array,
    longEdgePx: number,
    { evenPaper = false, signal }: { evenPaper?: boolean; signal?: AbortSignal } = {},
  ): Promise<Thumbnail> {
    const id = this.nextId++;
    const request: Request = { kind: 'thumbnail', id, bytes, longEdgePx, evenPaper };
    const answer = await this.run(request, [bytes.buffer as ArrayBuffer], true, () => undefined, signal);
    if (answer.kind !== 'thumbnail') throw new JobFailed('the worker answered another question');
    return answer.thumbnail;
  }

  /** Finds the marks on a sheet of paper, such as a signature; undefined where there are none. */
  async findInk(bytes: Uint8Array): Promise<InkBox | undefined> {
    const request: Request = { kind: 'find-ink', id: this.nextId++, bytes };
    const answer = await this.run(request, [bytes.buffer as ArrayBuffer], true, () => undefined, undefined);
    if (answer.kind !== 'ink') throw new JobFailed('the worker answered another question');
    return answer.ink;
  }

  /** Ends every worker; waiting jobs are cancelled. */
  close(): void {
    for (const job of this.queue.splice(0)) job.fail(new JobCancelled('stopped'));
    for (const seat of this.seats.splice(0)) this.empty(seat, new JobCancelled('stopped'));
  }

  private run(
    request: Request,
    transfer: Transferable[],
    urgent: boolean,
    onStage: (stage: Stage) => void,
    signal: AbortSignal | undefined,
  ): Promise<Answer> {
    return new Promise((settle, fail) => {
      if (signal?.aborted) return fail(new JobCancelled('stopped'));
      const job: Job = { request, transfer, urgent, onStage, settle, fail, signal };
      signal?.addEventListener('abort', () => this.cancel(job), { once: true });
      const firstPatient = this.queue.findIndex(waiting => !waiting.urgent);
      this.queue.splice(urgent && firstPatient !== -1 ? firstPatient : this.queue.length, 0, job);
      this.fill();
    });
  }

  private fill(): void {
    for (;;) {
      const job = this.queue[0];
      if (!job) return;
      // One signal may stop many jobs: no worker is started for one that is about to be told.
      if (job.signal?.aborted) {
        this.queue.shift();
        job.fail(new JobCancelled('stopped'));
        continue;
      }
      const seat =
        this.seats.find(s => !s.job) ?? (this.seats.length < this.options.size ? this.addSeat() : undefined);
      if (!seat) return;
      this.queue.shift();
      seat.job = job;
      seat.timer = setTimeout(
        () => this.replace(seat, new JobFailed('it took too long and was stopped')),
        this.options.jobLimitMs,
      );
      seat.worker.postMessage(job.request, job.transfer);
    }
  }

  private addSeat(): Seat {
    if (!this.isEngineKnown) this.options.onEngine?.({ state: 'starting' });
    const seat: Seat = { worker: this.options.makeWorker(), job: undefined, timer: undefined };
    seat.worker.onmessage = event => this.hear(seat, event.data);
    seat.worker.onerror = event =>
      this.replace(seat, new JobFailed(event.message || 'the worker ended unexpectedly'));
    this.seats.push(seat);
    return seat;
  }

  private hear(seat: Seat, reply: Reply): void {
    if (reply.kind === 'engine-ready') {
      this.isEngineKnown = true;
      this.options.onEngine?.({ state: 'ready' });
      return;
    }
    if (reply.kind === 'engine-failed') {
      this.options.onEngine?.({ state: 'failed', why: reply.why });
      this.replace(seat, new JobFailed(reply.why));
      return;
    }
    const { job } = seat;
    if (!job || reply.id !== job.request.id) return;
    if (reply.kind === 'stage') return job.onStage(reply.stage);
    this.release(seat);
    if (reply.kind === 'failed') job.fail(new JobFailed(reply.why));
    else job.settle(reply);
    this.fill();
  }

  private cancel(job: Job): void {
    const waiting = this.queue.indexOf(job);
    if (waiting !== -1) {
      this.queue.splice(waiting, 1);
      job.fail(new JobCancelled('stopped'));
      return;
    }
    const seat = this.seats.find(s => s.job === job);
    if (seat) this.replace(seat, new JobCancelled('stopped'));
  }

  private replace(seat: Seat, error: Error): void {
    const index = this.seats.indexOf(seat);
    if (index !== -1) this.seats.splice(index, 1);
    this.empty(seat, error);
    this.fill();
  }

  private empty(seat: Seat, error: Error): void {
    const { job } = seat;
    this.release(seat);
    seat.worker.onmessage = null;
    seat.worker.onerror = null;
    seat.worker.terminate();
    job?.fail(error);
  }

  private release(seat: Seat): void {
    clearTimeout(seat.timer);
    seat.timer = undefined;
    seat.job = undefined;
  }
}

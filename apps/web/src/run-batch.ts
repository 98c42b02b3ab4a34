import { proveFile, valueOf, wordCount } from '@able-frame/core';
import { JobCancelled, type Stage } from '@able-frame/imaging';
import { readOriginal, saveMade } from './database/database.ts';
import type { Made } from './database/schemas.ts';
import { spaceOf } from './store/picture-facts.ts';
import type { Row } from './store/rows.ts';
import { submissionStore, withEntry, type RunState } from './store/submission-store.ts';
import { imagingPool, PARALLEL_FILES } from './workers/imaging-pool.ts';
import { measure } from './workers/measure.ts';

/**
 * Makes and proves files: the one place that joins plan, engine, inspection and proof. Each result is kept as
 * soon as it is there, so a closed tab loses at most the files being made at that moment.
 */
export async function runBatch(rows: readonly Row[]): Promise<void> {
  const { submission, run } = submissionStore.getState();
  if (!submission || run || !rows.length) return;
  const stop = new AbortController();
  const queue = [...rows];
  setRun({
    total: rows.length,
    done: 0,
    stages: new Map(rows.map(row => [row.picture.id, 'waiting'])),
    cancel: () => stop.abort(),
  });
  const lanes = Array.from({ length: PARALLEL_FILES }, async () => {
    for (let row = queue.shift(); row && !stop.signal.aborted; row = queue.shift()) {
      const made = await makeOne(row, submission.id, stop.signal);
      if (made) await keep(made);
      const now = submissionStore.getState().run;
      if (now)
        setRun({ ...now, done: now.done + 1, stages: withEntry(now.stages, row.picture.id, undefined) });
    }
  });
  await Promise.all(lanes);
  const stopped = stop.signal.aborted;
  submissionStore.setState({
    run: undefined,
    ...(stopped
      ? { notice: { text: 'Stopped. The files that were finished are kept.', tone: 'plain' as const } }
      : {}),
  });
}

function setRun(run: RunState): void {
  submissionStore.setState({ run });
}

function setStage(pictureId: string, stage: Stage | 'proving'): void {
  const { run } = submissionStore.getState();
  if (run?.stages.has(pictureId)) setRun({ ...run, stages: withEntry(run.stages, pictureId, stage) });
}

async function keep(made: Made): Promise<void> {
  try {
    await saveMade(made);
  } catch (error) {
    submissionStore.setState({
      notice: { text: `A finished file could not be kept. ${(error as Error).message}`, tone: 'trouble' },
    });
  }
  const { made: all, submission } = submissionStore.getState();
  if (submission?.id === made.submissionId)
    submissionStore.setState({ made: withEntry(all, made.pictureId, made) });
}

/** Makes one file and proves it. Whatever goes wrong becomes a result with a sentence; undefined when stopped. */
async function makeOne(row: Row, submissionId: string, signal: AbortSignal): Promise<Made | undefined> {
  const base = { pictureId: row.picture.id, submissionId, planKey: row.planKey };
  try {
    const result = await conformAndProve(row, signal);
    return result && { ...base, result };
  } catch (error) {
    if (error instanceof JobCancelled) return undefined;
    return { ...base, result: { kind: 'failed', why: wordFailure((error as Error).message) } };
  }
}

async function conformAndProve(row: Row, signal: AbortSignal): Promise<Made['result'] | undefined> {
  const { picture, entry } = row;
  const plan = entry.plan;
  const sheet = submissionStore.getState().submission?.sheet;
  const deliverable = sheet?.deliverables[0];
  if (plan?.state !== 'ready' || !deliverable) return undefined;
  const original = await readOriginal(picture.id);
  if (!original)
    return {
      kind: 'failed',
      why: 'The original is not in the browser’s store any more. Take the picture out and add it again.',
    };

  const input = {
    bytes: new Uint8Array(await original.arrayBuffer()),
    orientation: valueOf(picture.facts.orientation) ?? 1,
    space: spaceOf(picture),
    job: plan.job,
  };
  const made = await imagingPool().conform(input, stage => setStage(picture.id, stage), signal);
  if (made.outcome === 'too-heavy')
    return {
      kind: 'failed',
      why: `Even at the lowest quality the file weighs ${wordCount(made.leastBytes)} bytes, and at most ${wordCount(made.maxBytes)} are allowed. Ask the organiser for fewer pixels or more bytes.`,
    };
  setStage(picture.id, 'proving');
  const blob = new Blob([made.file.bytes as BlobPart], { type: 'image/jpeg' });
  const { facts, sha256, decode } = await measure(blob, true);
  const findings = proveFile({
    deliverable,
    facts,
    fileName: plan.name,
    expectedName: plan.name,
    decode: decode ?? { outcome: 'failed', why: 'it was not decoded' },
    scale: plan.scale,
    sheet,
  });
  return { kind: 'file', name: plan.name, blob, sha256, quality: made.file.quality, findings };
}

function wordFailure(why: string): string {
  return `The file could not be made: ${why}. Copy the original again from where it came from, or save it anew in a picture program, and add that.`;
}

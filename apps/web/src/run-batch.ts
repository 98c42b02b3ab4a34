import { proveFile, valueOf, wordCount } from '@able-frame/core';
import { JobCancelled, type Stage } from '@able-frame/imaging';
import { readOriginal, saveMade } from './database/database.ts';
import type { Made } from './database/schemas.ts';
import { sizeOf, spaceOf } from './store/picture-facts.ts';
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
    stages: new Map(rows.map(row => [row.id, 'waiting'])),
    cancel: () => stop.abort(),
  });
  const lanes = Array.from({ length: PARALLEL_FILES }, async () => {
    for (let row = queue.shift(); row && !stop.signal.aborted; row = queue.shift()) {
      const made = await makeOne(row, submission.id, stop.signal);
      if (made) await keep(made);
      const now = submissionStore.getState().run;
      if (now) setRun({ ...now, done: now.done + 1, stages: withEntry(now.stages, row.id, undefined) });
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

function setStage(fileId: string, stage: Stage | 'proving'): void {
  const { run } = submissionStore.getState();
  if (run?.stages.has(fileId)) setRun({ ...run, stages: withEntry(run.stages, fileId, stage) });
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
  if (submission?.id === made.submissionId) submissionStore.setState({ made: withEntry(all, made.id, made) });
}

/** Makes one file and proves it. Whatever goes wrong becomes a result with a sentence; undefined when stopped. */
async function makeOne(row: Row, submissionId: string, signal: AbortSignal): Promise<Made | undefined> {
  const base = {
    id: row.id,
    pictureId: row.picture.id,
    deliverableId: row.deliverable.id,
    submissionId,
    planKey: row.planKey,
  };
  try {
    const result = await conformAndProve(row, signal);
    return result && { ...base, result };
  } catch (error) {
    if (error instanceof JobCancelled) return undefined;
    return { ...base, result: { kind: 'failed', why: wordFailure((error as Error).message) } };
  }
}

async function conformAndProve(row: Row, signal: AbortSignal): Promise<Made['result'] | undefined> {
  const { picture, entry, deliverable } = row;
  const plan = entry.plan;
  const submission = submissionStore.getState().submission;
  if (plan?.state !== 'ready' || !submission) return undefined;
  const { sheet } = submission;
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
  const made = await imagingPool().conform(input, stage => setStage(row.id, stage), signal);
  if (made.outcome === 'too-heavy')
    return {
      kind: 'failed',
      why: `At its lightest the file weighs ${wordCount(made.leastBytes)} bytes, and at most ${wordCount(made.maxBytes)} are allowed. Ask the organiser for fewer pixels or more bytes.`,
    };
  setStage(row.id, 'proving');
  const blob = new Blob([made.file.bytes as BlobPart], { type: MEDIA_TYPES[plan.job.output.format] });
  const { facts, sha256, decode } = await measure(blob, true);
  const findings = proveFile({
    deliverable,
    facts,
    fileName: plan.name,
    expectedName: plan.name,
    decode: decode ?? { outcome: 'failed', why: 'it was not decoded' },
    scale: plan.scale,
    source: sizeOf(picture),
    sheet,
    isOurs: true,
    expectedTexts: {
      author: plan.job.output.metadata.author,
      copyright: plan.job.output.metadata.copyright,
    },
    inMonochromeSection: sheet.sections.some(
      s => s.code === picture.sectionCode && s.picture === 'monochrome',
    ),
  });
  const { quality } = made.file;
  return {
    kind: 'file',
    name: plan.name,
    blob,
    sha256,
    findings,
    ...(quality === undefined ? {} : { quality }),
  };
}

const MEDIA_TYPES = {
  jpeg: 'image/jpeg',
  png: 'image/png',
  tiff: 'image/tiff',
  webp: 'image/webp',
} as const;

function wordFailure(why: string): string {
  return `The file could not be made: ${why}. Copy the original again from where it came from, or save it anew in a picture program, and add that.`;
}

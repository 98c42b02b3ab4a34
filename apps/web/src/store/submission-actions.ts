import { capitalised, wordNumber, type RuleSheet } from '@able-frame/core';
import * as database from '../database/database.ts';
import type { Picture, Submission } from '../database/schemas.ts';
import { resetSubmissionStore, submissionStore, withEntry } from './submission-store.ts';

/** What a person does to a submission, outside bringing pictures in and making files. */

/** @param demoId of a submission that comes with the program */
export async function createSubmission(sheet: RuleSheet, demoId?: string): Promise<Submission> {
  const submission: Submission = {
    id: demoId ?? crypto.randomUUID(),
    sheet,
    details: {},
    order: [],
    ticked: [],
    createdAt: new Date().toISOString(),
    demo: demoId !== undefined,
  };
  await database.saveSubmission(submission);
  return submission;
}

/** Opens a submission in the store, with its pictures and results. */
export async function openSubmission(id: string): Promise<void> {
  if (submissionStore.getState().submission?.id === id) return;
  submissionStore.getState().run?.cancel();
  resetSubmissionStore();
  const [submission, pictures, made] = await Promise.all([
    database.readSubmission(id),
    database.readPictures(id),
    database.readMade(id),
  ]);
  submissionStore.setState({
    status: submission ? 'open' : 'missing',
    submission,
    pictures: new Map(pictures.map(p => [p.id, p])),
    made: new Map(made.map(m => [m.id, m])),
  });
}

async function changeSubmission(change: Partial<Submission>): Promise<void> {
  const { submission } = submissionStore.getState();
  if (!submission) return;
  const next = { ...submission, ...change };
  submissionStore.setState({ submission: next });
  await guarded(database.saveSubmission(next));
}

/** Holds the open submission to a newer version of its sheet. */
export function takeNewerRules(sheet: RuleSheet): Promise<void> {
  return changeSubmission({ sheet });
}

export function setDetail(id: string, value: string): Promise<void> {
  const details = submissionStore.getState().submission?.details ?? {};
  return changeSubmission({ details: { ...details, [id]: value } });
}

export function setTicked(id: string, isTicked: boolean): Promise<void> {
  const ticked = submissionStore.getState().submission?.ticked ?? [];
  return changeSubmission({
    ticked: isTicked ? [...new Set([...ticked, id])] : ticked.filter(t => t !== id),
  });
}

export function setOrder(order: string[]): Promise<void> {
  return changeSubmission({ order });
}

export async function changePicture(id: string, change: Partial<Picture>): Promise<void> {
  const { pictures } = submissionStore.getState();
  const picture = pictures.get(id);
  if (!picture) return;
  const next = { ...picture, ...change };
  submissionStore.setState({ pictures: withEntry(pictures, id, next) });
  await guarded(database.savePicture(next));
}

/** Moves a picture to another place in running-number order, from 1; pictures that were not taken have no place. */
export async function movePicture(id: string, place: number): Promise<void> {
  const { submission, pictures } = submissionStore.getState();
  if (!submission) return;
  const counted = submission.order.filter(other => pictures.get(other)?.intake.taken);
  if (!counted.includes(id)) return;
  const others = counted.filter(other => other !== id);
  const wanted = Math.min(others.length, Math.max(0, place - 1));
  const moved = [...others.slice(0, wanted), id, ...others.slice(wanted)];
  // The others keep their places among those that count.
  let next = 0;
  await setOrder(submission.order.map(other => (counted.includes(other) ? (moved[next++] ?? other) : other)));
}

export function removePicture(id: string): Promise<void> {
  return removePictures([id]);
}

/** Takes pictures out of the submission. Their bytes stay until the next visit, so that they can be put back. */
export async function removePictures(ids: readonly string[]): Promise<void> {
  const { submission, pictures } = submissionStore.getState();
  const [first] = ids.flatMap(id => pictures.get(id) ?? []);
  if (!submission || !first) return;
  const before = submission.order;
  await setOrder(before.filter(other => !ids.includes(other)));
  const what = ids.length === 1 ? first.title || first.fileName : `${wordNumber(ids.length)} pictures`;
  submissionStore.setState({
    notice: {
      text: `${capitalised(what)} ${ids.length === 1 ? 'was' : 'were'} taken out.`,
      tone: 'plain',
      undo: () => {
        const now = new Set(submissionStore.getState().submission?.order ?? []);
        const back = new Set(ids);
        const added = [...now].filter(id => !before.includes(id));
        void setOrder([...before.filter(id => now.has(id) || back.has(id)), ...added]);
        submissionStore.setState({ notice: undefined });
      },
    },
  });
}

/** Deletes pictures that were taken out in an earlier visit. */
export async function sweepRemoved(submission: Submission): Promise<void> {
  const pictures = await database.readPictures(submission.id);
  for (const picture of pictures)
    if (!submission.order.includes(picture.id)) await database.deletePicture(picture.id);
}

/** Shows a failed write as a sentence instead of losing it. */
async function guarded(work: Promise<unknown>): Promise<void> {
  try {
    await work;
  } catch (error) {
    submissionStore.setState({
      notice: { text: `This change could not be kept. ${(error as Error).message}`, tone: 'trouble' },
    });
  }
}

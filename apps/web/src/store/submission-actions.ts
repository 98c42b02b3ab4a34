import type { RuleSheet } from '@able-frame/core';
import * as database from '../database/database.ts';
import type { Picture, Submission } from '../database/schemas.ts';
import { resetSubmissionStore, submissionStore, withEntry } from './submission-store.ts';

/** What a person does to a submission, outside bringing pictures in and making files. */

export async function createSubmission(sheet: RuleSheet, demo = false): Promise<Submission> {
  const submission: Submission = {
    id: demo ? 'demo' : crypto.randomUUID(),
    sheet,
    details: {},
    order: [],
    ticked: [],
    createdAt: new Date().toISOString(),
    demo,
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

/** Takes a picture out of the submission. Its bytes stay until the next visit, so that it can be put back. */
export async function removePicture(id: string): Promise<void> {
  const { submission, pictures } = submissionStore.getState();
  const picture = pictures.get(id);
  if (!submission || !picture) return;
  const before = submission.order;
  await setOrder(before.filter(other => other !== id));
  submissionStore.setState({
    notice: {
      text: `${picture.title || picture.fileName} was taken out.`,
      tone: 'plain',
      undo: () => {
        const now = submissionStore.getState().submission?.order ?? [];
        const at = before.indexOf(id);
        void setOrder([...now.slice(0, at), id, ...now.slice(at)]);
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

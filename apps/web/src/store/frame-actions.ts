import type { Frame } from '@able-frame/core';
import type { FrameHistory, Picture } from '../database/schemas.ts';
import { changePicture } from './submission-actions.ts';
import { submissionStore } from './submission-store.ts';

/** What a person does to frames. Every step can be taken back, also after the page was closed. */

/** Steps that are kept for one frame; a long evening has some hundreds. */
const MOST_STEPS = 500;

const NO_HISTORY: FrameHistory = { past: [], future: [] };

function pictureOf(id: string): Picture | undefined {
  return submissionStore.getState().pictures.get(id);
}

/** Sets a frame, or goes back to the program's proposal. */
export function setFrame(pictureId: string, deliverableId: string, frame: Frame | undefined): Promise<void> {
  const picture = pictureOf(pictureId);
  if (!picture) return Promise.resolve();
  const { past } = picture.frameHistory?.[deliverableId] ?? NO_HISTORY;
  const before = picture.frames?.[deliverableId] ?? null;
  return put(picture, deliverableId, frame, { past: [...past, before].slice(-MOST_STEPS), future: [] });
}

export function undoFrame(pictureId: string, deliverableId: string): Promise<void> {
  const picture = pictureOf(pictureId);
  const { past, future } = picture?.frameHistory?.[deliverableId] ?? NO_HISTORY;
  if (!picture || !past.length) return Promise.resolve();
  const now = picture.frames?.[deliverableId] ?? null;
  return put(picture, deliverableId, past.at(-1) ?? undefined, {
    past: past.slice(0, -1),
    future: [now, ...future],
  });
}

export function redoFrame(pictureId: string, deliverableId: string): Promise<void> {
  const picture = pictureOf(pictureId);
  const { past, future } = picture?.frameHistory?.[deliverableId] ?? NO_HISTORY;
  const [next, ...rest] = future;
  if (!picture || next === undefined) return Promise.resolve();
  const now = picture.frames?.[deliverableId] ?? null;
  return put(picture, deliverableId, next ?? undefined, { past: [...past, now], future: rest });
}

function put(
  picture: Picture,
  deliverableId: string,
  frame: Frame | undefined,
  history: FrameHistory,
): Promise<void> {
  const { [deliverableId]: _, ...others } = picture.frames ?? {};
  return changePicture(picture.id, {
    frames: frame ? { ...others, [deliverableId]: frame } : others,
    frameHistory: { ...picture.frameHistory, [deliverableId]: history },
  });
}

import { createStore } from 'zustand/vanilla';
import type { Stage } from '@able-frame/imaging';
import type { Made, Picture, Submission } from '../database/schemas.ts';

/** The submission that is open. Everything that can be derived (plans, names, states) is derived, not kept. */
export interface OpenSubmission {
  status: 'loading' | 'open' | 'missing';
  submission: Submission | undefined;
  pictures: ReadonlyMap<string, Picture>;
  /** By file id. */
  made: ReadonlyMap<string, Made>;
  /** Files that are on their way in. */
  incoming: { total: number; done: number } | undefined;
  run: RunState | undefined;
  /** A sentence for the person about what just happened, and how to take it back. */
  notice: { text: string; tone: 'plain' | 'trouble'; undo?: () => void } | undefined;
}

export interface RunState {
  total: number;
  done: number;
  /** Stage by file id, for the files being made right now. */
  stages: ReadonlyMap<string, Stage | 'proving' | 'waiting'>;
  cancel: () => void;
}

const EMPTY: OpenSubmission = {
  status: 'loading',
  submission: undefined,
  pictures: new Map(),
  made: new Map(),
  incoming: undefined,
  run: undefined,
  notice: undefined,
};

export const submissionStore = createStore<OpenSubmission>(() => EMPTY);

export function resetSubmissionStore(): void {
  submissionStore.setState(EMPTY, true);
}

/** Replaces one entry of a map in the store with a fresh map, so that readers notice. */
export function withEntry<V>(
  map: ReadonlyMap<string, V>,
  key: string,
  value: V | undefined,
): ReadonlyMap<string, V> {
  const next = new Map(map);
  if (value === undefined) next.delete(key);
  else next.set(key, value);
  return next;
}

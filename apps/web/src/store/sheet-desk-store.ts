import { temporal } from 'zundo';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { DraftLine, Question, RuleSheet } from '@able-frame/core';

/** A rule sheet on the desk, with the text it was read from. */
export interface DeskSheet {
  sheet: RuleSheet;
  /** Empty where there is no text. */
  text: string;
  lines: readonly DraftLine[];
  questions: readonly Question[];
  notHeld: readonly string[];
  /** Id of the person's own sheet that this will replace; undefined for a new one. */
  replaces: string | undefined;
}

interface Desk {
  desk: DeskSheet | undefined;
}

/** Changes within this time are one step: nobody wants to take a number back digit by digit. */
const ONE_STEP_MS = 600;

/** The sheet being worked on, with undo and redo. */
export const sheetDeskStore = createStore<Desk>()(
  temporal(() => ({ desk: undefined }) as Desk, {
    handleSet: handleSet => {
      let last = 0;
      return past => {
        const now = performance.now();
        if (now - last > ONE_STEP_MS) handleSet(past);
        last = now;
      };
    },
  }),
);

/** Puts a sheet on the desk; what was undone before is of another sheet and is forgotten. */
export function layOut(desk: DeskSheet): void {
  sheetDeskStore.setState({ desk });
  sheetDeskStore.temporal.getState().clear();
}

export function changeDesk(change: Partial<DeskSheet>): void {
  const { desk } = sheetDeskStore.getState();
  if (desk) sheetDeskStore.setState({ desk: { ...desk, ...change } });
}

export function changeSheet(change: Partial<RuleSheet>): void {
  const { desk } = sheetDeskStore.getState();
  if (desk) changeDesk({ sheet: { ...desk.sheet, ...change } });
}

export function useDesk(): DeskSheet | undefined {
  return useStore(sheetDeskStore, s => s.desk);
}

/** What can be taken back and brought again. */
export function useDeskHistory() {
  const past = useStore(sheetDeskStore.temporal, s => s.pastStates.length);
  const future = useStore(sheetDeskStore.temporal, s => s.futureStates.length);
  const { undo, redo } = sheetDeskStore.temporal.getState();
  return { canUndo: past > 0, canRedo: future > 0, undo: () => undo(), redo: () => redo() };
}

import { createStore } from 'zustand/vanilla';
import { BUILT_IN_SHEETS, type RuleSheet } from '@able-frame/core';
import { deleteOwnSheet, listOwnSheets, saveOwnSheet } from '../database/database.ts';

/** Every rule sheet that can be chosen: the person's own first, then those that come with the program. */
export const sheetsStore = createStore<{ own: readonly RuleSheet[]; isLoaded: boolean }>(() => ({
  own: [],
  isLoaded: false,
}));

export async function loadSheets(): Promise<void> {
  if (!sheetsStore.getState().isLoaded) sheetsStore.setState({ own: await listOwnSheets(), isLoaded: true });
}

/** Keeps a sheet. An id that is taken gets a number, so that nothing is overwritten. */
export async function keepSheet(sheet: RuleSheet): Promise<RuleSheet> {
  await loadSheets();
  const kept = { ...sheet, id: freeId(sheet.id) };
  await saveOwnSheet(kept);
  sheetsStore.setState({ own: [...sheetsStore.getState().own, kept] });
  return kept;
}

export async function removeSheet(id: string): Promise<void> {
  await deleteOwnSheet(id);
  sheetsStore.setState({ own: sheetsStore.getState().own.filter(sheet => sheet.id !== id) });
}

function freeId(wanted: string): string {
  const taken = new Set([...BUILT_IN_SHEETS, ...sheetsStore.getState().own].map(sheet => sheet.id));
  if (!taken.has(wanted)) return wanted;
  for (let i = 2; ; i++) if (!taken.has(`${wanted}-${i}`)) return `${wanted}-${i}`;
}

import { createStore } from 'zustand/vanilla';
import { BUILT_IN_SHEETS, freeId, type DraftLine, type RuleSheet } from '@able-frame/core';
import { deleteOwnSheet, listOwnSheets, saveOwnSheet, saveText } from '../database/database.ts';

/** Every rule sheet that can be chosen: the person's own first, then those that come with the program. */
export const sheetsStore = createStore<{ own: readonly RuleSheet[]; isLoaded: boolean }>(() => ({
  own: [],
  isLoaded: false,
}));

export async function loadSheets(): Promise<void> {
  if (!sheetsStore.getState().isLoaded) sheetsStore.setState({ own: await listOwnSheets(), isLoaded: true });
}

/** Every sheet that is here, once they are loaded. */
export function allSheets(): readonly RuleSheet[] {
  return [...sheetsStore.getState().own, ...BUILT_IN_SHEETS];
}

/** Keeps a sheet beside all others. An id that is taken gets a number, so that nothing is overwritten. */
export async function keepSheet(sheet: RuleSheet): Promise<RuleSheet> {
  await loadSheets();
  const id = freeId(sheet.id, taken => allSheets().some(s => s.id === taken));
  return putSheet({ ...sheet, id });
}

/** Puts a sheet in the place of the person's own sheet of the same id, which they have seen and chosen to replace. */
export async function replaceSheet(sheet: RuleSheet): Promise<RuleSheet> {
  await loadSheets();
  return putSheet(sheet);
}

async function putSheet(sheet: RuleSheet): Promise<RuleSheet> {
  await saveOwnSheet(sheet);
  const { own } = sheetsStore.getState();
  const isThere = own.some(s => s.id === sheet.id);
  sheetsStore.setState({ own: isThere ? own.map(s => (s.id === sheet.id ? sheet : s)) : [...own, sheet] });
  return sheet;
}

/** Keeps the text that a sheet was read from, so that next month it can be compared with the newer one. */
export async function keepText(sheetId: string, text: string, lines: readonly DraftLine[]): Promise<void> {
  await saveText({ id: sheetId, text, lines: lines.map(({ id, claims }) => ({ id, claims: [...claims] })) });
}

export async function removeSheet(id: string): Promise<void> {
  await deleteOwnSheet(id);
  sheetsStore.setState({ own: sheetsStore.getState().own.filter(sheet => sheet.id !== id) });
}

import { createStore } from 'zustand/vanilla';

/** Pictures that the person has selected in the ledger, by id. Not kept over a reload. */
export const selectionStore = createStore<{ selected: ReadonlySet<string>; last: string | undefined }>(
  () => ({
    selected: new Set(),
    last: undefined,
  }),
);

/**
 * Selects a picture or takes it out of the selection.
 * @param order ids as they stand in the list, for a range
 * @param isRange also everything between the last one that was touched and this one
 */
export function select(id: string, isOn: boolean, order: readonly string[], isRange: boolean): void {
  const { selected, last } = selectionStore.getState();
  const [from, to] = [last === undefined ? -1 : order.indexOf(last), order.indexOf(id)];
  const touched = isRange && from >= 0 ? order.slice(Math.min(from, to), Math.max(from, to) + 1) : [id];
  const next = new Set(selected);
  for (const each of touched) {
    if (isOn) next.add(each);
    else next.delete(each);
  }
  selectionStore.setState({ selected: next, last: id });
}

export function selectOnly(ids: readonly string[]): void {
  selectionStore.setState({ selected: new Set(ids), last: undefined });
}

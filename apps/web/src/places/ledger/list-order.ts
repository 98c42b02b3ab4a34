import type { Row, RowState } from '../../store/rows.ts';

export type Order = 'number' | 'state' | 'title';

const RANK: Readonly<Record<RowState, number>> = {
  'needs-you': 0,
  broken: 1,
  ready: 2,
  making: 3,
  proven: 4,
};

/** The rows in the order the person wants to look at them; running numbers do not change. */
export function sorted(rows: readonly Row[], order: Order): readonly Row[] {
  if (order === 'number') return rows;
  const compare = (a: Row, b: Row) =>
    order === 'state'
      ? RANK[a.state] - RANK[b.state]
      : nameOf(a).localeCompare(nameOf(b), undefined, { numeric: true });
  return rows.slice().sort(compare);
}

/** Whether a picture's title, file or finished name holds what was typed. */
export function isNamed(row: Row, sought: string): boolean {
  const wanted = sought.trim().toLowerCase();
  if (!wanted) return true;
  const names = [row.picture.title, row.picture.fileName, row.entry.plan?.name ?? ''];
  return names.some(name => name.toLowerCase().includes(wanted));
}

const nameOf = (row: Row) => row.picture.title || row.picture.fileName;

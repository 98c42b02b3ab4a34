import { beforeEach, describe, expect, it } from 'vitest';
import type { Row, RowState } from '../../store/rows.ts';
import { select, selectionStore, selectOnly } from '../../store/selection-store.ts';
import { isNamed, sorted } from './list-order.ts';

const row = (title: string, state: RowState): Row =>
  ({
    picture: { title, fileName: `${title}.jpg` },
    state,
    entry: { plan: { name: `OC_${title}.jpg` } },
  }) as Row;
const rows = [row('Pier 10', 'proven'), row('Pier 9', 'needs-you'), row('Anchor', 'ready')];
const titlesOf = (list: readonly Row[]) => list.map(r => r.picture.title);

describe('the list', () => {
  it('is put in order without changing the running numbers', () => {
    expect(sorted(rows, 'number')).toBe(rows);
    expect(titlesOf(sorted(rows, 'title'))).toEqual(['Anchor', 'Pier 9', 'Pier 10']);
    expect(titlesOf(sorted(rows, 'state'))).toEqual(['Pier 9', 'Anchor', 'Pier 10']);
  });

  it('is searched by title, file and finished name', () => {
    expect(titlesOf(rows.filter(r => isNamed(r, 'PIER')))).toEqual(['Pier 10', 'Pier 9']);
    expect(rows.filter(r => isNamed(r, 'oc_anchor'))).toHaveLength(1);
    expect(rows.filter(r => isNamed(r, '  '))).toHaveLength(3);
  });
});

describe('the selection', () => {
  const order = ['a', 'b', 'c', 'd'];
  beforeEach(() => selectOnly([]));
  const selected = () => [...selectionStore.getState().selected].sort();

  it('grows by one, or by everything between with Shift, and shrinks the same way', () => {
    select('b', true, order, false);
    select('d', true, order, true);
    expect(selected()).toEqual(['b', 'c', 'd']);
    select('c', false, order, true);
    expect(selected()).toEqual(['b']);
  });

  it('takes one alone when there is nothing to reach from', () => {
    select('c', true, order, true);
    expect(selected()).toEqual(['c']);
  });
});

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useState, type RefObject } from 'react';
import type { Row } from '../../store/rows.ts';

/** Up to this many rows are simply there, so that the browser's own search finds all of them. */
const ALL_UP_TO = 120;
/** Height of a usual row, until it has been in sight. */
const USUAL_ROW_PX = 112;

export interface VisibleRows {
  shown: readonly Row[];
  /** Place of the first of them in the whole list. */
  first: number;
  /** CSS pixels of the rows above and below. */
  before: number;
  after: number;
  /** Takes the real height of a row, whose element has to name its place in `data-index`. */
  measure: ((element: Element | null) => void) | undefined;
}

/** The rows in sight, and the room of those above and below. */
export function useVisibleRows(rows: readonly Row[], table: RefObject<HTMLElement | null>): VisibleRows {
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    const box = table.current?.getBoundingClientRect();
    // Where the table begins on the page, which an effect alone can measure.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    if (box) setTop(box.top + window.scrollY);
  }, [table]);
  const isLong = rows.length > ALL_UP_TO;
  const list = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => USUAL_ROW_PX,
    overscan: 5,
    scrollMargin: top,
    enabled: isLong,
    // Rows are drawn ahead of the screen, so that scrolling need not wait for them.
    useFlushSync: false,
  });
  if (!isLong) return { shown: rows, first: 0, before: 0, after: 0, measure: undefined };
  const items = list.getVirtualItems();
  const [first, last] = [items[0], items.at(-1)];
  const measure = list.measureElement;
  if (!first || !last) return { shown: rows.slice(0, ALL_UP_TO), first: 0, before: 0, after: 0, measure };
  return {
    shown: rows.slice(first.index, last.index + 1),
    first: first.index,
    before: first.start - top,
    after: list.getTotalSize() - (last.end - top),
    measure,
  };
}

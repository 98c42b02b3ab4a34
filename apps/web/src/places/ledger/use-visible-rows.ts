import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useState, type RefObject } from 'react';
import type { Row } from '../../store/rows.ts';

/** Up to this many rows are simply there, so that the browser's own search finds all of them. */
const ALL_UP_TO = 120;
/** Height of a usual row; the real one is not needed for scrolling smoothly. */
const USUAL_ROW_PX = 96;

/** The rows in sight, and the room of those above and below. */
export function useVisibleRows(
  rows: readonly Row[],
  table: RefObject<HTMLElement | null>,
): { shown: readonly Row[]; before: number; after: number } {
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
    overscan: 12,
    scrollMargin: top,
    enabled: isLong,
  });
  if (!isLong) return { shown: rows, before: 0, after: 0 };
  const items = list.getVirtualItems();
  const [first, last] = [items[0], items.at(-1)];
  if (!first || !last) return { shown: rows.slice(0, ALL_UP_TO), before: 0, after: 0 };
  return {
    shown: rows.slice(first.index, last.index + 1),
    before: first.start - top,
    after: list.getTotalSize() - (last.end - top),
  };
}

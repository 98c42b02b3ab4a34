import { useEffect, useState, type RefObject } from 'react';

/** The size of an element in CSS pixels, as it changes. */
export function useElementSize(element: RefObject<HTMLElement | null>): { width: number; height: number } {
  const [size, setSize] = useState({ width: 600, height: 400 });
  useEffect(() => {
    const { current } = element;
    if (!current) return;
    const watcher = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watcher.observe(current);
    return () => watcher.disconnect();
  }, [element]);
  return size;
}

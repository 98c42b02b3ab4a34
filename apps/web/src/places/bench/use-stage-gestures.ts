import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Point } from '@able-frame/core';

/** What a stroke on the stage does: move the picture, draw a line that should be level, or take a colour. */
export type Tool = 'move' | 'line' | 'colour';

interface Gestures {
  /** Strokes move the picture, or draw a line; or a press names a point. */
  tool: Tool;
  onDrag: (dx: number, dy: number) => void;
  /** Above 1: more of the picture is shown. */
  onZoom: (factor: number) => void;
  onRest: () => void;
  onLine: (from: Point, to: Point) => void;
  onPoint: (at: Point) => void;
}

/** A wheel has no end of its movement; after this long without a turn it has come to rest. */
const WHEEL_REST_MS = 350;
/** Change of size for one notch of a usual wheel, which turns by a hundred. */
const PER_WHEEL_UNIT = 0.001;

/** Drag, wheel and pinch on the stage. @returns the line that is being drawn */
export function useStageGestures(
  stage: RefObject<HTMLElement | null>,
  gestures: Gestures,
): { from: Point; to: Point } | undefined {
  const [line, setLine] = useState<{ from: Point; to: Point }>();
  // The listeners stay; what they call is always of the newest frame.
  const latest = useRef(gestures);
  useEffect(() => {
    latest.current = gestures;
  });
  useEffect(() => {
    const element = stage.current;
    if (!element) return;
    const pointers = new Map<number, Point>();
    let drawnFrom: Point | undefined;
    let rest: ReturnType<typeof setTimeout> | undefined;
    const moved = { x: 0, y: 0 };
    let pending: number | undefined;
    const at = (event: PointerEvent): Point => {
      const box = element.getBoundingClientRect();
      return { x: event.clientX - box.left, y: event.clientY - box.top };
    };
    const flush = () => {
      if (pending !== undefined) cancelAnimationFrame(pending);
      pending = undefined;
      const { x, y } = moved;
      moved.x = 0;
      moved.y = 0;
      if (x || y) latest.current.onDrag(x, y);
    };
    const spread = () => {
      const [a, b] = [...pointers.values()];
      return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
    };
    const down = (event: PointerEvent) => {
      if (latest.current.tool === 'colour') return latest.current.onPoint(at(event));
      element.setPointerCapture(event.pointerId);
      pointers.set(event.pointerId, at(event));
      drawnFrom = latest.current.tool === 'line' ? at(event) : undefined;
    };
    const move = (event: PointerEvent) => {
      const before = pointers.get(event.pointerId);
      if (!before) return;
      const now = at(event);
      if (drawnFrom) return setLine({ from: drawnFrom, to: now });
      const was = spread();
      pointers.set(event.pointerId, now);
      if (pointers.size === 2) {
        const is = spread();
        if (was > 0 && is > 0) latest.current.onZoom(was / is);
      } else {
        moved.x += now.x - before.x;
        moved.y += now.y - before.y;
        // A mouse reports more often than the screen is drawn; what came in between is moved at once.
        pending ??= requestAnimationFrame(flush);
      }
    };
    const up = (event: PointerEvent) => {
      if (!pointers.delete(event.pointerId)) return;
      const to = at(event);
      if (drawnFrom) {
        if (Math.hypot(to.x - drawnFrom.x, to.y - drawnFrom.y) > 12) latest.current.onLine(drawnFrom, to);
        drawnFrom = undefined;
        setLine(undefined);
      } else if (!pointers.size) {
        flush();
        // The last movement is drawn before the frame it led to is kept.
        requestAnimationFrame(() => latest.current.onRest());
      }
    };
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      latest.current.onZoom(Math.exp(event.deltaY * PER_WHEEL_UNIT));
      clearTimeout(rest);
      rest = setTimeout(() => latest.current.onRest(), WHEEL_REST_MS);
    };
    element.addEventListener('pointerdown', down);
    element.addEventListener('pointermove', move);
    element.addEventListener('pointerup', up);
    element.addEventListener('pointercancel', up);
    // A listener that may keep the page from scrolling has to say so.
    element.addEventListener('wheel', wheel, { passive: false });
    return () => {
      clearTimeout(rest);
      if (pending !== undefined) cancelAnimationFrame(pending);
      element.removeEventListener('pointerdown', down);
      element.removeEventListener('pointermove', move);
      element.removeEventListener('pointerup', up);
      element.removeEventListener('pointercancel', up);
      element.removeEventListener('wheel', wheel);
    };
  }, [stage]);
  return line;
}

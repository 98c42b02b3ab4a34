import { useEffect, useRef } from 'react';
import type { Frame, PixelSize } from '@able-frame/core';
import { mirroredOnce, mountedAt, movedBy, resizedBy, turnedOnce } from './move-frame.ts';

interface Keys {
  frame: Frame;
  source: PixelSize;
  isMounted: boolean;
  onFrame: (frame: Frame) => void;
  onUndo: () => void;
  onRedo: () => void;
  onGuide: () => void;
  onActual: () => void;
  onStep: (by: 1 | -1) => void;
  onHelp: () => void;
}

/** Directions of the arrow keys: to the right, and down. */
export const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Share of the room on a canvas that one press of an arrow moves. */
const CANVAS_STEP = 0.01;

/** Everything on the bench by key, while nobody is typing. */
export function useBenchKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const isTyping =
        event.target instanceof HTMLElement &&
        event.target.matches('input:not([type="radio"]), textarea, select');
      if (isTyping || event.altKey) return;
      if (act(event, latest.current)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

/** @returns whether the key meant something here */
function act(event: KeyboardEvent, k: Keys): boolean {
  if (event.ctrlKey || event.metaKey) {
    if (event.key.toLowerCase() !== 'z') return false;
    if (event.shiftKey) k.onRedo();
    else k.onUndo();
    return true;
  }
  const arrow = ARROWS[event.key];
  if (arrow) {
    const times = event.shiftKey ? 10 : 1;
    const [x, y] = [arrow[0] * times, arrow[1] * times];
    k.onFrame(
      k.isMounted ? mountedAt(k.frame, x * CANVAS_STEP, y * CANVAS_STEP) : movedBy(k.frame, k.source, x, y),
    );
    return true;
  }
  const actions: Readonly<Record<string, () => void>> = {
    '+': () => k.onFrame(resizedBy(k.frame, 1 / 1.05)),
    '-': () => k.onFrame(resizedBy(k.frame, 1.05)),
    t: () => k.onFrame(turnedOnce(k.frame)),
    m: () => k.onFrame(mirroredOnce(k.frame)),
    g: k.onGuide,
    a: k.onActual,
    n: () => k.onStep(1),
    p: () => k.onStep(-1),
    '?': k.onHelp,
  };
  const action = actions[event.key];
  action?.();
  return action !== undefined;
}

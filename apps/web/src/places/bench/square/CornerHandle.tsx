import { chakra } from '@chakra-ui/react';
import { useRef } from 'react';
import type { PixelSize, Point } from '@able-frame/core';
import { ARROWS } from '../use-bench-keys.ts';

const NAMES = ['Upper left', 'Upper right', 'Lower right', 'Lower left'] as const;

interface Props {
  index: number;
  /** On the stage, in CSS pixels. */
  at: Point;
  /** As shares of the picture. */
  corner: Point;
  source: PixelSize;
  /** CSS pixels of the whole picture. */
  perShare: Point;
  onMove: (to: Point) => void;
  /** While it is held or has the focus. */
  onActive: (isActive: boolean) => void;
}

/** One corner, moved by drag, or by key in source pixels. */
export function CornerHandle({ index, at, corner, source, perShare, onMove, onActive }: Props) {
  const held = useRef<{ pointer: Point; corner: Point }>(undefined);
  return (
    <chakra.button
      type="button"
      aria-label={`${NAMES[index]} corner`}
      title="Drag, or move it with the arrow keys"
      position="absolute"
      width="36px"
      height="36px"
      marginLeft="-18px"
      marginTop="-18px"
      background="transparent"
      cursor="grab"
      touchAction="none"
      style={{ left: at.x, top: at.y }}
      onFocus={() => onActive(true)}
      onBlur={() => onActive(false)}
      onPointerDown={event => {
        event.currentTarget.setPointerCapture(event.pointerId);
        event.currentTarget.focus();
        held.current = { pointer: { x: event.clientX, y: event.clientY }, corner };
      }}
      onPointerMove={event => {
        const from = held.current;
        if (!from) return;
        onMove({
          x: from.corner.x + (event.clientX - from.pointer.x) / perShare.x,
          y: from.corner.y + (event.clientY - from.pointer.y) / perShare.y,
        });
      }}
      onPointerUp={() => (held.current = undefined)}
      onPointerCancel={() => (held.current = undefined)}
      onKeyDown={event => {
        const arrow = ARROWS[event.key];
        if (!arrow) return;
        event.preventDefault();
        event.stopPropagation();
        const step = event.shiftKey ? 10 : 1;
        onMove({
          x: corner.x + (arrow[0] * step) / source.widthPx,
          y: corner.y + (arrow[1] * step) / source.heightPx,
        });
      }}
    >
      <svg width="36" height="36" viewBox="-18 -18 36 36" aria-hidden="true">
        <circle r="10" fill="none" stroke="#000" strokeOpacity="0.6" strokeWidth="4" />
        <circle r="10" fill="none" stroke="#fff" strokeWidth="1.75" />
        <path d="M-16 0h10M6 0h10M0 -16v10M0 6v10" stroke="#fff" strokeWidth="1.25" />
      </svg>
    </chakra.button>
  );
}

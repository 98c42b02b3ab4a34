import { useMemo, useState } from 'react';
import {
  mayStayWhole,
  planFile,
  PLAIN_FRAME,
  type ConformJob,
  type FilePlan,
  type Frame,
  type PixelSize,
} from '@able-frame/core';
import { setFrame } from '../../store/frame-actions.ts';
import type { Row } from '../../store/rows.ts';

export interface BenchFrame {
  frame: Frame;
  /** What the frame comes to under the rules, derived while it moves. */
  plan: FilePlan;
  /** Missing when the frame cannot be made; the last one that could stays on the stage. */
  job: ConformJob | undefined;
  change: (edit: (frame: Frame) => Frame) => void;
  /** Keeps the frame as it stands, as one step that can be taken back. */
  commit: (frame?: Frame) => void;
}

/** The frame of one file: kept in the store when it rests, here while it moves. */
export function useBenchFrame(row: Row, source: PixelSize): BenchFrame {
  const { picture, deliverable } = row;
  const own = row.entry.frame?.frame;
  // Without a frame of the person's, the bench begins with what the program proposes.
  const kept = useMemo(
    () =>
      own ?? { ...PLAIN_FRAME, method: mayStayWhole(deliverable, source, PLAIN_FRAME) ? 'whole' : 'trim' },
    [own, deliverable, source.widthPx, source.heightPx], // eslint-disable-line react-hooks/exhaustive-deps
  ) satisfies Frame;
  const [moving, setMoving] = useState<{ of: Frame; frame: Frame }>();
  const frame = moving && moving.of === kept ? moving.frame : kept;
  const plan = useMemo(
    () => planFile(deliverable, { source, frame, name: { ok: true, name: 'frame' } }),
    [deliverable, source.widthPx, source.heightPx, frame], // eslint-disable-line react-hooks/exhaustive-deps
  );
  return {
    frame,
    plan,
    job: plan.state === 'cannot' ? undefined : plan.job,
    change: edit =>
      setMoving(now => ({
        of: kept,
        frame: held(edit(now?.of === kept ? now.frame : kept), deliverable, source),
      })),
    commit: final => {
      const next = final ? held(final, deliverable, source) : frame;
      if (next !== kept) void setFrame(picture.id, deliverable.id, next);
      // Taking a step back brings the very frame again that this movement began with.
      setMoving(undefined);
    },
  };
}

/** A cut that would have to be enlarged is not made smaller: the frame stays at the least the rules let it have. */
function held(frame: Frame, deliverable: Row['deliverable'], source: PixelSize): Frame {
  const canBe = (f: Frame) =>
    planFile(deliverable, { source, frame: f, name: { ok: true, name: 'frame' } }).state !== 'cannot';
  if (frame.size >= 1 || canBe(frame)) return frame;
  let [least, most] = [frame.size, 1];
  if (!canBe({ ...frame, size: most })) return frame;
  for (let i = 0; i < 14; i++) {
    const middle = (least + most) / 2;
    if (canBe({ ...frame, size: middle })) most = middle;
    else least = middle;
  }
  return { ...frame, size: most };
}

import { rulesOf } from '../rules/rule.ts';
import type { Deliverable } from '../rules/rule-sheet.ts';
import type { Frame } from './frame.ts';
import type { PixelSize } from './pixel-size.ts';
import { mayMount } from './plan-file.ts';
import { sizeLimits } from './size-limits.ts';
import { solveFrame, type FrameSolution } from './solve-frame.ts';

/** The frame that counts for one file of a picture. */
export interface FrameInUse {
  frame: Frame;
  /** The deliverable whose frame it is, where the file has none of its own. */
  follows: string | undefined;
}

/** Shapes that differ by less than this come out of rounding to whole pixels. */
const SAME_SHAPE = 0.005;

/**
 * The person's frame for a file: its own, or else that of another file of the same picture that comes to the same shape.
 * A cut made for the large version is the cut of the small one too, until it gets its own.
 * @param frames the person's own frames, by deliverable
 */
export function frameInUse(
  deliverable: Deliverable,
  siblings: readonly Deliverable[],
  source: PixelSize,
  frames: Readonly<Record<string, Frame>> | undefined,
): FrameInUse | undefined {
  const own = frames?.[deliverable.id];
  if (own) return { frame: own, follows: undefined };
  for (const sibling of siblings) {
    const frame = frames?.[sibling.id];
    const isAllowed = frame?.method !== 'mount' || mayMount(deliverable);
    if (frame && isAllowed && sibling.id !== deliverable.id && agree(deliverable, sibling, source, frame))
      return { frame, follows: sibling.id };
  }
  return undefined;
}

function agree(a: Deliverable, b: Deliverable, source: PixelSize, frame: Frame): boolean {
  const [first, second] = [a, b].map(d => {
    const mayEnlarge = rulesOf(d, 'enlarging').some(rule => rule.allowed);
    return solveFrame(source, frame, sizeLimits(d, source), mayEnlarge);
  });
  const [p, q] = [shapeOf(first), shapeOf(second)];
  return (
    p !== undefined &&
    q !== undefined &&
    p.method === q.method &&
    Math.abs(Math.log(p.ratio / q.ratio)) < SAME_SHAPE
  );
}

function shapeOf(solved: FrameSolution | undefined): { ratio: number; method: Frame['method'] } | undefined {
  if (solved?.outcome !== 'solved') return undefined;
  const { widthPx, heightPx } = solved.canvas ?? solved.target;
  return { ratio: widthPx / heightPx, method: solved.method };
}

import { rulesOf } from '../rules/rule.ts';
import type { Deliverable } from '../rules/rule-sheet.ts';
import type { Frame } from './frame.ts';
import type { PixelSize } from './pixel-size.ts';
import { mayMount } from './plan-file.ts';
import { sizeLimits } from './size-limits.ts';
import { solveFrame } from './solve-frame.ts';

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
    const lead = frames?.[sibling.id];
    if (!lead || sibling.id === deliverable.id) continue;
    const shape = shapeOf(sibling, source, lead);
    if (!shape || (lead.method === 'mount' && !mayMount(deliverable))) continue;
    // What the other file's rules made of the shape belongs to the cut; these rules may leave it free.
    const frame = shape.method === 'trim' ? { ...lead, ratio: shape.ratio } : lead;
    const own = shapeOf(deliverable, source, frame);
    if (own?.method === shape.method && Math.abs(Math.log(own.ratio / shape.ratio)) < SAME_SHAPE)
      return { frame, follows: sibling.id };
  }
  return undefined;
}

/** What a frame comes to under the rules of a file; undefined where they cannot be met with it. */
function shapeOf(
  deliverable: Deliverable,
  source: PixelSize,
  frame: Frame,
): { ratio: number; method: Frame['method'] } | undefined {
  const mayEnlarge = rulesOf(deliverable, 'enlarging').some(rule => rule.allowed);
  const solved = solveFrame(source, frame, sizeLimits(deliverable, source), mayEnlarge);
  if (solved.outcome !== 'solved') return undefined;
  const { widthPx, heightPx } = solved.canvas ?? solved.target;
  return { ratio: widthPx / heightPx, method: solved.method };
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  planFile,
  PLAIN_FRAME,
  sizeLimits,
  solveFrame,
  type Deliverable,
  type Frame,
} from '@able-frame/core';
import {
  cutTo,
  levelledTo,
  mirroredOnce,
  mountedAt,
  movedBy,
  resizedBy,
  settledFrame,
  turnedOnce,
} from './move-frame.ts';

const source = { widthPx: 6000, heightPx: 4000 };
const square: Deliverable = {
  id: 'file',
  label: 'File',
  rules: [{ id: 's', level: 'must', kind: 'exact-size', widthPx: 1000, heightPx: 1000, eitherWay: false }],
  name: {
    parts: [{ kind: 'title', form: 'as-typed' }],
    spaces: 'allowed',
    characters: 'any',
    extension: 'jpg',
  },
};
const jobOf = (frame: Frame) => {
  const plan = planFile(square, { source, frame, name: { ok: true, name: 'x' } });
  if (plan.state === 'cannot') throw new Error('expected a job');
  return plan.job;
};

describe('moving the picture under its frame', () => {
  it('by a source pixel moves the cut by a source pixel, the other way', () => {
    const before = jobOf(PLAIN_FRAME).crop.leftPx;
    expect(jobOf(movedBy(PLAIN_FRAME, source, 10, 0)).crop.leftPx).toBe(before - 10);
    expect(jobOf(movedBy(PLAIN_FRAME, source, -1, 0)).crop.leftPx).toBe(before + 1);
  });

  it('begins at the edge where the person sees it, not where an earlier drag wanted to go', () => {
    const far = movedBy(PLAIN_FRAME, source, 5000, 0);
    expect(jobOf(far).crop.leftPx).toBe(0);
    const settled = settledFrame(far, jobOf(far), source);
    expect(jobOf(movedBy(settled, source, -7, 0)).crop.leftPx).toBe(7);
  });

  it('four quarter turns, or two mirrors, change nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        (centreX, centreY) => {
          const frame = { ...PLAIN_FRAME, centreX, centreY, size: 0.6 };
          const turned = turnedOnce(turnedOnce(turnedOnce(turnedOnce(frame))));
          expect(turned.turns).toBe(0);
          expect(turned.centreX).toBeCloseTo(centreX);
          expect(turned.centreY).toBeCloseTo(centreY);
          expect(mirroredOnce(mirroredOnce(frame)).centreX).toBeCloseTo(centreX);
        },
      ),
    );
  });

  it('turned, still shows the same part of the picture', () => {
    const frame = { ...PLAIN_FRAME, centreX: 0.2, centreY: -0.1, size: 0.5 };
    const [before, after] = [jobOf(frame).crop, jobOf(turnedOnce(frame)).crop];
    // A quarter clockwise: from the left becomes from the top, from the bottom becomes from the left.
    expect(after.topPx).toBeCloseTo(before.leftPx, -1);
    expect(after.leftPx).toBeCloseTo(4000 - before.topPx - before.heightPx, -1);
  });

  it('keeps every value within its bounds', () => {
    expect(resizedBy(PLAIN_FRAME, 9).size).toBe(1);
    expect(resizedBy(PLAIN_FRAME, 0.0001).size).toBeGreaterThan(0);
    expect(levelledTo(PLAIN_FRAME, 99).levelDeg).toBe(45);
    expect(levelledTo(PLAIN_FRAME, 1.234).levelDeg).toBe(1.2);
    expect(mountedAt(PLAIN_FRAME, 3, -3)).toMatchObject({ canvasX: 1, canvasY: 0 });
  });
});

it('cuts to any width and height that a person types, and keeps them under rules that leave the shape free', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 40, max: 6000 }),
      fc.integer({ min: 40, max: 4000 }),
      (widthPx, heightPx) => {
        const frame = cutTo(PLAIN_FRAME, source, { widthPx, heightPx });
        const solved = solveFrame(source, frame, sizeLimits({ rules: [] } as never, source), true);
        if (solved.outcome !== 'solved') throw new Error(solved.outcome);
        expect(Math.abs(solved.cut.widthPx - widthPx)).toBeLessThanOrEqual(1);
        expect(Math.abs(solved.cut.heightPx - heightPx)).toBeLessThanOrEqual(1);
      },
    ),
  );
});

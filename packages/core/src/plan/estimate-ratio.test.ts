import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimateRatio } from './estimate-ratio.ts';
import type { Quad } from './homography.ts';

const source = { widthPx: 6000, heightPx: 4000 };
const DIAGONAL = Math.hypot(source.widthPx, source.heightPx);

interface View {
  ratio: number;
  /** Degrees by which the artwork is turned away about each axis. */
  yaw: number;
  pitch: number;
  roll: number;
  focal35Mm: number;
}

/** The corners of a flat rectangle as a camera of that lens sees them, as shares of the picture. */
function seen({ ratio, yaw, pitch, roll, focal35Mm }: View): Quad {
  const focal = (focal35Mm / Math.hypot(24, 36)) * DIAGONAL;
  const [a, b, c] = [yaw, pitch, roll].map(deg => (deg * Math.PI) / 180) as [number, number, number];
  const corner = (x: number, y: number) => {
    const [x1, y1] = [Math.cos(c) * x - Math.sin(c) * y, Math.sin(c) * x + Math.cos(c) * y];
    const [x2, z2] = [Math.cos(a) * x1, Math.sin(a) * x1];
    const [y2, z3] = [Math.cos(b) * y1 - Math.sin(b) * z2, Math.sin(b) * y1 + Math.cos(b) * z2];
    // Far enough away that it fills about half of the picture.
    const depth = z3 + (2.2 * focal * Math.max(1, ratio)) / source.widthPx;
    return {
      x: 0.5 + (focal * x2) / depth / source.widthPx,
      y: 0.5 + (focal * y2) / depth / source.heightPx,
    };
  };
  const [w, h] = [ratio / 2, 0.5];
  return [corner(-w, -h), corner(w, -h), corner(w, h), corner(-w, h)];
}

const angle = (least: number, most: number) =>
  fc
    .tuple(fc.double({ min: least, max: most, noNaN: true }), fc.boolean())
    .map(([v, negative]) => (negative ? -v : v));
const ratios = fc.double({ min: 0.5, max: 2, noNaN: true });
const lenses = fc.double({ min: 24, max: 75, noNaN: true });

describe('proportions estimated from perspective', () => {
  it('are right within 2 % where both pairs of sides converge', () => {
    fc.assert(
      fc.property(ratios, angle(17, 40), angle(17, 40), lenses, (ratio, yaw, pitch, focal35Mm) => {
        const corners = seen({ ratio, yaw, pitch, roll: 4, focal35Mm });
        const estimate = estimateRatio(source, corners);
        expect(Math.abs(estimate.ratio / ratio - 1)).toBeLessThan(0.02);
      }),
      { numRuns: 300 },
    );
  });

  it('are right within 2 % for every slant where the file notes the lens', () => {
    fc.assert(
      fc.property(ratios, angle(0, 40), angle(0, 40), lenses, (ratio, yaw, pitch, focal35Mm) => {
        const corners = seen({ ratio, yaw, pitch, roll: 0, focal35Mm });
        const estimate = estimateRatio(source, corners, focal35Mm);
        expect(Math.abs(estimate.ratio / ratio - 1)).toBeLessThan(0.02);
        expect(Number.isFinite(estimate.uncertainty)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  it('say how unsure they are: the truth lies within three times what they say, with usual lenses', () => {
    fc.assert(
      fc.property(
        ratios,
        angle(0, 35),
        angle(0, 35),
        fc.double({ min: 26, max: 60, noNaN: true }),
        (ratio, yaw, pitch, focal35Mm) => {
          const estimate = estimateRatio(source, seen({ ratio, yaw, pitch, roll: 2, focal35Mm }));
          expect(Math.abs(Math.log(estimate.ratio / ratio))).toBeLessThan(3 * estimate.uncertainty + 1e-6);
        },
      ),
      { numRuns: 300 },
    );
  });

  it('are less sure for a slant about one axis alone than for a picture seen straight on', () => {
    const straight = estimateRatio(source, seen({ ratio: 1.4, yaw: 0, pitch: 0, roll: 0, focal35Mm: 40 }));
    const slanted = estimateRatio(source, seen({ ratio: 1.4, yaw: 35, pitch: 0, roll: 0, focal35Mm: 40 }));
    expect(straight.uncertainty).toBeLessThan(0.005);
    expect(slanted.uncertainty).toBeGreaterThan(0.01);
  });
});

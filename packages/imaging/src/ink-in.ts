import type { InkBox } from '@able-frame/core';
import { paperBehind } from './paper-map.ts';

/** Broadest stroke of a pen, as a share of the long edge. */
const STROKE = 1 / 16;
/** How much darker than its paper a pixel must at least be to be looked at, and to count as ink at the least and most. */
const NOT_PAPER = 0.06;
const LEAST_INK = 0.18;
const MOST_INK = 0.5;
/** A run of marks this wide and this flat, as shares of the picture and of its own width, is a ruled line. */
const LINE = { length: 0.5, flatness: 0.06 };
/** Marks below this share of the largest one are dust. */
const DUST = 0.004;

interface Mark {
  left: number;
  top: number;
  right: number;
  bottom: number;
  area: number;
  touchesEdge: boolean;
}

/**
 * Finds what is written on a sheet of plain or lined paper, in any even or uneven light: the box round all strokes.
 * Ruled lines, dust, and what reaches in from the picture's edge (a table, a shadow, a finger) are left out.
 * @param grey 8 bits, row by row; a long edge of about a thousand pixels is enough
 * @returns undefined when nothing is written there
 */
export function inkIn(grey: Uint8Array, width: number, height: number): InkBox | undefined {
  const data = Float32Array.from(grey);
  const paper = paperBehind({ data, width, height }, Math.round(STROKE * Math.max(width, height)));
  const darkness = data.map((value, i) => 1 - value / Math.max(1, paper.data[i] ?? 1));
  const limit = Math.min(MOST_INK, Math.max(LEAST_INK, dividing(darkness)));
  const marks = marksIn(darkness, width, height, limit).filter(
    mark => !mark.touchesEdge && !isLine(mark, width, height),
  );
  const largest = Math.max(0, ...marks.map(mark => mark.area));
  const ink = marks.filter(mark => mark.area >= Math.max(4, DUST * largest));
  if (!ink.length || largest < 12) return undefined;
  return {
    left: Math.min(...ink.map(m => m.left)) / width,
    top: Math.min(...ink.map(m => m.top)) / height,
    right: Math.max(...ink.map(m => m.right)) / width,
    bottom: Math.max(...ink.map(m => m.bottom)) / height,
  };
}

function isLine({ left, top, right, bottom }: Mark, width: number, height: number): boolean {
  const [w, h] = [right - left, bottom - top];
  return (
    (w > LINE.length * width && h < LINE.flatness * w) || (h > LINE.length * height && w < LINE.flatness * h)
  );
}

/** The darkness that divides ruled lines and soft edges from ink best: Otsu's threshold over what is not paper. */
function dividing(darkness: Float32Array): number {
  const counts = new Float64Array(256);
  for (const value of darkness)
    if (value > NOT_PAPER) {
      const bin = Math.min(255, Math.floor(value * 256));
      counts[bin] = (counts[bin] ?? 0) + 1;
    }
  const total = counts.reduce((sum, n) => sum + n, 0);
  const weighted = counts.reduce((sum, n, i) => sum + n * i, 0);
  let [below, belowSum, best, at] = [0, 0, -1, 0];
  for (let i = 0; i < 256; i++) {
    below += counts[i] ?? 0;
    belowSum += (counts[i] ?? 0) * i;
    const above = total - below;
    if (!below || !above) continue;
    const apart = belowSum / below - (weighted - belowSum) / above;
    const between = below * above * apart * apart;
    if (between > best) [best, at] = [between, i];
  }
  return (at + 1) / 256;
}

/** Connected pixels above a limit, corners counting as connected. */
function marksIn(darkness: Float32Array, width: number, height: number, limit: number): Mark[] {
  const seen = new Uint8Array(darkness.length);
  const marks: Mark[] = [];
  const stack: number[] = [];
  const visit = (i: number) => {
    if (seen[i] || (darkness[i] ?? 0) <= limit) return;
    seen[i] = 1;
    stack.push(i);
  };
  for (let start = 0; start < darkness.length; start++) {
    visit(start);
    if (!stack.length) continue;
    const mark: Mark = { left: width, top: height, right: 0, bottom: 0, area: 0, touchesEdge: false };
    for (let i = stack.pop(); i !== undefined; i = stack.pop()) {
      const [x, y] = [i % width, Math.floor(i / width)];
      mark.area += 1;
      mark.left = Math.min(mark.left, x);
      mark.right = Math.max(mark.right, x + 1);
      mark.top = Math.min(mark.top, y);
      mark.bottom = Math.max(mark.bottom, y + 1);
      mark.touchesEdge ||= x === 0 || y === 0 || x === width - 1 || y === height - 1;
      for (let dy = -1; dy <= 1; dy++)
        for (let dx = -1; dx <= 1; dx++)
          if (x + dx >= 0 && x + dx < width && y + dy >= 0 && y + dy < height) visit(i + dy * width + dx);
    }
    marks.push(mark);
  }
  return marks;
}

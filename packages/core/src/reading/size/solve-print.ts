import type { PhysicalSide, PhysicalSize } from './read-print.ts';
import type { Claim, ReadDeliverable, Span } from '../common/reading.ts';

/**
 * Gives a file the pixels of its size on paper, rounded to the nearest, where its ppi is known and the text says no
 * pixels: these outrank what is worked out. Says which words gave them.
 *
 * @param deliverable gets its sides and its print size
 */
export function solvePrint(
  deliverable: ReadDeliverable,
  size: PhysicalSize | undefined,
  side: PhysicalSide | undefined,
): Omit<Claim, 'deliverable'> | undefined {
  const { ppi } = deliverable;
  if (!ppi) return undefined;
  const perInch = 'exact' in ppi ? ppi.exact : (ppi.min ?? ppi.max ?? 0);
  const pixels = (inches: number) => Math.round(inches * perInch);
  // "100 to 200 dpi": a range of pixels.
  const ends = !('exact' in ppi) && ppi.min !== undefined && ppi.max !== undefined ? ppi : undefined;
  // With "at least 300 ppi" every side has at least so many pixels.
  const isLeastPpi = !('exact' in ppi) && ppi.min !== undefined;
  const isMost = (said: { isMost?: boolean }) => said.isMost === true && 'exact' in ppi;
  const spanOf = (inches: number, said: { isLeast: boolean; isMost?: boolean }): Span => {
    if (isMost(said)) return { max: pixels(inches) };
    if (ends && !said.isLeast)
      return { min: Math.round(inches * (ends.min ?? 0)), max: Math.round(inches * (ends.max ?? 0)) };
    return said.isLeast || isLeastPpi ? { min: pixels(inches) } : { exact: pixels(inches) };
  };
  if (size) {
    const { width, height, longEdge, shortEdge } = deliverable;
    if (width ?? height ?? longEdge ?? shortEdge) return undefined;
    // A greatest size on paper is kept as the pixels it comes to.
    if (!isMost(size))
      deliverable.print = {
        width: size.width,
        height: size.height,
        unit: size.unit,
        ppi: Math.round(perInch),
        isLeast: size.isLeast || isLeastPpi,
      };
    deliverable.width = spanOf(size.widthIn, size);
    deliverable.height = spanOf(size.heightIn, size);
    return { field: 'width', start: size.start, end: size.end };
  }
  if (!side || deliverable.longEdge || deliverable[side.side]) return undefined;
  if (side.fromInches !== undefined)
    deliverable[side.side] = { min: pixels(side.fromInches), max: pixels(side.inches) };
  else {
    if (side.side === 'longEdge' && !isMost(side))
      deliverable.print = {
        longEdge: side.length,
        unit: side.unit,
        ppi: Math.round(perInch),
        isLeast: side.isLeast || isLeastPpi,
      };
    deliverable[side.side] = spanOf(side.inches, side);
  }
  return { field: side.side, start: side.start, end: side.end };
}

import type { Density } from './facts.ts';

const PER_INCH = { inch: 1, centimetre: 2.54, metre: 0.0254 } as const;

/** A density in pixels per inch, to a thousandth; undefined when it has no physical unit. */
export function ppiOf(density: Density): { x: number; y: number } | undefined {
  if (density.unit === 'none') return undefined;
  const perInch = PER_INCH[density.unit];
  const round = (value: number) => Math.round(value * perInch * 1000) / 1000;
  return { x: round(density.x), y: round(density.y) };
}

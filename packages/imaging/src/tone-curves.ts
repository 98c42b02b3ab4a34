import type { KnownSpace } from '@able-frame/core';
import type { Image, ImageScope, Vips } from './engine.ts';

/** Exponents of the pure power curves; the other known spaces use the sRGB curve. */
const POWER: Partial<Record<KnownSpace, number>> = { 'adobe-rgb': 2.19921875 };

const decode = (space: KnownSpace, x: number): number => {
  const power = POWER[space];
  if (power !== undefined) return x ** power;
  if (space === 'prophoto') return x < 0.03125 ? x / 16 : x ** 1.8;
  return x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4;
};

const encode = (space: KnownSpace, y: number): number => {
  const power = POWER[space];
  if (power !== undefined) return y ** (1 / power);
  if (space === 'prophoto') return y < 0.001953125 ? y * 16 : y ** (1 / 1.8);
  return y <= 0.0031308 ? y * 12.92 : 1.055 * y ** (1 / 2.4) - 0.055;
};

/** Table from stored levels (8 or 16 bits) to 16 bits of linear light. */
export function linearTable(vips: Vips, scope: ImageScope, space: KnownSpace, levels: 256 | 65536): Image {
  return table(vips, scope, levels, x => decode(space, x));
}

/** Table from 16 bits of linear light back to 8 or 16 bits of the space's own curve. */
export function encodedTable(vips: Vips, scope: ImageScope, space: KnownSpace, depth: 8 | 16): Image {
  return table(vips, scope, 65536, y => encode(space, y), depth);
}

function table(
  vips: Vips,
  scope: ImageScope,
  levels: number,
  curve: (x: number) => number,
  depth: 8 | 16 = 16,
): Image {
  const top = 2 ** depth - 1;
  const levelAt = (i: number) => Math.round(top * curve(i / (levels - 1)));
  const values = depth === 8 ? new Uint8Array(levels) : new Uint16Array(levels);
  for (let i = 0; i < levels; i++) values[i] = levelAt(i);
  const format = depth === 8 ? vips.BandFormat.uchar : vips.BandFormat.ushort;
  return scope.keep(vips.Image.newFromMemory(values, levels, 1, 1, format));
}

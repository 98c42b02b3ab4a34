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

/** Table from 16 bits of linear light back to 16 bits of the space's own curve. */
export function encodedTable(vips: Vips, scope: ImageScope, space: KnownSpace): Image {
  return table(vips, scope, 65536, y => encode(space, y));
}

function table(vips: Vips, scope: ImageScope, levels: number, curve: (x: number) => number): Image {
  const values = Uint16Array.from({ length: levels }, (_, i) => Math.round(65535 * curve(i / (levels - 1))));
  return scope.keep(vips.Image.newFromMemory(values, levels, 1, 1, vips.BandFormat.ushort));
}

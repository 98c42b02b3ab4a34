import type { OutputSpace } from '../rules/rule.ts';

/**
 * Writes ICC profiles from their own numbers (ICC.1:2001-04: clauses 6.1 header, 6.3.1 and 6.3.3 required tags, 6.5 tag
 * types), so that every profile that goes into a file is known down to its last byte and no file of somebody else's has
 * to be shipped.
 */

type Triple = readonly [number, number, number];
type Curve = number | 'srgb' | 'prophoto';

export interface RgbRecipe {
  description: string;
  /** Colorants adapted to D50. */
  red: Triple;
  green: Triple;
  blue: Triple;
  /** A pure power, or the name of a curve that is written as a table. */
  curve: Curve;
}

export interface GreyRecipe {
  description: string;
  curve: Curve;
}

export const RECIPES = {
  srgb: {
    description: 'sRGB by its published numbers',
    red: [0.4361, 0.2225, 0.0139],
    green: [0.3851, 0.7169, 0.0971],
    blue: [0.1431, 0.0606, 0.7141],
    curve: 'srgb',
  },
  'adobe-rgb': {
    description: 'Compatible with Adobe RGB (1998)',
    red: [0.6097, 0.3111, 0.0195],
    green: [0.2053, 0.6257, 0.0609],
    blue: [0.1492, 0.0632, 0.7446],
    curve: 2.19921875,
  },
  'display-p3': {
    description: 'Compatible with Display P3',
    red: [0.5151, 0.2412, -0.0011],
    green: [0.292, 0.6922, 0.0419],
    blue: [0.1571, 0.0666, 0.7841],
    curve: 'srgb',
  },
  prophoto: {
    description: 'Compatible with ProPhoto RGB',
    red: [0.7977, 0.288, 0],
    green: [0.1352, 0.7119, 0],
    blue: [0.0313, 0.0001, 0.8249],
    curve: 'prophoto',
  },
  grey: { description: 'Grey with the sRGB curve', curve: 'srgb' },
} as const satisfies Record<OutputSpace, RgbRecipe | GreyRecipe>;

const CURVES = {
  srgb: (x: number) => (x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4),
  prophoto: (x: number) => (x < 0.03125 ? x / 16 : x ** 1.8),
} as const;
/** Steps of a table curve; between them it is read in straight lines. */
const CURVE_STEPS = 1024;
const D50: Triple = [0.9642, 1, 0.8249];

/** A version 2 display profile: three colorants and curves, or one curve for grey. */
export function writeProfile(recipe: RgbRecipe | GreyRecipe): Uint8Array {
  const isRgb = 'red' in recipe;
  const tone = curve(recipe.curve);
  const own: [string, Uint8Array][] = isRgb
    ? [
        ['rXYZ', xyz(recipe.red)],
        ['gXYZ', xyz(recipe.green)],
        ['bXYZ', xyz(recipe.blue)],
        ['rTRC', tone],
        ['gTRC', tone],
        ['bTRC', tone],
      ]
    : [['kTRC', tone]];
  return assemble(isRgb ? 'RGB ' : 'GRAY', [
    ['desc', description(recipe.description)],
    ['wtpt', xyz(D50)],
    ...own,
    ['cprt', text('Free of rights')],
  ]);
}

/** Puts header, tag table and data together. Tags of the same data share one copy, which 7.3.1 allows. */
function assemble(dataSpace: string, tags: readonly (readonly [string, Uint8Array])[]): Uint8Array {
  const places = new Map<Uint8Array, number>();
  let size = 132 + 12 * tags.length;
  for (const [, data] of tags) {
    if (places.has(data)) continue;
    places.set(data, size);
    size += padded(data.length);
  }
  const out = new Uint8Array(size);
  const view = new DataView(out.buffer);
  view.setUint32(0, size);
  view.setUint32(8, 0x02400000);
  writeAscii(out, 12, `mntr${dataSpace}XYZ `);
  view.setUint16(24, 2026);
  view.setUint16(26, 1);
  view.setUint16(28, 1);
  writeAscii(out, 36, 'acsp');
  D50.forEach((v, i) => view.setInt32(68 + 4 * i, Math.round(v * 65536)));
  view.setUint32(128, tags.length);
  tags.forEach(([name, data], i) => {
    const at = places.get(data) ?? 0;
    writeAscii(out, 132 + 12 * i, name);
    view.setUint32(136 + 12 * i, at);
    view.setUint32(140 + 12 * i, data.length);
    out.set(data, at);
  });
  return out;
}

const padded = (length: number) => (length + 3) & ~3;

function writeAscii(out: Uint8Array, at: number, value: string): void {
  for (let i = 0; i < value.length; i++) out[at + i] = value.charCodeAt(i);
}

function description(value: string): Uint8Array {
  const out = new Uint8Array(12 + value.length + 1 + 78);
  writeAscii(out, 0, 'desc');
  new DataView(out.buffer).setUint32(8, value.length + 1);
  writeAscii(out, 12, value);
  return out;
}

function text(value: string): Uint8Array {
  const out = new Uint8Array(8 + value.length + 1);
  writeAscii(out, 0, 'text');
  writeAscii(out, 8, value);
  return out;
}

function xyz(values: Triple): Uint8Array {
  const out = new Uint8Array(20);
  writeAscii(out, 0, 'XYZ ');
  values.forEach((v, i) => new DataView(out.buffer).setInt32(8 + 4 * i, Math.round(v * 65536)));
  return out;
}

function curve(kind: Curve): Uint8Array {
  const count = typeof kind === 'number' ? 1 : CURVE_STEPS;
  const out = new Uint8Array(12 + 2 * count);
  const view = new DataView(out.buffer);
  writeAscii(out, 0, 'curv');
  view.setUint32(8, count);
  if (typeof kind === 'number') view.setUint16(12, Math.round(kind * 256));
  else
    for (let i = 0; i < count; i++)
      view.setUint16(12 + 2 * i, Math.round(65535 * CURVES[kind](i / (count - 1))));
  return out;
}

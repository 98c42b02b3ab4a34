/** Builds small ICC profiles in code, so that no test depends on a file of somebody else's. */

type Triple = readonly [number, number, number];

export interface ProfileRecipe {
  description: string;
  red: Triple;
  green: Triple;
  blue: Triple;
  /** A pure power, or `srgb` for the sRGB curve as a table. */
  curve: number | 'srgb';
}

export const RECIPES = {
  srgb: {
    description: 'Plain screen colours',
    red: [0.4361, 0.2225, 0.0139],
    green: [0.3851, 0.7169, 0.0971],
    blue: [0.1431, 0.0606, 0.7141],
    curve: 'srgb',
  },
  'adobe-rgb': {
    description: 'Wide colours',
    red: [0.6097, 0.3111, 0.0195],
    green: [0.2053, 0.6257, 0.0609],
    blue: [0.1492, 0.0632, 0.7446],
    curve: 2.19921875,
  },
  'display-p3': {
    description: 'Phone colours',
    red: [0.5151, 0.2412, -0.0011],
    green: [0.292, 0.6922, 0.0419],
    blue: [0.1571, 0.0666, 0.7841],
    curve: 'srgb',
  },
} as const satisfies Record<string, ProfileRecipe>;

/** A version 2 matrix profile (ICC.1:2001-04). */
export function makeProfile(recipe: ProfileRecipe): Uint8Array {
  const tags: [string, Uint8Array][] = [
    ['desc', description(recipe.description)],
    ['wtpt', xyz([0.9642, 1, 0.8249])],
    ['rXYZ', xyz(recipe.red)],
    ['gXYZ', xyz(recipe.green)],
    ['bXYZ', xyz(recipe.blue)],
    ['rTRC', curve(recipe.curve)],
    ['gTRC', curve(recipe.curve)],
    ['bTRC', curve(recipe.curve)],
    ['cprt', text('none')],
  ];
  const tableEnd = 132 + 12 * tags.length;
  const size = tags.reduce((end, [, data]) => end + padded(data.length), tableEnd);
  const out = new Uint8Array(size);
  const view = new DataView(out.buffer);
  view.setUint32(0, size);
  view.setUint32(8, 0x02400000);
  writeAscii(out, 12, 'mntrRGB XYZ ');
  view.setUint16(24, 2026);
  view.setUint16(26, 1);
  view.setUint16(28, 1);
  writeAscii(out, 36, 'acsp');
  [0.9642, 1, 0.8249].forEach((v, i) => view.setInt32(68 + 4 * i, Math.round(v * 65536)));
  view.setUint32(128, tags.length);
  let at = tableEnd;
  tags.forEach(([name, data], i) => {
    writeAscii(out, 132 + 12 * i, name);
    view.setUint32(136 + 12 * i, at);
    view.setUint32(140 + 12 * i, data.length);
    out.set(data, at);
    at += padded(data.length);
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

function curve(kind: number | 'srgb'): Uint8Array {
  const count = kind === 'srgb' ? 1024 : 1;
  const out = new Uint8Array(12 + 2 * count);
  const view = new DataView(out.buffer);
  writeAscii(out, 0, 'curv');
  view.setUint32(8, count);
  if (kind !== 'srgb') view.setUint16(12, Math.round(kind * 256));
  else
    for (let i = 0; i < count; i++) {
      const x = i / (count - 1);
      const y = x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4;
      view.setUint16(12 + 2 * i, Math.round(65535 * y));
    }
  return out;
}

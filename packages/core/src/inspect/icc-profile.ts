import { ByteReader, latin1 } from './byte-reader.ts';
import type { ColourProfile, KnownSpace } from './facts.ts';

/**
 * ICC profile reader (ICC.1:2022, clauses 7.2 header, 7.3 tag table, 9 tags, 10 tag types).
 * A profile is recognised by its numbers, never by its name: the three colorants and the tone curves.
 */

type Triple = readonly [number, number, number];

/** Colorants of known spaces, adapted to D50 by the Bradford transform, as their own specifications give them. */
const KNOWN: readonly {
  space: Exclude<KnownSpace, 'other'>;
  red: Triple;
  green: Triple;
  blue: Triple;
  curve: (x: number) => number;
}[] = [
  {
    space: 'srgb',
    red: [0.4361, 0.2225, 0.0139],
    green: [0.3851, 0.7169, 0.0971],
    blue: [0.1431, 0.0606, 0.7141],
    curve: srgbToLinear,
  },
  {
    space: 'display-p3',
    red: [0.5151, 0.2412, -0.0011],
    green: [0.292, 0.6922, 0.0419],
    blue: [0.1571, 0.0666, 0.7841],
    curve: srgbToLinear,
  },
  {
    space: 'adobe-rgb',
    red: [0.6097, 0.3111, 0.0195],
    green: [0.2053, 0.6257, 0.0609],
    blue: [0.1492, 0.0632, 0.7446],
    curve: x => x ** 2.19921875,
  },
  {
    space: 'prophoto',
    red: [0.7977, 0.288, 0],
    green: [0.1352, 0.7119, 0],
    blue: [0.0313, 0.0001, 0.8249],
    curve: x => (x < 0.03125 ? x / 16 : x ** 1.8),
  },
];

/**
 * Old sRGB profiles differ from the exact figures by up to 0.002 in a colorant (rounding, another adaptation);
 * the nearest other space differs by 0.07.
 */
const COLORANT_TOLERANCE = 0.004;
/** Half a level of 8 bits in linear light at the steepest part; the table curves of compact profiles keep to it. */
const CURVE_TOLERANCE = 0.006;
/** A profile larger than this is read by its header and tags alone anyway; larger tag counts are junk. */
const MAX_TAGS = 200;

/**
 * Reads a profile.
 * @throws Error saying what is wrong when the bytes are not a profile
 */
export function readIccProfile(bytes: Uint8Array): ColourProfile {
  const reader = new ByteReader(bytes);
  if (bytes.length < 132) throw new Error(`${bytes.length} bytes are too few for a profile`);
  if (reader.ascii(36, 4) !== 'acsp') throw new Error('the profile signature "acsp" is missing');
  const declared = reader.u32(0);
  if (declared > bytes.length) throw new Error(`it claims ${declared} bytes and has ${bytes.length}`);
  const tags = readTagTable(reader);
  return {
    description: readDescription(reader, tags),
    space: recogniseSpace(reader, tags),
    dataSpace: reader.ascii(16, 4),
    sizeBytes: bytes.length,
  };
}

type Tags = ReadonlyMap<string, { offset: number; length: number }>;

function readTagTable(reader: ByteReader): Tags {
  const count = reader.u32(128);
  if (count > MAX_TAGS) throw new Error(`a table of ${count} tags is not plausible`);
  const tags = new Map<string, { offset: number; length: number }>();
  for (let i = 0; i < count; i++) {
    const at = 132 + 12 * i;
    tags.set(reader.ascii(at, 4), { offset: reader.u32(at + 4), length: reader.u32(at + 8) });
  }
  return tags;
}

function readDescription(reader: ByteReader, tags: Tags): string {
  const tag = tags.get('desc');
  if (!tag) return '';
  try {
    const type = reader.ascii(tag.offset, 4);
    if (type === 'desc') {
      const length = reader.u32(tag.offset + 8);
      return latin1(reader.slice(tag.offset + 12, Math.min(length, 400)))
        .replace(/\0.*$/s, '')
        .trim();
    }
    if (type === 'mluc' && reader.u32(tag.offset + 8) > 0) {
      const length = Math.min(reader.u32(tag.offset + 20), 800);
      const start = tag.offset + reader.u32(tag.offset + 24);
      let text = '';
      for (let i = 0; i + 1 < length; i += 2) text += String.fromCharCode(reader.u16(start + i));
      return text.replace(/\0.*$/s, '').trim();
    }
    return '';
  } catch {
    return '';
  }
}

function recogniseSpace(reader: ByteReader, tags: Tags): KnownSpace {
  if (reader.ascii(16, 4) !== 'RGB ' || reader.ascii(20, 4) !== 'XYZ ') return 'other';
  // A lookup table takes precedence over the matrix in every colour engine, so the matrix proves nothing then.
  if (tags.has('A2B0')) return 'other';
  try {
    const colorants = [
      readXyz(reader, tags, 'rXYZ'),
      readXyz(reader, tags, 'gXYZ'),
      readXyz(reader, tags, 'bXYZ'),
    ];
    const curves = ['rTRC', 'gTRC', 'bTRC'].map(name => readCurve(reader, tags, name));
    const known = KNOWN.find(
      k =>
        [k.red, k.green, k.blue].every((want, i) => isNear(want, colorants[i])) &&
        curves.every(curve => isSameCurve(curve, k.curve)),
    );
    return known?.space ?? 'other';
  } catch {
    return 'other';
  }
}

function readXyz(reader: ByteReader, tags: Tags, name: string): Triple {
  const tag = tags.get(name);
  if (!tag) throw new Error(`${name} is missing`);
  const at = (i: number) => s15Fixed16(reader, tag.offset + 8 + 4 * i);
  return [at(0), at(1), at(2)];
}

function isNear(want: Triple, got: Triple | undefined): boolean {
  return (
    got !== undefined && want.every((value, i) => Math.abs(value - (got[i] ?? NaN)) <= COLORANT_TOLERANCE)
  );
}

function isSameCurve(curve: (x: number) => number, want: (x: number) => number): boolean {
  for (let i = 0; i <= 32; i++) if (Math.abs(curve(i / 32) - want(i / 32)) > CURVE_TOLERANCE) return false;
  return true;
}

/** curveType (10.6) and parametricCurveType (10.18). */
function readCurve(reader: ByteReader, tags: Tags, name: string): (x: number) => number {
  const tag = tags.get(name);
  if (!tag) throw new Error(`${name} is missing`);
  const type = reader.ascii(tag.offset, 4);
  if (type === 'curv') return readTableCurve(reader, tag.offset);
  if (type === 'para') return readParametricCurve(reader, tag.offset);
  throw new Error(`${name} has the unknown type ${type}`);
}

function readTableCurve(reader: ByteReader, offset: number): (x: number) => number {
  const count = reader.u32(offset + 8);
  if (count === 0) return x => x;
  if (count === 1) {
    const gamma = reader.u16(offset + 12) / 256;
    return x => x ** gamma;
  }
  reader.slice(offset + 12, 2 * count);
  return x => {
    const place = x * (count - 1);
    const low = Math.min(count - 2, Math.floor(place));
    const from = reader.u16(offset + 12 + 2 * low) / 65535;
    const to = reader.u16(offset + 14 + 2 * low) / 65535;
    return from + (to - from) * (place - low);
  };
}

function readParametricCurve(reader: ByteReader, offset: number): (x: number) => number {
  const kind = reader.u16(offset + 8);
  const counts = [1, 3, 4, 5, 7];
  const count = counts[kind];
  if (count === undefined) throw new Error(`parametric curve ${kind} is unknown`);
  const p = Array.from({ length: count }, (_, i) => s15Fixed16(reader, offset + 12 + 4 * i));
  const [g = 1, a = 1, b = 0, c = 0, d = 0, e = 0, f = 0] = p;
  if (kind === 0) return x => x ** g;
  if (kind === 1) return x => (x >= -b / a ? (a * x + b) ** g : 0);
  if (kind === 2) return x => (x >= -b / a ? (a * x + b) ** g + c : c);
  return x => (x >= d ? (a * x + b) ** g + e : c * x + f);
}

function s15Fixed16(reader: ByteReader, offset: number): number {
  return reader.i32(offset) / 65536;
}

/** IEC 61966-2-1, clause 5.2. */
function srgbToLinear(x: number): number {
  return x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4;
}

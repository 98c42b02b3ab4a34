import { ByteReader, latin1, utf8 } from './byte-reader.ts';

/** Entries of one TIFF image file directory (TIFF 6.0, section 2), as EXIF uses them. */
export type Directory = ReadonlyMap<number, Entry>;

export interface Entry {
  type: number;
  count: number;
  /** Offset and length of the value inside the TIFF block. */
  valueOffset: number;
  byteLength: number;
}

export interface TiffBlock {
  reader: ByteReader;
  littleEndian: boolean;
  first: Directory;
  firstOffset: number;
}

const TYPE_SIZE: Readonly<Record<number, number>> = {
  1: 1,
  2: 1,
  3: 2,
  4: 4,
  5: 8,
  6: 1,
  7: 1,
  8: 2,
  9: 4,
  10: 8,
  11: 4,
  12: 8,
  13: 4,
};
/** Real directories hold some dozens of entries; more is junk that would only cost time. */
const MAX_ENTRIES = 500;
const MAX_TEXT = 2000;

/**
 * Opens a TIFF block (the body of an EXIF segment, or a whole TIFF file).
 * @throws Error when the header is not TIFF or the first directory lies outside
 */
export function openTiff(bytes: Uint8Array): TiffBlock {
  const reader = new ByteReader(bytes);
  const order = reader.ascii(0, 2);
  if (order !== 'II' && order !== 'MM') throw new Error(`byte order "${order}" is neither II nor MM`);
  const littleEndian = order === 'II';
  const version = reader.u16(2, littleEndian);
  if (version === 43) throw new Error('it is a BigTIFF, made for files above 4 GB');
  if (version !== 42) throw new Error('the number 42 is missing after the byte order');
  const firstOffset = reader.u32(4, littleEndian);
  return { reader, littleEndian, firstOffset, first: readDirectory(reader, littleEndian, firstOffset) };
}

/** @throws OutOfBytes when the directory lies outside the block */
export function readDirectory(reader: ByteReader, littleEndian: boolean, offset: number): Directory {
  const count = reader.u16(offset, littleEndian);
  if (count > MAX_ENTRIES) throw new Error(`a directory of ${count} entries is not plausible`);
  const entries = new Map<number, Entry>();
  for (let i = 0; i < count; i++) {
    const at = offset + 2 + 12 * i;
    const type = reader.u16(at + 2, littleEndian);
    const items = reader.u32(at + 4, littleEndian);
    const size = (TYPE_SIZE[type] ?? 1) * items;
    entries.set(reader.u16(at, littleEndian), {
      type,
      count: items,
      byteLength: size,
      valueOffset: size <= 4 ? at + 8 : reader.u32(at + 8, littleEndian),
    });
  }
  return entries;
}

/** A sub-directory that a tag points at, or undefined when the tag is not there. */
export function subDirectory(block: TiffBlock, tag: number): Directory | undefined {
  const entry = block.first.get(tag);
  if (!entry) return undefined;
  return readDirectory(
    block.reader,
    block.littleEndian,
    block.reader.u32(entry.valueOffset, block.littleEndian),
  );
}

export function numberOf(block: TiffBlock, directory: Directory, tag: number): number | undefined {
  const entry = directory.get(tag);
  if (!entry || entry.count < 1) return undefined;
  const { reader, littleEndian } = block;
  if (entry.type === 3) return reader.u16(entry.valueOffset, littleEndian);
  if (entry.type === 4) return reader.u32(entry.valueOffset, littleEndian);
  if (entry.type === 5) {
    const under = reader.u32(entry.valueOffset + 4, littleEndian);
    return under === 0 ? undefined : reader.u32(entry.valueOffset, littleEndian) / under;
  }
  return reader.u8(entry.valueOffset);
}

export function textOf(block: TiffBlock, directory: Directory, tag: number): string | undefined {
  const entry = directory.get(tag);
  if (!entry) return undefined;
  const bytes = block.reader.slice(entry.valueOffset, Math.min(entry.count, MAX_TEXT));
  const end = bytes.indexOf(0);
  const raw = end === -1 ? bytes : bytes.subarray(0, end);
  const text = (raw.some(byte => byte > 127) ? utf8(raw) : latin1(raw)).trim();
  return text || undefined;
}

/** A value's bytes as they stand. @throws OutOfBytes when they lie outside the block */
export function bytesOf(block: TiffBlock, entry: Entry): Uint8Array {
  return block.reader.slice(entry.valueOffset, entry.byteLength);
}

/**
 * All numbers of a tag, of 16 or 32 bits; an empty list when the tag is not there.
 * @throws Error when there are more than `most`, OutOfBytes when they lie outside the block
 */
export function numbersOf(block: TiffBlock, tag: number, most: number): number[] {
  const entry = block.first.get(tag);
  if (!entry) return [];
  if (entry.count > most) throw new Error(`a list of ${entry.count} numbers is not plausible`);
  const { reader, littleEndian } = block;
  const isShort = entry.type === 3;
  return Array.from({ length: entry.count }, (_, i) =>
    isShort
      ? reader.u16(entry.valueOffset + 2 * i, littleEndian)
      : reader.u32(entry.valueOffset + 4 * i, littleEndian),
  );
}

/** Offset of the directory after the first, 0 when there is none or it cannot be read. */
export function nextDirectoryOffset({ reader, littleEndian, firstOffset }: TiffBlock): number {
  try {
    const count = reader.u16(firstOffset, littleEndian);
    return reader.u32(firstOffset + 2 + 12 * count, littleEndian);
  } catch {
    return 0;
  }
}

import type { ByteReader } from './byte-reader.ts';
import { OutOfBytes } from './byte-reader.ts';

/** A box of an ISO base media file (ISO/IEC 14496-12, 4.2): four letters and what they hold. */
export interface Box {
  type: string;
  /** Of the box's header in the file. */
  offset: number;
  length: number;
  /** Where what it holds begins and ends in the file. */
  from: number;
  to: number;
}

/** Boxes beside one another in a metadata block; real files have some dozens, or some hundreds of tiles. */
const MAX_BOXES = 4000;

/**
 * The boxes between two offsets.
 * @param boxes takes them one by one, so that those before a broken one are known
 * @throws OutOfBytes when one reaches beyond its parent
 */
export function boxesIn(reader: ByteReader, from: number, to: number, boxes: Box[] = []): Box[] {
  let offset = from;
  while (offset + 8 <= to && boxes.length < MAX_BOXES) {
    const short = reader.u32(offset);
    const type = reader.ascii(offset + 4, 4);
    // A length of one stands for eight bytes of it that follow, of nothing for all that is left.
    const isLong = short === 1;
    const length = isLong
      ? reader.u32(offset + 8) * 2 ** 32 + reader.u32(offset + 12)
      : short === 0
        ? to - offset
        : short;
    const header = isLong ? 16 : 8;
    if (length < header) throw new Error(`the box “${type}” is shorter than its own header`);
    if (offset + length > to) throw new OutOfBytes(`the box “${type}” is longer than what is left`);
    boxes.push({ type, offset, length, from: offset + header, to: offset + length });
    offset += length;
  }
  return boxes;
}

/** The first box of a type inside another that has a version and flags before its boxes, or not. */
export function boxAt(
  reader: ByteReader,
  parent: Pick<Box, 'from' | 'to'>,
  type: string,
  skip = 0,
): Box | undefined {
  return boxesIn(reader, parent.from + skip, parent.to).find(box => box.type === type);
}

/** Reads numbers one after the other. */
export class BoxCursor {
  constructor(
    private readonly reader: ByteReader,
    public at: number,
  ) {}

  /** An unsigned number of 0, 1, 2, 4 or 8 bytes. */
  number(bytes: number): number {
    let value = 0;
    for (let i = 0; i < bytes; i++) value = value * 256 + this.reader.u8(this.at + i);
    this.at += bytes;
    return value;
  }

  /** Letters up to a zero byte, which is passed over. */
  text(end: number): string {
    let text = '';
    while (this.at < end) {
      const byte = this.number(1);
      if (byte === 0) break;
      text += String.fromCharCode(byte);
    }
    return text;
  }
}

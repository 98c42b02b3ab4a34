import { strFromU8 } from 'fflate';

/** Thrown when a length in a file points outside it. Readers turn it into an unreadable fact. */
export class OutOfBytes extends Error {}

/** Bounded reads from a file's bytes. Every length in a file is untrusted. */
export class ByteReader {
  private readonly view: DataView;
  constructor(readonly bytes: Uint8Array) {
    this.view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  }
  get length(): number {
    return this.bytes.length;
  }
  u8(offset: number): number {
    this.need(offset, 1);
    return this.view.getUint8(offset);
  }
  u16(offset: number, littleEndian = false): number {
    this.need(offset, 2);
    return this.view.getUint16(offset, littleEndian);
  }
  u32(offset: number, littleEndian = false): number {
    this.need(offset, 4);
    return this.view.getUint32(offset, littleEndian);
  }
  i32(offset: number, littleEndian = false): number {
    this.need(offset, 4);
    return this.view.getInt32(offset, littleEndian);
  }
  slice(offset: number, length: number): Uint8Array {
    this.need(offset, length);
    return this.bytes.subarray(offset, offset + length);
  }
  /** One character a byte, as signatures and tags are written. */
  ascii(offset: number, length: number): string {
    return latin1(this.slice(offset, length));
  }
  startsWith(offset: number, text: string): boolean {
    return offset >= 0 && offset + text.length <= this.length && this.ascii(offset, text.length) === text;
  }
  private need(offset: number, length: number): void {
    if (offset < 0 || length < 0 || offset + length > this.bytes.length)
      throw new OutOfBytes(`${length} bytes at ${offset} lie outside the file's ${this.bytes.length}`);
  }
}

/** Bytes as characters of the same number. */
export function latin1(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return text;
}

/** UTF-8 by fflate, since core cannot name the platform's decoder; ill-formed bytes are replaced. */
export function utf8(bytes: Uint8Array): string {
  return strFromU8(bytes);
}

/** Joins byte runs into one. */
export function joinBytes(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

import { ByteReader, OutOfBytes } from './byte-reader.ts';
import { noFacts, present, unreadable, type FileFacts, type Place } from './facts.ts';
import { readIccProfile } from './icc-profile.ts';
import { readExif, readXmp } from './metadata.ts';

/**
 * WebP reader (RFC 9649: section 2 container, 2.5 to 2.7 file layouts; RFC 6386 section 9.1 for the VP8 frame header;
 * RFC 9649 section 3.4 for VP8L).
 *
 *   RIFF size WEBP  [VP8X] [ICCP] [ANIM] (VP8 | VP8L | ANMF…) [EXIF] [XMP]
 */

/** Measures a WebP. Never throws: what cannot be read is a fact of its own. */
export function inspectWebp(bytes: Uint8Array): FileFacts {
  const reader = new ByteReader(bytes);
  const facts = noFacts('webp', bytes.length);
  facts.bitDepth = present(8, { offset: 0, length: 12, structure: 'RIFF WEBP' });
  facts.components = present(3, { offset: 0, length: 12, structure: 'RIFF WEBP' });
  try {
    walkChunks(reader, facts);
  } catch (error) {
    if (!(error instanceof OutOfBytes)) throw error;
    facts.complete = unreadable('the file stops before its end: it was cut short');
  }
  if (facts.widthPx.state === 'absent') {
    facts.widthPx = unreadable('no picture chunk was found');
    facts.heightPx = facts.widthPx;
  }
  return facts;
}

function walkChunks(reader: ByteReader, facts: FileFacts): void {
  const end = 8 + reader.u32(4, true);
  let offset = 12;
  while (offset + 8 <= Math.min(end, reader.length)) {
    const type = reader.ascii(offset, 4);
    const length = reader.u32(offset + 4, true);
    readChunk(facts, type, reader.slice(offset + 8, length), {
      offset,
      length: length + 8,
      structure: type.trim(),
    });
    // Chunks are padded to an even length.
    offset += 8 + length + (length & 1);
  }
  if (end > reader.length) throw new OutOfBytes('the container is longer than the file');
  facts.complete = present(true, { offset: 0, length: 12, structure: 'RIFF WEBP' });
  if (reader.length > end)
    facts.trailingBytes = present(reader.length - end, {
      offset: end,
      length: reader.length - end,
      structure: 'after RIFF',
    });
}

function readChunk(facts: FileFacts, type: string, data: Uint8Array, at: Place): void {
  const reader = new ByteReader(data);
  const size = (width: number, height: number) => {
    if (facts.widthPx.state === 'present') return;
    facts.widthPx = present(width, at);
    facts.heightPx = present(height, at);
  };
  switch (type) {
    case 'VP8X': {
      const flags = reader.u8(0);
      facts.hasAlpha = (flags & 0x10) !== 0;
      facts.animated = (flags & 0x02) !== 0;
      return size(1 + u24(reader, 4), 1 + u24(reader, 7));
    }
    case 'VP8 ':
      return size(reader.u16(6, true) & 0x3fff, reader.u16(8, true) & 0x3fff);
    case 'VP8L': {
      const bits = reader.u32(1, true);
      facts.hasAlpha ||= ((bits >>> 28) & 1) === 1;
      return size((bits & 0x3fff) + 1, ((bits >>> 14) & 0x3fff) + 1);
    }
    case 'ICCP':
      try {
        facts.profile = present(readIccProfile(data), at);
      } catch (error) {
        facts.profile = unreadable(`the colour profile cannot be read: ${(error as Error).message}`, at);
      }
      return;
    case 'EXIF': {
      const hasPrefix = reader.startsWith(0, 'Exif\0');
      facts.notes = present('EXIF', at);
      return readExif(facts, hasPrefix ? data.subarray(6) : data, at);
    }
    case 'XMP ':
      facts.notes = present('XMP', at);
      return readXmp(facts, data, at);
  }
}

function u24(reader: ByteReader, offset: number): number {
  return reader.u16(offset, true) | (reader.u8(offset + 2) << 16);
}

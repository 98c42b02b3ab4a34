import { Inflate } from 'fflate';
import { ByteReader, OutOfBytes, joinBytes, latin1, utf8 } from './byte-reader.ts';
import { crc32 } from './crc32.ts';
import { noFacts, present, unreadable, type FileFacts, type Place } from './facts.ts';
import { readIccProfile } from './icc-profile.ts';
import { readExif, readXmp } from './metadata.ts';

/**
 * PNG reader (ISO/IEC 15948:2004, clauses 5 chunk layout, 11 chunk types; PNG third edition for acTL and eXIf).
 *
 *   signature  IHDR  [ancillary]*  IDAT+  [ancillary]*  IEND  [bytes after the end]
 */

const CRITICAL = new Set(['IHDR', 'PLTE', 'IDAT', 'IEND']);
const COMPONENTS: Readonly<Record<number, number>> = { 0: 1, 2: 3, 3: 3, 4: 1, 6: 3 };
/** Largest profile or text that is unpacked; a real display profile is below 4 MB. */
const MAX_UNPACKED = 4_000_000;

/** Measures a PNG. Never throws: what cannot be read is a fact of its own. */
export function inspectPng(bytes: Uint8Array): FileFacts {
  const reader = new ByteReader(bytes);
  const facts = noFacts('png', bytes.length);
  try {
    walkChunks(reader, facts);
  } catch (error) {
    if (!(error instanceof OutOfBytes)) throw error;
    facts.complete = unreadable('the file stops before its end mark: it was cut short');
  }
  if (facts.widthPx.state === 'absent') {
    facts.widthPx = unreadable('the header chunk was not found');
    facts.heightPx = facts.widthPx;
  }
  return facts;
}

function walkChunks(reader: ByteReader, facts: FileFacts): void {
  let offset = 8;
  let damage: string | undefined;
  for (;;) {
    const length = reader.u32(offset);
    const type = reader.ascii(offset + 4, 4);
    const data = reader.slice(offset + 8, length);
    const at = { offset, length: length + 12, structure: type };
    if (reader.u32(offset + 8 + length) !== crc32(reader.slice(offset + 4, length + 4)))
      damage ??= `the checksum of chunk ${type} at byte ${offset} is wrong: the file is damaged`;
    else if (type.charCodeAt(0) < 0x60 && !CRITICAL.has(type))
      damage ??= `chunk ${type} is required and unknown`;
    else readChunk(facts, type, data, at);
    offset += 12 + length;
    if (type !== 'IEND') continue;
    facts.complete = damage ? unreadable(damage) : present(true, at);
    const trailing = reader.length - offset;
    if (trailing > 0)
      facts.trailingBytes = present(trailing, { offset, length: trailing, structure: 'after IEND' });
    return;
  }
}

function readChunk(facts: FileFacts, type: string, data: Uint8Array, at: Place): void {
  const reader = new ByteReader(data);
  switch (type) {
    case 'IHDR': {
      const colourType = reader.u8(9);
      facts.widthPx = present(reader.u32(0), at);
      facts.heightPx = present(reader.u32(4), at);
      // A palette's entries have 8 bits whatever the index takes (11.2.2).
      facts.bitDepth = present(colourType === 3 ? 8 : reader.u8(8), at);
      facts.components = present(COMPONENTS[colourType] ?? 0, at);
      facts.hasAlpha = colourType === 4 || colourType === 6;
      return;
    }
    case 'pHYs':
      facts.density = present(
        { x: reader.u32(0), y: reader.u32(4), unit: reader.u8(8) === 1 ? 'metre' : 'none' },
        at,
      );
      return;
    case 'acTL':
      facts.animated = reader.u32(0) > 1;
      return;
    case 'sRGB':
      facts.srgbChunk = present(true, at);
      return;
    case 'tRNS':
      facts.hasAlpha = true;
      return;
    case 'iCCP':
      return readProfile(facts, data, at);
    case 'eXIf':
      facts.notes = present('EXIF', { ...at, structure: 'eXIf' });
      return readExif(facts, data, { ...at, structure: 'eXIf' });
    case 'tEXt':
    case 'zTXt':
    case 'iTXt':
      facts.notes = present('text', at);
      return readText(facts, type === 'zTXt' ? unpackedText(data) : data, at);
  }
}

function readProfile(facts: FileFacts, data: Uint8Array, at: Place): void {
  try {
    const end = data.indexOf(0);
    facts.profile = present(readIccProfile(unpack(data.subarray(end + 2))), at);
  } catch (error) {
    facts.profile = unreadable(`the colour profile cannot be read: ${(error as Error).message}`, at);
  }
}

/** Unpacks a zlib stream without ever holding more than MAX_UNPACKED bytes of result. */
function unpack(packed: Uint8Array): Uint8Array {
  const parts: Uint8Array[] = [];
  let total = 0;
  // The two header bytes of zlib (RFC 1950) are dropped; the stream behind them is plain deflate.
  const inflate = new Inflate(part => {
    total += part.length;
    if (total > MAX_UNPACKED) throw new Error(`it unpacks to more than ${MAX_UNPACKED} bytes`);
    parts.push(part);
  });
  const step = 16_384;
  for (let i = 2; i < packed.length; i += step)
    inflate.push(packed.subarray(i, i + step), i + step >= packed.length);
  return joinBytes(parts);
}

/** A zTXt chunk as the tEXt chunk it stands for: keyword, null, method, packed text. */
function unpackedText(data: Uint8Array): Uint8Array {
  const end = data.indexOf(0);
  try {
    return joinBytes([data.subarray(0, end + 1), unpack(data.subarray(end + 2))]);
  } catch {
    return data.subarray(0, end + 1);
  }
}

function readText(facts: FileFacts, data: Uint8Array, at: Place): void {
  const end = data.indexOf(0);
  const keyword = latin1(data.subarray(0, Math.max(0, end)));
  const value = data.subarray(end + 1);
  if (keyword === 'XML:com.adobe.xmp') return readXmp(facts, value, { ...at, structure: 'iTXt XMP' });
  const text = utf8(value.subarray(0, 2000)).replace(/\0/g, '').trim();
  if (keyword === 'Author' && text && facts.author.state === 'absent') facts.author = present(text, at);
  if (keyword === 'Copyright' && text && facts.copyright.state === 'absent')
    facts.copyright = present(text, at);
}

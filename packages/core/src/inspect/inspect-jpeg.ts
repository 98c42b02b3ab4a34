import { ByteReader, OutOfBytes, joinBytes } from './byte-reader.ts';
import { noFacts, present, unreadable, type FileFacts, type Place } from './facts.ts';
import { readIccProfile } from './icc-profile.ts';
import { qualityOf } from './jpeg-quality.ts';
import { readExif, readIptc, readXmp } from './metadata.ts';

/**
 * JPEG reader (ITU-T T.81, annex B: markers and segments; T.871: JFIF; ICC.1 annex B.4: profile in APP2).
 * Walks every segment to the end mark, through the entropy-coded data as well.
 *
 *   SOI  [APPn | DQT | DHT | DRI | COM]*  SOFn  …  SOS data [RSTm data]*  …  EOI  [bytes after the end]
 */

const MARKER = { SOI: 0xd8, EOI: 0xd9, SOS: 0xda, DNL: 0xdc, COM: 0xfe, TEM: 0x01 } as const;
const SOF = { 0xc0: 'baseline', 0xc1: 'extended', 0xc2: 'progressive', 0xc3: 'lossless' } as const;

/** Whether a marker stands alone, without a length (T.81, B.1.1.3). */
const standsAlone = (marker: number) => marker === MARKER.TEM || (marker >= 0xd0 && marker <= MARKER.EOI);

interface Walk {
  reader: ByteReader;
  facts: FileFacts;
  iccParts: Map<number, { bytes: Uint8Array; at: Place }>;
  iccCount: number;
  /** Quantisation tables by their number, and the one that the first component uses. */
  tables: Map<number, { values: number[]; at: Place }>;
  firstTable: number | undefined;
}

/** Measures a JPEG. Never throws: what cannot be read is a fact of its own. */
export function inspectJpeg(bytes: Uint8Array): FileFacts {
  const walk: Walk = {
    reader: new ByteReader(bytes),
    facts: noFacts('jpeg', bytes.length),
    iccParts: new Map(),
    iccCount: 0,
    tables: new Map(),
    firstTable: undefined,
  };
  try {
    walkSegments(walk);
  } catch (error) {
    if (!(error instanceof OutOfBytes)) throw error;
    walk.facts.complete = unreadable('the file stops before its end mark: it was cut short');
  }
  assembleProfile(walk);
  const table = walk.tables.get(walk.firstTable ?? 0);
  if (table) walk.facts.quality = present(qualityOf(table.values), table.at);
  if (walk.facts.widthPx.state === 'absent') {
    const none = unreadable('no frame header was found before the picture data');
    walk.facts.widthPx = none;
    walk.facts.heightPx = none;
  }
  return walk.facts;
}

function walkSegments(walk: Walk): void {
  const { reader, facts } = walk;
  let offset = 2;
  for (;;) {
    if (reader.u8(offset) !== 0xff) {
      facts.complete = unreadable(
        `at byte ${offset} a marker should begin and does not: the file is damaged`,
      );
      return;
    }
    // Any number of 0xFF may fill the space before a marker (B.1.1.2).
    while (reader.u8(offset + 1) === 0xff) offset += 1;
    const marker = reader.u8(offset + 1);
    if (marker === MARKER.EOI) return finish(walk, offset);
    if (standsAlone(marker)) {
      offset += 2;
      continue;
    }
    const length = reader.u16(offset + 2);
    if (length < 2) throw new OutOfBytes('a segment shorter than its own length field');
    reader.slice(offset + 2, length);
    readSegment(walk, marker, offset, length);
    offset += 2 + length;
    if (marker === MARKER.SOS) offset = skipEntropyData(reader, offset);
  }
}

function finish({ reader, facts }: Walk, offset: number): void {
  facts.complete = present(true, { offset, length: 2, structure: 'EOI' });
  const trailing = reader.length - offset - 2;
  if (trailing > 0)
    facts.trailingBytes = present(trailing, { offset: offset + 2, length: trailing, structure: 'after EOI' });
}

/** In entropy-coded data 0xFF is followed by 0x00 or a restart marker; anything else ends it (B.1.1.5). */
function skipEntropyData(reader: ByteReader, offset: number): number {
  const { bytes } = reader;
  let at = offset;
  for (;;) {
    at = bytes.indexOf(0xff, at);
    if (at === -1 || at + 1 >= bytes.length) throw new OutOfBytes('picture data without an end');
    const next = bytes[at + 1] ?? 0;
    if (next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) return at;
    at += next === 0xff ? 1 : 2;
  }
}

function readSegment(walk: Walk, marker: number, offset: number, length: number): void {
  const { reader, facts } = walk;
  const body = offset + 4;
  const bodyLength = length - 2;
  const place = (structure: string): Place => ({ offset, length: length + 2, structure });
  if (marker in SOF) return readFrame(walk, marker as keyof typeof SOF, offset, place(`SOF${marker - 0xc0}`));
  if (marker === 0xe0 && reader.startsWith(body, 'JFIF\0')) return readJfif(walk, body, place('APP0 JFIF'));
  if (marker === 0xdb) return readTables(walk, offset, length, place('DQT'));
  if (marker === MARKER.COM) facts.notes = present('comment', place('COM'));
  if (marker === 0xe1 && reader.startsWith(body, 'Exif\0')) {
    facts.notes = present('EXIF', place('APP1 EXIF'));
    return readExif(facts, reader.slice(body + 6, Math.max(0, bodyLength - 6)), place('APP1 EXIF'));
  }
  if (marker === 0xe1 && reader.startsWith(body, 'http://ns.adobe.com/xap/1.0/\0')) {
    facts.notes = present('XMP', place('APP1 XMP'));
    return readXmp(facts, reader.slice(body + 29, bodyLength - 29), place('APP1 XMP'));
  }
  if (marker === 0xe2 && reader.startsWith(body, 'ICC_PROFILE\0')) {
    walk.iccCount = reader.u8(body + 13);
    walk.iccParts.set(reader.u8(body + 12), {
      bytes: reader.slice(body + 14, bodyLength - 14),
      at: place('APP2 ICC profile'),
    });
    return;
  }
  if (marker === 0xed && reader.startsWith(body, 'Photoshop 3.0\0')) {
    facts.notes = present('IPTC', place('APP13 IPTC'));
    return readIptc(facts, reader.slice(body, bodyLength), place('APP13 IPTC'));
  }
}

/** Quantisation tables (B.2.4.1): 8 or 16 bits a value, several tables in one segment. */
function readTables(walk: Walk, offset: number, length: number, at: Place): void {
  const { reader } = walk;
  let position = offset + 4;
  while (position < offset + 2 + length) {
    const head = reader.u8(position);
    const isWide = head >> 4 === 1;
    const values = Array.from({ length: 64 }, (_, i) =>
      isWide ? reader.u16(position + 1 + 2 * i) : reader.u8(position + 1 + i),
    );
    walk.tables.set(head & 15, { values, at });
    position += 1 + (isWide ? 128 : 64);
  }
}

/** Frame header (B.2.2). */
function readFrame(walk: Walk, marker: keyof typeof SOF, offset: number, at: Place): void {
  const { reader, facts } = walk;
  walk.firstTable = reader.u8(offset + 12);
  const height = reader.u16(offset + 5);
  const components = reader.u8(offset + 9);
  facts.scan = present(SOF[marker], at);
  facts.bitDepth = present(reader.u8(offset + 4), at);
  // A height of zero means that it follows in a DNL segment, which next to no program can read.
  facts.heightPx = height === 0 ? unreadable('the frame header gives no height', at) : present(height, at);
  facts.widthPx = present(reader.u16(offset + 7), at);
  facts.components = present(components, at);
  if (components === 3) facts.chroma = present(chromaOf(reader, offset + 10), at);
}

function chromaOf(reader: ByteReader, offset: number): '4:4:4' | '4:2:2' | '4:2:0' | '4:4:0' | 'other' {
  const factors = [0, 1, 2].map(i =>
    reader
      .u8(offset + 3 * i + 1)
      .toString(16)
      .padStart(2, '0'),
  );
  const known: Readonly<Record<string, '4:4:4' | '4:2:2' | '4:2:0' | '4:4:0'>> = {
    '11-11-11': '4:4:4',
    '21-11-11': '4:2:2',
    '22-11-11': '4:2:0',
    '12-11-11': '4:4:0',
  };
  return known[factors.join('-')] ?? 'other';
}

/** JFIF header (T.871, 10.1). */
function readJfif({ reader, facts }: Walk, body: number, at: Place): void {
  const unit = reader.u8(body + 7);
  facts.density = present(
    {
      x: reader.u16(body + 8),
      y: reader.u16(body + 10),
      unit: unit === 1 ? 'inch' : unit === 2 ? 'centimetre' : 'none',
    },
    at,
  );
}

function assembleProfile(walk: Walk): void {
  const first = walk.iccParts.get(1) ?? [...walk.iccParts.values()][0];
  if (!first) return;
  const parts: Uint8Array[] = [];
  for (let i = 1; i <= walk.iccCount; i++) {
    const part = walk.iccParts.get(i);
    if (!part) {
      walk.facts.profile = unreadable(
        `part ${i} of ${walk.iccCount} of the colour profile is missing`,
        first.at,
      );
      return;
    }
    parts.push(part.bytes);
  }
  try {
    walk.facts.profile = present(readIccProfile(joinBytes(parts)), first.at);
  } catch (error) {
    walk.facts.profile = unreadable(
      `the colour profile cannot be read: ${(error as Error).message}`,
      first.at,
    );
  }
}

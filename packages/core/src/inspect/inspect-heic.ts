import { ByteReader, OutOfBytes } from './byte-reader.ts';
import { noFacts, present, unreadable, type ColourProfile, type FileFacts, type Place } from './facts.ts';
import { boxesIn, type Box } from './heif-boxes.ts';
import { itemBytes, readMeta, type HeifMeta } from './heif-items.ts';
import { readIccProfile } from './icc-profile.ts';
import { readExif, readXmp } from './metadata.ts';

/**
 * HEIC reader, for the pictures of phones (ISO/IEC 23008-12; boxes ISO/IEC 14496-12).
 *
 *   ftyp  meta (pitm iinf iloc iprp (ipco ipma))  mdat
 */

/** Measures a HEIC picture. Never throws: what cannot be read is a fact of its own. */
export function inspectHeic(bytes: Uint8Array): FileFacts {
  const reader = new ByteReader(bytes);
  const facts = noFacts('heic', bytes.length);
  const boxes: Box[] = [];
  try {
    boxesIn(reader, 0, reader.length, boxes);
    facts.complete = present(true, { offset: 0, length: reader.length, structure: 'boxes' });
  } catch (error) {
    facts.complete = unreadable(faultOf(error));
  }
  try {
    const meta = boxes.find(box => box.type === 'meta');
    if (meta) readPicture(reader, facts, readMeta(reader, meta), meta);
  } catch (error) {
    facts.complete = unreadable(faultOf(error));
  }
  if (facts.widthPx.state === 'absent') {
    facts.widthPx = unreadable('no picture was found in the file');
    facts.heightPx = facts.widthPx;
  }
  return facts;
}

/** What a HEIC picture carries beside its pixels, byte for byte; undefined where it has none or is damaged. */
export interface HeicBlocks {
  /** A picture that names its colours by numbers alone has no profile. */
  profile: Uint8Array | undefined;
  /** From its TIFF header on. */
  exif: Uint8Array | undefined;
}

export function heicBlocks(bytes: Uint8Array): HeicBlocks {
  const reader = new ByteReader(bytes);
  try {
    const metaBox = boxesIn(reader, 0, reader.length).find(box => box.type === 'meta');
    if (!metaBox) return NO_BLOCKS;
    const meta = readMeta(reader, metaBox);
    const colour = propertiesOfPrimary(meta).find(box => box.type === 'colr' && isIcc(reader, box));
    const notes = meta.items.find(item => item.type === 'Exif');
    const block = notes && itemBytes(reader, meta, notes.id);
    return {
      profile: colour && reader.slice(colour.from + 4, colour.to - colour.from - 4),
      exif: block && fromTiffHeader(block),
    };
  } catch {
    return NO_BLOCKS;
  }
}

const NO_BLOCKS: HeicBlocks = { profile: undefined, exif: undefined };

/** Four bytes say how far on the TIFF header begins (ISO/IEC 23008-12, A.2.1). */
function fromTiffHeader(block: Uint8Array): Uint8Array | undefined {
  return block.length > 4 ? block.subarray(4 + new ByteReader(block).u32(0)) : undefined;
}

function propertiesOfPrimary(meta: HeifMeta): Box[] {
  return meta.primary === undefined ? [] : meta.propertiesOf(meta.primary);
}

function readPicture(reader: ByteReader, facts: FileFacts, meta: HeifMeta, metaBox: Box): void {
  // A turn of the container's own; what the notes say about it is for show.
  facts.orientation = present(1, placeOf(metaBox));
  for (const property of propertiesOfPrimary(meta)) readProperty(reader, facts, property);
  facts.hasAlpha = meta.items.some(item => meta.propertiesOf(item.id).some(box => isAlpha(reader, box)));
  if (facts.components.state === 'absent') facts.components = present(3, placeOf(metaBox));
  if (facts.bitDepth.state === 'absent') facts.bitDepth = present(8, placeOf(metaBox));
  for (const item of meta.items) {
    const isXmp = item.type === 'mime' && item.contentType === 'application/rdf+xml';
    if (item.type !== 'Exif' && !isXmp) continue;
    const block = itemBytes(reader, meta, item.id);
    const [place] = meta.placesOf(item.id) ?? [];
    if (!block || !place) continue;
    const at = { ...place, structure: isXmp ? 'XMP' : 'Exif' };
    facts.notes = present(at.structure, at);
    const exif = isXmp ? undefined : fromTiffHeader(block);
    if (isXmp) readXmp(facts, block, at);
    else if (exif) readExif(facts, exif, at);
  }
}

/** EXIF orientations for quarter turns against the clock: ISO/IEC 23008-12, 6.5.10. */
const TURNED = [1, 8, 3, 6];
/** Colour primaries of the numbers that phones write: ITU-T H.273, table 2. */
const BY_NUMBERS: Readonly<Record<number, Pick<ColourProfile, 'description' | 'space'>>> = {
  1: { description: 'sRGB by its numbers', space: 'srgb' },
  12: { description: 'Display P3 by its numbers', space: 'display-p3' },
};

function readProperty(reader: ByteReader, facts: FileFacts, box: Box): void {
  const at = placeOf(box);
  switch (box.type) {
    case 'ispe':
      facts.widthPx = present(reader.u32(box.from + 4), at);
      facts.heightPx = present(reader.u32(box.from + 8), at);
      return;
    case 'irot':
      facts.orientation = present(TURNED[reader.u8(box.from) & 3] ?? 1, at);
      return;
    case 'pixi':
      facts.components = present(Math.min(3, reader.u8(box.from + 4)), at);
      facts.bitDepth = present(reader.u8(box.from + 5), at);
      return;
    case 'colr':
      return readColour(reader, facts, box, at);
  }
}

function readColour(reader: ByteReader, facts: FileFacts, box: Box, at: Place): void {
  if (isIcc(reader, box)) {
    const bytes = reader.slice(box.from + 4, box.to - box.from - 4);
    try {
      facts.profile = present(readIccProfile(bytes), at);
    } catch (error) {
      facts.profile = unreadable(`the colour profile cannot be read: ${message(error)}`, at);
    }
    return;
  }
  const named = BY_NUMBERS[reader.u16(box.from + 4)];
  if (named && facts.profile.state === 'absent')
    facts.profile = present({ ...named, dataSpace: 'RGB ', sizeBytes: 0 }, at);
}

const isIcc = (reader: ByteReader, box: Box) => /^(?:prof|rICC)$/.test(reader.ascii(box.from, 4));

function isAlpha(reader: ByteReader, box: Box): boolean {
  return box.type === 'auxC' && reader.ascii(box.from + 4, box.to - box.from - 4).includes('alpha');
}

const placeOf = ({ type, offset, length }: Box): Place => ({ offset, length, structure: type });

const faultOf = (error: unknown) =>
  error instanceof OutOfBytes ? 'the file stops before its end: it was cut short' : message(error);

const message = (error: unknown) => (error as Error).message;

import { OutOfBytes } from './byte-reader.ts';
import { ABSENT, noFacts, present, unreadable, type FileFacts, type Place } from './facts.ts';
import { readIccProfile } from './icc-profile.ts';
import { readExif, readIptc, readXmp } from './metadata.ts';
import {
  bytesOf,
  nextDirectoryOffset,
  numberOf,
  numbersOf,
  openTiff,
  type TiffBlock,
} from './tiff-directory.ts';

/**
 * TIFF reader (TIFF 6.0: sections 2 structure, 3 to 6 baseline fields, 15 tiles, 18 associated alpha; ICC.1 annex B.3
 * for the profile's tag 34675; XMP part 3 for tag 700; EXIF 3.0 for the EXIF and GPS directories).
 */

const TAG = {
  subfileType: 254,
  make: 271,
  subDirectories: 330,
  dngVersion: 50706,
  width: 256,
  height: 257,
  bits: 258,
  photometric: 262,
  stripOffsets: 273,
  samples: 277,
  stripCounts: 279,
  tileOffsets: 324,
  tileCounts: 325,
  extraSamples: 338,
  xmp: 700,
  iptc: 33723,
  profile: 34675,
} as const;

/** Colour channels by photometric interpretation; a palette's entries have three. */
const COMPONENTS: Readonly<Record<number, number>> = { 0: 1, 1: 1, 2: 3, 3: 3, 5: 4, 6: 3, 8: 3 };
/** Strips of one line each in the tallest picture that is opened. */
const MAX_PIECES = 200_000;

/** Measures a TIFF. Never throws: what cannot be read is a fact of its own. */
export function inspectTiff(bytes: Uint8Array): FileFacts {
  const facts = noFacts('tiff', bytes.length);
  let block: TiffBlock;
  try {
    block = openTiff(bytes);
  } catch (error) {
    const why = `the file's directory cannot be read: ${(error as Error).message}`;
    return {
      ...facts,
      widthPx: unreadable(why),
      heightPx: unreadable(why),
      complete: unreadable('the file stops before its directory, or its directory is damaged'),
    };
  }
  if (isCameraRaw(block)) facts.format = 'camera-raw';
  const at = { offset: block.firstOffset, length: 2 + 12 * block.first.size, structure: 'IFD0' };
  readFrame(facts, block, at);
  readExif(facts, bytes, at);
  // In a TIFF these tags are the file's own density, not a second statement of it.
  facts.density = facts.exifDensity;
  facts.exifDensity = ABSENT;
  readBlocks(facts, block);
  facts.complete = wholeness(block, at);
  facts.pages = nextDirectoryOffset(block) === 0 ? 1 : 2;
  return facts;
}

/**
 * Most cameras write their raw data into a TIFF whose first directory holds a small preview: marked as reduced
 * (NewSubfileType 1), as DNG (tag 50706), or with sensor data in its subdirectories beside a maker's name.
 */
function isCameraRaw(block: TiffBlock): boolean {
  const { first } = block;
  try {
    return (
      first.has(TAG.dngVersion) ||
      ((numberOf(block, first, TAG.subfileType) ?? 0) & 1) === 1 ||
      (first.has(TAG.subDirectories) && first.has(TAG.make))
    );
  } catch {
    return false;
  }
}

function readFrame(facts: FileFacts, block: TiffBlock, at: Place): void {
  const number = (tag: number) => {
    try {
      return numberOf(block, block.first, tag);
    } catch {
      return undefined;
    }
  };
  const size = (tag: number, what: string) => {
    const value = number(tag);
    return value === undefined ? unreadable(`the directory gives no ${what}`, at) : present(value, at);
  };
  facts.widthPx = size(TAG.width, 'width');
  facts.heightPx = size(TAG.height, 'height');
  // A missing depth means 1 bit (section 8), a missing number of samples 1.
  const photometric = number(TAG.photometric);
  facts.bitDepth = present(photometric === 3 ? 8 : (number(TAG.bits) ?? 1), at);
  const samples = number(TAG.samples) ?? 1;
  const components = COMPONENTS[photometric ?? -1] ?? samples;
  facts.components = present(components, at);
  facts.hasAlpha = block.first.has(TAG.extraSamples) || (photometric !== 3 && samples > components);
}

function readBlocks(facts: FileFacts, block: TiffBlock): void {
  const found: string[] = [];
  const read = (tag: number, structure: string, take: (bytes: Uint8Array, at: Place) => void) => {
    const entry = block.first.get(tag);
    if (!entry) return;
    const at = { offset: entry.valueOffset, length: entry.byteLength, structure };
    found.push(structure);
    try {
      take(bytesOf(block, entry), at);
    } catch (error) {
      const why = `the ${structure} cannot be read: ${(error as Error).message}`;
      if (tag === TAG.profile) facts.profile = unreadable(why, at);
      else if (facts.author.state === 'absent') facts.author = unreadable(why, at);
    }
  };
  read(TAG.profile, 'tag 34675 ICC profile', (bytes, at) => {
    facts.profile = present(readIccProfile(bytes), at);
  });
  read(TAG.xmp, 'tag 700 XMP', (bytes, at) => {
    readXmp(facts, bytes, at);
    facts.notes = present('XMP', at);
  });
  read(TAG.iptc, 'tag 33723 IPTC', (bytes, at) => {
    readIptc(facts, bytes, at);
    facts.notes = present('IPTC', at);
  });
}

/** Every strip or tile has to lie inside the file. */
function wholeness(block: TiffBlock, at: Place): FileFacts['complete'] {
  try {
    const isTiled = block.first.has(TAG.tileOffsets);
    const offsets = numbersOf(block, isTiled ? TAG.tileOffsets : TAG.stripOffsets, MAX_PIECES);
    const counts = numbersOf(block, isTiled ? TAG.tileCounts : TAG.stripCounts, MAX_PIECES);
    if (!offsets.length || offsets.length !== counts.length)
      return unreadable('the directory does not say where the picture data are', at);
    const isInside = offsets.every((offset, i) => offset + (counts[i] ?? 0) <= block.reader.length);
    return isInside
      ? present(true, at)
      : unreadable('the picture data reach beyond the end of the file: it was cut short', at);
  } catch (error) {
    if (error instanceof OutOfBytes)
      return unreadable('the file stops before its picture data are listed: it was cut short', at);
    return unreadable((error as Error).message, at);
  }
}

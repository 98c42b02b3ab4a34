import { utf8 } from './byte-reader.ts';
import { present, unreadable, type FileFacts, type Place } from './facts.ts';
import { numberOf, openTiff, subDirectory, textOf, type TiffBlock } from './tiff-directory.ts';

/** EXIF 3.0 tag numbers (clause 4.6). */
const TAG = {
  make: 0x010f,
  model: 0x0110,
  orientation: 0x0112,
  xResolution: 0x011a,
  yResolution: 0x011b,
  resolutionUnit: 0x0128,
  artist: 0x013b,
  copyright: 0x8298,
  exifDirectory: 0x8769,
  gpsDirectory: 0x8825,
  dateTaken: 0x9003,
  focal35Mm: 0xa405,
  gpsLatitude: 0x0002,
} as const;

/** Adds what an EXIF block says. Never throws: damage becomes unreadable facts. */
export function readExif(facts: FileFacts, bytes: Uint8Array, at: Place): void {
  let block: TiffBlock;
  try {
    block = openTiff(bytes);
  } catch (error) {
    const why = `the EXIF block cannot be read: ${(error as Error).message}`;
    for (const key of EXIF_KEYS) if (facts[key].state === 'absent') facts[key] = unreadable(why, at);
    return;
  }
  attempt(facts, 'orientation', at, () => numberOf(block, block.first, TAG.orientation));
  attempt(facts, 'author', at, () => textOf(block, block.first, TAG.artist));
  attempt(facts, 'copyright', at, () => textOf(block, block.first, TAG.copyright));
  attempt(facts, 'camera', at, () => {
    const parts = [textOf(block, block.first, TAG.make), textOf(block, block.first, TAG.model)];
    return parts.filter(part => part !== undefined).join(' ') || undefined;
  });
  attempt(facts, 'dateTaken', at, () => {
    const exif = subDirectory(block, TAG.exifDirectory);
    return exif && textOf(block, exif, TAG.dateTaken);
  });
  attempt(facts, 'focal35Mm', at, () => {
    const exif = subDirectory(block, TAG.exifDirectory);
    // Nothing stands for unknown (EXIF 3.0, clause 4.6.6.7).
    return (exif && numberOf(block, exif, TAG.focal35Mm)) || undefined;
  });
  attempt(facts, 'location', at, () => {
    const gps = subDirectory(block, TAG.gpsDirectory);
    // A position is there when a latitude is; some cameras write an empty directory with a version alone.
    return gps?.has(TAG.gpsLatitude) ? 'GPS position' : undefined;
  });
  attempt(facts, 'exifDensity', at, () => {
    const x = numberOf(block, block.first, TAG.xResolution);
    const y = numberOf(block, block.first, TAG.yResolution);
    if (x === undefined || y === undefined) return undefined;
    const unit = numberOf(block, block.first, TAG.resolutionUnit) ?? 2;
    return {
      x,
      y,
      unit: unit === 3 ? ('centimetre' as const) : unit === 1 ? ('none' as const) : ('inch' as const),
    };
  });
}

const EXIF_KEYS = [
  'exifDensity',
  'orientation',
  'location',
  'author',
  'copyright',
  'dateTaken',
  'camera',
  'focal35Mm',
] as const;
type ExifKey = (typeof EXIF_KEYS)[number];

function attempt<K extends ExifKey>(facts: FileFacts, key: K, at: Place, read: () => unknown): void {
  try {
    const value = read();
    if (value !== undefined && facts[key].state === 'absent') (facts[key] as unknown) = present(value, at);
  } catch (error) {
    facts[key] = unreadable((error as Error).message, at);
  }
}

/** Adds location and people from an XMP packet (ISO 16684-1). The packet is only searched, never run. */
export function readXmp(facts: FileFacts, bytes: Uint8Array, at: Place): void {
  const text = utf8(bytes.subarray(0, 2_000_000));
  if (facts.location.state === 'absent' && /exif:GPS(Latitude|Longitude)\b/.test(text))
    facts.location = present('GPS position in XMP', at);
  const creator = listItem(text, 'dc:creator') ?? attribute(text, 'photoshop:Credit');
  if (creator && facts.author.state === 'absent') facts.author = present(creator, at);
  const maker = [element(text, 'tiff:Make'), element(text, 'tiff:Model')].filter(part => part !== undefined);
  if (maker.length && facts.camera.state === 'absent') facts.camera = present(maker.join(' '), at);
  const title = listItem(text, 'dc:title');
  if (title && facts.title.state === 'absent') facts.title = present(title, at);
  const rights = listItem(text, 'dc:rights');
  if (rights && facts.copyright.state === 'absent') facts.copyright = present(rights, at);
}

/** A property written as an element or as an attribute. */
function element(text: string, property: string): string | undefined {
  const start = text.indexOf(`<${property}>`);
  if (start === -1) return attribute(text, property);
  const from = start + property.length + 2;
  return unescaped(text.slice(from, Math.min(text.indexOf('<', from), from + 500)).trim()) || undefined;
}

function listItem(text: string, property: string): string | undefined {
  const start = text.indexOf(`<${property}`);
  if (start === -1) return undefined;
  const end = text.indexOf(`</${property}`, start);
  const inside = text.slice(start, end === -1 ? start + 2000 : Math.min(end, start + 2000));
  const found = /<rdf:li[^>]{0,200}>([^<]{1,500})</.exec(inside)?.[1]?.trim();
  return found ? unescaped(found) : undefined;
}

const ENTITIES: Readonly<Record<string, string>> = { lt: '<', gt: '>', quot: '"', apos: "'", amp: '&' };

function unescaped(text: string): string {
  return text.replace(/&(lt|gt|quot|apos|amp);/g, (whole, name: string) => ENTITIES[name] ?? whole);
}

function attribute(text: string, property: string): string | undefined {
  const start = text.indexOf(`${property}="`);
  if (start === -1) return undefined;
  const from = start + property.length + 2;
  return text.slice(from, Math.min(text.indexOf('"', from), from + 500)).trim() || undefined;
}

/** IPTC-IIM 4.2 datasets inside the image resource block of APP13: 2:05 object name, 2:80 by-line, 2:116 copyright. */
export function readIptc(facts: FileFacts, bytes: Uint8Array, at: Place): void {
  for (let i = 0; i + 5 <= bytes.length; i++) {
    if (bytes[i] !== 0x1c || bytes[i + 1] !== 2) continue;
    const dataset = bytes[i + 2];
    const length = ((bytes[i + 3] ?? 0) << 8) | (bytes[i + 4] ?? 0);
    if (length > 2000 || i + 5 + length > bytes.length) continue;
    const text = utf8(bytes.subarray(i + 5, i + 5 + length)).trim();
    if (dataset === 5 && text && facts.title.state === 'absent') facts.title = present(text, at);
    if (dataset === 80 && text && facts.author.state === 'absent') facts.author = present(text, at);
    if (dataset === 116 && text && facts.copyright.state === 'absent') facts.copyright = present(text, at);
    i += 4 + length;
  }
}

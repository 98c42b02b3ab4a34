import type { ByteReader } from './byte-reader.ts';
import { joinBytes } from './byte-reader.ts';
import { BoxCursor, boxAt, boxesIn, type Box } from './heif-boxes.ts';

/** An item of a HEIF file (ISO/IEC 14496-12, 8.11): a picture, a tile of one, or notes about one. */
export interface Item {
  id: number;
  type: string;
  /** Of an item of the type `mime`. */
  contentType: string;
}

/** The parts of a HEIF file's metadata that are needed here. */
export interface HeifMeta {
  primary: number | undefined;
  items: Item[];
  /** Properties of an item in their order (ISO/IEC 23008-12, 9.3). */
  propertiesOf: (id: number) => Box[];
  /** Where an item's bytes stand in the file; undefined when they are kept elsewhere. */
  placesOf: (id: number) => { offset: number; length: number }[] | undefined;
}

const MAX_ITEMS = 4000;

/**
 * Opens the metadata of a HEIF file.
 * @throws Error or OutOfBytes when a box does not hold what it must
 */
export function readMeta(reader: ByteReader, meta: Box): HeifMeta {
  // The metadata box has a version and flags before its boxes.
  const boxes = boxesIn(reader, meta.from + 4, meta.to);
  const box = (type: string) => boxes.find(b => b.type === type);
  const properties = box('iprp');
  return {
    primary: primaryItem(reader, box('pitm')),
    items: itemsOf(reader, box('iinf')),
    propertiesOf: properties ? propertyTable(reader, properties) : () => [],
    placesOf: placeTable(reader, box('iloc'), box('idat')),
  };
}

function primaryItem(reader: ByteReader, box: Box | undefined): number | undefined {
  if (!box) return undefined;
  return new BoxCursor(reader, box.from + 4).number(reader.u8(box.from) === 0 ? 2 : 4);
}

function itemsOf(reader: ByteReader, box: Box | undefined): Item[] {
  if (!box) return [];
  const start = box.from + 4 + (reader.u8(box.from) === 0 ? 2 : 4);
  return boxesIn(reader, start, box.to)
    .filter(entry => entry.type === 'infe' && reader.u8(entry.from) >= 2)
    .slice(0, MAX_ITEMS)
    .map(entry => {
      const cursor = new BoxCursor(reader, entry.from + 4);
      const id = cursor.number(reader.u8(entry.from) === 2 ? 2 : 4);
      cursor.number(2);
      const type = reader.ascii(cursor.at, 4);
      cursor.at += 4;
      cursor.text(entry.to);
      return { id, type, contentType: type === 'mime' ? cursor.text(entry.to) : '' };
    });
}

function propertyTable(reader: ByteReader, properties: Box): HeifMeta['propertiesOf'] {
  const holder = boxAt(reader, properties, 'ipco');
  const all = holder ? boxesIn(reader, holder.from, holder.to) : [];
  const table = new Map<number, Box[]>();
  const links = boxAt(reader, properties, 'ipma');
  if (links) {
    const isWide = (reader.u8(links.from + 3) & 1) === 1;
    const cursor = new BoxCursor(reader, links.from + 4);
    const count = Math.min(MAX_ITEMS, cursor.number(4));
    for (let i = 0; i < count; i++) {
      const id = cursor.number(reader.u8(links.from) < 1 ? 2 : 4);
      const own = Array.from({ length: cursor.number(1) }, () => {
        // The first bit says that the property is essential, the others which it is, from 1.
        const index = isWide ? cursor.number(2) & 0x7fff : cursor.number(1) & 0x7f;
        return all[index - 1];
      });
      table.set(
        id,
        own.filter(property => property !== undefined),
      );
    }
  }
  return id => table.get(id) ?? [];
}

function placeTable(reader: ByteReader, box: Box | undefined, idat: Box | undefined): HeifMeta['placesOf'] {
  const table = new Map<number, { offset: number; length: number }[]>();
  if (box) {
    const version = reader.u8(box.from);
    const cursor = new BoxCursor(reader, box.from + 4);
    const sizes = cursor.number(2);
    const [offsetSize, lengthSize, baseSize] = [sizes >> 12, (sizes >> 8) & 15, (sizes >> 4) & 15];
    const indexSize = version > 0 ? sizes & 15 : 0;
    const count = Math.min(MAX_ITEMS, cursor.number(version < 2 ? 2 : 4));
    for (let i = 0; i < count; i++) {
      const id = cursor.number(version < 2 ? 2 : 4);
      const method = version > 0 ? cursor.number(2) & 15 : 0;
      cursor.number(2);
      const base = cursor.number(baseSize);
      const extents = Array.from({ length: Math.min(MAX_ITEMS, cursor.number(2)) }, () => {
        cursor.number(indexSize);
        const offset = base + cursor.number(offsetSize);
        return {
          offset: method === 1 && idat ? idat.from + offset : offset,
          length: cursor.number(lengthSize),
        };
      });
      if (method < 2) table.set(id, extents);
    }
  }
  return id => table.get(id);
}

/** An item's bytes, put together. @throws OutOfBytes when they lie outside the file */
export function itemBytes(reader: ByteReader, meta: HeifMeta, id: number): Uint8Array | undefined {
  const places = meta.placesOf(id);
  return places && joinBytes(places.map(({ offset, length }) => reader.slice(offset, length)));
}

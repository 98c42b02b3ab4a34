import { ByteReader } from './byte-reader.ts';
import type { FileFormat } from './facts.ts';

/** Names a file's format by its first bytes, whatever its name says. */
export function recogniseFormat(bytes: Uint8Array): FileFormat {
  const reader = new ByteReader(bytes);
  const known: readonly [FileFormat, boolean][] = [
    ['jpeg', reader.startsWith(0, '\xff\xd8\xff')],
    ['png', reader.startsWith(0, '\x89PNG\r\n\x1a\n')],
    ['gif', reader.startsWith(0, 'GIF87a') || reader.startsWith(0, 'GIF89a')],
    ['camera-raw', reader.startsWith(0, 'II*\0') && reader.startsWith(8, 'CR')],
    ['camera-raw', reader.startsWith(0, 'FUJIFILMCCD-RAW') || reader.startsWith(0, 'IIRO')],
    ['tiff', reader.startsWith(0, 'II*\0') || reader.startsWith(0, 'MM\0*')],
    ['webp', reader.startsWith(0, 'RIFF') && reader.startsWith(8, 'WEBP')],
    ['heic', reader.startsWith(4, 'ftyp') && /^(heic|heix|heif|mif1|msf1|avif)$/.test(brand(reader))],
    ['video', reader.startsWith(4, 'ftyp') || reader.startsWith(0, '\x1aE\xdf\xa3')],
    ['pdf', reader.startsWith(0, '%PDF')],
    ['text', bytes.length > 0 && looksLikeText(bytes.subarray(0, 512))],
  ];
  return known.find(([, isIt]) => isIt)?.[0] ?? 'unknown';
}

const brand = (reader: ByteReader) => (reader.length >= 12 ? reader.ascii(8, 4) : '');

function looksLikeText(bytes: Uint8Array): boolean {
  return bytes.every(byte => byte >= 0x20 || byte === 9 || byte === 10 || byte === 13);
}

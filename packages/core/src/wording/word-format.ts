import type { FileFormat } from '../inspect/facts.ts';

export const FORMAT_WORDS: Readonly<Record<FileFormat, string>> = {
  jpeg: 'JPEG',
  png: 'PNG',
  gif: 'GIF',
  tiff: 'TIFF',
  webp: 'WebP',
  heic: 'HEIC',
  pdf: 'PDF',
  video: 'video',
  'camera-raw': 'camera raw',
  text: 'plain text',
  unknown: 'unknown',
};

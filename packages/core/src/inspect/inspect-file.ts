import { noFacts, unreadable, type FileFacts } from './facts.ts';
import { inspectHeic } from './inspect-heic.ts';
import { inspectJpeg } from './inspect-jpeg.ts';
import { inspectPng } from './inspect-png.ts';
import { inspectTiff } from './inspect-tiff.ts';
import { inspectWebp } from './inspect-webp.ts';
import { recogniseFormat } from './recognise-format.ts';

/**
 * Measures a file from its bytes alone. The encoder's word, the file's name and the operating system's idea of
 * its type play no part. Never throws.
 */
export function inspectFile(bytes: Uint8Array): FileFacts {
  const format = recogniseFormat(bytes);
  if (format === 'jpeg') return inspectJpeg(bytes);
  if (format === 'png') return inspectPng(bytes);
  if (format === 'tiff') return inspectTiff(bytes);
  if (format === 'webp') return inspectWebp(bytes);
  if (format === 'heic') return inspectHeic(bytes);
  const facts = noFacts(format, bytes.length);
  const none = unreadable('this program does not measure files of this kind');
  return { ...facts, widthPx: none, heightPx: none, complete: none };
}

import type { InkBox } from '@able-frame/core';
import { readOriginal } from '../database/database.ts';
import { imagingPool } from './imaging-pool.ts';

/** A picture as large as a screen shows it, upright and in sRGB. */
export interface Preview {
  url: string;
  widthPx: number;
  heightPx: number;
}

const LONG_EDGE_PX = 2048;
/** Previews that are kept: the one that is looked at and its neighbours, twice over. */
const MOST_KEPT = 6;

const kept = new Map<string, Promise<Preview>>();

/**
 * The preview of a picture, made in a worker or taken from those that are kept.
 * @param evenPaper whether paper is shown evenly white
 * @throws Error with a sentence when the original is gone or cannot be opened
 */
export function previewOf(pictureId: string, evenPaper = false): Promise<Preview> {
  const key = evenPaper ? `${pictureId} even` : pictureId;
  const known = kept.get(key);
  if (known) {
    // The last one asked for is the last one to go.
    kept.delete(key);
    kept.set(key, known);
    return known;
  }
  const made = makePreview(pictureId, evenPaper);
  kept.set(key, made);
  made.catch(() => kept.delete(key));
  for (const [id, old] of kept) {
    if (kept.size <= MOST_KEPT) break;
    kept.delete(id);
    void old.then(preview => URL.revokeObjectURL(preview.url)).catch(() => undefined);
  }
  return made;
}

async function makePreview(pictureId: string, evenPaper: boolean): Promise<Preview> {
  const bytes = await bytesOf(pictureId);
  const made = await imagingPool().thumbnail(bytes, LONG_EDGE_PX, { evenPaper });
  const url = URL.createObjectURL(new Blob([made.bytes as BlobPart], { type: 'image/jpeg' }));
  return { url, widthPx: made.widthPx, heightPx: made.heightPx };
}

/** Where the writing stands on a picture of a sheet of paper; undefined where there is none. */
export async function inkOf(pictureId: string): Promise<InkBox | undefined> {
  return imagingPool().findInk(await bytesOf(pictureId));
}

async function bytesOf(pictureId: string): Promise<Uint8Array> {
  const original = await readOriginal(pictureId);
  if (!original)
    throw new Error(
      'The original is not in the browser’s store any more. Take the picture out and add it again.',
    );
  return new Uint8Array(await original.arrayBuffer());
}

/// <reference lib="webworker" />
import { inspectFile, toHex, type SecondDecode } from '@able-frame/core';
import type { MeasureReply, MeasureRequest } from './measure-protocol.ts';

/** Reads files from their bytes, away from the page. It has no part in making them. */

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = async (event: MessageEvent<MeasureRequest>) => {
  const { id, blob, decode } = event.data;
  try {
    const bytes = new Uint8Array(await blob.arrayBuffer());
    const sha256 = toHex(new Uint8Array(await crypto.subtle.digest('SHA-256', bytes)));
    const measured = {
      facts: inspectFile(bytes),
      sha256,
      decode: decode ? await decodeWhole(blob) : undefined,
    };
    self.postMessage({ id, measured } satisfies MeasureReply);
  } catch (error) {
    self.postMessage({ id, why: (error as Error).message } satisfies MeasureReply);
  }
};

async function decodeWhole(blob: Blob): Promise<SecondDecode> {
  try {
    const bitmap = await createImageBitmap(blob, { imageOrientation: 'none' });
    const { width: widthPx, height: heightPx } = bitmap;
    bitmap.close();
    return { outcome: 'decoded', widthPx, heightPx };
  } catch {
    return { outcome: 'failed', why: 'the browser cannot decode the picture' };
  }
}

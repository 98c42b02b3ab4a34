/// <reference lib="webworker" />
import { inspectFile, toHex } from '@able-frame/core';
import { decodeAgain } from './decode-again.ts';
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
      decode: decode ? await decodeAgain(blob, bytes) : undefined,
    };
    self.postMessage({ id, measured } satisfies MeasureReply);
  } catch (error) {
    self.postMessage({ id, why: (error as Error).message } satisfies MeasureReply);
  }
};

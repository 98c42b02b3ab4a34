import type { Measured, MeasureReply, MeasureRequest } from './measure-protocol.ts';
import MeasureWorker from './measure.worker.ts?worker';

/** One worker measures; requests are answered in turn. */

let worker: Worker | undefined;
let nextId = 1;
const waiting = new Map<number, { settle: (m: Measured) => void; fail: (error: Error) => void }>();

function start(): Worker {
  const made = new MeasureWorker({ name: 'measure' });
  made.onmessage = (event: MessageEvent<MeasureReply>) => {
    const asked = waiting.get(event.data.id);
    waiting.delete(event.data.id);
    if ('measured' in event.data) asked?.settle(event.data.measured);
    else asked?.fail(new Error(event.data.why));
  };
  made.onerror = event => {
    made.terminate();
    worker = undefined;
    for (const { fail } of waiting.values())
      fail(new Error(event.message || 'the measuring worker ended unexpectedly'));
    waiting.clear();
  };
  return made;
}

/**
 * Measures a file from its bytes.
 * @param decode also decode it whole with the browser's own decoder
 * @throws Error when the file cannot be read at all, for instance because it has gone from the disk
 */
export function measure(blob: Blob, decode: boolean): Promise<Measured> {
  worker ??= start();
  const id = nextId++;
  return new Promise((settle, fail) => {
    waiting.set(id, { settle, fail });
    worker?.postMessage({ id, blob, decode } satisfies MeasureRequest);
  });
}

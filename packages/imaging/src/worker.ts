/// <reference lib="webworker" />
import createVips from 'wasm-vips';
import wasmUrl from 'wasm-vips/vips.wasm?url';
import { conformPicture } from './conform-picture.ts';
import { engineMessage, prepareEngine, type Vips } from './engine.ts';
import { makeThumbnail } from './make-thumbnail.ts';
import type { Reply, Request } from './protocol.ts';

/** The worker: starts the engine once, then answers one request at a time. */

declare const self: DedicatedWorkerGlobalScope;

const say = (reply: Reply, transfer: Transferable[] = []) => self.postMessage(reply, transfer);

async function start(): Promise<Vips> {
  // Without isolation the engine waits for shared memory for ever and never says so.
  if (!self.crossOriginIsolated)
    throw new Error('the page is not isolated, so the pixel engine cannot start');
  const wasm = new URL(wasmUrl, self.location.href).href;
  const vips = await createVips({
    dynamicLibraries: [],
    locateFile: (name, directory) => (name.endsWith('.wasm') ? wasm : directory + name),
    printErr: () => undefined,
  });
  return prepareEngine(vips);
}

const engine = start();
engine.then(
  () => say({ kind: 'engine-ready' }),
  error => say({ kind: 'engine-failed', why: engineMessage(error) }),
);

self.onmessage = async (event: MessageEvent<Request>) => {
  const request = event.data;
  try {
    answer(await engine, request);
  } catch (error) {
    say({ kind: 'failed', id: request.id, why: engineMessage(error) });
  }
};

function answer(vips: Vips, request: Request): void {
  const { id } = request;
  if (request.kind === 'thumbnail') {
    const thumbnail = makeThumbnail(vips, request.bytes, request.longEdgePx);
    say({ kind: 'thumbnail', id, thumbnail }, [thumbnail.bytes.buffer]);
    return;
  }
  const result = conformPicture(vips, request.input, stage => say({ kind: 'stage', id, stage }));
  say({ kind: 'conformed', id, result }, result.outcome === 'made' ? [result.file.bytes.buffer] : []);
}

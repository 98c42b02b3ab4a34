/// <reference lib="webworker" />
import createVips from 'wasm-vips';
import wasmUrl from 'wasm-vips/vips.wasm?url';
import { conformPicture, type Stage } from './conform-picture.ts';
import { engineMessage, prepareEngine, type Vips } from './engine.ts';
import { findInk } from './find-ink.ts';
import { makeThumbnail } from './make-thumbnail.ts';
import { readyOriginal, type Original } from './open-picture.ts';
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
    answer(await engine, request, await readyOriginal(bytesOf(request)));
  } catch (error) {
    say({ kind: 'failed', id: request.id, why: engineMessage(error) });
  }
};

const bytesOf = (request: Request) => (request.kind === 'conform' ? request.input.bytes : request.bytes);

function answer(vips: Vips, request: Request, original: Original): void {
  const { id } = request;
  switch (request.kind) {
    case 'thumbnail': {
      const thumbnail = makeThumbnail(vips, original, request.longEdgePx, request.evenPaper);
      return say({ kind: 'thumbnail', id, thumbnail }, [thumbnail.bytes.buffer]);
    }
    case 'find-ink':
      return say({ kind: 'ink', id, ink: findInk(vips, original) });
    case 'conform': {
      const onStage = (stage: Stage) => say({ kind: 'stage', id, stage });
      const result = conformPicture(vips, request.input, onStage, original);
      return say(
        { kind: 'conformed', id, result },
        result.outcome === 'made' ? [result.file.bytes.buffer] : [],
      );
    }
  }
}

import Vips from 'wasm-vips';
import { prepareEngine, type Vips as Engine } from './engine.ts';

/** Starts the engine in Node, for tests and measurements. Call shutdown() on it at the end. */
export async function startEngineInNode(): Promise<Engine> {
  return prepareEngine(await Vips({ dynamicLibraries: [] }));
}

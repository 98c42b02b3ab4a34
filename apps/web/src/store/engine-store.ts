import { createStore } from 'zustand/vanilla';
import type { EngineState } from '@able-frame/imaging';

/** Whether the pixel engine has been loaded; it is fetched when a picture first needs it. */
export const engineStore = createStore<{ engine: EngineState | { state: 'not-needed-yet' } }>(() => ({
  engine: { state: 'not-needed-yet' },
}));

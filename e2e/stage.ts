import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll } from 'vitest';
import { openBrowser, type Browser } from './browser.ts';
import { serve } from './serve.ts';

/** A served application, a fresh browser and an empty folder, for the tests of one file. */
export interface Stage {
  browser: Browser;
  address: string;
  folder: string;
}

/** Sets the stage before the tests of a file and clears it after them. Its fields are there once a test runs. */
export function useStage(): Stage {
  const stage = {} as Stage;
  let server: Awaited<ReturnType<typeof serve>> | undefined;
  beforeAll(async () => {
    stage.folder = await mkdtemp(join(tmpdir(), 'stage-'));
    server = await serve();
    stage.address = server.address;
    stage.browser = await openBrowser();
  });
  afterAll(async () => {
    await stage.browser?.close();
    await server?.close();
    await rm(stage.folder, { recursive: true, force: true });
  });
  return stage;
}

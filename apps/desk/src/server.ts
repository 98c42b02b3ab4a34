import { fileURLToPath } from 'node:url';
import { buildApp } from './app.ts';

/** Serves the built application on the loopback address alone. PORT chooses another port; 0 takes any free one. */
const FIRST_PORT = 4717;
const TRIES = 20;

const app = await buildApp(fileURLToPath(new URL('../../web/dist', import.meta.url)));
const asked = process.env['PORT'];
const address =
  asked === undefined
    ? await listenOnFreePort()
    : await app.listen({ host: '127.0.0.1', port: Number(asked) });
process.stdout.write(`Able Frame is at ${address}\n`);

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => {
    void app.close().then(() => process.exit(0));
  });

async function listenOnFreePort(): Promise<string> {
  for (let port = FIRST_PORT; port < FIRST_PORT + TRIES; port++) {
    try {
      return await app.listen({ host: '127.0.0.1', port });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    }
  }
  throw new Error(`Ports ${FIRST_PORT} to ${FIRST_PORT + TRIES - 1} are all taken. Set PORT to another one.`);
}

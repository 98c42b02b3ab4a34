import { fileURLToPath } from 'node:url';
import { buildApp } from '../apps/desk/src/app.ts';

/** The built application on a free port of the loopback address, as `npm start` serves it. */
export async function serve(): Promise<{ address: string; close: () => Promise<void> }> {
  const app = await buildApp(fileURLToPath(new URL('../apps/web/dist', import.meta.url)));
  const address = await app.listen({ host: '127.0.0.1', port: 0 });
  return { address, close: () => app.close() };
}

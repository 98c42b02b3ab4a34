import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { build } from 'vite';
import { buildApp } from '../apps/desk/src/app.ts';
import { openBrowser, type Browser } from '../e2e/browser.ts';

/** A page that does with one picture what the application does, served with a picture to do it with. */
export interface BenchPage {
  browser: Browser;
  /** The picture that is served at /source.jpg: 6000 × 4000, in Adobe RGB, about 6 MB. */
  source: Buffer;
  close: () => Promise<void>;
}

const path = (relative: string) => fileURLToPath(new URL(relative, import.meta.url));

export async function openBenchPage(): Promise<BenchPage> {
  const source = await makeSource();
  const root = path('../.cache/bench/');
  await build({
    root: path('./page'),
    logLevel: 'error',
    configFile: false,
    worker: { format: 'es' },
    build: { outDir: root, emptyOutDir: true, target: 'es2022', assetsInlineLimit: 0 },
  });
  const app = await buildApp(root);
  app.get('/source.jpg', (_request, reply) => reply.type('image/jpeg').send(source));
  const address = await app.listen({ host: '127.0.0.1', port: 0 });
  const browser = await openBrowser();
  await browser.driver.get(address);
  const close = async () => {
    await browser.close();
    await app.close();
  };
  return { browser, source, close };
}

/** A photograph's size, profile and weight: a demo picture with strong grain laid over. */
export async function makeSource(): Promise<Buffer> {
  const picture = path('../apps/web/public/demo/Saltpan Evening.jpg');
  const noise = {
    width: 6000,
    height: 4000,
    channels: 3 as const,
    background: '#000',
    noise: { type: 'gaussian' as const, mean: 128, sigma: 14 },
  };
  const grain = await sharp({ create: noise }).jpeg({ quality: 95 }).toBuffer();
  return sharp(picture)
    .keepIccProfile()
    .composite([{ input: grain, blend: 'soft-light' }])
    .jpeg({ quality: 92 })
    .toBuffer();
}

export function median(list: number[]): number {
  return [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN;
}

/** Peak resident memory of the largest renderer process of this browser, from the kernel's own accounts. */
export function pagePeakBytes(browser: Browser): number {
  let peak = 0;
  for (const pid of readdirSync('/proc').filter(name => /^\d+$/.test(name)))
    try {
      const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
      if (!command.includes('--type=renderer') || !command.includes(browser.profile)) continue;
      peak = Math.max(
        peak,
        1024 * Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]),
      );
    } catch {
      // The process ended while it was looked at.
    }
  return peak;
}

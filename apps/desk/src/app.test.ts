import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { buildApp } from './app.ts';

let root: string;
let app: FastifyInstance;
beforeAll(async () => {
  root = await mkdtemp(join(tmpdir(), 'desk-'));
  await mkdir(join(root, 'assets'));
  await writeFile(join(root, 'index.html'), '<script nonce="__CSP_NONCE__"></script>');
  await writeFile(join(root, 'assets/worker-abc.js'), '1');
  await writeFile(join(root, 'assets/index-abc.js'), '1');
  app = await buildApp(root);
});
afterAll(async () => {
  await app.close();
  await rm(root, { recursive: true });
});

const policy = async (url: string) => String((await app.inject(url)).headers['content-security-policy']);

it('serves the page for every place, with a fresh nonce and a strict policy', async () => {
  const [one, two] = [await app.inject('/'), await app.inject('/submission/demo/pictures')];
  const nonces = [one, two].map(answer => /nonce="([^"]+)"/.exec(answer.body)?.[1] ?? '');
  expect(new Set(nonces).size).toBe(2);
  expect(one.headers['content-security-policy']).toContain(`'nonce-${nonces[0]}'`);
  expect(one.headers['content-security-policy']).toContain("default-src 'none'");
  expect(one.headers['content-security-policy']).not.toMatch(/unsafe-(eval|inline)/);
});

it('lets the engine’s own scripts alone build functions from text', async () => {
  expect(await policy('/assets/worker-abc.js')).toContain("'unsafe-eval'");
  expect(await policy('/assets/index-abc.js')).not.toContain("'unsafe-eval'");
});

it('isolates every answer, missing files too', async () => {
  for (const url of ['/', '/assets/worker-abc.js', '/nothing.js'])
    expect((await app.inject(url)).headers).toMatchObject({
      'cross-origin-opener-policy': 'same-origin',
      'cross-origin-embedder-policy': 'require-corp',
    });
  expect((await app.inject('/nothing.js')).statusCode).toBe(404);
});

it('says what to do when nothing is built', async () => {
  await expect(buildApp(join(root, 'assets'))).rejects.toThrow('npm run build');
});

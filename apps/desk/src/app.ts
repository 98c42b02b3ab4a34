import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import fastifyStatic from '@fastify/static';
import fastify, { type FastifyInstance } from 'fastify';

const NONCE_PLACE = '__CSP_NONCE__';

/** Isolation lets the pixel engine share memory between its threads; workers and scripts need it as well. */
const ISOLATION = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
};

/** The imaging engine's glue builds functions from text; a worker has the policy of its own response. */
const ENGINE_SCRIPT = /\/assets\/(worker|vips-es6)-[\w-]+\.js$/;
const ENGINE_POLICY =
  "default-src 'none'; script-src 'self' 'unsafe-eval' 'wasm-unsafe-eval'; connect-src 'self'; worker-src 'self'";

function pagePolicy(nonce: string): string {
  return [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}'`,
    `style-src 'self' 'nonce-${nonce}'`,
    "img-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "form-action 'none'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/**
 * Builds the server without listening.
 * @param webRoot folder of the built application
 * @throws Error when the application has not been built
 */
export async function buildApp(webRoot: string): Promise<FastifyInstance> {
  const page = await readFile(join(webRoot, 'index.html'), 'utf8').catch(() => {
    throw new Error(
      `The application is not built: there is no index.html in ${webRoot}. Run "npm run build" first.`,
    );
  });
  const app = fastify({ logger: false });

  app.addHook('onSend', async (_request, reply) => {
    reply.headers(ISOLATION);
  });
  const sendPage = (reply: {
    header: (n: string, v: string) => unknown;
    type: (t: string) => { send: (b: string) => unknown };
  }) => {
    const nonce = randomBytes(16).toString('base64');
    reply.header('Content-Security-Policy', pagePolicy(nonce));
    reply.header('Cache-Control', 'no-store');
    return reply.type('text/html; charset=utf-8').send(page.replaceAll(NONCE_PLACE, nonce));
  };

  await app.register(fastifyStatic, {
    root: webRoot,
    index: false,
    setHeaders(reply, path) {
      const isAsset = path.includes('/assets/');
      reply.header('Cache-Control', isAsset ? 'public, max-age=31536000, immutable' : 'no-cache');
      reply.header('Content-Security-Policy', ENGINE_SCRIPT.test(path) ? ENGINE_POLICY : pagePolicy('none'));
    },
  });
  app.get('/', (_request, reply) => sendPage(reply));
  app.get('/index.html', (_request, reply) => sendPage(reply));
  // Addresses of places inside the application all begin with its page; files that are missing stay missing.
  app.setNotFoundHandler((request, reply) => {
    const isPlace = request.method === 'GET' && !/\.[a-z0-9]+$/i.test(request.url.split('?')[0] ?? '');
    return isPlace ? sendPage(reply) : reply.code(404).type('text/plain').send('There is no such file here.');
  });
  return app;
}

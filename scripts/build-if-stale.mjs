/** Builds the application when a source is newer than the last build. */
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

const root = new URL('..', import.meta.url).pathname;
const built = join(root, 'apps/web/dist/index.html');
const sources = [
  'packages/core/src',
  'packages/imaging/src',
  'apps/web/src',
  'apps/web/public',
  'apps/web/index.html',
  'apps/web/vite.config.ts',
  'package-lock.json',
];

if (!existsSync(built) || newest(sources.map(s => join(root, s))) > statSync(built).mtimeMs) {
  console.log('Building the application …');
  const { status } = spawnSync(join(root, 'node_modules/.bin/vite'), ['build', '--logLevel', 'warn'], {
    cwd: join(root, 'apps/web'),
    stdio: 'inherit',
  });
  if (status !== 0) process.exit(status ?? 1);
}

function newest(paths) {
  return Math.max(
    0,
    ...paths.map(path =>
      statSync(path).isDirectory()
        ? newest(readdirSync(path).map(name => join(path, name)))
        : statSync(path).mtimeMs,
    ),
  );
}

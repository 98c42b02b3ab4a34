/**
 * Makes a fresh checkout usable: installs what package-lock.json names when that has not been done, or was done
 * for an older lock file. With --for-tests also the browser and the tools that the browser tests read results with.
 * Uses nothing that has to be installed first.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';

const root = new URL('..', import.meta.url).pathname;
const done = `${root}node_modules/.package-lock.json`;
const isFresh = existsSync(done) && statSync(done).mtimeMs >= statSync(`${root}package-lock.json`).mtimeMs;

if (!isFresh) {
  console.log('Installing packages …');
  // A set NODE_ENV=production would leave the build tools out.
  run(
    'npm',
    ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error'],
    'Packages could not be installed.',
  );
}

if (process.argv.includes('--for-tests')) {
  const wanted = [
    ['/usr/bin/chromium', 'chromium'],
    ['/usr/bin/chromedriver', 'chromium-driver'],
    ['/usr/bin/exiftool', 'libimage-exiftool-perl'],
    ['/usr/bin/identify', 'imagemagick'],
    ['/usr/bin/unzip', 'unzip'],
  ].filter(([file]) => !existsSync(file));
  if (wanted.length) installDebianPackages(wanted.map(([, name]) => name));
}

function installDebianPackages(names) {
  console.log(`Installing ${names.join(', ')} …`);
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...asRoot, 'apt-get', '-qq', ...args];
    return spawnSync(command, rest, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  };
  apt('update');
  if (apt('install', '-y', '--no-install-recommends', ...names).status !== 0)
    console.error(`Please install these yourself: ${names.join(', ')}. The browser tests need them.`);
}

function run(command, args, complaint) {
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit' });
  if (status !== 0) {
    console.error(complaint);
    process.exit(1);
  }
}

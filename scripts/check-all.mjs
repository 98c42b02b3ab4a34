/** Runs every check and ends with one line that counts them. Exits with 1 when anything failed. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = new URL('..', import.meta.url).pathname;
const scratch = mkdtempSync(join(tmpdir(), 'checks-'));
let [passed, failed] = [0, 0];

for (const [name, script] of [
  ['Types', 'types'],
  ['Lint and format', 'lint'],
  ['Layers', 'layers'],
]) {
  console.log(`\n== ${name}`);
  count(
    spawnSync('npm', ['run', script, '--silent'], { cwd: root, stdio: 'inherit' }).status === 0
      ? [1, 0]
      : [0, 1],
  );
}
runTests('Unit tests', []);
const built = spawnSync('node', ['scripts/build-if-stale.mjs'], { cwd: root, stdio: 'inherit' }).status === 0;
count(built ? [1, 0] : [0, 1]);
if (built) runTests('Browser tests', ['--config', 'e2e/vitest.config.ts']);

rmSync(scratch, { recursive: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);

function count([good, bad]) {
  passed += good;
  failed += bad;
}

/** A run that executed no test counts as failed: it proves nothing. */
function runTests(name, args) {
  console.log(`\n== ${name}`);
  const file = join(scratch, `${args.length}.json`);
  const { status } = spawnSync(
    join(root, 'node_modules/.bin/vitest'),
    ['run', ...args, '--reporter=dot', '--reporter=json', `--outputFile.json=${file}`],
    { cwd: root, stdio: 'inherit' },
  );
  try {
    const result = JSON.parse(readFileSync(file, 'utf8'));
    count([result.numPassedTests, result.numFailedTests]);
    if (status !== 0 && !result.numFailedTests) count([0, 1]);
    if (!result.numPassedTests) count([0, 1]);
  } catch {
    count([0, 1]);
  }
}

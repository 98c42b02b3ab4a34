/**
 * Precision and recall of the rule reader by field, over folders of texts with their careful reading.
 * Usage: npm run measure:reader [-- FOLDER …]; each FOLDER holds NAME/text.txt and NAME/expected.json.
 */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';
import { readRules } from '@able-frame/core';
import { compareReading, type Expected, type Tally } from './compare-reading.ts';

const own = fileURLToPath(new URL('../packages/core/src/reading/examples', import.meta.url));
const args = process.argv.slice(2).filter(a => !a.startsWith('--'));
const folders = args.length ? args : [own];
const isLoud = process.argv.includes('--differences');
const tally: Tally = new Map();
let texts = 0;

for (const folder of folders)
  for (const name of readdirSync(folder).sort()) {
    const file = join(folder, name, 'text.txt');
    if (!existsSync(file)) continue;
    texts += 1;
    const expected = JSON.parse(readFileSync(join(folder, name, 'expected.json'), 'utf8')) as Expected;
    const differences = compareReading(readRules(readFileSync(file, 'utf8')), expected, tally);
    if (isLoud && differences.length) console.log(`${name}\n  ${differences.join('\n  ')}`);
  }

console.log(`${texts} texts`);
console.log('field                   stated  given  right  precision  recall');
const total = { stated: 0, given: 0, right: 0 };
for (const [field, t] of [...tally].sort()) {
  for (const key of ['stated', 'given', 'right'] as const) total[key] += t[key];
  line(field, t);
}
line('all', total);

function line(
  field: string,
  { stated, given, right }: { stated: number; given: number; right: number },
): void {
  const share = (of: number) => (of ? `${((100 * right) / of).toFixed(1)} %` : '–').padStart(9);
  console.log(
    `${field.padEnd(24)}${String(stated).padStart(6)}${String(given).padStart(7)}${String(right).padStart(7)}  ${share(given)} ${share(stated)}`,
  );
}

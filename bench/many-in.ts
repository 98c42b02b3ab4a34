/**
 * Brings many 24-megapixel files into a submission in headless Chromium and reads how long each frame of the screen took
 * meanwhile. The yardstick, in the same run and page: the same time at rest.
 * Usage: tsx bench/many-in.ts [COUNT]
 */
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { field, openBrowser, press, seeText } from '../e2e/browser.ts';
import { serve } from '../e2e/serve.ts';
import { makeSource } from './bench-page.ts';
import { record, recorded, report } from './screen-frames.ts';

const COUNT = Number(process.argv[2] ?? 200);
const ALLOWED_MS = 50;
const REST_MS = 4000;

const folder = await mkdtemp(join(tmpdir(), 'many-'));
const server = await serve();
const { driver, close } = await openBrowser();
try {
  const source = await makeSource();
  const files: string[] = [];
  for (let i = 0; i < COUNT; i++) {
    const file = join(folder, `Shore ${i + 1}.jpg`);
    // A comment of its own makes each file another picture byte for byte, and the titles different.
    const comment = Buffer.from(`picture ${i + 1}`);
    const head = Buffer.from([0xff, 0xfe, 0, comment.length + 2]);
    await writeFile(file, Buffer.concat([source.subarray(0, 2), head, comment, source.subarray(2)]));
    files.push(file);
  }
  await driver.get(server.address);
  await press(driver, 'Start a submission to Quay Street Open Call');
  await seeText(driver, 'Add pictures');
  await record(driver);
  await new Promise(done => setTimeout(done, REST_MS));
  report('at rest', await recorded(driver), ALLOWED_MS);
  await record(driver);
  const start = performance.now();
  await (await field(driver, 'Picture files')).sendKeys(files.join('\n'));
  await seeText(driver, `All ${COUNT}`, 600_000);
  await driver.wait(async () => !(await driver.findElements(By.css('[role=progressbar]'))).length, 60_000);
  const seconds = (performance.now() - start) / 1000;
  report(
    `bringing in ${COUNT} files of ${(source.length / 1e6).toFixed(1)} MB`,
    await recorded(driver),
    ALLOWED_MS,
  );
  console.log(`${seconds.toFixed(0)} s, ${(seconds / COUNT).toFixed(2)} s a file`);
} finally {
  await close();
  await server.close();
  await rm(folder, { recursive: true });
}

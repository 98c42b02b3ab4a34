/**
 * Drags a picture of 100 megapixels under its frame in headless Chromium and reads how long each frame of the screen
 * took. The yardstick, in the same run and page: the same time without a drag.
 */
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { By } from 'selenium-webdriver';
import { field, openBrowser, press, seeText } from '../e2e/browser.ts';
import { serve } from '../e2e/serve.ts';
import { record, recorded, report } from './screen-frames.ts';

const STEPS = 180;
const STEP_MS = 16;
const ALLOWED_MS = 20;
const ASKED_SHARE = 0.95;

const folder = await mkdtemp(join(tmpdir(), 'drag-'));
const server = await serve();
const { driver, close } = await openBrowser();

try {
  const file = join(folder, 'Wide shore.jpg');
  // Soft waves: what matters is the number of pixels and not what they show.
  const small = await sharp({
    create: {
      width: 1250,
      height: 800,
      channels: 3,
      background: '#557788',
      noise: { type: 'gaussian', mean: 128, sigma: 30 },
    },
  })
    .png()
    .toBuffer();
  await sharp(small).resize(12_500, 8000).jpeg({ quality: 80 }).toFile(file);
  await driver.get(server.address);
  await press(driver, 'Start a submission to Tideline Winter Salon');
  await (await field(driver, 'Picture files')).sendKeys(file);
  await press(driver, 'Frame Wide shore on the bench');
  await seeText(driver, 'Picture kept', 120_000);
  const stage = By.css('[role="img"][tabindex="0"]');
  await driver.wait(async () => (await driver.findElements(stage)).length, 120_000);
  await driver.executeScript('return new Promise(done => setTimeout(done, 3000))');

  await record(driver);
  await driver.executeScript(`return new Promise(done => setTimeout(done, ${STEPS * STEP_MS}))`);
  report('at rest', await recorded(driver), ALLOWED_MS);

  const element = await driver.findElement(stage);
  const drag = driver.actions({ async: true }).move({ origin: element }).press();
  for (let i = 0; i < STEPS; i++)
    drag.move({
      origin: element,
      x: Math.round(120 * Math.sin(i / 12)),
      y: Math.round(60 * Math.cos(i / 9)),
      duration: STEP_MS,
    });
  await record(driver);
  await drag.release().perform();
  const within = report('dragging 100 megapixels', await recorded(driver), ALLOWED_MS);
  console.log(`asked: ${ASKED_SHARE * 100} % within ${ALLOWED_MS} ms`);
  if (within < ASKED_SHARE) process.exitCode = 1;
} finally {
  await close();
  await server.close();
  await rm(folder, { recursive: true });
}

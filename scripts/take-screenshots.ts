/** Takes a picture of each main view from the demo data into docs/screenshots. */
import { readFileSync } from 'node:fs';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, until } from 'selenium-webdriver';
import { field, openBrowser, press, seeText, setViewport } from '../e2e/browser.ts';
import { writeBadPictures } from '../e2e/make-pictures.ts';
import { serve } from '../e2e/serve.ts';
import { printCorners } from './demo-pictures/flat-things.ts';

const target = new URL('../docs/screenshots/', import.meta.url).pathname;
await mkdir(target, { recursive: true });
const scratch = await mkdtemp(join(tmpdir(), 'screenshots-'));
const server = await serve();
const { driver, close } = await openBrowser();

/** Layout and pictures settle within a moment after the last change of the page. */
const settle = () => new Promise(done => setTimeout(done, 700));
async function take(name: string): Promise<void> {
  await settle();
  await writeFile(join(target, `${name}.png`), Buffer.from(await driver.takeScreenshot(), 'base64'));
}

/** The slanted print with its corners marked, and the signature on evened paper. */
async function takeFlatThings(): Promise<void> {
  await driver.get(`${server.address}/submission/demo-artwork/pictures`);
  await seeText(driver, 'Of two pictures', 60_000);
  await press(driver, 'Frame Framed Print on the bench');
  await seeText(driver, 'Picture kept');
  await press(driver, 'Square up …');
  const whole = By.css('[role="group"] img[alt$=", whole"]');
  const { x, y, width, height } = await (await driver.wait(until.elementLocated(whole), 30_000)).getRect();
  for (const [i, corner] of printCorners().entries()) {
    const handle = await field(
      driver,
      `${['Upper left', 'Upper right', 'Lower right', 'Lower left'][i]} corner`,
    );
    const to = { x: Math.round(x + corner.x * width), y: Math.round(y + corner.y * height) };
    await driver.actions().move({ origin: handle }).press().move(to).release().perform();
  }
  await take('square-up');
  await driver.get(`${server.address}/submission/demo-pass/pictures`);
  await seeText(driver, 'Of two pictures', 60_000);
  await press(driver, 'Frame Signature on the bench');
  await seeText(driver, 'Picture kept');
  await press(driver, 'Find the ink');
  await seeText(driver, 'The frame stands round the ink.');
  await (await field(driver, 'Even paper')).click();
  await new Promise(done => setTimeout(done, 3000));
  await driver.executeScript('window.scrollTo(0, 0)');
  await take('ink');
}

try {
  await driver.get(`${server.address}/submission/demo/pictures`);
  await seeText(driver, 'All 8', 90_000);
  await seeText(driver, 'Needs you 5', 90_000);
  await press(driver, 'Accept this cut of Lantern boats');
  await press(driver, 'Make and prove 3');
  await take('making');
  await seeText(driver, 'Proven 3', 120_000);
  await driver.executeScript('window.scrollTo(0, 0)');
  await take('ledger');
  await press(driver, 'Frame Tall Tide on the bench');
  await seeText(driver, 'Picture kept');
  await driver.wait(
    async () => (await driver.findElements(By.css('[role=img][tabindex="0"]'))).length,
    20_000,
  );
  await take('bench');
  await press(driver, 'Back to the pictures');
  for (const [place, name] of [
    ['Proof', 'proof'],
    ['Hand-in', 'hand-in'],
    ['Rules', 'rules'],
    ['Home', 'home'],
    ['Rule sheets', 'sheets'],
  ] as const) {
    await press(driver, place);
    await take(name);
  }
  await press(driver, 'Read out of a text');
  const example = new URL(
    '../packages/core/src/reading/examples/fenwater-anonymous/text.txt',
    import.meta.url,
  );
  await (
    await field(driver, 'The organiser’s text')
  ).sendKeys(readFileSync(example, 'utf8').replace('5 MB', '5 Mb'));
  await press(driver, 'Read the rules');
  await driver.executeScript('document.activeElement.blur(); window.scrollTo(0, 0)');
  await take('read');
  await press(driver, 'Check files');
  await (
    await field(driver, 'Finished files')
  ).sendKeys(new URL('../apps/web/public/demo/breakwater.jpg', import.meta.url).pathname);
  await seeText(driver, 'Not as asked');
  await take('check');
  await takeFlatThings();
  await driver.get(server.address);
  await press(driver, 'Start a submission to Greyling Bay Club, Round Two');
  await (await field(driver, 'Your membership number')).sendKeys('0147');
  await (await field(driver, 'Picture files')).sendKeys((await writeBadPictures(scratch)).join('\n'));
  await seeText(driver, 'All 8');
  await driver.wait(async () => !(await driver.findElements(By.css('[role=progressbar]'))).length, 30_000);
  await driver.executeScript('window.scrollTo(0, 240)');
  await take('refused');
  await setViewport(driver, { width: 390, height: 844 });
  await driver.get(`${server.address}/submission/demo/pictures`);
  await seeText(driver, 'Proven 3');
  await take('narrow');
} finally {
  await close();
  await server.close();
  await rm(scratch, { recursive: true });
}

import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { By, Key, until } from 'selenium-webdriver';
import sharp from 'sharp';
import { expect, it } from 'vitest';
import { accessFaults } from './access-faults.ts';
import { MADE_MS, SOON_MS, devTools, field, pageErrors, press, seeText } from './browser.ts';
import { useStage } from './stage.ts';

/** Many pictures: in by folder, told apart, put in order, and changed together. */

const stage = useStage();

const titles = async (): Promise<string[]> => {
  const inputs = await stage.browser.driver.findElements(By.css('input[aria-label^="Title of "]'));
  return Promise.all(inputs.map(async input => (await input.getAttribute('value')) ?? ''));
};
const inOrder = (want: string[]) =>
  stage.browser.driver.wait(
    async () => (await titles()).join('|') === want.join('|'),
    SOON_MS,
    `never in the order ${want.join(', ')}`,
  );

it('takes a folder with its subfolders, and points out what looks the same', async () => {
  const { driver } = stage.browser;
  const folder = join(stage.folder, 'shore');
  await mkdir(join(folder, 'older'), { recursive: true });
  const demo = (name: string) =>
    sharp(fileURLToPath(new URL(`../apps/web/public/demo/${name}`, import.meta.url))).resize(2600);
  const flip = { a: demo('Saltpan Evening.jpg'), b: demo('lantern_boats.jpg'), c: demo('Tall Tide.jpg') };
  await flip.a.jpeg({ quality: 92 }).toFile(join(folder, 'Anchor.jpg'));
  await flip.b.jpeg({ quality: 92 }).toFile(join(folder, 'Buoy.jpg'));
  await flip.c.jpeg({ quality: 92 }).toFile(join(folder, 'older', 'Capstan.jpg'));
  await flip.a
    .clone()
    .resize(1500)
    .jpeg({ quality: 60 })
    .toFile(join(folder, 'older', 'Small anchor.jpg'));
  await writeFile(join(folder, '.hidden'), 'x');
  await driver.get(stage.address);
  await press(driver, 'Start a submission to Quay Street Open Call');
  await (await field(driver, 'Picture folder')).sendKeys(folder);
  await driver.wait(async () => (await titles()).length === 4, MADE_MS, 'four pictures never came');
  await seeText(driver, 'Looks the same as');
  expect(await accessFaults(driver)).toEqual([]);
  await press(driver, 'Both stay');
});

it('puts pictures in another order by typing a place and by key', async () => {
  const { driver } = stage.browser;
  const [first = ''] = await titles();
  const place = await field(driver, `Place of ${first}`);
  await place.sendKeys(Key.chord(Key.CONTROL, 'a'), '3', Key.ENTER);
  await driver.wait(async () => (await titles())[2] === first, SOON_MS);
  await (await field(driver, `Place of ${first}`)).sendKeys(Key.chord(Key.ALT, Key.ARROW_UP));
  await driver.wait(async () => (await titles())[1] === first, SOON_MS);
});

it('puts pictures in another order by drag', async () => {
  const { driver } = stage.browser;
  const [first = '', second = '', third = ''] = await titles();
  const grip = await field(driver, `Drag ${first}`);
  await driver.executeScript('window.scrollTo(0, 0)');
  const from = await grip.getRect();
  const to = await (await field(driver, `Drag ${third}`)).getRect();
  const drag = driver.actions().move({ origin: grip }).press();
  for (let i = 1; i <= 10; i++)
    drag.move({ x: Math.round(from.x + 12), y: Math.round(from.y + 16 + ((to.y - from.y) * i) / 10) });
  await drag.release().perform();
  await driver.wait(
    async () => (await titles()).slice(0, 3).join('|') === [second, third, first].join('|'),
    SOON_MS,
  );
});

it('finds, sorts, and changes all selected at once, with a way back', async () => {
  const { driver } = stage.browser;
  await (await field(driver, 'Order of the list')).findElement(By.xpath(`.//option[.='by title']`)).click();
  await inOrder(['Anchor', 'Buoy', 'Capstan', 'Small anchor']);
  await (await field(driver, 'Find a picture')).sendKeys('anchor');
  await inOrder(['Anchor', 'Small anchor']);
  await (await field(driver, 'Find a picture')).sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE);
  await inOrder(['Anchor', 'Buoy', 'Capstan', 'Small anchor']);
  await press(driver, 'Select Anchor');
  const last = await field(driver, 'Select Capstan');
  await driver.actions().keyDown(Key.SHIFT).click(last).keyUp(Key.SHIFT).perform();
  await seeText(driver, 'Three pictures selected');
  await press(driver, 'Mount them');
  await driver.wait(
    async () =>
      (await driver.findElements(By.xpath(`//td[@data-label='Frame']//div[.='Mount']`))).length === 3,
    SOON_MS,
  );
  await press(driver, 'Take them out');
  await seeText(driver, 'Three pictures were taken out.');
  await inOrder(['Small anchor']);
  await press(driver, 'Put it back');
  await inOrder(['Anchor', 'Buoy', 'Capstan', 'Small anchor']);
  expect(await pageErrors(driver)).toEqual([]);
});

it('takes a phone’s picture that is dropped onto a section, and drags a row into another', async () => {
  const { driver } = stage.browser;
  await driver.get(`${stage.address}/submission/demo/pictures`);
  await driver.wait(async () => (await titles()).length === 8, MADE_MS);
  await driver.wait(async () => !(await driver.findElements(By.css('[role=progressbar]'))).length, MADE_MS);
  const phone = fileURLToPath(new URL('../packages/core/src/testing/fixtures/phone.heic', import.meta.url));
  const data = { items: [], files: [phone], dragOperationsMask: 1 };
  const drag = (type: string, x: number, y: number) =>
    devTools(driver, 'Input.dispatchDragEvent', { type, x, y, data });
  await drag('dragEnter', 600, 400);
  await drag('dragOver', 600, 400);
  const over = await middleOf('[data-section="MO"]');
  await drag('dragOver', over.x, over.y);
  await drag('drop', over.x, over.y);
  await driver.wait(async () => (await titles()).length === 9, SOON_MS, 'the picture never came');
  const section = async (title: string) => (await field(driver, `Section of ${title}`)).getAttribute('value');
  expect(await section('Phone')).toBe('MO');

  await driver.executeScript('window.scrollTo(0, 0)');
  const grip = await field(driver, 'Drag Lantern boats');
  const from = await grip.getRect();
  await driver.actions().move({ origin: grip }).press().perform();
  await driver
    .actions()
    .move({ x: Math.round(from.x + 30), y: Math.round(from.y + 40) })
    .perform();
  const target = await middleOf('[data-section="MO"]');
  await driver
    .actions()
    .move({ x: Math.round(target.x), y: Math.round(target.y) - 20 })
    .move({ x: Math.round(target.x), y: Math.round(target.y) })
    .release()
    .perform();
  await driver.wait(async () => (await section('Lantern boats')) === 'MO', SOON_MS);
  expect(await pageErrors(driver)).toEqual([]);
});

async function middleOf(selector: string): Promise<{ x: number; y: number }> {
  const { driver } = stage.browser;
  const element = await driver.wait(until.elementLocated(By.css(selector)), SOON_MS);
  return driver.executeScript(
    'const r = arguments[0].getBoundingClientRect(); return { x: r.x + r.width / 2, y: r.y + r.height / 2 }',
    element,
  );
}

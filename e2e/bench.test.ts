import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { By, Key, until } from 'selenium-webdriver';
import sharp from 'sharp';
import { beforeAll, expect, it } from 'vitest';
import { accessFaults } from './access-faults.ts';
import { SOON_MS, devTools, downloaded, field, pageErrors, press, seeText } from './browser.ts';
import {
  figure as figureOf,
  pageAgainstFile,
  shownInFrame,
  stageElement,
  type Shown,
} from './on-the-bench.ts';
import { useStage } from './stage.ts';

/** Frames made by hand become files: what was seen on the bench is what other tools find in the package. */

const stage = useStage();

/** A picture of 1200 × 800 that says everywhere where it is: red grows to the right, green downwards. */
async function chart(file: string): Promise<void> {
  const [w, h] = [1200, 800];
  const raw = Buffer.alloc(w * h * 3);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      raw.set([Math.round((x / w) * 255), Math.round((y / h) * 255), 60], (y * w + x) * 3);
  await sharp(raw, { raw: { width: w, height: h, channels: 3 } })
    .png()
    .toFile(file);
}

const stageOf = () => stageElement(stage.browser.driver);
const figure = (name: string) => figureOf(stage.browser.driver, name);

beforeAll(async () => {
  const { driver } = stage.browser;
  // A sheet made by hand: a square of 400 pixels as PNG, where every pixel can be read again.
  await driver.get(`${stage.address}/sheets/new`);
  await (
    await driver.wait(until.elementLocated(By.xpath("//button[strong[.='Something else']]")), SOON_MS)
  ).click();
  const all = Key.chord(Key.CONTROL, 'a');
  await (await field(driver, 'Title')).sendKeys(all, 'Square wall');
  const choose = async (label: string, option: string) =>
    (await field(driver, label)).findElement(By.xpath(`.//option[normalize-space(.)="${option}"]`)).click();
  await choose('Something is missing:', 'an exact size');
  await press(driver, 'Add it');
  await press(driver, 'Change exactly 1920 × 1080');
  await (await field(driver, 'Width, px')).sendKeys(all, '400');
  await (await field(driver, 'Height, px')).sendKeys(all, '400');
  await press(driver, 'Change JPEG');
  await (await field(driver, 'PNG')).click();
  await (await field(driver, 'JPEG')).click();
  await press(driver, 'Change the ending');
  await press(driver, 'Keep this rule sheet');
  await press(driver, 'Home');
  await press(driver, 'Start a submission to Square wall');
  for (const name of ['Trimmed.png', 'Mounted.png', 'Turned.png']) {
    await chart(join(stage.folder, name));
    // The same bytes under another name would be taken for the same picture.
    execFileSync('exiftool', ['-q', '-overwrite_original', `-PNG:Title=${name}`, join(stage.folder, name)]);
    await (await field(driver, 'Picture files')).sendKeys(join(stage.folder, name));
    await seeText(driver, name);
  }
  await seeText(driver, 'Of three pictures, three need you');
});

it('moves the picture under the frame by drag, key and figure, and says what it costs', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Frame Trimmed on the bench');
  await seeText(driver, 'This is what the program proposes');
  expect(await figure('Picture kept')).toBe('800 × 800');
  expect(await figure('Lost')).toBe('33 %');
  expect(await accessFaults(driver)).toEqual([]);
  const top = async () => Number(await (await field(driver, 'Left, px')).getAttribute('value'));
  expect(await top()).toBe(200);
  const picture = await stageOf();
  // Explicit steps: one long move would be a single event.
  const drag = driver.actions().move({ origin: picture }).press();
  for (let i = 1; i <= 10; i++) drag.move({ origin: picture, x: 5 * i });
  await drag.release().perform();
  await driver.wait(async () => (await top()) < 160, SOON_MS, 'the drag moved nothing');
  await (await stageOf()).sendKeys(Key.ARROW_RIGHT);
  const before = await top();
  await (await stageOf()).sendKeys(Key.chord(Key.SHIFT, Key.ARROW_LEFT));
  await driver.wait(
    async () => (await top()) === before + 10,
    SOON_MS,
    'Shift and arrow did not move by ten',
  );
  await driver.actions().sendKeys('+').perform();
  await driver.wait(async () => (await figure('Picture kept')) !== '800 × 800', SOON_MS);
  for (const [label, value] of [
    ['Width, px', '400'],
    ['Left, px', '600'],
    ['Top, px', '300'],
  ] as const) {
    const input = await field(driver, label);
    await input.sendKeys(Key.chord(Key.CONTROL, 'a'), value, Key.TAB);
  }
  await driver.wait(async () => (await figure('Picture kept')) === '400 × 400', SOON_MS);
  expect(await figure('Scale')).toBe('reduced to 100 %');
});

it('takes steps back, also after the page was opened anew, and brings them again', async () => {
  const { driver } = stage.browser;
  await driver.navigate().refresh();
  await seeText(driver, 'Picture kept');
  const left = async () => (await field(driver, 'Left, px')).getAttribute('value');
  const now = await left();
  // Every figure that was typed is a step: three for the top, and one of those for the left.
  for (let i = 0; i < 4; i++) await press(driver, 'Undo');
  await driver.wait(async () => (await left()) !== now, SOON_MS);
  for (let i = 0; i < 4; i++) await press(driver, 'Redo');
  await driver.wait(async () => (await left()) === now, SOON_MS);
});

it('shows the result at its own pixels, and the guides one after the other', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Actual pixels');
  await seeText(driver, 'One pixel here is one pixel of the file: 400 × 400');
  await press(driver, 'Showing after');
  await press(driver, 'Back to the frame');
  const guides = await field(driver, 'Guides');
  const before = await guides.getAttribute('value');
  await driver.actions().sendKeys('g').perform();
  await driver.wait(async () => (await guides.getAttribute('value')) !== before, SOON_MS);
});

it('shows more or less of the picture by wheel and by pinch, each as one step', async () => {
  const { driver } = stage.browser;
  const kept = () => figure('Picture kept');
  const before = await kept();
  const { x, y, width, height } = await driver.executeScript<DOMRect>(
    'return arguments[0].getBoundingClientRect().toJSON()',
    await stageOf(),
  );
  const middle = { x: x + width / 2, y: y + height / 2 };
  const wheel = { type: 'mouseWheel', ...middle, deltaX: 0, deltaY: 150 };
  await devTools(driver, 'Input.dispatchMouseEvent', wheel);
  await driver.wait(async () => (await kept()) !== before, SOON_MS, 'the wheel changed nothing');
  // The wheel has come to rest when its step can be taken back.
  await new Promise(done => setTimeout(done, 500));
  await press(driver, 'Undo');
  await driver.wait(async () => (await kept()) === before, SOON_MS, 'the wheel left more than one step');
  const fingers = (apart: number) =>
    [-1, 1].map((side, id) => ({ x: middle.x + (side * apart) / 2, y: middle.y, id }));
  await devTools(driver, 'Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: fingers(200) });
  for (const apart of [185, 170, 155, 140])
    await devTools(driver, 'Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: fingers(apart) });
  await devTools(driver, 'Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await driver.wait(async () => (await kept()) !== before, SOON_MS, 'the pinch changed nothing');
  await new Promise(done => setTimeout(done, 500));
  await press(driver, 'Undo');
  await driver.wait(async () => (await kept()) === before, SOON_MS, 'the pinch left more than one step');
});

let mounted: Shown;
let turned: Shown;
it('mounts one picture, turns and levels another, and makes and proves all', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Next');
  await seeText(driver, 'Mounted: Picture');
  await (await driver.findElement(By.xpath("//label[contains(., 'Mount')]/input"))).click();
  const canvas = await field(driver, 'Canvas');
  await press(driver, 'From the picture');
  await driver
    .actions()
    .move({ origin: await stageOf() })
    .click()
    .perform();
  // The middle of the chart: half of red, half of green.
  await driver.wait(
    async () => /^#[78]\w[78]\w[34]\w$/.test((await canvas.getAttribute('value')) ?? ''),
    SOON_MS,
  );
  await press(driver, 'Black');
  const fromTop = await field(driver, 'From the top, px');
  expect(await fromTop.getAttribute('value')).toBe('67');
  await fromTop.sendKeys(Key.chord(Key.CONTROL, 'a'), '100', Key.TAB);
  await driver.wait(async () => (await figure('Lost')) === 'nothing', SOON_MS);
  expect(await figure('Canvas added')).toBe('33 %');
  await (await field(driver, 'Guides')).findElement(By.xpath(`.//option[.='none']`)).click();
  mounted = await shownInFrame(driver);
  await (await stageOf()).sendKeys('n');
  await seeText(driver, 'Turned: Picture');
  await press(driver, 'Turn');
  const level = await field(driver, 'Level, degrees');
  await level.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
  const typed = await field(driver, 'Level in figures');
  await driver.wait(async () => (await typed.getAttribute('value')) === '0.3', SOON_MS);
  turned = await shownInFrame(driver);
  await press(driver, 'Back to the pictures');
  await seeText(driver, 'Of three pictures, three are ready.');
  await press(driver, 'Make and prove 3');
  await seeText(driver, 'All three files are proven.');
});

it('hands in what was seen: cut to the pixel, canvas black, turned upright', async () => {
  const { driver, downloads } = stage.browser;
  await press(driver, 'Hand-in');
  await press(driver, 'Save the package');
  const zip = await downloaded(downloads, '.zip');
  const out = join(stage.folder, 'out');
  execFileSync('unzip', ['-q', zip, '-d', out]);
  const pixel = (name: string, x: number, y: number) => [
    ...execFileSync('convert', [join(out, name), '-depth', '8', '-crop', `1x1+${x}+${y}`, 'rgb:-']),
  ];
  const near = (got: number[], want: number[]) =>
    expect(
      got.every((v, i) => Math.abs(v - (want[i] ?? NaN)) <= 2),
      `${got} for ${want}`,
    ).toBe(true);
  for (const name of ['Trimmed.png', 'Mounted.png', 'Turned.png'])
    expect(execFileSync('identify', ['-format', '%w %h', join(out, name)], { encoding: 'utf8' })).toBe(
      '400 400',
    );
  // 400 source pixels from 600, 300: the first one says 600/1200 to the right and 300/800 down.
  near(pixel('Trimmed.png', 0, 0), [128, 96, 60]);
  near(pixel('Trimmed.png', 399, 399), [212, 223, 60]);
  near(pixel('Mounted.png', 200, 10), [0, 0, 0]);
  // A hundred rows of canvas above: a hundred of 267 rows further down, green has grown to 96.
  near(pixel('Mounted.png', 0, 200), [0, 96, 60]);
  // A quarter clockwise: what was at the bottom is on the left.
  const [left = [], right = []] = [pixel('Turned.png', 10, 200), pixel('Turned.png', 389, 200)];
  expect((left[1] ?? 0) > (right[1] ?? 0) + 100).toBe(true);
  for (const [name, shown] of [
    ['Mounted.png', mounted],
    ['Turned.png', turned],
  ] as const)
    expect(await pageAgainstFile(shown, join(out, name)), name).toBeLessThan(2.2);
  expect(await pageErrors(driver)).toEqual([]);
});

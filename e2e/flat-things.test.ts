import { execFileSync } from 'node:child_process';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { By, Key, until } from 'selenium-webdriver';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { printCorners } from '../scripts/demo-pictures/flat-things.ts';
import { accessFaults } from './access-faults.ts';
import { SOON_MS, downloaded, field, pageErrors, press, seeText } from './browser.ts';
import { figure, pageAgainstFile, shownInFrame, type Shown } from './on-the-bench.ts';
import { useStage } from './stage.ts';

/** Flat things that were photographed: a print at a slant, and a signature on lined paper. */

const stage = useStage();
const all = Key.chord(Key.CONTROL, 'a');
const CORNERS = ['Upper left', 'Upper right', 'Lower right', 'Lower left'] as const;

async function withoutGuides(): Promise<void> {
  const guides = await field(stage.browser.driver, 'Guides');
  await guides.findElement(By.xpath(`.//option[.='none']`)).click();
}

async function packed(name: string): Promise<string> {
  const { driver, downloads } = stage.browser;
  await press(driver, 'Save the package');
  const zip = await downloaded(downloads, '.zip');
  const out = join(stage.folder, name);
  execFileSync('unzip', ['-q', zip, '-d', out]);
  execFileSync('rm', [zip]);
  return out;
}

describe('a print that was photographed at a slant', () => {
  let shown: Shown;
  beforeAll(async () => {
    const { driver } = stage.browser;
    await driver.get(`${stage.address}/submission/demo-artwork/pictures`);
    await seeText(driver, 'Of two pictures');
    await press(driver, 'Frame Framed Print on the bench');
    await seeText(driver, 'Picture kept');
  });

  it('is marked at its four corners, and its proportions are estimated', async () => {
    const { driver } = stage.browser;
    await press(driver, 'Square up …');
    const whole = By.css('[role="group"] img[alt$=", whole"]');
    const picture = await driver.wait(until.elementLocated(whole), SOON_MS);
    const { x, y, width, height } = await picture.getRect();
    for (const [i, corner] of printCorners().entries()) {
      const handle = await field(driver, `${CORNERS[i]} corner`);
      const from = await handle.getRect();
      const start = { x: from.x + from.width / 2, y: from.y + from.height / 2 };
      const end = { x: x + corner.x * width, y: y + corner.y * height };
      const drag = driver.actions().move({ origin: handle }).press();
      for (let step = 1; step <= 6; step++)
        drag.move({
          x: Math.round(start.x + ((end.x - start.x) * step) / 6),
          y: Math.round(start.y + ((end.y - start.y) * step) / 6),
        });
      await drag.release().perform();
    }
    expect(await accessFaults(driver)).toEqual([]);
    const words = await (
      await driver.findElement(By.xpath(`//label[contains(., 'Estimated from the perspective')]`))
    ).getText();
    const [, ratio = '0'] = /([\d.]+) : 1/.exec(words) ?? [];
    // The print is 40 cm wide and 30 cm high; one CSS pixel of the stage is seven of the picture.
    expect(Math.abs(Number(ratio) / (4 / 3) - 1)).toBeLessThan(0.02);
    expect(words).toContain('give or take');
  });

  it('says what is wrong with corners that cross, and takes sizes that are known', async () => {
    const { driver } = stage.browser;
    const handle = await field(driver, 'Upper left corner');
    const before = await handle.getAttribute('style');
    await driver.executeScript('arguments[0].focus()', handle);
    await handle.sendKeys(Key.ARROW_RIGHT, Key.chord(Key.SHIFT, Key.ARROW_RIGHT));
    expect(await handle.getAttribute('style')).not.toBe(before);
    await handle.sendKeys(Key.ARROW_LEFT, Key.chord(Key.SHIFT, Key.ARROW_LEFT));
    expect(await handle.getAttribute('style')).toBe(before);
    await (await field(driver, 'True width')).sendKeys('40');
    await seeText(driver, 'Type the width and the height of the artwork.');
    await (await field(driver, 'True height')).sendKeys(all, '30');
    await press(driver, 'Pull it true');
    await driver.wait(async () => (await figure(driver, 'Lost')) === 'nothing', SOON_MS);
    const [wide = 0, high = 0] = (await figure(driver, 'The file')).split(' × ').map(Number);
    expect(wide / high).toBeCloseTo(4 / 3, 2);
    const chosen = await driver.findElement(By.css('input[name="method"]:checked'));
    expect(await chosen.findElement(By.xpath('..')).getText()).toContain('Whole');
  });

  it('can be taken back, also after a reload, and brought again', async () => {
    const { driver } = stage.browser;
    await driver.navigate().refresh();
    await seeText(driver, 'Picture kept');
    const squared = await figure(driver, 'Picture kept');
    await press(driver, 'Undo');
    await driver.wait(async () => (await figure(driver, 'Picture kept')) === '4800 × 3600', SOON_MS);
    await press(driver, 'Redo');
    await driver.wait(async () => (await figure(driver, 'Picture kept')) === squared, SOON_MS);
  });

  it('stands beside a picture whose shape is typed, since the rules leave it free', async () => {
    const { driver } = stage.browser;
    await press(driver, 'Next');
    await seeText(driver, 'Harbour Wall Panorama: Jury file');
    await (await driver.findElement(By.xpath("//label[contains(., 'Trim')]/input"))).click();
    await (await field(driver, 'Height, px')).sendKeys(all, '2000', Key.TAB);
    await driver.wait(async () => (await figure(driver, 'Picture kept')) === '7800 × 2000', SOON_MS);
    expect(await (await field(driver, 'Shape')).getAttribute('value')).toBe('free');
    await press(driver, 'Previous');
    await seeText(driver, 'Framed Print: Jury file');
  });

  it('is made and proven as it was seen', async () => {
    const { driver } = stage.browser;
    await withoutGuides();
    shown = await shownInFrame(driver);
    await press(driver, 'Back to the pictures');
    await press(driver, 'Make and prove 2');
    await seeText(driver, 'Both files are proven.');
    await press(driver, 'Hand-in');
    const out = await packed('artwork');
    const name = (await readdir(out)).find(n => n.includes('Framed-Print'));
    const file = join(out, name ?? 'missing');
    const wide = (await readdir(out)).find(n => n.includes('Panorama'));
    const size = execFileSync('identify', ['-format', '%w %h', join(out, wide ?? 'missing')], {
      encoding: 'utf8',
    });
    expect(size).toBe('3000 769');
    const { data, info } = await sharp(file).raw().toBuffer({ resolveWithObject: true });
    expect(info.width / info.height).toBeCloseTo(4 / 3, 2);
    // One part in a hundred from every corner there is night sky or water, and not the bright mount beyond it.
    for (const x of [0.01, 0.99])
      for (const y of [0.01, 0.99]) {
        const at = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * 3;
        expect(Math.max(...data.subarray(at, at + 3)), `${x}, ${y}`).toBeLessThan(90);
      }
    expect(await pageAgainstFile(shown, file)).toBeLessThan(2.2);
    expect(await pageAgainstFile(shown, file)).toBeLessThan((await pageAgainstFile(shown, file, 2)) / 2);
  });
});

describe('a signature on lined paper', () => {
  let shown: Shown;
  it('is found, framed in the shape that is asked, on even paper', async () => {
    const { driver } = stage.browser;
    await driver.get(`${stage.address}/submission/demo-pass/pictures`);
    await seeText(driver, 'Of two pictures');
    await press(driver, 'Frame Signature on the bench');
    await seeText(driver, 'Picture kept');
    await press(driver, 'Find the ink');
    await seeText(driver, 'The frame stands round the ink.');
    expect(await figure(driver, 'The file')).toBe('600 × 200');
    await (await field(driver, 'Even paper')).click();
    await withoutGuides();
    // The evened preview comes a moment after the frame.
    await driver.wait(async () => isWhite(await shownInFrame(driver)), SOON_MS, 'the paper stayed dim');
    shown = await shownInFrame(driver);
    await press(driver, 'Back to the pictures');
  });

  it('is made, proven and handed in beside the portrait', async () => {
    const { driver } = stage.browser;
    await press(driver, 'Accept this cut of Portrait');
    await press(driver, 'Make and prove 2');
    await seeText(driver, 'Both files are proven.');
    await press(driver, 'Hand-in');
    await (await field(driver, 'The portrait was taken within the last six months.')).click();
    await (await field(driver, 'No picture has a border.')).click();
    const out = await packed('pass');
    const file = join(out, 'SM204417-signature.jpg');
    expect(execFileSync('identify', ['-format', '%w %h', file], { encoding: 'utf8' })).toBe('600 200');
    const { data } = await sharp(file).raw().toBuffer({ resolveWithObject: true });
    const at = (x: number, y: number) => [...data.subarray((y * 600 + x) * 3, (y * 600 + x) * 3 + 3)];
    // White in the corners, where the light fell off most; ink somewhere in every third of the strip's middle.
    for (const [x, y] of [
      [4, 70],
      [595, 190],
      [300, 4],
    ] as const)
      expect(Math.min(...at(x, y)), `${x}, ${y}`).toBeGreaterThan(215);
    const darkest = (from: number, to: number) => {
      let dark = 255;
      for (let y = 20; y < 180; y++)
        for (let x = from; x < to; x++) dark = Math.min(dark, at(x, y)[0] ?? 255);
      return dark;
    };
    expect([darkest(130, 250), darkest(250, 350), darkest(350, 470)].every(v => v < 90)).toBe(true);
    expect(await pageAgainstFile(shown, file)).toBeLessThan(2.2);
    expect(await pageAgainstFile(shown, file)).toBeLessThan((await pageAgainstFile(shown, file, 2)) / 2);
    expect(await pageErrors(driver)).toEqual([]);
  });
});

function isWhite({ data }: Shown): boolean {
  let light = 0;
  for (let i = 0; i < data.length; i += 3) if ((data[i + 2] ?? 0) > 240) light += 1;
  return light > (0.7 * data.length) / 3;
}

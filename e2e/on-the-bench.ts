import { By, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { SOON_MS } from './browser.ts';
import sharp, { type Sharp } from 'sharp';

/** What a person sees on the bench, as pixels and figures. */

/** The stage, once the picture is on it. */
export function stageElement(driver: WebDriver): Promise<WebElement> {
  return driver.wait(until.elementLocated(By.css('[role="img"][tabindex="0"]')), SOON_MS, 'no picture came');
}

/** A figure of the frame by its name. */
export async function figure(driver: WebDriver, name: string): Promise<string> {
  const path = `//section[@aria-label='Frame']//dt[.='${name}']/following-sibling::dd[1]`;
  return (await driver.findElement(By.xpath(path))).getText();
}

/** Width at which page and file are compared: below both, so that only their content counts, not how each is scaled. */
const COMPARED_PX = 240;

/**
 * Mean difference, in levels of 255, between what the bench shows inside the frame and a finished file of it.
 * @param asidePx moves the file aside first, in pixels of the comparison, to see what a wrong frame would give
 */
export async function pageAgainstFile(shown: Shown, file: string | Uint8Array, asidePx = 0): Promise<number> {
  const { width, height } = shown;
  const size = { width: COMPARED_PX, height: Math.round((COMPARED_PX * height) / width) };
  const reduce = (image: Sharp) =>
    image
      .resize({ ...size, fit: 'fill' })
      .removeAlpha()
      .raw()
      .toBuffer();
  const [page, made] = await Promise.all([
    reduce(sharp(shown.data, { raw: { width, height, channels: 3 } })),
    reduce(sharp(file)),
  ]);
  let [sum, count] = [0, 0];
  for (let i = 0; i + 3 * asidePx < made.length; i++, count++)
    sum += Math.abs((made[i + 3 * asidePx] ?? 0) - (page[i] ?? 0));
  return sum / count;
}

export interface Shown {
  data: Buffer;
  width: number;
  height: number;
}

/** The pixels inside the frame on the stage; the guides have to be off. */
export async function shownInFrame(driver: WebDriver): Promise<Shown> {
  const stage = await stageElement(driver);
  await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', stage);
  await new Promise(done => setTimeout(done, 600));
  const box = await driver.executeScript<{ left: number; top: number; width: number; height: number }>(
    `const r = arguments[0].querySelector('svg > rect').getBoundingClientRect();
     return { left: r.left, top: r.top, width: r.width, height: r.height };`,
    stage,
  );
  // The outline of one pixel stands round the frame and is left out.
  const left = Math.ceil(box.left) + 1;
  const top = Math.ceil(box.top) + 1;
  const { data, info } = await sharp(Buffer.from(await driver.takeScreenshot(), 'base64'))
    .extract({ left, top, width: Math.floor(box.width) - 3, height: Math.floor(box.height) - 3 })
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height };
}

import { gzipSync } from 'node:zlib';
import { By, until } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { SOON_MS, press, seeText, setViewport } from './browser.ts';
import { accessFaults } from './access-faults.ts';
import { useStage } from './stage.ts';

const stage = useStage();

async function pressMake(): Promise<void> {
  const { driver } = stage.browser;
  const make = By.xpath(`//button[starts-with(normalize-space(.),'Make and prove ')]`);
  await (await driver.wait(until.elementLocated(make), SOON_MS)).click();
}

describe('a first visit', () => {
  it('loads less than 250 kB of script, and the pixel engine only when a picture needs it', async () => {
    const { driver } = stage.browser;
    await driver.get(stage.address);
    await seeText(driver, 'Begin with a demo, or start a submission of your own.');
    const urls = await driver.executeScript<string[]>(
      'return performance.getEntriesByType("resource").map(e => e.name)',
    );
    expect(urls.filter(url => url.endsWith('.wasm'))).toEqual([]);
    let packed = 0;
    for (const url of urls.filter(u => u.endsWith('.js')))
      packed += gzipSync(Buffer.from(await (await fetch(url)).arrayBuffer())).length;
    expect(packed).toBeGreaterThan(50_000);
    expect(packed).toBeLessThan(250_000);
  });

  it('finds the demo half done: some ready, some that need a decision, one too small', async () => {
    const { driver } = stage.browser;
    await press(driver, 'Tideline Winter Salon');
    await seeText(driver, 'All 8');
    await seeText(driver, '480 pixels too narrow for 2400 × 1600; it would have to be enlarged 1.25 times.');
    await seeText(driver, 'Accept this cut');
    await seeText(driver, 'Adobe RGB');
    await press(driver, 'Accept this cut of Lantern boats');
    await seeText(driver, 'Ready 3');
    await press(driver, 'Make and prove 3');
    await press(driver, 'Stop making');
    await seeText(driver, 'Stopped. The files that were finished are kept.');
    // What was stopped is ready again, and a page that goes away in the middle of a run loses no finished file.
    await pressMake();
    await driver.navigate().refresh();
    await seeText(driver, 'All 8');
    await pressMake();
    await seeText(driver, 'Proven 3');
    await seeText(driver, '11 of 11 met');
  });

  it.each([
    '/',
    '/sheets',
    '/sheets/read',
    '/check',
    '/submission/demo/rules',
    '/submission/demo/pictures',
    '/submission/demo/proof',
    '/submission/demo/hand-in',
  ])('has no fault that an accessibility check finds at %s', async path => {
    await stage.browser.driver.get(stage.address + path);
    await stage.browser.driver.wait(
      async () => (await stage.browser.driver.findElements({ css: 'h1' })).length > 0,
      SOON_MS,
    );
    expect(await accessFaults(stage.browser.driver)).toEqual([]);
  });

  it('can be used on a narrow screen without scrolling sideways', async () => {
    const { driver } = stage.browser;
    await setViewport(driver, { width: 390, height: 844 });
    for (const path of [
      '/',
      '/sheets',
      '/sheets/read',
      '/check',
      '/submission/demo/pictures',
      '/submission/demo/proof',
      '/submission/demo/hand-in',
    ]) {
      await driver.get(stage.address + path);
      await driver.wait(async () => (await driver.findElements({ css: 'h1' })).length > 0, SOON_MS);
      const width = await driver.executeScript<number>('return document.documentElement.scrollWidth');
      expect(width, path).toBeLessThanOrEqual(390);
    }
  });
});

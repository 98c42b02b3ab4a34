import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import { parseRuleSheet } from '@able-frame/core';
import { downloaded, field, press, seeText } from './browser.ts';
import { slope } from './make-pictures.ts';
import { accessFaults } from './access-faults.ts';
import { useStage } from './stage.ts';

/** An organiser's text becomes a rule sheet, goes to a friend as a file, and is used for a picture. */

const TEXT = `Winterbourne Salon
Images are JPEG, sRGB, and exactly 1200 x 800 pixels. No more than 500 Kb each. Up to three pictures per member.
Name the file with your member number, an underscore and the title, e.g. 0147_Low Tide.jpg
The tea room opens at noon.
Entries close at 8 pm on 5 February 2027.`;

const stage = useStage();

it('shows which words gave which rule, what nobody claimed, and what is doubtful', async () => {
  const { driver } = stage.browser;
  await driver.get(`${stage.address}/sheets`);
  await press(driver, 'Read one out of an organiser’s text');
  await (await field(driver, 'The organiser’s text')).sendKeys(TEXT);
  await press(driver, 'Read the rules');
  await seeText(driver, 'Exactly 1200 × 800');
  await seeText(driver, 'could mean kilobits');
  const marked = await driver.findElements(By.css('mark'));
  const words = await Promise.all(marked.map(m => m.getText()));
  expect(words.join('|')).toMatch(/1200 x 800 pixels/);
  expect(words.join('|')).not.toMatch(/tea room/);
  expect(await accessFaults(driver)).toEqual([]);
  // Pointing at a rule lights its words.
  const rule = await driver.findElement(By.xpath(`//li[strong[text()='Exactly 1200 × 800']]`));
  const size = await driver.findElement(By.xpath(`//mark[contains(., '1200 x 800')]`));
  const before = await size.getCssValue('background-color');
  await driver.actions().move({ origin: rule }).perform();
  await driver.wait(async () => (await size.getCssValue('background-color')) !== before, 5000);
});

it('lets a person put a rule right, leave one out and add one', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Change at most 500,000 bytes');
  const most = await field(driver, 'At most, bytes');
  const all = Key.chord(Key.CONTROL, 'a');
  await most.sendKeys(all, 'four hundred');
  await seeText(driver, 'a whole number is asked');
  await most.sendKeys(all, '400,000');
  await seeText(driver, 'At most 400,000 bytes');
  await press(driver, 'Change JPEG');
  await press(driver, 'Leave this rule out: JPEG');
  await driver.wait(
    async () => !(await driver.findElements(By.xpath(`//li/strong[text()='JPEG']`))).length,
    5000,
  );
  await (await field(driver, 'Something is missing:')).sendKeys('JPEG');
  await press(driver, 'Add it');
  await driver.wait(
    async () => (await driver.findElements(By.xpath(`//li/strong[text()='JPEG']`))).length === 1,
    5000,
  );
});

it('keeps the sheet, gives it away as a file, and takes it back as another', async () => {
  const { driver, downloads } = stage.browser;
  await press(driver, 'Keep this rule sheet');
  await seeText(driver, 'Four rule sheets are here.');
  await press(driver, 'Share as a file');
  const file = await downloaded(downloads, '.json');
  const sheet = parseRuleSheet(JSON.parse(await readFile(file, 'utf8')));
  expect(sheet).toMatchObject({
    title: 'Winterbourne Salon',
    maxEntries: 3,
    closes: { at: '2027-02-05T20:00' },
  });
  expect(sheet.deliverables[0]?.rules).toContainEqual(
    expect.objectContaining({ kind: 'bytes', maxBytes: 400_000 }),
  );

  const picker = await field(driver, 'Rule sheet file');
  await picker.sendKeys(file);
  await seeText(driver, 'Five rule sheets are here.');
  const broken = join(stage.folder, 'broken.json');
  await writeFile(broken, JSON.stringify({ ...sheet, version: 9 }));
  await picker.sendKeys(broken);
  await seeText(driver, 'broken.json was not added.');
  await seeText(driver, 'Five rule sheets are here.');
});

it('uses the sheet for a picture, which is proven against it', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Home');
  await press(driver, 'Start a submission to Winterbourne Salon');
  await (await field(driver, 'Your member number')).sendKeys('0147');
  const picture = join(stage.folder, 'Net loft.jpg');
  await slope(2400, 1600, 4).jpeg({ quality: 90 }).toFile(picture);
  await (await field(driver, 'Picture files')).sendKeys(picture);
  await press(driver, 'Make and prove 1');
  await seeText(driver, 'The file is proven.', 60_000);
  await press(driver, 'Proof');
  await seeText(driver, '0147_Net loft.jpg');
  await seeText(driver, 'At most 400,000 bytes');
});

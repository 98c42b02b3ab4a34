import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import { parseRuleSheet } from '@able-frame/core';
import { SOON_MS, devTools, downloaded, field, openBrowser, pageErrors, press, seeText } from './browser.ts';
import { slope } from './make-pictures.ts';
import { accessFaults } from './access-faults.ts';
import { useStage } from './stage.ts';

/** An organiser's text becomes a rule sheet, goes to a friend as a file, and is used for a picture. */

const TEXT = `Winterbourne Salon
Images are JPEG, sRGB, and exactly 1200 x 800 pixels. No more than 500 Kb each. Up to three pictures per member.
Name the file with your member number, an underscore and the title, e.g. 0147_Low Tide.jpg
The tea room opens at noon.
Tiny pictures look foolish on so large a wall.
Entries close at 8 pm on 5 February.`;

const stage = useStage();

it('shows which words gave which rule, what nobody claimed, and what is doubtful', async () => {
  const { driver } = stage.browser;
  await driver.get(`${stage.address}/sheets`);
  await press(driver, 'Read out of a text');
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
  await driver.wait(async () => (await size.getCssValue('background-color')) !== before, SOON_MS);
});

it('lets a person put a rule right, leave one out, add one, and take it back', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Change at most 500,000 bytes');
  const most = await field(driver, 'At most');
  const all = Key.chord(Key.CONTROL, 'a');
  await most.sendKeys(all, 'four hundred');
  await seeText(driver, 'a weight such as 400 KB is asked');
  await most.sendKeys(all, '400 KB');
  await seeText(driver, 'At most 400,000 bytes');
  await press(driver, 'Change JPEG');
  await press(driver, 'Leave this rule out: JPEG');
  const count = async () => (await driver.findElements(By.xpath(`//li/strong[text()='JPEG']`))).length;
  await driver.wait(async () => (await count()) === 0, SOON_MS);
  await press(driver, 'Undo');
  await driver.wait(async () => (await count()) === 1, SOON_MS);
  await press(driver, 'Redo');
  await driver.wait(async () => (await count()) === 0, SOON_MS);
  await choose('Something is missing:', 'the kind of file');
  await press(driver, 'Add it');
  await driver.wait(async () => (await count()) === 1, SOON_MS);
});

it('settles a doubt in place, and makes a rule of words that nobody claimed', async () => {
  const { driver } = stage.browser;
  await seeText(driver, 'Two doubts to settle.');
  await press(driver, '500 KB (taken so far)');
  await seeText(driver, 'One doubt to settle.');
  const at = await field(driver, 'It closes on');
  await driver.executeScript(
    `const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
     set.call(arguments[0], '2027-02-05T20:00');
     arguments[0].dispatchEvent(new Event('input', { bubbles: true }));`,
    at,
  );
  await press(driver, 'Use this date');
  await seeText(driver, 'Closes 2027-02-05, 20:00');
  await choose('Make a rule of the words', 'Tiny pictures look foolish on so large a wall.');
  await choose('about', 'enlarging');
  await press(driver, 'Make the rule');
  await seeText(driver, 'Added: never enlarged.');
  const marked = await driver.findElements(By.css('mark'));
  const words = await Promise.all(marked.map(m => m.getText()));
  expect(words).toContain('Tiny pictures look foolish on so large a wall.');
});

it('keeps the sheet, gives it away as a file, and takes it back only after showing what differs', async () => {
  const { driver, downloads } = stage.browser;
  await press(driver, 'Keep this rule sheet');
  await seeText(driver, 'Twelve rule sheets are here.');
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

  const give = async (name: string, content: unknown) => {
    const path = join(stage.folder, name);
    await writeFile(path, JSON.stringify(content));
    await (await field(driver, 'Rule sheet file')).sendKeys(path);
  };
  await give('same.json', sheet);
  await seeText(driver, 'is here already, and is the same.');
  await give('newer.json', { ...sheet, version: 9 });
  await seeText(driver, 'newer.json was not added.');
  await give('changed.json', { ...sheet, maxEntries: 2, sparkle: true });
  await seeText(driver, 'is here already, and the file differs from it.');
  await seeText(driver, 'up to 2');
  expect(await accessFaults(driver)).toEqual([]);
  await press(driver, 'Keep both');
  await seeText(driver, 'Not known here and left out: sparkle.');
  await seeText(driver, '13 rule sheets are here.');
});

it('prints the card of every sheet on one page, and nothing else of the screen', async () => {
  const { driver } = stage.browser;
  const tabs = await driver.findElements(By.css('[role="tab"]'));
  expect(tabs).toHaveLength(13);
  for (const tab of tabs) {
    await tab.click();
    const title = (await tab.getText()).split('\n')[0] ?? '';
    const paper = (await devTools(driver, 'Page.printToPDF', A4)) as { data: string };
    const pages = Buffer.from(paper.data, 'base64')
      .toString('latin1')
      .match(/\/Type\s*\/Page\b/g);
    expect([title, pages?.length]).toEqual([title, 1]);
    await devTools(driver, 'Emulation.setEmulatedMedia', { media: 'print' });
    expect((await (await driver.findElement(By.css('main'))).getText()).split('\n')[0]).toContain(title);
    await devTools(driver, 'Emulation.setEmulatedMedia', { media: '' });
  }
});

it('is taken in elsewhere and used for a picture, which is proven against it', async () => {
  const { downloads } = stage.browser;
  const file = await downloaded(downloads, '.json');
  const elsewhere = await openBrowser();
  const { driver } = elsewhere;
  try {
    await driver.get(`${stage.address}/sheets`);
    await (await field(driver, 'Rule sheet file')).sendKeys(file);
    await seeText(driver, 'Winterbourne Salon was added.');
    await press(driver, 'Home');
    await press(driver, 'Start a submission to Winterbourne Salon');
    await (await field(driver, 'Your member number')).sendKeys('0147');
    const picture = join(stage.folder, 'Net loft.jpg');
    await slope(2400, 1600, 4).jpeg({ quality: 90 }).toFile(picture);
    await (await field(driver, 'Picture files')).sendKeys(picture);
    await press(driver, 'Make and prove 1');
    await seeText(driver, 'The file is proven.');
    await press(driver, 'Proof');
    await seeText(driver, '0147_Net loft.jpg');
    await seeText(driver, 'At most 400,000 bytes');
    expect(await pageErrors(driver)).toEqual([]);
  } finally {
    await elsewhere.close();
  }
});

it('follows the organiser’s newer text, and says which submission that puts in doubt', async () => {
  const { driver } = stage.browser;
  await press(driver, 'Home');
  await press(driver, 'Start a submission to Winterbourne Salon');
  await seeText(driver, 'No pictures yet.');
  await driver.get(`${stage.address}/sheets/edit/winterbourne-salon`);
  await press(driver, 'The organiser changed the rules');
  await (await field(driver, 'Their newer text')).sendKeys(TEXT.replace('1200 x 800', '1500 x 1000'));
  await press(driver, 'See what changed');
  await seeText(driver, 'Exactly 1500 × 1000');
  await press(driver, 'Take over: Rule for “Picture”, At most 500,000 bytes');
  await driver
    .findElement(By.xpath(`//button[starts-with(normalize-space(.), 'Take ') and contains(., 'over')]`))
    .click();
  await seeText(driver, 'Exactly 1500 × 1000');
  await press(driver, 'Keep the changes');
  await seeText(driver, 'One submission began under older rules of this sheet');
  // What stays the same quotes the newer text too.
  expect(await driver.findElement(By.css('main')).getText()).not.toContain('1200 x 800');
  await driver.findElement(By.partialLinkText('Winterbourne Salon, begun')).click();
  await seeText(driver, 'The rule sheet has changed since this submission began');
  expect(await accessFaults(driver)).toEqual([]);
  await press(driver, 'Follow the newer rules');
  await driver.wait(
    async () => !(await driver.findElements(By.css('[aria-label="The rules have changed"]'))).length,
    SOON_MS,
  );
  await seeText(driver, 'Exactly 1500 × 1000');
  await seeText(driver, 'At most 400,000 bytes');
});

/** The paper of most clubs, in inches. */
const A4 = { paperWidth: 8.27, paperHeight: 11.69 };

async function choose(label: string, option: string): Promise<void> {
  const select = await field(stage.browser.driver, label);
  await select.findElement(By.xpath(`.//option[normalize-space(.)="${option}"]`)).click();
}

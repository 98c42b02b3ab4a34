import { execFileSync } from 'node:child_process';
import { mkdir, readdir, readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { MADE_MS, SOON_MS, button, downloaded, field, pageErrors, press, seeText } from './browser.ts';
import { writeBadPictures, writeGoodPictures } from './make-pictures.ts';
import { useStage } from './stage.ts';

/** A person's whole job, through what is visible; then the package is read with tools that are not ours. */

const stage = useStage();

const drop = async (paths: string[]) =>
  (await field(stage.browser.driver, 'Picture files')).sendKeys(paths.join('\n'));
const originals = new Map<string, Buffer>();

function exif(file: string): Record<string, unknown> {
  const text = execFileSync('exiftool', ['-j', '-n', '-G0', file], { encoding: 'utf8' });
  return (JSON.parse(text) as Record<string, unknown>[])[0] ?? {};
}

describe('from a rule sheet and pictures to a proven package', () => {
  it('starts a submission and takes good and bad files beside each other', async () => {
    const { driver } = stage.browser;
    await driver.get(stage.address);
    await press(driver, 'Start a submission to Greyling Bay Club, Round Two');
    await seeText(driver, 'No pictures yet.');
    await (await field(driver, 'Your membership number')).sendKeys('0147');

    const good = await writeGoodPictures(stage.folder);
    const bad = await writeBadPictures(stage.folder);
    for (const path of good) originals.set(path, await readFile(path));
    await drop([...bad.slice(0, 4), ...good, ...bad.slice(4)]);
    await seeText(driver, 'All 12');
    await driver.wait(async () => !(await driver.getPageSource()).includes('Looking at'), MADE_MS);

    for (const sentence of [
      'The file is empty: it has no bytes.',
      'The picture is not whole',
      'The content is plain text.',
      'The content is GIF.',
      'The content is PDF.',
      'The header claims 60000 × 60000, which is 3,600 megapixels.',
      'Named .jpg, but the content is PNG.',
    ])
      await seeText(driver, sentence);
  });

  it('shows what each picture is and what it will become', async () => {
    const { driver } = stage.browser;
    // Upright by its orientation tag: limited by the height of the box.
    await seeText(driver, '2400 × 3600');
    await seeText(driver, '700 × 1050');
    await seeText(driver, '1400 × 933');
    await seeText(driver, 'Display P3');
    const names = await driver.findElements(By.xpath(`//td[@data-label='Name']`));
    const texts = await Promise.all(names.map(n => n.getText()));
    expect(texts.map(t => t.replace(/\s*\n\s*/g, ''))).toContain('Low tide_0147.jpg');
  });

  it('takes a file out and puts it back', async () => {
    const { driver } = stage.browser;
    await press(driver, 'Take out Really a png');
    await seeText(driver, 'All 11');
    await press(driver, 'Put it back');
    await seeText(driver, 'All 12');
    // Six pictures are one too many here.
    await seeText(driver, 'This is entry 6; the organiser takes 5.');
    await press(driver, 'Take out Really a png');
    await seeText(driver, 'All 11');
  });

  it('makes and proves every file, and one that fails stops none', async () => {
    const { driver } = stage.browser;
    const ready = await driver.findElement(
      By.xpath(`//button[starts-with(normalize-space(.),'Make and prove')]`),
    );
    await driver.wait(async () => ready.isEnabled(), SOON_MS);
    await ready.click();
    await seeText(driver, 'Proven 4');
    // Its header and its end are whole; only the full decode finds the damage between them.
    await seeText(driver, 'The file could not be made: the picture data are damaged');
    await press(driver, 'Proof');
    await seeText(driver, 'made so far are proven.');
    await seeText(driver, 'sRGB by its numbers');
  });

  it('is all still there after the tab was closed', async () => {
    const { driver } = stage.browser;
    const address = await driver.getCurrentUrl();
    await driver.switchTo().newWindow('tab');
    const [first = '', second = ''] = await driver.getAllWindowHandles();
    await driver.switchTo().window(first);
    await driver.close();
    await driver.switchTo().window(second);
    await driver.get(address.replace('/proof', '/pictures'));
    await seeText(driver, 'Proven 4');
    const image = await driver.findElement(By.css('td img'));
    await driver.wait(async () => Number(await image.getAttribute('naturalWidth')) > 0, SOON_MS);
  });

  it('hands in a package that other tools agree with', async () => {
    const { driver, downloads } = stage.browser;
    await press(driver, 'Hand-in');
    await seeText(driver, 'Next: read the declaration and tick it.');
    expect(await (await button(driver, 'Save the package')).isEnabled()).toBe(false);
    await (await field(driver, 'No picture has scored 18 or more in an earlier round.')).click();
    await press(driver, 'Save the package');
    const zip = await downloaded(downloads, '.zip');
    const out = join(stage.folder, 'out');
    await mkdir(out);
    execFileSync('unzip', ['-q', zip, '-d', out]);

    const files = (await readdir(out)).sort();
    expect(files).toEqual(
      [
        'Deep sky_0147.jpg',
        'Low tide_0147.jpg',
        'Phone colours_0147.jpg',
        'SHA256SUMS',
        'Upright pier_0147.jpg',
        'report.csv',
        'report.json',
      ].sort(),
    );
    expect(
      execFileSync('sha256sum', ['--check', '--strict', 'SHA256SUMS'], { cwd: out, encoding: 'utf8' }).match(
        /: OK/g,
      ),
    ).toHaveLength(4);

    for (const name of files.filter(f => f.endsWith('.jpg'))) {
      const file = join(out, name);
      const tags = exif(file);
      expect((await stat(file)).size).toBeLessThanOrEqual(2_000_000);
      expect(Number(tags['File:ImageWidth'])).toBeLessThanOrEqual(1400);
      expect(Number(tags['File:ImageHeight'])).toBeLessThanOrEqual(1050);
      expect(tags).toMatchObject({
        'File:FileType': 'JPEG',
        'File:BitsPerSample': 8,
        'File:ColorComponents': 3,
        'JFIF:ResolutionUnit': 1,
      });
      expect(String(tags['ICC_Profile:ProfileDescription'])).toMatch(/sRGB/i);
      expect(tags['EXIF:Orientation']).toBeUndefined();
      // A full decode by another program finds no fault.
      expect(
        execFileSync('identify', ['-regard-warnings', '-format', '%w %h %[colorspace] %z', file], {
          encoding: 'utf8',
        }),
      ).toBe(`${tags['File:ImageWidth']} ${tags['File:ImageHeight']} sRGB 8`);
    }
    expect(exif(join(out, 'Upright pier_0147.jpg'))).toMatchObject({
      'File:ImageWidth': 700,
      'File:ImageHeight': 1050,
    });

    const report = JSON.parse(await readFile(join(out, 'report.json'), 'utf8')) as {
      files: { findings: { verdict: string }[] }[];
    };
    expect(report.files).toHaveLength(4);
    expect(report.files.every(f => f.findings.every(x => x.verdict === 'Met'))).toBe(true);
  });

  it('never changed an original, asked nobody outside, and broke no policy of the page', async () => {
    for (const [path, before] of originals) expect(Buffer.compare(await readFile(path), before)).toBe(0);
    const { driver } = stage.browser;
    const asked = await driver.executeScript<string[]>(
      'return performance.getEntriesByType("resource").map(e => e.name)',
    );
    expect(asked.filter(url => !url.startsWith(stage.address) && !url.startsWith('blob:'))).toEqual([]);
    expect(await pageErrors(driver)).toEqual([]);
    expect(await driver.executeScript('return crossOriginIsolated')).toBe(true);
  });
});

describe('checking finished files', () => {
  it('measures a file made elsewhere and says what is not as asked', async () => {
    const { driver } = stage.browser;
    await driver.get(`${stage.address}/check`);
    await (await field(driver, 'Finished files')).sendKeys(join(stage.folder, 'Low tide.jpg'));
    await seeText(driver, 'Not as asked');
    await seeText(driver, 'Exactly 2400 × 1600');
    await seeText(driver, '3000 × 2000');
  });
});

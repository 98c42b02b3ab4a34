import { execFileSync } from 'node:child_process';
import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import sharp from 'sharp';
import { expect, it } from 'vitest';
import { downloaded, field, pageErrors, press, seeText } from './browser.ts';
import { slope } from './make-pictures.ts';
import { useStage } from './stage.ts';

/** Sheets that ask for other files than a JPEG in sRGB: what comes out is what other tools say it is. */

const stage = useStage();

interface Job {
  sheet: string;
  details: Readonly<Record<string, string>>;
  picture: string;
  make: (file: string) => Promise<unknown>;
  files: number;
}

/** Makes everything that a sheet asks of one picture, hands it in, and gives the folder with the package. */
async function handIn({ sheet, details, picture, make, files }: Job): Promise<string> {
  const { driver, downloads } = stage.browser;
  const file = join(stage.folder, picture);
  await make(file);
  await driver.get(stage.address);
  await press(driver, `Start a submission to ${sheet}`);
  for (const [label, value] of Object.entries(details)) await (await field(driver, label)).sendKeys(value);
  await (await field(driver, 'Picture files')).sendKeys(file);
  await press(driver, `Make and prove ${files}`);
  await seeText(driver, files === 1 ? 'The file is proven.' : 'Both files are proven.');
  await press(driver, 'Hand-in');
  for (const box of await driver.findElements(By.css('fieldset input[type="checkbox"]'))) await box.click();
  await press(driver, 'Save the package');
  const zip = await downloaded(downloads, '.zip');
  const folder = join(stage.folder, `out-${picture}`);
  execFileSync('unzip', ['-q', zip, '-d', folder]);
  rmSync(zip);
  expect(await pageErrors(driver)).toEqual([]);
  return folder;
}

const tagsOf = (folder: string, ending: string): Record<string, unknown> => {
  const name = readdirSync(folder).find(n => n.endsWith(ending)) ?? '';
  const [tags] = JSON.parse(
    execFileSync('exiftool', ['-j', '-n', '-G0', join(folder, name)], { encoding: 'utf8' }),
  ) as Record<string, unknown>[];
  return tags ?? {};
};

it('a plate for a book: TIFF of 16 bits in a wide space', async () => {
  const folder = await handIn({
    sheet: 'The Tide Book: Plates',
    details: { 'Your parish': 'Saltmere' },
    picture: 'Ebb at the groyne.jpg',
    make: async file => {
      await slope(4000, 2700, 5).jpeg({ quality: 92 }).toFile(file);
      execFileSync('exiftool', ['-q', '-overwrite_original', '-EXIF:Make=Boxer', '-EXIF:Model=Two', file]);
    },
    files: 1,
  });
  expect(readdirSync(folder)).toContain('2027-Saltmere-010-Ebb-at-the-groyne.tif');
  const tags = tagsOf(folder, '.tif');
  expect(tags).toMatchObject({
    'EXIF:ImageWidth': 4000,
    'EXIF:BitsPerSample': '16 16 16',
    'EXIF:XResolution': 300,
    'ICC_Profile:ProfileDescription': 'Compatible with ProPhoto RGB',
    'XMP:Make': 'Boxer',
  });
});

it('a panorama twice: large in a phone’s colours, small in sRGB', async () => {
  const folder = await handIn({
    sheet: 'Long Shore Panoramas',
    details: {},
    picture: 'Long shore.jpg',
    make: file => slope(7200, 2400, 6).jpeg({ quality: 92 }).toFile(file),
    files: 2,
  });
  expect(tagsOf(folder, '_large.jpg')).toMatchObject({
    'File:EncodingProcess': 2,
    'ICC_Profile:ProfileDescription': 'Compatible with Display P3',
  });
  const small = tagsOf(folder, '_small.jpg');
  expect(Number(small['File:ImageWidth'])).toBe(2000);
  expect(Number(small['File:FileSize'])).toBeLessThanOrEqual(500_000);
});

it('a print: author and copyright in the file, pixels from centimetres', async () => {
  const folder = await handIn({
    sheet: 'Pilot Boat Prints',
    details: { 'Your name': 'Gosia Øst', 'Your copyright line': '© 2026 G. Øst' },
    picture: 'Cutter.jpg',
    make: file => slope(6000, 4000, 7).jpeg({ quality: 92 }).toFile(file),
    files: 1,
  });
  expect(readdirSync(folder)).toContain('GosiaOst_Cutter.jpg');
  expect(tagsOf(folder, '.jpg')).toMatchObject({
    'File:ImageWidth': 3543,
    'File:ImageHeight': 2362,
    'XMP:Creator': 'Gosia Øst',
    'XMP:Rights': '© 2026 G. Øst',
    'ICC_Profile:ProfileDescription': 'Compatible with Adobe RGB (1998)',
  });
});

it('a gallery: WebP without profile, named by the day it was taken', async () => {
  const folder = await handIn({
    sheet: 'Pier Road Web Gallery',
    details: {},
    picture: 'Pier.jpg',
    make: async file => {
      await sharp({ create: { width: 2400, height: 1600, channels: 3, background: '#446688' } })
        .jpeg()
        .toFile(file);
      execFileSync('exiftool', [
        '-q',
        '-overwrite_original',
        '-EXIF:DateTimeOriginal=2026:11:01 10:00:00',
        file,
      ]);
    },
    files: 1,
  });
  expect(readdirSync(folder)).toContain('pier-2026-11.webp');
  const tags = tagsOf(folder, '.webp');
  expect(tags['ICC_Profile:ProfileDescription']).toBeUndefined();
  expect(tags['EXIF:DateTimeOriginal']).toBeUndefined();
});

it('a colour picture in a monochrome section waits for a yes, and is then neutral in every pixel', async () => {
  const { driver } = stage.browser;
  const file = join(stage.folder, 'Red sail.jpg');
  await sharp({ create: { width: 2000, height: 1500, channels: 3, background: '#b04030' } })
    .jpeg()
    .toFile(file);
  await driver.get(stage.address);
  await press(driver, 'Start a submission to Brackwater League, Round Three');
  await (await field(driver, 'Picture files')).sendKeys(file);
  const section = await field(driver, 'Section of Red sail');
  await section.findElement(By.xpath(`.//option[.='Monochrome']`)).click();
  await seeText(driver, 'Monochrome is asked, and this picture shows colour.');
  await press(driver, 'Make Red sail neutral grey');
  await press(driver, 'Make and prove 1');
  await seeText(driver, 'The file is proven.');
  await press(driver, 'Proof');
  await seeText(driver, 'Monochrome, as its section asks');
  await seeText(driver, 'no hue in any pixel');
});

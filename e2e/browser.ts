import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome.js';

/** How long the page is waited for: so long that a busy machine is not taken for a fault. */
export const SOON_MS = 60_000;
/** The same where pictures are looked at, made or proven first. */
export const MADE_MS = 240_000;

/** A fresh headless browser with a folder for downloads of its own. */
export interface Browser {
  driver: WebDriver;
  downloads: string;
  /** Folder of its profile, which tells its processes from others. */
  profile: string;
  close: () => Promise<void>;
}

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export async function openBrowser(size = { width: 1280, height: 800 }): Promise<Browser> {
  const folder = await mkdtemp(join(tmpdir(), 'browser-'));
  const downloads = join(folder, 'downloads');
  const options = new Options();
  options.addArguments(...FLAGS, `--user-data-dir=${join(folder, 'profile')}`);
  options.setBinaryPath('/usr/bin/chromium');
  options.setUserPreferences({
    'download.default_directory': downloads,
    'download.prompt_for_download': false,
  });
  options.set('goog:loggingPrefs', { browser: 'ALL' });
  const driver = await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build();
  await setViewport(driver, size);
  return {
    driver,
    downloads,
    profile: join(folder, 'profile'),
    close: async () => {
      await driver.quit();
      await rm(folder, { recursive: true, force: true });
    },
  };
}

/** A window's size is not the page's: the browser's own bars take a part of it. */
export async function setViewport(
  driver: WebDriver,
  { width, height }: { width: number; height: number },
): Promise<void> {
  await devTools(driver, 'Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
}

export async function devTools(driver: WebDriver, command: string, parameters: object): Promise<unknown> {
  return (driver as unknown as Driver).sendAndGetDevToolsCommand(command, parameters);
}

/** Waits for something a person can see: an element whose visible text contains the words. */
export async function seeText(driver: WebDriver, text: string, within = MADE_MS): Promise<WebElement> {
  const found = By.xpath(
    `//*[contains(normalize-space(.), ${quoted(text)}) and not(self::script)][not(*[contains(normalize-space(.), ${quoted(text)})])]`,
  );
  return driver.wait(until.elementLocated(found), within, `never saw “${text}”`);
}

/** A control by its visible name. */
export async function button(driver: WebDriver, name: string): Promise<WebElement> {
  const xpath = `//*[self::button or self::input[@type='checkbox']][normalize-space(.)=${quoted(name)} or @aria-label=${quoted(name)}]|//a[normalize-space(.)=${quoted(name)} or @aria-label=${quoted(name)}]`;
  return driver.wait(until.elementLocated(By.xpath(xpath)), SOON_MS, `no button “${name}”`);
}

/** Presses a control by its visible name. */
export async function press(driver: WebDriver, name: string): Promise<void> {
  const element = await button(driver, name);
  await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element);
  await driver.wait(until.elementIsEnabled(element), MADE_MS, `“${name}” stayed disabled`);
  await element.click();
}

/** A field by its label. */
export async function field(driver: WebDriver, label: string): Promise<WebElement> {
  const q = quoted(label);
  const xpath = `//*[@aria-label=${q}]|//*[@id=//label[normalize-space(.)=${q}]/@for]|//label[normalize-space(.)=${q}]//input`;
  return driver.wait(until.elementLocated(By.xpath(xpath)), SOON_MS, `no field “${label}”`);
}

/** Waits until a download is complete and gives its path. */
export async function downloaded(folder: string, ending: string): Promise<string> {
  for (let i = 0; i < MADE_MS / 100; i++) {
    const names = await readdir(folder).catch(() => []);
    const name = names.find(n => n.endsWith(ending));
    if (name && !names.some(n => n.endsWith('.crdownload'))) return join(folder, name);
    await new Promise(done => setTimeout(done, 100));
  }
  throw new Error(`no download with the ending ${ending}`);
}

/** Errors that the page wrote into the browser's log. */
export async function pageErrors(driver: WebDriver): Promise<string[]> {
  const entries = await driver.manage().logs().get('browser');
  return entries.filter(entry => entry.level.name === 'SEVERE').map(entry => entry.message);
}

function quoted(text: string): string {
  return text.includes("'") ? `"${text}"` : `'${text}'`;
}

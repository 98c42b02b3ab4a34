import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { WebDriver } from 'selenium-webdriver';

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What an automatic check by WCAG 2.2 AA finds wrong on the page as it stands: rule and first places. */
export async function accessFaults(driver: WebDriver): Promise<string[]> {
  await driver.executeScript(axeSource);
  return driver.executeAsyncScript<string[]>(
    `const done = arguments[arguments.length - 1];
     axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] })
       .then(r => done(r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.target.join(' ')).slice(0, 3).join(', '))));`,
  );
}

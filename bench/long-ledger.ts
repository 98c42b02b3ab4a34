/**
 * Scrolls a ledger of 2,000 pictures in headless Chromium and reads how long each frame of the screen took. The yardstick,
 * in the same run and page: the same scroll over a ledger of twenty.
 */
import { By } from 'selenium-webdriver';
import { button, openBrowser, seeText } from '../e2e/browser.ts';
import { serve } from '../e2e/serve.ts';
import { report } from './screen-frames.ts';

const MANY = 2000;
const FEW = 20;
const SCROLL_MS = 4000;
/** CSS pixels a second: some forty rows. */
const PACE = 4000;
const ALLOWED_MS = 34;

const server = await serve();
const { driver, close } = await openBrowser();
try {
  await driver.get(`${server.address}/submission/demo/pictures`);
  await seeText(driver, 'All 8', 90_000);
  await driver.wait(async () => !(await driver.findElements(By.css('[role=progressbar]'))).length, 90_000);
  for (const count of [FEW, MANY]) {
    await copyPictures(count);
    const start = performance.now();
    await driver.navigate().refresh();
    await seeText(driver, `All ${count}`, 90_000);
    const opened = performance.now() - start;
    const times = await scroll();
    report(`${count} rows, opened in ${Math.round(opened)} ms, scrolled`, times, ALLOWED_MS);
  }
  await driver.executeScript('scrollTo(0, 0)');
  const accept = await button(driver, 'Accept this cut of Lantern boats');
  const decision = await driver.executeAsyncScript<number>(
    `const [button, done] = arguments;
     const start = performance.now();
     button.click();
     requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - start)));`,
    accept,
  );
  console.log(`one decision among ${MANY} rows is on the screen after ${Math.round(decision)} ms`);
} finally {
  await close();
  await server.close();
}

/** Copies the demo's pictures within the browser's store until there are so many. */
async function copyPictures(count: number): Promise<void> {
  await driver.executeAsyncScript(
    `const [count, done] = arguments;
     const request = indexedDB.open('able-frame');
     request.onsuccess = () => {
       const change = request.result.transaction(['pictures', 'submissions'], 'readwrite');
       const [pictures, submissions] = ['pictures', 'submissions'].map(name => change.objectStore(name));
       submissions.get('demo').onsuccess = ({ target: { result: submission } }) => {
         pictures.getAll().onsuccess = ({ target: { result: all } }) => {
           const own = all.filter(p => p.submissionId === 'demo');
           const order = submission.order.slice();
           for (let i = order.length; i < count; i++) {
             const picture = { ...own[i % own.length], id: 'copy-' + i, title: 'Copy ' + i, sha256: 'copy-' + i };
             pictures.put(picture);
             order.push(picture.id);
           }
           submissions.put({ ...submission, order });
         };
       };
       change.oncomplete = () => { request.result.close(); done(); };
     };`,
    count,
  );
}

/** Scrolls at an even pace, from the top again where the end is reached, and gives the times between the frames of the screen. */
function scroll(): Promise<number[]> {
  return driver.executeAsyncScript(
    `const [duration, pace, done] = arguments;
     const height = document.documentElement.scrollHeight - innerHeight;
     const times = [];
     const start = performance.now();
     let last = start;
     const next = now => {
       times.push(now - last);
       last = now;
       scrollTo(0, ((now - start) / 1000 * pace) % height);
       if (now - start < duration) requestAnimationFrame(next);
       else done(times.slice(2));
     };
     requestAnimationFrame(next);`,
    SCROLL_MS,
    PACE,
  );
}

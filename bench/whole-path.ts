/**
 * One 24-megapixel JPEG to a proven file under a ceiling: in headless Chromium, in Node, and by sharp in Node, in
 * turn in the same run. Prints medians and ratios, and the memory of the page over a hundred pictures.
 */
import { inspectFile } from '@able-frame/core';
import { wholeJob } from '../packages/core/src/testing/whole-job.ts';
import { conformPicture } from '../packages/imaging/src/conform-picture.ts';
import { startEngineInNode } from '../packages/imaging/src/node.ts';
import { median, openBenchPage, pagePeakBytes } from './bench-page.ts';
import { meanLevelOf, sharpWholePath } from './sharp-yardstick.ts';

const ROUNDS = 5;
const IN_A_ROW = 100;
const FIRST = 25;
const JOB = wholeJob(
  { widthPx: 6000, heightPx: 4000 },
  { widthPx: 2400, heightPx: 1600 },
  { ppi: 300, maxBytes: 1_500_000 },
);
const { browser, source, close } = await openBenchPage();
const engine = await startEngineInNode();
try {
  console.log(
    `source 6000 × 4000, ${source.length} bytes; target 2400 × 1600, at most ${JOB.output.maxBytes} bytes; ${ROUNDS} rounds in turn, medians`,
  );
  const times: Record<'page' | 'node' | 'sharp, power curve' | 'sharp', number[]> = {
    page: [],
    node: [],
    'sharp, power curve': [],
    sharp: [],
  };
  let page = await inPage();
  const level = await meanLevelOf(nodeFile());
  for (const linear of [false, true]) {
    const yardstick = await sharpWholePath(source, JOB, linear);
    // A yardstick that makes another picture measures other work.
    if (Math.abs(yardstick.meanLevel - level) > 2)
      throw new Error(`the yardstick’s picture has mean level ${yardstick.meanLevel}, ours ${level}`);
    console.log(
      `sharp${linear ? ', power curve,' : ''} made ${yardstick.sizeBytes} bytes, mean level ${yardstick.meanLevel.toFixed(1)} (ours ${level.toFixed(1)})`,
    );
  }
  for (let i = 0; i < ROUNDS; i++) {
    page = await inPage();
    times.page.push(page.ms);
    times.node.push(inNode());
    times['sharp, power curve'].push((await sharpWholePath(source, JOB, true)).ms);
    times.sharp.push((await sharpWholePath(source, JOB, false)).ms);
  }
  console.log(
    `file in the page: ${page.sizeBytes} bytes at quality ${page.quality}, ${page.tries} encodes, whole: ${page.isWhole}`,
  );
  for (const [name, list] of Object.entries(times))
    console.log(`${name.padEnd(24)}${Math.round(median(list))} ms`);
  console.log(
    `page / sharp                  ${(median(times.page) / median(times.sharp)).toFixed(2)}   (sharp resizes without linear light; at most 2.5 is asked)`,
  );
  console.log(
    `page / sharp, power curve     ${(median(times.page) / median(times['sharp, power curve'])).toFixed(2)}   (nearest to linear light that sharp does to a tagged picture, in 8 bits)`,
  );
  const peaks: number[] = [];
  for (let i = 1; i <= IN_A_ROW; i++) {
    await inPage();
    if (i === FIRST || i === IN_A_ROW) peaks.push(pagePeakBytes(browser));
  }
  const [early = NaN, late = NaN] = peaks;
  console.log(
    `most memory of the page over ${FIRST} pictures: ${Math.round(early / 1e6)} MB, over ${IN_A_ROW}: ${Math.round(late / 1e6)} MB, ratio ${(late / early).toFixed(2)}   (flat, and below 1200 MB, is asked)`,
  );
} finally {
  engine.shutdown();
  await close();
}

function inPage(): Promise<Awaited<ReturnType<Window['wholePath']>>> {
  return browser.driver.executeScript(`return window.wholePath('/source.jpg', arguments[0])`, JOB);
}

function inNode(): number {
  const start = performance.now();
  nodeFile();
  return performance.now() - start;
}

function nodeFile(): Uint8Array {
  const bytes = new Uint8Array(source);
  const facts = inspectFile(bytes);
  const space = facts.profile.state === 'present' ? facts.profile.value.space : 'untagged';
  const made = conformPicture(engine, { bytes, orientation: 1, space, job: JOB }, () => undefined);
  if (made.outcome !== 'made') throw new Error('the picture could not be made');
  inspectFile(made.file.bytes);
  return made.file.bytes;
}

/**
 * What a person waits for on the bench, in headless Chromium and by sharp in Node, in turn in the same run: the first
 * preview of a 24-megapixel JPEG, and the whole chain of geometry on it at full size.
 */
import sharp from 'sharp';
import { PLAIN_FRAME, squaredSize, type ConformJob, type Geometry, type Quad } from '@able-frame/core';
import { wholeJob } from '../packages/core/src/testing/whole-job.ts';
import { median, openBenchPage } from './bench-page.ts';

const ROUNDS = 5;
const PREVIEW_PX = 2048;
const SOURCE = { widthPx: 6000, heightPx: 4000 };
const LEVEL_DEG = 1.5;
/** Nearly all of the picture, at a slight slant. */
const CORNERS: Quad = [
  { x: 0.01, y: 0.02 },
  { x: 0.99, y: 0 },
  { x: 0.97, y: 0.99 },
  { x: 0.02, y: 0.97 },
];

const square = { corners: CORNERS, ratio: 1.5 };
const pulled = squaredSize(SOURCE, square);
/** What is left inside a picture that was levelled by so little. */
const KEPT = 0.94;

function job(geometry: Geometry, size: { widthPx: number; heightPx: number }): ConformJob {
  const kept = { widthPx: Math.round(size.widthPx * KEPT), heightPx: Math.round(size.heightPx * KEPT) };
  return {
    ...wholeJob(kept, kept),
    geometry,
    crop: {
      leftPx: (size.widthPx - kept.widthPx) / 2,
      topPx: (size.heightPx - kept.heightPx) / 2,
      ...kept,
    },
  };
}

const { turns, mirrored } = PLAIN_FRAME;
const JOBS = {
  'level alone': job({ turns, mirrored, levelDeg: LEVEL_DEG }, SOURCE),
  'level and perspective': job({ square, turns, mirrored, levelDeg: LEVEL_DEG }, pulled),
} as const;

const { browser, source, close } = await openBenchPage();
try {
  console.log(
    `source 6000 × 4000, ${source.length} bytes in Adobe RGB; ${ROUNDS} rounds in turn, medians; geometry at full size, best JPEG, 16-bit linear light here, 8 bits in the yardstick`,
  );
  const previews = { page: [] as number[], sharp: [] as number[] };
  await inPage('preview', PREVIEW_PX);
  for (let i = 0; i < ROUNDS; i++) {
    previews.page.push((await inPage('preview', PREVIEW_PX)) as number);
    previews.sharp.push(await timed(previewBySharp));
  }
  report('preview of 2048 px', previews.page, previews.sharp, 2);
  for (const [name, what] of Object.entries(JOBS)) {
    const times = { page: [] as number[], sharp: [] as number[] };
    await inPage('conform', what);
    for (let i = 0; i < ROUNDS; i++) {
      times.page.push(((await inPage('conform', what)) as { ms: number }).ms);
      times.sharp.push(await timed(() => affineBySharp(what)));
    }
    report(name, times.page, times.sharp, 3);
  }
} finally {
  await close();
}

function inPage(what: 'preview' | 'conform', argument: unknown): Promise<unknown> {
  return browser.driver.executeScript(`return window.${what}('/source.jpg', arguments[0])`, argument);
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

/** The same reduced decode: sharp, too, lets the decoder skip what is not needed. */
function previewBySharp(): Promise<Buffer> {
  return sharp(source)
    .resize(PREVIEW_PX, PREVIEW_PX, { fit: 'inside' })
    .toColourspace('srgb')
    .jpeg({ quality: 82 })
    .toBuffer();
}

/** sharp has no perspective; its affine path turns the picture by the same angle and is cut to the same size. */
function affineBySharp({ target }: ConformJob): Promise<Buffer> {
  const angle = (LEVEL_DEG * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return sharp(source)
    .affine(
      [
        [cos, -sin],
        [sin, cos],
      ],
      { interpolator: 'bicubic' },
    )
    .resize(target.widthPx, target.heightPx, { fit: 'cover', fastShrinkOnLoad: false })
    .toColourspace('srgb')
    .withIccProfile('srgb')
    .jpeg({ quality: 95, chromaSubsampling: '4:4:4', optimiseCoding: true })
    .toBuffer();
}

function report(name: string, page: number[], yardstick: number[], asked: number): void {
  const ratio = median(page) / median(yardstick);
  console.log(
    `${name.padEnd(24)}page ${Math.round(median(page))} ms, sharp ${Math.round(median(yardstick))} ms, ratio ${ratio.toFixed(2)}   (at most ${asked} is asked)`,
  );
}

import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ConformJob } from '@able-frame/core';
import { wholeJob } from '../../core/src/testing/whole-job.ts';
import { conformPicture } from './conform-picture.ts';
import type { Vips } from './engine.ts';
import { findInk } from './find-ink.ts';
import { inkIn } from './ink-in.ts';
import { makeThumbnail } from './make-thumbnail.ts';
import { startEngineInNode } from './node.ts';

let vips: Vips;
beforeAll(async () => {
  vips = await startEngineInNode();
});
afterAll(() => vips.shutdown());

const SIZE = { width: 1500, height: 1000 };
/** Where the writing stands, in pixels. */
const INK = { left: 400, top: 420, right: 1100, bottom: 640 };

/** A sheet in warm light that falls off to one side, with pale ruled lines, a speck of dust and a signature. */
function sheet({ hasInk = true, hasLines = true, hasTable = false } = {}): Promise<Buffer> {
  const lines = Array.from({ length: 9 }, (_, i) => 100 + i * 100)
    .map(y => `<path d="M0 ${y}H1500" stroke="#8fa8d8" stroke-width="3"/>`)
    .join('');
  const waves = `<path d="M404 630C500 380 560 420 600 560S760 640 800 500 900 440 960 560 1040 600 1096 424" fill="none" stroke="#17204a" stroke-width="8"/>`;
  const marks = `<svg xmlns="http://www.w3.org/2000/svg" width="1500" height="1000">
    <rect width="1500" height="1000" fill="#fff"/>
    ${hasLines ? lines : ''}
    <circle cx="1300" cy="200" r="1.5" fill="#777"/>
    ${hasInk ? waves : ''}
    ${hasTable ? '<path d="M0 880H1500V1000H0Z" fill="#3a2a1c"/>' : ''}
  </svg>`;
  const light = `<svg xmlns="http://www.w3.org/2000/svg" width="1500" height="1000">
    <defs><linearGradient id="g" x2="1" y2="0.4"><stop stop-color="#f4e4c2"/><stop offset="1" stop-color="#9c8a68"/></linearGradient></defs>
    <rect width="1500" height="1000" fill="url(#g)"/></svg>`;
  return sharp(Buffer.from(marks))
    .composite([{ input: Buffer.from(light), blend: 'multiply' }])
    .removeAlpha()
    .jpeg({ quality: 92 })
    .toBuffer();
}

describe('writing on paper', () => {
  it.each([
    ['on plain paper', { hasLines: false }],
    ['on lined paper', {}],
    ['with the table showing below', { hasTable: true }],
  ])('is found %s, without lines and dust', async (_, what) => {
    const box = findInk(vips, await sheet(what));
    const px = {
      left: (box?.left ?? 0) * SIZE.width,
      top: (box?.top ?? 0) * SIZE.height,
      right: (box?.right ?? 0) * SIZE.width,
      bottom: (box?.bottom ?? 0) * SIZE.height,
    };
    for (const side of ['left', 'top', 'right', 'bottom'] as const)
      expect(Math.abs(px[side] - INK[side]), `${side} of ${JSON.stringify(px)}`).toBeLessThan(25);
  });

  it('is not made up where there is none', async () => {
    expect(findInk(vips, await sheet({ hasInk: false }))).toBeUndefined();
    expect(findInk(vips, await sheet({ hasInk: false, hasLines: false }))).toBeUndefined();
    expect(inkIn(new Uint8Array(300 * 200).fill(200), 300, 200)).toBeUndefined();
    expect(inkIn(new Uint8Array(1), 1, 1)).toBeUndefined();
  });
});

describe('paper made evenly white', () => {
  const job = (evenPaper: boolean): ConformJob => ({
    ...wholeJob({ widthPx: 1500, heightPx: 1000 }, { widthPx: 600, heightPx: 400 }, { format: 'png' }),
    evenPaper,
  });
  const make = async (bytes: Uint8Array, evenPaper: boolean) => {
    const input = { bytes, orientation: 1, space: 'untagged' as const, job: job(evenPaper) };
    const result = conformPicture(vips, input, () => undefined);
    if (result.outcome !== 'made') throw new Error('too heavy');
    return sharp(result.file.bytes).removeAlpha().raw().toBuffer();
  };
  const at = (data: Buffer, x: number, y: number, width = 600) => [
    ...data.subarray((y * width + x) * 3, (y * width + x) * 3 + 3),
  ];

  it('loses the fall of light, its warmth and pale lines, and keeps the ink', async () => {
    const bytes = await sheet();
    const plain = await make(bytes, false);
    const even = await make(bytes, true);
    // Before: warm, and darker on the right by a fifth at least.
    const [lit, dim] = [at(plain, 30, 60), at(plain, 570, 340)];
    expect((lit[0] ?? 0) - (lit[2] ?? 0)).toBeGreaterThan(30);
    expect((lit[0] ?? 0) - (dim[0] ?? 0)).toBeGreaterThan(60);
    for (const [x, y] of [
      [30, 60],
      [570, 60],
      [30, 340],
      [570, 340],
      [300, 300],
    ] as const)
      expect(Math.min(...at(even, x, y)), `${x}, ${y}`).toBeGreaterThan(249);
    // A ruled line was blue and is all but gone.
    expect(Math.min(...at(plain, 100, 120))).toBeLessThan(180);
    expect(Math.min(...at(even, 100, 120))).toBeGreaterThan(200);
    // On the lowest part of the first stroke, and at its other end.
    expect(Math.max(...at(even, 165, 242))).toBeLessThan(140);
  });

  it('is shown on the bench as it will be in the file', async () => {
    const bytes = await sheet();
    const file = await make(bytes, true);
    const shown = await sharp(makeThumbnail(vips, bytes, 600, true).bytes)
      .removeAlpha()
      .raw()
      .toBuffer();
    let sum = 0;
    for (let i = 0; i < file.length; i++) sum += Math.abs((file[i] ?? 0) - (shown[i] ?? 0));
    expect(sum / file.length).toBeLessThan(2);
  });
});

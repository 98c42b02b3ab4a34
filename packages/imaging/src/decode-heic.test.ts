import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { inspectFile, judgeIncoming, uprightSize, valueOf, type OutputSettings } from '@able-frame/core';
import { FREE_OUTPUT, wholeJob } from '../../core/src/testing/whole-job.ts';
import { conformPicture, type ConformInput } from './conform-picture.ts';
import type { Vips } from './engine.ts';
import { makeThumbnail } from './make-thumbnail.ts';
import { startEngineInNode } from './node.ts';
import { readyOriginal } from './open-picture.ts';

/**
 * Two pictures of 320 × 200 in fields of red, green, blue and white, clockwise from the upper left, as a phone stores
 * them: one in Display P3 with notes, the other with a quarter turn clockwise in its container. Made by heif-enc.
 */
const fixture = (name: string) =>
  new Uint8Array(readFileSync(new URL(`../../core/src/testing/fixtures/${name}.heic`, import.meta.url)));

let vips: Vips;
beforeAll(async () => {
  vips = await startEngineInNode();
});
afterAll(() => vips.shutdown());

const quiet = () => undefined;

/** Half the size, as JPEG. */
function jobFor(
  bytes: Uint8Array,
  upright: { widthPx: number; heightPx: number },
  output: Partial<OutputSettings> = {},
): ConformInput {
  const facts = inspectFile(bytes);
  return {
    bytes,
    orientation: valueOf(facts.orientation) ?? 1,
    space: valueOf(facts.profile)?.space ?? 'untagged',
    job: wholeJob(upright, { widthPx: upright.widthPx / 2, heightPx: upright.heightPx / 2 }, output),
  };
}

describe('a picture of a phone (HEIC)', () => {
  it('is measured from its bytes as another tool measures it', () => {
    const path = new URL('../../core/src/testing/fixtures/phone.heic', import.meta.url).pathname;
    const [tags] = JSON.parse(execFileSync('exiftool', ['-json', '-n', path], { encoding: 'utf8' })) as [
      Record<string, unknown>,
    ];
    const facts = inspectFile(fixture('phone'));
    expect([valueOf(facts.widthPx), valueOf(facts.heightPx)]).toEqual([tags.ImageWidth, tags.ImageHeight]);
    expect(valueOf(facts.dateTaken)).toBe(tags.DateTimeOriginal);
    expect(valueOf(facts.camera)).toBe(`${String(tags.Make)} ${String(tags.Model)}`);
    expect(valueOf(facts.focal35Mm)).toBe(tags.FocalLengthIn35mmFormat);
    expect(valueOf(facts.profile)?.space).toBe('display-p3');
    expect(valueOf(facts.author)).toBe('Ida Vane');
    expect(judgeIncoming(facts, 'IMG_0042.HEIC')).toEqual({ taken: true, remarks: [] });
  });

  it('is opened in its own colours', async () => {
    const original = await readyOriginal(fixture('phone'));
    const { bytes } = makeThumbnail(vips, original, 320);
    const { data } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
    // Stored in Display P3 as about 184, 55, 50; it is the sRGB colour 200, 40, 40.
    const red = [...data.subarray((50 * 320 + 80) * 3, (50 * 320 + 80) * 3 + 3)];
    red.forEach((v, i) => expect(Math.abs(v - (i === 0 ? 200 : 40)), String(red)).toBeLessThan(7));
  });

  it('stands as its container turns it, and is made into a proven size', async () => {
    const bytes = fixture('turned');
    expect(uprightSize(inspectFile(bytes))).toEqual({ widthPx: 200, heightPx: 320 });
    const result = conformPicture(
      vips,
      jobFor(bytes, { widthPx: 200, heightPx: 320 }),
      quiet,
      await readyOriginal(bytes),
    );
    if (result.outcome !== 'made') throw new Error('too heavy');
    const { data, info } = await sharp(result.file.bytes).raw().toBuffer({ resolveWithObject: true });
    expect([info.width, info.height]).toEqual([100, 160]);
    const at = (x: number, y: number) => [...data.subarray((y * 100 + x) * 3, (y * 100 + x) * 3 + 3)];
    // A quarter clockwise: the white field, lower left in the file, is the upper left one.
    expect(Math.min(...at(25, 40))).toBeGreaterThan(220);
    expect(at(75, 40)[0]).toBeGreaterThan(180);
  });

  it('keeps the camera’s own data where they are asked for, and nothing else of its notes', async () => {
    const bytes = fixture('phone');
    const metadata = { ...FREE_OUTPUT.metadata, camera: true };
    const input = jobFor(bytes, { widthPx: 320, heightPx: 200 }, { metadata });
    const result = conformPicture(vips, input, quiet, await readyOriginal(bytes));
    if (result.outcome !== 'made') throw new Error('too heavy');
    const facts = inspectFile(result.file.bytes);
    expect([valueOf(facts.camera), valueOf(facts.dateTaken)]).toEqual([
      'Saltmere Pocket 3',
      '2026:08:14 19:20:00',
    ]);
    expect([facts.author.state, valueOf(facts.orientation) ?? 1]).toEqual(['absent', 1]);
    const plain = conformPicture(
      vips,
      jobFor(bytes, { widthPx: 320, heightPx: 200 }),
      quiet,
      await readyOriginal(bytes),
    );
    if (plain.outcome !== 'made') throw new Error('too heavy');
    expect(inspectFile(plain.file.bytes).camera.state).toBe('absent');
  });

  it('that is damaged or cut short is refused with a reason', async () => {
    const whole = fixture('phone');
    expect(judgeIncoming(inspectFile(whole.subarray(0, 1200)), 'a.heic')).toMatchObject({
      taken: false,
      refusal: { code: 'cut-short' },
    });
    const damaged = whole.slice();
    // Behind the decoder's own set-up, where the picture is.
    damaged.fill(0x5a, 914, 1300);
    await expect((async () => makeThumbnail(vips, await readyOriginal(damaged), 100))()).rejects.toThrow();
  });

  it('of which any byte is wrong never stops the measuring', () => {
    const whole = fixture('phone');
    for (let i = 0; i < whole.length; i += 3) {
      const wrong = whole.slice();
      wrong[i] = (wrong[i] ?? 0) ^ 0xff;
      expect(inspectFile(wrong).sizeBytes).toBe(whole.length);
    }
  });
});

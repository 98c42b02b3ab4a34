import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import sharp, { type Sharp } from 'sharp';

/** Pictures for the browser tests: a slope of light with grain, so that cuts, turns and weights can be told. */
export function slope(width: number, height: number, seed = 1): Sharp {
  const raw = Buffer.alloc(width * height * 3);
  let state = seed;
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < width; x++, i += 3) {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      const grain = (state >>> 27) - 16;
      raw[i] = 60 + (120 * x) / width + grain;
      raw[i + 1] = 60 + (120 * y) / height + grain;
      raw[i + 2] = 120 + grain;
    }
  return sharp(raw, { raw: { width, height, channels: 3 } });
}

/** Writes good pictures of several kinds and gives their paths. */
export async function writeGoodPictures(folder: string): Promise<string[]> {
  const made: [string, Promise<Buffer>][] = [
    ['Low tide.jpg', slope(3000, 2000, 3).jpeg({ quality: 90 }).toBuffer()],
    [
      'Upright pier.jpg',
      slope(3600, 2400, 5).withMetadata({ orientation: 6 }).jpeg({ quality: 90 }).toBuffer(),
    ],
    ['Phone colours.jpg', slope(3200, 2400, 7).withIccProfile('p3').jpeg({ quality: 90 }).toBuffer()],
    ['Deep sky.png', slope(2600, 1800, 9).toColourspace('rgb16').png({ compressionLevel: 3 }).toBuffer()],
  ];
  return writeAll(folder, made);
}

/** Writes files that cannot or must not be taken, and gives their paths. */
export async function writeBadPictures(folder: string): Promise<string[]> {
  const jpeg = await slope(900, 600, 11).jpeg().toBuffer();
  const huge = Buffer.from(jpeg);
  const frame = huge.indexOf(Buffer.from([0xff, 0xc0]));
  huge.writeUInt16BE(60_000, frame + 5);
  huge.writeUInt16BE(60_000, frame + 7);
  const damaged = Buffer.from(jpeg);
  const scan = damaged.indexOf(Buffer.from([0xff, 0xda]));
  damaged.fill(0x55, scan + 400, scan + 2400);
  return writeAll(folder, [
    ['empty.jpg', Buffer.alloc(0)],
    ['cut short.jpg', jpeg.subarray(0, jpeg.length >> 1)],
    ['letter.jpg', Buffer.from('Dear secretary, here is my picture.')],
    ['moving.gif', Buffer.from('GIF89a\x01\0\x01\0\0\0\0;', 'latin1')],
    ['form.pdf', Buffer.from('%PDF-1.7\n')],
    ['huge.jpg', huge],
    ['damaged inside.jpg', damaged],
    ['really a png.jpg', await slope(2000, 1500, 13).png().toBuffer()],
  ]);
}

async function writeAll(folder: string, files: [string, Buffer | Promise<Buffer>][]): Promise<string[]> {
  const paths: string[] = [];
  for (const [name, bytes] of files) {
    const path = join(folder, name);
    await writeFile(path, await bytes);
    paths.push(path);
  }
  return paths;
}

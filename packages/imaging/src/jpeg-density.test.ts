import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { expect, it } from 'vitest';
import { writeDensity } from './jpeg-density.ts';

/** A JPEG without a JFIF header: the one that sharp writes is cut out. */
async function bare(): Promise<Uint8Array> {
  const jpeg = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#888' } })
    .jpeg()
    .toBuffer();
  if (jpeg[3] !== 0xe0) return jpeg;
  return Buffer.concat([jpeg.subarray(0, 2), jpeg.subarray(4 + jpeg.readUInt16BE(4))]);
}

it.each([72, 300, 1200])('writes %i ppi so that another tool reads it', async ppi => {
  const folder = mkdtempSync(join(tmpdir(), 'density-'));
  try {
    const file = join(folder, 'a.jpg');
    writeFileSync(file, writeDensity(await bare(), ppi));
    const read = execFileSync(
      'exiftool',
      ['-s3', '-n', '-JFIF:XResolution', '-JFIF:YResolution', '-JFIF:ResolutionUnit', file],
      { encoding: 'utf8' },
    );
    expect(read.trim().split(/\s+/).map(Number)).toEqual([ppi, ppi, 1]);
  } finally {
    rmSync(folder, { recursive: true });
  }
});

it('refuses what is no JPEG and what has a header already', async () => {
  expect(() => writeDensity(new Uint8Array(20), 300)).toThrow('do not begin like a JPEG');
  expect(() => writeDensity(writeDensity(new Uint8Array([0xff, 0xd8, 0xff, 0xd9]), 72), 300)).toThrow(
    'already',
  );
});

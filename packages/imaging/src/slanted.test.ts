import { execFileSync } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  planFile,
  PLAIN_FRAME,
  squaredSize,
  type Deliverable,
  type Frame,
  type Quad,
  type SquareUp,
} from '@able-frame/core';
import { conformPicture } from './conform-picture.ts';
import type { Vips } from './engine.ts';
import { startEngineInNode } from './node.ts';

/** A slanted artwork is pulled true: known marks end where they belong, and another tool pulls it the same way. */

let vips: Vips;
let scratch: string;
beforeAll(async () => {
  vips = await startEngineInNode();
  scratch = await mkdtemp(join(tmpdir(), 'slanted-'));
});
afterAll(async () => {
  vips.shutdown();
  await rm(scratch, { recursive: true });
});

const PHOTO = { widthPx: 1200, heightPx: 900 };
const CORNERS: Quad = [
  { x: 0.18, y: 0.14 },
  { x: 0.82, y: 0.24 },
  { x: 0.88, y: 0.86 },
  { x: 0.1, y: 0.8 },
];
const ART = { widthPx: 800, heightPx: 600 };

/** An artwork of 4 × 3 fields of different colours. */
const field = (column: number, row: number) => [40 + 60 * column, 50 + 80 * row, 120];
const SLANTED: SquareUp = { corners: CORNERS, ratio: 4 / 3 };

/** Photographs the artwork by another tool, on a grey wall. */
async function photograph(): Promise<Uint8Array> {
  const raw = Buffer.alloc(ART.widthPx * ART.heightPx * 3);
  for (let y = 0; y < ART.heightPx; y++)
    for (let x = 0; x < ART.widthPx; x++)
      raw.set(
        field(Math.floor((x / ART.widthPx) * 4), Math.floor((y / ART.heightPx) * 3)),
        (y * ART.widthPx + x) * 3,
      );
  const art = join(scratch, 'art.png');
  await sharp(raw, { raw: { width: ART.widthPx, height: ART.heightPx, channels: 3 } })
    .png()
    .toFile(art);
  const photo = join(scratch, 'photo.png');
  const at = CORNERS.map(c => `${c.x * PHOTO.widthPx},${c.y * PHOTO.heightPx}`);
  execFileSync('convert', [
    art,
    '-virtual-pixel',
    'none',
    '-define',
    `distort:viewport=${PHOTO.widthPx}x${PHOTO.heightPx}+0+0`,
    '-distort',
    'Perspective',
    `0,0 ${at[0]} ${ART.widthPx},0 ${at[1]} ${ART.widthPx},${ART.heightPx} ${at[2]} 0,${ART.heightPx} ${at[3]}`,
    '-background',
    'gray50',
    '-flatten',
    photo,
  ]);
  return new Uint8Array(await readFile(photo));
}

const DELIVERABLE = {
  id: 'd',
  label: 'Picture',
  rules: [
    { id: 'size', level: 'must', kind: 'exact-size', widthPx: 400, heightPx: 300 },
    { id: 'format', level: 'must', kind: 'file-format', formats: ['png'] },
  ],
  name: { parts: [], spaces: 'forbidden', characters: 'plain', extension: 'png' },
} as unknown as Deliverable;

async function made(bytes: Uint8Array, frame: Partial<Frame>, deliverable = DELIVERABLE) {
  const plan = planFile(deliverable, {
    source: PHOTO,
    frame: { ...PLAIN_FRAME, ...frame },
    name: { ok: true, name: 'a.png' },
  });
  if (plan.state !== 'ready') throw new Error(JSON.stringify(plan));
  const result = conformPicture(
    vips,
    { bytes, orientation: 1, space: 'untagged', job: plan.job },
    () => undefined,
  );
  if (result.outcome !== 'made') throw new Error('too heavy');
  const { data, info } = await sharp(result.file.bytes).raw().toBuffer({ resolveWithObject: true });
  const at = (x: number, y: number) => [
    ...data.subarray((y * info.width + x) * info.channels).subarray(0, 3),
  ];
  return { at, plan, data, info, bytes: result.file.bytes };
}

const near = (got: readonly number[], want: readonly number[], by = 3) =>
  expect(
    got.every((v, i) => Math.abs(v - (want[i] ?? NaN)) <= by),
    `${got} for ${want}`,
  ).toBe(true);

describe('a slanted artwork', () => {
  it('has every field in its place once it is pulled true', async () => {
    const { at, info } = await made(await photograph(), { square: SLANTED });
    expect([info.width, info.height]).toEqual([400, 300]);
    for (let row = 0; row < 3; row++)
      for (let column = 0; column < 4; column++) {
        near(at(column * 100 + 50, row * 100 + 50), field(column, row));
        // Two pixels in from each field's border: the lines between them are straight, and where they should be.
        near(at(column * 100 + 3, row * 100 + 50), field(column, row), 8);
        near(at(column * 100 + 96, row * 100 + 3), field(column, row), 8);
      }
  });

  it('can be turned, mirrored and cut afterwards in the same pass', async () => {
    const photo = await photograph();
    const upright = {
      ...DELIVERABLE,
      rules: DELIVERABLE.rules.map(r =>
        r.kind === 'exact-size' ? { ...r, widthPx: 300, heightPx: 400 } : r,
      ),
    };
    const turned = await made(photo, { square: SLANTED, turns: 1 }, upright);
    // Clockwise: the upper left field goes to the upper right.
    near(turned.at(250, 50), field(0, 0));
    near(turned.at(50, 350), field(3, 2));
    const mirrored = await made(photo, { square: SLANTED, mirrored: true });
    near(mirrored.at(50, 50), field(3, 0));
    const cut = await made(photo, { square: SLANTED, size: 0.5, centreX: -0.25, centreY: -0.25 });
    near(cut.at(100, 100), field(0, 0));
    near(cut.at(390, 20), field(1, 0));
  });

  it('looks as another tool pulls it, apart from how each interpolates', async () => {
    const photo = await photograph();
    const { data } = await made(photo, { square: SLANTED });
    const file = join(scratch, 'in.png');
    await writeFile(file, photo);
    const at = CORNERS.map(c => `${c.x * PHOTO.widthPx},${c.y * PHOTO.heightPx}`);
    const other = execFileSync(
      'convert',
      [
        file,
        '-define',
        'distort:viewport=400x300+0+0',
        '-distort',
        'Perspective',
        `${at[0]} 0,0 ${at[1]} 400,0 ${at[2]} 400,300 ${at[3]} 0,300`,
        '-depth',
        '8',
        'rgb:-',
      ],
      { maxBuffer: 10_000_000 },
    );
    let sum = 0;
    for (let i = 0; i < other.length; i++) sum += Math.abs((other[i] ?? 0) - (data[i] ?? 0));
    expect(sum / other.length).toBeLessThan(1);
  });

  it('has as many pixels as its sides have in the picture', () => {
    const { widthPx, heightPx } = squaredSize(PHOTO, SLANTED);
    expect(widthPx / heightPx).toBeCloseTo(4 / 3, 2);
    expect(widthPx).toBeGreaterThan(760);
    expect(widthPx).toBeLessThan(900);
  });

  it('is made the same, bit for bit, from the same picture', async () => {
    const photo = await photograph();
    const [once, again] = [
      await made(photo, { square: SLANTED, levelDeg: 1.5 }),
      await made(photo, { square: SLANTED, levelDeg: 1.5 }),
    ];
    expect(Buffer.from(once.bytes).equals(Buffer.from(again.bytes))).toBe(true);
  });
});

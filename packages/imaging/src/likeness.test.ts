import sharp, { type Sharp } from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { looksAlike } from '@able-frame/core';
import type { Vips } from './engine.ts';
import { makeThumbnail } from './make-thumbnail.ts';
import { startEngineInNode } from './node.ts';

let vips: Vips;
beforeAll(async () => {
  vips = await startEngineInNode();
});
afterAll(() => vips.shutdown());

const DEMO = new URL('../../../apps/web/public/demo/', import.meta.url).pathname;
const likeness = async (name: string, change: (s: Sharp) => Sharp = s => s.jpeg({ quality: 92 })) =>
  makeThumbnail(vips, await change(sharp(`${DEMO}${name}`)).toBuffer(), 320).likeness;

it('knows a picture again in another size, quality and format', async () => {
  const own = await likeness('Saltpan Evening.jpg');
  for (const change of [
    (s: Sharp) => s.resize(900).jpeg({ quality: 40 }),
    (s: Sharp) => s.resize(1600).png(),
    (s: Sharp) => s.resize(1200).webp({ quality: 70 }),
  ])
    expect(looksAlike(own, await likeness('Saltpan Evening.jpg', change))).toBe(true);
});

it('tells different pictures apart, and a cut from its whole', async () => {
  const all = await Promise.all(
    ['Saltpan Evening.jpg', 'lantern_boats.jpg', 'Ferry in Fog.jpg', 'Tall Tide.jpg', 'dune-grass.jpg'].map(
      name => likeness(name),
    ),
  );
  for (const [i, a] of all.entries())
    for (const b of all.slice(i + 1)) expect([a, b, looksAlike(a, b)]).toEqual([a, b, false]);
  const cut = await likeness('Saltpan Evening.jpg', s =>
    s.extract({ left: 0, top: 0, width: 2400, height: 1600 }).jpeg(),
  );
  expect(looksAlike(all[0] ?? '', cut)).toBe(false);
});

it('says nothing of pictures without structure', () => {
  expect(looksAlike('0000000000000000', '0000000000000000')).toBe(false);
  expect(looksAlike('', '')).toBe(false);
});

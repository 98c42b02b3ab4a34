import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import sharp, { type Sharp } from 'sharp';
import {
  buildName,
  inspectFile,
  isProven,
  planFile,
  proveFile,
  uprightSize,
  valueOf,
  BUILT_IN_SHEETS,
} from '@able-frame/core';
import { makeProfile, RECIPES } from '../../core/src/testing/make-profile.ts';
import { conformPicture, type ConformResult } from './conform-picture.ts';
import { encodeJpeg } from './encode-jpeg.ts';
import { withScope, type Vips } from './engine.ts';
import { startEngineInNode } from './node.ts';
import { openPicture } from './open-picture.ts';
import { resampleToSrgb } from './resample.ts';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

let vips: Vips;
let scratch: string;
beforeAll(async () => {
  vips = await startEngineInNode();
  scratch = await mkdtemp(join(tmpdir(), 'conform-'));
});
afterAll(async () => {
  vips.shutdown();
  await rm(scratch, { recursive: true });
});

const FREE = { maxBytes: undefined, minBytes: undefined, ppi: undefined, scan: 'baseline' as const };

/** A picture whose quarters are red, green, blue and white, clockwise from the upper left. */
function quarters(widthPx: number, heightPx: number): Sharp {
  const raw = Buffer.alloc(widthPx * heightPx * 3);
  for (let y = 0; y < heightPx; y++)
    for (let x = 0; x < widthPx; x++) {
      const right = x >= widthPx / 2;
      const low = y >= heightPx / 2;
      const colour = low ? (right ? [0, 0, 255] : [255, 255, 255]) : right ? [0, 255, 0] : [255, 0, 0];
      raw.set(colour, (y * widthPx + x) * 3);
    }
  return sharp(raw, { raw: { width: widthPx, height: heightPx, channels: 3 } });
}

/** Grain and waves: something that takes bytes to store. */
function texture(widthPx: number, heightPx: number): Sharp {
  const raw = Buffer.alloc(widthPx * heightPx * 3);
  let state = 7;
  for (let i = 0; i < raw.length; i++) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    raw[i] = 128 + 60 * Math.sin(i / 900) + ((state >>> 24) - 128) * 0.3;
  }
  return sharp(raw, { raw: { width: widthPx, height: heightPx, channels: 3 } });
}

function conform(
  bytes: Uint8Array,
  job: Partial<Parameters<typeof conformPicture>[1]['job']> & {
    target: { widthPx: number; heightPx: number };
  },
) {
  const facts = inspectFile(bytes);
  const size = uprightSize(facts) ?? { widthPx: 0, heightPx: 0 };
  const profile = valueOf(facts.profile);
  return conformPicture(
    vips,
    {
      bytes,
      orientation: valueOf(facts.orientation) ?? 1,
      space: profile?.space ?? 'untagged',
      job: { crop: { leftPx: 0, topPx: 0, ...size }, ...FREE, ...job },
    },
    () => undefined,
  );
}

function bytesOf(result: ConformResult): Uint8Array {
  if (result.outcome !== 'made') throw new Error('expected a file');
  return result.file.bytes;
}

async function pixelAt(jpeg: Uint8Array, x: number, y: number): Promise<number[]> {
  const { data, info } = await sharp(jpeg).raw().toBuffer({ resolveWithObject: true });
  return [...data.subarray((y * info.width + x) * info.channels, (y * info.width + x) * info.channels + 3)];
}

const near = (a: readonly number[], b: readonly number[], by = 6) =>
  a.length === b.length && a.every((v, i) => Math.abs(v - (b[i] ?? NaN)) <= by);

describe('conformPicture', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8])(
    'stands upright whatever the orientation tag %i says',
    async orientation => {
      const stored = await quarters(120, 80).withMetadata({ orientation }).jpeg({ quality: 95 }).toBuffer();
      // sharp is the oracle for what upright means.
      const want = await sharp(stored).autoOrient().toBuffer();
      const { width = 0, height = 0 } = await sharp(want).metadata();
      const made = bytesOf(conform(stored, { target: { widthPx: width, heightPx: height } }));
      expect(valueOf(inspectFile(made).orientation)).toBeUndefined();
      for (const [x, y] of [
        [15, 15],
        [width - 15, 15],
        [15, height - 15],
        [width - 15, height - 15],
      ] as const)
        expect(near(await pixelAt(made, x, y), await pixelAt(want, x, y), 8)).toBe(true);
    },
  );

  it.each(['adobe-rgb', 'display-p3', 'srgb'] as const)(
    'keeps colours when it converts from %s',
    async space => {
      const file = join(scratch, `${space}.icc`);
      await writeFile(file, makeProfile(RECIPES[space]));
      const colour = { r: 180, g: 120, b: 60 };
      const tagged = await sharp({ create: { width: 90, height: 60, channels: 3, background: colour } })
        .withIccProfile(file)
        .png()
        .toBuffer();
      expect(valueOf(inspectFile(tagged).profile)?.space).toBe(space);
      const made = bytesOf(conform(tagged, { target: { widthPx: 30, heightPx: 20 } }));
      expect(await pixelAt(made, 15, 10)).toSatisfy((p: number[]) => near(p, [180, 120, 60], 3));
      expect(valueOf(inspectFile(made).profile)?.space).toBe('srgb');
    },
  );

  it('reduces in linear light: black and white lines become a light grey, not a dark one', async () => {
    const raw = Buffer.alloc(400 * 400 * 3);
    for (let i = 0; i < 400 * 400; i++) raw.fill((i % 400) & 1 ? 255 : 0, i * 3, i * 3 + 3);
    const lines = await sharp(raw, { raw: { width: 400, height: 400, channels: 3 } })
      .png()
      .toBuffer();
    const [grey = 0] = await pixelAt(
      bytesOf(conform(lines, { target: { widthPx: 100, heightPx: 100 } })),
      50,
      50,
    );
    // Half the light is level 188 in sRGB; halving the levels would give 128.
    expect(Math.abs(grey - 188)).toBeLessThanOrEqual(2);
  });

  it('takes 16-bit, greyscale and transparent PNG files', async () => {
    const sixteen = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#88aacc' } })
      .toColourspace('rgb16')
      .png()
      .toBuffer();
    expect(valueOf(inspectFile(sixteen).bitDepth)).toBe(16);
    expect(
      near(
        await pixelAt(bytesOf(conform(sixteen, { target: { widthPx: 40, heightPx: 30 } })), 20, 15),
        [0x88, 0xaa, 0xcc],
        3,
      ),
    ).toBe(true);
    const grey = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#909090' } })
      .toColourspace('b-w')
      .png()
      .toBuffer();
    expect(
      near(
        await pixelAt(bytesOf(conform(grey, { target: { widthPx: 40, heightPx: 30 } })), 20, 15),
        [0x90, 0x90, 0x90],
        3,
      ),
    ).toBe(true);
    const clear = await sharp({
      create: { width: 80, height: 60, channels: 4, background: { r: 255, g: 0, b: 0, alpha: 0 } },
    })
      .png()
      .toBuffer();
    expect(
      near(
        await pixelAt(bytesOf(conform(clear, { target: { widthPx: 40, heightPx: 30 } })), 20, 15),
        [255, 255, 255],
        1,
      ),
    ).toBe(true);
  });

  it('finds the highest quality at or under the ceiling, and says when there is none', async () => {
    const source = await texture(600, 400).jpeg({ quality: 98 }).toBuffer();
    const target = { widthPx: 300, heightPx: 200 };
    for (const maxBytes of [40_000, 20_000, 12_000]) {
      const result = conform(source, { target, maxBytes });
      if (result.outcome !== 'made') throw new Error('expected a file');
      expect(result.file.bytes.length).toBeLessThanOrEqual(maxBytes);
      const { quality, fullChroma } = result.file;
      if (quality === 100) continue;
      // The same pipeline one step higher, without a ceiling search, must be too heavy.
      const heavier = reencodeAt(source, target, quality + 1, fullChroma);
      expect(heavier.length).toBeGreaterThan(maxBytes);
    }
    expect(conform(source, { target, maxBytes: 900 })).toMatchObject({ outcome: 'too-heavy', maxBytes: 900 });
  });

  it('writes baseline or progressive, as the job says', async () => {
    const source = await texture(300, 200).jpeg().toBuffer();
    for (const scan of ['baseline', 'progressive'] as const)
      expect(
        valueOf(
          inspectFile(bytesOf(conform(source, { target: { widthPx: 150, heightPx: 100 }, scan }))).scan,
        ),
      ).toBe(scan);
  });

  it('gives the same bytes for the same input', async () => {
    const source = await texture(500, 300).jpeg().toBuffer();
    const once = bytesOf(conform(source, { target: { widthPx: 250, heightPx: 150 }, maxBytes: 30_000 }));
    const again = bytesOf(conform(source, { target: { widthPx: 250, heightPx: 150 }, maxBytes: 30_000 }));
    expect(Buffer.compare(once, again)).toBe(0);
  });

  it('refuses a picture with damaged data instead of filling it with grey', async () => {
    const whole = await texture(600, 400).jpeg().toBuffer();
    expect(() =>
      conform(whole.subarray(0, whole.length >> 1), { target: { widthPx: 300, heightPx: 200 } }),
    ).toThrow();
    const damaged = Buffer.from(whole);
    damaged.fill(0xff, whole.length >> 1, (whole.length >> 1) + 40);
    expect(() => conform(damaged, { target: { widthPx: 300, heightPx: 200 } })).toThrow();
    // The engine lives on.
    expect(conform(whole, { target: { widthPx: 300, heightPx: 200 } }).outcome).toBe('made');
  });

  it.each(BUILT_IN_SHEETS.map(sheet => [sheet.title, sheet] as const))(
    'makes files from a plan that are proven: %s',
    async (_title, sheet) => {
      const deliverable = sheet.deliverables[0]!;
      const built = buildName(deliverable.name, {
        title: 'Winter light',
        sectionCode: sheet.sections[0]?.code,
        placeInSection: 0,
        placeInSubmission: 0,
        details: { 'member-number': '0417', surname: 'Halloway' },
      });
      if (!built.ok) throw new Error('expected a name');
      const { name } = built;
      for (const [w, h] of [
        [3000, 2000],
        [2600, 2000],
        [2400, 3600],
        [5000, 1700],
      ] as const) {
        const source = await texture(w, h).jpeg({ quality: 70 }).toBuffer();
        const plan = planFile(deliverable, {
          source: { widthPx: w, heightPx: h },
          name: { ok: true, name },
          acceptedCut: undefined,
        });
        if (plan.state === 'cannot') throw new Error(plan.state);
        const result = conform(source, plan.job);
        const facts = inspectFile(bytesOf(result));
        const { width = 0, height = 0 } = await sharp(bytesOf(result)).metadata();
        const findings = proveFile({
          deliverable,
          facts,
          fileName: name,
          expectedName: name,
          decode: { outcome: 'decoded', widthPx: width, heightPx: height },
          scale: plan.scale,
          sheet,
        });
        expect(findings.filter(f => f.verdict !== 'met')).toEqual(
          sheet.id === 'greyling-club-round' ? [] : [],
        );
        expect(isProven(findings)).toBe(true);
      }
    },
  );
});

function reencodeAt(
  source: Uint8Array,
  target: { widthPx: number; heightPx: number },
  quality: number,
  fullChroma: boolean,
): Uint8Array {
  return withScope(scope => {
    const opened = openPicture(vips, scope, source, 1);
    const pixels = scope.keep(
      resampleToSrgb(vips, scope, opened, 'untagged', {
        crop: { leftPx: 0, topPx: 0, widthPx: 600, heightPx: 400 },
        target,
      }).copyMemory(),
    );
    return encodeJpeg(pixels, { quality, fullChroma, ppi: 72, scan: 'baseline' });
  });
}

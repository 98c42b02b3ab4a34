import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import sharp, { type Sharp } from 'sharp';
import {
  exampleDetails,
  inspectFile,
  isProven,
  judgeIncoming,
  ppiOf,
  planSubmission,
  proveFile,
  uprightSize,
  valueOf,
  BUILT_IN_SHEETS,
  type ConformJob,
  type OutputSettings,
} from '@able-frame/core';
import { writeProfile, RECIPES } from '../../core/src/colour/write-profile.ts';
import { FREE_OUTPUT } from '../../core/src/testing/whole-job.ts';
import { conformPicture, type ConformResult } from './conform-picture.ts';
import { encodePicture } from './encode.ts';
import { withScope, type Vips } from './engine.ts';
import { startEngineInNode } from './node.ts';
import { openPicture } from './open-picture.ts';
import { resample } from './resample.ts';
import { execFileSync } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
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

const LEVEL = { turns: 0, mirrored: false, levelDeg: 0 } as const;
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

const NAMED = {
  red: [255, 0, 0],
  green: [0, 255, 0],
  blue: [0, 0, 255],
  white: [255, 255, 255],
} as const;

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
  {
    target,
    crop,
    geometry = LEVEL,
    canvas,
    ...output
  }: Partial<OutputSettings> & {
    target: { widthPx: number; heightPx: number };
    crop?: ConformJob['crop'];
    geometry?: ConformJob['geometry'];
    canvas?: ConformJob['canvas'];
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
      job: {
        geometry,
        crop: crop ?? { leftPx: 0, topPx: 0, ...size },
        target,
        canvas,
        output: { ...FREE_OUTPUT, ...output },
      },
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
      await writeFile(file, writeProfile(RECIPES[space]));
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

  it.each([
    [1, false, ['white', 'red', 'green', 'blue']],
    [2, false, ['blue', 'white', 'red', 'green']],
    [3, false, ['green', 'blue', 'white', 'red']],
    [0, true, ['green', 'red', 'white', 'blue']],
    [1, true, ['red', 'white', 'blue', 'green']],
  ] as const)('turns by %i quarters, mirrored %s', async (turns, mirrored, corners) => {
    const source = await quarters(120, 80).png().toBuffer();
    const [widthPx, heightPx] = turns % 2 ? [80, 120] : [120, 80];
    const whole = { widthPx, heightPx };
    const made = bytesOf(
      conform(source, {
        target: whole,
        crop: { leftPx: 0, topPx: 0, ...whole },
        geometry: { turns, mirrored, levelDeg: 0 },
        format: 'png',
      }),
    );
    const places = [
      [5, 5],
      [widthPx - 5, 5],
      [widthPx - 5, heightPx - 5],
      [5, heightPx - 5],
    ] as const;
    for (const [i, [x, y]] of places.entries())
      expect(await pixelAt(made, x, y)).toEqual(NAMED[corners[i] ?? 'red']);
  });

  it('cuts at the pixel that was asked', async () => {
    const raw = Buffer.alloc(100 * 60 * 3);
    // Every pixel says where it is.
    for (let i = 0; i < 100 * 60; i++) raw.set([(i % 100) * 2, Math.floor(i / 100) * 4, 7], i * 3);
    const source = await sharp(raw, { raw: { width: 100, height: 60, channels: 3 } })
      .png()
      .toBuffer();
    const cut = { widthPx: 20, heightPx: 10 };
    const made = bytesOf(
      conform(source, { target: cut, crop: { leftPx: 33, topPx: 21, ...cut }, format: 'png' }),
    );
    expect(await pixelAt(made, 0, 0)).toEqual([66, 84, 7]);
    expect(await pixelAt(made, 19, 9)).toEqual([104, 120, 7]);
  });

  it.each([0.5, -3, 12, -45])('levels by %d degrees: a slanted edge stands upright', async levelDeg => {
    // A dark half plane whose edge goes through the middle and leans the other way.
    const [w, h] = [600, 400];
    const raw = Buffer.alloc(w * h * 3);
    const angle = (levelDeg * Math.PI) / 180;
    for (let y = 0; y < h; y++)
      for (let x = 0; x < w; x++) {
        const along = Math.cos(angle) * (x + 0.5 - w / 2) - Math.sin(angle) * (y + 0.5 - h / 2);
        const level = Math.round(255 * Math.min(1, Math.max(0, along + 0.5)));
        raw.fill(level, (y * w + x) * 3, (y * w + x) * 3 + 3);
      }
    const source = await sharp(raw, { raw: { width: w, height: h, channels: 3 } })
      .png()
      .toBuffer();
    const cut = { widthPx: 200, heightPx: 160 };
    const made = bytesOf(
      conform(source, {
        target: cut,
        crop: { leftPx: w / 2 - 100, topPx: h / 2 - 80, ...cut },
        geometry: { turns: 0, mirrored: false, levelDeg },
        format: 'png',
      }),
    );
    for (const y of [2, 80, 157]) {
      expect((await pixelAt(made, 97, y))[0]).toBeLessThan(30);
      expect((await pixelAt(made, 102, y))[0]).toBeGreaterThan(225);
    }
  });

  it.each(['srgb', 'adobe-rgb', 'grey'] as const)(
    'mounts on canvas of the asked colour in %s',
    async space => {
      const source = await quarters(120, 80).png().toBuffer();
      const made = bytesOf(
        conform(source, {
          target: { widthPx: 60, heightPx: 40 },
          canvas: { widthPx: 100, heightPx: 70, leftPx: 30, topPx: 5, colour: '#3c7850' },
          format: 'png',
          space,
        }),
      );
      expect([inspectFile(made).widthPx, inspectFile(made).heightPx].map(valueOf)).toEqual([100, 70]);
      const [file, srgb] = [join(scratch, 'mount.png'), join(scratch, 'plain-srgb.icc')];
      await writeFile(file, made);
      await writeFile(srgb, writeProfile(RECIPES.srgb));
      const seen = [
        ...execFileSync('convert', [file, '-profile', srgb, '-depth', '8', '-crop', '1x1+95+65', 'rgb:-']),
      ];
      if (space === 'grey') expect(Math.max(...seen) - Math.min(...seen)).toBeLessThanOrEqual(1);
      else expect(near(seen, [0x3c, 0x78, 0x50], 2)).toBe(true);
      const [red] = await pixelAt(made, 32, 7);
      expect(red).not.toBe(seen[0]);
    },
  );

  it.each([
    ['a TIFF of 16 bits', (s: Sharp) => s.toColourspace('rgb16').tiff({ compression: 'deflate' })],
    ['a TIFF with LZW', (s: Sharp) => s.tiff({ compression: 'lzw' })],
    ['a tiled TIFF', (s: Sharp) => s.tiff({ tile: true, tileWidth: 32, tileHeight: 32 })],
    ['a WebP', (s: Sharp) => s.webp({ quality: 95 })],
    ['a lossless WebP', (s: Sharp) => s.webp({ lossless: true })],
    ['printing inks in a TIFF', (s: Sharp) => s.toColourspace('cmyk').tiff()],
    ['printing inks in a JPEG', (s: Sharp) => s.toColourspace('cmyk').jpeg({ quality: 95 })],
    ['a palette', (s: Sharp) => s.png({ palette: true })],
  ])('takes %s', async (_, write) => {
    const colour = { r: 180, g: 120, b: 60 };
    const flat = sharp({ create: { width: 80, height: 60, channels: 3, background: colour } });
    const source = await write(flat).toBuffer();
    expect(judgeIncoming(inspectFile(source), 'x.jpg').taken).toBe(true);
    const made = bytesOf(conform(source, { target: { widthPx: 40, heightPx: 30 } }));
    // Inks go through a profile there and back, which moves a colour by some levels.
    expect(await pixelAt(made, 20, 15)).toSatisfy((p: number[]) => near(p, [180, 120, 60], 12));
  });

  it('finds the highest quality at or under the ceiling, and says when there is none', async () => {
    const source = await texture(600, 400).jpeg({ quality: 98 }).toBuffer();
    const target = { widthPx: 300, heightPx: 200 };
    for (const maxBytes of [40_000, 20_000, 12_000]) {
      const result = conform(source, { target, maxBytes });
      if (result.outcome !== 'made') throw new Error('expected a file');
      expect(result.file.bytes.length).toBeLessThanOrEqual(maxBytes);
      const { quality = 100, fullChroma } = result.file;
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

  it.each([
    ['jpeg', 8, 'adobe-rgb'],
    ['jpeg', 8, 'grey'],
    ['png', 16, 'display-p3'],
    ['png', 8, 'grey'],
    ['tiff', 16, 'prophoto'],
    ['tiff', 8, 'srgb'],
    ['webp', 8, 'srgb'],
  ] as const)('writes %s with %i bits in %s', async (format, bitDepth, space) => {
    const source = await quarters(120, 80).withIccProfile('srgb').png().toBuffer();
    const target = { widthPx: 60, heightPx: 40 };
    const made = bytesOf(conform(source, { target, format, bitDepth, space, ppi: 300 }));
    const facts = inspectFile(made);
    expect([facts.format, valueOf(facts.bitDepth)]).toEqual([format, bitDepth]);
    expect(valueOf(facts.components)).toBe(space === 'grey' ? 1 : 3);
    const profile = valueOf(facts.profile);
    expect(space === 'grey' ? profile?.dataSpace : profile?.space).toBe(space === 'grey' ? 'GRAY' : space);
    const density = valueOf(facts.density) ?? valueOf(facts.exifDensity);
    expect(density && ppiOf(density)?.x).toBeCloseTo(300, 1);
    // Another program, converting by the embedded profile, sees the colours that went in.
    const [file, srgb] = [join(scratch, `colour.${format}`), join(scratch, 'plain-srgb.icc')];
    await writeFile(file, made);
    await writeFile(srgb, writeProfile(RECIPES.srgb));
    const seen = execFileSync('convert', [
      `${format}:${file}`,
      '-profile',
      srgb,
      '-depth',
      '8',
      '-crop',
      '1x1+10+10',
      'rgb:-',
    ]);
    if (space === 'grey') expect(near([...seen.subarray(0, 1)], [130], 2)).toBe(true);
    else expect(near([...seen], [255, 0, 0], 8)).toBe(true);
  });

  it('keeps sixteen bits that were there: a slow ramp has more than 256 levels', async () => {
    const ramp = new Uint16Array(1600 * 8 * 3);
    for (let i = 0; i < ramp.length; i++) ramp[i] = 20_000 + Math.floor((i % 4800) / 3) * 10;
    const file = vips.Image.newFromMemory(ramp, 1600, 8, 3, vips.BandFormat.ushort);
    const source = file.copy({ interpretation: 'rgb16' }).writeToBuffer('.png');
    const target = { widthPx: 800, heightPx: 4 };
    for (const [bitDepth, least, most] of [
      [16, 700, 800],
      [8, 60, 70],
    ] as const) {
      const made = bytesOf(conform(source, { target, format: 'tiff', bitDepth }));
      const { data } = await sharp(made)
        .toColourspace('rgb16')
        .raw({ depth: 'ushort' })
        .toBuffer({ resolveWithObject: true });
      const levels = new Set(new Uint16Array(data.buffer, data.byteOffset, 800 * 3));
      expect(levels.size).toBeGreaterThan(least);
      expect(levels.size).toBeLessThanOrEqual(most);
    }
  });

  it('makes a picture neutral in every pixel, in a file of three channels', async () => {
    const source = await quarters(120, 80).withIccProfile('srgb').png().toBuffer();
    for (const space of ['srgb', 'adobe-rgb', 'display-p3'] as const) {
      const made = bytesOf(conform(source, { target: { widthPx: 60, heightPx: 40 }, neutral: true, space }));
      expect(valueOf(inspectFile(made).components)).toBe(3);
      expect(valueOf(inspectFile(made).profile)?.space).toBe(space);
      expect(await hueOf(made)).toBe(0);
    }
  });

  it('writes author and copyright in any script, and carries over only what is asked', async () => {
    const file = join(scratch, 'camera.jpg');
    await writeFile(file, await texture(120, 80).jpeg().toBuffer());
    execFileSync('exiftool', [
      '-q',
      '-overwrite_original',
      '-EXIF:Make=Boxer',
      '-EXIF:Model=Two',
      '-EXIF:Artist=Somebody Else',
      '-EXIF:DateTimeOriginal=2026:11:01 10:00:00',
      '-EXIF:GPSLatitude=51',
      '-EXIF:GPSLatitudeRef=N',
      '-EXIF:Orientation#=6',
      '-XMP-dc:Creator=Somebody Else',
      file,
    ]);
    const source = new Uint8Array(await readFile(file));
    const target = { widthPx: 40, heightPx: 60 };
    const nothing = { author: undefined, copyright: undefined, camera: false, location: false };
    for (const format of ['jpeg', 'png', 'tiff', 'webp'] as const) {
      const plain = inspectFile(bytesOf(conform(source, { target, format })));
      expect([plain.author, plain.camera, plain.location, plain.notes].map(f => f.state)).toEqual(
        Array(4).fill('absent'),
      );
      const metadata = {
        ...nothing,
        author: 'Małgorzata “Gosia” Øst & Co',
        copyright: '© 2026',
        camera: true,
      };
      const full = inspectFile(bytesOf(conform(source, { target, format, metadata })));
      expect([full.author, full.copyright, full.camera].map(valueOf)).toEqual([
        'Małgorzata “Gosia” Øst & Co',
        '© 2026',
        'Boxer Two',
      ]);
      expect([full.location.state, valueOf(full.orientation) ?? 1]).toEqual(['absent', 1]);
      if (format === 'tiff') continue;
      const placed = inspectFile(
        bytesOf(conform(source, { target, format, metadata: { ...nothing, location: true } })),
      );
      expect([placed.location.state, placed.camera.state, placed.author.state]).toEqual([
        'present',
        'absent',
        'absent',
      ]);
    }
  });

  it('keeps to a least quality, and says when that is too heavy', async () => {
    const source = await texture(600, 400).jpeg({ quality: 98 }).toBuffer();
    const target = { widthPx: 300, heightPx: 200 };
    const good = bytesOf(conform(source, { target, leastQuality: 92, fullChroma: true }));
    expect(valueOf(inspectFile(good).quality)).toBeGreaterThanOrEqual(92);
    expect(valueOf(inspectFile(good).chroma)).toBe('4:4:4');
    expect(conform(source, { target, leastQuality: 92, fullChroma: true, maxBytes: 9000 }).outcome).toBe(
      'too-heavy',
    );
    const reached = conform(source, { target, minBytes: good.length });
    expect(bytesOf(reached).length).toBeGreaterThanOrEqual(good.length);
  });

  it.each(BUILT_IN_SHEETS.map(sheet => [sheet.title, sheet] as const))(
    'makes files from a plan that are proven: %s',
    async (_title, sheet) => {
      const details = exampleDetails(sheet);
      const proven = new Set<string>();
      for (const [i, { widthPx, heightPx, source }] of (await sourcesOfManyShapes()).entries()) {
        const sectionCode = sheet.sections[i % Math.max(1, sheet.sections.length)]?.code;
        const picture = {
          id: 'a',
          title: 'Winter light',
          sectionCode,
          source: { widthPx, heightPx },
          takenOn: '2026-11-01',
        };
        for (const { plan, deliverableId } of planSubmission(sheet, details, [picture])) {
          const deliverable = sheet.deliverables.find(d => d.id === deliverableId);
          if (!plan || plan.state === 'cannot' || !deliverable || plan.name === undefined) continue;
          const bytes = bytesOf(conform(source, { ...plan.job, ...plan.job.output }));
          const { width = 0, height = 0 } = await sharp(bytes).metadata();
          const findings = proveFile({
            deliverable,
            facts: inspectFile(bytes),
            fileName: plan.name,
            expectedName: plan.name,
            decode: { outcome: 'decoded', widthPx: width, heightPx: height, hue: await hueOf(bytes) },
            scale: plan.scale,
            source: picture.source,
            sheet,
            isOurs: true,
            expectedTexts: { author: details['name'], copyright: details['copyright'] },
            inMonochromeSection: sheet.sections.find(s => s.code === sectionCode)?.picture === 'monochrome',
          });
          expect(findings.filter(f => f.verdict !== 'met' && f.asked.level === 'must')).toEqual([]);
          expect(isProven(findings)).toBe(true);
          proven.add(deliverableId);
        }
      }
      expect([...proven].sort()).toEqual(sheet.deliverables.map(d => d.id).sort());
    },
  );
});

/** Enough shapes and sizes that every sheet finds one it can use. Drawn once: every sheet is given the same. */
let drawn: Promise<{ widthPx: number; heightPx: number; source: Uint8Array }[]> | undefined;
function sourcesOfManyShapes() {
  const sizes = [
    [3000, 2000],
    [2600, 2000],
    [2400, 3600],
    [3800, 1010],
  ] as const;
  drawn ??= Promise.all(
    sizes.map(async ([widthPx, heightPx]) => ({
      widthPx,
      heightPx,
      source: await texture(widthPx, heightPx).jpeg({ quality: 70 }).toBuffer(),
    })),
  );
  return drawn;
}

/** Greatest difference between the channels of any pixel. */
async function hueOf(bytes: Uint8Array): Promise<number> {
  const { data, info } = await sharp(bytes, { ignoreIcc: true }).raw().toBuffer({ resolveWithObject: true });
  if (info.channels < 3) return 0;
  let hue = 0;
  for (let i = 0; i < data.length; i += info.channels) {
    const [r, g, b] = [data[i] ?? 0, data[i + 1] ?? 0, data[i + 2] ?? 0];
    hue = Math.max(hue, Math.max(r, g, b) - Math.min(r, g, b));
  }
  return hue;
}

function reencodeAt(
  source: Uint8Array,
  target: { widthPx: number; heightPx: number },
  quality: number,
  fullChroma: boolean,
): Uint8Array {
  return withScope(scope => {
    const opened = openPicture(vips, scope, source, 1);
    const pixels = scope.keep(
      resample(vips, scope, opened, 'untagged', {
        crop: { leftPx: 0, topPx: 0, widthPx: 600, heightPx: 400 },
        target,
        geometry: LEVEL,
        output: FREE_OUTPUT,
      }).copyMemory(),
    );
    return encodePicture(
      vips,
      pixels,
      FREE_OUTPUT,
      { exif: false, xmp: undefined },
      { quality, fullChroma, effort: 0 },
    );
  });
}

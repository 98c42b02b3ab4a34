import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import sharp, { type Sharp } from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeProfile, RECIPES } from '../colour/write-profile.ts';
import { ppiOf } from './density.ts';
import { uprightSize, valueOf, type FileFacts } from './facts.ts';
import { inspectFile } from './inspect-file.ts';

/** Files come from other tools, and what they hold is read by other tools as well. */

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'inspect-'));
});
afterAll(() => rmSync(folder, { recursive: true }));

function picture(): Sharp {
  const raw = Buffer.from(Uint8Array.from({ length: 90 * 60 * 3 }, (_, i) => (i * 7919) % 251));
  return sharp(raw, { raw: { width: 90, height: 60, channels: 3 } });
}

function exiftool(
  bytes: Uint8Array,
  name: string,
  ...changes: string[]
): { bytes: Uint8Array; tags: Record<string, unknown> } {
  const file = join(folder, name);
  writeFileSync(file, bytes);
  if (changes.length) execFileSync('exiftool', ['-q', '-overwrite_original', ...changes, file]);
  const [tags] = JSON.parse(
    execFileSync('exiftool', ['-j', '-n', '-G0', file], { encoding: 'utf8' }),
  ) as Record<string, unknown>[];
  return { bytes: new Uint8Array(execFileSync('cat', [file])), tags: tags ?? {} };
}

describe('a JPEG', () => {
  it.each([
    ['4:2:0', false, 'baseline'],
    ['4:4:4', true, 'progressive'],
  ] as const)('with chroma %s: agrees with another reader', async (chromaSubsampling, progressive, scan) => {
    const jpeg = await picture()
      .withMetadata({ density: 300 })
      .jpeg({ chromaSubsampling, progressive })
      .toBuffer();
    const { tags } = exiftool(jpeg, 'plain.jpg');
    const facts = inspectFile(jpeg);
    expect(valueOf(facts.widthPx)).toBe(tags['File:ImageWidth']);
    expect(valueOf(facts.heightPx)).toBe(tags['File:ImageHeight']);
    expect(valueOf(facts.bitDepth)).toBe(tags['File:BitsPerSample']);
    expect(valueOf(facts.components)).toBe(tags['File:ColorComponents']);
    expect(valueOf(facts.chroma)).toBe(chromaSubsampling);
    expect(valueOf(facts.scan)).toBe(scan);
    expect(valueOf(facts.density) ?? valueOf(facts.exifDensity)).toMatchObject({
      x: 300,
      y: 300,
      unit: 'inch',
    });
    expect(facts.complete.state).toBe('present');
    expect(facts.trailingBytes.state).toBe('absent');
  });

  it('tells density units apart', async () => {
    const jpeg = exiftool(
      await picture().jpeg().toBuffer(),
      'cm.jpg',
      '-JFIF:ResolutionUnit=cm',
      '-JFIF:XResolution=118',
      '-JFIF:YResolution=118',
    ).bytes;
    const density = valueOf(inspectFile(jpeg).density);
    expect(density).toEqual({ x: 118, y: 118, unit: 'centimetre' });
    expect(density && ppiOf(density)).toEqual({ x: 299.72, y: 299.72 });
  });

  it.each([
    [
      'EXIF',
      [
        '-EXIF:Artist=Wren Halloway',
        '-EXIF:Copyright=2026',
        '-EXIF:DateTimeOriginal=2026:11:01 10:00:00',
        '-EXIF:GPSLatitude=51',
        '-EXIF:GPSLatitudeRef=N',
      ],
    ],
    ['XMP', ['-XMP-dc:Creator=Wren Halloway', '-XMP-dc:Rights=2026', '-XMP-exif:GPSLatitude=51']],
  ])('finds author, copyright and location in %s', async (_, changes) => {
    const facts = inspectFile(exiftool(await picture().jpeg().toBuffer(), 'notes.jpg', ...changes).bytes);
    expect(valueOf(facts.author)).toBe('Wren Halloway');
    expect(valueOf(facts.copyright)).toBe('2026');
    expect(facts.location.state).toBe('present');
  });

  it('finds an author in IPTC, and none in a clean file', async () => {
    const clean = await picture().jpeg().toBuffer();
    expect(inspectFile(clean).author.state).toBe('absent');
    expect(inspectFile(clean).location.state).toBe('absent');
    expect(
      valueOf(inspectFile(exiftool(clean, 'iptc.jpg', '-IPTC:By-line=Wren Halloway').bytes).author),
    ).toBe('Wren Halloway');
  });

  it('knows which way up it belongs', async () => {
    const facts = inspectFile(await picture().withMetadata({ orientation: 6 }).jpeg().toBuffer());
    expect(valueOf(facts.orientation)).toBe(6);
    expect(uprightSize(facts)).toEqual({ widthPx: 60, heightPx: 90 });
  });

  it('counts bytes after the end, and notices a missing end', async () => {
    const jpeg = await picture().jpeg().toBuffer();
    expect(valueOf(inspectFile(Buffer.concat([jpeg, Buffer.from('hello')])).trailingBytes)).toBe(5);
    expect(inspectFile(jpeg.subarray(0, jpeg.length - 40)).complete.state).toBe('unreadable');
  });

  it('says unreadable, not absent, when the EXIF block is damaged', async () => {
    const { bytes } = exiftool(await picture().jpeg().toBuffer(), 'hurt.jpg', '-EXIF:Artist=Wren Halloway');
    const at = Buffer.from(bytes).indexOf('Exif\0\0');
    bytes.set([0x58, 0x58], at + 6);
    expect(inspectFile(bytes).author.state).toBe('unreadable');
    expect(inspectFile(bytes).location.state).toBe('unreadable');
  });
});

describe('a colour profile', () => {
  it.each(['srgb', 'adobe-rgb', 'display-p3'] as const)('is recognised by its numbers: %s', async space => {
    const file = join(folder, `${space}.icc`);
    // Named as something it is not: the name must not matter.
    writeFileSync(file, writeProfile({ ...RECIPES[space], description: 'sRGB IEC61966-2.1' }));
    for (const bytes of [
      await picture().withIccProfile(file).jpeg().toBuffer(),
      await picture().withIccProfile(file).png().toBuffer(),
    ])
      expect(valueOf(inspectFile(bytes).profile)).toMatchObject({ space, description: 'sRGB IEC61966-2.1' });
  });

  it('of other makers is recognised as well', async () => {
    expect(
      valueOf(inspectFile(await picture().withIccProfile('srgb').jpeg().toBuffer()).profile)?.space,
    ).toBe('srgb');
    expect(valueOf(inspectFile(await picture().withIccProfile('p3').jpeg().toBuffer()).profile)?.space).toBe(
      'display-p3',
    );
  });

  it('with one colorant or another curve is not sRGB', () => {
    const odd = [
      { ...RECIPES.srgb, red: [0.45, 0.2225, 0.0139] as const },
      { ...RECIPES.srgb, curve: 1.8 },
    ];
    for (const recipe of odd) expect(inspectProfile(writeProfile(recipe))).toBe('other');
    expect(inspectProfile(writeProfile(RECIPES.srgb))).toBe('srgb');
  });

  it('that is junk is unreadable', () => {
    expect(inspectProfile(new Uint8Array(300))).toBe('unreadable');
  });
});

/** Wraps a profile into the shortest JPEG that can carry it. */
function inspectProfile(profile: Uint8Array): string {
  const length = profile.length + 16;
  const head = [0xff, 0xd8, 0xff, 0xe2, length >> 8, length & 0xff, ...Buffer.from('ICC_PROFILE\0'), 1, 1];
  const fact = inspectFile(Uint8Array.from([...head, ...profile, 0xff, 0xd9])).profile;
  return fact.state === 'present' ? fact.value.space : fact.state;
}

describe('a PNG', () => {
  it.each([
    ['srgb', 8, 3],
    ['rgb16', 16, 3],
    ['b-w', 8, 1],
  ])('in %s: %i bits, %i components', async (space, bits, components) => {
    const facts = inspectFile(await picture().toColourspace(space).png().toBuffer());
    expect(facts).toMatchObject({ format: 'png', widthPx: { value: 90 }, heightPx: { value: 60 } });
    expect(valueOf(facts.bitDepth)).toBe(bits);
    expect(valueOf(facts.components)).toBe(components);
    expect(facts.complete.state).toBe('present');
  });

  it('keeps density per metre', async () => {
    const density = valueOf(
      inspectFile(await picture().withMetadata({ density: 300 }).png().toBuffer()).density,
    );
    expect(density).toMatchObject({ x: 11811, unit: 'metre' });
  });

  it('with one flipped bit is noticed by its checksum', async () => {
    const png = await picture().png().toBuffer();
    png[png.length - 40]! ^= 1;
    expect(inspectFile(png).complete.state).toBe('unreadable');
  });
});

describe('a TIFF', () => {
  it.each([
    ['srgb', 8, 3, 'none'],
    ['srgb', 8, 3, 'lzw'],
    ['rgb16', 16, 3, 'deflate'],
    ['b-w', 8, 1, 'none'],
    ['cmyk', 8, 4, 'none'],
  ] as const)('in %s: %i bits, %i components, %s', async (space, bits, components, compression) => {
    const tiff = await picture()
      .toColourspace(space)
      .tiff({ compression, xres: 300 / 25.4, yres: 300 / 25.4 })
      .toBuffer();
    const facts = inspectFile(tiff);
    const { tags } = exiftool(tiff, 'plain.tif');
    expect(valueOf(facts.widthPx)).toBe(tags['EXIF:ImageWidth']);
    expect(valueOf(facts.heightPx)).toBe(tags['EXIF:ImageHeight']);
    expect([valueOf(facts.bitDepth), valueOf(facts.components)]).toEqual([bits, components]);
    const density = valueOf(facts.density);
    expect(density && ppiOf(density)?.x).toBeCloseTo(300, 1);
    expect([facts.complete.state, facts.hasAlpha, facts.pages]).toEqual(['present', false, 1]);
  });

  it('tells profile, author, camera and position', async () => {
    const { bytes } = exiftool(
      await picture().withIccProfile('p3').tiff().toBuffer(),
      'notes.tif',
      '-EXIF:Artist=Wren Halloway',
      '-EXIF:Make=Boxer',
      '-EXIF:Model=Two',
      '-XMP-dc:Rights=2026',
      '-XMP-dc:Title=Fog over the bar',
      '-EXIF:GPSLatitude=51',
      '-EXIF:GPSLatitudeRef=N',
    );
    const facts = inspectFile(bytes);
    expect(valueOf(facts.profile)?.space).toBe('display-p3');
    expect([facts.author, facts.camera, facts.copyright].map(valueOf)).toEqual([
      'Wren Halloway',
      'Boxer Two',
      '2026',
    ]);
    expect(valueOf(facts.title)).toBe('Fog over the bar');
    expect([facts.location.state, facts.notes.state]).toEqual(['present', 'present']);
  });

  it('made by another program, with the other byte order and tiles, reads alike', () => {
    const file = join(folder, 'tiles.tif');
    execFileSync('convert', [
      '-size',
      '300x200',
      'gradient:red-blue',
      '-depth',
      '16',
      '-endian',
      'MSB',
      '-define',
      'tiff:tile-geometry=64x64',
      '-units',
      'PixelsPerInch',
      '-density',
      '240',
      file,
    ]);
    const facts = inspectFile(new Uint8Array(readFileSync(file)));
    expect([facts.widthPx, facts.heightPx, facts.bitDepth].map(valueOf)).toEqual([300, 200, 16]);
    expect(facts.complete.state).toBe('present');
    expect(valueOf(facts.density)).toMatchObject({ x: 240, unit: 'inch' });
  });

  it('of a camera, which shows a small preview first, is camera raw and no picture of that size', async () => {
    const { bytes } = exiftool(
      await picture().tiff({ compression: 'none' }).toBuffer(),
      'raw.tif',
      '-IFD0:SubfileType#=1',
    );
    expect(inspectFile(bytes).format).toBe('camera-raw');
    expect(inspectFile(await picture().tiff().toBuffer()).format).toBe('tiff');
  });

  it('that was cut short, or holds more pages, is noticed', async () => {
    const tiff = new Uint8Array(await picture().tiff({ compression: 'none' }).toBuffer());
    expect(inspectFile(tiff.subarray(0, 900)).complete.state).toBe('unreadable');
    const pages = join(folder, 'pages.tif');
    execFileSync('convert', ['-size', '20x10', 'xc:red', 'xc:blue', pages]);
    expect(inspectFile(new Uint8Array(readFileSync(pages))).pages).toBe(2);
  });
});

describe('a WebP', () => {
  it.each([
    ['lossy', {}],
    ['lossless', { lossless: true }],
  ])('%s', async (_, options) => {
    const facts = inspectFile(await picture().withIccProfile('p3').webp(options).toBuffer());
    expect([facts.widthPx, facts.heightPx, facts.bitDepth, facts.components].map(valueOf)).toEqual([
      90, 60, 8, 3,
    ]);
    expect(valueOf(facts.profile)?.space).toBe('display-p3');
    expect([facts.complete.state, facts.animated, facts.hasAlpha]).toEqual(['present', false, false]);
  });

  it('without its extended header, with notes, and cut short', async () => {
    const plain = await picture().webp().toBuffer();
    expect(valueOf(inspectFile(plain).widthPx)).toBe(90);
    expect(inspectFile(plain).notes.state).toBe('absent');
    expect(inspectFile(plain.subarray(0, plain.length - 30)).complete.state).toBe('unreadable');
    const { bytes } = exiftool(plain, 'notes.webp', '-EXIF:Artist=Wren Halloway', '-XMP-dc:Rights=2026');
    const facts = inspectFile(bytes);
    expect([facts.author, facts.copyright].map(valueOf)).toEqual(['Wren Halloway', '2026']);
    expect(facts.notes.state).toBe('present');
  });
});

describe('the quality of a JPEG', () => {
  it.each([12, 40, 50, 75, 90, 95, 100])('is read from its tables: %i', async quality => {
    const jpeg = await picture().jpeg({ quality }).toBuffer();
    expect(valueOf(inspectFile(jpeg).quality)).toBe(quality);
    const file = join(folder, 'quality.jpg');
    writeFileSync(file, jpeg);
    const other = execFileSync('identify', ['-format', '%Q', file], { encoding: 'utf8' });
    expect(Math.abs(Number(other) - quality)).toBeLessThanOrEqual(1);
  });
});

describe('other files', () => {
  it.each([
    ['', 'unknown'],
    ['GIF89a........', 'gif'],
    ['%PDF-1.7', 'pdf'],
    ['Dear secretary, here is my picture', 'text'],
    ['\0\0\0\x18ftypheic\0\0\0\0', 'heic'],
    ['\0\0\0\x18ftypisom\0\0\0\0', 'video'],
  ])('%j is %s', (text, format) => {
    expect(inspectFile(Buffer.from(text, 'latin1')).format).toBe(format);
  });

  it('never throws, whatever is done to a file', async () => {
    const seeds = [
      await picture().withMetadata({ orientation: 6, density: 300 }).withIccProfile('p3').jpeg().toBuffer(),
      await picture().withIccProfile('p3').png().toBuffer(),
      await picture().withIccProfile('p3').webp().toBuffer(),
      await picture().withIccProfile('p3').withMetadata({ density: 300 }).tiff().toBuffer(),
      exiftool(
        await picture().jpeg().toBuffer(),
        'seed.jpg',
        '-XMP-dc:Creator=A',
        '-EXIF:Artist=B',
        '-IPTC:By-line=C',
      ).bytes,
    ];
    const change = fc.record({ at: fc.nat(), byte: fc.nat(255) });
    fc.assert(
      fc.property(
        fc.constantFrom(...seeds),
        fc.array(change, { maxLength: 12 }),
        fc.nat(),
        (seed, changes, cut) => {
          const bytes = Uint8Array.from(seed.subarray(0, cut % 3 ? seed.length : cut % seed.length));
          if (bytes.length) for (const { at, byte } of changes) bytes[at % bytes.length] = byte;
          const facts: FileFacts = inspectFile(bytes);
          expect(facts.sizeBytes).toBe(bytes.length);
        },
      ),
      { numRuns: 3000 },
    );
  });
});

import type { OutputFormat, OutputSettings } from '@able-frame/core';
import { profilePath } from './colour-profiles.ts';
import type { Image, Vips } from './engine.ts';
import { writeDensity } from './jpeg-density.ts';
import { writePngXmp } from './png-xmp.ts';

/** What an encoder may still choose after the rules have spoken. */
export interface Encoding {
  /** 1 to 100; formats without loss have none. */
  quality: number;
  /** Whether colour is stored at full resolution (4:4:4) or at half in both directions (4:2:0). */
  fullChroma: boolean;
  /** 0: as fast as usual; 1: as small as it can be made. Only for formats without loss. */
  effort: 0 | 1;
}

/** The density where nobody asks for one, since some viewers divide by it. */
const USUAL_PPI = 72;
const MM_PER_INCH = 25.4;

/** Blocks of notes that an image carries and that are to be written. */
export interface Notes {
  exif: boolean;
  /** The packet as text. */
  xmp: string | undefined;
}

/**
 * Encodes finished pixels. The bytes are final: a ceiling is compared with exactly these.
 * @param image in the colours and the depth that `output` names
 */
export function encodePicture(
  vips: Vips,
  image: Image,
  output: OutputSettings,
  notes: Notes,
  encoding: Encoding,
): Uint8Array {
  const ppi = output.ppi ?? USUAL_PPI;
  // WebP holds a density in an EXIF block alone, so one is written only where a rule asks for it.
  const needsExif = output.format === 'webp' && output.ppi !== undefined;
  const xmpByEngine = notes.xmp !== undefined && output.format !== 'png';
  const kept = [
    ...(output.embedProfile ? ['icc'] : []),
    ...(notes.exif || needsExif ? ['exif'] : []),
    ...(xmpByEngine ? ['xmp'] : []),
  ];
  const dense = image.copy({ xres: ppi / MM_PER_INCH, yres: ppi / MM_PER_INCH });
  try {
    dense.setString('resolution-unit', 'in');
    const bytes = dense.writeToBuffer(SUFFIXES[output.format], {
      ...OPTIONS[output.format](output, encoding),
      keep: kept.join('|') || 'none',
      ...(output.embedProfile ? { profile: profilePath(vips, output.space) } : {}),
    });
    if (output.format === 'jpeg') return writeDensity(bytes, ppi);
    return output.format === 'png' && notes.xmp !== undefined ? writePngXmp(bytes, notes.xmp) : bytes;
  } finally {
    dense.delete();
  }
}

const SUFFIXES: Readonly<Record<OutputFormat, string>> = {
  jpeg: '.jpg',
  png: '.png',
  tiff: '.tif',
  webp: '.webp',
};

type Options = Record<string, string | number | boolean>;

const OPTIONS: Readonly<Record<OutputFormat, (output: OutputSettings, encoding: Encoding) => Options>> = {
  jpeg: ({ scan }, { quality, fullChroma }) => ({
    Q: quality,
    subsample_mode: fullChroma ? 'off' : 'on',
    interlace: scan === 'progressive',
    optimize_coding: true,
  }),
  png: (_, { effort }) => ({ compression: effort ? 9 : 6 }),
  // LZW is what the oldest program on a printer's desk can read; deflate is smaller.
  tiff: (_, { effort }) => ({
    compression: effort ? 'deflate' : 'lzw',
    predictor: 'horizontal',
    resunit: 'inch',
  }),
  webp: (_, { quality, fullChroma }) => ({ Q: quality, smart_subsample: fullChroma, effort: 4 }),
};

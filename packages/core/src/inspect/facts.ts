/** Where in the file something was read. Offsets count bytes from the start of the file. */
export interface Place {
  offset: number;
  length: number;
  /** The structure's name in its standard: "SOF0", "APP0 JFIF", "IHDR". */
  structure: string;
}

/**
 * A fact knows three states. Unreadable is not absent: a rule that asks for a thing to be missing is not met by
 * a thing that could not be read.
 */
export type Fact<T> =
  | { state: 'present'; value: T; at: Place }
  | { state: 'absent' }
  | { state: 'unreadable'; why: string; at?: Place };

export const ABSENT = { state: 'absent' } as const;

export function present<T>(value: T, at: Place): Fact<T> {
  return { state: 'present', value, at };
}

export function unreadable(why: string, at?: Place): { state: 'unreadable'; why: string; at?: Place } {
  return at ? { state: 'unreadable', why, at } : { state: 'unreadable', why };
}

export type FileFormat =
  'jpeg' | 'png' | 'gif' | 'tiff' | 'webp' | 'heic' | 'pdf' | 'video' | 'camera-raw' | 'text' | 'unknown';

export interface Density {
  x: number;
  y: number;
  /** `none`: the numbers only give the shape of a pixel. */
  unit: 'inch' | 'centimetre' | 'metre' | 'none';
}

export interface ColourProfile {
  /** The profile's own description; a name, not evidence. */
  description: string;
  /** Which known space its numbers make it, whatever it is called. */
  space: KnownSpace;
  /** Header signature: `RGB `, `GRAY`, `CMYK`. */
  dataSpace: string;
  sizeBytes: number;
}

export type KnownSpace = 'srgb' | 'adobe-rgb' | 'display-p3' | 'prophoto' | 'other';

/** Everything measured from the bytes of one finished or incoming file. */
export interface FileFacts {
  sizeBytes: number;
  format: FileFormat;
  /** More than one frame in time. */
  animated: boolean;
  /** Pictures in one file; 2 stands for two or more. */
  pages: number;
  /** The stored size, before any orientation tag is applied. */
  widthPx: Fact<number>;
  heightPx: Fact<number>;
  /** Colour channels without transparency: 1 grey, 3 colour, 4 ink. */
  components: Fact<number>;
  hasAlpha: boolean;
  bitDepth: Fact<number>;
  scan: Fact<'baseline' | 'extended' | 'progressive' | 'lossless'>;
  /** JPEG quality on the scale of 1 to 100, from the quantisation table. */
  quality: Fact<number>;
  chroma: Fact<'4:4:4' | '4:2:2' | '4:2:0' | '4:4:0' | 'other'>;
  /** From the JFIF header (JPEG) or pHYs (PNG). */
  density: Fact<Density>;
  exifDensity: Fact<Density>;
  /** EXIF orientation, 1 to 8. */
  orientation: Fact<number>;
  profile: Fact<ColourProfile>;
  /** PNG's own statement that the samples are sRGB. */
  srgbChunk: Fact<true>;
  location: Fact<string>;
  author: Fact<string>;
  copyright: Fact<string>;
  dateTaken: Fact<string>;
  /** Maker and model of the camera. */
  camera: Fact<string>;
  /** The picture's own title, where somebody gave it one. */
  title: Fact<string>;
  /** Focal length in mm as it would be on a 24 × 36 mm picture. */
  focal35Mm: Fact<number>;
  /** Any block of notes about the picture (EXIF, XMP, IPTC, comments), by its name. */
  notes: Fact<string>;
  /** Bytes after the picture's end. */
  trailingBytes: Fact<number>;
  /** Whether the structure is whole from its first byte to its end mark. */
  complete: Fact<true>;
}

/** All facts absent, to be filled in by a reader. */
export function noFacts(format: FileFormat, sizeBytes: number): FileFacts {
  return {
    sizeBytes,
    format,
    animated: false,
    pages: 1,
    widthPx: ABSENT,
    heightPx: ABSENT,
    components: ABSENT,
    hasAlpha: false,
    bitDepth: ABSENT,
    scan: ABSENT,
    quality: ABSENT,
    chroma: ABSENT,
    density: ABSENT,
    exifDensity: ABSENT,
    orientation: ABSENT,
    profile: ABSENT,
    srgbChunk: ABSENT,
    location: ABSENT,
    author: ABSENT,
    copyright: ABSENT,
    dateTaken: ABSENT,
    camera: ABSENT,
    focal35Mm: ABSENT,
    title: ABSENT,
    notes: ABSENT,
    trailingBytes: ABSENT,
    complete: ABSENT,
  };
}

/** The value of a fact, or undefined when it is absent or unreadable. */
export function valueOf<T>(fact: Fact<T>): T | undefined {
  return fact.state === 'present' ? fact.value : undefined;
}

/** Size as a viewer shows it, with orientation applied; undefined when the header gives none. */
export function uprightSize(facts: FileFacts): { widthPx: number; heightPx: number } | undefined {
  const widthPx = valueOf(facts.widthPx);
  const heightPx = valueOf(facts.heightPx);
  if (widthPx === undefined || heightPx === undefined) return undefined;
  const turned = (valueOf(facts.orientation) ?? 1) >= 5;
  return turned ? { widthPx: heightPx, heightPx: widthPx } : { widthPx, heightPx };
}

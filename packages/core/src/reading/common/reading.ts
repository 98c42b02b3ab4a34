/** What was read out of an organiser's text. Plain data; every claim keeps the span of text that gave it. */

/** Pixels, bytes or ppi: exact, or a bound at one or both ends. */
export type Span = { exact: number } | { min?: number; max?: number };

export type ReadFormat = 'jpeg' | 'png' | 'tiff' | 'webp';
export type ReadColourSpace = 'sRGB' | 'AdobeRGB' | 'DisplayP3' | 'ProPhoto' | 'CMYK' | 'gray';

/** One kind of file that the text asks for. null: the text does not say. */
export interface ReadDeliverable {
  label: string | null;
  width: Span | null;
  height: Span | null;
  longEdge: Span | null;
  shortEdge: Span | null;
  /** true: width and height may swap; false: the text fixes which is which. */
  eitherWay: boolean | null;
  ratio: [number, number] | [number, number][] | null;
  bytesMax: number | null;
  bytesMin: number | null;
  formats: ReadFormat[] | null;
  colourSpace: ReadColourSpace | null;
  profileEmbedded: boolean | null;
  bitDepth: number | null;
  ppi: Span | null;
  jpegScan: 'baseline' | 'progressive' | null;
  /** As written: "10/12", "90%". */
  quality: string | null;
  metadata: {
    location: 'remove' | 'keep' | null;
    author: 'required' | 'forbidden' | null;
    /** true: everything is removed; false: the camera's data must stay. */
    strip: boolean | null;
  };
  border: 'forbidden' | 'allowed' | null;
  watermark: 'forbidden' | 'allowed' | null;
  monochrome: boolean | null;
  megapixels: { min?: number; max?: number } | null;
  /** A size on paper as it was written, once its ppi is known. */
  print: ReadPrint | null;
  orientation: ('lying' | 'upright' | 'square')[] | null;
  enlarging: boolean | null;
  canvas: { allowed: boolean; colour?: string } | null;
}

export interface ReadPrint {
  /** Width and height, or the long edge alone. */
  width?: number;
  height?: number;
  longEdge?: number;
  unit: 'mm' | 'cm' | 'in';
  ppi: number;
  isLeast: boolean;
}

export interface ReadSection {
  code: string | null;
  label: string;
  limit: number | null;
}

export interface ReadNaming {
  /** The first file name shown, filled in or not. */
  example: string | null;
  /** Words for the parts in order, literals as `text:…`. */
  parts: string[] | null;
  spaces: 'allowed' | 'forbidden' | null;
  allowed: string | null;
  maxLength: number | null;
  extension: 'jpg' | 'jpeg' | 'tif' | 'png' | null;
}

/** A doubt that only the person or the organiser can settle. */
export interface Question {
  field: string;
  text: string;
  start: number;
  end: number;
  /** Which deliverable it concerns; undefined for the whole sheet. */
  deliverable?: number;
  /** The numbers that can be meant, where that is what the doubt is about. */
  options?: number[];
}

/** The span of text that gave a field its value. Offsets count characters of the text as given. */
export interface Claim {
  field: string;
  /** Which deliverable it concerns; undefined for the whole sheet. */
  deliverable: number | undefined;
  start: number;
  end: number;
}

export interface Reading {
  deliverables: ReadDeliverable[];
  sections: ReadSection[];
  naming: ReadNaming;
  /** `2027-02-14T23:59`, a date alone where no time is given, with `Z` or an offset where a zone is given. */
  closes: string | null;
  packageBytesMax: number | null;
  maxFiles: number | null;
  /** Fields whose value is a recommendation. */
  advice: string[];
  questions: Question[];
  claims: Claim[];
}

export function noDeliverable(label: string | null): ReadDeliverable {
  return {
    label,
    width: null,
    height: null,
    longEdge: null,
    shortEdge: null,
    eitherWay: null,
    ratio: null,
    bytesMax: null,
    bytesMin: null,
    formats: null,
    colourSpace: null,
    profileEmbedded: null,
    bitDepth: null,
    ppi: null,
    jpegScan: null,
    quality: null,
    metadata: { location: null, author: null, strip: null },
    border: null,
    watermark: null,
    monochrome: null,
    megapixels: null,
    print: null,
    orientation: null,
    enlarging: null,
    canvas: null,
  };
}

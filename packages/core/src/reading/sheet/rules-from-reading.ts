import { ruleSchema, type OutputSpace, type Rule } from '../../rules/rule.ts';
import { printedPx } from '../../plan/print-size.ts';
import type { Claim, ReadColourSpace, ReadDeliverable, Span } from '../common/reading.ts';
import { sentenceAround, type Place } from '../sentences-of.ts';

/** What is gathered while the rules of one deliverable are made. */
export interface RuleWork {
  rules: Rule[];
  /** Rule id with the words that gave it. */
  lines: { id: string; claims: Claim[] }[];
  notHeld: { text: string; claims: Claim[] }[];
  claimsOf: (...fields: string[]) => Claim[];
  isAdvice: (field: string) => boolean;
  text: string;
  /** The sentences of the text, of which the rules quote theirs. */
  sentences: readonly Place[];
}

/** A rule without what all rules have. */
type Bare<R> = R extends Rule ? Omit<R, 'id' | 'level' | 'quote'> : never;

function add(work: RuleWork, id: string, fields: string[], rule: Bare<Rule>): void {
  const claims = work.claimsOf(...fields);
  const quote = claims[0] && sentenceAround(work.text, claims[0], work.sentences);
  const level = fields.some(work.isAdvice) ? 'advice' : 'must';
  const made = ruleSchema.safeParse({ ...rule, id, level, ...(quote ? { quote } : {}) });
  if (made.success) {
    work.rules.push(made.data);
    work.lines.push({ id, claims });
  } else
    // "00 DPI" is a number and no demand.
    work.notHeld.push({
      text: `“${quote ?? id}” gives a number that cannot be meant. Ask the organiser.`,
      claims,
    });
}

/** All rules that a reading of one kind of file gives. */
export function rulesFromReading(read: ReadDeliverable, work: RuleWork): void {
  sizeRules(read, work);
  shapeRules(read, work);
  fileRules(read, work);
  colourRules(read, work);
  metadataRules(read, work);
  overlayRules(read, work);
}

const ends = (span: Span) =>
  'exact' in span
    ? { minPx: span.exact, maxPx: span.exact }
    : { ...(span.min ? { minPx: span.min } : {}), ...(span.max ? { maxPx: span.max } : {}) };
const exactOf = (span: Span | null) => (span && 'exact' in span ? span.exact : undefined);
const onlyMax = (span: Span | null) =>
  span && !('exact' in span) && span.min === undefined ? span.max : undefined;

function sizeRules(read: ReadDeliverable, work: RuleWork): void {
  if (read.print && isPrinted(read)) {
    const { isLeast, ...print } = read.print;
    add(work, 'print-size', ['width', 'height', 'longEdge', 'eitherWay', 'ppi'], {
      kind: 'print-size',
      ...print,
      bound: isLeast ? 'at-least' : 'exactly',
      eitherWay: read.eitherWay === true,
    });
  } else pixelRules(read, work);
  if (read.longEdge && read.print?.longEdge === undefined)
    add(work, 'long-edge', ['longEdge'], { kind: 'side', side: 'long-edge', ...ends(read.longEdge) });
  if (read.shortEdge)
    add(work, 'short-edge', ['shortEdge'], { kind: 'side', side: 'short-edge', ...ends(read.shortEdge) });
  if (read.megapixels) add(work, 'megapixels', ['megapixels'], { kind: 'megapixels', ...read.megapixels });
}

/** Whether the pixels are those that the print size comes to; a figure in pixels beats one worked out from paper. */
function isPrinted({ print, width, height, longEdge }: ReadDeliverable): boolean {
  const px = (span: Span | null) => span && ('exact' in span ? span.exact : (span.min ?? span.max));
  if (print?.longEdge !== undefined) return px(longEdge) === printedPx(print.longEdge, print.unit, print.ppi);
  return (
    print?.width !== undefined &&
    print.height !== undefined &&
    px(width) === printedPx(print.width, print.unit, print.ppi) &&
    px(height) === printedPx(print.height, print.unit, print.ppi)
  );
}

function pixelRules({ width, height, eitherWay: swap }: ReadDeliverable, work: RuleWork): void {
  const fields = ['width', 'height', 'eitherWay'];
  const eitherWay = swap === true;
  const [exactW, exactH] = [exactOf(width), exactOf(height)];
  const [maxW, maxH] = [onlyMax(width), onlyMax(height)];
  if (exactW && exactH)
    add(work, 'size', fields, { kind: 'exact-size', widthPx: exactW, heightPx: exactH, eitherWay });
  else if (maxW && maxH) add(work, 'size', fields, { kind: 'box', widthPx: maxW, heightPx: maxH, eitherWay });
  else {
    if (width) add(work, 'width', ['width'], { kind: 'side', side: 'width', ...ends(width) });
    if (height) add(work, 'height', ['height'], { kind: 'side', side: 'height', ...ends(height) });
  }
}

function shapeRules(read: ReadDeliverable, work: RuleWork): void {
  if (read.ratio) {
    const pairs = (Array.isArray(read.ratio[0]) ? read.ratio : [read.ratio]) as [number, number][];
    // A ratio alone does not say which way round; only a text that fixes it does.
    add(work, 'ratio', ['ratio'], {
      kind: 'ratio',
      ratios: pairs.map(([width, height]) => ({ width, height })),
      eitherWay: read.eitherWay !== false,
      tolerance: 0.005,
    });
  }
  if (read.orientation)
    add(work, 'orientation', ['orientation', 'eitherWay'], {
      kind: 'orientation',
      allowed: read.orientation,
    });
  if (read.enlarging !== null)
    add(work, 'enlarging', ['enlarging'], { kind: 'enlarging', allowed: read.enlarging });
  if (read.canvas) add(work, 'canvas', ['canvas'], { kind: 'canvas', ...read.canvas });
}

function fileRules(read: ReadDeliverable, work: RuleWork): void {
  if (read.bytesMax !== null || read.bytesMin !== null) {
    const written = writtenOf([work.claimsOf('bytesMin')[0], work.claimsOf('bytesMax')[0]], work.text);
    add(work, 'bytes', ['bytesMax', 'bytesMin'], {
      kind: 'bytes',
      ...(read.bytesMin === null ? {} : { minBytes: read.bytesMin }),
      ...(read.bytesMax === null ? {} : { maxBytes: read.bytesMax }),
      ...(written ? { written } : {}),
    });
  }
  if (read.formats?.length) add(work, 'format', ['formats'], { kind: 'file-format', formats: read.formats });
  if (read.jpegScan) add(work, 'scan', ['jpegScan'], { kind: 'jpeg-scan', scan: read.jpegScan });
  if (read.bitDepth === 8 || read.bitDepth === 16)
    add(work, 'bits', ['bitDepth'], { kind: 'bit-depth', bits: read.bitDepth });
  if (read.ppi && !work.rules.some(rule => rule.kind === 'print-size')) {
    const [ppi, bound] =
      'exact' in read.ppi
        ? [read.ppi.exact, 'exactly' as const]
        : read.ppi.min !== undefined
          ? [read.ppi.min, 'at-least' as const]
          : [read.ppi.max ?? 300, 'at-most' as const];
    add(work, 'ppi', ['ppi'], { kind: 'ppi', ppi, bound });
  }
  const quality = read.quality === null ? undefined : qualityFrom(read.quality);
  if (quality) {
    add(work, 'quality', ['quality'], { kind: 'quality', least: quality, fullChroma: false });
    // "Quality 10 of 12" is another program's scale, which no file tells: it can only be aimed at.
    const rule = work.rules.at(-1);
    if (rule) work.rules[work.rules.length - 1] = { ...rule, level: 'advice' };
  }
}

/** "10/12" → 83, "90%" → 90, "10" → 83: a bare number up to 12 is on the scale of twelve. */
/** The organiser's words for the least and the greatest weight: where they stand apart, "5 KB … 3 MB". */
function writtenOf(claims: readonly (Claim | undefined)[], text: string): string {
  const given = claims.filter(claim => claim !== undefined).sort((a, b) => a.start - b.start);
  return given
    .filter((claim, i) => claim.start >= (given[i - 1]?.end ?? 0))
    .map(({ start, end }) => text.slice(start, end))
    .join(' … ')
    .slice(0, LONGEST_WRITTEN);
}
const LONGEST_WRITTEN = 60;

function qualityFrom(written: string): number | undefined {
  const [value, scale] = written.replace('%', '/100').split('/').map(Number);
  if (!value) return undefined;
  const percent = (value / (scale ?? (value <= 12 ? 12 : 100))) * 100;
  return Math.min(100, Math.max(1, Math.round(percent)));
}

const SPACES: Readonly<Record<ReadColourSpace, OutputSpace | undefined>> = {
  sRGB: 'srgb',
  AdobeRGB: 'adobe-rgb',
  DisplayP3: 'display-p3',
  ProPhoto: 'prophoto',
  gray: 'grey',
  CMYK: undefined,
};

function colourRules(read: ReadDeliverable, work: RuleWork): void {
  const space = read.colourSpace && SPACES[read.colourSpace];
  if (read.colourSpace && !space)
    work.notHeld.push({
      text: 'Printing inks (CMYK) are asked; files are made in screen colours here. Ask the organiser whether sRGB is taken as well.',
      claims: work.claimsOf('colourSpace'),
    });
  // "sRGB. Embed the profile, if you can": the space is no advice because the profile is; files get theirs anyway.
  const isProfileAdvised = read.profileEmbedded === true && work.isAdvice('profileEmbedded');
  if (space && isProfileAdvised && !work.isAdvice('colourSpace')) {
    add(work, 'colour', ['colourSpace'], { kind: 'colour-space', space, profile: 'either' });
    add(work, 'profile', ['profileEmbedded'], { kind: 'colour-space', space, profile: 'embedded' });
  } else if (space || read.profileEmbedded !== null)
    add(work, 'colour', ['colourSpace', 'profileEmbedded'], {
      kind: 'colour-space',
      space: space ?? 'srgb',
      profile: read.profileEmbedded === null ? 'either' : read.profileEmbedded ? 'embedded' : 'absent',
    });
  if (read.monochrome) add(work, 'monochrome', ['monochrome'], { kind: 'monochrome' });
}

/** Id of the entrant's detail that is written into files where a name has to be there. */
export const NAME_DETAIL = 'author';

function metadataRules({ metadata: { location, author, strip } }: ReadDeliverable, work: RuleWork): void {
  if (location === 'remove')
    add(work, 'location', ['metadata.location'], {
      kind: 'metadata',
      field: 'location',
      demand: 'absent',
    });
  if (location === 'keep')
    add(work, 'location', ['metadata.location'], {
      kind: 'metadata',
      field: 'location',
      demand: 'present',
    });
  if (author === 'forbidden')
    add(work, 'author', ['metadata.author'], { kind: 'metadata', field: 'author', demand: 'absent' });
  if (author === 'required')
    add(work, 'author', ['metadata.author'], {
      kind: 'metadata',
      field: 'author',
      demand: 'present',
      detail: NAME_DETAIL,
    });
  if (strip === true)
    add(work, 'notes', ['metadata.strip'], { kind: 'metadata', field: 'everything', demand: 'absent' });
  if (strip === false)
    add(work, 'camera', ['metadata.strip'], { kind: 'metadata', field: 'camera', demand: 'present' });
}

function overlayRules({ border, watermark }: ReadDeliverable, work: RuleWork): void {
  if (border)
    add(work, 'border', ['border'], { kind: 'overlay', overlay: 'border', allowed: border === 'allowed' });
  if (watermark)
    add(work, 'text-mark', ['watermark'], {
      kind: 'overlay',
      overlay: 'text-mark',
      allowed: watermark === 'allowed',
    });
}

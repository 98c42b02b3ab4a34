import { FORMAT_OF_EXTENSION } from '../rules/name-pattern.ts';
import { mustsOf, rulesOf, type OutputFormat, type OutputSpace, type Rule } from '../rules/rule.ts';
import type { Deliverable } from '../rules/rule-sheet.ts';

/** How the finished pixels are stored. */
export interface OutputSettings {
  format: OutputFormat;
  bitDepth: 8 | 16;
  space: OutputSpace;
  embedProfile: boolean;
  /** For JPEG. */
  scan: 'baseline' | 'progressive';
  /** Least JPEG or WebP quality that may be used, 1 to 100. */
  leastQuality: number;
  /** Whether the rules ask for colour at full resolution; otherwise the quality decides. */
  fullChroma: boolean;
  /** Whether every pixel is made neutral grey, in a file that may still have three channels. */
  neutral: boolean;
  /** Density written into the file; undefined where no rule asks for one. */
  ppi: number | undefined;
  /** Most and least bytes; undefined means no limit. */
  maxBytes: number | undefined;
  minBytes: number | undefined;
  metadata: OutputMetadata;
}

/** What is written into the file beside pixels and profile. */
export interface OutputMetadata {
  author: string | undefined;
  copyright: string | undefined;
  /** Whether the camera's own data are carried over from the original. */
  camera: boolean;
  /** Whether the position is carried over. */
  location: boolean;
}

/** What the original itself says, where it can be carried over. */
export interface SourceMetadata {
  author?: string | undefined;
  copyright?: string | undefined;
  hasLocation?: boolean;
  hasCamera?: boolean;
}

/** A metadata field that a rule asks for and that nothing fills. */
export type MissingMetadata = keyof OutputMetadata;

const CAN_HOLD_16: readonly OutputFormat[] = ['tiff', 'png'];

/** The kind of file that is made: what the name's extension promises where the rules allow it. */
export function formatOf(deliverable: Deliverable): OutputFormat {
  const promised = FORMAT_OF_EXTENSION[deliverable.name.extension];
  const allowed = mustsOf(deliverable, 'file-format')[0]?.formats;
  if (!allowed || allowed.includes(promised)) return promised;
  const deep = mustsOf(deliverable, 'bit-depth').some(rule => rule.bits === 16);
  return allowed.find(format => !deep || CAN_HOLD_16.includes(format)) ?? allowed[0] ?? promised;
}

/**
 * How a deliverable's files are stored. A preference the organiser only advises is followed where no must
 * speaks against it.
 */
export function planOutput(
  deliverable: Deliverable,
  source: SourceMetadata,
  details: Readonly<Record<string, string>>,
  neutral: boolean,
): { output: OutputSettings; missing: MissingMetadata[] } {
  const format = formatOf(deliverable);
  const colour = firstOf(deliverable, 'colour-space');
  const bits = firstOf(deliverable, 'bit-depth')?.bits ?? 8;
  const weights = mustsOf(deliverable, 'bytes');
  const quality = rulesOf(deliverable, 'quality');
  const { metadata, missing } = planMetadata(deliverable, source, details);
  const output: OutputSettings = {
    format,
    bitDepth: bits === 16 && CAN_HOLD_16.includes(format) ? 16 : 8,
    space: colour?.space ?? 'srgb',
    embedProfile: colour?.profile !== 'absent',
    scan: firstOf(deliverable, 'jpeg-scan')?.scan ?? 'baseline',
    leastQuality: greatest(quality.map(rule => rule.least)) ?? 1,
    fullChroma: quality.some(rule => rule.fullChroma),
    neutral,
    ppi: firstOf(deliverable, 'ppi')?.ppi ?? firstOf(deliverable, 'print-size')?.ppi,
    maxBytes: least(weights.map(rule => rule.maxBytes)),
    minBytes: greatest(weights.map(rule => rule.minBytes)),
    metadata,
  };
  return { output, missing };
}

function planMetadata(
  deliverable: Deliverable,
  source: SourceMetadata,
  details: Readonly<Record<string, string>>,
): { metadata: OutputMetadata; missing: MissingMetadata[] } {
  const wanted = rulesOf(deliverable, 'metadata').filter(rule => rule.demand === 'present');
  const rule = (field: 'author' | 'copyright' | 'camera' | 'location') => wanted.find(r => r.field === field);
  const text = (field: 'author' | 'copyright') => {
    const asked = rule(field);
    return asked && (asked.detail ? details[asked.detail] : source[field]);
  };
  const metadata: OutputMetadata = {
    author: text('author'),
    copyright: text('copyright'),
    camera: rule('camera') !== undefined && source.hasCamera === true,
    location: rule('location') !== undefined && source.hasLocation === true,
  };
  const missing = (['author', 'copyright', 'camera', 'location'] as const).filter(
    field => rule(field)?.level === 'must' && !metadata[field],
  );
  return { metadata, missing };
}

/** The first must of a kind, or else the first advice. */
function firstOf<K extends Rule['kind']>(deliverable: Deliverable, kind: K) {
  return mustsOf(deliverable, kind)[0] ?? rulesOf(deliverable, kind)[0];
}

function least(values: readonly (number | undefined)[]): number | undefined {
  const given = values.filter(value => value !== undefined);
  return given.length ? Math.min(...given) : undefined;
}

function greatest(values: readonly (number | undefined)[]): number | undefined {
  const given = values.filter(value => value !== undefined);
  return given.length ? Math.max(...given) : undefined;
}

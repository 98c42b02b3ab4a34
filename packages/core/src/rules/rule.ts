import { z } from 'zod';

/**
 * One measurable demand. Nothing in a rule is ever run as code; every behaviour lives in tables keyed by `kind`
 * (plan/size-limits.ts, proof/checks.ts, wording/word-rule.ts).
 */

const pixels = z.int().min(1).max(100_000);
const bytes = z.int().min(1).max(1_000_000_000_000);

const ruleBase = {
  /** Stable inside its deliverable, so that findings and text marks can point at it. */
  id: z.string().min(1).max(60),
  /** `must` refuses a file, `advice` only remarks on it. */
  level: z.enum(['must', 'advice']).default('must'),
  /** The organiser's own sentence, where there is one. */
  quote: z.string().max(2000).optional(),
};

const size = { widthPx: pixels, heightPx: pixels };
/** true: an upright picture may use width and height turned by a quarter. */
const eitherWay = { eitherWay: z.boolean() };
const bound = z.enum(['exactly', 'at-least', 'at-most']);
export type Bound = z.infer<typeof bound>;

const pixelRules = [
  z.strictObject({ ...ruleBase, kind: z.literal('box'), ...size, ...eitherWay }),
  z.strictObject({ ...ruleBase, kind: z.literal('exact-size'), ...size, ...eitherWay }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('side'),
    side: z.enum(['width', 'height', 'long-edge', 'short-edge']),
    /** From/to; both equal means exact. */
    minPx: pixels.optional(),
    maxPx: pixels.optional(),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('ratio'),
    /** Any one of these, as width and height. */
    ratios: z
      .array(z.strictObject({ width: z.number().min(0.1).max(100), height: z.number().min(0.1).max(100) }))
      .min(1)
      .max(20),
    ...eitherWay,
    /** Greatest difference as a share of the ratio; half a part in a hundred hides rounding and nothing else. */
    tolerance: z.number().min(0).max(0.2).default(0.005),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('megapixels'),
    /** In millions of pixels. */
    min: z.number().min(0.001).max(10_000).optional(),
    max: z.number().min(0.001).max(10_000).optional(),
  }),
  /** Width and height as a share of the original's, in per cent. */
  z.strictObject({ ...ruleBase, kind: z.literal('percentage'), percent: z.number().min(1).max(400) }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('print-size'),
    /** As the organiser wrote it; solved to pixels only where pixels are needed. A side left out is free. */
    width: z.number().min(0.1).max(10_000).optional(),
    height: z.number().min(0.1).max(10_000).optional(),
    longEdge: z.number().min(0.1).max(10_000).optional(),
    unit: z.enum(['mm', 'cm', 'in']),
    ppi: z.int().min(10).max(2400),
    bound: bound.default('exactly'),
    ...eitherWay,
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('orientation'),
    allowed: z
      .array(z.enum(['lying', 'upright', 'square']))
      .min(1)
      .max(3),
  }),
  z.strictObject({ ...ruleBase, kind: z.literal('enlarging'), allowed: z.boolean() }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('canvas'),
    /** Whether plain canvas may be added round the picture. */
    allowed: z.boolean(),
    /** `#rrggbb`, sRGB, where the organiser asks for one colour. */
    colour: z
      .string()
      .regex(/^#[0-9a-f]{6}$/)
      .optional(),
  }),
] as const;

export const fileFormatSchema = z.enum(['jpeg', 'png', 'tiff', 'webp']);
/** A kind of file that can be made. */
export type OutputFormat = z.infer<typeof fileFormatSchema>;

const fileRules = [
  z.strictObject({
    ...ruleBase,
    kind: z.literal('bytes'),
    minBytes: bytes.optional(),
    maxBytes: bytes.optional(),
    /** What the organiser wrote, for instance "1.5 MB"; the numbers beside it are the strict reading. */
    written: z.string().max(60).optional(),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('file-format'),
    formats: z.array(fileFormatSchema).min(1).max(4),
  }),
  z.strictObject({ ...ruleBase, kind: z.literal('jpeg-scan'), scan: z.enum(['baseline', 'progressive']) }),
  z.strictObject({ ...ruleBase, kind: z.literal('bit-depth'), bits: z.union([z.literal(8), z.literal(16)]) }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('ppi'),
    ppi: z.int().min(1).max(10_000),
    bound: bound.default('exactly'),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('quality'),
    /** On the usual scale of 1 to 100, read back from the quantisation tables. */
    least: z.int().min(1).max(100).optional(),
    /** Colour stored at full resolution (4:4:4). */
    fullChroma: z.boolean().default(false),
  }),
] as const;

export const colourSpaceSchema = z.enum(['srgb', 'adobe-rgb', 'display-p3', 'prophoto', 'grey']);
/** A colour space that can be made. `grey`: one channel. */
export type OutputSpace = z.infer<typeof colourSpaceSchema>;

const colourRules = [
  z.strictObject({
    ...ruleBase,
    kind: z.literal('colour-space'),
    space: colourSpaceSchema,
    profile: z.enum(['embedded', 'absent', 'either']),
  }),
  /** A file, in colour or not, whose picture shows no hue. */
  z.strictObject({ ...ruleBase, kind: z.literal('monochrome') }),
] as const;

const otherRules = [
  z.strictObject({
    ...ruleBase,
    kind: z.literal('metadata'),
    field: z.enum(['location', 'author', 'copyright', 'camera', 'everything']),
    demand: z.enum(['absent', 'present']),
    /** Id of the entrant's detail that is written there; without one the original's own text is kept. */
    detail: z.string().max(40).optional(),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('overlay'),
    overlay: z.enum(['border', 'caption', 'text-mark']),
    allowed: z.boolean(),
  }),
] as const;

export const ruleSchema = z.discriminatedUnion('kind', [
  ...pixelRules,
  ...fileRules,
  ...colourRules,
  ...otherRules,
]);

export type Rule = z.infer<typeof ruleSchema>;
export type RuleKind = Rule['kind'];
export type RuleOf<K extends RuleKind> = Extract<Rule, { kind: K }>;

/** The groups in which rules are shown, in their order. */
export const RULE_GROUPS = [
  { group: 'pixels', kinds: pixelRules.map(schema => schema.shape.kind.value) },
  { group: 'file', kinds: fileRules.map(schema => schema.shape.kind.value) },
  { group: 'colour', kinds: colourRules.map(schema => schema.shape.kind.value) },
  { group: 'metadata', kinds: ['metadata'] },
  { group: 'overlay', kinds: ['overlay'] },
] as const satisfies readonly { group: string; kinds: readonly RuleKind[] }[];

/** All rules of one kind, in the sheet's order. */
export function rulesOf<K extends RuleKind>(holder: { rules: readonly Rule[] }, kind: K): RuleOf<K>[] {
  return holder.rules.filter((rule): rule is RuleOf<K> => rule.kind === kind);
}

/** The same, without advice. */
export function mustsOf<K extends RuleKind>(holder: { rules: readonly Rule[] }, kind: K): RuleOf<K>[] {
  return rulesOf(holder, kind).filter(rule => rule.level === 'must');
}

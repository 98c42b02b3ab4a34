import { z } from 'zod';
import { namePatternSchema } from './name-pattern.ts';

/**
 * A rule sheet: one organiser's requirements as data. Nothing in it is ever run as code; every behaviour lives
 * in tables keyed by `kind` (see plan/size-limits.ts and proof/).
 */

const pixels = z.int().min(1).max(100_000);

const ruleBase = {
  /** Stable inside its deliverable, so that findings and text marks can point at it. */
  id: z.string().min(1).max(60),
  /** `must` refuses a file, `advice` only remarks on it. */
  level: z.enum(['must', 'advice']).default('must'),
  /** The organiser's own sentence, where there is one. */
  quote: z.string().max(2000).optional(),
};

/** From/to in pixels; both equal means exact. */
const pixelRange = { minPx: pixels.optional(), maxPx: pixels.optional() };

export const ruleSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    ...ruleBase,
    kind: z.literal('box'),
    widthPx: pixels,
    heightPx: pixels,
    /** true: an upright picture may use the box turned by a quarter. */
    eitherWay: z.boolean(),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('exact-size'),
    widthPx: pixels,
    heightPx: pixels,
    eitherWay: z.boolean(),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('side'),
    side: z.enum(['width', 'height', 'long-edge', 'short-edge']),
    ...pixelRange,
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('ratio'),
    /** Any one of these, as width and height. */
    ratios: z
      .array(z.strictObject({ width: z.number().min(0.1).max(100), height: z.number().min(0.1).max(100) }))
      .min(1),
    eitherWay: z.boolean(),
    /** Greatest difference as a share of the ratio; half a part in a hundred hides rounding and nothing else. */
    tolerance: z.number().min(0).max(0.2).default(0.005),
  }),
  z.strictObject({ ...ruleBase, kind: z.literal('enlarging'), allowed: z.boolean() }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('bytes'),
    minBytes: z.int().min(1).optional(),
    maxBytes: z.int().min(1).optional(),
    /** What the organiser wrote, for instance "1.5 MB"; the numbers beside it are the strict reading. */
    written: z.string().max(60).optional(),
  }),
  z.strictObject({ ...ruleBase, kind: z.literal('file-format'), formats: z.array(z.enum(['jpeg'])).min(1) }),
  z.strictObject({ ...ruleBase, kind: z.literal('jpeg-scan'), scan: z.enum(['baseline', 'progressive']) }),
  z.strictObject({ ...ruleBase, kind: z.literal('bit-depth'), bits: z.literal(8) }),
  z.strictObject({ ...ruleBase, kind: z.literal('ppi'), ppi: z.int().min(1).max(10_000) }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('colour-space'),
    space: z.enum(['srgb']),
    profile: z.enum(['embedded', 'either']),
  }),
  z.strictObject({
    ...ruleBase,
    kind: z.literal('metadata'),
    field: z.enum(['location', 'author']),
    demand: z.literal('absent'),
  }),
]);

const detailSchema = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]{0,39}$/),
  label: z.string().min(1).max(80),
  /** Chosen from a list, never a raw expression. */
  shape: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('any') }),
    z.strictObject({ kind: z.literal('digits'), count: z.int().min(1).max(20) }),
    z.strictObject({ kind: z.literal('letters'), count: z.int().min(1).max(20) }),
  ]),
});

const sectionSchema = z.strictObject({
  code: z.string().min(1).max(20),
  label: z.string().min(1).max(80),
  /** The most entries one person may send in this section. */
  limit: z.int().min(1).optional(),
});

const deliverableSchema = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]{0,39}$/),
  label: z.string().min(1).max(80),
  rules: z.array(ruleSchema).min(1),
  name: namePatternSchema,
});

/** Current version of the rule sheet format. */
export const RULE_SHEET_VERSION = 1;

export const ruleSheetSchema = z.strictObject({
  format: z.literal('able-frame/rule-sheet'),
  version: z.literal(RULE_SHEET_VERSION),
  id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,79}$/),
  title: z.string().min(1).max(120),
  organiser: z.string().min(1).max(120),
  /** One sentence for the person who chooses among sheets. */
  summary: z.string().max(300),
  /** Local date and time at the organiser, `2027-02-14T23:59`, and where that clock hangs. */
  closes: z
    .strictObject({
      at: z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/),
      zone: z.string().max(60).optional(),
    })
    .optional(),
  /** ISO date on which somebody last compared this sheet with the organiser's text. */
  checkedOn: z.iso.date().optional(),
  details: z.array(detailSchema),
  sections: z.array(sectionSchema),
  /** The most entries in all. */
  maxEntries: z.int().min(1).optional(),
  deliverables: z.array(deliverableSchema).min(1).max(1),
  declarations: z.array(z.strictObject({ id: z.string().min(1), text: z.string().min(1).max(400) })),
});

export type RuleSheet = z.infer<typeof ruleSheetSchema>;
export type Rule = z.infer<typeof ruleSchema>;
export type RuleKind = Rule['kind'];
export type RuleOf<K extends RuleKind> = Extract<Rule, { kind: K }>;
export type Deliverable = z.infer<typeof deliverableSchema>;
export type Detail = z.infer<typeof detailSchema>;
export type Section = z.infer<typeof sectionSchema>;

/** All rules of one kind in a deliverable, in the sheet's order. */
export function rulesOf<K extends RuleKind>(deliverable: Pick<Deliverable, 'rules'>, kind: K): RuleOf<K>[] {
  return deliverable.rules.filter((rule): rule is RuleOf<K> => rule.kind === kind);
}

/**
 * Reads a rule sheet from untrusted data.
 * @throws Error with one sentence that names the first field that does not fit.
 */
export function parseRuleSheet(data: unknown): RuleSheet {
  const version = (data as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > RULE_SHEET_VERSION)
    throw new Error(
      `This rule sheet has version ${version}; up to version ${RULE_SHEET_VERSION} can be read here. Bring Able Frame up to date, or ask for the sheet in the older version.`,
    );
  const result = ruleSheetSchema.safeParse(data);
  if (result.success) return result.data;
  const issue = result.error.issues[0];
  const place = issue?.path.length ? issue.path.join(' › ') : 'the whole file';
  throw new Error(
    `This is not a rule sheet that can be used: at ${place}, ${issue?.message ?? 'unknown fault'}.`,
  );
}

import { z } from 'zod';
import {
  migrateRuleSheet,
  noFacts,
  RULE_SHEET_VERSION,
  ruleSheetSchema,
  type FileFacts,
  type Finding,
  type Frame,
  type Intake,
} from '@able-frame/core';

/** What the browser keeps. Everything read back is parsed, because an older program may have written it. */

/** A rule sheet as it was kept, perhaps by an older program. */
export const keptSheetSchema = z.preprocess(
  data =>
    typeof data === 'object' && data !== null
      ? migrateRuleSheet(data as Record<string, unknown>, RULE_SHEET_VERSION)
      : data,
  ruleSheetSchema,
);

const spanSchema = z.object({
  field: z.string(),
  deliverable: z
    .number()
    .optional()
    .transform(value => value ?? undefined),
  start: z.number(),
  end: z.number(),
});

/** An organiser's text, with the words that gave each line of the sheet. */
export const keptTextSchema = z.object({
  /** The sheet's id. */
  id: z.string(),
  text: z.string(),
  lines: z.array(z.object({ id: z.string(), claims: z.array(spanSchema) })),
});
export type KeptText = z.infer<typeof keptTextSchema>;

export const submissionSchema = z.object({
  id: z.string(),
  /** A copy, so that a later change of the sheet never changes a submission unasked. */
  sheet: keptSheetSchema,
  details: z.record(z.string(), z.string()),
  /** Picture ids in running-number order. */
  order: z.array(z.string()),
  ticked: z.array(z.string()),
  createdAt: z.string(),
  demo: z.boolean(),
});
export type Submission = z.infer<typeof submissionSchema>;

const bytes = z.instanceof(Blob);

const share = z.number().min(-1).max(1);
const point = z.object({ x: z.number().min(-1).max(2), y: z.number().min(-1).max(2) });
export const frameSchema = z.object({
  method: z.enum(['whole', 'trim', 'mount']),
  square: z
    .object({ corners: z.tuple([point, point, point, point]).readonly(), ratio: z.number().positive() })
    .optional(),
  evenPaper: z.boolean().optional(),
  turns: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]),
  mirrored: z.boolean(),
  levelDeg: z.number().min(-45).max(45),
  centreX: share,
  centreY: share,
  size: z.number().min(0).max(1),
  ratio: z.number().positive().optional(),
  canvasX: z.number().min(0).max(1),
  canvasY: z.number().min(0).max(1),
  canvasColour: z.string().regex(/^#[0-9a-f]{6}$/),
}) satisfies z.ZodType<Frame>;

/** Frames that were there before and that were taken back; null stands for the program's own proposal. */
const historySchema = z.object({
  past: z.array(frameSchema.nullable()),
  future: z.array(frameSchema.nullable()),
});
export type FrameHistory = z.infer<typeof historySchema>;

export const pictureSchema = z.object({
  id: z.string(),
  submissionId: z.string(),
  fileName: z.string(),
  title: z.string(),
  sectionCode: z.string().optional(),
  sha256: z.string(),
  /** Facts that an older program did not measure count as absent. */
  facts: z
    .custom<FileFacts>(value => typeof value === 'object' && value !== null && 'sizeBytes' in value)
    .transform((facts): FileFacts => ({ ...noFacts(facts.format, facts.sizeBytes), ...facts })),
  intake: z.custom<Intake>(value => typeof value === 'object' && value !== null && 'taken' in value),
  thumbnail: bytes.optional(),
  /** Greatest difference between the channels of a pixel of the thumbnail, 0 to 255. */
  hue: z.number().optional(),
  /** Fingerprint of what it shows. */
  likeness: z.string().optional(),
  /** Another picture that looks the same, until the person has decided. */
  looksLike: z.string().optional(),
  /** The cut the person agreed to, by deliverable, as cutKey names it; another plan asks again. */
  acceptedCuts: z.record(z.string(), z.string()).optional(),
  /** The person's frames, by deliverable. */
  frames: z.record(z.string(), frameSchema).optional(),
  frameHistory: z.record(z.string(), historySchema).optional(),
  /** The person agreed to have it made neutral where monochrome is asked. */
  mayBeMadeNeutral: z.boolean().optional(),
});
export type Picture = z.infer<typeof pictureSchema>;

export const madeSchema = z.object({
  /** See fileId. */
  id: z.string(),
  pictureId: z.string(),
  deliverableId: z.string(),
  submissionId: z.string(),
  /** What it was made from; a result whose key is not the plan's any more does not count. */
  planKey: z.string(),
  result: z.discriminatedUnion('kind', [
    z.object({
      kind: z.literal('file'),
      name: z.string(),
      blob: bytes,
      sha256: z.string(),
      /** Missing for a format without loss. */
      quality: z.number().optional(),
      findings: z.array(
        z.custom<Finding>(value => typeof value === 'object' && value !== null && 'verdict' in value),
      ),
    }),
    z.object({ kind: z.literal('failed'), why: z.string() }),
  ]),
});
export type Made = z.infer<typeof madeSchema>;

/** The key of one file: one deliverable of one picture. */
export function fileId(pictureId: string, deliverableId: string): string {
  return `${pictureId}/${deliverableId}`;
}

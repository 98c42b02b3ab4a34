import { z } from 'zod';
import { ruleSheetSchema, type FileFacts, type Finding, type Intake } from '@able-frame/core';

/** What the browser keeps. Everything read back is parsed, because an older program may have written it. */

export const submissionSchema = z.object({
  id: z.string(),
  /** A copy, so that a later change of the sheet never changes a submission unasked. */
  sheet: ruleSheetSchema,
  details: z.record(z.string(), z.string()),
  /** Picture ids in running-number order. */
  order: z.array(z.string()),
  ticked: z.array(z.string()),
  createdAt: z.string(),
  demo: z.boolean(),
});
export type Submission = z.infer<typeof submissionSchema>;

const bytes = z.instanceof(Blob);

export const pictureSchema = z.object({
  id: z.string(),
  submissionId: z.string(),
  fileName: z.string(),
  title: z.string(),
  sectionCode: z.string().optional(),
  sha256: z.string(),
  facts: z.custom<FileFacts>(value => typeof value === 'object' && value !== null && 'sizeBytes' in value),
  intake: z.custom<Intake>(value => typeof value === 'object' && value !== null && 'taken' in value),
  thumbnail: bytes.optional(),
  /** The cut the person agreed to, as `width×height@target`; another plan asks again. */
  acceptedCut: z.string().optional(),
});
export type Picture = z.infer<typeof pictureSchema>;

export const madeSchema = z.object({
  pictureId: z.string(),
  submissionId: z.string(),
  /** What it was made from; a result whose key is not the plan's any more does not count. */
  planKey: z.string(),
  result: z.discriminatedUnion('kind', [
    z.object({
      kind: z.literal('file'),
      name: z.string(),
      blob: bytes,
      sha256: z.string(),
      quality: z.number(),
      findings: z.array(
        z.custom<Finding>(value => typeof value === 'object' && value !== null && 'verdict' in value),
      ),
    }),
    z.object({ kind: z.literal('failed'), why: z.string() }),
  ]),
});
export type Made = z.infer<typeof madeSchema>;

import { z } from 'zod';
import { namePatternSchema } from './name-pattern.ts';
import { ruleSchema } from './rule.ts';

/** A rule sheet: one organiser's requirements as data. */

const shortId = z.string().regex(/^[a-z][a-z0-9-]{0,39}$/);

/** The shape of a detail, chosen from a list and never a raw expression. */
export const detailShapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('any') }),
  z.strictObject({ kind: z.literal('digits'), count: z.int().min(1).max(20) }),
  z.strictObject({ kind: z.literal('letters'), count: z.int().min(1).max(20) }),
  /** Letters and then digits, as in `AB1234`. */
  z.strictObject({
    kind: z.literal('letters-digits'),
    letters: z.int().min(1).max(10),
    digits: z.int().min(1).max(10),
  }),
  z.strictObject({
    kind: z.literal('one-of'),
    options: z.array(z.string().min(1).max(60)).min(1).max(40),
  }),
]);
export type DetailShape = z.infer<typeof detailShapeSchema>;

const detailSchema = z.strictObject({
  id: shortId,
  label: z.string().min(1).max(80),
  shape: detailShapeSchema,
});

const sectionSchema = z.strictObject({
  code: z.string().min(1).max(20),
  label: z.string().min(1).max(80),
  /** The most entries one person may send in this section. */
  limit: z.int().min(1).optional(),
  /** What the section's pictures must be, where it says so. */
  picture: z.enum(['colour', 'monochrome']).optional(),
});

const deliverableSchema = z.strictObject({
  id: shortId,
  label: z.string().min(1).max(80),
  /** Codes of the sections whose pictures need this file; without it, all. */
  sections: z.array(z.string().min(1).max(20)).min(1).optional(),
  rules: z.array(ruleSchema).min(1).max(60),
  name: namePatternSchema,
});

/** Current version of the rule sheet format; see migrate-rule-sheet.ts for the steps that led here. */
export const RULE_SHEET_VERSION = 2;

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
  details: z.array(detailSchema).max(40),
  sections: z.array(sectionSchema).max(60),
  /** The most entries in all. */
  maxEntries: z.int().min(1).optional(),
  /** The most files in all, where one picture becomes several. */
  maxFiles: z.int().min(1).optional(),
  /** The most that all files may weigh together. */
  maxTotal: z.strictObject({ bytes: z.int().min(1), written: z.string().max(60).optional() }).optional(),
  deliverables: z.array(deliverableSchema).min(1).max(8),
  declarations: z
    .array(z.strictObject({ id: z.string().min(1).max(60), text: z.string().min(1).max(400) }))
    .max(40),
});

export type RuleSheet = z.infer<typeof ruleSheetSchema>;
export type Deliverable = z.infer<typeof deliverableSchema>;
export type Detail = z.infer<typeof detailSchema>;
export type Section = z.infer<typeof sectionSchema>;
export type Declaration = RuleSheet['declarations'][number];

/** Whether pictures of a section need a deliverable. Without a section, those for all sections count. */
export function isAskedOf(deliverable: Deliverable, sectionCode: string | undefined): boolean {
  return !deliverable.sections || (sectionCode !== undefined && deliverable.sections.includes(sectionCode));
}

const OVERLAY_DECLARATIONS = {
  border: 'No picture has a border.',
  caption: 'No picture has a caption.',
  'text-mark': 'No picture carries a name, a mark or lettering.',
} as const;

/**
 * Everything the person has to declare: the sheet's own declarations, and what its rules forbid inside the picture,
 * which no program can see.
 */
export function declarationsOf(sheet: RuleSheet): Declaration[] {
  const forbidden = new Set(
    sheet.deliverables.flatMap(d =>
      d.rules.flatMap(rule =>
        rule.kind === 'overlay' && !rule.allowed && rule.level === 'must' ? [rule.overlay] : [],
      ),
    ),
  );
  const derived = [...forbidden].map(overlay => ({
    id: `no-${overlay}`,
    text: OVERLAY_DECLARATIONS[overlay],
  }));
  return [...sheet.declarations, ...derived.filter(d => !sheet.declarations.some(own => own.id === d.id))];
}

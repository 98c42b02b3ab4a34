import { z } from 'zod';

/** How a piece of text is written into a file name. */
export const letterFormSchema = z.enum([
  'as-typed',
  'run-together',
  'hyphens',
  'underscores',
  'upper',
  'lower',
]);
export type LetterForm = z.infer<typeof letterFormSchema>;

const form = letterFormSchema.default('as-typed');
const maxLength = z.int().min(1).max(200).optional();

/** A name is an ordered list of visible parts; there is no code syntax to learn. */
export const namePartSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('text'), text: z.string().min(1).max(60) }),
  z.strictObject({ kind: z.literal('title'), form, maxLength }),
  z.strictObject({ kind: z.literal('section-code') }),
  z.strictObject({ kind: z.literal('detail'), detail: z.string().min(1), form, maxLength }),
  z.strictObject({
    kind: z.literal('number'),
    start: z.int().min(0).max(99_999),
    step: z.int().min(1).max(100),
    digits: z.int().min(1).max(6),
    /** Whether each section counts for itself. */
    within: z.enum(['section', 'submission']),
  }),
]);
export type NamePart = z.infer<typeof namePartSchema>;

export const namePatternSchema = z.strictObject({
  parts: z.array(namePartSchema).min(1).max(20),
  spaces: z.enum(['allowed', 'forbidden']),
  /** `plain`: A–Z, a–z, 0–9, hyphen, underscore (and spaces where allowed). */
  characters: z.enum(['any', 'plain']),
  /** Greatest length of the whole name with its extension, in characters. */
  maxLength: z.int().min(5).max(200).optional(),
  extension: z.enum(['jpg', 'jpeg']),
});
export type NamePattern = z.infer<typeof namePatternSchema>;

import { z } from 'zod';

/** How a piece of text is written into a file name. */
export const letterFormSchema = z.enum([
  'as-typed',
  'run-together',
  'run-together-capitals',
  'hyphens',
  'underscores',
  'upper',
  'lower',
]);
export type LetterForm = z.infer<typeof letterFormSchema>;

/** Letter form and greatest length, which every part made of text has. */
const written = {
  form: letterFormSchema.default('as-typed'),
  maxLength: z.int().min(1).max(200).optional(),
};

/** How a date is written. */
export const dateFormSchema = z.enum([
  'year-month-day',
  'day-month-year',
  'run-together',
  'year-month',
  'year',
]);
export type DateForm = z.infer<typeof dateFormSchema>;

/** A name is an ordered list of visible parts; there is no code syntax to learn. */
export const namePartSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('text'), text: z.string().min(1).max(60) }),
  z.strictObject({ kind: z.literal('title'), ...written }),
  z.strictObject({ kind: z.literal('section-code'), ...written }),
  /** The deliverable's label: "large", "small". */
  z.strictObject({ kind: z.literal('deliverable'), ...written }),
  z.strictObject({ kind: z.literal('detail'), detail: z.string().min(1), ...written }),
  z.strictObject({
    kind: z.literal('number'),
    start: z.int().min(0).max(99_999),
    step: z.int().min(1).max(100),
    digits: z.int().min(1).max(6),
    /** Whether each section counts for itself. */
    within: z.enum(['section', 'submission']),
  }),
  z.strictObject({
    kind: z.literal('date'),
    /** The day the picture was taken, or the sheet's closing day. */
    of: z.enum(['taken', 'closing']),
    form: dateFormSchema.default('year-month-day'),
  }),
]);
export type NamePart = z.infer<typeof namePartSchema>;

export const namePatternSchema = z.strictObject({
  parts: z.array(namePartSchema).min(1).max(20),
  spaces: z.enum(['allowed', 'forbidden']),
  /**
   * `plain`: A–Z, a–z, 0–9, hyphen, underscore (and spaces where allowed).
   * `letters-digits`: only A–Z, a–z and 0–9 (and spaces where allowed).
   */
  characters: z.enum(['any', 'plain', 'letters-digits']),
  /** Greatest length of the whole name with its extension, in characters. */
  maxLength: z.int().min(5).max(200).optional(),
  extension: z.enum(['jpg', 'jpeg', 'png', 'tif', 'tiff', 'webp']),
});
export type NamePattern = z.infer<typeof namePatternSchema>;

/** The kind of file that an extension promises. */
export const FORMAT_OF_EXTENSION = {
  jpg: 'jpeg',
  jpeg: 'jpeg',
  png: 'png',
  tif: 'tiff',
  tiff: 'tiff',
  webp: 'webp',
} as const satisfies Record<NamePattern['extension'], 'jpeg' | 'png' | 'tiff' | 'webp'>;

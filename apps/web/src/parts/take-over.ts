import type { z } from 'zod';

/**
 * Takes changed fields over where they still make what the schema asks; an emptied field is left out.
 * @returns whether they were taken over
 */
export function takeOver<S extends z.ZodType>(
  schema: S,
  before: object,
  changes: Readonly<Record<string, unknown>>,
  onChange: (next: z.output<S>) => void,
): boolean {
  const next = Object.fromEntries(
    Object.entries({ ...before, ...changes }).filter(([, value]) => value !== undefined),
  );
  const parsed = schema.safeParse(next);
  if (parsed.success) onChange(parsed.data);
  return parsed.success;
}

import { expect, it } from 'vitest';
import { saidBy, type Said } from './said-by.ts';

/** A test for each text, with all that it says and nothing more. */
export function readsAs(rows: readonly (readonly [text: string, said: Said])[]): void {
  it.each(rows)('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
}

/** The same for demands that stand beside the format, each with all that it says and nothing more. */
export const readsBesideJpeg = (rows: readonly (readonly [text: string, said: Said])[]) =>
  readsAs(rows.map(([text, said]) => [`JPEG. ${text}`, { formats: ['jpeg'], ...said }]));

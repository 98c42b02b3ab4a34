import { expect, it } from 'vitest';
import { saidBy, type Said } from './said-by.ts';

/** A test for each text, with all that it says and nothing more. */
export function readsAs(rows: readonly (readonly [text: string, said: Said])[]): void {
  it.each(rows)('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
}

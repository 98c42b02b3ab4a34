import { expect, it } from 'vitest';
import { saidBy } from './said-by.ts';

/** "[surname]_[title]": parts in brackets, what stands between them as it is. */
const patternOf = (parts: readonly string[] | undefined) =>
  (parts ?? []).map(part => (part.startsWith('text:') ? part.slice(5) : `[${part}]`)).join('');

/**
 * A test for each text that shows or describes the name of a file: its parts (none where they are not known), the
 * example, and what is said of spaces; nothing more.
 */
export function readsNamesAs(
  rows: [text: string, pattern: string, example?: string | undefined, spaces?: 'allowed' | 'forbidden'][],
): void {
  it.each<(typeof rows)[number]>(rows)('%s', (text, pattern, example, spaces) => {
    const { name, ...others } = saidBy(text);
    expect(others).toEqual({});
    expect(patternOf(name?.parts ?? undefined)).toBe(pattern);
    expect(name?.example ?? undefined).toBe(example);
    expect(name?.spaces ?? undefined).toBe(spaces);
    expect(name?.extension ?? undefined).toBe(example && /\.(\w+)$/.exec(example)?.[1]);
  });
}

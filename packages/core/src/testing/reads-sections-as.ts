import { expect, it } from 'vitest';
import { saidBy } from './said-by.ts';

/** "A / Colour / 4; - / Nature / -": code, label and limit of each section. */
function sectionsOf(written: string): (string | number | null)[][] {
  return written.split('; ').map(row => {
    const [code = '-', label = '', limit = '-'] = row.split(' / ');
    return [code === '-' ? null : code, label, limit === '-' ? null : Number(limit)];
  });
}

/**
 * A test for each text, with its sections as `sectionsOf` takes them (none where that is empty), how many entries it
 * allows in all, and nothing more.
 */
export function readsSectionsAs(rows: [text: string, sections: string, maxFiles?: number][]): void {
  it.each<[string, string, number?]>(rows)('%s', (text, sections, maxFiles) => {
    expect(saidBy(text)).toEqual({
      ...(sections && { sections: sectionsOf(sections) }),
      ...(maxFiles !== undefined && { maxFiles }),
    });
  });
}

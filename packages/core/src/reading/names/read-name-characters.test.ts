import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

describe('characters that a name must not hold', () => {
  it.each([
    ['Please give the pictures the name Name_Title.jpg (no accents!).', 'no accents'],
    ['File names without diacritics and spaces, please.', 'without diacritics and spaces'],
    ['Do not use special characters in the file name.', 'no special characters'],
    ['For example, SOL-N-02.jpg. Spaces and accents must not be used.', 'no spaces and accents'],
    ['The file name may contain letters, digits and hyphens.', 'letters, digits and hyphens'],
    ['No punctuation other than hyphens in the file name.', 'No punctuation other than hyphens'],
    ['Name the file as Dunn_Weir.jpg', null],
  ])('%s', (text, allowed) => {
    expect(readRules(text).naming.allowed).toBe(allowed);
  });
});

import { describe, expect, it } from 'vitest';
import { everywhere, oneOf, patterns, phrases } from './word-lists.ts';

describe('lists of words', () => {
  it('takes lines and what stands between bars as alternatives, and leaves out what is told of them', () => {
    expect(oneOf`
      # Closing.
      dead-?line | last (?:day|date)
      cut[- ]off
    `).toBe('(?:dead-?line|last (?:day|date)|cut[- ]off)');
  });

  it('takes up patterns within its lines', () => {
    const day = oneOf`mon | tues`;
    expect(oneOf`${day}day | by \d`).toBe('(?:(?:mon|tues)day|by \\d)');
  });

  it('keeps phrases to whole words, in any letter case', () => {
    const word = phrases`press | print`;
    expect(word.test('Our PRESS')).toBe(true);
    expect(word.test('pressing, reprint')).toBe(false);
  });

  it('takes patterns as they are', () => {
    expect('reprint'.search(patterns`print | ^re$`)).toBe(2);
  });

  it('finds every place', () => {
    expect([...'one two One'.matchAll(everywhere(phrases`one`))].map(m => m.index)).toEqual([0, 8]);
  });
});

import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

const HEADS = [
  'Preferably',
  'If possible',
  'Ideally',
  'Good to have',
  'Optional',
  'Desirable',
  'Helpful',
  'Our advice',
  'Wishes',
  'What would help us',
  'Welcome but not required',
  'Not required but helpful',
];
const LAYOUTS: readonly ((head: string, wishes: readonly string[]) => string)[] = [
  (head, wishes) => `${head}:\n${wishes.map(wish => `- ${wish}`).join('\n')}`,
  (head, wishes) => `${head.toUpperCase()}\n${wishes.join('\n')}`,
  (head, wishes) => `${head}: ${wishes.join('; ')}.`,
  (head, wishes) => `${head} – ${wishes.join(', ')}.`,
  (head, wishes) => head.padEnd(28) + wishes.join(', '),
];

describe('wishes under a heading', () => {
  it.each(HEADS)('are advice under "%s", however they are laid out', head => {
    for (const layout of LAYOUTS) {
      const text = `Required:\n- JPEG\n- no borders\n\n${layout(head, ['sRGB', 'quality 10'])}\n\nThree pictures each.`;
      const { advice, deliverables, maxFiles } = readRules(text);
      expect(advice, text).toEqual(['colourSpace', 'quality']);
      expect([deliverables[0]?.colourSpace, deliverables[0]?.border, maxFiles]).toEqual([
        'sRGB',
        'forbidden',
        3,
      ]);
    }
  });

  it('end where the demands begin, and admit no limit', () => {
    expect(readRules('Preferred:\n- sRGB\nRequired:\n- 300 ppi').advice).toEqual(['colourSpace']);
    expect(readRules('Ideally:\n- sRGB\n- the page takes no more than 4 MB').advice).toEqual(['colourSpace']);
  });
});

import { expect, it } from 'vitest';
import { ruleSchema, type Rule } from '@able-frame/core';
import { parseRatios, RULE_FIELDS } from './rule-field-list.ts';
import { takeOver } from './take-over.ts';

const side: Rule = { id: 's', level: 'must', kind: 'side', side: 'width', minPx: 100, maxPx: 200 };

it('takes a change over, leaves an emptied field out, and refuses what is no rule', () => {
  const taken: Rule[] = [];
  const change = (changes: Record<string, unknown>) =>
    takeOver(ruleSchema, side, changes, next => taken.push(next));
  expect(change({ maxPx: 300 })).toBe(true);
  expect(change({ minPx: undefined })).toBe(true);
  expect(change({ maxPx: 0 })).toBe(false);
  expect(change({ sparkle: 1 })).toBe(false);
  expect(taken).toEqual([
    { ...side, maxPx: 300 },
    { id: 's', level: 'must', kind: 'side', side: 'width', maxPx: 200 },
  ]);
});

it.each([
  ['3:2', [{ width: 3, height: 2 }]],
  [
    '3:2, 4 x 3',
    [
      { width: 3, height: 2 },
      { width: 4, height: 3 },
    ],
  ],
  ['3:', undefined],
  ['wide', undefined],
  ['', undefined],
])('ratios written “%s”', (written, ratios) => {
  expect(parseRatios(written)).toEqual(ratios);
});

it('has fields for every kind of rule that has something to choose', () => {
  for (const option of ruleSchema.options) {
    const kind = option.shape.kind.value;
    const own = Object.keys(option.shape).filter(
      key => !['id', 'level', 'quote', 'kind', 'written'].includes(key),
    );
    const offered = RULE_FIELDS[kind].flatMap(field => (field.type === 'ratios' ? ['ratios'] : [field.key]));
    expect([kind, own.sort()]).toEqual([kind, offered.sort()]);
  }
});

import { expect, it } from 'vitest';
import { BUILT_IN_SHEETS } from './built-in-sheets.ts';
import { parseRuleSheet, rulesOf } from './rule-sheet.ts';

it('comes with sheets of three different kinds of size', () => {
  const kinds = BUILT_IN_SHEETS.map(sheet => sheet.deliverables[0]?.rules[0]?.kind);
  expect(kinds).toEqual(['exact-size', 'box', 'side']);
  for (const sheet of BUILT_IN_SHEETS) expect(parseRuleSheet(structuredClone(sheet))).toEqual(sheet);
});

it.each([
  ['nothing', null, 'the whole file'],
  ['a key that is not known', { ...BUILT_IN_SHEETS[0], run: 'rm' }, 'the whole file'],
  [
    'a width of zero',
    {
      ...BUILT_IN_SHEETS[0],
      deliverables: [
        {
          ...BUILT_IN_SHEETS[0]!.deliverables[0],
          rules: [{ id: 'a', kind: 'box', widthPx: 0, heightPx: 5, eitherWay: false }],
        },
      ],
    },
    'widthPx',
  ],
])('refuses %s and says where', (_, data, place) => {
  expect(() => parseRuleSheet(data)).toThrow(place);
});

it('refuses a newer version with what to do', () => {
  expect(() => parseRuleSheet({ ...BUILT_IN_SHEETS[0], version: 2 })).toThrow(
    /version 2; up to version 1.*up to date/,
  );
});

it('finds rules by kind', () => {
  expect(rulesOf(BUILT_IN_SHEETS[0]!.deliverables[0]!, 'bytes')[0]?.maxBytes).toBe(1_500_000);
});

import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { BUILT_IN_SHEETS } from '../rules/built-in-sheets.ts';
import { parseRuleSheet } from '../rules/parse-rule-sheet.ts';
import type { Rule } from '../rules/rule.ts';
import { box, exact, makeDeliverable, makeSheet, side } from '../testing/make-sheet.ts';
import { wordChange } from '../wording/word-change.ts';
import { applyChanges } from './apply-changes.ts';
import { compareSheets, withNewerWords } from './compare-sheets.ts';

const withRules = (...rules: Rule[]) => makeSheet({ deliverables: [makeDeliverable(rules)] });

describe('compareSheets', () => {
  it('finds nothing between a sheet and itself, whatever the order of keys and the ids', () => {
    for (const sheet of BUILT_IN_SHEETS) expect(compareSheets(sheet, sheet)).toEqual([]);
    const before = withRules(side('long-edge', 100, 200));
    const after = withRules({ ...side('long-edge', 100, 200), id: 'other', quote: 'Says so.' });
    expect(compareSheets(before, after)).toEqual([]);
  });

  it('pairs rules by what they demand, and says what came and went', () => {
    const before = withRules(exact(2400, 1600), side('long-edge', 100), side('width', 5));
    const after = withRules(box(2400, 1600), side('long-edge', 300), {
      id: 'm',
      level: 'must',
      kind: 'monochrome',
    });
    const words = compareSheets(before, after).map(wordChange);
    expect(words.map(w => [w.before, w.after])).toEqual([
      ['Exactly 2400 × 1600', 'Within 2400 × 1600'],
      ['Long edge at least 100 px', 'Long edge at least 300 px'],
      ['Width at least 5 px', undefined],
      [undefined, 'Monochrome: no hue anywhere'],
    ]);
  });

  it('sees every field of the sheet', () => {
    const before = makeSheet();
    const after = makeSheet({
      title: 'Another',
      organiser: 'Somebody',
      closes: { at: '2027-01-01T12:00', zone: 'UTC' },
      details: [{ id: 'a', label: 'A', shape: { kind: 'letters-digits', letters: 2, digits: 3 } }],
      sections: [{ code: 'X', label: 'X', limit: 2 }],
      maxEntries: 3,
      maxFiles: 4,
      maxTotal: { bytes: 5_000_000 },
      declarations: [{ id: 'd', text: 'True.' }],
    });
    const changes = compareSheets(before, after);
    expect(changes).toHaveLength(9);
    for (const change of changes) {
      const words = wordChange(change);
      expect(words.subject).not.toBe('');
      expect(words.after).not.toBeUndefined();
    }
    expect(applyChanges(before, changes)).toEqual({ ...after, id: before.id });
  });

  it('carried over whole, leaves no difference: any sheet becomes any other', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BUILT_IN_SHEETS), fc.constantFrom(...BUILT_IN_SHEETS), (a, b) => {
        const changed = applyChanges(a, compareSheets(a, b));
        expect(compareSheets(changed, b)).toEqual([]);
        expect(parseRuleSheet(changed).id).toBe(a.id);
      }),
    );
  });

  it('carried over in part, changes that part alone', () => {
    const before = withRules(exact(2400, 1600), side('width', 5));
    const after = withRules(exact(1200, 800));
    const [size, gone] = compareSheets(before, after);
    expect(size && applyChanges(before, [size]).deliverables[0]?.rules).toMatchObject([
      { id: 'exact-2400-1600', widthPx: 1200 },
      { kind: 'side' },
    ]);
    expect(gone && applyChanges(before, [gone]).deliverables[0]?.rules).toHaveLength(1);
  });
});

describe('withNewerWords', () => {
  const older = withRules({ ...side('long-edge', 100), quote: 'At least 100 px.' }, side('width', 5));

  it('quotes the newer text for rules that stay, under their own ids', () => {
    const newer = withRules({ ...side('long-edge', 100), id: 'other', quote: 'Not under 100 px.' });
    expect(withNewerWords(older, newer).deliverables[0]?.rules).toEqual([
      { ...older.deliverables[0]?.rules[0], quote: 'Not under 100 px.' },
      older.deliverables[0]?.rules[1],
    ]);
  });

  it('leaves the words of rules that the newer text changes, leaves out, or does not quote', () => {
    for (const newer of [
      withRules({ ...side('long-edge', 300), quote: 'At least 300 px.' }),
      withRules(side('height', 7)),
      withRules(side('long-edge', 100)),
    ])
      expect(withNewerWords(older, newer)).toEqual(older);
  });

  it('changes nothing that is asked', () => {
    for (const a of BUILT_IN_SHEETS)
      for (const b of BUILT_IN_SHEETS) expect(compareSheets(a, withNewerWords(a, b))).toEqual([]);
  });
});

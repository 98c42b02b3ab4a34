import { describe, expect, it } from 'vitest';
import { BUILT_IN_SHEETS } from '../rules/built-in-sheets.ts';
import type { Rule } from '../rules/rule.ts';
import { parseRuleSheet } from '../rules/parse-rule-sheet.ts';
import type { RuleSheet } from '../rules/rule-sheet.ts';
import { box, exact, makeDeliverable, makeSheet, side } from '../testing/make-sheet.ts';
import { wordMend, wordSheetFault } from '../wording/word-lint.ts';
import { lintSheet, type SheetFault } from './lint-sheet.ts';
import { mendSheet } from './mend-sheet.ts';

const NOW = '2026-11-23T18:00';
const bytes = (minBytes?: number, maxBytes?: number): Rule => ({
  id: 'bytes',
  level: 'must',
  kind: 'bytes',
  ...(minBytes ? { minBytes } : {}),
  ...(maxBytes ? { maxBytes } : {}),
});
const ratio = (width: number, height: number, tolerance = 0): Rule => ({
  id: 'ratio',
  level: 'must',
  kind: 'ratio',
  ratios: [{ width, height }],
  eitherWay: false,
  tolerance,
});
const withRules = (...rules: Rule[]): RuleSheet => makeSheet({ deliverables: [makeDeliverable(rules)] });
const codes = (sheet: RuleSheet) => lintSheet(sheet, NOW).map(f => f.code);

describe('lintSheet', () => {
  it('has nothing to say about the sheets that come with the program', () => {
    for (const sheet of BUILT_IN_SHEETS) expect(lintSheet(sheet, NOW)).toEqual([]);
  });

  it.each<[string, RuleSheet, SheetFault['code']]>([
    ['a least side above the greatest', withRules(side('width', 2000, 1000)), 'least-above-greatest'],
    [
      'a least weight above the greatest',
      withRules(box(10, 10), bytes(50_000, 20_000)),
      'least-above-greatest',
    ],
    ['sizes that exclude each other', withRules(side('width', 3000), box(1400, 1050)), 'sizes-contradict'],
    [
      'a ratio that no whole pixels have',
      withRules(ratio(3, 2), side('width', 100, 100), side('height', 66, 67)),
      'no-whole-pixels',
    ],
    [
      'a ceiling that only mush can meet',
      withRules(exact(2400, 1600), bytes(undefined, 20_000)),
      'ceiling-too-low',
    ],
    ['a least weight that no JPEG has', withRules(exact(200, 230), bytes(200_000)), 'floor-too-high'],
    [
      'a name longer than allowed',
      makeSheet({
        deliverables: [
          makeDeliverable([box(9, 9)], {
            parts: [
              { kind: 'text', text: 'GreylingBay' },
              { kind: 'title', form: 'upper' },
            ],
            maxLength: 10,
          }),
        ],
      }),
      'name-always-too-long',
    ],
    [
      'too few digits',
      makeSheet({
        maxEntries: 12,
        deliverables: [
          makeDeliverable([box(9, 9)], {
            parts: [{ kind: 'number', start: 1, step: 1, digits: 1, within: 'submission' }],
          }),
        ],
      }),
      'too-few-digits',
    ],
    [
      'one name for all',
      makeSheet({
        deliverables: [makeDeliverable([box(9, 9)], { parts: [{ kind: 'text', text: 'entry' }] })],
      }),
      'names-repeat',
    ],
    [
      'numbers that begin anew without the section',
      makeSheet({
        sections: [
          { code: 'A', label: 'A' },
          { code: 'B', label: 'B' },
        ],
        deliverables: [
          makeDeliverable([box(9, 9)], {
            parts: [{ kind: 'number', start: 1, step: 1, digits: 2, within: 'section' }],
          }),
        ],
      }),
      'section-without-code-in-name',
    ],
    [
      'megapixels upside down',
      withRules({ id: 'mp', level: 'must', kind: 'megapixels', min: 24, max: 2 }),
      'least-above-greatest',
    ],
    [
      'an ending of another format',
      makeSheet({
        deliverables: [makeDeliverable([{ id: 'f', level: 'must', kind: 'file-format', formats: ['tiff'] }])],
      }),
      'extension-of-another-format',
    ],
    [
      '16 bits where no format holds them',
      withRules({ id: 'b', level: 'must', kind: 'bit-depth', bits: 16 }),
      'depth-without-format',
    ],
    [
      'a name in an anonymous file’s name',
      makeSheet({
        details: [{ id: 'surname', label: 'Surname', shape: { kind: 'any' } }],
        deliverables: [
          makeDeliverable([{ id: 'a', level: 'must', kind: 'metadata', field: 'author', demand: 'absent' }], {
            parts: [
              { kind: 'detail', detail: 'surname', form: 'as-typed' },
              { kind: 'text', text: '_' },
              { kind: 'title', form: 'as-typed' },
            ],
          }),
        ],
      }),
      'author-in-name',
    ],
    [
      'a note that must and must not be there',
      withRules(
        { id: 'a', level: 'must', kind: 'metadata', field: 'everything', demand: 'absent' },
        { id: 'c', level: 'must', kind: 'metadata', field: 'camera', demand: 'present' },
      ),
      'metadata-contradicts',
    ],
    [
      'monochrome in a section for colour alone',
      makeSheet({
        sections: [{ code: 'C', label: 'Colour', picture: 'colour' }],
        deliverables: [makeDeliverable([{ id: 'm', level: 'must', kind: 'monochrome' }])],
      }),
      'monochrome-in-colour-section',
    ],
    [
      'a kind of file for a section that is not there',
      makeSheet({
        sections: [{ code: 'C', label: 'Colour' }],
        deliverables: [{ ...makeDeliverable([box(9, 9)]), sections: ['X'] }],
      }),
      'section-not-there',
    ],
    ['a closing date in the past', makeSheet({ closes: { at: '2026-11-22T20:00' } }), 'closed'],
  ])('finds %s, and says what to do', (_, sheet, code) => {
    const faults = lintSheet(sheet, NOW);
    expect(faults.map(f => f.code)).toEqual([code]);
    for (const fault of faults) {
      expect(wordSheetFault(fault)).toMatch(/\.$/);
      const mended = mendSheet(sheet, fault);
      expect(wordMend(fault)).not.toBe('');
      // Every fault of this list can be mended, and the mend takes away this fault and brings no other.
      expect(mended && codes(mended)).toEqual([]);
      expect(mended && parseRuleSheet(mended)).toEqual(mended);
    }
  });

  it('writes pixels as the rules do, and bytes in thousands', () => {
    const faults = lintSheet(withRules(side('width', 3000, 2000), bytes(90_000, 20_000)), NOW);
    const [ofPixels, ofBytes] = faults.map(wordSheetFault);
    expect(ofPixels).toContain('At least 3000 and at most 2000 pixels');
    expect(ofBytes).toContain('At least 90,000 and at most 20,000 bytes');
  });

  it('leaves to the organiser what no single rule explains', () => {
    const sheet = withRules(side('width', 3000), side('width', 1, 2000), side('width', 4000, 5000));
    const [fault] = lintSheet(sheet, NOW);
    expect(fault).toMatchObject({ code: 'sizes-contradict', rule: 'width-1-2000' });
    const twice = withRules(box(100, 100), exact(100, 100), exact(200, 200), exact(300, 300));
    const [other] = lintSheet(twice, NOW);
    expect(other).toMatchObject({ code: 'sizes-contradict', rule: undefined });
    expect(other && mendSheet(twice, other)).toBeUndefined();
  });

  it('lets a ratio pass that whole pixels can meet', () => {
    expect(codes(withRules(ratio(3, 2), box(1400, 1050)))).toEqual([]);
    expect(codes(withRules(ratio(1.618, 1, 0.005), box(1400, 1050)))).toEqual([]);
  });
});

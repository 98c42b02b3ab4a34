import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LetterForm, NamePattern } from '../rules/name-pattern.ts';
import { buildName, portabilityFault, writeText, type NameInput } from './build-name.ts';
import { matchesPattern } from './match-name.ts';

const pattern = (change: Partial<NamePattern> = {}): NamePattern => ({
  parts: [
    { kind: 'section-code', form: 'as-typed' },
    { kind: 'text', text: '_' },
    { kind: 'detail', detail: 'member-number', form: 'as-typed' },
    { kind: 'text', text: '_' },
    { kind: 'number', start: 1, step: 1, digits: 2, within: 'section' },
    { kind: 'text', text: '_' },
    { kind: 'title', form: 'run-together' },
  ],
  spaces: 'forbidden',
  characters: 'plain',
  extension: 'jpg',
  ...change,
});
const input = (change: Partial<NameInput> = {}): NameInput => ({
  title: 'Lantern boats',
  sectionCode: 'OC',
  placeInSection: 1,
  placeInSubmission: 4,
  details: { 'member-number': '0417' },
  ...change,
});
const context = {
  sections: [
    { code: 'OC', label: 'Open colour' },
    { code: 'MO', label: 'Monochrome' },
  ],
  details: [{ id: 'member-number', label: 'Member number', shape: { kind: 'digits' as const, count: 4 } }],
};

describe('buildName', () => {
  it('joins the parts in order', () => {
    expect(buildName(pattern(), input())).toEqual({ ok: true, name: 'OC_0417_02_LanternBoats.jpg' });
  });

  it('counts by start, step and digits, in the section or in the submission', () => {
    const parts: NamePattern['parts'] = [
      { kind: 'number', start: 10, step: 5, digits: 3, within: 'submission' },
    ];
    expect(buildName(pattern({ parts }), input())).toEqual({ ok: true, name: '030.jpg' });
    const short: NamePattern['parts'] = [
      { kind: 'number', start: 99, step: 1, digits: 2, within: 'section' },
    ];
    expect(buildName(pattern({ parts: short }), input())).toMatchObject({
      ok: false,
      problems: [{ code: 'number-too-long', number: 100 }],
    });
  });

  it('names every missing piece at once', () => {
    const result = buildName(pattern(), input({ title: ' ', sectionCode: undefined, details: {} }));
    expect(result).toMatchObject({ ok: false });
    expect(!result.ok && result.problems.map(p => p.code)).toEqual([
      'section-missing',
      'detail-missing',
      'title-missing',
    ]);
  });

  it('refuses names that are too long or that a computer cannot hold', () => {
    expect(buildName(pattern({ maxLength: 20 }), input())).toMatchObject({
      problems: [{ code: 'name-too-long', length: 27 }],
    });
    const titleOnly = pattern({ parts: [{ kind: 'title', form: 'as-typed' }] });
    expect(buildName(titleOnly, input({ title: 'CON' }))).toMatchObject({
      problems: [{ reason: 'reserved-word' }],
    });
  });

  it.each<[string, LetterForm, string]>([
    ['Gull’s  rest, at dusk', 'as-typed', 'Gulls rest at dusk'],
    ['gull’s rest', 'run-together', 'GullsRest'],
    ['Blå Fjørd', 'hyphens', 'Bla-Fjord'],
    ['low tide', 'underscores', 'low_tide'],
    ['Straße', 'upper', 'STRASSE'],
    ['Œuvre Noire', 'lower', 'oeuvre noire'],
    ['海', 'as-typed', ''],
  ])('writes “%s” %s as “%s”', (title, form, written) => {
    expect(writeText(title, form, { characters: 'plain', spaces: 'allowed' })).toBe(written);
  });

  it('keeps other alphabets where any character is allowed', () => {
    expect(writeText('海 / sea', 'as-typed', { characters: 'any', spaces: 'allowed' })).toBe('海 sea');
  });

  it('keeps to the rules whatever the title is', () => {
    const forms = fc.constantFrom<LetterForm>(
      'as-typed',
      'run-together',
      'hyphens',
      'underscores',
      'upper',
      'lower',
    );
    fc.assert(
      fc.property(
        fc.string({ unit: 'binary', maxLength: 80 }),
        forms,
        fc.boolean(),
        (title, form, spaces) => {
          const own = pattern({
            parts: [
              { kind: 'title', form },
              { kind: 'text', text: '_' },
              { kind: 'number', start: 1, step: 1, digits: 3, within: 'submission' },
            ],
            spaces: spaces ? 'allowed' : 'forbidden',
          });
          const built = buildName(own, input({ title }));
          if (!built.ok) return;
          expect(built.name).toMatch(spaces ? /^[A-Za-z0-9 _-]+\.jpg$/ : /^[A-Za-z0-9_-]+\.jpg$/);
          expect(portabilityFault(built.name)).toBeUndefined();
          expect(matchesPattern(built.name, own, context)).toBe(true);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('matchesPattern', () => {
  it.each([
    ['OC_0417_02_LanternBoats.jpg', true],
    ['MO_0417_10_A.jpg', true],
    ['OC_417_02_LanternBoats.jpg', false],
    ['XX_0417_02_LanternBoats.jpg', false],
    ['OC_0417_2_LanternBoats.jpg', false],
    ['OC_0417_02_Lantern Boats.jpg', false],
    ['OC_0417_02_LanternBoats..jpg', false],
    ['OC_0417_02_LanternBoats.JPG', false],
    ['OC_0417_02_.jpg', false],
    ['IMG_2231 final(2)..jpg', false],
  ])('%s: %s', (name, verdict) => {
    expect(matchesPattern(name, pattern(), context)).toBe(verdict);
  });

  it('answers for a pattern of many open parts over a long name', () => {
    const parts = Array.from({ length: 20 }, () => ({ kind: 'title' as const, form: 'as-typed' as const }));
    expect(matchesPattern(`${'a'.repeat(190)}!.jpg`, pattern({ parts }), context)).toBe(false);
    expect(matchesPattern(`${'a'.repeat(190)}.jpg`, pattern({ parts }), context)).toBe(true);
  });
});

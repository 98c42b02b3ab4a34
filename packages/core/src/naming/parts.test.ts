import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { NamePart, NamePattern } from '../rules/name-pattern.ts';
import { BUILT_IN_SHEETS } from '../rules/built-in-sheets.ts';
import { buildName, writeDate } from './build-name.ts';
import { hasShape } from './detail-shape.ts';
import { exampleDetails, exampleName } from './example-name.ts';
import { matchesPattern } from './match-name.ts';

const pattern = (parts: NamePart[], change: Partial<NamePattern> = {}): NamePattern => ({
  parts,
  spaces: 'forbidden',
  characters: 'plain',
  extension: 'jpg',
  ...change,
});
const input = {
  title: 'Low tide, évening',
  sectionCode: 'oc',
  placeInSection: 0,
  placeInSubmission: 0,
  details: { ticket: 'AB1234' },
  deliverable: 'Large',
  takenOn: '2026-11-01',
  closesOn: '2027-02-14',
};
const context = {
  sections: [{ code: 'oc', label: 'Open' }],
  details: [
    { id: 'ticket', label: 'Ticket', shape: { kind: 'letters-digits' as const, letters: 2, digits: 4 } },
  ],
  deliverable: 'Large',
};
const nameOf = (p: NamePattern, change: Partial<typeof input> = {}) => {
  const built = buildName(p, { ...input, ...change });
  return built.ok ? built.name : built.problems[0]?.code;
};

describe('parts of a name', () => {
  it.each<[NamePart[], Partial<NamePattern>, string]>([
    [[{ kind: 'title', form: 'run-together-capitals' }], {}, 'LOWTIDEEVENING.jpg'],
    [[{ kind: 'section-code', form: 'upper' }], {}, 'OC.jpg'],
    [[{ kind: 'deliverable', form: 'lower' }], { extension: 'tif' }, 'large.tif'],
    [[{ kind: 'date', of: 'taken', form: 'run-together' }], {}, '20261101.jpg'],
    [[{ kind: 'date', of: 'closing', form: 'day-month-year' }], { extension: 'webp' }, '14-02-2027.webp'],
    [[{ kind: 'detail', detail: 'ticket', form: 'lower' }], {}, 'ab1234.jpg'],
    [[{ kind: 'title', form: 'hyphens' }], { characters: 'letters-digits' }, 'Low-tide-evening.jpg'],
  ])('%o', (parts, change, name) => {
    const p = pattern(parts, change);
    expect(nameOf(p)).toBe(name);
    if (parts[0]?.kind !== 'detail') expect(matchesPattern(name, p, context)).toBe(true);
  });

  it('say which date is missing', () => {
    const p = pattern([{ kind: 'date', of: 'taken', form: 'year' }]);
    expect(buildName(p, { ...input, takenOn: undefined })).toMatchObject({
      problems: [{ code: 'date-missing', of: 'taken' }],
    });
  });

  it('whatever is built matches its own pattern', () => {
    const part: fc.Arbitrary<NamePart> = fc.oneof(
      fc.constantFrom('_', '-', 'by').map(text => ({ kind: 'text' as const, text })),
      fc
        .constantFrom('as-typed', 'run-together', 'run-together-capitals', 'hyphens', 'upper', 'lower')
        .chain(form =>
          fc.constantFrom('title', 'section-code', 'deliverable').map(kind => ({ kind, form }) as NamePart),
        ),
      fc
        .constantFrom('year-month-day', 'day-month-year', 'run-together', 'year-month', 'year')
        .map(form => ({ kind: 'date' as const, of: 'taken' as const, form }) as NamePart),
      fc.integer({ min: 1, max: 5 }).map(digits => ({
        kind: 'number' as const,
        start: 1,
        step: 1,
        digits,
        within: 'section' as const,
      })),
    );
    fc.assert(
      fc.property(
        fc.array(part, { minLength: 1, maxLength: 5 }),
        fc.constantFrom('plain', 'letters-digits', 'any'),
        fc.constantFrom('allowed', 'forbidden'),
        fc.string({ minLength: 1, maxLength: 30 }),
        (parts, characters, spaces, title) => {
          const p = pattern(parts, { characters, spaces });
          const built = buildName(p, { ...input, title });
          if (built.ok)
            expect([built.name, matchesPattern(built.name, p, context)]).toEqual([built.name, true]);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

it('writes a date in every form', () => {
  expect(writeDate('2027-02-14', 'year-month')).toBe('2027-02');
  expect(writeDate('2027-02-14T23:59', 'year-month-day')).toBe('2027-02-14');
});

it.each([
  ['AB1234', { kind: 'letters-digits', letters: 2, digits: 4 }, true],
  ['A11234', { kind: 'letters-digits', letters: 2, digits: 4 }, false],
  [' 0417 ', { kind: 'digits', count: 4 }, true],
  ['abc', { kind: 'letters', count: 4 }, false],
  ['Saltmere', { kind: 'one-of', options: ['Saltmere'] }, true],
  ['   ', { kind: 'any' }, false],
] as const)('%j has the shape %o: %s', (value, shape, fits) => {
  expect(hasShape(value, shape as Parameters<typeof hasShape>[1])).toBe(fits);
});

it('gives every built-in sheet details of the right shape and an example name', () => {
  for (const sheet of BUILT_IN_SHEETS) {
    const details = exampleDetails(sheet);
    for (const d of sheet.details) expect(hasShape(details[d.id] ?? '', d.shape)).toBe(true);
    for (const d of sheet.deliverables) {
      const name = exampleName(sheet, d) ?? '';
      expect(matchesPattern(name, d.name, { ...sheet, deliverable: d.label })).toBe(true);
    }
  }
});

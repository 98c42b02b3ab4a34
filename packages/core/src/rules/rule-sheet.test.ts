import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BUILT_IN_SHEETS } from './built-in-sheets.ts';
import { importRuleSheet, parseRuleSheet } from './parse-rule-sheet.ts';
import { ruleSchema, rulesOf, RULE_GROUPS } from './rule.ts';
import { declarationsOf, RULE_SHEET_VERSION, type RuleSheet } from './rule-sheet.ts';
import { namePartSchema } from './name-pattern.ts';

const salon = BUILT_IN_SHEETS[0]!;
const kindsOf = (schema: typeof ruleSchema | typeof namePartSchema) =>
  schema.options.map(option => option.shape.kind.value as string);

describe('the sheets that come with the program', () => {
  it('are at least eight, each a sheet of its own', () => {
    expect(BUILT_IN_SHEETS.length).toBeGreaterThanOrEqual(8);
    expect(new Set(BUILT_IN_SHEETS.map(s => s.id)).size).toBe(BUILT_IN_SHEETS.length);
    for (const sheet of BUILT_IN_SHEETS)
      expect(parseRuleSheet(JSON.parse(JSON.stringify(sheet)))).toEqual(sheet);
  });

  it('cover every kind of rule, of name part and of detail', () => {
    const deliverables = BUILT_IN_SHEETS.flatMap(s => s.deliverables);
    const kinds = new Set<string>(deliverables.flatMap(d => d.rules.map(rule => rule.kind)));
    expect([...kinds].sort()).toEqual(kindsOf(ruleSchema).sort());
    const parts = new Set<string>(deliverables.flatMap(d => d.name.parts.map(part => part.kind)));
    expect([...parts].sort()).toEqual(kindsOf(namePartSchema).sort());
    const formats = deliverables.flatMap(d => rulesOf(d, 'file-format').flatMap(rule => rule.formats));
    expect([...new Set(formats)].sort()).toEqual(['jpeg', 'png', 'tiff', 'webp']);
  });

  it('are shown in groups that hold every kind once', () => {
    const grouped: string[] = RULE_GROUPS.flatMap(g => [...g.kinds]);
    expect([...grouped].sort()).toEqual(kindsOf(ruleSchema).sort());
  });
});

describe('parseRuleSheet', () => {
  it.each([
    ['nothing', null, 'the whole file'],
    ['a key that is not known', { ...salon, run: 'rm' }, 'the whole file'],
    ['a width of zero', withRule(salon, { id: 'a', kind: 'box', widthPx: 0, heightPx: 5 }), 'widthPx'],
    [
      'a colour that is no colour',
      withRule(salon, { id: 'a', kind: 'canvas', allowed: true, colour: 'red' }),
      'colour',
    ],
  ])('refuses %s and says where', (_, data, place) => {
    expect(() => parseRuleSheet(data)).toThrow(place);
  });

  it('refuses a newer version with what to do', () => {
    expect(() => parseRuleSheet({ ...salon, version: RULE_SHEET_VERSION + 1 })).toThrow(
      /version 3; up to version 2.*up to date/,
    );
  });
});

describe('importRuleSheet', () => {
  it('leaves unknown keys out, wherever they are, and says which', () => {
    const strange = withRule({ ...salon, run: 'rm' }, { ...salon.deliverables[0]!.rules[0]!, blink: true });
    const { sheet, leftOut } = importRuleSheet(strange);
    expect(leftOut.sort()).toEqual(['deliverables › 0 › rules › 0 › blink', 'run']);
    expect(sheet).not.toHaveProperty('run');
    expect(importRuleSheet(sheet)).toEqual({ sheet, leftOut: [], migratedFrom: undefined });
  });

  it('brings a sheet of version 1 up to date: what it had to declare has become rules', () => {
    const old = {
      ...salon,
      version: 1,
      declarations: [
        { id: 'own-work', text: 'Every picture was taken by me.' },
        { id: 'no-border', text: 'No picture has a border.' },
        { id: 'no-mark', text: 'No picture carries a name, a mark or lettering.' },
        { id: 'monochrome', text: 'Every picture is monochrome.' },
      ],
    };
    const { sheet, migratedFrom } = importRuleSheet(old);
    expect(migratedFrom).toBe(1);
    expect(sheet.version).toBe(RULE_SHEET_VERSION);
    expect(sheet.declarations.map(d => d.id)).toEqual(['own-work']);
    const added = sheet.deliverables[0]!.rules.slice(salon.deliverables[0]!.rules.length);
    expect(added.map(r => r.kind)).toEqual(['overlay', 'overlay', 'monochrome']);
    expect(declarationsOf(sheet).map(d => d.id)).toEqual(['own-work', 'no-border', 'no-text-mark']);
  });

  it('answers mutated sheets with a sheet or a sentence, never with anything else', () => {
    const text = JSON.stringify(salon);
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.nat(text.length - 1), fc.constantFrom('', '{', '}', '"', '0', '-1', 'null,', '[]')),
        ),
        changes => {
          let mutated = text;
          for (const [at, insert] of changes) mutated = mutated.slice(0, at) + insert + mutated.slice(at + 1);
          let data: unknown;
          try {
            data = JSON.parse(mutated);
          } catch {
            return;
          }
          expectSheetOrSentence(data);
        },
      ),
      { numRuns: 500 },
    );
    fc.assert(fc.property(fc.anything(), expectSheetOrSentence), { numRuns: 500 });
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(salon)), fc.jsonValue(), (key, value) =>
        expectSheetOrSentence({ ...salon, [key]: value }),
      ),
      { numRuns: 500 },
    );
  });
});

function expectSheetOrSentence(data: unknown): void {
  try {
    const { sheet } = importRuleSheet(data);
    expect(parseRuleSheet(sheet)).toEqual(sheet);
  } catch (error) {
    expect((error as Error).message).toMatch(/^This (?:is not a rule sheet|rule sheet has version)/);
  }
}

function withRule(sheet: RuleSheet & { run?: string }, rule: object) {
  return { ...sheet, deliverables: [{ ...sheet.deliverables[0], rules: [rule] }] };
}

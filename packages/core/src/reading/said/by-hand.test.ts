import { describe, expect, it } from 'vitest';
import { parseRuleSheet } from '../../rules/parse-rule-sheet.ts';
import { newRule } from '../../rules/new-rule.ts';
import { ruleSchema } from '../../rules/rule.ts';
import { SITUATIONS, sheetForSituation } from '../../rules/situations.ts';
import { lintSheet } from '../../lint/lint-sheet.ts';
import { answerQuestion } from '../sheet/answer-question.ts';
import { readRules } from '../read-rules.ts';
import { ruleFromWords } from '../sheet/rule-from-words.ts';
import { rulesNamedBy } from '../sheet/rules-named-by.ts';
import { sheetFromReading } from '../sheet/sheet-from-reading.ts';

/** What a person does to a sheet beside the reader. */

const draftOf = (text: string) => {
  const reading = readRules(text);
  const draft = sheetFromReading(reading, text, {
    id: 'x',
    title: 'X',
    organiser: 'Y',
    today: '2026-11-23',
  });
  if (!draft) throw new Error('expected a draft');
  return { reading, ...draft };
};

describe('the name of a file', () => {
  it.each([
    ['Puffin_20270514.jpg', 'run-together'],
    ['Puffin_2027-05-14.jpg', 'year-month-day'],
    ['Puffin_14-05-2027.jpg', 'day-month-year'],
  ])('writes a date as %s has it', (example, form) => {
    const { sheet } = draftOf(`Send JPEG files. File name: species and date, e.g. ${example}`);
    expect(sheet.deliverables[0]?.name.parts).toMatchObject([
      { kind: 'title' },
      { kind: 'text', text: '_' },
      { kind: 'date', of: 'taken', form },
    ]);
  });

  it('takes what differs from picture to picture for its title, and says so', () => {
    const text = 'Send JPEG files. Name each with its catalogue number and your initials, e.g. 1187_KL.jpg';
    const { sheet, notHeld } = draftOf(text);
    expect(sheet.deliverables[0]?.name.parts.map(part => part.kind)).toEqual(['title', 'text', 'detail']);
    expect(sheet.details.map(detail => detail.label)).toEqual(['Initials']);
    expect(notHeld.map(note => note.text)).toContain(
      'The name has the catalogue number of each picture: give it where the title is asked for.',
    );
    // Beside a title it is asked for once.
    const beside = draftOf('Send JPEG files. Name: catalogue number and title, e.g. 1187_Low Tide.jpg').sheet;
    expect(beside.details.map(detail => detail.label)).toEqual(['Catalogue number']);
  });
});

describe('the code of a section', () => {
  const codes = (text: string) => draftOf(text).sheet.sections.map(s => s.code);

  it('has as many letters as the organiser’s example shows', () => {
    const text = 'Send 6 images: 2 Open, 2 Mono, 2 Nature. JPEG. Name: section letter and number, e.g. ';
    expect(codes(`${text}N03.jpg`)).toEqual(['O', 'M', 'N']);
    expect(codes(`${text}na03.jpg`)).toEqual(['op', 'mo', 'na']);
  });

  it('is two capitals where no example shows one, and never that of another', () => {
    expect(codes('JPEG. Send 3 images: 1 Nature, 1 Native, 1 Open.')).toEqual(['NA', 'NA2', 'OP']);
  });
});

describe('a doubt about a number', () => {
  it('is settled by choosing one of the numbers', () => {
    const { reading, sheet, lines } = draftOf(
      'JPEG files, at most 2 Mb. The longest side is at most 2000 pixels.',
    );
    const [question] = reading.questions;
    expect(question?.options).toEqual([2_000_000, 250_000]);
    if (!question) return;
    const chosen = answerQuestion(sheet, question, rulesNamedBy(question, lines), 250_000);
    expect(chosen.deliverables[0]?.rules).toContainEqual(
      expect.objectContaining({ kind: 'bytes', maxBytes: 250_000 }),
    );
    // Another rule with the same number is not touched.
    expect(chosen.deliverables[0]?.rules).toContainEqual(expect.objectContaining({ maxPx: 2000 }));
  });

  it('of two places takes the tighter first and offers the other', () => {
    const { reading, sheet, lines } = draftOf(
      'JPEG files. The longest side must not exceed 2400 pixels. Files: max. 1920 px on the longest side.',
    );
    const question = reading.questions.find(q => q.field === 'longEdge');
    expect(question?.options).toContain(2400);
    if (!question) return;
    expect(rulesNamedBy(question, lines)).toEqual([{ deliverable: 'file', rule: 'long-edge' }]);
    const other = question.options?.find(n => n !== question.options?.[0]) ?? 0;
    const chosen = answerQuestion(sheet, question, rulesNamedBy(question, lines), other);
    expect(parseRuleSheet(chosen)).toEqual(chosen);
  });
});

describe('words made into a rule', () => {
  it.each([
    ['No wider than 1920 px.', 'side', { side: 'width', maxPx: 1920 }],
    ['under 3 MB, please', 'bytes', { maxBytes: 3_000_000 }],
    ['proportions 4:5', 'ratio', { ratios: [{ width: 4, height: 5 }] }],
  ] as const)('%s', (words, kind, wanted) => {
    expect(ruleFromWords(words, kind)).toMatchObject({ kind, ...wanted, quote: words });
  });

  it('that say nothing of the kind give none', () => {
    expect(ruleFromWords('The tea room opens at noon.', 'bytes')).toBeUndefined();
  });
});

it('begins every kind of rule with something that holds', () => {
  for (const option of ruleSchema.options) {
    const rule = newRule(option.shape.kind.value, 'new');
    expect(ruleSchema.parse(rule)).toEqual(rule);
  }
});

it.each(SITUATIONS.map(s => [s.label, s] as const))(
  'begins a sheet for “%s” without a fault',
  (_, situation) => {
    const sheet = sheetForSituation(situation, 'new', '2026-11-23');
    expect(parseRuleSheet(sheet)).toEqual(sheet);
    expect(lintSheet(sheet, '2026-11-23T12:00')).toEqual([]);
  },
);

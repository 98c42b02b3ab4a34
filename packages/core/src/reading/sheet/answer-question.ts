import { ruleSchema, type Rule } from '../../rules/rule.ts';
import type { RuleSheet } from '../../rules/rule-sheet.ts';
import type { Question } from '../common/reading.ts';

/**
 * Settles a doubt about a number: wherever the sheet took the number that was read, the chosen one stands instead.
 * @param ruleIds ids of the rules that the doubted words gave, each with its deliverable
 * @param chosen one of the question's options
 */
export function answerQuestion(
  sheet: RuleSheet,
  question: Question,
  ruleIds: readonly { deliverable: string; rule: string }[],
  chosen: number,
): RuleSheet {
  const read = question.options?.[0];
  if (read === undefined) return sheet;
  const isMeant = (deliverable: string, rule: string) =>
    ruleIds.some(id => id.deliverable === deliverable && id.rule === rule);
  return {
    ...sheet,
    ...(question.field === 'maxFiles' && sheet.maxEntries === read ? { maxEntries: chosen } : {}),
    ...(question.field === 'packageBytesMax' && sheet.maxTotal?.bytes === read
      ? { maxTotal: { bytes: chosen } }
      : {}),
    deliverables: sheet.deliverables.map(d => ({
      ...d,
      rules: d.rules.map(rule => (isMeant(d.id, rule.id) ? withNumber(rule, read, chosen) : rule)),
    })),
  };
}

function withNumber(rule: Rule, read: number, chosen: number): Rule {
  const changed = Object.fromEntries(
    Object.entries(rule).map(([key, value]) => [key, value === read ? chosen : value]),
  );
  const parsed = ruleSchema.safeParse(changed);
  return parsed.success ? parsed.data : rule;
}

import type { PlanLabels, RuleSheet } from '@able-frame/core';

export function labelsOf(sheet: RuleSheet): PlanLabels {
  return { details: Object.fromEntries(sheet.details.map(d => [d.id, d.label])) };
}

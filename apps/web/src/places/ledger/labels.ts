import { sizeRules, wordRule, type Deliverable, type PlanLabels, type RuleSheet } from '@able-frame/core';

export function labelsOf(sheet: RuleSheet): PlanLabels {
  return { details: Object.fromEntries(sheet.details.map(d => [d.id, d.label])) };
}

/** What a deliverable asks of the pixels, in a few words. */
export function wordSizeRules(deliverable: Deliverable): string {
  return sizeRules(deliverable).map(wordRule).join(', ');
}

import type { Rule, RuleKind } from './rule.ts';

/** An id that no rule of the list has yet. */
export function freeRuleId(rules: readonly Rule[], kind: RuleKind): string {
  return freeId(`${kind}-added`, id => rules.some(rule => rule.id === id));
}

/** The wanted id, or that with the first number that makes it free. */
export function freeId(wanted: string, isTaken: (id: string) => boolean): string {
  if (!isTaken(wanted)) return wanted;
  for (let i = 2; ; i++) if (!isTaken(`${wanted}-${i}`)) return `${wanted}-${i}`;
}

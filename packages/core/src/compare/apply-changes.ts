import type { Deliverable, RuleSheet } from '../rules/rule-sheet.ts';
import { freeRuleId } from '../rules/free-id.ts';
import type { SheetChange } from './compare-sheets.ts';

/** Carries chosen changes over into a sheet and leaves everything else as it is. */
export function applyChanges(sheet: RuleSheet, changes: readonly SheetChange[]): RuleSheet {
  // What comes is put in before what goes is taken out: in between, no list may be empty.
  const isRemoval = (c: SheetChange) =>
    (c.what === 'rule' || c.what === 'deliverable') && c.after === undefined;
  return [...changes.filter(c => !isRemoval(c)), ...changes.filter(isRemoval)].reduce(applyOne, sheet);
}

function applyOne(sheet: RuleSheet, change: SheetChange): RuleSheet {
  switch (change.what) {
    case 'sheet': {
      const { [change.field]: _, ...rest } = sheet;
      const value = change.after[change.field];
      return { ...rest, ...(value === undefined ? {} : { [change.field]: value }) } as RuleSheet;
    }
    case 'deliverable': {
      const kept = sheet.deliverables.filter(d => d.id !== change.before?.id);
      const added = change.after ? [withFreeId(change.after, kept)] : [];
      const deliverables = [...kept, ...added];
      return deliverables.length ? { ...sheet, deliverables } : sheet;
    }
    case 'name':
      return within(sheet, change.deliverable, d => ({ ...d, name: change.after }));
    case 'rule':
      return within(sheet, change.deliverable, d => ({ ...d, rules: withChangedRule(d, change) }));
  }
}

function within(sheet: RuleSheet, id: string, edit: (d: Deliverable) => Deliverable): RuleSheet {
  return { ...sheet, deliverables: sheet.deliverables.map(d => (d.id === id ? edit(d) : d)) };
}

function withChangedRule(
  { rules }: Deliverable,
  { before, after }: Extract<SheetChange, { what: 'rule' }>,
): Deliverable['rules'] {
  if (!before) return after ? [...rules, { ...after, id: freeRuleId(rules, after.kind) }] : rules;
  const changed = rules.flatMap(rule =>
    rule.id === before.id ? (after ? [{ ...after, id: rule.id }] : []) : [rule],
  );
  return changed.length ? changed : rules;
}

function withFreeId(deliverable: Deliverable, others: readonly Deliverable[]): Deliverable {
  if (!others.some(d => d.id === deliverable.id)) return deliverable;
  for (let i = 2; ; i++) {
    const id = `${deliverable.id}-${i}`;
    if (!others.some(d => d.id === id)) return { ...deliverable, id };
  }
}

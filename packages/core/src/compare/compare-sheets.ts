import type { Rule } from '../rules/rule.ts';
import type { Deliverable, RuleSheet } from '../rules/rule-sheet.ts';

/** One difference between two versions of a rule sheet. Plain data; wording/word-change.ts says it. */
export type SheetChange =
  | { what: 'rule'; deliverable: string; label: string; before: Rule | undefined; after: Rule | undefined }
  | {
      what: 'name';
      deliverable: string;
      label: string;
      before: Deliverable['name'];
      after: Deliverable['name'];
    }
  | {
      what: 'deliverable';
      deliverable: string;
      before: Deliverable | undefined;
      after: Deliverable | undefined;
    }
  | { what: 'sheet'; field: SheetField; before: RuleSheet; after: RuleSheet };

/** What concerns a whole sheet. */
export type SheetField = (typeof SHEET_FIELDS)[number];

const SHEET_FIELDS = [
  'title',
  'organiser',
  'closes',
  'details',
  'sections',
  'maxEntries',
  'maxFiles',
  'maxTotal',
  'declarations',
] as const;

/**
 * The differences from one version of a sheet to another. Rules are paired by what they demand and not by their ids,
 * because a sheet that was read anew has other ids.
 */
export function compareSheets(before: RuleSheet, after: RuleSheet): SheetChange[] {
  const fields = SHEET_FIELDS.filter(field => !isSame(before[field], after[field])).map(
    (field): SheetChange => ({ what: 'sheet', field, before, after }),
  );
  const pairs = pairUp(before.deliverables, after.deliverables, keyOfDeliverable(before, after));
  return [
    ...fields,
    ...pairs.flatMap(([a, b]): SheetChange[] => {
      if (!a || !b) return [{ what: 'deliverable', deliverable: a?.id ?? b?.id ?? '', before: a, after: b }];
      return compareDeliverables(a, b);
    }),
  ];
}

function compareDeliverables(before: Deliverable, after: Deliverable): SheetChange[] {
  const at = { deliverable: before.id, label: before.label };
  const rules = pairUp(before.rules, after.rules, demandKey)
    .filter(([a, b]) => !isSame(a && demandOf(a), b && demandOf(b)))
    .map(([a, b]): SheetChange => ({ what: 'rule', ...at, before: a, after: b }));
  const name: SheetChange[] = isSame(before.name, after.name)
    ? []
    : [{ what: 'name', ...at, before: before.name, after: after.name }];
  return [...rules, ...name];
}

/**
 * A sheet whose unchanged rules quote a newer text of the organiser: what is asked stays, the words for it are those of
 * the newer text, where that has any.
 */
export function withNewerWords(sheet: RuleSheet, newer: RuleSheet): RuleSheet {
  const pairs = pairUp(sheet.deliverables, newer.deliverables, keyOfDeliverable(sheet, newer));
  const deliverables = pairs.flatMap(([own, other]) => {
    if (!own) return [];
    const rules = pairUp(own.rules, other?.rules ?? [], demandKey).flatMap(([rule, said]) => {
      if (!rule) return [];
      const isQuoted = said?.quote !== undefined && isSame(demandOf(rule), demandOf(said));
      return [isQuoted ? { ...said, id: rule.id } : rule];
    });
    return [{ ...own, rules }];
  });
  return { ...sheet, deliverables };
}

/** A sheet of one kind of file each is compared whatever the kind is called. */
function keyOfDeliverable(before: RuleSheet, after: RuleSheet): (d: Deliverable) => string {
  const isAlone = before.deliverables.length === 1 && after.deliverables.length === 1;
  return isAlone ? () => 'only' : d => d.label.toLowerCase();
}

/** What a rule is about; two rules about the same are versions of each other. */
function demandKey(rule: Rule): string {
  switch (rule.kind) {
    case 'side':
      return `side ${rule.side}`;
    case 'metadata':
      return `metadata ${rule.field}`;
    case 'overlay':
      return `overlay ${rule.overlay}`;
    case 'box':
    case 'exact-size':
    case 'print-size':
    case 'percentage':
      return 'size';
    default:
      return rule.kind;
  }
}

/** A rule without what says nothing about the demand. */
function demandOf(rule: Rule): Partial<Rule> {
  const { id, quote, ...demand } = rule;
  if ('written' in demand) delete demand.written;
  return demand;
}

/** Pairs the items of two lists by key, in the order of the first and then of what is new. */
function pairUp<T>(
  before: readonly T[],
  after: readonly T[],
  key: (item: T) => string,
): [T | undefined, T | undefined][] {
  const left = [...after];
  const pairs: [T | undefined, T | undefined][] = before.map(item => {
    const i = left.findIndex(other => key(other) === key(item));
    return [item, i === -1 ? undefined : left.splice(i, 1)[0]];
  });
  return [...pairs, ...left.map((item): [undefined, T] => [undefined, item])];
}

/** Whether two pieces of plain data say the same, whatever the order of their keys. */
function isSame(a: unknown, b: unknown): boolean {
  return JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
}

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined);
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, sorted(v)]));
}

import { migrateRuleSheet } from './migrate-rule-sheet.ts';
import { RULE_SHEET_VERSION, ruleSheetSchema, type RuleSheet } from './rule-sheet.ts';

export interface ImportedSheet {
  sheet: RuleSheet;
  /** Keys that this version does not know, as paths, left out of the sheet. */
  leftOut: string[];
  /** The version it had before it was brought up to date, if it was older. */
  migratedFrom: number | undefined;
}

/** Real sheets hold some hundreds of values; deeper or larger data are junk. */
const MOST_LEFT_OUT = 50;

/**
 * Reads a rule sheet from untrusted data, strictly.
 * @throws Error with one sentence that names the first field that does not fit
 */
export function parseRuleSheet(data: unknown): RuleSheet {
  const result = ruleSheetSchema.safeParse(upToDate(data));
  if (result.success) return result.data;
  throw notUsable(result.error.issues[0]);
}

/**
 * Reads a rule sheet from a file: an older version is brought up to date, unknown keys are left out and told.
 * @throws Error with one sentence when it is newer than this program, or not a rule sheet
 */
export function importRuleSheet(data: unknown): ImportedSheet {
  const version = versionOf(data);
  const copy: unknown = JSON.parse(JSON.stringify(upToDate(data) ?? null));
  const leftOut: string[] = [];
  for (;;) {
    const result = ruleSheetSchema.safeParse(copy);
    if (result.success)
      return {
        sheet: result.data,
        leftOut,
        migratedFrom: version !== undefined && version < RULE_SHEET_VERSION ? version : undefined,
      };
    const unknown = result.error.issues.filter(issue => issue.code === 'unrecognized_keys');
    const other = result.error.issues.find(issue => issue.code !== 'unrecognized_keys');
    if (other || !unknown.length || leftOut.length > MOST_LEFT_OUT) throw notUsable(other ?? unknown[0]);
    for (const { path, keys } of unknown)
      for (const key of keys) {
        Reflect.deleteProperty(holderAt(copy, path), key);
        leftOut.push([...path, key].join(' › '));
      }
  }
}

function versionOf(data: unknown): number | undefined {
  const version = (data as { version?: unknown } | null)?.version;
  return typeof version === 'number' ? version : undefined;
}

function upToDate(data: unknown): unknown {
  const version = versionOf(data);
  if (version !== undefined && version > RULE_SHEET_VERSION)
    throw new Error(
      `This rule sheet has version ${version}; up to version ${RULE_SHEET_VERSION} can be read here. Bring Able Frame up to date, or ask for the sheet in the older version.`,
    );
  const isOlder = version !== undefined && Number.isInteger(version) && version >= 1;
  return isOlder ? migrateRuleSheet(data as Record<string, unknown>, RULE_SHEET_VERSION) : data;
}

function notUsable(issue: { path: PropertyKey[]; message: string } | undefined): Error {
  const place = issue?.path.length ? issue.path.map(String).join(' › ') : 'the whole file';
  return new Error(
    `This is not a rule sheet that can be used: at ${place}, ${issue?.message ?? 'unknown fault'}.`,
  );
}

function holderAt(data: unknown, path: readonly PropertyKey[]): object {
  let holder = data as Record<PropertyKey, unknown>;
  for (const key of path) holder = holder[key] as Record<PropertyKey, unknown>;
  return holder;
}

/**
 * Steps from one version of the rule sheet format to the next. Each takes and gives plain data; the result of the
 * last is then parsed like any file, so a step never has to guard against junk, only not to fail on it.
 */

type Data = Record<string, unknown>;

const MIGRATIONS: Readonly<Record<number, (sheet: Data) => Data>> = { 1: fromVersion1 };

/** Brings a sheet of an older version to the current one; data of the current version pass through. */
export function migrateRuleSheet(data: Data, current: number): Data {
  let sheet = data;
  for (let version = Number(sheet.version); version < current; version++) {
    const step = MIGRATIONS[version];
    if (!step) return sheet;
    sheet = { ...step(sheet), version: version + 1 };
  }
  return sheet;
}

/** Declarations that version 1 used for what has become a rule. */
const RULES_OF_DECLARATIONS: Readonly<Record<string, Data>> = {
  'no-border': { id: 'border', level: 'must', kind: 'overlay', overlay: 'border', allowed: false },
  'no-mark': { id: 'text-mark', level: 'must', kind: 'overlay', overlay: 'text-mark', allowed: false },
  monochrome: { id: 'monochrome', level: 'must', kind: 'monochrome' },
};

/**
 * Version 1 had one deliverable, JPEG and sRGB only, and knew borders, text marks and monochrome as declarations.
 */
function fromVersion1(sheet: Data): Data {
  const declarations = listOf(sheet.declarations);
  const becomesRule = (d: Data) => RULES_OF_DECLARATIONS[String(d.id)];
  const rules = declarations.flatMap(d => becomesRule(d) ?? []);
  return {
    ...sheet,
    declarations: declarations.filter(d => !becomesRule(d)),
    deliverables: listOf(sheet.deliverables).map(d => ({ ...d, rules: [...listOf(d.rules), ...rules] })),
  };
}

function listOf(value: unknown): Data[] {
  return Array.isArray(value) ? value.filter(item => typeof item === 'object' && item !== null) : [];
}

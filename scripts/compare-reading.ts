import type { Reading } from '@able-frame/core';

/** The careful reading of a text, as a person wrote it down. */
export interface Expected {
  deliverables: ({ label_hint: string | null } & Record<string, unknown>)[];
  sections: unknown[];
  naming: Record<string, unknown>;
  closes: string | null;
  packageBytesMax: number | null;
  maxFiles: number | null;
  advice: string[];
  warnings: string[];
}

export type Tally = Map<string, { stated: number; given: number; right: number }>;

/**
 * Counts, by field, what was stated, what was given and what was given right, and names the differences.
 * Where a person raised a doubt about a field, leaving it open counts as right.
 */
export function compareReading(reading: Reading, expected: Expected, tally: Tally): string[] {
  const doubted = new Set(expected.warnings.map(w => w.split(':')[0]?.trim() ?? ''));
  const want = flatten(expected as unknown as Record<string, unknown>, expected.deliverables);
  const got = flatten(
    reading as unknown as Record<string, unknown>,
    reading.deliverables.map((d, i) => sameKeys(d, expected.deliverables[i] ?? expected.deliverables[0])),
  );
  const differences: string[] = [];
  for (const key of new Set([...want.keys(), ...got.keys()])) {
    const field = key.replace(/^\d+\./, '').replace(/\[.*$/, '');
    const [w, g] = [want.get(key), got.get(key)];
    if (doubted.has(field) && (w === undefined || g === undefined)) continue;
    const t = tally.get(field) ?? { stated: 0, given: 0, right: 0 };
    tally.set(field, t);
    t.stated += w === undefined ? 0 : 1;
    t.given += g === undefined ? 0 : 1;
    t.right += w !== undefined && w === g ? 1 : 0;
    if (w !== g) differences.push(`${key}: wanted ${w ?? '–'}, got ${g ?? '–'}`);
  }
  const raised = new Set(reading.questions.map(q => q.field));
  for (const field of doubted) count(tally, 'questions', true, raised.has(field), differences, field);
  for (const field of raised)
    if (!doubted.has(field)) count(tally, 'questions', false, true, differences, field);
  return differences;
}

/** Only what the careful reading speaks of: readings were written down before the reader knew every field. */
function sameKeys(
  read: Reading['deliverables'][number],
  expected: Record<string, unknown> | undefined,
): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(read).filter(([key]) => !expected || key in expected || key === 'label'),
  );
}

function count(
  tally: Tally,
  field: string,
  stated: boolean,
  given: boolean,
  differences: string[],
  about: string,
): void {
  const t = tally.get(field) ?? { stated: 0, given: 0, right: 0 };
  tally.set(field, t);
  t.stated += stated ? 1 : 0;
  t.given += given ? 1 : 0;
  t.right += stated && given ? 1 : 0;
  if (stated !== given) differences.push(`question about ${about}: ${stated ? 'wanted' : 'not wanted'}`);
}

/** "print.border" with the number of that kind of file; a field alone is meant for every kind that states it. */
function withIndex(field: string, deliverables: readonly Record<string, unknown>[]): string[] {
  const [label, ...rest] = field.split('.');
  const index = deliverables.findIndex(d => (d['label'] ?? d['label_hint']) === label);
  if (index >= 0 && rest.length) return [`${index}.${rest.join('.')}`];
  const stating = deliverables.flatMap((d, i) => (d[field] === null || d[field] === undefined ? [] : [i]));
  return stating.length ? stating.map(i => `${i}.${field}`) : [field];
}

/** Every fact that is not null, as text by path. */
function flatten(
  sheet: Record<string, unknown>,
  deliverables: readonly Record<string, unknown>[],
): Map<string, string> {
  const facts = new Map<string, string>();
  const put = (key: string, value: unknown) => {
    if (value !== null && value !== undefined && !(Array.isArray(value) && !value.length))
      facts.set(key, JSON.stringify(value));
  };
  deliverables.forEach((deliverable, i) => {
    for (const [field, value] of Object.entries(deliverable)) {
      if (field === 'label' || field === 'label_hint') continue;
      if (field === 'metadata')
        for (const [inner, v] of Object.entries(value as object)) put(`${i}.metadata.${inner}`, v);
      else if (value && typeof value === 'object' && !Array.isArray(value))
        for (const [end, v] of Object.entries(value)) put(`${i}.${field}[${end}]`, v);
      else put(`${i}.${field}`, value);
    }
  });
  (sheet['sections'] as unknown[]).forEach((section, i) => put(`sections[${i}]`, section));
  for (const [field, value] of Object.entries(sheet['naming'] as object)) put(`naming.${field}`, value);
  for (const field of ['closes', 'packageBytesMax', 'maxFiles']) put(field, sheet[field]);
  for (const field of sheet['advice'] as string[])
    for (const at of withIndex(field, deliverables)) put(`advice[${at}]`, true);
  return facts;
}

import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { ruleSheetJsonSchema } from './rule-sheet-json-schema.ts';

it('is what docs/ publishes; "npm run schema" writes it anew', () => {
  expect(readFileSync(new URL('../docs/rule-sheet.schema.json', import.meta.url), 'utf8')).toBe(
    ruleSheetJsonSchema(),
  );
});

/** Writes the JSON Schema of rule sheets into docs/, from the same source that parses them. */
import { writeFileSync } from 'node:fs';
import { ruleSheetJsonSchema } from './rule-sheet-json-schema.ts';

writeFileSync(new URL('../docs/rule-sheet.schema.json', import.meta.url), ruleSheetJsonSchema());

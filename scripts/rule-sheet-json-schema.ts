import { z } from 'zod';
import { ruleSheetSchema } from '@able-frame/core';

/** JSON Schema (draft 2020-12) of a rule sheet as it may be written, with defaults left out. */
export function ruleSheetJsonSchema(): string {
  return JSON.stringify(z.toJSONSchema(ruleSheetSchema, { io: 'input' }), null, 2) + '\n';
}

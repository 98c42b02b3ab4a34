import { ruleSheetSchema, type RuleSheet } from './rule-sheet.ts';
import winterSalon from './built-in/tideline-winter-salon.json' with { type: 'json' };
import clubRound from './built-in/greyling-club-round.json' with { type: 'json' };
import openCall from './built-in/quay-street-open-call.json' with { type: 'json' };

/** Sheets that come with the program: invented organisers, three different kinds of size rule. */
export const BUILT_IN_SHEETS: readonly RuleSheet[] = [winterSalon, clubRound, openCall].map(sheet =>
  ruleSheetSchema.parse(sheet),
);

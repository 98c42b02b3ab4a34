import { ruleSheetSchema, type RuleSheet } from './rule-sheet.ts';
import winterSalon from './built-in/tideline-winter-salon.json' with { type: 'json' };
import clubRound from './built-in/greyling-club-round.json' with { type: 'json' };
import leagueRound from './built-in/brackwater-league-round.json' with { type: 'json' };
import openCall from './built-in/quay-street-open-call.json' with { type: 'json' };
import ferryPass from './built-in/ferry-pass-photo.json' with { type: 'json' };
import panoramas from './built-in/long-shore-panoramas.json' with { type: 'json' };
import anonymousSalon from './built-in/lantern-house-salon.json' with { type: 'json' };
import prints from './built-in/pilot-boat-prints.json' with { type: 'json' };
import bookPlates from './built-in/tide-book-plates.json' with { type: 'json' };
import archive from './built-in/mast-and-mark-archive.json' with { type: 'json' };
import webGallery from './built-in/pier-road-gallery.json' with { type: 'json' };

/** Sheets that come with the program: invented organisers, together with every kind of rule. */
export const BUILT_IN_SHEETS: readonly RuleSheet[] = [
  winterSalon,
  clubRound,
  leagueRound,
  openCall,
  ferryPass,
  panoramas,
  anonymousSalon,
  prints,
  bookPlates,
  archive,
  webGallery,
].map(sheet => ruleSheetSchema.parse(sheet));

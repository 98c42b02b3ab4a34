import type { Rule } from './rule.ts';
import { ruleSheetSchema, RULE_SHEET_VERSION, type RuleSheet } from './rule-sheet.ts';
import type { NamePattern } from './name-pattern.ts';

/** Stands where nobody has said who asks. */
export const NOT_NAMED = 'not named';

/** A plain description of what somebody wants, with the rules that usually go with it. */
export interface Situation {
  id: 'projected' | 'form' | 'printed' | 'gallery' | 'empty';
  label: string;
  explanation: string;
  rules: Rule[];
  extension: NamePattern['extension'];
}

type WithoutLevel<R> = R extends Rule ? Omit<R, 'level'> : never;
const must = (rule: WithoutLevel<Rule>): Rule => ({ ...rule, level: 'must' });

const SRGB = must({ id: 'colour', kind: 'colour-space', space: 'srgb', profile: 'embedded' });
const JPEG = must({ id: 'format', kind: 'file-format', formats: ['jpeg'] });

/** Beginnings for a rule sheet that nobody has a text for. */
export const SITUATIONS: readonly Situation[] = [
  {
    id: 'projected',
    label: 'Projected on a club’s screen',
    explanation: 'A limit box of the projector’s pixels, JPEG in sRGB, below 2 MB.',
    rules: [
      must({ id: 'box', kind: 'box', widthPx: 1920, heightPx: 1080, eitherWay: false }),
      JPEG,
      SRGB,
      must({ id: 'bytes', kind: 'bytes', maxBytes: 2_000_000, written: '2 MB' }),
    ],
    extension: 'jpg',
  },
  {
    id: 'form',
    label: 'Uploaded to a form',
    explanation: 'A fixed shape between two sizes and between two weights, with no notes inside.',
    rules: [
      must({
        id: 'ratio',
        kind: 'ratio',
        ratios: [{ width: 1, height: 1 }],
        eitherWay: false,
        tolerance: 0.005,
      }),
      must({ id: 'width', kind: 'side', side: 'width', minPx: 400, maxPx: 1200 }),
      JPEG,
      must({
        id: 'bytes',
        kind: 'bytes',
        minBytes: 20_000,
        maxBytes: 200_000,
        written: '20 KB to 200 KB',
      }),
      must({ id: 'notes', kind: 'metadata', field: 'everything', demand: 'absent' }),
    ],
    extension: 'jpg',
  },
  {
    id: 'printed',
    label: 'Printed at a size',
    explanation: 'A size on paper at 300 pixels per inch, little loss, never enlarged.',
    rules: [
      must({
        id: 'print-size',
        kind: 'print-size',
        width: 30,
        height: 20,
        unit: 'cm',
        ppi: 300,
        bound: 'exactly',
        eitherWay: true,
      }),
      must({ id: 'enlarging', kind: 'enlarging', allowed: false }),
      JPEG,
      must({ id: 'quality', kind: 'quality', least: 90, fullChroma: true }),
      SRGB,
    ],
    extension: 'jpg',
  },
  {
    id: 'gallery',
    label: 'Shown in a gallery on the web',
    explanation: 'A long edge that fits a screen, light enough to load at once, no place where it was taken.',
    rules: [
      must({ id: 'long-edge', kind: 'side', side: 'long-edge', maxPx: 2000 }),
      JPEG,
      SRGB,
      must({ id: 'bytes', kind: 'bytes', maxBytes: 800_000, written: '800 KB' }),
      must({ id: 'location', kind: 'metadata', field: 'location', demand: 'absent' }),
    ],
    extension: 'jpg',
  },
  {
    id: 'empty',
    label: 'Something else',
    explanation: 'Only that it is a JPEG; every other rule is yours to add.',
    rules: [JPEG],
    extension: 'jpg',
  },
];

/**
 * A sheet to begin with.
 * @param today ISO date, since core has no clock
 */
export function sheetForSituation(situation: Situation, id: string, today: string): RuleSheet {
  return ruleSheetSchema.parse({
    format: 'able-frame/rule-sheet',
    version: RULE_SHEET_VERSION,
    id,
    title: 'New rule sheet',
    organiser: NOT_NAMED,
    summary: situation.explanation,
    checkedOn: today,
    details: [],
    sections: [],
    deliverables: [
      {
        id: 'file',
        label: 'Picture',
        rules: situation.rules,
        name: {
          parts: [{ kind: 'title', form: 'run-together' }],
          spaces: 'forbidden',
          characters: 'plain',
          extension: situation.extension,
        },
      },
    ],
    declarations: [],
  });
}

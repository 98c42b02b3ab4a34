import type { Rule } from '../rules/rule.ts';
import { ruleSheetSchema, type Deliverable, type RuleSheet } from '../rules/rule-sheet.ts';

/** A deliverable with the given rules and a plain name, for tests. */
export function makeDeliverable(rules: Rule[], name: Partial<Deliverable['name']> = {}): Deliverable {
  return {
    id: 'screen',
    label: 'Screen file',
    rules,
    name: {
      parts: [{ kind: 'title', form: 'as-typed' }],
      spaces: 'allowed',
      characters: 'plain',
      extension: 'jpg',
      ...name,
    },
  };
}

export function makeSheet(change: Partial<RuleSheet> = {}): RuleSheet {
  return ruleSheetSchema.parse({
    format: 'able-frame/rule-sheet',
    version: 2,
    id: 'test-sheet',
    title: 'Test sheet',
    organiser: 'Saltmere Camera Circle',
    summary: '',
    details: [],
    sections: [],
    deliverables: [makeDeliverable([box(1400, 1050)])],
    declarations: [],
    ...change,
  });
}

export const box = (widthPx: number, heightPx: number, eitherWay = false): Rule => ({
  id: `box-${widthPx}-${heightPx}`,
  level: 'must',
  kind: 'box',
  widthPx,
  heightPx,
  eitherWay,
});
export const exact = (widthPx: number, heightPx: number, eitherWay = false): Rule => ({
  id: `exact-${widthPx}-${heightPx}`,
  level: 'must',
  kind: 'exact-size',
  widthPx,
  heightPx,
  eitherWay,
});
export const side = (
  which: 'width' | 'height' | 'long-edge' | 'short-edge',
  minPx?: number,
  maxPx?: number,
): Rule => ({
  id: `${which}-${minPx ?? 0}-${maxPx ?? 0}`,
  level: 'must',
  kind: 'side',
  side: which,
  ...(minPx === undefined ? {} : { minPx }),
  ...(maxPx === undefined ? {} : { maxPx }),
});

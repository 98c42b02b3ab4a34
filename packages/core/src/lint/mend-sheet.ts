import type { NamePart } from '../rules/name-pattern.ts';
import type { Rule } from '../rules/rule.ts';
import type { Deliverable, RuleSheet } from '../rules/rule-sheet.ts';
import type { SheetFault } from './lint-sheet.ts';

/**
 * The sheet with one fault mended, in the way that changes least; undefined where only the organiser can say.
 * Nothing is mended unasked: the person sees the fault, the mend in words, and chooses.
 */
export function mendSheet(sheet: RuleSheet, fault: SheetFault): RuleSheet | undefined {
  switch (fault.code) {
    case 'least-above-greatest':
      return withRule(sheet, fault.deliverable, fault.rule, swapEnds);
    case 'sizes-contradict':
      return fault.rule === undefined
        ? undefined
        : withRule(sheet, fault.deliverable, fault.rule, () => undefined);
    case 'no-whole-pixels': {
      const { nearest } = fault;
      if (!nearest) return undefined;
      return withRule(sheet, fault.deliverable, fault.rule, rule => widened(rule, nearest));
    }
    case 'ceiling-too-low':
    case 'depth-without-format':
      return withRule(sheet, fault.deliverable, fault.rule, rule => ({ ...rule, level: 'advice' }));
    case 'floor-too-high':
      return withRule(sheet, fault.deliverable, fault.rule, withoutFloor);
    case 'extension-of-another-format':
      return withDeliverable(sheet, fault.deliverable, d => ({
        ...d,
        name: { ...d.name, extension: EXTENSIONS[fault.formats[0] ?? 'jpeg'] },
      }));
    case 'name-always-too-long':
      return withDeliverable(sheet, fault.deliverable, d => {
        const { maxLength: _, ...name } = d.name;
        return { ...d, name };
      });
    case 'too-few-digits':
      return withParts(sheet, fault.deliverable, parts =>
        parts.map((part, i) =>
          i === fault.part && part.kind === 'number'
            ? { ...part, digits: String(fault.greatestNumber).length }
            : part,
        ),
      );
    case 'names-repeat':
      return withParts(sheet, fault.deliverable, parts => [
        ...parts,
        { kind: 'text', text: '_' },
        { kind: 'number', start: 1, step: 1, digits: 2, within: 'submission' },
      ]);
    case 'section-without-code-in-name':
      return withParts(sheet, fault.deliverable, parts => [
        { kind: 'section-code', form: 'as-typed' },
        { kind: 'text', text: '_' },
        ...parts,
      ]);
    case 'author-in-name':
      return withParts(sheet, fault.deliverable, parts => withoutPart(parts, fault.part));
    case 'metadata-contradicts':
      return withRule(sheet, fault.deliverable, fault.rule, () => undefined);
    case 'monochrome-in-colour-section':
      return {
        ...sheet,
        sections: sheet.sections.map(section => {
          if (section.code !== fault.section) return section;
          const { picture: _, ...rest } = section;
          return rest;
        }),
      };
    case 'section-not-there':
      return withDeliverable(sheet, fault.deliverable, d => {
        const { sections, ...rest } = d;
        const left = sections?.filter(code => code !== fault.section) ?? [];
        return left.length ? { ...rest, sections: left } : rest;
      });
    case 'closed': {
      const { closes: _, ...rest } = sheet;
      return rest;
    }
  }
}

const EXTENSIONS = { jpeg: 'jpg', png: 'png', tiff: 'tif', webp: 'webp' } as const;

function withDeliverable(
  sheet: RuleSheet,
  id: string,
  change: (deliverable: Deliverable) => Deliverable,
): RuleSheet {
  return { ...sheet, deliverables: sheet.deliverables.map(d => (d.id === id ? change(d) : d)) };
}

/** Changes one rule, or leaves it out; undefined when that would leave the deliverable without any. */
function withRule(
  sheet: RuleSheet,
  deliverable: string,
  id: string,
  change: (rule: Rule) => Rule | undefined,
): RuleSheet | undefined {
  const mended = withDeliverable(sheet, deliverable, d => ({
    ...d,
    rules: d.rules.flatMap(rule => (rule.id === id ? (change(rule) ?? []) : rule)),
  }));
  return mended.deliverables.every(d => d.rules.length) ? mended : undefined;
}

function withParts(
  sheet: RuleSheet,
  deliverable: string,
  change: (parts: NamePart[]) => NamePart[],
): RuleSheet {
  return withDeliverable(sheet, deliverable, d => ({
    ...d,
    name: { ...d.name, parts: change(d.name.parts) },
  }));
}

function swapEnds(rule: Rule): Rule {
  if (rule.kind === 'side') return { ...rule, minPx: rule.maxPx, maxPx: rule.minPx };
  if (rule.kind === 'bytes') return { ...rule, minBytes: rule.maxBytes, maxBytes: rule.minBytes };
  if (rule.kind === 'megapixels') return { ...rule, min: rule.max, max: rule.min };
  return rule;
}

/** A hair more than the nearest size needs, so that rounding cannot shut it out again. */
const HAIR = 1e-6;

function widened(rule: Rule, nearest: { widthPx: number; heightPx: number }): Rule {
  if (rule.kind !== 'ratio') return rule;
  const ratio = nearest.widthPx / nearest.heightPx;
  const away = Math.min(
    ...rule.ratios.flatMap(({ width, height }) => {
      const named = width / height;
      return [Math.abs(ratio / named - 1), rule.eitherWay ? Math.abs(ratio * named - 1) : Infinity];
    }),
  );
  return { ...rule, tolerance: Math.min(0.2, away + HAIR) };
}

function withoutFloor(rule: Rule): Rule {
  if (rule.kind !== 'bytes') return rule;
  const { minBytes: _, ...rest } = rule;
  return rest;
}

/** Leaves a part out with the separator before it, or after it where it is the first. */
function withoutPart(parts: NamePart[], index: number): NamePart[] {
  const isSeparator = (i: number) => {
    const part = parts[i];
    return part?.kind === 'text' && !/[A-Za-z0-9]/.test(part.text);
  };
  const separator = isSeparator(index - 1) ? index - 1 : index === 0 && isSeparator(1) ? 1 : -1;
  const left = parts.filter((_, i) => i !== index && i !== separator);
  return left.length ? left : [{ kind: 'title', form: 'as-typed' }];
}

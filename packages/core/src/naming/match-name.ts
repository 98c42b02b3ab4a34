import type { NamePart, NamePattern } from '../rules/name-pattern.ts';
import type { Detail, RuleSheet } from '../rules/rule-sheet.ts';
import { portabilityFault } from './build-name.ts';

/** What a pattern needs to know of its sheet. */
export type NameContext = Pick<RuleSheet, 'sections' | 'details'>;

/**
 * Whether a file name could have come from a pattern. Keeps the set of places reached after each part, so the time
 * is bounded by parts × length² whatever the name holds; no pattern ever becomes a regular expression.
 */
export function matchesPattern(name: string, pattern: NamePattern, context: NameContext): boolean {
  const ending = `.${pattern.extension}`;
  const letters = [...name];
  if (!name.endsWith(ending) || portabilityFault(name)) return false;
  if (pattern.maxLength !== undefined && letters.length > pattern.maxLength) return false;
  const stem = letters.slice(0, -ending.length);
  let reached = new Set([0]);
  for (const part of pattern.parts) {
    const next = new Set<number>();
    for (const from of reached) for (const to of endsOf(part, stem, from, pattern, context)) next.add(to);
    reached = next;
  }
  return reached.has(stem.length);
}

/** The places where a part that begins at `from` can end. */
function endsOf(
  part: NamePart,
  stem: string[],
  from: number,
  pattern: NamePattern,
  context: NameContext,
): number[] {
  switch (part.kind) {
    case 'text':
      return literal(part.text, stem, from);
    case 'section-code':
      return context.sections.flatMap(section => literal(section.code, stem, from));
    case 'number':
      return run(stem, from, isDigit, part.digits, part.digits);
    case 'title':
      return run(
        stem,
        from,
        letter => isAllowed(letter, part.form, pattern),
        1,
        part.maxLength ?? stem.length,
      );
    case 'detail': {
      const shape = context.details.find(d => d.id === part.detail)?.shape ?? { kind: 'any' };
      return detailEnds(shape, stem, from, letter => isAllowed(letter, part.form, pattern));
    }
  }
}

function detailEnds(
  shape: Detail['shape'],
  stem: string[],
  from: number,
  isAny: (letter: string) => boolean,
): number[] {
  if (shape.kind === 'digits') return run(stem, from, isDigit, shape.count, shape.count);
  if (shape.kind === 'letters')
    return run(stem, from, letter => /[A-Za-z]/.test(letter), shape.count, shape.count);
  return run(stem, from, isAny, 1, stem.length);
}

function literal(text: string, stem: string[], from: number): number[] {
  const wanted = [...text];
  return wanted.every((letter, i) => stem[from + i] === letter) ? [from + wanted.length] : [];
}

function run(
  stem: string[],
  from: number,
  accepts: (letter: string) => boolean,
  least: number,
  most: number,
): number[] {
  const ends: number[] = [];
  for (let length = 1; length <= most && from + length <= stem.length; length++) {
    if (!accepts(stem[from + length - 1] ?? '')) break;
    if (length >= least) ends.push(from + length);
  }
  return ends;
}

const isDigit = (letter: string) => letter >= '0' && letter <= '9';

function isAllowed(letter: string, form: string, pattern: NamePattern): boolean {
  if (letter === ' ')
    return pattern.spaces === 'allowed' && (form === 'as-typed' || form === 'upper' || form === 'lower');
  if (form === 'upper' && letter !== letter.toUpperCase()) return false;
  if (form === 'lower' && letter !== letter.toLowerCase()) return false;
  return pattern.characters === 'any' || /[A-Za-z0-9_-]/.test(letter);
}

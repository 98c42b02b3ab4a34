import type { NamePart, NamePattern } from '../rules/name-pattern.ts';
import type { Detail, RuleSheet } from '../rules/rule-sheet.ts';
import { portabilityFault, writeCode, writeText } from './build-name.ts';

/** What a pattern needs to know of its sheet. */
export type NameContext = Pick<RuleSheet, 'sections' | 'details'> & {
  /** The label of the file's deliverable. */
  deliverable?: string;
};

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
      return context.sections.flatMap(section => literal(writeCode(section.code, part, pattern), stem, from));
    case 'deliverable':
      return literal(writeText(context.deliverable ?? '', part.form, pattern, part.maxLength), stem, from);
    case 'date':
      return dateEnds(part.form, stem, from);
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
      return detailEnds(
        shape,
        stem,
        from,
        letter => isAllowed(letter, part.form, pattern),
        text => writeText(text, part.form, pattern, part.maxLength),
      );
    }
  }
}

function detailEnds(
  shape: Detail['shape'],
  stem: string[],
  from: number,
  isAny: (letter: string) => boolean,
  write: (text: string) => string,
): number[] {
  if (shape.kind === 'digits') return run(stem, from, isDigit, shape.count, shape.count);
  if (shape.kind === 'letters')
    return run(stem, from, letter => /[A-Za-z]/.test(letter), shape.count, shape.count);
  if (shape.kind === 'letters-digits')
    return run(stem, from, letter => /[A-Za-z]/.test(letter), shape.letters, shape.letters).flatMap(to =>
      run(stem, to, isDigit, shape.digits, shape.digits),
    );
  if (shape.kind === 'one-of') return shape.options.flatMap(option => literal(write(option), stem, from));
  return run(stem, from, isAny, 1, stem.length);
}

const DATE_SHAPES = {
  'year-month-day': '0000-00-00',
  'day-month-year': '00-00-0000',
  'run-together': '00000000',
  'year-month': '0000-00',
  year: '0000',
} as const;

function dateEnds(form: keyof typeof DATE_SHAPES, stem: string[], from: number): number[] {
  const shape = [...DATE_SHAPES[form]];
  const fits = shape.every((mark, i) => {
    const letter = stem[from + i] ?? '';
    return mark === '0' ? isDigit(letter) : letter === mark;
  });
  return fits ? [from + shape.length] : [];
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
  if ((form === 'upper' || form === 'run-together-capitals') && letter !== letter.toUpperCase()) return false;
  if (form === 'lower' && letter !== letter.toLowerCase()) return false;
  if (pattern.characters === 'letters-digits') return /[A-Za-z0-9]/.test(letter) || isJoiner(letter, form);
  return pattern.characters === 'any' || /[A-Za-z0-9_-]/.test(letter);
}

/** A letter form may join words by a mark that the words themselves must not hold. */
const isJoiner = (letter: string, form: string) =>
  (form === 'hyphens' && letter === '-') || (form === 'underscores' && letter === '_');

import type { Found } from './common/found.ts';
import type { Question, Span } from './common/reading.ts';

export interface Merged {
  value: unknown;
  isAdvice: boolean;
  /** The findings that gave the value. */
  from: Found[];
  questions: Question[];
}

/**
 * Settles what several sentences say of one field. A hard limit outweighs advice. Bounds of both ends join; of two
 * bounds of the same end the tighter counts, and the difference becomes a question.
 */
export function mergeFound(field: string, found: readonly Found[]): Merged | undefined {
  const hard = found.filter(f => !f.advice);
  const used = hard.length && !isListed(field, found) ? hard : found;
  const [first] = used;
  if (!first) return undefined;
  const questions: Question[] = [];
  const doubt: Doubt = (text, at, options) =>
    questions.push({ field, text, start: at.start, end: at.end, ...(options ? { options } : {}) });
  for (const item of used) if (item.doubt) doubt(item.doubt, item, item.options);

  const value = isSpan(first.value) ? mergeSpans(used, doubt) : mergePlain(field, used, doubt);
  return { value, isAdvice: !hard.length, from: used.slice(), questions };
}

/** "TIFF preferred; JPEG accepted": two sentences give one list. */
function isListed(field: string, found: readonly Found[]): boolean {
  return (
    field === 'formats' &&
    found.some((f, i) => f.advice && !found[i + 1]?.advice && (found[i + 1]?.start ?? Infinity) - f.end < 60)
  );
}

function isSpan(value: unknown): boolean {
  return (
    typeof value === 'object' &&
    value !== null &&
    ['exact', 'min', 'max'].some(key => Object.hasOwn(value, key))
  );
}

type Doubt = (text: string, at: Found, options?: number[]) => void;

function mergeSpans(found: readonly Found[], doubt: Doubt): Span {
  const spans = found.map(f => ({ span: f.value as Span, f }));
  const ends = (key: 'min' | 'max') =>
    spans.flatMap(({ span, f }) =>
      key in span ? [{ n: (span as Record<string, number>)[key] ?? NaN, f }] : [],
    );
  const exact = spans.flatMap(({ span, f }) => ('exact' in span ? [{ n: span.exact, f }] : []));
  const merged: { min?: number; max?: number } = {};
  for (const key of ['min', 'max'] as const) {
    const given = ends(key);
    if (!given.length) continue;
    const values = given.map(g => g.n);
    merged[key] = key === 'max' ? Math.min(...values) : Math.max(...values);
    const other = given.find(g => g.n !== given[0]?.n);
    if (other)
      doubt(
        `${key === 'max' ? 'maximum' : 'minimum'} is ${given[0]?.n} in one place and ${other.n} in another`,
        other.f,
        [given[0]?.n ?? other.n, other.n],
      );
  }
  const [own] = exact;
  if (!own) return merged;
  const different = exact.find(e => e.n !== own.n);
  if (different)
    doubt(`${own.n} in one place and ${different.n} in another`, different.f, [own.n, different.n]);
  // The same number once bare and once as a limit is a limit.
  if (merged.max !== undefined || merged.min !== undefined) {
    if (merged.max === own.n || merged.min === own.n) return merged;
    const least = merged.max === undefined ? own.n : Math.min(own.n, merged.max);
    if (merged.max !== undefined) {
      doubt(`${own.n} in one place and at most ${merged.max} in another`, own.f, [merged.max, own.n]);
      return { ...merged, max: least };
    }
    return { exact: own.n };
  }
  return { exact: own.n };
}

function mergePlain(field: string, found: readonly Found[], doubt: Doubt): unknown {
  const [first] = found;
  if (!first) return undefined;
  const numbers = found.filter(f => typeof f.value === 'number');
  if (numbers.length === found.length && /max|min/i.test(field)) {
    const values = numbers.map(f => f.value as number);
    const tight = /min/i.test(field) ? Math.max(...values) : Math.min(...values);
    const other = numbers.find(f => f.value !== first.value);
    if (other)
      doubt(`${String(first.value)} in one place and ${String(other.value)} in another`, other, [
        tight,
        ...values.filter(v => v !== tight).slice(0, 1),
      ]);
    return tight;
  }
  // "sRGB or Adobe RGB; we recommend Adobe RGB": the wish behind a choice.
  const wish = first.isChoice && found.find(f => f.advice && !f.isChoice);
  if (wish && found.every(f => f.advice)) return wish.value;
  // "No frames. … A keyline of one pixel is tolerated."
  const exception = found.find(f => f.isException);
  if (exception) return exception.value;
  const other = found.find(f => JSON.stringify(f.value) !== JSON.stringify(first.value));
  if (!other) return first.value;
  // One sentence names several formats, another one of them: the longer list was the fuller statement.
  if (field === 'formats') return mergeFormats(found);
  if (typeof first.value !== 'boolean' || field === 'profileEmbedded')
    doubt(`${String(first.value)} in one place and ${String(other.value)} in another`, other);
  return first.value;
}

function mergeFormats(found: readonly Found[]): string[] {
  const lists = found.map(f => f.value as string[]);
  const longest = lists.reduce((a, b) => (b.length > a.length ? b : a));
  return lists.every(list => list.every(x => longest.includes(x))) ? longest : [...new Set(lists.flat())];
}

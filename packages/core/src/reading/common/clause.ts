import { isAdvisedAt } from './advice.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

/** What the readers of yes and no share. */

/** The part of a sentence between commas and semicolons that turn its sense; "but" and "however" do. */
export function clauseAt(text: string, index: number): string {
  const start = Math.max(...['; ', ': ', ' but ', ', however'].map(mark => text.lastIndexOf(mark, index)), 0);
  const ends = ['; ', ' but ', ', though', ', so long', ' so long as', ' provided']
    .map(mark => text.indexOf(mark, index))
    .filter(i => i >= 0);
  return text.slice(start, ends.length ? Math.min(...ends) : undefined);
}

/** A thing found where a pattern matched. */
export function at(segment: Segment, field: string, value: unknown, match: RegExpExecArray): Found {
  return {
    field,
    value,
    start: segment.start + match.index,
    end: segment.start + match.index + match[0].length,
    advice: isAdvisedAt(segment.text, match.index),
  };
}

/** Stretches of a text put into other words, with a way back to where each stood. */

/** From a place of a text to another, counted in characters. */
export type Stretch = readonly [start: number, end: number];

/** What is written, and its plain wording, in which `$1` and so on stand for groups. */
export type Rule = readonly [written: RegExp, plain: string];

/** A rule whose pattern is put together from words; letter case is not told apart, and every line has its own ends. */
export const rule = (written: string, plain: string): Rule => [new RegExp(written, 'gim'), plain];

/** A text in other words. */
export interface Reworded {
  text: string;
  /** Where a stretch of it stands in the text before: whole words, for a word is never half another. */
  given: (start: number, end: number) => Stretch;
}

/** A stretch that is to be replaced. */
export interface Edit {
  from: number;
  to: number;
  plain: string;
}

/** What rules change, applied side by side; what is kept to the letter is left alone. */
export function editsOf(text: string, rules: readonly Rule[], kept: readonly Stretch[]): Edit[] {
  return rules
    .flatMap(([written, plain]) =>
      [...text.matchAll(written)].map(match => ({
        from: match.index,
        to: match.index + match[0].length,
        plain: inSameLetters(
          match[0],
          plain.replace(/\$(\d)/g, (_, n: string) => match[Number(n)] ?? ''),
        ),
      })),
    )
    .filter(edit => !kept.some(([from, to]) => edit.from < to && edit.to > from));
}

/** Makes the edits; where two of them meet, the one that begins first counts. */
export function reword(text: string, edits: readonly Edit[]): Reworded {
  let worded = '';
  let done = 0;
  const changes: Change[] = [];
  for (const { from, to, plain } of edits.slice().sort((a, b) => a.from - b.from)) {
    if (from < done) continue;
    worded += text.slice(done, from);
    changes.push({ at: worded.length, end: worded.length + plain.length, from, to });
    worded += plain;
    done = to;
  }
  worded += text.slice(done);
  return {
    text: worded,
    given: (start, end) => [placeOf(start, changes, 'start'), placeOf(end, changes, 'end')],
  };
}

/** Words of the plain wording, from `at` to `end`, and those as given that they stand for, from `from` to `to`. */
interface Change {
  at: number;
  end: number;
  from: number;
  to: number;
}

function placeOf(place: number, changes: readonly Change[], side: 'start' | 'end'): number {
  const isBefore = (change: Change) => (side === 'start' ? change.at <= place : change.at < place);
  let low = -1;
  for (let high = changes.length; high - low > 1;) {
    const middle = (low + high) >> 1;
    const change = changes[middle];
    if (change && isBefore(change)) low = middle;
    else high = middle;
  }
  const last = changes[low];
  if (!last) return place;
  if (place >= last.end) return last.to + place - last.end;
  return side === 'start' ? last.from : last.to;
}

/** "SHALL" → "MUST", "Don't" → "Do not". */
function inSameLetters(written: string, plain: string): string {
  if (/^[A-Z]{2}/.test(written)) return plain.toUpperCase();
  return /^[A-Z]/.test(written) ? plain.slice(0, 1).toUpperCase() + plain.slice(1) : plain;
}

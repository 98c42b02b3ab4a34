import type { Group } from '../common/group.ts';
import { labelOf, OF_TEXT, SPEC } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { areApart, factsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';

/** Kinds of file under the clauses of an annexe: "2.1 Object photographs" over "2.1.1 Format: TIFF", "2.1.2 Size: …". */

const NUMBERED = /^(?<number>(?:[A-Z]\.?)?\d{1,2}(?:\.\d{1,2}){0,2})[.)]?\s+(?<words>\S.*)$/;

interface Clause {
  head: string;
  segments: Segment[];
}

/** @returns undefined where fewer than two clauses describe files that differ */
export function splitClauses(segments: readonly Segment[]): Group[] | undefined {
  const clauses = clausesOf(segments).filter(({ segments: own }) => {
    const facts = factsOf(own);
    return facts.size >= 2 && (facts.has('size') || facts.has('weight'));
  });
  const areDifferent = clauses.every((a, i) =>
    clauses
      .slice(i + 1)
      .every(b => a.head !== b.head && areApart(factsOf(a.segments), factsOf(b.segments), true)),
  );
  if (clauses.length < 2 || !areDifferent) return undefined;
  const taken = new Set(clauses.flatMap(clause => clause.segments));
  return [
    { label: undefined, segments: segments.filter(s => !taken.has(s)) },
    ...clauses.map(({ head, segments: own }) => ({ label: head, segments: own })),
  ];
}

/** The clauses that have others under them, each with all of these. */
function clausesOf(segments: readonly Segment[]): Clause[] {
  const numbers = segments.map((segment, i) =>
    segments[i - 1]?.line === segment.line ? undefined : NUMBERED.exec(segment.text)?.groups,
  );
  const clauses: Clause[] = [];
  let [current, over]: [Clause | undefined, string] = [undefined, ''];
  segments.forEach((segment, i) => {
    const { number, words = '' } = numbers[i] ?? {};
    const next = numbers.slice(i + 1).find(n => n !== undefined)?.['number'];
    if (number !== undefined && !number.startsWith(`${over}.`)) current = undefined;
    if (number !== undefined && !current && next?.startsWith(`${number}.`) && isHead(words)) {
      over = number;
      current = { head: labelOf(words) ?? words.toLowerCase(), segments: [] };
      clauses.push(current);
    }
    current?.segments.push(segment);
  });
  return clauses;
}

const isHead = (words: string) =>
  words.length <= 60 &&
  !/[.;?!]$/.test(words) &&
  !SPEC.test(words) &&
  !OF_TEXT.test(words) &&
  !FOR_ALL.test(words);

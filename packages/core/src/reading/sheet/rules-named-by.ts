import type { Question } from '../common/reading.ts';
import type { DraftLine } from './sheet-from-reading.ts';

/** The rules that the words of a question gave, told from the lines of the draft. */
export function rulesNamedBy(
  question: Question,
  lines: readonly DraftLine[],
): { deliverable: string; rule: string }[] {
  const concerned = lines.filter(line =>
    line.claims.some(
      claim =>
        claim.field === question.field &&
        (question.deliverable === undefined ||
          claim.deliverable === undefined ||
          claim.deliverable === question.deliverable),
    ),
  );
  return concerned.flatMap(({ id }) => {
    const [deliverable, rule] = id.split('/');
    return deliverable && rule ? [{ deliverable, rule }] : [];
  });
}

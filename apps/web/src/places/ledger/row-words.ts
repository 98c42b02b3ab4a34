import {
  wordEntryFault,
  wordFault,
  wordLoss,
  wordObstacle,
  wordQuestion,
  wordRefusal,
  type PlanLabels,
} from '@able-frame/core';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';

/**
 * What stands in a row's way, as sentences.
 * @param withCut false where the question about the cut is asked elsewhere on the same row
 */
export function wordTroubles(row: Row, labels: PlanLabels, withCut = true): string[] {
  const { intake } = row.picture;
  if (!intake.taken) return [wordRefusal(intake.refusal)];
  const { plan, faults } = row.entry;
  const made = row.made?.result;
  return [
    ...(plan?.state === 'cannot' ? [wordObstacle(plan.obstacle)] : []),
    ...(plan?.state === 'needs-you'
      ? plan.questions.filter(q => withCut || q.code !== 'accept-cut').map(q => wordQuestion(q, labels))
      : []),
    // A missing section is asked once: by the name if the name needs it, otherwise by the entry.
    ...faults.filter(f => f.code !== 'section-unknown' || !asksForSection(row)).map(wordEntryFault),
    ...(made?.kind === 'failed' ? [made.why] : []),
    ...(made?.kind === 'file'
      ? made.findings
          .filter(f => f.verdict !== 'met' && f.verdict !== 'yours' && f.asked.level === 'must')
          .map(wordFault)
      : []),
  ];
}

function asksForSection({ entry: { plan } }: Row): boolean {
  return (
    plan?.state === 'needs-you' &&
    plan.questions.some(q => q.code === 'name' && q.problem.code === 'section-missing')
  );
}

export function asksForCut({ entry: { plan } }: Row): boolean {
  return plan?.state === 'needs-you' && plan.questions.some(q => q.code === 'accept-cut');
}

const METHOD_WORDS = { whole: 'Whole', trim: 'Trim', mount: 'Mount' } as const;

/** What happens to the frame, in two short lines. */
export function wordFrame(row: Row): [string, string] {
  const { plan } = row.entry;
  const source = sizeOf(row.picture);
  if (!plan || !source) return ['–', ''];
  if (plan.state === 'cannot')
    return ['Not possible', plan.obstacle.outcome === 'too-small' ? 'too few pixels' : 'the rules disagree'];
  return [METHOD_WORDS[plan.method], wordLoss(plan, source)];
}

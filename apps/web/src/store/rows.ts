import {
  isProven,
  planSubmission,
  valueOf,
  type EntryPlan,
  type FilePlan,
  type RuleSheet,
} from '@able-frame/core';
import type { Made, Picture, Submission } from '../database/schemas.ts';
import { sizeOf } from './picture-facts.ts';
import type { OpenSubmission } from './submission-store.ts';

/** Where a picture stands. Every state has a word, a shape and a colour; see parts/StateMark. */
export type RowState = 'proven' | 'ready' | 'needs-you' | 'broken' | 'making';

export interface Row {
  picture: Picture;
  entry: EntryPlan;
  /** Place in running-number order, from 1; refused files have none. */
  place: number | undefined;
  state: RowState;
  /** The result, if it still belongs to the plan. */
  made: Made | undefined;
  planKey: string;
}

/** Derives every row of the ledger from what is kept. */
export function deriveRows(open: Pick<OpenSubmission, 'submission' | 'pictures' | 'made' | 'run'>): Row[] {
  const { submission } = open;
  if (!submission) return [];
  const pictures = submission.order.flatMap(id => open.pictures.get(id) ?? []);
  const plans = planSubmission(submission.sheet, usableDetails(submission), pictures.map(toPlanned));
  let place = 0;
  return pictures.map((picture, i) => {
    const entry = plans[i] ?? { pictureId: picture.id, plan: undefined, faults: [] };
    const planKey = keyOf(entry.plan, submission.sheet, picture);
    const made = open.made.get(picture.id);
    const current = made?.planKey === planKey ? made : undefined;
    if (picture.intake.taken) place += 1;
    return {
      picture,
      entry,
      place: picture.intake.taken ? place : undefined,
      state: stateOf(picture, entry, current, open.run?.stages.has(picture.id) ?? false),
      made: current,
      planKey,
    };
  });
}

function toPlanned(picture: Picture) {
  return {
    id: picture.id,
    title: picture.title,
    sectionCode: picture.sectionCode,
    source: sizeOf(picture),
    acceptedCut: picture.acceptedCut,
  };
}

/** A detail that does not have the asked shape counts as not given. */
function usableDetails(submission: Submission): Record<string, string> {
  return Object.fromEntries(
    submission.sheet.details
      .map(detail => [detail.id, submission.details[detail.id]?.trim() ?? ''] as const)
      .filter(([id, value]) => value && !detailFault(submission.sheet, id, value)),
  );
}

/** Why a detail cannot be used, as a sentence, or undefined. */
export function detailFault(sheet: RuleSheet, id: string, value: string): string | undefined {
  const detail = sheet.details.find(d => d.id === id);
  if (!detail) return undefined;
  if (!value.trim()) return 'Needed for the file names.';
  const { shape } = detail;
  if (shape.kind === 'digits' && !(value.trim().length === shape.count && /^\d+$/.test(value.trim())))
    return `${shape.count} digits are asked.`;
  if (shape.kind === 'letters' && !(value.trim().length === shape.count && /^[A-Za-z]+$/.test(value.trim())))
    return `${shape.count} letters are asked.`;
  return undefined;
}

/** What a finished file depends on. Any change of it makes the old result out of date. */
function keyOf(plan: FilePlan | undefined, sheet: RuleSheet, picture: Picture): string {
  if (!plan || plan.state === 'cannot') return '';
  const { job, name } = plan;
  return JSON.stringify([
    picture.sha256,
    valueOf(picture.facts.orientation) ?? 1,
    job,
    name,
    sheet.deliverables,
  ]);
}

function stateOf(picture: Picture, entry: EntryPlan, made: Made | undefined, isRunning: boolean): RowState {
  if (!picture.intake.taken || !entry.plan || entry.plan.state === 'cannot') return 'broken';
  if (isRunning) return 'making';
  if (entry.plan.state === 'needs-you' || entry.faults.length) return 'needs-you';
  if (!made) return 'ready';
  return made.result.kind === 'file' && isProven(made.result.findings) ? 'proven' : 'broken';
}

export function countStates(rows: readonly Row[]): Record<RowState, number> {
  const counts = { proven: 0, ready: 0, 'needs-you': 0, broken: 0, making: 0 };
  for (const row of rows) counts[row.state] += 1;
  return counts;
}

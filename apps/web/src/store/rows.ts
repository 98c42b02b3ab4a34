import {
  deliverablesFor,
  hasShape,
  isProven,
  planSubmission,
  valueOf,
  wordShape,
  type Deliverable,
  type EntryPlan,
  type FilePlan,
  type PlannedPicture,
  type RuleSheet,
} from '@able-frame/core';
import { fileId, type Made, type Picture, type Submission } from '../database/schemas.ts';
import { sizeOf, takenOn } from './picture-facts.ts';
import type { OpenSubmission } from './submission-store.ts';

/** Where a file stands. Every state has a word, a shape and a colour; see parts/StateMark. */
export type RowState = 'proven' | 'ready' | 'needs-you' | 'broken' | 'making';

/** One file that a picture has to become. */
export interface Row {
  /** See fileId. */
  id: string;
  picture: Picture;
  deliverable: Deliverable;
  /** Whether it is the first file of its picture. */
  isFirst: boolean;
  entry: EntryPlan;
  /** Place of the picture in running-number order, from 1; refused files have none. */
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
  const { sheet } = submission;
  const pictures = submission.order.flatMap(id => open.pictures.get(id) ?? []);
  const plans = planSubmission(sheet, usableDetails(submission), pictures.map(toPlanned));
  const byPicture = new Map<string, EntryPlan[]>();
  for (const plan of plans) byPicture.set(plan.pictureId, [...(byPicture.get(plan.pictureId) ?? []), plan]);
  let place = 0;
  return pictures.flatMap(picture => {
    if (picture.intake.taken) place += 1;
    const own = picture.intake.taken ? place : undefined;
    return (byPicture.get(picture.id) ?? []).flatMap((entry, i) => {
      const deliverable =
        sheet.deliverables.find(d => d.id === entry.deliverableId) ??
        deliverablesFor(sheet, picture.sectionCode)[0];
      if (!deliverable) return [];
      return [rowOf(picture, deliverable, entry, i === 0, own, sheet, open)];
    });
  });
}

function rowOf(
  picture: Picture,
  deliverable: Deliverable,
  entry: EntryPlan,
  isFirst: boolean,
  place: number | undefined,
  sheet: RuleSheet,
  { made: all, run }: Pick<OpenSubmission, 'made' | 'run'>,
): Row {
  const id = fileId(picture.id, deliverable.id);
  const planKey = keyOf(entry.plan, deliverable, picture, sheet);
  const made = all.get(id);
  const current = made?.planKey === planKey ? made : undefined;
  const state = stateOf(picture, entry, current, run?.stages.has(id) ?? false);
  return { id, picture, deliverable, isFirst, entry, place, state, made: current, planKey };
}

function toPlanned(picture: Picture): PlannedPicture {
  const { facts } = picture;
  return {
    id: picture.id,
    title: picture.title,
    sectionCode: picture.sectionCode,
    source: sizeOf(picture),
    takenOn: takenOn(picture),
    hue: picture.hue,
    mayBeMadeNeutral: picture.mayBeMadeNeutral,
    acceptedCuts: picture.acceptedCuts,
    frames: picture.frames,
    metadata: {
      author: valueOf(facts.author),
      copyright: valueOf(facts.copyright),
      hasCamera: facts.camera.state === 'present',
      hasLocation: facts.location.state === 'present',
    },
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
  if (!detail || hasShape(value, detail.shape)) return undefined;
  if (!value.trim()) return 'The organiser asks for it.';
  const asked = wordShape(detail.shape);
  return `${asked.charAt(0).toUpperCase()}${asked.slice(1)} ${detail.shape.kind === 'one-of' ? 'is' : 'are'} asked.`;
}

/** What a finished file depends on. Any change of it makes the old result out of date. */
function keyOf(
  plan: FilePlan | undefined,
  deliverable: Deliverable,
  picture: Picture,
  sheet: RuleSheet,
): string {
  if (!plan || plan.state === 'cannot') return '';
  const section = sheet.sections.find(s => s.code === picture.sectionCode);
  return JSON.stringify([
    picture.sha256,
    valueOf(picture.facts.orientation) ?? 1,
    plan.job,
    plan.name,
    deliverable,
    section?.picture ?? null,
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

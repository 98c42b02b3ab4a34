import type { RuleSheet } from '../rules/rule-sheet.ts';
import { buildName } from '../naming/build-name.ts';
import { planFile, type FilePlan } from './plan-file.ts';
import type { PixelSize } from './solve-size.ts';

/** What the planner has to know of one picture. */
export interface PlannedPicture {
  id: string;
  title: string;
  sectionCode: string | undefined;
  /** Upright size; undefined when the picture could not be read. */
  source: PixelSize | undefined;
  /** See PlanInput. */
  acceptedCut: string | undefined;
}

/** Why an entry, as one among others, cannot go in. */
export type EntryFault =
  | { code: 'too-many-entries'; place: number; limit: number }
  | { code: 'too-many-in-section'; place: number; limit: number; section: string }
  | { code: 'section-unknown' }
  | { code: 'same-name'; name: string; otherTitle: string };

export interface EntryPlan {
  pictureId: string;
  /** undefined when the picture could not be read. */
  plan: FilePlan | undefined;
  faults: EntryFault[];
}

/**
 * Plans every picture of a submission in its order. Pure: the same input gives the same plan, so nothing that
 * is derived here needs to be stored.
 */
export function planSubmission(
  sheet: RuleSheet,
  details: Readonly<Record<string, string>>,
  pictures: readonly PlannedPicture[],
): EntryPlan[] {
  const deliverable = sheet.deliverables[0];
  if (!deliverable) throw new Error('A rule sheet needs at least one deliverable.');
  const counted = new Map<string, number>();
  const names = new Map<string, string>();
  let placeInSubmission = 0;

  return pictures.map(picture => {
    if (!picture.source) return { pictureId: picture.id, plan: undefined, faults: [] };
    const section = sheet.sections.find(s => s.code === picture.sectionCode);
    const placeInSection = counted.get(section?.code ?? '') ?? 0;
    const name = buildName(deliverable.name, {
      title: picture.title,
      sectionCode: section?.code,
      placeInSection,
      placeInSubmission,
      details,
    });
    const faults: EntryFault[] = [];
    if (sheet.sections.length && !section) faults.push({ code: 'section-unknown' });
    if (section?.limit !== undefined && placeInSection >= section.limit)
      faults.push({
        code: 'too-many-in-section',
        place: placeInSection + 1,
        limit: section.limit,
        section: section.label,
      });
    if (sheet.maxEntries !== undefined && placeInSubmission >= sheet.maxEntries)
      faults.push({ code: 'too-many-entries', place: placeInSubmission + 1, limit: sheet.maxEntries });
    const plan = planFile(deliverable, { source: picture.source, name, acceptedCut: picture.acceptedCut });
    // Computers that ignore capitals would let one of two such files overwrite the other.
    const key = plan.name?.toLowerCase();
    const otherTitle = key === undefined ? undefined : names.get(key);
    if (plan.name !== undefined && otherTitle !== undefined)
      faults.push({ code: 'same-name', name: plan.name, otherTitle });
    if (key !== undefined && otherTitle === undefined) names.set(key, picture.title);
    counted.set(section?.code ?? '', placeInSection + 1);
    placeInSubmission += 1;
    return { pictureId: picture.id, plan, faults };
  });
}

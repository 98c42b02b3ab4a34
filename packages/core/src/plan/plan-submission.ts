import { isAskedOf, type Deliverable, type RuleSheet } from '../rules/rule-sheet.ts';
import { buildName } from '../naming/build-name.ts';
import { frameInUse, type FrameInUse } from './follow-frame.ts';
import type { Frame } from './frame.ts';
import { planFile, type FilePlan, type PictureFacts } from './plan-file.ts';
import type { PixelSize } from './solve-size.ts';

/** What the planner has to know of one picture. */
export interface PlannedPicture extends PictureFacts {
  id: string;
  title: string;
  sectionCode: string | undefined;
  /** Upright size; undefined when the picture could not be read. */
  source: PixelSize | undefined;
  /** ISO date. */
  takenOn?: string | undefined;
  /** Keys of agreed cuts by deliverable; see PlanInput. */
  acceptedCuts?: Readonly<Record<string, string>> | undefined;
  /** The person's frames by deliverable. */
  frames?: Readonly<Record<string, Frame>> | undefined;
}

/** Why an entry, as one among others, cannot go in. */
export type EntryFault =
  | { code: 'too-many-entries'; place: number; limit: number }
  | { code: 'too-many-files'; place: number; limit: number }
  | { code: 'too-many-in-section'; place: number; limit: number; section: string }
  | { code: 'section-unknown' }
  | { code: 'same-name'; name: string; otherTitle: string };

/** The plan of one file: one deliverable of one picture. */
export interface EntryPlan {
  pictureId: string;
  deliverableId: string;
  /** undefined when the picture could not be read. */
  plan: FilePlan | undefined;
  /** The person's frame that counts for it, its own or one that it follows; missing while the program proposes. */
  frame?: FrameInUse;
  faults: EntryFault[];
}

interface Counts {
  bySection: Map<string, number>;
  /** Title by file name in lower case: computers that ignore capitals would let one such file overwrite another. */
  names: Map<string, string>;
  entries: number;
  files: number;
}

/**
 * Plans every file of a submission, picture by picture in its order and deliverable by deliverable. Pure: the same
 * input gives the same plan, so nothing that is derived here needs to be stored.
 */
export function planSubmission(
  sheet: RuleSheet,
  details: Readonly<Record<string, string>>,
  pictures: readonly PlannedPicture[],
): EntryPlan[] {
  const counts: Counts = { bySection: new Map(), names: new Map(), entries: 0, files: 0 };
  return pictures.flatMap(picture => planPicture(sheet, details, picture, counts));
}

/** The files that a picture has to become. While its section is not known, the first stands for all. */
export function deliverablesFor(sheet: RuleSheet, sectionCode: string | undefined): Deliverable[] {
  const asked = sheet.deliverables.filter(d => isAskedOf(d, sectionCode));
  return asked.length ? asked : sheet.deliverables.slice(0, 1);
}

function planPicture(
  sheet: RuleSheet,
  details: Readonly<Record<string, string>>,
  picture: PlannedPicture,
  counts: Counts,
): EntryPlan[] {
  const { source } = picture;
  const section = sheet.sections.find(s => s.code === picture.sectionCode);
  const deliverables = deliverablesFor(sheet, section?.code);
  const nothing = (d: Deliverable) => ({
    pictureId: picture.id,
    deliverableId: d.id,
    plan: undefined,
    faults: [],
  });
  if (!source) return deliverables.slice(0, 1).map(nothing);
  const placeInSection = counts.bySection.get(section?.code ?? '') ?? 0;
  const placeInSubmission = counts.entries;
  const faults = entryFaults(sheet, section, placeInSection, placeInSubmission);
  const entries = deliverables.map(deliverable => {
    const name = buildName(deliverable.name, {
      title: picture.title,
      sectionCode: section?.code,
      placeInSection,
      placeInSubmission,
      details,
      deliverable: deliverable.label,
      takenOn: picture.takenOn,
      closesOn: sheet.closes?.at.slice(0, 10),
    });
    const inUse = frameInUse(deliverable, deliverables, source, picture.frames);
    const plan = planFile(deliverable, {
      ...picture,
      source,
      name,
      details,
      acceptedCut: picture.acceptedCuts?.[deliverable.id],
      frame: inUse?.frame,
      inMonochromeSection: section?.picture === 'monochrome',
    });
    const own = [...faults, ...nameFault(plan.name, picture.title, counts)];
    if (sheet.maxFiles !== undefined && counts.files >= sheet.maxFiles)
      own.push({ code: 'too-many-files', place: counts.files + 1, limit: sheet.maxFiles });
    counts.files += 1;
    const frame = inUse ? { frame: inUse } : {};
    return { pictureId: picture.id, deliverableId: deliverable.id, plan, faults: own, ...frame };
  });
  counts.bySection.set(section?.code ?? '', placeInSection + 1);
  counts.entries += 1;
  return entries;
}

function entryFaults(
  sheet: RuleSheet,
  section: RuleSheet['sections'][number] | undefined,
  placeInSection: number,
  placeInSubmission: number,
): EntryFault[] {
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
  return faults;
}

function nameFault(name: string | undefined, title: string, { names }: Counts): EntryFault[] {
  if (name === undefined) return [];
  const key = name.toLowerCase();
  const otherTitle = names.get(key);
  if (otherTitle !== undefined) return [{ code: 'same-name', name, otherTitle }];
  names.set(key, title);
  return [];
}

import { mustsOf, rulesOf } from '../rules/rule.ts';
import type { Deliverable } from '../rules/rule-sheet.ts';
import type { NameProblem, NameResult } from '../naming/build-name.ts';
import { planOutput, type MissingMetadata, type OutputSettings, type SourceMetadata } from './plan-output.ts';
import { sizeLimits } from './size-limits.ts';
import { solveSize, type PixelRect, type PixelSize, type SizeSolution } from './solve-size.ts';

/**
 * A centred cut that takes less than this share of the picture is made without asking: one part in a hundred is
 * below what anyone notices at an edge, and typical of 6016 × 4016 sensors meeting a 3 : 2 rule.
 */
export const UNASKED_CUT = 0.01;

/**
 * Greatest difference between the channels of a pixel, of 255, up to which a picture counts as without hue. A neutral
 * picture that went through a JPEG with reduced colour shows differences of one or two.
 */
export const NO_HUE = 3;

/** Everything the imaging package needs to make one file, in units and whole pixels. */
export interface ConformJob {
  crop: PixelRect;
  target: PixelSize;
  output: OutputSettings;
}

/** A decision only the person can take. */
export type PlanQuestion =
  | { code: 'accept-cut'; lostShare: number; lostWidthShare: number; lostHeightShare: number }
  | { code: 'make-neutral'; hue: number }
  | { code: 'metadata-missing'; field: MissingMetadata; detail: string | undefined }
  | { code: 'name'; problem: NameProblem };

/** Why a file cannot be made from this picture under these rules. */
export type PlanObstacle = Exclude<SizeSolution, { outcome: 'solved' }>;

export type FilePlan =
  | {
      state: 'ready';
      method: 'whole' | 'trim';
      job: ConformJob;
      name: string;
      lostShare: number;
      scale: number;
    }
  | {
      state: 'needs-you';
      method: 'whole' | 'trim';
      job: ConformJob;
      name: string | undefined;
      lostShare: number;
      scale: number;
      questions: PlanQuestion[];
    }
  | { state: 'cannot'; obstacle: PlanObstacle; name: string | undefined };

/** What a picture is and what the person has decided about it. */
export interface PictureFacts {
  /** Greatest difference between the channels of a pixel, 0 to 255; undefined when it was not measured. */
  hue?: number | undefined;
  metadata?: SourceMetadata;
  /** The person agreed to have it made neutral where monochrome is asked. */
  mayBeMadeNeutral?: boolean | undefined;
  /** The key of the cut that the person has seen and agreed to; another cut is asked about again. */
  acceptedCut?: string | undefined;
}

export interface PlanInput extends PictureFacts {
  /** Upright size of the picture. */
  source: PixelSize;
  name: NameResult;
  /** The entrant's details by id. */
  details?: Readonly<Record<string, string>>;
  /** Whether the picture's section takes monochrome alone. */
  inMonochromeSection?: boolean;
}

/** Names one cut, so that an agreement to it does not carry over to another. */
export function cutKey({ crop, target }: Pick<ConformJob, 'crop' | 'target'>): string {
  const rect = [crop.leftPx, crop.topPx, crop.widthPx, crop.heightPx].join(',');
  return `${rect} to ${target.widthPx}x${target.heightPx}`;
}

/** Plans one file: what will be done, what has to be asked first, or why it cannot be done. */
export function planFile(deliverable: Deliverable, input: PlanInput): FilePlan {
  const { source } = input;
  const mayEnlarge = rulesOf(deliverable, 'enlarging').some(rule => rule.allowed);
  const solved = solveSize(source, sizeLimits(deliverable, source), mayEnlarge);
  const name = input.name.ok ? input.name.name : undefined;
  if (solved.outcome !== 'solved') return { state: 'cannot', obstacle: solved, name };

  const asksMonochrome = input.inMonochromeSection || mustsOf(deliverable, 'monochrome').length > 0;
  const { output, missing } = planOutput(
    deliverable,
    input.metadata ?? {},
    input.details ?? {},
    asksMonochrome,
  );
  const job: ConformJob = { crop: solved.crop, target: solved.target, output };
  const made = { method: solved.method, job, lostShare: solved.lostShare, scale: solved.scale };
  const questions: PlanQuestion[] = [];
  if (solved.lostShare > UNASKED_CUT && input.acceptedCut !== cutKey(job))
    questions.push({
      code: 'accept-cut',
      lostShare: solved.lostShare,
      lostWidthShare: 1 - solved.crop.widthPx / source.widthPx,
      lostHeightShare: 1 - solved.crop.heightPx / source.heightPx,
    });
  if (asksMonochrome && (input.hue ?? 0) > NO_HUE && !input.mayBeMadeNeutral)
    questions.push({ code: 'make-neutral', hue: input.hue ?? 0 });
  for (const field of missing) {
    const { detail } = rulesOf(deliverable, 'metadata').find(rule => rule.field === field) ?? {};
    questions.push({ code: 'metadata-missing', field, detail });
  }
  if (!input.name.ok)
    questions.push(...input.name.problems.map(problem => ({ code: 'name' as const, problem })));
  if (questions.length || name === undefined) return { state: 'needs-you', ...made, name, questions };
  return { state: 'ready', ...made, name };
}

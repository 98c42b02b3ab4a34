import { rulesOf, type Deliverable } from '../rules/rule-sheet.ts';
import type { NameProblem, NameResult } from '../naming/build-name.ts';
import { sizeLimits } from './size-limits.ts';
import { solveSize, type PixelRect, type PixelSize, type SizeSolution } from './solve-size.ts';

/**
 * A centred cut that takes less than this share of the picture is made without asking: one part in a hundred is
 * below what anyone notices at an edge, and typical of 6016 × 4016 sensors meeting a 3 : 2 rule.
 */
export const UNASKED_CUT = 0.01;

/** Everything the imaging package needs to make one file, in units and whole pixels. */
export interface ConformJob {
  crop: PixelRect;
  target: PixelSize;
  /** Most bytes the file may weigh; undefined means no ceiling. */
  maxBytes: number | undefined;
  minBytes: number | undefined;
  ppi: number | undefined;
  scan: 'baseline' | 'progressive';
}

/** A decision only the person can take. */
export type PlanQuestion =
  | { code: 'accept-cut'; lostShare: number; lostWidthShare: number; lostHeightShare: number }
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

export interface PlanInput {
  /** Upright size of the picture. */
  source: PixelSize;
  name: NameResult;
  /** The key of the cut that the person has seen and agreed to; another cut is asked about again. */
  acceptedCut: string | undefined;
}

/** Names one cut, so that an agreement to it does not carry over to another. */
export function cutKey({ crop, target }: Pick<ConformJob, 'crop' | 'target'>): string {
  const rect = [crop.leftPx, crop.topPx, crop.widthPx, crop.heightPx].join(',');
  return `${rect} to ${target.widthPx}x${target.heightPx}`;
}

/** Plans one file: what will be done, what has to be asked first, or why it cannot be done. */
export function planFile(deliverable: Deliverable, input: PlanInput): FilePlan {
  const mayEnlarge = rulesOf(deliverable, 'enlarging').some(rule => rule.allowed);
  const solved = solveSize(input.source, sizeLimits(deliverable), mayEnlarge);
  const name = input.name.ok ? input.name.name : undefined;
  if (solved.outcome !== 'solved') return { state: 'cannot', obstacle: solved, name };

  const bytes = rulesOf(deliverable, 'bytes').filter(rule => rule.level === 'must');
  const job: ConformJob = {
    crop: solved.crop,
    target: solved.target,
    maxBytes: least(bytes.map(rule => rule.maxBytes)),
    minBytes: least(bytes.map(rule => rule.minBytes)),
    ppi: rulesOf(deliverable, 'ppi')[0]?.ppi,
    scan: rulesOf(deliverable, 'jpeg-scan')[0]?.scan ?? 'baseline',
  };
  const made = { method: solved.method, job, lostShare: solved.lostShare, scale: solved.scale };
  const questions: PlanQuestion[] = input.name.ok
    ? []
    : input.name.problems.map(problem => ({ code: 'name', problem }));
  if (solved.lostShare > UNASKED_CUT && input.acceptedCut !== cutKey(job))
    questions.unshift({
      code: 'accept-cut',
      lostShare: solved.lostShare,
      lostWidthShare: 1 - solved.crop.widthPx / input.source.widthPx,
      lostHeightShare: 1 - solved.crop.heightPx / input.source.heightPx,
    });
  if (questions.length || name === undefined) return { state: 'needs-you', ...made, name, questions };
  return { state: 'ready', ...made, name };
}

function least(values: readonly (number | undefined)[]): number | undefined {
  const given = values.filter(value => value !== undefined);
  return given.length ? Math.min(...given) : undefined;
}

import { mustsOf, rulesOf } from '../rules/rule.ts';
import type { Deliverable } from '../rules/rule-sheet.ts';
import type { NameProblem, NameResult } from '../naming/build-name.ts';
import { planOutput, type MissingMetadata, type OutputSettings, type SourceMetadata } from './plan-output.ts';
import { sizeLimits, type SizeLimits } from './size-limits.ts';
import { pictureSize, type Frame, type Geometry } from './frame.ts';
import type { PixelRect, PixelSize } from './pixel-size.ts';
import { solveFrame, type Canvas } from './solve-frame.ts';
import { solveSize, type SizeSolution } from './solve-size.ts';

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
  /** What is done to the upright picture before it is cut. */
  geometry: Geometry;
  /**
   * The cut, from the upper left corner of the picture after its quarter turns. On whole pixels, except for a levelled
   * picture, which is turned round its centre behind the cut.
   */
  crop: PixelRect;
  /** Whether paper in uneven light is made evenly white before it is cut. */
  evenPaper?: boolean;
  /** The picture's own pixels in the file. */
  target: PixelSize;
  canvas: Canvas | undefined;
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
      method: Frame['method'];
      job: ConformJob;
      name: string;
      lostShare: number;
      scale: number;
    }
  | {
      state: 'needs-you';
      method: Frame['method'];
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
  /** The frame that the person has made; without one, the program proposes. */
  frame?: Frame | undefined;
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
  const limits = sizeLimits(deliverable, source);
  const solved = input.frame
    ? framed(source, input.frame, limits, mayEnlarge)
    : proposed(source, limits, mayEnlarge);
  const name = input.name.ok ? input.name.name : undefined;
  if (solved.outcome !== 'solved') return { state: 'cannot', obstacle: solved, name };

  const asksMonochrome = input.inMonochromeSection || mustsOf(deliverable, 'monochrome').length > 0;
  const { output, missing } = planOutput(
    deliverable,
    input.metadata ?? {},
    input.details ?? {},
    asksMonochrome,
  );
  const { geometry, crop, target, canvas } = solved;
  const evenPaper = input.frame?.evenPaper ? { evenPaper: true } : {};
  const job: ConformJob = { geometry, crop, ...evenPaper, target, canvas, output };
  const made = { method: solved.method, job, lostShare: solved.lostShare, scale: solved.scale };
  const questions: PlanQuestion[] = [];
  // A frame that the person made themselves needs no yes.
  if (!input.frame && solved.lostShare > UNASKED_CUT && input.acceptedCut !== cutKey(job))
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

type Solved =
  | ({ outcome: 'solved'; lostShare: number; scale: number; method: Frame['method'] } & Pick<
      ConformJob,
      'geometry' | 'crop' | 'target' | 'canvas'
    >)
  | PlanObstacle;

const UNTOUCHED: Geometry = { turns: 0, mirrored: false, levelDeg: 0 };

function proposed(source: PixelSize, limits: readonly SizeLimits[], mayEnlarge: boolean): Solved {
  const solved = solveSize(source, limits, mayEnlarge);
  return solved.outcome === 'solved' ? { ...solved, geometry: UNTOUCHED, canvas: undefined } : solved;
}

function framed(source: PixelSize, frame: Frame, limits: readonly SizeLimits[], mayEnlarge: boolean): Solved {
  const solved = solveFrame(source, frame, limits, mayEnlarge);
  if (solved.outcome !== 'solved') return solved;
  const picture = pictureSize(source, frame);
  const { cut } = solved;
  const crop = {
    leftPx: picture.widthPx / 2 + cut.centreX - cut.widthPx / 2,
    topPx: picture.heightPx / 2 + cut.centreY - cut.heightPx / 2,
    widthPx: cut.widthPx,
    heightPx: cut.heightPx,
  };
  return { ...solved, crop };
}

/** The size of the finished file. */
export function finishedSize({ canvas, target }: Pick<ConformJob, 'canvas' | 'target'>): PixelSize {
  return canvas ?? target;
}

/** Whether the rules let a picture be kept whole, as it stands after its geometry: reduced, and neither cut nor mounted. */
export function mayStayWhole(deliverable: Deliverable, source: PixelSize, frame: Frame): boolean {
  if (frame.levelDeg !== 0) return false;
  const mayEnlarge = rulesOf(deliverable, 'enlarging').some(rule => rule.allowed);
  const whole = solveFrame(
    source,
    { ...frame, method: 'whole' },
    sizeLimits(deliverable, source),
    mayEnlarge,
  );
  return whole.outcome === 'solved' && whole.method === 'whole';
}

/** Whether the rules let plain canvas be added round a picture. */
export function mayMount(deliverable: Pick<Deliverable, 'rules'>): boolean {
  return (
    mustsOf(deliverable, 'canvas').every(rule => rule.allowed) &&
    mustsOf(deliverable, 'overlay').every(rule => rule.overlay !== 'border' || rule.allowed)
  );
}

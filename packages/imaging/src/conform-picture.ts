import type { ConformJob, KnownSpace } from '@able-frame/core';
import { mountOnCanvas } from './canvas.ts';
import { carryNotes } from './carry-notes.ts';
import { withScope, type Vips } from './engine.ts';
import { openPicture, type Original } from './open-picture.ts';
import { resample } from './resample.ts';
import { turnAndMirror } from './geometry.ts';
import { weigh, type Weighing } from './weigh.ts';

export interface ConformInput {
  /** The original's bytes; never changed. */
  bytes: Uint8Array;
  /** EXIF orientation as measured, 1 to 8. */
  orientation: number;
  /** What the original's profile is by its numbers. */
  space: KnownSpace | 'untagged';
  job: ConformJob;
}

export type Stage = 'opening' | 'resizing' | 'weighing';

export type ConformResult = Weighing;

/**
 * Makes one finished file from one original: upright, cut, resized in linear light, in the colours that are asked, and
 * as good as the ceiling allows.
 * @param original what the engine opens, where the bytes had to be decoded first
 * @throws the engine's exception when the original cannot be decoded whole
 */
export function conformPicture(
  vips: Vips,
  input: ConformInput,
  onStage: (stage: Stage) => void,
  original: Original = input.bytes,
): ConformResult {
  const { orientation, space, job } = input;
  return withScope(scope => {
    onStage('opening');
    const { square, turns, mirrored, levelDeg } = job.geometry;
    const isMoved = square !== undefined || turns !== 0 || mirrored || levelDeg !== 0;
    const inAnyOrder = orientation > 1 || isMoved || job.evenPaper === true;
    const upright = openPicture(vips, scope, original, orientation, inAnyOrder);
    // A slanted artwork is pulled true first, and turned in the same pass.
    const turned = square ? upright : turnAndMirror(scope, upright, job.geometry);
    onStage('resizing');
    const pipeline = resample(vips, scope, turned, space, job);
    // Nothing has been computed so far; this one pass decodes, cuts and resizes.
    const pixels = scope.keep(mountOnCanvas(vips, scope, pipeline, job).copyMemory());
    const notes = carryNotes(pixels, job.output);
    onStage('weighing');
    return weigh(vips, pixels, job.output, notes);
  });
}

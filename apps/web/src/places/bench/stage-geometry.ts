import {
  compose,
  fromCut,
  inverse,
  shift,
  stretch,
  type ConformJob,
  type Homography,
  type PixelSize,
} from '@able-frame/core';

/** Where things stand on the stage, in CSS pixels from its upper left corner. */
export interface StageBox {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** The finished file, as large as the stage lets it be, with room for its dimension lines. */
export function fileBox(stage: { width: number; height: number }, file: PixelSize, margin: number): StageBox {
  const scale = Math.min(
    (stage.width - 2 * margin) / file.widthPx,
    (stage.height - 2 * margin) / file.heightPx,
  );
  const width = Math.max(1, file.widthPx * scale);
  const height = Math.max(1, file.heightPx * scale);
  return { left: (stage.width - width) / 2, top: (stage.height - height) / 2, width, height };
}

/** Where the picture's own pixels stand: all of the file, or its place on the canvas. */
export function pictureBox(
  file: StageBox,
  { canvas, target }: Pick<ConformJob, 'canvas' | 'target'>,
): StageBox {
  if (!canvas) return file;
  const scale = file.width / canvas.widthPx;
  return {
    left: file.left + canvas.leftPx * scale,
    top: file.top + canvas.topPx * scale,
    width: target.widthPx * scale,
    height: target.heightPx * scale,
  };
}

/** CSS pixels for a source pixel. */
export function stageScale(box: StageBox, job: Pick<ConformJob, 'crop'>): number {
  return box.width / job.crop.widthPx;
}

/** The map that puts a preview of the upright source where the cut falls on its box. */
export function previewMap(
  source: PixelSize,
  preview: PixelSize,
  { geometry, crop }: Pick<ConformJob, 'geometry' | 'crop'>,
  box: StageBox,
): Homography {
  const scale = stageScale(box, { crop });
  return compose(
    shift(box.left, box.top),
    stretch(scale, scale),
    inverse(fromCut(source, { geometry, crop })),
    stretch(source.widthPx / preview.widthPx, source.heightPx / preview.heightPx),
  );
}

/** A map as a CSS transform. */
export function cssMatrix(map: Homography): string {
  const [a, b, c, d, e, f, g, h, i] = map.map(n => n / map[8]) as unknown as Homography;
  const numbers = [a, d, 0, g, b, e, 0, h, 0, 0, 1, 0, c, f, 0, i];
  // Perspective is a thousandth of the rest, and needs its digits.
  return `matrix3d(${numbers.map(n => n.toFixed(12)).join(', ')})`;
}

/** The angle that a drawn line misses the nearer of level and upright by, in degrees clockwise. */
export function missedLevel(from: { x: number; y: number }, to: { x: number; y: number }): number {
  const deg = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const nearest = Math.round(deg / 90) * 90;
  return deg - nearest;
}

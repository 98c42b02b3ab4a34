import { rotated, pictureSize, type ConformJob, type PixelSize } from '@able-frame/core';

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

/**
 * The CSS matrix that puts a preview of the upright source where the cut falls on its box. Applied from right to left:
 * preview to source pixels, centred; quarter turns; mirror; level; to the cut's corner; to the box.
 */
export function previewMatrix(
  source: PixelSize,
  preview: PixelSize,
  { geometry, crop }: Pick<ConformJob, 'geometry' | 'crop'>,
  box: StageBox,
): string {
  const scale = stageScale(box, { crop });
  const picture = pictureSize(source, geometry);
  const perPreview = source.widthPx / preview.widthPx;
  const place = (x: number, y: number) => {
    const turned = rotated(
      { x: x * perPreview - source.widthPx / 2, y: y * perPreview - source.heightPx / 2 },
      geometry.turns * 90,
    );
    const mirrored = { x: geometry.mirrored ? -turned.x : turned.x, y: turned.y };
    const level = rotated(mirrored, geometry.levelDeg);
    return {
      x: box.left + (level.x + picture.widthPx / 2 - crop.leftPx) * scale,
      y: box.top + (level.y + picture.heightPx / 2 - crop.topPx) * scale,
    };
  };
  const [origin, right, down] = [place(0, 0), place(1, 0), place(0, 1)];
  const numbers = [
    right.x - origin.x,
    right.y - origin.y,
    down.x - origin.x,
    down.y - origin.y,
    origin.x,
    origin.y,
  ];
  return `matrix(${numbers.map(n => n.toFixed(6)).join(', ')})`;
}

/** The angle that a drawn line misses the nearer of level and upright by, in degrees clockwise. */
export function missedLevel(from: { x: number; y: number }, to: { x: number; y: number }): number {
  const deg = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const nearest = Math.round(deg / 90) * 90;
  return deg - nearest;
}

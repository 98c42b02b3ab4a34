import type { ConformJob, OutputSettings } from '@able-frame/core';
import type { Image, ImageScope, Vips } from './engine.ts';
import { toOutput } from './resample.ts';

/** Puts the finished picture on its canvas, whose colour is converted like the picture's own. */
export function mountOnCanvas(vips: Vips, scope: ImageScope, picture: Image, job: ConformJob): Image {
  const { canvas, output } = job;
  if (!canvas) return picture;
  return scope.keep(
    picture.embed(canvas.leftPx, canvas.topPx, canvas.widthPx, canvas.heightPx, {
      extend: 'background',
      background: colourIn(vips, scope, canvas.colour, output),
    }),
  );
}

/** An sRGB colour as the numbers it has in the output's space and depth. */
function colourIn(vips: Vips, scope: ImageScope, colour: string, output: OutputSettings): number[] {
  const channels = [1, 3, 5].map(i => parseInt(colour.slice(i, i + 2), 16));
  const pixel = vips.Image.newFromMemory(Uint8Array.from(channels), 1, 1, 3, vips.BandFormat.uchar);
  const typed = scope.keep(scope.keep(pixel).copy({ interpretation: 'srgb' }));
  return toOutput(vips, scope, typed, true, output).getpoint(0, 0);
}

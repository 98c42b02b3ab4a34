import type { InkBox } from '@able-frame/core';
import { withScope, type Vips } from './engine.ts';
import { inkIn } from './ink-in.ts';
import { smallSrgb } from './make-thumbnail.ts';
import type { Original } from './open-picture.ts';

/** Long edge at which writing is looked for. */
const LONG_EDGE_PX = 1000;

/**
 * Finds the writing on a photographed sheet of paper.
 * @returns its box as shares of the upright picture; undefined when there is none
 * @throws the engine's exception when the picture cannot be decoded
 */
export function findInk(vips: Vips, original: Original): InkBox | undefined {
  return withScope(scope => {
    const small = smallSrgb(vips, scope, original, LONG_EDGE_PX);
    const grey = scope.keep(small.colourspace('b-w'));
    const pixels = grey.writeToMemory() as Uint8Array; // 8 bits: smallSrgb gives no more
    return inkIn(pixels.slice(0, grey.width * grey.height), grey.width, grey.height);
  });
}

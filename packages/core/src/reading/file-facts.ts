import { withoutNames } from './common/name-examples.ts';
import type { Found } from './common/found.ts';
import { readFurther } from './size/read-further.ts';
import { readPpi } from './size/read-density.ts';
import { readColourSpace, readFormats } from './file/read-kind.ts';
import { readMetadata } from './marks/read-metadata.ts';
import { readMonochrome } from './file/read-monochrome.ts';
import { readOverlays } from './marks/read-overlays.ts';
import {
  readPhysical,
  readPhysicalSide,
  sizeOfSides,
  type PhysicalSide,
  type PhysicalSize,
} from './size/read-print.ts';
import { readEitherWay, readRatio } from './size/read-shape.ts';
import { readSimple } from './file/read-simple.ts';
import { readSameSide, readSize } from './size/read-size.ts';
import { readWeight } from './file/read-weight.ts';
import { withoutMark, type Segment } from './common/segments.ts';
import { ruledItems } from './standing/ruled-items.ts';
import { isHardPart, isLeftToAll, wishedAmong, withoutHead } from './standing/wishes.ts';

/** What the sentences about one kind of file say of it. */

export interface Facts {
  found: Found[];
  physical: PhysicalSize | undefined;
  side: PhysicalSide | undefined;
}

/** All that is found in sentences about one kind of file, and what they say of its size on paper. */
export function factsOf(marked: readonly Segment[]): Facts {
  const told = marked.map(withoutMark);
  const wished = wishedAmong(told);
  const segments = told.map(segment => (wished.has(segment) ? withoutHead(segment) : segment));
  const ruled = ruledItems(marked);
  // "No files other than JPEG" is said as it is meant.
  const isDenied = (i: number) =>
    ruled[i] === 'denied' && !/\b(?:no|do not)\b/i.test(segments[i]?.text ?? '');
  // "On its longer side, named by its number (N04417.tif)": what a name holds is no size.
  const unnamed = (segment: Segment) => ({ ...segment, text: withoutNames(segment.text) });
  const sizes = segments.map((segment, i) => readSize(unnamed(segment), segments[i + 1]));
  const said = segments.map((segment, i): Found[] =>
    ruled[i] === 'free'
      ? []
      : [
          ...(sizes[i] ?? []),
          ...(sizes[i]?.length ? [] : readSameSide(segment, sizes[i - 1] ?? [])),
          ...readRatio(segment),
          ...readEitherWay(segment),
          ...readWeight(segment, segments[i - 1]).filter(f => f.field !== 'packageBytesMax'),
          ...(isDenied(i) ? [] : readFormats(segment)),
          ...(isDenied(i) ? [] : readColourSpace(segment)),
          ...readSimple(segment),
          ...readPpi(segment),
          ...readMetadata(segment, segments[i - 1]),
          ...readOverlays(segment, segments[i - 1], ruled[i]),
          ...readMonochrome(segment),
          ...readFurther(segment),
        ],
  );
  const isWished = (i: number) => told[i] !== undefined && wished.has(told[i]);
  const found = segments.flatMap((segment, i) =>
    (said[i] ?? []).map(f =>
      isWished(i) && !isLeftToAll(f) && !isHardPart(segment, f) ? { ...f, advice: true } : f,
    ),
  );
  const onPaper = segments.flatMap(segment => {
    const size = readPhysical(segment);
    return size ? [{ size, hasPpi: readPpi(segment).length > 0 }] : [];
  });
  // The size that stands beside its ppi is that of the file; another one is that of the trimmed page.
  const beside = onPaper.filter(p => p.hasPpi);
  const printed = (beside.length ? beside : onPaper).map(p => p.size);
  const sides = segments.flatMap(segment => readPhysicalSide(segment) ?? []);
  const physical = printed[0] ?? sizeOfSides(sides);
  return {
    found: [...joinTurned(found), ...turnedPrint(physical, segments)],
    physical,
    side: sides[0],
  };
}

/** "30 × 20 cm; uprights 20 × 30 cm": the same two lengths the other way round. */
function turnedPrint(size: PhysicalSize | undefined, segments: readonly Segment[]): Found[] {
  if (!size || size.width === size.height) return [];
  const [w, h] = [size.width, size.height].map(n => String(n).replace('.', '[.,]'));
  const turned = new RegExp(
    `(?<![\\d.,])${h ?? ''}\\s*(?:mm|cm|in\\w*|"|″)?\\s*(?:x|×|by)\\s*${w ?? ''}(?![\\d.,]*\\d)`,
    'i',
  );
  for (const { text, start } of segments) {
    const match = turned.exec(text);
    const from = start + (match?.index ?? 0);
    // Height may stand first in the size itself.
    if (!match || (from >= size.start && from < size.end)) continue;
    return [{ field: 'eitherWay', value: true, start: from, end: from + match[0].length, advice: false }];
  }
  return [];
}

/** "1920 × 1080 or 1080 × 1920" is one size that may be turned, not two that contradict. */
function joinTurned(found: Found[]): Found[] {
  const widths = found.filter(f => f.field === 'width');
  const heights = found.filter(f => f.field === 'height');
  // A text with more sizes than this is no set of rules.
  if (widths.length > 40) return found;
  const numberOf = (f: Found | undefined) => Object.values((f?.value ?? {}) as Record<string, number>)[0];
  for (const [i, w] of widths.entries())
    for (const [k, other] of widths.entries()) {
      const isTurned =
        k > i &&
        numberOf(w) !== numberOf(other) &&
        numberOf(w) === numberOf(heights[k]) &&
        numberOf(other) === numberOf(heights[i]);
      if (!isTurned) continue;
      const rest = found.filter(f => f !== other && f !== heights[k]);
      // "1600 x 1200 or, for uprights, 1200 x 1600 pixels at most": the bound at the end holds for both.
      const bounded = (f: Found, as: Found | undefined) =>
        as && 'exact' in (f.value as object) && !('exact' in (as.value as object))
          ? { ...f, value: { [Object.keys(as.value as object)[0] ?? 'exact']: numberOf(f) } }
          : f;
      return [
        ...rest.map(f => (f === w ? bounded(w, heights[k]) : f === heights[i] ? bounded(f, other) : f)),
        { field: 'eitherWay', value: true, start: other.start, end: other.end, advice: false },
      ];
    }
  return found;
}

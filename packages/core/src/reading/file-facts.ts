import type { Found } from './found.ts';
import { readFurther } from './read-further.ts';
import { readPpi } from './read-density.ts';
import { readColourSpace, readFormats } from './read-kind.ts';
import { readMetadata } from './read-metadata.ts';
import { readMonochrome } from './read-monochrome.ts';
import { readOverlays } from './read-overlays.ts';
import { readPhysical, readPhysicalSide, type PhysicalSide, type PhysicalSize } from './read-print.ts';
import { readEitherWay, readRatio } from './read-shape.ts';
import { readSimple } from './read-simple.ts';
import { readSameSide, readSize } from './read-size.ts';
import { readWeight } from './read-weight.ts';
import { withoutMark, type Segment } from './segments.ts';
import { ruledItems } from './ruled-items.ts';
import { oneOf, phrases } from './word-lists.ts';

/** What the sentences about one kind of file say of it. */

export interface Facts {
  found: Found[];
  physical: PhysicalSize | undefined;
  side: PhysicalSide | undefined;
}

/** All that is found in sentences about one kind of file, and what they say of its size on paper. */
export function factsOf(marked: readonly Segment[]): Facts {
  const segments = marked.map(withoutMark);
  const ruled = ruledItems(marked);
  const sizes = segments.map((segment, i) => readSize(segment, segments[i + 1]));
  const said = segments.map((segment, i): Found[] =>
    ruled[i] === 'free'
      ? []
      : [
          ...(sizes[i] ?? []),
          ...(sizes[i]?.length ? [] : readSameSide(segment, sizes[i - 1] ?? [])),
          ...readRatio(segment),
          ...readEitherWay(segment),
          ...readWeight(segment, segments[i - 1]).filter(f => f.field !== 'packageBytesMax'),
          ...readFormats(segment),
          ...readColourSpace(segment),
          ...readSimple(segment),
          ...readPpi(segment),
          ...readMetadata(segment, segments[i - 1]),
          ...readOverlays(segment, segments[i - 1], ruled[i]),
          ...readMonochrome(segment),
          ...readFurther(segment),
        ],
  );
  const wished = wishedAmong(segments);
  const found = segments.flatMap((segment, i) =>
    (said[i] ?? []).map(f =>
      wished.has(segment) && !isLeftToAll(f) && !isHardPart(segment, f) ? { ...f, advice: true } : f,
    ),
  );
  const onPaper = segments.flatMap(segment => {
    const size = readPhysical(segment);
    return size ? [{ size, hasPpi: readPpi(segment).length > 0 }] : [];
  });
  // The size that stands beside its ppi is that of the file; another one is that of the trimmed page.
  const beside = onPaper.filter(p => p.hasPpi);
  const printed = (beside.length ? beside : onPaper).map(p => p.size);
  const [side] = segments.flatMap(segment => readPhysicalSide(segment) ?? []);
  return {
    found: [...joinTurned(found), ...turnedPrint(printed[0], segments)],
    physical: printed[0],
    side,
  };
}

const WISHED = new RegExp(
  `^(?:[-*•–·]\\s*)?${oneOf`
    (?:(?:first|second|third|another|one more) )?(?:hint|tip)s?
    what you (?:should|may|could) do if[^.:;]{0,30} | should,? if (?:you can|possible)
    (?:what )?we (?:suggest|recommend|advise)[^.:;\d]{0,30} | (?:we )?would like | what would be (?:nice|good)
    nice(?: to have)? | (?:strongly |highly )recommended | acceptable | please try | hopefully | better
    recommended | preferred | ideal(?:ly)? | optional | suggested
    what (?:makes|would make) (?:our|my) (?:life|lives|work) easier | what helps(?: us)?
    (?:our|some|my) (?:suggestions?|advice|recommendations?|tips?)
  `}\\s*:`,
  'i',
);

/** "What do we recommend? A long side of 2400 pixels." */
const ASKED = /^(?:Q[.:] ?)?what (?:do|would|can) (?:we|you) (?:recommend|suggest|advise)\b[^?]*\?/i;

/** "Recommended: … Required: …" on one line. */
const DEMANDED =
  /^(?:required|compulsory|mandatory|obligatory|must(?: have)?|min(?:imum)?|max(?:imum)?|(?:upper )?limit|essential)\s*:/i;

/** "The rest is friendly advice": what follows is none of it a rule. */
const REST = phrases`
  (?:the rest|everything else|all else|what follows|(?:the following|these)(?: points| tips)?) (?:is|are) (?:only |just )?(?:an? )?(?:\w+ )?(?:advice|hints?|tips?|suggestions?|recommendations?|optional)
  (?:the rest|everything else|all else) (?:is|are) (?:up|left) to you
  some (?:\w+ )?(?:advice|tips|hints)(?:, (?:which you may ignore|since you ask|if you like)|(?=[.:]))
  now (?:for )?some (?:\w+ )?(?:advice|tips|hints)\b
  none of (?:it|this|these|them) is (?:compulsory|obligatory|required|a rule)
`;
/** What is allowed is no wish. */
const isLeftToAll = ({ field, value }: Found) => field === 'eitherWay' || value === 'allowed';
/** A line of its own over a list of wishes; "sRGB recommended" is a wish itself. */
const WISHES_BELOW = new RegExp(
  `^(?=.{4,50}$)(?!.*\\b(?:s?rgb|jpe?gs?|tiffs?|png|ppi|dpi|borders?|profiles?)\\b)[^\\d:.;,]*\\b${oneOf`
    recommend(?:ed|ations?)? | suggest(?:ed|ions?)? | would like | nice to have | things? (?:that|which) helps? | (?<!\b(?:one|two|three|few) )wishes | preferences?
    should,? if (?:you can|(?:at all )?possible) | what you (?:may|might) (?:like|want|wish) to do
  `}\\b[^\\d.;,]*:?$|^(?:some |our |my |a few )?(?:tips|hints)(?: and tricks)?:?$`,
  'i',
);
const A_MUST =
  /\b(?:must|stops? at|refuse[sd]?|not accepted|up to|no more|nothing (?:over|above)|says no|is the most|not accept|anything over|limit|closes?|deadline|by \d)\b/i;

/** "The page takes up to 7 MB and not a byte more" is no wish, whatever line it stands on. */
const A_LIMIT =
  /\b(?:must|refuse[sd]?|not accepted|(?:page|form|site|system|uploader|portal|server) (?:(?:will )?(?:takes?|accepts?|allows?|copes? with|manages?)|says no)|not a byte more|hard limit)\b/i;

/** "Below 3 MB (the upper limit is 7 MB)": a part of a wish that is none. */
function isHardPart({ text, start }: Segment, found: Found): boolean {
  const at = found.start - start;
  const from = Math.max(...[...text.slice(0, at).matchAll(PARTS)].map(m => m.index + 1), 0);
  const length = text.slice(at).search(PARTS);
  const part = text.slice(from, length < 0 ? undefined : at + length);
  return part.length < text.length - 3 && A_MUST.test(part);
}

const PARTS = /[();]/g;

/** "Would like: sRGB; 300 dpi": all that stands behind such words on their line is a wish. */
function wishedAmong(segments: readonly Segment[]): ReadonlySet<Segment> {
  const wished = new Set<Segment>();
  let line = -1;
  let isRest = false;
  for (const [i, segment] of segments.entries()) {
    if (WISHED.test(segment.text) || ASKED.test(segment.text)) line = segment.line;
    else if (DEMANDED.test(segment.text)) line = -1;
    const before = segments[i - 1];
    if (before && before.line < segment.line && WISHES_BELOW.test(before.text)) isRest = true;
    else if (before && REST.test(before.text)) isRest = true;
    // The rest ends with its paragraph, and admits nothing that must be.
    else if (before && segment.line - before.line >= 2) isRest = REST.test(segments[i - 2]?.text ?? '');
    const isBehind = segment.line === line && (WISHED.test(segment.text) || !A_LIMIT.test(segment.text));
    if (isBehind || (isRest && !A_MUST.test(segment.text.replace(/\([^()]*\)/g, '')))) wished.add(segment);
  }
  return wished;
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

import { boundOf } from '../common/bounds.ts';
import { readDecimal } from '../common/quantities.ts';
import type { Segment } from '../common/segments.ts';
import { phrases } from '../common/word-lists.ts';

/** Sizes on paper: width and height, or one side. They become pixels once the ppi of the same file is known. */

const LENGTH = '(\\d{1,4}(?:[.,]\\d{1,2})?)';
const PHYSICAL = new RegExp(
  `(?<a>${LENGTH})\\s{0,3}(?:mm|cm|in(?:ch(?:es)?)?|"|″)?\\s{0,3}(?:\\(?(?<side>w|h|width|height|wide|high)\\)?)?\\s{0,3}(?:x|×|by)\\s{0,3}(?<b>${LENGTH})\\s{0,3}(?<unit>mm|cm|in(?:ch(?:es)?)?\\b|"|″)`,
  'i',
);
/** "45 mm high and 35 mm wide". */
const PHYSICAL_SIDED = new RegExp(
  `${LENGTH}\\s{0,3}(mm|cm|in(?:ch(?:es)?)?)\\s{0,3}(?:in )?(wide|width|high|height|tall)\\s{0,3}(?:,|and|by|x|×)\\s{0,3}${LENGTH}\\s{0,3}(?:mm|cm|in(?:ch(?:es)?)?)\\s{0,3}(?:in )?(?:wide|width|high|height|tall)`,
  'i',
);
/** "4.5 x 3.5 cm (h x w)". */
export const HEIGHT_FIRST = /^\s*\((?:h|high|height)\s*(?:[x×]|by)\s*(?:w|wide|width)\)/i;
/** "Width 3.5 cm, height 4.5 cm". */
const PHYSICAL_NAMED = new RegExp(
  `\\b(width|height)\\b[^.;\\d]{0,12}${LENGTH}\\s{0,3}(mm|cm|in(?:ch(?:es)?)?)\\b[,;]?\\s{0,3}(?:and )?(?:width|height)\\b[^.;\\d]{0,12}${LENGTH}\\s{0,3}(?:mm|cm|in(?:ch(?:es)?)?)\\b`,
  'i',
);
const NOT_PRINT = phrases`
  prints? (?:needs?|takes?|comes? to) | mount(?:s|ed|ing)? | mat\b | matt?ed | (?<!\bfor the )wall(?! (?:panels?|prints?|files?|texts?):|(?: in the [a-z]+)?:) | hung
  frame(?:s|d)? (?:must|should|size|of) | sheet of paper | envelope
  print(?:s)? (?:themselves )?(?:must|should|may) be (?:mounted|sent)
  printed by us | printed (?:at|in) [^.;]{3,24} for the (?:show|exhibition|tour) | (?:handed|brought|sent) in separately
`;
/** What is printed in the end is not the file. */
const OF_BOOK =
  /\b(?:column|page|text) width\b|(?<!\b(?:in|inside) (?:the|our) )\b(?:book|magazine|journal|leaflet|brochure)s? (?:is|are|has|measures?|will be)\b/i;
const PAPER: Readonly<Record<string, [number, number]>> = {
  a5: [148, 210],
  a4: [210, 297],
  a3: [297, 420],
  a2: [420, 594],
};
const PER_UNIT: Readonly<Record<string, number>> = { mm: 1 / 25.4, cm: 1 / 2.54 };

export interface PhysicalSize {
  widthIn: number;
  heightIn: number;
  /** As written. */
  width: number;
  height: number;
  unit: 'mm' | 'cm' | 'in';
  isLeast: boolean;
  isMost?: boolean;
  start: number;
  end: number;
}

/** The long or the short edge of a print. */
const LONG_PRINT = new RegExp(
  `${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?\\b|"|″)(?: \\(long(?=\\))|[^.;\\d]{0,20}\\b(?:(?:on|along) the )?(?:(?:long|short)(?:est|er)? (?:side|edge)|longest)\\b)|\\b(?:(?:long|short)(?:est|er)? (?:side|edge)|longest)\\b(?:[^.;\\d]|(?:min|max)\\.){0,20}${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?\\b|"|″)`,
  'i',
);

/** "15 cm wide", "width 180 mm". */
const ONE_SIDE = new RegExp(
  `${LENGTH}\\s*(mm|cm)\\s*(?:in )?(?<side>wide|width|high|height|tall|across)\\b|\\b(?<named>width|height)\\b[^.;\\d]{0,14}${LENGTH}\\s*(mm|cm)\\b`,
  'i',
);

export interface PhysicalSide {
  side: 'longEdge' | 'shortEdge' | 'width' | 'height';
  inches: number;
  /** As written. */
  length: number;
  unit: 'mm' | 'cm' | 'in';
  isLeast: boolean;
  isMost?: boolean;
  /** The least length in inches, where a range is given and `inches` is its greatest. */
  fromInches?: number;
  start: number;
  end: number;
}

const RANGE_BEFORE = /\b(?:between|from)\s+(?<least>\d[\d.,]*)\s*(?:[mc]m|in(?:ches)?)?\s*(?:and|to)\s*$/i;

/** One printed side, to be solved with the ppi of the same deliverable. */
export function readPhysicalSide(segment: Segment): PhysicalSide | undefined {
  const { text } = segment;
  if (
    NOT_PRINT.test(text) ||
    OF_BOOK.test(text) ||
    PHYSICAL.test(text) ||
    PHYSICAL_SIDED.test(text) ||
    PHYSICAL_NAMED.test(text)
  )
    return undefined;
  // "Either 80 mm (one column) or 168 mm wide" is a choice.
  if (/\beither\b[^.;]{0,20}\d\s*(?:[mc]m)\b[^.;\d]{0,40}\bor \d/i.test(text)) return undefined;
  if (/\d ?[mc]m(?: \([^()]*\))? or \d[\d.,]* ?[mc]m\b/i.test(text)) return undefined;
  // "Single-column pictures are 84 mm wide and double-column ones 174 mm": one of several.
  if (/\bcolumns?\b[^.;]*\d ?[mc]m\b[^.;]*\bcolumns?\b[^.;]*\d ?[mc]m\b/i.test(text)) return undefined;
  const long = LONG_PRINT.exec(text);
  const one = long ? null : ONE_SIDE.exec(text);
  const match = long ?? one;
  if (!match) return undefined;
  const [length, written] = long
    ? [long[1] ?? long[3], long[2] ?? long[4]]
    : [one?.[1] ?? one?.[5], one?.[2] ?? one?.[6]];
  const unit = /^[mc]m$/i.test(written ?? '') ? ((written ?? '').toLowerCase() as 'mm' | 'cm') : 'in';
  const named = one?.groups?.['side'] ?? one?.groups?.['named'] ?? '';
  const value = readDecimal(length ?? '');
  const perUnit = PER_UNIT[unit] ?? 1;
  const at = match.index + match[0].indexOf(length ?? '');
  const bound = boundOf(text.slice(0, at), text.slice(match.index + match[0].length));
  // "Between 40 and 120 cm on the longest side".
  const least = RANGE_BEFORE.exec(text.slice(0, at))?.groups?.['least'];
  return {
    side: long
      ? /\bshort/i.test(long[0])
        ? 'shortEdge'
        : 'longEdge'
      : /wid|across/i.test(named)
        ? 'width'
        : 'height',
    inches: value * perUnit,
    length: value,
    unit,
    isLeast: bound === 'min',
    isMost: bound === 'max',
    ...(least === undefined ? {} : { fromInches: readDecimal(least) * perUnit }),
    start: segment.start + match.index,
    end: segment.start + match.index + match[0].length,
  };
}

/** "Width 210 mm" in one row and "height 297 mm" in the next: both make a size. */
export function sizeOfSides(sides: readonly PhysicalSide[]): PhysicalSize | undefined {
  const [width, height] = (['width', 'height'] as const).map(which => sides.find(s => s.side === which));
  if (!width || !height || width.unit !== height.unit || width.fromInches || height.fromInches)
    return undefined;
  return {
    widthIn: width.inches,
    heightIn: height.inches,
    width: width.length,
    height: height.length,
    unit: width.unit,
    isLeast: width.isLeast && height.isLeast,
    isMost: Boolean(width.isMost && height.isMost),
    start: width.start,
    end: width.end,
  };
}

/** "24 x 30 cm; supply at 300 ppi, at that size or larger". */
const OR_LARGER = /\b(?:that|this) size or (?:larger|bigger|more|above)\b/i;

/** "At most 20 x 30 cm"; what is signed in a box, or printed up to a size and sent at that size, has just this one. */
function isMost(text: string, from: number, to: number): boolean {
  const [before, after] = [text.slice(0, from), text.slice(to)];
  if (/\b(?:inside|within|into) (?:an?|the) [a-z]+(?: of)? $/i.test(before)) return false;
  if (/\bat (?:that|this) size\b/i.test(after)) return false;
  return boundOf(before, '') === 'max' || OR_SMALLER.test(after);
}

const OR_SMALLER = /^,? (?:\(?max(?:imum)?\b|at (?:the )?most\b|or (?:less|smaller)\b)/i;

/** "240 x 300 mm plus 3 mm of bleed on each side": what is cut off belongs to the file, on both sides of it. */
const BLEED =
  /^[\s,(]*(?:plus|and|\+)(?: an?)?(?: extra)? ?(?<n>\d{1,2}(?:[.,]\d)?) ?(?<unit>mm|cm)(?: of)? bleed\b/i;

/** @returns the bleed of both sides together, in `unit`; 0 where the words behind a size add none */
function bleedOf(behind: string, unit: PhysicalSize['unit']): number {
  const { n, unit: written = '' } = BLEED.exec(behind)?.groups ?? {};
  if (n === undefined) return 0;
  const both = (2 * readDecimal(n) * (PER_UNIT[written.toLowerCase()] ?? 1)) / (PER_UNIT[unit] ?? 1);
  // Free of what the division leaves: 0.6 cm.
  return Number(both.toFixed(3));
}

/** Whether another size on paper is given beside this one: "30 x 30 cm (square pictures) and 30 x 40 cm (all others)". */
function hasOtherBehind(text: string, { index, 0: written, groups }: RegExpExecArray): boolean {
  const behind = /^(?: for [a-z ]{3,20}| \([a-z ]{3,24}\))?(?:,| or| and|, or|, and) (?=\d)/i.exec(
    text.slice(index + written.length),
  )?.[0];
  if (behind === undefined) return false;
  const other = PHYSICAL.exec(text.slice(index + written.length + behind.length));
  if (other?.index !== 0) return false;
  const sides = ({ a, b }: Record<string, string | undefined> = {}) => [a, b].sort().join();
  return sides(groups) !== sides(other.groups);
}

/** A printed size, to be solved with the ppi of the same deliverable. */
export function readPhysical(segment: Segment): PhysicalSize | undefined {
  const { text } = segment;
  if (NOT_PRINT.test(text) || OF_BOOK.test(text)) return undefined;
  // "129 × 198 mm plus bleed, that is 135 × 204 mm": what it comes to counts.
  const sum =
    /\b(?:deliver|supply|provide|send)\b(?= \d)|\bso\b[^.;\d]{0,30}\bmust (?:measure|be)(?= \d)|\bi\.e\.(?=\s)|\bthe file (?:is|measures|must be|has)(?= \d)|\bbleed\b ?=(?= ?\d)|\b(?:that is|(?:that|which|it) (?:makes|gives|comes to)|making|in all|altogether|in total)\b|\bbleed\b[^.;]{0,24}\(/i.exec(
      text,
    )?.index ?? text.length;
  const match = PHYSICAL.exec(' '.repeat(sum) + text.slice(sum)) ?? PHYSICAL.exec(text);
  // "20 x 30 cm or 30 x 45 cm": nobody knows yet which of them.
  if (match && hasOtherBehind(text, match)) return undefined;
  if (match) {
    const { a = '', b = '', side = '', unit: named = '' } = match.groups ?? {};
    const written = named.toLowerCase();
    const unit = written === 'mm' || written === 'cm' ? written : 'in';
    const perUnit = PER_UNIT[unit] ?? 1;
    const end = match.index + match[0].length;
    const bleed = bleedOf(text.slice(end), unit);
    const both = [readDecimal(a) + bleed, readDecimal(b) + bleed] as const;
    // "4.5 cm (height) x 3.5 cm (width)".
    const isTurned = HEIGHT_FIRST.test(text.slice(end)) || /^h/i.test(side);
    const [width, height] = isTurned ? [both[1], both[0]] : both;
    const bound = boundOf(text.slice(0, match.index), '');
    return {
      widthIn: width * perUnit,
      heightIn: height * perUnit,
      width,
      height,
      unit,
      isMost: isMost(text, match.index, end),
      isLeast: bound === 'min' || OR_LARGER.test(text.slice(end)),
      start: segment.start + match.index,
      end: segment.start + end,
    };
  }
  const sided = PHYSICAL_SIDED.exec(text);
  const named = sided ? null : PHYSICAL_NAMED.exec(text);
  const pair = sided ?? named;
  if (pair) {
    const [a, written, first, b] = sided
      ? [sided[1], sided[2], sided[3], sided[4]]
      : [named?.[2], named?.[3], named?.[1], named?.[4]];
    const unit = (written ?? '').toLowerCase().replace(/^in.*/, 'in') as PhysicalSize['unit'];
    const both = [readDecimal(a ?? ''), readDecimal(b ?? '')] as const;
    const [width, height] = /^wid/i.test(first ?? '') ? both : [both[1], both[0]];
    const perUnit = PER_UNIT[unit] ?? 1;
    const isLeast = boundOf(text.slice(0, pair.index), '') === 'min';
    const [start, end] = [segment.start + pair.index, segment.start + pair.index + pair[0].length];
    return { widthIn: width * perUnit, heightIn: height * perUnit, width, height, unit, isLeast, start, end };
  }
  const paper = /\b(A[2-5])\b[^.;]{0,30}(?:\b(?:at|@)|,)\s*(?:least )?\d{2,4}\s*(?:ppi|dpi)/.exec(text);
  const size = paper && PAPER[(paper[1] ?? '').toLowerCase()];
  if (!paper || !size) return undefined;
  const turned = /\blandscape\b/i.test(text);
  const bleed = bleedOf(text.slice(paper.index + 2), 'mm');
  const [long, short] = [size[1] + bleed, size[0] + bleed];
  const [w, h] = turned ? [long, short] : [short, long];
  return {
    widthIn: w / 25.4,
    heightIn: h / 25.4,
    width: w,
    height: h,
    unit: 'mm',
    isLeast: false,
    start: segment.start + paper.index,
    end: segment.start + paper.index + 2,
  };
}

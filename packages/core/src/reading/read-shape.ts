import { boundOf, isAdvisedAt } from './bounds.ts';
import { readDecimal } from './quantities.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

const RATIO_WORDS = /\b(?:ratios?|aspect|proportions?|proportioned|shape|crop(?:ped)?|format)\b/i;
/** Ratios so usual that they need no word beside them; times of day are written with two digits behind the colon. */
const USUAL_RATIO =
  /(?<![\d:])(?:1:1|3:2|2:3|4:3|3:4|5:4|4:5|16:9|9:16|2:1|1:2|3:1|4:1|21:9|5:7|7:5)(?![\d:]|\s*(?:a\.?m|p\.?m|o['’]clock|hours|h\b))/;
const OF_FILES =
  /\b(?:jpe?g|png|webp|tiff?|px|pixels|landscape|portrait|upright|horizontal|vertical|square)\b|[x×]\s*\d{3}/i;
const RATIO =
  /(?<![\d:])(\d{1,2}(?:\.\d{1,2})?)\s*(?::|∶|to|\/|x|×)\s*(\d{1,2}(?:\.\d{1,2})?)(?![\d:]|\s*(?:cm|mm|in\b|inch|am|pm|hours|px|pixels|mb|kb))/gi;
/** "The ratio must be 4 to 5". */
const SPOKEN_RATIO =
  /\b(?:ratio|aspect|proportions?)\b[^.;\d]{0,30}\b(?:\d{1,2} (?:to|by) \d{1,2}|\d{1,2}\s*[x×/]\s*\d{1,2})\b(?! ?(?:px|pixels|cm|mm|mb|kb))/i;
const COLON_RATIO =
  /(?<![\d:])\d{1,2}(?:\.\d{1,2})?\s*[:∶]\s*\d{1,2}(?:\.\d{1,2})?(?![\d:]|\s*(?:am|pm|hours))/i;
const SQUARE =
  /\b(?<!\b(?:mm|cm|inch|inches|metres?) )(?:(?:a (?!square (?:should|must|may|can|will|is)\b)|be |as a |must be |perfectly |exactly |cropped )square\b|square (?:crop|format|jpe?g|png|image|picture|photo(?:graph)?|shape|version|file|thumbnail)(?!s\b)|(?:px|pixels) square|(?<!\b(?:the|market|town|city|main|village|previews?|thumbnails?|them|it) )[Ss]quare[,.;]|squares only)/i;

/** "Square photos (1:1) look best in search". */
const IS_BEST = /^[^.;,]{0,40}\b(?:looks?|works?) best\b/i;

/** Ratios, only where one is named. */
export function readRatio(segment: Segment): Found[] {
  const { text } = segment;
  if (
    (RATIO_WORDS.test(text) || (USUAL_RATIO.test(text) && OF_FILES.test(text))) &&
    (COLON_RATIO.test(text) || SPOKEN_RATIO.test(text)) &&
    !/\b(?:close|deadline|midnight|compress(?:ed|ion ratio))\b/i.test(text)
  ) {
    const all = [...text.matchAll(RATIO)].map(m => ({
      pair: [Number(m[1]), Number(m[2])] as [number, number],
      m,
    }));
    const [first] = all;
    if (first) {
      const last = all.at(-1)?.m ?? first.m;
      const pairs = all.map(a => a.pair);
      return [
        {
          field: 'ratio',
          value: pairs.length > 1 ? pairs : pairs[0],
          start: segment.start + first.m.index,
          end: segment.start + last.index + last[0].length,
          advice: isAdvisedAt(text, first.m.index) || IS_BEST.test(text.slice(last.index + last[0].length)),
        },
      ];
    }
  }
  const square = SQUARE.exec(text);
  if (
    square &&
    !/\b(?:either|or) square\b|square,? or\b|square metres?/i.test(text) &&
    // "May I send a square picture?" asks and demands nothing.
    !/\b(?:may|can|could|should|must|do) (?:i|we)\b[^.?]*$/i.test(text.slice(0, square.index))
  )
    return [
      {
        field: 'ratio',
        value: [1, 1],
        start: segment.start + square.index,
        end: segment.start + square.index + square[0].length,
        advice: isAdvisedAt(text, square.index) || IS_BEST.test(text.slice(square.index + square[0].length)),
      },
    ];
  return [];
}

const SWAP =
  /\b(?:swapp?(?:ed|able)?(?: over)?|either way (?:round|up|about)|(?:or|and) vice versa|vice versa|the other way (?:round|about|up)|(?:may|can|to) be (?:reversed|turned|rotated)|figures (?:are )?reversed|reverse(?:d)? (?:the figures )?for (?:portrait|upright|vertical)|in either orientation|whichever way (?:round|up))\b/i;
const ONE_WAY =
  /(?:^(?:landscape|portrait|upright)(?: orientation| format)?[.!]?$|\d\s*(?:px|pixels|mm|cm),? \(?(?:landscape|upright|portrait)(?: format| orientation)?(?=[.,;)]|$)|[,:]\s*(?:landscape|upright|portrait)(?= so that\b|\))|(?:^|[:,•(]\s*)(?:landscape|horizontal|upright|portrait)(?: orientation| format)?\)?(?=\s*(?:,|\d{1,2}:)[^.;]*(?<!\w)(?:jpe?g|srgb|px|pixels|\d\s*:\s*\d|\d\s*[x×]\s*\d|:?\d))(?![^.;]*\b(?:portrait|vertical|upright|nature|landscape)\b)|\d\s*:\s*\d+\s*\((?:portrait|landscape|upright)(?: format| orientation)?\)|\d\s*:\s*\d+,? (?:portrait|landscape|upright) (?:format|orientation)|\b(?:landscape|portrait|upright) (?:format|orientation) \(\d{1,2}\s*:\s*\d{1,2}\)|\b(?:format|orientation|shape)\s*:\s*(?:portrait|landscape|upright)\b(?!\s*(?:or|and|\/))|^(?:[-+*•–·]\s*)?(?:landscape|portrait|upright) (?:orientation|format|shape)\b(?!\s*(?:or|and|images?|pictures?|photo))|\b(?:(?:landscape|horizontal|portrait|vertical|upright)(?: shape| format| orientation| images?| pictures?| photos?)? only|(?:pictures?|images?|photos?) (?:landscape|horizontal|upright|vertical),? please|(?:send|upload|submit)(?: us| me)?(?: one| an?)? (?:landscape|horizontal|upright|vertical) (?:pictures?|images?|photos?|photographs?)|only (?:landscape|horizontal|portrait|vertical|upright)|(?:all|every) (?:pictures?|images?|photo(?:graph)?s?) (?:in )?(?:landscape|horizontal|vertical|upright)\b(?! (?:images?|pictures?|photos?))|(?:must|should|has to|have to|needs? to)(?: all)? be (?:in |of )?(?:landscape|horizontal|portrait|vertical|upright)(?: format| orientation| shape)?(?=[\s.,;]*(?:$|and\b|so\b|[.,;(]))))/i;
const UPRIGHT_TOO =
  /\b(?:uprights?|portraits?|verticals?)\b(?! (?:dimension|side|edge|size|axis))(?: format| orientation)?(?: images?| pictures?| photos?| photographs?| ones| works?)?[^.;]{0,70}\b(?:too\b|also\b|alike|same (?:height|limit)|(?:in )?height|no (?:more|higher|taller)|not? (?:exceed|be (?:more|higher|taller))|may not exceed|high\b|tall\b|fit (?:in|into|inside|within) the same)|\b(?:height|high|tall|maximum|limit|figure)\b[^.;]{0,40}\b(?:applies|holds|counts|is meant|goes)\b[^.;]{0,12}\b(?:to|for) (?:vertical|portrait|upright)/i;
const BOTH_ALIKE =
  /\b(?:horizontal|landscape)s?\b[^.;]{0,20}\b(?:and|or)\b[^.;]{0,10}\b(?:vertical|portrait|upright)s?\b[^.;]{0,30}\b(?:alike|same|both)\b|\b(?:whatever|regardless of|irrespective of|no matter|no difference whether)\b[^.;]{0,20}\b(?:orientation|(?:landscape|horizontal)s? or (?:portrait|vertical|upright)s?|is (?:upright|vertical))\b|\bprojector does not (?:turn|rotate)\b|\bwhichever way (?:the (?:picture|image)|it|round)\b[^.;]{0,10}\bturned\b|\b(?:images|pictures|photographs|works) (?:of|in) (?:either|any|both) orientations?\b/i;

/** "1600 wide for a horizontal picture, or 1200 high for a vertical one": a box that does not turn. */
const SIDE_BY_SHAPE =
  /\blong(?:er|est)? (?:side|edge)\b[^.]{0,30}\b(?:landscape|horizontal)\b[^.]{0,60}\blong(?:er|est)? (?:side|edge)\b[^.]{0,30}\b(?:portrait|vertical|upright)\b|\b(?:wid(?:e|th)|long(?:er|est)? (?:side|edge))\b[^.]{0,60}\b(?:landscape|horizontal)\b[^.]{0,70}\b(?:high|height|tall|vertical side)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b|\b(?:landscape|horizontal)\b[^.]{0,60}\bwid(?:e|th)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b[^.]{0,60}\b(?:high|height|tall)\b|\bwid(?:e|th)\b[^.]{0,40}\b(?:landscape|horizontal)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b[^.]{0,40}\b(?:high|height|tall)\b/i;

/** Two figures that differ: the same figure for both is the longest side. */
function isBoxByShape(text: string): boolean {
  const [a, b] = [...text.matchAll(/\d[\d.,]*\d/g)].map(m => m[0].replace(/\D/g, ''));
  return a !== undefined && b !== undefined && a !== b;
}

/** Whether width and height may swap. */
export function readEitherWay(segment: Segment): Found[] {
  const { text } = segment;
  const say = (value: boolean, match: RegExpExecArray): Found[] => [
    {
      field: 'eitherWay',
      value,
      start: segment.start + match.index,
      end: segment.start + match.index + match[0].length,
      advice: false,
    },
  ];
  const swap = SWAP.exec(text);
  // "In either orientation but not more than 1200 pixels vertically": the limits stay as they are.
  const isHeld = swap && /\b(?:vertical(?:ly)?|high|height)\b/i.test(text) && /^in either/i.test(swap[0]);
  if (isHeld) return say(false, swap);
  if (swap && /\d|figures|dimensions|portrait|upright|vertical|width|size|limit/i.test(text))
    return say(!/\b(?:not|never|cannot)\b[^.;]{0,25}$/i.test(text.slice(0, swap.index)), swap);
  const fixed =
    ONE_WAY.exec(text) ??
    (isBoxByShape(text) ? SIDE_BY_SHAPE.exec(text) : null) ??
    BOTH_ALIKE.exec(text) ??
    (/\d|height|exceed/i.test(text) ? UPRIGHT_TOO.exec(text) : null);
  return fixed ? say(false, fixed) : [];
}

const LENGTH = '(\\d{1,4}(?:[.,]\\d{1,2})?)';
const PHYSICAL = new RegExp(
  `${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?|"|″)?\\s*(?:\\(?(?:w|h|width|height|wide|high)\\)?)?\\s*(?:x|×|by)\\s*${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?\\b|"|″)`,
  'i',
);
/** "45 mm high and 35 mm wide". */
const PHYSICAL_SIDED = new RegExp(
  `${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?)\\s*(?:in )?(wide|width|high|height|tall)\\s*(?:,|and|by|x|×)\\s*${LENGTH}\\s*(?:mm|cm|in(?:ch(?:es)?)?)\\s*(?:in )?(?:wide|width|high|height|tall)`,
  'i',
);
/** "4.5 x 3.5 cm (h x w)". */
export const HEIGHT_FIRST = /^\s*\((?:h|high|height)\s*(?:[x×]|by)\s*(?:w|wide|width)\)/i;
/** "Width 3.5 cm, height 4.5 cm". */
const PHYSICAL_NAMED = new RegExp(
  `\\b(width|height)\\b[^.;\\d]{0,12}${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?)\\b[,;]?\\s*(?:and )?(?:width|height)\\b[^.;\\d]{0,12}${LENGTH}\\s*(?:mm|cm|in(?:ch(?:es)?)?)\\b`,
  'i',
);
const NOT_PRINT =
  /\b(?:prints? (?:needs?|takes?|comes? to)|mount(?:s|ed|ing)?|mat\b|matt?ed|wall|hung|frame(?:s|d)? (?:must|should|size|of)|sheet of paper|envelope|print(?:s)? (?:themselves )?(?:must|should|may) be (?:mounted|sent))\b/i;
/** What is printed in the end is not the file. */
const OF_BOOK =
  /\b(?:column|page|text) width\b|\b(?:book|magazine|journal|leaflet|brochure)s? (?:is|are|has|measures?|will be)\b/i;
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
  start: number;
  end: number;
}

/** The long or the short edge of a print. */
const LONG_PRINT = new RegExp(
  `${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?\\b|"|″)(?: \\(long(?=\\))|[^.;\\d]{0,20}\\b(?:(?:on|along) the )?(?:(?:long|short)(?:est|er)? (?:side|edge)|longest)\\b)|\\b(?:(?:long|short)(?:est|er)? (?:side|edge)|longest)\\b[^.;\\d]{0,20}${LENGTH}\\s*(mm|cm|in(?:ch(?:es)?)?\\b|"|″)`,
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
  start: number;
  end: number;
}

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
  return {
    side: long
      ? /\bshort/i.test(long[0])
        ? 'shortEdge'
        : 'longEdge'
      : /wid|across/i.test(named)
        ? 'width'
        : 'height',
    inches: value * (PER_UNIT[unit] ?? 1),
    length: value,
    unit,
    isLeast: boundOf(text.slice(0, match.index), text.slice(match.index + match[0].length)) === 'min',
    start: segment.start + match.index,
    end: segment.start + match.index + match[0].length,
  };
}

/** A printed size, to be solved with the ppi of the same deliverable. */
export function readPhysical(segment: Segment): PhysicalSize | undefined {
  const { text } = segment;
  if (NOT_PRINT.test(text) || OF_BOOK.test(text)) return undefined;
  // "129 × 198 mm plus bleed, that is 135 × 204 mm": what it comes to counts.
  const sum =
    /\b(?:that is|i\.e\.|making|in all|altogether|in total)\b|\bbleed\b[^.;]{0,12}\(/i.exec(text)?.index ??
    text.length;
  const match = PHYSICAL.exec(' '.repeat(sum) + text.slice(sum)) ?? PHYSICAL.exec(text);
  if (match) {
    const written = (match[4] ?? '').toLowerCase();
    const unit = written === 'mm' || written === 'cm' ? written : 'in';
    const perUnit = PER_UNIT[unit] ?? 1;
    const end = match.index + match[0].length;
    const both = [readDecimal(match[1] ?? ''), readDecimal(match[3] ?? '')] as const;
    const [width, height] = HEIGHT_FIRST.test(text.slice(end)) ? [both[1], both[0]] : both;
    return {
      widthIn: width * perUnit,
      heightIn: height * perUnit,
      width,
      height,
      unit,
      isLeast: boundOf(text.slice(0, match.index), '') === 'min',
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
  const paper = /\b(A[2-5])\b[^.;]{0,30}\b(?:at|@)\s*(?:least )?\d{2,4}\s*(?:ppi|dpi)/.exec(text);
  const size = paper && PAPER[(paper[1] ?? '').toLowerCase()];
  if (!paper || !size) return undefined;
  const turned = /\blandscape\b/i.test(text);
  const [w, h] = turned ? [size[1], size[0]] : size;
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

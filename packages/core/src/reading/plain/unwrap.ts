import { oneOf } from '../common/word-lists.ts';

/** Lines that a mail program, a page of print or a person broke in the middle of a sentence. */

/** What a number at the end of a line goes on with. */
const OF_NUMBER =
  '(?:[Pp][Xx]|[Pp]ixels?|[KMGkmg]i?[Bb]|[Pp][Pp][Ii]|[Dd][Pp][Ii]|mm|cm|[AaPp]\\.?[Mm]|(?:Jan(?:uary)?|Feb(?:ruary)?|Mar(?:ch)?|Apr(?:il)?|May|June?|July?|Aug(?:ust)?|Sept?(?:ember)?|Oct(?:ober)?|Nov(?:ember)?|Dec(?:ember)?)\\b|(?:JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC)[A-Z]*\\b)';
const LIST_ITEM = new RegExp(
  `^\\s*(?:[-*•–—·▪]|\\(?\\d{1,2}(?:\\.\\d{1,2})*[.)]\\s|\\d{1,2}(?:\\.\\d{1,2})*\\s+(?!${OF_NUMBER})(?=[A-Z])|\\(?(?:[a-z]|[ivx]{1,4})[.)]\\s)`,
);
/** "format: jpg" behind "images: 3": lines of names with their values. */
const NAMED_VALUE = /^\s*[A-Za-z][\w -]{0,24}(?: \([\w ]{1,20}\))?(?:\s*[:=]| [-–])\s/;
/** Columns of a table. */
const IN_COLUMNS = /\S {2,}\S|\t|\s\|\s|\.{4,}/;
/** Words that no line of a list ends with. */
const GOES_ON = new RegExp(
  `\\b${oneOf`
    an? | the | of | to | and | or | must | not | be | than | by | with | at | from | on | in | for | before
    until | between | is | are | your | our | their | its | x | Adobe
    (?:and|of|than) (?:one|two|three|four|five|six|seven|eight|nine|ten) | e\.g\. | i\.e\. | (?:max|min|approx|no)\.
  `}$| ×$`,
);
const NUMBER_GOES_ON = new RegExp(`^\\s*${OF_NUMBER}`);
/** "On Tuesday" over "3 November", "longer side exactly" over "2.400 px": a number that ends what the line before began. */
const NUMBER_WITH_UNIT = new RegExp(`^\\d{1,2}(?:[.,]?\\d{3}|st|nd|rd|th)?\\s*(?:[x×]\\s?\\d|${OF_NUMBER})`);
/** "By 1 October" over "2027." */
const MONTH_AT_END = /\d (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*,?$/;
/** Characters of the narrowest column that people write letters in, and of the widest that is one. */
const NARROWEST = 45;
const WIDEST = 110;
/** How much shorter a line may be than the column without being a paragraph's last. */
const RAGGED = 14;

/**
 * The line breaks that are none of the organiser's, by their places in the text. A line that goes on in small letters
 * belongs to the one before it; in a text that is broken at a column, so does every line whose first word had no room
 * on the one before. Items of lists, lines of names with values, and rows of tables stay by themselves.
 */
export function wrappedBreaks(text: string): number[] {
  const lines = text.split('\n');
  const column = columnOf(lines);
  return breaksIn(
    lines,
    (before, line, isJoined) =>
      !isParallel(before, line) &&
      (goesOn(before, line, isJoined) || (column !== undefined && hadNoRoom(before, line, column))),
  );
}

/** "must be monochrome" over "must be saved in RGB mode", both indented: items of a list, however long they are. */
const isParallel = (before: string, line: string) => VERB_FIRST.test(before) && VERB_FIRST.test(line);
const VERB_FIRST = /^[ \t]+(?:must|may|should|can(?:not)?|(?:is|are) (?:to|required)\b)/;

/**
 * The breaks behind which a line belongs to the one before it, where both are of one block.
 * @param isOfBefore is told as well whether the line before is itself joined to its own
 */
function breaksIn(
  lines: readonly string[],
  isOfBefore: (before: string, line: string, isJoined: boolean) => boolean,
): number[] {
  const breaks: number[] = [];
  let end = -1;
  let isJoined = false;
  lines.forEach((line, i) => {
    const before = lines[i - 1];
    isJoined = before !== undefined && isOneBlock(before, line) && isOfBefore(before, line, isJoined);
    if (isJoined) breaks.push(end);
    end += line.length + 1;
  });
  return breaks;
}

/** Lines of a text from which on it may be a list with an empty line behind every item. */
const A_LIST = 6;
/** Characters of the lines of such a list, in the middle. */
const SHORT = 60;

/**
 * The empty lines of a list that was pasted with one behind every line, each by its place and the place behind it. Two
 * empty lines together still part what they stand between: one of them stays.
 */
export function doubledBreaks(text: string): [from: number, to: number][] {
  const lines = text.split('\n');
  const written = lines.filter(line => line.trim());
  const lengths = written.map(line => line.length).sort((a, b) => a - b);
  const isApart = lines.every((line, i) => !line.trim() || !lines[i + 1]?.trim());
  if (written.length < A_LIST || !isApart || (lengths[lengths.length >> 1] ?? 0) > SHORT) return [];
  const gaps: [number, number][] = [];
  let start = 0;
  lines.forEach((line, i) => {
    const isFirstEmpty = i > 0 && !line.trim() && lines[i - 1]?.trim();
    if (isFirstEmpty && i < lines.length - 1) gaps.push([start, start + line.length + 1]);
    start += line.length + 1;
  });
  return gaps;
}

/** "5 Open, 5 Monochrome," over "5 Nature", "C – Sea, D" over "– Sky": a list within a sentence. */
const isListGoingOn = (end: string, line: string) =>
  (/,$/.test(end) && /^\d{1,2} [A-Z]/.test(line)) || (/, [A-Z]$/.test(end) && /^[-–] [A-Z]/.test(line));

/** "25 March 2027: last day for uploads" over "1 April 2027: opening": a day to a line. */
const DATED =
  /^\s*(?:the )?(?:\d{1,2}(?:st|nd|rd|th)?(?: of)? [A-Z][a-z]{2,8}\b|[A-Z][a-z]{2,8} \d{1,2},|\d{1,2}[./]\d{1,2}[./]\d{2}|20\d\d-\d\d)/;

function isOneBlock(before: string, line: string): boolean {
  return (
    before.trim() !== '' &&
    line.trim() !== '' &&
    (!LIST_ITEM.test(line) || isListGoingOn(before.trim(), line)) &&
    !(DATED.test(line) && DATED.test(before)) &&
    (isOpen(before, line) ||
      !(
        (NAMED_VALUE.test(line) && NAMED_VALUE.test(before)) ||
        IN_COLUMNS.test(withoutMark(before)) ||
        IN_COLUMNS.test(withoutMark(line))
      ))
  );
}

/**
 * "Name it so:  Autumn Mist_0147.jpg  (spaces within the", "Metadata .... creator filled in; GPS" over "removed": a line
 * that stops in the middle of a sentence, whatever columns it is in.
 */
function isOpen(before: string, line: string): boolean {
  const end = before.trim();
  if (MONTH_AT_END.test(end) && /^\s*20\d\d\b/.test(line)) return true;
  if (end.length < NARROWEST) return false;
  const isSmall = /^\s*[a-z]/.test(line);
  if (GOES_ON.test(end)) return isSmall;
  if (isNameBroken(before, line)) return true;
  const isRow = NAMED_VALUE.test(line) && NAMED_VALUE.test(before);
  return !isRow && !IN_COLUMNS.test(line.trim()) && (/,$/.test(end) || (isSmall && !/[.!?:;|]$/.test(end)));
}

/** "… for example  12_Low" over "Tide.jpg": a file's name that was broken. */
const NAME_BEGUN = /\s[A-Za-z\d]+_[A-Za-z\d]+$/;
const NAME_ENDS = /^\s*[A-Z][\w ]{0,30}\.(?:jpe?g|tiff?|png)\b/i;
const isNameBroken = (before: string, line: string) => NAME_BEGUN.test(before.trim()) && NAME_ENDS.test(line);

/** A line without what counts it: "3.2  A member" is no row of a table. */
const withoutMark = (line: string) =>
  line
    .trim()
    .replace(/^(?:[-+*•–]|\(?[\dA-Za-z]{1,3}[.)]|[A-Z]\.?\d{1,2}\.?|§? ?\d[\d.]{0,5}[.)]?) {2,}/, '');

/** Ends that wait for what comes next, with how that begins, however short the line is. */
const GOES_ON_SHORT: readonly (readonly [ends: RegExp, begins: RegExp])[] = [
  // "Max 1600 wide, max" over "1200 high".
  [/[a-z,] (?:max|min)\.?$/i, /^\s*\d{3,5} ?[a-z]/],
  // "Images by Thursday" over "18 Feb 2027".
  [
    /\b(?:by|before|until|till) (?:mon|tues|wednes|thurs|fri|satur|sun)day,?$/i,
    /^\s*\d{1,2}(?:st|nd|rd|th)? [A-Z][A-Za-z]{2,8}\b/,
  ],
  // "Your initials +" over "title".
  [/\w \+$/, /^\s*[a-z]/],
];

/** @param isJoined whether the line before belongs to the one before it */
function goesOn(before: string, line: string, isJoined: boolean): boolean {
  const isFull = before.trim().length >= NARROWEST;
  if (GOES_ON_SHORT.some(([ends, begins]) => ends.test(before.trim()) && begins.test(line))) return true;
  // "Under 2" over "MB", however short the line is.
  if (/\d$/.test(before.trim()) && NUMBER_GOES_ON.test(line)) return true;
  // "In any mixture of" over an indented list.
  const isIndented = /^\s{2,}[A-Z]/.test(line) && !/^\s/.test(before);
  if (
    isFull &&
    !isIndented &&
    (GOES_ON.test(before.trim()) ||
      /,$/.test(before.trim()) ||
      (MONTH_AT_END.test(before.trim()) && /^\s*20\d\d\b/.test(line)) ||
      (/[a-z]$/.test(before) && NUMBER_WITH_UNIT.test(line)) ||
      isListGoingOn(before.trim(), line) ||
      isNameBroken(before, line))
  )
    return true;
  return (
    /^[a-z(]/.test(line.trim()) &&
    // Nobody wraps a line that is shorter: what goes on in small letters behind it is a line of its own.
    (isFull || GOES_ON.test(before.trim())) &&
    (isJoined || !isUnderHead(line, before)) &&
    !/[.!?:;]\s*$|\.(?:jpe?g|tiff?|png)$/i.test(before)
  );
}

/** "Gallery photos (up to 12)" over an indented line: a heading, not a sentence that goes on. */
function isUnderHead(line: string, before: string): boolean {
  return /^\s{2,}/.test(line) && /^[A-Z][^,.;:]{2,38}$/.test(before);
}

/** The width that a text is broken at; undefined where it is not. */
function columnOf(lines: readonly string[]): number | undefined {
  const width = Math.max(...lines.map(line => line.trimEnd().length));
  if (width < NARROWEST || width > WIDEST) return undefined;
  const broken = lines.filter((line, i) => {
    const next = lines[i + 1] ?? '';
    return (
      line.trimEnd().length >= width - RAGGED &&
      /[\w,]$/.test(line.trimEnd()) &&
      /^\s*(?:[a-z(]|\d{3})/.test(next)
    );
  });
  return broken.length ? width : undefined;
}

/** Characters of the narrowest column that anything is printed in. */
const NARROWEST_PRINTED = 20;
/** Lengths of lines that may be greater than the column: those of a heading, of an address. */
const STICKING_OUT = 3;
/** Fewest lines going on in small letters that show a column. */
const FEWEST = 2;
/** The share of them that has to: a list of names in small letters may stand beside the paragraphs. */
const MOST_OF_THEM = 0.5;

/** The line breaks of a text that was broken at a column of any width, a leaflet's or a telephone's, by their places. */
export function columnBreaks(text: string): number[] {
  const lines = text.split('\n');
  const column = brokenAt(lines);
  return column === undefined ? [] : breaksIn(lines, (before, line) => lacksRoom(before, line, column));
}

/**
 * The width that a text was broken at. There every line that goes on in small letters begins with a word for which the
 * line before had no room; in a list of short lines hardly any does.
 */
function brokenAt(lines: readonly string[]): number | undefined {
  const lengths = [...new Set(lines.map(line => line.trimEnd().length))].sort((a, b) => b - a);
  const goingOn = lines.flatMap((line, i) => {
    const before = lines[i - 1]?.trimEnd() ?? '';
    const isOn = /^\s*[a-z\d(]/.test(line) && /[\w,’']$/.test(before) && !LIST_ITEM.test(line);
    return isOn ? [{ before, line }] : [];
  });
  return lengths
    .slice(0, STICKING_OUT + 1)
    .filter(width => width >= NARROWEST_PRINTED && width < WIDEST)
    .find(width => {
      const full = goingOn.filter(({ before, line }) => lacksRoom(before, line, width));
      const isOfSentences = full.some(({ line }) => /^\s*[a-z]/.test(line));
      return isOfSentences && full.length >= FEWEST && full.length >= goingOn.length * MOST_OF_THEM;
    });
}

/** What begins anew, however full the line before is: a numbered rule, a name with its value. */
const BEGINS =
  /^\s*(?:[^\w\s"“‘'([<{]\s|[A-Z]\d{1,2}[.)] |\[[ xX]?\]|(?:Article|Art\.|Rule|Section|Class|Step|Image) ?\d|\d{1,2}\.? (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)|[A-Z][A-Za-z ()]{2,30}: )/;

function lacksRoom(before: string, line: string, column: number): boolean {
  const isOpen = GOES_ON.test(before.trim()) || /,$/.test(before.trim());
  if ((BEGINS.test(line) && !isOpen) || /\.{3,}\s*$/.test(before)) return false;
  const [word = ''] = line.trim().split(/\s/);
  const length = before.trimEnd().length;
  return length <= column && length + 1 + word.length > column;
}

function hadNoRoom(before: string, line: string, column: number): boolean {
  const [word = ''] = line.trim().split(/\s/);
  return before.trimEnd().length >= NARROWEST && before.trimEnd().length + 1 + word.length > column - 2;
}

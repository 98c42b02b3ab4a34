import { sectionItem, type SectionItem } from './section-item.ts';
import type { ReadSection } from '../common/reading.ts';
import { SECTIONS } from '../common/section-nouns.ts';

/** A list of sections in one line: cut into names, each taken apart. */

/** What tells a section from the others of its list. */
export const nameOf = ({ label, aside }: SectionItem) => `${label} (${aside})`;

const LETTERED = /(?<![\w(])\(?(?:[A-Ha-h]|\d{1,2}|I{1,3}|IV|VI{0,3})[).:]\s*(?=[A-Z])/g;

/** Cuts a list at its letters, semicolons, slashes, dashes or commas, whichever it has first in this order. */
function piecesOf(list: string): string[] {
  const marks = [...list.matchAll(LETTERED)].map(m => m.index);
  if (marks.length >= 2 && (marks[0] ?? 0) < 3)
    return marks.map((from, i) => list.slice(from, marks[i + 1]).replace(/[\s,;]*(?:and)?\s*$/, ''));
  if (list.includes(';')) return list.split(/\s*;\s*(?:and )?/);
  // "1 Insects (IS)   2 Plants (PF)".
  if (/\)\s{3,}\S/.test(list)) return list.split(/\s{3,}/);
  if (list.includes(' | ')) return list.split(/\s*\|\s*/);
  if (/ \/ |[a-z]\/[A-Z]/.test(list)) return list.split(/\s*\/\s*/);
  if (/\)\s[—–-]\s[A-Z]/.test(list)) return list.split(/\s[—–-]\s(?=[A-Z])/);
  // "Architecture – Street – Abstract".
  if (/^[A-Z][\w ]+(?:\s[–—-]\s[A-Z][\w ]+){2,}$/.test(list)) return list.split(/\s[–—-]\s/);
  return splitByAnd(list.split(/\s*,\s*(?:(?:and|or)\s+)?/));
}

/** "Three categories: landscape, portrait and nature": names in small letters, behind a word for sections and a colon. */
const SMALL_LIST = new RegExp(
  `(?:\\b${SECTIONS}\\s*(?:are\\s*)?:\\s*|\\b(?:each|one|any) of the ${SECTIONS} )(?<list>[a-z][a-z-]+(?: [a-z-]+)?(?:, [a-z][a-z-]+(?: [a-z-]+)?)*,? (?:and|or) [a-z][a-z-]+(?: [a-z-]+)?)(?=[.;]|$)`,
);

/** "Two sections, colour (C) and black and white (BW)". */
const CODED_LIST = new RegExp(
  `\\b${SECTIONS}\\s*(?:are\\s*)?[:,]\\s*(?<list>[a-z][a-z -]{2,30} \\([A-Z]{1,3}\\)(?:(?:, (?:and )?| and )[a-z][a-z -]{2,30} \\([A-Z]{1,3}\\)){1,7})`,
);
const CODED_NAME = /(?<label>[a-z][a-z -]{2,30}) \((?<code>[A-Z]{1,3})\)(?:,? and |, )?/g;

/** "Three age groups: A (11-13), B (14-16) and C (17 and over)". */
const AGES =
  '(?:(?:under|over|up to) \\d{1,2}s?|\\d{1,2} ?(?:to|-|–) ?\\d{1,2}(?: years)?|\\d{1,2} (?:and|or) (?:over|older|above|under|younger))';
const AGE_LIST = new RegExp(
  `\\b${SECTIONS}\\s*(?:are\\s*)?:?\\s*(?<list>[A-Z] \\(${AGES}\\)(?:(?:, (?:and )?| and )[A-Z] \\(${AGES}\\)){1,5})`,
  'i',
);

const CODED_AGE = /(?<code>[A-Z]) \((?<label>[^()]+)\)/g;

/** The names of a list, each with the code that stands beside it. */
const withCodes = (list: string, each: RegExp): SectionItem[] =>
  [...list.matchAll(each)].map(({ groups }) => ({
    code: groups?.['code'] ?? null,
    label: groups?.['label'] ?? '',
    limit: null,
    isCalled: false,
    aside: '',
  }));

export function smallNames(text: string): SectionItem[] | undefined {
  const ages = AGE_LIST.exec(text)?.groups?.['list'];
  if (ages) return withCodes(ages, CODED_AGE);
  const coded = CODED_LIST.exec(text)?.groups?.['list'];
  if (coded) return withCodes(coded, CODED_NAME);
  const list = SMALL_LIST.exec(text)?.groups?.['list'];
  return list
    ?.split(/,? (?:and|or) |, /)
    .map(label => ({ code: null, label, limit: null, isCalled: false, aside: '' }));
}

/** Names of the longest list. */
const MOST = 40;

/** "Open (PID Color)", "Travel": beside names without a code, what looks like one tells what kind of entry it is. */
export function withoutKindCodes(items: readonly SectionItem[]): SectionItem[] {
  if (!items.some(item => item.code === null)) return items.slice();
  return items.map(item =>
    item.code?.includes(' ') && !item.aside ? { ...item, code: null, aside: item.code } : item,
  );
}

const CODE_AND_NAME = /^[A-Z]{2,3} [A-Z][a-z]/;

/** The names of a list, each taken apart; undefined where one of the pieces is no name. */
export function itemsOf(region: string): SectionItem[] | undefined {
  const pieces = piecesOf(
    region.trim().replace(/[.;,)]+$/, match => (match.includes(')') && region.includes('(') ? ')' : '')),
  );
  if (pieces.length < 2 || pieces.length > MOST) return undefined;
  // "OC Open Colour, OM Open Monochrome".
  const called = new Set(pieces.map(piece => CODE_AND_NAME.exec(piece)?.[0].slice(0, -3)));
  const areCalled = called.size === pieces.length && !called.has(undefined);
  const items = pieces.map(piece => sectionItem(areCalled ? piece.replace(' ', ') ') : piece));
  if (items.some(item => item === undefined)) return undefined;
  const known = withoutKindCodes(items as SectionItem[]);
  // "The section code (NA, TR or OP)" names none.
  if (known.every(item => item.code === null && /^[A-Z]{1,4}\d?$/.test(item.label))) return undefined;
  const areCoded = known.map(item => item.code !== null);
  if (new Set(known.map(nameOf)).size !== known.length || new Set(areCoded).size > 1) return undefined;
  return known;
}

/** Words that are so often said together that a list with another "and" is parted there. */
const PAIR =
  /\b(?:sea and (?:shore|sky)|land and sea|black and white|flora and fauna|light and (?:shade|shadow)|plants and fungi|flowers and gardens|town and country|night and day|ice and snow)\b/gi;
const isInPair = (text: string, at: number) =>
  [...text.matchAll(PAIR)].some(pair => at > pair.index && at < pair.index + pair[0].length);

/** "Plants and Fungi (P) and Landscape (L)": parted where both halves are names of the same sort. */
function splitByAnd(pieces: readonly string[]): string[] {
  const last = pieces.at(-1) ?? '';
  const others = pieces.slice(0, -1);
  const isCoded =
    others.some(piece => sectionItem(piece)?.code) || /[([][A-Z]{1,5}\d?[)\]].*\band\b/.test(last);
  const isTold = others.length > 0 && others.every(piece => (sectionItem(piece)?.limit ?? null) !== null);
  const ands = [...last.matchAll(/\s+(?:and|or)\s+(?=["“A-Z(])/g)];
  for (const and of ands.filter(({ index }) => ands.length < 2 || !isInPair(last, index))) {
    const halves = [last.slice(0, and.index), last.slice(and.index + and[0].length)];
    // "Weather (max. 2), Sea and Shore (max. 3)": without a limit of its own the half is no name.
    if (isTold && halves.some(half => (sectionItem(half)?.limit ?? null) === null)) continue;
    if (!isCoded || halves.every(half => sectionItem(half)?.code)) return [...others, ...halves];
  }
  return pieces.slice();
}

/** "Free (color)" beside "Free (monochrome)". */
const OF_COLOUR = /^(?:colou?r|mono(?:chrome)?|black and white)\b/i;

/** What stands in brackets behind every name, or leaves a choice, belongs to none. */
export function sectionsOf(items: readonly SectionItem[]): ReadSection[] {
  const asides = new Set(items.map(item => item.aside));
  const isChoice = ({ aside }: SectionItem) => /\bor\b|^(?:under|over|any)\b/i.test(aside);
  const isTwice = ({ label }: SectionItem) => items.filter(item => item.label === label).length > 1;
  // "Open (colour)" and "Open (monochrome)" are told apart by it, whatever stands behind the others.
  const isShared = (item: SectionItem) =>
    asides.size === 1 || isChoice(item) || (items.some(isChoice) && !isTwice(item));
  // "Open (PID colour)" and "Open (PID mono)": the others keep theirs too.
  const areTwice = items.some(isTwice);
  const areSame = items.length > 1 && new Set(items.map(item => item.code)).size === 1;
  return items.map(item => ({
    // "A Open colour (PID)", "B Travel (PID)": what stands behind all of them is the kind of entry.
    code: areSame ? (item.outranked ?? null) : item.code,
    label:
      item.aside && !isChoice(item) && (areTwice || (!isShared(item) && OF_COLOUR.test(item.aside)))
        ? `${item.label} (${item.aside})`
        : item.label,
    limit: item.limit,
  }));
}

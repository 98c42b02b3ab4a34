import type { Group } from '../common/group.ts';
import { ITEM_MARK, OF_TEXT } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { areApart, factsOf, headOf, nameOf, subjectOf, type Facts } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';

/**
 * Kinds of file that have a paragraph each: "Your file must be exactly 7680 × 1440 pixels. PNG, 8 bit." in one, "As a
 * first step please send a sketch as a JPEG of 1920 × 360 pixels" in another. What its sentences say together describes
 * a file whole, and the paragraphs differ as sentences of two files do.
 */

interface Paragraph {
  segments: Segment[];
  facts: Facts;
  /** "The judging version …": what its first sentence speaks of. */
  head: string | undefined;
  /** Whether the head is that of a picture for sure, and not just words with a colon behind them. */
  isSure: boolean;
}

const MOST = 4;

/** @returns undefined where fewer than two paragraphs describe a file, or they may speak of one */
export function splitParagraphs(segments: readonly Segment[]): Group[] | undefined {
  const whole = paragraphsOf(segments).filter(isWhole);
  // Beside paragraphs with a name each, one without is meant for all of them.
  const named = whole.filter(kind => kind.head !== undefined);
  const kinds = named.length >= 2 ? named : whole;
  if (kinds.length < 2 || kinds.length > MOST) return undefined;
  const isNamed = (a: Paragraph, b: Paragraph) =>
    a.head !== undefined && b.head !== undefined && a.head !== b.head;
  const areAllApart = kinds.every((a, i) =>
    kinds.slice(i + 1).every(b => areApart(a.facts, b.facts, isNamed(a, b))),
  );
  if (!areAllApart) return undefined;
  const own = new Set(kinds.flatMap(kind => kind.segments));
  const names = kinds.map(nameOf);
  return [
    { label: undefined, segments: segments.filter(s => !own.has(s)) },
    ...kinds.map((kind, i) => {
      const name = names[i] ?? 'file';
      const isAlone = names.indexOf(name) === names.lastIndexOf(name);
      return { label: isAlone ? name : `${name} ${i + 1}`, segments: kind.segments };
    }),
  ];
}

/** The sentences of every line, without those that are meant for all kinds. */
function paragraphsOf(segments: readonly Segment[]): Paragraph[] {
  return [...new Set(segments.map(s => s.line))].map(line => {
    const own = segments.filter(s => s.line === line && !FOR_ALL.test(s.text));
    const [first] = own;
    const head = first && (sureHead(first) ?? headOf(first));
    return {
      segments: own,
      facts: factsOf(own),
      // "The short version: …" heads a text and no file.
      head: first && !OF_TEXT.test(first.text.split(':')[0] ?? '') ? head : undefined,
      isSure: first !== undefined && sureHead(first) !== undefined,
    };
  });
}

/** "A picture of your stall, wide (3:1), …", "Your logo if you have one - PNG". */
function sureHead(segment: Segment): string | undefined {
  const { of, own } = SHOWN.exec(segment.text.replace(ITEM_MARK, ''))?.groups ?? {};
  return (of ?? own ?? subjectOf(segment))?.toLowerCase();
}

const SHOWN =
  /^(?:(?:an?|one) (?:picture|image|photo|photograph|shot|view) of (?:your |the |an? )?(?<of>[a-z]+(?: [a-z]+)?)(?=[,:(]| as\b| -)|(?:your|the|an?|one) (?<own>logo|crest|portrait|headshot|banner|signature|thumbnail)\b)/i;

/** A size or a format with something beside it; under the name of a picture either is enough. */
const isWhole = ({ facts, isSure }: Paragraph) =>
  (facts.has('size') || facts.has('formats')) && (isSure || facts.size >= 2);

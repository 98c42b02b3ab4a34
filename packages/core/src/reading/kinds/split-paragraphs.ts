import type { Group } from '../common/group.ts';
import { OF_TEXT } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { areApart, aspectsOf, headOf, nameOf, type Facts } from './split-by-conflict.ts';
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
}

const MOST = 4;

/** @returns undefined where fewer than two paragraphs describe a file, or they may speak of one */
export function splitParagraphs(segments: readonly Segment[]): Group[] | undefined {
  const kinds = paragraphsOf(segments).filter(isWhole);
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
    return {
      segments: own,
      facts: new Map(own.flatMap(segment => [...aspectsOf(segment)])),
      // "The short version: …" heads a text and no file.
      head: first && !OF_TEXT.test(first.text.split(':')[0] ?? '') ? headOf(first) : undefined,
    };
  });
}

/** A size or a format with something beside it; under a name of its own either is enough. */
const isWhole = ({ facts, head }: Paragraph) =>
  (facts.has('size') || facts.has('formats')) && (head !== undefined || facts.size >= 2);

import type { Group } from '../common/group.ts';
import { labelOf } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';

/** One sentence that gives a value to each kind of file: "800 KB for the banner and 250 KB for the portrait". */

const VALUE =
  /(?:\b(?:up to|at most|at least|max(?:imum)?\.?|min(?:imum)?\.?|under|below|between|from|exactly|a|an|no more than|not more than) )*(?:\d[^;()]{0,40}?\d? ?(?:px|pixels|[km]b|[km]egabytes|kilobytes|dpi|ppi|bits?)|\b(?:jpe?g|png|tiff?)s?) for (?:the|your|our|an?) (?<what>[a-z]+(?: [a-z]+)?)/gi;

/**
 * @param groups the kinds of file that a text was split into
 * @returns the same, with such sentences cut up among the kinds they name; each piece keeps its place in the text
 */
export function withValuesByKind(groups: readonly Group[]): Group[] {
  const kinds = groups.flatMap(g => g.label ?? []);
  if (kinds.length < 2) return [...groups];
  const own = new Map<string, Segment[]>(kinds.map(kind => [kind, []]));
  const isCut = (segment: Segment): boolean => {
    const pieces = piecesOf(segment, kinds);
    for (const { kind, piece } of pieces) own.get(kind)?.push(piece);
    return pieces.length > 0;
  };
  return groups
    .map(group => ({ ...group, segments: group.segments.filter(s => !isCut(s)) }))
    .map(group => ({ ...group, segments: [...group.segments, ...(own.get(group.label ?? '') ?? [])] }));
}

interface Part {
  from: number;
  to: number;
  kind: string | undefined;
}

/** Nothing where fewer than two of the kinds are given a value, or one of them has several. */
function piecesOf(segment: Segment, kinds: readonly string[]): { kind: string; piece: Segment }[] {
  const behind = [...segment.text.matchAll(VALUE)].map(({ index, 0: words, groups }) => ({
    from: index,
    to: index + words.length,
    kind: kindOf(groups?.['what'] ?? '', kinds),
  }));
  const named = behind.length > 1 ? behind : partsNamed(segment.text, kinds);
  const isEach = named.length > 1 && new Set(named.map(n => n.kind)).size === named.length;
  if (!isEach || named.some(n => n.kind === undefined)) return [];
  return named.map(({ from, kind = '' }) => ({
    kind,
    // The other values are blanked, so that what is left stands where it stood.
    piece: {
      ...segment,
      text: named.reduce((text, n) => (n.from === from ? text : blanked(text, n)), segment.text),
    },
  }));
}

/** "The title picture may have up to 700 KB, the tile up to 150 KB": from each kind's name to the next. */
function partsNamed(text: string, kinds: readonly string[]): Part[] {
  const starts = [...text.matchAll(A_KIND)].flatMap(({ index, groups }) => {
    const kind = kindOf(groups?.['what'] ?? '', kinds);
    return kind === undefined ? [] : [{ from: index, kind }];
  });
  const parts = starts.map(({ from, kind }, i) => ({ from, to: starts[i + 1]?.from ?? text.length, kind }));
  return parts.every(({ from, to }) => A_VALUE.test(text.slice(from, to))) ? parts : [];
}

const A_KIND = /(?<=^|[,;] (?:and |but |while )?|\band )(?:the|an?) (?<what>[a-z]+(?: [a-z]+)?)\b/gi;
const A_VALUE = /\d ?(?:px|pixels|[km]b|dpi|ppi|bits?)\b|\b(?:jpe?g|png|tiff?)s?\b/i;

const blanked = (text: string, { from, to }: { from: number; to: number }) =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

/** A "habit picture" is a habit image. */
const asImage = (name: string) => name.replace(/ (?:picture|photo|photograph|image)s?$/, ' image');

function kindOf(what: string, kinds: readonly string[]): string | undefined {
  const words = what.toLowerCase().split(' ');
  const names = [words.join(' '), words[0] ?? '', labelOf(`${words[0] ?? ''} file`) ?? ''].map(asImage);
  return kinds.find(kind =>
    [kind, kind.replace(/s$/, '')].some(called => names.includes(asImage(called.toLowerCase()))),
  );
}

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
    .map(group =>
      group.label === undefined ? { ...group, segments: group.segments.filter(s => !isCut(s)) } : group,
    )
    .map(group => ({ ...group, segments: [...group.segments, ...(own.get(group.label ?? '') ?? [])] }));
}

/** Nothing where fewer than two of the kinds are given a value, or one of them has several. */
function piecesOf(segment: Segment, kinds: readonly string[]): { kind: string; piece: Segment }[] {
  const named = [...segment.text.matchAll(VALUE)].map(({ index, 0: words, groups }) => ({
    from: index,
    to: index + words.length,
    kind: kindOf(groups?.['what'] ?? '', kinds),
  }));
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

const blanked = (text: string, { from, to }: { from: number; to: number }) =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

function kindOf(what: string, kinds: readonly string[]): string | undefined {
  const words = what.toLowerCase().split(' ');
  const names = [words.join(' '), words[0] ?? '', labelOf(`${words[0] ?? ''} file`) ?? ''];
  return kinds.find(kind => names.includes(kind.toLowerCase()));
}

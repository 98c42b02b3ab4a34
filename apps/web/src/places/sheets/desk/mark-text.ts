import type { DraftLine, Question } from '@able-frame/core';

/** Places in a text, counted in characters. */
export interface Span {
  start: number;
  end: number;
}

/** A run of the organiser's text that is shown in one way. */
export interface Run {
  text: string;
  start: number;
  /** Lines of the draft that were read here. */
  lines: string[];
  /** Whether a doubt hangs on these words. */
  isDoubtful: boolean;
  /** Whether anything in the same sentence was understood. */
  isClaimed: boolean;
  /** Whether the person has marked these words. */
  isMarked: boolean;
}

/**
 * Cuts a text into runs at the ends of all sentences, claims, doubts and marks. Sentences in which nothing was
 * understood are told apart, so that a person sees what nobody claimed.
 */
export function markText(
  text: string,
  sentences: readonly Span[],
  lines: readonly DraftLine[],
  questions: readonly Question[],
  marked?: Span,
): Run[] {
  const spans = claimsOf(lines);
  const unclaimed = unclaimedAmong(sentences, lines);
  const cuts = new Set([0, text.length]);
  for (const { start, end } of [...sentences, ...spans, ...questions, ...(marked ? [marked] : [])])
    cuts.add(start).add(end);
  const places = [...cuts].filter(at => at >= 0 && at <= text.length).sort((a, b) => a - b);
  return places.slice(1).map((to, i) => {
    const from = places[i] ?? 0;
    return {
      text: text.slice(from, to),
      start: from,
      lines: [...new Set(spans.filter(s => overlaps(s, from, to)).map(s => s.id))],
      isDoubtful: questions.some(q => overlaps(q, from, to)),
      isClaimed: !unclaimed.some(s => overlaps(s, from, to)),
      isMarked: marked !== undefined && overlaps(marked, from, to),
    };
  });
}

/** Sentences in which nothing was understood. */
export function unclaimedAmong(sentences: readonly Span[], lines: readonly DraftLine[]): Span[] {
  const spans = claimsOf(lines);
  return sentences.filter(({ start, end }) => !spans.some(s => overlaps(s, start, end)));
}

/** A span without the spaces at its ends. */
export function trimmedSpan(text: string, { start, end }: Span): Span {
  const words = text.slice(start, end);
  const from = start + words.length - words.trimStart().length;
  return { start: from, end: Math.max(from, start + words.trimEnd().length) };
}

function claimsOf(lines: readonly DraftLine[]): (Span & { id: string })[] {
  return lines.flatMap(line => line.claims.map(({ start, end }) => ({ start, end, id: line.id })));
}

function overlaps(span: Span, from: number, to: number): boolean {
  return span.start < to && span.end > from;
}

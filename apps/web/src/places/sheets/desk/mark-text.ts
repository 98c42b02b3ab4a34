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
  /** Whether anything in the same line of text was understood. */
  isClaimed: boolean;
  /** Whether the person has marked these words. */
  isMarked: boolean;
}

/**
 * Cuts a text into runs at the ends of all claims, doubts and marks. Lines in which nothing was understood are told
 * apart, so that a person sees what nobody claimed.
 */
export function markText(
  text: string,
  lines: readonly DraftLine[],
  questions: readonly Question[],
  marked?: Span,
): Run[] {
  const spans = claimsOf(lines);
  const cuts = new Set([0, text.length]);
  for (const { start, end } of [...spans, ...questions, ...(marked ? [marked] : [])])
    cuts.add(start).add(end);
  for (let at = text.indexOf('\n'); at !== -1; at = text.indexOf('\n', at + 1)) cuts.add(at + 1);
  const places = [...cuts].filter(at => at >= 0 && at <= text.length).sort((a, b) => a - b);
  return places.slice(1).map((to, i) => {
    const from = places[i] ?? 0;
    return {
      text: text.slice(from, to),
      start: from,
      lines: [...new Set(spans.filter(s => overlaps(s, from, to)).map(s => s.id))],
      isDoubtful: questions.some(q => overlaps(q, from, to)),
      isClaimed: spans.some(s => overlaps(s, ...lineAround(text, from))),
      isMarked: marked !== undefined && overlaps(marked, from, to),
    };
  });
}

/** Lines of text in which nothing was understood, without those that hold no word. */
export function unclaimedLines(text: string, lines: readonly DraftLine[]): Span[] {
  const spans = claimsOf(lines);
  const found: Span[] = [];
  for (let from = 0; from < text.length;) {
    const [start, end] = lineAround(text, from);
    const isClaimed = spans.some(s => overlaps(s, start, end));
    if (!isClaimed && /\p{L}{2}/u.test(text.slice(start, end))) found.push(trimmedSpan(text, { start, end }));
    from = end + 1;
  }
  return found;
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

function lineAround(text: string, at: number): [number, number] {
  const lineBreak = text.indexOf('\n', at);
  return [text.lastIndexOf('\n', at - 1) + 1, lineBreak === -1 ? text.length : lineBreak];
}

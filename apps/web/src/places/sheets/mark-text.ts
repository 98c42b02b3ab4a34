import type { DraftLine, Question } from '@able-frame/core';

/** A run of the organiser's text that is shown in one way. */
export interface Run {
  text: string;
  /** Lines of the draft that were read here. */
  lines: string[];
  /** Whether a doubt hangs on these words. */
  isDoubtful: boolean;
  /** Whether anything in the same line of text was understood. */
  isClaimed: boolean;
}

/**
 * Cuts a text into runs at the ends of all claims and doubts. Lines in which nothing was understood are told apart,
 * so that a person sees what nobody claimed.
 */
export function markText(text: string, lines: readonly DraftLine[], questions: readonly Question[]): Run[] {
  const spans = lines.flatMap(line => line.claims.map(({ start, end }) => ({ start, end, id: line.id })));
  const cuts = new Set([0, text.length]);
  for (const { start, end } of [...spans, ...questions]) cuts.add(start).add(end);
  for (let at = text.indexOf('\n'); at !== -1; at = text.indexOf('\n', at + 1)) cuts.add(at + 1);
  const places = [...cuts].filter(at => at >= 0 && at <= text.length).sort((a, b) => a - b);
  const overlaps = (span: { start: number; end: number }, from: number, to: number) =>
    span.start < to && span.end > from;
  return places.slice(1).map((to, i) => {
    const from = places[i] ?? 0;
    const lineStart = text.lastIndexOf('\n', from - 1) + 1;
    const lineBreak = text.indexOf('\n', from);
    const lineEnd = lineBreak === -1 ? text.length : lineBreak;
    return {
      text: text.slice(from, to),
      lines: [...new Set(spans.filter(s => overlaps(s, from, to)).map(s => s.id))],
      isDoubtful: questions.some(q => overlaps(q, from, to)),
      isClaimed: spans.some(s => overlaps(s, lineStart, lineEnd)),
    };
  });
}

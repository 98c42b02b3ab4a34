import { inPlainWording } from './plain/plain-wording.ts';
import { segmentText, withoutMark } from './common/segments.ts';

/** From a place of a text to another, counted in characters. */
export interface Place {
  start: number;
  end: number;
}

/**
 * The sentences of a text by their places in it, in characters, as they are read: a line that a program wrapped goes on,
 * and the item of a list is a sentence of its own.
 */
export function sentencesOf(text: string): Place[] {
  const worded = inPlainWording(text);
  return segmentText(worded.text).map(segment => {
    const [start, end] = worded.given(segment.start, segment.start + segment.text.length);
    return { start, end };
  });
}

/** Longest quotation of an organiser's words. */
const LONGEST = 400;

/**
 * The organiser's own sentence round some words of a text, in one line and without the mark or number before it.
 * @param sentences those of the text, where many quotations are taken out of one
 */
export function sentenceAround(
  text: string,
  { start, end }: Place,
  sentences: readonly Place[] = sentencesOf(text),
): string {
  const round = sentences.filter(s => s.start < end && s.end > start);
  const from = Math.min(start, ...round.map(s => s.start));
  const to = Math.max(end, ...round.map(s => s.end));
  const written = text
    .slice(from, to)
    .replace(/\s*\n[ \t]*(?:>[ \t]*)*/g, ' ')
    // Boxes to tick and other pictures before a line.
    .replace(/^[\p{So}\p{Sm}]\s*/u, '')
    .trim();
  return withoutMark({ text: written, start: from, line: 0 }).text.slice(0, LONGEST);
}

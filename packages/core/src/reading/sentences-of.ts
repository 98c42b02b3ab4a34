import { inPlainWording } from './plain-wording.ts';
import { segmentText } from './segments.ts';

/**
 * The sentences of a text by their places in it, in characters, as they are read: a line that a program wrapped goes on,
 * and the item of a list is a sentence of its own.
 */
export function sentencesOf(text: string): { start: number; end: number }[] {
  const worded = inPlainWording(text);
  return segmentText(worded.text).map(segment => {
    const [start, end] = worded.given(segment.start, segment.start + segment.text.length);
    return { start, end };
  });
}

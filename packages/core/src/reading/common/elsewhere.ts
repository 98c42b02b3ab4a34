/** Words that lead from what was, or what somebody else does, to what is asked now. */
const TURN =
  /\b(?:now|this (?:year|season|time|winter|summer|autumn|spring)|but|so|instead|from now|however|therefore|please|must|supplied|we (?:need|want|ask))\b/i;

/**
 * Whether what stands at a place of a sentence belongs to what `words` speak of (the catalogue, last year, the projector)
 * and not to the files that are asked for: these words come before it with no turn between, or end the same clause.
 */
export function isElsewhere(words: RegExp, text: string, at: number): boolean {
  for (const match of text.matchAll(new RegExp(words, 'gi'))) {
    const end = match.index + match[0].length;
    const between = match.index < at ? text.slice(end, at) : text.slice(at, match.index);
    const isOver =
      match.index < at
        ? TURN.test(between)
        : /[,;:(]|\s[-–—]\s|\b(?:but|so|since|because|as)\b/i.test(between);
    if (!isOver) return true;
  }
  return false;
}

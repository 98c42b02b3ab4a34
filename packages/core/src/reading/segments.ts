/** A sentence or a line of a text, with its place. */
export interface Segment {
  text: string;
  start: number;
  /** Number of the line it begins on. */
  line: number;
}

/** Ends of words that carry a dot and do not end a sentence. */
const ABBREVIATED =
  /(?:\b(?:max|min|approx|e\.g|i\.e|ie|eg|etc|nos|mr|mrs|ms|dr|st|incl|resp|vs|ca|p|a|pp|fig|art|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec|tel|kl)|\b[ap]\.m)\.$/i;

/**
 * Cuts a text into lines and sentences. A line that goes on in lower case belongs to the one before it; a line
 * that begins a list item never does.
 */
export function segmentText(text: string): Segment[] {
  const segments: Segment[] = [];
  let line = 0;
  for (const paragraph of joinWrapped(text)) {
    for (const sentence of slashed(paragraph.text) ?? sentencesOf(paragraph.text)) {
      const lead = sentence.text.length - sentence.text.trimStart().length;
      const trimmed = sentence.text.trim();
      // What holds neither a letter nor a figure says nothing.
      if (/[\p{L}\d]/u.test(trimmed))
        pushInPieces(segments, { text: trimmed, start: paragraph.start + sentence.start + lead, line });
    }
    line += 1;
  }
  return joinAnswers(text, segments);
}

/** A short answer means something only together with its question. */
function joinAnswers(text: string, segments: readonly Segment[]): Segment[] {
  const joined: Segment[] = [];
  for (const segment of segments) {
    const before = joined.at(-1);
    const isAnswer =
      before &&
      /\?$/.test(before.text) &&
      (/^A[:.]\s/.test(segment.text) || segment.text.length < 40) &&
      before.text.length < 160;
    if (isAnswer) before.text = text.slice(before.start, segment.start + segment.text.length);
    else joined.push({ ...segment });
  }
  return joined;
}

/**
 * Longest sentence that is read as one. Real ones have some hundreds of characters; patterns that compare all pairs
 * of words would take very long on pasted junk without an end.
 */
const LONGEST = 1200;

function pushInPieces(segments: Segment[], { text, start, line }: Segment): void {
  for (let from = 0; from < text.length;) {
    let to = Math.min(text.length, from + LONGEST);
    const gap = text.lastIndexOf(' ', to);
    if (to < text.length && gap > from) to = gap + 1;
    segments.push({ text: text.slice(from, to), start: start + from, line });
    from = to;
  }
}

const LIST_ITEM = /^\s*(?:[-*•–—·▪]|\(?\d{1,2}(?:\.\d{1,2})*[.)]?\s|\(?(?:[a-z]|[ivx]{1,4})[.)]\s)/i;

/** "format: jpg" behind "images: 3": lines of names with their values. */
const NAMED_VALUE = /^\s*[A-Za-z][\w -]{0,24}\s*[:=]\s/;

/** Lines of a text, with wrapped ones joined; a line break inside is kept, so offsets stay true. */
export function joinWrapped(text: string): { text: string; start: number }[] {
  const lines: { text: string; start: number }[] = [];
  let start = 0;
  for (const raw of text.split('\n')) {
    const before = lines.at(-1);
    const goesOn =
      before !== undefined &&
      before.start + before.text.length + 1 === start &&
      /^[a-z(]/.test(raw.trim()) &&
      !LIST_ITEM.test(raw) &&
      !(NAMED_VALUE.test(raw) && NAMED_VALUE.test(before.text)) &&
      isFull(before.text) &&
      !isUnderHead(raw, before.text) &&
      !/[.!?:;]\s*$|\.(?:jpe?g|tiff?|png)$/i.test(before.text) &&
      !/\S {2,}\S|\t/.test(before.text.trim());
    if (goesOn) before.text += `\n${raw}`;
    else lines.push({ text: raw, start });
    start += raw.length + 1;
  }
  return lines;
}

/** Nobody wraps a line that is shorter: what goes on in small letters behind it is a line of its own. */
function isFull(text: string): boolean {
  const last = (text.split('\n').at(-1) ?? '').trim();
  return last.length >= NARROWEST || GOES_ON.test(last);
}
/** Words that no line of a list ends with. */
const GOES_ON = /\b(?:an?|the|of|to|and|or|must|not|be|than|by|with)$/;
/** Characters of the narrowest column that people write letters in. */
const NARROWEST = 45;

/** "Gallery photos (up to 12)" over an indented line: a heading, not a sentence that goes on. */
function isUnderHead(line: string, before: string): boolean {
  return /^\s{2,}/.test(line) && /^[A-Z][^,.;:]{2,38}$/.test(before);
}

/** "JPEG / sRGB / max 2 MB / 2 each": notes in a row, set apart by slashes or dots. */
function slashed(text: string): { text: string; start: number }[] | undefined {
  const parts = text.split(/( \/ | [•·] )/);
  if (parts.length < 7) return undefined;
  let start = 0;
  return parts.flatMap((part, i) => {
    const at = start;
    start += part.length;
    return i % 2 ? [] : [{ text: part, start: at }];
  });
}

/** "… three pictures max.": that word stands behind its number and may end a sentence. */
const MOST_BEHIND = /(?:\d|\b(?:one|two|three|four|five|six|ten)\b)[\w ]{1,16} (?:max|min)\.$/i;

function sentencesOf(text: string): { text: string; start: number }[] {
  const found: { text: string; start: number }[] = [];
  let from = 0;
  const end = /[.!?;]+(?=["”’)]*\s)/g;
  for (let match = end.exec(text); match; match = end.exec(text)) {
    const upto = match.index + match[0].length;
    const head = text.slice(Math.max(0, upto - 14), upto);
    const next = text.slice(upto).trimStart();
    // "Three pictures max. Longest side 1920".
    const isMost = MOST_BEHIND.test(text.slice(Math.max(0, upto - 40), upto));
    const isNewStart = isMost && /^[A-Z][a-z]/.test(next);
    if (
      match[0] === '.' &&
      !isNewStart &&
      ABBREVIATED.test(head) &&
      !/^[A-Z][a-z]+ (?:must|should|may|are|is|will)\b/.test(next)
    )
      continue;
    if (match[0] === '.' && /^\s*\(?[0-9a-z]{1,2}(?:\.\d{1,2})*\.$/i.test(text.slice(from, upto))) continue;
    // "Entry no. 12", but "the answer is no. Please …".
    if (match[0] === '.' && /\bno\.$/i.test(head) && !/^[A-Z]/.test(next)) continue;
    // "Sections: A. Colour, B. Nature".
    if (match[0] === '.' && /(?:[,:;(]|\band) ?(?:[A-H]|\d{1,2})\.$/.test(head)) continue;
    // "15. 03. 2027".
    if (
      match[0] === '.' &&
      /\b\d{1,2}\.$/.test(head) &&
      /^(?:\d{1,2}\. ?(?:19|20)\d\d|20\d\d\b|(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]* (?:19|20)\d\d)/.test(
        next,
      )
    )
      continue;
    // "Our street (old or new!) in pictures".
    if (/^[)"”’]+\s+[a-z]/.test(next)) continue;
    // A sentence may begin with sRGB.
    if (/^\.+$/.test(match[0]) && /^[a-z](?!RGB)/.test(next)) continue;
    found.push({ text: text.slice(from, upto), start: from });
    from = upto;
  }
  if (from < text.length) found.push({ text: text.slice(from), start: from });
  return found;
}

/** What counts or marks a line: "-", "3.", "3.3", "(c)". */
const MARK =
  /^(?:[-+*•–·]|\(?(?:\d{1,2}(?:\.\d{1,2})*|[A-Za-z]|[ivxIVX]{1,4})[.)]|\d{1,2}\.\d{1,2}(?:\.\d{1,2})?(?=\s+[A-Z][a-z]))\s+(?=\S)/;

/** A line without its mark, whose figures count no pixels. */
export function withoutMark(segment: Segment): Segment {
  const length = MARK.exec(segment.text)?.[0].length ?? 0;
  return { ...segment, text: segment.text.slice(length), start: segment.start + length };
}

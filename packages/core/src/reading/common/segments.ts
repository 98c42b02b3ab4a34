import { COUNT } from './quantities.ts';

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
 * Cuts a text into lines and sentences.
 * @param text with the lines that a program wrapped joined again
 */
export function segmentText(text: string): Segment[] {
  const segments: Segment[] = [];
  const isSmall = isInSmallLetters(text);
  let line = 0;
  for (const paragraph of linesOf(text)) {
    for (const sentence of slashed(paragraph.text) ?? cutAtSentences(paragraph.text, isSmall)) {
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

/** Whether sentences begin with small letters, as they do in messages typed in haste. */
function isInSmallLetters(text: string): boolean {
  const starts = [...text.matchAll(/[a-z)][.!?] +([A-Za-z])/g)].map(match => match[1] ?? '');
  return starts.filter(letter => /[a-z]/.test(letter)).length > starts.length / 2;
}

/** "Should you add a border? We would rather you did not, but …" */
const A_REFUSAL =
  /^(?:(?:we|i)(?: would|['’]d) rather you|(?:better|rather|preferably) not\b|please (?:do not|don['’]t)\b)/i;

/** "Do you want the EXIF data? Yes, leave them in, but take your name out." */
const OF_IT = /^(?:yes|no), (?:please )?[a-z]+ (?:it|them)\b[^.;]{0,70}[.!]?$/i;

/** "How many? Five, in any mixture of colour and mono." */
const HOW_MANY = /\bhow many\b[^?]*\?$/i;
const A_COUNT = new RegExp(`^(?:(?:up to|at most|no more than) )?(?:${COUNT})(?: [a-z]+)?[,.] `, 'i');

/** A short answer means something only together with its question. */
function joinAnswers(text: string, segments: readonly Segment[]): Segment[] {
  const joined: Segment[] = [];
  for (const segment of segments) {
    const before = joined.at(-1);
    const isAnswer =
      before &&
      /\?$/.test(before.text) &&
      (/^A[:.]\s/.test(segment.text) ||
        segment.text.length < 40 ||
        A_REFUSAL.test(segment.text) ||
        OF_IT.test(segment.text) ||
        (HOW_MANY.test(before.text) && A_COUNT.test(segment.text))) &&
      before.text.length < 160 &&
      // The first item of a list answers nothing by itself.
      !/^1[.)] /.test(segment.text);
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

/** The lines of a text with their places. */
export function linesOf(text: string): { text: string; start: number }[] {
  let start = 0;
  return text.split('\n').map(line => {
    const at = start;
    start += line.length + 1;
    return { text: line, start: at };
  });
}

/** "JPEG / sRGB / max 2 MB / 2 each": notes in a row, set apart by slashes or dots. */
function slashed(text: string): { text: string; start: number }[] | undefined {
  const parts = text.split(/( \/ | [•·] )/);
  if (parts.length < 7) return undefined;
  let start = 0;
  return parts.flatMap((part, i) => {
    const at = start;
    start += part.length;
    if (i % 2) return [];
    // The last of them may go on with sentences.
    return cutAtSentences(part, false).map(s => ({ text: s.text, start: at + s.start }));
  });
}

/** "… three pictures max.": that word stands behind its number and may end a sentence. */
const MOST_BEHIND = /(?:\d|\b(?:one|two|three|four|five|six|ten)\b)[\w ]{1,16} (?:max|min)\.$/i;

/** "1. Flowers   2. Vegetables   3. Sheds": items in a row, counted from one, whose numbers end no sentence. */
function isCountedRow(text: string): boolean {
  const numbers = [...text.matchAll(/(?:^|\s)(\d{1,2})[.)]\s+(?=[A-Z])/g)];
  const isFirst = text.slice(0, numbers[0]?.index).trim() === '';
  return numbers.length >= 3 && isFirst && numbers.every((m, i) => Number(m[1]) === i + 1);
}

/** A counted item within a sentence; "between 4 and 8." counts none. */
const AN_ITEM = /(?:^|[\s:,(])(?:[A-H]|\d{1,2})\. ?[A-Z]/;

function cutAtSentences(text: string, isSmall: boolean): { text: string; start: number }[] {
  const isRow = isCountedRow(text);
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
    if (
      match[0] === '.' &&
      /^\s*\(?(?!no\.)(?:[0-9a-z]{1,2}|[ivx]{1,4})(?:\.\d{1,2})*\.$/i.test(text.slice(from, upto))
    )
      continue;
    if (match[0] === '.' && isRow && /\s\d{1,2}\.$/.test(head)) continue;
    // "Entry no. 12", but "the answer is no. Please …".
    if (match[0] === '.' && /\bno\.$/i.test(head) && !/^[A-Z]/.test(next)) continue;
    // "Sections: A. Colour, B. Nature".
    if (match[0] === '.' && /(?:[,;(]|(?<!\d):) ?(?:[A-H]|\d{1,2})\.$/.test(head)) continue;
    if (match[0] === '.' && /\band (?:[A-H]|\d{1,2})\.$/.test(head) && AN_ITEM.test(text.slice(from, upto)))
      continue;
    // "Class 1. Village Life".
    if (
      match[0] === '.' &&
      /^\W*(?:section|class|category|group) (?:[A-Z]|\d{1,3}|[IVX]{1,4})\.$/i.test(text.slice(from, upto))
    )
      continue;
    // "15. 03. 2027".
    if (
      match[0] === '.' &&
      /\b\d{1,2}\.$/.test(head) &&
      /^(?:\d{1,2}\. ?(?:19|20)\d\d|20\d\d\b|(?:of )?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]* (?:19|20)\d\d)/i.test(
        next,
      )
    )
      continue;
    // "The files are sent as one zip archive; 20 MB maximum."
    if (
      match[0] === ';' &&
      /\b(?:zip|archive|e-?mail|folder)\b/i.test(text.slice(from, upto)) &&
      /^(?:max\.? )?\d[\d.,]* ?[KMG]B\b[^.;]{0,20}(?:[.;]|$)/i.test(next)
    )
      continue;
    // "Uncropped (JPEG; no raw files), with its notes".
    const inside = /\([^()]*$/.exec(text.slice(from, upto));
    if (match[0] === ';' && inside && /^[^()]{0,60}\)/.test(next)) continue;
    // "Our street (old or new!) in pictures".
    if (/^[)"”’]+\s+[a-z]/.test(next)) continue;
    // A sentence may begin with sRGB.
    if (/^\.+$/.test(match[0]) && /^[a-z](?!RGB)/.test(next) && !(isSmall && /\w{2}\.$/.test(head))) continue;
    found.push({ text: text.slice(from, upto), start: from });
    from = upto;
  }
  if (from < text.length) found.push({ text: text.slice(from), start: from });
  return found;
}

/** What counts or marks a line: "-", "3.", "3.3", "(c)". */
const MARK =
  /^(?:[-+*•–·]|\[[ xX]?\]|\(?(?:\d{1,2}(?:\.\d{1,2})*|[A-Za-z]|[ivxIVX]{1,4})[.)]|\d{1,2}\.\d{1,2}(?:\.\d{1,2})?(?=\s+[A-Z][a-z]))\s+(?=\S)/;

/** A line without its mark, whose figures count no pixels. */
export function withoutMark(segment: Segment): Segment {
  const length = MARK.exec(segment.text)?.[0].length ?? 0;
  return { ...segment, text: segment.text.slice(length), start: segment.start + length };
}

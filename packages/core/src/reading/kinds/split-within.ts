import { A_FORMAT, A_MEASURE, labelOf } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';

/** One sentence that asks for several kinds of file, cut into a piece for each. */

export const MEASURED = /\d[\s-]*(?:px|pixels?|kb|mb|mm|cm|ppi|dpi|bits?)|\d\s*[x×]\s*\d/i;

/** A part of a sentence that speaks of one kind of file. */
export interface Piece extends Segment {
  kind: string;
}

const PIECE =
  /(?:^|(?<=[,;:(–—])\s*|\b(?:and|plus)\s+(?:also\s+)?|\b(?:send|supply|submit|upload|provide|deliver|need|want)(?: us)?\s+)(?:for (?:the |our |your )?[a-z]+,? )?(?:once (?:as )?)?(?:an?|one|the other|your|\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(?=(?:[^\s,;:.]+\s+){0,6}?\(?(?:jpe?g|tiff?|png|file(?! ?-?(?:size|weight|name))|version|copy|images?|photos?|pictures?|close-up|detail|overview|portrait)\b)/gi;

/** "Half-page pictures at 170 × 110 mm, full-page pictures at 170 × 240 mm": each size with its name, as a line of its own. */
const SIZED =
  /\b(?<name>[A-Za-z]{2,20}(?:-[a-z]{2,12})?) (?:(?:pictures|images|photos|photographs|plates|files)(?:(?: (?:run|come|are|are printed|are shown|appear|reproduce))? (?:at|of)|:)?|spreads?|pages?) (?=\d+ ?[x×] ?\d+ ?(?:mm|cm|px|pixels))/g;
const OF_SHAPE = /^(?:landscape|portrait|horizontal|vertical|upright|square|all|your|our|the|both)$/i;

function splitSizes(segment: Segment): Segment[] {
  const named = [...segment.text.matchAll(SIZED)].filter(m => !OF_SHAPE.test(m.groups?.['name'] ?? ''));
  if (named.length < 2) return [segment];
  // "…, in each case at 300 ppi", "…, 300 dpi".
  const end =
    /,? (?:(?:in (?:each|both) cases?|both|each|all)\b)|,? (?:at )?\d{2,4} ?(?:dpi|ppi)\b(?=[^\d]*$)/i.exec(
      segment.text.slice(named.at(-1)?.index),
    );
  const upto = (named.at(-1)?.index ?? 0) + (end?.index ?? segment.text.length);
  const forAll = { ...segment, text: segment.text.slice(upto), start: segment.start + upto };
  const pieces = named.map(({ index, 0: written, groups }, i): Piece => {
    const text = segment.text.slice(index, named[i + 1]?.index ?? upto);
    // The name stands before a colon, so that the size counts as that of a kind.
    const headed =
      `${written.trimEnd().replace(/(?: (?:run|come|are|appear|reproduce)(?: (?:printed|shown))?)? (?:at|of)$|:$/i, '')}:`.padEnd(
        written.length,
      );
    const own = headed.slice(0, written.length) + text.slice(written.length);
    return {
      ...segment,
      text: own,
      start: segment.start + index,
      kind: (groups?.['name'] ?? '').toLowerCase(),
    };
  });
  return forAll.text ? [...pieces, forAll] : pieces;
}

const NAMED_AS =
  /\bthe (?<name>[a-z-]+) (?:pictures?|images?|photos?|files?|versions?) as an? (?=[^,;.]{0,20}\b(?:jpe?g|tiff?|png)\b)/gi;

/** "The cover picture as a TIFF of …, and the back picture as a JPEG of …". */
function splitNamed(segment: Segment): Segment[] {
  const names = [...segment.text.matchAll(NAMED_AS)];
  const [first] = names;
  if (!first || new Set(names.map(m => m.groups?.['name'])).size < names.length) return [segment];
  const pieces = names.map((match, i): Piece => ({
    ...segment,
    text: segment.text.slice(match.index, names[i + 1]?.index),
    start: segment.start + match.index,
    kind: (match.groups?.['name'] ?? '').toLowerCase(),
  }));
  // What stands before the first of them is meant for all.
  const lead = { ...segment, text: segment.text.slice(0, first.index) };
  return pieces.length > 1 ? [lead, ...pieces] : [segment];
}

/** "Photograph (", "a panorama (", "two details of it (". */
const BRACKETED =
  /\b(?:(?<article>(?:up to )?(?:an?|one|two|three|four|five|six|eight|ten|eleven|twelve)|your|the) (?:(?:set|series|pair) of )?)?(?<name>[a-z-]+(?: [a-z-]+)?)(?: of (?:(?:you|me|yourself)(?: (?:at|in|on) (?:your )?[a-z]+)?|it|them|each|the same|(?:the|your|an?) [a-z]+(?: [a-z]+)?(?= (?:as well|too) \()|(?:the|your|an?) [a-z]+)| (?:now|ready|later|first|then|too|as well))? \([^()]*\d[^()]*\)/gi;

/** "3000 px (long side, JPEG, 6 MB) for the print and 1000 px (long side, JPEG, 400 KB) for the screen". */
const SIZED_FOR =
  /\b\d{3,5}(?: ?[x×] ?\d{3,5})? ?(?:px|pixels)?[^;.()\d]{0,24}\([^()]*\) for (?:the |our |your )?(?<use>[a-z]+(?: page)?)/gi;

function splitSizedFor(segment: Segment): Segment[] {
  const sized = [...segment.text.matchAll(SIZED_FOR)].map(m => ({
    kind: (m.groups?.['use'] ?? '').toLowerCase(),
    from: m.index,
    to: m.index + m[0].length,
  }));
  const [first] = sized;
  if (!first || sized.length < 2 || new Set(sized.map(s => s.kind)).size < sized.length) return [segment];
  const pieces = sized.map(({ kind, from, to }): Piece => ({
    ...segment,
    text: segment.text.slice(from, to),
    start: segment.start + from,
    kind: labelOf(`${kind} file`) ?? kind,
  }));
  return [{ ...segment, text: segment.text.slice(0, first.from) }, ...pieces];
}

/** "A photograph (JPG, 200 × 230 px) and a signature (JPG, 140 × 60 px)": each with what its bracket says. */
const OF_ONE_SHAPE =
  /^(?:landscape|portrait|horizontal|vertical|upright|square) (?:pictures?|images?|photos?|photographs?|ones?|files?|formats?)$|^(?:landscape|upright|vertical)s?$/i;

function splitBracketed(segment: Segment): Segment[] {
  const named = [...segment.text.matchAll(BRACKETED)].flatMap(m => {
    const { name = '', article } = m.groups ?? {};
    // "TIFF (300 ppi) for the archive plus JPEG (1500 px) for the catalogue".
    const use = /^ for (?:the |our )?(?<use>[a-z]+)/i.exec(segment.text.slice(m.index + m[0].length))
      ?.groups?.['use'];
    if (OF_ONE_SHAPE.test(name)) return [];
    const called = A_FORMAT.test(name) ? use : article && name.replace(/s$/, '');
    const kind = labelOf(name) ?? called?.toLowerCase();
    return kind && MEASURED.test(m[0]) ? [{ kind, from: m.index }] : [];
  });
  const [first] = named;
  if (!first || named.length < 2 || new Set(named.map(n => n.kind)).size < named.length) return [segment];
  const lead = { ...segment, text: segment.text.slice(0, first.from) };
  const pieces = named.map(({ kind, from }, i): Piece => ({
    ...segment,
    text: segment.text.slice(from, named[i + 1]?.from),
    start: segment.start + from,
    kind,
  }));
  return [...(lead.text.trim() ? [lead] : []), ...pieces];
}

/** Whether a sentence names kinds of file with all that is asked of each in brackets: format, size and more. */
export function isBracketed(segment: Segment): boolean {
  const pieces = splitBracketed(segment).filter(piece => 'kind' in piece);
  return (
    pieces.length > 1 &&
    (pieces.every(({ text }) => A_FORMAT.test(text) && MEASURED.test(text)) ||
      pieces.every(({ text }) => /\d ?[x×] ?\d{3,}/.test(text)))
  );
}

/** "A JPEG of 1600 px for judging and a 16-bit TIFF for printing": one sentence that asks for two kinds of file. */
export function splitWithin(segment: Segment): Segment[] {
  const sized = splitSizes(segment);
  if (sized.length > 1) return sized;
  const named = splitNamed(segment);
  if (named.length > 1) return named;
  const sizedFor = splitSizedFor(segment);
  if (sizedFor.length > 1) return sizedFor;
  const bracketed = splitBracketed(segment);
  if (bracketed.length > 1) return bracketed;
  const starts = [...segment.text.matchAll(PIECE)].map(
    m => m.index + (m[0].length - m[0].trimStart().length),
  );
  // "A 16-bit TIFF for judging, plus an 8-bit JPEG of 1200 pixels": the first may stand under a heading of its own.
  const [only] = starts;
  const lead = segment.text.slice(0, only);
  if (
    starts.length === 1 &&
    only &&
    /\bplus\s*$|^plus\b/i.test(lead + segment.text.slice(only, only + 5)) &&
    A_FORMAT.test(lead)
  )
    starts.unshift(0);
  // "Two versions of every picture: one …" only leads up to them.
  if (
    /:\s*$/.test(segment.text.slice(starts[0], starts[1])) &&
    !MEASURED.test(segment.text.slice(starts[0], starts[1]))
  )
    starts.shift();
  if (starts.length < 2) return [segment];
  const pieces = starts.map((from, i): Piece => {
    const text = segment.text.slice(from, starts[i + 1]);
    const purpose = /\b(?:for|to) (?:the |our |be |a )?(?<use>[a-z-]+)\b/i.exec(text)?.groups?.['use'];
    const lead =
      /^(?:(?:and|plus|send|supply|submit|upload|provide|deliver|need|want|us) )*for (?:the |our |your )?(?<use>[a-z]+)/i.exec(
        text,
      )?.groups?.['use'];
    if (lead) return { ...segment, text, start: segment.start + from, kind: labelOf(`${lead} file`) ?? lead };
    const kind =
      labelOf(text.replace(A_FORMAT, ' ')) ??
      purpose ??
      A_FORMAT.exec(text)?.[0] ??
      /^(?:(?:and|plus) )?(?:an?|one) (?<what>[a-z-]+)/i.exec(text)?.groups?.['what'];
    return { ...segment, text, start: segment.start + from, kind: (kind ?? '').toLowerCase() };
  });
  const isApart =
    pieces.every(p => MEASURED.test(p.text) && (A_FORMAT.test(p.text) || A_MEASURE.test(p.text)) && p.kind) &&
    new Set(pieces.map(p => p.kind)).size === pieces.length;
  if (!isApart) return [segment];
  const first = segment.text.slice(0, starts[0]).trim();
  return [...(first ? [{ ...segment, text: first }] : []), ...pieces];
}

import { A_FORMAT, A_MEASURE, ITEM_MARK, labelOf, SPEC } from './kind-words.ts';
import { withoutNames } from './name-examples.ts';
import type { Segment } from './segments.ts';
import type { Group } from './group.ts';
import { oneOf } from './word-lists.ts';

/** Kinds of file that running sentences tell apart. */

/** "The large version is …, the small one …": groups of sentences, or one group without a label. */
export function splitSentences(whole: readonly Segment[]): Group[] {
  const segments = whole.flatMap(splitWithin);
  const common: Group = { label: undefined, segments: [] };
  const groups: Group[] = [];
  for (const segment of segments) {
    const label = labelOfSentence(segment, groups);
    if (!label) {
      common.segments.push(segment);
      continue;
    }
    const known = groups.find(g => g.label === label);
    if (known) known.segments.push(segment);
    else groups.push({ label, segments: [segment] });
  }
  const kinds = groups.filter(g => g.segments.some(s => MEASURED.test(s.text) && !isOfMount(s.text)));
  if (kinds.length >= 2 && kinds.some(g => g.label !== 'portrait')) return [common, ...kinds];
  const added =
    kinds.length > 1
      ? undefined
      : (readPaired(whole) ?? readOrdered(whole) ?? readAdded(whole) ?? readForUse(whole));
  if (added) return added;
  const [extra] = kinds;
  if (
    extra &&
    kinds.length === 1 &&
    extra.segments.some(s => ADDED.test(s.text) || ASKED_LATER.test(s.text)) &&
    common.segments.some(s => SPEC.test(s.text))
  )
    return besides(common.segments, extra);
  return [{ label: undefined, segments: [...whole] }];
}

/**
 * A file that a text is about and one more. What stands behind both and says nothing of size, format or weight is meant
 * for both.
 */
export function besides(others: readonly Segment[], extra: Group): Group[] {
  const isForBoth = (s: Segment) => !SPEC.test(s.text) && s.start > (extra.segments[0]?.start ?? Infinity);
  const main: Group = { label: 'screen', segments: others.filter(s => !isForBoth(s)) };
  const specified = main.segments.find(s => MEASURED.test(s.text))?.start ?? 0;
  const kinds = (extra.segments[0]?.start ?? 0) < specified ? [extra, main] : [main, extra];
  return [{ label: undefined, segments: others.filter(isForBoth) }, ...kinds];
}

/** "Prints must be mounted on card of 50 × 40 cm" asks for no file. */
const isOfMount = (text: string) =>
  /\b(?:mount(?:s|ed|ing)?|card|hung|framed)\b/i.test(text) &&
  !A_FORMAT.test(text) &&
  !A_MEASURE.test(text.replace(/\d+\s*[x×]\s*\d+\s*[cm]m/g, ''));

const MEASURED = /\d[\s-]*(?:px|pixels?|kb|mb|mm|cm|ppi|dpi|bits?)|\d\s*[x×]\s*\d/i;

function labelOfSentence(segment: Segment, known: readonly Group[]): string | undefined {
  const { text } = segment;
  if ('kind' in segment) return (segment as Piece).kind;
  if (!SPEC.test(text)) return undefined;
  const own =
    leadingLabel(text) ?? (ADDED_FOR.test(text) ? 'small' : ASKED_LATER.test(text) ? 'print' : undefined);
  return own ?? byFormat(text, known);
}

/** "The TIFF must …": a sentence about the one kind of file that has this format. */
function byFormat(text: string, known: readonly Group[]): string | undefined {
  const format = /^(?:the |your |each )?(jpe?g|tiff?|png)s?\b/i.exec(text)?.[1]?.slice(0, 1).toLowerCase();
  const having = known.filter(
    g => format && new RegExp(`\\b${format}(?:pe?g|iff?|ng)s?\\b`, 'i').test(g.segments[0]?.text ?? ''),
  );
  return having.length === 1 ? having[0]?.label : undefined;
}

/** A part of a sentence that speaks of one kind of file. */
interface Piece extends Segment {
  kind: string;
}

const PIECE =
  /(?:^|(?<=[,;:(–—])\s*|\b(?:and|plus)\s+(?:also\s+)?|\b(?:send|supply|submit|upload|provide|deliver|need|want)(?: us)?\s+)(?:for (?:the |our |your )?[a-z]+,? )?(?:once (?:as )?)?(?:an?|one|the other|your|\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(?=(?:[^\s,;:.]+\s+){0,6}?\(?(?:jpe?g|tiff?|png|file|version|copy|images?|photos?|pictures?|close-up|detail|overview|portrait)\b)/gi;

/** "Half-page pictures at 170 × 110 mm, full-page pictures at 170 × 240 mm": each size with its name, as a line of its own. */
const SIZED =
  /\b(?<name>[A-Za-z]{2,20}(?:-[a-z]{2,12})?) (?:pictures|images|photos|photographs|plates|files)(?:(?: (?:run|come|are|are printed|are shown|appear|reproduce))? (?:at|of)|:)? (?=\d+ ?[x×] ?\d+ ?(?:mm|cm|px|pixels))/g;
const OF_SHAPE = /^(?:landscape|portrait|horizontal|vertical|upright|square|all|your|our|the|both)$/i;

function splitSizes(segment: Segment): Segment[] {
  const named = [...segment.text.matchAll(SIZED)].filter(m => !OF_SHAPE.test(m.groups?.['name'] ?? ''));
  if (named.length < 2) return [segment];
  // "…, in each case at 300 ppi".
  const end = /,? (?:(?:in (?:each|both) cases?|both|each|all)\b)/i.exec(
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

/** "A photograph (JPG, 200 × 230 px) and a signature (JPG, 140 × 60 px)": each with what its bracket says. */
function splitBracketed(segment: Segment): Segment[] {
  const named = [...segment.text.matchAll(/\b(?<name>[a-z-]+(?: [a-z-]+)?) \([^()]*\d[^()]*\)/gi)].flatMap(
    m => {
      const name = m.groups?.['name'] ?? '';
      // "TIFF (300 ppi) for the archive plus JPEG (1500 px) for the catalogue".
      const use = /^ for (?:the |our )?(?<use>[a-z]+)/i.exec(segment.text.slice(m.index + m[0].length))
        ?.groups?.['use'];
      const kind = labelOf(name) ?? (A_FORMAT.test(name) ? use?.toLowerCase() : undefined);
      return kind && MEASURED.test(m[0]) ? [{ kind, from: m.index }] : [];
    },
  );
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

/** "A JPEG of 1600 px for judging and a 16-bit TIFF for printing": one sentence that asks for two kinds of file. */
export function splitWithin(segment: Segment): Segment[] {
  const sized = splitSizes(segment);
  if (sized.length > 1) return sized;
  const named = splitNamed(segment);
  if (named.length > 1) return named;
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

/** "For viewing we also need an access copy: a JPEG of 2000 pixels", "in addition we ask for a portrait (JPEG, …)". */
const ALSO_ASKED = new RegExp(
  `^(?:for [^,.;]{3,40}?,? )?${oneOf`
    (?:we|you) (?:(?:will|shall) )?(?:also|further|additionally) (?:need|ask|require|want|supply|send|upload|provide)
    (?:in addition|additionally|besides|furthermore)\b[^.;]{0,40}?\b(?:need|ask|require|want|supply|send|upload|provide|include)
    please also (?:send|supply|include|provide|upload)
    (?:in addition|additionally|also|plus)(?= ?[:,]? (?:an?|one) )[:,]?
  `}(?: for| us| to| in| up)?\\s+(?:a |an |one )(?<what>[a-z][a-z -]{2,30}?)(?=\\s*(?:[:,(.]| [–—-] | of | for | in | as | with ))`,
  'i',
);

/** "Layout plan: a further JPEG, 1920 × 1280 pixels". */
const ADDED_AS = /^(?<what>[A-Z][a-z]+(?: [a-z]+){0,2}): (?:an?|one) (?:further|additional|extra|second)\b/;

/** What a sentence asks for in addition. */
const askedToo = ({ text }: Segment) =>
  (ALSO_ASKED.exec(text) ?? ADDED_AS.exec(text))?.groups?.['what']?.trim().toLowerCase();

/** One more kind of file that a later sentence asks for, and the sentences that go on about it. */
function readAdded(segments: readonly Segment[]): Group[] | undefined {
  const at = segments.findIndex(
    s => askedToo(s) !== undefined && (A_FORMAT.test(s.text) || A_MEASURE.test(s.text)),
  );
  const asked = segments[at];
  const what = asked && askedToo(asked);
  if (at < 1 || !what || !segments.slice(0, at).some(s => SPEC.test(s.text))) return undefined;
  const isOfIt = (segment: Segment, i: number) =>
    i === at ||
    segment.text.toLowerCase().startsWith(`the ${what}`) ||
    (i === at + 1 && /^(?:it|this|that)\b/i.test(segment.text));
  return besides(
    segments.filter((s, i) => !isOfIt(s, i)),
    { label: labelOf(what) ?? what, segments: segments.filter(isOfIt) },
  );
}

/** "Two images are required: one of the whole work, and one detail. Both are to be …" */
const PAIRED =
  /\b(?:two|2|two \(2\)|both) (?:images?|files?|versions?|pictures?|photographs?|copies|jpe?gs?)\b[^:]{0,40}:\s*(?:one|an?) (?:of (?:the )?|for (?:the )?|as an? )?(?<first>[a-z][a-z -]{2,44}?)(?:\s*\([^()]*\))?,?;? (?:and )?(?:one|the other|another|an?) (?:of (?:the |an? )?|for (?:the )?|as an? )?(?<second>[a-z-]+(?: [a-z-]+){0,2}?)(?: (?:taken|made|from|of|with|in)\b[^.;:]*)?[.,;]?$/i;

/** Two kinds of file that are asked alike, each with what a later sentence says of it alone. */
function readPaired(segments: readonly Segment[]): Group[] | undefined {
  const names = segments.map(s => PAIRED.exec(s.text)?.groups).find(groups => groups !== undefined);
  const [first, second] = [names?.['first'], names?.['second']];
  if (!first || !second || first === second) return undefined;
  const isOf = (segment: Segment, name: string) =>
    new RegExp(`^(?:the|for the) (?:\\w+ ){0,3}${name.split(/\s+/).at(-1) ?? name}\\b`, 'i').test(
      segment.text,
    );
  return [
    { label: undefined, segments: segments.filter(s => !isOf(s, first) && !isOf(s, second)) },
    { label: first.toLowerCase(), segments: segments.filter(s => isOf(s, first)) },
    { label: second.toLowerCase(), segments: segments.filter(s => isOf(s, second)) },
  ];
}

const FIRST = /^(?:the first|one|number one)\b(?! (?:picture|image|file|photo\w*|entry|work|jpe?g|\d))/i;
const SECOND = /^(?:the (?:second|other)|number two)\b/i;

/** "The first shows the whole lot and is …. The second is a square detail, …": two kinds that are counted. */
function readOrdered(segments: readonly Segment[]): Group[] | undefined {
  const from = segments.findIndex(s => FIRST.test(s.text) && A_MEASURE.test(s.text));
  const to = segments.findIndex((s, i) => i > from && SECOND.test(s.text) && A_MEASURE.test(s.text));
  if (from < 0 || to < 0) return undefined;
  const goesOn = (i: number) =>
    /^(?:it|this|that)\b/i.test(segments[i]?.text ?? '') && SPEC.test(segments[i]?.text ?? '');
  let end = to + 1;
  while (goesOn(end)) end += 1;
  const named = (group: readonly Segment[], otherwise: string) => ({
    label: labelOf(group.map(s => s.text).join(' ')) ?? otherwise,
    segments: group.slice(),
  });
  const kinds = [named(segments.slice(from, to), 'first'), named(segments.slice(to, end), 'second')];
  if (kinds[0]?.label === kinds[1]?.label) kinds.forEach((kind, i) => (kind.label = i ? 'second' : 'first'));
  return [{ label: undefined, segments: segments.filter((_, i) => i < from || i >= end) }, ...kinds];
}

/** "For a first look a JPEG of at most 2 MB is enough": a further file, where the others are told apart by format and size. */
const FOR_USE =
  /^for (?:an? |the |our |your )?(?<use>(?!(?:landscape|portrait|upright|vertical|horizontal|square|colou?r|mono\w*|all|each|every|example|instance|images?|pictures?|photo\w*|files?|entries|best)\b)[a-z][a-z -]{2,24}?),? (?:we (?:need|ask|want|require)\b|please\b|send\b|supply\b|an?\b|one\b)/i;

function readForUse(segments: readonly Segment[]): Group[] | undefined {
  const at = segments.findIndex(s => FOR_USE.test(s.text) && A_FORMAT.test(s.text) && MEASURED.test(s.text));
  const use = FOR_USE.exec(segments[at]?.text ?? '')?.groups?.['use']?.toLowerCase();
  const others = segments.filter((_, i) => i !== at);
  const isWhole =
    others.some(s => A_FORMAT.test(withoutNames(s.text))) &&
    others.some(s => /\d\s*(?:px|pixels?|mm|cm)/i.test(s.text));
  if (at < 1 || !use || !isWhole) return undefined;
  return besides(others, { label: labelOf(`${use} file`) ?? use, segments: segments.slice(at, at + 1) });
}

/** "In addition a portrait …": one more kind of file beside the one that the text is about. */
const ADDED =
  /^(?:(?:if|when|once)\b[^.:]{0,60}\b(?:accepted|selected|chosen|short-?listed)|please also|in addition|additionally|also|plus|as well|you also need|we also need|and also)\b/i;

/** "If your work is accepted we will ask for print files: TIFF …" */
const ASKED_LATER =
  /^(?:[-*•–·]\s*)?(?:(?:(?:short-?listed|selected|successful|accepted) \w+|winners?|finalists?) (?:will|must|have to|are)\b[^.:]{0,80}\b(?:tiff?s?|files?|versions?)\b|(?:if|when|once)\b[^.:]{0,60}\b(?:accepted|selected|chosen|short-?listed|publish(?:ed)?)\b[^.:]{0,60}\b(?:prints?|files?|versions?|tiffs?)\b)/i;

/** "Please also send a JPEG for our website": a further file, told by what it is for. */
const ADDED_FOR =
  /^(?:please )?(?:also|in addition|additionally)\b[^:.]{0,70}\b(?:for|to) (?:our|the) (?:web ?site|web|screen|social media|newsletter|catalogue)\b/i;

function leadingLabel(whole: string): string | undefined {
  const text = whole.replace(ITEM_MARK, '');
  const head =
    /^(?:(?:and|also|then|plus|secondly|firstly|finally|first|second|in addition|additionally|we also need|you also need),? )?(?:for |as )?(?:the|a|an|your|each|one|all)?\s*((?:\S+\s+){0,2}?\S+?)(?=\s+(?:is|are|must|should|has|have|may|of|in|at|with|for|needs?|no)\b|[:,(–—-])/i.exec(
      text,
    )?.[1];
  if (!head || head.length > 40) return undefined;
  const label = labelOf(head);
  // "Photographs must be …" begins most texts that ask for one kind of file alone.
  return label === 'portrait' && /s$/i.test(head) ? undefined : label;
}

import { A_FORMAT, A_MEASURE, ITEM_MARK, labelOf, SPEC } from '../common/kind-words.ts';
import { withoutNames } from '../common/name-examples.ts';
import type { Segment } from '../common/segments.ts';
import type { Group } from '../common/group.ts';
import { MEASURED, splitWithin, type Piece } from './split-within.ts';

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
  const added = kinds.length > 1 ? undefined : (readPaired(whole) ?? readOrdered(whole) ?? readForUse(whole));
  if (added) return added;
  const [extra] = kinds;
  if (
    extra &&
    kinds.length === 1 &&
    extra.segments.some(s => [ADDED, ADDED_FOR, ASKED_LATER].some(words => words.test(s.text))) &&
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
  const first = others.find(s => SPEC.test(s.text))?.start ?? 0;
  const isForBoth = (s: Segment) =>
    !SPEC.test(s.text) && (s.start > (extra.segments[0]?.start ?? Infinity) || s.start < first);
  const own = others.filter(s => !isForBoth(s));
  // "Your large file must be …" says what it is called.
  const [called] = own.flatMap(s => MAIN.exec(s.text.replace(ITEM_MARK, ''))?.groups?.['kind'] ?? []);
  const label = called === undefined ? 'main' : (labelOf(`${called} file`) ?? called.toLowerCase());
  const main: Group = { label: label === extra.label ? 'main' : label, segments: own };
  const specified = main.segments.find(s => MEASURED.test(s.text))?.start ?? 0;
  const kinds = (extra.segments[0]?.start ?? 0) < specified ? [extra, main] : [main, extra];
  return [{ label: undefined, segments: others.filter(isForBoth) }, ...kinds];
}

const MAIN =
  /^(?:the|your|each) (?<kind>large|main|big|full-size|print|final) (?:file|version|image|picture|copy)\b/i;

/** "Prints must be mounted on card of 50 × 40 cm" asks for no file. */
const isOfMount = (text: string) =>
  /\b(?:mount(?:s|ed|ing)?|card|hung|framed)\b/i.test(text) &&
  !A_FORMAT.test(text) &&
  !A_MEASURE.test(text.replace(/\d+\s*[x×]\s*\d+\s*[cm]m/g, ''));

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
  const from = segments.findIndex(s => FIRST.test(s.text) && MEASURED.test(s.text));
  const to = segments.findIndex((s, i) => i > from && SECOND.test(s.text) && MEASURED.test(s.text));
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
  /^(?:[-*•–·]\s*)?(?:(?:(?:short-?listed|selected|successful|accepted) \w+|winners?|finalists?) (?:will|must|have to|are)\b[^.:]{0,80}\b(?:tiff?s?|files?|versions?)\b|if we (?:take|accept|choose|use|print|publish|say yes|like|want)\b[^.:]{0,40}\b(?:ask (?:you )?for|we (?:will )?need)\b[^.]{0,30}\b(?:files?|versions?|tiffs?|tiff)\b|(?:if|when|once)\b[^.:]{0,60}\b(?:accepted|selected|chosen|short-?listed|publish(?:ed)?)\b[^.:]{0,60}\b(?:prints?|files?|versions?|tiffs?)\b)/i;

/** "Please also send a JPEG for our website", "Submit first as small JPEGs": a further file, told by what it is for. */
const ADDED_FOR =
  /^(?:please )?(?:first,? )?(?:submit|send|upload|enter)(?: them| these)?(?: first)?(?: only)?(?: as)? (?:small|low-res\w*|reduced) (?:jpe?gs|files|copies|versions)(?<=\bfirst\b.*)|^(?:please )?(?:also|in addition|additionally)\b[^:.]{0,70}\b(?:for|to) (?:our|the) (?:web ?site|web|screen|social media|newsletter|catalogue)\b/i;

function leadingLabel(whole: string): string | undefined {
  const text = whole.replace(ITEM_MARK, '');
  const head =
    /^(?:(?:and|also|then|plus|secondly|firstly|finally|first|second|in addition|additionally|we also need|you also need),? )?(?:for |as )?(?:the|a|an|your|each|one|all)?\s*((?:\S+\s+){0,2}?\S+?)(?=\s+(?:is|are|must|should|has|have|may|of|in|at|with|for|needs?|no)\b|[:,(–—-])/i.exec(
      text,
    )?.[1];
  if (!head || head.length > 40 || /^(?:we|you|they|i)\b/i.test(head)) return undefined;
  const label = labelOf(head);
  // "Photographs must be …" begins most texts that ask for one kind of file alone.
  return label === 'portrait' && /s$/i.test(head) ? undefined : label;
}

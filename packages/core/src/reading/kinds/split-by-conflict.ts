import { isAdvisedAt } from '../common/advice.ts';
import type { Found } from '../common/found.ts';
import { ITEM_MARK, labelOf, PROPERTY } from '../common/kind-words.ts';
import { readPpi } from '../size/read-density.ts';
import { readColourSpace, readFormats } from '../file/read-kind.ts';
import { readSimple } from '../file/read-simple.ts';
import { readPhysical } from '../size/read-print.ts';
import { readSize } from '../size/read-size.ts';
import { readWeight } from '../file/read-weight.ts';
import type { Segment } from '../common/segments.ts';
import type { Group } from '../common/group.ts';
import { FOR_ALL } from './split-headings.ts';

/**
 * Kinds of file that nothing but their figures tells apart. A sentence that says two and more things of a file (format,
 * size, weight, colour) describes a file whole; two such sentences that differ in two and more of them describe two
 * files. A text that contradicts itself differs in one.
 */

type Aspect = 'size' | 'weight' | 'formats' | 'colour' | 'bits' | 'ppi';
export type Facts = Map<Aspect, string>;
/** The same where nobody may change it. */
type Told = ReadonlyMap<Aspect, string>;

const ASPECTS: Readonly<Record<string, Aspect>> = {
  width: 'size',
  height: 'size',
  longEdge: 'size',
  shortEdge: 'size',
  bytesMax: 'weight',
  formats: 'formats',
  colourSpace: 'colour',
  bitDepth: 'bits',
  ppi: 'ppi',
};

/** What is known of a sentence already: several ways of splitting a text ask for it. */
const known = new WeakMap<Segment, Told>();

/** What a sentence says of a file, advice left out. */
export function aspectsOf(segment: Segment): Told {
  const facts = known.get(segment) ?? readAspects(segment);
  known.set(segment, facts);
  return facts;
}

/** What sentences say of a file together; of two that say the same thing the later counts. */
export function factsOf(segments: readonly Segment[]): Facts {
  return new Map(segments.flatMap(segment => [...aspectsOf(segment)]));
}

function readAspects(segment: Segment): Facts {
  const found: Found[] = [
    ...readSize(segment, undefined),
    ...readWeight(segment),
    ...readFormats(segment),
    ...readColourSpace(segment),
    ...readSimple(segment),
    ...readPpi(segment),
  ];
  const facts: Facts = new Map();
  for (const { field, value, advice, start } of found) {
    const aspect = ASPECTS[field];
    if (!aspect || advice || isAdvisedAt(segment.text, start - segment.start)) continue;
    facts.set(aspect, `${facts.get(aspect) ?? ''}${field}${JSON.stringify(value)}`);
  }
  const printed = readPhysical(segment);
  if (printed && !facts.has('size')) facts.set('size', `${printed.widthIn}x${printed.heightIn}`);
  return facts;
}

/** "1600 × 1200" and "1600 on the long edge" can be said of one file: sides that are named differently, the greatest the same. */
function isAlike(aspect: Aspect, a: string, b: string, isNamed = false): boolean {
  if (a === b) return true;
  const numbers = (value: string) => (value.match(/\d+/g) ?? []).join();
  // "1400 × 1050" bare in one place and as a limit in another is the same size.
  if (aspect === 'size' && numbers(a) === numbers(b)) return true;
  if (isNamed) return false;
  const isBox = (value: string) => /width|height/.test(value);
  const greatest = (value: string) => Math.max(...(value.match(/\d+/g) ?? []).map(Number));
  return aspect === 'size' && isBox(a) !== isBox(b) && greatest(a) === greatest(b);
}

/** Whether two sentences describe two files. "JPEG up to 5 MB, PNG up to 10 MB" differ in format and weight alone: a choice. */
export function areApart(a: Told, b: Told, isNamed: boolean): boolean {
  const different = [...a].flatMap(([aspect, value]) =>
    b.has(aspect) && !isAlike(aspect, value, b.get(aspect) ?? '', isNamed) ? [aspect] : [],
  );
  // Under names of their own, sizes alone tell them apart.
  if (isNamed && (different.includes('size') || different.includes('formats'))) return true;
  return different.length >= 2 && different.some(aspect => aspect !== 'formats' && aspect !== 'weight');
}

const isSame = (a: Told, b: Told, isNamed: boolean) =>
  [...a].every(([aspect, value]) => isAlike(aspect, value, b.get(aspect) ?? value, isNamed));

/** Sentences that go on about the file of the sentence before. */
const GOES_ON = /^(?:it|this|that|these|they|the same)\b/i;

interface Described extends Group {
  facts: Facts;
  /** The name in front of its first sentence. */
  head: string | undefined;
}

/** "Half-page pictures: …": a name that stands for more than a shape or a property. */
export function headOf({ text }: Segment): string | undefined {
  const own = text.replace(ITEM_MARK, '');
  const copy = subjectOf({ text });
  if (copy) return copy.toLowerCase();
  const head = /^(?!(?:what|how|where|when|who|why)\b)(?<head>[A-Za-z][A-Za-z -]{2,30}):\s/i.exec(own)
    ?.groups?.['head'];
  return head && !PROPERTY.test(head) && !OF_SHAPE.test(head) ? head.toLowerCase() : undefined;
}

/** "The archive copy is …", "the layout image must …". */
export function subjectOf({ text }: Pick<Segment, 'text'>): string | undefined {
  const subject = OF_SUBJECT.exec(text.replace(ITEM_MARK, ''))?.groups?.['head'];
  return subject && !OF_SHAPE.test(subject) && !UNTOLD.test(subject) ? subject : undefined;
}

const OF_SUBJECT =
  /^The (?<head>(?:[a-z-]+ ){1,2}(?:cop(?:y|ies)|files?|versions?|images?|pictures?|photos?|photographs?|scans?|shots?)) (?:is|are|must|should|has|have|will)\b/i;
/** Words that go with pictures of any kind. */
const UNTOLD =
  /^(?:digital|projected|submitted|entered|uploaded|actual|final|finished|digitised|competition|entry|above|said|smaller|larger|resulting|edited|original|image) /i;
const OF_SHAPE =
  /\b(?:landscape|portrait|horizontal|vertical|upright|squares?|panoram\w*|colou?r|mono\w*|round|now|before|old|new|either|both|all)\b/i;

/** @returns undefined where all that is said may be said of one kind of file */
export function splitByConflict(segments: readonly Segment[]): Group[] | undefined {
  const facts = segments.map(aspectsOf);
  const groups: Described[] = [];
  const groupOf = new Map<Segment, Described>();
  for (const [i, segment] of segments.entries()) {
    const own = facts[i];
    const head = headOf(segment) ?? kindOf(segment);
    // "Double-page pictures: 420 × 270 mm; single-page pictures: …": under a name a size is enough.
    if (!own || own.size < (head !== undefined && own.has('size') ? 1 : 2)) continue;
    /** Under names of their own: "The ten pictures …", "the layout image …". */
    const isNamed = (g: Described) => head !== undefined && g.head !== undefined && g.head !== head;
    let group = groups.find(g => isSame(g.facts, own, isNamed(g)));
    const isApart = (g: Described) => areApart(g.facts, own, isNamed(g));
    if (!group && !groups.every(isApart)) return undefined;
    if (!group) groups.push((group = { label: undefined, segments: [], facts: new Map(), head }));
    for (const [aspect, value] of own) group.facts.set(aspect, value);
    groupOf.set(segment, group);
  }
  if (groups.length < 2) return undefined;
  // "TIFF, 8 bits, Adobe RGB" on a line of its own, where every kind has a size and none of these, is meant for all.
  for (const [segment, group] of [...groupOf]) {
    const own = [...(facts[segments.indexOf(segment)]?.keys() ?? [])];
    const isAlone = [...groupOf.values()].filter(g => g === group).length < 2;
    if (!isAlone && !groups.some(g => g !== group && own.some(aspect => g.facts.has(aspect))))
      groupOf.delete(segment);
  }
  const common: Segment[] = [];
  segments.forEach((segment, i) => {
    const before = segments[i - 1];
    const goesOn = before && GOES_ON.test(segment.text) ? groupOf.get(before) : undefined;
    const group =
      groupOf.get(segment) ??
      goesOn ??
      (FOR_ALL.test(segment.text) ? undefined : besideOnLine(segment, groupOf));
    (group?.segments ?? common).push(segment);
  });
  const names = groups.map(nameOf);
  return [
    { label: undefined, segments: common },
    ...groups.map((group, i) => {
      const name = names[i] ?? 'file';
      const isAlone = names.indexOf(name) === names.lastIndexOf(name);
      return { label: isAlone ? name : `${name} ${i + 1}`, segments: group.segments };
    }),
  ];
}

/** The one file that is described on the line of a sentence. */
function besideOnLine({ line }: Segment, groupOf: ReadonlyMap<Segment, Described>): Described | undefined {
  const near = new Set([...groupOf].flatMap(([segment, group]) => (segment.line === line ? [group] : [])));
  return near.size === 1 ? [...near][0] : undefined;
}

/** "Record shots are …": what a sentence speaks of, where that is more than files as such. */
const SUBJECT =
  /^(?:the |your |each |an? )?(?!(?:it|they|this|that|these|files?|images?|pictures?|photos?|entries|please|send|we|you)\b)(?<name>[a-z][a-z-]+(?: [a-z-]+)?) (?:is|are|must|should|has|have)\b/i;

/** The kind that a sentence names, what it is for, or what it speaks of. */
export function nameOf({ segments, head }: Pick<Described, 'segments' | 'head'>): string {
  const [first] = segments;
  const text = (first?.text ?? '').replace(ITEM_MARK, '');
  const purpose =
    /\bfor (?:the |our |your |an? )?(?<use>(?!(?:that|this|it|us|you|them|these)\b)[a-z][a-z-]+)/i.exec(text)
      ?.groups?.['use'];
  const counted = /^the (first|second|third|other)\b/i.exec(text)?.[1];
  // "Main picture (JPEG, 2000 px); up to four further pictures (…)", "the cover picture as a TIFF".
  const named =
    /^(?:up to \w+ |the )?(?<kind>[a-z][a-z-]+ (?:pictures?|images?|photos?|files?|versions?)) (?:\(|as an? )/i.exec(
      text,
    )?.groups?.['kind'];
  const subject = counted ?? named ?? SUBJECT.exec(text)?.groups?.['name'];
  return (
    labelOf(text.split(/[:,(\d]/)[0] ?? '') ??
    (purpose ?? subject)?.toLowerCase() ??
    head ??
    kindOf(first) ??
    'file'
  );
}

/** What a piece of a sentence was cut out for. */
const kindOf = (piece: Segment | undefined) =>
  piece && 'kind' in piece && typeof piece.kind === 'string' ? piece.kind : undefined;

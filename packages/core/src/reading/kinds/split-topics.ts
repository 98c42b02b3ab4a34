import type { Group } from '../common/group.ts';
import { A_MEASURE, ITEM_MARK, isOfProperty, labelOf, OF_TEXT } from '../common/kind-words.ts';
import { NOUN, THE, UNTOLD } from '../common/picture-nouns.ts';
import type { Segment } from '../common/segments.ts';
import { areApart, aspectsOf, factsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * Kinds of file that sentences speak of in turn, each sentence going on about the one that was named last: "Gallery
 * images need a width of at least 1600 pixels. Keep each under 5 MB. The cover image is 1920 × 640 pixels. JPG only."
 */

const VERB =
  '(?:is|are|must|should|shall|has|have|needs?|may|can|cannot|will|goes|go|measures?|comes?|takes?|wants?|requires?)\\b';
const DO =
  '(?:upload|send|supply|submit|save|provide|make|export|deliver|prepare|resize|scale|crop|add|include|attach|keep)';

/** Where pictures of one kind are shown. */
const PLACE =
  '(?:(?:foyer |big |info |hall )?screen|window|newspaper|guide|map|web ?site|brochure|leaflet|programme(?: book)?|year-?book|app|newsletter|invitation|flyer|folder|handbook|press(?: folder| kit)?|poster|annual report)';

/** What names the kind of file that a sentence is about. */
const NAMED_BY = [
  // "One of them must be marked as the lead image."
  `^one of (?:them|these|the (?:images|pictures|photos)) (?:must|should|has to) be (?:marked|named|chosen|labelled|set) (?:as )?(?:the |your )?(?<use>[a-z]+ (?:image|picture|photo)|cover)`,
  // "For the printed guide we need one picture", "The website takes up to six".
  `^(?:and )?for (?:the |our )(?<use>(?:printed |online )?${PLACE}),? (?:which [^,]{3,30}, )?(?:we|you|please|use|send|upload|an?|it|the same)\\b`,
  `^(?:the|our) (?<use>(?:printed |online )?${PLACE}) (?:takes|wants|needs|requires|gets)\\b`,
  `^all (?:the )?(?<use>other (?:images|pictures|photos)) ${VERB}`,
  `^(?:and |but |then )?${THE}?${NOUN},? ${VERB}`,
  `^(?:and )?for ${THE}?${NOUN},? ?(?:we|you|please|use|send|upload|an?|the|it|:|\\d)`,
  `^(?:then |next |lastly |finally |first )?(?:please )?(?:take|make) ${THE}(?<use>selfie|portrait|panorama|close-up)(?=[,:.(]| of\\b)`,
  `^(?:please )?${DO} (?:us )?${THE}${NOUN}(?:[,:.]| (?:as|in|at|with|of|to|is|for)\\b)`,
  `^${oneOf`
    (?:we|you|each \w+|every \w+) (?:also |further |additionally )?(?:needs?|want|require|ask for)
    (?:please )?(?:also )?(?:add|include|attach|send|supply|upload|provide)(?: us)?
    (?:in addition|additionally|besides|also|plus),? (?:please )?(?:(?:we|you) )?(?:need|want|require|ask for|send|supply|upload|add|include|provide)(?: us)?
  `} ${THE}${NOUN}(?= ?[.,:;]| (?:of|in|as|for|with)\\b)`,
  // "You may add up to four more photos."
  `^you (?:may|can) (?:also )?${DO} (?:us )?(?:up to |at most )?(?=(?:\\w+ )?(?:more|further|other|additional|extra)\\b)${NOUN}(?= ?[.,:;]| (?:of|in|as|for|with)\\b)`,
  // "The picture for the front page should be …", "Format for the book: …".
  `^(?:the )?(?:pictures?|images?|photos?|photographs?|files?|ones?|versions?|format) for (?:the |our |your )(?<use>[a-z]+(?: pages?| cover| sheets?)?)(?=:| ${VERB})`,
  // "Your logo, if you have one, as a PNG".
  `^${THE}${NOUN}, if (?:you have (?:one|any)|any|there is one)\\b`,
  // "Do not write on the portrait."
  `^(?:please )?(?:do not|no|never)\\b[^.;]{0,40} on ${THE}${NOUN}(?=[.,;!]|$)`,
  // A heading, on its own line or not.
  `^${THE}?${NOUN}(?:[:.]?$|[:.] | [–—-] )`,
  // "What size should my gallery images be?", "And the cover image?"
  `\\b(?:the|my|your|our|for|about|an?|should) ${THE}?${NOUN}\\b[^?]{0,40}\\?`,
].map(pattern => new RegExp(pattern, 'i'));

/** "Images must be …": what a text is about beside the kinds that it tells apart. */
const GENERAL = 'image';
/** "Up to four more photos" beside one that is described. */
const FURTHER = 'further image';
/** "The lead picture." over what is said of it. */
const IS_HEADING = /^(?:The )?[A-Z]?[a-z-]+ (?:pictures?|images?|photos?)[.:]?$/;
const IS_FURTHER = /^(?:\w+ )?(?:more|further|other|additional|extra) /;
const MOST_KINDS = 4;
/** "For the front page it must be 2000 pixels wide": what it is for is enough to tell it apart. */
const FOR_USE =
  /^(?:and )?for (?:the |our )[a-z ]{3,24}(?:pages?|covers?|banners?|headers?|posters?|postcards?)\b/i;
/** "One of them must be marked as the lead image", "all other images …". */
const ONE_OF_ALL = /^(?:one of (?:them|these|the [a-z]+) (?:must|should|has to) be|all (?:the )?other) /i;
/** "Neither may be larger than 2 MB", "no border on either". */
const OF_BOTH = /^(?:neither|both)\b|\b(?:either|both)[.!]?$/i;
/** "Save them as JPEG", "Maximum 5 MB each". */
const GOES_ON = /^(?:it|its|they|their|this|these)\b|\b(?:it|them|each)\b/i;

/** @returns undefined where fewer than two kinds are described, or the descriptions may be of one file */
export function splitTopics(segments: readonly Segment[]): Group[] | undefined {
  const topics = withFullNames(topicsOf(segments));
  const kinds = [...new Set(topics.flatMap(topic => topic ?? []))].flatMap(kind => {
    const own = segments.filter((_, i) => topics[i] === kind);
    const facts = factsOf(own);
    const isWhole =
      facts.size >= 2 ||
      kind === FURTHER ||
      (kind !== GENERAL && own.length > 1 && IS_HEADING.test(own[0]?.text.replace(ITEM_MARK, '') ?? '')) ||
      own.every(({ text }) => FOR_USE.test(text.replace(ITEM_MARK, ''))) ||
      own.some(({ text }) => ONE_OF_ALL.test(text.replace(ITEM_MARK, ''))) ||
      // "What size should my avatar be? … And the cover?"
      (kind !== GENERAL && own.some(({ text }) => isAskedAbout(text, kind)));
    return facts.has('size') && isWhole ? [{ kind, own, facts }] : [];
  });
  if (kinds.length < 2 || kinds.length > MOST_KINDS) return undefined;
  // "Overview" over a summary of what is said of the pictures.
  if (kinds.some(k => k.kind === GENERAL) && kinds.some(k => k.kind === 'overview')) return undefined;
  const isApart = kinds.every((a, i) => kinds.slice(i + 1).every(b => areApart(a.facts, b.facts, true)));
  if (!isApart) return undefined;
  const described = kinds.map(k => k.kind);
  return [
    { label: undefined, segments: segments.filter((_, i) => !described.includes(topics[i] ?? '')) },
    ...kinds.map(({ kind, own }) => ({ label: labelFor(kind, described), segments: own })),
  ];
}

/** "What size should my avatar be?" */
const isAskedAbout = (text: string, kind: string) =>
  /\?/.test(text) && (text.toLowerCase().split('?')[0] ?? '').includes(kind);

/** "Do not write on the banner" speaks of the shop banner, where it is the only one. */
function withFullNames(topics: readonly (string | undefined)[]): (string | undefined)[] {
  const names = new Set(topics);
  return topics.map(topic => {
    const longer = topic === GENERAL ? [] : [...names].filter(name => name?.endsWith(` ${topic}`));
    return longer.length === 1 ? longer[0] : topic;
  });
}

/** The kind that each sentence is about, of itself or since it goes on about the one before. */
function topicsOf(segments: readonly Segment[]): (string | undefined)[] {
  let current: string | undefined;
  let isOpen = false;
  let isSaid = false;
  let isOfItem = false;
  return segments.map((segment, i) => {
    const named = topicOf(segment.text.replace(ITEM_MARK, ''));
    const before = segments[i - 1];
    // A question is joined with its answer on the line below.
    const gap = before ? segment.line - before.line - (before.text.split('\n').length - 1) : 0;
    const isItem = gap > 0 && ITEM_MARK.test(segment.text);
    if (named !== undefined) {
      current = named;
      isSaid = aspectsOf(segment).size > 0;
      isOpen = !isSaid;
      isOfItem = ITEM_MARK.test(segment.text);
      return current;
    }
    const ends =
      FOR_ALL.test(segment.text) ||
      OF_BOTH.test(segment.text) ||
      (gap > 1 && !isOpen) ||
      (isItem && isOfItem) ||
      // What was said of it on its own line is all, unless the next line goes on about it.
      (gap > 0 && isSaid && !GOES_ON.test(segment.text));
    if (ends) current = undefined;
    isOpen = false;
    return current;
  });
}

function topicOf(text: string): string | undefined {
  // "JPG." by itself goes on about the kind that was named.
  if (FOR_ALL.test(text) || IS_FORMAT.test(text)) return undefined;
  for (const pattern of NAMED_BY) {
    const groups = pattern.exec(text)?.groups;
    if (groups?.['use']) return groups['use'].toLowerCase();
    const what = groups?.['what']?.toLowerCase();
    if (what === undefined) continue;
    // "Details need only 2000 pixels" speaks of pictures, "details" of the text.
    const isOfText = OF_TEXT.test(what) && !(/^details?$/.test(what) && A_MEASURE.test(text));
    if (isOfText || isOfProperty(what)) return undefined;
    if (UNTOLD.test(what))
      return IS_FURTHER.test(what) && /^you (?:may|can)\b/i.test(text) ? FURTHER : GENERAL;
    return keyOf(what);
  }
  return undefined;
}

const IS_FORMAT = /^\W*(?:jpe?gs?|pngs?|tiffs?)(?:,? (?:or|and) (?:jpe?g|png|tiff?))?\W*$/i;

/** "Gallery images" and "the gallery image" are one kind. */
const keyOf = (what: string) => what.replace(/(?<=[a-z]{3})s(?= of |$)/, '');

/** The usual word for a kind, where it is the only one of that word. */
function labelFor(kind: string, kinds: readonly string[]): string {
  // "The photograph" beside the signature of an applicant.
  if (kind === GENERAL && kinds.some(k => /^(?:signature|thumb impression)$/.test(labelOf(k) ?? '')))
    return 'portrait';
  const usual = labelOf(kind);
  return usual !== undefined && kinds.filter(k => labelOf(k) === usual).length === 1 ? usual : kind;
}

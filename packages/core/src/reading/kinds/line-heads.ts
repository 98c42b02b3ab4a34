import {
  A_FORMAT,
  A_MEASURE,
  ITEM_MARK,
  OF_TEXT,
  SPEC,
  isOfProperty,
  labelOf,
} from '../common/kind-words.ts';
import { FOR_ALL } from './split-headings.ts';
import type { Segment } from '../common/segments.ts';
import { phrases } from '../common/word-lists.ts';

/** The kind of file that a line, or the item of a list, begins with. */

/** A line that begins so is about such a file, whatever else it names. */
const SURE =
  /\b(?:photograph|signature|thumbnail|portrait|headshot|logo|identity card|chart|graphic|banner|cover|icon|avatar|poster)\b(?!s)/i;

/**
 * "Logo: PNG, 512 × 512 px", "Stall photo – JPG, 16:9", "web folder: JPEG 2048 px".
 *
 * @param line the text of a whole line; empty for the sentences behind its first
 * @param isInFull gives the head as it is written, where two lines would be called the same
 */
export function namedHead(line: string, isInFull = false): string | undefined {
  // "Timetable cover 2028: …" is a cover.
  const own = line.replace(ITEM_MARK, '').replace(/^([A-Z][A-Za-z ]{2,30}) (?:19|20)\d\d(?=:\s)/, '$1');
  const isListed = ITEM_MARK.test(line);
  // "Photograph 2 (press): JPEG, 2400 px".
  const counted =
    /^(?:[A-Z][a-z]+ )?(?:[Pp]hotograph|[Pp]hoto|[Pp]icture|[Ii]mage|[Ff]ile|[Vv]ersion) (?:\d|[A-D]) \((?<use>[a-z][a-z -]{2,24})\):\s/i.exec(
      own,
    )?.groups?.['use'] ??
    /^(?:Stage|Step|Part|Version|File|Folder|Set|Size|Group) (?:\d|[A-D]) ?[-–:,] ["“(]?(?<use>[a-z][a-z ]{2,20})["”)]?:\s/i.exec(
      own,
    )?.groups?.['use'];
  if (counted !== undefined && A_FORMAT.test(own)) return counted.toLowerCase();
  // "Stage 1: JPEG, 1500 px on the long side".
  const step = /^(?:stage|step|phase|round) (?:\d|one|two|three)(?=\s*[:–-]\s)/i.exec(own)?.[0];
  if (step !== undefined && A_FORMAT.test(own) && A_MEASURE.test(own)) return step.toLowerCase();
  const head =
    /^([A-Za-z][^:–—.,;(\d]{2,30}?)\s*(?::\s|\s[–—-]\s|\(|\s{3,})\s*\S/.exec(own)?.[1]?.trim() ??
    // "Scan of your identity card, both sides — JPEG": a longer name counts where it names a kind for sure.
    /^([A-Z][^:–—.;(\d]{2,60}?)\s*(?::\s|\s[–—-]\s)\s*\S/.exec(own)?.[1]?.trim() ??
    (isListed ? /^([A-Z][^:–—.,;(\d]{2,50}?)\s*\(\S/.exec(own)?.[1]?.trim() : undefined);
  if (head === undefined || OF_TEXT.test(head) || FOR_ALL.test(own)) return undefined;
  // "it says   1024 x 768", "it should be   2048 x 1536".
  if (
    /^(?:it|this|that|they|we|you|instead|what|how|where|when|why|who|unchanged|correct(?:ed|ion)?|changed|in the)\b/i.test(
      head,
    )
  )
    return undefined;
  // "Your picture fills it: …" and "Deliver as TIFF (16 bit)" are sentences.
  if (
    /^(?:deliver|send|save|supply|provide|use|make|export|submit|convert|please)\b|\b(?:fills?|needs|must|should)\b/i.test(
      head,
    )
  )
    return undefined;
  // "JPEG (quality 12) or TIFF" names no kind.
  if (/^(?:jpe?g|tiff?|png|s?rgb|adobe rgb)s?(?: (?:or|and) (?:jpe?g|tiff?|png)s?)?$/i.test(head))
    return undefined;
  const words = head.replace(/^(?:the|your|our|an?) /i, '').split(/\s+/).length;
  const kind = labelOf(head) ?? purposeOf(head);
  const isKind =
    (words <= 3 ||
      (words <= 6 && (OF_PICTURE.test(head) || IN_PLACE.test(head))) ||
      (words <= 9 && (kind !== undefined || isListed))) &&
    (!isOfProperty(head) ||
      FILES_OF.test(head) ||
      /^full[- ]size$/i.test(head) ||
      (/\w+ files?$/i.test(head) && !/^names?\b/i.test(head)) ||
      SURE.test(head)) &&
    (A_FORMAT.test(own)
      ? A_MEASURE.test(own) || /\bany size\b/i.test(own) || A_QUALITY.test(own)
      : isSized(head, own));
  if (!isKind) return undefined;
  return isInFull ? head.toLowerCase() : (kind ?? head.toLowerCase());
}

const OF_PICTURE = /\b(?:pictures?|images?|photos?|photographs?|copy|version)\b/i;
/** "Screen in the lobby". */
const IN_PLACE = /^[A-Za-z-]+ (?:in|on|at|for) (?:the|our) [a-z -]+$/i;
const A_QUALITY = /\d\s*(?:ppi|dpi|bits?)|\bquality \d|\brgb\b|\bcmyk\b/i;

/** "Files you scanned yourself", "files from a camera or phone". */
export const FILES_OF = /^files (?:you|from|that|which|taken|made|scanned)\b/i;

/** "Three images for the website" are for the website. */
function purposeOf(head: string): string | undefined {
  return /\bfor (?:the |our )?(?<use>[a-z]+)$/i.exec(head)?.groups?.['use']?.toLowerCase();
}

/** Pictures of one shape or sort, and what is no picture. */
const OF_ONE_SHAPE = phrases`
  landscape | portrait | horizontal | vertical | upright | squares? | panoram\w* | colou?r | mono\w* | images?
  pictures? | photos? | photographs? | round | now | before | old | new | projector | screen | maximum
  minimum
`;

/** "Cover: square, 2480 × 2480 pixels": a size that is not just that of pictures of one shape. */
function isSized(head: string, own: string): boolean {
  // "Cover: A4, 210 x 297 mm at 300 dpi", "All other images: 1800 pixels on the longest side".
  const isPrint = /\d\s*[x×]\s*\d+\s*[cm]m\b/i.test(own) && /\d\s*(?:ppi|dpi)\b/i.test(own);
  if (isPrint && !isOfShape(head)) return true;
  if (/^(?:all )?(?:the )?(?:other|remaining) (?:images|pictures|photos)$/i.test(head) && A_MEASURE.test(own))
    return true;
  // "Portrait: 600 x 600 px" shows a person.
  if (/^portrait$/i.test(head) && /\b(\d+)\s*(?:px|pixels?)?\s*[x×]\s*\1\b/.test(own)) return true;
  // "Photograph: colour, 200 x 230 pixels" beside "Signature: …".
  const isApart = !isOfShape(head) || /^photo(?:graph)?$/i.test(head);
  return (labelOf(head) === undefined ? A_BOX : A_SIZE).test(own) && isApart;
}

const A_BOX = /\d\s*(?:px|pixels?)?\s*[x×]\s*\d+\s*(?:px|pixels?)/i;
/** The same with the sides named: "200 px (width) × 230 px (height)", "width 200 px, height 230 px". */
const A_SIZE =
  /\d\s*(?:px|pixels?)?\s*(?:\((?:w|h|width|height)\)\s*)?(?:[x×*]|, (?:width|height))\s*\d+\s*(?:px|pixels?)/i;

/** "Landscape images" are told apart by their shape; "work images" are not. */
export const isOfShape = (head: string) => head.split(/\s+/).every(word => OF_ONE_SHAPE.test(word));

/** "1. Catalogue image. CMYK, TIFF …": a kind of file as a sentence of its own. */
export function sentenceHead(segment: Segment, next: Segment | undefined): string | undefined {
  const head =
    /^(?:[-+*•–·]|\(?[\da-z]{1,2}[.)])\s*(?<kind>[A-Z][A-Za-z -]{2,24} (?:image|file|version|copy|photo|picture))\.$/.exec(
      segment.text,
    )?.groups?.['kind'];
  const step =
    /^(?:step|part|item) ?\d+[:.)]? (?<kind>(?!(?:resize|save|name|convert|crop|upload|export|sharpen|send|check|submit|size|format|naming|edit|prepare|choose)\b)[A-Z][a-z]+(?: [a-z]+)?)\.$/i.exec(
      segment.text,
    )?.groups?.['kind'];
  if (step && next?.line === segment.line && SPEC.test(next.text)) return labelOf(step) ?? step.toLowerCase();
  // "Poster. JPEG or PNG, 1080 x 1527 px": a short head without a mark, over what says both a format and a measure.
  const bare = /^(?<kind>[A-Z][a-z]+(?: [a-z]+)?)\.$/.exec(segment.text)?.groups?.['kind'];
  if (
    bare &&
    next?.line === segment.line &&
    A_FORMAT.test(next.text) &&
    A_MEASURE.test(next.text) &&
    !isOfProperty(bare) &&
    !isOfShape(bare) &&
    !OF_TEXT.test(bare)
  )
    return labelOf(bare) ?? bare.toLowerCase();
  return head && next?.line === segment.line && SPEC.test(next.text)
    ? (labelOf(head) ?? head.toLowerCase())
    : undefined;
}

/**
 * "(a) a portfolio of 10 to 15 photographs as JPEG files, 2500 px …", "- one portrait, JPEG, 600 × 800 px".
 *
 * @param isBare takes a kind without an article as well: "(a) portrait photo for the badge, JPG"
 * @param hasFormat what holds for all of them gives the format: "Both as JPEG"
 * @param isByPurpose names it by what it is for, where two items show the same: "a photograph of your work for the guide"
 */
export function itemHead(
  { text: written }: Segment,
  { isByPurpose = false, hasFormat = false, isBare = false } = {},
): string | undefined {
  // "Upload with the form: (a) a portrait …; (b) …".
  const text = written.replace(/^[^:()]{3,50}:\s+(?=\(?a\) )/i, '');
  if (!ITEM_MARK.test(text) || (!A_FORMAT.test(text) && !hasFormat)) return undefined;
  if (!A_MEASURE.test(text) && !A_QUALITY.test(text)) return undefined;
  const head =
    (isBare ? BARE_HEAD.exec(text.replace(ITEM_MARK, ''))?.groups?.['kind'] : undefined) ??
    /^(?:if \w+,? )?(?:an?|one|two|three|your|the|up to \w+|\d{1,2}(?: to \d{1,2})?)\s+(?<kind>[A-Za-z][A-Za-z ’'-]{2,40}?)(?=\s*(?:[,(:;]|\d|\bas\b|\bof\b|\bin\b|\bat\b|\bfor\b|\bon\b|\bwith\b))/i.exec(
      text.replace(ITEM_MARK, ''),
    )?.groups?.['kind'];
  if (head === undefined || head.split(/\s+/).length > 4) return undefined;
  // "A JPEG for the jury": what it is for tells it apart.
  const purpose =
    isByPurpose || A_FORMAT.test(head) ? /\bfor (?:the |our )?(\w+)/i.exec(text)?.[1] : undefined;
  if (isByPurpose && !purpose) return undefined;
  return labelOf(purpose ? `${purpose} file` : head) ?? (purpose ?? head).toLowerCase();
}

/** "1) The panel of six. JPEG, …", "2) One image for the website header, 2400 x 600": an item and the sentences behind it. */
export function itemLineHead(line: string): string | undefined {
  if (!ITEM_MARK.test(line) || ![A_MEASURE, A_SIDE, SAME_SIZE].some(words => words.test(line)))
    return undefined;
  const { kind, shown, use } = ITEM_KIND.exec(line.replace(ITEM_MARK, ''))?.groups ?? {};
  // "Six images of recent work", "one image of you in your workshop".
  const head = (use ?? (kind && isOfShape(kind) ? shown : kind))?.toLowerCase();
  if (head === undefined || isOfProperty(head) || isOfShape(head) || OF_TEXT.test(head)) return undefined;
  return labelOf(head) ?? head;
}

const SAME_SIZE = /\bsame (?:size|format|specification)\b|\d ?(?:mm|cm|ppi|dpi)\b/i;
const A_SIDE = /\d{3,4} (?:high|wide|across|tall)\b/i;
const ITEM_KIND =
  /^(?:(?:two|three|four|five|six|eight|\d{1,2}) (?:to|or) )?(?:the|an?|one|two|three|four|five|six|eight|ten|\d{1,2}|your) (?<kind>[a-z-]+(?: [a-z-]+){0,2}?)(?: (?:of|showing|from) (?<shown>[a-z][a-z ’'-]{2,40}?))?(?: for (?:the |our |your )?(?<use>[a-z]+(?: [a-z]+)?))?(?:[.,:;]| \()/i;

/** "2) Common room, any format, 70 mm wide at 300 dpi": an item whose name ends at a comma. */
export function commaHead(line: string): string | undefined {
  if (!ITEM_MARK.test(line) || !/\d ?(?:mm|cm)\b[^.]*\d ?(?:dpi|ppi)\b/i.test(line)) return undefined;
  const head = /^(?<kind>[A-Z][a-z]+(?: [a-z]+){0,3}),/.exec(line.replace(ITEM_MARK, ''))?.groups?.['kind'];
  if (head === undefined || isOfProperty(head) || isOfShape(head) || OF_TEXT.test(head)) return undefined;
  return A_FORMAT.test(head) ? undefined : (labelOf(head) ?? head.toLowerCase());
}

/** "- website: 1500 px on the longest side", "- programme: 300 dpi": what each is for, where the format is said for all. */
export function useHead({ text }: Segment): string | undefined {
  const own = text.replace(ITEM_MARK, '');
  const purpose = FOR_USE.exec(own)?.groups?.['use'];
  const use =
    USE.exec(own)?.groups?.['use'] ?? (purpose && !OF_ONE_SHAPE.test(purpose) ? purpose : undefined);
  return use && (A_MEASURE.test(own) || A_QUALITY.test(own)) ? use.toLowerCase() : undefined;
}

const FOR_USE = /^for (?:the |our |your )?(?<use>[a-z]+(?: [a-z]+)?)(?: \([^()]*\))?:\s+\S/i;
const USE =
  /^(?:for )?(?:the |our )?(?<use>web ?site|web|programme|catalogue|prints?|printing|screen|press|social media|projection|book|poster|newsletter|flyer|banner|(?:round|stage|phase) \d files?|(?:finalists?|winners?|jury)['’]? files?)\s*(?::|\s[–-])\s+\S/i;

/** "(a) portrait photo for the badge, JPG": a kind without an article. */
const BARE_HEAD =
  /^(?<kind>(?!(?:jpe?g|tiff?|png|all|each|every|both|max|min|up|no|not|at|in|by|file|files|image|images)\b)[a-z][a-z ’'-]{3,40}?)(?=,| \(| (?:of|for) (?:the|your)\b)/i;

/** "(1) The photograph must be in colour. Image file should be JPG. …": a paragraph about one kind of file. */
export function subjectHead({ text }: Segment, line: string): string | undefined {
  const subject =
    /^(?:the |your |each )?(?<what>[a-z’'-]+(?: [a-z]+){0,2}?)(?:\s*\([^()]*\))? (?:must|should|has to|is to|needs to)\b/i.exec(
      text.replace(ITEM_MARK, ''),
    )?.groups?.['what'];
  if (subject === undefined || !A_FORMAT.test(line) || !A_MEASURE.test(line)) return undefined;
  return /s$/i.test(subject) ? undefined : labelOf(subject);
}

/** "Long card: 210 x 105 mm": a line of nothing but a size on paper. */
export function paperHead(line: string): string | undefined {
  const head =
    /^(?<what>[A-Z][a-z]+(?: [a-z]+){0,2})\s*(?::|\s[–-])\s+[\d.,]+ ?[x×] ?[\d.,]+ ?(?:mm|cm|in(?:ches)?)\b\W*$/.exec(
      line.replace(ITEM_MARK, ''),
    )?.groups?.['what'];
  return head === undefined || isOfShape(head) || isOfProperty(head) ? undefined : head.toLowerCase();
}

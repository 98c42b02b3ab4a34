import {
  A_FORMAT,
  A_MEASURE,
  ITEM_MARK,
  OF_A_FILE,
  OF_TEXT,
  PROPERTY,
  isOfProperty,
  SPEC,
  labelOf,
  onlyLabelOf,
} from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import type { Group } from '../common/group.ts';
import { oneOf } from '../common/word-lists.ts';

/** Kinds of file under headings of their own: a line that names one, or a question about one. */

/** The sentences under each heading; the first group has no label and holds what stands under none. */
export function groupByHeadings(segments: readonly Segment[]): Group[] {
  const named = segments.map(
    (segment, i) => headingLabel(segment, segments[i + 1], restOfItem(segments, i)) ?? questionLabel(segment),
  );
  toldByUse(named, segments);
  // Beside two headings that name kinds of file, a short line over a specification is a third.
  const isAmong = new Set(named.filter(Boolean)).size >= 2;
  const groups: Group[] = [{ label: undefined, segments: [] }];
  let current = groups[0];
  let isSaidAtOnce = false;
  let isForAll = false;
  segments.forEach((segment, i) => {
    const heading = named[i] ?? (isAmong ? shortHeading(segment, segments[i + 1]) : undefined);
    const goesOn = segments[i - 1]?.line === segment.line;
    // "Work images. Use JPG or PNG. Each image must …": each of those under the heading.
    const isOfHeading = goesOn && current?.label !== undefined && /^each\b/i.test(segment.text);
    isForAll =
      !heading && !isOfHeading && (FOR_ALL.test(segment.text.replace(ITEM_MARK, '')) || (isForAll && goesOn));
    // A line that says all of a kind of file ends with its paragraph.
    const isNewParagraph = segment.line - (segments[i - 1]?.line ?? segment.line) >= 2;
    if (heading) {
      const known = groups.find(g => g.label === heading);
      current = known ?? { label: heading, segments: [] };
      if (!known) groups.push(current);
      isSaidAtOnce = SPEC.test(segment.text) && !segment.text.includes('?');
    } else if (
      current?.label &&
      (isOtherHeading(segment) || (isNewParagraph && (isSaidAtOnce || current.segments.length > 1)))
    )
      current = groups[0];
    (isForAll ? groups[0] : current)?.segments.push(segment);
  });
  return groups;
}

/** "Digital files for selection", "Digital files for the book": headings of one kind are told apart by what it is for. */
function toldByUse(named: (string | undefined)[], segments: readonly Segment[]): void {
  for (const label of new Set(named)) {
    const same = named.flatMap((other, i) => (label !== undefined && other === label ? [i] : []));
    const uses = same.map(i => USE_BEHIND.exec(segments[i]?.text ?? '')?.groups?.['use']?.toLowerCase());
    if (same.length < 2 || uses.includes(undefined) || new Set(uses).size < same.length) continue;
    same.forEach((i, k) => (named[i] = uses[k]));
  }
}

const USE_BEHIND = /^[A-Za-z ]{3,24} for (?:the |our )?(?<use>[a-z][a-z -]{2,20}):?$/i;

/** The sentences behind the one that opens an item, up to the next item. */
function restOfItem(segments: readonly Segment[], at: number): string {
  const line = segments[at]?.line;
  if (line === undefined || segments[at - 1]?.line === line) return '';
  const behind = segments.slice(at + 1, at + 6);
  const end = behind.findIndex(
    (s, i) => s.line - (behind[i - 1]?.line ?? line) > 1 || ITEM_MARK.test(s.text),
  );
  return behind
    .slice(0, end < 0 ? undefined : end)
    .map(s => s.text)
    .join(' ');
}

/** "Accepted work: we will write to you for TIFFs at 300 ppi". */
const LATER_WORK =
  /^(?:accepted|selected|chosen|short-?listed|successful) (?:works?|entries|images|pictures|photographs|artists|authors|photographers|entrants): /i;

/** What only those whose work was chosen have to send. */
export const LATER = new RegExp(
  `^(?:if|for|when|once|after)\\b[^.:]{0,30}\\b(?:short-?listed|selected|accepted|successful|finalists?)\\b[^.]{0,20}$|${LATER_WORK.source}`,
  'i',
);

/** A line of its own such as "Photograph image:" or "Thumbnail", or the head of "Print file: TIFF, 300 ppi". */
function headingLabel(segment: Segment, next: Segment | undefined, rest: string): string | undefined {
  const own = segment.text.replace(ITEM_MARK, '');
  if (OF_TEXT.test(own.split(/[:–—]/)[0] ?? '')) return undefined;
  if (LATER.test(own) && next && next.line > segment.line) return 'print';
  const head = /^([^:–—.]{2,44})\s*[:–—]\s+\S/.exec(own)?.[1];
  if (LATER_WORK.test(own) && OF_A_FILE.test(own)) return 'print';
  if (
    head &&
    head.split(/\s+/).length <= 6 &&
    // "SIGNATURE: black ink. Size: 4 to 30 KB."
    (OF_A_FILE.test(own) || (/^[A-Z ]+$/.test(head) && OF_A_FILE.test(rest))) &&
    !/\b(?:size|width|height|format|edge|side|resolution|weight|limit|dimensions?|type|name)\b/i.test(head)
  )
    return labelOf(head);
  // "Photograph (4.5 cm x 3.5 cm)", "Avatar (optional)".
  const bare = own.replace(ASIDE_BEHIND, '');
  const isLine =
    bare.length <= 46 && !/[.;,]$/.test(bare) && !SPEC.test(bare) && bare.split(/\s+/).length <= 6;
  // "Signature in running hand with black pen." over "Size 4 cm x 2 cm": a paper of an applicant.
  if (A_PAPER.test(own) && next && next.line === segment.line + 1 && SPEC.test(next.text))
    return onlyLabelOf(own);
  if (!isLine || !next || next.line <= segment.line || NAMES_NONE.test(bare)) return undefined;
  return onlyLabelOf(bare) ?? kindNamed(bare);
}

const A_PAPER =
  /^(?:[A-Z]?[a-z-]+ ){0,3}(?:photograph|signature|thumb (?:impression|print)|declaration)(?: (?!must|should|may|can|is|are|has|will)[a-z-]+){0,6}\.$/i;

/** "Up to six images", "Free of signatures": items that ask something, over which no file is described. */
const NAMES_NONE =
  /^(?:up to|at most|(?:no|not) more than|max(?:imum)?\.?|only|free (?:of|from)|without|no|not|never|saved|converted|(?:one|\d) (?:to|or) (?:\w+|\d+))\b|\b(?:not (?:allowed|permitted|accepted)|forbidden|prohibited|none)$/i;

const ASIDE_BEHIND = /\s*\([^()]*\)\s*(?=:?$)/;

/** "Floor plan" over "PNG, 2000 pixels wide". */
function shortHeading({ text, line }: Segment, next: Segment | undefined): string | undefined {
  const bare = text.replace(ASIDE_BEHIND, '');
  const isHeading =
    /^[A-Z][a-z]+(?: [a-z]+){0,2}:?$/.test(bare) &&
    !PROPERTY.test(bare) &&
    next?.line === line + 1 &&
    A_FORMAT.test(next.text) &&
    A_MEASURE.test(next.text);
  return isHeading ? bare.replace(/:$/, '').toLowerCase() : undefined;
}

/** "Your images", "Preparing your files": pictures as such, told apart by nothing. */
const UNTOLD =
  /^(?:(?:your|the|our|all|any|digital|projected|submitted|competition|preparing|uploading|sending|naming|technical|image|picture|photo|about|what|how|for) )*(?:images?|photos?|pictures?|files?|copies)$/i;

/** "Banner", "Cover image", "Product images": a line that is nothing but a kind of picture. */
function kindNamed(heading: string): string | undefined {
  const own = heading.replace(/:$/, '').replace(/\s*\((?:optional|(?:up to|max\.?|maximum) \w+)\)$/i, '');
  const isKind =
    /^[A-Z][A-Za-z’' -]{2,30}$/.test(own) &&
    /\b(?:images?|photos?|pictures?|logo|banner|cover|avatar|poster|icon|crop|scan|shot|(?<=^|^[a-z]+ )gallery|slide ?show|versions?|cop(?:y|ies)|files?)$/i.test(
      own,
    ) &&
    !UNTOLD.test(own);
  return isKind && !isOfProperty(own) ? own.toLowerCase() : undefined;
}

/** "Both sets must …", "All files …": what holds for every kind. */
export const FOR_ALL = new RegExp(
  `^${oneOf`
    both\b(?! (?:by|to|until|before)\b) | (?:no|nothing)\b[^.;]{3,30} on (?:either|both|any of (?:them|these))\b | all (?:as|in) (?:jpe?g|tiff?|png)s?\b | all (?:two|three|four) (?:in|as|must|should|are)\b
    (?:in|for) (?:both|all|every|each) (?:cases?|(?:of them|images|pictures|photos|files)(?=:))\b
    (?:(?:an? )?(?:jpe?g|png|tiff?)s?|s?rgb|adobe rgb)\b[^.;:\d]{0,24}\b(?:(?:in|for) (?:both|all|either|each) (?:cases?|of them)|for both|throughout)(?=[.;,]|$)
    (?:i|we) (?:can(?:not|['’]t)|do not|don['’]t) (?:use|take|accept|open|show|print) anything\b | either (?:as|in) (?:an? )?(?:\d{1,2}-bit )?(?:jpe?g|tiff?|png|s?rgb|cmyk)\b | (?:both|all(?! other\b)|each|every|neither|either) (?:\w+ )?(?:files?|sets?|images?|versions?|pictures?|photos?|scans?|of them|must|should|are)\b
  `}`,
  'i',
);

const QUESTION = /^(?:Q[.:)]\s*)?(?<asked>[^?.]{3,110}\?)/;

/** "Q. And the signature?" */
function questionLabel({ text }: Segment): string | undefined {
  return onlyLabelOf(QUESTION.exec(text)?.groups?.['asked'] ?? '');
}

function isOtherHeading(segment: Segment): boolean {
  const own = segment.text;
  return QUESTION.test(own) || (/^[A-Z][A-Z &']{3,40}[:.]?$/.test(own) && !SPEC.test(own));
}

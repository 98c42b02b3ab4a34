import { at } from '../common/clause.ts';
import type { Found } from '../common/found.ts';
import {
  BORDER,
  BORDER_LIMITED,
  MARK,
  NO_AFTER,
  NO_BEFORE,
  NOT_ON_PICTURE,
  ON_PICTURE,
  ON_WALL,
  TELLS_WHOSE,
  A_PICTURE,
  OFF_PICTURE,
  WORD,
  WORD_DENIED,
  YES,
} from './overlay-words.ts';
import { NEITHER_SHOWS } from './metadata-words.ts';
import type { Segment } from '../common/segments.ts';
import type { Ruled } from '../standing/ruled-items.ts';

/** What may lie over the picture or round it: each thing that is named, with what its clause says of it. */

type Verdict = 'forbidden' | 'allowed' | undefined;

/** "Watermarks have no place here. The same goes for borders." */
const SAME_GOES =
  /^\W*(?:the same|this|that) (?:also )?(?:goes|applies|holds|is true)(?: also| too)? (?:for|to|of)\b/i;

/** "White borders are accepted. Text is not." */
const NEITHER_IS =
  /^\W*(?:any )?(?:text|writing|names?|titles?|logos?|watermarks?|signatures?|lettering)(?:,? (?:and|or) \w+)? (?:is|are) not(?: (?:allowed|permitted|accepted|wanted))?\W*$/i;

/**
 * @param before the sentence before it
 * @param ruled what the line above a list says of it, where it is an item of one
 */
export function readOverlays(whole: Segment, before?: Segment, ruled?: Ruled): Found[] {
  if (IS_EXTRA_FILE.test(whole.text)) return [];
  const isNeither = before !== undefined && NEITHER_IS.test(whole.text) && before.text.search(BORDER) >= 0;
  const neither = isNeither ? /[\s\S]+/.exec(whole.text) : null;
  if (neither) return [at(whole, 'watermark', 'forbidden', neither)];
  const isSame = before !== undefined && SAME_GOES.test(whole.text) && NO_AFTER.test(before.text);
  const listed =
    (ruled === 'denied' && !isSaidWhole(whole.text)) || isSame
      ? named(whole, 'forbidden')
      : ruled === 'permitted'
        ? named(whole, 'allowed')
        : [];
  if (listed.length) return listed;
  const segment = answerOf(whole);
  // "We do not accept files without caption and copyright in the IPTC fields."
  if (OF_NOTES.test(segment.text) && !ON_PICTURE.test(segment.text)) return readBorder(segment);
  const none = readNone(segment);
  // "On the image: nothing (no name, no frame)".
  const isOfMark = none.some(f => f.field === 'watermark');
  return none.length
    ? [...none, ...(isOfMark ? readBorder(segment) : [])]
    : [...readBorder(segment), ...readMark(segment)];
}

/** "Do not use spaces in the name of the file" in a list of what is turned down: the name lies on no picture. */
const isSaidWhole = (text: string) =>
  /^\W*(?:.*: )?do not\b/i.test(text) || (/\bno\b/i.test(text) && NOT_ON_PICTURE.test(text));

/** Things of one sentence that are looked at; a list of what is forbidden has a handful. */
const MOST_THINGS = 24;

/** "File name: title only, no name". */
const OF_FILE_NAME = /^\W*file ?-?names?\s*[:=–-]|\bin front of (?:the|your|its) (?:title|name|number)\b/i;

/** What is written in a file and not on its picture. */
const OF_NOTES = /\bwithout\b[^.;]*\b(?:iptc|metadata|exif)\b/i;

/** "Wider borders will be removed" lets others be. */
const OF_WIDER = /\b(?:wider|thicker|broader|larger|heavier|other) $/i;

/** "20 x 20 cm including the frame", "do not crop the margins" of an old print. */
const OF_PAPER =
  /\b(?:including|with) (?:the|its) $|(?:\bnot|\bnever|n['’]t) (?:crop|trim|cut)\b(?! marks)[^.;]{0,12}$/i;

/** "On the picture: nothing. Around the picture: nothing." */
function readNone(segment: Segment): Found[] {
  const match =
    /\b(?=leave |keep )(?<!\b(?:titles?|names?|language)\b[^.;]{0,60})(?:leave|keep) (?:it|them|the image|your image|(?:the |your )?images) clean\b|^\W*(?<where>on|a?round) (?:the|your) (?:picture|image|photo(?:graph)?|work)s?\s*[:–-]\s*(?:nothing|none|no\W*$)/i.exec(
      segment.text,
    );
  if (!match) return [];
  return [
    at(segment, /round/i.test(match.groups?.['where'] ?? '') ? 'border' : 'watermark', 'forbidden', match),
  ];
}

function readBorder(segment: Segment): Found[] {
  const { text } = segment;
  const found: Found[] = [];
  // Asked once a sentence: some speak of borders over and over.
  const isLimited = BORDER_LIMITED.test(text);
  const isOfOther =
    ON_WALL.test(text) ||
    (/\b(?:wider|thicker|broader|deeper) than\b|\bborders? of more than\b/i.test(text) && !YES.test(text));
  for (const match of [...text.matchAll(BORDER)].slice(0, MOST_THINGS)) {
    if (OF_WIDER.test(text.slice(0, match.index)) || OF_PAPER.test(text.slice(0, match.index))) continue;
    const verdict = isLimited ? 'allowed' : isOfOther ? undefined : verdictOn(text, match.index, match[0]);
    if (verdict)
      found.push({ ...at(segment, 'border', verdict, match), ...(isLimited ? { isException: true } : {}) });
  }
  // "No fancy borders, a plain keyline is fine": what is let be counts.
  return [found.find(f => f.value === 'allowed') ?? found[0]].filter(f => f !== undefined);
}

function readMark(segment: Segment): Found[] {
  const { text } = segment;
  // "Captions may have up to 30 words": those of the form.
  if (/\b\d+ (?:words|characters|letters)\b/i.test(text) && !ON_PICTURE.test(text)) return [];
  if ((OF_FILE_NAME.test(text) || /\bas the file ?-?name\b/i.test(text)) && !ON_PICTURE.test(text)) return [];
  if (ADDED_BY_US.test(text) && !/\b(?:no|not|never|without)\b|n['’]t\b/i.test(text)) return [];
  const neither = NEITHER_SHOWS.exec(text);
  if (neither) return [at(segment, 'watermark', 'forbidden', neither)];
  const strong = [...text.matchAll(MARK)];
  // "No frame, text or date": beside such things a word lies on the picture too.
  const isOnPicture = ON_PICTURE.test(text) || strong.length > 0 || [...text.matchAll(BORDER)].length > 0;
  const weak = isOnPicture ? [...text.matchAll(WORD)] : [];
  const [off] = OFF_PICTURE.test(text) ? [...strong, ...text.matchAll(WORD)] : [];
  if (off) return [at(segment, 'watermark', 'forbidden', off)];
  const stated = STATED_OFF.exec(text);
  if (stated) return [at(segment, 'watermark', 'forbidden', stated)];
  const [denied] = [...text.matchAll(WORD_DENIED)].filter(
    m => !isOfFile(text, m.index) && !IN_A_PART.test(text.slice(m.index)) && !IS_MISSED.test(text),
  );
  if (denied) return [at(segment, 'watermark', 'forbidden', denied)];
  for (const match of [...strong, ...weak]) {
    // "The name in the file name and nothing on the picture".
    if (!/^nothing/i.test(match[0]) && isOfFile(text, match.index)) continue;
    if (OF_EXAMPLE.test(text.slice(0, match.index))) continue;
    if (IN_THE_SCENE.test(text.slice(0, match.index)) || IN_A_PART.test(text.slice(match.index))) continue;
    const verdict = verdictOn(text, match.index, match[0]);
    if (verdict)
      return [
        weak.includes(match) ? atPart(segment, verdict, match) : at(segment, 'watermark', verdict, match),
      ];
  }
  const nothing = NOTHING_OF_YOU.exec(text);
  if (nothing) return [at(segment, 'watermark', 'forbidden', nothing)];
  const whose = TELLS_WHOSE.exec(text);
  const isDenied =
    whose && (NO_BEFORE.test(text.slice(0, whose.index + whose[0].length)) || NO_AFTER.test(text));
  return isDenied && A_PICTURE.test(text) && !isOfFile(text.replace(BESIDE_NAME, ''), whose.index)
    ? [at(segment, 'watermark', 'forbidden', whose)]
    : [];
}

/** "We'll add the lifeboat's logo, so leave the bottom free." */
const ADDED_BY_US =
  /\bwe(?:['’]ll| will| shall)? (?:also |then )?(?:add|put|place|print) (?:the|our|your)\b[^.;,]{0,24}\b(?:logos?|names?|titles?|captions?|dates?)\b/i;

/** "0412_Tide Mill.jpg (membership number, underscore, title)" tells what a name is made of. */
const OF_EXAMPLE = /\.(?:jpe?g|tiff?|png)["”’]? \([^()]*$/i;

/** "State the width of field in the form, not on the image." */
const STATED_OFF =
  /\b(?:state|give|put|write|enter|note|say)\b[^.;]{3,60}\b(?:form|e-?mail|caption|list|back|sheet)\b[^.;]{0,10}\b(?:and |,? )?(?:not|never) (?:on|onto|across|over) (?:the |your )?(?:image|picture|photo|print|work)s?\b/i;

/** "Sponsors' logos" belong to what is photographed, "an illegible signature" is a file of its own. */
const IN_THE_SCENE =
  /\b(?:sponsors?['’]?s?|advertising) $|\b(?:upload|attach|scan|submit)(?:ed|ing)? (?:the |your |an? )$|\b(?:illegible|unclear|blurred|missing)\b[^.;,]{0,30}$/i;

/** "Applications without photograph and signature will be rejected" asks for one. */
const IS_MISSED =
  /\b(?:photographs|photos|pictures|images) without (?:an? |the )?(?:name|date)s?(?: (?:and|or) (?:an? |the )?(?:name|date)s?)? (?:will|can|are)(?: ?not)?\b|\bwithout (?:an? |the |your )?(?:photo(?:graph)?s?|pictures?) (?:and|or) (?:an? )?signatures?\b[^.;]{0,30}\b(?:rejected|refused|returned|not|invalid)\b/i;

/** "No text in the lower 200 pixels" forbids none elsewhere. */
const IN_A_PART =
  /^[\w ]{3,20} (?:in|into|within) the (?:lower|upper|bottom|top|outer|left|right|outermost)\b[^.;]{0,12}\d/i;

/** "Nothing about you should be visible in the picture". */
const NOTHING_OF_YOU =
  /\bno (?:author|photographer|maker)['’]?s?['’]? names? anywhere\b|\bnothing (?:about|(?:that|which) (?:names|identifies|tells|reveals|shows))\b[^.;]{0,16}\b(?:you|the (?:author|photographer|artist|maker))\b[^.;]{0,40}?\b(?:in|on) (?:the|your|any) (?:image|picture|photo)|\bnothing (?:may|must|should|can) be (?:visible|seen|shown) (?:that|which) (?:identifies|names|reveals|tells|shows|could identify)\b/i;

/** A word such as "number" tells little alone: the part of the sentence round it gave the rule. */
function atPart(segment: Segment, value: Verdict, match: RegExpExecArray): Found {
  const part = partAt(segment.text, match.index, PARTS);
  const start = match.index - part.index + part.text.length - part.text.trimStart().length;
  const found = at(segment, 'watermark', value, match);
  const text = part.text.trim().replace(/[.!]$/, '');
  return { ...found, start: segment.start + start, end: segment.start + start + text.length };
}

/** "Neither the file name nor the picture may …": the picture is spoken of as well. */
const BESIDE_NAME = /\bneither (?:in )?the file ?-?name nor\b|\bfile ?-?names? (?:and|or|nor)\b/gi;

/** "Do not put your name in the file name": the part between commas speaks of something else than the picture. */
function isOfFile(text: string, index: number): boolean {
  // "Titles are read from the entry form and must not appear on the images."
  if (
    /\b(?:not|never) (?:appear|be|stand|show) (?:\w+ )?on (?:it|them|(?:the|your|any|an) images?)\b/i.test(
      text.slice(index),
    )
  )
    return false;
  // "Neither in the metadata nor on the image".
  if (/\b(?:or|nor|and) (?:on|anywhere (?:in|on)) (?:the|your|any) images?\b/i.test(text.slice(index)))
    return false;
  const end = text
    .slice(index)
    .search(
      /[,;:]|\.\s|\s[-–—]\s|\b(?:or|nor|and) (?:in |on )?(?:the |its |their )?(?:metadata|exif|iptc|file ?-?names?|data of)\b/i,
    );
  const start =
    Math.max(...[',', ';', ':', '. ', ' - ', ' – '].map(mark => text.lastIndexOf(mark, index))) + 1;
  return NOT_ON_PICTURE.test(text.slice(start, end < 0 ? undefined : index + end));
}

/** Marks between the parts of a sentence. */
const PARTS =
  /[,;:]|\.\s|\s[-–—]\s|(?<=\b(?:fine|allowed|permitted|accepted|welcome|ok(?:ay)?)) but (?!not\b|must|may|should|can|only|they|it)/g;

/** What the clause says of the thing at a place of it. */
function verdictOn(text: string, index: number, thing: string): Verdict {
  // "No frame, border or signature is permitted": the denial is meant for all of the list.
  const lead = text.slice(0, index);
  // "No names, no logos, borders OK": the last of them stands by itself.
  const isApart = /, $/.test(lead) && IS_FINE.test(text.slice(index));
  if (DENIED_LIST.test(lead) && !isApart) return 'forbidden';
  const part = partAt(text, index, PARTS);
  const own = verdictIn(part.text, part.index, thing);
  if (own) return own;
  const clause = partAt(
    text,
    index,
    /;\s|: (?=[A-Z])|\bbut\b|, (?:though|however)\b|\bprovided\b|\bso long as\b/g,
  );
  return verdictIn(clause.text, clause.index, thing);
}

const IS_FINE =
  /^[\w-]+(?: (?:is|are))? (?:ok(?:ay)?|fine|allowed|permitted|accepted|welcome|all right|optional|possible|up to you|no problem)\b/i;

/** "Logo (optional)" over a paragraph: one more file that may be sent. */
const IS_EXTRA_FILE = /^(?:\W|\d{1,2}[.)] )*(?:logo|crest)s? \((?:optional|if you have one|voluntary)\)\W*$/i;

const DENIED_LIST =
  /(?:^|[.;:]\s|\d\s+)(?:no|neither|without) (?!more|less|larger|bigger|wider|longer)(?:[a-z-]+(?: [a-z-]+)?(?:, (?:or |nor |and )?| or | nor | and )(?:an? |any )?){1,4}$/i;

/** "Neither required nor forbidden." */
const LEFT_OPEN =
  /\bnothing against\b|\b(?:nobody|no one) (?:will )?(?:objects?|minds?)\b|\b(?:nor|not) (?:forbidden|prohibited)\b|\bdo(?:es)?(?: not|n['’]t) (?:mind|disturb)\b|\bdoes(?: not|n['’]t) bother\b|\bno (?:restrictions?|rules?|objections?) (?:on|about|to|as to)\b/i;

const CONDITION =
  /(?<=\b(?:allowed|permitted|accepted|acceptable|fine|welcome)),? (?:provided|so long as|as long as|if|on condition)\b.*$/is;

function verdictIn(text: string, index: number, thing: string): Verdict {
  if (LEFT_OPEN.test(text)) return 'allowed';
  // "Borders are permitted provided they do not take the image over the size."
  const [before, after] = [text.slice(0, index), text.slice(index).replace(CONDITION, '')];
  // "Files without a copyright line cannot be printed" asks for one.
  if (
    /\bwithout (?:an? |the |any )?(?:[a-z]+ (?:and|or) (?:an? |the )?)?$/i.test(before) &&
    NO_AFTER.test(after)
  )
    return undefined;
  if (NO_BEFORE.test(before) || /^(?:unframed|unsigned|borderless|nothing)\b/i.test(thing))
    return 'forbidden';
  if (NO_AFTER.test(after)) return 'forbidden';
  return YES.test(text) ? 'allowed' : undefined;
}

/** The part of a sentence between two marks, and the place within it. */
function partAt(text: string, index: number, marks: RegExp): { text: string; index: number } {
  let start = 0;
  let end = text.length;
  for (const mark of text.matchAll(marks)) {
    if (mark.index < index) start = mark.index + (mark[0] === ':' ? 0 : mark[0].length);
    else {
      end = mark[0] === ':' ? end : Math.min(end, mark.index);
      if (mark[0] !== ':') break;
    }
  }
  return { text: text.slice(start, end), index: index - start };
}

/** A question and its answer stand together; where the answer names what it speaks of, it alone counts. */
function answerOf(segment: Segment): Segment {
  const mark = segment.text.indexOf('?');
  const answer = segment.text.slice(mark + 1);
  if (mark < 0 || /^\s*(?:yes|no)[.,]/i.test(answer)) return segment;
  if (![BORDER, MARK, WORD].some(words => answer.search(words) >= 0)) return segment;
  return { ...segment, text: answer, start: segment.start + mark + 1 };
}

const OF_WIDTH = /\b(?:wider|thicker|broader|deeper|more) than\b/i;

/** What an item of a list names, with what the line above the list says of it. */
function named(segment: Segment, verdict: 'forbidden' | 'allowed'): Found[] {
  const whole = /[\s\S]+/.exec(segment.text);
  // "Anything over 7 MB" lies on no picture.
  const things = segment.text.replace(/\b(?:any|no)thing\b/gi, '');
  if (!whole) return [];
  return [
    ...(segment.text.search(BORDER) >= 0 && !OF_WIDTH.test(segment.text)
      ? [at(segment, 'border', verdict, whole)]
      : []),
    ...([MARK, WORD].some(words => things.search(words) >= 0)
      ? [at(segment, 'watermark', verdict, whole)]
      : []),
  ];
}

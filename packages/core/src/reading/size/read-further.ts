import { isAdvisedAt } from '../common/advice.ts';
import { boundOf } from '../common/bounds.ts';
import type { Found } from '../common/found.ts';
import { onlyWay } from './read-shape.ts';
import { readDecimal } from '../common/quantities.ts';
import type { Segment } from '../common/segments.ts';

/** Demands on the picture's making that few organisers state: megapixels, enlarging, canvas, orientation. */

const MEGAPIXELS =
  /(?<![\d.,])(\d{1,3}(?:[.,]\d{1,2})?)(?:\s*(?:-|–|to|and)\s*(\d{1,3}(?:[.,]\d{1,2})?))?\s*-?(?:mega-?pixels?|mpx?|mpix(?:els?)?)\b/i;
/** What a camera has is no demand on the file. */
const OF_CAMERA = /\b(?:cameras?|sensors?|phones?|last (?:year|season)|used to)\b/i;

const ENLARGING =
  /\b(?:up-?(?:scal|siz|sampl|rez?)\w*|enlarg(?:e|ed|ing|ement)|interpolat\w*|blown up|blow up|made larger)\b/i;
const DENIED = /\b(?:no|not|never|without|avoid|cannot|nor)\b/i;

const THEIR_OWN = /\b(?:will not|we (?:do|will|can)(?: not)?)(?: be)?\s*$/i;

const CANVAS =
  /\b(?:(?:plain |black |white |grey |gray |coloured )?(?:canvas|padding|bars|letterbox\w*|surround|background)\b[^.;]{0,40}\b(?:added?|adding|placed|fill\w*|round|around)|(?:add|adding|placed? on|mounted on|centred on|padded with)\b[^.;]{0,30}\b(?:canvas|padding|bars|surround|background|letterbox\w*))\b/i;
const COLOURS: readonly (readonly [RegExp, string])[] = [
  [/\bblack\b/i, '#000000'],
  [/\bwhite\b/i, '#ffffff'],
  [/\bmid(?:dle)?[- ]gr[ae]y\b/i, '#777777'],
];

const OF_THESE = /^(?:-format)?(?: images?)?\s+(?:may|must|should|cannot|can|are|is|will)\b/i;
const TURNED_DOWN =
  /\bno (?:uprights?|verticals?|portraits?|landscapes?|horizontals?)\b|\b(?:cannot|can ?not|can['’]t|will not|won['’]t|do(?:es)? not|do(?:es)?n['’]t)\b/i;
const OF_LYING = /landscape|horizontal|wider than|^(?!.*\b(?:taller|higher) than\b).*\bwide\b/i;
const ONLY_SQUARE = /\bonly square\b|\bsquares? only\b/i;

export function readFurther(segment: Segment): Found[] {
  const { text } = segment;
  const found: Found[] = [];
  const add = (field: string, value: unknown, match: RegExpExecArray) =>
    found.push({
      field,
      value,
      start: segment.start + match.index,
      end: segment.start + match.index + match[0].length,
      advice: isAdvisedAt(text, match.index),
    });

  const pixels = MEGAPIXELS.exec(text);
  if (pixels && !OF_CAMERA.test(text)) {
    const [low, high] = [pixels[1], pixels[2]].map(n => (n === undefined ? undefined : readDecimal(n)));
    const bound = boundOf(text.slice(0, pixels.index), text.slice(pixels.index + pixels[0].length));
    if (high !== undefined) add('megapixels', { min: low, max: high }, pixels);
    else if (bound === 'min') add('megapixels', { min: low }, pixels);
    else if (bound === 'max') add('megapixels', { max: low }, pixels);
  }
  const enlarging = ENLARGING.exec(text);
  const refused =
    /\b(?:up-?scaled|up-?sampled|enlarged|interpolated|up-?sized) (?:pictures?|images?|files?|photos?|ones)\b[^.;]{0,12}\b(?:refused|rejected|returned|sent back|disqualified|not (?:be )?(?:accepted|allowed|permitted))\b/i.exec(
      text,
    );
  if (refused) add('enlarging', false, refused);
  // "Small images will not be enlarged" says what the organiser does, and asks nothing.
  const isTheirs = enlarging && THEIR_OWN.test(text.slice(0, enlarging.index));
  if (enlarging && !refused && !isTheirs && DENIED.test(text.slice(0, enlarging.index)))
    add('enlarging', false, enlarging);
  const canvas = CANVAS.exec(text);
  if (canvas && !/\b(?:print|mount board|wall)\b/i.test(text)) {
    const isDenied = DENIED.test(text.slice(0, canvas.index)) || /\b(?:not allowed|forbidden)\b/i.test(text);
    const colour = COLOURS.find(([words]) => words.test(text))?.[1];
    add('canvas', { allowed: !isDenied, ...(colour && !isDenied ? { colour } : {}) }, canvas);
  }
  const square = ONLY_SQUARE.exec(text);
  const way = square ?? onlyWay(segment);
  // "Portrait-format pictures may be no higher than …" speaks of some of them.
  const isSubject = way && OF_THESE.test(text.slice(way.index + way[0].length));
  if (way && !isSubject) {
    // "Vertical pictures cannot be shown" asks for the others.
    const isTurnedDown = TURNED_DOWN.test(way[0]);
    const isLying = OF_LYING.test(way[0]) !== isTurnedDown;
    add('orientation', [square ? 'square' : isLying ? 'lying' : 'upright'], way);
  }
  return found;
}

import { at } from '../common/clause.ts';
import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import {
  ALL_BUT_PLACE,
  CARRIED,
  FIELD,
  FILL_IN,
  GOES,
  IDENTIFIES,
  IS_FREE,
  KEEPS,
  LABELLED,
  MISSED,
  NAMED,
  NAME_NOT_THERE,
  NEITHER_BOTH,
  NEITHER_NAME,
  NEITHER_SHOWS,
  NEXT_NOTE,
  NONE_IN,
  NOTES,
  NOT_A_NOTE,
  NOT_STORED,
  NOT_STRIPPED,
  NO_PAIR,
  OF_CAMERA,
  OF_NOTES,
  OF_WORDS,
  OF_YOU_IN_FILE,
  ONLY_TAGGED,
  PAIR_ALONE,
  PLACE,
  PUT_IT,
  REASON,
  STAYS,
  TELLS_WHERE,
  TELLS_WHO,
  THEIR_OWN,
  WHO,
  YOU_TOO,
} from './metadata-words.ts';

/** What is to be hidden in the file, or not: the place, the author, everything. Each part of a sentence says its own. */

type Fate = 'kept' | 'gone' | undefined;

function fateOf(part: string): Fate {
  if (/\b(?:must|has to|have to) (?:stay|remain) in\b/i.test(part)) return 'kept';
  if (IS_FREE.test(part) || THEIR_OWN.test(part)) return undefined;
  if (MISSED.test(part)) return 'kept';
  if (NAMED.test(part)) return 'gone';
  if (STAYS.test(part)) return 'kept';
  if (GOES.test(part)) return 'gone';
  return KEEPS.test(part) ? 'kept' : undefined;
}

/** The part of a sentence that speaks of the note at a place of it, with blanks for the rest. */
function partAt(text: string, index: number): string {
  let start = 0;
  let end = text.length;
  for (const mark of text.matchAll(NEXT_NOTE)) {
    if (/\([^()]*$/.test(text.slice(0, mark.index))) continue;
    if (mark.index < index) start = mark.index + mark[0].length;
    else {
      end = mark.index;
      break;
    }
  }
  return text.slice(start, end);
}

/** @param before the sentence before it, which may say that metadata are spoken of */
export function readMetadata(segment: Segment, before?: Segment): Found[] {
  const text = segment.text.replace(REASON, aside => ' '.repeat(aside.length));
  const butPlace = ALL_BUT_PLACE.exec(text);
  if (butPlace)
    return [
      at(segment, 'metadata.strip', false, butPlace),
      at(segment, 'metadata.location', 'remove', butPlace),
    ];
  const neither = NEITHER_BOTH.exec(text);
  if (neither)
    return [
      at(segment, 'metadata.author', 'forbidden', neither),
      at(segment, 'metadata.location', 'remove', neither),
    ];
  const place = readPlace(segment, text, before);
  const author = readAuthor(segment, text, before);
  const notes = readNotes(segment, text, before, [...place, ...author]);
  return [...place, ...author, ...notes];
}

/** "GPS data should be removed for breeding sites" asks it of some pictures only. */
const OF_SOME_SPECIES =
  /(?<!\bespecially )\bfor (?:the |all )?(?:\w+ )?(?:protected|rare|breeding|sensitive|threatened) (?:species|sites?|birds)\b/i;

function readPlace(segment: Segment, text: string, before: Segment | undefined): Found[] {
  const tagged = ONLY_TAGGED.exec(text);
  if (tagged) return [at(segment, 'metadata.location', 'keep', tagged)];
  const where = TELLS_WHERE.exec(text);
  if (where) return [at(segment, 'metadata.location', 'remove', where)];
  const place = PLACE.exec(text);
  // "If the picture shows a nest, remove the GPS data" asks it of some pictures only.
  const isConditional =
    (/^\W*(?:\w\)\s*)?if\b/i.test(text) && !/^\W*if (?:you\b|your (?:camera|phone)\b)/i.test(text)) ||
    OF_SOME_SPECIES.test(text.replace(/\([^()]*\)/g, ' ')) ||
    (place !== null &&
      /\b(?:where|if|when) (?:(?:the|a|your) (?:bird|animal|plant|flower|nest|species)\b|an? (?:\w+ )?(?:is|are|can be)\b|[^.;:]{1,60}\b(?:is|are) (?:shown|seen|visible|pictured|photographed)\b)/i.test(
        partAt(text, place.index),
      ));
  const isOfNotes =
    OF_NOTES.test(text) || PAIR_ALONE.test(text) || (before !== undefined && NOTES.test(before.text));
  if (!place || isConditional || !isOfNotes) return [];
  // "Your name belongs in the metadata; GPS does not."
  const isNot = /^\W*(?:the )?(?:gps|location|co-?ordinates)[\w ]{0,12} do(?:es)? not\W*$/i.test(text);
  const fate = isNot ? 'gone' : (fateOf(partAt(text, place.index)) ?? fateOf(text));
  return fate ? [at(segment, 'metadata.location', fate === 'gone' ? 'remove' : 'keep', place)] : [];
}

/** Names of fields in one sentence that are looked at; a real one has a handful. */
const MOST_NAMES = 24;

function readAuthor(segment: Segment, text: string, before: Segment | undefined): Found[] {
  const neither = NEITHER_SHOWS.exec(text) ?? NEITHER_NAME.exec(text) ?? IDENTIFIES.exec(text);
  if (neither) return [at(segment, 'metadata.author', 'forbidden', neither)];
  const hidden = /\bin the file\b/i.test(text) ? OF_YOU_IN_FILE.exec(text) : null;
  if (hidden) return [at(segment, 'metadata.author', 'forbidden', hidden)];
  const put = PUT_IT.exec(text);
  if (put) return [at(segment, 'metadata.author', 'required', put)];
  const there =
    NOT_STORED.exec(text) ??
    NONE_IN.exec(text) ??
    (before && NOTES.test(before.text) ? NAME_NOT_THERE.exec(text) : null);
  if (there) return [at(segment, 'metadata.author', 'forbidden', there)];
  const isBehindNotes =
    before !== undefined && (NOTES.test(before.text) || /\b(?:gps|location)\b/i.test(before.text));
  const isAbout =
    FIELD.test(text) ||
    YOU_TOO.test(text) ||
    (PAIR_ALONE.test(text) &&
      /\b(?:blank|empty|filled|complete|delete|remove|clear)\b/i.test(text) &&
      !/\bform\b/i.test(text)) ||
    (isBehindNotes &&
      (PAIR_ALONE.test(text) || NO_PAIR.test(text) || FILL_IN.test(text) || TELLS_WHO.test(text)));
  if (!isAbout) return [];
  for (const who of [...text.matchAll(WHO)].slice(0, MOST_NAMES)) {
    const part = partAt(text, who.index);
    const own = part.split(/,\s+(?:not|nor|never) /i)[0] ?? part;
    if (isElsewhere(part.slice(Math.max(0, part.indexOf(who[0]))))) continue;
    const isField =
      FIELD.test(part) ||
      PAIR_ALONE.test(part) ||
      (YOU_TOO.test(text) && /\byour name\b|['’]s name\b/i.test(part)) ||
      YOU_TOO.test(part) ||
      (before !== undefined && NOTES.test(before.text)) ||
      (isBehindNotes && (NO_PAIR.test(text) || FILL_IN.test(text))) ||
      (NOTES.test(text) && /\bnot (?:be )?(?:included|present|contained|there|given)\b/i.test(part));
    const fate = isField ? (fateOf(own) ?? (LABELLED.test(text) ? 'kept' : undefined)) : undefined;
    if (fate) return [at(segment, 'metadata.author', fate === 'gone' ? 'forbidden' : 'required', who)];
  }
  const notes =
    NOTES.exec(text) ?? OF_YOU_IN_FILE.exec(text) ?? (isBehindNotes ? TELLS_WHO.exec(text) : null);
  return notes && (TELLS_WHO.test(text) || OF_YOU_IN_FILE.test(text))
    ? [at(segment, 'metadata.author', 'forbidden', notes)]
    : [];
}

/** "No name may appear on the image": the picture is named before any note is. */
function isElsewhere(rest: string): boolean {
  const [elsewhere, field] = [rest.search(NOT_A_NOTE), rest.search(FIELD)];
  const isListed = /^[\w\s,-]*\b(?:or|nor|and)(?: in| from)?(?: the| its| their)? $/i.test(
    rest.slice(elsewhere, field),
  );
  return elsewhere >= 0 && (field < 0 || (elsewhere < field && !isListed));
}

function readNotes(
  segment: Segment,
  text: string,
  before: Segment | undefined,
  said: readonly Found[],
): Found[] {
  const strip = (value: boolean, match: RegExpExecArray) => [at(segment, 'metadata.strip', value, match)];
  const notes = NOTES.exec(text);
  if (!notes) {
    // "… in the EXIF data. Please do not strip them."
    const kept = before && NOTES.test(before.text) ? NOT_STRIPPED.exec(text) : null;
    return kept ? strip(false, kept) : [];
  }
  const isOfAuthor = (part: string) => said.some(f => f.field === 'metadata.author') && part.search(WHO) >= 0;
  // "Remove EXIF data that shows who you are": that is all of them which goes.
  if (said.length && (TELLS_WHO.test(text) || OF_YOU_IN_FILE.test(text) || NONE_IN.test(text))) return [];
  // "Remove all patient details from the image and from its metadata."
  if (/\b(?:remove|delete|clear) (?:all |any )?(?:patient|personal|private|customer)\b/i.test(text))
    return [];
  if (
    /\b(?:no difference|up to you whether|(?:not|n['’]t) (?:matter|care|mind|worry)|all the same)\b/i.test(
      text,
    )
  )
    return [];
  // "Do not write into the IPTC fields, our database does that."
  if (
    /\bnot (?:write|put|enter|type)\b[^.;]{0,16}\b(?:in|into) (?:the |any )?(?:iptc|metadata|exif)\b/i.test(
      text,
    )
  )
    return [];
  if (CARRIED.test(text)) return strip(true, notes);
  for (const each of [...text.matchAll(new RegExp(NOTES, 'gi'))].slice(0, MOST_NAMES)) {
    const part = partAt(text, each.index);
    if (isOfAuthor(part)) continue;
    const isOfPlace = PLACE.test(part) && said.length > 0;
    if (
      isOfPlace &&
      !/\b(?:all|full|complete) (?:embedded |other )?(?:exif|metadata)|\bwith (?:its|their) exif\b|\band height in the exif\b|\bexif(?: data)?(?: and| with|,)|(?:,|\band) exif\b/i.test(
        part,
      )
    )
      continue;
    const fate = fateOf(part);
    // "Captions go into the IPTC description" says nothing of the camera's data.
    if (fate === 'kept' && (OF_WORDS.test(part) || !OF_CAMERA.test(part))) continue;
    if (fate) return strip(fate === 'gone', each as RegExpExecArray);
  }
  return [];
}

import { at, clauseAt } from './clause.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

/** What is to be hidden in the file, or not: place, author, everything. */

const LOCATION =
  /\b(?:gps|geo-?tag(?:s|ged|ging)?|location services|(?<=\b(?:remove|delete|strip) the )location|(?<=\b(?:not|n['’]t) (?:embed|include|add) (?:the |any )?)location(?=[.,;]|$)|geo-?location|location (?=(?:is|must|has|should)\b)|location (?:data|information|tags?|metadata)|co-?ordinates)\b/i;
const AUTHOR =
  /\b(?:(?:author|creator|artist|copyright|by-?line|photographer|owner|names?)(?:['’]s)?\b[^.;]{0,80}\b(?:fields?|tags?|metadata|exif|iptc|properties|file info(?:rmation)?)|author (?:information|data|details) in the file|(?:exif|iptc|metadata|file info(?:rmation)?|properties|fields?)\b[^.;,]{0,30}\b(?:author|creator|artist|copyright|by-?line|photographer|your name)\b|(?:your |the author['’]s |author |photographer['’]s )?names? must not (?:appear|be)[^.;]{0,25}\b(?:in|inside) (?:the )?(?:file|metadata))/i;
const GONE =
  /\b(?:remov\w*|strip\w*|delet\w*|blank|empty|cleared?|must not|not (?:contain|include|appear|hold|be|in)\b|lead to \w+|no\b|without|free of|erased?|scrub\w*|taken? (?:it |them )?out|wiped?|emptied|(?:do not|don['’]t) (?:embed|include|add)|deactivat\w*|disabl\w*|off(?! the))\b/i;
const FILLED =
  /\b(?:fill(?:ed)?(?: in| out| up)?|named|writ(?:e|ten)|name you|has to (?:name|give|say)|mandatory|compulsory|obligatory|entered|provided|required|goes in|ha(?:ve|s) to be in|must (?:contain|include|be (?:present|completed|filled|set|kept|left|in))|complete[d]?|present|recorded|stated|noted|includ(?:e|ed|es)|add(?:ed)?|embed(?:ded)?|contain|hold|carry|intact|should (?:contain|include|hold|give))\b/i;
/** "Photographer's name in the IPTC credit field", as an item of a list of demands. */
const NAMED_IN =
  /^[-*•–·]\s*[^.;]{0,30}\b(?:name|credit) in the\b[^.;]{0,24}\bfield\b|^(?:creator|author|copyright|credit)\b[^.;]{0,40} in the (?:metadata|iptc|exif)(?: data)?,? please|^(?:[-*•–·]\s*|[A-Z][a-z]+:\s*)(?!no\b)[^.;]{0,40}\b(?:creator|author|copyright)\b[^.;]{0,40}\bin (?:the )?(?:iptc|metadata|exif)\b/i;
const EVERYTHING =
  /\b(?:all|any|every|the)?\s*(?:exif|metadata|meta data|iptc|camera(?:['’]s)? (?:data|information|settings)|exposure (?:data|information|settings)|file information)\b/i;

/** "Captions go into the IPTC description; creator and copyright must be complete": the second half is about fields too. */
const FIELDS_ALONE =
  /^(?:the )?(?:author|creator|artist|copyright|by-?line|photographer)(?:,? (?:and|or) (?:the )?(?:author|creator|artist|copyright|by-?line|caption|title)){1,2}\b/i;

/** "EXIF: keep", "Metadata: none". */
const NAMED_ALONE =
  /^(?:[-*•–·]\s*)?(?:exif|metadata|camera)(?: data)?\s*(?:[:=–-]|\s{2,})\s*(?:(?<kept>keep|kept|yes|intact|complete|required|must stay)|(?<gone>none|no|remove[d]?|strip(?:ped)?|delete[d]?))\.?$/i;
/** "Files without EXIF data are refused." */
const WITHOUT_REFUSED =
  /\b(?:without|lacking|missing) (?:any |the |its |their )?(?:exif|metadata|camera data)[^.;]{0,40}\b(?:refused|rejected|not|cannot|returned|disqualified|excluded)\b/i;
/** "Metadata must not give away who you are." */
const TELLS_WHO =
  /\b(?:metadata|exif|iptc)\b[^.;]{0,20}\b(?:not|never)\b[^.;]{0,20}\b(?:give away|reveal|show|tell|betray|identify)\b[^.;]{0,20}\b(?:who|you|author|identity|name)\b/i;
/** "Images with metadata will be refused." */
const WITH_REFUSED =
  /\b(?:with|containing|that contain|that carry) (?:any )?(?:exif|metadata)\b[^.;]{0,30}\b(?:refused|rejected|not accepted|returned)/i;
/** "Images without copyright information in the metadata will not be published." */
const WITHOUT_NAME =
  /\bwithout\b[^.;]{0,30}\b(?:copyright|author|creator)\b[^.;]*\b(?:not|refused|rejected|returned|sent back)\b/i;
/** "… in the EXIF data. Please do not strip them." */
const NOT_STRIPPED = /\b(?:do not|don['’]t|never) (?:strip|remove|delete) (?:them|it)\b/i;
const REASON = /\([^()]*\b(?:has|have|had|was|were)\b[^()]*\)/gi;

/** @param before the sentence before it, which may say that metadata are spoken of */
export function readMetadata(segment: Segment, before?: Segment): Found[] {
  // "(location data has leaked before)" tells why.
  const text = segment.text.replace(REASON, aside => ' '.repeat(aside.length));
  const found: Found[] = [];
  const location = LOCATION.exec(text);
  // "If the picture shows a nest, remove the GPS data" asks it of some pictures only.
  const isConditional = /^\W*(?:\w\)\s*)?if\b/i.test(text) && !/^\W*if you\b/i.test(text);
  if (
    location &&
    !isConditional &&
    /\b(?:gps|geo|geo-?tagg?\w*|location|metadata|exif|co-?ordinates)/i.test(text)
  ) {
    const clause = clauseAt(text, location.index);
    if (GONE.test(clause)) found.push(at(segment, 'metadata.location', 'remove', location));
    else if (
      FILLED.test(clause) ||
      /\b(?:keep|kept|left|leave|needed|retain\w*|preserv\w*|(?:must|should|needs?|have|has) (?:to )?be geo-?tagged)\b/i.test(
        clause,
      )
    )
      found.push(at(segment, 'metadata.location', 'keep', location));
  }
  const author =
    AUTHOR.exec(text) ??
    (before && /\b(?:iptc|exif|metadata)\b/i.test(before.text) ? FIELDS_ALONE.exec(text) : null);
  if (author) {
    // What is said of the location behind it is another demand.
    const upto = location && location.index > author.index + author[0].length ? location.index : text.length;
    const own = text
      .slice(Math.max(0, text.lastIndexOf(', and', author.index)), upto)
      .replace(/\s[-–—]\s.*$/s, '');
    const isFilled = WITHOUT_NAME.test(text) || /^[^:]{3,30}field\s*[:=]\s*(?:your|the|full)\b/i.test(text);
    if (isFilled) found.push(at(segment, 'metadata.author', 'required', author));
    else if (GONE.test(own)) found.push(at(segment, 'metadata.author', 'forbidden', author));
    else if (FILLED.test(own) || NAMED_IN.test(text))
      found.push(at(segment, 'metadata.author', 'required', author));
  }
  const telling = author ? null : TELLS_WHO.exec(text);
  if (telling) {
    found.push(at(segment, 'metadata.author', 'forbidden', telling));
    return found;
  }
  const listed = NAMED_ALONE.exec(text);
  if (listed?.groups) {
    found.push(at(segment, 'metadata.strip', listed.groups['gone'] !== undefined, listed));
    return found;
  }
  const carried = WITH_REFUSED.exec(text);
  if (carried) {
    found.push(at(segment, 'metadata.strip', true, carried));
    return found;
  }
  const missing = author ? null : WITHOUT_REFUSED.exec(text);
  if (missing) {
    found.push(at(segment, 'metadata.strip', false, missing));
    return found;
  }
  const kept = before && /\b(?:exif|metadata)\b/i.test(before.text) ? NOT_STRIPPED.exec(text) : null;
  if (kept) return [...found, at(segment, 'metadata.strip', false, kept)];
  const whole = EVERYTHING.exec(text);
  // What may stay need not stay.
  const isFree = /\b(?:may|can) (?:be (?:kept|retained|left|removed|stripped|deleted)|stay|remain)\b/i.test(
    text,
  );
  // "EXIF must be present, but GPS must be stripped": each half says its own.
  const part = whole ? clauseAt(text, whole.index) : '';
  const isOfLocation = location !== null && found.length > 0 && part.includes(location[0]);
  if (whole && !isFree && !author && (!isOfLocation || /\ball (?:exif|metadata)/i.test(text))) {
    if (
      /\b(?:intact|keep (?:the |all |your |their |its )?(?:exif|metadata|camera)|kept|retain\w*|preserv\w*|leave[^.;]{0,30}\bin\b|not (?:be )?(?:strip\w*|remov\w*|delet\w*)|(?:must|should|has to|have to) (?:stay|remain|be (?:present|included|there|kept|complete)|include|show|contain|hold)|not be (?:altered|changed)|\bwe need (?:it|them)\b|(?:exif|metadata|camera) (?:data |information )?included|left (?:in|alone|untouched)|(?:exif|metadata)(?: data)? complete|unaltered|(?:do not|don['’]t) (?:\w+ or )?(?:strip|remove|delete))\b/i.test(
        part,
      )
    )
      found.push(at(segment, 'metadata.strip', false, whole));
    else if (
      /\b(?:strip\w*|remov\w*|delet\w*|no (?:exif|metadata)|without (?:any )?(?:exif|metadata)|clear(?:ed)?|free of)\b/i.test(
        part,
      )
    )
      found.push(at(segment, 'metadata.strip', true, whole));
  }
  return found;
}

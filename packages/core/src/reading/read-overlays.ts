import { at, clauseAt } from './clause.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

/** What may lie over the picture or round it. */

const NO =
  /\b(?:unframed|no|not|never|nothing|none|rather not|without|free (?:of|from)|remov\w*|must not|may not|cannot|(?:do|does|is|are|wo|should|must|would)n['’]t|forbidden|prohibited|disqualif\w*|reject\w*|refus\w*|delet\w*|discard\w*|disregard\w*|exclu\w*|ignored|sent back|returned|eliminat\w*|barred|banned|avoid(?:ed)?|nor|neither|unacceptable|take[^.;]{0,20}\boff|(?:switched|turned) off|leave (?:them|it|these|those) (?:off|out|away)|leave out|taken out|omit(?:ted)?|not (?:allowed|permitted|accepted))\b/i;
const YES =
  /\b(?:allowed|permitted|tolerated|may (?:stay|remain|be|have|carry|add|use|include)|welcome|fine|acceptable|ok(?:ay)?|optional|can (?:have|add|be|include|put|use)|may put|at your (?:own )?discretion|up to you|as you (?:like|wish|please))\b/i;

const BORDER =
  /\b(?:borders?|keylines?|key lines?|frames of any (?:kind|sort)|frame (?:your|the|any) (?:pictures?|images?|photos?|work) digitally|digital framing|framed (?:or \w+ )?(?:files|images|pictures|photos)|show (?:the|a|its) frame|unframed (?:pictures|images|photos|files)|(?:white|black|gr[ae]y|thin|fine|coloured|narrow) lines? (?:round|around)|(?:decorative |digital |white |black |added |drawn |artificial )frames? (?:round|around|on|are|is)|framelines?|frames (?:are|round|around)|(?:borders? (?:or|and) |no )frames?\b(?! (?:size|rate|from))|frames?(?=,| (?:and|or) (?:text|logos?|borders?|water|passe))[^.;]{0,60}\b(?:not|forbidden|prohibited|banned|barred)\b)/i;
const MARKS =
  /\b(?:water-?mark(?:s|ed|ing)?|date[- ]?(?:stamp|imprint|print)s?|mark (?:your|the|any) (?:images?|pictures?|photos?) in any way|(?:tells?|shows?|reveals?)\b[^.;]{0,20} who (?:you are|took)|visible (?:names?|signatures?|dates?|logos?)|signs? of (?:authorship|ownership|the author)|(?:author|photographer|maker|entrant)s? (?:must|may|should|can) ?not be (?:recogni[sz]able|identifi(?:able|ed))|logos?|(?:author|photographer|maker|entrant|your|the)(?:['’]s?|s['’])? (?:name|signature|initials)s?[^.;]{0,60}\b(?:on|across|over|in|within|into|onto|to) (?:the (?:front|face) of )?(?:the |any |an |your )?(?:picture|pic|image|photo(?:graph)?|work|print)s?|markings? (?:that|which)\b[^.;]{0,20}\b(?:reveal|identif|show|betray)\w*|identi(?:fication|ty) of the (?:author|maker|photographer|entrant)|(?:names?|dates?|text|lettering|captions?|titles?|signatures?|writing)[^.;]{0,30}\b(?:on|across|over|laid over|superimposed on|added to) (?:the |any |an |your )?(?:pic(?:ture)?|image|photo(?:graph)?|work|shot|face of)s?|(?:image|picture|photo(?:graph)?|file(?! ?-?name)|work)s?\b[^.;]{0,30}\b(?:carry|bear|show|display|contain|include)[^.;]{0,30}\b(?:identification|name|signature|mark\b|text|lettering|copyright notice|initials)|\b(?:writ(?:e|ing)|put(?:ting)?) (?:it|this|that|anything|them) (?:on|over|across) (?:the |any |your )?(?:picture|image|photo)|\b(?:names?|dates?)\b[^.;]{0,40}\b(?:printed|written|shown) (?:at|on|in|across) the (?:bottom|picture|photo|top|corner)|\b(?:must|may|should|can) ?not be (?:framed or )?signed\b|\badd(?:ed|ing)? anything (?:to|on)\b|\badd(?:ing)? (?:the |a |an |any |your )?(?:dates?|names?|titles?|captions?|writing)\b|\bwrit(?:e|ing) on (?:it|them)\b|\b(?:nothing|anything)(?: \w+)? (?:written|printed|drawn|typed|stamped) (?:on|over|across) (?:it|them|(?:the |your )?(?:photo(?:graph)?|picture|image)s?)\b|\bmy (?:name|signature|logo|initials) (?:on|across) (?:it|them|the)\b|\b(?:labels?|scale bars?)\b[^.;]{0,30}\b(?:on|from|in|across) (?:the |your )?(?:image|picture|photo)|\b(?:name|signature|initials)s? (?:can|could|may) be (?:read|seen|recogni[sz]ed)\b|\bput(?:ting)? (?:the |a |any |your )?(?:dates?|names?|titles?|logos?|signatures?|text|captions?) on (?:it|them)\b|\bidentif(?:y|ies|ying) (?:the |its )?(?:author|maker|photographer|entrant)\b|\bidentif\w+ marks?\b|\bsign (?:the|your|any) (?:photo|image|picture|print)|\bname off the (?:picture|image|photo(?:graph)?|print)|(?:borders?|frames?|logos?|marks?),? (?:and |or |nor )?signatures?\b|copyright (?:notice|symbol|line|mark)s?\b|text overlays?|signed (?:or \w+ )?(?:images|pictures|prints|files|photos)|signatures? on (?:images|pictures|prints)|text (?:overlays?|of any kind)|\b(?:picture|image|photo(?:graph)?|print)s?\b[^.;]{0,20}\b(?:reveal|identif|betray|give away)\w*[^.;]{0,20}\b(?:who|identity|author|maker|photographer|entrant|you)\b)/i;
/** A greatest width of a border lets a border be. */
const BORDER_LIMITED =
  /\bborders? (?:must|may|should|can) ?not (?:be|exceed)[^.;,]{0,12}(?:wider|thicker|broader|larger|more) than\b/i;
const BORDER_USED = /\bborders? (?:may|can) be (?:used|added|included)\b/i;
const BORDER_EXCLUDED =
  /\b(?:wider borders?|borders?\b[^.;,]{0,30}\b(?:wider|thicker|broader) than|wall|mount|hung|framed prints?|passe(?!-?partouts? (?:drawn|added|made))|glass|glazed|perspex)\b/i;

/** "The image should show the work only, without frame or mount." */
const WITHOUT_FRAME =
  /\b(?:image|picture|photo(?:graph)?)s?\b[^.;]{0,60}\bwithout (?:an? |any |its |the )?(?:frames?|mounts?|borders?)\b|\bcrop(?:ped)? off the frame\b/i;

/** Words that turn down whatever is listed behind them, up to the next verb or stop. */
const TURNED_DOWN =
  /(?:\bwhat (?:i|we) (?:don['’]t|do not) want(?=:)|^(?:prohibited|forbidden|not allowed|not permitted)(?=\s*:)|\b(?:leave out(?: any)?|neither|no(?! (?:more|less|larger|bigger|smaller|later|fewer|longer|need)\b)|without(?: any)?|free (?:of|from)(?: any)?)|(?:\bnot|\bnever|n['’]?t|\bcannot)(?: \w+){0,2}? (?:accept (?:photos|pictures|images|works|files) with|add|bear|carry|contain|have|include|show|put|place|use|apply|feature|display)(?: any| an?)?|\bnothing (?:like|such as|on (?:the |your )?(?:photo(?:graph)?|picture|image) (?:like|such as))|\bnot (?:accepted|allowed|permitted|wanted|welcome)(?=:)|\b(?:must|may|can) ?not be)\b:?(?<list>[^.;:]{0,90})/gi;
const LISTED_BORDER =
  /\b(?:borders?|frames?(?! of| rate| size)|keylines?|passe-?partouts?|matt?e?s?\b(?! paper)|edgings?|mounts?(?=\s*(?:,|or|and|nor|\.|$)))/i;
const LISTED_MARK =
  /\b(?:water-?marks?|logos?|inscriptions?|lettering|texts?(?! message| file)|signatures?|captions?|(?:date|time)[- ]?stamps?|copyright (?:notice|mark|symbol|line)s?|writing|titles? on|names? on|visible names?|dates? in the corner|names? of the (?:author|photographer|maker))\b/i;
/** What counts as a mark where the list speaks of what is on the picture. */
const LISTED_WORDS = /\b(?:names?|titles?|dates?)\b/i;
const ON_PICTURE = /\bon (?:the|your|any) (?:picture|image|photo(?:graph)?)s?\b/i;
/** "Border and watermark free". */
const FREE_OF =
  /\b(?<list>(?:(?:borders?|frames?|water-?marks?|logos?|text)(?:, ?| and | or | & |\/)?)+)[- ]free\b/gi;
/** "Pictures with frames, dates or watermarks cannot be used." */
const PICTURES_WITH =
  /\b(?:pictures?|images?|photo(?:graph)?s?|files?|entries|works?) (?:with|that (?:have|carry|bear|show)|bearing|carrying|showing)\b(?<list>[^.;:]{0,80}?)\b(?:cannot|can['’]t|won['’]t|will (?:not|be (?:refused|rejected|returned|excluded))|are (?:not|refused|rejected|excluded|returned|disqualified|eliminated|out\b|taken out)|must not)\b/gi;
/** "Watermarks and frames lead to exclusion." */
const LEADS_OUT =
  /^(?<list>[^.;:]{3,60}?) (?:will |may )?leads? to (?:exclusion|disqualification|rejection|refusal)\b/gi;
/** What speaks of the name of the file, of its notes, or of a signature that is asked for. */
const NOT_ON_PICTURE = /\b(?:file ?-?names?|metadata|exif|iptc|fields?|capitals?|email|message)\b/i;

/** "No frame, text or logo", "must not bear any inscription, signature or frame": a list that is turned down. */
function readTurnedDown(segment: Segment): Found[] {
  const found: Found[] = [];
  if (
    NOT_ON_PICTURE.test(segment.text) ||
    BORDER_EXCLUDED.test(segment.text.replace(/passe-?partouts?/gi, ''))
  )
    return found;
  for (const match of [TURNED_DOWN, PICTURES_WITH, LEADS_OUT, FREE_OF].flatMap(words => [
    ...segment.text.matchAll(words),
  ])) {
    // A verb ends the list: what follows it is another statement.
    const list =
      (match.groups?.['list'] ?? '').split(
        /\b(?:is|are|will|must|should|may|can|but|unless|except|to|other than)\b/i,
      )[0] ?? '';
    for (const [field, words] of [
      ['border', LISTED_BORDER],
      ['watermark', LISTED_MARK],
    ] as const) {
      const isWord = field === 'watermark' && ON_PICTURE.test(segment.text) && LISTED_WORDS.test(list);
      const hit = words.test(list) || isWord;
      if (hit && !found.some(f => f.field === field)) found.push(at(segment, field, 'forbidden', match));
    }
  }
  return found;
}

/** A question and its answer stand together; where the answer names what it speaks of, it alone counts. */
function answerOf(segment: Segment): Segment {
  const mark = segment.text.indexOf('?');
  const answer = segment.text.slice(mark + 1);
  if (mark < 0 || !(BORDER.test(answer) || MARKS.test(answer))) return segment;
  return { ...segment, text: answer, start: segment.start + mark + 1 };
}

/** "What must not be on the picture" over a line of its own that only lists. */
function readUnderDenial(segment: Segment, before: Segment | undefined): Found[] {
  const isHead =
    before !== undefined &&
    before.text.length < 60 &&
    before.line < segment.line &&
    /\b(?:not|never|no)\b[^.]*\b(?:picture|image|photo(?:graph)?|work|print)s?:?$/i.test(before.text);
  if (!isHead || segment.text.length > 100) return [];
  const whole = /[\s\S]+/.exec(segment.text);
  if (!whole) return [];
  return [
    ...(LISTED_BORDER.test(segment.text) ? [at(segment, 'border', 'forbidden', whole)] : []),
    ...(/\b(?:dates?|names?)\b/i.test(segment.text) || LISTED_MARK.test(segment.text)
      ? [at(segment, 'watermark', 'forbidden', whole)]
      : []),
  ];
}

/** @param before the line before it, which may be a heading that denies */
export function readOverlays(whole: Segment, before?: Segment): Found[] {
  const denied = readUnderDenial(whole, before);
  if (denied.length) return denied;
  const segment = answerOf(whole);
  const said = readSaidOverlays(segment);
  const laid = said.some(f => f.field === 'watermark') ? [] : readLaidOver(segment);
  said.push(...laid);
  return [...said, ...readTurnedDown(segment).filter(f => !said.some(s => s.field === f.field))];
}

const A_MARK =
  /\b(?:names?|dates?|texts?|titles?|captions?|signatures?|initials|logos?|copyright|writing|written|lettering|inscriptions?)\b/i;
/** On the picture, or to be seen. */
const LAID_OVER =
  /\b(?:on|onto|into|off|over|across|(?<=(?:names?|captions?|text|titles?|writing) )in|(?<=names? shows )in)(?: any part of)? (?:the |your |any |an |each |its )?(?:picture|image|photo(?:graph)?|work|it|them)s?\b|\bvisible\b|\bin the (?:\w+ ){0,2}corner\b|\b(?:picture|image|photo(?:graph)?|work)s?\b[^.;]{0,20}\bshow (?:who|whose)\b/i;

const BESIDE_METADATA =
  /(?:,|\b(?:or|nor|and)) (?:in )?(?:the |its |their )?(?:metadata|exif|iptc|file ?-?names?)\b/gi;

/** "Nothing may be written on the image", "keep text off the picture": any mark that is said to lie over it. */
function readLaidOver(segment: Segment): Found[] {
  // "In the pictures or in the metadata" names the picture as well.
  const text = segment.text.replace(BESIDE_METADATA, beside => ' '.repeat(beside.length));
  const laid = LAID_OVER.exec(text);
  if (!laid || NOT_ON_PICTURE.test(text) || !(A_MARK.test(text) || /\bshow who/i.test(laid[0]))) return [];
  const clause = clauseAt(text, laid.index);
  const value =
    NO.test(clause) || /\bkeep\b.*\boff\b/i.test(clause)
      ? 'forbidden'
      : YES.test(clause)
        ? 'allowed'
        : undefined;
  return value ? [at(segment, 'watermark', value, laid)] : [];
}

function readSaidOverlays(segment: Segment): Found[] {
  const { text } = segment;
  const found: Found[] = [];
  const border = BORDER.exec(text);
  if (border && (BORDER_LIMITED.test(text) || !BORDER_EXCLUDED.test(text))) {
    const clause = decisive(text, border.index) ?? clauseAt(text, border.index);
    const value =
      BORDER_LIMITED.test(text) || BORDER_USED.test(text) || (YES.test(clause) && !NO.test(clause))
        ? 'allowed'
        : NO.test(clause)
          ? 'forbidden'
          : YES.test(text)
            ? 'allowed'
            : undefined;
    if (value) found.push(at(segment, 'border', value, border));
  }
  const bare = border
    ? null
    : (WITHOUT_FRAME.exec(text) ??
      /^(?:frames?|borders?)\s*(?:[:=–-]|\s{2,})\s*(?:none|no|not allowed)\b/i.exec(text));
  if (bare) found.push(at(segment, 'border', 'forbidden', bare));
  const mark = MARKS.exec(text);
  if (
    mark &&
    !/\b(?:metadata|exif|iptc|file ?name|named)\b(?!\s+n?or\b)[^.;,]{0,20}$/i.test(
      text.slice(0, mark.index),
    ) &&
    !/\b(?:fields?|metadata|exif|iptc)\b/i.test(
      // "In the pictures or in the metadata" names the picture as well.
      (mark[0] + text.slice(mark.index + mark[0].length).slice(0, 25)).replace(
        /\b(?:or|nor|and) (?:in )?(?:the |its |their )?(?:metadata|exif|iptc)\b/gi,
        '',
      ),
    )
  ) {
    const clause = clauseAt(text, mark.index);
    const value =
      NO.test(clause) || NO.test(text.slice(0, mark.index))
        ? 'forbidden'
        : YES.test(clause)
          ? 'allowed'
          : undefined;
    if (value) found.push(at(segment, 'watermark', value, mark));
  }
  return found;
}

/** "White keylines are fine, other borders are not": the part between commas, where it says yes or no by itself. */
function decisive(text: string, index: number): string | undefined {
  const start = text.lastIndexOf(',', index) + 1;
  const end = text.indexOf(',', index);
  const part = text.slice(start, end < 0 ? undefined : end);
  return YES.test(part) !== NO.test(part) ? part : undefined;
}

import { isAdvisedAt } from '../common/advice.ts';
import { boundOf, type Bound } from '../common/bounds.ts';
import { HEIGHT_FIRST } from './read-print.ts';
import { isElsewhere } from '../common/elsewhere.ts';
import { PIXELS, readPixels } from '../common/quantities.ts';
import { readSingles, toSpan } from './read-one-side.ts';
import { HIGH, UNIT, WIDE, type Side } from './side-words.ts';
import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import type { Span } from '../common/reading.ts';
import { oneOf, patterns } from '../common/word-lists.ts';

/** Sentences whose pixels are somebody else's: the catalogue's, last year's, a telly's, a mount's. */
const NOT_OURS = new RegExp(
  `\\b${oneOf`
    (?<!\b(?:as|for) an? [^.;]{0,80}\bfor (?:the|our) |\b(?:file|version|copy) for (?:the|our) )catalogue(?! (?:file|image|version|picture|copy)s?\b| we (?:need|require|ask)\b|:)
    reproduc\w*\b(?! (?:please |we )?(?:send|submit|supply|need|ask|require)|(?: of [a-z ]{3,30})?:) | reduced size | printed in (?:the|our|an?) catalogue
    \b(?:we|(?:the|our) (?:system|software|site)) (?:make|create|generate|show)s? (?:an? |the )?(?:preview|thumbnail|copy)
    (?:the|our) (?:tv|telly|screen|monitor) (?:in|at|on) the \w+ (?:is|has|measures)
    (?:beamer|projector|screen|monitor|display)['’]s (?:native )?resolution | (?:they|it|pictures|images) (?:will )?appears? (?:with|at|in) (?=\d)
    (?:it|the (?:form|leaflet|newsletter|page)) (?:says|said) | created automatically | each half | we (?:scale|resize|reduce|shrink) (?:everything|all|your|the|each|every|them|it|what)\b
    (?:organisers?|society|sponsors?) (?:may|might|can) (?:show|publish|display|use|reproduce)\b | last (?:year|season|time|month|round) | previous(?:ly)?(?! works?\b)
    in (?:the )?past | until now | up to now | hitherto | proposed(?! works?\b) | (?:i|we) had one\b
    used to be | formerly | no longer (?:be |possible|accept\w*|in force|valid|used|appl\w+)
    (?<!\b(?:from|out of|for) )(?:our|the) (?:(?:club|hall|school)['’]s )?(?:(?:new|old|present|current|digital) )?(?:projector|screen|monitor|website|server|software|camera|tv|telly) (?:has|is|shows|displays|runs|resizes)
    (?:right to|we (?:may|might|can|shall)) (?:show|publish|display|use|reproduce) (?:your |the )?(?:images|pictures|photos|works|photographs|them) \(
    \bwe (?:will )?(?:show|publish|display)(?: (?:the|your))? (?:images|pictures|photos|them|works) at\b
    (?:images|pictures|photos) (?:are|will be) (?:shown|displayed) (?:at|with) (?:an? (?:max\w*|width|size)|up to|at most)\b
    (?:accepted|selected|chosen|winning) (?:images|pictures|photos|works|photographs) (?:may|will|can|are to) be (?:shown|reproduced|published|displayed|used|printed)
    (?:screen|telly|tv|projector|monitor) \(\d{3,4} ?(?:px|pixels) (?:wide|high|tall|across)(?=[,)]) | native resolution | projector\b[^.;:]{0,40}\b(?:has|with) a resolution | megapixels? (?:has|have|is|gives)
    the old (?=\d) | (?:be|shown|runs?) on (?:the|our|a) (?:big |large )?(?:screen|telly|tv)\b | \b(?:appears|is shown|means)\b[^.;]{0,40}\b(?:another|other|a different) size than\b
    \b(?:shown|judged|viewed) (?:\w+ )*?on (?:an?|our|the) [^.;]{0,30}(?:monitor|screen|tv|projector)
    (?<!\bfit(?:s|ting)? (?:on |in |into |within )?(?:an?|the|our) )(?:projectors?|screens?|monitors?|tv|telly|cameras?|sensors?) (?:of|with) \d
    (?:in|until) (?:19|20)\d\d\b[^.;]{0,30}\b(?:was|were|asked|used|had|stood)\b | still (?:asked|used|had)
    \b(?:web ?site|page|system) makes (?:its|their) own (?:thumbnails?|previews?|copies) | thumbnails? (?:on|in) (?:our|the) (?:web ?site|page|gallery)
    your (?:camera|phone)s? (?:\w+ )?(?:makes?|takes?|produces?|delivers?|gives?)
    head (?:height|size|must|should) | face (?:should|must)
    (?:may|might|can) (?:show|publish|display|use)\b[^.;\d]{0,40}\d[^.;]{0,24}\bon (?:their|its|our) (?:own )?(?:pages?|web ?sites?|channels?)
    \b(?:entry|winner|picture|image|one)\b (?:last year )?(?:was|were|had) (?=\d) | caption | bio(?:graphy)?\b
  `}`,
  'i',
);
const PAIR = new RegExp(
  `(?<![\\d.,:-]|\\d/)(?<a>${PIXELS})\\s*(?<unitA>${UNIT})?\\s*(?<sideA>${WIDE}|${HIGH})?\\s*(?:\\((?:max|min)\\w*\\.?\\)\\s*)?(?<join>[x×✕*]|by)\\s*(?<b>${PIXELS})(?!\\s*(?:mm|cm|in\\b(?! (?:either|size|total|both|any|all|landscape|portrait|jpe?g|s?rgb))|inch|ppi|dpi|kb|mb|"))\\s*(?<unitB>${UNIT})?\\s*(?<sideB>${WIDE}|${HIGH})?`,
  'gi',
);
/** A size that only illustrates another demand. */
const EXAMPLE_OF =
  /\b(?:for example|e\.g\.|such as|for instance|prints? (?:needs?|takes?|comes? to))[\s,]*$/i;
const REFUSED_ABOVE = new RegExp(
  `${oneOf`
    (?:anything|files?|images?|pictures?|ones|entries)(?: that| which)? exceed(?:s|ing)? (?:this|that|these)\b
    (?:do not|don['’]t) mind if (?:it is|it['’]s|they are) (?:less|smaller)
    (?:anything|files?|images?|pictures?|ones|entries) (?:that (?:is|are) )?(?:larger|bigger|wider|higher|over|above)\b(?!(?: than)? \d[\d.,]* ?(?:[km]i?b|megs?|mega|kilo))
    (?:must|may|should|can) ?not be (?:any )?(?:larger|bigger) than (?:that|this)\b | larger (?:files|images|pictures|ones)?\s*(?:will|are|is) | no upscaling beyond
    \b(?:that|this) size as a maximum\b | \bmay be smaller,? but not (?:larger|bigger)\b | \bnothing (?:larger|bigger)\b(?! than (?!that\b|this\b)) | \bup to (?:that|this) size\b | \b(?:must|do|should) not (?:go|reach|extend) (?:beyond|over|above)\b
    \b(?:is|are) the (?:largest|greatest|biggest)\b(?! number) | \bneither (?:figure|number|value|limit|of them|of these) (?:may|must|should|can) be exceeded\b | \b(?:bigger|larger) is (?:no use|of no use|pointless|no better)\b
    \b(?:it|they|this|that|images?|pictures?) (?:must|may|should|can) ?not be (?:any )?(?:larger|bigger)\b(?! than)
    \b(?:(?:must|may|should|can) ?not|(?:no|neither) (?:dimension|side|edge|image|picture|file) (?:must|may|should|can)) exceed (?:these|those|this|that)\b
    (?:both|these|all|they) (?:\w+ ){0,2}?are (?:the )?(?:maximum|greatest|upper)(?: figures| sizes| values| numbers)?(?=[.,;]|$)
    \bneither (?:its |the |your )?width nor (?:its |the |your )?height\b[^.;]{0,12}\bexceed (?:these|those|this|that)\b | \(fit(?:s|ting)? (?:in|into|inside|within) (?:it|this|that)\) | \bthat is the (?:most|limit|maximum)
    \b(?:neither|no) (?:side|edge|dimension)(?: (?:is|being|may be|can be|must be|should be))? (?:more|longer|larger|greater|bigger)\b(?! than)
    \b(?:neither|never|not|no)\b[^.;]{3,80}\bbe exceeded\b | \bthese are (?:the )?(?:limits|maxim)
    \b(?:must|has to|have to|needs? to|should) fit (?:in|into|inside|within) (?:it|this|that)\b
  `}`,
  'i',
);

/** Without one of these nothing is refused; looked for first, since the pattern begins at every file and picture. */
const MAY_REFUSE =
  /exceed|mind|larg|big|wid|high|over|above|beyond|upscal|limit|max|most|size|fit|great|more|long/i;
const isRefusedAbove = (text: string) => MAY_REFUSE.test(text) && REFUSED_ABOVE.test(text);

/** "Dimensions (h × w) 60 × 140 px". */
const HEIGHT_FIRST_BEFORE = /\((?:h|high|height)\s*(?:[x×]|by)\s*(?:w|wide|width)\)\s*[:=]?\s*$/i;

const TAKEN_UP = patterns`
  \b(?:those|these|this|that)(?: same| very| exact)? (?:pixels|size|dimensions|measurements|figures)\b
  \b(?:anything|a picture|pictures|images?|files?|ones?) (?:larger|bigger) than (?:that|this|it)\b
  \bnothing (?:larger|bigger)\b(?! than (?!that\b|this\b)) | \bmay be smaller,? but not (?:larger|bigger)\b
  \b(?:must|may|should|can) ?not be (?:any )?(?:larger|bigger) than (?:that|this)\b
  \bgo (?:beyond|over|above) (?:that|this|it|these)\b
  \bfits? (?:in|into|inside|within) (?:it|this|that|these)\b(?! [a-z])
  \blargest (?:size|picture|image) (?:that )?(?:our|the) (?:projector|screen|monitor)
`;
/** "1920 across or 1200 down, whichever is reached first". */
const WHICHEVER = /\bwhichever\b[^.;]{0,20}\b(?:first|sooner|smaller|reached|less)\b/i;
const REFUSED_BELOW =
  /\b(?:anything|files?|images?|pictures?|ones)(?: that (?:is|are))? (?:smaller|below|under)\b[^.;]{0,50}\b(?:cannot|will not|refused|rejected|not be|is no use)\b/i;

/**
 * Reads sizes in pixels from one sentence.
 * @param next the sentence after it, which may say that anything larger is refused
 */
export function readSize(segment: Segment, next: Segment | undefined): Found[] {
  // "Wider than it is high" names no height.
  const text = segment.text.replace(/\bwider than (?:they are|it is) (?:high|tall)\b/gi, words =>
    'width'.padEnd(words.length),
  );
  const found: Found[] = [];
  const taken: [number, number][] = [];
  const hasPixels = new RegExp(`${UNIT}\\b`, 'i').test(text);
  const add = (field: Side, span: Span, from: number, to: number) =>
    found.push({
      field,
      value: span,
      start: segment.start + from,
      end: segment.start + to,
      advice: isAdvisedAt(text, from),
    });
  // "The screen is 1080 wide, 1920 high. Send exactly those pixels."
  const isTakenUp =
    TAKEN_UP.test(text) || (next !== undefined && (TAKEN_UP.test(next.text) || isRefusedAbove(next.text)));
  const namesOthers = !isTakenUp && NOT_OURS.test(text);
  const isOther = (at: number) => namesOthers && isElsewhere(NOT_OURS, text, at);
  // Asked once a sentence: some hold hundreds of numbers.
  const otherwise = boundSaidApart(text, next);
  const looser = (bound: Bound): Bound => (bound === 'unsaid' ? (otherwise ?? bound) : bound);

  for (const [i, match] of [...text.matchAll(PAIR)].entries()) {
    if (i >= MOST_SIZES) {
      taken.push([match.index, match.index + match[0].length]);
      continue;
    }
    const { a = '', b = '', sideA, sideB, unitA, unitB } = match.groups ?? {};
    const [first, second] = [readPixels(a), readPixels(b)];
    // "Square images therefore cannot be larger than 1080 x 1080" explains another limit.
    if (
      first === second &&
      /^\W*(?:square images?\b(?!,)|an? square (?:should|must|may|can|is|will))\b/i.test(text)
    )
      continue;
    if (isOther(match.index)) continue;
    if (Math.min(first, second) < 40 || EXAMPLE_OF.test(text.slice(0, match.index))) continue;
    if (!hasPixels && !sideA && !unitA && !unitB && Math.min(first, second) < 100) continue;
    const end = match.index + match[0].length;
    const bound =
      pairRange(text, match.index, end) ??
      ofLeastDensity(text.slice(Math.max(0, match.index - 60), match.index)) ??
      looser(boundOf(text.slice(0, match.index), text.slice(end)));
    // "1600 (h) x 1200 (v)" is across and down.
    const isAcrossDown = /^\(h\)$/i.test(sideA ?? '') && /^\s*(?:px|pixels?)?\s*\(v\)/i.test(text.slice(end));
    const isTurned =
      !isAcrossDown &&
      (HEIGHT_FIRST.test(text.slice(end)) ||
        HEIGHT_FIRST_BEFORE.test(text.slice(0, match.index)) ||
        new RegExp(`^${HIGH}$`, 'i').test(sideA ?? '') ||
        new RegExp(`^${WIDE}$`, 'i').test(sideB ?? ''));
    const [width, height] = isTurned ? [second, first] : [first, second];
    add('width', toSpan(width, bound), match.index, end);
    add('height', toSpan(height, bound), match.index, end);
    taken.push([match.index, end]);
  }
  readSingles(text, taken, { hasPixels, isOther, looser, add });
  return joinEitherWay(text, mergeRanges(found));
}

/** "Anything larger will be refused", here or in the next sentence: what makes a bare number a limit. */
function boundSaidApart(text: string, next: Segment | undefined): Bound | undefined {
  if (REFUSED_BELOW.test(text) || [text, next?.text ?? ''].some(t => LEAST_THAT.test(t))) return 'min';
  const isOfWeight = next && /\d\s*(?:[km]i?b|megs?|megabytes?)\b/i.test(next.text);
  const isRefused =
    WHICHEVER.test(text) || isRefusedAbove(text) || (next && !isOfWeight && isRefusedAbove(next.text));
  return isRefused ? 'max' : undefined;
}

/** "A page has 3000 x 2000 pixels; no picture may be smaller than that." */
const LEAST_THAT =
  /\bat least (?:that|this) (?:big|large|size)\b|\b(?:no|not|nothing|none|never)\b[^.;\d]{0,30}\b(?:smaller|less) than (?:that|this)\b/i;

/** Sizes of one sentence that are looked at; a specification has a handful. */
const MOST_SIZES = 24;

/** "At least 300 dpi at A3 (so 4961 × 3508 pixels)": what these come to is a least as well. */
function ofLeastDensity(before: string): Bound | undefined {
  return /\bat least \d{2,4} ?(?:ppi|dpi)\b[^.;()]{0,30}\((?:so|that is|i\.e\.|=)?,? ?$/i.test(before)
    ? 'min'
    : undefined;
}

/** "between 400 × 500 and 1600 × 2000": the first pair is the least, the second the greatest. */
function pairRange(text: string, start: number, end: number): Bound | undefined {
  const [before, after] = [text.slice(Math.max(0, start - 40), start), text.slice(end, end + 40)];
  const pair = `\\d[\\d.,]*\\s*(?:px|pixels)?\\s*(?:x|×|\\*|by)\\s*\\d[\\d.,]*`;
  const to = '(?:(?:and )?up to|to|-|–)';
  const isFirst =
    new RegExp(`^\\s*(?:px|pixels)?\\s*${to}\\s*${pair}`, 'i').test(after) ||
    (/\b(?:between|from)\s*$/i.test(before) &&
      new RegExp(`^\\s*(?:px|pixels)?\\s*and\\s*${pair}`, 'i').test(after));
  if (isFirst) return 'min';
  const isSecond =
    new RegExp(`${pair}\\s*(?:px|pixels)?\\s*${to}\\s*$`, 'i').test(before) ||
    new RegExp(`\\b(?:between|from)\\s+${pair}\\s*(?:px|pixels)?\\s*and\\s*$`, 'i').test(before);
  return isSecond ? 'max' : undefined;
}

const SAME_SIDE = new RegExp(
  `^(?:the |an? |our )?(?:absolute )?(?:min(?:imum)?|max(?:imum)?|at least|no (?:more|less) than|not (?:more|less) than|smallest|largest|lower limit|upper limit|(?:anything |pictures? |images? )?(?:less|fewer|smaller) than(?=[^.;]*\\b(?:cannot|not|too)\\b))\\b[^.;\\d]{0,40}?(?<n>${PIXELS})\\s*${UNIT}\\b`,
  'i',
);

/** "We recommend 2560 px on the long edge. The minimum is 1600 px": a bound that means the side spoken of just before. */
export function readSameSide({ text, start }: Segment, before: readonly Found[]): Found[] {
  const [first] = before;
  const match = SAME_SIDE.exec(text);
  if (!first || !match || before.some(f => f.field !== first.field)) return [];
  const n = match.groups?.['n'] ?? '';
  const at = match[0].lastIndexOf(n);
  const isMin = /^(?:\w+ ){0,2}?(?:min|at least|no less|not less|less|fewer|smaller|smallest|lower)/i.test(
    match[0],
  );
  const value = toSpan(readPixels(n), isMin ? 'min' : 'max');
  return [
    {
      field: first.field,
      value,
      start: start + match.index + at,
      end: start + match.index + at + n.length,
      advice: false,
    },
  ];
}

/** "3000 wide for landscape, 3000 high for portrait" is the long edge, said twice. */
function joinEitherWay(text: string, found: Found[]): Found[] {
  const [width, height, longEdge] = ['width', 'height', 'longEdge'].map(field =>
    found.filter(f => f.field === field),
  );
  const isBoth =
    /\b(?:landscape|horizontal|lying)/i.test(text) && /\b(?:portrait|vertical|upright)/i.test(text);
  // "1920 on the longer side if horizontal, 1080 on the longer side if vertical": a box.
  const [lying, standing] = longEdge ?? [];
  if (isBoth && longEdge?.length === 2 && lying && standing && !width?.length && !height?.length) {
    const isLyingFirst =
      text.search(/\b(?:landscape|horizontal|lying)/i) < text.search(/\b(?:portrait|vertical|upright)/i);
    const [w, h] = isLyingFirst ? [lying, standing] : [standing, lying];
    return [
      ...found.filter(f => f.field !== 'longEdge'),
      { ...w, field: 'width' },
      { ...h, field: 'height' },
    ];
  }
  if (!isBoth || width?.length !== 1 || height?.length !== 1) return found;
  const [w, h] = [width[0], height[0]];
  if (!w || !h || JSON.stringify(w.value) !== JSON.stringify(h.value)) return found;
  const rest = found.filter(f => f !== w && f !== h);
  if (longEdge?.length) return rest;
  const [start, end] = [Math.min(w.start, h.start), Math.max(w.end, h.end)];
  return [...rest, { ...w, field: 'longEdge', start, end }];
}

/** A least and a greatest value of the same side in one sentence are one range. */
function mergeRanges(found: Found[]): Found[] {
  const merged: Found[] = [];
  for (const item of found) {
    const span = item.value as Span;
    const other = merged.find(
      m =>
        m.field === item.field &&
        !('exact' in (m.value as Span)) &&
        !('exact' in span) &&
        Object.keys(m.value as Span)[0] !== Object.keys(span)[0],
    );
    if (other)
      Object.assign(other, {
        value: { ...(other.value as Span), ...span },
        end: Math.max(other.end, item.end),
      });
    else merged.push({ ...item });
  }
  return merged;
}

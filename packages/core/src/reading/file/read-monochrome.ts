import { at } from '../common/clause.ts';
import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import { patterns } from '../common/word-lists.ts';

/** Whether every picture has to be monochrome. */

const MONO = '(?:monochrome|mono)(?: or (?:sepia|toned))?';
const THINGS = '(?:images?|pictures?|photos?|photographs?|works?|entries|prints?|files?|submissions?)';

/** What makes monochrome a demand on every picture, and not the name of a section or one of two choices. */
const OF_ALL: readonly string[] = [
  // "Pictures: monochrome", "- monochrome, please"
  `^(?:the )?(?:${THINGS}|treatment|process|style|tone)\\s*[:|]\\s*${MONO}\\b(?! or\\b)`,
  `^(?:[-*•–·]\\s*)?(?:must be )?${MONO}(?:,? please| \\([^()]*\\))?[!.;]?$`,
  // "All works must be in monochrome"
  `\\b(?:${THINGS}|all(?: \\w+){0,2}|everything|signature|they|it)\\b[^.;]{0,24}\\b(?:must|should|will)(?: all)? be (?:in |a |pure |strictly |truly |really |entirely )?${MONO}\\b`,
  `\\ball (?:of (?:it|them|these) )?in ${MONO}\\b(?<!\\b(?:prints?|printed|printing|publish(?:ed)?|shown)\\b[^.;]{0,50})`,
  `\\b(?:each|per \\w+), in ${MONO}(?=[.;,]|$)`,
  `\\bboth (?:of them )?(?:truly |really |strictly )?(?:in )?${MONO}\\b`,
  `\\beverything\\b[^.;,]{0,24}\\bis (?:in )?${MONO}\\b`,
  `\\b(?:every|each) ${THINGS}\\b[^.;]{0,30}\\bis (?:in )?${MONO}\\b`,
  `\\ball (?:of (?:them|these) |(?:\\w+ )?${THINGS} )(?:in |are )*${MONO}\\b`,
  // "Jacket: black and white, 45 x 60 mm"
  `^(?:[A-Z][a-z ]{2,20}: )?${MONO}, \\d`,
  // "Three images each, all monochrome of course."
  `\\b${THINGS}(?: (?:each|per \\w+))?, all (?:of them )?(?:in )?${MONO}\\b(?=,? of course|,? naturally|,? please|[.,;)]|$)`,
  `^(?:what: )?[a-z ]{0,20}${THINGS}, ${MONO}, no colou?r`,
  `^${MONO} ${THINGS}, (?:saved|sent|as|in)\\b`,
  `\\b${THINGS} (?:an|per) (?:issue|edition|volume), all (?:of them )?in ${MONO}\\b`,
  // "Everything from black and white to sepia, as long as it is one colour only"
  `^(?:everything|anything) from ${MONO} to [a-z-]+\\b[^.;]{0,40}\\b(?:one|a single) colou?r\\b`,
  `^[^.;:]{0,24}\\b(?:sections|classes|categories),? all (?:of them |in )?${MONO}\\b`,
  `^this (?:round|month|evening|competition|time)(?:['’]s \\w+)? is (?:all |in )?${MONO}\\b(?=[,.;]|$| only)`,
  // "Monochrome only", "only monochrome photographs will be shown"
  `\\b${MONO}(?: ${THINGS})?[ -](?:only|exclusively)\\b`,
  `\\bonly ${THINGS} in ${MONO}\\b(?! (?:or|and)\\b)`,
  `\\bmust be\\b[^.;]{0,40}\\band the (?:picture|image) ${MONO}\\b(?=[.,;]|$)`,
  `\\bonly ${MONO}(?: ${THINGS}|(?=\\s*(?:$|[.,:;)]|will\\b|are\\b|is\\b|please\\b)))`,
  // "We are looking for monochrome pictures", "as a monochrome scan"
  `\\b(?:send|submit|upload|enter)\\b(?:(?!colou?r|\\band\\b|\\bor\\b)[^.;]){0,20} ${MONO} ${THINGS}\\b`,
  `\\bcall for ${MONO} ${THINGS}\\b`,
  `\\b(?:puts?(?: up)?|sends?|enters?|submits?|shows?|brings?) (?:one|two|three|four|five|six|\\d) ${MONO} ${THINGS}\\b`,
  `\\bafter an? ${MONO} ${THINGS}\\b`,
  `\\b(?:would like|want|need|ask for|looking for)\\b[^.;,]{0,20} ${THINGS} in ${MONO}(?=[.;]|$)`,
  `\\b(?:looking for|need|want|send(?: us)?|invit\\w+)(?: (?!or\\b|and\\b|colou?r)\\w+)? ${MONO} ${THINGS}\\b`,
  `\\b(?:photograph|image)s?\\b[^.;]{0,30}, ${MONO}[.,;]?$`,
  `\\b(?:single|only|one) (?:section|class|category)\\s*[:–-]\\s*${MONO}\\b`,
  `^(?:[^.;:]{0,24}: )?(?:\\d|one), (?:in )?${MONO}(?=,)`,
  // "JPEG, 5 x 7 cm at 300 dpi, monochrome."
  `\\d ?(?:ppi|dpi|px|pixels|mm|cm|[km]b)(?: (?:wide|high|(?:on|along) the (?:long|short)\\w* (?:side|edge)))?, (?:in )?${MONO}(?=[.;]|$)`,
  `\\b(?:jpe?g|tiff?|png)s?,(?: in)? ${MONO}(?=[,.;]|$)`,
  `\\bas an? ${MONO} (?:\\.?\\w+ )?(?:file|image|scan|picture)\\b`,
  `\\b(?:show|accept|want|take|see) nothing but ${MONO}\\b`,
  // "We have shown black and white since 1961, and that's all we show", "black and white and nothing else".
  `\\b${MONO}\\b[^.;]{0,24}[,;] and (?:that(?:['’]s| is)|it is|this is) all (?:that )?(?:we|i) (?:show|take|accept|want|judge|do)\\b`,
  `\\b(?:show|accept|want|take|see|judge)s? ${MONO}(?: ${THINGS})? and nothing else\\b`,
  `\\b${MONO}(?: ${THINGS})? (?:is|are) what this (?:prize|competition|exhibition|circle|league|round|evening|salon|award|club) is (?:all )?about\\b`,
  `\\bcolou?r has no place in (?:this|our|the) (?:prize|competition|exhibition|circle|league|round|evening|salon|award|club|show)\\b`,
  `\\bleave (?:your |all |any )?colou?r (?:${THINGS} )?at home\\b`,
  `\\bno colou?r otherwise\\b`,
  `^(?:pure |only )?${MONO} or (?:evenly |uniformly )?toned\\b(?=[,.;]|$)`,
  // "Those with a second hue, even a faint one, are taken out."
  `\\b(?:those|any|all|${THINGS}) with (?:an? (?:second|another|other) (?:hue|tone|colou?r)|two (?:hues|tones|colou?rs))\\b[^.;]{0,30}\\b(?:is|are|will be) (?:taken out|out|removed|refused|rejected|disqualified|excluded)\\b`,
  `\\ba second (?:hue|tone|colou?r)\\b[^.;]{0,30},? and the ${THINGS} is (?:out|refused|rejected)\\b`,
  `\\b\\d{1,2} ${THINGS}, ${MONO}\\b(?! (?:and|or) colou?r)`,
  // "Grey Quay Monochrome League", "a biennial of monochrome photography"
  `^(?:[A-Z][\\w’']+ ){1,4}monochrome (?:league|circle|folio|cup|exhibition|salon|show)\\b(?: \\d+(?:/\\d+)?)?$`,
  `\\b(?:exhibition|biennial|biennale|salon|festival|show) of ${MONO} (?:photography|photographs|pictures|prints|images)\\b`,
  `\\bthis is a ${MONO} (?:competition|exhibition|contest|round|call|show)\\b`,
  // "Colour pictures are refused", "no colour at all"
  `\\bcolou?r ${THINGS} (?:will|can|may)(?: ?not|not) be (?:accepted|considered|shown|entered)\\b`,
  `\\bcolou?r ${THINGS} (?:will be|are) (?:refused|rejected|not (?:accepted|admitted|allowed|permitted)|not eligible|excluded|disqualified|returned)\\b`,
  `\\bcolou?red ones (?:will be|are) (?:refused|rejected|not accepted|excluded|disqualified|returned)\\b`,
  `\\b(?:pictures|images|photos|photographs) in colou?r (?:must |have to )?stay at home\\b`,
  `\\bno colou?r (?:at all|(?:left|remains?)(?: anywhere)?|${THINGS})\\b`,
  `^\\W*no colou?r(?=,|\\.|$)`,
  `\\b${THINGS}(?: (?:each|per \\w+),|,[^,.;]{3,24},)? without (?:any )?colou?r\\b`,
  '^\\W*without (?:any )?colou?r(?=[;,.]|$)',
  `\\b${THINGS} (?:that|which) (?:contain|have|show) (?:any )?colou?r\\b[^.;]{0,40}\\b(?:refused|rejected|excluded|disqualified|taken out|returned)\\b`,
  `\\b${THINGS} (?:are|must be) (?:\\w+ and )?without (?:any )?colou?r\\b`,
  `\\b${THINGS} must be free of (?:any |all )?(?:hues?|colou?rs?)\\b(?! (?:casts?|noise))`,
  `^\\W*bring no colou?r\\b`,
  `\\balthough the ${THINGS} has no colou?r\\b`,
  // "The tone you like, but no more than one"
  `\\b(?<!\\bmono(?:chrome)?\\b[^.;]{0,60})(?:no more than|just|only|but) (?:one|a single) tone\\b`,
  // "No colour: pictures are monochrome or have one tone"
  `\\b${THINGS} are ${MONO}(?= or (?:have|in|of) (?:one|a single) tone|,? toned|[.;]|$)`,
];
const MONOCHROME_ALL = new RegExp(OF_ALL.join('|'), 'i');

/** Some of the pictures, or those of one section. */
const OF_SOME = patterns`
  \b(?:one|two|three|some|half|any|at least \w+) of (?:the|your|these)\b | \bof which\b
  \bat least (?:\d+|one|two|three|four|five)\b | \b(?:sections|classes|categories)\s*[:–-]
  ^(?:monochrome|mono) (?:section|class|category)\b
  \b(?:in (?:the|this|that) (?:\w+ )?section|section [a-z]\b|class [a-z]\b|(?<!\b(?:one|single|only) )category|category [a-z])\b
`;

/** Monochrome counts only where every picture has to be so. */
export function readMonochrome(segment: Segment): Found[] {
  // "MONOCHROME. An image that …" heads a paragraph.
  if (/^[A-Z]+\.$/.test(segment.text)) return [];
  const match = MONOCHROME_ALL.exec(segment.text);
  return match && !OF_SOME.test(segment.text) ? [at(segment, 'monochrome', true, match)] : [];
}

/** Words about colour that a text without a colour picture may have. */
const NO_COLOUR =
  /\bcolou?rs?[- ](?:space|profile|accent|mode|management|depth|cast)s?\b|\b(?:no|not|without|single|one|any) (?:a )?colou?rs?\b/gi;

/** "Monochrome images should be saved in sRGB too", "black and white is welcome": said of some, and no heading. */
const OF_SOME_FILES =
  /\b(?:should|must|may|can|if|too|also|as well|admitted|accepted|welcome|allowed|saved|convert\w*)\b/i;

/** Lines in which a text says what it is about. */
const LINES_OF_HEAD = 2;

/**
 * "NIGHT IN MONOCHROME, a slide show with cello" over a text that has no word of colour pictures: what it asks for is
 * monochrome.
 */
export function monochromeInHead(segments: readonly Segment[]): Found | undefined {
  const last = [...new Set(segments.map(s => s.line))].slice(0, LINES_OF_HEAD).at(-1) ?? 0;
  for (const segment of segments.filter(s => s.line <= last)) {
    const match = /\bmono(?:chrome)?\b/i.exec(segment.text);
    const isColour = () => segments.some(({ text }) => /\bcolou?r/i.test(text.replace(NO_COLOUR, ' ')));
    if (match)
      return isColour() || OF_SOME_FILES.test(segment.text)
        ? undefined
        : at(segment, 'monochrome', true, match);
  }
  return undefined;
}

import { rule, type Rule } from './reword.ts';

/** What organisers say of the size of a picture in many ways, each with the words that the readers know. */

/** A number of pixels, and its unit where it has one: parts of longer patterns. */
export const N = '(?<![\\d.,])(\\d{3,5})(?!\\d)';
/** The same with its thousands set apart or not. */
export const GROUPED = '(?<![\\d.,])(\\d{1,2},\\d{3}|\\d{3,5})(?!\\d)';
export const PX = '(?: ?(?:px|pixels))?';
export const BOX = '\\d{3,5} ?[x×] ?\\d{3,5}(?: ?(?:px|pixels))?';
const PAGE_BOX = '\\d{2,5} ?[x×] ?\\d{2,5} ?(?:px|pixels|mm|cm)';
const A_PAGE = '(full|half|whole|single|double|quarter|left|right)[- ]page';
const MAX = 'max(?:imum|\\.)?';
export const SIZE_WORDING: readonly Rule[] = [
  // "One with 1500 px on the long side for the jury, one with 5000 px for the printer": of the same side.
  rule(
    `${N} ?(px|pixels)(?=[.;,)]| (?:for|in|is|are|as|to)\\b|$)(?<=\\b(?:on|along) (?:the|its) (?:long(?:er|est)?) (?:side|edge)[^.\\d\\n]{0,80}\\d{3,5} ?(?:px|pixels))`,
    '$1 $2 on the longest side',
  ),
  // "300 ppi at A3".
  [/\b(\d{2,4} ?(?:ppi|dpi)) (?:at|in|for) (A\d)(?: size| format)?\b(?! \(| or\b)/g, '$2 at $1'],
  // "Can be any shape but should have 1800 pixels on the short side."
  [
    /\b(?:can|may) (?:be|have) any (?:shape|format|proportions?|ratio),? but (?=(?:must|should|needs?) )/gi,
    '',
  ],
  // "2480 x 3508 px (full page) or 2480 x 1754 px (half page)": each size of a page with its name before it.
  rule(
    `\\b(${PAGE_BOX}) \\(${A_PAGE}\\)(?:,| or| and|, or|, and|;) (${PAGE_BOX}) \\(${A_PAGE}\\)`,
    '$2-page pictures at $1, $4-page pictures at $3',
  ),
  // "Width and height may not exceed 1400 and 1050 pixels."
  rule(
    `\\bwidth and (?:the )?height (?:may|must|can|should) not (?:exceed|be (?:more|larger|greater) than) ${N}${PX} and ${N}${PX}(?:,? respectively)?`,
    'width at most $1 pixels, height at most $2 pixels',
  ),
  rule(
    `\\bneither (?:the )?width nor (?:the )?height (?:may |must |should |can )?(?:exceeds?|(?:is|be) (?:more|larger|greater) than) ${N}${PX}(?! ?(?:and|or) \\d)`,
    'the longest side must be at most $1 pixels',
  ),
  // "No more than 1400 pixels wide or high."
  rule(
    `(?<!\\d[^.;]{0,16})\\b${N} ?(?:px|pixels) (?:wide|in width) (?:or|nor) (?:high|tall|in height)\\b(?!,? whichever)`,
    '$1 pixels on the longest side',
  ),
  // "Max pixels: 1400 (w), 1050 (h)", "Max width/height: 1400/1050", "W 1400 max; H 1050 max".
  rule(
    `\\b${MAX}(?: pixels| size| dimensions)?:? ${N}${PX} ?\\((?:w|width)\\)(?:,| x| ×| and| by) ?${N}${PX} ?\\((?:h|height)\\)`,
    'maximum $1 pixels wide, maximum $2 pixels high',
  ),
  rule(
    `\\b(${MAX}|min(?:imum|\\.)?) width ?[/x×] ?height:? ${N} ?[/x×] ?${N}${PX}`,
    '$1 $2 pixels wide, $1 $3 pixels high',
  ),
  rule(
    `\\bW:? ?${N}${PX} ${MAX}[.;,]* H:? ?${N}${PX} ${MAX}`,
    'maximum $1 pixels wide, maximum $2 pixels high',
  ),
  [/\bmaximally (?=\d)/gi, 'at most '],
  [/(?<=\d ?(?:px|pixels)) or fewer\b/gi, ' or less'],
  [/\bminimally (?=\d)/gi, 'at least '],
  // "The lab prints at 50 x 75", "we print at 40 x 60": those are centimetres.
  [
    /\b((?:we|i|they|the (?:lab|printer|museum|club)|which is|to be) (?:will )?(?:print(?:s|ed)?|hangs?|exhibits?)(?: (?:them|it|everything|all))? (?:at|in|on)) (\d{2,3}) ?([x×]) ?(\d{2,3})(?! ?(?:[mc]m|px|pixels|in\b|inch|["”]|\d|[x×]))/gi,
    '$1 $2 $3 $4 cm',
  ],
  // "150 px (width) x 180 px (height) at least and 300 px x 360 px at most".
  rule(
    `\\b${N} ?(?:px|pixels)? ?\\((?:w|width)\\) ?[x×] ?${N} ?(?:px|pixels)? ?\\((?:h|height)\\)(?= (?:at (?:least|most)|min|max))`,
    '$1 x $2 pixels',
  ),
  rule(
    `(?<=\\bat least(?: and|,) )${N} ?(?:px|pixels) ?[x×] ?${N} ?(?:px|pixels)(?= at most)`,
    '$1 x $2 pixels',
  ),
  // "For the selection a smaller version is enough: 800 x 1200 pixels."
  [
    /\b(smaller|small|reduced|low-resolution) (version|copy|file|picture|image) (?:is|will be) (?:enough|sufficient)(?=[:,;(]| \()/gi,
    '$1 $2',
  ],
  // "Pixels: width between 150 and 200, height between 200 and 250."
  rule(
    '\\bwidth:? (?:is |must be |should be )?(?:between |from )?(\\d{2,4}) ?(?:to|and|-|–) ?(\\d{2,4})(?: ?(?:px|pixels))?[,;]? (?:and )?height:? (?:is |must be |should be )?(?:between |from )?(\\d{2,4}) ?(?:to|and|-|–) ?(\\d{2,4})(?! ?(?:[mc]m|in\\b|\\d|[.,]\\d))(?: ?(?:px|pixels))?',
    'width $1 to $2 pixels, height $3 to $4 pixels',
  ),
  rule(`\\b(?:has to|have to|must|should|needs? to) reach (?=${N}${PX}\\b)`, 'must have at least '),
  // "Limits: 1920 px horizontally; 1280 px vertically".
  rule(
    `(?=${N} ?(?:px|pixels) (?:horizontally|vertically|wide|high)\\b)(?<=^(?:[-*•] )?Limits?: [^\\n]{0,80})(?<!\\d[ ,]?)`,
    'at most ',
  ),
  // "1500 pixels wide if lying, 1500 pixels high if standing".
  [
    /\b(\d{3,5}) ?(?:px|pixels) wide (?:if|when|where) (?:it is )?(?:lying|landscape|horizontal),? (?:and |or )?(?:at most )?\1 ?(?:px|pixels) high (?:if|when|where) (?:it is )?(?:standing|portrait|upright|vertical)/gi,
    '$1 pixels on the longest side',
  ],
  // "The view must be at least 4000 pixels on its longest side. Details need only 2000 pixels."
  rule(
    `(?=[.;]|$)(?<=\\bon (?:its|the|their) long(?:er|est)? (?:side|edge)[^.\\n]{0,40}\\. [A-Z][a-z ]{2,24} needs?(?: only| just)? ${N} ?(?:px|pixels))`,
    ' on the longest side',
  ),
  rule(`\\b(?:has|have) to have its (?=${N})`, 'must have at least '),
  rule(
    `\\b(?:go|fit|sit|stay) (?:into|in|inside) (?:an?|the|our) (?:box|frame|rectangle|window) (?:of )?(?=\\d)`,
    'fit within ',
  ),
  [/(?<=\d ?)centimet(?:re|er)s?\b/gi, 'cm'],
  [/(?<=\d ?)millimet(?:re|er)s?\b/gi, 'mm'],
  rule(`\\bW ?${N} ?[x×] ?H ?${N}(?= ?(?:px|pixels))`, '$1 x $2'),
  rule(`(?<=^|[,;|] | [-–] )${N} (px|pixels) ${MAX}(?=$| [-–|] |[,;])`, 'max. $1 $2'),
  rule(
    `\\b(?:the|our) (?:box|frame|screen area) is ${N}${PX} wide,? (?:and )?${N}${PX} (?:high|tall)`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  rule(
    `\\b(?:at least|(?:no|not) (?:less|fewer) than) (\\d{1,2},\\d{3}|\\d{3,5})${PX} and at most (\\d{1,2},\\d{3}|\\d{3,5}) ?(px|pixels) (?:per|a|each) side\\b`,
    'between $1 and $2 $3 a side',
  ),
  // "Should either side go past 2000 pixels, …", "1920 pixels is as long as any side may get".
  rule(
    `\\bshould (?:either|any|the long(?:er|est)) side (?:go|be|get|reach|run|extend)(?: to)? (?:past|beyond|over|above|(?:longer|larger|bigger|more) than) ${N}`,
    'the longest side must be at most $1',
  ),
  rule(
    `\\b${N}${PX} (?:is|are) as (?:long|large|big) as (?:any|either) (?:side|edge) (?:may|can) (?:be|get|go)\\b`,
    'the longest side must be at most $1 pixels',
  ),
  // "The biggest picture that we can show is 1400 pixels wide and 1050 pixels high."
  rule(
    `\\b(?:biggest|largest) (?:picture|image|file|size) (?:that |which )?(?:we|i|our \\w+|the \\w+) (?:can |is able to |will )?(?:show|take|display|use|project|handle)s? (?:is|has)(?= \\d)`,
    'maximum size is',
  ),
  rule(
    `\\bmaximum size is ${N}${PX} wide and ${N}${PX} (?:high|tall)`,
    'maximum $1 pixels wide and maximum $2 pixels high',
  ),
  [/\bwhichever side is (?:the )?(long|short)er\b/gi, 'the $1est side'],
  [/\b(?:with|that have) (?:a|any) side of (?=more than \d)/gi, 'with a longest side of '],
  [/\bfalls? short of (?=\d)/gi, 'is less than '],
  [/\bnot above(?= \d)/gi, 'at most'],
  // "Pictures that go beyond 1920 x 1080 pixels get cut off", "… that do not reach …".
  rule(
    `\\b(?:pictures|images|photos|photographs|files) (?:that|which) (?:go|reach|stick|extend) (?:beyond|over|past) (\\d{3,5} ?[x×] ?\\d{3,5}(?: ?(?:px|pixels))?)(?: (?:get|are|will be) (?:cut(?: off)?|cropped))?`,
    'the maximum size is $1',
  ),
  rule(
    `\\b(?:pictures|images|photos|photographs|files) (?:that|which) do not (?:reach|have|fill) (?=\\d{3,5} ?[x×] ?\\d{3,5})`,
    'the minimum size is ',
  ),
  [/,? measured (?:along|on|at) the (long|short)(?:er|est)? (side|edge)\b/gi, ' on the $1est $2'],
  [
    /\beven the short(?:er|est)? (side|edge) (?:needs|must have|has to have|should have) (?=\d)/gi,
    'the shortest $1 must have at least ',
  ],
  [/\bfit (?:the|our|a) (?:[a-z]+ )?(?:area|screen|frame|box|canvas|space) (?:of )?(?=\d)/gi, 'fit within '],
  // "Make the shorter edge 1080 pixels long."
  [/(?<=\b(?:side|edge)\b[^.;\d]{0,24}\d{3,5} (?:px|pixels)) long(?=[.;,)]|$)/gi, ''],
  [
    /\b(must|may|should|can) not (?:stick out of|go beyond|project beyond|reach beyond|leave|overlap) (?:an?|the) (?:box|frame|rectangle|area|space|screen) (?:of )?(?=\d)/gi,
    '$1 fit within ',
  ],
  // "1600 px is plenty, larger is fine up to 5 MB."
  [
    /, (?:larger|bigger|more) is (?:also |equally )?(?:fine|ok|welcome|all right)(?: too| as well)?,? (?=up to \d)/gi,
    '; ',
  ],
  // "The page shrinks whatever is wider than 2400 pixels by itself": nobody has to.
  [
    /\b(?:shrinks|resizes|reduces|scales(?: down)?) (?:whatever|anything|everything|what|pictures|images|files|those)(?: that)?(?: (?:is|are))? (?:wider|larger|bigger|higher|longer)(?: than)? \d{3,5} ?(?:px|pixels)?/gi,
    'shrinks what is too large',
  ],
  // "2500 px on the longer side - not 2499, not 2501".
  [
    /(?:,| [-–])? not (\d{3,5})(?: ?(?:px|pixels))?,? (?:and |or |nor )?not (\d{3,5})(?: ?(?:px|pixels))?(?=[.;,!)]|\s*$)/gim,
    '',
  ],
  // "At least 2,000 px each side" of pictures that need not be square.
  rule(
    '\\bat least(?<!\\bsquare\\b[^.;\\n]{0,68}) (\\d{1,2},\\d{3}|\\d{3,5}) ?(px|pixels) (?:per|a|each) side\\b(?![^.;\\n]*\\bsquare)',
    'at least $1 $2 on the shortest side',
  ),
  // "Square; 2400 px per side".
  [
    /(?<![\d.,])(\d{1,2},\d{3}|\d{3,5})(?<!\d ?(?:and|to|-|–) [\d,]+) ?(px|pixels) (?:per|a|each) side\b/gi,
    '$1 x $1 $2',
  ],
  // "Sides between 1200 and 2000 pixels", "the longest side stops at 1600 pixels".
  [
    /(?<!\b(?:long|short|longer|shorter|longest|shortest|other|each|vertical|horizontal) )\bsides (?:must be |may be |are |of )?between (\d{3,5}) and (\d{3,5}) (px|pixels)/gi,
    'shortest side at least $1 $3 and longest side at most $2 $3',
  ],
  [/\bstops at (?=\d{3,5} (?:px|pixels))/gi, 'is at most '],
  // "Max. image size: horizontal 2400 px, vertical 1600 px".
  [
    /\b(max(?:imum|\.)?)(?: [a-z]+){0,2}: horizontal(?:ly)? (\d{3,5}) ?(?:px|pixels),? (?:and )?vertical(?:ly)? (\d{3,5}) ?(?:px|pixels)/gi,
    '$1 $2 px wide and $3 px high',
  ],
  // "1620 px vertical, 1920 px horizontal (max.)"
  [
    /\b(\d{3,5}) ?(?:px|pixels) vertical(?:ly)?,? (?:and |x |× )?(\d{3,5}) ?(?:px|pixels) horizontal(?:ly)?,? \(?(?:max(?:imum)?\.?|at most)\)?/gi,
    'at most $2 px wide and $1 px high',
  ],
  // "The long side is limited to 1600 and the short side to 1200."
  [
    /\b(?:long(?:er|est)? (?:side|edge)) (?:is|must be) (?:always )?limited to (\d{3,5})(?: ?(?:px|pixels))? and the short(?:er|est)? (?:one|side|edge) to (\d{3,5})\b/gi,
    'longest side is at most $1 px and the shortest side is at most $2 px',
  ],
  // "Horizontally you have 1600 pixels, vertically 1200."
  [
    /\bhorizontally (?:you have|there are|you may use|we have) (\d{3,5})(?: ?(?:px|pixels))?,? (?:and )?vertically (?:you have |there are )?(\d{3,5})\b(?: ?(?:px|pixels)\b)?/gi,
    'at most $1 pixels wide and at most $2 pixels high',
  ],
  [
    /\bfill (?:at least )?(?:one side|one dimension|the width or the height) of (?=(\d{3,5} ?[x×] ?\d{3,5} ?(?:px|pixels)?))(?:\1) (?:and|but) not (?:go beyond|exceed|stick out of) the other\b/gi,
    'fit within $1',
  ],
];

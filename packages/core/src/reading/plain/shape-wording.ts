import { rule, type Rule } from './reword.ts';
import { PX } from './size-wording.ts';

/** What organisers say of the shape of a picture and of its size on paper in many ways, each with the words that the readers know. */

const ALL_ROUND =
  '(?:(?:bleed )?(?:on|at|along) (?:all(?: (?:four|the))?|each|every|the four)(?: of the)? (?:sides?|edges?)|(?:bleed )?all (?:a?round|over))';

export const SHAPE_WORDING: readonly Rule[] = [
  // "148 × 210 mm trim; please add 3 mm on each side", "A4 at 300 dpi. Add 3 mm bleed all round."
  rule(
    `(?<=\\d ?[mc]m|\\bA[2-5])((?: trim(?:med)?(?: size)?)?(?:,? (?:at )?\\d{2,4} ?(?:dpi|ppi))?)[.,;:]? (?:(?:(?:and |please )*(?:add|allow|leave)(?: another)?|(?:and|plus) another|plus|with|\\+) |(?=\\d{1,2} ?mm (?:of )?bleed))(\\d{1,2}(?:[.,]\\d)?) ?([mc]m)(?: of)?(?: bleed| extra| more)? ${ALL_ROUND}`,
    ' plus $2 $3 bleed$1',
  ),
  // "A double page measures 420 x 280 mm. We need the picture at that size and at 300 ppi, plus 3 mm bleed".
  rule(
    `(?<=\\d ?[x×] ?\\d{2,4} ?[mc]m)(?=\\. [^.\\d]{2,40}\\b(?:at|in) (?:that|this) size\\b[^.\\d]{0,12}(?:\\d{2,4} ?(?:dpi|ppi))?[^.\\d]{0,8}\\b(?:plus|with) (\\d{1,2}(?:[.,]\\d)?) ?([mc]m)(?: of)? bleed)`,
    ' plus $1 $2 bleed',
  ),
  // "16:9 if the film is".
  [/,? \b\d{1,2}:\d{1,2} if (?:the|your) [a-z]+ (?:is|was|has it|allows it)(?=[.;,]|$)/gim, ''],
  // "A spread 420 x 297 mm, a page 210 x 297 mm, both plus 3 mm bleed all round".
  rule(
    `(?<=\\d ?[x×] ?\\d{2,4} ?mm)(?=[^.;\\n]{4,60}\\d ?[x×] ?\\d{2,4} ?mm[,.;]? (?:both|each|all(?: of them)?),? (?:plus|with) (\\d{1,2}(?:[.,]\\d)?) ?mm(?: of)? bleed)`,
    ' plus $1 mm bleed',
  ),
  rule(
    `(?<=\\d ?[x×] ?\\d{2,4} ?mm)[,.;]? (?:both|each|all(?: of them)?),? (?:plus|with) (\\d{1,2}(?:[.,]\\d)?) ?mm(?: of)? bleed(?: ${ALL_ROUND})?`,
    ' plus $1 mm bleed, both',
  ),
  // "Pictures for a spread: 420 x 297 mm, for a page: 210 x 297 mm".
  [
    /, for (?=(?:an?|the) [a-z]+(?: [a-z]+)?: \d)(?<=\bfor (?:an?|the) [a-z]+(?: [a-z]+)?: \d[^;.\n]{3,60}, for )/gi,
    ', pictures for ',
  ],
  // "A5 upright, 300 dpi, plus 3 mm bleed".
  [
    /(?<=\bA[2-6])( (?:upright|landscape|portrait))?(,? (?:at )?\d{2,4} ?(?:dpi|ppi)),? plus (\d{1,2}(?:[.,]\d)?) ?mm(?: of)? bleed\b/gi,
    ' plus $3 mm bleed,$1$2',
  ],
  [/\bsideways (?=(?:format|pictures|images|photos|shape)\b)/gi, 'landscape '],
  // "Tall pictures are not exempt."
  [
    /\btall (?=(?:pictures|images|photos|ones)(?: are (?:not|no) (?:exempt|excepted|exceptions?)|,? too\b|,? included\b))/gi,
    'upright ',
  ],
  // "Wide pictures: 1920 x 1080. Tall pictures: 1080 x 1920."
  [
    /\bwide (?=(?:pictures|images|photos|ones)\b[^.;\n]{0,40}[.;,] (?:and )?tall (?:pictures|images|photos|ones)\b)/gi,
    'landscape ',
  ],
  [
    /\btall (?=(?:pictures|images|photos|ones)\b)(?<=\bwide (?:pictures|images|photos|ones)\b[^.;\n]{0,40}[.;,] (?:and )?tall )/gi,
    'portrait ',
  ],
  // "Where a picture is upright it is the 1080 that counts."
  [
    /\b(?:where|if|when) (?:a|the|your) (?:picture|image|photo) is (?:upright|vertical|in portrait format),? (?:it is )?the (\d{3,4}) (?:that |which )?(?:counts|applies|holds)\b/gi,
    'upright pictures too must not be higher than $1 pixels',
  ],
  [/\b(landscape|portrait|upright|square)[ -]shaped\b/gi, '$1'],
  // "Landscape images: 1920 pixels maximum horizontally. Portrait images: 1080 pixels maximum vertically."
  rule(
    `\\b(landscape (?:pictures|images|photos|photographs|ones): [^.;\\n\\d]{0,12}(?:\\d{1,2},\\d{3}|\\d{3,5})${PX}[^.;\\n\\d]{0,24})\\. (?=(?:portrait|upright) (?:pictures|images|photos|photographs|ones): [^.;\\n\\d]{0,12}(?:\\d{1,2},\\d{3}|\\d{3,5}))`,
    '$1, ',
  ),
  [
    /(?<=\d (?:inch(?:es)?|cm|mm) at \d{2,3} ?(?:dpi|ppi)), please,(?= (?:landscape or portrait|portrait or landscape)\b)/gi,
    ',',
  ],
  [/\bsquare (images|pictures|photos|photographs) (with|of) (?=(?:a )?sides? )/gi, 'square format, $2 '],
  // "Square files, 1500 px or larger each way".
  [
    /\bsquare(?: (?:files|pictures|images|photos))?[,:;]? (?:of |with )?(\d{3,5}) ?(px|pixels) (?:each way|both ways|in (?:each|either|both) directions?)\b/gi,
    'square format, $1 x $1 $2',
  ],
  [
    /\bsquare(?: (?:files|pictures|images|photos))?[,:;]? (?:(?:of |with )?at least )?(\d{3,5}) ?(px|pixels)(?: (?:or|and) (?:larger|more|bigger|over|above|up))? (?:each way|both ways|in (?:each|either|both) directions?)\b/gi,
    'square format, at least $1 x $1 $2',
  ],
  [/\bsquare or (?=\d{1,2}:\d{1,2}\b)/gi, 'ratio 1:1 or '],
  [/(?<![\d:])(\d{1,2}:\d{1,2}) or square\b/gi, 'ratio $1 or 1:1'],
  [/\bfor (?:any|every|either) orientation\b(?=[.,;)]|$)/gi, ', for upright pictures too'],
  [
    /\bin the case of (?:an? )?(upright|portrait|vertical) (?:format|picture|image|photo)s?/gi,
    'for $1 pictures',
  ],
  [/\b(16|4|3|2|1) ?[x×] ?(9|3|2|1) (?=(?:format|ratio|shape|crop)\b)/gi, '$1:$2 '],
  rule(
    '(?<![\\d:])(\\d{1,2}:\\d{1,2}) (?:lying|horizontal|landscape) or (\\d{1,2}:\\d{1,2}) (?:standing|upright|vertical|portrait)\\b',
    'ratio $1 or $2',
  ),
  [/\bwide (?:ones|pictures|photos|images|shots|shape|format) only\b/gi, 'landscape pictures only'],
  // "The sides must be in the ratio three to two", "as wide as high".
  ...(
    [
      ['three to two', '3:2'],
      ['two to three', '2:3'],
      ['four to three', '4:3'],
      ['three to four', '3:4'],
      ['five to four', '5:4'],
      ['four to five', '4:5'],
      ['sixteen to nine', '16:9'],
      ['two to one', '2:1'],
      ['three to one', '3:1'],
      ['one to one', '1:1'],
    ] as const
  ).map(([words, ratio]) =>
    rule(
      `\\b${words}(?<=\\b(?:ratio|proportions?|format)\\b[^.;\\d]{0,38})\\b|\\b${words}\\b(?=[^.;\\d]{0,30}\\b(?:ratio|shape|proportions?|format)\\b)`,
      `in the ratio ${ratio}`,
    ),
  ),
  rule(
    '(?<!\\b(?:twice|times|half|least|not|exactly) )(?<=^|[,:;.] |\\b(?:be|is|are) )(?:as wide as (?:it is |they are )?(?:high|tall)|as (?:high|tall) as (?:it is |they are )?wide)(?=[.,;]|$)',
    'in the ratio 1:1',
  ),
  rule('\\bwidth to height(?::| as| is| like| =)? (\\d{1,2}) to (\\d{1,2})\\b', 'ratio $1:$2'),
  // "Bleed size 154 x 111 mm (trimmed to 148 x 105)": the lesser size is that of the paper.
  [
    /\b(trimmed|cut) (?:down )?to [\d.,]+ ?[x×] ?[\d.,]+(?: ?[mc]m)?(?<=\d ?[mc]m[^.;\n]{0,12}\(\w+ (?:down )?to [\d.,]+ ?[x×] ?[\d.,]+(?: ?[mc]m)?)(?=\))/gi,
    '$1',
  ],
  // "Black borders look good: leave 60 px on each side."
  [
    /\b(?:leave|keep) (?:at least |about )?\d{1,3} ?(?:px|pixels)\b(?= (?:clear |free |empty )?(?:on|at|round|along)\b)/gi,
    'leave some room',
  ],
  // "Square, with sides of 1000 to 2000 pixels".
  [
    /(?<=\bsquare\b[^.;\d]{0,30})\b(?:sides|edges) (?:of |from |between )*(\d{3,5}) ?(?:to|and|-|–) ?(\d{3,5}) ?(px|pixels)/gi,
    'between $1 and $2 $3 a side',
  ],
  // "Format 3 by 2".
  [
    /\b(format|ratio|proportions?)(?::| of)? (\d{1,2}) (?:by|to) (\d{1,2})\b(?! ?(?:px|pixels|cm|mm|in|inch))/gi,
    '$1 $2:$3',
  ],
  [
    /\b(?:screen|projector|monitor|frame|display|page)s? (?:is|are|has|have) (\d{1,2}:\d{1,2}),? (?:and|so) (?:the |your |all )?(?:pictures|images|photos|photographs) must be(?: as well| too| the same)?(?=[.;,]|$)/gi,
    'ratio: $1',
  ],
  // "Exactly twice as wide as high".
  [
    /(?<!\b(?:at least|more than|less than|about|no less than|over) )\b(?:exactly )?(?:twice|two times) as wide as (?:it is |they are )?(?:high|tall)\b/gi,
    'in the ratio 2:1',
  ],
  [
    /(?<!\b(?:at least|more than|less than|about|no less than|over) )\b(?:exactly )?three times as wide as (?:it is |they are )?(?:high|tall)\b/gi,
    'in the ratio 3:1',
  ],
];

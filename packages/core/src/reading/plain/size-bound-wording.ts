import { BOX, GROUPED, N, PX } from './size-wording.ts';
import { rule, type Rule } from './reword.ts';

/** Bounds of a size that stand behind it or apart from it, put before it where the readers look for them. */

export const SIZE_BOUND_WORDING: readonly Rule[] = [
  // "Minimum 15 x 20 cm (1772 x 2362 pixels)".
  rule(
    `\\b(min(?:imum|\\.)?|at least|max(?:imum|\\.)?|at most|(?:not|no) (?:larger|bigger|smaller) than)(?: size:?)? [\\d.,]+ ?[x×] ?[\\d.,]+ ?[cm]m \\((${BOX})\\)`,
    '$1 $2',
  ),
  // "The screen takes 1920 x 1200. Fill it if you can; smaller pictures get a black surround."
  rule(
    `\\b(?:the|our) (?:screen|projector|beamer|telly|tv|monitor)\\b[^.;\\n]{0,30}\\b(?:is|takes|shows|has) (${BOX})(?=[.;] (?:fill (?:it|that|this) [^.;]{3,30}[;,.] )?smaller (?:pictures|images|ones|photos) (?:are|get|have|appear|come|will)\\b)`,
    'pictures may be at most $1',
  ),
  // "Any size over 800 pixels wide", "any size from 1000 px on the short side upwards".
  rule(`\\bany size (?:over|above|from|beyond|larger than|bigger than) (?=${GROUPED}${PX}\\b)`, 'at least '),
  // "Exactly 1600 px wide and/or exactly 1200 px high", "either 1600 px wide or 1200 px high": the box that it fills.
  rule(
    `(?:either )?(?:exactly )?${N}${PX} (?:wide|in width|across)(?: and/or |/)(?:exactly )?${N}${PX} (?:high|tall|in height)`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  rule(
    `\\beither (?:exactly )?${N}${PX} (?:wide|in width|across) or (?:exactly )?${N}${PX} (?:high|tall|in height)`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  // "2560 px on the longest side (no more, no less)", "1920 x 1080 pixels, neither more nor less".
  [
    /,? ?\(?(?:no more,? (?:and )?no less|not more,? (?:and )?not less|neither more nor less|no less,? (?:and )?no more)\)?(?=[.,;]|$)/gim,
    ' exactly',
  ],
  // "Your picture should fill 1400 x 1050 as far as it can without exceeding either."
  rule(
    `\\b(?:should |must )?fill ${N} ?[x×] ?${N}(?: ?(?:px|pixels))?(?= as far as\\b[^.;]{0,24}\\bwithout exceeding\\b)`,
    'at most $1 x $2 pixels',
  ),
  // "1920 pixels on the long side, please, never more."
  [/,? please, (?=never (?:more|larger|bigger|longer)\b)/gi, ', '],
  // "About 2500 pixels along the long side, though we can work with anything from 1800 up".
  rule(
    `\\b(?:at )?(?:about|around|roughly) ${N}${PX} (on|along) the long(?:er|est)? (side|edge),? (?:though|but) (?:(?:we|i) can (?:work with|use|print) )?anything from ${N}${PX} up(?:wards)?(?: is (?:usable|fine|all right|ok))?`,
    'at least $4 pixels $2 the longest $3',
  ),
  // "It is 1920 across and 1080 down, and your picture must sit inside that."
  rule(
    `\\b${N}(?<!\\bmost \\d+)${PX} (?:across|wide) (?:and|by|x) ${N}${PX} (?:down|high|tall|deep)(?=[^.;\\d]{0,60}\\b(?:(?:must|shall|has to|have to|should|needs? to) (?:sit|fit|go|stay|be)|goes|fits|sits|stays|belongs) (?:inside|within|in|into) (?:that|this|it|these)\\b)`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  // "Beyond 2000 pixels on the long side the form refuses."
  rule(
    `\\bbeyond ${N}${PX} on the (?:long(?:er|est)?) (side|edge),? (?:the|our) (?:form|page|site|server|system|portal|upload) (?:refuses|rejects|stops|says no)`,
    'at most $1 pixels on the longest $2',
  ),
  // "The most our screen can take is 1920 across and 1080 down."
  rule(
    `\\bthe most (?:that )?(?:we|our \\w+|the \\w+) (?:can |will )?(?:show|take|display|manage|project)s? is ${N}${PX} (?:across|wide) (?:and|by|x) ${N}${PX} (?:down|high|tall)`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  // "For landscape pictures the width must be 1920 pixels, for portrait ones the height 1080. Nothing may exceed these."
  rule(
    `(\\bwidth (?:must|should|has to) be )(${N}${PX}[^.\\d]{0,60}\\bheight (?:(?:must|should|has to) be )?)(?=${N}${PX}\\. (?:nothing|neither|no (?:picture|image|file|side)) (?:may|must|should|can) (?:exceed|be (?:larger|bigger|greater) than|go (?:over|beyond)) (?:these|those|that|them)\\b)`,
    '$1at most $2at most ',
  ),
  // "Landscape pictures: set the width to 1920. Portrait pictures: set the height to 1080. Nothing larger, please."
  rule(
    `(\\bset the width to )(${N}${PX}[^\\d]{0,60}\\bset the height to )(?=${N}${PX}\\. nothing (?:larger|bigger|more)\\b)`,
    '$1at most $2at most ',
  ),
  // "3000 px on the longest edge, not less; 4500 px is the most."
  rule(
    `\\b${GROUPED}${PX} on the (long(?:er|est)?) (side|edge), (?:and )?(?:not|no) (?:less|fewer)\\b`,
    'at least $1 pixels on the $2 $3',
  ),
  rule(
    `(?<=\\bon the long(?:er|est)? (?:side|edge)[^.;\\d]{0,16}; )${GROUPED}${PX} is the (?:most|maximum|limit)\\b`,
    'at most $1 pixels on the longest side',
  ),
  // "2400 pixels on the long side, more does no harm."
  rule(
    `(?<!\\b(?:most|least|max\\w*|min\\w*|to|than|and|between|around|about|roughly|approximately|some)\\.? |[x×] ?)\\b(${BOX}|${N}${PX}(?: (?:wide|high)|(?: on| along) the (?:long|short)(?:er|est)? (?:side|edge))?)[,;] (?:and |but )?(?:more|larger|bigger) (?:does no harm|(?:is|are) (?:even |always )?(?:better|welcome|fine|all right))(?=[.;,!]|$)`,
    'at least $1',
  ),
  // "1920 pixels (horizontal) and 1080 pixels (vertical) must not be exceeded."
  rule(
    `\\b${N}${PX} \\((?:horizontal(?:ly)?|width|wide)\\) (?:and|by|x) ${N}${PX} \\((?:vertical(?:ly)?|height|high)\\) (?:must|may|should|can) not be exceeded`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  [
    /\bto fill (\d{3,5} ?[x×] ?\d{3,5}(?: ?(?:px|pixels))?)[^.;\d]{0,40}\bwithout exceeding (?:it|this|that|them)\b/gi,
    'at most $1',
  ],
  // "1400 (width) and 1050 (height) are ceilings, not targets."
  rule(
    `\\b${N}(?<!\\bmost \\d+)${PX} ?\\(?(?:w|width|wide|across)\\)?(?: and|,| x| by) ${N}${PX} ?\\(?(?:h|height|high|down|tall)\\)? are (?:the )?(?:upper )?(?:ceilings?|limits?|maxim(?:a|ums?))\\b`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  rule(
    `\\b${N}${PX} (?:wide|across) (?:x|and|by) ${N}${PX} (?:high|tall) (?:as|being|are) (?:the )?(?:outer|upper|outside) limits?\\b`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  // "Pictures may grow to 2000 pixels and no further", "you need 2000 pixels, and more does no harm".
  rule(
    `\\bmay (?:grow|go|run|measure) (?:up )?to (?=${N}[^.;\\d]{0,40}\\b(?:and|but) (?:no|not) (?:further|more|beyond)\\b)`,
    'may measure at most ',
  ),
  rule(
    `\\bneed (?=${N}[^.;\\d]{0,40}\\b(?:and|but) more (?:does no harm|is welcome|is fine|is better|helps)\\b)`,
    'need at least ',
  ),
  // "Below 2000 pixels on the long side is too small, above 4000 too large."
  rule(
    `\\b(?:below|under|less than) (${N}${PX}[^.;,\\d]{0,24}) (?:is|are|would be) too (?:small|little|few|short)`,
    'at least $1',
  ),
  rule(
    `\\b(?:above|over|more than) (${N}${PX}[^.;,\\d]{0,24}?)(?: is| are| would be)? too (?:large|big|much|many|long)`,
    'at most $1',
  ),
  // "1400 pixels at most across and 1050 at most down".
  rule(
    `\\b${N}${PX} at most (?:across|wide|in width) and ${N}${PX} at most (?:down|high|tall|in height)\\b`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  // "Under 2400 pixels on the long side we have to refuse them", "below 1200 pixels nothing can be printed".
  rule(
    `\\b(?:below|under) (${N}${PX}(?: (?:wide|high)| on the (?:long|short)(?:est|er)? (?:side|edge)| \\((?:long|short)(?:est|er)? (?:side|edge)\\))?),? (?=(?:we|i|the (?:form|lab|printer|site)) (?:(?:have to|has to|must|will|do) )?(?:refuse|reject|return|not|cannot)|nothing (?:can|will) be|(?:we|i) cannot\\b)`,
    'at least $1; otherwise ',
  ),
  // "About 2835 x 2126 pixels or more".
  rule(
    `\\b(?:about|around|roughly|some|approximately|something like) (${BOX}|${N}${PX}),? or (?:more|larger|bigger|above)\\b`,
    'at least $1',
  ),
  // "The projector takes 1920 x 1200. Make your images that size at most."
  rule(
    `\\b(${BOX})(?=(?: \\([^()]*\\))?[^.;\\d]{0,12}(?:[.;]|,? (?:so|and)\\b)[^.;\\d]{0,30}\\b(?:that size at most|(?:no|not be) (?:larger|bigger) than (?:that|this)|(?:that|this) size or smaller)\\b)`,
    'at most $1',
  ),
  // "With fewer than 1920 x 1080 pixels it will look soft."
  rule(
    `\\bwith (?:fewer|less) than (${BOX}|${N}${PX}(?: on the (?:long|short)(?:est|er)? (?:side|edge))?),? (?:it|they|the (?:picture|image|print)s?) (?:will )?(?:looks?|turns? out|prints?|gets?|becomes?) (?:soft|poor|bad|badly|unsharp|blurred|grainy|mushy|coarse)`,
    'at least $1',
  ),
  // "You have 1920 pixels across and 1080 down to play with", "the width ends at 1920 and the height at 1080".
  rule(
    `\\byou have ${N}${PX} (?:across|wide) and ${N}${PX} (?:down|high)(?: to (?:play|work) with| at your disposal)`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  rule(
    `\\bwidth ends at ${N}${PX},? (?:and )?(?:the )?height at ${N}${PX}`,
    'width at most $1 pixels, height at most $2 pixels',
  ),
  rule(`\\b(${N}(?<!x ?\\d+)${PX}) is the (?:floor|bottom)\\b`, 'at least $1'),
  [/\bis what (?:we|i) (?:need|want|ask for) as (?:a|the) (minimum|maximum)\b/gi, 'is the $1'],
  // "1500 px on the long side (never more)", "and that is the smallest we can use".
  rule(
    `\\b${N}${PX} on the (?:long(?:er|est)?|greater) (?:side|edge|dimension) \\((?:never|not|no) (?:more|bigger|larger|longer)\\b(?!,? (?:and |nor )?(?:no|not|never)? ?(?:less|smaller|shorter))`,
    'at most $1 pixels on the longest side (that is all',
  ),
  rule(
    `\\b(${BOX}),? and that(?:['’]s| is) the smallest (?:that )?(?:we|i|the \\w+) can (?:use|print|take|show)`,
    'at least $1',
  ),
  rule(
    `\\b(${BOX}),? and that(?:['’]s| is) the (?:largest|biggest) (?:that )?(?:we|i|the \\w+) can (?:use|print|take|show)`,
    'at most $1',
  ),
  rule(`\\b(?:we|i) (?:only )?start (?:printing )?at (?=${N}${PX}\\b)`, 'at least '),
  rule(
    `\\b${N}${PX} (?:is|are) as wide and ${N}${PX} as (?:high|tall) as (?:a|the|your|any) (?:picture|image|file) (?:may|can) be`,
    'at most $1 pixels wide and at most $2 pixels high',
  ),
  // "1920 x 1080 is the frame", "fit the projection area of 1920 x 1080".
  rule(
    '(?<![\\d.,])(\\d{3,5} ?[x×] ?\\d{3,5}(?: ?(?:px|pixels))?) is the (?:frame|box|limit|maximum|most)\\b',
    'at most $1',
  ),
  // "2000 x 2000 px, no less".
  [
    /(?<!\b(?:most|least|max\w*|min\w*|to|than)\.? )(?<![\d.,])(\d{3,5} ?[x×] ?\d{3,5}(?: ?(?:px|pixels))?),? (?:and )?(?:no|nothing) (?:less|smaller|lower)(?=[.;)!]|$|,(?! (?:and |or )?(?:no|nothing)\b))/gi,
    'at least $1',
  ],
  [
    /(?<!\b(?:most|least|max\w*|min\w*|to|than)\.? )(?<![\d.,])(\d{3,5} ?[x×] ?\d{3,5}(?: ?(?:px|pixels))?),? (?:and )?(?:no|nothing) (?:more|larger|bigger|greater)(?=[.;)!]|$|,(?! (?:and |or )?(?:no|nothing)\b))/gi,
    'at most $1',
  ],
];

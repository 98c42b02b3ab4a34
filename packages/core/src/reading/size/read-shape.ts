import { isAdvisedAt } from '../common/advice.ts';
import type { Found } from '../common/found.ts';
import { SECTIONS } from '../common/section-nouns.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, patterns } from '../common/word-lists.ts';

const RATIO_WORDS = /\b(?:ratios?|aspect|proportions?|proportioned|shape|crop(?:ped)?|formats?)\b/i;
/** Ratios so usual that they need no word beside them; times of day are written with two digits behind the colon. */
const USUAL_RATIO =
  /(?<=\b(?:landscape|portrait|upright|format|shape) )\d{1,2}:\d{1,2}(?![\d:])|(?<![\d:])(?:1:1|3:2|2:3|4:3|3:4|5:4|4:5|16:9|9:16|2:1|1:2|3:1|4:1|21:9|5:7|7:5|35:45|45:35)(?![\d:]|\s*(?:a\.?m|p\.?m|o['’]clock|hours|h\b))/i;
const OF_FILES =
  /\b(?:suggest|recommend|prefer|like) (?:a )?\d{1,2}:\d|\d{1,2}:\d{1,2} if you (?:can|could)\b|\bwider than they are\b|^\W*(?:either )?\d{1,2}:\d{1,2} or \d{1,2}:\d{1,2}\b|^\W*\d{1,2}:\d{1,2}\W*$|^\W*\d{1,2}:\d{1,2}(?: (?:if|only|or|please|preferred|format)\b|[,.])|\b(?:jpe?g|png|webp|tiff?|srgb|px|pixels|landscape|portrait|upright|horizontal|vertical|square|wide-?screen)\b|[x×]\s*\d{3}/i;
const RATIO =
  /(?<![\d:])(\d{1,2}(?:\.\d{1,3})?)\s*(?::|∶|to|\/|x|×)\s*(\d{1,2}(?:\.\d{1,3})?)(?![\d:]|\s*(?:cm|mm|in\b(?! (?:either|any|both|landscape|portrait|upright))|inch|am|pm|hours|px|pixels|mb|kb))/gi;
/** "The ratio must be 4 to 5". */
const SPOKEN_RATIO =
  /\b(?:ratio|aspect|proportions?)\b[^.;\d]{0,30}\b(?:\d{1,2} (?:to|by) \d{1,2}|\d{1,2}\s*[x×/]\s*\d{1,2})\b(?! ?(?:px|pixels|cm|mm|mb|kb))/i;
const COLON_RATIO =
  /(?<![\d:])\d{1,2}(?:\.\d{1,3})?\s*[:∶]\s*\d{1,2}(?:\.\d{1,3})?(?![\d:]|\s*(?:am|pm|hours))/i;
const SQUARE = new RegExp(
  `\\b(?<!\\b(?:mm|cm|inch|inches|metres?) )${oneOf`
    (?:(?<!\b(?:in|into|inside|within|fit) )a (?!square (?:should|must|may|can|will|is)\b)|be |as a |must be |perfectly |perfect |exactly |cropped |crop (?:it|them) )square\b(?!-)
    i\.e\.,? square(?=$|[.,;)]) | (?<=\bso: )square (?:pictures|images|photos) | (?:send|upload|submit) (?:us )?squares | square (?:crop|format|jpe?g|png|image|picture|photo(?:graph)?|shape|version|file|thumbnail)(?!s\b)
    (?:every|each) (?:picture|image|photo) is square | all (?:the )?(?:pictures|images|photos) are square
    (?:want|need|send|upload|submit|supply|only) (?:\d+ )?square (?:pictures|images|photos) | (?:px|pixels),? \(?square
    (?<!\b(?:the|survey|grid|map|market|town|city|main|village|previews?|thumbnails?|them|it|standing|stand|sitting|facing) )[Ss]quare[,.;]
    (?:need|want|have|make|crop|like|prefer) (?:them|it|these|those) square(?=[,.;:!]|$) | squares only | [Ss]quare,? please | square aspect(?: ratio)? | [Ss]quare (?:jpe?g|png|tiff)s | square (?:crops|images|pictures|files) only | (?<=^(?:[-+*•–·]\s*)?)square(?=$|(?: [a-z]+)?: \d) | \b(?:shape|format(?: of the (?:picture|image))?)(?:\s*:\s*|\s{2,40})square
  `}`,
  'i',
);

/** "The height and width of the photo must be equal." */
const EQUAL_SIDES =
  /\b(?:height and (?:the )?width|width and (?:the )?height)\b[^.;]{0,30}\b(?:(?:must|should|have to|has to) be|are(?: to be)?) (?:equal|the same|identical)\b/i;

/** "20:00" is an hour, "16:10" is none. */
const A_CLOCK = /^(?:[01]?\d|2[0-4]):(?:00|15|30|45|59)$/;

/** "Square photos (1:1) look best in search". */
const IS_BEST = /^[^.;,]{0,60}\b(?:looks?|works?|shows?|fits?) best\b/i;

/** Ratios, only where one is named. */
export function readRatio(segment: Segment): Found[] {
  const { text } = segment;
  if (
    (RATIO_WORDS.test(text) || (USUAL_RATIO.test(text) && OF_FILES.test(text))) &&
    (COLON_RATIO.test(text) || SPOKEN_RATIO.test(text)) &&
    !/\bany (?:aspect )?ratio\b|\b(?:longer|wider|taller|narrower) than \d{1,2}:\d|\b(?:between|from) \d+(?:\.\d+)?:\d+ (?:and|to)\b|\d:\d{1,2} or (?:longer|wider|more)\b|\b(?:close|deadline|midnight|compress(?:ed|ion)(?=[^.;,]{0,30}\d))\b/i.test(
      text,
    )
  ) {
    const isByColon = COLON_RATIO.test(text);
    const all = [...text.matchAll(RATIO)]
      .filter(m => !isByColon || (/[:∶]/.test(m[0]) && !A_CLOCK.test(m[0])))
      .map(m => ({
        pair: [Number(m[1]), Number(m[2])] as [number, number],
        m,
      }));
    const [first] = all;
    const isOfScreen =
      first &&
      /\b(?:telly|tv|screen|projector|monitor)s? (?:has|is|shows)\b[^.;,]{0,24}$/i.test(
        text.slice(0, first.m.index),
      );
    if (first && !isOfScreen) {
      const last = all.at(-1)?.m ?? first.m;
      const pairs = all
        .map(a => a.pair)
        .filter((p, i, every) => every.findIndex(o => o.join() === p.join()) === i);
      return [
        {
          field: 'ratio',
          value: pairs.length > 1 ? pairs : pairs[0],
          start: segment.start + first.m.index,
          end: segment.start + last.index + last[0].length,
          advice: isAdvisedAt(text, first.m.index) || IS_BEST.test(text.slice(last.index + last[0].length)),
        },
      ];
    }
  }
  const square = SQUARE.exec(text) ?? EQUAL_SIDES.exec(text);
  // "Square images: 1080 x 1080 pixels" beside others speaks of some.
  const isOfSome = /^\W*square (?:images|pictures|photos|photographs|ones)\s*:/i.test(text);
  if (
    square &&
    !isOfSome &&
    !/\b(?:either|or) square\b|square,? (?:or|landscape|portrait|upright|horizontal|vertical)\b|square metres?|\b(?:preview|overview|page|site|app|system)\b[^.;]{0,24}\b(?:is|are|crops?|cuts?|shows?)\b[^.;]{0,24}\bsquare|\b(?:may|might|will|could) be (?:shown|displayed|previewed)\b[^.;]{0,16}\b(?:cropped|cut)\b/i.test(
      text,
    ) &&
    // "May I send a square picture?" asks and demands nothing.
    !/\b(?:(?:may|can|could|should|must|do) (?:i|we)|you may)\b[^.?]*$/i.test(text.slice(0, square.index))
  )
    return [
      {
        field: 'ratio',
        value: [1, 1],
        start: segment.start + square.index,
        end: segment.start + square.index + square[0].length,
        advice: isAdvisedAt(text, square.index) || IS_BEST.test(text.slice(square.index + square[0].length)),
      },
    ];
  return [];
}

const SWAP = new RegExp(
  `\\b${oneOf`
    \bor the same (?:size )?(?:upright|turned|the other way round)\b
  (?<=\d (?:px|pixels),? in )(?:landscape|horizontal) or (?:in )?(?:portrait|upright|vertical) (?:orientation|format)
    swapp?(?:ed|able)?(?: over)? | either way (?:round|up|about) | (?:or|and) vice versa | vice versa
    the other way (?:round|about|up) | turn (?:the (?:figures|numbers|sizes|two) |them )?(?:round|over|about) for
    (?:may|can|to) be (?:reversed|turned|rotated) | or turned (?:round |over )?for (?:upright|portrait|vertical)
    figures (?:are )?reversed | reverse(?:d)? (?:the figures )?for (?:portrait|upright|vertical)
    in either orientation | (?<=\d ?[x×] ?\d+ ?(?:px|pixels)? )in either direction
    (?<=^|\d ?(?:px|pixels|inch(?:es)?|cm|mm|dpi|ppi)?(?: at (?:least|most)| minimum| maximum| min\.?| max\.?)?, )(?:landscape or portrait|portrait or landscape|horizontal or vertical|upright or landscape|landscape or upright)(?=[.;]|$)
    (?<=\d ?(?:mm|cm|px|pixels) )or,? (?:if )?(?:upright|vertical|portrait),(?= \d)
    (?<=\bratio\b[^.;]{0,30}|\d:\d[^.;]{0,20})\beither (?:landscape|horizontal) or (?:portrait|vertical|upright)
    whichever way (?:round|up) | or the reverse\b | change places | (?:inter)?exchanged | rotate the figures for
    (?<=\()(?:landscape or portrait|portrait or landscape|horizontal or vertical|upright or landscape|landscape or upright)(?=\)|,)
  `}(?!\\w)`,
  'i',
);
/** Without one of these nothing is turned; looked for first, since the patterns for it begin at every word. */
const MAY_TURN =
  /swap|way|vers|turn|direct|revers|rotat|orient|chang|place|land|portrait|horiz|upright|vertic/i;
const swapIn = (text: string) => (MAY_TURN.test(text) ? SWAP.exec(text) : null);
const WAY = '(?:landscape|horizontal|portrait|upright|vertical)';
const FORM = '(?:[ -](?:format|orientation|shape|way (?:up|round)))';
const PICTURES = '(?:pictures?|images?|photos?|photographs?|files?|shots?|jpe?gs?)';
/** One way round alone is asked: as an item of a list, as the only one, as what must be, or as what is wanted. */
const ONE_WAY = new RegExp(
  [
    `\\d\\s*:\\s*\\d+,? \\(?${WAY}\\b${FORM}?(?! (?:or|and))`,
    `\\b(?:must|should|has to|have to|needs? to)(?: all)? be (?:in |of )?${WAY}${FORM}?(?: ones)?(?=[\\s.,;]*(?:$|and\\b|so\\b|as\\b|because\\b|since\\b|for\\b|with\\b|[.,:;(\\d]))`,
    `\\b(?:format|orientation|shape)\\s*:\\s*${WAY}\\b`,
    `\\b(?:is|are) always ${WAY}\\b`,
    `\\b(?:post)?(?:card|poster|calendar|flyer|leaflet|banner)s? (?:is|are) ${WAY}\\b(?! or\\b)`,
    `^\\W*${WAY} ${PICTURES}\\b[^.;]{0,30}\\bonly[.!]?$`,
    `^(?:[-+*•–·]\\s*)?(?:in )?${WAY}${FORM}\\b(?! (?:${PICTURES}|or|and))`,
    `\\b${WAY}-format ${PICTURES}\\b`,
    `\\b\\d{2,4} ?[x×] ?\\d{2,4}(?: ?(?:px|cm|mm))? ${WAY}\\b(?= (?:jpe?g|png|only|\\()|\\W*$)`,
    `\\b(?:only have|have only) (?:room|space) for ${WAY}${FORM}? ${PICTURES}\\b`,
    `[,;] horizontal(?=[.;])(?!.*\\b(?:vertical|upright|portrait))`,
    `\\btake (?:(?:the|your|each|every) )?${PICTURES} (?:in )?${WAY}(?=[,.;])`,
    `\\bin ${WAY} \\d{1,2}:\\d{1,2}(?: format)?\\b`,
    `^(?:wanted:? |also |and |plus |[a-z][a-z ]{2,20}: )?(?:an?|one|two|three|four|five|\\d{1,2}) ${WAY}${FORM}? ${PICTURES}\\b(?! of (?:you|the (?:applicant|author|artist|candidate))\\b)`,
    `\\b(?:would|['’]d) (?:like|love|prefer) ${WAY}${FORM}? ${PICTURES}\\b(?= ?(?:this|\\(?\\d{1,2}:|only|[.;!(]|$))`,
    `\\b(?:take|want|need|looking for|accept|send|upload|submit|after)(?: us| me)?(?: only| one| an?| some)?(?: (?:beautiful|good|nice|strong|striking|sharp))? ${WAY}${FORM}? ${PICTURES}\\b(?= ?(?:[.,;!(]|$|please|of\\b|with\\b|in\\b))`,
    `\\b(?:${PICTURES} ${WAY}|${WAY} ${PICTURES}|${WAY} way (?:round|up)),? please\\b`,
    `\\b(?:all|every) ${PICTURES} (?:in )?${WAY}\\b(?! ${PICTURES})`,
    `\\b(?:an?|one|your|need|want)(?: (?:beautiful|good|nice|strong|striking|sharp))? ${PICTURES}(?: of [a-z]+(?: [a-z]+)?)? in ${WAY}${FORM}(?! or)`,
    `^\\W*${WAY} ${PICTURES} of [^,.;]{3,30}, please\\b`,
    `^\\W*(?:everything|all) (?:in )?${WAY}${FORM}?[.!]?$`,
    `^\\W*(?:one|1|two|2|\\d+) ${PICTURES}\\b[^;]*, in ${WAY}${FORM}[.!]?$`,
    `\\bonly (?:\\w+ )?${PICTURES} in ${WAY}\\b`,
    `, ${WAY}${FORM}?,? that is\\b`,
    // "One picture a month, taken in the village, landscape format."
    `\\b(?:pictures?|photos?|taken)\\b[^;]*, (?:all )?(?:in )?${WAY} (?:format|orientation)[.!]?$`,
    `\\s[–-] ${WAY}${FORM}?,? please\\b`,
    `\\b(?:send|submit|upload|supply|take|shoot) (?:yours|them|it|these|those|everything) (?:all )?in ${WAY}${FORM}(?! (?:or|and))`,
    `\\bA[2-6],? (?:[a-z]+, )?${WAY}\\b(?! (?:or|pages?))`,
    `(?<!\\bpdf\\b[^.;]{0,20})\\b${WAY} A[2-6]\\b`,
    `\\b(?:choose|pick|use|bring|take) (?:(?:an?|your|one|only) )?${PICTURES} in ${WAY}${FORM}`,
    `\\b${WAY}${FORM}? \\(\\d{1,2}\\s*:\\s*\\d{1,2}\\b(?!\\s*or)`,
  ].join('|'),
  'i',
);
/** As an item of a list about files: "JPEG, landscape, 1600 px". */
const ONE_WAY_LISTED = new RegExp(
  `(?:^|\\b(?:both|all)(?: of (?:them|these))?(?: in)? |[,;:(•?]\\s*(?:in )?|^[-*•]\\s*|\\s[-–] |\\d\\s*(?:px|pixels|mm|cm) )(?:landscape|portrait(?!\\.(?:jpe?g|png|tiff?)\\b)|upright|horizontal(?=,? please|, in the (?:ratio|proportion)))${FORM}?(?=\\)?\\s*(?:[.,;)!]|\\([a-z]|$|so that\\b|\\(?\\d{1,2}\\s*[:x×]|\\d{3}))`,
  'i',
);
const ONLY_WAY = new RegExp(
  `\\b${WAY}${FORM}?(?: ${PICTURES})? only\\b|\\b(?:square or upright|upright or square)\\b(?= \\(no landscape)|\\bno (?:uprights?|verticals?|(?:portrait|vertical|upright|landscape|horizontal)${FORM}(?=,? please|[.;,!]|$))\\b(?! (?:than|may|can|should|must|picture|image|photo))|(?<!\\b(?:landscape|horizontal) (?:or|and|nor) )\\b(?:portrait|upright|vertical)s?${FORM}?(?: (?:ones|${PICTURES}))?\\)? (?:(?:cannot|can ?not|can['’]t|will not) be (?:used|taken|accepted|shown|printed|considered)\\b(?! (?:on|at|in|with|larger|if|unless|as))|(?:do(?: not|n['’]t)|will not|won['’]t|cannot|can['’]t) (?:fit|work)\\b(?! (?:in|into|inside|within)\\b))|(?<!\\b(?:portrait|vertical|upright) (?:or|and|nor) )\\b(?:landscape|horizontal)s?${FORM}?(?: (?:ones|${PICTURES}))? (?:cannot|can ?not|can['’]t) be (?:used|taken|accepted|shown|printed)\\b(?! (?:on|at|in|with|larger|if|unless|as))|\\bmust be (?:taller|higher) than (?:it is|they are) wide\\b|\\bonly (?:use |take |accept |print |show )?(?:${WAY}\\b|(?:tall|wide) ${PICTURES})|\\b(?:need|want) (?:tall|wide) ${PICTURES}|\\b(?:picture|image|photo|they|it)s? (?:must|has to|have to|should) be (?:wide|tall)(?= ?[(,.;]| and\\b)|\\b(?:tall|wide) ${PICTURES} only\\b|(?<!\\bnot )\\bwider than (?:they are|it is|they’re) (?:high|tall)\\b`,
  'i',
);
const ABOUT_FILES =
  /\b(?:jpe?gs?|png|tiff?|px|pixels|srgb)\b|\d\s*:\s*\d|\d{3}|^\W*\w+(?: \w+)?\W*$|^\W*(?:landscape|portrait|upright|horizontal),|^\W*(?:one|an?|two|three|\d) (?:photo|picture|image)s?\b|^\W*(?:technical(?:ly)?|requirements?|format|shape|files?|images?)\s*:/i;

/** That one way round alone is asked. */
function oneWay(text: string): RegExpExecArray | null {
  const only = ONLY_WAY.exec(text);
  // Where both ways are named, neither is the only one.
  if (only || LYING.test(text) === STANDING.test(text)) return only;
  return ONE_WAY.exec(text) ?? (ABOUT_FILES.test(text) ? ONE_WAY_LISTED.exec(text) : null);
}

const OF_SECTIONS = new RegExp(`^\\W*(?:the )?${SECTIONS}\\b[^.]{0,24}:`, 'i');

/** The words that ask for pictures of one way round alone; null where a sentence has two sizes, or says what works best. */
export function onlyWay({ text }: Segment): RegExpExecArray | null {
  // "Categories: Flight; Portrait; Habitat".
  if (OF_SECTIONS.test(text)) return null;
  const isTwoSizes =
    (text.match(/\d\s*(?:px|pixels)?\s*[x×]\s*\d+(?:[.,]\d+)?(?![\d.,]|\s*(?:mm|cm)\b)/gi) ?? []).length > 1;
  const way = isTwoSizes || swapIn(text) ? null : oneWay(text);
  return way && !IS_BEST.test(text.slice(way.index)) ? way : null;
}

const LYING = /\b(?:landscape|horizontal)\b/i;
const STANDING = /\b(?:portrait(?!s? of (?:the|you|your|an?)\b|\.(?:jpe?g|png))|upright|vertical)s?\b/i;
/** The longest side is the same whichever way a picture stands. */
const OF_LONG_SIDE = /\blong(?:er|est)? (?:side|edge)\b/i;
/** "If it is taller than it is wide, only the 1200 matters." */
const ONLY_HEIGHT =
  /\b(?:taller|higher) than (?:it is |they are )?wide\b[^.;]{0,30}\b(?:only (?:the )?(?:height|\d+)|height (?:alone )?(?:counts|matters))/i;
const UPRIGHT_TOO = patterns`
  \b(?:including|includes) (?:for |in |with )?(?:portrait|upright|vertical)
  \b(?:upright|portrait|vertical)s?(?: ones| images)? (?:(?:are )?included|(?:are |is )?(?:not|no) (?:excepted|excluded|exempt(?:ed)?|exceptions?|different))\b
  \bno exceptions?(?: is made)? for (?:upright|portrait|vertical)
  \b(?:this|that|these|it) (?:also )?(?:applies|apply|holds?|goes)(?: also| equally)? (?:to|for) (?:portrait|upright|vertical)
  \b(?:also|too|even) (?:for|with|in) (?:portrait|upright|vertical)
  \b(?:also|even) (?:when|if|where) (?:the|a) (?:picture|image) is (?:portrait|upright|vertical)
  \b(?:uprights?|portraits?|verticals?|tall (?=images?|pictures?|photos?|photographs?|ones?|works?))\b(?! (?:dimension|side|edge|size|axis|of (?:the|you|your|an?)\b))(?: format| orientation)?(?: images?| pictures?| photos?| photographs?| ones| works?)?[^.;]{0,70}\b(?:too\b|also\b|as well\b|alike|same (?:\w+ )?(?:height|limit)|(?:in )?height|not? (?:more|higher|taller)\b(?! than [\d.,]+ ?[km]b)|(?:can)?not? (?:exceed|be (?:more|higher|taller))|may not exceed|high\b|tall\b|still\b|limited (?:by|to)\b|fit (?:in|into|inside|within) the same)
  \ba tall one\b[^.;]{0,20}\d[^.;]{0,12}\bthe most\b
  \bheight\b[^.;]{0,20}\bsame (?:for|with) (?:vertical|portrait|upright)
  \(the same (?:for|with) (?:vertical|portrait|upright)
  \b(?:height|high|tall|maximum|limits?|figures?|same)\b[^.;]{0,40}\b(?:appl(?:y|ies)|holds?|counts?|(?:is|are) (?:meant|valid)|goes)\b[^.;]{0,12}\b(?:to|for) (?:(?:images|pictures|photos|works) in )?(?:vertical|portrait|upright)
`;
const BOTH_ALIKE = patterns`
  \bboth (?:for|in) (?:landscape|horizontal)\w*(?: images| pictures)? and (?:for |in )?(?:portrait|vertical|upright)
  \bfor both (?:landscape|horizontal) and (?:portrait|vertical|upright)\b | \b(?:for|in|to) both orientations\b | \b(?:not|never) (?:rotate|turn) (?:the )?(?:portrait|upright|vertical)
  \b(?:portrait|upright|vertical)\w*(?: \w+)? (?:(?:must|should|may|can|will) ?not be|(?:are|is) (?:not|never)|do(?:es)? not get) (?:turned|rotated)\b
  \b(?<!\b(?:one|two|three|four|five|some|several) of (?:the|our) )(?:screen|monitor|display|telly|tv|panel)s?\b[^.;]{0,20}\b(?:in|(?:stands?|hangs?|mounted|turned)(?: in)?) (?:portrait|landscape|upright|vertical|horizontal)(?:ly)? ?(?:position|orientation|mode|format)?\b
  \b(?:appl(?:y|ies)|holds?|counts?|goes) (?:to|for) (?:both )?(?:landscape|horizontal)\w*(?: format)? (?:and|or) (?:portrait|vertical|upright)
  \bwhether (?:it is |they are |(?:the|your|an?) (?:image|picture|photo) is )?(?:upright|portrait|landscape|horizontal|vertical)\b
  \b(?:horizontal|landscape)s?\b[^.;]{0,20}\b(?:and|or)\b[^.;]{0,10}\b(?:vertical|portrait|upright)s?\b[^.;]{0,30}\b(?:alike|same|both(?! (?:are |is )?(?:\w+ )?(?:welcome|accepted|accepta\w+|possible|fine|allowed|ok|permitted)))\b
  \b(?:whatever|regardless of|irrespective of|no matter|no difference whether)\b[^.;]{0,40}\b(?:orientation|shape|format|(?:landscape|horizontal)s? or (?:portrait|vertical|upright)s?|is (?:upright|vertical))\b
  \b(?:projector|tv|telly|screen|monitor|box)s? (?:(?:does|do|is|may|can) not|cannot) (?:be )?(?:turn|rotat)(?:ed?)?\b
  \bwhichever way (?:the (?:picture|image)|it|round)\b[^.;]{0,10}\bturned\b
  \b(?:cannot|not) be (?:turned|rotated) for (?:uprights?|portraits?|verticals?)\b
  \b(?:images|pictures|photographs|works) (?:of|in) (?:either|any|both) orientations?\b
  \bwe (?:cannot|do not|never) (?:rotate|turn)(?=[.;,!]|$| (?:pictures|images|anything|them)\b)
`;

/** "A vertical picture may be 1200 wide and 1920 high" has both sides of its own. */
const TURNED_SIDES =
  /\b(?:upright|vertical|portrait)s?\b[^.;\d]*\b(?:may|can)\b[^.;\d]*\d{3,4} (?:px |pixels )?wide (?:and|by) [^.;\d]{0,12}\d{3,4} (?:px |pixels )?(?:high|tall)\b/i;

/** "1600 wide for a horizontal picture, or 1200 high for a vertical one": a box that does not turn. */
const SIDE_BY_SHAPE = patterns`
  \blong(?:er|est)? (?:side|edge)\b[^.]{0,60}\b(?:landscape|horizontal)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b
  \b(?:wid(?:e|th)|long(?:er|est)? (?:side|edge))\b[^.]{0,60}\b(?:landscape|horizontal)\b[^.]{0,70}\b(?:high|height|tall|vertical side)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b
  \b(?:landscape|horizontal)\b[^.]{0,60}\b(?:wid(?:e|th)|horizontally|across)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b[^.]{0,60}\b(?:high|height|tall|vertically|down)\b
  \bwid(?:e|th)\b[^.]{0,40}\b(?:landscape|horizontal)\b[^.]{0,60}\b(?:portrait|vertical|upright)\b[^.]{0,40}\b(?:high|height|tall)\b
  \b(?<long>\d{3,4}) ?[x×] ?(?<short>\d{3,4})(?: ?(?:px|pixels))? \((?:landscape|horizontal)[a-z ]*\)(?:,| or| and|;| \/) (?!\k<short> ?[x×] ?\k<long>)\d{3,4} ?[x×] ?\d{3,4}(?: ?(?:px|pixels))? \((?:portrait|vertical|upright)
`;

/** Two figures that differ: the same figure for both is the longest side. */
function isBoxByShape(text: string): boolean {
  const [a, b] = [...text.matchAll(/\d[\d.,]*\d/g)].map(m => m[0].replace(/\D/g, ''));
  return a !== undefined && b !== undefined && a !== b;
}

/** "Landscape or portrait, we can use both." */
const TAKES_BOTH =
  /\b(?:landscape or portrait|portrait or landscape|horizontal or vertical|vertical or horizontal|upright or landscape)\b[^.;\d]{0,30}\b(?:both|either|as you (?:like|wish)|all the same|up to you)\b/i;

/** "It does not matter whether your picture is landscape or portrait." */
const NO_MATTER = new RegExp(
  `\\b(?:not|n['’]t|no) (?:matter|mind|care|difference)\\b[^.;]{0,40}\\b${WAY} or ${WAY}\\b`,
  'i',
);

const CHOSEN_WAY = new RegExp(
  `\\b${WAY} or ${WAY}\\?\\s*(?:A[.:] ?)?(?:always |only )?${WAY}\\b(?! (?:or|and)\\b)`,
  'i',
);
/** An item of a list, in small letters; a heading has a capital. */
const WAY_ALONE = /^(?:horizontal|vertical)[.;,]?$/;

/** Whether width and height may swap. */
export function readEitherWay(segment: Segment): Found[] {
  // "Vertical images: max. 1080 pixels high": that dot ends no clause.
  const text = segment.text.replace(/\b(max|min)\.(?=\s)/gi, '$1 ');
  const say = (value: boolean, match: RegExpExecArray, advice = false): Found[] => [
    {
      field: 'eitherWay',
      value,
      start: segment.start + match.index,
      end: segment.start + match.index + match[0].length,
      advice,
    },
  ];
  const swap = swapIn(text);
  // "In either orientation but not more than 1200 pixels vertically": the limits stay as they are.
  const isHeld =
    swap &&
    /\b(?:vertical(?:ly)?|high|height|taller|higher)\b/i.test(text) &&
    /^(?:in either|whichever way)/i.test(swap[0]);
  if (isHeld) return say(false, swap);
  if (
    swap &&
    /\d|figures|dimensions|portrait|landscape|upright|vertical|\btall\b|width|size|limit|\bthan (?:that|this)\b/i.test(
      text,
    )
  )
    return say(!/\b(?:not|never|cannot)\b[^.;]{0,25}$/i.test(text.slice(0, swap.index)), swap);
  if (TURNED_SIDES.test(text)) return [];
  // "Landscape or portrait? Landscape."
  const chosen = CHOSEN_WAY.exec(text) ?? WAY_ALONE.exec(text);
  if (chosen) return say(false, chosen);
  // "Ideally send landscape-format images."
  if (TAKES_BOTH.test(text) || (!/\d|limit|same/i.test(text) && NO_MATTER.test(text))) return [];
  const one = onlyWay(segment);
  if (one && isAdvisedAt(text, one.index)) return say(false, one, true);
  const fixed =
    one ??
    (isBoxByShape(text) ? SIDE_BY_SHAPE.exec(text) : null) ??
    (OF_LONG_SIDE.test(text) ? null : BOTH_ALIKE.exec(text)) ??
    ONLY_HEIGHT.exec(text) ??
    (/\d|height|exceed|limits?|same (?:applies|for)|\bexce(?:pt|lud)|\bexempt|\b(?:this|that) (?:is so|is true|holds|goes)\b|\bapplies\b|\bfit\b|^\W*(?:yes,? )?(?:also|even) for [a-z]+\W*$/i.test(
      text,
    )
      ? UPRIGHT_TOO.exec(text)
      : null);
  // "Landscape (16:9) works best" fixes nothing.
  return fixed && !IS_BEST.test(text.slice(fixed.index)) ? say(false, fixed) : [];
}

import { NUMBER_WORDS } from '../common/quantities.ts';
import { rule, type Rule } from './reword.ts';

/** An hour, in any of its forms. */
const TIME = "\\d{1,2}(?:[.:]\\d{2}(?: ?[ap]\\.?m\\b\\.?| hours)?| ?[ap]\\.?m\\b\\.?| o['’]clock| hours)";

/** Words that few organisers use, each with the one that most of them do; put right before anything else is looked at. */
export const COMMON_WORDS: readonly Rule[] = [
  [/(?<=\d )chars\b/gi, 'characters'],
  // "A portrait with the photographer's name in the metadata, free of fees".
  [/,? free of (?:all )?(?:fees?|charges?|royalties|rights|costs?)(?=[.;,)]|$)/gim, ''],
  // "I drive to the lab on the 19th of February 2027 so nothing after the evening of the 18th."
  [
    /\bso (?:please )?nothing (?:after|later than) (?:the (?:evening|night|end|morning) of )?(?=the \d{1,2}(?:st|nd|rd|th)\b)/gi,
    'so by ',
  ],
  // "The second Saturday in March, which in 2027 is the 13th".
  [
    /\b(?:the )?(?:first|second|third|fourth|last) \w+day (?:of|in) (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)([a-z]*),? \(?(?:which|that|this|i\.e\.)?,? ?(?:day )?(?:in (20\d\d),? )?(?:which |that |this )?(?:is |falls on |will be |being )?(?:on )?the (\d{1,2})(?:st|nd|rd|th)(?: in (20\d\d))?\)?/gi,
    '$4 $1$2 $3$5',
  ],
  // "The limit of 2 MB becomes 3 MB", "what was 1600 px on the long side becomes 1920 px".
  [
    /\b(limit|maximum|size|width|height)( for (?:files|pictures|images))? of \d[\d.,]* ?(?:[km]b|px|pixels) (?:becomes|is now|changes to|has become|is replaced by) (?=\d)/gi,
    '$1$2 is ',
  ],
  [
    /\bwhat was \d[\d.,]* ?(?:px|pixels)? on the (long|short)(?:er|est)? (side|edge) (?:becomes|is now|has become) (\d[\d.,]*) ?(?:px|pixels)/gi,
    '$3 pixels on the $1est $2',
  ],
  // "Don't leave it until 23:55 on the closing day, 17 February 2027."
  [
    /\b(?:do not|don['’]t) leave it (?:until|till|to) \d{1,2}[:.]\d\d (?=on the (?:closing|last) day)/gi,
    'it closes ',
  ],
  // "JPEG straight from the camera or phone, at least 1 MB".
  [
    / (?:straight|directly) (?:from|out of) (?:the|your) (?:camera|phone)(?: or (?:the |your )?(?:camera|phone))?(?=[,.;])/gi,
    '',
  ],
  // "Three small ones for the strip below (square, 50 x 50 mm)".
  [/ below (?=\()(?<=\b(?:strip|row|column|box|page|pictures?|text|list|table) below )/gi, ' '],
  // "Rather not: borders, dates".
  [/\brather not(?=:)(?<=^[ \t]*(?:[-*•] )?rather not)/gim, 'Better not'],
  // "The deadline of 12 March 2027 has been moved to 19 March 2027."
  [
    /\b(deadline|closing date|closing day) (?:of|on) [^.;\n]{4,30}? (?:has been|was|is) (?:moved|postponed|extended|put back|shifted) to (?:the )?(?=\d)/gi,
    '$1 is ',
  ],
  // "The closing date for 2027 is 30 September."
  [
    /\b(closing date|closing day|deadline) for (20\d\d) is (?:the )?(\d{1,2}(?:st|nd|rd|th)?(?: of)? (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*)(?! 20)/gi,
    '$1 is $3 $2',
  ],
  // "Subjects: A) Flora B) Fauna" are sections.
  [/(?<=^[ \t]*)subjects?(?=: ?\(?A[).] )/gim, 'Sections'],
  // "4 x Nature, 4 x Mono".
  [/(?<=^|[,:] |\b(?:comprises|of) )(\d{1,2}) ?[x×] (?=[A-Z][a-z]{2,})/gm, '$1 '],
  // "JPEG, sRGB, three each, 14 May 2027": the day at the end of a line of demands.
  [
    /\b(\d{1,2}(?:st|nd|rd|th)? (?:january|february|march|april|may|june|july|august|september|october|november|december) 20\d\d)(?=\.?$)(?<=^(?=[^\n]*\b(?:jpe?g|tiff?|px|pixels|[km]b)\b)[^\n.]{12,200}[,·|] \d[^\n,·|]{6,20})/gim,
    'by $1',
  ],
  // "31/10 2027".
  [/\b(\d{1,2})([./])(\d{1,2}) (?=20\d\d\b)/g, '$1$2$3$2'],
  [
    /\blying\b(?<=(?:\b(?:must|should|has to|have to|needs? to)(?: all)? be|\d\)?,|\bviews?,|\bpictures?,) lying)(?! (?:on|in|at|flat|next|near|face)\b)/gi,
    'landscape',
  ],
  // "Entries are invited in: Open, Coast, Small Things."
  [/\bentries are (?:invited|accepted|welcome) in: ?(?=[A-Z][^.\n]*,)/gi, 'Sections: '],
  // How much.
  [/\bat the very (most|least)\b/gi, 'at $1'],
  [/\bupwards of (?=\d)/gi, 'at least '],
  [/\banywhere (?:from|between) (?=\d)/gi, 'from '],
  [/\bnot in excess of\b/gi, 'no more than'],
  [/\b(?:is|are|be) not over (?=\d)/gi, 'is no more than '],
  [
    /(?<!\b(?:is|are|be|was|but) )\bnot over (?=\d|(?:two|three|four|five|six|eight|ten|twelve)\b)/gi,
    'no more than ',
  ],
  [
    /\bnot (?:go over|be above|be over|surpass|go above|rise above|run to more than)(?= (?:\d|an? |one |two |three ))/gi,
    'not exceed',
  ],
  [/\bas much as (?=\d)/gi, 'up to '],
  [/\bleast (?=(?:width|height|size|resolution|length|dimensions?|file size|weight)\b)/gi, 'minimum '],
  [/\ball told\b/gi, 'in total'],
  // "4000 pixels and up"; "up to" goes on with a figure.
  [/(?<=\d ?(?:px|pixels|ppi|dpi|[km]b)? ?)\band up(?:wards)?\b(?! to)/gi, 'or more'],
  [/(?<=\b(?:at most|max\.?|maximum|under|up to|below|over|than) \d{2,4})k\b/g, ' KB'],
  // "3000 pixels and more on the long side".
  [
    /\b(\d{3,5} ?(?:px|pixels)) (?:and|or) (more|over|above|larger|fewer|less|below) (on the (?:long|short)(?:er|est)? (?:side|edge))/gi,
    '$1 $3 or $2',
  ],
  [/\b((?:each|every) club) puts up (?=\d)/gi, '$1 sends '],
  [
    /\bspare (?:me|us) (?=(?:all |any |your )?(?:pictures|images|photos|photographs|files|works)\b)/gi,
    'do not send ',
  ],
  // "Your entry holds one to three pictures."
  [
    /(?<!\b(?:number|numbers|numbered|from|digits?|rounds?) )\bone (?:to|or) (two|three|four|five|six|eight|ten|twelve)\b(?=[.,;]|$| (?:pictures|images|photos|photographs|works|prints|files|entries|jpe?gs)\b)/gim,
    'up to $1',
  ],
  [/(?<=\d ?(?:px|pix))\.(?=,| (?:[a-z(x×]))/g, ''],
  [/\bhorizontal (?:size|measure|extent)\b/gi, 'width'],
  [/\bvertical (?:size|measure|extent)\b/gi, 'height'],
  [/(?<=\b\d{1,3} )signs\b(?! of)/gi, 'characters'],
  [/(?<=\d{2} ?(?:px|pixels)? ?)\*(?= ?\d{2})/gi, 'x'],
  [/\bmaximal(?:ly)? (?=\d)/gi, 'at most '],
  [/\b(from|by) minimum (?=\d)/gi, '$1 at least '],
  [/\b(participate|take part)(s?) with (?=(?:up to|at most|no more than|a maximum of|\d))/gi, 'may send '],
  [
    /(?<=^|[.,;:!?] )(two|three|four|five|six|eight|ten|twelve|\d{1,2}),? (?:no more and no (?:fewer|less)|neither more nor (?:fewer|less)|not more and not (?:fewer|less))\b/gim,
    'send exactly $1 pictures',
  ],
  [
    /\b(\d{1,2}|four|five|six|eight|ten|twelve|fifteen|twenty) (images|pictures|photographs|photos|works|prints) make up (?:a|the|each|every) (club|team)['’]s entry\b/gi,
    'each $3 sends $1 $2',
  ],
  [
    /\b(two|three|four|five|\d{1,2}) at (?:the )?most (?=(?:by|from|of) (?:any )?one (?:author|member|person|maker|photographer)\b)/gi,
    'at most $1 ',
  ],
  [/\bjust the one(?=[!.])/gi, 'just one picture'],
  [/\b(please )lend us (?=(?:an?|one|your|two|three|some)\b)/gi, '$1send us '],
  [
    /, so (?:please )?(send|submit|upload|bring) us (?=(?:\d{1,2}|two|three|four|five|six|eight|ten|twelve) [a-z])/gi,
    '. Please $1 us ',
  ],
  [
    /\bpicks? (?:your|their|his or her) favou?rite (\d{1,2}|two|three|four|five|six)(?=[.,;]|$)/gim,
    'may send $1 pictures',
  ],
  [/(?<=\b\d{1,2} )till (?=\d{1,2} (?:pictures|images|photos|photographs|works|files)\b)/gi, 'to '],
  [/\bwider than (?=(?:high|tall)\b)/gi, 'wider than they are '],
  // "Send it twice: once at 3000 pixels …".
  [/\bonce (?=(?:at|with) \d)/gi, 'one file '],
  // "Upload between 20.00 and 24.00 on Saturday", "possible on 12 June between 8 am and 10 pm".
  rule(
    ` (?:between|from)(?<=\\b(?:upload\\w*|send|sent|submit\\w*|deliver\\w*|hand in|handed in|possible|accepted)\\b[^.;\\n]{0,58}) ${TIME} (?:and|to) (?=${TIME}(?: on (?:\\w+day,? )?(?:the )?\\d|[.;]|$))`,
    ' until ',
  ),
  // "Half past nine in the evening", "by half past five".
  ...Object.entries(NUMBER_WORDS)
    .filter(([, n]) => n <= 12)
    .flatMap(([word, n]): Rule[] => [
      rule(`\\bhalf[- ]past (?:${word}|${n})(?= (?:in the|at night|[ap]\\.?m))`, `${n}:30`),
      rule(
        `\\bhalf[- ]past (?:${word}|${n})\\b(?! (?:in the|at night|[ap]\\.?m))`,
        `${n <= 7 ? n + 12 : n}:30`,
      ),
    ]),
  [/\bat (\d{1,2}) sharp\b/gi, "at $1 o'clock"],
  // "Told in not fewer than six and not more than eight photographs."
  rule(
    `\\b(?:not|no) (?:fewer|less) than (\\d{1,2}|${Object.keys(NUMBER_WORDS).join('|')}) and (?:not|no) more than (?=(?:\\d{1,2}|${Object.keys(NUMBER_WORDS).join('|')}) (?:images|pictures|photos|photographs|works|prints)\\b)`,
    '$1 to ',
  ),
  // "At least 3, at most 9".
  rule(
    `\\b(?:at least|(?:no|not) (?:fewer|less) than) (\\d{1,2}|${Object.keys(NUMBER_WORDS).join('|')})(?: and|,(?: but| and)?| but) (?:at most|(?:no|not) more than) (?=(?:\\d{1,2}|${Object.keys(NUMBER_WORDS).join('|')})(?! ?(?:[km]i?b|px|pixels|meg\\w*|%|cm|mm|kilo\\w*|[.,:x×\\d]*\\d)))`,
    '$1 to ',
  ),
  // "8 o'clock on Monday evening".
  [
    /\b([1-9]|1[01])(?: o['’]clock)? on (?:the )?((?:mon|tues|wednes|thurs|fri|satur|sun)day) evening\b/gi,
    '$1 pm on $2',
  ],
  [/\b(?:major|main|principal) side\b/gi, 'longest side'],
  // What must be, and what may not.
  [/\b(?:will|would) have to\b/gi, 'must'],
  [/\bought not to\b/gi, 'should not'],
  [/\bought to\b/gi, 'should'],
  [/\b(is|are) in order(?! (?:to|of)\b)/gi, '$1 allowed'],
  [/\b(?:we|i) (?:am|are) (?:unable|not able) to\b/gi, 'we cannot'],
  [
    /\b(?:we (?:must |would )?ask (?:you|everybody|everyone|all) not to|you(?: are|['’]re) (?:kindly )?(?:asked|requested) not to)\b/gi,
    'do not',
  ],
  [
    /(?<=^(?:[-*•–·] |\d{1,2}[.)] )?|[.;:!] )never (?=(?:add|use|put|write|send|remove|strip|embed|include|place|sign|frame|enlarge|compress|upload|enter|fill|crop|scale|resize|change|name|make|convert|leave|delete|save|submit)\b)/gim,
    'do not ',
  ],
  [
    /\b(are|is|will be|be|get|gets) (?:struck off|thrown out|turned away|left out of the (?:judging|competition)|not let in|weeded out|sorted out|knocked out|shown the door)\b/gi,
    '$1 rejected',
  ],
  [/\bwill not be let in\b/gi, 'will not be accepted'],
  [/\b(?:(?:will|can|does|do) not|(?:can|do|does)n['’]t|won['’]t|cannot) get through\b/gi, 'will be refused'],
  [/\b(?:banned|barred|ruled out)\b/gi, 'forbidden'],
  [/\b(?:solely|exclusively)\b/gi, 'only'],
  [/\bunder no circumstances may (?:the |an? |any )?(?=[a-z])/gi, 'no '],
  [
    /(?<=^(?:[-*•–·] |\d{1,2}[.)] )?|[.;:!] )(?:please )?(?:on no account|do not ever|don['’]t ever|(?:be|take) (?:careful|care) not to)(?= [a-z]+\b)/gim,
    'do not',
  ],
  [/\bnot (?:feature|have on (?:it|them))\b/gi, 'not show'],
  [
    /\bwe take (?=(?:up to |at most |no more than )?(?:\d{1,2}|one|two|three|four|five|six|eight|ten|twelve) (?:images|pictures|photos|photographs|works|prints)\b)/gi,
    'we accept ',
  ],
  [/\b(we|i) no longer (accept|take|use|want|show|support)\b/gi, '$1 do not $2'],
  [/\bdo(?:es)? not support\b/gi, 'do not accept'],
  [/\bsigs\b/gi, 'signatures'],
  [/\b(and|but) no longer (?=jpe?gs?\b|tiffs?\b|pngs?\b)/gi, '$1 no '],
  [/\b(?:is|are) to (?=(?:consist of|contain|measure)\b)/gi, 'must '],
  // What is done to a file.
  [
    /\bleave ((?:(?:your|the|any|all) )?(?:own )?(?:names?|author|gps|location|position|co-?ordinates|metadata|exif)(?: (?:data|information|position|field|details))?) out of\b/gi,
    'remove $1 from',
  ],
  [
    /\bleave ((?:(?:your|the|any|all) )?(?:own )?(?:names?|author|gps|location|position|co-?ordinates|metadata|exif)(?: (?:data|information|position|field|details))?) out\b/gi,
    'remove $1',
  ],
  [
    /\bleave out (?=(?:(?:your|the|any|all) )?(?:own )?(?:names?|author|gps|location|position|co-?ordinates)\b(?! (?:in|of) (?:the )?(?:file ?names?|titles?)))/gi,
    'remove ',
  ],
  // "Aim for 2 MB but never more than 3."
  [
    /\b(?:(?:do not|don['’]t|never|not) (?:go (?:over|above|beyond)|exceed)|(?:no|never|not) (?:more|over)(?: than)?)(?<=\b(?:aim|about|around|ideally|roughly)\b[^.;\n]{0,30}\d ?MB\b[^.;\n]{0,60}) (\d{1,2})(?=[.;!]|$)/gim,
    'never more than $1 MB',
  ],
  [/\bget(?:ting)? rid of\b/gi, 'remove'],
  [/\bstripp?ed out\b/gi, 'removed'],
  [/\blinked by\b/gi, 'joined by'],
  [/\btaken out of\b/gi, 'removed from'],
  [/\b(be|been|is|are) taken out(?=[.;,)]|$| (?:before|by|because|as|and)\b)/gim, '$1 removed'],
  [/\binclude (?=(?:the |your |an? )?(?:\w+ )?(?:icc |colou?r )?profile\b)/gi, 'embed '],
  [/\battached (?=(?:(?:icc|colou?r|s?rgb|adobe rgb) )?profile\b)/gi, 'embedded '],
  [/(?<=\b(?:profile|icc|rgb(?: \(1998\))?),? )(?:attached|incorporated|included)\b/gi, 'embedded'],
  // What things are called.
  [/\bblank spaces\b|(?<!\bthe )\bblanks\b/gi, 'spaces'],
  [/\bautographs\b/gi, 'signatures'],
  [/\bover-?print(ed|s)?\b/gi, 'watermark$1'],
  [/\bprinted[- ]in dates?\b|\bdates? printed in(?:to)? (?:the|your) (?:picture|image)s?\b/gi, 'date stamps'],
  [/\bpics\b|(?<!\b(?:head|screen|long|mug|opening|action|group|portrait) ?)\bshots\b/gi, 'images'],
  [/\bgeo-?tags?\b/gi, 'GPS data'],
  [/\b(?:file information|file info)\b(?! (?:panel|dialogue?|window|box))/gi, 'metadata'],
  [/\bper head\b/gi, 'per person'],
  [/\bunder-?lines?\b(?=[ ,.;)]*(?:$|[,.;)]|and\b|then\b|between\b|title|number|surname))/gim, 'underscore'],
  [/\bfinal (?:date|day)\b(?! of\b)/gi, 'deadline'],
  [/(?<=^|[•*(,:-] ?)wide (format|shape)(?=,? please|[.;,(]|$)/gim, 'landscape $1'],
  // "Horizontal, JPEG": of a picture, and no side of it.
  [/(?<!(?:\d|px|pixels) ?[,:(]? ?)(?<=[,:(] ?|\bboth )horizontal(?=,|\)|\.)/gi, 'landscape'],
  [/(?<!(?:\d|px|pixels) ?[,:(]? ?)(?<=[,:(] ?|\bboth )vertical(?=,|\)|\.)/gi, 'portrait'],
  [/(?<!\b(?:per|every|each) )\bclub members?\b(?=[^'’]| )/gi, 'member'],
  [/\bnumber as a member\b/gi, 'member number'],
  [/\bAdobe 1998\b/g, 'Adobe RGB'],
  [/\bdate for (?:submissions?|entr(?:y|ies)|sending(?: in)?|handing in)\b/gi, 'closing date'],
  [/(?<!\b(?:be|is|are|was|were|gets?) )\bcut-?off\b(?: (?:date|day|time|point))?/gi, 'deadline'],
  [/\btitles? of (?:the|each|your|every) file\b/gi, 'file name'],
  [/\b(?:compressed|zipped) folder\b/gi, 'zip file'],
];

import { oneOf, phrases } from '../common/word-lists.ts';

/** Words about days: which of them close the entry, and which are something else. */

/** Words that make a date the deadline, strongest first. */
export const STRONG = new RegExp(
  `\\b${oneOf`
    ^in by | ^\W*up to (?=midnight\b|noon\b|\d{1,2}[.:]\d\d|\d{1,2}(?:st|nd|rd|th)? (?:jan|feb|mar|apr|may(?! be\b)|jun|jul|aug|sep|oct|nov|dec)|\w+day\b) | ^\W*(?:(?:do )?be|being) (?:on|in) time | ^\W*(?:do not|don['’]t) be late | before it (?:is|['’]s) too late | ^\W*sending: (?:to|until|till) | (?:start|begin)s?\b[^.;]{3,60}\band (?:stops?|ends?|finish(?:es)?) on | works? (?:only )?until | (?:link|form|portal|page|folder|upload|box) (?:(?:is|stays|remains) (?:open|live) until|expires|disappears|dies) | (?:it|link|form|portal|page|folder|upload|box) (?:stops working|goes dead|runs out|no longer works(?= (?:after|from))) | moved {2,}to
    \bawait\b[^.;]{0,30}\b(?:by|to|until|till)\b | (?:by|until) when | clos(?:e|es|ing|ed) | dead-?line | (?:last|latest) (?:\w+ )?(?:date|day)
    you have (?:time )?until | cut[- ]?off | copy date | ^\W*hand-?over | send(?:ing)?(?:-in)? date | (?:entries|images|photos?|pictures) to reach (?:us|me) by | entries (?:must|should|need to|have to|will|to)
    final (?:\w+ )?(?:date|day) | (?:submission|entry|upload) (?:window|period) | goes offline
    (?:hand|hands|handed|handing) (?:\w+ ){0,4}in | shuts? | ends? (?:on|at) | ^ends?\b
    (?:round|stage|phase)(?: one| 1)? ends | submitted (?:up to|until|till)
    bring (?:them|it|these|yours|(?:the|your) files)\b | (?:entr(?:y|ies)|submissions?|uploads?) ends?
    (?:entries|uploads?|uploading|submissions?) (?:stop|end)s? | stop (?:taking|accepting) | goes dark | the (?:date|day) is now | day to remember | taken down | emptied (?:for the last time )?(?:at|on)
    closed (?:for|to) entries | ultimately (?:on|by|before)\b
    term(?=:) | term (?:of|for) (?:the )?(?:acceptance|sending|reception|receipt|delivery|presentation|submission|entry)
    (?:link|form|portal|page|site) (?:will be|is) (?:disabled|deactivated|closed|shut|switched off) | must reach | has to reach | (?:is|are) to reach
    (?:receptions?|acceptance|receipt) of (?:\w+ )?(?:works?|images|photos?|pictures|photographs|files|entries) (?:ends?|until|till)
    last (?:submissions?|entry|entries|uploads?|(?:possible )?moment)\b
    end of (?:uploads?|entry|entries|submissions?)\b | open for (?:entr(?:y|ies)|submissions?|uploads?) (?:until|till|up to) | limit date | last orders | not beyond | season (?:ends|closes) | (?:need|\bi want) (?:them|it|these|everything) (?:on|at|the (?:morning|evening|day)\b) | (?:need|want) (?:them|it|these|those) (?:earlier|sooner)
    limit (?:of|for) (?:the )?(?:inscriptions?|reception|sending|delivery|entry) | date limit | last call
    expir(?:y|es|ation) | locked | last chance | entr(?:y|ies) (?:ends?|stops?|finish(?:es)?) | no later than | deliver(?:y|ies)\b[^.;]{0,30}\bby
    delivery(?<=^\W*(?:next |last )?delivery)(?: (?:date|day))?(?=:) | (?:date|day) of delivery
    needs? (?:your|the|all|them|it|files?|images?|entries|everything)\b[^.;]{0,40}\bby | at the (?:very )?latest
    (?:hand|hands|handed|handing|send)[- ]in (?:date|day) | (?:hand|hands|handed|handing)[- ]in | submissions? (?:end|until|must)
    entr(?:y|ies)\b[^.;]{0,40}\b(?:by|before|until) | registration
    upload(?:s|ed|ing)?\b[^.;]{0,60}\b(?:by|before|until) | receiv(?:e|ed|ing)\b | due\b | arrive
    \b(?:must|should|have to|need to) be (?:in|here|with us|there)\b
    (?:do not|don['’]t|not) leave (?:it|this) (?:any )?later than | not (?:a|one) (?:minute|second|day|hour|moment) later | (?<=\b(?:we|i) )must have | (?:has|have) to have (?:them|it|everything|yours)
  `}`,
  'i',
);

/** Days of other things: the judging, the opening, a later stage. */
export const NOT_DEADLINE = phrases`
  printers? (?:closes?|stops?|locks?) | goes? (?:live|online|to press) | (?:printers?|printing|jury|judges) (?:starts?|begins?) | (?:is|are) made up\b
  (?:production|print|final|high[- ]res\w*) files? (?:are|is|must|should|will|have)
  early(?:[- ]bird)? (?:entry|entries|price|fee|rate|until|till|by)
  late (?:entries|entry|submissions?) (?:are|is|may|will|can|until|double|cost|pay) | entries open
  end of (?:the )?exhibition
  opens? (?:on|for(?! (?:\w+ )?(?:until|till|up to|from)\b))
  (?:selected|accepted|successful|chosen) (?:works?|prints?|pictures?|images?|artists?|pieces?|entrants?|authors?|photographers?)
  finalists? (?:will |must |have to )?(?:uploads?|sends?|hands? in|delivers?|submits?) | hear from us | (?:exhibition|show) (?:until|till) | on sale | tickets? (?:are|is|go|must|can) | (?:order|buy|book) (?:your |the )?tickets? | on (?:view|display) | feedback | certificates? | we (?:will )?(?:reply|answer|decide|inform|tell|write)\b
  (?<!\bfor )judg(?:ing|ement|ed|e(?= on\b))(?! (?:files?|images?|copies)) | jury(?= (?:on )?\d) | exhibition (?:opens|runs|from|will|is (?:open|shown)) | results?
  notif\w* | notice | informed | announced | told | private view | opening | catalogue | award\w*
  prize ?giving | (?<!(?:we|i) (?:will )?)collect(?:ion|ed)?\b(?! (?:everything|all|them|it)\b) | answered
  (?:stands?|hangs?|remains?(?! open)|stays?(?! open)|is shown|can be seen) (?:\w+ ){1,5}until
  (?:hall|room|show|exhibition|gallery) (?:is booked|is hired|runs|is on|lasts|is ours|is open) (?:until|till|from|to) | (?:calendar|book|yearbook|issue|magazine|programme) (?:appears|comes out|is out|will be out|is printed|will appear)
  answers to (?:all|everyone|everybody)
  refunds? | let (?:you|everybody|everyone|all of you) know | can be (?:seen|visited|viewed) | open (?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\b | printers? (?:wants|needs|expects|gets|has to have) | questions? | on show | long-?list | adopted | updated | issued | published | born
  delivered by hand | talk | (?<!for the (?:\w+ )?)meeting | heats? | supper | dinner | returned
  hang(?:ing|s)? | dismantl\w* | days before | corrections? | who (?:sign|join|pay|book)
  return (?:them|the (?:cup|trophy|key)s?) | keep | printout | valid (?:until|till) | framed works
  articles for | enrol\w* | pay | paid | payments? | subscriptions? | sold | talk | workshop
  taken (?:\w+ ){0,4}?(?:after|since|between|before)
`;

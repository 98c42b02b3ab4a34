import { timeNear, withPlace, zoneAt } from './clock.ts';
import { datesIn, type Stamp } from './dates.ts';
import type { Found } from './found.ts';
import { withoutNames } from './name-examples.ts';
import type { Segment } from './segments.ts';
import { oneOf, patterns, phrases } from './word-lists.ts';

/** The entry deadline: date, time and zone, or a doubt about them. */

/** Words that make a date the deadline, strongest first. */
const STRONG = new RegExp(
  `\\b${oneOf`
    works? (?:only )?until | (?:link|form|portal|page) (?:is (?:open|live) until|expires) | moved {2,}to
    (?:by|until) when | clos(?:e|es|ing|ed) | dead-?line | (?:last|latest) (?:\w+ )?(?:date|day)
    you have (?:time )?until | cut[- ]?off | copy date | entries (?:must|should|need to|have to|will|to)
    final (?:\w+ )?(?:date|day) | (?:submission|entry|upload) (?:window|period) | goes offline
    (?:hand|hands|handed|handing) (?:\w+ ){0,4}in | shuts? | ends? (?:on|at) | ^ends?\b
    (?:round|stage|phase)(?: one| 1)? ends | submitted (?:up to|until|till)
    bring (?:them|it|these|yours|(?:the|your) files)\b | (?:entr(?:y|ies)|submissions?|uploads?) ends?
    (?:entries|uploads?|submissions?) (?:stop|end) | stop (?:taking|accepting) | taken down
    closed (?:for|to) entries
    term (?:of|for) (?:the )?(?:sending|reception|receipt|delivery|presentation|submission|entry)
    (?:link|form|portal|page|site) (?:will be|is) (?:disabled|closed|switched off) | must reach | has to reach
    last (?:submissions?|entry|entries|uploads?|(?:possible )?moment)\b
    end of (?:uploads?|entry|entries|submissions?)\b | open for entr(?:y|ies) until | limit date
    limit (?:of|for) (?:the )?(?:reception|sending|delivery|entry) | date limit | last call
    expir(?:y|es|ation) | no later than | deliver(?:y|ies)\b[^.;]{0,30}\bby
    needs? (?:your|the|all|them|it)\b[^.;]{0,40}\bby | at the (?:very )?latest
    (?:hand|hands|handed|handing)[- ]in | submissions? (?:end|until|must)
    entr(?:y|ies)\b[^.;]{0,40}\b(?:by|before|until) | registration
    upload(?:s|ed|ing)?\b[^.;]{0,60}\b(?:by|before|until) | receiv(?:e|ed|ing)\b | due\b | arrive
    \b(?:must|should|have to|need to) be (?:in|here|with us)\b
  `}`,
  'i',
);
const WEAK =
  /\bsend (?:them |it )?to\s*$|\bup to (?:the )?(?:\w+day,? )?$|\bwithin (?=(?:the )?$)|\b(?:by|until|up to and including|till|before|through|no later|latest)\b/i;
const NOT_DEADLINE = phrases`
  goes? (?:live|online) | (?:production|print|final|high[- ]res\w*) files? (?:are|is|must|should|will|have)
  early(?:[- ]bird)? (?:entry|entries|price|fee|rate|until|till|by)
  late (?:entries|entry|submissions?) (?:are|is|may|will|can|until) | entries open | opens? (?:on|for)
  (?:selected|accepted|successful|chosen) (?:works?|prints?|pictures?|images?|artists?|pieces?|entrants?|authors?|photographers?)
  hear from us | feedback | certificates? | we (?:will )?(?:reply|answer|decide|inform|tell|write)\b
  (?<!\bfor )judg(?:ing|ement|ed) | exhibition (?:opens|runs|from|will|is (?:open|shown)) | results?
  notif\w* | notice | informed | announced | told | private view | opening | catalogue | award\w*
  prize ?giving | (?<!(?:we|i) (?:will )?)collect(?:ion|ed)?\b(?! (?:everything|all|them|it)\b) | answered
  refunds? | questions? | on show | long-?list | adopted | updated | issued | published | born
  delivered by hand | talk | (?<!for the (?:\w+ )?)meeting | heats? | supper | dinner | returned
  hang(?:ing|s)? | dismantl\w* | days before | corrections? | who (?:sign|join|pay|book)
  return (?:them|the (?:cup|trophy|key)s?) | keep | printout | valid (?:until|till) | framed works
  articles for | enrol\w* | pay | paid | payment | subscriptions? | sold | talk | workshop
  taken (?:\w+ ){0,4}?(?:after|since|between|before)
`;

/** Words that make a span of days the time in which to enter. */
const OF_ENTRY =
  /\b(?:sen[dt]|entr(?:y|ies)|submi\w+|uploads?|uploading|applications?|applying|registration|portal|link|form|open|(?:competition|contest|challenge) runs|acceptance|accepts?)\b/i;
/** "Entries received after 15 March will not be considered." */
const TOO_LATE = patterns`
  \b(?:entr(?:y|ies)|submissions?|files?|images?|pictures?|applications?|uploads?|anything|nothing|work|late)\b[^;]*\b(?:not|cannot|refused|rejected|returned|disqualified|too late|excluded|no|next (?:edition|round|issue|year))\b
  ^received after\b | ^nothing\b | \bnothing (?:can|will|may) be\b
  ^no (?:entries|submissions|files|images|pictures|uploads)\b
`;

/** The day for prints on paper counts where no other is given. */
const OF_PRINTS = /^\W*(?:the )?prints?\b(?! files?)/i;

/** Days of one sentence that are looked at; a calendar in a row has a dozen. */
const MOST_DAYS = 24;

/** What stands between the two ends of a span. */
const SPANS =
  /^(?:,? ?\(?\d{1,2}[:.]\d{2}(?: ?(?:hours|hrs|h|[ap]m))?\)?)?\s*(?:to|until|till|-|–|—|and)\s*$/i;

/** A short line above a date that says what it is: "Closing date". */
const labelOver = (previous: Segment | undefined): string =>
  previous &&
  previous.text.length < 40 &&
  !/\d/.test(previous.text) &&
  /^(?:(?:by |until )?when|closing|deadline|dates?)/i.test(previous.text)
    ? previous.text
    : '';

/** "… on the Friday before; for the first competition that is 2 October": the day that the sentence before speaks of. */
function isDayOf(
  previous: Segment | undefined,
  { text, line }: Segment,
  { start }: Stamp,
  clause: string,
): previous is Segment {
  if (previous?.line !== line) return false;
  const isNamed =
    /\b(?:that is|(?:this|that|which) means|this is|it is|the next (?:date|one|deadline|day) is|that['’]s|i\.e\.|namely)\b/i.test(
      clause,
    );
  // "By 10 pm on the Friday before; Competition 1: 25 September 2026."
  const isLabelled =
    /^(?!.*\b(?:evening|meeting|match|event|exhibition|opening|judging)\b)\w[\w ]{0,30}:\s*(?:\w+day,? )?$/i.test(
      text.slice(0, start),
    ) && !datesIn(previous.text).length;
  const isDue =
    STRONG.test(previous.text) || /\b(?:by|before|until|till|(?:days?|weeks?) before)\b/i.test(previous.text);
  return (isNamed || isLabelled) && isDue;
}

/** The words of a sentence that belong to one of its days: what stands before another day belongs to that. */
function clauseBefore(text: string, stamps: readonly Stamp[], i: number): string {
  const start = stamps[i]?.start ?? 0;
  const before = text
    .slice(Math.max(0, start - 110), start)
    // "By the end of the August meeting (19th August)".
    .replace(
      /(?=meeting|evening)(?<=\b(?:by|before|until) (?:the end of )?(?:the |our )?(?:\w+ )?)(?:meeting|evening)(?=,? \(?(?:\w+day,? )?$)/i,
      '',
    )
    // "Two weeks before the opening, which is to say by 8 May".
    .replace(/^.*\b(?:which|that) is to say\b/is, '');
  const last = stamps
    .slice(0, i)
    .filter(s => s.value !== null)
    .at(-1);
  return before.slice(Math.max(0, before.length - (start - (last?.end ?? 0))));
}

/** "Bookings for the assessment close on 26 February". */
const OF_BOOKING = /\bbookings?\b[^.;]{0,60}\bclos(?:e|es|ing)\b[^.;]*$/i;

/** Whether a day is that of the bookings, said before it or right behind it. */
function isOfBooking(text: string, { end }: Stamp): boolean {
  const behind = /^[^.;]{0,30}/.exec(text.slice(end))?.[0] ?? '';
  return OF_BOOKING.test(text.slice(Math.max(0, end - 120), end) + behind);
}

/** How a day stands in a span, or behind "after". */
interface DayInSpan {
  endsSpan: boolean;
  isEndOfSpan: boolean;
  isTooLate: boolean;
}

/** Whether a day is that of something else: the judging, the opening, a later stage. */
function isOtherDay(clause: string, { endsSpan, isEndOfSpan, isTooLate }: DayInSpan): boolean {
  if (
    NOT_DEADLINE.test(clause) &&
    !/\b(?:clos|dead-?line|last (?:day|date)|hand(?:s|ed)? (?:\w+ ){0,4}in\b)/i.test(clause)
  )
    return true;
  // What comes later has a day of its own.
  if (/\b(?:(?:stage|phase) (?:two|2|three|3)|second (?:stage|phase))\b/i.test(clause)) return true;
  // "It opens on 1 March and closes on 30 April."
  if (
    /(?<!\()\bopens?\b(?!\))(?:(?!\bclos).)*$/is.test(clause) &&
    !endsSpan &&
    !(isEndOfSpan && /\b(?:is|are|stays?) open\b/i.test(clause)) &&
    !isTooLate &&
    !/\bopens? (?:for \w+ )?(?:until|till)\b/i.test(clause)
  )
    return true;
  // "Entries are accepted from 1 March" is where they begin.
  return /\b(?:from|since|after|opens?(?: on)?)\s*$/i.test(clause) && !isTooLate;
}

export function readClosing(segment: Segment, previous: Segment | undefined): Found[] {
  const { text } = segment;
  // The day in a file's name closes nothing.
  const stamps = datesIn(withoutNames(text)).slice(0, MOST_DAYS);
  if (!stamps.length) return withoutDate(segment);
  const found: Found[] = [];
  for (const [i, stamp] of stamps.entries()) {
    const since = stamps[i - 1];
    const next = stamps[i + 1];
    // "Submission period: 1.3.2027 – 31.3.2027": the first of the two is where it begins.
    if (next && SPANS.test(text.slice(stamp.end, next.start)) && OF_ENTRY.test(text)) continue;
    // "Open from 1 March to 15 April": the second of the two is the end.
    const endsSpan =
      since !== undefined &&
      SPANS.test(text.slice(since.end, stamp.start)) &&
      OF_ENTRY.test(text) &&
      !NOT_DEADLINE.test(text.replace(/\bopening (?:date|times?)\b/gi, ''));
    const isTooLate =
      /\b(?:after|later than)(?: (?:noon|midday|midnight|\d{1,2}(?:[.:]\d\d)? ?(?:[ap]\.?m\.?|h|hours)?))?(?: on)?\s*$/i.test(
        text.slice(0, stamp.start),
      ) &&
      (TOO_LATE.test(text) || /\bclosed (?:for|to) entries\b/i.test(text));
    const clause = clauseBefore(text, stamps, i);
    // "From 1 to 28 February", "submissions 1.–28.2.2027".
    const isEndOfSpan =
      /\b\d{1,2}(?:st|nd|rd|th)?\.?(?:\d{1,2}\.?)?\s*(?:[-–—]|to|and|until|till)\s*$/i.test(
        text.slice(0, stamp.start),
      ) &&
      OF_ENTRY.test(clause) &&
      !NOT_DEADLINE.test(clause);
    const label = labelOver(previous);
    const isNamedDay = isDayOf(previous, segment, stamp, clause);
    const isStrong =
      endsSpan ||
      isEndOfSpan ||
      isTooLate ||
      STRONG.test(clause) ||
      STRONG.test(
        text.slice(stamp.end, stamp.end + 40).replace(/[(;]?[^(;]{0,24}\b(?:by|until|till|before) .*$/is, ''),
      ) ||
      STRONG.test(label) ||
      /^(?:Q[.:] ?)?when\b/i.test(text) ||
      /^(?:by |until )?when\b/i.test(label) ||
      isNamedDay;
    const span = { endsSpan, isEndOfSpan, isTooLate };
    if (isOtherDay(clause, span) || isOfBooking(text, stamp)) continue;
    const isAlone =
      /:\s*(?:by|before|until|till|not later than)\s*(?:\w+day,? )?$/i.test(clause) ||
      (text.length < 60 &&
        /^(?:[-*•–·→✓]\s*)?(?:(?:all|everything|both|please|to \w+) )*(?:by|before|until|till|not later than)\b/i.test(
          text,
        ));
    if (!isStrong && !isAlone && !WEAK.test(clause)) continue;
    const time =
      timeNear(text, stamp.start, stamp.end) ??
      (isNamedDay
        ? withPlace(timeNear(previous.text, previous.text.length, previous.text.length), stamp)
        : undefined);
    const zone = time && (time.zone || zoneAt(text.slice(stamp.end)));
    const value = stamp.value && time ? `${stamp.value}T${time.clock}${zone}` : stamp.value;
    found.push({
      field: isStrong && !OF_PRINTS.test(text) ? 'closes' : 'closes?',
      value,
      start: segment.start + Math.min(stamp.start, time?.start ?? stamp.start),
      end: segment.start + Math.max(stamp.end, time?.end ?? stamp.end),
      advice: false,
      ...(stamp.doubt ? { doubt: stamp.doubt } : {}),
    });
  }
  // "The next evening is on 14 January, so let me have yours by the 10th."
  return found.length ? found : withoutDate(segment);
}

/** "No later than two weeks before the meeting". */
const BEFORE_A_DAY =
  /\b(?:no later than|not later than|not less than|at least|clos(?:es?|ing)(?: (?:date|time))?|dead-?line|entries (?:must|should|close|reach|are due)|reach (?:the|me|us)|by|before|until|submitted|uploaded|sent|need)\b[^.;\d]{0,50}(?:\d{1,2}[.:]?\d{0,2} ?(?:a\.?m|p\.?m|hours|h|noon|midnight)?\.?,? )?(?:on )?(?:the )?((?:(?:at least )?(?:\d{1,2}|one|two|three|four|five|seven|ten|fourteen) (?:clear )?(?:hours|days?|weeks?)|(?:(?:first|second|third|fourth|last) )?(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|evening|day|week|month|meeting)|end)\b[^.;]{0,30}\b(?:before|preceding|of|in|prior to)\b[^.;]{0,40}\b(?:january|february|march|april|may|june|july|august|september|october|november|december|meeting|round|competition|judging|month|committee|session|match|draw|contest|exhibition|concert|event|show|opening|evening|appointment))/i;
/** "By the 30th", "closes 14/3", "until the end of the month". */
const A_DAY = patterns`
  \b(?:by|before|until|till|on|than) the (\d{1,2}(?:st|nd|rd|th))\b(?! floor| (?:of )?[a-z]+ (?:meeting|round))(?!(?: of)? (?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))
  ^\W*when\b\W*((?:the )?(?:first|second|third|fourth|last) (?:mon|tues|wednes|thurs|fri|satur|sun)day (?:of|in) [a-z ]*month)
  \b(?:by|before|until|till|dead-?line|clos(?:es|ing)|due)\b[^.;\d]{0,50}\b(\d{1,2}/\d{1,2})(?![\d/])
  \b(?:by|before|until|till) (?:the )?((?:mon|tues|wednes|thurs|fri|satur|sun)day (?:after|following) the [a-z]+)
  \b(?:by|before|until|till|on) (?:next |this |the coming )?(?:mon|tues|wednes|thurs|fri|satur|sun)day,? (?:that is )?the (\d{1,2}(?:st|nd|rd|th))\b(?!(?: of)? (?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|next|the))
  \b(?:clos(?:es|ing)(?: date)?|dead-?line)\b[\s:=–-]{0,4}((?:january|february|march|april|may|june|july|august|september|october|november|december) 20\d\d)\b
  \b(?:by|before|until|till) ((?:mid-?|the middle of |early |late )(?:january|february|march|april|may|june|july|august|september|october|november|december))\b(?! 20)
  \b(?:by|before|until|till) ((?:the )?end (?:of )?(?:(?:the|your|this) [a-z]+(?: [a-z]+)?|the (?:month|week)|(?:this|next) (?:month|week)|(?:january|february|march|april|may|june|july|august|september|october|november|december)))\b(?! 20)
  \b(?:by|before|until|till) ((?:the )?(?:(?:first|second|third|fourth|last) Sunday (?:in|of) Advent|Advent(?: Sunday)?|Christmas(?: Eve| Day)?|Easter(?: \w+day)?|Whitsun\w*|Pentecost|Michaelmas|Candlemas|New Year(?:['’]s (?:Eve|Day))?))\b(?! (?:meeting|20))
  \bbefore ((?:your|the) (?:appointment|interview|exam\w*|visit|journey|course))\b
  \b(?:closing|closes|deadline)(?: date)?\s*[:=–-]\s*((?:\d{1,2}|one|two|three|five|seven|ten|fourteen) (?:days?|weeks?) before)\b
  \b(?:by|before|until|till) (?:\d{1,2}[.:]?\d{0,2} ?(?:a\.?m\.?|p\.?m\.?|hours|h)? )?on (the (?:evening|day|night|morning))\b
  \b(?:by|before|until|till|close|closes|at) [^.;]{0,16}\bthe ((?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|night|day|evening) before)\b
  \b(?:by|before|until|till) (?:next |this |the coming |the following |the (?:first|second|third|fourth|last) )?((?:mon|tues|wednes|thurs|fri|satur|sun)day)\b(?!,? (?:\d|the))
`;

/** A deadline on a weekday or "before the meeting", of which only the organiser knows the date. */
function withoutDate({ text: whole, start }: Segment): Found[] {
  const text = whole.replace(/\((?!\d{1,2}\/\d{1,2}\))[^()]*\)/g, aside => ' '.repeat(aside.length));
  const spoken = BEFORE_A_DAY.exec(text);
  // "In by the 30th": the month is left out; "March 2027": the day.
  const match = spoken ?? A_DAY.exec(text);
  if (!match || NOT_DEADLINE.test(text.slice(0, match.index))) return [];
  const words = match.slice(1).find(word => word !== undefined) ?? match[0];
  const from = match.index + match[0].indexOf(words);
  return [
    {
      field: 'closes',
      value: null,
      start: start + from,
      end: start + from + words.length,
      advice: false,
      doubt: `'${words.trim()}' gives no date`,
    },
  ];
}

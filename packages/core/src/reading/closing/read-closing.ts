import { NOT_DEADLINE, STRONG } from './closing-words.ts';
import { timeNear, withPlace, zoneAt } from './clock.ts';
import { datesIn, type Stamp } from './dates.ts';
import type { Found } from '../common/found.ts';
import { MOST_DAYS, readInMonthBefore, readInMonthOf } from './in-month-of.ts';
import { A_FORMAT, A_MEASURE } from '../common/kind-words.ts';
import { withoutNames } from '../common/name-examples.ts';
import type { Segment } from '../common/segments.ts';
import { patterns } from '../common/word-lists.ts';

/** The entry deadline: date, time and zone, or a doubt about them. */

/** Words that make a date the deadline where no stronger ones stand. */
const WEAK =
  /\bsend (?:them |it |(?:your |the )?(?:images|files|works) )?to\s*$|\bup to (?:the )?(?:\w+day,? )?$|\bwithin (?=(?:the )?$)|\b(?:by|until|up to and including|till|before|through|no later|latest)\b/i;
/** Words that make a span of days the time in which to enter. */
const OF_ENTRY =
  /\b(?:sen[dt]|entr(?:y|ies)|submi\w+|uploads?|uploading|applications?|applying|registration|portal|link|form|accepted|open|(?:competition|contest|challenge) runs|(?<=^\W{0,3})(?:runs|window)|reading (?:window|period)|(?<=^\W{0,3}from [^.;]{6,60} )at [\w-]+\.[a-z]{2,}|acceptance|accepts?)\b/i;
/** "Entries received after 15 March will not be considered." */
const TOO_LATE = patterns`
  \b(?:entr(?:y|ies)|submissions?|files?|images?|pictures?|applications?|uploads?|anything|nothing|work|late)\b[^;]*\b(?:not|cannot|refused|rejected|returned|disqualified|too late|excluded|left out|ignored|wait|no|held over|next (?:edition|round|issue|year))\b
  \blate entries \(after\b | ^received after\b | \bwhat (?:comes|arrives|reaches us)\b[^.;]*\b(?:wait|late|not|stays|left|nobody)\b | ^nothing\b | \bnothing (?:can|will|may) be\b
  ^no (?:entries|submissions|files|images|pictures|uploads)\b
`;

/** "Digital entries: 15 March 2027". */
const OF_ENTRIES =
  /(?:^|[.;]\s*)\W*(?:(?:digital|online|projected|pdi) )?(?:entries|entry|files|images|submissions?)\s*[:=–-]\s*(?:\w+day,? )?$/i;

/** "Deadline for recipes 1 March, for the photographs 1 April". */
const OF_PICTURES_TOO =
  /\bfor (?:the |your |all )?(?:photographs?|photos?|pictures?|images?|files?)(?: it is| is| on)?:? (?:\w+day,? )?$/i;

/** The day for prints on paper counts where no other is given. */
const OF_PRINTS = /^\W*(?:the )?prints?\b(?! files?)/i;

/** "The season ends on 28 February": the last day only where no other is told. */
const OF_SEASON = /\b(?:season|festival|survey|holidays?|year) ends?\b[^.;]{0,12}$/i;

/** "Entry closes on 15 March, prints must arrive by 22 March". */
const ALSO_PRINTS = /^[\s,;]*(?:and |but |while )?(?:the )?prints?\b(?! files?)/i;

/** "(Theme: fog, evening 21 November 2027)": the evening itself, said in passing. */
const OF_EVENING =
  /\([^()]*\b(?:evening|meeting|match|judging|jury|show)(?: is)?(?: on)?:? (?:the )?(?:\w+day,? )?$/i;

const isOfFiles = (text: string) => A_FORMAT.test(text) || A_MEASURE.test(text);

/** "Closing is the 31.01.2027, the jury day is the 13.02.2027 from 10:00": an hour behind another day is that day's. */
const behindCut = (text: string, next: Stamp | undefined) =>
  next ? text.slice(0, next.start).replace(LEADING_TO_DAY, '') : text;

/** "From 1 May at 08.00 to 31 May at 20.00": the hour of the first day is not that of the second. */
const behindSpan = (text: string, since: Stamp | undefined, { start }: Stamp) =>
  since && SPANS.test(text.slice(since.end, start)) ? ' '.repeat(start) + text.slice(start) : text;

/** "… by the 19th, so I need them by noon on Wednesday 17 February": the hour right before a day is that day's. */
const LEADING_TO_DAY =
  /\b(?:noon|midday|midnight|\d{1,2}(?:[.:]\d\d)? ?(?:[ap]\.?m\.?|h(?:ours|rs)?|o['’]clock)?) on (?:the )?(?:\w+day,? )?(?:the )?$/i;

/** Whether a short line stands right behind one about the files. */
const isBehindFiles = (previous: Segment | undefined, { line, text }: Segment) =>
  previous !== undefined &&
  line - previous.line === 1 &&
  text.length < 40 &&
  previous.text.length < 40 &&
  isOfFiles(previous.text);

/** What stands between the two ends of a span. */
const SPANS =
  /^(?:,? ?(?:at )?\(?\d{1,2}[:.]\d{2}(?: ?(?:hours|hrs|h|[ap]m))?\)?)?\s*(?:to|until|till|-|–|—|and)\s*$/i;

/** A short line above a date that says what it is: "Closing date". */
function labelOver(previous: Segment | undefined): string {
  const label = previous?.text.replace(/^\d{1,2}[.)]?\s+(?=\D+$)/, '') ?? '';
  const isLabel =
    label.length < 40 &&
    !/\d/.test(label) &&
    /^(?:(?:by |until )?when|closing|deadline|dates?|ends?\W*$)/i.test(label);
  return isLabel ? label : '';
}

/** "… on the Friday before; for the first competition that is 2 October": the day that the sentence before speaks of. */
function isDayOf(
  previous: Segment | undefined,
  { text, line }: Segment,
  { start }: Stamp,
  clause: string,
): previous is Segment {
  if (!previous || line - previous.line > 1) return false;
  const isOnLine = previous.line === line;
  const isNamed =
    /\b(?:that is|(?:this|that|which) means|this is|it is|the next (?:date|one|deadline|day) is|that['’]s|i\.e\.|namely)\b/i.test(
      clause,
    );
  // "By 10 pm on the Friday before; Competition 1: 25 September 2026."
  const isLabelled =
    isOnLine &&
    /^(?!.*\b(?:evening|meeting|match|event|exhibition|opening|judging)\b)\w[\w ]{0,30}:\s*(?:\w+day,? )?$/i.test(
      text.slice(0, start),
    ) &&
    !datesIn(previous.text).length;
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
      /(?=meeting|evening)(?<=\b(?:by|before|until) (?:the end of )?(?:the |our )?(?:\w+ )?)(?:meeting|evening)(?=,? (?:on )?\(?(?:\w+day,? )?$)/i,
      '',
    )
    // "By the Friday before opening night please - 5 March 2027".
    .replace(
      /\bthe (?:\w+day|day|evening|week) before (?:the )?[a-z ]{3,24}?(?=(?: please)?,?\s*[-–—(:]\s*(?:\w+day,? )?$)/i,
      '',
    )
    // "Within ten days of the notification, and not later than 10 April".
    .replace(
      /^.*\bwithin [^.;,]{3,50}, (?=(?:and|but) (?:in any case |at any rate )?(?:not?|never) later than\b)/is,
      '',
    )
    // "On a stick at the meeting before (21 January), or by mail until 25 January".
    .replace(/^.*\bor (?:else )?by (?:e-?)?mail,? (?=(?:by|until|till|before|not? later|up to)\b)/is, '')
    .replace(/\bopening (?=(?:competition|round|match|contest|league)\b)/i, '')
    // "9 May Closing / 20 May Judging": the word behind a day is that day's.
    .replace(/(?<=^|\d) ?[-–:]? ?[A-Za-z][a-z]+(?: [a-z]+){0,2}(?: \([^()]*\))? \/ (?=[\d\W]*$)/, ' ')
    .replace(/^.*[-–—,] yes,/is, '')
    // "Two weeks before the opening, which is to say by 8 May".
    .replace(
      /^.*\b(?:(?:which|that) is to say|(?:i\.e\.|in other words|(?:which|that) (?:means|is)),? (?=(?:for [a-z]+ \w+,? )?(?:by|until|before|not? later)\b))/is,
      '',
    );
  const last = stamps
    .slice(0, i)
    // What a bracket holds parts nothing.
    .filter(s => s.value !== null && !/^[^()]*\)/.test(text.slice(s.end, start)))
    .at(-1);
  return before.slice(Math.max(0, before.length - (start - (last?.end ?? 0))));
}

/** "Bookings for the assessment close on 26 February". */
const OF_BOOKING =
  /\b(?:bookings?|registration for (?:the|our|an?) (?:workshop|dinner|supper|talk|trip|tour|excursion|visit|bus))\b[^.;]{0,60}\bclos(?:e|es|ing)\b[^.;]*$/i;

/** "Payment deadline: 1 April", "nominations for the committee", "closing ceremony". */
const OF_OTHER_BUSINESS =
  /\b(?:dead-?line|closing date|last day) for (?:the |your |all )?(?:recipes?|texts?|manuscripts?|articles?|stories|essays?|poems?|abstracts?|papers|interviews?)\b[^.;,]{0,16}$|\b(?:payment|membership|booking|hotel|nomination)s? (?:deadline|closing date)\b[^.;]{0,24}$|\b(?:nominations? (?:for|close)|applications? for (?:membership|the (?:committee|post|job|course))|membership applications?|reply to the invitation|birthdays?|closing (?:ceremony|party|event|dinner))\b[^.;]{0,60}$/i;

/** Whether a day is that of the bookings, said before it or right behind it. */
export function isOfBooking(text: string, { end }: Stamp): boolean {
  const behind = /^[^.;]{0,30}/.exec(text.slice(end))?.[0] ?? '';
  const before = text.slice(Math.max(0, end - 120), end);
  return OF_BOOKING.test(before + behind) || OF_OTHER_BUSINESS.test(before);
}

/** What is said right behind a day; "launch 15 March, closing date 2 April" says it of the next one. */
function ownBehind(text: string, { end }: Stamp, next: Stamp | undefined, clause: string): string {
  const behind = text.slice(end, end + 40);
  const isOfNext =
    next !== undefined && /[a-z]{4}/i.test(clause) && /^(?:,? [^,;:]{1,12})?[,;] /.test(behind);
  return isOfNext ? '' : behind;
}

const SEVERAL =
  /^\W*(?:[a-z]+ )?(?:dead-?lines|(?:closing|copy|hand-in|submission) (?:dates|days))(?: are)?\s*:/i;

/** How a day stands in a span, or behind "after". */
interface DayInSpan {
  endsSpan: boolean;
  isEndOfSpan: boolean;
  isTooLate: boolean;
}

const NOT_BEFORE =
  /^\W*(?:not )?before (?:the )?(?:\w+day,? )?#,? (?:nothing|no (?:entries|uploads?|files)|it is not possible|you cannot|the (?:form|portal|page) is (?:not|closed))\b/i;

/** Whether a day is that of something else: the judging, the opening, a later stage. */
function isOtherDay(
  clause: string,
  behind: string,
  { endsSpan, isEndOfSpan, isTooLate }: DayInSpan,
): boolean {
  if (
    NOT_DEADLINE.test(clause.replace(/\([^()]*\)/g, ' ')) &&
    !/\b(?:clos|dead-?line|last (?:day|date)|hand-in(?=: (?:at|by|before)\b)|hand(?:s|ed)? (?:\w+ ){0,4}in\b)/i.test(
      clause,
    )
  )
    return true;
  // What comes later has a day of its own.
  if (
    /\b(?:(?:stage|phase) (?:two|2|three|3)|second (?:stage|phase)|round (?:two|2) (?:files?|works?|prints?))\b/i.test(
      clause,
    )
  )
    return true;
  // "Before 1 May 2027 nothing can be uploaded."
  if (NOT_BEFORE.test(`${clause}#${behind}`)) return true;
  // "It opens on 1 March and closes on 30 April."
  if (
    /(?<!\()\bopen(?:s|ed)?\b(?!\)| (?:competition|contest|class|section|category|round)\b)(?:(?!\bclos).)*$/is.test(
      clause,
    ) &&
    !endsSpan &&
    !(isEndOfSpan && /\b(?:is|are|stays?) open\b/i.test(clause)) &&
    !isTooLate &&
    !/\bopens? (?:(?:for|to) \w+ )?(?:until|till)\b/i.test(clause)
  )
    return true;
  // "Entries are accepted from 1 March" is where they begin.
  return (
    /\b(?:from|since|after|(?:opens?|begins?|starts?|commences?)(?: on)?)\s*$/i.test(clause) && !isTooLate
  );
}

/** "Two weeks before the opening (3 July 2027) is the last day", "9 April 2027, 8 pm, is the deadline". */
const SAID_LAST =
  /^\W{0,3}(?:(?:(?:at|by|before) )?(?:noon|midday|midnight|\d{1,2}(?:[.:]\d\d)?(?: ?(?:[ap]\.?m\.?|hours|hrs|h|o['’]clock))?(?: in the (?:evening|morning|afternoon))?),? )?(?:is|as) (?:the|your) (?:(?:very )?(?:last|final|closing) (?:day|date)|(?:day|date) by which\b(?=[^.;]*\b(?:files?|pictures?|images?|entr(?:y|ies)|photos?|everything|submissions?)\b)|dead-?line|cut-?off|end of it)\b|^,? ?(?:and )?(?:that['’]s|that is|this is) (?:my|our) (?:last|final) (?:word|offer|day)|^,? ?(?:and )?what (?:arrives|comes|reaches us) later is too late\b|^,? ?(?:and )?not (?:a|one) (?:second|minute|hour|day|moment) later|^,? (?:by|before|until|till) (?:noon|midday|midnight|\d{1,2}(?:[.:]\d\d)? ?(?:[ap]\.?m\b|h\b|hours|o['’]clock|hrs))(?=\W*$)|^,? (?:(?:noon|midnight) )?is it(?=[.,;!]|$)/i;

/** "20 March 2027 for payments". */
const OF_MONEY =
  /^ for (?:the )?(?:payments?|fees?|judging)\b|^,? (?:are|will be|is) (?:processed|dealt with|handled|answered) (?:before|by|until|in)\b/i;
/** "From 1 to" before "28 February", "submissions 1.–" before "28.2.2027". */
const BEHIND_A_DAY = /\b\d{1,2}(?:st|nd|rd|th)?\.?(?:\d{1,2}\.?)?\s*(?:[-–—]|to|and|until|till)\s*$/i;
const LATER_THAN =
  /\b(?:after|later than)(?: (?:noon|midday|midnight|\d{1,2}(?:[.:]\d\d)? ?(?:[ap]\.?m\.?|h|hours)?))?(?: on)?(?: the)?(?: \w+day)?,?\s*$/i;

/** "Entries after 1 March 2027 are not judged." */
const isTooLateAfter = (text: string, stamp: Stamp): boolean =>
  LATER_THAN.test(text.slice(0, stamp.start)) &&
  (TOO_LATE.test(text) || /\bclosed (?:for|to) entries\b/i.test(text));

/** Of a mailbox or a page. */
const AN_ADDRESS =
  /(?<=^|[\s(<])[^\s@]{1,80}@[\w.-]+\w|(?<![\w.-])[a-z\d][\w-]{0,40}(?:\.[\w-]{1,40}){0,3}\.(?:example|org|com|net|info|eu)\b(?:\/[^\s,;]*)?/gi;

export function readClosing(segment: Segment, previous: Segment | undefined): Found[] {
  // "To open@gallery.example" opens nothing.
  const text = segment.text.replace(AN_ADDRESS, address => ' '.repeat(address.length));
  // The day in a file's name closes nothing.
  const stamps = datesIn(withoutNames(text)).slice(0, MOST_DAYS);
  if (!stamps.length) return readInMonthBefore(previous, segment);
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
      !NOT_DEADLINE.test(text.slice(0, stamp.end).replace(/\bopening (?:date|times?)\b/gi, ''));
    const isTooLate = isTooLateAfter(text, stamp);
    const clause = clauseBefore(text, stamps, i);
    // "From 1 to 28 February", "submissions 1.–28.2.2027".
    const isEndOfSpan =
      BEHIND_A_DAY.test(text.slice(0, stamp.start)) &&
      (OF_ENTRY.test(clause) || /^ to [^\s@]{1,60}@/.test(segment.text.slice(stamp.end))) &&
      !NOT_DEADLINE.test(clause);
    // "Copy deadlines: spring 1 February 2027, summer 1 May 2027": one of several.
    const isOneOfSeveral = i > 0 && SEVERAL.test(text) && since?.value !== null && !NOT_DEADLINE.test(clause);
    const label = labelOver(previous);
    const isNamedDay = isDayOf(previous, segment, stamp, clause);
    const isSaidLast = SAID_LAST.test(text.slice(stamp.end));
    const isStrong =
      endsSpan ||
      isSaidLast ||
      isEndOfSpan ||
      isTooLate ||
      isOneOfSeveral ||
      STRONG.test(clause) ||
      STRONG.test(
        ownBehind(text, stamp, next, clause).replace(/[(;]?[^(;]{0,24}\b(?:by|until|till|before) .*$/is, ''),
      ) ||
      STRONG.test(label) ||
      /^(?:Q[.:] ?)?(?:(?:where|how) and )?when\b/i.test(text) ||
      OF_ENTRIES.test(clause) ||
      (i > 0 && OF_PICTURES_TOO.test(clause) && STRONG.test(text)) ||
      /^(?:by |until |where and |how and )?when\b/i.test(label) ||
      isNamedDay ||
      // "JPEG | 2 MB max | by 10 January 2027": a cell of a row about the files.
      (/\|\s*(?:entries )?(?:by|until|before)\s*(?:\w+day,? )?$/i.test(clause) && isOfFiles(text)) ||
      // The last item of a list about the files.
      (/^(?:entries )?(?:by|until|before)\s*(?:\w+day,? )?$/i.test(clause) &&
        isBehindFiles(previous, segment));
    const span = { endsSpan, isEndOfSpan, isTooLate };
    if (
      (!isSaidLast && isOtherDay(clause, text.slice(stamp.end), span)) ||
      isOfBooking(text, stamp) ||
      OF_MONEY.test(text.slice(stamp.end))
    )
      continue;
    // "The hand-in for November (evening 21 November 2027) is 7 November 2027."
    if (OF_EVENING.test(text.slice(0, stamp.start))) continue;
    const isAlone =
      /:\s*(?:by|before|until|till|not later than)\s*(?:\w+day,? )?$/i.test(clause) ||
      (text.length < 60 &&
        /^(?:[-*•–·→✓]\s*)?(?:(?:all|everything|both|please|to \w+) )*(?:by|before|until|till|not later than)\b/i.test(
          text,
        ));
    if (!isStrong && !isAlone && !WEAK.test(clause)) continue;
    const time =
      timeNear(behindSpan(behindCut(text, next), since, stamp), stamp.start, stamp.end) ??
      (isNamedDay
        ? withPlace(timeNear(previous.text, previous.text.length, previous.text.length), stamp)
        : undefined);
    const zone = time && (time.zone || zoneAt(text.slice(stamp.end)));
    // "Prints must reach us by 3 May 2027, files by 26 April 2027."
    const isOfFilesToo = OF_PRINTS.test(text) && /\bfiles? (?:by|until|before) (?:\w+day,? )?$/i.test(clause);
    const value = stamp.value && time ? `${stamp.value}T${time.clock}${zone}` : stamp.value;
    found.push({
      field:
        (isStrong || isOfFilesToo) &&
        !OF_SEASON.test(clause) &&
        (!OF_PRINTS.test(text) || isOfFilesToo) &&
        !(i > 0 && ALSO_PRINTS.test(clause))
          ? 'closes'
          : 'closes?',
      value,
      start: segment.start + Math.min(stamp.start, time?.start ?? stamp.start),
      end: segment.start + Math.max(stamp.end, time?.end ?? stamp.end),
      advice: false,
      ...(stamp.doubt ? { doubt: stamp.doubt } : {}),
    });
  }
  // "The next evening is on 14 January, so let me have yours by the 10th."
  return found.length ? found : readInMonthOf(stamps, segment);
}

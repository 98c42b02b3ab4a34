import { NOT_DEADLINE } from './closing-words.ts';
import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, patterns } from '../common/word-lists.ts';

/** Deadlines of which only the organiser knows the date: a weekday, "before the meeting", "the 30th". */

const MONTH = oneOf`
  january | february | march | april | may | june | july | august | september | october | november | december
`;
const MONTH_BEGUN = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)';
const WEEKDAY = '(?:mon|tues|wednes|thurs|fri|satur|sun)day';
const ORDINAL = '(?:first|second|third|fourth|last)';
const BY = '(?:by|before|until|till)';

/** What leads to such a day. */
const LEAD = oneOf`
  no later than | not later than | at the latest | not less than | at least | clos(?:es?|ing)(?: (?:date|time))? | dead-?line
  entries (?:must|should|close|reach|are due) | reach (?:the|me|us) | (?:to|must|should) be with | by | before | until | submitted | uploaded
  sent | need | hand-in | due
`;
const AT_AN_HOUR = '(?:\\d{1,2}[.:]?\\d{0,2} ?(?:a\\.?m|p\\.?m|hours|h|noon|midnight)?\\.?,? )?';
const SPAN = `(?:(?:at least )?(?:\\d{1,2}|one|two|three|four|five|six|seven|eight|ten|twelve|fourteen) (?:clear |working )?(?:hours|days?|weeks?)|(?:${ORDINAL} )?(?:${WEEKDAY}|evening|day|week|month|meeting)|end)`;
const EVENT = oneOf`
  ${MONTH} | meeting | round | competition | judging | month | committee | session | match | draw | contest
  exhibition | assessment | lecture | start | hearing | ceremony | concert | event | show | opening | evening | appointment | night | departure | arrival | race | walk | release | reading | first day
`;
/** "No later than two weeks before the meeting", "by the last Friday of the month". */
const BEFORE_AN_EVENT = new RegExp(
  `\\b${LEAD}\\b[^.;\\d]{0,90}${AT_AN_HOUR}(?:on )?(?:the )?\\b(${SPAN}\\b[^.;]{0,30}\\b(?:before|preceding|of|in|prior to)\\b[^.;]{0,40}\\b${EVENT})`,
  'i',
);

/** A day by itself, with what is not said of it. */
const A_DAY = patterns`
  # "In by the 30th": the month is left out.
  \b(?:by|before|until|till|on|than) the (\d{1,2}(?:st|nd|rd|th))\b(?! floor| (?:of )?[a-z]+ (?:meeting|round))(?!(?: of)? ${MONTH_BEGUN})
  # "Until the first of each month".
  \b${BY} (the (?:${ORDINAL}|fifth|sixth|seventh|eighth|ninth|tenth) of (?:each|every|the)(?: following| next)? month)
  # "Deadline: the 25th of the month".
  \b(?:dead-?line|clos(?:es|ing)(?: (?:date|day))?|last day|due)(?: is|:)?(?: on)?(?: always)? (the \d{1,2}(?:st|nd|rd|th) (?:day )?of (?:each|every|the) month)\b
  # "The day: always the 25th".
  \b(?:day|date|dead-?line)(?: is|:)? (?:always|usually|normally) (the \d{1,2}(?:st|nd|rd|th))(?=[.;,]|$)
  # "Every Sunday, 23:59".
  ^\W*(every ${WEEKDAY}),? (?:at |by |before |until )?\d{1,2}[:.]\d\d
  # "When: the first Monday of the month".
  ^\W*when\b\W*((?:the )?${ORDINAL} ${WEEKDAY} (?:of|in) [a-z ]*month)
  # "Closes 14/3": which of the two is the month?
  \b(?:by|before|until|till|dead-?line|clos(?:es|ing)|due)\b[^.;\d]{0,50}\b(\d{1,2}/\d{1,2})(?![\d/])
  # "By the Friday after the meeting", "by Sunday the 12th".
  \b${BY} (?:the )?(${WEEKDAY} (?:after|following) the [a-z]+)
  \b(?:by|before|until|till|on) (?:next |this |the coming )?(?:${WEEKDAY}|the (?:${WEEKDAY}|evening|day) before)(?: (?:night|evening|morning|noon|midday|afternoon))?,? (?:that is )?the (\d{1,2}(?:st|nd|rd|th))\b(?!(?: of)? (?:${MONTH_BEGUN}|next|the))
  # "Closing: March 2027", "by mid-June", "until the end of the month".
  \b(?:clos(?:es|ing)(?: date)?|dead-?line)\b[\s:=–-]{0,4}(${MONTH} 20\d\d)\b
  \b(?:${BY}|(?:closing date|dead-?line) is in) ((?:mid-?|the middle of |early |late )${MONTH})\b(?! 20)
  \b${BY} ((?:the )?end (?:of )?(?:(?:the|your|this) [a-z]+(?: [a-z]+)?|the (?:month|week)|(?:this|next) (?:month|week)|${MONTH}))\b(?! 20)
  # Feasts, and what else a person has to look up.
  \b(?:${BY}|latest on) ((?:the )?(?:Palm Sunday|Ascension(?: Day)?|Shrove Tuesday|Ash Wednesday|Good Friday|${ORDINAL} Sunday (?:in|of) Advent|Advent(?: Sunday)?|Christmas(?: Eve| Day)?|Easter(?: \w+day)?|Whitsun\w*|Pentecost|Michaelmas|Candlemas|New Year(?:['’]s (?:Eve|Day))?))\b(?! (?:meeting|20))
  \bbefore ((?:your|the) (?:appointment|interview|exam\w*|visit|journey|course))\b
  \b(?:closing (?:date|day)|dead-?line|last day) is (?:always |usually |normally )?(the (?:\d{1,2}(?:st|nd|rd|th)|last day|first|${WEEKDAY}) (?:of|in|before) (?:each|every|the|your)\b[a-z ]{0,30})
  \b(?:closing|closes|deadline)(?: date)?(?:\s*[:=–-]\s*|\s+)((?:\d{1,2}|one|two|three|five|seven|ten|fourteen) (?:clear )?(?:days?|weeks?) (?:before|ahead))\b
  \b(?:hand (?:it |them )?in|send (?:it |them )?|deliver(?:ed)?)\b(?: [a-z]+){0,3} ((?:\d{1,2}|one|two|three|five|seven|ten|fourteen) (?:days?|weeks?) before)\b(?=[.,;]|$)
  \b${BY} (?:\d{1,2}[.:]?\d{0,2} ?)?(?:a\.?m\.?|p\.?m\.?|hours|h|noon|midday|midnight) on (?:the )?(${WEEKDAY})\b(?!,? (?:the )?\d)
  # "Eight weeks before the concert at the latest."
  ^\W*(?:at least )?((?:\d{1,2}|one|two|three|four|five|six|seven|eight|ten) (?:days?|weeks?) before(?: the [a-z]+)?)(?: at the latest)?\W*$
  # "By 6 pm on the day", "by the evening before", "by Friday".
  \b${BY} (?:\d{1,2}[.:]?\d{0,2} ?(?:a\.?m\.?|p\.?m\.?|hours|h)? )?on (the (?:evening|day|night|morning))\b
  \b(?:by|before|until|till|close|closes|at) [^.;]{0,16}\bthe ((?:${WEEKDAY}|night|day|evening) before)\b
  ^\W*(?:by )?(${WEEKDAY}) at the (?:very )?latest\b
  \b(?:dead-?line|closing time)(?: is|:)? (?:on |at )?(?:noon on |midnight on )?(${WEEKDAY})(?=,? (?:noon|midday|midnight|at \d|\d{1,2}[.:]?\d{0,2} ?[ap]\.?m)|[.;]|$| for)
  \b${BY} (?:next |this |the coming |the following |the ${ORDINAL} )?(${WEEKDAY})\b(?!,? (?:\d(?!\d?(?:[.:]\d\d)? ?(?:[ap]\.?m|o['’]clock|hours|h\b))|the))
`;

/** The words that give such a deadline, with the doubt about its date. */
export function readWithoutDate({ text: whole, start }: Segment): Found[] {
  const text = whole.replace(/\((?!\d{1,2}\/\d{1,2}\))[^()]*\)/g, aside => ' '.repeat(aside.length));
  const spoken = BEFORE_AN_EVENT.exec(text);
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

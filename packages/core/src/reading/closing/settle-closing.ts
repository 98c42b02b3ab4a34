import { timeNear } from './clock.ts';
import type { Found } from '../common/found.ts';
import { onWeekdayOf } from './in-month-of.ts';
import { onlyDay } from './only-day.ts';
import { readClosing } from './read-closing.ts';
import type { Question } from '../common/reading.ts';
import type { Segment } from '../common/segments.ts';
import { patterns } from '../common/word-lists.ts';

/** One deadline out of all the days and hours that the sentences of a text give. */
export interface SettledClosing {
  closes: string | null;
  questions: Question[];
  /** The statement that gave it, and that of its hour where it stands apart. */
  from: Found[];
}

/**
 * The deadline of a text; undefined where none of its sentences speaks of one.
 *
 * @param marked the same sentences with the marks of lists
 */
export function settleClosing(
  segments: readonly Segment[],
  marked: readonly Segment[] = segments,
): SettledClosing | undefined {
  const all = segments
    .flatMap((segment, i) => readClosing(segment, segments[i - 1]))
    .map(day => onWeekdayOf(segments, day));
  const strong = all.filter(f => f.field === 'closes');
  // A day that is known beats a stronger word without one.
  const hasDay = (list: Found[]) => list.some(f => f.value !== null);
  const used = hasDay(strong) || (strong.length && !hasDay(all)) ? strong : all;
  const known = used.filter(
    f => f.value !== null && !isOfNextColumn(f, used, segments) && !isOfRegistration(f, used, segments),
  );
  const [first] = known.length ? known : used.length ? used : onlyDay(segments, marked);
  if (!first) return undefined;
  const sameDay = known.filter(f => dayOf(f) === dayOf(first));
  // The fullest statement of the day counts: "15 January" in one place, "15 January, 23:59 UTC" in another.
  const fullest = sameDay.reduce((a, b) => (String(b.value).length > String(a.value).length ? b : a), first);
  const hour = hourElsewhere(fullest, segments);
  let closes = hour?.value ?? (fullest.value as string | null);
  const questions: Question[] = [];
  if (fullest.doubt)
    questions.push({ field: 'closes', text: fullest.doubt, start: fullest.start, end: fullest.end });
  // "By 7 February, 6 pm" in one place, 9 pm in another: the earlier hour is the safe one.
  const timed = sameDay
    .filter(f => String(f.value).length > 10)
    .sort((a, b) => hourOf(a).localeCompare(hourOf(b)));
  const [earliest] = timed;
  const later = timed.find(f => earliest && hourOf(f) !== hourOf(earliest));
  if (earliest && later) {
    closes = String(earliest.value);
    questions.push(twoPlaces(earliest, later, segments));
  }
  const other = [...known, ...all.filter(f => f.value !== null && SEND_BY.test(textAt(f, segments)))].find(
    f => dayOf(f) !== dayOf(first),
  );
  if (other && strong.length) {
    closes = [String(fullest.value), String(other.value)].sort()[0] ?? null;
    questions.push(twoPlaces(first, other, segments));
  }
  const from = [fullest, ...(hour ? [hour] : [])].map(f => ({ ...f, field: 'closes' }));
  return { closes, questions, from };
}

/** "Send them before midnight on 6 March 2027", "4 images, JPEG, 3 MB, by 6 March 2027": said as plainly as the day that closes the entry. */
const SEND_BY =
  /^\W*(?:please )?(?:send|submit|upload|e-?mail|mail) (?:them|it|yours?|everything|all|the (?:files|pictures|images))\b[^;]*\b(?:before|by|until)\b|^[^;]*\b(?:jpe?gs?|[KM]B)\b[^;]*, (?:all )?(?:by|until|before)\b/i;

/** The sentence that a statement stands in. */
const textAt = ({ start }: Found, segments: readonly Segment[]) =>
  segments.find(s => s.start <= start && start < s.start + s.text.length)?.text ?? '';

/** "By 28 May 2027    by 9 July 2027": the second cell of a row is the day of another kind of file. */
function isOfNextColumn(day: Found, all: readonly Found[], segments: readonly Segment[]): boolean {
  const segment = segments.find(s => s.start <= day.start && day.start < s.start + s.text.length);
  const before = all.filter(f => segment && f.start >= segment.start && f.end <= day.start).at(-1);
  const between =
    segment && before ? segment.text.slice(before.end - segment.start, day.start - segment.start) : '';
  return /^ {2,}(?:(?:by|until|before|on) )?(?:\w+day,? )?$/i.test(between);
}

/** "Registration closes on 14 May; photographs can be uploaded until 21 May": the files have the later day. */
function isOfRegistration(day: Found, all: readonly Found[], segments: readonly Segment[]): boolean {
  return (
    /\bregistration\b[^.;]{0,24}\bclos/i.test(textAt(day, segments)) &&
    all.some(f => f.start > day.start && f.value !== null && UPLOADED_UNTIL.test(textAt(f, segments)))
  );
}

const UPLOADED_UNTIL =
  /\b(?:photographs|images|pictures|files|works|entries)\b[^.;]{0,30}\b(?:uploaded|submitted|sent|delivered)\b[^.;]{0,12}\b(?:until|till|by|before)\b/i;

const dayOf = ({ value }: Found) => String(value).slice(0, 10);
/** Day and time without the zone. */
const hourOf = ({ value }: Found) => String(value).slice(0, 16);

/** Two days or hours in the organiser's own words, at the place of the second. */
function twoPlaces(one: Found, other: Found, segments: readonly Segment[]): Question {
  const words = ({ start, end }: Found) => {
    const segment = segments.find(s => s.start <= start && start < s.start + s.text.length);
    return segment
      ? `“${segment.text.slice(start - segment.start, end - segment.start).replace(/[\s.,]+$/, '')}”`
      : '';
  };
  const text = `${words(one)} in one place and ${words(other)} in another`;
  return { field: 'closes', text, start: other.start, end: other.end };
}

/** "All entries by 21:30 on the closing date": the day with the hour that another sentence gives. */
function hourElsewhere(
  { value: day, start }: Found,
  segments: readonly Segment[],
): (Found & { value: string }) | undefined {
  if (typeof day !== 'string' || day.length !== 10) return undefined;
  const own = segments.findIndex(s => s.start <= start && start < s.start + s.text.length);
  for (const [i, { text, start: from }] of segments.entries()) {
    const named =
      ON_THAT_DAY.exec(text) ?? (i === own + 1 ? (CLOSES_AT.exec(text) ?? HOUR_ALONE.exec(text)) : null);
    const at = named ? named.index + (named[0].endsWith(' at ') ? named[0].length : 0) : 0;
    const time = named ? timeNear(text, at, at) : undefined;
    if (!time) continue;
    const [begins, ends] = [from + time.start, from + time.end];
    return {
      field: 'closes',
      value: `${day}T${time.clock}${time.zone}`,
      start: begins,
      end: ends,
      advice: false,
    };
  }
  return undefined;
}

const ON_THAT_DAY = patterns`
  \bon the (?:(?:closing|last|final) (?:date|day)|deadline(?: day)?)
  \bon that (?:day|date)
  (?<=\b(?:noon|midday|midnight|\d ?[ap]\.?m\.?|\d\d) )that (?:same )?(?:day|evening|night)
  \bon the (?:mon|tues|wednes|thurs|fri|satur|sun)day (?=before|preceding|prior|of\b|in\b)
`;
/** "Midnight, since you'll ask." */
const HOUR_ALONE =
  /^\W*(?:by )?(?=(?:mid-?night|noon|midday|\d{1,2}(?:[.:]\d\d)? ?[ap]\.?m\b\.?)(?:[.,]| please|$))/i;
/** "The form shuts at 18:00", right behind the day. */
const CLOSES_AT =
  /^\W*(?:it|(?:the|our) (?:[\w-]+ )?(?:page|form|portal|site|system|server|link|upload|counter|desk|doors?))\b[^.;\d]{0,30}\b(?:shuts?|closes?|closed|(?:switched|turned) off|goes offline|ends?)\b[^.;\d]{0,16} at /i;

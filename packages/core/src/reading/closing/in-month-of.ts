import { readWithoutDate } from './closing-without-date.ts';
import { datesIn, type Stamp } from './dates.ts';
import type { Found } from '../common/found.ts';
import { withoutNames } from '../common/name-examples.ts';
import type { Segment } from '../common/segments.ts';

/** A closing day of which only the number is told, in the month of a day that is given in full before it. */

/** Days of one sentence that are looked at; a calendar in a row has a dozen. */
export const MOST_DAYS = 24;

/** "We choose on 14 April 2027, so send yours by the 10th." */
export function readInMonthOf(stamps: readonly Stamp[], segment: Segment): Found[] {
  return readWithoutDate(segment).map(day =>
    inMonthOf(
      stamps.filter(s => segment.start + s.end < day.start),
      day,
      segment,
    ),
  );
}

/** "We hang on 9 February 2027. Files by the evening before, the 8th." */
export function readInMonthBefore(previous: Segment | undefined, segment: Segment): Found[] {
  const isLed = previous && /\b(?:by|before)\b/i.test(segment.text);
  const before = isLed ? datesIn(withoutNames(previous.text)).slice(0, MOST_DAYS) : [];
  return readWithoutDate(segment).map(day => inMonthOf(before, day, segment));
}

function inMonthOf(stamps: readonly Stamp[], day: Found, { text, start }: Segment): Found {
  const n = /^(\d{1,2})(?:st|nd|rd|th)$/.exec(text.slice(day.start - start, day.end - start))?.[1];
  const given = stamps.find(s => s.value !== null)?.value;
  if (!n || !given || Number(n) >= Number(given.slice(8))) return day;
  const { doubt: _, ...known } = day;
  return { ...known, value: given.slice(0, 8) + n.padStart(2, '0') };
}

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];

/** "Knockout evening, 16 February 2027. … by the Sunday before, the 14th": the weekday proves that it is the same month. */
export function onWeekdayOf(segments: readonly Segment[], day: Found): Found {
  const segment = segments.find(s => s.start <= day.start && day.end <= s.start + s.text.length);
  if (day.value !== null || !segment) return day;
  const days = segments.flatMap(s => datesIn(withoutNames(s.text))).filter(stamp => stamp.value !== null);
  const known = inMonthOf(days.length === 1 ? days : [], day, segment);
  const named = /\b(\w+day)\b[a-z ,]*$/i.exec(segment.text.slice(0, day.start - segment.start))?.[1];
  const isSame =
    known.value !== null &&
    named !== undefined &&
    WEEKDAYS[new Date(`${String(known.value)}T00:00Z`).getUTCDay()] === named.toLowerCase();
  return isSame ? known : day;
}

import { NOT_DEADLINE } from './closing-words.ts';
import { timeNear } from './clock.ts';
import { isOfBooking } from './read-closing.ts';
import { datesIn, type Stamp } from './dates.ts';
import type { Found } from '../common/found.ts';
import { ITEM_MARK } from '../common/kind-words.ts';
import { withoutNames } from '../common/name-examples.ts';
import type { Segment } from '../common/segments.ts';

/** The deadline of a text that never says so: the only day in it. */

/** Days that are nobody's deadline: when a page was changed, a picture taken, an evening held. */
const OF_SOMETHING_ELSE =
  /\b(?:updated?|review(?:ed)?|changed?|edited|revis(?:ed|ion)|modified|version|last (?:update|change|review)|visits?|held|taken|born|birthdays?|on sale|results?|night|evening|fair|exhibition|wedding|concert|quiz|doors|print(?:s|ed|er|ing)?|start(?:s|ed|ing)?|since|after|older|newer|bring|show|pass|licen[cs]e|price|fees?|between|from \d+|dated|exam(?:ination)?|audit|trips?|excursions?|walk|tour)\b/i;

/** What leads to a last day: "for the spring series: 15 December 2026", "the next is 10 February 2027". */
const LEADING =
  /(?:\b(?:by|until|till|to|before|is|are|be|means|but|not later than)|[:–-]) (?:(?:noon|midday|midnight|\d{1,2}[.:]?\d{0,2}(?: ?[ap]\.?m\.?)?),? )?(?:the |on )?(?:\w+day,? )?(?:the )?$/i;

/** "Three entries. 28 February 2027, 20:00", "For the spring series: 15 December 2026." */
export function onlyDay(segments: readonly Segment[], marked: readonly Segment[]): Found[] {
  const days = segments.flatMap((segment, i) =>
    datesIn(withoutNames(segment.text)).map(stamp => ({ segment, stamp, before: segments[i - 1] })),
  );
  const only = days.at(-1);
  // Days without a year stand before it at most: "not 1 October but 8 October 2026".
  if (!only || days.slice(0, -1).some(d => d.stamp.value !== null) || only.stamp.value === null) return [];
  const { segment, stamp, before } = only;
  const isSaid = isAlone(segment, stamp, before, marked) || isLedTo(segment, stamp, before);
  if (!isSaid) return [];
  const time = timeNear(segment.text, stamp.start, stamp.end);
  const [start, end] = [segment.start + stamp.start, segment.start + Math.max(stamp.end, time?.end ?? 0)];
  const value = time ? `${stamp.value}T${time.clock}${time.zone}` : stamp.value;
  return [{ field: 'closes', value, start, end, advice: false }];
}

/** A day by itself behind others of its line or list. */
function isAlone(
  { text, line }: Segment,
  { start, end }: Stamp,
  before: Segment | undefined,
  marked: readonly Segment[],
): boolean {
  const rest = text.slice(0, start) + text.slice(end);
  const isListed = [line, before?.line].every(at => ITEM_MARK.test(lineBegins(at, marked)));
  return !/[a-z]{2,}/i.test(rest.replace(OF_HOURS, '')) && (before?.line === line || isListed);
}

/** A day that a sentence ends in, which speaks of nothing that has a day of its own. */
function isLedTo({ text }: Segment, stamp: Stamp, before: Segment | undefined): boolean {
  return (
    before !== undefined &&
    LEADING.test(text.slice(0, stamp.start)) &&
    !NOT_DEADLINE.test(text) &&
    !OF_SOMETHING_ELSE.test(text) &&
    !isOfBooking(text, stamp)
  );
}

/** Words that tell the hour of a day. */
const OF_HOURS =
  /\b(?:\w+day|at|hours|noon|midnight|[ap]m|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|o['’]clock|in the (?:morning|afternoon|evening))\b/gi;

const lineBegins = (line: number | undefined, segments: readonly Segment[]) =>
  segments.find(s => s.line === line)?.text ?? '';

import type { Stamp } from './dates.ts';
import { readCount } from '../common/quantities.ts';
import { oneOf } from '../common/word-lists.ts';

/** Times of the day beside a date, with their zone. */

const CLOCK = new RegExp(
  `(?:\\b|(?<=\\dT))${oneOf`
    (?<spoken>\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?:[.:](?<past>\d{2}))?(?: o['’]clock)? (?:(?:in|on) the (?<part>evening|morning|afternoon)|at (?<night>night))\b
    (?<late>\d{1,2}|six|seven|eight|nine|ten|eleven) o['’]clock(?<=\b(?:evening|night) of [^.;]{4,36} at [\w]+ o['’]clock)
    (\d{1,2})(?:[:.](\d{2}))?\s*(a\.?m\b\.?|p\.?m\b\.?)
    (\d{1,2})[:.](\d{2})(?::[0-5]\d(?!\d))?(?:\s*(?:hours|hrs|h\b|o['’]clock))? | (\d{2})(\d{2})\s*(?:hours|hrs)
    (\d{1,2})\s*(?:h(?:00)?\b|hours|o['’]clock) | (mid-?night) | (noon|midday|mid-day)
  `}`,
  'gi',
);
/** The zones that organisers name, with their offset; daylight time has its own name. */
const NAMED_ZONES: Readonly<Record<string, string>> = {
  UTC: 'Z',
  GMT: 'Z',
  Z: 'Z',
  CET: '+01:00',
  CEST: '+02:00',
  BST: '+01:00',
  EET: '+02:00',
  EST: '-05:00',
  EDT: '-04:00',
  PST: '-08:00',
  PDT: '-07:00',
};
/** "Central European Time", with or without the short name in brackets behind it. */
const SPELLED_ZONES: readonly (readonly [RegExp, string])[] = [
  [/^[\s,(]*central european (?:standard )?time\b/i, ' CET'],
  [/^[\s,(]*central european summer time\b/i, ' CEST'],
  [/^[\s,(]*(?:greenwich (?:mean )?time|universal time|coordinated universal time)\b/i, ' UTC'],
  [/^[\s,(]*british summer time\b/i, ' BST'],
  [/^[\s,(]*eastern european (?:standard )?time\b/i, ' EET'],
];
const ZONE = new RegExp(
  `^[\\s,(]*(?:hours |hrs )?\\(?(?<name>${Object.keys(NAMED_ZONES).join('|')})\\b`,
  'i',
);
/** "UTC+2", "GMT -03:30". */
const OFFSET =
  /^[\s,(]*(?:hours |hrs )?\(?(?:UTC|GMT) ?(?<sign>[+−-])(?<hours>1[0-4]|0?\d)(?::?(?<minutes>[0-5]\d))?(?![\d./])/i;

/** What stands between the two ends of a span of hours. */
const SPANS = /^ ?(?:to|until|till|-|–|—) ?$/i;

/** Characters between a day and its hour. */
const FARTHEST = 60;
/** What is looked at on both sides, with the longest way to write an hour. */
const NEAR = FARTHEST + 30;

/** The time that belongs to a date: the nearest in the same sentence. */
export function timeNear(
  text: string,
  start: number,
  end: number,
): { clock: string; zone: string; start: number; end: number } | undefined {
  const from = Math.max(0, start - NEAR);
  const times = [...text.slice(from, end + NEAR).matchAll(CLOCK)].flatMap(match => {
    const at = from + match.index;
    const to = at + match[0].length;
    // "28.02.2027" holds no clock, and a date's own figures are none either.
    if (at < end && to > start) return [];
    // "I'm there from half past nine."
    if (/\bthere from $/i.test(text.slice(0, at))) return [];
    if (/^[.:/]\d/.test(text.slice(to)) || /[\d.:/]$/.test(text.slice(0, at))) return [];
    const clock = clockOf(match, text.slice(from, end + NEAR));
    const distance = at >= end ? at - end : start - to;
    return clock && distance <= FARTHEST ? [{ clock, start: at, end: to, distance }] : [];
  });
  const [first] = [...times].sort((a, b) => a.distance - b.distance);
  if (!first) return undefined;
  // "12 June, 20:00 to 22:00": it is over at the second.
  const nearest = times.find(t => first.start >= end && SPANS.test(text.slice(first.end, t.start))) ?? first;
  return {
    clock: nearest.clock,
    zone: zoneAt(text.slice(nearest.end)),
    start: nearest.start,
    end: nearest.end,
  };
}

/** A time that another sentence gives, with the place of the date. */
export function withPlace<T>(
  time: T | undefined,
  { start, end }: Stamp,
): (T & { start: number; end: number }) | undefined {
  return time && { ...time, start, end };
}

/** The zone that is named right here, as ISO 8601 writes it: "Z", "+01:00"; empty where none is. */
export function zoneAt(after: string): string {
  // "12.00 noon UTC".
  const named = after.replace(/^ ?(?:noon|midday)\b/i, '');
  const spelled = SPELLED_ZONES.find(([words]) => words.test(named));
  const behind = spelled ? named.replace(...spelled) : named;
  const { sign, hours, minutes } = OFFSET.exec(behind)?.groups ?? {};
  if (hours !== undefined) return `${sign === '+' ? '+' : '-'}${hours.padStart(2, '0')}:${minutes ?? '00'}`;
  return NAMED_ZONES[ZONE.exec(behind)?.groups?.['name']?.toUpperCase() ?? ''] ?? '';
}

/** @param near what stands round it, which may tell the part of the day */
function clockOf(match: RegExpMatchArray, near: string): string | undefined {
  const { spoken: told, late, past, part } = match.groups ?? {};
  const spoken = told ?? late;
  if (spoken !== undefined) {
    const hours = (readCount(spoken) % 12) + (part === 'morning' ? 0 : 12);
    return `${String(hours).padStart(2, '0')}:${past ?? '00'}`;
  }
  const [h12, m12, half, h24, m24, h4, m4, hOnly, midnight, noon] = match.slice(6);
  if (midnight) return '23:59';
  if (noon) return '12:00';
  let hours = Number(h12 ?? h24 ?? h4 ?? hOnly);
  let minutes = Number(m12 ?? m24 ?? m4 ?? 0);
  if (half) hours = (hours % 12) + (/^p/i.test(half) ? 12 : 0);
  // "5 o'clock" on a day that something closes is in the afternoon.
  const isLate = /\bevening\b/i.test(near) && !/\bmorning\b/i.test(near);
  if (/o['’]clock/i.test(match[0]) && !half && hours >= 1 && hours <= (isLate ? 11 : 7)) hours += 12;
  if (hours === 24 && minutes === 0) [hours, minutes] = [23, 59];
  if (hours > 23 || minutes > 59) return undefined;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}

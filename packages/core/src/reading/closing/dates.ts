/** Dates as organisers write them: in words, in figures, with or without a year. */

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const MONTH =
  '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may(?! (?:be|not|have|also|only|enter|send|submit|show|use)\b)|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)(?![a-z])\\.?';
/** Days of the month in words. */
const ORDINALS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
];
const DAY = '(\\d{1,2})(?:st|nd|rd|th|\\.(?=\\s))?';
const DATES: readonly { words: RegExp; order: 'dmy' | 'mdy' | 'ymd' | 'numeric' | 'last' | 'weekday' }[] = [
  {
    words: new RegExp(
      `\\b${DAY}(?: \\(?of)?[ ./-]+\\(?(${MONTH}),?(?:[ ./-]+(?:of )?\\(?(20\\d{2}|[’']\\d{2})(?!\\d))?`,
      'gi',
    ),
    order: 'dmy',
  },
  { words: new RegExp(`\\b(${MONTH})[ ]+${DAY}(?!\\d)(?:,?[ ]+(20\\d{2})(?!\\d))?`, 'gi'), order: 'mdy' },
  {
    words: new RegExp(`\\b(${ORDINALS.join('|')})(?: day)? of (${MONTH}),?(?: (20\\d{2})(?!\\d))?`, 'gi'),
    order: 'dmy',
  },
  {
    words: new RegExp(`\\b(?:the )?(last) day (?:of|in) (${MONTH}),?(?: (20\\d{2})(?!\\d))?`, 'gi'),
    order: 'last',
  },
  // "The second Saturday in March 2027", which the calendar knows.
  {
    words: new RegExp(
      `\\b(first|second|third|fourth|last) (mon|tues|wednes|thurs|fri|satur|sun)day (?:of|in) (${MONTH}),? (20\\d{2})(?!\\d)`,
      'gi',
    ),
    order: 'weekday',
  },
  // "By the end of June 2027".
  { words: new RegExp(`\\b(?:the )?(end) of (${MONTH}),? (20\\d{2})(?!\\d)`, 'gi'), order: 'last' },
  { words: /\b(20\d{2})([-/.])(\d{2})\2(\d{2})(?!\d)/g, order: 'ymd' },
  { words: /\b(\d{1,2})[./-] ?(\d{1,2})[./-] ?(20\d{2}|\d{2})\b/g, order: 'numeric' },
];

/** A date in a text, or a doubt about it. */
export interface Stamp {
  value: string | null;
  start: number;
  end: number;
  doubt?: string;
  /** Day and month of a date whose year is not written. */
  bare?: { day: number; month: number };
}

/** All dates of a text, in their order. */
export function datesIn(text: string): Stamp[] {
  const stamps: Stamp[] = [];
  for (const { words, order } of DATES)
    for (const match of text.matchAll(words)) {
      const [whole, a = '', b = '', c] = order === 'ymd' ? [match[0], match[1], match[3], match[4]] : match;
      const at = { start: match.index, end: match.index + whole.length };
      if (stamps.some(s => at.start < s.end && at.end > s.start)) continue;
      const stamp =
        order === 'weekday'
          ? { value: nthWeekday(a, b, monthOf(c ?? ''), Number(match[4])) }
          : stampOf(order, a, b, c, whole.trim());
      stamps.push({ ...(byWeekday(text, match.index, a, b, c) ?? stamp), ...at });
    }
  return withYears(
    withYearBehind(
      stamps.sort((x, y) => x.start - y.start),
      text,
    ),
  );
}

/** "10 February, 10 May and 10 August 2027": days in a row are of the year behind the last one. */
function withYearBehind(stamps: readonly Stamp[], text: string): Stamp[] {
  const told = stamps.slice();
  for (let i = told.length - 2; i >= 0; i -= 1) {
    const [stamp, next] = [told[i], told[i + 1]];
    if (!stamp?.bare || !next?.value) continue;
    // "Between 1 May and 31 July 2027" is a span.
    const isSpan = /\b(?:between|from) (?:the )?$/i.test(text.slice(0, stamp.start));
    const isRow = !isSpan && /^[,;]? (?:(?:and|or) )?(?:on )?$/.test(text.slice(stamp.end, next.start));
    const { value } = dated(Number(next.value.slice(0, 4)), stamp.bare.month, stamp.bare.day, '');
    if (isRow && value && value < next.value) told[i] = { value, start: stamp.start, end: stamp.end };
  }
  return told;
}

/** "The meeting is on 6 March 2027, so by 27 February": a day without its year is the one nearest to a day beside it. */
function withYears(stamps: readonly Stamp[]): Stamp[] {
  return stamps.map(({ bare, ...stamp }, i) => {
    const known = bare && stamps.slice(0, i).find(({ value }) => value !== null)?.value;
    if (!known) return stamp;
    const years = [-1, 0, 1].map(step => Number(known.slice(0, 4)) + step);
    const days = years.flatMap(year => dated(year, bare.month, bare.day, '').value ?? []);
    const far = (day: string) => Math.abs(Date.parse(day) - Date.parse(known));
    const [value] = days.sort((x, y) => far(x) - far(y));
    return value === undefined ? stamp : { value, start: stamp.start, end: stamp.end };
  });
}

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];

/** "Friday 11/06/2027": only one of the two orders falls on that day of the week. */
function byWeekday(
  text: string,
  at: number,
  a: string,
  b: string,
  c: string | undefined,
): { value: string } | undefined {
  const day = /\b((?:sun|mon|tues|wednes|thurs|fri|satur)day),?\s*$/i.exec(text.slice(0, at))?.[1];
  if (!day || c?.length !== 4 || !/^\d+$/.test(a) || !/^\d+$/.test(b)) return undefined;
  const wanted = WEEKDAYS.indexOf(day.toLowerCase());
  const [year, x, y] = [Number(c), Number(a), Number(b)];
  const orders = [
    [y, x],
    [x, y],
  ] as const;
  const fitting = orders.filter(
    ([month, date]) => dated(year, month, date, '').value !== null && weekdayOf(year, month, date) === wanted,
  );
  const [only] = fitting;
  if (fitting.length !== 1 || !only) return undefined;
  return { value: dated(year, only[0], only[1], '').value ?? '' };
}

/** Day of the week, 0 for Sunday, by Zeller's congruence. */
function weekdayOf(year: number, month: number, day: number): number {
  const [m, y] = month < 3 ? [month + 12, year - 1] : [month, year];
  const h =
    (day +
      Math.floor((13 * (m + 1)) / 5) +
      y +
      Math.floor(y / 4) -
      Math.floor(y / 100) +
      Math.floor(y / 400)) %
    7;
  return (h + 6) % 7;
}

function stampOf(
  order: string,
  a: string,
  b: string,
  c: string | undefined,
  written: string,
): Pick<Stamp, 'value' | 'doubt' | 'bare'> {
  const year = c === undefined ? undefined : Number(c.replace(/[’']/, '').replace(/^(\d{2})$/, '20$1'));
  if (order === 'ymd') return dated(Number(a), Number(b), Number(c), written);
  if (order === 'numeric') {
    const [x, y] = [Number(a), Number(b)];
    if (x > 12 || /\./.test(written)) return dated(year, y, x, written);
    if (y > 12) return dated(year, x, y, written);
    return x === y
      ? dated(year, x, y, written)
      : { value: null, doubt: `'${written}' could be day or month first` };
  }
  const [day, m] = order === 'dmy' ? [dayOf(a), monthOf(b)] : [Number(b), monthOf(a)];
  if (year === undefined)
    return {
      value: null,
      doubt: `'${written}' has no year`,
      ...(order === 'last' ? {} : { bare: { day, month: m } }),
    };
  if (order === 'last') return dated(year, monthOf(b), daysOf(monthOf(b), year), written);
  return dated(year, m, day, written);
}

/** Number of a month from its name or the beginning of it. */
const monthOf = (word: string) => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;

/** "Second", "satur" of a month: the day of the calendar. */
function nthWeekday(which: string, weekday: string, month: number, year: number): string {
  const wanted = WEEKDAYS.indexOf(`${weekday.toLowerCase()}day`);
  const days = Array.from({ length: daysOf(month, year) }, (_, i) => i + 1).filter(
    day => weekdayOf(year, month, day) === wanted,
  );
  const nth = which.toLowerCase() === 'last' ? -1 : ORDINALS.indexOf(which.toLowerCase());
  return dated(year, month, days.at(nth) ?? 0, '').value ?? '';
}

const dayOf = (written: string) => Number(written) || ORDINALS.indexOf(written.toLowerCase()) + 1;

/** Days of a month, counted from 1; the years of the calls have no missing leap day. */
const daysOf = (month: number, year: number) =>
  month === 2 ? (year % 4 === 0 ? 29 : 28) : [4, 6, 9, 11].includes(month) ? 30 : 31;

function dated(
  year: number | undefined,
  month: number,
  day: number,
  written: string,
): { value: string | null; doubt?: string } {
  if (year === undefined || month < 1 || month > 12 || day < 1 || day > daysOf(month, year))
    return { value: null, doubt: `'${written}' is no date of the calendar` };
  const two = (n: number) => String(n).padStart(2, '0');
  return { value: `${year}-${two(month)}-${two(day)}` };
}

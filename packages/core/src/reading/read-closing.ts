import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

/** The entry deadline: date, time and zone, or a doubt about them. */

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const MONTH =
  '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?';
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
const DAY = '(\\d{1,2})(?:st|nd|rd|th)?';
const DATES: readonly { words: RegExp; order: 'dmy' | 'mdy' | 'ymd' | 'numeric' }[] = [
  {
    words: new RegExp(`\\b${DAY}(?: of)?[ -]+(${MONTH}),?(?:[ -]+\\(?(20\\d{2}|[’']\\d{2})(?!\\d))?`, 'gi'),
    order: 'dmy',
  },
  { words: new RegExp(`\\b(${MONTH})[ ]+${DAY}(?!\\d)(?:,?[ ]+(20\\d{2})(?!\\d))?`, 'gi'), order: 'mdy' },
  {
    words: new RegExp(`\\b(${ORDINALS.join('|')})(?: day)? of (${MONTH}),?(?: (20\\d{2})(?!\\d))?`, 'gi'),
    order: 'dmy',
  },
  { words: /\b(20\d{2})([-/.])(\d{2})\2(\d{2})(?!\d)/g, order: 'ymd' },
  { words: /\b(\d{1,2})[./-] ?(\d{1,2})[./-] ?(20\d{2}|\d{2})\b/g, order: 'numeric' },
];

/** Words that make a date the deadline, strongest first. */
const STRONG =
  /\b(?:(?:by|until) when|clos(?:e|es|ing|ed)|dead-?line|(?:last|latest) (?:\w+ )?(?:date|day)|you have (?:time )?until|cut[- ]?off|copy date|entries (?:must|should|need to|have to|will|to)|final (?:\w+ )?(?:date|day)|(?:submission|entry|upload) (?:window|period)|goes offline|(?:hand|hands|handed|handing) (?:\w+ ){0,4}in|shuts?|ends? (?:on|at)|(?:entr(?:y|ies)|submissions?|uploads?) ends?|stop (?:taking|accepting)|taken down|term of (?:presentation|submission|entry)|(?:link|form|portal|page|site) (?:will be|is) (?:disabled|closed|switched off)|must reach|has to reach|last (?:submissions?|entry|entries|uploads?|possible moment)\b|end of (?:upload|entry|submission)s?\b|open for entr(?:y|ies) until|limit date|date limit|last call|no later than|not later than|at the (?:very )?latest|(?:hand|hands|handed|handing)[- ]in|submissions? (?:end|until|must)|entr(?:y|ies)\b[^.;]{0,40}\b(?:by|before|until)|registration|upload(?:s|ed|ing)?\b[^.;]{0,60}\b(?:by|before|until)|receiv(?:e|ed|ing)\b|due\b|arrive)/i;
const WEAK =
  /\bsend (?:them |it )?to\s*$|\b(?:by|until|up to(?: and including)?|till|before|through|no later|latest)\b/i;
const ABOUT_ENTRIES =
  /\b(?:send|sent|jpe?gs?|cop(?:y|ies)|submit\w*|submissions?|receiv\w*|e-?mail|need(?:ed)?|want(?:ed)?|upload\w*|files?|pictures?|photo(?:graph)?s?|entries|entry|images?|works?|everything|versions?|panels?|in our hands|reach(?:es)?\b|to (?:me|us)\b|appl(?:y|ications?)|let me have|your best|bring|\S+@\S+|deliver(?:y|ed)?|must have|have them|be here|zip|(?:one|two|three|four|five) each|orders?|participation|(?:number|issue)(?=\s*:)|(?:we|i) (?:will )?collect|in by|with (?:us|me)|open|enter(?:ed)?|accept(?:ed)?|do (?:all )?(?:that|this))\b/i;
const NOT_DEADLINE =
  /\b(?:goes? (?:live|online)|(?:production|print|final|high[- ]res\w*) files? (?:are|is|must|should|will|have)|early(?:[- ]bird)? (?:entry|entries|price|fee)|entries open|opens? (?:on|for)|(?:selected|accepted|successful|chosen) (?:works?|prints?|pictures?|images?|artists?|pieces?|entrants?|authors?|photographers?)|hear from us|feedback|certificates?|we (?:will )?(?:reply|answer|decide|inform|tell|write)\b|judg(?:ing|ement|ed)|exhibition (?:opens|runs|from|will)|results?|notif\w*|notice|informed|announced|told|private view|opening|catalogue|award\w*|prize ?giving|collect(?:ion|ed)|on show|long-?list|adopted|updated|issued|published|born|delivered by hand|talk|(?<!for the (?:\w+ )?)meeting|heats?|supper|dinner|returned|hang(?:ing|s)?|dismantl\w*|days before|enrol\w*|paid|payment|sold|talk|workshop|taken (?:on or )?(?:after|since|between|before))\b/i;

/** Words that make a span of days the time in which to enter. */
const OF_ENTRY =
  /\b(?:entr(?:y|ies)|submi\w+|uploads?|uploading|applications?|registration|portal|form|open|acceptance|accepts?)\b/i;
/** "Entries received after 15 March will not be considered." */
const TOO_LATE =
  /\b(?:entr(?:y|ies)|submissions?|files?|images?|pictures?|applications?|uploads?|anything|work|late)\b[^;]*\b(?:not|cannot|n['’]t|refused|rejected|returned|disqualified|too late|excluded|no|next (?:edition|round|issue|year))\b|^received after\b|^no (?:entries|submissions|files|images|pictures|uploads)\b/i;

/** What stands between the two ends of a span. */
const SPANS = /^(?:,? ?\d{1,2}[:.]\d{2}(?: ?(?:hours|hrs|h|[ap]m))?)?\s*(?:to|until|till|-|–|—|and)\s*$/i;

interface Stamp {
  value: string | null;
  start: number;
  end: number;
  doubt?: string;
}

export function readClosing(segment: Segment, previous: Segment | undefined): Found[] {
  const { text } = segment;
  const stamps = datesIn(text);
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
      ) && TOO_LATE.test(text);
    const before = text.slice(Math.max(0, stamp.start - 110), stamp.start);
    const clause = before.replace(/^.*\b20\d{2}\b/s, '');
    // "From 1 to 28 February", "submissions 1.–28.2.2027".
    const isEndOfSpan =
      /\b\d{1,2}(?:st|nd|rd|th)?\.?(?:\d{1,2}\.?)?\s*(?:[-–—]|to|and|until|till)\s*$/i.test(
        text.slice(0, stamp.start),
      ) &&
      OF_ENTRY.test(clause) &&
      !NOT_DEADLINE.test(clause);
    const label =
      previous &&
      previous.text.length < 40 &&
      !/\d/.test(previous.text) &&
      /^(?:when|closing|deadline|dates?)/i.test(previous.text)
        ? previous.text
        : '';
    // "… on the Friday before; for the first competition that is 2 October".
    const isNamedDay =
      previous?.line === segment.line &&
      /\b(?:that is|i\.e\.|namely)\b/i.test(clause) &&
      (STRONG.test(previous.text) || /\b(?:days?|weeks?) before\b/i.test(previous.text));
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
      /^when\b/i.test(label) ||
      isNamedDay;
    if (
      NOT_DEADLINE.test(clause) &&
      !/\b(?:clos|dead-?line|last (?:day|date)|hand(?:s|ed)? (?:\w+ ){0,4}in\b)/i.test(clause)
    )
      continue;
    // "It opens on 1 March and closes on 30 April."
    if (
      /\bopens?\b(?:(?!\bclos).)*$/is.test(clause) &&
      !endsSpan &&
      !isTooLate &&
      !/\bopens? (?:for \w+ )?(?:until|till)\b/i.test(clause)
    )
      continue;
    // "Entries are accepted from 1 March" is where they begin.
    if (/\b(?:from|since|after|opens?(?: on)?)\s*$/i.test(clause) && !isTooLate) continue;
    const isAlone =
      text.length < 60 &&
      /^(?:[-*•–·→✓]\s*)?(?:(?:all|everything|both|please|to (?:me|us)) )*(?:by|before|until|till|not later than)\b/i.test(
        text,
      );
    if (!isStrong && !isAlone && !(WEAK.test(clause) && ABOUT_ENTRIES.test(text))) continue;
    const time =
      timeNear(text, stamp.start, stamp.end) ??
      (isNamedDay
        ? withPlace(timeNear(previous.text, previous.text.length, previous.text.length), stamp)
        : undefined);
    const zone = time && (time.zone || zoneAt(text.slice(stamp.end)));
    const value = stamp.value && time ? `${stamp.value}T${time.clock}${zone}` : stamp.value;
    found.push({
      field: isStrong ? 'closes' : 'closes?',
      value,
      start: segment.start + Math.min(stamp.start, time?.start ?? stamp.start),
      end: segment.start + Math.max(stamp.end, time?.end ?? stamp.end),
      advice: false,
      ...(stamp.doubt ? { doubt: stamp.doubt } : {}),
    });
  }
  return found;
}

/** A deadline on a weekday or "before the meeting", of which only the organiser knows the date. */
function withoutDate({ text: whole, start }: Segment): Found[] {
  const text = whole.replace(/\([^()]*\)/g, aside => ' '.repeat(aside.length));
  const spoken =
    /\b(?:no later than|not later than|clos(?:es?|ing)(?: (?:date|time))?|dead-?line|entries (?:must|should|close|reach|are due)|reach (?:the|me|us)|by|before|until|submitted|uploaded|sent)\b[^.;\d]{0,50}(?:\d{1,2}[.:]?\d{0,2} ?(?:a\.?m|p\.?m|hours|h|noon|midnight)?\.? )?(?:on )?(?:the )?((?:(?:at least )?(?:\d{1,2}|one|two|three|four|five|seven|ten|fourteen) (?:clear )?(?:days?|weeks?)|(?:(?:first|second|third|last) )?(?:mon|tues|wednes|thurs|fri|satur|sun)day|evening|day|week|month|meeting|end)\b[^.;]{0,30}\b(?:before|preceding|of|in|prior to)\b[^.;]{0,40}\b(?:january|february|march|april|may|june|july|august|september|october|november|december|meeting|round|competition|judging|month|committee|session|match|draw|contest|exhibition))/i.exec(
      text,
    );
  // "In by the 30th": the month is left out; "March 2027": the day.
  const match =
    spoken ??
    /\b(?:by|before|until|till|on) the (\d{1,2}(?:st|nd|rd|th))\b(?! (?:of )?[a-z]+ (?:meeting|round))(?!(?: of)? [A-Z])|\b(?:clos(?:es|ing)(?: date)?|dead-?line)\b[\s:=–-]{0,4}((?:january|february|march|april|may|june|july|august|september|october|november|december) 20\d\d)\b|\b(?:by|before|until|till) ((?:mid-?|the middle of |early |late )(?:january|february|march|april|may|june|july|august|september|october|november|december))\b(?! 20)|\b(?:by|before|until|till) (the end of (?:the|this|next) (?:month|week))\b|\b(?:by|before|until|till|close|closes|at) [^.;]{0,16}\bthe ((?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|night|day|evening) before)\b|\b(?:by|before|until|till) (?:next |this |the coming |the following )?((?:mon|tues|wednes|thurs|fri|satur|sun)day)\b(?!,? (?:\d|the))/i.exec(
      text,
    );
  if (
    !match ||
    !(ABOUT_ENTRIES.test(text) || /\b(?:dead-?line|clos(?:es|ing)|cut-?off|last (?:day|date))\b/i.test(text))
  )
    return [];
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

function datesIn(text: string): Stamp[] {
  const stamps: Stamp[] = [];
  for (const { words, order } of DATES)
    for (const match of text.matchAll(words)) {
      const [whole, a = '', b = '', c] = order === 'ymd' ? [match[0], match[1], match[3], match[4]] : match;
      const at = { start: match.index, end: match.index + whole.length };
      if (stamps.some(s => at.start < s.end && at.end > s.start)) continue;
      const stamp = stampOf(order, a, b, c, whole.trim());
      stamps.push({ ...(byWeekday(text, match.index, a, b, c) ?? stamp), ...at });
    }
  return stamps.sort((x, y) => x.start - y.start);
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
): { value: string | null; doubt?: string } {
  const month = (word: string) => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;
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
  const [day, m] = order === 'dmy' ? [dayOf(a), month(b)] : [Number(b), month(a)];
  if (year === undefined) return { value: null, doubt: `'${written}' has no year` };
  return dated(year, m, day, written);
}

const dayOf = (written: string) => Number(written) || ORDINALS.indexOf(written.toLowerCase()) + 1;

function dated(
  year: number | undefined,
  month: number,
  day: number,
  written: string,
): { value: string | null; doubt?: string } {
  const lengths = [
    31,
    year !== undefined && year % 4 === 0 ? 29 : 28,
    31,
    30,
    31,
    30,
    31,
    31,
    30,
    31,
    30,
    31,
  ];
  if (year === undefined || month < 1 || month > 12 || day < 1 || day > (lengths[month - 1] ?? 0))
    return { value: null, doubt: `'${written}' is no date of the calendar` };
  const two = (n: number) => String(n).padStart(2, '0');
  return { value: `${year}-${two(month)}-${two(day)}` };
}

const CLOCK =
  /(?:\b|(?<=\dT))(?:(?<spoken>\d{1,2})(?:[.:](?<past>\d{2}))?(?: o['’]clock)? (?:in the (?<part>evening|morning|afternoon)|at (?<night>night))\b|(\d{1,2})(?:[:.](\d{2}))?\s*(a\.?m\b\.?|p\.?m\b\.?)|(\d{1,2})[:.](\d{2})(?::[0-5]\d(?!\d))?(?:\s*(?:hours|hrs|h\b|o['’]clock))?|(\d{2})(\d{2})\s*(?:hours|hrs)|(\d{1,2})\s*(?:h(?:00)?\b|hours|o['’]clock)|(mid-?night)|(noon|midday|mid-day))/gi;
const ZONES: readonly (readonly [RegExp, string])[] = [
  [/^\s*,?\s*\(?(?:hours |hrs )?\(?(?:utc|gmt|z)\b(?!\s*[+-]\d)/i, 'Z'],
  [/^\s*,?\s*\(?(?:hours |hrs )?\(?(?:cet)\b/i, '+01:00'],
  [/^\s*,?\s*\(?(?:hours |hrs )?\(?(?:cest)\b/i, '+02:00'],
  [/^\s*,?\s*\(?(?:hours |hrs )?\(?(?:bst)\b/i, '+01:00'],
  [/^\s*,?\s*\(?(?:hours |hrs )?\(?(?:eet)\b/i, '+02:00'],
];

/** The time that belongs to a date: the nearest in the same sentence. */
function timeNear(
  text: string,
  start: number,
  end: number,
): { clock: string; zone: string; start: number; end: number } | undefined {
  const times = [...text.matchAll(CLOCK)].flatMap(match => {
    const at = match.index;
    const to = at + match[0].length;
    // "28.02.2027" holds no clock, and a date's own figures are none either.
    if (at < end && to > start) return [];
    if (/^[.:/]\d/.test(text.slice(to)) || /[\d.:/]$/.test(text.slice(0, at))) return [];
    const clock = clockOf(match);
    const distance = at >= end ? at - end : start - to;
    return clock && distance <= 60 ? [{ clock, start: at, end: to, distance }] : [];
  });
  const [nearest] = times.sort((a, b) => a.distance - b.distance);
  if (!nearest) return undefined;
  return {
    clock: nearest.clock,
    zone: zoneAt(text.slice(nearest.end)),
    start: nearest.start,
    end: nearest.end,
  };
}

/** A time that another sentence gives, with the place of the date. */
function withPlace<T>(
  time: T | undefined,
  { start, end }: Stamp,
): (T & { start: number; end: number }) | undefined {
  return time && { ...time, start, end };
}

function zoneAt(after: string): string {
  return ZONES.find(([words]) => words.test(after))?.[1] ?? '';
}

function clockOf(match: RegExpMatchArray): string | undefined {
  const { spoken, past, part } = match.groups ?? {};
  if (spoken !== undefined) {
    const hours = (Number(spoken) % 12) + (part === 'morning' ? 0 : 12);
    return `${String(hours).padStart(2, '0')}:${past ?? '00'}`;
  }
  const [h12, m12, half, h24, m24, h4, m4, hOnly, midnight, noon] = match.slice(5);
  if (midnight) return '23:59';
  if (noon) return '12:00';
  let hours = Number(h12 ?? h24 ?? h4 ?? hOnly);
  let minutes = Number(m12 ?? m24 ?? m4 ?? 0);
  if (half) hours = (hours % 12) + (/^p/i.test(half) ? 12 : 0);
  if (hours === 24 && minutes === 0) [hours, minutes] = [23, 59];
  if (hours > 23 || minutes > 59) return undefined;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}

import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { wordPlural, type RuleSheet } from '@able-frame/core';

/** "closes Sunday 14 February, 23:59 · in 12 days". The organiser's clock is taken as the person's own. */
export function wordClosing(closes: RuleSheet['closes'], now: Date): string | undefined {
  if (!closes) return undefined;
  const at = parseISO(closes.at);
  const sameYear = at.getFullYear() === now.getFullYear();
  const when = format(at, sameYear ? 'EEEE d MMMM, HH:mm' : 'EEEE d MMMM yyyy, HH:mm');
  if (at < now) return `closed ${when}`;
  const days = differenceInCalendarDays(at, now);
  const left = days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} ${wordPlural(days, 'day')}`;
  return `closes ${when} · ${left}`;
}

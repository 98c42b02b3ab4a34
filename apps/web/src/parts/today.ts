import { format } from 'date-fns';

/** Today on the person's own calendar, as an ISO date. */
export function today(): string {
  return format(new Date(), 'yyyy-MM-dd');
}

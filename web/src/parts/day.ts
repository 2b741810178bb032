import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';

/** A day as a cook writes it: `12 Jun`. */
export function shortDay(iso: string): string {
  return format(parseISO(iso), 'd MMM');
}

/** Day and time: `12 Jun 2026, 10:30`. */
export function dayAndTime(iso: string): string {
  return format(parseISO(iso), 'd MMM yyyy, HH:mm');
}

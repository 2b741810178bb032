import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';

/** A day as a cook writes it: `12 Jun`. */
export function shortDay(iso: string): string {
  return format(parseISO(iso), 'd MMM');
}

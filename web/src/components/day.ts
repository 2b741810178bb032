const dayAndMonth = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** A day as a cook writes it: `12 Jun`. */
export function shortDay(iso: string): string {
  return dayAndMonth.format(new Date(iso));
}

import type { EventAttributes } from 'ics';
import { download, fileName } from './download';

/**
 * Hands events out as a calendar file.
 *
 * @param name in a cook's words; the file is called after it
 * @throws Error where the calendar can't be written
 */
export async function saveCalendarFile(
  name: string,
  events: readonly EventAttributes[],
): Promise<void> {
  // fetched with the first calendar: no room needs it to be shown
  const { createEvents } = await import('ics');
  const { error, value } = createEvents([...events]);
  if (error || !value) throw error ?? new Error('no calendar');
  download(`${fileName(name)}.ics`, value, 'text/calendar');
}

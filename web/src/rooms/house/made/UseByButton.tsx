'use client';

import Button from '@mui/material/Button';
import { keptByproducts } from '@cobbet/core/book/byproduct';
import { shortName } from '@/components/shortName';
import { useBook } from '@/store/bookStore';
import { saveCalendarFile } from '@/store/calendarFile';
import { today } from '@/store/today';
import { useLarder } from '@/store/useKitchen';
import { useMade } from '@/store/useMade';
import { useByEvents } from '../useByCalendar';

/** Every use-by date there is as a calendar file; nothing where there is none. */
export function UseByButton() {
  const made = useMade();
  const larder = useLarder();
  const stock = useBook(({ book }) => book.stock);
  const byproducts = useBook(({ book }) => book.byproducts);
  const events = useByEvents({
    ...{ made, stock: [...stock.values()], kept: keptByproducts(byproducts.values()) },
    nameOf: (id) => shortName(larder.get(id)?.name ?? id),
    today: today(),
  });
  if (events.length === 0) return null;
  return (
    <Button
      size="small"
      title="Made here, on the shelf, left from before: every use-by date, with an alarm the day before"
      onClick={() => void saveCalendarFile('Use-by dates', events)}
    >
      Dates to a calendar
    </Button>
  );
}

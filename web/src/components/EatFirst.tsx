'use client';

import Box from '@mui/material/Box';
import { daysBetween } from '@cobbet/core/safety/localDates';
import Link from 'next/link';
import { useMade } from '@/store/useMade';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Due within so many days it is said. */
const soonDays = 2;

/** What was made and is due soon, in one line; nothing where nothing is. */
export function EatFirst() {
  const made = useMade();
  const now = today();
  const due = made.filter(
    ({ keeping: { useBy } }) => useBy !== null && daysBetween(now, useBy) <= soonDays,
  );
  const [first] = due;
  if (!first) return null;
  const names = [...new Set(due.map(({ batch }) => batch.name))];
  const past = due.filter(({ keeping: { useBy } }) => useBy !== null && useBy < now).length;
  return (
    <Box role="note" sx={{ mb: 2, fontSize: typeScale.note, '@media print': { display: 'none' } }}>
      <strong>Eat first:</strong>{' '}
      <Box component={Link} href="/house" sx={{ color: colour.ink }}>
        {names.slice(0, 4).join(', ')}
        {names.length > 4 ? ` and ${names.length - 4} more` : ''}
      </Box>
      {past > 0 && (
        <Box component="span" sx={{ color: colour.caution, fontWeight: 700 }}>
          {' '}
          · {past} past {past === 1 ? 'its' : 'their'} day
        </Box>
      )}
    </Box>
  );
}

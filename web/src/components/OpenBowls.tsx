'use client';

import Box from '@mui/material/Box';
import { entriesOf } from '@cobbet/core/book/runEvents';
import Link from 'next/link';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const clock = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** Bowls that were begun and neither kept nor thrown away, each a tap from being taken up again. */
export function OpenBowls() {
  const runs = useBook((state) => state.book.runs);
  const dips = useBook((state) => state.book.dips);
  const open = [...runs.values()].filter(({ dipId }) => dips.has(dipId));
  if (open.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Open bowls"
      sx={{ borderLeft: `5px solid ${colour.accent}`, pl: 1.5, mb: 2.5 }}
    >
      <Box sx={{ fontWeight: 700, fontSize: typeScale.lead }}>
        {open.length === 1 ? 'One bowl is open' : `${open.length} bowls are open`}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {open.map((run) => {
          const count = entriesOf(run).length;
          const name = dips.get(run.dipId)?.name ?? '';
          return (
            <li key={run.id}>
              <Box
                component={Link}
                href={`/make?dip=${encodeURIComponent(run.dipId)}&run=${encodeURIComponent(run.id)}`}
                sx={{
                  display: 'inline-flex',
                  alignItems: 'center',
                  minHeight: 48,
                  color: colour.ink,
                  overflowWrap: 'anywhere',
                  '&:hover': { color: colour.accent },
                }}
              >
                {name}
                {run.base && `, ${run.base.name}`}:{' '}
                {run.step >= count ? 'at the check' : `step ${run.step + 1} of ${count}`}, begun{' '}
                {clock.format(new Date(run.startedAt))}
              </Box>
            </li>
          );
        })}
      </Box>
    </Box>
  );
}

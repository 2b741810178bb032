'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Tasting } from '@cobbet/core/taste/tasting';
import Link from 'next/link';
import { useMemo } from 'react';
import { shortDay } from '@/components/day';
import { RoomPage } from '@/components/RoomPage';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { kindWords } from './jarWords';

function standing({ seats, closedAt }: Tasting): string {
  const done = seats.filter((seat) => seat.done).length;
  const tasters = `${seats.length} ${seats.length === 1 ? 'taster' : 'tasters'}`;
  return closedAt === null ? `open, ${done} of ${tasters} done` : tasters;
}

/** Every tasting, those still open first, then the latest. */
export function TastingList() {
  const tastings = useBook((state) => state.book.tastings);
  const sorted = useMemo(
    () =>
      [...tastings.values()].sort(
        (a, b) =>
          Number(a.closedAt !== null) - Number(b.closedAt !== null) ||
          b.createdAt.localeCompare(a.createdAt),
      ),
    [tastings],
  );
  return (
    <RoomPage
      title="Tastings"
      maxWidth={900}
      says="Several people, the same pots: what they like, what is short and what is over, and what that asks of the next bowl."
      actions={
        <>
          <Button component={Link} href="/trials">
            All trials
          </Button>
          <Button component={Link} href="/tasting?new" variant="contained">
            New tasting
          </Button>
        </>
      }
    >
      {sorted.length === 0 && (
        <Box sx={{ my: 3, maxWidth: 520, color: colour.muted }}>
          Nobody has tasted together yet. One tablet goes round, or ballots are printed; two or
          three people say little for sure, but they say it in a minute.
        </Box>
      )}
      <Box component="ol" aria-label="Tastings" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {sorted.map((tasting) => (
          <Box
            component="li"
            key={tasting.id}
            sx={{ borderTop: `1px solid ${colour.line}`, py: 1.25 }}
          >
            <Box
              component={Link}
              href={`/tasting?id=${encodeURIComponent(tasting.id)}`}
              sx={{
                display: 'inline-block',
                minHeight: 28,
                color: colour.ink,
                fontWeight: 700,
                overflowWrap: 'anywhere',
              }}
            >
              {tasting.name}
            </Box>
            <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
              {shortDay(tasting.createdAt)} · {kindWords[tasting.kind].name.toLowerCase()} ·{' '}
              {standing(tasting)}
            </Box>
            <Box sx={{ fontSize: typeScale.note, overflowWrap: 'anywhere' }}>
              {tasting.samples.map(({ name }) => name).join(', ')}
            </Box>
          </Box>
        ))}
      </Box>
    </RoomPage>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Tasting, TastingSeat } from '@cobbet/core/taste/tasting';
import Link from 'next/link';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { tastingAddress } from '../tastingAddress';

/** Between two tasters: whose turn it is, and nothing of what the last one said. */
export function HandOver({
  tasting,
  seat,
  onBegin,
}: {
  tasting: Tasting;
  seat: TastingSeat;
  onBegin: () => void;
}) {
  const others = tasting.seats.filter(({ id, done }) => id !== seat.id && !done);
  return (
    <Box sx={{ textAlign: 'center', pt: { xs: 6, sm: 10 } }}>
      <Box sx={{ color: colour.muted, fontSize: typeScale.lead }}>This is for</Box>
      <Box
        component="h1"
        sx={{ m: 0, mb: 3, fontSize: typeScale.title, lineHeight: 1.15, overflowWrap: 'anywhere' }}
      >
        {seat.name}
      </Box>
      <Button
        variant="contained"
        onClick={onBegin}
        sx={{ minHeight: 72, px: 5, fontSize: typeScale.large, maxWidth: '100%' }}
      >
        {seat.done ? 'Look at it again' : 'Begin'}
      </Button>
      <Box sx={{ mt: 3, color: colour.muted }}>
        A sip of water between two pots. What you say is kept as you tap it.
      </Box>
      {others.length > 0 && (
        <Box component="nav" aria-label="Somebody else" sx={{ mt: 6 }}>
          <Box sx={{ color: colour.muted, mb: 1 }}>or for</Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, justifyContent: 'center' }}>
            {others.slice(0, 40).map(({ id, name }) => (
              <Button
                key={id}
                component={Link}
                href={tastingAddress(tasting.id, id)}
                variant="outlined"
                sx={{ minHeight: 48 }}
              >
                {name}
              </Button>
            ))}
          </Box>
        </Box>
      )}
      <Button component={Link} href={tastingAddress(tasting.id)} sx={{ mt: 5, minHeight: 48 }}>
        Back to whoever runs it
      </Button>
    </Box>
  );
}

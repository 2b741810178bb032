'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { openPots, type Tasting, type TastingSeat } from '@cobbet/core/taste/tasting';
import { withSeat } from '@cobbet/core/taste/tastingEdits';
import Link from 'next/link';
import { editTasting } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { tastingAddress } from '../tastingAddress';

const large = { minHeight: 60, fontSize: typeScale.lead } as const;

/** After the last pot: what still lacks something, then the tablet goes on to the next who is not done. */
export function Ended({
  tasting,
  seat,
  onGo,
}: {
  tasting: Tasting;
  seat: TastingSeat;
  onGo: (seatId: string, at?: number) => void;
}) {
  const open = openPots(tasting, seat);
  const next = tasting.seats.find(({ id, done }) => id !== seat.id && !done);
  const first = tasting.kind === 'each' ? seat.order.indexOf(open[0] ?? '') : 0;
  if (open.length > 0 && !seat.done) {
    return (
      <Box sx={{ pt: { xs: 4, sm: 8 }, display: 'grid', gap: 2 }}>
        <Box component="h1" sx={{ m: 0, fontSize: typeScale.figure, lineHeight: 1.2 }}>
          {tasting.kind === 'each'
            ? `${open.join(', ')} still ${open.length === 1 ? 'lacks' : 'lack'} something`
            : 'Nothing is chosen yet'}
        </Box>
        <Button variant="contained" sx={large} onClick={() => onGo(seat.id, first)}>
          Go to {tasting.kind === 'each' ? open[0] : 'it'}
        </Button>
        <Button
          variant="outlined"
          sx={large}
          onClick={() =>
            void editTasting(tasting.id, `${seat.name} is done`, (now) =>
              withSeat(now, seat.id, { done: true }),
            )
          }
        >
          Leave it so
        </Button>
      </Box>
    );
  }
  return (
    <Box sx={{ pt: { xs: 4, sm: 8 }, display: 'grid', gap: 2, textAlign: 'center' }}>
      <Box component="h1" sx={{ m: 0, fontSize: typeScale.title, lineHeight: 1.15 }}>
        Thank you
      </Box>
      {next ? (
        <>
          <Box sx={{ fontSize: typeScale.lead }}>Hand it on, please.</Box>
          <Button
            variant="contained"
            sx={{ ...large, minHeight: 72 }}
            onClick={() => onGo(next.id)}
          >
            To {next.name}
          </Button>
        </>
      ) : (
        <Box sx={{ fontSize: typeScale.lead }}>Everybody is done.</Box>
      )}
      <Button variant="outlined" sx={large} onClick={() => onGo(seat.id, 0)}>
        Change something
      </Button>
      <Button
        component={Link}
        href={tastingAddress(tasting.id)}
        sx={{ minHeight: 48, color: colour.muted }}
      >
        Back to whoever runs it
      </Button>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { openPots, sampleOf, type Tasting, type TastingSeat } from '@cobbet/core/taste/tasting';
import Link from 'next/link';
import { useState } from 'react';
import { Panel } from '@/components/Panel';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { MarksFile } from './MarksFile';
import { tastingAddress } from './tastingAddress';

function seatStanding(tasting: Tasting, seat: TastingSeat): string {
  const open = openPots(tasting, seat).length;
  if (open === 0) return 'all said';
  if (seat.done) return `done, ${open} left open`;
  return open === seat.order.length ? 'not begun' : `${open} to go`;
}

/** Who tastes, how far each is, and the tablet for each. */
function Seats({ tasting }: { tasting: Tasting }) {
  const next = tasting.seats.find((seat) => !seat.done);
  return (
    <Panel title="Who tastes">
      {next && (
        <Button
          component={Link}
          href={tastingAddress(tasting.id, next.id)}
          variant="contained"
          size="large"
          sx={{ my: 1, minHeight: 60, fontSize: typeScale.lead, maxWidth: '100%' }}
        >
          Hand it to {next.name}
        </Button>
      )}
      <Box component="ul" aria-label="Tasters" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {tasting.seats.map((seat) => (
          <Box
            component="li"
            key={seat.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 1.5,
              minHeight: 48,
              borderTop: `1px solid ${colour.line}`,
            }}
          >
            <Box
              component={Link}
              href={tastingAddress(tasting.id, seat.id)}
              sx={{
                flex: 1,
                minWidth: 0,
                py: 1.25,
                color: colour.ink,
                fontWeight: 700,
                overflowWrap: 'anywhere',
              }}
            >
              {seat.name}
            </Box>
            <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
              {seatStanding(tasting, seat)}
            </Box>
          </Box>
        ))}
      </Box>
    </Panel>
  );
}

/** Which pot holds what; hidden where it is blind until whoever carries them asks. */
function Pots({ tasting }: { tasting: Tasting }) {
  const [shown, setShown] = useState(!tasting.blind);
  return (
    <Panel
      title="The pots"
      actions={
        tasting.blind && (
          <Button size="small" aria-pressed={shown} onClick={() => setShown(!shown)}>
            {shown ? 'Hide what is what' : 'I carry them: what is what?'}
          </Button>
        )
      }
    >
      <Box component="ul" aria-label="Pots" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {tasting.pots.map(({ code }) => (
          <Box
            component="li"
            key={code}
            sx={{
              display: 'flex',
              alignItems: 'baseline',
              gap: 2,
              minHeight: 40,
              borderTop: `1px solid ${colour.line}`,
              pt: 0.75,
            }}
          >
            <Box sx={{ fontSize: typeScale.large, fontWeight: 700, minWidth: 52 }}>{code}</Box>
            <Box
              sx={{
                minWidth: 0,
                overflowWrap: 'anywhere',
                color: shown ? colour.ink : colour.muted,
              }}
            >
              {shown ? sampleOf(tasting, code)?.name : 'not said while it is open'}
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
        <Button variant="outlined" onClick={() => window.print()}>
          Print ballots and the sheet to carry by
        </Button>
        <MarksFile tasting={tasting} />
      </Box>
    </Panel>
  );
}

/** While people taste: the tablet for each, the pots, and papers for those who would rather write. */
export function OpenTasting({ tasting }: { tasting: Tasting }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: { xs: 3, md: 5 },
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
      }}
    >
      <Seats tasting={tasting} />
      <Pots tasting={tasting} />
    </Box>
  );
}

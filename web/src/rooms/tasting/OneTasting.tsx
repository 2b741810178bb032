'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Tasting } from '@cobbet/core/taste/tasting';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { later } from '@/components/later';
import { shortDay } from '@/components/day';
import { RoomPage } from '@/components/RoomPage';
import { usePrinting } from '@/components/usePrinting';
import { closeTasting, dropTasting } from '@/store/tastingCommands';
import { kindWords } from './jarWords';
import { OpenTasting } from './OpenTasting';

const Results = later(() => import('./results/Results').then(({ Results }) => Results));
const Papers = later(() => import('./print/Papers').then(({ Papers }) => Papers));

/** A tasting as whoever runs it sees it: who has tasted while it is open, what it says once it is closed. */
export function OneTasting({ tasting }: { tasting: Tasting }) {
  const router = useRouter();
  const printing = usePrinting();
  const { name, kind, blind, eatenWith, atC, closedAt, createdAt, id } = tasting;
  const said = [
    shortDay(createdAt),
    kindWords[kind].name.toLowerCase(),
    blind ? 'blind' : 'names on the pots',
    eatenWith === '' ? '' : `with ${eatenWith}`,
    atC === null ? '' : `at ${atC} °C`,
    tasting.guests ?? '',
  ].filter((text) => text !== '');
  const open = closedAt === null;
  if (printing && open) return <Papers tasting={tasting} />;
  return (
    <RoomPage
      title={name}
      maxWidth={1200}
      says={said.join(' · ')}
      actions={
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button component={Link} href="/tasting">
            All tastings
          </Button>
          <Button
            onClick={() => {
              router.push('/tasting');
              void dropTasting(id);
            }}
          >
            Delete it
          </Button>
          {/* its place stays once it is closed: a second tap must fall on nothing */}
          <Button
            variant="contained"
            sx={{ visibility: open ? 'visible' : 'hidden' }}
            onClick={() => void closeTasting(id, true)}
          >
            Close it and see
          </Button>
        </Box>
      }
    >
      {open ? <OpenTasting tasting={tasting} /> : <Results tasting={tasting} />}
      {!open && (
        <Button sx={{ mt: 2 }} onClick={() => void closeTasting(id, false)}>
          Open it again
        </Button>
      )}
    </RoomPage>
  );
}

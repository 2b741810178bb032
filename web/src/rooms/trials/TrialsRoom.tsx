'use client';

import { RoomPage } from '@/components/RoomPage';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Dip } from '@cobbet/core/dip/dip';
import { later } from '@/components/later';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { AllTrials } from '@/components/AllTrials';
import { DipRoom } from '@/components/DipRoom';
import { useBook } from '@/store/bookStore';
import { mostCompared, usePicked } from './comparePick';
import { TrialStrip } from './TrialStrip';

const PickedBar = later(() => import('./PickedBar').then(({ PickedBar }) => PickedBar));
const SwapBook = later(() => import('./SwapBook').then(({ SwapBook }) => SwapBook));
const NarrowTrials = later(
  () => import('./NarrowTrials').then(({ NarrowTrials }) => NarrowTrials),
  { meanwhile: () => <Box sx={{ height: 56 }} /> },
);
const Timeline = later(() => import('./Timeline').then(({ Timeline }) => Timeline));
const SideBySide = later(() => import('./SideBySide').then(({ SideBySide }) => SideBySide));

/** From so many trials on they can be narrowed. */
const narrowedFrom = 4;

/** The trial the address is of, brought into sight once it stands there. */
function useAimed(): string | null {
  const aimed = useSearchParams().get('trial');
  useEffect(() => {
    if (aimed !== null) {
      document.getElementById(`trial-${aimed}`)?.scrollIntoView({ block: 'center' });
    }
  }, [aimed]);
  return aimed;
}

function TrialsOf({ dip }: { dip: Dip }) {
  const picked = usePicked((state) => state.ids.length > 0);
  const all = useBook((state) => state.book.trials);
  const [left, setLeft] = useState<ReadonlySet<string> | null>(null);
  const aimed = useAimed();
  const overTime = useSearchParams().get('time') !== null;
  const trials = useMemo(
    () =>
      [...all.values()]
        .filter((trial) => trial.dipId === dip.id)
        .sort((a, b) => b.number - a.number),
    [all, dip.id],
  );
  return (
    <RoomPage
      title={dip.name}
      maxWidth={1200}
      says={
        <>
          {trials.length === 0
            ? 'no trial yet'
            : `${trials.length} ${trials.length === 1 ? 'trial' : 'trials'}, the latest first`}
          {dip.nextThing !== '' && ` · next: ${dip.nextThing}`}
        </>
      }
      actions={
        <>
          <Button
            component={Link}
            href={`/tasting?new&dip=${encodeURIComponent(dip.id)}`}
            variant="outlined"
          >
            Taste together
          </Button>
          <Button
            component={Link}
            href={`/design?dip=${encodeURIComponent(dip.id)}`}
            variant="outlined"
          >
            Vary it on purpose
          </Button>
          <Button
            component={Link}
            href={`/trials?dip=${encodeURIComponent(dip.id)}${overTime ? '' : '&time'}`}
          >
            {overTime ? 'The trials' : 'Over time'}
          </Button>
          <Button component={Link} href="/trials?swaps">
            The book of swaps
          </Button>
        </>
      }
    >
      {overTime ? (
        <Timeline dip={dip} />
      ) : (
        <>
          {trials.length === 0 && (
            <Box sx={{ my: 4 }}>
              <Typography sx={{ mb: 2, maxWidth: 480 }}>
                A trial is kept each time you make it: what really went in, what the spoon showed,
                how it tasted.
              </Typography>
              <Button
                component={Link}
                href={`/make?dip=${encodeURIComponent(dip.id)}`}
                variant="contained"
              >
                Make it
              </Button>
            </Box>
          )}
          {trials.length >= narrowedFrom && (
            <NarrowTrials dip={dip} trials={trials} onNarrow={setLeft} />
          )}
          {left?.size === 0 && <Box role="status">No trial of it is like that.</Box>}
          <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
            {trials.map((trial, index) =>
              left === null || left.has(trial.id) ? (
                <TrialStrip
                  key={trial.id}
                  dip={dip}
                  trial={trial}
                  earlier={trials[index + 1]}
                  aimed={aimed === trial.id}
                />
              ) : null,
            )}
          </Box>
        </>
      )}
      {picked && <PickedBar />}
    </RoomPage>
  );
}

/** What a dip's trials were and what they showed. */
export function TrialsRoom() {
  const asked = useSearchParams();
  const compare = asked.get('compare');
  if (asked.get('swaps') !== null) return <SwapBook />;
  if (compare !== null) {
    const ids = [...new Set(compare.split(',').filter((id) => id !== ''))];
    return (
      <AllTrials>
        <SideBySide ids={ids.slice(0, mostCompared)} />
      </AllTrials>
    );
  }
  return (
    <DipRoom
      room="/trials"
      title="Trials"
      ask="Whose trials?"
      above={
        <Box sx={{ display: 'flex', gap: 3, mb: 2 }}>
          <Button component={Link} href="/tasting" sx={{ px: 0 }}>
            Tastings
          </Button>
          <Button component={Link} href="/design" sx={{ px: 0 }}>
            Trials on purpose
          </Button>
          <Button component={Link} href="/trials?swaps" sx={{ px: 0 }}>
            The book of swaps
          </Button>
        </Box>
      }
    >
      {(dip) => (
        <AllTrials>
          <TrialsOf dip={dip} />
        </AllTrials>
      )}
    </DipRoom>
  );
}

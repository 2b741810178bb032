'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Dip } from '@cobbet/core/dip/dip';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { DipRoom } from '@/components/DipRoom';
import { later } from '@/components/later';
import { OpenBowls } from '@/components/OpenBowls';
import { useBook } from '@/store/bookStore';

const MakeRun = later(() => import('./MakeRun').then(({ MakeRun }) => MakeRun));
const StartMaking = later(() => import('./StartMaking').then(({ StartMaking }) => StartMaking));

/** What is being made of a dip: nothing yet, one bowl, or the parts of a base that was divided. */
function Making({ dip }: { dip: Dip }) {
  const runs = useBook((state) => state.book.runs);
  const asked = useSearchParams().get('run');
  const [chosen, setChosen] = useState<string | null>(asked);
  const own = [...runs.values()].filter((one) => one.dipId === dip.id);
  const run = own.find(({ id }) => id === chosen) ?? own[0];
  if (!run) return <StartMaking dip={dip} onShown={MakeRun.ahead} />;
  return (
    <>
      {own.length > 1 && (
        <Box sx={{ px: { xs: 2, sm: 4 }, pt: 1.5 }}>
          <ToggleButtonGroup
            exclusive
            value={run.id}
            aria-label="Which part"
            onChange={(_, id: string | null) => id && setChosen(id)}
          >
            {own.map(({ id, base }) => (
              <ToggleButton key={id} value={id} sx={{ minHeight: 48, px: 2 }}>
                {base?.name ?? dip.name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
      )}
      <MakeRun key={run.id} dip={dip} run={run} />
    </>
  );
}

/** What may be gone on with, and a bowl to practice on, which needs no dip. */
function Beginnings() {
  return (
    <>
      <OpenBowls />
      <Button component={Link} href="/practice" sx={{ mb: 1.5, minHeight: 48 }}>
        Practice on a hidden bowl
      </Button>
    </>
  );
}

/** Making a dip now. */
export function MakeRoom() {
  return (
    <DipRoom room="/make" title="Make" ask="What is being made?" above={<Beginnings />}>
      {(dip) => <Making key={dip.id} dip={dip} />}
    </DipRoom>
  );
}

'use client';

import { RoomPage } from '@/components/RoomPage';
import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import { fromHouse } from '@cobbet/core/dip/fromHouse';
import { patterns } from '@cobbet/core/dip/patterns';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { later } from '@/components/later';
import { useLarder } from '@/store/useKitchen';
import { useInHouse } from '@/store/useInHouse';
import { colour } from '@/theme/colour';
import { Ledger } from './Ledger';
import { MadePanel } from './made/MadePanel';
import { PatternRow } from './PatternRow';
import { Shelf } from './Shelf';

/** What there is: on the shelf, left from before, made here; and what can be made of it. */
function WhatThereIs() {
  const larder = useLarder();
  const [open, setOpen] = useState<string | null>(null);
  const house = useInHouse();
  const made = useMemo(() => fromHouse(patterns, house, larder), [house, larder]);
  return (
    <RoomPage
      title="From what is in the house"
      says="Say what there is; what spoils first is used first."
    >
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '360px minmax(0, 1fr)' },
        }}
      >
        <Box>
          <MadePanel />
          <Box sx={{ mt: 3 }}>
            <Shelf />
          </Box>
          <Ledger />
        </Box>
        <Panel title="What it makes">
          <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
            {made.map((one) => (
              <Box
                component="li"
                key={one.pattern.id}
                sx={{ borderTop: `1px solid ${colour.line}` }}
              >
                <PatternRow
                  made={one}
                  house={house}
                  open={open === one.pattern.id}
                  onOpen={() => setOpen(open === one.pattern.id ? null : one.pattern.id)}
                />
              </Box>
            ))}
          </Box>
        </Panel>
      </Box>
    </RoomPage>
  );
}

const BatchRoom = later(() => import('./made/BatchRoom').then(({ BatchRoom }) => BatchRoom));

/** Start from what there is: what can be made of it, how much, and what little is missing; or one batch of what was made. */
export function HouseRoom() {
  const batch = useSearchParams().get('batch');
  return batch === null ? <WhatThereIs /> : <BatchRoom key={batch} id={batch} />;
}

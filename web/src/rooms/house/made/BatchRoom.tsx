'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { batchContents, batchInKitchen, ownDays, potKeeping } from '@cobbet/core/book/batchKeeping';
import type { Batch } from '@cobbet/core/book/batch';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { later } from '@/components/later';
import { shortDay } from '@/components/day';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { deleteBatch } from '@/store/batchCommands';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { BatchYield } from './BatchYield';
import { FillPots } from './FillPots';
import { PotList } from './PotList';

const Photos = later(() => import('@/components/photos/Photos').then(({ Photos }) => Photos));

const BatchKeeping = later(() => import('./BatchKeeping').then(({ BatchKeeping }) => BatchKeeping));
const BatchCost = later(() => import('./BatchCost').then(({ BatchCost }) => BatchCost));
const Labels = later(() => import('./labels/Labels').then(({ Labels }) => Labels));

/** One batch: what it made and where that went, its pots, how long they keep, what it cost, and its labels. */
function BatchOf({ batch }: { batch: Batch }) {
  const kitchen = useKitchen();
  const router = useRouter();
  const batches = useBook(({ book }) => book.batches);
  const there = useMemo(() => batchInKitchen(batch, kitchen), [batch, kitchen]);
  const parts = useMemo(() => batchContents(batch, kitchen.larder), [batch, kitchen]);
  const own = useMemo(
    () =>
      ownDays(
        [...batches.values()].filter(({ id }) => id !== batch.id),
        batch.dipId,
      ),
    [batches, batch],
  );
  const keepingOf = (pot: Batch['pots'][number]) => potKeeping(batch, pot, there, own, Date.now());
  return (
    <RoomPage
      title={batch.name}
      says={`Batch ${batch.code}, made ${shortDay(batch.madeAt)}`}
      maxWidth={1180}
      actions={
        <>
          <Button component={Link} href="/house">
            What there is
          </Button>
          <Button
            onClick={() => {
              void deleteBatch(batch);
              router.push('/house');
            }}
          >
            Delete the batch
          </Button>
        </>
      }
    >
      <Box
        sx={{
          ...{ display: 'grid', gap: 4, alignItems: 'start' },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 380px' },
          '@media print': { display: 'block' },
        }}
      >
        <Box sx={{ display: 'grid', gap: 3, minWidth: 0, '@media print': { display: 'none' } }}>
          <BatchYield batch={batch} />
          <FillPots batch={batch} there={there} />
          <PotList batch={batch} keepingOf={keepingOf} />
          <Panel title="Pictures">
            <Photos of="batches" ofId={batch.id} height={120} />
          </Panel>
        </Box>
        <Box sx={{ display: 'grid', gap: 3, minWidth: 0 }}>
          <BatchKeeping batch={batch} there={there} own={own} />
          <Labels batch={batch} parts={parts} keepingOf={keepingOf} />
          <BatchCost batch={batch} parts={parts} />
        </Box>
      </Box>
    </RoomPage>
  );
}

/** A batch by its id, or that it is gone. */
export function BatchRoom({ id }: { id: string }) {
  const batch = useBook(({ book }) => book.batches.get(id));
  if (batch) return <BatchOf batch={batch} />;
  return (
    <RoomPage title="No such batch" says="It was deleted, or it is in another book.">
      <Button component={Link} href="/house" variant="contained">
        What there is
      </Button>
    </RoomPage>
  );
}

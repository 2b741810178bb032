'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { fillContainers } from '@cobbet/core/batch/fills';
import { type Batch, unpotted } from '@cobbet/core/book/batch';
import type { BatchInKitchen } from '@cobbet/core/book/batchKeeping';
import type { KeptContainer } from '@cobbet/core/book/container';
import { mixGPerMl, mixOf } from '@cobbet/core/mix/mix';
import { useMemo, useState } from 'react';
import { CheckLine } from '@/components/CheckLine';
import { Panel } from '@/components/Panel';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { fillPots } from '@/store/batchCommands';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { Containers } from './Containers';

/** Oil poured on a jar, g, where it is. */
const usualSealG = 6;
const weightG = 20_000;

/** One kind of container: how many it fills, how many of them are filled now, and the oil on each. */
function FillRow({
  batchId,
  container,
  leftG,
  gPerMl,
}: {
  batchId: string;
  container: KeptContainer;
  leftG: number;
  gPerMl: number;
}) {
  const [oil, setOil] = useState(false);
  const [count, setCount] = useState<string | null>(null);
  const [weight, setWeight] = useState('');
  const oilG = oil ? usualSealG : 0;
  const { fills } = fillContainers(leftG, gPerMl, [{ ...container, oilSealG: oilG }]);
  const [planned] = fills;
  const typed = typedNumber(count ?? String(planned?.full ?? 0));
  const weighed = typedNumber(weight);
  const each =
    weighed === null ? (planned?.g ?? 0) : Math.max(0, weighed - (container.tareG ?? 0) - oilG);
  const many = typed === null ? 0 : Math.round(typed);
  const most = each > 0 ? Math.floor((leftG + 0.5) / each) : 0;
  const wrong = many < 1 || many > 500 || !(each > 0) || (weighed !== null && weighed > weightG);
  const over = !wrong && many > most;
  return (
    <Box
      component="form"
      aria-label={container.name}
      onSubmit={(event) => {
        event.preventDefault();
        if (wrong) return;
        void fillPots(batchId, {
          name: container.name,
          count: many,
          g: Math.min(each, leftG / many),
          oilG,
        });
        setCount(null);
        setWeight('');
      }}
      sx={{
        ...{ display: 'grid', columnGap: 1.5, alignItems: 'start', py: 1 },
        ...{ borderTop: `1px solid ${colour.line}` },
        gridTemplateColumns: { xs: '1fr 1fr', sm: 'minmax(0, 1fr) 84px 130px auto' },
      }}
    >
      <Box sx={{ minWidth: 0, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        <Box sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}>{container.name}</Box>
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          {planned && planned.full > 0
            ? `fills ${planned.full} with ${planned.g.toFixed(0)} g each`
            : `not one full: ${(planned?.g ?? 0).toFixed(0)} g go in`}
          {container.count < 1 ? '; none left' : ''}
        </Box>
        <CheckLine checked={oil} onToggle={() => setOil(!oil)}>
          {usualSealG} g oil on top of each
        </CheckLine>
      </Box>
      <MeasuredField
        label="How many"
        unit=""
        value={count ?? String(planned?.full ?? 0)}
        problem={over ? `for ${most}` : null}
        wrong={over}
        onChange={setCount}
      />
      <MeasuredField
        label={container.tareG === null ? 'g in each' : 'On the scale, each'}
        unit="g"
        value={weight}
        problem={
          weighed === null
            ? `about ${(each + (container.tareG ?? 0) + oilG).toFixed(0)}`
            : `${each.toFixed(0)} g in it`
        }
        wrong={false}
        onChange={setWeight}
      />
      <Button type="submit" variant="outlined" disabled={wrong || over} sx={{ mt: 1.25 }}>
        Filled
      </Button>
    </Box>
  );
}

/** What is not in a pot yet, into what the kitchen has. */
export function FillPots({ batch, there }: { batch: Batch; there: BatchInKitchen }) {
  const containers = useBook(({ book }) => book.containers);
  const [open, setOpen] = useState(false);
  const leftG = unpotted(batch);
  const gPerMl = useMemo(() => mixGPerMl(mixOf(there.parts), there.conditions.method), [there]);
  const kinds = [...containers.values()].sort((a, b) => b.ml - a.ml);
  const done = leftG < 1;
  return (
    <Panel
      title="Into what"
      aside={done ? 'all of it is in something' : `${leftG.toFixed(0)} g left to fill`}
      actions={
        <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close the list' : 'Jars and tubs of this kitchen'}
        </Button>
      }
    >
      {(open || kinds.length === 0) && <Containers containers={kinds} />}
      {!done &&
        kinds.map((container) => (
          <FillRow
            key={container.id}
            batchId={batch.id}
            container={container}
            leftG={leftG}
            gPerMl={gPerMl}
          />
        ))}
      {!done && (
        <Button
          size="small"
          onClick={() =>
            void fillPots(batch.id, { name: 'serving bowl', count: 1, g: leftG, oilG: 0 })
          }
        >
          The rest, {leftG.toFixed(0)} g, in one bowl
        </Button>
      )}
    </Panel>
  );
}

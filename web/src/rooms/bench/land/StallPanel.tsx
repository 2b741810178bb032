'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Machine } from '@cobbet/core/kitchen/machines';
import type { ThroughStall, WayStep } from '@cobbet/core/dip/throughStall';
import { useCallback } from 'react';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { throughStallInWorker } from '@/workers/estimatesClient';
import { shortName } from '@/components/shortName';
import { useAsked } from '@/components/useAsked';
import type { Bench } from '../useBench';

const shares: Record<number, string> = { 0.25: 'a quarter of', 0.5: 'half of', 0.75: 'most of' };

/** A way through in words: in what order, and of which only a part. */
function Way({ way, bench }: { way: readonly WayStep[]; bench: Bench }) {
  const seen = new Set<number>();
  return (
    <Box component="ol" sx={{ m: 0, my: 0.5, pl: 2.5, fontSize: typeScale.note }}>
      {way.map(({ index, share }, i) => {
        const again = seen.has(index);
        seen.add(index);
        const name = shortName(bench.rows[index]?.ingredient?.name ?? '');
        const words =
          share === 1
            ? name
            : again
              ? `the rest of the ${name}`
              : `${shares[share] ?? ''} the ${name}`;
        const moved = share !== 1 || way.slice(0, i).some((one) => one.index > index);
        return (
          <Box component="li" key={`${index} ${share}`} sx={{ fontWeight: moved ? 700 : 400 }}>
            {words}
          </Box>
        );
      })}
    </Box>
  );
}

function Answer({
  answer,
  bench,
  onOrder,
}: {
  answer: ThroughStall;
  bench: Bench;
  onOrder: (way: readonly WayStep[]) => void;
}) {
  const { order, split, wholeStalls, exhaustive } = answer;
  return (
    <>
      {wholeStalls && (
        <Box sx={{ my: 0.5 }}>
          Even the whole mix is too stiff for it, in any order. Take another machine, or loosen the
          dip.
        </Box>
      )}
      {!wholeStalls && !order && !split && (
        <Box sx={{ my: 0.5 }}>No order gets through, nor a liquid in two goes.</Box>
      )}
      {order && (
        <Box sx={{ mt: 1 }}>
          In this order it gets through:
          <Way way={order} bench={bench} />
          <Button size="small" variant="contained" onClick={() => onOrder(order)}>
            Take this order
          </Button>
        </Box>
      )}
      {split && (
        <Box sx={{ mt: 1 }}>
          {order ? 'Or with less moved, a liquid in two goes:' : 'With a liquid in two goes:'}
          <Way way={split} bench={bench} />
          <Button size="small" variant="outlined" onClick={() => onOrder(split)}>
            Take it in two goes
          </Button>
        </Box>
      )}
      {!exhaustive && (
        <Box sx={{ mt: 0.5, fontSize: typeScale.small, color: colour.muted }}>
          Not every order was tried: with so many additions the smallest went along with their
          neighbours.
        </Box>
      )}
    </>
  );
}

/** Where the machine would stall, and on asking the least change that gets through. */
export function StallPanel({
  bench,
  machine,
  stallsAt,
  onOrder,
}: {
  bench: Bench;
  machine: Machine;
  /** Rows after which it stalls. */
  stallsAt: readonly number[];
  onOrder: (way: readonly WayStep[]) => void;
}) {
  const { parts, conditions } = bench;
  const ask = useCallback(
    (signal: AbortSignal) => throughStallInWorker({ parts, machine, conditions }, signal),
    [parts, machine, conditions],
  );
  const { asked, start, leave } = useAsked(parts, ask);
  const first = bench.rows[stallsAt[0] ?? 0]?.ingredient;
  return (
    <Box component="section" aria-label="Stall" sx={cautionBox}>
      <strong>The {machine.name} stalls</strong> at step {(stallsAt[0] ?? 0) + 1}, the{' '}
      {shortName(first?.name ?? 'mix').toLowerCase()}
      {stallsAt.length > 1 ? `, and at ${stallsAt.length - 1} more` : ''}.
      {asked.state === 'idle' && (
        <Box sx={{ mt: 1 }}>
          <Button size="small" variant="outlined" onClick={() => void start()}>
            Find a way through
          </Button>
        </Box>
      )}
      {asked.state === 'working' && (
        <Box role="status" sx={{ mt: 1 }}>
          Trying every order… <Button onClick={leave}>Stop</Button>
        </Box>
      )}
      {asked.state === 'failed' && (
        <Box role="alert" sx={{ mt: 1 }}>
          {asked.message} <Button onClick={() => void start()}>Try again</Button>
        </Box>
      )}
      {asked.state === 'answered' && (
        <Answer answer={asked.answer} bench={bench} onOrder={onOrder} />
      )}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import {
  type KeptSwap,
  type SwapVerdict as Verdict,
  swapVerdicts,
} from '@cobbet/core/book/keptSwap';
import { type Reason, reasons } from '@cobbet/core/book/runEvents';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { shortDay } from '@/components/day';
import { InlineSelect } from '@/components/InlineSelect';
import { reasonWords } from '@/components/reasonWords';
import { RoomPage } from '@/components/RoomPage';
import { SwapVerdict } from '@/components/swap/SwapVerdict';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

type Why = Reason | 'any';
type Was = Verdict | 'any' | 'not said';

/** Every swap that was made, the latest first: what for what, where, why and how it was. */
export function SwapBook() {
  const swaps = useBook((state) => state.book.swaps);
  const dips = useBook((state) => state.book.dips);
  const larder = useLarder();
  const [text, setText] = useState('');
  const [why, setWhy] = useState<Why>('any');
  const [was, setWas] = useState<Was>('any');
  const nameOf = (id: string) => larder.get(id)?.name ?? id;
  const dipOf = ({ dipId }: KeptSwap) => dips.get(dipId)?.name ?? 'a dip that is gone';
  const latest = useMemo(
    () => [...swaps.values()].sort((a, b) => b.at.localeCompare(a.at)),
    [swaps],
  );
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = latest.filter((swap) => {
    const said =
      `${nameOf(swap.from.ingredientId)} ${nameOf(swap.to.ingredientId)} ${dipOf(swap)}`.toLowerCase();
    return (
      words.every((word) => said.includes(word)) &&
      (why === 'any' || swap.why === why) &&
      (was === 'any' || (was === 'not said' ? swap.verdict === null : swap.verdict === was))
    );
  });
  return (
    <RoomPage
      title="The book of swaps"
      maxWidth={1100}
      says="What went in instead of what, why, and how it was. What you say here ranks the next swap."
      actions={
        <Button component={Link} href="/trials">
          All trials
        </Button>
      }
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'baseline', mb: 2 }}>
        <InputBase
          value={text}
          placeholder="Instead of what, or in which dip"
          onChange={(event) => setText(event.target.value)}
          inputProps={{ 'aria-label': 'Find a swap' }}
          sx={{ flex: '1 1 240px', borderBottom: `1px solid ${colour.muted}` }}
        />
        <span>
          why{' '}
          <InlineSelect
            label="Why it was swapped"
            value={why}
            options={[
              { value: 'any', name: 'whatever the reason' },
              ...reasons.map((one) => ({ value: one, name: reasonWords[one] })),
            ]}
            onChange={setWhy}
          />
        </span>
        <span>
          how{' '}
          <InlineSelect
            label="How it was"
            value={was}
            options={[
              { value: 'any', name: 'however it was' },
              { value: 'not said', name: 'nobody has said' },
              ...swapVerdicts.map((one) => ({ value: one, name: one })),
            ]}
            onChange={setWas}
          />
        </span>
      </Box>
      {shown.length === 0 && (
        <Box role="status" sx={{ color: colour.muted, maxWidth: 480 }}>
          {latest.length === 0
            ? 'Nothing was swapped yet. On the Bench or at a step of Make, Swap finds what could go in instead.'
            : 'No swap is so.'}
        </Box>
      )}
      <Box component="ol" aria-label="Swaps" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {shown.map((swap) => (
          <Box
            component="li"
            key={swap.id}
            aria-label={`${nameOf(swap.to.ingredientId)} for ${nameOf(swap.from.ingredientId)}`}
            sx={{
              borderTop: `1px solid ${colour.line}`,
              py: 1.25,
              display: 'grid',
              gap: { xs: 0.5, md: 2 },
              gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1.6fr) minmax(0, 1fr) auto' },
              alignItems: 'center',
            }}
          >
            <Box sx={{ minWidth: 0 }}>
              <Box>
                <Box component="s" sx={{ color: colour.muted }}>
                  {swap.from.amount} {nameOf(swap.from.ingredientId)}
                </Box>{' '}
                <strong>
                  {swap.to.amount} {nameOf(swap.to.ingredientId)}
                </strong>
              </Box>
              <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>{swap.said}</Box>
            </Box>
            <Box sx={{ fontSize: typeScale.note, minWidth: 0 }}>
              <Box
                component={Link}
                href={`/bench?dip=${encodeURIComponent(swap.dipId)}`}
                sx={{ color: colour.ink, overflowWrap: 'anywhere' }}
              >
                {dipOf(swap)}
              </Box>
              <Box sx={{ color: colour.muted }}>
                {shortDay(swap.at)}
                {swap.runId === null ? '' : ', at the bowl'}
                {swap.why === null ? '' : ` · ${reasonWords[swap.why]}`}
                {swap.whyWords === undefined ? '' : ` · “${swap.whyWords}”`}
              </Box>
            </Box>
            <SwapVerdict swap={swap} name={nameOf(swap.to.ingredientId)} />
          </Box>
        ))}
      </Box>
    </RoomPage>
  );
}

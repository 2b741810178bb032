'use client';

import Box from '@mui/material/Box';
import type { Trial } from '@cobbet/core/book/trial';
import Link from 'next/link';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';

/** Tastings that a trial was in, with how it was liked there. */
export function TastedTogether({ trial }: { trial: Trial }) {
  const tastings = useBook((state) => state.book.tastings);
  const found = useMemo(
    () =>
      [...tastings.values()].flatMap(({ id, name, closedAt, samples, pots, marks }) => {
        const sample = samples.find(({ of }) => of.kind === 'trial' && of.id === trial.id);
        if (!sample || closedAt === null) return [];
        const own = new Set(
          pots.flatMap(({ code, sampleId }) => (sampleId === sample.id ? [code] : [])),
        );
        const likings = marks.flatMap(({ code, liking }) => (own.has(code) ? (liking ?? []) : []));
        const sum = likings.reduce((total, one) => total + one, 0);
        const liked = likings.length > 0 ? `, ${(sum / likings.length).toFixed(1)} of 9` : '';
        return [{ id, text: `${name}${liked}` }];
      }),
    [tastings, trial.id],
  );
  if (found.length === 0) return null;
  return (
    <Box sx={{ mt: 0.5 }}>
      {found.map(({ id, text }) => (
        <Box
          key={id}
          component={Link}
          href={`/tasting?id=${encodeURIComponent(id)}`}
          sx={{ display: 'block', py: 0.25, color: colour.ink, overflowWrap: 'anywhere' }}
        >
          {text}
        </Box>
      ))}
    </Box>
  );
}

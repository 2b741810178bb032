'use client';

import Box from '@mui/material/Box';
import type { TimelineEvent, TimelineKind } from '@cobbet/core/book/dipTimeline';
import { dipTimeline } from '@cobbet/core/book/dipTimeline';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import type { Dip } from '@cobbet/core/dip/dip';
import Link from 'next/link';
import { useMemo } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { TimelineChart } from './TimelineChart';

const kindWords: Readonly<Record<TimelineKind, string>> = {
  begun: 'the dip',
  variant: 'a variant',
  trial: 'made',
  tasting: 'tasted together',
  batch: 'into jars',
  swap: 'a swap',
  'on purpose': 'varied on purpose',
  day: 'a day',
};

const monthAndYear = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' });
const dayOf = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric' });

function hrefOf({ kind, id }: TimelineEvent, dipId: string): string {
  const [dip, one] = [encodeURIComponent(dipId), encodeURIComponent(id)];
  if (kind === 'trial') return `/trials?dip=${dip}&trial=${one}`;
  if (kind === 'tasting') return `/tasting?id=${one}`;
  if (kind === 'batch') return `/house?batch=${one}`;
  if (kind === 'swap') return '/trials?swaps';
  if (kind === 'on purpose') return `/design?dip=${dip}`;
  if (kind === 'day') return `/day?plan=${one}`;
  return `/bench?dip=${one}`;
}

/** Everything that happened to a dip, drawn over time and told by month, the latest first. */
export function Timeline({ dip }: { dip: Dip }) {
  const book = useBook((state) => state.book);
  const larder = useLarder();
  const events = useMemo(() => dipTimeline(book, dip.id, larder), [book, dip.id, larder]);
  const months = new Map<string, TimelineEvent[]>();
  for (const event of [...events].reverse()) {
    const month = event.on.slice(0, 7);
    months.set(month, [...(months.get(month) ?? []), event]);
  }
  return (
    <>
      <ChartFile title={`${dip.name} over time`}>
        <TimelineChart events={events} band={dip.targets[eatenAt(dip)]} />
      </ChartFile>
      {[...months].map(([month, inIt]) => (
        <Box component="section" key={month} sx={{ mt: 2 }}>
          <Box component="h2" sx={{ m: 0, fontSize: typeScale.lead }}>
            {monthAndYear.format(new Date(`${month}-15T12:00`))}
          </Box>
          <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
            {inIt.map((event) => (
              <Box
                component="li"
                key={`${event.kind} ${event.id}`}
                sx={{
                  ...{ display: 'grid', gridTemplateColumns: '64px minmax(0, 1fr) auto', gap: 1.5 },
                  ...{ borderTop: `1px solid ${colour.line}`, py: 0.75, alignItems: 'baseline' },
                }}
              >
                <Box sx={{ color: colour.muted }}>
                  {dayOf.format(new Date(`${event.on}T12:00`))}
                </Box>
                <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
                  <Box
                    component={Link}
                    href={hrefOf(event, dip.id)}
                    sx={{ color: colour.ink, fontWeight: 700 }}
                  >
                    {event.title}
                  </Box>
                  <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>{event.says}</Box>
                </Box>
                <Box sx={{ fontSize: typeScale.small, color: colour.muted, whiteSpace: 'nowrap' }}>
                  {kindWords[event.kind]}
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
      ))}
    </>
  );
}

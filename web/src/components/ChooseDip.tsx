'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Trial } from '@cobbet/core/book/trial';
import { type ReactNode, useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useKitchen } from '@/store/useKitchen';
import { shortDay } from './day';
import { dipSummary } from './dipSummary';
import { lastTrials } from './lastTrials';
import { NotHere } from './NotHere';
import { RoomPage } from './RoomPage';
import { SpoonPicture } from './SpoonPicture';

/** One dip to go on with: what a spoon shows of it, when it was made last, what is next. */
function Choice({ dip, room, trial }: { dip: Dip; room: string; trial: Trial | undefined }) {
  const { word } = dipSummary(dip, useKitchen());
  return (
    <Box
      component="li"
      sx={{ breakInside: 'avoid', borderTop: `1px solid ${colour.line}`, minHeight: 60 }}
    >
      <Box
        component={Link}
        href={`${room}?dip=${encodeURIComponent(dip.id)}`}
        sx={{
          ...{ display: 'flex', alignItems: 'center', gap: 1.25, py: 0.75, minHeight: 60 },
          ...{ color: colour.ink, textDecoration: 'none', '&:hover': { color: colour.accent } },
        }}
      >
        <Box sx={{ width: 40, textAlign: 'center', flexShrink: 0 }} aria-hidden>
          {word && <SpoonPicture word={word} size={30} />}
        </Box>
        <Box sx={{ minWidth: 0, overflowWrap: 'anywhere', lineHeight: 1.3 }}>
          <Box sx={{ fontWeight: 600 }}>{dip.name}</Box>
          <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
            {trial ? `trial ${trial.number}, ${shortDay(trial.madeAt)}` : 'not made yet'}
            {dip.nextThing !== '' && ` · next ${dip.nextThing}`}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

/** Dips as they are gone on with: what was made last first, then in the order of the book. */
export function lastMadeFirst(
  dips: Iterable<Dip>,
  last: ReadonlyMap<string, Pick<Trial, 'madeAt'>>,
): Dip[] {
  const madeAt = ({ id }: Dip) => last.get(id)?.madeAt ?? '';
  return [...dips].sort((a, b) => madeAt(b).localeCompare(madeAt(a)));
}

/** A room that needs a dip, and none is named: offers them all, what was made last first. */
export function ChooseDip({
  room,
  title,
  text,
  above,
}: {
  room: string;
  title: string;
  text: string;
  above?: ReactNode;
}) {
  const dips = useBook((state) => state.book.dips);
  const trials = useBook((state) => state.book.trials);
  const last = useMemo(() => lastTrials(trials), [trials]);
  if (dips.size === 0) {
    return (
      <NotHere title={title} text="The book is empty. Start a dip there, then come back.">
        <Button component={Link} href="/" variant="contained">
          Open the book
        </Button>
        <Box sx={{ mt: 2 }}>{above}</Box>
      </NotHere>
    );
  }
  return (
    <RoomPage title={title} says={text}>
      {above}
      <Box
        component="ul"
        sx={{ m: 0, p: 0, listStyle: 'none', columnGap: 5, columnCount: { xs: 1, md: 2 } }}
      >
        {lastMadeFirst(dips.values(), last).map((dip) => (
          <Choice key={dip.id} dip={dip} room={room} trial={last.get(dip.id)} />
        ))}
      </Box>
    </RoomPage>
  );
}

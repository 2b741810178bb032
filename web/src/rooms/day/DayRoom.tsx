'use client';

import { RoomPage } from '@/components/RoomPage';
import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { later } from '@/components/later';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';
import { addPlan } from '@/store/planCommands';
import { inDays } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt, dayAt } from './clock';

const NotHere = later(() => import('@/components/NotHere').then(({ NotHere }) => NotHere));
const NewDay = later(() => import('./NewDay').then(({ NewDay }) => NewDay));
const DayOf = later(() => import('./DayOf').then(({ DayOf }) => DayOf));

/** Noon two days on, by this device's clock. */
function usualServing(): string {
  return `${inDays(2)}T12:30`;
}

/** Every planned day, and the way to start one. */
function Days() {
  const router = useRouter();
  const plans = useBook((state) => state.book.plans);
  const [naming, setNaming] = useState(false);
  const start = async (day: Parameters<typeof addPlan>[0]) => {
    setNaming(false);
    router.push(`/day?plan=${encodeURIComponent(await addPlan(day))}`);
  };
  return (
    <RoomPage
      title="Days"
      maxWidth={760}
      actions={
        <Button variant="contained" startIcon={<Add />} onClick={() => setNaming(true)}>
          New day
        </Button>
      }
    >
      {plans.size === 0 && (
        <Typography sx={{ maxWidth: 520, color: 'text.secondary' }}>
          Say what must be on the table and when. Cobbet works backwards from there: what soaks the
          evening before, what roasts beside what, when the machine is washed, and what your hands
          do meanwhile.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {[...plans.values()]
          .sort((a, b) => b.serveAt.localeCompare(a.serveAt))
          .map((plan) => (
            <Box component="li" key={plan.id} sx={{ borderTop: `1px solid ${colour.line}` }}>
              <Box
                component={Link}
                href={`/day?plan=${encodeURIComponent(plan.id)}`}
                sx={{
                  display: 'block',
                  py: 1.5,
                  color: colour.ink,
                  textDecoration: 'none',
                  '&:hover': { color: colour.accent },
                }}
              >
                <Box sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{plan.name}</Box>
                <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
                  served {dayAt(plan, 0)}, {clockAt(plan, 0)} · {plan.dips.length}{' '}
                  {plan.dips.length === 1 ? 'dip' : 'dips'}
                </Box>
              </Box>
            </Box>
          ))}
      </Box>
      {naming && (
        <NewDay
          serveAt={usualServing()}
          onCancel={() => setNaming(false)}
          onBegin={(day) => void start(day)}
        />
      )}
    </RoomPage>
  );
}

/** Several dips, one kitchen, one deadline. */
export function DayRoom() {
  const id = useSearchParams().get('plan');
  const plans = useBook((state) => state.book.plans);
  if (id === null) return <Days />;
  const plan = plans.get(id);
  if (!plan) {
    return (
      <NotHere
        title="That day is not in the book"
        text="It may have been deleted. Undo brings back what you deleted."
      >
        <Button component={Link} href="/day" variant="contained">
          To the days
        </Button>
      </NotHere>
    );
  }
  return <DayOf plan={plan} />;
}

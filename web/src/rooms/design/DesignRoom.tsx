'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { shortDay } from '@/components/day';
import { later } from '@/components/later';
import { NotHere } from '@/components/NotHere';
import { RoomPage } from '@/components/RoomPage';
import { useBook } from '@/store/bookStore';
import { dropDesign } from '@/store/designCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const NewDesign = later(() => import('./NewDesign').then(({ NewDesign }) => NewDesign));
const OneDesign = later(() => import('./OneDesign').then(({ OneDesign }) => OneDesign));

/** Every plan of trials on purpose, the latest first. */
function Designs() {
  const designs = useBook((state) => state.book.designs);
  const dips = useBook((state) => state.book.dips);
  const sorted = [...designs.values()].sort((a, b) => b.createdAt.localeCompare(a.createdAt));
  return (
    <RoomPage
      title="Trials on purpose"
      maxWidth={900}
      says="Two to five things of a dip in other shares, on bowls that land: few trials, chosen so that they tell most."
      actions={
        <Button component={Link} href="/trials">
          All trials
        </Button>
      }
    >
      {sorted.length === 0 && (
        <Box sx={{ color: colour.muted, maxWidth: 520 }}>
          None is planned. Open a dip in Trials and choose Vary it on purpose.
        </Box>
      )}
      <Box component="ol" aria-label="Plans" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {sorted.map(({ id, name, dipId, trials, createdAt }) => (
          <Box component="li" key={id} sx={{ borderTop: `1px solid ${colour.line}`, py: 1.25 }}>
            <Box
              component={Link}
              href={`/design?id=${encodeURIComponent(id)}`}
              sx={{ color: colour.ink, fontWeight: 700, overflowWrap: 'anywhere' }}
            >
              {name}
            </Box>
            <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
              {dips.get(dipId)?.name ?? 'a dip that is gone'} · {shortDay(createdAt)} ·{' '}
              {trials.filter(({ y }) => y !== null).length} of {trials.length} trials told
            </Box>
          </Box>
        ))}
      </Box>
    </RoomPage>
  );
}

/** Trials on purpose: all plans, a new one of a dip, or one of them. */
export function DesignRoom() {
  const router = useRouter();
  const asked = useSearchParams();
  const designs = useBook((state) => state.book.designs);
  const dips = useBook((state) => state.book.dips);
  const [id, dipId] = [asked.get('id'), asked.get('dip')];
  if (id === null && dipId === null) return <Designs />;
  const design = designs.get(id ?? '');
  const dip = dips.get(design?.dipId ?? dipId ?? '');
  if (!dip || (id !== null && !design)) {
    return (
      <NotHere
        title={
          id === null || design ? 'That dip is not in the book' : 'That plan is not in the book'
        }
        text="It may have been deleted, or it belongs to another book. Undo brings back what you deleted."
      >
        <Box sx={{ display: 'flex', gap: 1.5, justifyContent: 'center' }}>
          <Button component={Link} href="/design" variant="contained">
            All plans
          </Button>
          {design && (
            <Button
              onClick={() => {
                router.push('/design');
                void dropDesign(design.id);
              }}
            >
              Delete the plan
            </Button>
          )}
        </Box>
      </NotHere>
    );
  }
  return design ? <OneDesign design={design} dip={dip} /> : <NewDesign key={dip.id} dip={dip} />;
}

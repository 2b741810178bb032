'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { shortDay } from '@/components/day';
import { later } from '@/components/later';
import { NotHere } from '@/components/NotHere';
import { RoomPage } from '@/components/RoomPage';
import { markedBy } from '@cobbet/core/design/mixtureDesign';
import { useBook } from '@/store/bookStore';
import { dropDesign, dropLadder } from '@/store/designCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const NewDesign = later(() => import('./NewDesign').then(({ NewDesign }) => NewDesign));
const OneLadder = later(() => import('./OneLadder').then(({ OneLadder }) => OneLadder));
const OneDesign = later(() => import('./OneDesign').then(({ OneDesign }) => OneDesign));

/** Every plan of trials on purpose, the latest first. */
function Designs() {
  const designs = useBook((state) => state.book.designs);
  const ladders = useBook((state) => state.book.ladders);
  const dips = useBook((state) => state.book.dips);
  const plans = [
    ...[...designs.values()].map(({ trials, ...one }) => ({
      ...one,
      response: markedBy(one),
      href: `/design?id=${encodeURIComponent(one.id)}`,
      many: trials.length,
      told: trials.filter(({ marks }) => Object.keys(marks).length > 0).length,
      bowls: 'trials',
    })),
    ...[...ladders.values()].map(({ steps, ...one }) => ({
      ...one,
      href: `/design?ladder=${encodeURIComponent(one.id)}`,
      many: steps.length,
      told: steps.filter(({ y }) => y !== null).length,
      bowls: 'bowls',
    })),
  ].sort((a, b) => b.createdAt.localeCompare(a.createdAt));
  return (
    <RoomPage
      title="Trials on purpose"
      maxWidth={900}
      says="Two to five things of a dip in other shares, on bowls that land: few trials, chosen so that they tell most. Or one thing alone, in several amounts."
      actions={
        <Button component={Link} href="/trials">
          All trials
        </Button>
      }
    >
      {plans.length === 0 && (
        <Box sx={{ color: colour.muted, maxWidth: 520 }}>
          None is planned. Open a dip in Trials and choose Vary it on purpose.
        </Box>
      )}
      <Box component="ol" aria-label="Plans" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {plans.map(({ id, name, dipId, href, many, told, bowls, createdAt }) => (
          <Box component="li" key={id} sx={{ borderTop: `1px solid ${colour.line}`, py: 1.25 }}>
            <Box
              component={Link}
              href={href}
              sx={{ color: colour.ink, fontWeight: 700, overflowWrap: 'anywhere' }}
            >
              {name}
            </Box>
            <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
              {dips.get(dipId)?.name ?? 'a dip that is gone'} · {shortDay(createdAt)} · {told} of{' '}
              {many} {bowls} told
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
  const ladders = useBook((state) => state.book.ladders);
  const dips = useBook((state) => state.book.dips);
  const [id, ladderId, dipId] = [asked.get('id'), asked.get('ladder'), asked.get('dip')];
  if (id === null && ladderId === null && dipId === null) return <Designs />;
  const design = designs.get(id ?? '') ?? ladders.get(ladderId ?? '');
  const dip = dips.get(design?.dipId ?? dipId ?? '');
  if (!dip || ((id !== null || ladderId !== null) && !design)) {
    return (
      <NotHere
        title={
          (id === null && ladderId === null) || design
            ? 'That dip is not in the book'
            : 'That plan is not in the book'
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
                void ('steps' in design ? dropLadder(design.id) : dropDesign(design.id));
              }}
            >
              Delete the plan
            </Button>
          )}
        </Box>
      </NotHere>
    );
  }
  if (!design) return <NewDesign key={dip.id} dip={dip} />;
  return 'steps' in design ? (
    <OneLadder ladder={design} dip={dip} />
  ) : (
    <OneDesign design={design} dip={dip} />
  );
}

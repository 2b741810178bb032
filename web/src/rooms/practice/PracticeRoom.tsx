'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { hiddenBowl } from '@cobbet/core/practice/practice';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { NotHere } from '@/components/NotHere';
import { RoomPage } from '@/components/RoomPage';
import { useBook } from '@/store/bookStore';
import { typeScale } from '@/theme/typeScale';
import { PracticeBowl } from './PracticeBowl';
import { PracticeList } from './PracticeList';
import { askedBowl, levelWords } from './practiceWords';
import { useBegin } from './useBegin';

const allBowls = (
  <Button component={Link} href="/practice" variant="contained">
    All bowls
  </Button>
);

/** A bowl somebody was sent the address of. */
function Sent({ asked }: { asked: URLSearchParams }) {
  const begin = useBegin();
  const ref = useMemo(() => askedBowl(asked), [asked]);
  const bowl = useMemo(() => ref && hiddenBowl(ref, shippedLarder), [ref]);
  if (!ref || !bowl) {
    return (
      <NotHere
        title="There is no such bowl"
        text="Bowls are numbered 1 to 999 in each of three levels, or have a name."
      >
        {allBowls}
      </NotHere>
    );
  }
  return (
    <RoomPage title={bowl.name} says={levelWords[bowl.level]} maxWidth={720}>
      <Box sx={{ fontSize: typeScale.lead, mb: 2 }}>{bowl.told}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="contained" size="large" onClick={() => begin(ref)}>
          Take it up
        </Button>
        <Button component={Link} href="/practice">
          All bowls
        </Button>
      </Box>
    </RoomPage>
  );
}

/** Practice on hidden bowls: all of them, one sent by its address, or one that is taken up. */
export function PracticeRoom() {
  const asked = useSearchParams();
  const practices = useBook((state) => state.book.practices);
  const id = asked.get('id');
  const practice = practices.get(id ?? '');
  const ref = practice?.bowl;
  const bowl = useMemo(() => (ref ? hiddenBowl(ref, shippedLarder) : null), [ref]);
  if (id === null) return asked.get('bowl') === null ? <PracticeList /> : <Sent asked={asked} />;
  if (!practice || !bowl) {
    return (
      <NotHere
        title="That bowl is not in the book"
        text="It may have been thrown away, or it belongs to another book. Undo brings back what you threw away."
      >
        {allBowls}
      </NotHere>
    );
  }
  return <PracticeBowl key={practice.id} practice={practice} bowl={bowl} />;
}

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { settingsOf } from '@cobbet/core/book/book';
import { later } from '@/components/later';
import { type ReactNode, Suspense, useEffect } from 'react';
import { useBook } from '@/store/bookStore';
import { keepInFolder } from '@/store/keepInFolder';
import { Keys } from './Keys';
import { ProblemBar } from './ProblemBar';
import { Rail } from './Rail';

const AsideBar = later(() => import('./AsideBar').then(({ AsideBar }) => AsideBar));
const BookNotOpen = later(() => import('./BookNotOpen').then(({ BookNotOpen }) => BookNotOpen));
const FirstVisit = later(() => import('./FirstVisit').then(({ FirstVisit }) => FirstVisit));
// what keeps Cobbet here without a network comes when the room stands
const OfflineBar = later(() => import('./OfflineBar').then(({ OfflineBar }) => OfflineBar), {
  rested: true,
});
const TakenUpBar = later(() => import('./TakenUpBar').then(({ TakenUpBar }) => TakenUpBar));
const TimerBar = later(() => import('./TimerBar').then(({ TimerBar }) => TimerBar));

function Content({ children }: { children: ReactNode }) {
  const status = useBook((state) => state.status);
  const problem = useBook((state) => state.problem);
  const book = useBook((state) => state.book);
  if (status === 'opening') {
    return (
      <Typography role="status" sx={{ p: 6 }}>
        Opening the book…
      </Typography>
    );
  }
  if (status !== 'ready') return <BookNotOpen status={status} problem={problem ?? ''} />;
  if (settingsOf(book).began === null && book.dips.size === 0) {
    return <FirstVisit />;
  }
  return children;
}

/** What stands around every room: the way to the others, saving and undo, keys, and the first visit. */
export function Shell({ children }: { children: ReactNode }) {
  const open = useBook((state) => state.open);
  const opening = useBook((state) => state.status === 'opening');
  const asideThere = useBook((state) => state.aside.length > 0);
  const takenUpAny = useBook((state) => state.takenUp > 0);
  const timing = useBook((state) => state.book.timers.size > 0);
  useEffect(() => void open(), [open]);
  useEffect(keepInFolder, []);
  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: { xs: 'column', sm: 'row' },
        minHeight: '100dvh',
        pb: { xs: '68px', sm: 0 },
        '@media print': { pb: 0 },
      }}
    >
      <Suspense>
        <Rail />
      </Suspense>
      <Box component="main" sx={{ flex: 1, minWidth: 0 }}>
        <ProblemBar />
        {asideThere && <AsideBar />}
        {!opening && <OfflineBar />}
        {takenUpAny && <TakenUpBar />}
        {timing && <TimerBar />}
        <Content>{children}</Content>
      </Box>
      <Keys />
    </Box>
  );
}

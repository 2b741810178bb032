'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useBook } from '@/store/bookStore';
import { keepOffline, takeNewer } from '@/store/offline';
import { useOffline } from '@/store/offlineState';
import { NoticeBar } from './NoticeBar';

/** Says when a newer Cobbet waits, and lets it take over when the cook wants: never while something is being made. */
export function OfflineBar() {
  const newer = useOffline((state) => state.newer);
  const making = useBook((state) => state.book.runs.size > 0);
  const saving = useBook((state) => state.saving);
  const [later, setLater] = useState(false);
  useEffect(keepOffline, []);
  if (!newer || later) return null;
  return (
    <NoticeBar
      words={
        making
          ? 'A newer Cobbet is ready. It waits until what is being made is finished.'
          : 'A newer Cobbet is ready.'
      }
    >
      <Button size="small" disabled={making || saving !== 'saved'} onClick={() => takeNewer(newer)}>
        Use it now
      </Button>
      <Button size="small" onClick={() => setLater(true)}>
        Later
      </Button>
    </NoticeBar>
  );
}

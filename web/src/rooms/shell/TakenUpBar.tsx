'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';
import { NoticeBar } from './NoticeBar';

/** Says that what a tab could not save before it closed is there after all. */
export function TakenUpBar() {
  const takenUp = useBook((state) => state.takenUp);
  const [seen, setSeen] = useState(0);
  const count = takenUp - seen;
  if (count <= 0) return null;
  return (
    <NoticeBar
      words={
        count === 1
          ? 'The last thing done before the page closed is kept.'
          : `The last ${count} things done before the page closed are kept.`
      }
    >
      <Button size="small" onClick={() => setSeen(takenUp)}>
        Good
      </Button>
    </NoticeBar>
  );
}

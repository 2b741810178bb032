'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { NotHere } from '@/components/NotHere';
import { useBook } from '@/store/bookStore';
import { saveWhatIsThere } from '@/store/rescue';
import type { BookStatus } from '@/store/storeWords';

const titles: Record<Exclude<BookStatus, 'opening' | 'ready'>, string> = {
  blocked: 'Waiting for another tab',
  newer: 'This book is newer than this Cobbet',
  absent: 'There is no place for the book here',
  broken: "The book can't be opened",
};

/** Why the book can't be used, what to do about it, and the way to a file with what is there. */
export function BookNotOpen({ status, problem }: { status: keyof typeof titles; problem: string }) {
  const open = useBook((state) => state.open);
  const [fault, setFault] = useState<string | null>(null);
  const rescue = () =>
    saveWhatIsThere().then(
      () => setFault(null),
      () => setFault('Nothing could be read.'),
    );
  return (
    <NotHere title={titles[status]} text={fault ?? problem}>
      {status === 'newer' ? (
        <Button variant="contained" onClick={() => window.location.reload()}>
          Reload
        </Button>
      ) : status === 'blocked' ? null : (
        <Button variant="contained" onClick={() => void open()}>
          Try again
        </Button>
      )}
      {(status === 'newer' || status === 'broken') && (
        <Button onClick={() => void rescue()}>Save what is there to a file</Button>
      )}
    </NotHere>
  );
}

'use client';

import Button from '@mui/material/Button';
import { tableNames } from '@cobbet/core/book/book';
import { remove } from '@cobbet/core/book/change';
import type { TableName } from '@cobbet/core/book/book';
import { useEffect, useState } from 'react';
import { NotHere } from '@/components/NotHere';
import { useBook } from '@/store/bookStore';
import { exportBook } from '@/store/bookFiles';
import { type BadRecord, BadRecords } from './BadRecords';

/** Every record of the book that is not as it should be. */
async function badRecords(): Promise<BadRecord[]> {
  const { recordFault } = await import('@cobbet/core/book/recordFault');
  const { book } = useBook.getState();
  return tableNames.flatMap((table) =>
    [...book[table].values()].flatMap((record: { id: string; name?: unknown }) => {
      const why = recordFault(table, record);
      const name = typeof record.name === 'string' ? record.name : `${table} ${record.id}`;
      return why === null ? [] : [{ key: `${table}/${record.id}`, name, why, record }];
    }),
  );
}

/** A room that fell over: which record it fell over, where it was one, and the way on. */
export function RoomFell({ onAgain }: { onAgain: () => void }) {
  const [bad, setBad] = useState<BadRecord[]>([]);
  useEffect(() => {
    let here = true;
    badRecords().then(
      (found) => here && setBad(found),
      () => undefined,
    );
    return () => {
      here = false;
    };
  }, []);
  const takeOut = async (keys: readonly string[]) => {
    await useBook.getState().act('Delete what can’t be read', () =>
      keys.map((key) => {
        const at = key.indexOf('/');
        return remove(key.slice(0, at) as TableName, key.slice(at + 1));
      }),
    );
    onAgain();
  };
  return (
    <NotHere
      title="This room fell over"
      text={
        bad.length > 0
          ? 'It fell over something in the book that can’t be read. Save that to a file if you want it, then delete it; everything else is here.'
          : 'What you did up to now is saved. Try again; if it happens once more, export the book and reload.'
      }
    >
      {bad.length > 0 && <BadRecords records={bad} onDelete={(keys) => void takeOut(keys)} />}
      <Button variant="contained" onClick={onAgain}>
        Try again
      </Button>
      <Button onClick={() => void exportBook()}>Export the book</Button>
    </NotHere>
  );
}

'use client';

import FileDownloadOutlined from '@mui/icons-material/FileDownloadOutlined';
import FileUploadOutlined from '@mui/icons-material/FileUploadOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Book } from '@cobbet/core/book/book';
import type { TableFile } from '@cobbet/core/carry/readTable';
import { useRef, useState } from 'react';
import { FileInput } from '@/components/FileInput';
import { later } from '@/components/later';
import { exportBook, importBook, readBook, type Reading } from '@/store/bookFiles';
import type { FileBook } from '@/store/readBookHere';
import { useBook } from '@/store/bookStore';
import type { Told } from './FileTold';
import type { OwnBook } from './JoinBook';

const JoinBook = later(() => import('./JoinBook').then(({ JoinBook }) => JoinBook));
const TableMenu = later(() => import('./TableMenu').then(({ TableMenu }) => TableMenu));
const TableIn = later(() => import('./TableIn').then(({ TableIn }) => TableIn));
const FileTold = later(() => import('./FileTold').then(({ FileTold }) => FileTold));

/** The whole book out to a file and in from one. */
export function BookFileButtons() {
  const input = useRef<HTMLInputElement>(null);
  const joinInput = useRef<HTMLInputElement>(null);
  const [joining, setJoining] = useState<{ name: string; own: OwnBook; other: FileBook } | null>(
    null,
  );
  const tableInput = useRef<HTMLInputElement>(null);
  const [table, setTable] = useState<{ name: string; file: TableFile; book: Book } | null>(null);
  const [told, setTold] = useState<Told | null>(null);
  const [busy, setBusy] = useState<{ ends: AbortController; share: number } | null>(null);
  const [tables, setTables] = useState<HTMLElement | null>(null);
  /** Does something with the file that was chosen; what is wrong with it is said. */
  const withFile =
    (work: (name: string, file: File, reading: Reading) => Promise<void>) =>
    async (file: File | undefined) => {
      if (!file) return;
      const ends = new AbortController();
      setBusy({ ends, share: 0 });
      try {
        const onProgress = (share: number) => setBusy({ ends, share });
        await work(file.name, file, { signal: ends.signal, onProgress });
      } catch (error) {
        if (ends.signal.aborted) return;
        const text = error instanceof Error ? error.message : String(error);
        setTold({ severity: 'error', text });
      } finally {
        setBusy(null);
      }
    };
  const take = withFile(async (name, file, reading) => {
    await importBook(file, `Open ${name}`, reading);
    setTold({ severity: 'success', text: `${name} is open. Undo brings the other book back.` });
  });
  const takeToJoin = withFile(async (name, file, reading) => {
    const other = await readBook(file, reading);
    const book = await useBook.getState().whole();
    const lineage = await useBook.getState().lineage();
    if (!lineage)
      throw new Error('This browser can’t read its own book, so nothing can be joined to it.');
    setJoining({ name, other, own: { book, lineage } });
  });
  const takeTable = withFile(async (name, file) => {
    const text = await file.text();
    const { readTableFile } = await import('@cobbet/core/carry/readTable');
    setTable({ name, file: readTableFile(text), book: await useBook.getState().whole() });
  });
  /** Says what came of something, or with nothing said that it could not be saved. */
  const say = (text: string) =>
    setTold(
      text === ''
        ? { severity: 'error', text: 'The book could not be saved. Nothing has changed.' }
        : { severity: 'success', text },
    );
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {busy ? (
        <Button onClick={() => busy.ends.abort()} title="Leave the file">
          Reading… {busy.share > 0 && `${(100 * busy.share).toFixed(0)} % `}Stop
        </Button>
      ) : (
        <Button startIcon={<FileUploadOutlined />} onClick={() => input.current?.click()}>
          Open a file
        </Button>
      )}
      <FileInput
        input={input}
        label="Book file"
        accept=".json,.zip,application/json,application/zip"
        onFiles={([file]) => void take(file)}
      />
      <Button disabled={busy !== null} onClick={() => joinInput.current?.click()}>
        Join one
      </Button>
      <FileInput
        input={joinInput}
        label="Another book to join"
        accept=".json,.zip,application/json,application/zip"
        onFiles={([file]) => void takeToJoin(file)}
      />
      {joining && (
        <JoinBook
          {...joining}
          onClose={() => setJoining(null)}
          onDone={(text) => {
            setJoining(null);
            say(text);
          }}
        />
      )}
      <FileInput
        input={tableInput}
        label="A table as CSV"
        accept=".csv,.tsv,.txt,text/csv,text/plain"
        onFiles={([file]) => void takeTable(file)}
      />
      {table && (
        <TableIn
          {...table}
          onClose={() => setTable(null)}
          onDone={(text) => {
            setTable(null);
            say(text);
          }}
        />
      )}
      <Button startIcon={<FileDownloadOutlined />} onClick={() => void exportBook()}>
        Export
      </Button>
      <Button aria-haspopup="menu" onClick={(event) => setTables(event.currentTarget)}>
        Tables
      </Button>
      {tables && (
        <TableMenu
          anchor={tables}
          onTake={() => tableInput.current?.click()}
          onClose={() => setTables(null)}
        />
      )}
      {told && <FileTold {...told} onClose={() => setTold(null)} />}
    </Box>
  );
}

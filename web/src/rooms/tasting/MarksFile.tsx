'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Tasting } from '@cobbet/core/taste/tasting';
import type { ReadCsv } from '@cobbet/core/taste/tastingCsv';
import { useRef, useState } from 'react';
import { FileInput } from '@/components/FileInput';
import { download } from '@/store/download';
import { editTasting } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const csv = () => import('@cobbet/core/taste/tastingCsv');

/** A file is no tasting's from this size on, bytes. */
const largest = 2_000_000;
const mostFaultsShown = 8;

/** The marks as a file, and marks from one: what can be taken is shown, with what can't, before it is. */
export function MarksFile({ tasting }: { tasting: Tasting }) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<{ name: string; text: string; what: ReadCsv } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const open = tasting.closedAt === null;
  const save = async () => {
    const { tastingCsv } = await csv();
    download(`tasting-${tasting.createdAt.slice(0, 10)}.csv`, tastingCsv(tasting), 'text/csv');
  };
  const look = async (file: File | undefined) => {
    if (!file) return;
    setRead(null);
    if (file.size > largest) return setProblem(`${file.name} is too large to be marks.`);
    setProblem(null);
    const text = await file.text();
    const { readTastingCsv } = await csv();
    return setRead({ name: file.name, text, what: readTastingCsv(tasting, text) });
  };
  const take = async () => {
    if (!read) return;
    const { readTastingCsv } = await csv();
    void editTasting(
      tasting.id,
      `Take marks from ${read.name}`.slice(0, 120),
      (now) => readTastingCsv(now, read.text).tasting,
    );
    setRead(null);
  };
  return (
    <>
      <Button onClick={() => void save()}>Save the marks as CSV</Button>
      {open && <Button onClick={() => input.current?.click()}>Take marks from a CSV</Button>}
      <FileInput
        input={input}
        label="File of marks"
        accept=".csv,text/csv"
        onFiles={([file]) => void look(file)}
      />
      {problem !== null && (
        <Box role="alert" sx={{ color: colour.caution, width: '100%' }}>
          {problem}
        </Box>
      )}
      {read && (
        <Box
          role="status"
          sx={{ width: '100%', p: 1.5, bgcolor: colour.accentWash, borderRadius: 1 }}
        >
          <Box sx={{ fontWeight: 700 }}>
            {read.what.taken === 0
              ? `Nothing in ${read.name} can be taken.`
              : `${read.what.taken} ${read.what.taken === 1 ? 'line' : 'lines'} of ${read.name} can be taken.`}
          </Box>
          <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5, fontSize: typeScale.note }}>
            {read.what.faults.slice(0, mostFaultsShown).map(({ line, says }) => (
              <li key={`${line} ${says}`}>
                Line {line}: {says}
              </li>
            ))}
          </Box>
          {read.what.faults.length > mostFaultsShown && (
            <Box sx={{ fontSize: typeScale.note }}>
              and {read.what.faults.length - mostFaultsShown} lines more
            </Box>
          )}
          <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
            {read.what.taken > 0 && (
              <Button variant="contained" onClick={() => void take()}>
                {read.what.faults.length > 0 ? 'Take what can be taken' : 'Take them'}
              </Button>
            )}
            <Button onClick={() => setRead(null)}>Leave it</Button>
          </Box>
        </Box>
      )}
    </>
  );
}

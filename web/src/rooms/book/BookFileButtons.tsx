'use client';

import FileDownloadOutlined from '@mui/icons-material/FileDownloadOutlined';
import FileUploadOutlined from '@mui/icons-material/FileUploadOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ChangeEvent, useRef, useState } from 'react';
import { later } from '@/components/later';
import { exportBook, importBook } from '@/store/bookFiles';
import type { Told } from './FileTold';

const FileTold = later(() => import('./FileTold').then(({ FileTold }) => FileTold));

/** The whole book out to a file and in from one. */
export function BookFileButtons() {
  const input = useRef<HTMLInputElement>(null);
  const [told, setTold] = useState<Told | null>(null);
  const [busy, setBusy] = useState(false);
  const take = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = '';
    if (!file) return;
    setBusy(true);
    try {
      await importBook(await file.text(), `Open ${file.name}`);
      setTold({
        severity: 'success',
        text: `${file.name} is open. Undo brings the other book back.`,
      });
    } catch (error) {
      const text = error instanceof Error ? error.message : String(error);
      setTold({ severity: 'error', text });
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      <Button
        startIcon={<FileUploadOutlined />}
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        {busy ? 'Reading…' : 'Open a file'}
      </Button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Book file"
        hidden
        onChange={(event) => void take(event)}
      />
      <Button startIcon={<FileDownloadOutlined />} onClick={() => void exportBook()}>
        Export
      </Button>
      {told && <FileTold {...told} onClose={() => setTold(null)} />}
    </Box>
  );
}

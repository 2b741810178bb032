'use client';

import FileDownloadOutlined from '@mui/icons-material/FileDownloadOutlined';
import FileUploadOutlined from '@mui/icons-material/FileUploadOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { type ChangeEvent, useRef, useState } from 'react';
import { exportBook, importBook } from '@/store/bookFiles';

type Told = { severity: 'success' | 'error'; text: string };

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
      <Snackbar
        open={told !== null}
        autoHideDuration={told?.severity === 'error' ? null : 6000}
        onClose={(_, reason) => reason !== 'clickaway' && setTold(null)}
      >
        <Alert
          severity={told?.severity ?? 'success'}
          variant="standard"
          onClose={() => setTold(null)}
          sx={{ maxWidth: 560 }}
        >
          {told?.text}
        </Alert>
      </Snackbar>
    </Box>
  );
}

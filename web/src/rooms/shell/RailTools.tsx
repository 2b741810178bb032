'use client';

import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import KeyboardOutlined from '@mui/icons-material/KeyboardOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import Redo from '@mui/icons-material/Redo';
import Search from '@mui/icons-material/Search';
import Undo from '@mui/icons-material/Undo';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { useColorScheme } from '@mui/material/styles';
import Link from 'next/link';
import { useDeferredValue } from 'react';
import { useBook } from '@/store/bookStore';
import { useOffline } from '@/store/offlineState';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { showKeys } from './keysSheet';

/** Light or dark. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  const label = dark ? 'Light theme' : 'Dark theme';
  return (
    <IconButton title={label} aria-label={label} onClick={() => setMode(dark ? 'light' : 'dark')}>
      {dark ? <LightModeOutlined fontSize="small" /> : <DarkModeOutlined fontSize="small" />}
    </IconButton>
  );
}

const savingWords = { saved: 'All saved', saving: 'Saving…', failed: 'Not saved' } as const;

/** Where saving stands, and whether the server is out of reach. */
export function SavingWords() {
  const saving = useBook((state) => state.saving);
  const offline = useOffline((state) => state.offline);
  return (
    <Box
      role="status"
      sx={{
        fontSize: typeScale.small,
        color: saving === 'failed' ? colour.caution : colour.muted,
        mt: { sm: 0.5 },
        textAlign: 'center',
      }}
    >
      {savingWords[saving]}
      {offline && (
        <Box title="The server can’t be reached. Every room works here all the same.">offline</Box>
      )}
    </Box>
  );
}

/** Undo, redo, theme, keys, and where saving stands. */
export function RailTools() {
  // what can be undone changes with every key; the key is painted first
  const history = useDeferredValue(useBook((state) => state.history));
  const undo = useBook((state) => state.undo);
  const redo = useBook((state) => state.redo);
  const undoTitle = history.undoLabel ? `Undo: ${history.undoLabel}` : 'Nothing to undo';
  const redoTitle = history.redoLabel ? `Redo: ${history.redoLabel}` : 'Nothing to redo';
  return (
    <Box
      sx={{
        mt: { sm: 'auto' },
        display: 'flex',
        flexDirection: { xs: 'row', sm: 'column' },
        alignItems: 'center',
        pb: { sm: 1.5 },
        pr: { xs: 0.5, sm: 0 },
      }}
    >
      <IconButton
        component={Link}
        href="/find"
        title="Find (/)"
        aria-label="Find"
        sx={{ display: { xs: 'none', sm: 'inline-flex' } }}
      >
        <Search fontSize="small" />
      </IconButton>
      <Box sx={{ display: 'flex' }}>
        <IconButton
          title={undoTitle}
          aria-label={undoTitle}
          disabled={!history.undoLabel}
          sx={{ width: { xs: 60, sm: 'auto' }, height: { xs: 60, sm: 'auto' } }}
          onClick={() => void undo()}
        >
          <Undo fontSize="small" />
        </IconButton>
        <IconButton
          title={redoTitle}
          aria-label={redoTitle}
          disabled={!history.redoLabel}
          sx={{ display: { xs: 'none', sm: 'inline-flex' } }}
          onClick={() => void redo()}
        >
          <Redo fontSize="small" />
        </IconButton>
      </Box>
      <Box sx={{ display: { xs: 'none', sm: 'flex' } }}>
        <ThemeSwitch />
        <IconButton title="Keys (?)" aria-label="Keys" onClick={() => showKeys(true)}>
          <KeyboardOutlined fontSize="small" />
        </IconButton>
      </Box>
      <Box sx={{ display: { xs: 'none', sm: 'block' } }}>
        <SavingWords />
      </Box>
    </Box>
  );
}

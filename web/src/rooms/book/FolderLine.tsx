'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { daysBetween } from '@cobbet/core/safety/localDates';
import { useEffect, useSyncExternalStore } from 'react';
import { shortDay } from '@/components/day';
import { exportBook } from '@/store/bookFiles';
import { useBook } from '@/store/bookStore';
import {
  allowFolder,
  canKeepFolder,
  chooseFolder,
  followFolder,
  leaveFolder,
  useFolder,
} from '@/store/folderCopy';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { folderLineHeight } from './folderLineHeight';

/** Without a file for so long a cook is reminded. */
const remindAfterDays = 7;

/** Where else than in this browser the book is: in a folder, or since when in no file, with the tap that mends it. */
export function FolderLine() {
  const { status, name, writtenAt } = useFolder();
  const ready = useBook((state) => state.status === 'ready');
  const can = useSyncExternalStore(
    () => () => undefined,
    canKeepFolder,
    () => false,
  );
  useEffect(() => {
    if (ready) void followFolder();
  }, [ready]);
  const days = writtenAt === null ? Infinity : daysBetween(writtenAt.slice(0, 10), today());
  const says = {
    kept: `Also kept in “${name}”, and a copy of each day.`,
    asks: `The browser wants a tap before it goes on keeping the book in “${name}”.`,
    failed: `“${name}” could not be written. The book itself is safe in this browser.`,
    none:
      writtenAt === null
        ? 'The book is in this browser only.'
        : days > remindAfterDays
          ? `In no file since ${shortDay(writtenAt)}.`
          : `Last saved to a file ${shortDay(writtenAt)}.`,
  }[status];
  const late = status === 'failed' || status === 'asks' || days > remindAfterDays;
  return (
    <Box
      role="status"
      aria-label="Where else the book is"
      sx={{
        ...{ display: 'flex', flexWrap: 'wrap', columnGap: 1, alignItems: 'center', mb: 1.5 },
        minHeight: folderLineHeight,
        ...{ fontSize: typeScale.note, color: late ? colour.ink : colour.muted },
        '@media print': { display: 'none' },
      }}
    >
      {says}
      {(status === 'asks' || status === 'failed') && (
        <Button size="small" onClick={() => void allowFolder()}>
          Go on
        </Button>
      )}
      {status === 'none' && days > remindAfterDays && (
        <Button size="small" onClick={() => void exportBook().then(followFolder)}>
          Save a file
        </Button>
      )}
      {status === 'none' && can && (
        <Button size="small" onClick={() => void chooseFolder()}>
          Keep it in a folder too
        </Button>
      )}
      {status !== 'none' && (
        <Button size="small" onClick={() => void leaveFolder()}>
          No longer
        </Button>
      )}
    </Box>
  );
}

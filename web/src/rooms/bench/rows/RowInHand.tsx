import LockOutlined from '@mui/icons-material/LockOutlined';
import Box from '@mui/material/Box';
import type { Row } from '@cobbet/core/dip/dip';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from '../line/benchLayout';

const oneLine = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;

/** An addition on a phone: its amount, and under it what it is. A tap on that opens everything else about it. */
export function RowInHand({
  row,
  name,
  note,
  noteId,
  cautious,
  onDetails,
  children,
}: {
  row: Row;
  name: string;
  /** How it is prepared, or what is wrong with it. */
  note: string;
  noteId: string;
  /** Something about it must be minded. */
  cautious: boolean;
  onDetails: () => void;
  /** Its amount. */
  children: ReactNode;
}) {
  const { rowHeight } = useBenchLayout();
  return (
    <Box
      component="li"
      sx={{
        ...{ height: rowHeight, boxSizing: 'border-box', pr: 1, listStyle: 'none' },
        ...{ borderTop: `1px solid ${colour.line}`, display: 'flex', flexDirection: 'column' },
        '& .MuiInputBase-root': { height: 27, mt: '2px', bgcolor: 'transparent', px: 0 },
      }}
    >
      {children}
      <Box
        component="button"
        type="button"
        aria-label={`Details of ${name}`}
        onClick={onDetails}
        sx={{
          ...{ all: 'unset', boxSizing: 'border-box', flex: 1, minHeight: 0, cursor: 'pointer' },
          ...{ display: 'flex', alignItems: 'center', gap: 0.5, lineHeight: 1.15 },
          '&:focus-visible': { outline: `3px solid ${colour.accent}`, outlineOffset: -2 },
        }}
      >
        {row.hold && (
          <LockOutlined
            titleAccess="Held"
            sx={{ fontSize: typeScale.note, color: colour.accent }}
          />
        )}
        <Box component="span" sx={{ ...oneLine, fontSize: typeScale.note }}>
          {name}
          <Box
            component="span"
            id={noteId}
            sx={{
              fontSize: typeScale.small,
              color: cautious ? colour.caution : colour.muted,
            }}
          >
            {note === '' ? '' : ` ${note}`}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

import SwapHoriz from '@mui/icons-material/SwapHoriz';
import WarningAmber from '@mui/icons-material/WarningAmber';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { After } from '../line/After';

/** What a row is of, with a mark where it must be minded. */
function RowName({
  name,
  full,
  minded,
}: {
  name: string;
  full: string | undefined;
  minded: boolean;
}) {
  return (
    <Box
      title={full}
      sx={{
        fontWeight: 600,
        fontSize: typeScale.note,
        overflow: 'hidden',
        textOverflow: 'ellipsis',
        whiteSpace: 'nowrap',
      }}
    >
      {minded && (
        <WarningAmber
          titleAccess="A caution: see its details"
          sx={{ fontSize: typeScale.text, mr: 0.5, mb: '-2px', color: colour.caution }}
        />
      )}
      {name}
    </Box>
  );
}

/** What a row is of, how it is prepared or what is wrong with it, and the way to something else. */
export function RowWords({
  read: { row, ingredient, error },
  index,
  name,
  note,
  noteId,
  doubted,
  minded,
  onSwap,
}: {
  read: ReadRow;
  index: number;
  name: string;
  note: string;
  noteId: string;
  doubted: boolean;
  minded: boolean;
  onSwap: (rowId: string) => void;
}) {
  return (
    <Box sx={{ minWidth: 0, lineHeight: 1.2, position: 'relative' }}>
      <RowName name={name} full={ingredient?.name} minded={minded} />
      <Box
        id={noteId}
        title={note}
        role={error ? 'alert' : undefined}
        sx={{
          fontSize: typeScale.small,
          color: error || doubted ? colour.caution : colour.muted,
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          whiteSpace: 'nowrap',
        }}
      >
        {note}
      </Box>
      <After index={index} />
      {ingredient && (
        <IconButton
          data-swap
          title="Swap it for something else"
          size="small"
          aria-label={`Swap ${name}`}
          onClick={() => onSwap(row.id)}
          sx={{
            ...{ position: 'absolute', right: 0, top: 3, color: colour.accent },
            ...{ bgcolor: colour.paper, '&:hover': { bgcolor: colour.accentWash } },
          }}
        >
          <SwapHoriz fontSize="small" />
        </IconButton>
      )}
    </Box>
  );
}

import Box from '@mui/material/Box';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import type { ResizedRow } from '@cobbet/core/batch/resize';
import { colour } from '@/theme/colour';

/** Every row's amount in the other size, beside what it is now. */
export function SizedRows({
  resized,
  rows,
  nameOf,
}: {
  resized: readonly ResizedRow[];
  rows: readonly ReadRow[];
  nameOf: (rowId: string) => string;
}) {
  return (
    <Box component="ul" aria-label="Amounts in that size" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {resized.map(({ rowId, amount }) => {
        const read = rows.find(({ row }) => row.id === rowId);
        return (
          <Box
            component="li"
            key={rowId}
            sx={{
              display: 'grid',
              gridTemplateColumns: 'minmax(0, 3fr) minmax(0, 4fr) minmax(0, 5fr)',
              columnGap: 1,
              borderTop: `1px solid ${colour.line}`,
              py: 0.4,
            }}
          >
            <Box component="s" sx={{ color: colour.muted }}>
              {read?.row.amount}
            </Box>
            <strong>{amount}</strong>
            <span>{nameOf(rowId)}</span>
          </Box>
        );
      })}
    </Box>
  );
}

import Box from '@mui/material/Box';
import { parseAmount } from '@cobbet/core/amounts/parseAmount';
import { printAmount } from '@cobbet/core/amounts/printAmount';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import type { ResizedRow } from '@cobbet/core/batch/resize';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** An amount as it is compared: a quarter is one however it is typed. */
const plain = (amount: string) => {
  const parsed = parseAmount(amount);
  return parsed.ok ? printAmount(parsed.value) : amount.trim();
};

/** Whether a row is measured otherwise in the other size. */
const changes = ({ amount }: ResizedRow, read: ReadRow | undefined) =>
  read !== undefined && plain(amount) !== plain(read.row.amount);

/** Every amount that is another in the other size, beside what it is now; those that stay are named together. */
export function SizedRows({
  resized,
  rows,
  nameOf,
}: {
  resized: readonly ResizedRow[];
  rows: readonly ReadRow[];
  nameOf: (rowId: string) => string;
}) {
  const readOf = (rowId: string) => rows.find(({ row }) => row.id === rowId);
  const changed = resized.filter((one) => changes(one, readOf(one.rowId)));
  const same = resized.filter((one) => !changed.includes(one));
  return (
    <>
      <Box component="ul" aria-label="Amounts in that size" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {changed.map(({ rowId, amount }) => {
          const read = readOf(rowId);
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
      {same.length > 0 && (
        <Box sx={{ mt: 0.5, fontSize: typeScale.note, color: colour.muted }}>
          {changed.length === 0 ? 'Nothing changes' : 'Unchanged'}:{' '}
          {same.map(({ rowId }) => nameOf(rowId)).join(', ')}.
        </Box>
      )}
    </>
  );
}

'use client';

import Box from '@mui/material/Box';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { BadRecords } from './BadRecords';

/** Says what an older program left that can't be read, and was put aside so that the rest works. */
export function AsideBar() {
  const aside = useBook((state) => state.aside);
  const clearAside = useBook((state) => state.clearAside);
  if (aside.length === 0) return null;
  const records = aside.map(({ key, record, why }) => ({
    key,
    name: String((record as { name?: unknown }).name ?? key),
    why,
    record,
  }));
  return (
    <Box
      role="status"
      sx={{
        px: 2.5,
        py: 1,
        bgcolor: colour.cautionWash,
        borderBottom: `3px solid ${colour.caution}`,
      }}
    >
      {aside.length === 1 ? 'One record' : `${aside.length} records`} of your older book could not
      be read and stand apart. Everything else is here.
      <BadRecords records={records} onDelete={() => void clearAside()} />
    </Box>
  );
}

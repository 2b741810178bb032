'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { download, fileName } from '@/store/download';

/** A record that can't be used, with what is wrong with it. */
export interface BadRecord {
  key: string;
  name: string;
  why: string;
  record: unknown;
}

/** Records that can't be used: which, why, the way to a file, and the way out of the book. */
export function BadRecords({
  records,
  onDelete,
}: {
  records: readonly BadRecord[];
  onDelete: (keys: readonly string[]) => void;
}) {
  const save = () =>
    download(
      `${fileName(records[0]?.name ?? 'records')}-could-not-be-read.json`,
      `${JSON.stringify(records, null, 1)}\n`,
      'application/json',
    );
  return (
    <Box component="section" aria-label="What can’t be read">
      <Box component="ul" sx={{ pl: 2.5, my: 1 }}>
        {records.map(({ key, name, why }) => (
          <Box component="li" key={key} sx={{ overflowWrap: 'anywhere' }}>
            <strong>{name}</strong>: {why}
          </Box>
        ))}
      </Box>
      <Button size="small" onClick={save}>
        Save {records.length === 1 ? 'it' : 'them'} to a file
      </Button>
      <Button size="small" color="error" onClick={() => onDelete(records.map(({ key }) => key))}>
        Delete {records.length === 1 ? 'it' : 'them'}
      </Button>
    </Box>
  );
}

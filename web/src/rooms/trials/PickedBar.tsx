'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { colour } from '@/theme/colour';
import { compareAddress } from '@/components/compareAddress';
import { leastCompared, mostCompared, pickNone, usePicked } from './comparePick';

/** What has been picked, and the way to see it side by side; follows from dip to dip. */
export function PickedBar() {
  const ids = usePicked((state) => state.ids);
  return (
    <Box
      role="status"
      sx={{
        position: 'sticky',
        bottom: { xs: 76, sm: 12 },
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1.5,
        mt: 2,
        px: 2,
        py: 1,
        bgcolor: colour.accentWash,
        borderRadius: 2,
        zIndex: 5,
      }}
    >
      <Box sx={{ mr: 'auto' }}>
        <strong>
          {ids.length} {ids.length === 1 ? 'trial' : 'trials'} picked.
        </strong>{' '}
        {ids.length < leastCompared
          ? 'Pick another, of this dip or of any.'
          : ids.length === mostCompared
            ? 'That is as many as stand side by side.'
            : 'Trials of other dips can stand beside them.'}
      </Box>
      <Button size="small" onClick={pickNone}>
        Let go
      </Button>
      {ids.length >= leastCompared && (
        <Button component={Link} href={compareAddress(ids)} variant="contained">
          Put side by side
        </Button>
      )}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Link from 'next/link';
import { dipsUsing } from '@/components/dipsUsing';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** The dips a thing goes into. */
export function UsedIn({ ingredientIds }: { ingredientIds: readonly string[] }) {
  const dips = useBook((state) => state.book.dips);
  const using = dipsUsing(dips.values(), ...ingredientIds);
  return (
    <Box sx={{ mt: 2, fontSize: typeScale.note }}>
      {using.length === 0 ? (
        <Box sx={{ color: colour.muted }}>No dip uses it yet.</Box>
      ) : (
        <>
          Used in{' '}
          {using.map(({ id, name }, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Box
                component={Link}
                href={`/bench?dip=${encodeURIComponent(id)}`}
                sx={{ color: colour.accent }}
              >
                {name}
              </Box>
            </span>
          ))}
          .
        </>
      )}
    </Box>
  );
}

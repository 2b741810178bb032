'use client';

import Box from '@mui/material/Box';
import type { WorkedIn } from '@cobbet/core/dip/dip';
import { howWords } from '@/components/howWords';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** How the addition is worked in and what to look for, in one line that is read across the room. */
export function WorkIn({ working }: { working: WorkedIn }) {
  return (
    <Box sx={{ fontSize: { xs: typeScale.lead, sm: typeScale.large }, lineHeight: 1.35 }}>
      <strong>
        {howWords[working.how]}
        {working.minutes !== null && `, about ${working.minutes} min`}
      </strong>
      {working.lookFor !== '' && (
        <Box component="span" sx={{ color: colour.muted }}>
          {' '}
          · {working.lookFor}
        </Box>
      )}
    </Box>
  );
}

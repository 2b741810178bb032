import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import type { Trial } from '@cobbet/core/book/trial';
import type { Dip } from '@cobbet/core/dip/dip';
import Link from 'next/link';
import { shortDay } from '@/components/day';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** The head of a column: which dip, which trial, and the way to take it away. */
export function ComparedHead({
  trial,
  dip,
  onTakeAway,
}: {
  trial: Trial;
  dip: Dip;
  /** Null where it is the only one. */
  onTakeAway: (() => void) | null;
}) {
  return (
    <Box role="columnheader" sx={{ pr: 2, lineHeight: 1.25 }}>
      <Box
        component={Link}
        href={`/trials?dip=${encodeURIComponent(dip.id)}`}
        sx={{
          color: colour.ink,
          display: 'block',
          py: 0.5,
          fontWeight: 700,
          textDecoration: 'none',
          overflowWrap: 'anywhere',
        }}
      >
        {dip.name}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', color: colour.muted }}>
        trial {trial.number}, {shortDay(trial.madeAt)}
        {onTakeAway && (
          <IconButton
            size="small"
            title="Take it away"
            aria-label={`Take away ${dip.name}, trial ${trial.number}`}
            onClick={onTakeAway}
          >
            <Close sx={{ fontSize: typeScale.text }} />
          </IconButton>
        )}
      </Box>
    </Box>
  );
}

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useState } from 'react';
import { shortDay } from '@/components/day';
import { later } from '@/components/later';
import { WhyMark } from '@/components/why/WhyMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { columnName, type ComparedTrial } from './useCompared';

const WhyTrial = later(() => import('@/components/why/WhyTrial').then(({ WhyTrial }) => WhyTrial));

/** The head of a column: which dip, which trial or as it is written, and the way to take it away. */
export function ComparedHead({
  column,
  onTakeAway,
}: {
  column: ComparedTrial;
  /** Null where it is the only one. */
  onTakeAway: (() => void) | null;
}) {
  const { trial, dip, written } = column;
  const [asked, setAsked] = useState(false);
  return (
    <Box role="columnheader" sx={{ pr: 2, lineHeight: 1.25 }}>
      <Box
        component={Link}
        href={`/${written ? 'bench' : 'trials'}?dip=${encodeURIComponent(dip.id)}`}
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
        {written ? 'as written' : `trial ${trial.number}, ${shortDay(trial.madeAt)}`}
        <WhyMark of={`any figure of ${columnName(column)}`} onAsk={() => setAsked(true)} />
        {asked && (
          <WhyTrial trial={trial} dip={dip} first="chilledBody" onClose={() => setAsked(false)} />
        )}
        {onTakeAway && (
          <IconButton
            size="small"
            title="Take it away"
            aria-label={`Take away ${dip.name}, ${written ? 'as written' : `trial ${trial.number}`}`}
            onClick={onTakeAway}
          >
            <Close sx={{ fontSize: typeScale.text }} />
          </IconButton>
        )}
      </Box>
    </Box>
  );
}

'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { type Taste, type TasteMarks, type Verdict, verdicts } from '@cobbet/core/readings/tastes';
import { typeScale } from '@/theme/typeScale';
import { tasteName, verdictWord } from './tasteWords';

/** Marks with one of them set, or taken away. */
export function withTaste(marks: TasteMarks, taste: Taste, verdict: Verdict | null): TasteMarks {
  const { [taste]: _old, ...rest } = marks;
  return verdict ? { ...rest, [taste]: verdict } : rest;
}

/** One taste: short, right or over. A second tap confirms; taking the mark away is a button of its own. */
export function TasteRow({
  taste,
  marks,
  onMark,
}: {
  taste: Taste;
  marks: TasteMarks;
  onMark: (verdict: Verdict | null) => void;
}) {
  const name = tasteName(taste);
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: { lg: 'wrap' },
        alignItems: 'center',
        columnGap: { xs: 1.5, lg: 0.5 },
        mb: 1,
      }}
    >
      <Box
        sx={{
          width: { xs: 62, lg: '100%' },
          fontWeight: 600,
          fontSize: { xs: typeScale.lead, lg: typeScale.text },
        }}
      >
        {name}
      </Box>
      <ToggleButtonGroup
        exclusive
        value={marks[taste] ?? null}
        aria-label={name}
        onChange={(_, verdict: Verdict | null) => onMark(verdict ?? marks[taste] ?? null)}
      >
        {verdicts.map((verdict) => (
          <ToggleButton
            key={verdict}
            value={verdict}
            sx={{ minHeight: 48, minWidth: { xs: 84, lg: 66 }, px: 1, fontSize: typeScale.text }}
          >
            {verdictWord(taste, verdict)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {marks[taste] && (
        <IconButton
          size="small"
          aria-label={`Take the mark away: ${name}`}
          onClick={() => onMark(null)}
        >
          <Close fontSize="small" />
        </IconButton>
      )}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { type JarName, jarNames } from '@cobbet/core/taste/tasting';
import { CheckLine } from '@/components/CheckLine';
import { LabelledField } from '@/components/LabelledField';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { jarWords } from '../jarWords';

/** What is asked of every pot, as it is set up. */
export interface AsksDraft {
  liking: boolean;
  jar: readonly JarName[];
  words: string;
  note: boolean;
}

/** What is asked of every pot: liking, what may be short or over, words to tick, a note. */
export function AsksFields({
  asks,
  onChange,
}: {
  asks: AsksDraft;
  onChange: (asks: AsksDraft) => void;
}) {
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <CheckLine checked={asks.liking} onToggle={() => onChange({ ...asks, liking: !asks.liking })}>
        how much it is liked, nine points
      </CheckLine>
      <Box>
        <Box sx={{ fontSize: typeScale.note, color: colour.muted, mb: 0.5 }}>
          just right, short or over:
        </Box>
        <ToggleButtonGroup
          size="small"
          value={asks.jar}
          aria-label="Asked whether it is just right"
          onChange={(_, jar: JarName[]) =>
            onChange({ ...asks, jar: jarNames.filter((name) => jar.includes(name)) })
          }
          sx={{
            flexWrap: 'wrap',
            gap: 0.5,
            '& button': {
              borderRadius: '6px !important',
              border: `1px solid ${colour.line} !important`,
              minHeight: 36,
              ml: '0 !important',
            },
          }}
        >
          {jarNames.map((name) => (
            <ToggleButton key={name} value={name}>
              {jarWords[name].name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      <LabelledField
        size="small"
        label="Words to tick, with commas between"
        placeholder="nutty, flat, smoky"
        value={asks.words}
        onChange={(event) => onChange({ ...asks, words: event.target.value })}
        htmlInput={{ maxLength: 600 }}
      />
      <CheckLine checked={asks.note} onToggle={() => onChange({ ...asks, note: !asks.note })}>
        a note in one’s own words
      </CheckLine>
    </Box>
  );
}

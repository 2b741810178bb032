'use client';

import Box from '@mui/material/Box';
import { type BodyWord, bodyWords, wordShows } from '@cobbet/core/mix/bodyWords';
import { colour } from '@/theme/colour';
import { SpoonPicture } from './SpoonPicture';

/** The seven spoons to choose from: what does yours look like? */
export function SpoonChoice({
  label,
  chosen,
  onChoose,
}: {
  label: string;
  chosen: BodyWord | undefined;
  onChoose: (word: BodyWord) => void;
}) {
  return (
    <Box
      role="radiogroup"
      aria-label={label}
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'repeat(auto-fill, minmax(96px, 1fr))', sm: 'repeat(7, 1fr)' },
      }}
    >
      {bodyWords.map((word) => {
        const mine = chosen === word;
        return (
          <Box
            key={word}
            component="button"
            type="button"
            role="radio"
            aria-checked={mine}
            title={wordShows[word]}
            onClick={() => onChoose(word)}
            sx={{
              border: `2px solid ${mine ? colour.accent : colour.line}`,
              bgcolor: mine ? colour.accentWash : colour.paper,
              color: colour.ink,
              borderRadius: 2,
              font: 'inherit',
              fontWeight: mine ? 700 : 500,
              py: 1,
              minHeight: 96,
              cursor: 'pointer',
            }}
          >
            <SpoonPicture word={word} size={48} />
            <div>{word}</div>
          </Box>
        );
      })}
    </Box>
  );
}

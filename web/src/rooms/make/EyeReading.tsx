'use client';

import Box from '@mui/material/Box';
import { type BodyWord, bodyWords, wordShows } from '@cobbet/core/body/words';
import type { Run } from '@cobbet/core/book/run';
import { SpoonPicture } from '@/parts/SpoonPicture';
import { colour } from '@/theme/colour';
import type { RunControl } from './useRun';

/** The seven spoons to choose from, warm from the machine. */
export function EyeReading({ run, control }: { run: Run; control: RunControl }) {
  const taken = run.readings.find(({ when }) => when === 'machine');
  const read = (word: BodyWord) =>
    control.note(`Read ${word}`, (one) => ({
      ...one,
      readings: [
        ...one.readings.filter(({ when }) => when !== 'machine'),
        {
          kind: 'eye' as const,
          word,
          atC: null,
          when: 'machine' as const,
          takenAt: new Date().toISOString(),
        },
      ],
    }));
  return (
    <Box
      role="radiogroup"
      aria-label="What the spoon shows"
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'repeat(auto-fill, minmax(96px, 1fr))', sm: 'repeat(7, 1fr)' },
      }}
    >
      {bodyWords.map((word) => {
        const chosen = taken?.word === word;
        return (
          <Box
            key={word}
            component="button"
            type="button"
            role="radio"
            aria-checked={chosen}
            title={wordShows[word]}
            onClick={() => void read(word)}
            sx={{
              border: `2px solid ${chosen ? colour.accent : colour.line}`,
              bgcolor: chosen ? colour.accentWash : colour.paper,
              color: colour.ink,
              borderRadius: 2,
              font: 'inherit',
              fontWeight: chosen ? 700 : 500,
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

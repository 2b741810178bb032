'use client';

import Box from '@mui/material/Box';
import { type JarName, markOf, type Tasting, type TastingMark } from '@cobbet/core/taste/tasting';
import { withMark } from '@cobbet/core/taste/tastingEdits';
import { LabelledField } from '@/components/LabelledField';
import { editTasting } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { jarWords, likingWords, sideWords } from '../jarWords';
import { PointsRow } from './PointsRow';

const pointsOf = (name: JarName) => ({
  1: jarWords[name].low,
  2: sideWords(name).low.replace('too', 'a little too'),
  3: 'just right',
  4: sideWords(name).high.replace('too', 'a little too'),
  5: jarWords[name].high,
});

/** Words that are ticked where they fit. */
function Ticked({
  words,
  ticked,
  onTick,
}: {
  words: readonly string[];
  ticked: readonly string[];
  onTick: (ticked: readonly string[] | undefined) => void;
}) {
  return (
    <Box role="group" aria-label="Tick what fits">
      <Box sx={{ fontWeight: 700, mb: 0.5 }}>Tick what fits</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {words.map((word) => {
          const on = ticked.includes(word);
          const next = on ? ticked.filter((one) => one !== word) : [...ticked, word];
          return (
            <Box
              component="button"
              type="button"
              key={word}
              aria-pressed={on}
              onClick={() => onTick(next.length > 0 ? next : undefined)}
              sx={{
                minHeight: 48,
                px: 2,
                border: `2px solid ${on ? colour.accent : colour.line}`,
                borderRadius: '24px',
                bgcolor: on ? colour.accent : 'transparent',
                color: on ? colour.onAccent : colour.ink,
                font: 'inherit',
                cursor: 'pointer',
              }}
            >
              {word}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

/** What one taster says of one pot. Every tap is kept at once. */
export function PotForm({
  tasting,
  seatId,
  code,
}: {
  tasting: Tasting;
  seatId: string;
  code: string;
}) {
  const { asks, id } = tasting;
  const mark = markOf(tasting, seatId, code);
  const say = (change: { [K in keyof TastingMark]?: TastingMark[K] | undefined }) =>
    void editTasting(
      id,
      'Taste',
      (now) => withMark(now, seatId, code, change),
      `taste ${id} ${seatId} ${code}`,
    );
  return (
    <Box sx={{ display: 'grid', gap: 2.5 }}>
      {asks.liking && (
        <Box>
          <Box sx={{ fontWeight: 700, mb: 0.5 }}>How do you like it?</Box>
          <PointsRow
            label="How do you like it"
            value={mark.liking}
            points={9}
            words={likingWords}
            onMark={(liking) => say({ liking })}
          />
        </Box>
      )}
      {asks.jar.map((name) => (
        <Box key={name}>
          <Box sx={{ fontWeight: 700, mb: 0.5 }}>{jarWords[name].name}</Box>
          <PointsRow
            label={jarWords[name].name}
            value={mark.jar?.[name]}
            points={5}
            words={pointsOf(name)}
            onMark={(value) => {
              const { [name]: _was, ...others } = mark.jar ?? {};
              const jar = value === undefined ? others : { ...others, [name]: value };
              say({ jar: Object.keys(jar).length > 0 ? jar : undefined });
            }}
          />
        </Box>
      ))}
      {asks.words.length > 0 && (
        <Ticked words={asks.words} ticked={mark.words ?? []} onTick={(words) => say({ words })} />
      )}
      {asks.note && (
        <LabelledField
          fullWidth
          multiline
          minRows={2}
          label="In your own words"
          value={mark.note ?? ''}
          onChange={(event) =>
            say({ note: event.target.value === '' ? undefined : event.target.value })
          }
          htmlInput={{ maxLength: 500 }}
        />
      )}
      <Box aria-hidden sx={{ fontSize: typeScale.small, color: colour.muted }}>
        A mark tapped again is taken back.
      </Box>
    </Box>
  );
}

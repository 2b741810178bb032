import Box from '@mui/material/Box';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Of five: too little, just right, too much; none of them is set before it is tapped, nor looks so. */
const signs = ['− −', '−', '=', '+', '+ +'];

/** Marks in a row with words at the ends and in the middle; the one that is set, tapped again, is taken back. */
export function PointsRow({
  label,
  value,
  points,
  words,
  onMark,
}: {
  label: string;
  value: number | undefined;
  /** 5 or 9. */
  points: number;
  /** What a point is called, by point; those without are said by their figure. */
  words: Readonly<Record<number, string>>;
  onMark: (value: number | undefined) => void;
}) {
  const middle = (points + 1) / 2;
  const all = Array.from({ length: points }, (_, i) => i + 1);
  return (
    <Box role="group" aria-label={label}>
      <Box sx={{ display: 'grid', gap: '4px', gridTemplateColumns: `repeat(${points}, 1fr)` }}>
        {all.map((point) => {
          const set = value === point;
          return (
            <Box
              component="button"
              type="button"
              key={point}
              aria-pressed={set}
              aria-label={`${label}: ${words[point] ?? point}`}
              onClick={() => onMark(set ? undefined : point)}
              sx={{
                minHeight: 56,
                p: 0,
                border: `2px solid ${set ? colour.accent : colour.line}`,
                borderRadius: '8px',
                bgcolor: set ? colour.accent : 'transparent',
                color: set ? colour.onAccent : colour.ink,
                font: 'inherit',
                fontSize: typeScale.lead,
                fontWeight: set ? 700 : 400,
                cursor: 'pointer',
                '&:focus-visible': { outline: `3px solid ${colour.accent}`, outlineOffset: 2 },
              }}
            >
              {points === 9 ? point : signs[point - 1]}
            </Box>
          );
        })}
      </Box>
      <Box
        aria-hidden
        sx={{
          display: 'grid',
          gridTemplateColumns: '1fr 1fr 1fr',
          mt: 0.25,
          fontSize: typeScale.small,
          lineHeight: 1.2,
          color: colour.muted,
        }}
      >
        <span>{words[1]}</span>
        <Box sx={{ textAlign: 'center' }}>{words[middle]}</Box>
        <Box sx={{ textAlign: 'right' }}>{words[points]}</Box>
      </Box>
    </Box>
  );
}

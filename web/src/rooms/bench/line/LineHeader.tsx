import Box from '@mui/material/Box';
import type { BodyWord } from '@cobbet/core/mix/bodyWords';
import { memo } from 'react';
import { SpoonPicture } from '@/components/SpoonPicture';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from './benchLayout';
import type { LineAxis, ShownQuantity } from './shownQuantity';

/** A finger's least reach, px. */
const least = 24;

/** Whether each word of the axis can be hit; where they stand too close they are aimed at in Targets. */
const reachable = ({ ticks, x }: LineAxis) =>
  ticks.every(({ value }, i) => i === 0 || x(value) - x(ticks[i - 1]?.value ?? 0) >= least);

/** What the line's axis means: the seven spoons, or figures for a seasoning. */
export const LineHeader = memo(function LineHeader({
  shown,
  axis,
  current,
  aimed,
  when,
  onAim,
}: {
  shown: ShownQuantity;
  axis: LineAxis;
  current: BodyWord | null;
  /** Words the dip is to be when it is eaten. */
  aimed: readonly BodyWord[];
  /** When that is: `rested and chilled`. */
  when: string;
  onAim: (word: BodyWord) => void;
}) {
  // on a tablet the words would run into one another; the spoons stay
  const { inHand } = useBenchLayout();
  const words = shown === 'body' && reachable(axis);
  const narrow = shown === 'body' && axis.x(axis.domain[1]) - axis.x(axis.domain[0]) < 350;
  return (
    <Box
      sx={{ position: 'relative', height: inHand ? 46 : 72 }}
      role="group"
      aria-label={shown === 'body' ? `Aim at a word, ${when}` : 'The axis'}
    >
      {axis.ticks.map(({ value, label }) => (
        <Box
          key={label}
          {...(words
            ? {
                ...{
                  component: 'button',
                  type: 'button',
                  'aria-label': `Aim at ${label}`,
                  'aria-pressed': aimed.includes(label as BodyWord),
                },
                ...{
                  title: `Aim at ${label}, ${when}`,
                  onClick: () => onAim(label as BodyWord),
                },
              }
            : {})}
          sx={{
            ...{ border: 0, p: 0, m: 0, bgcolor: 'transparent', font: 'inherit', borderRadius: 1 },
            ...(words ? { cursor: 'pointer', '&:hover': { bgcolor: colour.board } } : {}),
            boxShadow: aimed.includes(label as BodyWord)
              ? `inset 0 -3px 0 ${colour.bandEdge}`
              : 'none',
            position: 'absolute',
            left: axis.x(value),
            bottom: 4,
            transform: 'translateX(-50%)',
            textAlign: 'center',
            fontSize: typeScale.small,
            lineHeight: 1.2,
            fontWeight: label === current ? 700 : 400,
            color: label === current ? colour.accent : colour.muted,
          }}
        >
          {shown === 'body' && (
            <SpoonPicture word={label as BodyWord} size={inHand ? 19 : narrow ? 24 : 36} />
          )}
          {narrow && shown === 'body' ? (
            // beside its place, so that it covers no neighbour
            <Box sx={{ height: 16, position: 'relative', pointerEvents: 'none' }}>
              <Box sx={{ position: 'absolute', left: '50%', transform: 'translateX(-50%)' }}>
                {label === current && label}
              </Box>
            </Box>
          ) : (
            <div>{label}</div>
          )}
        </Box>
      ))}
      {inHand ? null : shown === 'body' ? (
        <Box
          sx={{
            position: 'absolute',
            left: axis.crumbsX,
            bottom: 4,
            transform: 'translateX(-50%)',
            fontSize: typeScale.small,
            lineHeight: 1.2,
            color: colour.muted,
          }}
        >
          crumbs
        </Box>
      ) : (
        <Box
          sx={{
            position: 'absolute',
            left: 10,
            top: 8,
            fontSize: typeScale.small,
            color: colour.muted,
          }}
        >
          {shown === 'garlic'
            ? 'garlic as raw crushed, g per 100 g'
            : shown === 'sour'
              ? 'sour as citric acid, g per 100 g'
              : 'salt, g per 100 g'}
        </Box>
      )}
    </Box>
  );
});

import Box from '@mui/material/Box';
import type { Trial } from '@cobbet/core/book/trial';
import type { Analysis } from '@cobbet/core/dip/analyse';
import { bodyFigure } from '@/components/bodyText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Less than this is the same figure, body. */
const sameWithin = 0.05;

const figure = (body: number | null) => (body === null ? 'crumbs' : bodyFigure(body));

/** What was expected when the bowl was kept, where that is not what would be said of it now. */
export function SaidThen({ trial: { expected }, analysis }: { trial: Trial; analysis: Analysis }) {
  if (!expected) return null;
  const moved = (then: number | null, now: number | null) =>
    then === null || now === null ? then !== now : Math.abs(then - now) > sameWithin;
  const { warmBody, chilledBody, sd } = expected;
  if (!moved(warmBody, analysis.warmBody) && !moved(chilledBody, analysis.chilledBody)) return null;
  return (
    <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
      Expected when it was made: warm {figure(warmBody)}, chilled {figure(chilledBody)}, ±{' '}
      {sd.toFixed(1)}. What stands above is what would be said now.
    </Box>
  );
}

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Trial } from '@cobbet/core/book/trial';
import { shortDay } from '@/components/day';
import { offPlan } from './offPlan';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { trialDifference } from './trialDifference';

/** Which trial it was, what was noted, and what differed from the one before. */
export function TrialHead({
  trial,
  earlier,
  nameOf,
}: {
  trial: Trial;
  earlier: Trial | undefined;
  nameOf: (id: string) => string;
}) {
  const differences = earlier ? trialDifference(earlier, trial) : [];
  const unplanned = offPlan(trial, nameOf);
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="h2">
        Trial {trial.number}{' '}
        <Box
          component="span"
          sx={{ fontSize: typeScale.note, fontWeight: 400, color: colour.muted }}
        >
          {shortDay(trial.madeAt)}
          {trial.madeBy === undefined ? '' : `, ${trial.madeBy}`}
        </Box>
      </Typography>
      {trial.notes !== '' && <Box sx={{ mt: 0.5, overflowWrap: 'anywhere' }}>{trial.notes}</Box>}
      {trial.changeNext !== '' && (
        <Box sx={{ mt: 0.5, fontSize: typeScale.note, overflowWrap: 'anywhere' }}>
          <Box component="span" sx={{ color: colour.accent, fontWeight: 700 }}>
            next{' '}
          </Box>
          {trial.changeNext}
        </Box>
      )}
      {unplanned.length > 0 && (
        <Box sx={{ mt: 0.5, fontSize: typeScale.note, color: colour.caution }}>
          {unplanned.join('; ')}
        </Box>
      )}
      {differences.length > 0 && (
        <Box
          component="ul"
          sx={{ m: 0, mt: 0.75, p: 0, listStyle: 'none', fontSize: typeScale.note }}
        >
          {differences.map(({ ingredientId, from, to }, index) => (
            <li key={`${ingredientId}${index}`}>
              {nameOf(ingredientId)}:{' '}
              <Box component="s" sx={{ color: colour.muted }}>
                {from ?? 'none'}
              </Box>{' '}
              <strong>{to ?? 'none'}</strong>
            </li>
          ))}
        </Box>
      )}
    </Box>
  );
}

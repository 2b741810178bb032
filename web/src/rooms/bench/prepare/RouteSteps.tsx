import Box from '@mui/material/Box';
import type { prepare } from '@cobbet/core/prepare/prepare';
import { lengthText } from '@/components/lengthText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What to do to get there, with the minutes it takes. */
export function RouteSteps({ steps }: Pick<ReturnType<typeof prepare>, 'steps'>) {
  return (
    <Box component="ol" aria-label="Steps" sx={{ m: 0, pl: 2.5, mt: 0.5 }}>
      {steps.map(({ label, handsOnMin, waitMin, uses }) => (
        <Box component="li" key={label} sx={{ mb: 0.5 }}>
          {label}
          <Box component="span" sx={{ color: colour.muted, fontSize: typeScale.note }}>
            {' · '}
            {lengthText(handsOnMin)}
            {waitMin > 0 && `, then ${lengthText(waitMin)} waiting`}
            {uses.oven && `, oven ${uses.oven.tempC} °C`}
            {uses.fridge && ', in the fridge'}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

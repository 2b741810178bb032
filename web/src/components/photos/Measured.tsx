'use client';

import Box from '@mui/material/Box';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { MeasuredRims } from './useMeasured';

/** More than this of the width is no measure to go by. */
const looseShare = 0.05;

/** The width a picture tells, with how sure it is; or what is to be tapped next. */
export function Measured({
  shown,
  enough,
  left,
  whose,
}: {
  shown: MeasuredRims | null;
  /** Both rims have their places. */
  enough: boolean;
  /** Places that are still to be tapped on this rim. */
  left: number;
  whose: string;
}) {
  const spread = shown?.spread;
  const asks = `Tap ${left} ${left === 1 ? 'place' : 'places'} on the rim of ${whose}`;
  const waits = shown ? 'These places make no circle.' : 'Measuring…';
  return (
    <Box role="status" sx={{ fontSize: typeScale.large, fontWeight: 700, lineHeight: 1.2 }}>
      {spread
        ? `${spread.diameterMm.toFixed(0)} ± ${spread.sdMm.toFixed(spread.sdMm < 1 ? 1 : 0)} mm`
        : enough
          ? waits
          : left > 0
            ? asks
            : `Now the other rim`}
      {spread && (
        <Box sx={{ fontSize: typeScale.note, fontWeight: 400, color: colour.muted, mt: 0.5 }}>
          {shown.edges ? 'By the edges of both rims' : 'By your taps alone; more of them tell more'}
          , held {spread.tiltDeg.toFixed(0)}° aslant. An estimate.
          {spread.sdMm > looseShare * spread.diameterMm &&
            ' Too unsure to go by: hold the camera straight above, or measure by hand.'}
        </Box>
      )}
    </Box>
  );
}

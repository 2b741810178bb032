'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { plateOf } from '@cobbet/core/plate/pasta';
import { useState } from 'react';
import { bodyText } from '@/parts/bodyText';
import { MeasuredField } from '@/parts/reading/MeasuredField';
import { type PlateGiven, typedWithin } from './plateGiven';

const mostG = 2000;

/** Pesto to pasta with some of its water, off the heat, for each plate. */
export function PastaPanel({
  parts,
  larder,
  conditions,
  whole,
  portionG,
}: PlateGiven & { portionG: number }) {
  const [pasta, setPasta] = useState('100');
  const [pesto, setPesto] = useState(String(portionG));
  const [water, setWater] = useState('30');
  const pastaG = typedWithin(pasta, 1, mostG);
  const dipG = typedWithin(pesto, 1, mostG);
  const waterG = typedWithin(water, 0, mostG);
  const pastaWater = larder.get('pasta-water');
  const plate =
    pastaWater && pastaG.value !== null && dipG.value !== null && waterG.value !== null
      ? plateOf(
          parts,
          { dipG: dipG.value, pastaG: pastaG.value, waterG: waterG.value },
          pastaWater,
          conditions,
        )
      : null;
  return (
    <Box component="section" aria-label="To pasta">
      <Typography variant="h2">To pasta</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 2, mt: 1 }}>
        <MeasuredField
          label="Pasta, dry"
          unit="g"
          value={pasta}
          problem={pastaG.problem}
          onChange={setPasta}
        />
        <MeasuredField
          label="Pesto"
          unit="g"
          value={pesto}
          problem={dipG.problem}
          onChange={setPesto}
        />
        <MeasuredField
          label="Its water"
          unit="g"
          value={water}
          problem={waterG.problem}
          onChange={setWater}
        />
      </Box>
      {plate && (
        <Box role="status" sx={{ fontSize: 17 }}>
          It coats as <strong>{bodyText(plate.coatBody)}</strong>; {plate.saltG.toFixed(1)} g of
          salt on the plate, {plate.saltPer100G.toFixed(2)} g in 100 g. The bowl does for{' '}
          <strong>
            {Math.floor(whole.massG / (dipG.value ?? 1))}{' '}
            {Math.floor(whole.massG / (dipG.value ?? 1)) === 1 ? 'plate' : 'plates'}
          </strong>
          .
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', fontSize: 14, mt: 0.5 }}>
        Off the heat: pesto and water first, then the pasta. The water is taken as salted at 1 %;
        pasta takes up about one and a quarter of its weight.
      </Box>
    </Box>
  );
}

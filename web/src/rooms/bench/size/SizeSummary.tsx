import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { honestSizes, sizedMass } from '@cobbet/core/batch/honestSizes';
import type { ResizedRow } from '@cobbet/core/batch/resize';
import { loadsOf, type Machine } from '@cobbet/core/kitchen/machines';
import { useMemo } from 'react';
import type { Bench } from '../useBench';

/** What a size comes to as it is measured, and the nearest sizes in which nothing is rounded. */
export function SizeSummary({
  bench,
  machine,
  factor,
  resized,
  onFactor,
}: {
  bench: Bench;
  machine: Machine;
  factor: number;
  resized: readonly ResizedRow[];
  onFactor: (factor: number) => void;
}) {
  const { rows, analysis, dip, kitchen } = bench;
  const { massG, volumeMl } = analysis;
  const { measures } = kitchen;
  const honest = useMemo(() => honestSizes(rows, factor, measures), [rows, factor, measures]);
  const makesG = sizedMass(rows, resized, kitchen);
  const wantedG = massG * factor;
  const ml = (volumeMl * makesG) / Math.max(1, massG);
  const off = Math.abs(makesG / wantedG - 1) > 0.01;
  return (
    <Box role="status" sx={{ mb: 1 }}>
      <strong>{factor.toFixed(2)} times</strong>: as measured below it makes{' '}
      <strong>{makesG.toFixed(0)} g</strong>
      {off && ` (asked: ${wantedG.toFixed(0)} g)`}, {ml.toFixed(0)} ml,{' '}
      {Math.floor(makesG / dip.portionG)} portions
      {ml > machine.mostMl && ` · ${loadsOf(machine, ml)} loads in the ${machine.name}`}
      {ml < machine.leastMl && ` · too little for the ${machine.name}`}
      {honest.length > 0 && (
        <Box>
          Nothing is rounded at{' '}
          {honest.map((one) => (
            <Button
              key={one}
              size="small"
              sx={{ px: 0.75, minWidth: 0 }}
              onClick={() => onFactor(one)}
            >
              {Number(one.toFixed(2))} ×, {(massG * one).toFixed(0)} g
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import { everyday } from '@cobbet/core/larder/everyday';
import { batchCost, type Price } from '@cobbet/core/batch/cost';
import { plateOf } from '@cobbet/core/batch/pasta';
import { dipMass } from '@cobbet/core/mix/part';
import { bodyText } from '@/components/bodyText';
import { money } from '@/components/money';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { useTypedWithin } from '@/components/reading/useTypedWithin';
import { useSettings } from '@/store/useKitchen';
import { typeScale } from '@/theme/typeScale';
import type { PlateGiven } from './plateGiven';

const mostG = 2000;
/** The larder has the prices paid last already. */
const noPrices = new Map<string, Price>();

/** Pesto to pasta with some of its water, off the heat, for each plate. */
export function PastaPanel({
  parts,
  larder,
  conditions,
  whole,
  portionG,
}: PlateGiven & { portionG: number }) {
  const pasta = useTypedWithin('100', 1, mostG);
  const pesto = useTypedWithin(String(portionG), 1, mostG);
  const water = useTypedWithin('30', 0, mostG);
  const pastaWater = larder.get(everyday.pastaWater);
  const plate =
    pastaWater && pasta.value !== null && pesto.value !== null && water.value !== null
      ? plateOf(
          parts,
          { dipG: pesto.value, pastaG: pasta.value, waterG: water.value },
          pastaWater,
          conditions,
        )
      : null;
  const { currency } = useSettings();
  const perG = batchCost(parts, noPrices).batch / Math.max(1, dipMass(parts));
  const plates = Math.floor(whole.massG / (pesto.value ?? Infinity));
  return (
    <Panel title="To pasta">
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 2, mt: 1 }}>
        <MeasuredField label="Pasta, dry" unit="g" {...pasta.field} />
        <MeasuredField label="Pesto" unit="g" {...pesto.field} />
        <MeasuredField label="Its water" unit="g" {...water.field} />
      </Box>
      {plate && (
        <Box role="status" sx={{ fontSize: typeScale.lead }}>
          It coats as <strong>{bodyText(plate.coatBody)}</strong>; {plate.saltG.toFixed(1)} g of
          salt on the plate, {plate.saltPer100G.toFixed(2)} g in 100 g. The bowl does for{' '}
          <strong>
            {plates} {plates === 1 ? 'plate' : 'plates'}
          </strong>
          {perG > 0 && `, about ${money(perG * (pesto.value ?? 0), currency)} of pesto on each`}.
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', fontSize: typeScale.note, mt: 0.5 }}>
        Off the heat: pesto and water first, then the pasta. The water is taken as salted at 1 %;
        pasta takes up about one and a quarter of its weight.
      </Box>
    </Panel>
  );
}

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { type BodyWord, bodyWords, wordMiddle, wordShows } from '@cobbet/core/body/words';
import { loosenTo } from '@cobbet/core/plate/loosen';
import { nearestKitchenMeasure } from '@cobbet/core/quantity/kitchenMeasure';
import { printGrams } from '@cobbet/core/quantity/printAmount';
import { useState } from 'react';
import { InlineSelect } from '@/parts/InlineSelect';
import { MeasuredField } from '@/parts/reading/MeasuredField';
import { useTypedWithin } from '@/parts/reading/useTypedWithin';
import { shortName } from '@/parts/shortName';
import type { PlateGiven } from './plateGiven';

const liquids = [
  'water',
  'lemon-juice',
  'olive-oil-extra-virgin',
  'vegetable-stock',
  'pasta-water',
  'chickpea-can-liquid',
] as const;
type LiquidId = (typeof liquids)[number];
const looser: readonly BodyWord[] = bodyWords.slice(0, 4);
const mostG = 20_000;

/** Some of a dip loosened on purpose: how much of what makes so much dressing. */
export function LoosenPanel({ parts, larder, conditions, whole }: PlateGiven) {
  const taken = useTypedWithin('100', 1, mostG);
  const [word, setWord] = useState<BodyWord>('pours');
  const [liquidId, setLiquidId] = useState<LiquidId>('water');
  const liquid = larder.get(liquidId);
  const salt = larder.get('sea-salt-fine');
  const found =
    liquid && taken.value !== null
      ? loosenTo(parts, taken.value, liquid, wordMiddle[word], conditions)
      : null;
  const spoons = (massG: number, of: typeof liquid) =>
    of ? nearestKitchenMeasure(massG, of, conditions.measures).text : '';
  return (
    <Box component="section" aria-label="Loosened on purpose">
      <Typography variant="h2">Loosened on purpose</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '110px 1fr', gap: 2, mt: 1 }}>
        <MeasuredField label="Of the dip" unit="g" {...taken.field} />
        <Box sx={{ alignSelf: 'center' }}>
          until it{' '}
          <InlineSelect<BodyWord>
            label="Until it"
            value={word}
            options={looser.map((one) => ({ value: one, name: `${one}: ${wordShows[one]}` }))}
            onChange={setWord}
          />
          <br />
          with{' '}
          <InlineSelect<LiquidId>
            label="Loosened with"
            value={liquidId}
            options={liquids.map((id) => ({
              value: id,
              name: shortName(larder.get(id)?.name ?? id).toLowerCase(),
            }))}
            onChange={setLiquidId}
          />
        </Box>
      </Box>
      <Box role="status" sx={{ fontSize: 17 }}>
        {found ? (
          <>
            <strong>
              {printGrams(found.liquidG)}, {spoons(found.liquidG, liquid)}
            </strong>
            : makes {found.after.massG.toFixed(0)} g, {found.after.volumeMl.toFixed(0)} ml, salt{' '}
            {found.after.saltG.toFixed(2)} and sour {found.after.acidG.toFixed(2)} in 100 g.
            {found.saltG > 0.05 &&
              ` As salty as before with ${printGrams(found.saltG)} of salt, ${spoons(found.saltG, salt)}.`}
          </>
        ) : taken.value === null ? (
          ' '
        ) : whole.body !== null && whole.body <= wordMiddle[word] ? (
          'It is that loose already.'
        ) : (
          'That does not get it there, not with three times as much.'
        )}
      </Box>
    </Box>
  );
}

'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import { type BodyWord, bodyWords, wordMiddle, wordShows } from '@cobbet/core/mix/bodyWords';
import { everyday } from '@cobbet/core/larder/everyday';
import { loosenTo } from '@cobbet/core/batch/loosen';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { consequenceWords } from '@/components/proposalWords';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { useTypedWithin } from '@/components/reading/useTypedWithin';
import { shortName } from '@/components/shortName';
import { typeScale } from '@/theme/typeScale';
import type { PlateGiven } from './plateGiven';

const liquids = [
  everyday.water,
  everyday.lemonJuice,
  everyday.oil,
  everyday.stock,
  everyday.pastaWater,
  everyday.canLiquid,
] as const;
type LiquidId = (typeof liquids)[number];
const looser: readonly BodyWord[] = bodyWords.slice(0, 4);
const mostG = 20_000;

/** Some of a dip loosened on purpose: how much of what makes so much dressing. */
export function LoosenPanel({ parts, larder, conditions, family, whole }: PlateGiven) {
  const taken = useTypedWithin('100', 1, mostG);
  const [word, setWord] = useState<BodyWord>('pours');
  const [liquidId, setLiquidId] = useState<LiquidId>(everyday.water);
  const liquid = larder.get(liquidId);
  const salt = larder.get(everyday.salt);
  const found =
    liquid && taken.value !== null
      ? loosenTo({ parts, dipG: taken.value, conditions, family }, liquid, wordMiddle[word])
      : null;
  const { after, consequences } = found?.proposal ?? {};
  const brings = consequences ? consequenceWords(consequences) : [];
  const spoons = (massG: number, measured: typeof liquid) =>
    measured ? nearestKitchenMeasure(massG, measured, conditions.measures).text : '';
  return (
    <Panel title="Loosened on purpose">
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
      <Box role="status" sx={{ fontSize: typeScale.lead }}>
        {found && after ? (
          <>
            <strong>
              {printGrams(found.liquidG)}, {spoons(found.liquidG, liquid)}
            </strong>
            : makes {after.massG.toFixed(0)} g, {after.volumeMl.toFixed(0)} ml, salt{' '}
            {after.per100g.saltG.toFixed(2)} and sour {after.per100g.acidG.toFixed(2)} in 100 g.
            {found.saltG > 0.05 &&
              ` As salty as before with ${printGrams(found.saltG)} of salt, ${spoons(found.saltG, salt)}.`}
            {brings.length > 0 && (
              <Box sx={{ fontWeight: 600 }}>With it: {brings.join(' · ')}.</Box>
            )}
          </>
        ) : taken.value === null ? (
          ' '
        ) : whole.freshBody !== null && whole.freshBody <= wordMiddle[word] ? (
          'It is that loose already.'
        ) : (
          'That does not get it there, not with three times as much.'
        )}
      </Box>
    </Panel>
  );
}

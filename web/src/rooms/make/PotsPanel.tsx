'use client';

import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { dippers, dippersWithout } from '@cobbet/core/batch/dippers';
import { filledTo, potsOf } from '@cobbet/core/batch/pots';
import { useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { useTypedWithin } from '@/components/reading/useTypedWithin';
import { typeScale } from '@/theme/typeScale';
import type { PlateGiven } from './plateGiven';

const mostMl = 5000;
const mostPeople = 2000;

/** A pot for each, and what is dipped: without wheat where that is asked for. */
export function PotsPanel({ whole, portionG }: PlateGiven & { portionG: number }) {
  const density = whole.volumeMl > 0 ? whole.massG / whole.volumeMl : 1;
  const rounded = Math.ceil(portionG / density / filledTo / 10) * 10;
  const pot = useTypedWithin(String(rounded), 5, mostMl);
  const served = Math.max(1, Math.floor(whole.massG / portionG));
  const people = useTypedWithin(String(served), 1, mostPeople);
  const [free, setFree] = useState(false);
  const pots = pot.value === null ? null : potsOf(whole.massG, whole.volumeMl, pot.value);
  const offered = free ? dippersWithout(['gluten']) : dippers;
  const short = pots && people.value !== null ? Math.ceil(people.value) - pots.full : 0;
  return (
    <Panel title="A pot for each">
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, mt: 1 }}>
        <MeasuredField label="One pot holds" unit="ml" {...pot.field} />
        <MeasuredField label="For" unit="people" {...people.field} />
      </Box>
      {pots && (
        <Box role="status" sx={{ fontSize: typeScale.lead }}>
          <strong>
            {pots.full} {pots.full === 1 ? 'pot' : 'pots'}
          </strong>{' '}
          of {pots.eachG.toFixed(0)} g, {pots.overG.toFixed(0)} g over
          {short > 0 && `; ${short} short`}. Own pots, own spoons: what has been dipped into is not
          kept.
        </Box>
      )}
      <FormControlLabel
        label="Someone eats no wheat or gluten"
        control={<Checkbox checked={free} onChange={(_, on) => setFree(on)} />}
      />
      {people.value !== null && (
        <Box component="ul" aria-label="To dip" sx={{ m: 0, pl: 2.5, columnCount: 2 }}>
          {offered.map(({ name, eachG, allergens }) => (
            <li key={name}>
              {name}, {Math.round((eachG * (people.value ?? 0)) / 10) * 10} g
              {allergens.length > 0 && ` (${allergens.map(allergenWord).join(', ')})`}
            </li>
          ))}
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', fontSize: typeScale.note, mt: 0.5 }}>
        One of these for everyone, not all. Read the label of what is bought, and keep its board,
        knife and bowl apart from the bread.
      </Box>
    </Panel>
  );
}

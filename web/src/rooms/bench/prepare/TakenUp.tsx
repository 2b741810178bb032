'use client';

import Box from '@mui/material/Box';
import type { RawWay } from '@cobbet/core/prepare/rawWay';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { saltTakenUpG, takesUp } from '@cobbet/core/prepare/takenUp';
import { useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { Choice } from '../rows/Choice';

/** What a thing takes up or carries along on its way into the bowl; counted with the dip's salt and water. */
export function TakenUp({
  ingredient,
  way,
  onChange,
}: {
  ingredient: Ingredient;
  way: RawWay;
  onChange: (way: RawWay) => void;
}) {
  const { pot, strewn, leaves } = takesUp(ingredient, way);
  const [salt, setSalt] = useState(way.saltG === undefined ? '' : String(way.saltG));
  const most = pot ? 350 : 100;
  const typed = salt.trim() === '' ? 0 : typedNumber(salt);
  const wrong = typed === null || typed < 0 || typed > most;
  const taken = saltTakenUpG(ingredient, way);
  return (
    <>
      {ingredient.role === 'legume' && /^(dried|can)$/.test(way.from) && (
        <Choice
          label="skins"
          value={way.skinsOff ? 'off' : 'on'}
          options={[
            { value: 'on', name: 'left on' },
            { value: 'off', name: 'rubbed off' },
          ]}
          why="Rubbed off it is silkier, at the price of standing over a bowl."
          onChange={(skins) => {
            const { skinsOff: _old, ...rest } = way;
            onChange(skins === 'off' ? { ...rest, skinsOff: true } : rest);
          }}
        />
      )}
      {(pot || strewn) && (
        <Box sx={{ display: 'flex', gap: 2, mt: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <Box sx={{ width: 240 }}>
            <MeasuredField
              label={pot ? 'Salt in the pot or brine' : 'Salt strewn on it'}
              unit={pot ? 'g a litre' : 'g a kilo'}
              value={salt}
              problem={wrong ? `A number from 0 to ${most}.` : null}
              onChange={(text) => {
                setSalt(text);
                const value = text.trim() === '' ? 0 : typedNumber(text);
                if (value === null || value < 0 || value > most) return;
                const { saltG: _old, ...rest } = way;
                onChange(value > 0 ? { ...rest, saltG: value } : rest);
              }}
            />
          </Box>
          <Box sx={{ fontSize: typeScale.note }} role="status">
            {taken > 0
              ? `It takes up about ${taken.toFixed(2)} g in 100 g, counted in the dip’s salt.`
              : pot
                ? 'Unsalted water: nothing is taken up.'
                : 'Nothing strewn: nothing stays. A usual pinch is 10 to 15 g a kilo.'}
          </Box>
        </Box>
      )}
      {leaves && (
        <>
          <Choice
            label="stalks"
            value={String(way.stalkShare ?? 0)}
            options={[
              { value: '0', name: 'leaves only' },
              { value: '0.1', name: 'a tenth' },
              { value: '0.2', name: 'a fifth' },
            ]}
            why="Tender stalks up to a fifth give structure; they bring water and fibre."
            onChange={(share) => {
              const { stalkShare: _old, ...rest } = way;
              onChange(Number(share) > 0 ? { ...rest, stalkShare: Number(share) } : rest);
            }}
          />
          <Choice
            label="wash"
            value={way.wet ?? 'dry'}
            options={[
              { value: 'dry', name: 'patted dry' },
              { value: 'spun', name: 'spun' },
              { value: 'shaken', name: 'shaken' },
            ]}
            why={
              way.wet
                ? 'The water that clings counts as water in the bowl.'
                : 'Water that clings loosens the mix: about a twentieth spun, a fifth only shaken.'
            }
            onChange={(wet) => {
              const { wet: _old, ...rest } = way;
              onChange(wet === 'dry' ? rest : { ...rest, wet: wet as 'spun' | 'shaken' });
            }}
          />
        </>
      )}
      {way.from === 'blanched' && (
        <Box sx={{ fontSize: typeScale.note, color: colour.muted, mt: 1 }}>
          Fibrous greens want the blanching and a knife; a blade only makes strings of them.
        </Box>
      )}
    </>
  );
}

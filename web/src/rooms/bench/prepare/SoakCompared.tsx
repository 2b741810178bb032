'use client';

import Box from '@mui/material/Box';
import type { RawWay } from '@cobbet/core/prepare/rawWay';
import { pulseOfIngredient } from '@cobbet/core/prepare/pulses';
import { prepare, rawFor } from '@cobbet/core/prepare/prepare';
import { routeOfRow } from '@cobbet/core/prepare/routeOfRow';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { useState } from 'react';
import { lengthText } from '@/components/lengthText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const soaks = [
  { soak: 'overnight', name: 'soaked overnight' },
  { soak: 'hot', name: 'hot-soaked' },
  { soak: 'none', name: 'not soaked' },
] as const;

const clock = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** The three ways to soak, by when the pulses would be ready to blend if they were begun now. */
export function SoakCompared({
  ingredient,
  way,
  massG,
}: {
  ingredient: Ingredient;
  way: RawWay;
  massG: number;
}) {
  const [now] = useState(() => Date.now());
  const mustSoak = pulseOfIngredient(ingredient)?.mustSoak ?? false;
  const ways = soaks.flatMap(({ soak, name }) => {
    if (soak === 'none' && mustSoak) return [];
    const route = routeOfRow(ingredient, { ...way, soak });
    if (!route || massG <= 0) return [];
    const minutes = prepare(route, rawFor(route, massG)).steps.reduce(
      (sum, { handsOnMin, waitMin }) => sum + handsOnMin + waitMin,
      0,
    );
    return [{ soak, name, minutes }];
  });
  const longest = Math.max(1, ...ways.map(({ minutes }) => minutes));
  return (
    <Box component="section" aria-label="If it is begun now" sx={{ mt: 1.5 }}>
      <strong>Begun now, ready to blend</strong>
      {ways.map(({ soak, name, minutes }) => (
        <Box
          key={soak}
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 5fr) minmax(0, 4fr) minmax(0, 4fr)',
            columnGap: 1.5,
            alignItems: 'center',
            fontSize: typeScale.note,
            fontWeight: soak === (way.soak ?? 'overnight') ? 700 : 400,
          }}
        >
          <span>{name}</span>
          <span>{clock.format(now + minutes * 60_000).replace(',', '')}</span>
          <Box component="span" sx={{ color: colour.muted, fontWeight: 400 }}>
            {lengthText(minutes)}
          </Box>
          <Box
            aria-hidden
            sx={{
              gridColumn: '1 / -1',
              height: 6,
              width: `${(100 * minutes) / longest}%`,
              bgcolor: soak === (way.soak ?? 'overnight') ? colour.accent : colour.line,
              borderRadius: 1,
            }}
          />
        </Box>
      ))}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { intoBowl, type Ladder, type LadderStep } from '@cobbet/core/design/ladder';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { respondLadder } from '@/store/designCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { ResponseField } from './ResponseField';

/** The bowls, what goes into each, and what came of it. */
export function LadderBowls({
  ladder,
  baseG,
  ingredient,
}: {
  ladder: Ladder;
  baseG: number;
  ingredient: Ingredient;
}) {
  const { measures } = useKitchen();
  const into = ({ massG }: LadderStep) => {
    const grams = intoBowl(massG, baseG, ladder.bowlG);
    if (grams <= 0) return 'nothing';
    const spoon = nearestKitchenMeasure(grams, ingredient, measures);
    // what no spoon measures is weighed
    const near = Math.abs(spoon.massG - grams) < 0.15 * grams;
    return `${grams.toFixed(grams < 10 ? 1 : 0)} g${near ? `, about ${spoon.text}` : ''}`;
  };
  return (
    <Box component="ol" aria-label="Bowls" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {ladder.steps.map((step, at) => (
        <Box
          component="li"
          key={step.id}
          sx={{
            ...{ display: 'flex', flexWrap: 'wrap', gap: 1.25, alignItems: 'center' },
            ...{ borderTop: `1px solid ${colour.line}`, py: 1 },
          }}
        >
          <Box sx={{ fontWeight: 700, minWidth: 22 }}>{at + 1}</Box>
          <Box sx={{ flex: '1 1 160px', minWidth: 0 }}>
            <Box sx={{ fontWeight: 600 }}>{into(step)}</Box>
            <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
              {step.amount} in the whole dip
            </Box>
          </Box>
          <ResponseField
            label={`${ladder.response} of bowl ${at + 1}`}
            y={step.y}
            onSay={(y) => void respondLadder(ladder.id, step.id, y)}
          />
        </Box>
      ))}
    </Box>
  );
}

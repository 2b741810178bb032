import Box from '@mui/material/Box';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { sourceOf } from '@cobbet/core/larder/sources';
import { typedNumber } from '@/components/reading/readingText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { components, type ComponentKey } from './composition';
import { sourceWords } from './sourceWords';
import { CompositionBar } from './CompositionBar';
import { compositionSum, type IngredientTexts } from './ingredientForm';

/** The cook's own composition under the typical one, where they differ. */
export function Against({
  typical,
  texts,
  own,
}: {
  typical: Ingredient;
  texts: IngredientTexts;
  own: boolean;
}) {
  const mine = Object.fromEntries(
    components.map(({ key }) => [key, typedNumber(texts[key]) ?? 0]),
  ) as Record<ComponentKey, number>;
  const differs = components.some(({ key }) => Math.abs(mine[key] - typical[key]) > 0.005);
  const sum = compositionSum(texts);
  const source = sourceOf(typical.id)?.source ?? null;
  return (
    <Box sx={{ my: 1, fontSize: typeScale.small, color: colour.muted }}>
      <Box sx={{ mb: 0.25 }}>
        {own ? 'typical' : `like ${typical.name}`}: {sourceWords(typical)}
      </Box>
      <CompositionBar ingredient={typical} height={18} />
      {differs && (
        <>
          <Box sx={{ mt: 0.75, mb: 0.25, color: colour.accent }}>yours</Box>
          <CompositionBar ingredient={mine} height={18} />
        </>
      )}
      <Box sx={{ mt: 0.5 }}>
        {sum === null
          ? 'Something in it is no figure.'
          : `Adds up to ${sum.toFixed(1)} g of 100; the rest is ash and what tables leave out.`}
      </Box>
      {own && source !== null && <Box sx={{ mt: 0.5 }}>Source: {source}</Box>}
    </Box>
  );
}

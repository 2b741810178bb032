import Box from '@mui/material/Box';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { type ComponentKey, components, mostly, segments } from './composition';

/** What 100 g are made of, as one bar; wide parts say their name where asked. */
export function CompositionBar({
  ingredient,
  height = 14,
  named = false,
}: {
  ingredient: Pick<Ingredient, ComponentKey>;
  height?: number;
  named?: boolean;
}) {
  return (
    <svg
      viewBox={`0 0 300 ${height}`}
      width="100%"
      height={height}
      preserveAspectRatio="none"
      role="img"
      aria-label={`In 100 g: ${mostly(ingredient)}`}
      style={{ display: 'block' }}
    >
      <rect width={300} height={height} fill={colour.line} rx={2} />
      {segments(ingredient).map(({ key, fill, from, width }) => (
        <rect key={key} x={from * 3} width={width * 3} height={height} fill={fill}>
          {named && <title>{key}</title>}
        </rect>
      ))}
    </svg>
  );
}

/** What the colours stand for, in the order they are drawn. */
export function CompositionKey() {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.25,
        fontSize: typeScale.small,
        color: colour.muted,
      }}
    >
      {components.map(({ key, name, fill }) => (
        <Box key={key} sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
          <Box sx={{ width: 11, height: 11, bgcolor: fill, borderRadius: '2px' }} />
          {name}
        </Box>
      ))}
    </Box>
  );
}

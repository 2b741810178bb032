'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { type MapLayer, mapLayers } from './MixtureMap';

/** Every three of so many, in their order. */
function threesOf(many: number): (readonly [number, number, number])[] {
  const places = Array.from({ length: many }, (_, i) => i);
  return places.flatMap((a) =>
    places
      .filter((b) => b > a)
      .flatMap((b) => places.filter((c) => c > b).map((c) => [a, b, c] as const)),
  );
}

/** What the map shows, and, of four or five things, which three. */
export function MapChoice({
  names,
  axes,
  layer,
  response,
  choice,
  onAxes,
  onLayer,
}: {
  names: readonly string[];
  axes: readonly [number, number, number];
  layer: MapLayer;
  response: string;
  /** Which of several responses, to be chosen; null where there is one. */
  choice: ReactNode;
  onAxes: (axes: readonly [number, number, number]) => void;
  onLayer: (layer: MapLayer) => void;
}) {
  const layerNames: Record<MapLayer, string> = {
    response: choice === null ? response : 'how much',
    sure: 'how unsure',
    cost: 'cost per 100 g',
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 0.5 }}>
      {choice}
      <ToggleButtonGroup
        exclusive
        size="small"
        value={layer}
        aria-label="What the map shows"
        onChange={(_, next: MapLayer | null) => next && onLayer(next)}
      >
        {mapLayers.map((one) => (
          <ToggleButton key={one} value={one} sx={{ minHeight: 40, px: 1.5 }}>
            {layerNames[one]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {names.length > 3 && (
        <InlineSelect
          label="What the map is of"
          value={axes.join()}
          options={threesOf(names.length).map((three) => ({
            value: three.join(),
            name: three.map((i) => names[i] ?? '').join(', '),
          }))}
          onChange={(value) => {
            const [a = 0, b = 1, c = 2] = value.split(',').map(Number);
            onAxes([a, b, c]);
          }}
        />
      )}
      {layer === 'response' && (
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          small strokes: little is known there
        </Box>
      )}
    </Box>
  );
}

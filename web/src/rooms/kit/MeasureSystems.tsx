'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import {
  type MeasureSystem,
  measureSystems,
  systemVolumesMl,
} from '@cobbet/core/amounts/measureSystem';
import { changeSettings } from '@/store/settingsCommands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const names: Record<MeasureSystem, string> = {
  us: 'US',
  metric: 'metric',
  australian: 'Australian',
  british: 'older British',
};

/** Whose cups and spoons amounts are read in. */
export function MeasureSystems() {
  const { measures } = useSettings();
  return (
    <Panel title="Cups and spoons">
      <RadioGroup
        value={measures}
        aria-label="Cups and spoons"
        onChange={(_, next) =>
          void changeSettings('Cups and spoons', { measures: next as MeasureSystem })
        }
        sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}
      >
        {measureSystems.map((system) => {
          const { cup, tbsp, tsp } = systemVolumesMl[system];
          return (
            <FormControlLabel
              key={system}
              value={system}
              control={<Radio size="small" />}
              label={
                <Box component="span" sx={{ lineHeight: 1.25, display: 'block', py: 0.5 }}>
                  <strong>{names[system]}</strong>
                  <Box
                    component="span"
                    sx={{ display: 'block', fontSize: typeScale.small, color: colour.muted }}
                  >
                    cup {cup.toFixed(0)} · tbsp {tbsp.toFixed(1)} · tsp {tsp.toFixed(1)} ml
                  </Box>
                </Box>
              }
            />
          );
        })}
      </RadioGroup>
    </Panel>
  );
}

'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import type { Kit } from '@cobbet/core/kitchen/kit';
import type { ComponentProps } from 'react';
import { KeptFigure } from '@/components/KeptFigure';
import { TestPicture } from '@/components/reading/TestPicture';
import { changeSettings } from '@/store/settingsCommands';
import { useSettings } from '@/store/useKitchen';

/** One figure of the gear. */
function GearField(props: Omit<ComponentProps<typeof KeptFigure>, 'fault'>) {
  const { low, high, unit } = props;
  return <KeptFigure {...props} fault={`Between ${low} and ${high} ${unit}.`} />;
}

/** Sizes of the ring and the press, which every test is evaluated with. */
export function TestGear() {
  const { kit } = useSettings();
  const save = (label: string, change: Partial<Kit>) =>
    void changeSettings(label, { kit: { ...kit, ...change } });
  const { ring, press } = kit;
  return (
    <Panel title="Ring and press">
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <Box>
          <TestPicture test="ring" />
          <Box sx={{ display: 'grid', gap: 1.25, mt: 1 }}>
            <GearField
              label="Ring, inside"
              unit="mm"
              value={ring.ringMm}
              low={10}
              high={300}
              onSave={(ringMm) => save('Ring', { ring: { ...ring, ringMm } })}
            />
            <GearField
              label="Ring, height"
              unit="mm"
              value={ring.ringHeightMm}
              low={10}
              high={300}
              onSave={(ringHeightMm) => save('Ring', { ring: { ...ring, ringHeightMm } })}
            />
          </Box>
        </Box>
        <Box>
          <TestPicture test="press" />
          <Box sx={{ display: 'grid', gap: 1.25, mt: 1 }}>
            <GearField
              label="Weight, with its plate"
              unit="g"
              value={press.loadG}
              low={1}
              high={50_000}
              onSave={(loadG) => save('Press', { press: { ...press, loadG } })}
            />
            <GearField
              label="Paste under it"
              unit="ml"
              value={press.volumeMl}
              low={0.1}
              high={1000}
              onSave={(volumeMl) => save('Press', { press: { ...press, volumeMl } })}
            />
          </Box>
        </Box>
      </Box>
    </Panel>
  );
}

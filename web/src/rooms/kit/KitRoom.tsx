'use client';

import { RoomPage } from '@/components/RoomPage';
import Box from '@mui/material/Box';
import { AllTrials } from '@/components/AllTrials';
import { later } from '@/components/later';
import { CalibrationSection } from './CalibrationSection';
import { Machines } from './Machines';
import { MeasureSystems } from './MeasureSystems';
import { SettledWords } from './SettledWords';
import { TestGear } from './TestGear';

// as large as it is with three strips, so that no machine moves under a finger
const HouseTaste = later(() => import('./HouseTaste').then(({ HouseTaste }) => HouseTaste), {
  meanwhile: () => <Box sx={{ height: { xs: 540, lg: 476 } }} />,
});

/** What stands in the kitchen and what its readings have taught. */
export function KitRoom() {
  return (
    <RoomPage title="The kit" maxWidth={1320}>
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 4, lg: 5 },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.35fr) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <AllTrials>
          <CalibrationSection />
        </AllTrials>
        <Box sx={{ display: 'grid', gap: 3.5 }}>
          <AllTrials>
            <HouseTaste />
          </AllTrials>
          <Machines />
          <MeasureSystems />
          <SettledWords />
          <TestGear />
        </Box>
      </Box>
    </RoomPage>
  );
}

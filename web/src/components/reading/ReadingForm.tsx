'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { surprise } from '@cobbet/core/readings/calibrate';
import { type ReadMaking, trialEvidence } from '@cobbet/core/book/trialEvidence';
import { unlikelyBeyond } from '@cobbet/core/readings/calibrate';
import {
  type KeptReading,
  type ReadingWay,
  readingAt,
  wayOf,
} from '@cobbet/core/readings/keptReading';
import type { ReadingTaken } from '@cobbet/core/readings/takeReading';
import { useState } from 'react';
import { useCalibration, useLarder, useSettings } from '@/store/useKitchen';
import { SpoonChoice } from '../SpoonChoice';
import { AskUnlikely } from './AskUnlikely';
import { PressForm } from './PressForm';
import { ReadingLine } from './ReadingLine';
import type { PicturesOf } from './PicturedWidths';
import { RingForm } from './RingForm';

const ways: readonly { way: ReadingWay; name: string }[] = [
  { way: 'eye', name: 'by eye' },
  { way: 'ring', name: 'ring' },
  { way: 'press', name: 'press' },
];

/** Of a blended dip, g/ml. */
const usualDensity = 1.05;

/**
 * Reads a dip by eye, ring or press. A reading far off what is expected is asked about before it is kept.
 *
 * @param dip what is read: its rows as they are in the bowl, and the readings it has
 * @param paste what it weighs and fills, for the ring
 */
export function ReadingForm({
  label,
  dip,
  when,
  paste,
  pictured,
  onTake,
}: {
  label: string;
  dip: ReadMaking;
  when: KeptReading['when'];
  paste: { massG: number; volumeMl: number };
  /** Whose pictures may have been measured. */
  pictured: PicturesOf;
  onTake: (reading: KeptReading) => void;
}) {
  const larder = useLarder();
  const calibration = useCalibration(dip.machineId);
  const { kit } = useSettings();
  const [way, setWay] = useState<ReadingWay>('eye');
  const [asked, setAsked] = useState<KeptReading | null>(null);
  const had = dip.readings.findLast((one) => one.when === when && wayOf(one.taken) === 'eye');
  const best = readingAt(dip, when);
  const take = (taken: ReadingTaken, atC: number | null) => {
    const reading: KeptReading = {
      taken,
      atC,
      when,
      takenAt: new Date().toISOString(),
      leftOut: false,
    };
    const [evidence] = trialEvidence({ ...dip, readings: [reading] }, larder);
    if (evidence && Math.abs(surprise(calibration, evidence)) > unlikelyBeyond) setAsked(reading);
    else onTake(reading);
  };
  return (
    <Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={way}
        onChange={(_, next: ReadingWay | null) => next && setWay(next)}
        aria-label={`${label}: how it is read`}
        sx={{ mb: 1.5 }}
      >
        {ways.map(({ way: one, name }) => (
          <ToggleButton key={one} value={one} sx={{ px: 2.5, minHeight: 48 }}>
            {name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {asked && (
        <AskUnlikely
          reading={asked}
          dip={dip}
          onKeep={() => {
            onTake(asked);
            setAsked(null);
          }}
          onDrop={() => setAsked(null)}
        />
      )}
      {way === 'eye' && (
        <SpoonChoice
          label={label}
          chosen={had && 'eye' in had.taken ? had.taken.eye : undefined}
          onChoose={(word) => take({ eye: word }, null)}
        />
      )}
      {way === 'ring' && (
        <RingForm
          ring={kit.ring}
          densityGPerMl={paste.volumeMl > 0 ? paste.massG / paste.volumeMl : usualDensity}
          pictured={pictured}
          onTake={take}
        />
      )}
      {way === 'press' && <PressForm press={kit.press} pictured={pictured} onTake={take} />}
      {best && <ReadingLine reading={best} />}
    </Box>
  );
}

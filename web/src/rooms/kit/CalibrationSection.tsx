'use client';

import { ChartFile } from '@/components/chart/ChartFile';
import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { kitMachine } from '@cobbet/core/kitchen/kit';
import type { Trial } from '@cobbet/core/book/trial';
import { useMemo, useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { useBook } from '@/store/bookStore';
import { useCalibration, useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { CalibrationChart } from './CalibrationChart';
import { KitchenWords } from './KitchenWords';
import { ReadingList } from './ReadingList';
import { TellsMost } from './TellsMost';
import { useResiduals } from './useResiduals';

/** Machines that something was read in, the one with most readings first. */
function readMachines(trials: Iterable<Trial>): string[] {
  const counts = new Map<string, number>();
  for (const { machineId, readings } of trials) {
    if (readings.length > 0) counts.set(machineId, (counts.get(machineId) ?? 0) + readings.length);
  }
  return [...counts].sort((a, b) => b[1] - a[1]).map(([id]) => id);
}

/** What this kitchen's readings have taught: in words, drawn, and reading by reading. */
export function CalibrationSection() {
  const trials = useBook((state) => state.book.trials);
  const { kit } = useSettings();
  const read = useMemo(() => readMachines(trials.values()), [trials]);
  const [picked, setPicked] = useState<string | null>(null);
  const machineId = picked ?? read[0] ?? '';
  const calibration = useCalibration(machineId);
  const { shown, all } = useResiduals(machineId);
  const [chosen, setChosen] = useState<string | null>(null);
  if (read.length === 0) {
    return (
      <Panel title="Your kitchen against the model" label="Calibration">
        <Typography sx={{ my: 1.5, maxWidth: 520 }}>
          Nothing read yet. After you make a dip, say what the spoon shows, lift a ring or press a
          dab: three or four readings and the bands on the Bench grow much narrower.
        </Typography>
        <Button component={Link} href="/make" variant="contained">
          Make something
        </Button>
      </Panel>
    );
  }
  return (
    <Panel title="Your kitchen against the model" label="Calibration" sx={{ minWidth: 0 }}>
      <Box sx={{ mt: 0.5 }}>
        in the{' '}
        <InlineSelect
          label="Machine whose readings are shown"
          value={machineId}
          options={read.map((id) => ({ value: id, name: kitMachine(kit, id).name }))}
          onChange={setPicked}
        />
        ; what one machine taught is not taken for another.
      </Box>
      <KitchenWords calibration={calibration} readings={all} />
      <Box sx={{ my: 1.5 }}>
        <ChartFile title="Expected and read body">
          <CalibrationChart residuals={shown} chosen={chosen} onChoose={setChosen} />
        </ChartFile>
        <Box
          sx={{
            display: 'flex',
            gap: 2.5,
            flexWrap: 'wrap',
            fontSize: typeScale.small,
            color: colour.muted,
          }}
        >
          <span>● by eye</span>
          <span>○ ring</span>
          <span>■ press</span>
          <span>dashed: left out</span>
          {shown.length < all && <span>the latest {shown.length} are drawn</span>}
        </Box>
      </Box>
      <TellsMost calibration={calibration} machineId={machineId} />
      <ReadingList residuals={shown} chosen={chosen} onChoose={setChosen} />
    </Panel>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useDevices } from '@/devices/deviceStore';
import { MeasuredField } from './MeasuredField';
import { typedWithin } from './readingText';

const coldest = -10;
const hottest = 100;

/** A temperature as typed: null for none, or what is wrong with it. */
export function warmthOf(text: string): { atC: number | null; problem: string | null } {
  if (text.trim() === '') return { atC: null, problem: null };
  const { value, problem } = typedWithin(text, coldest, hottest);
  return { atC: value, problem };
}

/** A temperature, typed or taken from the thermometer once it stands. */
export function WarmthField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
}) {
  const probe = useDevices((state) => state.probe);
  const stable = useDevices((state) => state.probeWatch.stable?.value.toFixed(0));
  return (
    <Box>
      <MeasuredField
        label={label}
        unit="°C"
        value={value}
        problem={warmthOf(value).problem}
        onChange={onChange}
      />
      {probe && (
        <Button
          size="small"
          disabled={stable === undefined}
          sx={{ minHeight: 48 }}
          onClick={() => stable !== undefined && onChange(stable)}
        >
          {stable === undefined ? 'The thermometer moves' : `Take ${stable} °C`}
        </Button>
      )}
    </Box>
  );
}

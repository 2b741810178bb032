'use client';

import Box from '@mui/material/Box';
import type { ComponentProps } from 'react';
import { later } from '@/components/later';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { MomentPicker as Picker } from './MomentPicker';

/** As the picker writes it; a time on the wall has no zone. */
const day = new Intl.DateTimeFormat('en-GB', {
  ...{ weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' },
  timeZone: 'UTC',
});

/** What it is, readable until it can be changed. */
function ReadMoment({ label, value }: ComponentProps<typeof Picker>) {
  const said =
    value === null
      ? ''
      : `${day.format(new Date(`${value}Z`)).replace(',', '')} ${value.slice(11)}`;
  return (
    <Box sx={{ px: 1.75, fontSize: typeScale.note, lineHeight: '40px' }}>
      <Box component="span" sx={{ color: colour.muted }}>
        {label}
      </Box>{' '}
      {said}
    </Box>
  );
}

const MomentPicker = later(
  () => import('./MomentPicker').then(({ MomentPicker }) => MomentPicker),
  { rested: true, meanwhile: ReadMoment },
);

/** A local date and time; where it may be none, emptied it is. What it is picked with comes once the day stands. */
export function Moment({
  label,
  value,
  clearable = false,
  onSave,
}: {
  label: string;
  value: string | null;
  clearable?: boolean;
  onSave: (value: string | null) => void;
}) {
  return (
    <Box sx={{ my: 1.25, minHeight: 40 }}>
      <MomentPicker label={label} value={value} clearable={clearable} onSave={onSave} />
    </Box>
  );
}

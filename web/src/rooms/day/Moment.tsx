'use client';

import Box from '@mui/material/Box';
import { later } from '@/components/later';

const MomentPicker = later(() => import('./MomentPicker').then(({ MomentPicker }) => MomentPicker));

/** A local date and time; where it may be none, emptied it is. What it is picked with comes a moment later. */
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

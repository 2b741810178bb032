'use client';

import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import dayjs from 'dayjs';
import utc from 'dayjs/plugin/utc';

dayjs.extend(utc);

const written = 'YYYY-MM-DDTHH:mm';

/**
 * A local date and time in the kitchen's own order and clock, typed or chosen. It is a time on the wall and of no zone, so that no change
 * of clocks of this device moves it.
 */
export function MomentPicker({
  label,
  value,
  clearable,
  onSave,
}: {
  label: string;
  /** `2026-06-13T12:30`; null for none. */
  value: string | null;
  /** Whether it may be none. */
  clearable: boolean;
  onSave: (value: string | null) => void;
}) {
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs}>
      <DateTimePicker
        label={label}
        value={value === null ? null : dayjs.utc(value)}
        timezone="UTC"
        // a year half typed is none
        minDateTime={dayjs.utc('2000-01-01T00:00')}
        maxDateTime={dayjs.utc('2199-12-31T23:59')}
        ampm={false}
        format="ddd D MMM YYYY HH:mm"
        onChange={(next, { validationError }) => {
          if (next === null) {
            if (clearable) onSave(null);
          } else if (validationError === null && next.isValid()) {
            const local = next.format(written);
            if (local !== value) onSave(local);
          }
        }}
        slotProps={{
          field: { clearable },
          textField: { size: 'small', fullWidth: true },
          actionBar: { actions: ['accept'] },
        }}
      />
    </LocalizationProvider>
  );
}

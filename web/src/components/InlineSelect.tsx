'use client';

import NativeSelect from '@mui/material/NativeSelect';

/** A choice that reads as part of a sentence: underlined, as wide as what is chosen. */
export function InlineSelect<T extends string>({
  label,
  value,
  options,
  sx = {},
  onChange,
}: {
  label: string;
  value: T;
  options: readonly { value: T; name: string }[];
  sx?: { fontSize?: number | 'inherit'; fontWeight?: number; color?: string };
  onChange: (value: T) => void;
}) {
  return (
    <NativeSelect
      disableUnderline
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
      inputProps={{ 'aria-label': label }}
      sx={{
        ...sx,
        '& select': { py: 0, pl: 0, textDecoration: 'underline dotted', fieldSizing: 'content' },
      }}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.name}
        </option>
      ))}
    </NativeSelect>
  );
}

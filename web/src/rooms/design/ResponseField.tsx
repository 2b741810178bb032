'use client';

import InputBase from '@mui/material/InputBase';
import { useState } from 'react';
import { typedNumber } from '@/components/reading/readingText';
import { colour } from '@/theme/colour';

/** What came of a bowl, as it is typed; what is no figure is said and changes nothing. */
export function ResponseField({
  label,
  y,
  stands = '…',
  onSay,
}: {
  label: string;
  y: number | null;
  /** What stands there while nothing is typed. */
  stands?: string;
  onSay: (y: number | null) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (y === null ? '' : String(y));
  const wrong = shown.trim() !== '' && typedNumber(shown) === null;
  return (
    <InputBase
      value={shown}
      placeholder={stands}
      error={wrong}
      inputProps={{
        'aria-label': label,
        'aria-invalid': wrong,
        inputMode: 'decimal',
        maxLength: 10,
      }}
      onChange={(event) => {
        setTyped(event.target.value);
        const value = typedNumber(event.target.value);
        if (value !== null || event.target.value.trim() === '') onSay(value);
      }}
      onBlur={() => !wrong && setTyped(null)}
      sx={{
        width: 64,
        fontWeight: 700,
        px: 1,
        bgcolor: colour.board,
        borderRadius: '6px',
        outline: wrong ? `2px solid ${colour.caution}` : 'none',
      }}
    />
  );
}

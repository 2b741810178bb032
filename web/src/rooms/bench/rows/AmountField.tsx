'use client';

import InputBase from '@mui/material/InputBase';
import type { KeyboardEvent } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Moves the focus to the same field of the next row down, or to what adds a row. */
function focusNext(from: HTMLElement): void {
  const fields = [...document.querySelectorAll<HTMLElement>('[data-amount]')];
  const next = fields[fields.indexOf(from) + 1];
  (next ?? document.querySelector<HTMLElement>('[data-add-row] input'))?.focus();
}

/** A long amount is set smaller, so that it is read whole. */
const sizeOf = ({ length }: string) =>
  length > 17 ? typeScale.small : length > 12 ? typeScale.note : typeScale.text;

/** An amount as the cook writes it: looks like something to write in, takes anything. */
export function AmountField({
  label,
  value,
  error,
  describedBy,
  onType,
  onDone,
  onForget,
}: {
  label: string;
  value: string;
  error: boolean;
  describedBy?: string;
  onType: (text: string) => void;
  onDone: () => void;
  onForget: () => void;
}) {
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      onDone();
      focusNext(event.currentTarget);
    } else if (event.key === 'Escape') {
      onForget();
    }
  };
  return (
    <InputBase
      value={value}
      onChange={(event) => onType(event.target.value)}
      onBlur={onDone}
      slotProps={{
        input: {
          'aria-label': label,
          'aria-invalid': error,
          'aria-describedby': describedBy,
          'data-amount': '',
          autoComplete: 'off',
          spellCheck: false,
          maxLength: 200,
          onKeyDown,
        } as Record<string, unknown>,
      }}
      sx={{
        width: '100%',
        fontSize: sizeOf(value),
        fontWeight: 700,
        bgcolor: colour.board,
        borderRadius: 1,
        border: '1px solid transparent',
        borderBottom: `2px solid ${error ? colour.caution : colour.line}`,
        px: 0.75,
        height: 32,
        '&:hover': { borderBottomColor: colour.muted },
        '&.Mui-focused': { borderColor: colour.accent, bgcolor: colour.paper },
        '& input': { p: 0, textOverflow: 'ellipsis' },
        '& input:focus-visible': { outline: 'none' },
      }}
    />
  );
}

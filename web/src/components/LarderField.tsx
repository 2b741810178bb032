'use client';

import Add from '@mui/icons-material/Add';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { useMemo, useState } from 'react';
import { RoleMark } from './RoleMark';
import { colour } from '@/theme/colour';
import { findTyped, type Found } from './findTyped';

/** Offers what fits while it is typed: a name from the larder, with its amount before it if the cook likes. */
export function LarderField({
  larder,
  measures,
  placeholder,
  text,
  onText,
  onAdd,
}: {
  larder: Larder;
  measures: MeasureSystem;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  onAdd: (ingredient: Ingredient, amount: string) => void;
}) {
  const [open, setOpen] = useState(text.trim() !== '');
  const options = useMemo(() => findTyped(text, larder, measures), [text, larder, measures]);
  return (
    <Autocomplete<Found>
      options={options}
      filterOptions={(all) => all}
      value={null}
      inputValue={text}
      onInputChange={(_, next, reason) => {
        if (reason === 'reset' || reason === 'selectOption') return;
        onText(next);
        setOpen(true);
      }}
      onChange={(_, found) => {
        if (!found) return;
        onAdd(found.ingredient, found.amount);
        onText('');
      }}
      autoHighlight
      blurOnSelect={false}
      clearOnBlur={false}
      open={open && text.trim() !== ''}
      onOpen={() => setOpen(true)}
      onClose={() => setOpen(false)}
      forcePopupIcon={false}
      getOptionKey={({ ingredient }) => ingredient.id}
      getOptionLabel={({ ingredient }) => ingredient.name}
      noOptionsText="Nothing in the larder is called that."
      renderOption={({ key, ...props }, { ingredient, amount }) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1 }}>
          <RoleMark role={ingredient.role} />
          {amount !== '' && <Box sx={{ color: colour.accent, fontWeight: 700 }}>{amount}</Box>}
          {ingredient.name}
        </Box>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          variant="standard"
          autoFocus
          placeholder={placeholder}
          slotProps={{
            ...params.slotProps,
            htmlInput: { ...params.slotProps.htmlInput, 'aria-label': 'Add something' },
            input: {
              ...params.slotProps.input,
              startAdornment: (
                <InputAdornment position="start">
                  <Add fontSize="small" />
                </InputAdornment>
              ),
            },
          }}
        />
      )}
    />
  );
}

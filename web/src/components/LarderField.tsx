'use client';

import Add from '@mui/icons-material/Add';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Larder } from '@cobbet/core/larder/larder';
import type { ReadPart } from '@cobbet/core/lines/lineReading';
import { type KeyboardEvent, useMemo, useState } from 'react';
import type { NewFood } from '@cobbet/core/lines/newFood';
import { keepNewFood, rememberPick } from '@/store/commands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { placeWords } from './placeWords';
import { RoleMark } from './RoleMark';
import { typedOptions, type TypedOption } from './typedOptions';

/** One food as it is understood: its amount, what that weighs, what it is, and where it goes. */
function Understood({
  part,
  larder,
  own,
}: {
  part: ReadPart;
  larder: Larder;
  own?: NewFood | undefined;
}) {
  const isOwn = own?.id === part.ingredient;
  const ingredient = larder.get(isOwn ? own.like : part.ingredient);
  const grams = part.massG > 0 ? printGrams(part.massG) : '';
  const raw = part.raw ? `from ${printGrams(part.raw.massG)} raw` : '';
  const aside = [placeWords[part.place], raw, part.optional ? 'optional' : '']
    .filter((word) => word !== '')
    .join(', ');
  return (
    <Box
      component="span"
      sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1, alignItems: 'baseline', minWidth: 0 }}
    >
      {ingredient && <RoleMark role={ingredient.role} />}
      {part.amount !== '' && (
        <Box component="span" sx={{ color: colour.accent, fontWeight: 700, whiteSpace: 'nowrap' }}>
          {part.amount}
          {grams !== '' && grams !== part.amount && ` → ${grams}`}
        </Box>
      )}
      <span>
        {isOwn ? `something new, “${own.name}”, like ${ingredient?.name ?? ''}` : ingredient?.name}
        {aside !== '' && (
          <Box component="span" sx={{ color: colour.muted, fontSize: typeScale.small }}>
            {' '}
            {aside}
          </Box>
        )}
      </span>
    </Box>
  );
}

/**
 * Understands what is typed, in any order and with any amount, and shows it before it is taken. Where it is not sure it asks, and
 * figures answer; the answer is remembered.
 */
export function LarderField({
  larder,
  measures,
  label = 'Add something',
  placeholder,
  text,
  onText,
  onAdd,
  effectOf,
}: {
  larder: Larder;
  measures: MeasureSystem;
  label?: string;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  onAdd: (parts: readonly ReadPart[], mergeKey?: string) => void;
  /** What so much of it would do to the dip, in a few words. */
  effectOf?: ((parts: readonly ReadPart[]) => string) | undefined;
}) {
  const { picked } = useSettings();
  const [open, setOpen] = useState(text.trim() !== '');
  const { options, why } = useMemo(
    () => typedOptions(text, { larder, measures, picked: new Map(Object.entries(picked ?? {})) }),
    [text, larder, measures, picked],
  );
  const choosing = options[0]?.kind === 'choice';
  // a figure is an answer once the line has its amount, else it may be the amount
  const byFigure =
    choosing && !/\s$/.test(text) && options.every(({ parts }) => (parts.at(-1)?.massG ?? 0) > 0);
  const take = (option: TypedOption) => {
    const last = option.parts.at(-1);
    if (option.food !== undefined && option.food !== '' && last) {
      void rememberPick(option.food, last.ingredient);
    }
    // a new food and what it goes into are one step of undo
    const mergeKey = option.own && `own ${option.own.id}`;
    if (option.own) void keepNewFood(option.own, mergeKey);
    onAdd(option.parts, mergeKey);
    onText('');
  };
  const answer = (event: KeyboardEvent) => {
    const option = /^[1-4]$/.test(event.key) ? options[Number(event.key) - 1] : undefined;
    if (!byFigure || !option || !open || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    take(option);
  };
  return (
    <Autocomplete<TypedOption>
      options={options}
      filterOptions={(all) => all}
      value={null}
      inputValue={text}
      onInputChange={(_, next, reason) => {
        if (reason === 'reset' || reason === 'selectOption') return;
        onText(next);
        setOpen(true);
      }}
      onChange={(_, option) => option && take(option)}
      // Enter takes what is understood, and never what only might be meant
      autoHighlight={options[0]?.kind === 'understood'}
      blurOnSelect={false}
      clearOnBlur={false}
      open={open && text.trim() !== ''}
      onOpen={() => setOpen(true)}
      onClose={() => setOpen(false)}
      forcePopupIcon={false}
      getOptionKey={({ key }) => key}
      getOptionLabel={() => text}
      noOptionsText={why ?? 'Nothing in the larder is called that.'}
      groupBy={choosing ? () => why ?? '' : undefined}
      renderGroup={({ key, group, children }) => (
        <li key={key} role="presentation">
          <Box role="status" sx={{ px: 2, pt: 1, fontWeight: 700, color: colour.caution }}>
            {group}
          </Box>
          <Box component="ul" role="group" aria-label={group} sx={{ p: 0 }}>
            {children}
          </Box>
        </li>
      )}
      renderOption={({ key, ...props }, { kind, parts, own }, { index }) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1, alignItems: 'baseline !important' }}>
          {kind === 'choice' && byFigure && (
            <Box component="kbd" sx={{ fontWeight: 700, minWidth: 18 }}>
              {index + 1}
            </Box>
          )}
          <Box sx={{ display: 'grid', rowGap: 0.25, minWidth: 0 }}>
            {parts.map((part, i) => (
              <Understood key={i} part={part} larder={larder} own={own} />
            ))}
            {kind !== 'name' && !own && effectOf && (
              <Box component="span" sx={{ color: colour.muted, fontSize: typeScale.small }}>
                {effectOf(parts)}
              </Box>
            )}
          </Box>
        </Box>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          variant="standard"
          autoFocus
          placeholder={placeholder}
          onKeyDown={answer}
          slotProps={{
            ...params.slotProps,
            htmlInput: { ...params.slotProps.htmlInput, 'aria-label': label },
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

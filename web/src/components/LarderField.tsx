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
import type { RuleRow } from '@cobbet/core/lines/ruleSides';
import type { Rule } from '@cobbet/core/mix/rule';
import { type KeyboardEvent, useMemo, useState } from 'react';
import type { NewFood } from '@cobbet/core/lines/newFood';
import { keepNewFood } from '@/store/larderCommands';
import { rememberPick } from '@/store/settingsCommands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { placeWords } from './placeWords';
import { ruleWords } from './ruleWords';
import { shortName } from './shortName';
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

/** Rows that a rule may be written for, and what takes it. */
export interface RulesHere {
  rows: readonly RuleRow[];
  onRule: (rule: Omit<Rule, 'id'>) => void;
}

/** A rule as it is understood. */
function RuleRead({ rule, rows }: { rule: Omit<Rule, 'id'>; rows: readonly RuleRow[] }) {
  const nameOf = (id: string) =>
    shortName(rows.find((row) => row.id === id)?.ingredient.name ?? '')
      .split(',')[0]
      ?.toLowerCase() ?? '';
  return (
    <span>
      Hold to it: <strong>{ruleWords(rule, nameOf)}</strong>
      {!('whole' in rule.to) && `, by ${rule.by}`}
    </span>
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
  rules,
  effectOf,
}: {
  larder: Larder;
  measures: MeasureSystem;
  label?: string;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  onAdd: (parts: readonly ReadPart[], mergeKey?: string) => void;
  /** Rows that a rule may be written for, and what takes it. */
  rules?: RulesHere | undefined;
  /** What so much of it would do to the dip, in a few words. */
  effectOf?: ((parts: readonly ReadPart[]) => string) | undefined;
}) {
  const { picked } = useSettings();
  const [open, setOpen] = useState(text.trim() !== '');
  const { options, why } = useMemo(
    () =>
      typedOptions(
        text,
        { larder, measures, picked: new Map(Object.entries(picked ?? {})) },
        rules?.rows,
      ),
    [text, larder, measures, picked, rules?.rows],
  );
  const choosing = options[0]?.kind === 'choice';
  // a figure is an answer once the line has its amount, else it may be the amount
  const byFigure =
    choosing && !/\s$/.test(text) && options.every(({ parts }) => (parts.at(-1)?.massG ?? 0) > 0);
  const take = (option: TypedOption) => {
    if (option.rule) {
      rules?.onRule(option.rule);
      onText('');
      return;
    }
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
      autoHighlight={['understood', 'rule'].includes(options[0]?.kind ?? '')}
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
      renderOption={({ key, ...props }, { kind, parts, own, rule }, { index }) => (
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
            {rule && <RuleRead rule={rule} rows={rules?.rows ?? []} />}
            {kind !== 'name' && kind !== 'rule' && !own && effectOf && (
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

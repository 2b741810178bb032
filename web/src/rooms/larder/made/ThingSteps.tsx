'use client';

import Add from '@mui/icons-material/Add';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Input from '@mui/material/Input';
import { type StepPlace, stepPlaces, type Thing, type ThingStep } from '@cobbet/core/book/thing';
import { InlineSelect } from '@/components/InlineSelect';
import { editThing } from '@/store/thingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const placeNames: Record<StepPlace, string> = {
  hand: 'by hand',
  hob: 'on the hob',
  oven: 'in the oven',
  fridge: 'in the fridge',
  machine: 'in the machine',
};
const places = stepPlaces.map((value) => ({ value, name: placeNames[value] }));
const mostSteps = 40;
const mostMinutes = 20_000;
const blank: ThingStep = { label: '', handsOnMin: 5, waitMin: 0, on: 'hand' };

/** Minutes as they are typed; anything else is none. */
const minutesOf = (text: string) =>
  Math.min(mostMinutes, Math.max(0, Math.round(Number(text.replace(/[^\d]/g, '')) || 0)));

/** How a thing is made, step by step, with the minutes the day plans with. */
export function ThingSteps({ thing }: { thing: Thing }) {
  const stepsTo = (edit: (steps: readonly ThingStep[]) => ThingStep[], mergeKey?: string) =>
    void editThing(
      thing.id,
      'How it is made',
      (one) => ({ ...one, steps: edit(one.steps) }),
      mergeKey,
    );
  const change = (at: number, some: Partial<ThingStep>) =>
    stepsTo(
      (steps) => steps.map((step, i) => (i === at ? { ...step, ...some } : step)),
      `thing ${thing.id} step ${at}`,
    );
  const minutes = (at: number, key: 'handsOnMin' | 'waitMin', value: number, label: string) => (
    <Input
      value={String(value)}
      inputProps={{ 'aria-label': `${label}, step ${at + 1}`, inputMode: 'numeric' }}
      onChange={({ target }) => change(at, { [key]: minutesOf(target.value) })}
      sx={{ width: 44, fontSize: typeScale.note, '& input': { textAlign: 'right' } }}
    />
  );
  return (
    <>
      <Box component="ol" aria-label="Steps" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {thing.steps.map((step, i) => (
          <Box
            component="li"
            key={i}
            sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75, fontSize: typeScale.note }}
          >
            <Box sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
              <Input
                fullWidth
                multiline
                value={step.label}
                placeholder="What is done"
                inputProps={{ 'aria-label': `Step ${i + 1}`, maxLength: 300 }}
                onChange={({ target }) => change(i, { label: target.value })}
                sx={{ fontSize: typeScale.text }}
              />
              <IconButton
                size="small"
                aria-label={`Take step ${i + 1} out`}
                onClick={() => stepsTo((steps) => steps.filter((_, at) => at !== i))}
              >
                <Close fontSize="small" />
              </IconButton>
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'baseline' }}>
              {minutes(i, 'handsOnMin', step.handsOnMin, 'Minutes hands-on')} min hands-on,
              {minutes(i, 'waitMin', step.waitMin, 'Minutes waiting')} waiting,
              <InlineSelect
                label={`Where, step ${i + 1}`}
                value={step.on}
                options={places}
                onChange={(on) => change(i, { on })}
              />
            </Box>
          </Box>
        ))}
      </Box>
      {thing.steps.length < mostSteps && (
        <Button
          size="small"
          startIcon={<Add />}
          onClick={() => stepsTo((steps) => [...steps, blank])}
        >
          A step
        </Button>
      )}
    </>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import type { Machine } from '@cobbet/core/kitchen/machines';
import type { Method } from '@cobbet/core/mix/method';
import { type Row, type WorkedIn, workings } from '@cobbet/core/dip/dip';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { usualWorking } from '@cobbet/core/dip/usualWorking';
import { useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { howWords } from '@/components/howWords';
import { useLeaving } from '@/components/useLeaving';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';

const longestMin = 120;

/** How a row is worked in, for how long and what to look for: the usual way, or the cook's own. */
export function WorkedInFields({
  read: { row, ingredient },
  machine,
  method,
  onChange,
}: {
  read: ReadRow;
  machine: Machine;
  method: Method;
  onChange: (label: string, edit: (row: Row) => Row, field?: string) => void;
}) {
  const usual = ingredient && usualWorking(ingredient, row.place, machine, method.grind);
  const now = row.worked ?? usual;
  // null while nothing is typed: what the row has is shown, also after an undo
  const [typedMinutes, setTypedMinutes] = useState<string | null>(null);
  const minutes = typedMinutes ?? now?.minutes?.toString() ?? '';
  const label = `How ${ingredient?.name ?? row.ingredientId} is worked in`;
  const keep = (change: Partial<WorkedIn>, field?: string) =>
    now &&
    onChange(label, (one) => ({ ...one, worked: { ...(one.worked ?? now), ...change } }), field);
  const typed = minutes.trim() === '' ? null : typedNumber(minutes);
  const wrong = minutes.trim() !== '' && (typed === null || typed <= 0 || typed > longestMin);
  const keepMinutes = () => {
    if (now && !wrong && typed !== now.minutes) keep({ minutes: typed });
  };
  useLeaving(keepMinutes);
  if (!ingredient || !now) return null;
  return (
    <Box role="group" aria-label="Worked in" sx={{ display: 'grid', gap: 0.5 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 110px', gap: 1, alignItems: 'center' }}>
        <InlineSelect
          label="Worked in by"
          value={now.how}
          options={workings.map((how) => ({ value: how, name: howWords[how] }))}
          onChange={(how) => keep({ how })}
        />
        <Box
          onBlur={() => {
            keepMinutes();
            if (!wrong) setTypedMinutes(null);
          }}
        >
          <MeasuredField
            label="For about"
            unit="min"
            value={minutes}
            problem={wrong ? `Up to ${longestMin}.` : null}
            onChange={setTypedMinutes}
          />
        </Box>
      </Box>
      <LabelledField
        size="small"
        label="What to look for"
        multiline
        value={now.lookFor}
        onChange={(event) => {
          const next = event.target.value.slice(0, 300);
          keep({ lookFor: next }, 'look for');
        }}
      />
      {row.worked && usual && (
        <Button
          size="small"
          sx={{ justifySelf: 'start' }}
          onClick={() => {
            setTypedMinutes(null);
            onChange(label, ({ worked: _own, ...one }) => one);
          }}
        >
          The usual way again
        </Button>
      )}
    </Box>
  );
}

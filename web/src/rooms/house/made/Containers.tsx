'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import type { KeptContainer } from '@cobbet/core/book/container';
import { useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { dropContainer, keepContainer } from '@/store/batchCommands';
import { newId } from '@/store/newId';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const none = { name: '', ml: '', tare: '', count: '' };

/** What a kitchen fills: jars, tubs, ramekins, each with what it holds, weighs empty and how many there are. */
export function Containers({ containers }: { containers: readonly KeptContainer[] }) {
  const [form, setForm] = useState(none);
  const [tried, setTried] = useState(false);
  const [ml, tare, count] = [form.ml, form.tare, form.count].map(typedNumber);
  const faults = {
    name: form.name.trim() === '' ? 'What it is called.' : null,
    ml:
      ml !== null && ml !== undefined && ml > 0 && ml <= 100_000
        ? null
        : 'What it holds to the rim.',
    tare:
      form.tare.trim() === '' || (tare !== null && tare !== undefined && tare >= 0)
        ? null
        : 'Its weight empty.',
    count: count !== null && count !== undefined && count >= 0 ? null : 'How many.',
  };
  const shown = (fault: string | null) => (tried ? fault : null);
  const add = () => {
    setTried(true);
    if (Object.values(faults).some((fault) => fault !== null)) return;
    void keepContainer({
      ...{ id: newId(), name: form.name.trim().slice(0, 200), ml: ml ?? 0 },
      ...{ tareG: form.tare.trim() === '' ? null : (tare ?? null), count: Math.round(count ?? 0) },
    });
    setForm(none);
    setTried(false);
  };
  return (
    <Box sx={{ mb: 1 }}>
      {containers.length === 0 && (
        <Box sx={{ color: colour.muted, fontSize: typeScale.note }}>
          Say once what you fill: a 200 ml jar, a tub, a ramekin.
        </Box>
      )}
      <Box component="ul" aria-label="Jars and tubs" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {containers.map((one) => (
          <Box
            component="li"
            key={one.id}
            sx={{ display: 'flex', alignItems: 'center', fontSize: typeScale.note }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              {one.name}: {one.ml} ml, {one.count} of them
              {one.tareG === null ? '' : `, ${one.tareG} g empty`}
            </Box>
            <IconButton
              size="small"
              aria-label={`No ${one.name}`}
              onClick={() => void dropContainer(one)}
            >
              <Close fontSize="inherit" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Box
        component="form"
        aria-label="A new container"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
        sx={{
          display: 'grid',
          gap: 1,
          alignItems: 'start',
          gridTemplateColumns: { xs: '1fr 1fr', sm: '1.6fr 1fr 1fr 1fr auto' },
        }}
      >
        <LabelledField
          label="Called"
          size="small"
          placeholder="jar 200 ml"
          value={form.name}
          error={shown(faults.name) !== null}
          helperText={shown(faults.name) ?? ' '}
          onChange={(event) => setForm({ ...form, name: event.target.value.slice(0, 200) })}
        />
        <MeasuredField
          label="To the rim"
          unit="ml"
          value={form.ml}
          problem={shown(faults.ml)}
          onChange={(next) => setForm({ ...form, ml: next })}
        />
        <MeasuredField
          label="Empty"
          unit="g"
          value={form.tare}
          problem={shown(faults.tare)}
          onChange={(next) => setForm({ ...form, tare: next })}
        />
        <MeasuredField
          label="How many"
          unit=""
          value={form.count}
          problem={shown(faults.count)}
          onChange={(next) => setForm({ ...form, count: next })}
        />
        <Button type="submit" sx={{ mt: 0.5 }}>
          Add it
        </Button>
      </Box>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Batch } from '@cobbet/core/book/batch';
import { workMinutes } from '@cobbet/core/book/workMinutes';
import { useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { usualCurrency } from '@/components/money';
import { batchWork } from '@/store/batchCommands';
import { useBook } from '@/store/bookStore';
import { changeSettings } from '@/store/settingsCommands';
import { useSettings } from '@/store/useKitchen';

/** Minutes a batch took: as the cook says, else as its making was logged. */
export function useWorkMin({ workMin, trialId }: Batch): number | null {
  const trial = useBook(({ book }) => book.trials.get(trialId ?? ''));
  return workMin ?? (trial ? workMinutes(trial) : null);
}

const most = 100_000;
/** A figure typed, nothing where the field is empty; null where it is none. */
function figure(text: string): number | undefined | null {
  if (text.trim() === '') return undefined;
  const value = typedNumber(text);
  return value !== null && value >= 0 && value <= most ? value : null;
}

/** Work and power, counted only where the cook writes what they cost. */
export function WorkRates({ batch, workMin }: { batch: Batch; workMin: number | null }) {
  const { rates = {}, currency = usualCurrency } = useSettings();
  const [open, setOpen] = useState(rates.hour !== undefined || rates.power !== undefined);
  const [texts, setTexts] = useState({
    hour: rates.hour === undefined ? '' : String(rates.hour),
    power: rates.power === undefined ? '' : String(rates.power),
    minutes: workMin === null ? '' : workMin.toFixed(0),
  });
  const rate = (key: 'hour' | 'power', text: string) => {
    setTexts({ ...texts, [key]: text });
    const value = figure(text);
    if (value === null) return;
    const { [key]: _old, ...others } = rates;
    const next = value === undefined ? others : { ...others, [key]: value };
    void changeSettings('What work and power cost', { rates: next });
  };
  const minutes = (text: string) => {
    setTexts({ ...texts, minutes: text });
    const value = figure(text);
    if (value !== null && value !== undefined && value <= 10_000) void batchWork(batch.id, value);
  };
  const fault = (text: string) => (figure(text) === null ? 'A figure.' : null);
  if (!open) {
    return (
      <Button size="small" sx={{ px: 0, mt: 1 }} onClick={() => setOpen(true)}>
        Count work and power
      </Button>
    );
  }
  return (
    <Box
      role="group"
      aria-label="Work and power"
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 1fr))', gap: 1.5, mt: 1.5 }}
    >
      <MeasuredField
        label="It took"
        unit="min"
        value={texts.minutes}
        problem={fault(texts.minutes)}
        onChange={minutes}
      />
      <MeasuredField
        label="An hour of work"
        unit={currency}
        value={texts.hour}
        problem={fault(texts.hour)}
        onChange={(text) => rate('hour', text)}
      />
      <MeasuredField
        label="Power, a making"
        unit={currency}
        value={texts.power}
        problem={fault(texts.power)}
        onChange={(text) => rate('power', text)}
      />
    </Box>
  );
}

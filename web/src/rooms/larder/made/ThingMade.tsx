'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { leftIn } from '@cobbet/core/book/batch';
import type { Thing } from '@cobbet/core/book/thing';
import { expectedYield } from '@cobbet/core/book/thingBatch';
import Link from 'next/link';
import { useState } from 'react';
import { shortDay } from '@/components/day';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { useBook } from '@/store/bookStore';
import { thingMadeNow } from '@/store/thingCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const none = { factor: '1', stays: '', off: '' };

/** A figure typed that may be left open; undefined where it is none. */
function openFigure(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const value = typedNumber(text);
  return value !== null && value >= 0 && value <= 1e6 ? value : undefined;
}

/** What was made of a thing: said here, weighed or not, and what is left of it. */
export function ThingMade({ thing }: { thing: Thing }) {
  const kitchen = useKitchen();
  const batches = useBook(({ book }) => book.batches);
  const [form, setForm] = useState(none);
  const factor = typedNumber(form.factor);
  const times = factor !== null && factor > 0 && factor <= 1000 ? factor : null;
  const expected = expectedYield(thing, kitchen, times ?? 1);
  const [staysG, offG] = [openFigure(form.stays), openFigure(form.off)];
  const wrong = times === null || staysG === undefined || offG === undefined || expected.inG <= 0;
  const made = [...batches.values()]
    .filter(({ dipId }) => dipId === thing.id)
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  const keep = () => {
    if (wrong) return;
    void thingMadeNow(thing.id, { factor: times, staysG, offG });
    setForm(none);
  };
  const field = (
    key: 'stays' | 'off',
    label: string,
    g: number,
    value: number | null | undefined,
  ) => (
    <MeasuredField
      label={label}
      unit="g"
      value={form[key]}
      problem={
        value === undefined ? 'A weight in g.' : value === null ? `about ${g.toFixed(0)}` : null
      }
      wrong={value === undefined}
      onChange={(next) => setForm({ ...form, [key]: next })}
    />
  );
  return (
    <>
      <Box
        component="form"
        aria-label="Made now"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
        sx={{
          ...{ display: 'grid', gap: 1.25, alignItems: 'start' },
          gridTemplateColumns: thing.off ? '64px 1fr 1fr auto' : '64px 1fr auto',
        }}
      >
        <MeasuredField
          label="So often"
          unit="×"
          value={form.factor}
          problem={times === null ? 'From 0.1.' : null}
          onChange={(next) => setForm({ ...form, factor: next })}
        />
        {field('stays', thing.off ? 'What stays' : 'It weighs', expected.staysG, staysG)}
        {thing.off && field('off', 'What ran off', expected.offG, offG)}
        <Button type="submit" variant="contained" disabled={wrong} sx={{ mt: 1 }}>
          Made it
        </Button>
      </Box>
      <Box component="ul" aria-label="Made so far" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {made.map((batch) => {
          const left = batch.pots.reduce((sum, pot) => sum + leftIn(pot), 0);
          return (
            <Box
              component="li"
              key={batch.id}
              sx={{ fontSize: typeScale.note, borderTop: `1px solid ${colour.line}`, py: 0.5 }}
            >
              <Box
                component={Link}
                href={`/house?batch=${encodeURIComponent(batch.id)}`}
                sx={{ color: colour.accent }}
              >
                {batch.name}, {batch.code}
              </Box>
              , {shortDay(batch.madeAt)}:{' '}
              {left > 0.5
                ? `${left.toFixed(0)} g left of ${batch.yieldG.toFixed(0)} g`
                : `${batch.yieldG.toFixed(0)} g, all gone`}
            </Box>
          );
        })}
      </Box>
    </>
  );
}

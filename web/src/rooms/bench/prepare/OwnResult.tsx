'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { OwnRoute } from '@cobbet/core/prepare/ownRoute';
import type { Route } from '@cobbet/core/prepare/route';
import { useRef, useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { forgetYields, keepYield } from '@/store/larderCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const percent = (share: number) => `${(share * 100).toFixed(0)} %`;

/** What this raw thing has given the cook, beside what is typical; a new result is told, and all can be forgotten. */
export function OwnResult({ table, route, name }: { table: Route; route: OwnRoute; name: string }) {
  const [raw, setRaw] = useState('');
  const section = useRef<HTMLElement>(null);
  const [ready, setReady] = useState('');
  const rawG = typedNumber(raw);
  const readyG = typedNumber(ready);
  const usable = rawG !== null && readyG !== null && rawG > 0 && readyG > 0;
  const { low, typical, high } = table.ratio;
  // more than three times either end is a slip of the pen
  const odd = usable && (readyG / rawG > 3 * high || readyG / rawG < low / 3);
  const keep = () => {
    if (!usable || odd) return;
    void keepYield({ ingredientId: route.to, from: route.from, rawG, readyG }, name);
    setRaw('');
    setReady('');
    section.current?.focus();
  };
  return (
    <Box
      component="section"
      ref={section}
      tabIndex={-1}
      aria-label="What it gives"
      sx={{ mt: 1, fontSize: typeScale.note, outline: 'none' }}
    >
      Typical: {percent(typical)} of the raw weight ({percent(low)} to {percent(high)}).
      {route.results > 0 && (
        <Box sx={{ color: colour.accent }}>
          <strong>
            Yours: {percent(route.ratio.typical)} ({percent(route.ratio.low)} to{' '}
            {percent(route.ratio.high)})
          </strong>
          , n = {route.results}.{' '}
          <Button
            size="small"
            sx={{ py: 0, minWidth: 0 }}
            onClick={() => {
              void forgetYields(route.to, route.from, name);
              // the button goes with what it forgets; the keys stay in the dialog
              section.current?.focus();
            }}
          >
            Forget
          </Button>
        </Box>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: '1fr 1fr auto',
          gap: 1.5,
          mt: 0.5,
          alignItems: 'center',
        }}
      >
        <MeasuredField label="Mine: raw" unit="g" value={raw} onChange={setRaw} />
        <MeasuredField
          label="gave"
          unit="g"
          value={ready}
          problem={odd ? 'That can hardly be.' : null}
          onChange={setReady}
        />
        <Button size="small" disabled={!usable || odd} onClick={keep}>
          Keep
        </Button>
      </Box>
    </Box>
  );
}

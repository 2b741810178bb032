'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Batch, batchAgains, keptWells } from '@cobbet/core/book/batch';
import { ageOf, batchFacts, type BatchInKitchen } from '@cobbet/core/book/batchKeeping';
import { type OnDay, overDays } from '@cobbet/core/dip/overDays';
import { keepingOf } from '@cobbet/core/safety/keeping';
import { useMemo, useState } from 'react';
import { bodyFigure, wordOf } from '@/components/bodyText';
import { Panel } from '@/components/Panel';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { batchAgain, batchCooled, batchKept } from '@/store/batchCommands';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** How it will about be, a day at a time. */
function DayByDay({ days, age }: { days: readonly OnDay[]; age: number }) {
  return (
    <>
      <Box
        component="ol"
        aria-label="Day by day"
        sx={{ display: 'flex', gap: '2px', m: 0, mt: 1, p: 0, listStyle: 'none' }}
      >
        {days.map(({ day, chilledBody, garlicG, colour: hex }) => (
          <Box
            component="li"
            key={day}
            sx={{
              ...{
                flex: 1,
                minWidth: 0,
                textAlign: 'center',
                fontSize: typeScale.small,
                lineHeight: 1.3,
              },
              fontWeight: day === age ? 700 : 400,
            }}
          >
            <Box
              style={hex === null ? {} : { backgroundColor: hex }}
              sx={{ height: 18, borderRadius: '3px', border: `1px solid ${colour.line}` }}
            />
            {day === 0 ? 'made' : `day ${day}`}
            <Box>{wordOf(chilledBody)}</Box>
            {chilledBody !== null && <Box>{bodyFigure(chilledBody)}</Box>}
            {garlicG > 0.05 && <Box sx={{ color: colour.muted }}>garlic {garlicG.toFixed(1)}</Box>}
          </Box>
        ))}
      </Box>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
        How it will about be, an estimate: it says nothing of its safety. Stir back what has
        settled; drain what has wept.
      </Box>
    </>
  );
}

/** How fast it came from hot to cold, where it was hot. */
function CooledIn({ batch }: { batch: Batch }) {
  const [text, setText] = useState(batch.cooledMin === undefined ? '' : String(batch.cooledMin));
  const value = typedNumber(text);
  const wrong = text.trim() !== '' && !(value !== null && value >= 0 && value <= 10_000);
  return (
    <Box sx={{ width: 210, mt: 1 }}>
      <MeasuredField
        label="From hot to cold, if it was hot"
        unit="min"
        value={text}
        problem={wrong ? 'Minutes.' : null}
        onChange={(next) => {
          setText(next);
          const minutes = next.trim() === '' ? 0 : typedNumber(next);
          if (minutes !== null && minutes >= 0 && minutes <= 10_000)
            void batchCooled(batch.id, minutes);
        }}
      />
    </Box>
  );
}

/** How long a batch keeps and why, how it will be meanwhile, and how it was. */
export function BatchKeeping({
  batch,
  there,
  own,
}: {
  batch: Batch;
  there: BatchInKitchen;
  own: number | undefined;
}) {
  const { parts, conditions } = there;
  const keeping = useMemo(() => keepingOf(batchFacts(batch, there, own)), [batch, there, own]);
  // a made thing by itself is no dip, and has no body to follow
  const days = useMemo(
    () => (batch.thing ? [] : overDays(parts, conditions, Math.max(1, keeping.fridgeDays))),
    [batch.thing, parts, conditions, keeping],
  );
  const [least, most] = keeping.schools;
  const age = Math.max(0, ageOf(batch, today()));
  return (
    <Panel title="How long it keeps">
      <Box sx={{ lineHeight: 1.45 }}>
        <strong>{keeping.because.words}</strong>, at 4 °C or below.
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          {least < most && `Practised: ${least}–${most} days. `}
          {keeping.frozenWords} Local codes come first.
        </Box>
      </Box>
      {days.length > 0 && <DayByDay days={days} age={age} />}
      <CooledIn batch={batch} />
      <Box sx={{ mt: 1 }}>
        <Box sx={{ fontSize: typeScale.note }}>When it had stood, it was</Box>
        <Box
          role="group"
          aria-label="How it kept"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}
        >
          {keptWells.map((how) => (
            <Button
              key={how}
              size="small"
              variant={batch.kept?.how === how ? 'contained' : 'outlined'}
              aria-pressed={batch.kept?.how === how}
              onClick={() => void batchKept(batch.id, how, age)}
              sx={{ px: 1, minWidth: 0 }}
            >
              {how}
            </Button>
          ))}
        </Box>
        {batch.kept && (
          <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
            After {batch.kept.days} {batch.kept.days === 1 ? 'day' : 'days'}.
            {batch.kept.how === 'fine'
              ? ' That makes no dip keep longer than is usual.'
              : ' The next batches of it are kept a day less than that.'}
          </Box>
        )}
      </Box>
      {!batch.thing && (
        <Box sx={{ mt: 1 }}>
          <Box sx={{ fontSize: typeScale.note }}>Those who ate it want it</Box>
          <Box role="group" aria-label="Made so again" sx={{ display: 'flex', gap: 0.5 }}>
            {batchAgains.map((said) => (
              <Button
                key={said}
                size="small"
                variant={batch.again === said ? 'contained' : 'outlined'}
                aria-pressed={batch.again === said}
                onClick={() => void batchAgain(batch.id, said)}
                sx={{ px: 1 }}
              >
                {said}
              </Button>
            ))}
          </Box>
        </Box>
      )}
    </Panel>
  );
}

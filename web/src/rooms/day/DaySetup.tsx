'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import type { Plan } from '@cobbet/core/book/plan';
import type { DayNeeds } from '@cobbet/core/plan/dayNeeds';
import { useState } from 'react';
import { MeasuredField } from '@/parts/reading/MeasuredField';
import { typedNumber } from '@/parts/reading/readingText';
import { useBook } from '@/store/bookStore';
import { editPlan } from '@/store/commands';
import { colour } from '@/theme/colour';
import { Moment } from './Moment';

const kitchenWords: Record<string, string> = {
  cook: 'cooks',
  oven: 'ovens',
  hob: 'hobs',
  processor: 'machines',
};

/** How much of a dip: kept when the field is left. */
function Amount({
  name,
  massG,
  portionG,
  onSave,
}: {
  name: string;
  massG: number;
  portionG: number;
  onSave: (massG: number) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const typed = typedNumber(text ?? String(massG));
  const wrong = typed === null || typed < 1 || typed > 100_000;
  return (
    <Box
      onBlur={() => {
        if (text === null || wrong) return;
        setText(null);
        if (typed !== massG) onSave(typed);
      }}
    >
      <MeasuredField
        label={name}
        unit="g"
        value={text ?? String(Math.round(massG))}
        problem={
          wrong
            ? 'From 1 to 100000 g.'
            : `${Math.floor((typed ?? 0) / portionG)} portions of ${portionG} g`
        }
        wrong={wrong}
        onChange={setText}
      />
    </Box>
  );
}

/** What the day asks for: when, with what, and how much of which dips. */
export function DaySetup({ plan, needs }: { plan: Plan; needs: DayNeeds }) {
  const dips = useBook((state) => state.book.dips);
  const edit = (label: string, change: (one: Plan) => Plan) =>
    void editPlan(plan.id, label, change);
  const others = [...dips.values()].filter(
    ({ id }) => !plan.dips.some(({ dipId }) => dipId === id),
  );
  const cautions = [...new Set(needs.preps.flatMap(({ preparation }) => preparation.cautions))];
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 4,
        mt: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '280px minmax(0, 1fr)' },
        '@media print': { display: 'none' },
      }}
    >
      <Box component="section" aria-label="When and with what">
        <Typography variant="h2">When and with what</Typography>
        <Moment
          label="On the table at"
          value={plan.serveAt}
          onSave={(serveAt) => serveAt && edit('Serving', (one) => ({ ...one, serveAt }))}
        />
        <Moment
          label="Not before"
          value={plan.notBefore}
          onSave={(notBefore) => edit('Not before', (one) => ({ ...one, notBefore }))}
        />
        {Object.entries(kitchenWords).map(([key, word]) => {
          const count = plan.resources[key] ?? 0;
          const set = (next: number) =>
            edit(`${next} ${word}`, (one) => ({
              ...one,
              resources: { ...one.resources, [key]: next },
            }));
          return (
            <Box key={key} sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 44 }}>
              <Box sx={{ flex: 1 }}>{word}</Box>
              <Button
                size="small"
                aria-label={`One of the ${word} less`}
                disabled={count <= (key === 'cook' ? 1 : 0)}
                onClick={() => set(count - 1)}
                sx={{ minWidth: 36 }}
              >
                −
              </Button>
              <strong>{count}</strong>
              <Button
                size="small"
                aria-label={`One more of the ${word}`}
                disabled={count >= 9}
                onClick={() => set(count + 1)}
                sx={{ minWidth: 36 }}
              >
                +
              </Button>
            </Box>
          );
        })}
      </Box>
      <Box component="section" aria-label="Dips of the day">
        <Typography variant="h2" sx={{ mb: 1 }}>
          Dips of the day
        </Typography>
        <Box
          sx={{ display: 'grid', columnGap: 3, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}
        >
          {plan.dips.map(({ dipId, massG }) => {
            const dip = dips.get(dipId);
            if (!dip) return null;
            return (
              <Box
                key={dipId}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '1fr auto',
                  alignItems: 'center',
                  gap: 1,
                }}
              >
                <Amount
                  name={dip.name}
                  massG={massG}
                  portionG={dip.portionG}
                  onSave={(next) =>
                    edit(`${next} g ${dip.name}`, (one) => ({
                      ...one,
                      dips: one.dips.map((other) =>
                        other.dipId === dipId ? { dipId, massG: next } : other,
                      ),
                    }))
                  }
                />
                <Button
                  size="small"
                  aria-label={`Take ${dip.name} off the day`}
                  onClick={() =>
                    edit(`Without ${dip.name}`, (one) => ({
                      ...one,
                      dips: one.dips.filter((other) => other.dipId !== dipId),
                    }))
                  }
                >
                  Off
                </Button>
              </Box>
            );
          })}
        </Box>
        {others.length > 0 && (
          <NativeSelect
            value=""
            inputProps={{ 'aria-label': 'Add a dip' }}
            sx={{ mt: 1, maxWidth: 320 }}
            onChange={(event) => {
              const dip = dips.get(event.target.value);
              if (!dip) return;
              edit(`With ${dip.name}`, (one) => ({
                ...one,
                dips: [...one.dips, { dipId: dip.id, massG: 10 * dip.portionG }],
              }));
            }}
          >
            <option value="">Add a dip…</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </NativeSelect>
        )}
        {cautions.length > 0 && (
          <Box
            sx={{
              mt: 2,
              p: 1.25,
              bgcolor: colour.cautionWash,
              borderLeft: `4px solid ${colour.caution}`,
              fontSize: 13.5,
            }}
          >
            {cautions.map((caution) => (
              <Box component="p" key={caution} sx={{ m: 0, mb: 0.75 }}>
                {caution}
              </Box>
            ))}
            <Box component="p" sx={{ m: 0, color: colour.muted }}>
              Usual guidance; follow local codes and, where one applies, your licensed process.
            </Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}

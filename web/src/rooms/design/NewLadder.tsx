'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { scaleAmountText } from '@cobbet/core/amounts/scaleAmount';
import type { DipInKitchen } from '@cobbet/core/dip/analyseDip';
import type { LadderStep } from '@cobbet/core/design/ladder';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { capital } from '@/components/bodyText';
import { typedNumber } from '@/components/reading/readingText';
import { useOnce } from '@/components/useOnce';
import { addLadder } from '@/store/designCommands';
import { newId } from '@/store/newId';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { plainName } from './plainName';

type ReadRow = DipInKitchen['rows'][number];

const usualBowlG = 100;
const shares = [0, 0.5, 1, 2] as const;
const nothing = /^(0|none|no|nothing)?$/i;

/** One thing alone: several amounts of it, stirred into bowls of one base. */
export function NewLadder({ inKitchen, read }: { inKitchen: DipInKitchen; read: ReadRow }) {
  const router = useRouter();
  const { measures } = useKitchen();
  const once = useOnce();
  const { row, ingredient, massG } = read;
  const [typed, setTyped] = useState(() =>
    shares.map((share) => {
      if (share === 0) return 'none';
      const scaled = scaleAmountText(row.amount, share);
      return scaled.ok ? scaled.value : `${Number((massG * share).toFixed(1))} g`;
    }),
  );
  const [bowl, setBowl] = useState(String(usualBowlG));
  if (!ingredient) return null;
  const steps = typed.map((text): Omit<LadderStep, 'id'> | string => {
    if (nothing.test(text.trim())) return { amount: 'none', massG: 0, y: null };
    const grams = readGrams(text, ingredient, measures);
    return grams.ok
      ? { amount: text.trim(), massG: grams.value.massG, y: null }
      : grams.error.message;
  });
  const bowlG = typedNumber(bowl);
  const faults = steps.filter((step) => typeof step === 'string');
  const lacks = (): string | null => {
    if (faults.length > 0) return 'Mend the amount that can’t be read.';
    if (bowlG === null || bowlG < 10 || bowlG > 5000) return 'A bowl holds 10 g to 5 kg.';
    const masses = new Set(steps.map((step) => (typeof step === 'string' ? -1 : step.massG)));
    return masses.size < steps.length ? 'Two bowls are the same.' : null;
  };
  const wrong = lacks();
  const baseG = inKitchen.parts.reduce((sum, part) => sum + part.massG, 0) - massG;
  const begin = async () => {
    const kept = steps.flatMap((step) =>
      typeof step === 'string' ? [] : [{ ...step, id: newId() }],
    );
    if (wrong !== null || bowlG === null) return;
    const id = await addLadder({
      ...{ dipId: inKitchen.dip.id, rowId: row.id, ingredientId: row.ingredientId, bowlG },
      ...{ name: `${capital(plainName(ingredient.name))}, step by step`, response: 'liking' },
      steps: kept.sort((a, b) => a.massG - b.massG),
    });
    router.push(`/design?ladder=${encodeURIComponent(id)}`);
  };
  return (
    <Panel title={`${capital(plainName(ingredient.name))} alone: a ladder`} sx={{ mt: 3 }}>
      <Box sx={{ maxWidth: 620, mb: 1.5 }}>
        One base without it, divided into bowls; another amount goes into each. Amounts are for the
        whole dip of {(baseG + massG).toFixed(0)} g; what goes into a bowl is worked out.
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' }}>
        {typed.map((text, i) => {
          const fault = steps[i];
          return (
            <LabelledField
              key={i}
              size="small"
              label={`Bowl ${i + 1}`}
              value={text}
              error={typeof fault === 'string'}
              helperText={typeof fault === 'string' ? fault : undefined}
              onChange={(event) =>
                setTyped(typed.map((one, at) => (at === i ? event.target.value : one)))
              }
              sx={{ width: 130 }}
              htmlInput={{ maxLength: 60 }}
            />
          );
        })}
        <Button
          size="small"
          disabled={typed.length >= 12}
          onClick={() => setTyped([...typed, ''])}
          sx={{ minHeight: 40 }}
        >
          One more
        </Button>
        {typed.length > 2 && (
          <Button size="small" onClick={() => setTyped(typed.slice(0, -1))} sx={{ minHeight: 40 }}>
            One less
          </Button>
        )}
        <LabelledField
          size="small"
          label="Base in each, g"
          value={bowl}
          onChange={(event) => setBowl(event.target.value)}
          sx={{ width: 130 }}
          htmlInput={{ inputMode: 'decimal', maxLength: 6 }}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 2, mt: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          size="large"
          disabled={wrong !== null}
          onClick={() => once(begin)}
        >
          Set the ladder up
        </Button>
        <Box role="status" sx={{ color: colour.muted, fontSize: typeScale.note }}>
          {wrong}
        </Box>
      </Box>
    </Panel>
  );
}

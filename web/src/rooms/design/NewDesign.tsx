'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { designQuestion } from '@cobbet/core/book/newDesign';
import { reachableLimits } from '@cobbet/core/design/mixtureRegion';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { CheckLine } from '@/components/CheckLine';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { capital } from '@/components/bodyText';
import { shortName } from '@/components/shortName';
import { plainName } from './plainName';
import { addDesign } from '@/store/designCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { type Limits, useVaried, type Varied } from './useVaried';

const mostComponents = 5;
/** Trials beside one for each term, so that what is learned can be held against something. */
const spare = 3;
const termsOf = (q: number) => q + (q * (q - 1)) / 2;

/** How far a share may go, in percent; what is usual stands there until something is typed. */
function LimitFields({
  component,
  typed,
  label,
  onChange,
}: {
  component: Varied;
  typed: Limits;
  label: string;
  onChange: (limits: Limits) => void;
}) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.5 }}>
      <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
        now {(100 * component.share).toFixed(0)} %; from, to
      </Box>
      {(['low', 'high'] as const).map((end) => (
        <OutlinedInput
          key={end}
          size="small"
          value={typed[end]}
          placeholder={String(
            Math.round(100 * (end === 'low' ? component.usual.min : component.usual.max)),
          )}
          error={(end === 'low' ? component.min : component.max) === null}
          endAdornment="%"
          onChange={(event) => onChange({ ...typed, [end]: event.target.value })}
          sx={{ width: 84 }}
          inputProps={{
            inputMode: 'decimal',
            maxLength: 6,
            'aria-label': `${label}, ${end === 'low' ? 'least' : 'most'} %`,
          }}
        />
      ))}
    </Box>
  );
}

/** Which things of a dip are varied, how far, in how many trials; then they are chosen on the bowls that land. */
export function NewDesign({ dip }: { dip: Dip }) {
  const router = useRouter();
  const kitchen = useKitchen();
  const inKitchen = useMemo(() => readDip(dip, kitchen), [dip, kitchen]);
  const { rows, limits, chosen, components, known, together, toggle, setLimit } =
    useVaried(inKitchen);
  const [many, setMany] = useState<string | null>(null);
  const [response, setResponse] = useState('liking');
  const [told, setTold] = useState<string | null>(null);
  const running = useRef<AbortController | null>(null);
  const [busy, setBusy] = useState(false);
  const usualMany = termsOf(Math.max(2, chosen.length)) + spare;
  const n = many === null ? usualMany : Number(many);
  const lacks = (): string | null => {
    if (chosen.length < 2) return 'Choose two to five things to vary.';
    if (known.length < components.length) return 'A share is between 0 and 100 %.';
    if (!reachableLimits(known)) return 'With these limits the shares can’t add up to 100 %.';
    if (!Number.isInteger(n) || n < chosen.length || n > 40) {
      return `Between ${chosen.length} and 40 trials.`;
    }
    return null;
  };
  const wrong = lacks();
  const name = capital(
    chosen.map(({ ingredient, row }) => plainName(ingredient?.name ?? row.ingredientId)).join(', '),
  );
  const choose = async () => {
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
    const question = designQuestion(inKitchen, known, n, seed);
    if (!question) return setTold('Mend the amounts that can’t be read first.');
    const controller = new AbortController();
    running.current = controller;
    setBusy(true);
    setTold(null);
    try {
      const { designInWorker } = await import('@/workers/landingClient');
      const answer = await designInWorker(question, controller.signal);
      if ('why' in answer) return setTold(answer.why);
      const id = await addDesign(
        { dipId: dip.id, name, response: response.trim() || 'liking', components: known },
        answer,
      );
      return router.push(`/design?id=${encodeURIComponent(id)}`);
    } catch (error) {
      if (!controller.signal.aborted) {
        setTold(error instanceof Error ? error.message : 'It stopped. Try again.');
      }
      return undefined;
    } finally {
      setBusy(false);
    }
  };
  return (
    <RoomPage
      title={`Vary ${dip.name} on purpose`}
      maxWidth={980}
      says="Other shares of a few things, the rest held; liquid, salt and sour follow so that every trial lands on the dip’s targets."
    >
      <Panel title="What is varied">
        <Box component="ul" aria-label="What is varied" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {rows.map(({ row, ingredient, massG }) => {
            const component = components.find(({ rowId }) => rowId === row.id);
            const typed = limits.get(row.id);
            const label = shortName(ingredient?.name ?? row.ingredientId);
            return (
              <Box
                component="li"
                key={row.id}
                sx={{
                  display: 'flex',
                  flexWrap: 'wrap',
                  alignItems: 'center',
                  gap: 1.5,
                  minHeight: 48,
                  borderTop: `1px solid ${colour.line}`,
                }}
              >
                <Box sx={{ flex: '1 1 220px' }}>
                  <CheckLine
                    checked={typed !== undefined}
                    onToggle={() => {
                      setTold(null);
                      toggle(row.id);
                    }}
                  >
                    {label}, {massG.toFixed(0)} g
                  </CheckLine>
                </Box>
                {component && typed && (
                  <LimitFields
                    {...{ component, typed, label }}
                    onChange={(next) => setLimit(row.id, next)}
                  />
                )}
              </Box>
            );
          })}
        </Box>
      </Panel>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mt: 2.5, alignItems: 'center' }}>
        <LabelledField
          size="small"
          label="Trials"
          value={many ?? String(usualMany)}
          onChange={(event) => setMany(event.target.value)}
          sx={{ width: 100 }}
          htmlInput={{ inputMode: 'numeric', maxLength: 3 }}
        />
        <LabelledField
          size="small"
          label="What is marked, more is better"
          value={response}
          onChange={(event) => setResponse(event.target.value)}
          htmlInput={{ maxLength: 60 }}
        />
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          {together > 0 &&
            `about ${((inKitchen.parts.reduce((sum, { massG }) => sum + massG, 0) * n) / 1000).toFixed(1)} kg in all, as the dip is written`}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mt: 2, alignItems: 'center' }}>
        <Button
          variant="contained"
          size="large"
          disabled={busy || wrong !== null || chosen.length > mostComponents}
          onClick={() => void choose()}
        >
          {busy ? 'Landing each mixture…' : 'Choose the trials'}
        </Button>
        {busy && <Button onClick={() => running.current?.abort()}>Stop</Button>}
        <Box role="status" sx={{ color: told === null ? colour.muted : colour.caution }}>
          {told ?? (chosen.length > mostComponents ? 'Five things at most.' : wrong)}
        </Box>
      </Box>
    </RoomPage>
  );
}

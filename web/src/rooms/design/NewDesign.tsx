'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { designQuestion } from '@cobbet/core/book/newDesign';
import { reachableLimits } from '@cobbet/core/design/mixtureRegion';
import { mostThings } from '@cobbet/core/design/variedFigure';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { capital } from '@/components/bodyText';
import { shortName } from '@/components/shortName';
import { plainName } from './plainName';
import { addDesign } from '@/store/designCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { LimitFields } from './LimitFields';
import { figureName } from './planWords';
import { ResponseLines } from './ResponseLines';
import { useResponses } from './useResponses';
import { useVariedFigures } from './useVariedFigures';
import { VariedFigures } from './VariedFigures';
import { VariedLine } from './VariedLine';
import { NewLadder } from './NewLadder';
import { PlanFields } from './PlanFields';
import { usePlanFields } from './usePlanFields';
import { useVaried } from './useVaried';

const mostComponents = 5;

/** Which things of a dip are varied, how far, in how many trials; then they are chosen on the bowls that land. */
export function NewDesign({ dip }: { dip: Dip }) {
  const router = useRouter();
  const kitchen = useKitchen();
  const inKitchen = useMemo(() => readDip(dip, kitchen), [dip, kitchen]);
  const { rows, limits, chosen, components, known, toggle, setLimit } = useVaried(inKitchen);
  const beside = useVariedFigures(inKitchen);
  const marked = useResponses(dip);
  const plan = usePlanFields(Math.max(2, chosen.length), beside.chosen.length, inKitchen);
  const [told, setTold] = useState<string | null>(null);
  const running = useRef<AbortController | null>(null);
  const [busy, setBusy] = useState(false);
  const lacks = (): string | null => {
    if (chosen.length < 2) return 'Choose two to five things to vary, or one alone.';
    if (known.length < components.length) return 'A share is between 0 and 100 %.';
    if (!reachableLimits(known)) return 'With these limits the shares can’t add up to 100 %.';
    if (beside.known.length < beside.chosen.length) {
      return 'What is varied beside it goes from a number to a larger one.';
    }
    if (chosen.length + beside.chosen.length > mostThings) return 'Six things to vary at most.';
    return marked.wrong ?? plan.wrong;
  };
  const wrong = lacks();
  const name = capital(
    [
      ...chosen.map(({ ingredient, row }) => plainName(ingredient?.name ?? row.ingredientId)),
      ...beside.chosen.map(figureName),
    ].join(', '),
  );
  const choose = async () => {
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
    const question = designQuestion(inKitchen, known, {
      ...plan.asked,
      ...{ seed, varies: beside.known },
    });
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
        {
          ...{ dipId: dip.id, name, responses: marked.responses, components: known },
          ...(beside.known.length > 0 ? { varies: beside.known } : {}),
        },
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
      says="Other shares of a few things, the rest held; liquid, salt and sour follow so that every trial lands on the dip’s targets, or where they are set on purpose."
    >
      <Panel title="What is varied">
        <Box component="ul" aria-label="What is varied" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {rows.map(({ row, ingredient, massG }) => {
            const component = components.find(({ rowId }) => rowId === row.id);
            const typed = limits.get(row.id);
            const label = shortName(ingredient?.name ?? row.ingredientId);
            return (
              <VariedLine
                key={row.id}
                checked={typed !== undefined}
                onToggle={() => {
                  setTold(null);
                  toggle(row.id);
                }}
                label={`${label}, ${massG.toFixed(0)} g`}
              >
                {component && typed && chosen.length > 1 && (
                  <LimitFields
                    {...{ typed, label, unit: '%' }}
                    says={`now ${(100 * component.share).toFixed(0)} %; from, to`}
                    usual={{
                      low: String(Math.round(100 * component.usual.min)),
                      high: String(Math.round(100 * component.usual.max)),
                    }}
                    wrong={{ low: component.min === null, high: component.max === null }}
                    onChange={(next) => setLimit(row.id, next)}
                  />
                )}
              </VariedLine>
            );
          })}
        </Box>
      </Panel>
      {chosen.length === 1 && chosen[0] ? (
        <NewLadder key={chosen[0].row.id} inKitchen={inKitchen} read={chosen[0]} />
      ) : (
        <>
          <VariedFigures varied={beside} />
          <ResponseLines marked={marked} />
          <PlanFields plan={plan} />
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
        </>
      )}
    </RoomPage>
  );
}

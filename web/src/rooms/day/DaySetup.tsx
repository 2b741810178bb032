'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import type { Plan } from '@cobbet/core/day/plan';
import type { DayNeeds } from '@cobbet/core/day/dayNeeds';
import type { Dip } from '@cobbet/core/dip/dip';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { madeFirst } from './madeFirst';
import { KeptFigure } from '@/components/KeptFigure';
import { jugResource, washedResource } from '@cobbet/core/day/task';
import { Cautions } from '@/components/Cautions';
import { useBook } from '@/store/bookStore';
import { editPlan } from '@/store/planCommands';
import { Moment } from './Moment';

const kitchenWords: Record<string, string> = {
  cook: 'cooks',
  oven: 'ovens',
  hob: 'hobs',
  processor: 'machines',
  jug: 'jugs for them',
};

/** How many cooks, hobs and so on there are. */
function Resources({
  plan,
  edit,
}: {
  plan: Plan;
  edit: (label: string, change: (one: Plan) => Plan) => void;
}) {
  const machines = plan.resources[washedResource] ?? 0;
  return (
    <>
      {Object.entries(kitchenWords).map(([key, word]) => {
        const count = plan.resources[key] ?? (key === jugResource ? machines : 0);
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
    </>
  );
}

const portionsOf = (g: number, { portionG }: Dip) =>
  `${Math.floor(g / portionG)} portions of ${portionG} g`;

/** What more goes into the machine, where less was weighed out of it here. */
function goesIn({ dips }: DayNeeds, dipId: string): string {
  const found = dips.find(({ dip }) => dip.id === dipId);
  const share = found?.comesOut ?? 1;
  if (!found || share > 0.995) return '';
  return ` · ${printGrams(found.massG / share)} go in: ${Math.round(100 * share)} % comes out here`;
}

/** What of the kitchen's own has to be made before the dips that take it. */
function MadeFirst({ needs }: { needs: DayNeeds }) {
  const first = madeFirst(needs);
  if (first.length === 0) return null;
  return (
    <Box component="section" aria-label="Made first" sx={{ mt: 1.5 }}>
      <strong>Made first</strong>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {first.map(({ key, words }) => (
          <li key={key}>{words}</li>
        ))}
      </Box>
    </Box>
  );
}

/** What the day asks for: when, with what, and how much of which dips. */
export function DaySetup({ plan, needs }: { plan: Plan; needs: DayNeeds }) {
  const dips = useBook((state) => state.book.dips);
  const edit = (label: string, change: (one: Plan) => Plan, mergeKey?: string) =>
    void editPlan(plan.id, label, change, mergeKey);
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
      <Panel title="When and with what">
        <Moment
          label="On the table at"
          value={plan.serveAt}
          onSave={(serveAt) =>
            serveAt && edit('Serving', (one) => ({ ...one, serveAt }), `serving ${plan.id}`)
          }
        />
        <Moment
          label="Not before"
          clearable
          value={plan.notBefore}
          onSave={(notBefore) =>
            edit('Not before', (one) => ({ ...one, notBefore }), `not before ${plan.id}`)
          }
        />
        <Resources plan={plan} edit={edit} />
      </Panel>
      <Panel title="Dips of the day">
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
                <KeptFigure
                  label={dip.name}
                  unit="g"
                  value={massG}
                  shown={String(Math.round(massG))}
                  low={1}
                  high={100_000}
                  fault="From 1 to 100000 g."
                  says={(g) => `${portionsOf(g, dip)}${goesIn(needs, dipId)}`}
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
                  Remove
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
        <MadeFirst needs={needs} />
        <Cautions cautions={cautions} sx={{ mt: 2 }} />
      </Panel>
    </Box>
  );
}

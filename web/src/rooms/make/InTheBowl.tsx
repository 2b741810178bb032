'use client';

import Box from '@mui/material/Box';
import { aimOff, type runBowl } from '@cobbet/core/book/runBowl';
import { loggedRows } from '@cobbet/core/book/runEvents';
import { runHeat } from '@cobbet/core/book/runHeat';
import type { Run } from '@cobbet/core/book/run';
import { trialParts } from '@cobbet/core/book/trialParts';
import { machineFor } from '@cobbet/core/kitchen/kitchen';
import { stallsOn } from '@cobbet/core/kitchen/machines';
import { useState } from 'react';
import { later } from '@/components/later';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { AimHere } from './AimHere';
import { Standing } from './Standing';
import type { RunControl } from './useRun';

const WhyDialog = later(() =>
  import('@/components/why/WhyDialog').then(({ WhyDialog }) => WhyDialog),
);

/** The bowl now and after the step in hand, and what to mind of it. */
export function InTheBowl({
  run,
  control,
  bowl: { now, next },
}: {
  run: Run;
  control: RunControl;
  bowl: ReturnType<typeof runBowl>;
}) {
  const { entry, ingredient, kitchen, dip } = control;
  const [asked, setAsked] = useState(false);
  if (!entry) return null;
  const heat = (withNext: boolean) => runHeat(run, kitchen.larder, withNext);
  const machine = machineFor(run, kitchen);
  const nextBody = next?.freshBody ?? null;
  const stalls =
    next !== null &&
    entry.planned.place === 'bowl' &&
    stallsOn(machine, nextBody, next.state === 'crumbs');
  const aim = entry.done ? null : aimOff(run, dip, kitchen, nextBody);
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: { xs: 2, sm: 5 }, my: { xs: 2, sm: 4 } }}>
        <Standing
          title="the bowl now"
          body={now.massG > 0 ? now.freshBody : null}
          empty={now.massG > 0 ? 'crumbs' : 'empty'}
          heat={heat(false)}
          onWhy={() => setAsked(true)}
        />
        {next && entry.planned.place === 'bowl' && (
          <Standing
            title={`after this, ± ${next.sd.toFixed(1)}`}
            body={next.massG > 0 ? nextBody : null}
            empty={next.massG > 0 ? 'crumbs' : 'empty'}
            heat={heat(true)}
          />
        )}
      </Box>
      {asked && (
        <WhyDialog
          name="freshBody"
          parts={trialParts(loggedRows(run), kitchen.larder)}
          conditions={control.conditions}
          rests="Rests on the model and on what readings in this machine have taught."
          telling={null}
          onClose={() => setAsked(false)}
        />
      )}
      {aim !== null && <AimHere aim={aim} next={nextBody ?? 0} />}
      {next?.splitsAtOnce && ingredient?.role === 'oil' && (
        <Box role="note" sx={{ color: colour.caution, mb: 2, fontSize: typeScale.lead }}>
          Let it in slowly while it runs: poured in at once it splits.
        </Box>
      )}
      {stalls && (
        <Box role="alert" sx={{ color: colour.caution, mb: 2, fontSize: typeScale.lead }}>
          The {machine.name} may stall on this. Loosen it first with a liquid still to come.
        </Box>
      )}
    </>
  );
}

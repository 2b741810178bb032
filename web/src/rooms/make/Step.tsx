'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { usualWorking } from '@cobbet/core/dip/usualWorking';
import { tastingOf } from '@cobbet/core/dip/dip';
import { machineFor } from '@cobbet/core/kitchen/kitchen';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Run } from '@cobbet/core/book/run';
import { later } from '@/components/later';
import { useDevices } from '@/devices/deviceStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { runBowl } from '@cobbet/core/book/runBowl';
import { cautionsRaisedBy } from '@cobbet/core/safety/cautions';
import { isHandTool } from '@/components/toolWords';
import { Cautions } from '@/components/Cautions';
import { Afterward } from './Afterward';
import { Besides } from './Besides';
import { LogButtons } from './LogButtons';
import { LogTyped } from './LogTyped';
import { InTheBowl } from './InTheBowl';
import { StepNav } from './StepNav';
import { StepTimer } from './StepTimer';
import { WorkIn } from './WorkIn';
import type { RunControl } from './useRun';

const Weighing = later(() => import('./Weighing').then(({ Weighing }) => Weighing));

/** Whether what is in hand goes in with others before anything runs: nothing is worked in before the last of them. */
const isGathering = ({ method, step }: Run, { entries }: RunControl) =>
  method.atOnce === true &&
  entries.some(
    ({ planned, done, skipped }, i) => i > step && planned.place === 'bowl' && !done && !skipped,
  );

/** One addition, very large: what, how much, what the bowl is now and will be. */
export function Step({ run, control }: { run: Run; control: RunControl }) {
  const { entry, ingredient, kitchen, dip } = control;
  const onScale = useDevices((state) => state.scale !== null);
  if (!entry) return null;
  const gathering = isGathering(run, control);
  const bowl = runBowl(run, dip, kitchen);
  const { now, next } = bowl;
  const machine = machineFor(run, kitchen);
  const working =
    entry.worked ??
    (ingredient && usualWorking(ingredient, entry.planned.place, machine, run.method.grind));
  const tasteNow = !gathering && tastingOf(dip) === 'each' && now.massG > 0;
  const weighing = entry.planned.massG > 0 && (
    <Weighing
      rowId={entry.rowId}
      wantedG={entry.planned.massG}
      bowlC={control.conditions.method.blendC}
      onLog={(amount) => void control.log(amount)}
    />
  );
  return (
    <Box>
      <Typography
        component="p"
        sx={{
          fontFamily: 'inherit',
          fontWeight: 700,
          fontSize: { xs: typeScale.title, sm: typeScale.amount },
          lineHeight: 1.08,
          overflowWrap: 'anywhere',
        }}
      >
        {entry.planned.amount}
      </Typography>
      <Typography
        variant="h1"
        sx={{
          fontSize: { xs: typeScale.figure, sm: typeScale.title },
          mt: 0.5,
          overflowWrap: 'anywhere',
        }}
      >
        {ingredient?.name ?? entry.planned.ingredientId}
      </Typography>
      <Typography
        sx={{
          fontSize: { xs: typeScale.lead, sm: typeScale.large },
          color: 'text.secondary',
          minHeight: 28,
        }}
      >
        {entry.planned.massG > 0 && printGrams(entry.planned.massG)}
        {entry.prep !== '' && ` · ${entry.prep}`}
      </Typography>
      {entry.planned.place === 'top' && (
        <Typography sx={{ fontSize: typeScale.lead }}>
          This goes on top when it is served.
        </Typography>
      )}
      {gathering ? (
        <Typography sx={{ fontSize: typeScale.lead }}>
          Everything goes in at once: nothing runs yet.
        </Typography>
      ) : (
        working && <WorkIn working={working} />
      )}
      {!gathering && <InTheBowl run={run} control={control} bowl={bowl} />}
      {entry.done && (
        <Typography
          role="status"
          sx={{ mb: 1.5, fontSize: typeScale.lead, color: colour.bandEdge }}
        >
          In: {entry.done.amount}, {printGrams(entry.done.massG)}. Logging again puts that right.
        </Typography>
      )}
      {onScale && <Box sx={{ mb: 1.5 }}>{weighing}</Box>}
      <LogButtons control={control} onScale={onScale} />
      {/* under the buttons: what stands above them for one addition only would move them from under a quick second tap */}
      {next && (
        <Cautions
          cautions={cautionsRaisedBy(next.cautions, entry.planned.ingredientId)}
          sx={{ mt: 1.5 }}
        />
      )}
      {!onScale && weighing}
      {tasteNow && (
        <Box role="note" sx={{ mt: 1.5, fontSize: typeScale.lead }}>
          This dip is tasted after each addition:{' '}
          <Button
            variant="outlined"
            sx={{ minHeight: 48 }}
            onClick={() => void control.go(control.entries.length)}
          >
            Taste it now
          </Button>
        </Box>
      )}
      {!gathering && (
        <StepTimer
          key={`timer ${entry.rowId}`}
          run={run}
          label={ingredient?.name ?? entry.planned.ingredientId}
          usualMin={working?.minutes ?? null}
          byHand={isHandTool(machine)}
        />
      )}
      <LogTyped key={`typed ${entry.rowId}`} control={control} example={entry.planned.amount} />
      <Afterward run={run} control={control} />
      <Besides key={`besides ${entry.rowId}`} run={run} control={control} />
      <StepNav run={run} control={control} empty={now.massG <= 0} />
    </Box>
  );
}

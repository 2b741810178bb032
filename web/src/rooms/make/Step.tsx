'use client';

import ArrowBack from '@mui/icons-material/ArrowBack';
import ArrowForward from '@mui/icons-material/ArrowForward';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { stallsOn } from '@cobbet/core/kitchen/machines';
import { bodyWord } from '@cobbet/core/mix/bodyWords';
import { usualWorking } from '@cobbet/core/dip/usualWorking';
import { tastingOf } from '@cobbet/core/dip/dip';
import { machineFor } from '@cobbet/core/kitchen/kitchen';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Run } from '@cobbet/core/book/run';
import { useState } from 'react';
import { later } from '@/components/later';
import { bodyFigure } from '@/components/bodyText';
import { SpoonPicture } from '@/components/SpoonPicture';
import { useDevices } from '@/devices/deviceStore';
import { colour } from '@/theme/colour';
import { aimOff, runBowl } from '@cobbet/core/book/runBowl';
import { StepTimer } from './StepTimer';
import { WorkIn } from './WorkIn';
import type { RunControl } from './useRun';

const Weighing = later(() => import('./Weighing').then(({ Weighing }) => Weighing));

/** A body as a picture with its word and figure. */
function Standing({ title, body, empty }: { title: string; body: number | null; empty: string }) {
  const word = body === null ? null : bodyWord(body);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      {word ? <SpoonPicture word={word} size={62} /> : <Box sx={{ width: 62 }} />}
      <Box sx={{ lineHeight: 1.2 }}>
        <Box sx={{ fontSize: 16, color: colour.muted }}>{title}</Box>
        <Box sx={{ fontSize: 28, fontWeight: 700 }}>{word ?? empty}</Box>
        {body !== null && (
          <Box sx={{ fontSize: 16, color: colour.muted }}>body {bodyFigure(body)}</Box>
        )}
      </Box>
    </Box>
  );
}

/** One addition, very large: what, how much, what the bowl is now and will be. */
export function Step({ run, control }: { run: Run; control: RunControl }) {
  const { entry, ingredient, kitchen, dip } = control;
  const [typed, setTyped] = useState('');
  const onScale = useDevices((state) => state.scale !== null);
  if (!entry) return null;
  const { now, next } = runBowl(run, dip, kitchen);
  const big = { minHeight: 60, fontSize: 18, borderRadius: 2 };
  const machine = machineFor(run, kitchen);
  const nextBody = next?.freshBody ?? null;
  const stalls =
    next !== null &&
    entry.planned.place === 'bowl' &&
    stallsOn(machine, nextBody, next.state === 'crumbs');
  const working =
    entry.worked ??
    (ingredient && usualWorking(ingredient, entry.planned.place, machine, run.method.grind));
  const tasteNow = tastingOf(dip) === 'each' && now.massG > 0;
  const aim = entry.done ? null : aimOff(run, dip, kitchen, nextBody);
  const weighing = entry.planned.massG > 0 && (
    <Weighing
      wantedG={entry.planned.massG}
      bowlC={run.method.blendC}
      onLog={(amount) => void control.log(amount)}
    />
  );
  const logTyped = async () => {
    if (await control.log(typed.trim())) setTyped('');
  };
  return (
    <Box>
      <Typography
        component="p"
        sx={{
          fontFamily: 'inherit',
          fontWeight: 700,
          fontSize: { xs: 44, sm: 80 },
          lineHeight: 1.08,
          overflowWrap: 'anywhere',
        }}
      >
        {entry.planned.amount}
      </Typography>
      <Typography
        variant="h1"
        sx={{ fontSize: { xs: 27, sm: 42 }, mt: 0.5, overflowWrap: 'anywhere' }}
      >
        {ingredient?.name ?? entry.planned.ingredientId}
      </Typography>
      <Typography sx={{ fontSize: { xs: 17, sm: 24 }, color: 'text.secondary', minHeight: 28 }}>
        {entry.planned.massG > 0 && printGrams(entry.planned.massG)}
        {entry.prep !== '' && ` · ${entry.prep}`}
      </Typography>
      {entry.planned.place === 'top' && (
        <Typography sx={{ fontSize: 18 }}>This goes on top when it is served.</Typography>
      )}
      {working && <WorkIn working={working} />}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: { xs: 2, sm: 5 }, my: { xs: 2, sm: 4 } }}>
        <Standing
          title="the bowl now"
          body={now.massG > 0 ? now.freshBody : null}
          empty={now.massG > 0 ? 'crumbs' : 'empty'}
        />
        {next && entry.planned.place === 'bowl' && (
          <Standing
            title={`after this, ± ${next.sd.toFixed(1)}`}
            body={next.massG > 0 ? nextBody : null}
            empty={next.massG > 0 ? 'crumbs' : 'empty'}
          />
        )}
      </Box>
      {aim !== null && (
        <Box role="note" sx={{ mb: 2, fontSize: { xs: 17, sm: 20 } }}>
          <strong>
            Aim {Math.abs(aim) > 1 ? 'well' : 'a little'} {aim > 0 ? 'loose' : 'stiff'} here:
          </strong>{' '}
          what is still to come {aim > 0 ? 'stiffens' : 'loosens'} it by {Math.abs(aim).toFixed(1)}{' '}
          body. Now {bodyFigure(nextBody ?? 0)}, at the end {bodyFigure((nextBody ?? 0) + aim)}.
        </Box>
      )}
      {stalls && (
        <Box role="alert" sx={{ color: colour.caution, mb: 2, fontSize: 17 }}>
          The {machine.name} may stall on this. Loosen it first with a liquid still to come.
        </Box>
      )}
      {entry.done && (
        <Typography role="status" sx={{ mb: 1.5, fontSize: 18, color: colour.bandEdge }}>
          In: {entry.done.amount}, {printGrams(entry.done.massG)}. Logging again puts that right.
        </Typography>
      )}
      {onScale && <Box sx={{ mb: 1.5 }}>{weighing}</Box>}
      <Box
        sx={{
          display: 'grid',
          gap: 1.25,
          gridTemplateColumns: { xs: '1fr 1fr', sm: `${onScale ? 1 : 2}fr 1fr 1fr 1fr` },
        }}
      >
        <Button
          variant={onScale ? 'outlined' : 'contained'}
          onClick={() => void control.logAsWritten()}
          sx={{
            ...big,
            ...(onScale
              ? {}
              : { minHeight: 88, fontSize: 25, gridColumn: { xs: '1 / -1', sm: 'auto' } }),
          }}
        >
          In, as written
        </Button>
        <Button variant="outlined" onClick={() => void control.logHalf()} sx={big}>
          Half of it
        </Button>
        <Button variant="outlined" onClick={() => void control.logMore()} sx={big}>
          {control.spoon === null ? 'A spoon more' : `${control.spoon} more`}
        </Button>
        <Button
          variant="outlined"
          onClick={() => void control.skip()}
          sx={{ ...big, ...(onScale ? {} : { gridColumn: { xs: '1 / -1', sm: 'auto' } }) }}
        >
          Leave it out
        </Button>
      </Box>
      {!onScale && weighing}
      {tasteNow && (
        <Box role="note" sx={{ mt: 1.5, fontSize: 17 }}>
          This dip is tasted after each addition:{' '}
          <Button
            variant="outlined"
            sx={{ minHeight: 48 }}
            onClick={() => void control.go(run.entries.length)}
          >
            Taste it now
          </Button>
        </Box>
      )}
      <StepTimer
        run={run}
        label={ingredient?.name ?? entry.planned.ingredientId}
        usualMin={working?.minutes ?? null}
      />
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          void logTyped();
        }}
        sx={{ display: 'flex', gap: 1.25, mt: 1.5, alignItems: 'flex-start' }}
      >
        <TextField
          fullWidth
          label="Something else went in"
          placeholder={`such as ${entry.planned.amount}`}
          value={typed}
          error={control.problem !== null}
          helperText={control.problem ?? ' '}
          onChange={(event) => setTyped(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off' } }}
        />
        <Button
          type="submit"
          variant="outlined"
          disabled={typed.trim() === ''}
          sx={{ minHeight: 56, px: 3, whiteSpace: 'nowrap' }}
        >
          Log it
        </Button>
      </Box>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', mt: 0.5 }}>
        <Button
          startIcon={<ArrowBack />}
          disabled={run.step === 0}
          onClick={() => void control.go(run.step - 1)}
          sx={{ minHeight: 48 }}
        >
          Step back
        </Button>
        <Button
          onClick={() => void control.go(run.entries.length)}
          disabled={now.massG <= 0}
          sx={{ minHeight: 48 }}
        >
          Look and taste now
        </Button>
        <Button
          endIcon={<ArrowForward />}
          onClick={() => void control.go(run.step + 1)}
          sx={{ minHeight: 48 }}
        >
          {run.step === run.entries.length - 1 ? 'To the check' : 'Step on'}
        </Button>
      </Box>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { type Run, withMark } from '@cobbet/core/book/run';
import { loggedRows } from '@cobbet/core/book/runEvents';
import { runBowl } from '@cobbet/core/book/runBowl';
import type { Analysis } from '@cobbet/core/dip/analyse';
import { machineFor } from '@cobbet/core/kitchen/kitchen';
import { withReading } from '@cobbet/core/readings/keptReading';
import { bodyText, capital } from '@/components/bodyText';
import { Cautions } from '@/components/Cautions';
import { FamilyTastes } from '@/components/FamilyTastes';
import { Panel } from '@/components/Panel';
import { ReadingForm } from '@/components/reading/ReadingForm';
import { readingText } from '@/components/reading/readingText';
import { fromTool } from '@/components/toolWords';
import { useFocusIfLost } from '@/components/useFocusIfLost';
import { later } from '@/components/later';
import { Afterward } from './Afterward';
import { Divide } from './Divide';
import { Faults } from './Faults';
import { Finish } from './Finish';
import { Gates } from './Gates';
import { Happened } from './Happened';
import { KeptWords } from './KeptWords';
import { PlateButton } from './PlateButton';
import { SpoonByItself } from './SpoonByItself';
import { StepStrip } from './StepStrip';
import { Unplanned } from './Unplanned';
import { WhatNext } from './WhatNext';
import type { RunControl } from './useRun';

const Photos = later(() => import('@/components/photos/Photos').then(({ Photos }) => Photos));

const AskTable = later(() => import('./AskTable').then(({ AskTable }) => AskTable));

/** What the spoon shows and how it tastes, as the cook says. */
function Judged({ run, control, now }: { run: Run; control: RunControl; now: Analysis }) {
  const heading = useFocusIfLost<HTMLHeadingElement>();
  const from = fromTool(machineFor(run, control.kitchen));
  return (
    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start', minWidth: 0 }}>
      <section>
        <Typography
          variant="h1"
          ref={heading}
          tabIndex={-1}
          sx={{ outline: 'none', fontSize: { lg: 'h2.fontSize' } }}
        >
          What does the spoon show?
        </Typography>
        <Typography sx={{ color: 'text.secondary', mb: 1 }}>
          {capital(from)}, about {Math.round(control.conditions.method.blendC)} °C. Predicted:{' '}
          {bodyText(now.warmBody)} ± {now.sd.toFixed(1)}.
        </Typography>
        <ReadingForm
          label="What the spoon shows"
          dip={{ ...run, rows: loggedRows(run) }}
          when="machine"
          paste={now}
          pictured={{ of: 'runs', ofId: run.id }}
          onTake={(reading) =>
            void control.note(`Read ${readingText(reading)}`, (one) =>
              withReading(one, { ...reading, after: loggedRows(one).length }),
            )
          }
        />
      </section>
      <Panel title="How does it taste?">
        <FamilyTastes
          family={control.dip.family}
          hot={now.per100g.heat > 0}
          marks={run.tastes}
          onMark={(taste, verdict) =>
            void control.note(`Taste: ${taste}`, (one) =>
              withMark(one, taste, verdict, new Date().toISOString()),
            )
          }
        />
        <AskTable run={run} control={control} />
        <Faults run={run} control={control} />
      </Panel>
    </Box>
  );
}

/** After the last addition: look and taste, and beside it what to do next; then weigh, note, and keep it as a trial. */
export function Check({
  run,
  control,
  wide,
}: {
  run: Run;
  control: RunControl;
  /** What ends it stands over it. */
  wide: boolean;
}) {
  const { now } = runBowl(run, control.dip, control.kitchen);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: { xs: 2.5, sm: 3 } }}>
      <StepStrip control={control} />
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 2.5, lg: 4 },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Judged run={run} control={control} now={now} />
        <Box sx={{ display: 'grid', gap: 2.5, minWidth: 0 }}>
          <WhatNext run={run} control={control} />
          <Unplanned control={control} />
          <Afterward run={run} control={control} />
        </Box>
      </Box>
      {!wide && <Finish run={run} control={control} />}
      <SpoonByItself run={run} control={control} analysis={now} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start' }}>
        <Divide run={run} dip={control.dip} massG={now.massG} />
        <PlateButton
          rows={loggedRows(run)}
          dip={control.dip}
          larder={control.larder}
          conditions={control.conditions}
        />
      </Box>
      <Photos of="runs" ofId={run.id} step="at the check" />
      <Happened control={control} />
      <Gates run={run} control={control} />
      <Cautions cautions={now.cautions} />
      <KeptWords run={run} control={control} predicted={now.massG} body={now.freshBody} />
    </Box>
  );
}

'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { changeWords } from '@cobbet/core/book/changeWords';
import { loggedRows, withMark, type Run } from '@cobbet/core/book/run';
import { withReading } from '@cobbet/core/readings/keptReading';
import { tastes } from '@cobbet/core/readings/tastes';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useFocusIfLost } from '@/components/useFocusIfLost';
import { bodyText } from '@/components/bodyText';
import { TasteRow } from '@/components/TasteRow';
import { Cautions } from '@/components/Cautions';
import { ReadingForm } from '@/components/reading/ReadingForm';
import { readingText } from '@/components/reading/readingText';
import { completeRun } from '@/store/commands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { runBowl } from '@cobbet/core/book/runBowl';
import { nextOpen } from '@cobbet/core/book/runEdits';
import { SavedText, YieldField } from './RunFields';
import { Divide } from './Divide';
import { Gates } from './Gates';
import { PlateButton } from './PlateButton';
import { SpoonByItself } from './SpoonByItself';
import { Unplanned } from './Unplanned';
import { WhatNext } from './WhatNext';
import type { RunControl } from './useRun';

/** Its tastes, each short, right or over. */
function Tastes({ run, control }: { run: Run; control: RunControl }) {
  return (
    <Panel title="How does it taste?">
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {tastes.map((taste) => (
          <TasteRow
            key={taste}
            taste={taste}
            marks={run.tastes}
            onMark={(verdict) =>
              void control.note(`Taste: ${taste}`, (one) => withMark(one, taste, verdict))
            }
          />
        ))}
      </Box>
    </Panel>
  );
}

/** After the last addition: look, taste, weigh, note, and keep it as a trial. */
export function Check({ run, control }: { run: Run; control: RunControl }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [prefilled, setPrefilled] = useState('');
  const marked = changeWords(run.tastes);
  const { now } = runBowl(run, control.dip, control.kitchen);
  const open = control.entries.filter((entry) => !entry.done && !entry.skipped).length;
  const nothing = control.entries.every((entry) => !entry.done);
  const finish = async () => {
    setBusy(true);
    await completeRun(run.id);
    router.push(`/trials?dip=${encodeURIComponent(run.dipId)}`);
  };
  const heading = useFocusIfLost<HTMLHeadingElement>();
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr)',
        gap: { xs: 2.5, sm: 3 },
      }}
    >
      <section>
        <Typography variant="h1" ref={heading} tabIndex={-1} sx={{ outline: 'none' }}>
          What does the spoon show?
        </Typography>
        <Typography sx={{ color: 'text.secondary', mb: 1.5 }}>
          From the machine, about {Math.round(control.conditions.method.blendC)} °C. Predicted:{' '}
          {bodyText(now.warmBody)} ± {now.sd.toFixed(1)}.
        </Typography>
        <ReadingForm
          label="What the spoon shows"
          dip={{ ...run, rows: loggedRows(run) }}
          when="machine"
          paste={now}
          onTake={(reading) =>
            void control.note(`Read ${readingText(reading)}`, (one) =>
              withReading(one, { ...reading, after: loggedRows(one).length }),
            )
          }
        />
      </section>
      <Tastes run={run} control={control} />
      <WhatNext run={run} control={control} />
      <SpoonByItself run={run} control={control} analysis={now} />
      <Unplanned control={control} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start' }}>
        <Divide run={run} dip={control.dip} massG={now.massG} />
        <PlateButton
          rows={loggedRows(run)}
          dip={control.dip}
          larder={control.larder}
          conditions={control.conditions}
        />
      </Box>
      <Gates run={run} control={control} />
      <Cautions cautions={now.cautions} />
      <section>
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
          <YieldField run={run} control={control} predicted={now.massG} body={now.freshBody} />
          <Box>
            <SavedText
              key={prefilled}
              label="What to change next time"
              value={run.changeNext}
              most={1000}
              rows={1}
              onSave={(changeNext) =>
                void control.note(
                  'What to change',
                  (one) => ({ ...one, changeNext }),
                  `change ${run.id}`,
                )
              }
            />
            {marked !== '' && run.changeNext.trim() === '' && (
              <Button
                onClick={() => {
                  void control
                    .note('What to change', (one) => ({ ...one, changeNext: marked }))
                    .then(() => setPrefilled(marked));
                }}
              >
                Write: {marked}
              </Button>
            )}
          </Box>
        </Box>
        <Box sx={{ mt: 2 }}>
          <SavedText
            label="Notes"
            value={run.notes}
            most={4000}
            rows={2}
            onSave={(notes) =>
              void control.note('Notes', (one) => ({ ...one, notes }), `notes ${run.id}`)
            }
          />
        </Box>
      </section>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Button
          variant="contained"
          disabled={busy || nothing}
          onClick={() => void finish()}
          sx={{ minHeight: 64, fontSize: typeScale.large, px: 4 }}
        >
          Keep it as a trial
        </Button>
        <Button
          onClick={() =>
            void control.go(open > 0 ? nextOpen(control.entries) : control.entries.length - 1)
          }
          sx={{ minHeight: 48 }}
        >
          {open > 0 ? 'On with the steps' : 'Step back'}
        </Button>
        {open > 0 && (
          <Typography role="status" sx={{ color: colour.caution }}>
            {open} {open === 1 ? 'addition is' : 'additions are'} not logged; the trial will be
            without {open === 1 ? 'it' : 'them'}.
          </Typography>
        )}
      </Box>
    </Box>
  );
}

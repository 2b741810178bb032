'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { changeWords } from '@cobbet/core/book/changeWords';
import type { Run } from '@cobbet/core/book/run';
import { useState } from 'react';
import { MadeBy } from './MadeBy';
import { SavedText, YieldField } from './RunFields';
import type { RunControl } from './useRun';

/** What is weighed and written down of a bowl before it is kept. */
export function KeptWords({
  run,
  control,
  predicted,
  body,
}: {
  run: Run;
  control: RunControl;
  /** What went in, g. */
  predicted: number;
  /** Fresh body. */
  body: number | null;
}) {
  const [prefilled, setPrefilled] = useState('');
  const marked = changeWords(run.tastes);
  return (
    <section>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        <YieldField run={run} control={control} predicted={predicted} body={body} />
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
      <Box
        sx={{
          ...{ display: 'grid', gap: 2, mt: 2, alignItems: 'start' },
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 280px' },
        }}
      >
        <SavedText
          label="Notes"
          value={run.notes}
          most={4000}
          rows={2}
          onSave={(notes) =>
            void control.note('Notes', (one) => ({ ...one, notes }), `notes ${run.id}`)
          }
        />
        <MadeBy run={run} control={control} />
      </Box>
    </section>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { storyOf } from '@cobbet/core/book/story';
import type { Trial } from '@cobbet/core/book/trial';
import type { Analysis } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import { later } from '@/components/later';
import { NameDialog } from '@/components/NameDialog';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { deleteTrial } from '@/store/trialReadings';
import { addDipFromTrial } from '@/store/trialCommands';
import { colour } from '@/theme/colour';
import { TrialStory } from './TrialStory';

const BecomeDip = later(() => import('./BecomeDip').then(({ BecomeDip }) => BecomeDip));

/** How a trial was made, and what may be made of it: the dip, a variant, or nothing. */
export function TrialAmounts({
  dip,
  trial,
  analysis,
  nameOf,
}: {
  dip: Dip;
  trial: Trial;
  analysis: Analysis;
  nameOf: (id: string) => string;
}) {
  const router = useRouter();
  const [asking, setAsking] = useState<'dip' | 'variant' | null>(null);
  const story = useMemo(() => {
    // of a trial from before the course was kept, what went in is all there is
    const plan = trial.rows.map((planned, i) => ({ rowId: `${i}`, planned, prep: '' }));
    const events = plan.map(({ rowId, planned: { amount, massG, cv } }) => ({
      ...{ kind: 'in' as const, entry: rowId, amount, massG, cv, at: trial.madeAt },
    }));
    return storyOf({ ...(trial.made ?? { plan, events }), readings: trial.readings });
  }, [trial]);
  const name = trial.base ? trial.base.name : `${dip.name}, from trial ${trial.number}`;
  return (
    <>
      <TrialStory
        label={`How trial ${trial.number} was made`}
        story={story}
        path={analysis.path}
        nameOf={nameOf}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button size="small" variant="outlined" onClick={() => setAsking('dip')}>
          Make this the dip
        </Button>
        <Button size="small" variant="outlined" onClick={() => setAsking('variant')}>
          A variant from this
        </Button>
        <Button size="small" sx={{ color: colour.caution }} onClick={() => void deleteTrial(trial)}>
          Delete trial {trial.number}
        </Button>
      </Box>
      {asking === 'dip' && (
        <BecomeDip dip={dip} trial={trial} nameOf={nameOf} onClose={() => setAsking(null)} />
      )}
      {asking === 'variant' && (
        <NameDialog
          title={`A variant from trial ${trial.number}`}
          action="Start it"
          initial={name}
          onCancel={() => setAsking(null)}
          onName={(said) => {
            void addDipFromTrial(trial, said).then((id) => {
              if (id !== null) router.push(`/bench?dip=${encodeURIComponent(id)}`);
            });
            setAsking(null);
          }}
        />
      )}
    </>
  );
}

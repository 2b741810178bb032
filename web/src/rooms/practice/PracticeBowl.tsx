'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Practice } from '@cobbet/core/practice/practice';
import type { HiddenBowl } from '@cobbet/core/practice/hiddenBowl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { RoomPage } from '@/components/RoomPage';
import { useKeys } from '@/components/useKeys';
import { dropPractice, endPractice } from '@/store/practiceCommands';
import { NextAddition } from './NextAddition';
import { PracticeEnd } from './PracticeEnd';
import { levelWords } from './practiceWords';
import { PracticeNow, sensedAfter, WentIn } from './PracticeNow';

/** A practice bowl while it is being brought right. */
function AtTheBowl({ practice, bowl }: { practice: Practice; bowl: HiddenBowl }) {
  const step = practice.steps.length;
  const [looked, setLooked] = useState({ step, look: 0 });
  const look = looked.step === step ? looked.look : 0;
  const sensed = sensedAfter(practice, bowl, step, look);
  const again = () => setLooked({ step, look: look + 1 });
  useKeys({ t: again });
  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 5,
        rowGap: 2.5,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 0.8fr) minmax(0, 1fr)' },
        gridTemplateAreas: { xs: '"now" "next" "went"', lg: '"now next" "went next"' },
        gridTemplateRows: { lg: 'auto 1fr' },
      }}
    >
      <Box sx={{ gridArea: 'now' }}>
        <PracticeNow {...{ practice, bowl, sensed }} onAgain={again} />
      </Box>
      <Box sx={{ gridArea: 'next' }}>
        <NextAddition
          key={`${practice.id} ${step}`}
          practiceId={practice.id}
          bowl={bowl}
          step={step}
          eye={sensed.eye}
        />
      </Box>
      <Box sx={{ gridArea: 'went' }}>{step > 0 && <WentIn practice={practice} bowl={bowl} />}</Box>
    </Box>
  );
}

/** One practice bowl: at it, or what it was. */
export function PracticeBowl({ practice, bowl }: { practice: Practice; bowl: HiddenBowl }) {
  const router = useRouter();
  const over = practice.endedAt !== null;
  return (
    <RoomPage
      title={practice.name}
      maxWidth={1180}
      says={
        over
          ? levelWords[bowl.level]
          : `${levelWords[bowl.level]}. ${bowl.most} additions, told by eye, spoon and tongue alone.`
      }
      actions={
        <>
          <Button component={Link} href="/practice">
            All bowls
          </Button>
          {over ? (
            <Button
              onClick={() => {
                router.push('/practice');
                void dropPractice(practice.id);
              }}
            >
              Throw it away
            </Button>
          ) : (
            <Button variant="outlined" onClick={() => void endPractice(practice.id)}>
              Stop and see what it was
            </Button>
          )}
        </>
      }
    >
      {over ? (
        <PracticeEnd practice={practice} bowl={bowl} />
      ) : (
        <AtTheBowl practice={practice} bowl={bowl} />
      )}
    </RoomPage>
  );
}

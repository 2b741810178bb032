'use client';

import Box from '@mui/material/Box';
import type { Theme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Run } from '@cobbet/core/book/run';
import { weighedText } from '@cobbet/core/kitchen/devices/weighedIn';
import { later } from '@/components/later';
import { useEffect, useRef } from 'react';
import { useKeys } from '@/components/useKeys';
import { inNow, useDevices } from '@/devices/deviceStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { Finish } from './Finish';
import { StepList } from './StepList';
import { Step } from './Step';
import { StopMaking } from './StopMaking';
import { useRun } from './useRun';

const Check = later(() => import('./Check').then(({ Check }) => Check));

/** What a scale shows beyond this is an addition on its way, g. */
const movesFromG = 1;

/** Keeps the screen awake while something is being made, where the browser can. */
function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      try {
        lock = (await navigator.wakeLock?.request('screen')) ?? null;
        if (gone) await lock?.release();
      } catch {
        // not every browser keeps a screen awake; making goes on without
      }
    };
    const again = () => document.visibilityState === 'visible' && void ask();
    void ask();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
}

/** Another step begins at its top: what was scrolled to belonged to the one before. */
function useTopOfEach(step: number) {
  const last = useRef(step);
  useEffect(() => {
    if (last.current === step) return;
    last.current = step;
    window.scrollTo({ top: 0 });
  }, [step]);
}

/** A dip being made: one step, very large, then the check. */
export function MakeRun({ dip, run }: { dip: Dip; run: Run }) {
  const control = useRun(dip, run);
  useAwake();
  useTopOfEach(run.step);
  const wide = useMediaQuery<Theme>((theme) => theme.breakpoints.up('lg'), { noSsr: true });
  const checking = run.step >= control.entries.length;
  const logShown = (event: KeyboardEvent) => {
    if (checking) return;
    event.preventDefault();
    const { scale, addition } = useDevices.getState();
    const shownG = inNow(useDevices.getState());
    if (!scale || (addition.caughtG === null && Math.abs(shownG ?? 0) < movesFromG)) {
      void control.logAsWritten();
    } else if (addition.caughtG === null) control.say('Wait until the scale stands still.');
    else void control.log(weighedText(addition.caughtG));
  };
  useKeys({
    Space: logShown,
    PageDown: logShown,
    h: () => void (checking || control.logHalf()),
    m: () => void (checking || control.logMore()),
    ArrowLeft: () => void control.go(run.step - 1),
    // a foot switch turns pages
    PageUp(event) {
      event.preventDefault();
      void control.go(run.step - 1);
    },
    ArrowRight: () => void control.go(run.step + 1),
  });
  return (
    <Box sx={{ display: 'flex', minHeight: '100%' }}>
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          px: { xs: 2, sm: 4 },
          py: { xs: 1.5, sm: 3 },
          maxWidth: checking ? 1280 : 900,
        }}
      >
        <Box
          sx={{
            display: 'flex',
            alignItems: checking ? 'center' : 'baseline',
            gap: 1.5,
            mb: { xs: 1, sm: 2 },
          }}
        >
          <Box
            sx={{
              fontWeight: 700,
              fontSize: typeScale.lead,
              minWidth: 0,
              overflowWrap: 'anywhere',
            }}
          >
            {dip.name}
            {run.base && `, ${run.base.name}`}
          </Box>
          <Box sx={{ color: colour.muted, whiteSpace: 'nowrap' }} role="status">
            {checking ? 'the check' : `step ${run.step + 1} of ${control.entries.length}`}
          </Box>
          <Box sx={{ ml: 'auto', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {checking && wide && <Finish run={run} control={control} />}
            <StopMaking run={run} />
          </Box>
        </Box>
        {checking ? (
          <Check run={run} control={control} wide={wide} />
        ) : (
          <Step run={run} control={control} />
        )}
      </Box>
      {!checking && <StepList run={run} control={control} />}
    </Box>
  );
}

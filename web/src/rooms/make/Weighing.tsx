'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { weighedText } from '@cobbet/core/kitchen/devices/weighedIn';
import { useEffect, useState } from 'react';
import { useKeys } from '@/components/useKeys';
import { hasSerial } from '@/devices/serialScale';
import { inNow, useDevices } from '@/devices/deviceStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PointerStrip } from './PointerStrip';

/** A steady hand pours what is written in about so many seconds … */
const pourS = 3;
/** … but no less and no more than this, g a second. */
const slowest = 0.3;
const fastest = 80;
/** A knock of the spoon, as a share of what is written. */
const littleShare = 0.03;

/** Offers a scale; nothing is weighed yet. */
function Offer({ bowlC }: { bowlC: number }) {
  const practise = useDevices((state) => state.practise);
  const plugIn = useDevices((state) => state.plugIn);
  const problem = useDevices((state) => state.problem);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mt: 1.5 }}>
      <Box sx={{ color: colour.muted }}>Weigh it in</Box>
      <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => practise(bowlC)}>
        Practice scale
      </Button>
      {hasSerial() && (
        <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => void plugIn()}>
          Scale on a cable
        </Button>
      )}
      {problem && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {problem}
        </Box>
      )}
    </Box>
  );
}

/** The addition in hand on the scale: how much is in, how much more, and one tap to log what stands. */
export function Weighing({
  rowId,
  wantedG,
  bowlC,
  onLog,
}: {
  /** The addition in hand: another one begins where this one ended. */
  rowId: string;
  wantedG: number;
  /** What a practice thermometer stands in, °C. */
  bowlC: number;
  onLog: (amount: string) => void;
}) {
  const scale = useDevices((state) => state.scale);
  const practice = useDevices((state) => state.practice);
  const caughtG = useDevices((state) => state.addition.caughtG);
  const begin = useDevices((state) => state.begin);
  const shownG = useDevices(inNow);
  const [pouredFor, setPouredFor] = useState<string | null>(null);
  const pouring = pouredFor === rowId;
  useEffect(() => {
    begin();
    return () => useDevices.getState().practice?.pour(0);
  }, [begin, rowId]);
  const pour = (on: boolean) => {
    setPouredFor(on ? rowId : null);
    practice?.pour(on ? Math.min(fastest, Math.max(slowest, wantedG / pourS)) : 0);
  };
  useKeys({ p: () => pour(!pouring) }, practice !== null);
  useKeys({ t: () => useDevices.getState().tare() }, scale !== null);
  if (!scale) return <Offer bowlC={bowlC} />;
  const moreG = shownG === null ? wantedG : wantedG - shownG;
  const within = Math.max(0.5, 0.03 * wantedG);
  const said =
    shownG === null
      ? 'still moving'
      : moreG > within
        ? `${weighedText(moreG)} more`
        : moreG < -within
          ? `${weighedText(-moreG)} too much`
          : 'as written';
  return (
    <Box
      component="section"
      aria-label="On the scale"
      sx={{ border: `1px solid ${colour.line}`, borderRadius: 2, p: 1.5, mt: 1.5 }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2 }}>
        <Box
          role="meter"
          aria-label="On the scale"
          aria-valuenow={Number((shownG ?? 0).toFixed(1))}
          aria-valuemin={0}
          aria-valuemax={Number((2 * Math.max(wantedG, 1)).toFixed(1))}
          sx={{
            fontSize: typeScale.figure,
            fontWeight: 700,
            fontVariantNumeric: 'tabular-nums',
            minWidth: 130,
          }}
        >
          {shownG === null ? '–' : `${(Math.abs(shownG) < 0.05 ? 0 : shownG).toFixed(1)} g`}
        </Box>
        <Box sx={{ fontSize: typeScale.large }}>{said}</Box>
        <Box sx={{ color: colour.muted, ml: 'auto', fontSize: typeScale.note }}>{scale.name}</Box>
      </Box>
      <PointerStrip shownG={shownG ?? 0} wantedG={wantedG} within={within} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button
          variant="contained"
          disabled={caughtG === null}
          sx={{ minHeight: 60, fontSize: typeScale.lead, flex: '1 1 190px' }}
          onClick={() => caughtG !== null && onLog(weighedText(caughtG))}
        >
          {caughtG === null ? 'Log what stands' : `Log ${weighedText(caughtG)}`}
        </Button>
        {practice && (
          <>
            <Button
              variant="outlined"
              sx={{ minHeight: 60, minWidth: 110 }}
              onClick={() => pour(!pouring)}
            >
              {pouring ? 'Stop pouring' : 'Pour'}
            </Button>
            <Button
              variant="outlined"
              sx={{ minHeight: 60 }}
              onClick={() => practice.drop(Math.max(0.2, littleShare * wantedG))}
            >
              A little
            </Button>
          </>
        )}
        <Button sx={{ minHeight: 60 }} onClick={() => useDevices.getState().tare()}>
          Set to 0
        </Button>
        <Button sx={{ minHeight: 60 }} onClick={() => useDevices.getState().letGo()}>
          Without scale
        </Button>
      </Box>
    </Box>
  );
}

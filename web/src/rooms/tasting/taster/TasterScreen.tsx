'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { openPots, type Tasting, type TastingSeat } from '@cobbet/core/taste/tasting';
import { withSeat } from '@cobbet/core/taste/tastingEdits';
import { useSearchParams } from 'next/navigation';
import { type ReactNode, useEffect, useRef } from 'react';
import { editTasting } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { tastingAddress } from '../tastingAddress';
import { ChooseForm } from './ChooseForm';
import { Ended } from './Ended';
import { HandOver } from './HandOver';
import { PotForm } from './PotForm';

const large = { minHeight: 60, fontSize: typeScale.lead, flex: 1 } as const;

/** A pot alone on its page: its code, which of how many it is, what is asked, and the way on. */
function PotPage({
  code,
  at,
  seat,
  tasting,
  onGo,
}: {
  code: string;
  at: number;
  seat: TastingSeat;
  tasting: Tasting;
  onGo: (at: number) => void;
}) {
  const top = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    window.scrollTo(0, 0);
    top.current?.focus({ preventScroll: true });
  }, [code]);
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, mb: 2 }}>
        <Box
          component="h1"
          ref={top}
          tabIndex={-1}
          sx={{
            m: 0,
            outline: 'none',
            fontSize: typeScale.title,
            lineHeight: 1,
            letterSpacing: '0.04em',
          }}
        >
          {code}
        </Box>
        <Box sx={{ color: colour.muted }}>
          {at + 1} of {seat.order.length}
          {tasting.eatenWith !== '' && `, with ${tasting.eatenWith}`}
        </Box>
      </Box>
      <PotForm key={code} tasting={tasting} seatId={seat.id} code={code} />
      <Box sx={{ display: 'flex', gap: 1.5, mt: 3 }}>
        {at > 0 && (
          <Button
            variant="outlined"
            sx={{ ...large, flex: '0 0 auto' }}
            onClick={() => onGo(at - 1)}
          >
            Back
          </Button>
        )}
        <Button variant="contained" sx={large} onClick={() => onGo(at + 1)}>
          {at + 1 < seat.order.length ? 'Next pot' : 'That is all'}
        </Button>
      </Box>
    </>
  );
}

/** What one taster sees: who it is for, then one pot at a time, then the tablet goes on. Nothing of the others, nothing of what is what. */
export function TasterScreen({ tasting, seat }: { tasting: Tasting; seat: TastingSeat }) {
  const asked = useSearchParams().get('at');
  const at = asked === null || !/^\d{1,2}$/.test(asked) ? null : Number(asked);
  // at once, and without the server: a second tap must not fall on the pot before
  const go = (seatId: string, to?: number) =>
    window.history.pushState(null, '', tastingAddress(tasting.id, seatId, to));
  const one = tasting.kind === 'each';
  const last = one ? seat.order.length : 1;
  const code = at === null ? undefined : seat.order[at];
  const finish = (to: number) => {
    if (to >= last && openPots(tasting, seat).length === 0) {
      void editTasting(tasting.id, `${seat.name} is done`, (now) =>
        withSeat(now, seat.id, { done: true }),
      );
    }
    go(seat.id, to);
  };
  const page = (): ReactNode => {
    if (at === null)
      return <HandOver tasting={tasting} seat={seat} onBegin={() => go(seat.id, 0)} />;
    if (at >= last) return <Ended tasting={tasting} seat={seat} onGo={go} />;
    if (one && code !== undefined) {
      return <PotPage {...{ code, at, seat, tasting }} onGo={finish} />;
    }
    return (
      <>
        <ChooseForm tasting={tasting} seat={seat} />
        <Box sx={{ display: 'flex', mt: 3 }}>
          <Button variant="contained" sx={large} onClick={() => finish(1)}>
            That is all
          </Button>
        </Box>
      </>
    );
  };
  return <Box sx={{ maxWidth: 640, mx: 'auto', px: 2, py: { xs: 2, sm: 4 } }}>{page()}</Box>;
}

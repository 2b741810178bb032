'use client';

import type { Dip } from '@cobbet/core/dip/dip';
import type { proposeLanding } from '@cobbet/core/landing/landDip';
import type { LandAnswer } from '@cobbet/core/landing/landParts';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { useAsked } from '@/components/useAsked';
import type { Bench } from '../useBench';

export const unreadable = 'Mend the amounts that can’t be read first.';

/** What the solver says, with what makes a proposal of it: both are fetched when a landing is first asked for. */
type Landed = LandAnswer & { propose: typeof proposeLanding };

/** What of a dip a landing answers; its name and its machine may change under it. */
function useAskedOf({ rows, targets, rules, method, servedAtC, servedAfterMin }: Dip) {
  return useMemo(
    () => ({ rows, targets, rules, method, servedAtC, servedAfterMin }),
    [rows, targets, rules, method, servedAtC, servedAfterMin],
  );
}

/** Asks the solver to land a dip, and keeps its answer until it is taken or left. */
export function useLanding(dip: Dip, bench: Bench, kitchenMeasures: boolean) {
  const about = useAskedOf(dip);
  const ask = useCallback(
    async (signal: AbortSignal): Promise<Landed> => {
      const [{ landingQuestion, proposeLanding }, { landInWorker }] = await Promise.all([
        import('@cobbet/core/landing/landDip'),
        import('@/workers/landingClient'),
      ]);
      const question = landingQuestion({ ...bench, dip }, kitchenMeasures);
      if (!question) throw new Error(unreadable);
      return { ...(await landInWorker(question, signal)), propose: proposeLanding };
    },
    [bench, dip, kitchenMeasures],
  );
  const { asked, start, leave } = useAsked(about, ask);
  // the same for the life of the room: what calls it is not drawn anew at each key
  const startNow = useRef(start);
  useEffect(() => {
    startNow.current = start;
  }, [start]);
  const land = useCallback(() => void startNow.current(), []);
  const { kitchen } = bench;
  const proposal: Proposal | null = useMemo(() => {
    if (asked.state !== 'answered') return null;
    const { answer } = asked;
    const parts = answer.feasible ? answer.parts : answer.nearest.parts;
    return answer.propose(dip, kitchen, parts);
  }, [asked, dip, kitchen]);
  return useMemo(() => ({ landing: asked, proposal, land, leave }), [asked, proposal, land, leave]);
}

export type LandingControl = ReturnType<typeof useLanding>;

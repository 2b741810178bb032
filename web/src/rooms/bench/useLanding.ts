'use client';

import type { Dip } from '@cobbet/core/book/dip';
import { partOf } from '@cobbet/core/book/dipParts';
import type { LandAnswer, LandingPart } from '@cobbet/core/landing/landParts';
import { readGrams } from '@cobbet/core/quantity/toGrams';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Bench } from './useBench';

/** Where landing stands. */
type Landing =
  | { state: 'idle' }
  | { state: 'working' }
  | { state: 'answered'; answer: LandAnswer; of: Dip }
  | { state: 'failed'; message: string };

/** A row's limit in g; one that can't be read counts as none. */
function limitG(text: string | undefined, part: LandingPart, measures: Bench['measures']) {
  if (text === undefined || text.trim() === '') return undefined;
  const read = readGrams(text, part.ingredient, measures);
  return read.ok ? read.value.massG : undefined;
}

/** Whether two states of a dip are the same question to the solver. */
function sameToLand(a: Dip, b: Dip): boolean {
  return (
    a.rows === b.rows &&
    a.targets === b.targets &&
    a.method === b.method &&
    a.servedAtC === b.servedAtC
  );
}

/** The dip's rows as the solver takes them; null where a row can't be read. */
export function landingParts(bench: Bench): LandingPart[] | null {
  const parts = bench.rows.map((read): LandingPart | null => {
    const part = read.error === null ? partOf(read) : null;
    if (!part) return null;
    const { hold, amount, min, max } = read.row;
    const asked: LandingPart = { ...part, hold, amountText: amount };
    const minG = limitG(min, asked, bench.measures);
    const maxG = limitG(max, asked, bench.measures);
    return {
      ...asked,
      ...(minG === undefined ? {} : { minG }),
      ...(maxG === undefined ? {} : { maxG }),
    };
  });
  return parts.every((part) => part !== null) ? parts : null;
}

/** Asks the solver to land a dip, and keeps its answer until it is taken or left. */
export function useLanding(dip: Dip, bench: Bench, kitchenMeasures: boolean) {
  const [landing, setLanding] = useState<Landing>({ state: 'idle' });
  const running = useRef<AbortController | null>(null);

  const leave = useCallback(() => {
    running.current?.abort();
    running.current = null;
    setLanding({ state: 'idle' });
  }, []);

  useEffect(() => () => running.current?.abort(), []);

  const land = useCallback(async () => {
    const parts = landingParts(bench);
    if (!parts) {
      setLanding({ state: 'failed', message: 'Mend the amounts that can’t be read first.' });
      return;
    }
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    setLanding({ state: 'working' });
    try {
      // the worker's side is loaded when it is first asked
      const { landInWorker } = await import('@/workers/landingClient');
      const answer = await landInWorker(
        {
          parts,
          targets: dip.targets,
          kitchenMeasures,
          measures: bench.measures,
          method: dip.method,
          servedAtC: dip.servedAtC,
          correction: bench.correction,
        },
        controller.signal,
      );
      if (running.current === controller) setLanding({ state: 'answered', answer, of: dip });
    } catch (error) {
      if (controller.signal.aborted) return;
      const message = error instanceof Error ? error.message : 'The solver stopped.';
      setLanding({ state: 'failed', message });
    }
  }, [bench, dip, kitchenMeasures]);

  // an answer to a dip that has changed since is no answer; its name or machine may have
  const stale = landing.state === 'answered' && !sameToLand(landing.of, dip);
  return { landing: stale ? ({ state: 'idle' } as const) : landing, land, leave };
}

export type LandingControl = ReturnType<typeof useLanding>;

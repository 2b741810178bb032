'use client';

import { stallsOn } from '@cobbet/core/kitchen/machines';
import { isThisRight } from '@cobbet/core/dip/isThisRight';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { lastRead } from './lastRead';
import type { FootMark } from './lineGeometry';
import { beadsOf, lineAxis, seasoningTarget, type ShownQuantity } from './shownQuantity';
import type { Bench } from '../useBench';

/** Everything the line draws of a dip for what is shown: axis, beads, feet, stalls and doubts. */
export function useLine(bench: Bench, shown: ShownQuantity, width: number) {
  const { dip, rows, parts, machine, analysis, drawn } = bench;
  const trials = useBook((state) => state.book.trials);
  const last = useMemo(() => lastRead(trials, dip.id), [trials, dip.id]);
  const seasoning = seasoningTarget(shown);
  const band = seasoning ? dip.targets[seasoning] : undefined;
  const axis = useMemo(
    () => lineAxis(shown, width, analysis, band),
    [shown, width, analysis, band],
  );
  const { freshBody, warmBody, chilledBody, sd, path } = analysis;
  // a reading warm from the machine is brought to 25 °C, where the first foot stands
  const cooling = (freshBody ?? 0) - (warmBody ?? 0);
  const readFresh = last.machine === null ? null : last.machine + cooling;
  const feet: FootMark[] = seasoning
    ? [{ value: analysis.per100g[seasoning], sd: 0, band, read: null }]
    : [
        { value: freshBody, sd, band: dip.targets.freshBody, read: readFresh },
        { value: chilledBody, sd, band: dip.targets.chilledBody, read: last.chilled },
      ];
  const stallsAt = path.flatMap((step, i) => {
    const inBowl = parts[i]?.place === 'bowl' && step.massG > 0;
    return inBowl && stallsOn(machine, step.body, step.state === 'crumbs') ? [i] : [];
  });
  const doubts = useMemo(
    () =>
      isThisRight(parts).filter(({ index }) => {
        const row = rows[index]?.row;
        return row !== undefined && row.sure !== row.amount;
      }),
    [parts, rows],
  );
  const beads = useMemo(() => beadsOf(path, shown, drawn), [path, shown, drawn]);
  return { seasoning, band, axis, feet, stallsAt, doubts, beads, trials: last.count };
}

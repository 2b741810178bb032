'use client';

import { stallsOn } from '@cobbet/core/kitchen/machines';
import { metAt } from '@cobbet/core/dip/stalls';
import { isThisRight } from '@cobbet/core/dip/isThisRight';
import { type BodyName, momentsOf } from '@cobbet/core/mix/bodyMoments';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { lastRead } from './lastRead';
import { useDrawn } from './useDrawn';
import type { FootMark } from './lineGeometry';
import { beadsOf, lineAxis, mostShown, seasoningTarget, type ShownQuantity } from './shownQuantity';
import type { Bench } from '../useBench';

/** Everything the line draws of a dip for what is shown: axis, beads, feet, stalls and doubts. */
export function useLine(bench: Bench, shown: ShownQuantity, width: number) {
  const { dip, rows, parts, machine, analysis } = bench;
  const drawn = useDrawn(parts, bench.conditions);
  const trials = useBook((state) => state.book.trials);
  const last = useMemo(() => lastRead(trials, dip.id), [trials, dip.id]);
  const seasoning = seasoningTarget(shown);
  const band = seasoning ? dip.targets[seasoning] : undefined;
  const most = mostShown(shown, analysis, band);
  const axis = useMemo(() => lineAxis(shown, width, most), [shown, width, most]);
  const { freshBody, warmBody, sd, path } = analysis;
  // a reading warm from the machine is brought to 25 °C, where the first foot stands
  const cooling = (freshBody ?? 0) - (warmBody ?? 0);
  const read: Partial<Record<BodyName, number | null>> = {
    warmBody: last.machine,
    freshBody: last.machine === null ? null : last.machine + cooling,
    chilledBody: last.chilled,
  };
  const feet: FootMark[] = seasoning
    ? [{ value: analysis.per100g[seasoning], sd: 0, band, read: null }]
    : [
        ...momentsOf(dip).map((name) => ({
          ...{ value: analysis[name], sd, band: dip.targets[name], read: read[name] ?? null },
        })),
      ];
  const stallsAt = useMemo(
    () =>
      metAt(parts, dip.method).filter((i) => {
        const step = path[i];
        return step !== undefined && stallsOn(machine, step.body, step.state === 'crumbs');
      }),
    [parts, dip.method, path, machine],
  );
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

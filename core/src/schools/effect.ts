import { analyse } from '../analysis/analyse';
import { smoothness } from '../body/smoothness';
import { type Dip, tastingOf } from '../book/dip';
import { partOf, readRow } from '../book/dipParts';
import { type Kit, kitMachine } from '../book/kit';
import { keptDays } from '../keeping/fridgeDays';
import type { Larder } from '../larder/larder';
import { prepare, rawFor } from '../prep/prepare';
import { routeOfRow } from '../prep/usualWay';
import type { MeasureSystem } from '../quantity/measureSystem';

/** What a way of making a dip comes to. All are estimates. */
export interface WayEffect {
  /** Minutes of hands-on preparation, and from the first soak until everything is ready to blend. */
  handsMin: number;
  readyMin: number;
  /** Body warm from the machine and chilled; null where there is none. */
  warmBody: number | null;
  chilledBody: number | null;
  /** The stiffest the machine meets on the way; null where there is no body. */
  stiffestBody: number | null;
  /** g per 100 g; garlic as raw crushed. */
  saltG: number;
  acidG: number;
  garlicG: number;
  /** One standard deviation of the salt and of the body, from how amounts are measured; null without any. */
  saltSdG: number | null;
  bodySd: number | null;
  /** 0–10; null for an empty bowl. */
  smoothness: number | null;
  /** Air, % of the volume without it. */
  overrunPct: number;
  /** Days it is kept in the fridge. */
  keepDays: number;
  /** Minutes at tasting it, cold again among them. */
  tastingMin: number;
}

/** What one taste takes, spoon, note and all (judgement), min. */
const tasteMin = 1;

/**
 * What a dip as it stands comes to: time, body, seasoning, smoothness.
 *
 * @param kit what stands in the kitchen: the dip names its machine of it
 */
export function wayEffect(dip: Dip, larder: Larder, measures: MeasureSystem, kit: Kit): WayEffect {
  const rows = dip.rows.map((row) => readRow(row, larder, measures));
  const parts = rows.flatMap((read) => partOf(read) ?? []);
  const { body, path, per100g } = analyse({
    parts,
    method: dip.method,
    servedAtC: dip.servedAtC,
    measures,
  });
  let handsMin = 0;
  let readyMin = 0;
  for (const { row, massG } of rows) {
    const route = massG > 0 ? routeOfRow(row.ingredientId, row.raw) : null;
    if (!route) continue;
    let whole = 0;
    for (const step of prepare(route, rawFor(route, massG)).steps) {
      handsMin += step.handsOnMin;
      whole += step.handsOnMin + step.waitMin;
    }
    readyMin = Math.max(readyMin, whole);
  }
  const pulses = rows.filter(({ ingredient }) => ingredient?.role === 'legume');
  const bodies = path.flatMap((step) => step.body ?? []);
  const last = path.at(-1);
  const bowl = parts.filter(({ place }) => place === 'bowl').length;
  const tastes = { end: 1, cold: 2, each: bowl }[tastingOf(dip)];
  return {
    handsMin,
    readyMin: Math.max(readyMin, handsMin),
    warmBody: body.machine,
    chilledBody: body.chilled,
    stiffestBody: bodies.length > 0 ? Math.max(...bodies) : null,
    saltG: per100g.saltG,
    acidG: per100g.acidG,
    garlicG: per100g.garlicG,
    saltSdG: last?.seasoningSd.saltG ?? null,
    bodySd: last && last.body !== null ? last.measuringSd : null,
    smoothness: smoothness(
      parts,
      dip.method.grind,
      kitMachine(kit, dip.machineId),
      pulses.length > 0 && pulses.every(({ row }) => row.raw?.skinsOff === true),
    ),
    overrunPct: dip.method.overrunPct,
    keepDays: keptDays(dip, parts),
    tastingMin: tasteMin * tastes,
  };
}

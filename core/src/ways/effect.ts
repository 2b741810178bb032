import { analyseDip } from '../dip/analyseDip';
import { type Dip, tastingOf } from '../dip/dip';
import { smoothness } from '../dip/smoothness';
import type { Kitchen } from '../kitchen/kitchen';
import { prepare, rawFor } from '../prepare/prepare';
import { routeOfRow } from '../prepare/routeOfRow';
import type { Figures } from '../mix/figures';
import { keptDays } from '../safety/fridgeDays';

/** What a way of making a dip comes to. All are estimates. */
export interface WayEffect {
  /** Body, seasoning and the rest, as the line draws them. */
  figures: Figures;
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

/** What a dip as it stands comes to in a kitchen: time, body, seasoning, smoothness. */
export function wayEffect(dip: Dip, kitchen: Kitchen): WayEffect {
  const { rows, parts, machine, analysis } = analyseDip(dip, kitchen);
  const { path, per100g } = analysis;
  let handsMin = 0;
  let readyMin = 0;
  for (const { row, ingredient, massG } of rows) {
    const route = ingredient && massG > 0 ? routeOfRow(ingredient, row.raw) : null;
    if (!route) continue;
    let whole = 0;
    for (const step of prepare(route, rawFor(route, massG)).steps) {
      handsMin += step.handsOnMin;
      whole += step.handsOnMin + step.waitMin;
    }
    readyMin = Math.max(readyMin, whole);
  }
  const pulses = rows.filter(({ ingredient }) => ingredient?.role === 'legume');
  const skinsOff = pulses.length > 0 && pulses.every(({ row }) => row.raw?.skinsOff === true);
  const met = dip.method.atOnce ? path.slice(-1) : path;
  const bodies = met.flatMap((step) => step.body ?? []);
  const last = path.at(-1);
  const bowl = parts.filter(({ place }) => place === 'bowl').length;
  const tastes = { end: 1, cold: 2, each: bowl }[tastingOf(dip)];
  return {
    figures: analysis,
    handsMin,
    readyMin: Math.max(readyMin, handsMin),
    warmBody: analysis.warmBody,
    chilledBody: analysis.chilledBody,
    stiffestBody: bodies.length > 0 ? Math.max(...bodies) : null,
    saltG: per100g.saltG,
    acidG: per100g.acidG,
    garlicG: per100g.garlicG,
    saltSdG: last?.seasoningSd.saltG ?? null,
    bodySd: last && last.body !== null ? last.measuringSd : null,
    smoothness: smoothness(parts, dip.method.grind, machine, skinsOff),
    overrunPct: dip.method.overrunPct,
    keepDays: keptDays(dip, parts),
    tastingMin: tasteMin * tastes,
  };
}

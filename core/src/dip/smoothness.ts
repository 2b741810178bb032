import type { Part } from '../mix/part';
import type { Structure } from '../larder/ingredient';
import type { Grind } from '../mix/method';
import type { Machine } from '../kitchen/machines';

/** How far each tool gets from grain, 0–10 for a soft thing without skins (judgement). */
const toolReach: Readonly<Record<string, number>> = {
  'jug-blender': 9.5,
  'food-processor': 8.5,
  'stick-blender': 8,
  mortar: 5.5,
  whisk: 5,
  fork: 3.5,
  knife: 2,
};
const usualReach = 8;
const grindSteps: Record<Grind, number> = { coarse: -2.5, normal: 0, silky: 1 };

/** What a dip wholly of one structure loses of smoothness (judgement). */
const grain: Partial<Record<Structure, number>> = {
  'pulse-firm': 2,
  'pulse-soft': 0.7,
  nut: 3,
  leaf: 2.5,
  'hard-cheese': 2,
  dry: 2,
  vegetable: 0.8,
};
/** Skins left on a pulse, in a dip wholly of it. */
const skins = 1.2;

/**
 * Smoothness, 0 chunky – 10 like cream: what the tool reaches, less the grain of what is in the bowl. An estimate.
 *
 * @param skinsOff whether pulses have theirs rubbed off
 * @returns null for an empty bowl
 */
export function smoothness(
  parts: readonly Part[],
  grind: Grind,
  machine: Machine,
  skinsOff: boolean,
): number | null {
  let massG = 0;
  let lost = 0;
  for (const { ingredient, massG: mass, place } of parts) {
    if (place !== 'bowl' || mass <= 0) continue;
    massG += mass;
    const skin = ingredient.role === 'legume' && !skinsOff ? skins : 0;
    lost += mass * ((grain[ingredient.structure] ?? 0) + skin);
  }
  if (massG <= 0) return null;
  const reach = (toolReach[machine.id] ?? usualReach) + grindSteps[grind];
  return Math.min(10, Math.max(0, reach - lost / massG));
}

import { nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import type { Dip } from '../dip/dip';
import { leadFlavour } from '../dip/leadFlavour';
import { defaultKit, kitMachine } from '../kitchen/kit';
import { type Kitchen, machineFor } from '../kitchen/kitchen';
import type { LandingPart } from '../landing/landParts';
import type { Addition } from '../proposal/edit';
import { keptNames } from '../swap/keptFigures';
import type { Candidate } from '../swap/swap';
import { type AmountBy, mayAddFrom, type SwapQuestion } from '../swap/swapQuestion';
import type { Run } from './run';
import { runConditions, runTargets } from './runBowl';
import { entriesOf, rowIn, type RunEntry } from './runEvents';
import { trialParts } from './trialParts';

/**
 * A run's bowl as a swap of its step in hand is asked about it: what is in as it went in, what is to come as planned.
 *
 * @returns null where nothing is in hand
 */
export function swapQuestionOfRun(
  run: Run,
  dip: Dip,
  kitchen: Kitchen,
  amountBy: AmountBy,
): SwapQuestion | null {
  const entries = entriesOf(run);
  const inHand = entries[run.step];
  if (!inHand || inHand.done) return null;
  const there = entries.flatMap((entry) => {
    const row = rowIn(entry) ?? (entry.skipped ? null : entry.planned);
    const [part] = row ? trialParts([row], kitchen.larder) : [];
    if (!row || !part) return [];
    const landing: LandingPart = { ...part, amountText: row.amount, hold: false };
    return [{ entry, landing }];
  });
  const index = there.findIndex(({ entry }) => entry === inHand);
  if (index < 0) return null;
  const parts = there.map(({ landing }) => landing);
  const lead = leadFlavour(parts, dip.name, dip.leadId);
  // an own machine runs and warms like the usual one
  const machine = kitMachine(defaultKit, run.machineId);
  return {
    ...{ parts, index, amountBy, inBowl: true, keep: keptNames },
    targets: runTargets(run, dip),
    bowl: { machine: machineFor(run, kitchen), family: dip.family },
    under: {
      conditions: runConditions(run, dip, kitchen),
      method: run.method,
      machine,
      worked: there.map(({ entry }) => entry.worked),
    },
    mayAdd: mayAddFrom(kitchen.larder),
    ...(dip.rules
      ? { ruled: { rules: dip.rules, rowIds: there.map(({ entry }) => rowIdOf(entry, dip)) } }
      : {}),
    ...(lead ? { leadId: lead.ingredient } : {}),
  };
}

/** The row of its dip an addition is of: planned as it, gone in for it, or the rest of it. */
function rowIdOf(entry: RunEntry, { rows }: Pick<Dip, 'rows'>): string | null {
  const ids = [entry.rowId, entry.instead, entry.restOf];
  return ids.find((id) => rows.some((row) => row.id === id)) ?? null;
}

/** What goes in for a swap at the bowl: the newcomer, then what makes up for it, as more of what is there. */
export function swapAdditions(
  { parts, index }: SwapQuestion,
  candidate: Candidate,
  { measures }: Pick<Kitchen, 'measures'>,
): Addition[] {
  const { ingredient, amount, massG, others, parts: after } = candidate;
  const place = parts[index]?.place ?? 'bowl';
  return [
    { ingredient: ingredient.id, massG, amount, place },
    ...others.flatMap(({ index: at, massG: nowG }): Addition[] => {
      const part = after[at];
      const moreG = nowG - (parts[at]?.massG ?? 0);
      if (!part || moreG <= 0) return [];
      const measure = nearestKitchenMeasure(moreG, part.ingredient, measures);
      return [
        {
          ingredient: part.ingredient.id,
          massG: measure.massG,
          amount: measure.text,
          place: part.place,
        },
      ];
    }),
  ];
}

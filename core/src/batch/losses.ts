import { filmLossG } from './filmLoss';

/** Where what went in went, if not into the yield. */
export const lossCauses = ['film', 'tasted', 'evaporated', 'drained', 'spilled', 'other'] as const;
export type LossCause = (typeof lossCauses)[number];

/** One way some of a batch is lost, g, with the ends of its usual range. */
export interface Loss {
  cause: LossCause;
  g: number;
  low: number;
  high: number;
}

/** What is known of a batch's losses beside the machine. */
export interface LossFacts {
  /** In the bowl and folded in, g. */
  inG: number;
  /** Fresh body; null for crumbs. */
  body: number | null;
  /** Times it was tasted. */
  tastings?: number;
  /** What was seen to go, g: drained, spilled, boiled away. */
  seen?: Partial<Record<LossCause, number>>;
  /** Weighed out of the machine, g; left out where it was not. */
  weighedG?: number;
}

/** A teaspoon is tasted, and some of it stays on the spoon, g (J). */
const tastingG = { low: 3, typical: 5, high: 8 } as const;
/** The film on bowl and blade is so far off either way (J). */
const filmFactor = { low: 0.6, high: 1.6 } as const;

/**
 * Where a batch went: the film on bowl and blade, what was tasted, what was seen to go; and where it was weighed, the rest of the difference.
 * Conserves mass: inG = yieldG + Σ g, whatever is given.
 *
 * @param facts g ≥ 0
 * @returns losses of more than nothing, and what is left; *other* may be negative where the scale shows more than went in
 */
export function batchLosses({ inG, body, tastings = 1, seen = {}, weighedG }: LossFacts): {
  losses: Loss[];
  yieldG: number;
} {
  const film = filmLossG(inG, body);
  const tasted = Math.min(Math.max(0, inG - film), tastings * tastingG.typical);
  const found: Loss[] = [
    { cause: 'film', g: film, low: film * filmFactor.low, high: film * filmFactor.high },
    {
      ...{ cause: 'tasted', g: tasted },
      ...{ low: Math.min(tasted, tastings * tastingG.low), high: tastings * tastingG.high },
    },
  ];
  let rest = inG - film - tasted;
  for (const cause of ['evaporated', 'drained', 'spilled'] as const) {
    const g = Math.min(rest, seen[cause] ?? 0);
    found.push({ cause, g, low: g, high: g });
    rest -= g;
  }
  if (weighedG === undefined) return { losses: kept(found), yieldG: rest };
  if (weighedG <= rest) {
    const other = rest - weighedG;
    return {
      losses: kept([...found, { cause: 'other', g: other, low: other, high: other }]),
      yieldG: weighedG,
    };
  }
  // what is only estimated gives way to the scale
  const sum = found.reduce((total, { g }) => total + g, 0);
  const lost = inG - weighedG;
  const share = sum > 0 ? Math.max(0, lost) / sum : 0;
  const scaled = found.map((one) => ({
    ...one,
    g: one.g * share,
    low: one.g * share,
    high: one.g * share,
  }));
  const more = Math.min(0, lost);
  return {
    losses: kept([...scaled, { cause: 'other', g: more, low: more, high: more }]),
    yieldG: weighedG,
  };
}

const kept = (losses: readonly Loss[]) => losses.filter(({ g }) => Math.abs(g) > 1e-9);

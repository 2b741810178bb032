/** Ways of cooling, with how well they take heat from the open top, W/m²K. */
export const coolingWays = ['air', 'fridge', 'ice-bath'] as const;
export type CoolingWay = (typeof coolingWays)[number];

const heatTransfer: Record<CoolingWay, number> = { air: 8, fridge: 15, 'ice-bath': 400 };
/** What surrounds it unless the cook says otherwise, °C. */
export const usualAmbientC: Record<CoolingWay, number> = { air: 20, fridge: 4, 'ice-bath': 0 };

const conductivity = 0.5;
const heatCapacity = 3.6e6;

/** A pan or bowl of dip or pulses cooling, open on top only; stirred in an ice bath, still elsewhere. */
export interface Cooling {
  /** mm, > 0 */
  depthMm: number;
  startC: number;
  ambientC: number;
  how: CoolingWay;
}

/** The first root of ζ tan ζ = Bi, in (0, π/2). */
function firstRoot(biot: number): number {
  let low = 1e-9;
  let high = Math.PI / 2 - 1e-9;
  for (let i = 0; i < 100; i += 1) {
    const middle = (low + high) / 2;
    if (middle * Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Mean temperature as a share of the start above the ambient: θ = (T − Ta) / (T0 − Ta) = factor · exp(−rate · t).
 * Still, a slab open on top by the one-term solution; stirred, one temperature throughout.
 *
 * @returns rate in 1/s
 * @see Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, one-term solution for the plane wall
 */
function decay({ depthMm, how }: Cooling): { factor: number; rate: number } {
  const depth = depthMm / 1000;
  const h = heatTransfer[how];
  if (how === 'ice-bath') return { factor: 1, rate: h / (heatCapacity * depth) };
  const zeta = firstRoot((h * depth) / conductivity);
  const c1 = (4 * Math.sin(zeta)) / (2 * zeta + Math.sin(2 * zeta));
  return {
    factor: (c1 * Math.sin(zeta)) / zeta,
    rate: (zeta ** 2 * conductivity) / (heatCapacity * depth ** 2),
  };
}

/** Mean temperature after so many minutes, °C. */
export function temperatureAfter(cooling: Cooling, minutes: number): number {
  const { startC, ambientC } = cooling;
  const { factor, rate } = decay(cooling);
  const theta = Math.min(1, factor * Math.exp(-rate * 60 * minutes));
  return ambientC + (startC - ambientC) * theta;
}

/**
 * Minutes until the mean temperature has fallen to a target.
 *
 * @returns 0 when it is there already, null when it never gets there: the ambient is no colder
 */
export function minutesTo(cooling: Cooling, targetC: number): number | null {
  const { startC, ambientC } = cooling;
  if (startC <= targetC) return 0;
  if (ambientC >= targetC) return null;
  const { factor, rate } = decay(cooling);
  const theta = (targetC - ambientC) / (startC - ambientC);
  return Math.max(0, Math.log(factor / theta) / rate / 60);
}

/** The two stages of a usual cooling rule: minutes each takes, and whether both are met. */
export interface TwoStages {
  /** 60 → 21 °C; null when it never gets there. */
  firstMin: number | null;
  /** 21 → 5 °C */
  secondMin: number | null;
  met: boolean;
}

export const firstStageMin = 120;
export const secondStageMin = 240;

/** The usual two stages, 60 → 21 °C within 2 h and on to 5 °C within 4 h more; local rules differ. */
export function twoStages(cooling: Cooling): TwoStages {
  const at60 = minutesTo(cooling, 60);
  const at21 = minutesTo(cooling, 21);
  const at5 = minutesTo(cooling, 5);
  const firstMin = at60 === null || at21 === null ? null : at21 - at60;
  const secondMin = at21 === null || at5 === null ? null : at5 - at21;
  return {
    firstMin,
    secondMin,
    met:
      firstMin !== null &&
      firstMin <= firstStageMin &&
      secondMin !== null &&
      secondMin <= secondStageMin,
  };
}

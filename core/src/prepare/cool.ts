/** Ways of cooling: in ice water stirred all the time, or only now and then. */
export const coolingWays = ['air', 'fridge', 'ice-bath', 'ice-now-and-then'] as const;
export type CoolingWay = (typeof coolingWays)[number];

/** How well they take heat away, W/m²K. */
const heatTransfer: Record<CoolingWay, number> = {
  air: 8,
  fridge: 15,
  'ice-bath': 400,
  'ice-now-and-then': 400,
};
/** What surrounds it unless the cook says otherwise, °C. */
export const usualAmbientC: Record<CoolingWay, number> = {
  air: 20,
  fridge: 4,
  'ice-bath': 0,
  'ice-now-and-then': 0,
};

const conductivity = 0.5;
const heatCapacity = 3.6e6;

/** A pan or bowl of dip or pulses cooling: by its open top where it stands still, through its walls in ice water. */
export interface Cooling {
  /** mm, > 0 */
  depthMm: number;
  startC: number;
  ambientC: number;
  how: CoolingWay;
  /** An open pan that steams: what evaporates takes heat along. Left out it counts as covered, which errs to the slow side. */
  open?: boolean;
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

/** How a mean temperature falls: θ = (T − Ta) / (T0 − Ta) = factor · exp(−rate · t), rate in 1/s. */
interface Decay {
  factor: number;
  rate: number;
  /** The surface above the ambient, as a share of the mean above it. */
  surface: number;
}

/**
 * Still, a slab open on top by the one-term solution; stirred, one temperature throughout; stirred now and then, a still slab of
 * half the depth against the cold wall, which errs to the slow side (engineering judgement).
 *
 * @param h W/m²K
 * @see Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, one-term solution for the plane wall
 */
function decayWith({ depthMm, how }: Cooling, h: number): Decay {
  const depth = depthMm / 1000 / (how === 'ice-now-and-then' ? 2 : 1);
  if (how === 'ice-bath') return { factor: 1, rate: h / (heatCapacity * depth), surface: 1 };
  const zeta = firstRoot((h * depth) / conductivity);
  const c1 = (4 * Math.sin(zeta)) / (2 * zeta + Math.sin(2 * zeta));
  return {
    factor: (c1 * Math.sin(zeta)) / zeta,
    rate: (zeta ** 2 * conductivity) / (heatCapacity * depth ** 2),
    surface: (Math.cos(zeta) * zeta) / Math.sin(zeta),
  };
}

const decay = (cooling: Cooling): Decay => decayWith(cooling, heatTransfer[cooling.how]);

const evaporationHeat = 2.4e6;
/** Convection alone over an open pan, W/m²K, and half-wet air around it (engineering judgement). */
const convection = 5;
const humidity = 0.5;

/** Water vapour in saturated air, kg/m³ (Magnus, with the gas law). */
function vapourAt(atC: number): number {
  const pressurePa = 611.2 * Math.exp((17.62 * atC) / (243.12 + atC));
  return pressurePa / (461.5 * (atC + 273.15));
}

/** What evaporation adds to the heat taken from a wet surface, W/m²K above the ambient (Lewis, mass transfer like heat). */
function evaporation(surfaceC: number, ambientC: number): number {
  const perSecond = convection / (1.2 * 1006 * 0.9);
  const flux = perSecond * (vapourAt(surfaceC) - humidity * vapourAt(ambientC));
  return Math.max(0, flux * evaporationHeat) / Math.max(1, surfaceC - ambientC);
}

/** How fast an open pan's mean temperature falls at a temperature, 1/s: its surface is cooler, and the hotter it is the more it steams. */
function openRate(cooling: Cooling, meanC: number): number {
  const { ambientC, how } = cooling;
  let found = decay(cooling);
  for (let i = 0; i < 12; i += 1) {
    const surfaceC = ambientC + (meanC - ambientC) * found.surface;
    found = decayWith(cooling, heatTransfer[how] + evaporation(surfaceC, ambientC));
  }
  return found.rate;
}

/** Steps of an open pan's cooling: temperatures falling evenly, and the seconds each takes. */
const openSteps = 80;

function openMinutes(cooling: Cooling, targetC: number): number {
  const { startC, ambientC } = cooling;
  const step = (startC - targetC) / openSteps;
  let seconds = 0;
  for (let i = 0; i < openSteps; i += 1) {
    const meanC = startC - (i + 0.5) * step;
    seconds += step / (openRate(cooling, meanC) * (meanC - ambientC));
  }
  return seconds / 60;
}

/** Whether evaporation counts: an open pan in air or a fridge, not what stands in ice. */
const steams = ({ open, how }: Cooling) => open === true && (how === 'air' || how === 'fridge');

/** Mean temperature after so many minutes, °C. */
export function temperatureAfter(cooling: Cooling, minutes: number): number {
  const { startC, ambientC } = cooling;
  if (steams(cooling)) {
    let [low, high] = [Math.min(startC, ambientC), startC];
    for (let i = 0; i < 30; i += 1) {
      const middle = (low + high) / 2;
      if (openMinutes(cooling, middle) > minutes) low = middle;
      else high = middle;
    }
    return high;
  }
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
  if (steams(cooling)) return openMinutes(cooling, targetC);
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

const perGramK = 3.6;
/** Ice from a freezer: warmed to 0 °C, melted, and its water as warm as the bath gets, J/g. */
const iceTakesJ = 2.05 * 18 + 333.6 + 4.18 * 2;
/** What the water, the bowls and the air take besides (engineering judgement). */
const iceSpare = 1.3;

/**
 * Ice it takes to cool so much in ice water, by a heat balance: 3.6 J/g·K against the ice's warming and melting.
 *
 * @param massG of what is cooled, g
 * @returns g of ice, with a third to spare; 0 when it is that cold already
 */
export function iceFor(massG: number, fromC: number, toC: number): number {
  return (Math.max(0, fromC - toC) * perGramK * massG * iceSpare) / iceTakesJ;
}

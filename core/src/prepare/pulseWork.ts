import { everyday } from '../larder/everyday';
import { minutesTo } from './cool';
import type { PulseMethod } from './pulseMethod';
import { type Pulse, pulseOfIngredient } from './pulses';
import { canG, cannedPulses, pulseYield, skinnedBroadBeans } from './rawYields/pulseRawYields';
import type { RawYield } from './rawYields/rawYield';
import type { RouteStep, Work } from './route';
import { left, work } from './routes/steps';
import { hotSoakC, needsFridge, readyAfterH, soakCurve } from './soak';
import { about, times, yieldOf } from './yields';

/** Rubbing skins off by hand in a bowl of water (judgement). */
const rubSkins: RouteStep = {
  label: 'Rub in a bowl of water, pour the skins away',
  handsOnMin: 5,
  handsOnMinPerKg: 20,
};

/** Water that boils off or stays in the pot's foam, as a share of what went in (judgement). */
const boiledOff = 0.2;
/** What soda saves of the pot's time (judgement, within data/soak-cook.csv). */
const sodaSaves = 0.35;
/** A bowl of drained pulses stood in ice water and stirred now and then. */
const iceBath = { depthMm: 60, startC: 90, ambientC: 0, how: 'ice-now-and-then' } as const;

const middle = (range: { low: number; high: number } | null) =>
  range ? (range.low + range.high) / 2 : 0;

/** The hard boil before pressure, min: under pressure it is not what the poison was judged by. */
const boilHardMin = 10;

/** A kitchen a soak stands in unless it is hot, °C. */
const sideC = 20;

/** How a pulse is soaked: as asked, but never left out where it must be. */
export const soakOf = ({ mustSoak }: Pulse, { soak }: PulseMethod) =>
  soak === 'none' && mustSoak ? 'overnight' : soak;

/** How long a pulse is in the pot, min; the squash test decides, not the clock. */
export function potMinutes(pulse: Pulse, method: PulseMethod): number {
  const soaked = soakOf(pulse, method) !== 'none' && pulse.soakH > 0;
  const range = method.pressure
    ? soaked
      ? pulse.pressureSoakedMin
      : pulse.pressureUnsoakedMin
    : soaked
      ? pulse.simmerSoakedMin
      : pulse.simmerUnsoakedMin;
  const saves = method.soda && pulse.sodaSaves;
  const first = method.pressure && pulse.boilHard ? boilHardMin : 0;
  return Math.round(first + middle(range) * (saves ? 1 - sodaSaves : 1));
}

/** How long it soaks, min. */
export function soakMinutes(pulse: Pulse, method: PulseMethod): number {
  const curve = soakCurve(pulse);
  const soak = soakOf(pulse, method);
  if (soak === 'none' || !curve) return 0;
  return Math.round(60 * readyAfterH(curve, soak === 'hot' ? hotSoakC : sideC));
}

/** By name, since a day lists those of all its dips together. */
const hazardsOf = ({ name, hazards }: Pulse) => (hazards === '' ? [] : [`${name}: ${hazards}`]);

function potWords({ boilHard }: Pulse, { pressure }: PulseMethod): string {
  if (boilHard) {
    return `Boil hard 10 minutes at least, skim, then ${pressure ? 'pressure cook' : 'simmer'}`;
  }
  return pressure ? 'Pressure cook' : 'Simmer and skim';
}

function dried(pulse: Pulse, method: PulseMethod): Work {
  const soak = soakMinutes(pulse, method);
  const hot = soakOf(pulse, method) === 'hot';
  const cold = needsFridge(hot ? hotSoakC : sideC, soak / 60);
  const pot = potMinutes(pulse, method);
  const cool = Math.ceil(minutesTo(iceBath, 30) ?? 0);
  const soaking: RouteStep[] =
    soak === 0
      ? []
      : [
          {
            label: hot
              ? `Hot soak: ${pulse.quickSoak}`
              : `Soak in ${pulse.soakWater} times their weight of water`,
            handsOnMin: hot ? 6 : 2,
            waitMin: soak,
            uses: { bowl: 1, ...(cold ? { fridge: 1 } : {}) },
          },
          { label: 'Drain, rinse, throw the soaking water away', handsOnMin: 3 },
        ];
  // what collapses is not drained: its water stays in the mash
  const mash = pulse.collapses;
  const cooked = pulseYield(pulse, 'cooked-mass')?.typical ?? 0;
  const liquid = pulse.cookWater * (1 - boiledOff) - (cooked - (soak > 0 ? 2 : 1));
  return {
    steps: [
      { label: 'Sort and rinse', handsOnMin: 3, handsOnMinPerKg: 4 },
      ...soaking,
      {
        label: `${potWords(pulse, method)} until ${pulse.until}`,
        handsOnMin: 8,
        waitMin: Math.max(0, pot - 8),
        uses: { hob: 1 },
      },
      mash
        ? { label: 'Stir, let it steam dry', handsOnMin: 3 }
        : { label: 'Keep a jug of the liquid, drain', handsOnMin: 4 },
      {
        label: 'Cool: the bowl in ice water, stirred now and then',
        handsOnMin: 2,
        waitMin: cool,
        uses: { bowl: 1 },
      },
      ...(method.skinsOff && !mash ? [rubSkins] : []),
    ],
    leftovers:
      liquid > 0.2 && !mash
        ? [
            left(
              'cooking liquid',
              everyday.potLiquid,
              about(liquid, 0.3),
              'ml',
              3,
              'loosen this dip or the next, or soup',
            ),
          ]
        : [],
    cautions: [
      ...hazardsOf(pulse),
      ...(method.soda && pulse.sodaLimit
        ? ['Soda: no more than 5 g for 500 g dry; count its sodium with the salt.']
        : []),
      ...(cold ? ['A soak of over 12 hours belongs in the fridge.'] : []),
      'The squash test ends the cooking, never the clock. Cool cooked pulses fast.',
    ],
  };
}

function frozen(pulse: Pulse, to: string): Work {
  const steps: RouteStep[] = [
    {
      label: `Boil until ${pulse.until}`,
      handsOnMin: 2,
      waitMin: Math.round(middle(pulse.simmerUnsoakedMin)),
      uses: { hob: 1 },
    },
    { label: 'Drain, cold water', handsOnMin: 2 },
  ];
  if (to === skinnedBroadBeans) {
    steps.push({ label: 'Slip the skins', handsOnMin: 2, handsOnMinPerKg: 40 });
  }
  return work(steps, { cautions: hazardsOf(pulse) });
}

function canned(rinsed: boolean, { skinsOff }: PulseMethod): Work {
  const opened = {
    label: rinsed ? 'Open, drain over a jug, rinse, drain' : 'Open, drain over a jug',
    handsOnMin: rinsed ? 3 : 2,
    handsOnMinPerKg: 1,
  };
  const liquid = times(yieldOf('can-400-liquid'), 1 / canG);
  return work(skinsOff ? [opened, rubSkins] : [opened], {
    leftovers: [
      left('can liquid', everyday.canLiquid, liquid, 'ml', 3, 'loosen this dip or the next'),
    ],
  });
}

const shelled = work(
  [
    { label: 'Shell', handsOnMin: 2, handsOnMinPerKg: 15 },
    { label: 'Boil until tender', handsOnMin: 2, waitMin: 4, uses: { hob: 1 } },
    { label: 'Drain, cold water', handsOnMin: 2 },
  ],
  { cautions: ['Broad beans can harm people with favism (G6PD deficiency). Say so.'] },
);

/** What it takes to make a pulse ready from what it starts from; null for what is no pulse. */
export function pulseWork({ to, from }: RawYield, method: PulseMethod): Work | null {
  if (from === 'pods') return shelled;
  const can = cannedPulses.find((one) => one.to === to);
  if (can && from === 'can') return canned(can.rinsed, method);
  const pulse = pulseOfIngredient({ kind: to });
  if (!pulse) return null;
  return from === 'frozen' ? frozen(pulse, to) : dried(pulse, method);
}

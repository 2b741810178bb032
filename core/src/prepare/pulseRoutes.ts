import { everyday } from '../larder/everyday';
import { minutesTo } from './cool';
import { findYield, type Pulse, pulses, pulseYield, yieldOf } from './pulses';
import type { Range } from '../statistics/range';
import { about, ratioOf, type Route, type RouteStep, times } from './route';
import { hotSoakC, needsFridge, readyAfterH, soakCurve } from './soak';

/** How dried pulses are soaked and cooked. */
export interface PulseMethod {
  soak: 'overnight' | 'hot' | 'none';
  soda: boolean;
  pressure: boolean;
  /** Skins rubbed off and poured away once they are cooked. */
  skinsOff: boolean;
}

export const usualPulseMethod: PulseMethod = {
  soak: 'overnight',
  soda: true,
  pressure: false,
  skinsOff: false,
};

/** A cup of dried pulses, g/ml (chickpeas 0.845, beans and lentils 0.78–0.85). */
const driedGPerMl = 0.82;

/** Rubbing skins off by hand in a bowl of water (judgement). */
const rubSkins: RouteStep = {
  label: 'Rub in a bowl of water, pour the skins away',
  handsOnMin: 5,
  handsOnMinPerKg: 20,
};
const skinsKept = 1 - yieldOf('chickpea-skins-share').typical;

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

function dried(pulse: Pulse, to: string, method: PulseMethod): Route | null {
  const cooked = pulseYield(pulse, 'cooked-mass');
  if (!cooked) return null;
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
  const liquid = pulse.cookWater * (1 - boiledOff) - (cooked.typical - (soak > 0 ? 2 : 1));
  return {
    to,
    from: 'dried',
    raw: `${pulse.name.toLowerCase()}, dried`,
    pieceG: {},
    rawGPerMl: driedGPerMl,
    ratio: method.skinsOff ? times(ratioOf(cooked), skinsKept) : ratioOf(cooked),
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
            {
              what: 'cooking liquid',
              ingredientId: everyday.potLiquid,
              perRawG: about(liquid, 0.3),
              unit: 'ml',
              keepDays: 3,
              nextUse: 'loosen this dip or the next, or soup',
            },
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

function frozen(pulse: Pulse, to: string): Route | null {
  if (!pulse.frozen) return null;
  const skinned = to === 'broad-beans-fresh-skinned';
  return {
    to,
    from: 'frozen',
    raw: pulse.name.toLowerCase(),
    pieceG: {},
    ratio: skinned ? ratioOf(yieldOf('fava-fresh-skinning')) : about(1, 0.05),
    steps: [
      {
        label: `Boil until ${pulse.until}`,
        handsOnMin: 2,
        waitMin: Math.round(middle(pulse.simmerUnsoakedMin)),
        uses: { hob: 1 },
      },
      { label: 'Drain, cold water', handsOnMin: 2 },
      ...(skinned ? [{ label: 'Slip the skins', handsOnMin: 2, handsOnMinPerKg: 40 }] : []),
    ],
    leftovers: [],
    cautions: hazardsOf(pulse),
  };
}

const canG: Range = { low: 395, typical: 400, high: 425 };

/** Pulses that come in cans, and whether what is in the larder has been rinsed too. */
const cannedPulses = [
  { to: 'chickpeas-canned-drained', rinsed: false },
  { to: 'chickpeas-canned-rinsed', rinsed: true },
  { to: 'cannellini-canned-drained', rinsed: false },
  { to: 'butter-beans-canned-drained', rinsed: false },
] as const;

function canned(to: string, rinsed: boolean, { skinsOff }: PulseMethod): Route {
  const drained = yieldOf('can-400-drained');
  const liquid = yieldOf('can-400-liquid');
  const share = times(drained, (skinsOff ? skinsKept : 1) / 400);
  return {
    to,
    from: 'can',
    raw: 'cans',
    pieceG: { can: canG },
    ratio: rinsed ? times(share, yieldOf('can-rinse-gain').typical) : share,
    steps: [
      {
        label: rinsed ? 'Open, drain over a jug, rinse, drain' : 'Open, drain over a jug',
        handsOnMin: rinsed ? 3 : 2,
        handsOnMinPerKg: 1,
      },
      ...(skinsOff ? [rubSkins] : []),
    ],
    leftovers: [
      {
        what: 'can liquid',
        ingredientId: everyday.canLiquid,
        perRawG: times(liquid, 1 / 400),
        unit: 'ml',
        keepDays: 3,
        nextUse: 'loosen this dip or the next',
      },
    ],
    cautions: [],
  };
}

/** Every way to make a pulse ready, dried ones by a method. */
export function pulseRoutes(method: PulseMethod = usualPulseMethod): Route[] {
  const fromRaw = pulses.flatMap((pulse) =>
    pulse.ingredientIds.flatMap((to) => [dried(pulse, to, method) ?? [], frozen(pulse, to) ?? []]),
  );
  return [
    ...fromRaw.flat(),
    ...cannedPulses.map(({ to, rinsed }) => canned(to, rinsed, method)),
    ...(findYield('fava-fresh-pods')
      ? [
          {
            to: 'broad-beans-fresh-boiled',
            from: 'pods',
            raw: 'broad beans in their pods',
            pieceG: {},
            ratio: ratioOf(yieldOf('fava-fresh-pods')),
            steps: [
              { label: 'Shell', handsOnMin: 2, handsOnMinPerKg: 15 },
              { label: 'Boil until tender', handsOnMin: 2, waitMin: 4, uses: { hob: 1 } },
              { label: 'Drain, cold water', handsOnMin: 2 },
            ],
            leftovers: [],
            cautions: ['Broad beans can harm people with favism (G6PD deficiency). Say so.'],
          } satisfies Route,
        ]
      : []),
  ];
}

/** Times the computation in Node.js; prints its figures as JSON for bench.mjs. */
import { readLine } from '../core/src/lines/readLine';
import judged from '../core/test/lines/lines.json';
import { type AdviseInput } from '@cobbet/core/advise/adviseInput';
import { advise } from '@cobbet/core/advise/advise';
import { analyse } from '@cobbet/core/dip/analyse';
import { usualBlending } from '@cobbet/core/mix/blending';
import { bodyState } from '@cobbet/core/mix/bodyModel';
import { conditionsOf } from '../core/test/kitchenOf';
import { addTo, emptyBowl } from '@cobbet/core/mix/bowlSums';
import { type Part, partSumsPerGram } from '@cobbet/core/mix/part';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { type SimulatedRun, simulatedCook } from '../core/test/simulatedCook';
import { landing } from '../core/test/landingOf';
import { swapOf } from '../core/test/swapOf';
import { couldStandIn } from '@cobbet/core/swap/couldStandIn';
import { swaps } from '@cobbet/core/swap/swaps';
import { simulatedTongue } from '../core/test/simulatedTongue';
import { highsSolver } from '@cobbet/core/landing/highsSolver';
import { landInGrams } from '@cobbet/core/landing/land';
import { landSteadily } from '@cobbet/core/landing/landSteadily';
import { nudges } from '@cobbet/core/dip/nudges';
import { drawnPath } from '@cobbet/core/dip/drawnPath';
import { lowerBoundSpan } from '@cobbet/core/day/lowerBound';
import { planDay } from '@cobbet/core/day/planDay';
import { per100g } from '@cobbet/core/mix/per100g';
import { timedFinding } from './benchFind';
import { bigDay } from './bigDay';

const recipe: [string, number][] = [
  ['tahini-hulled', 80],
  ['lemon-juice', 30],
  ['water', 60],
  ['garlic-raw', 4],
  ['sea-salt-fine', 3],
  ['chickpeas-canned-drained', 310],
  ['chickpea-can-liquid', 50],
  ['cumin-ground', 1.2],
  ['coriander-seed-ground', 1],
  ['paprika-smoked', 1],
  ['black-pepper', 0.5],
  ['parsley', 20],
  ['coriander-leaf', 10],
  ['mint', 6],
  ['olive-oil-extra-virgin', 14],
  ['carrot-roasted', 60],
  ['pumpkin-seed', 15],
  ['miso-white', 8],
  ['lime-juice', 10],
  ['cayenne', 0.2],
];

function part(id: string, massG: number): Part {
  const ingredient = shippedLarder.get(id);
  if (!ingredient) throw new Error(`no ${id}`);
  return { ingredient, massG, cv: 0.08, place: 'bowl' };
}

const twenty = recipe.map(([id, massG]) => part(id, massG));

/** Median and 95th percentile of a sorted list. */
function percentiles(times: number[]) {
  times.sort((a, b) => a - b);
  const at = (share: number) => times[Math.min(times.length - 1, Math.floor(times.length * share))];
  return { median: at(0.5), p95: at(0.95) };
}

/** Times `work` done `batch` times in a row, `samples` times over, after warming up; ms for one. */
function timed(samples: number, batch: number, work: () => void) {
  for (let i = 0; i < batch * 20; i += 1) work();
  const times: number[] = [];
  for (let i = 0; i < samples; i += 1) {
    const start = performance.now();
    for (let j = 0; j < batch; j += 1) work();
    times.push((performance.now() - start) / batch);
  }
  return percentiles(times);
}

const conditions = conditionsOf();
const perGram = twenty.map((one) => partSumsPerGram(one));
let sink = 0;

const evaluation = timed(300, 200, () => {
  const sums = emptyBowl();
  perGram.forEach((per, i) => addTo(sums, per, twenty[i]?.massG ?? 0));
  sink += (bodyState(sums, usualBlending)?.lnTau ?? 0) + per100g(sums).saltG;
});

const refresh = timed(200, 5, () => {
  sink += analyse(twenty, conditions).freshBody ?? 0;
});

const nudged = timed(200, 3, () => {
  const parts = twenty;
  sink += analyse(parts, conditions).freshBody ?? 0;
  sink += nudges(parts, shippedLarder, conditions).length;
  sink += drawnPath(parts, conditions)[19]?.low ?? 0;
});

const solver = await highsSolver();
let seed = 11;
const random = () => {
  seed = (seed * 48_271) % 2_147_483_647;
  return seed / 2_147_483_647;
};
const landings: number[] = [];
let landed = 0;
for (let i = 0; i < 60; i += 1) {
  const rows = twenty.map((one, index) => ({
    ...one,
    massG: one.massG * (0.7 + 0.6 * random()),
    hold: index >= 15,
  }));
  const targets = {
    chilledBody: { low: 6.9, high: 7.5 },
    saltG: { low: 0.9, high: 1.1 },
    acidG: { low: 0.3, high: 0.45 },
  };
  const start = performance.now();
  const { miss } = landInGrams({ rows, targets, conditions }, solver);
  // the first few warm the solver up
  if (i >= 10) landings.push(performance.now() - start);
  if (miss < 1e-4) landed += 1;
}

/** The same in spoons, cups and pieces, as Land it does on the Bench: steadier amounts looked for, and the odds. */
const inMeasures: number[] = [];
let landedInMeasures = 0;
for (let i = 0; i < 30; i += 1) {
  const parts = twenty.slice(0, 12).map((one, index) => ({
    ...one,
    massG: one.massG * (0.7 + 0.6 * random()),
    amountText: '',
    hold: index === 0 || index === 5,
  }));
  const targets = {
    chilledBody: { low: 6.6, high: 7.6 },
    saltG: { low: 0.85, high: 1.15 },
    acidG: { low: 0.28, high: 0.5 },
  };
  const start = performance.now();
  const answer = landSteadily({ parts, targets, kitchenMeasures: true, conditions }, solver);
  if (i >= 5) inMeasures.push(performance.now() - start);
  if (answer.feasible) landedInMeasures += 1;
}

/** Bowls on their way with nine things within reach: short of all, of seasoning, too salty, and met. */
const within = [
  'water',
  'lemon-juice',
  'olive-oil-extra-virgin',
  'sea-salt-fine',
  'tahini-hulled',
  'chickpea-can-liquid',
  'chickpeas-canned-drained',
  'cumin-ground',
  'garlic-raw',
].map((id) => part(id, 0).ingredient);
const bowls = [
  { water: 5, lemon: 15, salt: 1 },
  { water: 40, lemon: 15, salt: 1 },
  { water: 40, lemon: 30, salt: 9 },
  { water: 75, lemon: 38, salt: 2.5 },
].map(({ water, lemon, salt }): AdviseInput => ({
  parts: [
    part('tahini-hulled', 60),
    part('lemon-juice', lemon),
    part('garlic-raw', 4),
    part('water', water),
    part('sea-salt-fine', salt),
    part('chickpeas-canned-drained', 480),
    part('cumin-ground', 1),
  ],
  conditions,
  machine: { mostMl: 1500 },
  family: 'pulse',
  targets: {
    chilledBody: { low: 6.9, high: 7.5 },
    saltG: { low: 0.9, high: 1.1 },
    acidG: { low: 0.3, high: 0.45 },
  },
  tastes: {},
  atHand: within,
}));
const advised: number[] = [];
for (let i = 0; i < 44; i += 1) {
  const start = performance.now();
  for (const bowl of bowls) sink += advise(bowl, solver).suggestions.length;
  if (i >= 4) advised.push((performance.now() - start) / bowls.length);
}

const day = bigDay();
const now = () => performance.now();
const began = now();
const planned = planDay(day, { tries: 4000, ms: 1500, now });
const planning = now() - began;
const pinnedDay = {
  ...day,
  tasks: day.tasks.map((task) => (task.id === '3-blend' ? { ...task, pinnedAt: -330 } : task)),
};
const pinnedAt = now();
planDay(pinnedDay, { tries: 4000, ms: 280, now });
const plan = {
  tasks: day.tasks.length,
  ms: planning,
  spanMin: planned.spanMin,
  lowerBoundMin: lowerBoundSpan(day),
  replanMs: now() - pinnedAt,
};

let nextLine = 0;
const reading = timed(60, judged.length, () => {
  const { line, measures } = judged[nextLine % judged.length] ?? { line: '', measures: 'us' };
  nextLine += 1;
  sink += readLine(line, { larder: shippedLarder, measures: measures as 'us' }).parts.length;
});

const kitchens = 500;
const cooked = Array.from({ length: kitchens }, (_, i) =>
  simulatedCook(i + 1, shippedLarder, solver),
);
const shareOf = (holds: (run: SimulatedRun) => boolean) => cooked.filter(holds).length / kitchens;
const often = cooked.filter(({ readings }) => readings >= 5);
const cook = {
  kitchens,
  inside: shareOf(({ inside }) => inside),
  insideWithinFour: shareOf(({ inside, additions }) => inside && additions <= 4),
  medianAdditions:
    cooked.map(({ additions }) => additions).sort((a, b) => a - b)[kitchens / 2] ?? 0,
  overshot: shareOf(({ overshot }) => overshot),
  bodyRmsAfterFive: Math.sqrt(
    often.reduce((sum, { bodyError }) => sum + bodyError ** 2, 0) / Math.max(1, often.length),
  ),
};

const tables = 1000;
const tasted = Array.from({ length: tables }, (_, i) =>
  simulatedTongue(i + 1, shippedLarder, solver),
);
const summed = (count: (run: (typeof tasted)[number]) => number) =>
  tasted.reduce((sum, run) => sum + count(run), 0);
const tongue = {
  bowls: tables,
  inside: summed(({ inside }) => (inside ? 1 : 0)) / tables,
  insideAsTold: summed(({ insideAsTold }) => (insideAsTold ? 1 : 0)) / tables,
  overshot: summed(({ overshot }) => (overshot ? 1 : 0)) / tables,
  unsaid: summed(({ unsaid }) => unsaid),
  implausible: summed(({ implausible }) => implausible),
  falseWords: summed(({ falseWords }) => falseWords),
};

/** Every row of a dip of twelve swapped, the whole ranking with amounts. */
const swapped = Array.from({ length: 12 }, (_, index) => {
  const question = swapOf(
    twenty.slice(0, 12).map((one) => landing(one)),
    index,
  );
  const free = { allergens: [], diets: [] };
  const among = couldStandIn(question, { larder: shippedLarder.values(), free });
  const begun = performance.now();
  swaps(question, among);
  return performance.now() - begun;
});

const finding = timedFinding();
const find = { ...finding, ...percentiles(finding.searches) };

process.stdout.write(
  `${JSON.stringify({ evaluation, refresh, nudged, landing: percentiles(landings), landed, inMeasures: percentiles(inMeasures), landedInMeasures, advice: percentiles(advised), reading, plan, cook, tongue, swapped: percentiles(swapped), find, sink: Number.isFinite(sink) })}\n`,
);

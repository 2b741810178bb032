/** Times the computation in Node.js; prints its figures as JSON for bench.mjs. */
import { analyse } from '@cobbet/core/analysis/analyse';
import { bodyState } from '@cobbet/core/body/bodyModel';
import { usualMethod } from '@cobbet/core/body/conditions';
import { addTo, emptyBowl } from '@cobbet/core/bowl/bowlSums';
import { type Part, partSumsPerGram } from '@cobbet/core/bowl/part';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { type SimulatedRun, simulatedCook } from '@cobbet/core/advise/simulatedCook';
import { highsSolver } from '@cobbet/core/landing/highsSolver';
import { landInGrams } from '@cobbet/core/landing/land';
import { nudges } from '@cobbet/core/nudge/nudges';
import { drawnPath } from '@cobbet/core/odds/drawnPath';
import { lowerBoundSpan, planDay } from '@cobbet/core/plan/planDay';
import { per100g } from '@cobbet/core/seasoning/per100g';
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

const perGram = twenty.map((one) => partSumsPerGram(one));
let sink = 0;

const evaluation = timed(300, 200, () => {
  const sums = emptyBowl();
  perGram.forEach((per, i) => addTo(sums, per, twenty[i]?.massG ?? 0));
  sink += (bodyState(sums)?.lnTau ?? 0) + per100g(sums).saltG;
});

const refresh = timed(200, 5, () => {
  sink += analyse({ parts: twenty, method: usualMethod, servedAtC: 5 }).body.fresh ?? 0;
});

const nudged = timed(200, 3, () => {
  const parts = twenty;
  sink += analyse({ parts, method: usualMethod, servedAtC: 5 }).body.fresh ?? 0;
  sink += nudges({ parts, method: usualMethod, measures: 'us', larder: shippedLarder }).length;
  sink += drawnPath(parts, usualMethod)[19]?.low ?? 0;
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
  const { miss } = landInGrams({ rows, targets, method: usualMethod }, solver);
  // the first few warm the solver up
  if (i >= 10) landings.push(performance.now() - start);
  if (miss < 1e-4) landed += 1;
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

const kitchens = 500;
const cooked = Array.from({ length: kitchens }, (_, i) =>
  simulatedCook(i + 1, shippedLarder, solver),
);
const shareOf = (is: (run: SimulatedRun) => boolean) => cooked.filter(is).length / kitchens;
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

process.stdout.write(
  `${JSON.stringify({ evaluation, refresh, nudged, landing: percentiles(landings), landed, plan, cook, sink: Number.isFinite(sink) })}\n`,
);

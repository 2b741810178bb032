import { readDip } from '@cobbet/core/dip/analyseDip';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import type { Book } from '@cobbet/core/book/book';
import { chooseDesign, designQuestion } from '@cobbet/core/book/newDesign';
import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import type { LinearSolver } from '../../core/src/landing/linearProgram';
import { normal, seeded } from '@cobbet/core/statistics/random';

/** What is varied of the hummus: tahini, chickpeas, oil, as shares of the three. */
const varied = [
  { ingredientId: 'tahini-hulled', min: 0.12, max: 0.36 },
  { ingredientId: 'chickpeas-canned-drained', min: 0.58, max: 0.84 },
  { ingredientId: 'olive-oil-extra-virgin', min: 0.02, max: 0.14 },
];
const trials = 9;

/** The crew's hidden liking of such a mixture, highest at the ideal, and how far a mean of their marks wanders. */
const hidden = { best: 7.8, ideal: [0.27, 0.665, 0.065], falls: [38, 12, 110], noise: 0.25 };

function likingOf(shares: readonly number[]): number {
  const off = shares.reduce(
    (sum, share, i) => sum + (hidden.falls[i] ?? 0) * (share - (hidden.ideal[i] ?? 0)) ** 2,
    0,
  );
  return hidden.best - off;
}

/** How grainy the crew find it, 0–9: the more chickpeas, the grainier. */
const grainOf = ([, chickpeas = 0]: readonly number[]): number => 1 + 14 * (chickpeas - 0.55);

const responses: MixtureDesign['responses'] = [
  { name: 'liking', goal: 'more', from: 'likings' },
  { name: 'grain', goal: 'less' },
];

function marksOf(shares: readonly number[], random: () => number) {
  const noisy = (middle: number) => Number((middle + hidden.noise * normal(random)).toFixed(1));
  const liking = noisy(likingOf(shares));
  return { liking, grain: noisy(grainOf(shares)) };
}

/**
 * Nine trials of the hummus on purpose, each landed, marked by the crew for liking and grain from hidden ones with noise; the last one is still to be made.
 *
 * @throws Error where the dip can't be landed so
 */
export function sampleDesign(book: Book, solver: LinearSolver): MixtureDesign {
  const dip = book.dips.get('weir-house-hummus');
  if (!dip) throw new Error('there is no hummus');
  const components = varied.map(({ ingredientId, ...limits }) => {
    const row = dip.rows.find((one) => one.ingredientId === ingredientId);
    if (!row) throw new Error(`${ingredientId} is not in it`);
    return { rowId: row.id, ingredientId, ...limits };
  });
  const question = designQuestion(readDip(dip, bookKitchen(book)), components, {
    ...{ n: trials, seed: 17, varies: [] },
  });
  if (!question) throw new Error('the hummus can’t be read');
  const chosen = chooseDesign(question, solver, (place) => `design-trial-${place + 1}`);
  if ('why' in chosen) throw new Error(chosen.why);
  const random = seeded(20260605);
  return {
    ...{ id: 'tahini-chickpeas-oil', dipId: dip.id, name: 'Tahini, chickpeas, oil' },
    ...{ responses, components, ...chosen },
    trials: chosen.trials.map((trial, place) => ({
      ...trial,
      marks: place === trials - 1 ? {} : marksOf(trial.shares, random),
    })),
    createdAt: '2026-06-05T09:00:00.000Z',
  };
}

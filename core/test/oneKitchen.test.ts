import { describe, expect, test } from '@jest/globals';
import { analyseRequest } from '../src/api/headless';
import { bookKitchen } from '../src/book/bookKitchen';
import { defaultSettings } from '../src/book/book';
import { loggedRows } from '../src/book/runEvents';
import { adviceQuestion, runBowl, runConditions } from '../src/book/runBowl';
import { analyseTrialRows, trialRowOf } from '../src/book/trialParts';
import { bowlOfRows } from '../src/day/plannedDip';
import { analyseDip } from '../src/dip/analyseDip';
import { type Dip, plainRow } from '../src/dip/dip';
import { readRow } from '../src/dip/readRow';
import type { Kitchen } from '../src/kitchen/kitchen';
import { type Figures, figuresOf } from '../src/mix/figures';
import { mixOf } from '../src/mix/mix';
import { proposeForDip } from '../src/proposal/proposeForDip';
import type { BowlReading } from '../src/readings/bowlReadings';
import { bookOf, dip, trial } from './bookOf';
import { runOf } from './runOf';
import { wayEffect } from '../src/ways/effect';

const now = '2026-06-01T10:00:00.000Z';
const method = { grind: 'silky', blendC: 30, overrunPct: 4 } as const;
const written = [
  ['tahini-hulled', '4 tbsp'],
  ['lemon-juice', '2 tbsp'],
  ['water', '3 tbsp'],
  ['chickpeas-canned-drained', '2 cups'],
  ['sea-salt-fine', '3/4 tsp'],
] as const;
const hummus: Dip = dip('hummus', {
  method,
  servedAtC: 12,
  rows: written.map(([id, amount]) => plainRow(id, id, amount)),
});

/** A kitchen with Australian spoons in which this dip was read stiffer than predicted. */
function calibrated(readings: readonly BowlReading[]): Kitchen {
  const settings = { ...defaultSettings, measures: 'australian' as const };
  const book = { ...bookOf([hummus]), settings: new Map([['settings', settings]]) };
  const reader = bookKitchen(book);
  const rows = hummus.rows.flatMap((row) => trialRowOf(readRow(row, reader)) ?? []);
  const read = trial('t', hummus.id, {
    rows,
    method,
    readings: readings.map(({ taken }) => ({
      taken,
      atC: null,
      when: 'machine',
      takenAt: now,
      leftOut: false,
    })),
  });
  return bookKitchen({ ...book, trials: new Map([[read.id, read]]) });
}

const readings: BowlReading[] = [{ taken: { eye: 'shapes' } }, { taken: { eye: 'shapes' } }];
const kitchen = calibrated(readings);
const bench = analyseDip(hummus, kitchen);

const figures = ({ freshBody, chilledBody, servedBody, massG, volumeMl, per100g }: Figures) => ({
  ...{ freshBody, chilledBody, servedBody, massG, volumeMl, saltG: per100g.saltG },
});
const wanted = figures(bench.analysis);

/** The same to the last digits a computation in another order keeps. */
function same(found: object, expected: object) {
  for (const [name, value] of Object.entries(expected)) {
    const other = (found as Record<string, unknown>)[name];
    expect([name, other]).toEqual([name, expect.closeTo(value as number, 7)]);
  }
  expect(Object.keys(found).sort()).toEqual(Object.keys(expected).sort());
}

describe('one dip in one kitchen', () => {
  const run = runOf(hummus, hummus.rows.length, kitchen);

  test('the kitchen is one that matters: corrected, and with spoons of 20 ml', () => {
    const plain = analyseDip(hummus, calibrated([]));
    expect(wanted.freshBody).toBeGreaterThan((plain.analysis.freshBody ?? NaN) + 0.2);
    const american = analyseDip(hummus, { ...kitchen, measures: 'us' });
    expect(wanted.saltG).not.toBeCloseTo(american.analysis.per100g.saltG, 2);
    const lemon = bench.rows.find(({ row }) => row.id === 'lemon-juice');
    expect(lemon?.massG).toBeCloseTo(40 * (lemon?.ingredient?.densityGPerMl ?? NaN), 6);
  });

  test('Ways say what the Bench says', () => {
    const { chilledBody, warmBody, saltG } = wayEffect(hummus, kitchen);
    same(
      { chilledBody, warmBody, saltG },
      {
        chilledBody: wanted.chilledBody,
        warmBody: bench.analysis.warmBody,
        saltG: wanted.saltG,
      },
    );
  });

  test('a proposal starts from it', () => {
    const nothing = { maker: 'landing', label: 'Land it', edits: [] } as const;
    const { before, after } = proposeForDip(hummus, kitchen, nothing);
    same(figures(before), wanted);
    same(figures(after), wanted);
  });

  test('Make says it once everything is in as written, and so does the advisor', () => {
    same(figures(runBowl(run, hummus, kitchen).now), wanted);
    const { parts, conditions } = adviceQuestion(run, hummus, kitchen);
    same(figures(figuresOf(mixOf(parts), conditions)), wanted);
  });

  test('Trials say it of what was made', () => {
    const conditions = runConditions(run, hummus, kitchen);
    same(figures(analyseTrialRows(loggedRows(run), kitchen.larder, conditions)), wanted);
  });

  test('the Day makes as much of it', () => {
    const { massG, volumeMl } = bowlOfRows(hummus, kitchen);
    same({ massG, volumeMl }, { massG: wanted.massG, volumeMl: wanted.volumeMl });
  });

  test('the shell says it when told the same', () => {
    const { body, massG, volumeMl, per100g } = analyseRequest({
      measures: 'australian',
      servedAtC: hummus.servedAtC,
      method,
      parts: written.map(([ingredient, amount]) => ({ ingredient, amount })),
      readings: readings.map(({ taken }) => taken),
    });
    same(
      {
        freshBody: body.fresh,
        chilledBody: body.chilled,
        servedBody: body.served,
        massG,
        volumeMl,
        saltG: per100g.saltG,
      },
      wanted,
    );
  });
});

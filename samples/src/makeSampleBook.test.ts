import { kitchenOf } from '../../core/test/kitchenOf';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { wayOf } from '@cobbet/core/readings/keptReading';
import { readBookFile } from '@cobbet/core/book/readBookFile';
import { bookCalibration, bookEvidence } from '@cobbet/core/book/bookCalibration';
import { surprise, withoutEvidence } from '@cobbet/core/readings/calibrate';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { highsSolver } from '@cobbet/core/landing/highsSolver';
import { makeSampleBook, sampleTables } from './makeSampleBook';
import { sampleDesign } from './sampleDesign';
import { hiddenOffset } from './simulatedReadings';

const shipped = readFileSync(join(__dirname, '../../web/public/sample-book.json'), 'utf8');
const book = makeSampleBook();

test('the sample book that ships is the one the script makes', () => {
  expect(JSON.parse(shipped)).toEqual(JSON.parse(JSON.stringify(book)));
});

test('its trials on purpose are those the script chooses, and all but one are told', async () => {
  const chosen = sampleDesign(sampleTables(), await highsSolver());
  expect(book.designs).toEqual([chosen]);
  expect(chosen.trials.filter(({ marks }) => marks['liking'] === undefined)).toHaveLength(1);
});

test('it opens as a book, with its dozen formulas and some 40 trials', () => {
  const read = readBookFile(shipped);
  expect(read.dips.size).toBeGreaterThanOrEqual(12);
  expect(Math.abs(read.trials.size - 40)).toBeLessThanOrEqual(5);
  const children = [...read.dips.values()].filter((dip) => dip.parentId === 'weir-house-hummus');
  expect(children.length).toBe(3);
});

test('its batches account for what went in, and no pot holds what was never made', () => {
  expect(book.batches.length).toBe(4);
  for (const { inG, yieldG, losses, pots, code } of book.batches) {
    const lost = losses.reduce((sum, { g }) => sum + g, 0);
    expect(yieldG + lost).toBeCloseTo(inG, 6);
    const filled = pots.reduce((sum, { g }) => sum + g, 0);
    expect([code, filled <= yieldG + 0.5]).toEqual([code, true]);
  }
});

test('every amount in it can be read, and every dip is a paste', () => {
  for (const dip of book.dips) {
    const { rows, analysis } = analyseDip(dip, kitchenOf());
    expect(rows.filter(({ error }) => error !== null)).toEqual([]);
    expect([dip.name, analysis.state]).toEqual([dip.name, 'paste']);
  }
});

test('trials fall in six weeks and count up by date', () => {
  const times = book.trials.map(({ madeAt }) => Date.parse(madeAt));
  const days = (Math.max(...times) - Math.min(...times)) / 86_400_000;
  expect(days).toBeLessThanOrEqual(42);
  for (const dip of book.dips) {
    const own = book.trials.filter(({ dipId }) => dipId === dip.id);
    expect(own.map(({ number }) => number)).toEqual(own.map((_, i) => i + 1));
    const dates = own.map(({ madeAt }) => madeAt);
    expect(dates).toEqual([...dates].sort());
  }
});

describe('readings', () => {
  const trials = new Map(book.trials.map((trial) => [trial.id, trial]));
  const evidence = bookEvidence(trials.values(), shippedLarder).map((one) => one.evidence);
  const calibration = bookCalibration({ trials, runs: new Map() }, shippedLarder);

  test('are by eye, ring and press, and all of them teach', () => {
    const ways = new Set(evidence.map(({ reading }) => wayOf(reading.taken)));
    expect([...ways].sort()).toEqual(['eye', 'press', 'ring']);
    expect(evidence.length).toBe(book.trials.flatMap(({ readings }) => readings).length);
    expect(calibration.count).toBe(evidence.length);
  });

  test('teach what the kitchen hides', () => {
    const [water = 0, oil = 0] = calibration.kitchen;
    const sd = (i: number) => Math.sqrt(calibration.covariance[i * 4] ?? 0);
    expect(Math.abs(water - hiddenOffset.water)).toBeLessThan(2 * sd(0));
    expect(Math.abs(oil - hiddenOffset.oil)).toBeLessThan(2 * sd(1));
    // far narrower than the half a body they start from
    expect(sd(0)).toBeLessThan(0.2);
  });

  test('scatter about what is expected of them as their errors say', () => {
    const off = evidence.map((one) => surprise(withoutEvidence(calibration, one), one));
    const square = off.reduce((sum, z) => sum + z * z, 0) / off.length;
    expect(Math.sqrt(square)).toBeGreaterThan(0.7);
    expect(Math.sqrt(square)).toBeLessThan(1.25);
    expect(off.filter((z) => Math.abs(z) > 3)).toEqual([]);
  });

  test('narrow the band of every dip that was read', () => {
    for (const dip of book.dips) {
      const before = analyseDip(dip, kitchenOf()).analysis.sd;
      const learned = kitchenOf({ calibrationOf: () => calibration });
      const after = analyseDip(dip, learned).analysis.sd;
      expect(after).toBeLessThan(0.75 * before);
    }
  });
});

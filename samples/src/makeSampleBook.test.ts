import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { analyseDip, analyseTrialRows } from '@cobbet/core/book/dipParts';
import { readBookFile } from '@cobbet/core/book/readBookFile';
import { wordMiddle } from '@cobbet/core/body/words';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { makeSampleBook } from './makeSampleBook';

const shipped = readFileSync(join(__dirname, '../../web/public/sample-book.json'), 'utf8');
const book = makeSampleBook();

test('the sample book that ships is the one the script makes', () => {
  expect(JSON.parse(shipped)).toEqual(JSON.parse(JSON.stringify(book)));
});

test('it opens as a book, with its dozen formulas and some 40 trials', () => {
  const read = readBookFile(shipped);
  expect(read.dips.size).toBeGreaterThanOrEqual(12);
  expect(Math.abs(read.trials.size - 40)).toBeLessThanOrEqual(5);
  const children = [...read.dips.values()].filter((dip) => dip.parentId === 'weir-house-hummus');
  expect(children.length).toBe(3);
});

test('every amount in it can be read, and every dip is a paste', () => {
  for (const dip of book.dips) {
    const { rows, analysis } = analyseDip(dip, shippedLarder, 'us');
    expect(rows.filter(({ error }) => error !== null)).toEqual([]);
    expect([dip.name, analysis.body.state]).toEqual([dip.name, 'paste']);
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
  const misses = book.trials.flatMap((trial) => {
    const { body } = analyseTrialRows(trial.rows, trial.method, 5, shippedLarder);
    return trial.readings.flatMap(({ word, when }) => {
      const reckoned = when === 'machine' ? body.machine : body.chilled;
      return reckoned === null
        ? []
        : [{ off: wordMiddle[word] - reckoned, continuous: body.continuous }];
    });
  });
  const mean = (of: 'water' | 'oil') => {
    const some = misses.filter(({ continuous }) => continuous === of);
    return some.reduce((sum, { off }) => sum + off, 0) / some.length;
  };

  test('show a kitchen looser than the model where water is outside, stiffer where oil is', () => {
    expect(misses.length).toBeGreaterThan(45);
    expect(mean('water')).toBeLessThan(-0.1);
    expect(mean('oil')).toBeGreaterThan(0);
  });

  test('scatter as an eye does', () => {
    const water = misses.filter(({ continuous }) => continuous === 'water');
    const centre = mean('water');
    const sd = Math.sqrt(
      water.reduce((sum, { off }) => sum + (off - centre) ** 2, 0) / water.length,
    );
    expect(sd).toBeGreaterThan(0.3);
    expect(sd).toBeLessThan(0.9);
  });
});

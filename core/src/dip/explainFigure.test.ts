import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { pulseDip } from '../../test/recipes';
import { isBody, targetNames } from '../mix/targets';
import { analyse } from './analyse';
import { explainFigure } from './explainFigure';

const conditions = conditionsOf();
const sums = targetNames.filter((name) => !isBody(name));

describe('what makes up a figure', () => {
  test('salt: 4 g of salt in 400 g are 1 g in 100 g, and they are all of it', () => {
    const parts = [part('chickpeas-cooked', 296), part('water', 100), part('sea-salt-fine', 4)];
    const { shares, value, exact } = explainFigure('saltG', parts, conditions);
    expect(exact).toBe(true);
    expect(shares[0]?.index).toBe(2);
    // fine sea salt is 99 % salt and more
    expect(shares[0]?.value).toBeGreaterThan(0.98);
    expect(shares[0]?.value).toBeLessThanOrEqual(1);
    expect(shares.reduce((sum, one) => sum + one.value, 0)).toBeCloseTo(value ?? NaN, 9);
  });

  test.each(sums)('%s: the shares add up to it, whatever is in the bowl', (name) => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const { shares, value } = explainFigure(name, parts, conditions);
        const sum = shares.reduce((total, one) => total + one.value, 0);
        expect(Math.abs(sum - (value ?? NaN))).toBeLessThan(1e-6 * Math.max(1, sum));
      }),
      { numRuns: 30 },
    );
  });

  test('what is on top brings nothing to the bowl', () => {
    const parts = [part('chickpeas-cooked', 300), part('hazelnut', 50, 'top')];
    for (const name of targetNames) {
      expect(explainFigure(name, parts, conditions).shares.map(({ index }) => index)).not.toContain(
        1,
      );
    }
  });

  test('a body: water loosens, chickpeas stiffen, each by what it would be without', () => {
    const parts = [part('tahini-hulled', 80), part('chickpeas-cooked', 320), part('water', 60)];
    const { shares, value, exact } = explainFigure('chilledBody', parts, conditions);
    expect(exact).toBe(false);
    const of = (index: number) => shares.find((one) => one.index === index)?.value ?? NaN;
    expect(of(2)).toBeLessThan(-0.5);
    expect(of(1)).toBeGreaterThan(0.5);
    const dry = analyse(parts.slice(0, 2), conditions).chilledBody ?? NaN;
    expect(of(2)).toBeCloseTo((value ?? NaN) - dry, 9);
  });
});

describe('what a figure is unsure by', () => {
  test('is the model and the measuring together, each row by itself', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const { sd } = analyse(parts, conditions);
        const told = explainFigure('freshBody', parts, conditions);
        fc.pre(told.value !== null);
        expect(Math.hypot(told.modelSd ?? NaN, told.measuringSd ?? NaN)).toBeCloseTo(sd, 9);
        const byRow = Math.hypot(...told.measuring.map(({ value }) => value));
        expect(byRow).toBeCloseTo(told.measuringSd ?? NaN, 9);
      }),
      { numRuns: 30 },
    );
  });

  test('a plain sum has no model to be unsure of', () => {
    const parts = [part('chickpeas-cooked', 300), part('sea-salt-fine', 3)];
    expect(explainFigure('saltG', parts, conditions).modelSd).toBeNull();
    expect(explainFigure('fatG', parts, conditions).measuringSd).toBeNull();
  });
});

import { conditionsOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { analyse } from './analyse';
import { amountFor, figureAfter } from './amountFor';

const conditions = conditionsOf();

test('the figure after a row is the path’s own', () => {
  fc.assert(
    fc.property(pulseDip, fc.nat(6), (parts, index) => {
      const step = analyse(parts, conditionsOf()).path[index];
      const massG = parts[index]?.massG ?? 0;
      const after = (figure: 'freshBody' | 'saltG') =>
        figureAfter({ parts, index, figure, conditions })(massG);
      expect(after('saltG') ?? 0).toBeCloseTo(step?.saltG ?? NaN, 9);
      const body = after('freshBody');
      if (body !== null && body > 0) expect(body).toBeCloseTo(step?.body ?? NaN, 9);
    }),
  );
});

describe('the amount for a figure', () => {
  test('gives that figure wherever some amount does', () => {
    fc.assert(
      fc.property(pulseDip, fc.double({ min: 0.3, max: 2.5, noNaN: true }), (parts, times) => {
        const index = 2;
        const input = { parts, index, figure: 'freshBody' as const, conditions };
        const wanted = figureAfter(input)((parts[index]?.massG ?? 0) * times);
        fc.pre(wanted !== null);
        const massG = amountFor(input, wanted, 3 * (parts[index]?.massG ?? 0)) ?? NaN;
        expect(figureAfter(input)(massG)).toBeCloseTo(wanted, 3);
      }),
      { numRuns: 60 },
    );
  });

  test('of salt is a share that can be worked out by hand', () => {
    const parts = [part('chickpeas-cooked', 197), part('sea-salt-fine', 1)];
    const input = { parts, index: 1, figure: 'saltG' as const, conditions };
    const own = 197 * (parts[0]?.ingredient.saltG ?? 0) * 0.01;
    const pure = (parts[1]?.ingredient.saltG ?? 0) / 100;
    // (own + pure x) / (197 + x) = 0.015
    const x = (0.015 * 197 - own) / (pure - 0.015);
    expect(amountFor(input, 1.5, 20)).toBeCloseTo(x, 3);
  });

  test('where lemon first seizes and then loosens tahini, the nearest to what is in', () => {
    const bowl = (lemonG: number) => [part('tahini-hulled', 100), part('lemon-juice', lemonG)];
    const input = (lemonG: number) => ({
      parts: bowl(lemonG),
      index: 1,
      figure: 'freshBody' as const,
      conditions,
    });
    const little = amountFor(input(10), 7, 120) ?? NaN;
    const much = amountFor(input(100), 7, 120) ?? NaN;
    expect(little).toBeLessThan(much);
    for (const massG of [little, much]) {
      expect(figureAfter(input(10))(massG)).toBeCloseTo(7, 2);
    }
  });

  test('just past crumbs is found at the edge, between two amounts tried', () => {
    const parts = [part('sunflower-butter', 31.4), part('lemon-juice', 6), part('water', 16)];
    const input = { parts, index: 2, figure: 'freshBody' as const, conditions };
    const after = figureAfter(input);
    let crumbsG = 0;
    while (after(crumbsG) === null) crumbsG += 0.001;
    const wanted = after(crumbsG) ?? NaN;
    expect(after(amountFor(input, wanted, 300) ?? NaN)).toBeCloseTo(wanted, 3);
  });

  test('that no amount reaches comes as close as it can', () => {
    const parts = [part('chickpeas-cooked', 200), part('water', 60)];
    const input = { parts, index: 1, figure: 'freshBody' as const, conditions };
    expect(amountFor(input, 0.5, 100)).toBeCloseTo(100, 6);
    const alone = { ...input, parts: [part('breadcrumbs-dry', 50)], index: 0 };
    expect(amountFor(alone, 6, 100)).toBeNull();
  });
});

import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import { kitMachine, defaultKit } from '../kitchen/kit';
import { analyseDip } from './analyseDip';
import { type Dip, plainRow, type Row } from './dip';
import { ranMinutes } from './ranMinutes';

const kitchen = kitchenOf();
const processor = kitMachine(defaultKit, 'food-processor');
const hummus = dip('weir', {
  rows: [
    plainRow('c', 'chickpeas-cooked', '300 g'),
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '80 g'),
    plainRow('y', 'greek-yogurt-10', '60 g'),
  ],
});
const blendC = (recipe: Dip) => analyseDip(recipe, kitchen).analysis.blendC;
const withRowOf = (rowId: string, change: Partial<Row>): Dip => ({
  ...hummus,
  rows: hummus.rows.map((row) => (row.id === rowId ? { ...row, ...change } : row)),
});

describe('how long the machine runs', () => {
  const row = (id: string) => ({ ingredient: ingredient(id), place: 'bowl' as const });

  test('is as usual: two minutes for pulses, one for tahini, a moment for what is pulsed in', () => {
    expect(ranMinutes([row('chickpeas-cooked')], processor, 'normal')).toBe(2);
    expect(ranMinutes([row('chickpeas-cooked'), row('tahini-hulled')], processor, 'silky')).toBe(6);
    expect(ranMinutes([row('basil')], processor, 'normal')).toBeCloseTo(0.3, 9);
  });

  test('is what the cook says; what is stirred or folded in or strewn on top does not run it', () => {
    const worked = (how: 'long' | 'stir') => ({ how, minutes: 7, lookFor: '' });
    expect(
      ranMinutes([{ ...row('chickpeas-cooked'), worked: worked('long') }], processor, 'normal'),
    ).toBe(7);
    expect(
      ranMinutes([{ ...row('chickpeas-cooked'), worked: worked('stir') }], processor, 'normal'),
    ).toBe(0);
    const fork = kitMachine(defaultKit, 'fork');
    expect(ranMinutes([row('chickpeas-cooked')], fork, 'normal')).toBe(0);
    expect(ranMinutes([{ ...row('chickpeas-cooked'), place: 'fold' }], processor, 'normal')).toBe(
      0,
    );
  });
});

describe('how warm a dip gets', () => {
  test('follows what goes in and how long it is run', () => {
    const usual = blendC(hummus);
    expect(usual).toBeGreaterThan(20);
    expect(blendC(withRowOf('c', { atC: 85 }))).toBeGreaterThan(usual + 25);
    expect(blendC(withRowOf('w', { ingredientId: 'ice' }))).toBeLessThan(usual - 8);
    const longer = { how: 'long', minutes: 10, lookFor: '' } as const;
    expect(blendC(withRowOf('c', { worked: longer }))).toBeGreaterThan(usual + 8);
    expect(blendC({ ...hummus, machineId: 'fork' })).toBeLessThan(usual);
  });

  test('is what the method says where it says', () => {
    expect(blendC({ ...hummus, method: { ...hummus.method, blendC: 12 } })).toBe(12);
  });

  test('decides the body out of the machine and leaves fresh and chilled alone', () => {
    const { analysis: cool } = analyseDip(hummus, kitchen);
    const { analysis: hot } = analyseDip(withRowOf('c', { atC: 85 }), kitchen);
    expect(hot.warmBody).toBeLessThan((cool.warmBody ?? NaN) - 0.3);
    expect(hot.freshBody).toBeCloseTo(cool.freshBody ?? NaN, 9);
    expect(hot.chilledBody).toBeCloseTo(cool.chilledBody ?? NaN, 9);
  });
});

import { describe, expect, test } from '@jest/globals';
import { coolingCautions } from './coolingCautions';

// stirred in ice, a depth L cools with τ = ρc L / h = 3.6e6 L / 400: τ = 9000 s for each metre, 150 min
const inIce = (depthMm: number, startC = 90) =>
  ({ depthMm, startC, ambientC: 0, how: 'ice-bath' }) as const;
const still = (how: 'air' | 'fridge', ambientC: number, startC = 90) =>
  ({ depthMm: 40, startC, ambientC, how }) as const;
const local = 'Local rules on cooling differ; follow yours.';

describe('a cooling against the usual two stages', () => {
  test('quick enough, nothing is said', () => {
    expect(coolingCautions(inIce(60))).toEqual([]);
    // τ 113 min: 118 min to 21 °C, 162 min more to 5 °C
    expect(coolingCautions(inIce(750))).toEqual([]);
  });

  test('too deep for the first stage only', () => {
    // τ 150 min: 150 ln(60/21) = 157 min, 150 ln(21/5) = 215 min
    expect(coolingCautions(inIce(1000))).toEqual([
      '60 to 21 °C takes 2.6 h, more than the usual 2 h: make it shallower, or use an ice bath.',
      local,
    ]);
  });

  test('too deep for both', () => {
    // τ 180 min: 189 min and 258 min
    expect(coolingCautions(inIce(1200))).toEqual([
      '60 to 21 °C takes 3.1 h, more than the usual 2 h: make it shallower, or use an ice bath.',
      '21 to 5 °C takes 4.3 h, more than the usual 4 h; a fridge barely colder than 5 °C takes very long.',
      local,
    ]);
  });

  test('a kitchen warmer than a stage ends never gets there', () => {
    expect(coolingCautions(still('air', 25))).toEqual([
      'It never gets to 21 °C here: cool it in the fridge or on ice.',
      'It never gets to 5 °C here: it needs the fridge or ice.',
      local,
    ]);
    expect(coolingCautions(still('fridge', 7))).toEqual(
      expect.arrayContaining(['It never gets to 5 °C here: it needs the fridge or ice.', local]),
    );
  });

  test('what never was above 21 °C is not cooled in stages; a degree above is', () => {
    expect(coolingCautions(still('air', 20, 21))).toEqual([]);
    expect(coolingCautions(still('air', 20, 22))).toEqual([
      'It never gets to 5 °C here: it needs the fridge or ice.',
      local,
    ]);
  });

  test('the two stages are for what was over 60 °C', () => {
    expect(coolingCautions(still('fridge', 4, 60))).toEqual([]);
    expect(coolingCautions(still('fridge', 4, 61))).toContain(local);
  });
});

import { describe, expect, test } from '@jest/globals';
import { changeWords } from '../book/changeWords';
import { filmLossG } from './filmLoss';

describe('what stays in the machine', () => {
  test('is a hundredth and a fifth of the mass and six grams at body 7', () => {
    expect(filmLossG(500, 7)).toBeCloseTo(12, 9);
    expect(filmLossG(500, 10.5)).toBeCloseTo(15, 9);
    expect(filmLossG(500, null)).toBeCloseTo(12, 9);
  });

  test('is never more than there is', () => {
    expect(filmLossG(0, 9)).toBe(0);
    expect(filmLossG(3, 9)).toBe(3);
  });
});

describe('what to change next time', () => {
  test('is what was short or over, in words', () => {
    expect(changeWords({ salt: 'short', sour: 'over', garlic: 'right' })).toBe(
      'more salt, less lemon',
    );
    expect(changeWords({ lean: 'over', flat: 'short' })).toBe('more fat, less sharp');
    expect(changeWords({ salt: 'right' })).toBe('');
    expect(changeWords({})).toBe('');
  });
});

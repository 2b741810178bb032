import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { readDip } from '../dip/analyseDip';
import { type Dip, plainRow } from '../dip/dip';
import { amountEdits, landingQuestion, proposeLanding } from './landDip';

const kitchen = kitchenOf();
const hummus: Dip = dip('a', {
  rows: [
    { ...plainRow('t', 'tahini-hulled', '80 g'), hold: true },
    { ...plainRow('w', 'water', '60 g'), min: '1 tbsp', max: '  ' },
    { ...plainRow('c', 'chickpeas-canned-drained', '320 g'), max: '350 g', min: 'some' },
  ],
});

describe('a dip as the solver is asked about it', () => {
  test('carries its holds and its limits, in grams', () => {
    const parts = landingQuestion(readDip(hummus, kitchen), false)?.parts ?? [];
    expect(parts.map(({ hold }) => hold)).toEqual([true, false, false]);
    expect(parts[1]?.minG).toBeCloseTo(14.8, 1);
    // an empty limit is none, and neither is one that can't be read
    expect(parts[1]).not.toHaveProperty('maxG');
    expect(parts[2]).toMatchObject({ maxG: 350 });
    expect(parts[2]).not.toHaveProperty('minG');
    expect(parts[0]).not.toHaveProperty('minG');
  });

  test('is not asked about while a row can’t be read', () => {
    const broken = { ...hummus, rows: [...hummus.rows, plainRow('x', 'water', 'three clouds')] };
    expect(landingQuestion(readDip(broken, kitchen), false)).toBeNull();
  });

  test('only amounts that changed become edits', () => {
    expect(amountEdits(hummus, ['80 g', '75 g', undefined])).toEqual([
      { kind: 'amount', rowId: 'w', amount: '75 g' },
    ]);
    const proposal = proposeLanding(hummus, kitchen, [
      { amount: '80 g' },
      { amount: '75 g' },
      { amount: '320 g' },
    ]);
    expect(proposal.after.massG - proposal.before.massG).toBeCloseTo(15, 6);
    expect(proposal.after.freshBody).toBeLessThan(proposal.before.freshBody ?? NaN);
  });
});

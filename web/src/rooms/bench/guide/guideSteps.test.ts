import { describe, expect, test } from '@jest/globals';
import { rowOfPart, withAdditions, withTarget } from '@cobbet/core/book/dipEdits';
import { emptyBook } from '@cobbet/core/book/book';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { type Dip, emptyDip } from '@cobbet/core/dip/dip';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import { guideSteps, nextStep } from './guideSteps';

const kitchen = bookKitchen(emptyBook());
const blank = emptyDip('first', 'My first dip', '2026-06-12T08:00:00.000Z');
const stateOf = (dip: Dip, asked = false) => ({
  ...{ dip, figures: analyseDip(dip, kitchen).analysis, asked },
});
/** The dip with what the step offers put in. */
const taken = (dip: Dip, step: number) =>
  withAdditions(
    dip,
    (guideSteps[step]?.offers ?? []).map((one, i) => rowOfPart(one, `${step}-${i}`)),
  );

describe('the way through a first dip', () => {
  test('each step is left by doing what it asks, and by nothing else', () => {
    let dip = blank;
    for (const step of [0, 1, 2]) {
      expect(nextStep(stateOf(dip))).toBe(step);
      dip = taken(dip, step);
    }
    expect(nextStep(stateOf(dip))).toBe(3);
    // what is offered is known here and can be read
    expect(analyseDip(dip, kitchen).rows.map(({ error }) => error)).toEqual(Array(5).fill(null));
    const body = stateOf(dip).figures[eatenAt(dip)] ?? 0;
    const off = withTarget(dip, eatenAt(dip), { low: body + 1, high: body + 2 });
    expect(nextStep(stateOf(off))).toBe(4);
    const landed = withTarget(dip, eatenAt(dip), { low: body - 0.5, high: body + 0.5 });
    expect(nextStep(stateOf(landed))).toBe(5);
    expect(nextStep(stateOf(landed, true))).toBe(guideSteps.length);
  });

  test('what is taken back is asked for again', () => {
    const two = taken(taken(blank, 0), 1);
    expect(nextStep(stateOf(two))).toBe(2);
    expect(nextStep(stateOf({ ...two, rows: two.rows.slice(0, 1) }))).toBe(1);
  });

  test('every step says something, in crumbs too', () => {
    for (const step of guideSteps) expect(step.say(stateOf(blank)).length).toBeGreaterThan(20);
    expect(guideSteps[3]?.say(stateOf(blank))).toMatch(/^It is crumbs still/);
  });
});

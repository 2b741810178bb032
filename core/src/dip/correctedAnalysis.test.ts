import { type Correction, priorCorrection } from '../mix/correction';
import { conditionsOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pulseDip } from '../../test/recipes';
import { landing, landRequestOf } from '../../test/landingOf';
import { calibrate, correctionOf } from '../readings/calibrate';
import { correctionBody, spreadLeft } from '../mix/correction';
import { highsSolver } from '../landing/highsSolver';
import { landParts } from '../landing/landParts';
import { drawnPath } from './drawnPath';
import { analyse } from './analyse';

/** A kitchen whose dips come out looser than the model, read four times. */
const looser = correctionOf(
  calibrate(
    [5.5, 6.5, 7.5, 8].map((modelBody) => ({
      formulaId: 'a',
      modelBody,
      waterOutside: 1,
      difference: -0.6,
      variance: 0.1,
    })),
  ),
  'a',
);

describe('what readings taught', () => {
  test('moves every body shown by as much, and narrows the band', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const plain = analyse(parts, conditionsOf({ servedAtC: 8 }));
        const learned = analyse(parts, conditionsOf({ servedAtC: 8, correction: looser }));
        const { freshBody: fresh, chilledBody: chilled } = plain;
        fc.pre(fresh !== null && chilled !== null && fresh >= 2);
        const moved = (learned.freshBody ?? NaN) - fresh;
        // the same correction warm and cold: it is of the mix, not of the moment
        expect((learned.chilledBody ?? NaN) - chilled).toBeCloseTo(moved, 9);
        expect(moved).toBeLessThan(0);
        expect(learned.sd).toBeLessThan(plain.sd);
        expect(learned.per100g).toEqual(plain.per100g);
      }),
    );
  });

  test('counts whole at the foot of the path and less on the way there', () => {
    let halfway = 0;
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const conditions = conditionsOf({ servedAtC: 8, correction: looser });
        const { path, freshBody } = analyse(parts, conditions);
        const last = path.findLast((step) => step.massG > 0);
        expect(last?.body).toBe(freshBody);
        const whole = path.at(-1)?.totalG ?? NaN;
        path.forEach((step, i) => {
          if (step.body === null || step.totalG > 0.9 * whole) return;
          // the same bowl is surer where it is all there is of the formula that was read
          const alone = analyse(parts.slice(0, i + 1), conditions).path.at(-1);
          expect(step.modelSd).toBeGreaterThan(alone?.modelSd ?? NaN);
          halfway += 1;
        });
      }),
    );
    expect(halfway).toBeGreaterThan(100);
  });

  test('is what landing lands by, and the answer says so again', async () => {
    const solver = await highsSolver();
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const asked = landRequestOf(
          parts.map((one) => landing(one)),
          { freshBody: { low: 6.4, high: 7.2 } },
          { conditions: conditionsOf({ correction: looser }) },
        );
        const answer = landParts(asked, solver);
        fc.pre(answer.feasible);
        const masses = answer.parts.map(({ massG }) => massG);
        const again = analyse(
          parts.map((one, i) => ({ ...one, massG: masses[i] ?? 0 })),
          conditionsOf({ correction: looser }),
        );
        expect(again.freshBody ?? NaN).toBeGreaterThanOrEqual(6.4 - 1e-3);
        expect(again.freshBody ?? NaN).toBeLessThanOrEqual(7.2 + 1e-3);
        expect(answer.analysis.freshBody).toBeCloseTo(again.freshBody ?? NaN, 6);
      }),
      { numRuns: 25 },
    );
  });

  test('moves and narrows the drawn band with it', () => {
    const [parts] = fc.sample(pulseDip, { numRuns: 1, seed: 12 });
    if (!parts) throw new Error('no dip');
    const at = (correction: Correction) => drawnPath(parts, conditionsOf({ correction })).at(-1);
    const plain = at(priorCorrection);
    const learned = at(looser);
    const width = (band: typeof plain) => (band ? band.high - band.low : NaN);
    expect(width(learned)).toBeLessThan(width(plain));
    expect(learned?.high ?? NaN).toBeLessThan(plain?.high ?? NaN);
  });

  test('is nothing far from what was read but what the kitchen shares', () => {
    const other = correctionOf(
      calibrate([{ formulaId: 'a', modelBody: 7, waterOutside: 1, difference: 1, variance: 0.1 }]),
      'b',
    );
    expect(correctionBody(other, 7, 1)).toBeGreaterThan(0);
    expect(correctionBody(other, 7, 0)).toBeCloseTo(0, 9);
    expect(spreadLeft(other, 7, 0)).toBeCloseTo(1, 9);
  });
});

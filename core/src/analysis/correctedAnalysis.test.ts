import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pulseDip } from '../../test/recipes';
import { landing, landRequestOf } from '../../test/landingOf';
import { usualMethod } from '../body/conditions';
import { calibrate, correctionOf } from '../calibration/calibrate';
import { correctionBody, spreadLeft } from '../calibration/correction';
import { highsSolver } from '../landing/highsSolver';
import { landParts } from '../landing/landParts';
import { drawnPath } from '../odds/drawnPath';
import { analyse } from './analyse';

const method = usualMethod;
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
        const plain = analyse({ parts, method, servedAtC: 8 });
        const learned = analyse({ parts, method, servedAtC: 8, correction: looser });
        const { fresh, chilled } = plain.body;
        if (fresh === null || chilled === null || fresh < 2) return;
        const moved = (learned.body.fresh ?? NaN) - fresh;
        // the same correction warm and cold: it is of the mix, not of the moment
        expect((learned.body.chilled ?? NaN) - chilled).toBeCloseTo(moved, 9);
        expect(moved).toBeLessThan(0);
        expect(learned.body.sd).toBeLessThan(plain.body.sd);
        expect(learned.per100g).toEqual(plain.per100g);
      }),
    );
  });

  test('counts whole at the foot of the path and less on the way there', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const { path, body } = analyse({ parts, method, servedAtC: 8, correction: looser });
        const last = path.findLast((step) => step.massG > 0);
        expect(last?.body).toBe(body.fresh);
        const spreads = path.filter((step) => step.body !== null).map((step) => step.modelSd);
        // what is in the bowl grows more and more the formula that was read
        expect(spreads.at(-1)).toBeLessThanOrEqual(Math.max(...spreads) + 1e-9);
      }),
    );
  });

  test('is what landing lands by, and the answer says so again', async () => {
    const solver = await highsSolver();
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const asked = landRequestOf(
          parts.map((one) => landing(one)),
          { freshBody: { low: 6.4, high: 7.2 } },
          { correction: looser },
        );
        const answer = landParts(asked, solver);
        if (!answer.feasible) return;
        const masses = answer.parts.map(({ massG }) => massG);
        const again = analyse({
          parts: parts.map((one, i) => ({ ...one, massG: masses[i] ?? 0 })),
          method,
          servedAtC: 5,
          correction: looser,
        });
        expect(again.body.fresh ?? NaN).toBeGreaterThanOrEqual(6.4 - 1e-3);
        expect(again.body.fresh ?? NaN).toBeLessThanOrEqual(7.2 + 1e-3);
        expect(answer.analysis.body.fresh).toBeCloseTo(again.body.fresh ?? NaN, 6);
      }),
      { numRuns: 25 },
    );
  });

  test('moves and narrows the drawn band with it', () => {
    const [parts] = fc.sample(pulseDip, { numRuns: 1, seed: 12 });
    if (!parts) throw new Error('no dip');
    const at = (correction?: typeof looser) => drawnPath(parts, method, correction).at(-1);
    const plain = at();
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

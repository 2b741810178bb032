import { trialParts } from './trialParts';
import { mixOf } from '../mix/mix';
import { priorSd } from '../mix/priorSd';
import { conditionsOf, kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { dip, trial } from '../../test/bookOf';
import { analyseTrialRows, trialRowOf } from './trialParts';
import { readRow } from '../dip/readRow';
import { type KeptReading, withReading } from '../readings/keptReading';
import { startRun } from './run';
import type { Trial } from './trial';
import type { TrialRow } from './trialRow';
import { shippedLarder } from '../larder/larder';
import { wordMiddle } from '../mix/bodyWords';
import { bookCalibration, bookEvidence, correctionWithout } from './bookCalibration';
import { calibrate, correctionOf } from '../readings/calibrate';
import { residuals } from '../readings/residuals';
import { type TellingReading, tellingReadings } from '../readings/tellsMost';
import { toBeRead } from '../dip/toBeRead';
import { trialEvidence } from './trialEvidence';

const plainDip = dip('a');
const rows = plainDip.rows.flatMap((row): TrialRow[] => {
  const read = trialRowOf(readRow(row, kitchenOf()));
  return read ? [read] : [];
});
const kept = (taken: KeptReading['taken'], extra: Partial<KeptReading> = {}): KeptReading => ({
  taken,
  atC: null,
  when: 'machine',
  takenAt: '2026-05-06T10:00:00.000Z',
  leftOut: false,
  ...extra,
});
const made = (id: string, readings: KeptReading[], extra: Partial<Trial> = {}) =>
  trial(id, 'a', { rows, readings, ...extra });
const press = (diameterMm: number) => ({
  press: { diameterMm, loadG: 500, volumeMl: 5, coarse: false },
});

describe('readings in several machines', () => {
  const book = (list: readonly Trial[]) => ({
    trials: new Map(list.map((one) => [one.id, one])),
    runs: new Map(),
  });
  const both = book([
    made('1', [kept({ eye: 'packs' })], { machineId: 'food-processor' }),
    made('2', [kept({ eye: 'ribbons' })], { machineId: 'jug-blender' }),
  ]);

  test('teach each machine what was read in it and nothing of another', () => {
    const own = bookCalibration(
      book([made('1', [kept({ eye: 'packs' })])]),
      shippedLarder,
      'food-processor',
    );
    const processor = bookCalibration(both, shippedLarder, 'food-processor');
    expect(processor.count).toBe(1);
    expect(processor.kitchen).toEqual(own.kitchen);
    const jug = bookCalibration(both, shippedLarder, 'jug-blender');
    // read far looser there than the model says, and stiffer here
    expect(jug.kitchen[0]).toBeLessThan(processor.kitchen[0] ?? NaN);
    expect(bookCalibration(both, shippedLarder).count).toBe(2);
  });

  test('a new machine starts fresh', () => {
    const fresh = bookCalibration(both, shippedLarder, 'mortar');
    expect(fresh.count).toBe(0);
    expect(correctionOf(fresh, 'a')).toEqual(correctionOf(calibrate([]), 'a'));
  });
});

describe('the readings of a trial', () => {
  const { freshBody, warmBody, chilledBody, sd } = analyseTrialRows(
    rows,
    shippedLarder,
    conditionsOf(),
  );

  test('are brought to 25 °C and no rest before they are compared', () => {
    const read = trialEvidence(
      made('t', [kept({ eye: 'packs' }), kept({ eye: 'packs' }, { when: 'chilled' })]),
      shippedLarder,
    );
    const model = freshBody ?? NaN;
    expect(read[0]?.modelBody).toBeCloseTo(model, 9);
    // warm, 9.5 was read where the model says `machine`; cold, where it says `chilled`
    expect(read[0]?.difference).toBeCloseTo(wordMiddle.packs - (warmBody ?? NaN), 9);
    expect(read[1]?.difference).toBeCloseTo(wordMiddle.packs - (chilledBody ?? NaN), 9);
    expect(read[1]?.gained).toBeCloseTo((chilledBody ?? NaN) - model, 9);
  });

  test('carry the error of the test and of the measuring', () => {
    const [eye] = trialEvidence(made('t', [kept({ eye: 'packs' })]), shippedLarder);
    const prior = priorSd(mixOf(trialParts(rows, shippedLarder)).blended);
    const measuring = sd ** 2 - prior ** 2;
    expect(eye?.variance).toBeCloseTo(0.25 + measuring, 6);
  });

  test('teach nothing out of their range, nor of what is no paste', () => {
    expect(trialEvidence(made('t', [kept(press(110))]), shippedLarder)).toEqual([]);
    const water = trial('w', 'a', { readings: [kept({ eye: 'pours' })], rows: [] });
    expect(trialEvidence(water, shippedLarder)).toEqual([]);
    expect(trialEvidence(made('t', []), shippedLarder)).toEqual([]);
  });
});

describe('a book’s calibration', () => {
  const trials = new Map(
    [
      made('1', [kept({ eye: 'spreads' })]),
      made('2', [kept({ eye: 'packs' }), kept(press(40), { when: 'chilled', leftOut: true })]),
    ].map((one) => [one.id, one]),
  );
  const calibration = bookCalibration({ trials, runs: new Map() }, shippedLarder);

  test('takes every trial’s readings but those left out, and those of a dip being made', () => {
    expect(calibration.count).toBe(2);
    const run = {
      ...startRun('r', plainDip, rows, '2026-05-07T10:00:00.000Z'),
      readings: [kept({ eye: 'packs' })],
    };
    const logged = {
      ...run,
      events: run.plan.map(({ rowId, planned: { massG } }) => ({
        kind: 'in' as const,
        entry: rowId,
        amount: '1',
        massG,
        cv: 0.1,
        at: '',
      })),
    };
    const making = bookCalibration({ trials, runs: new Map([['r', logged]]) }, shippedLarder);
    expect(making.count).toBe(3);
    // nothing is in the bowl yet: there is nothing that could have been read
    expect(bookCalibration({ trials, runs: new Map([['r', run]]) }, shippedLarder).count).toBe(2);
  });

  test('without a trial is what the others alone would teach', () => {
    const first = trials.get('1') as Trial;
    const others = calibrate(trialEvidence(trials.get('2') as Trial, shippedLarder).slice(0, 1));
    const without = correctionWithout(calibration, first, shippedLarder);
    correctionOf(others, 'a').mean.forEach((value, i) =>
      expect(without.mean[i]).toBeCloseTo(value, 9),
    );
  });

  test('holds each reading against all others, and one left out against all', () => {
    const kitchen = bookEvidence(trials.values(), shippedLarder).map(({ evidence }) => evidence);
    const found = residuals(calibration, kitchen);
    expect(found.length).toBe(3);
    for (const { evidence, expected, off } of found) {
      const teaching = kitchen.filter((one) => one !== evidence && !one.reading.leftOut);
      const { mean } = correctionOf(calibrate(teaching), 'a');
      const slope = (evidence.modelBody - 7) * (mean[2] ?? 0);
      const water =
        evidence.waterOutside * (mean[0] ?? 0) + (1 - evidence.waterOutside) * (mean[1] ?? 0);
      const learned = water + slope + (mean[3] ?? 0);
      expect(expected).toBeCloseTo(evidence.modelBody + evidence.gained + learned, 9);
      expect(off).toBeCloseTo(evidence.readBody - expected, 9);
    }
  });
});

describe('the reading that tells most', () => {
  const read = toBeRead(plainDip, kitchenOf());
  const telling = read ? tellingReadings(calibrate([]), read) : [];

  test('is the surest test that is good for so stiff a paste', () => {
    expect(telling[0]?.way).toBe('press');
    const sd = (way: TellingReading['way']) =>
      telling.find((one) => one.way === way)?.sdThen ?? NaN;
    expect(sd('press')).toBeLessThan(sd('eye'));
    // chilled it stands over 190 Pa, where the ring says nothing
    const chilled = analyseTrialRows(rows, shippedLarder, conditionsOf()).chilledBody ?? NaN;
    expect(2 ** chilled).toBeGreaterThan(190);
    expect(telling.some(({ way, when }) => way === 'ring' && when === 'chilled')).toBe(false);
    expect(telling.some(({ way, when }) => way === 'press' && when === 'chilled')).toBe(true);
  });

  test('leaves what the calibration then shows, whatever was read', () => {
    const best = telling[0];
    expect(best?.sdNow).toBeCloseTo(priorSd(mixOf(trialParts(rows, shippedLarder)).blended), 6);
    expect(best?.sdThen).toBeLessThan(0.5);
    const { warmBody } = analyseTrialRows(rows, shippedLarder, conditionsOf());
    const tau = 2 ** (warmBody ?? NaN);
    const radiusM = ((3 * 0.5 * 9.81 * 5e-6) / (2 * Math.PI ** 2 * tau)) ** 0.2;
    const pressed = made('p', [kept(press(radiusM * 2000))]);
    const after = bookCalibration(
      { trials: new Map([['p', pressed]]), runs: new Map() },
      shippedLarder,
    );
    const dipAgain = read && tellingReadings(after, read)[0];
    expect(dipAgain?.sdNow).toBeCloseTo(best?.sdThen ?? NaN, 2);
  });

  test('of a dip with nothing in it is none', () => {
    expect(toBeRead({ ...plainDip, rows: [] }, kitchenOf())).toBeNull();
  });
});

describe('a reading on the way', () => {
  const three: TrialRow[] = [
    ...rows,
    {
      ingredientId: 'olive-oil-extra-virgin',
      planned: '30 g',
      amount: '30 g',
      massG: 30,
      cv: 0.01,
      place: 'bowl',
    },
  ];

  test('is held against what was in by then, and what follows does not move it', () => {
    const early = trialEvidence(
      made('t', [kept({ eye: 'packs' }, { after: rows.length })], { rows: three }),
      shippedLarder,
    );
    const alone = trialEvidence(made('t', [kept({ eye: 'packs' })]), shippedLarder);
    expect(early[0]?.modelBody).toBeCloseTo(alone[0]?.modelBody ?? NaN, 12);
    expect(early[0]?.difference).toBeCloseTo(alone[0]?.difference ?? NaN, 12);
    const whole = trialEvidence(
      made('t', [kept({ eye: 'packs' })], { rows: three }),
      shippedLarder,
    );
    expect(whole[0]?.modelBody).not.toBeCloseTo(alone[0]?.modelBody ?? NaN, 3);
  });

  test('two at different times are both kept, two of one time and way are one', () => {
    const first = withReading(
      { readings: [] as KeptReading[] },
      kept({ eye: 'packs' }, { after: 2 }),
    );
    const second = withReading(first, kept({ eye: 'spreads' }, { after: 3 }));
    expect(second.readings.length).toBe(2);
    const again = withReading(second, kept({ eye: 'scoops' }, { after: 3 }));
    expect(again.readings.map(({ taken }) => taken)).toEqual([{ eye: 'packs' }, { eye: 'scoops' }]);
  });
});

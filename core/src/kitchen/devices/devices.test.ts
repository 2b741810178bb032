import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../../statistics/random';
import { readScaleLine } from './scaleLine';
import { emptyScale, scaleAfter, scaleShows, type ScaleState, tared } from './simulatedScale';
import { probeAfter, probeShows } from './simulatedThermometer';
import { nothingWatched, scaleStillness, type Watch, watched } from './stable';
import { nextWeighed, type WeighedIn, weighedIn, weighedText } from './weighedIn';

const tick = 0.05;

/** A scale, what is watched of it and the addition in hand, run on for some seconds. */
class Bench {
  scale: ScaleState = emptyScale;
  watch: Watch = nothingWatched;
  addition: WeighedIn = { fromG: null, caughtG: null };
  atMs = 0;
  readonly random: () => number;
  constructor(seed: number) {
    this.random = seeded(seed);
  }
  run(seconds: number) {
    for (let at = 0; at < seconds; at += tick) {
      this.scale = scaleAfter(this.scale, tick, this.random);
      this.atMs += 1000 * tick;
      const reading = { value: scaleShows(this.scale, this.random), atMs: this.atMs };
      this.watch = watched(this.watch, reading, scaleStillness);
      this.addition = weighedIn(this.addition, this.watch.stable);
    }
  }
  pour(gramsASecond: number, seconds: number) {
    this.scale = { ...this.scale, pouring: gramsASecond };
    this.run(seconds);
    this.scale = { ...this.scale, pouring: 0 };
  }
}

describe('a simulated scale', () => {
  test('settles within two seconds to what lies on it, to a gram', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.integer({ min: 1, max: 80 }),
        (seed, rate) => {
          const bench = new Bench(seed);
          bench.run(2);
          bench.pour(rate, 3);
          bench.run(3);
          const really = bench.scale.trueG;
          expect(Math.abs(really - 3 * rate)).toBeLessThan(rate * 1.01 * tick + 1e-9);
          expect(Math.abs((bench.addition.caughtG ?? NaN) - really)).toBeLessThan(1);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('lags behind while it is poured, by the rate and its settling time', () => {
    const bench = new Bench(7);
    bench.pour(40, 4);
    // a first-order lag stands 0.35 s behind a steady stream
    const behind = bench.scale.trueG - bench.scale.settledG;
    expect(Math.abs(behind / (40 * 0.35) - 1)).toBeLessThan(0.1);
    expect(bench.watch.stable).toBeNull();
  });

  test('wanders over half an hour, but not far; set to nothing it shows nothing', () => {
    const bench = new Bench(11);
    bench.pour(50, 4);
    bench.run(1800);
    expect(Math.abs(bench.scale.driftG)).toBeGreaterThan(0.01);
    expect(Math.abs(bench.scale.driftG)).toBeLessThanOrEqual(1.5);
    bench.scale = tared(bench.scale);
    expect(Math.abs(scaleShows(bench.scale, bench.random))).toBeLessThan(0.5);
  });
});

describe('additions caught from a scale', () => {
  test('each is caught by itself, one after another, and they come to what is in the bowl', () => {
    const bench = new Bench(3);
    bench.run(2);
    const caught: number[] = [];
    for (const [rate, seconds] of [
      [20, 4],
      [5, 3],
      [60, 5],
    ] as const) {
      bench.pour(rate, seconds);
      expect(bench.addition.caughtG).toBeNull();
      bench.run(3);
      caught.push(bench.addition.caughtG ?? NaN);
      bench.addition = nextWeighed(bench.watch.stable);
    }
    const sum = caught.reduce((total, massG) => total + massG, 0);
    expect(Math.abs(sum - bench.scale.trueG)).toBeLessThan(1);
  });

  test('a knock is no addition, and a lifted bowl begins anew', () => {
    const start = { fromG: 100, caughtG: null };
    expect(weighedIn(start, { value: 100.3, atMs: 0 })).toEqual(start);
    expect(weighedIn(start, { value: 12, atMs: 0 })).toEqual({ fromG: 12, caughtG: null });
    expect(weighedIn(start, null).caughtG).toBeNull();
    const caught = { fromG: 100, caughtG: 59.8 };
    expect(weighedIn(caught, { value: 159.9, atMs: 0 })).toEqual(caught);
    expect(weighedIn(caught, { value: 165, atMs: 0 }).caughtG).toBeCloseTo(65, 9);
    expect(weighedIn(start, { value: 159.8, atMs: 0 }).caughtG).toBeCloseTo(59.8, 9);
  });

  test('nothing stands still before its time is filled, a jump is never called still', () => {
    let watch = nothingWatched;
    for (let i = 0; i < 10; i += 1) {
      watch = watched(watch, { value: 50, atMs: i * 50 }, scaleStillness);
      expect(watch.stable).toBeNull();
    }
    for (let i = 10; i < 30; i += 1) {
      watch = watched(watch, { value: i % 2 === 0 ? 50 : 56, atMs: i * 50 }, scaleStillness);
    }
    expect(watch.stable).toBeNull();
  });

  test('what stands is not lost to noise, and goes with the first reading that is clearly elsewhere', () => {
    let watch: Watch = { recent: [], stable: null };
    const read = (value: number, i: number) => {
      watch = watched(watch, { value, atMs: i * 50 }, scaleStillness);
    };
    for (let i = 0; i < 30; i += 1) read(50, i);
    expect(watch.stable?.value).toBe(50);
    // a spread of 0.7 in the moment, each 0.35 from what stands
    for (let i = 30; i < 60; i += 1) {
      read(50 + (i % 2 === 0 ? 0.35 : -0.35), i);
      expect(watch.stable).not.toBeNull();
    }
    read(51, 60);
    expect(watch.stable).toBeNull();
  });

  test('a settled bowl is offered without a gap, whatever the noise', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const bench = new Bench(seed);
        bench.run(2);
        bench.pour(20, 3);
        bench.run(3);
        for (let i = 0; i < 60; i += 1) {
          bench.run(tick);
          expect(bench.addition.caughtG).not.toBeNull();
        }
      }),
      { numRuns: 40 },
    );
  });

  test('weights are logged in tenths, heavy ones in grams', () => {
    expect(weighedText(59.84)).toBe('59.8 g');
    expect(weighedText(318.4)).toBe('318 g');
  });
});

describe('a line from a scale on a cable', () => {
  test.each([
    ['  123.4 g', 123.4],
    ['now -0012.5g', -12.5],
    ['net 1,250 kg stable', 1250],
    ['tare 20 g net 80.1 g', 80.1],
    ['+ 45 mg', 0.045],
    ['ready', null],
    ['12 lb', null],
  ])('%s', (line, massG) => {
    expect(readScaleLine(line)).toBe(massG);
  });
});

describe('a simulated thermometer', () => {
  test('is within a degree after ten seconds, and its bowl cools towards the room', () => {
    const random = seeded(5);
    let probe = { probeC: 21, bowlC: 60 };
    for (let at = 0; at < 10; at += tick) probe = probeAfter(probe, tick);
    // 39 degrees less by e^(−10/3) is 1.4 behind
    expect(60 - probe.probeC).toBeCloseTo(39 * Math.exp(-10 / 3), 0);
    expect(Math.abs(probeShows(probe, random) - probe.probeC)).toBeLessThan(0.5);
    for (let minute = 0; minute < 100; minute += 1) probe = probeAfter(probe, 60);
    // one time constant of 6000 s later
    expect(probe.bowlC).toBeCloseTo(21 + 39 * Math.exp(-1), 0);
  });
});

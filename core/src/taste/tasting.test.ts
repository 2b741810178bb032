import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { canShow } from './canShow';
import { canBe, newTasting, type PlannedTasting } from './newTasting';
import { markOf, openPots, type Tasting, type TastingKind } from './tasting';
import { readTastingCsv, tastingCsv } from './tastingCsv';
import { agreements } from './agreement';
import { tastingsOfTrial, withChoice, withMark, withNextRank, withSeat } from './tastingEdits';
import { tastingResult } from './tastingResult';

const names = ['Weir House', 'smoked carrot', 'white bean and sage', 'beet', 'labneh'];

function planned(
  kind: TastingKind,
  samples: number,
  tasters: number,
  change: Partial<PlannedTasting> = {},
): Tasting {
  return newTasting({
    ...{ id: 't1', name: 'After rowing', kind, blind: true, eatenWith: 'flatbread', atC: 12 },
    asks: { liking: true, jar: ['salt', 'sour'], words: ['nutty', 'flat'], note: true },
    createdAt: '2027-06-12T10:30:00.000Z',
    samples: names.slice(0, samples).map((name, i) => ({
      ...{ id: `s${i + 1}`, name },
      of: { kind: 'dip' as const, id: `d${i + 1}` },
    })),
    tasters: Array.from({ length: tasters }, (_, i) => `Seat ${i + 1}`),
    ...{ twice: null, seed: 7 },
    ...change,
  });
}

const codeOf = (tasting: Tasting, sampleId: string, nth = 0) =>
  tasting.pots.filter((pot) => pot.sampleId === sampleId)[nth]?.code ?? '';

describe('a tasting is planned', () => {
  test('blind pots have codes of three different figures, others letters in order', () => {
    const blind = planned('each', 4, 3);
    for (const { code } of blind.pots) expect(code).toMatch(/^[1-9]\d\d$/);
    expect(new Set(blind.pots.map(({ code }) => code)).size).toBe(4);
    expect(planned('each', 3, 1, { blind: false }).pots.map(({ code }) => code)).toEqual([
      'A',
      'B',
      'C',
    ]);
  });

  test('each place has each pot as often as the others once the square is through', () => {
    const { pots, seats } = planned('each', 4, 8);
    for (const { code } of pots) {
      for (let place = 0; place < 4; place += 1) {
        expect(seats.filter(({ order }) => order[place] === code)).toHaveLength(2);
      }
    }
  });

  test('a triangle has one sample twice, each of the six as often, and no taster the same code twice', () => {
    const tasting = planned('odd', 2, 12);
    const seen = tasting.seats.map(({ order }) => {
      expect(new Set(order).size).toBe(3);
      return order.map((code) => tasting.pots.find((pot) => pot.code === code)?.sampleId).join('');
    });
    expect(new Set(seen).size).toBe(6);
    for (const one of seen) expect(seen.filter((other) => other === one)).toHaveLength(2);
  });

  test('what can’t be asked so is refused', () => {
    expect(canBe('odd', 3)).toBe(false);
    expect(() => planned('prefer', 3, 4)).toThrow(RangeError);
    expect(() => planned('rank', 1, 4)).toThrow(RangeError);
  });
});

describe('marks', () => {
  test('are kept, changed and taken back; those of another seat stay', () => {
    const tasting = planned('each', 2, 2);
    const [code = ''] = tasting.seats[0]?.order ?? [];
    const liked = withMark(withMark(tasting, '1', code, { liking: 7 }), '2', code, { liking: 3 });
    const changed = withMark(liked, '1', code, { jar: { salt: 2 } });
    expect(markOf(changed, '1', code)).toEqual({ seatId: '1', code, liking: 7, jar: { salt: 2 } });
    const back = withMark(changed, '1', code, { liking: undefined, jar: undefined });
    expect(back.marks).toEqual([{ seatId: '2', code, liking: 3 }]);
  });

  test('are not taken once it is closed, nor of a pot the taster was not served', () => {
    const tasting = planned('odd', 2, 1);
    const foreign = tasting.pots.find(({ code }) => !tasting.seats[0]?.order.includes(code));
    expect(withMark(tasting, '1', foreign?.code ?? '', { liking: 5 })).toBe(tasting);
    const closed = { ...tasting, closedAt: '2027-06-12T11:00:00.000Z' };
    expect(withChoice(closed, '1', tasting.seats[0]?.order[0] ?? '').marks).toEqual([]);
  });

  test('of a choice are one; tapped again none', () => {
    const tasting = planned('prefer', 2, 1);
    const [one = '', other = ''] = tasting.seats[0]?.order ?? [];
    const chosen = withChoice(withChoice(tasting, '1', one), '1', other);
    expect(chosen.marks).toEqual([{ seatId: '1', code: other, chosen: true }]);
    expect(withChoice(chosen, '1', other).marks).toEqual([]);
  });

  test('of an order go up by one; one taken out closes the gap', () => {
    const tasting = planned('rank', 3, 1);
    const [a = '', b = '', c = ''] = tasting.seats[0]?.order ?? [];
    const all = [b, c, a].reduce((now, code) => withNextRank(now, '1', code), tasting);
    expect([a, b, c].map((code) => markOf(all, '1', code).rank)).toEqual([3, 1, 2]);
    const less = withNextRank(all, '1', b);
    expect([a, b, c].map((code) => markOf(less, '1', code).rank)).toEqual([2, undefined, 1]);
  });

  test('leave a pot open until all that is asked is said, words and notes left aside', () => {
    const tasting = planned('each', 2, 1);
    const seat = tasting.seats[0];
    const [code = '', other = ''] = seat?.order ?? [];
    if (!seat) throw new Error('no seat');
    const half = withMark(tasting, '1', code, { liking: 6, jar: { salt: 3 } });
    expect(openPots(half, seat)).toEqual([code, other]);
    expect(openPots(withMark(half, '1', code, { jar: { salt: 3, sour: 2 } }), seat)).toEqual([
      other,
    ]);
  });
});

describe('what it says', () => {
  test('one pair preferred by nine of ten is the exact binomial, two-sided', () => {
    let tasting = planned('prefer', 2, 10);
    for (const seat of tasting.seats) {
      const wanted = seat.id === '10' ? 's2' : 's1';
      tasting = withChoice(tasting, seat.id, codeOf(tasting, wanted));
    }
    const { question } = tastingResult(tasting);
    expect(question?.chosen).toEqual([
      { sampleId: 's1', n: 9 },
      { sampleId: 's2', n: 1 },
    ]);
    expect(question?.p).toBeCloseTo(22 / 1024, 12);
  });

  test('in a triangle whoever takes the once-served one is right, whichever that is', () => {
    let tasting = planned('odd', 2, 6);
    for (const seat of tasting.seats) {
      const of = (code: string) => tasting.pots.find((pot) => pot.code === code)?.sampleId;
      const odd = seat.order.find(
        (code) => seat.order.filter((one) => of(one) === of(code)).length === 1,
      );
      const even = seat.order.find((code) => code !== odd);
      tasting = withChoice(tasting, seat.id, (seat.id === '6' ? even : odd) ?? '');
    }
    const { question } = tastingResult(tasting);
    expect([question?.n, question?.correct]).toEqual([6, 5]);
    // five or six of six: 6 · 2 + 1 of 3⁶
    expect(question?.p).toBeCloseTo(13 / 729, 12);
  });

  test('orders by everybody alike have mean places one to three, and Friedman’s exact chance', () => {
    let tasting = planned('rank', 3, 4);
    for (const seat of tasting.seats) {
      for (const sample of ['s2', 's1', 's3']) {
        tasting = withNextRank(tasting, seat.id, codeOf(tasting, sample));
      }
    }
    const { order } = tastingResult(tasting);
    expect(order?.places.map(({ place }) => place)).toEqual([1, 2, 3]);
    expect(order?.places[0]?.code).toBe(codeOf(tasting, 's2'));
    // all four alike: 3! of 6⁴
    expect(order?.friedman?.p).toBeCloseTo(6 / 6 ** 4, 12);
  });

  test('two pots of the same show who told them apart, and tasters who go different ways are named', () => {
    let tasting = planned('each', 2, 3, { twice: 's1' });
    const says = [
      [7, 7, 3],
      [8, 5, 4],
      [2, 3, 8],
    ];
    const codes = [codeOf(tasting, 's1'), codeOf(tasting, 's1', 1), codeOf(tasting, 's2')];
    says.forEach((likings, i) => {
      likings.forEach((liking, at) => {
        tasting = withMark(tasting, String(i + 1), codes[at] ?? '', { liking });
      });
    });
    const { twins, apart, panel, tasters } = tastingResult(tasting);
    expect(tasters).toBe(3);
    expect(twins[0]?.seats).toEqual([
      { seatId: '1', by: 0 },
      { seatId: '2', by: 3 },
      { seatId: '3', by: -1 },
    ]);
    // means 17/3 and 13/3: 4/3 and 7/3, 4/3 and 4/3, 8/3 and 11/3 apart
    expect(apart[0]?.seats).toEqual(['1', '3']);
    expect(apart[0]?.by).toBeCloseTo((11 / 3 + 8 / 3 + 19 / 3) / 3, 9);
    expect(panel?.liking[codes[0] ?? '']?.mean).toBeCloseTo(17 / 3, 12);
  });

  test('words are counted by pot, and nothing said says nothing', () => {
    const tasting = planned('each', 2, 2);
    expect(tastingResult(tasting)).toMatchObject({ panel: null, tasters: 0, words: [] });
    const [{ code = '' } = {}] = tasting.pots;
    const ticked = ['1', '2'].reduce(
      (now, seat) => withMark(now, seat, code, { words: ['nutty'] }),
      tasting,
    );
    expect(tastingResult(ticked).words).toEqual([{ code, word: 'nutty', n: 2 }]);
  });
});

describe('people at one bowl', () => {
  test('agree where more than half say the same, and differ where none have half', () => {
    let tasting = planned('each', 1, 4);
    const code = codeOf(tasting, 's1');
    const salt = [2, 1, 3, 2];
    const sour = [2, 4, 3, undefined];
    salt.forEach((mark, i) => {
      const other = sour[i];
      const jar = { salt: mark, ...(other === undefined ? {} : { sour: other }) };
      tasting = withMark(tasting, String(i + 1), code, { jar });
    });
    expect(agreements(tasting, code)).toEqual([
      { name: 'salt', side: 'low', n: 3, of: 4 },
      { name: 'sour', side: null, n: 1, of: 3 },
    ]);
    expect(agreements(planned('each', 1, 2), code)).toEqual([]);
  });

  test('their bowl becomes a trial, and what they said goes with it', () => {
    const tasting = planned('each', 2, 1);
    const [first, ...rest] = tasting.samples;
    const bowl = { ...first, id: 's1', name: 'bowl', of: { kind: 'run' as const, id: 'r1' } };
    const atBowl = { ...tasting, samples: [bowl, ...rest] };
    const [moved] = tastingsOfTrial([tasting, atBowl], 'r1', 't9');
    expect(moved?.samples.map(({ of }) => of)).toEqual([
      { kind: 'trial', id: 't9' },
      { kind: 'dip', id: 'd2' },
    ]);
    expect(tastingsOfTrial([tasting], 'r1', 't9')).toEqual([]);
  });
});

describe('what so few can show', () => {
  test('five can show nothing of two pots, six only that all agree', () => {
    expect(canShow('each', 5)).toMatchObject({ agreeing: null, noticing: null });
    expect(canShow('each', 5).leastP).toBeCloseTo(2 / 32, 12);
    expect(canShow('each', 6).agreeing).toBe(6);
    // all six choose alike four times in five: 1/2 + x/2 to the sixth is 0.8
    const noticing = canShow('each', 6).noticing ?? 0;
    expect((0.5 + noticing / 2) ** 6).toBeCloseTo(0.8, 2);
  });

  test('of a triangle three can show a difference, if all find it', () => {
    expect(canShow('odd', 2).agreeing).toBeNull();
    expect(canShow('odd', 3)).toMatchObject({ test: 'triangle', agreeing: 3 });
    expect(canShow('odd', 3).leastP).toBeCloseTo(1 / 27, 12);
  });
});

describe('as CSV', () => {
  const text = fc.string({ minLength: 1, maxLength: 20 }).map((one) => `n ${one.trim()}`);
  const likings = fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined });
  const marks = fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined });

  test('what is written is read again, whatever the names and notes', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(text, likings, marks, fc.boolean()), { minLength: 1, maxLength: 6 }),
        (said) => {
          const names = said.map(([name], i) => `${['', '=', '@', '-'][i % 4]}${i} ${name}`);
          const empty = planned('each', 2, said.length, { tasters: names });
          let full = empty;
          said.forEach(([note, liking, salt, word], i) => {
            full = withMark(full, String(i + 1), full.seats[i]?.order[0] ?? '', {
              ...{ liking, note: note.trim() },
              jar: salt === undefined ? undefined : { salt },
              words: word ? ['nutty', 'flat'] : undefined,
            });
          });
          const { tasting, faults } = readTastingCsv(empty, tastingCsv(full));
          expect(faults).toEqual([]);
          const sorted = (one: Tasting) =>
            [...one.marks].sort((a, b) => Number(a.seatId) - Number(b.seatId));
          expect(sorted(tasting)).toEqual(sorted(full));
        },
      ),
    );
  });

  test('a cell that a table program would run is made harmless', () => {
    const tasting = planned('each', 1, 1, { tasters: ['=cmd()'] });
    expect(tastingCsv(tasting)).toContain("'=cmd()");
  });

  test('a wrong line is named with its reason and takes no other with it', () => {
    const tasting = withSeat(planned('each', 2, 2), '1', { name: 'Stroke' });
    const [one = '', other = ''] = tasting.seats[0]?.order ?? [];
    const file = [
      'code,Taster,liking,salt',
      `${one},stroke,8,3`,
      `${other},Stroke,ten,3`,
      `${one},Cox,5,3`,
      `999x,Stroke,5,3`,
      `${other},Seat 2,,9`,
      `${other},Seat 2,4,`,
    ].join('\r\n');
    const { tasting: read, taken, faults } = readTastingCsv(tasting, `\uFEFF${file}`);
    expect(taken).toBe(2);
    expect(faults.map(({ line }) => line)).toEqual([3, 4, 5, 6]);
    expect(faults[0]?.says).toContain('“ten”');
    expect(markOf(read, '1', one)).toMatchObject({ liking: 8, jar: { salt: 3 } });
    expect(markOf(read, '2', other).liking).toBe(4);
    expect(readTastingCsv(tasting, 'a,b\n1,2').faults).toHaveLength(2);
  });

  test('any text at all is read without a fall, and changes nothing it does not say', () => {
    const tasting = planned('each', 2, 2);
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (file) => {
        const { taken, tasting: read } = readTastingCsv(tasting, file);
        expect(taken).toBe(0);
        expect(read).toBe(tasting);
      }),
    );
  });
});

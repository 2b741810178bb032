import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { garlicInOil } from '../../test/thingOf';
import { kitchenOf } from '../../test/kitchenOf';
import { shippedLarder } from '../larder/larder';
import { type Batch, leftIn, unpotted } from './batch';
import { larderWithMade } from './madeHere';
import { type MayGo, madeReady, takeMade, usesOf, withinItsDay } from './takeMade';
import { offId } from '../larder/madeId';
import { expectedYield, thingBatches } from './thingBatch';

const kitchen = kitchenOf({
  larder: larderWithMade(shippedLarder, { things: [garlicInOil], dips: [] }, 'us'),
});
const made = (
  madeOn: string,
  ids: [string, string],
  weighed: Partial<{ staysG: number; offG: number }> = {},
) =>
  thingBatches(
    garlicInOil,
    { factor: 1, staysG: null, offG: null, ...weighed },
    kitchen,
    ids,
    { madeOn, madeAt: `${madeOn}T09:00:00.000Z` },
    new Set(['SGO-1206-1']),
  );
const anyTime: MayGo = (_batch, pot) => pot?.place !== 'freezer';
const oilRow = (massG: number) => [{ ingredientId: offId('garlic'), massG }];
const left = (batches: readonly Batch[]) =>
  batches.reduce(
    (sum, batch) => sum + unpotted(batch) + batch.pots.reduce((g, pot) => g + leftIn(pot), 0),
    0,
  );

describe('a making of a thing', () => {
  test('is a batch for each of what it gives, and accounts for all that went in', () => {
    expect(expectedYield(garlicInOil, kitchen)).toEqual({
      ...{ inG: 300, staysG: expect.closeTo(48, 6) as unknown as number },
      offG: expect.closeTo(234, 6) as unknown as number,
    });
    const batches = made('2026-06-12', ['cloves', 'oil'], { offG: 228 });
    expect(batches.map(({ code, yieldG }) => [code, Math.round(yieldG)])).toEqual([
      ['SGO-1206-2', 48],
      ['GOO-1206-1', 228],
    ]);
    const accounted = batches.reduce(
      (sum, one) => sum + one.yieldG + one.losses.reduce((g, { g: lost }) => g + lost, 0),
      0,
    );
    expect(accounted).toBeCloseTo(300, 6);
    const rows = batches.flatMap((one) => one.rows).reduce((sum, { massG }) => sum + massG, 0);
    expect(rows).toBeCloseTo(300, 6);
  });
});

describe('what goes into a dip', () => {
  const old = made('2026-06-09', ['c1', 'o1']);
  const young = made('2026-06-11', ['c2', 'o2']);

  test('is taken out of the oldest first, then the next, and never of another thing', () => {
    const changed = takeMade([...young, ...old], oilRow(250), '2026-06-12', 'trial', anyTime);
    expect(changed.map(({ id }) => id)).toEqual(['o1', 'o2']);
    const [first, second] = changed;
    expect(first?.pots[0]?.gone).toEqual({ how: 'used', on: '2026-06-12', why: '' });
    expect(leftIn(second?.pots[0] ?? ((old[0] as Batch).pots[0] as never))).toBeCloseTo(218, 6);
    expect(second?.pots[0]?.openedOn).toBe('2026-06-12');
  });

  test('is kept with its dates, for what it went into', () => {
    const changed = takeMade(old, oilRow(20), '2026-06-12', 'trial', anyTime);
    const uses = usesOf([...changed, ...young], 'trial', kitchen);
    expect(uses).toEqual([
      { name: 'Garlic oil, ours', code: 'GOO-0906-1', madeOn: '2026-06-09', fridgeDays: 4 },
    ]);
    expect(usesOf(changed, 'another', kitchen)).toEqual([]);
  });

  test('is not taken out of what is frozen or gone, nor more than there is', () => {
    const frozen = old.map((batch) => ({
      ...batch,
      pots: batch.pots.map((pot) => ({ ...pot, place: 'freezer' as const })),
    }));
    expect(takeMade(frozen, oilRow(20), '2026-06-12', 't', anyTime)).toEqual([]);
    expect(madeReady(frozen, anyTime).size).toBe(0);
    const all = takeMade(old, oilRow(900), '2026-06-12', 't', anyTime);
    expect(left(all)).toBeCloseTo(0, 6);
  });

  test('is never lost nor found: what is left and what went in are what there was', () => {
    const amounts = fc.array(fc.double({ min: 0, max: 120, noNaN: true }), { maxLength: 8 });
    fc.assert(
      fc.property(amounts, fc.boolean(), (takes, potted) => {
        let batches = [...old, ...young].map((batch) =>
          potted ? batch : { ...batch, pots: batch.pots.map((pot) => ({ ...pot, g: pot.g / 3 })) },
        );
        const had = left(batches);
        takes.forEach((g, i) => {
          const changed = new Map(
            takeMade(batches, oilRow(g), '2026-06-12', `t${i}`, anyTime).map((one) => [
              one.id,
              one,
            ]),
          );
          batches = batches.map((one) => changed.get(one.id) ?? one);
        });
        const went = batches.flatMap(({ pots }) => pots.flatMap(({ taken = [] }) => taken));
        expect(left(batches) + went.reduce((sum, { g }) => sum + g, 0)).toBeCloseTo(had, 6);
        const inPots = batches.map(
          (one) => one.pots.reduce((sum, { g }) => sum + g, 0) + unpotted(one) - one.yieldG,
        );
        for (const off of inPots) expect(Math.abs(off)).toBeLessThan(1e-6);
      }),
    );
  });

  test('is not taken out of what is past its day, nor does that stand ready', () => {
    const all = [...old, ...young];
    // four days from the 9th and from the 11th
    const on = (today: string) => withinItsDay(all, kitchen, Date.parse(`${today}T10:00`), today);
    const ids = (today: string) =>
      takeMade(all, oilRow(20), today, 't', on(today)).map(({ id }) => id);
    expect([ids('2026-06-13'), ids('2026-06-14'), ids('2026-06-16')]).toEqual([['o1'], ['o2'], []]);
    expect(madeReady(all, on('2026-06-14')).get(offId('garlic'))).toBeCloseTo(234, 6);
    expect(madeReady(all, on('2026-06-16')).size).toBe(0);
    const stoodOut = young.map((batch) => ({
      ...batch,
      pots: batch.pots.map((pot) => ({ ...pot, outMin: 300 })),
    }));
    const mayGo = withinItsDay(stoodOut, kitchen, Date.parse('2026-06-12T10:00'), '2026-06-12');
    expect(madeReady(stoodOut, mayGo).size).toBe(0);
  });
});
